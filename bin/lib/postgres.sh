# A private PostgreSQL on loopback that belongs to this checkout (or to one test run).

# PostgreSQL refuses to run as root: then it runs as Debian's `postgres`, from a place that user can reach.
as_postgres() {
    if is_root; then
        (cd / && runuser -u postgres -- "$@")
    else
        "$@"
    fi
}

# Where the checkout's own cluster lives.
cluster_place() {
    if is_root; then
        echo "/var/lib/dew/$(printf '%s' "$ROOT" | sha256sum | cut -c1-12)"
    else
        echo "$ROOT/storage/postgres"
    fi
}

# cluster_create PLACE PASSWORD: UTF-8, passwords even on loopback. The password is that of the role that looks after the cluster; the
# application is an ordinary role, see database_create.
cluster_create() {
    local place=$1 secret
    mkdir -p "$place"
    rm -rf "$place/data.new"
    secret=$(mktemp)
    printf '%s' "$2" >"$secret"
    if is_root; then
        chown postgres "$place" "$secret"
    fi
    as_postgres "$(postgres_bin)/initdb" -D "$place/data.new" -U dew_admin --pwfile="$secret" --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8 >"$LOGS/initdb.log" 2>&1 ||
        { rm -f "$secret"; tail -5 "$LOGS/initdb.log" >&2; fail "PostgreSQL could not make its folder in $place."; }
    rm -f "$secret"
    # Renamed only when whole, so that a start that was cut short leaves nothing that looks like a cluster.
    mv "$place/data.new" "$place/data"
}

cluster_is_up() { as_postgres "$(postgres_bin)/pg_ctl" -D "$1/data" status >/dev/null 2>&1; }

# A pid file whose number now belongs to some other program would keep PostgreSQL from starting.
cluster_drop_stale_pid() {
    local file="$1/data/postmaster.pid" pid
    [ -f "$file" ] || return 0
    pid=$(head -1 "$file")
    if [ ! -d "/proc/$pid" ] || ! grep -q postgres "/proc/$pid/comm" 2>/dev/null; then
        rm -f "$file"
    fi
}

# cluster_start PLACE PORT [OPTIONS]
cluster_start() {
    local place=$1 port=$2
    cluster_drop_stale_pid "$place"
    as_postgres "$(postgres_bin)/pg_ctl" -D "$place/data" -w -t 60 -l "$place/postgres.log" \
        -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' ${3:-}" start >/dev/null 2>&1 8>&- 9>&-
}

cluster_stop() {
    [ -d "$1/data" ] || return 0
    as_postgres "$(postgres_bin)/pg_ctl" -D "$1/data" -w -t 30 -m fast stop >/dev/null 2>&1 || true
}

# admin_psql PORT ROLE PASSWORD DATABASE SQL: one statement by the role that looks after the cluster.
admin_psql() { PGPASSWORD=$3 "$(postgres_bin)/psql" -h 127.0.0.1 -p "$1" -U "$2" -d "$4" -v ON_ERROR_STOP=1 -qtAc "$5"; }

# database_create PORT ADMIN ADMIN_PASSWORD ROLE PASSWORD NAME [RIGHTS]: an ordinary role for the application and a database that is its
# own, unless they are there. The role's password becomes the one given.
database_create() {
    local port=$1 admin=$2 secret=$3 role=$4 password=$5 name=$6 rights=${7:-NOCREATEDB} have
    have=$(admin_psql "$port" "$admin" "$secret" postgres "select 1 from pg_roles where rolname = '$role'") || return 1
    [ "$have" = 1 ] || admin_psql "$port" "$admin" "$secret" postgres "create role $role login" || return 1
    # By standard input, so that no list of processes shows the password.
    printf "alter role %s with nosuperuser nocreaterole %s password '%s'" "$role" "$rights" "$password" |
        PGPASSWORD=$secret "$(postgres_bin)/psql" -h 127.0.0.1 -p "$port" -U "$admin" -d postgres -v ON_ERROR_STOP=1 -q || return 1
    have=$(admin_psql "$port" "$admin" "$secret" postgres "select 1 from pg_database where datname = '$name'") || return 1
    if [ "$have" != 1 ]; then
        admin_psql "$port" "$admin" "$secret" postgres "create database $name owner $role" || return 1
    fi
}

# database_hand_over PORT ADMIN ADMIN_PASSWORD ROLE NAME: everything in a database becomes the role's, which an earlier release let the
# cluster's own role make.
database_hand_over() {
    admin_psql "$1" "$2" "$3" postgres "alter database $5 owner to $4" || return 1
    admin_psql "$1" "$2" "$3" "$5" "
        alter schema public owner to $4;
        do \$\$ declare thing record; begin
            for thing in select format('%I.%I', schemaname, tablename) as name from pg_tables where schemaname = 'public' loop
                execute 'alter table ' || thing.name || ' owner to $4';
            end loop;
            for thing in select format('%I.%I', sequence_schema, sequence_name) as name from information_schema.sequences where sequence_schema = 'public' loop
                execute 'alter sequence ' || thing.name || ' owner to $4';
            end loop;
        end \$\$"
}
