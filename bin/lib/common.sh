# Words, places and ports that every part uses.

STATE="$ROOT/storage/dew"
LOGS="$ROOT/storage/logs"

say() { printf '%s\n' "$*"; }

fail() {
    printf '\nDew: %s\n' "$*" >&2
    exit 1
}

is_root() { [ "$(id -u)" -eq 0 ]; }

need_writable() {
    mkdir -p "$STATE" "$LOGS" "$ROOT"/storage/app "$ROOT"/storage/framework/{cache/data,sessions,views} "$ROOT/bootstrap/cache" 2>/dev/null || true
    chmod 700 "$STATE" "$LOGS" 2>/dev/null || true
    local place
    for place in "$STATE" "$LOGS" "$ROOT/storage/framework" "$ROOT/bootstrap/cache"; do
        # `-w` is true for root even on a read-only file system: write for real.
        if ! (: >"$place/.writable") 2>/dev/null; then
            fail "cannot write in $place. Dew keeps its files there: copy the folder to a place you may write to, or change its owner to $(id -un)."
        fi
        rm -f "$place/.writable"
    done
}

port_answers() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# A port is busy when nobody else can have it: somebody listens there, or a connection to elsewhere happens to use it.
port_is_busy() {
    port_answers "$1" || ! php -r 'exit(@stream_socket_server("tcp://".$argv[1].":".$argv[2]) === false ? 1 : 0);' "${HOST:-127.0.0.1}" "$1"
}

# free_port FIRST: the first free port from there on.
free_port() {
    local port
    for ((port = $1; port < $1 + 200; port++)); do
        if ! port_is_busy "$port"; then
            echo "$port"
            return
        fi
    done
    fail "no free port between $1 and $(($1 + 199))."
}

random_port() { free_port $((20000 + RANDOM % 12000)); }

random_word() { php -r 'echo bin2hex(random_bytes(16));'; }

# remember NAME VALUE / recall NAME: small facts that outlive a start.
remember() { printf '%s\n' "$2" >"$STATE/$1"; }
recall() { [ -f "$STATE/$1" ] && cat "$STATE/$1"; }

# set_env NAME VALUE: one line of .env, added or replaced.
set_env() {
    if grep -q "^$1=" "$ROOT/.env"; then
        local line
        line=$(printf '%s=%s' "$1" "$2" | sed 's/[&|\\]/\\&/g')
        sed -i "s|^$1=.*|$line|" "$ROOT/.env"
    else
        printf '%s=%s\n' "$1" "$2" >>"$ROOT/.env"
    fi
}

get_env() { sed -n "s/^$1=//p" "$ROOT/.env" 2>/dev/null | head -1; }

artisan() { php "$ROOT/artisan" "$@"; }
