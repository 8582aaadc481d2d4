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

# cluster_create PLACE PASSWORD: UTF-8, one role `dew`, passwords even on loopback.
cluster_create() {
    local place=$1 secret
    mkdir -p "$place"
    rm -rf "$place/data.new"
    secret=$(mktemp)
    printf '%s' "$2" >"$secret"
    if is_root; then
        chown postgres "$place" "$secret"
    fi
    as_postgres "$(postgres_bin)/initdb" -D "$place/data.new" -U dew --pwfile="$secret" --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8 >"$LOGS/initdb.log" 2>&1 ||
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

# database_create PORT PASSWORD NAME: unless it is there.
database_create() {
    local have
    have=$(PGPASSWORD=$2 "$(postgres_bin)/psql" -h 127.0.0.1 -p "$1" -U dew -d postgres -tAc "select 1 from pg_database where datname = '$3'") || return 1
    [ "$have" = 1 ] || PGPASSWORD=$2 "$(postgres_bin)/createdb" -h 127.0.0.1 -p "$1" -U dew "$3"
}
