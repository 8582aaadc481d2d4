# start, stop, status, fresh: one supervisor that owns every process and ends them all.

WEB_WORKERS=4
declare -A CHILDREN=()

write_env() {
    if [ ! -f .env ]; then
        (umask 077 && cp .env.example .env)
    fi
    [ -n "$(get_env APP_KEY)" ] || set_env APP_KEY "base64:$(php -r 'echo base64_encode(random_bytes(32));')"
    [ -n "$(get_env DB_PASSWORD)" ] || set_env DB_PASSWORD "$(random_word)"
}

# bring_up_database: the checkout's cluster, created and started when it is not.
bring_up_database() {
    local place port
    place=$(cluster_place)
    [ -d "$place/data" ] || cluster_create "$place" "$(get_env DB_PASSWORD)"
    port=$(recall db-port || true)
    if ! cluster_is_up "$place"; then
        if [ -z "$port" ] || port_is_busy "$port"; then
            port=$(free_port 54330)
        fi
        cluster_start "$place" "$port" || { tail -5 "$place/postgres.log" >&2; fail "PostgreSQL did not start (the lines above)."; }
        remember db-port "$port"
    fi
    set_env DB_PORT "$port"
    database_create "$port" "$(get_env DB_PASSWORD)" "$(get_env DB_DATABASE)" ||
        fail "PostgreSQL on port $port does not take the password in .env. If .env was replaced, put the old DB_PASSWORD back, or remove $place to begin anew (its data goes with it)."
}

is_running() { ! flock -n "$STATE/run.lock" true; }

# launch NAME COMMAND...: in a process group of its own, so that it can be ended with everything it started.
launch() {
    local name=$1
    shift
    setsid "$@" >>"$LOGS/$name.log" 2>&1 8>&- 9>&- &
    CHILDREN[$name]=$!
    echo "$!" >>"$STATE/children"
}

# A supervisor that was killed outright leaves its children: end those that are still this checkout's.
end_leftovers() {
    local pid
    [ -f "$STATE/children" ] || return 0
    while read -r pid; do
        if tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF "$ROOT/"; then
            kill -TERM -- "-$pid" 2>/dev/null || true
        fi
    done <"$STATE/children"
    rm -f "$STATE/children"
    sleep 0.5
}

launch_web() { PHP_CLI_SERVER_WORKERS=$WEB_WORKERS launch web php -d opcache.enable=1 -d opcache.validate_timestamps=1 -d expose_php=0 -d variables_order=EGPCS -S "$HOST:$PORT" -t "$ROOT/public" "$ROOT/bin/lib/router.php"; }
launch_queue() { launch queue php "$ROOT/artisan" queue:work --tries=3 --max-time=3600 --sleep=2; }
launch_scheduler() { launch scheduler php "$ROOT/artisan" schedule:work; }

stop_children() {
    local name pid
    trap '' INT TERM HUP
    for name in "${!CHILDREN[@]}"; do kill -TERM -- "-${CHILDREN[$name]}" 2>/dev/null || true; done
    for _ in $(seq 50); do
        local alive=0
        for pid in "${CHILDREN[@]}"; do kill -0 -- "-$pid" 2>/dev/null && alive=1; done
        [ $alive -eq 0 ] && break
        sleep 0.1
    done
    for pid in "${CHILDREN[@]}"; do kill -KILL -- "-$pid" 2>/dev/null || true; done
    cluster_stop "$(cluster_place)"
    rm -f "$STATE/supervisor.pid" "$STATE/children"
}

choose_port() {
    local asked=$1 last
    if [ -n "$asked" ]; then
        port_is_busy "$asked" && fail "port $asked is busy. Choose another with --port, or leave it out and Dew finds one."
        PORT=$asked
    else
        last=$(recall web-port || true)
        PORT=$(free_port "${last:-8080}")
        [ -z "$last" ] || [ "$last" = "$PORT" ] || say "Port $last is busy now: using $PORT."
    fi
    remember web-port "$PORT"
}

dew_start() {
    local asked=${DEW_PORT:-}
    HOST=${DEW_HOST:-127.0.0.1}
    while [ $# -gt 0 ]; do
        case "$1" in
            --port) asked=${2:?--port takes a number}; shift 2 ;;
            --host) HOST=${2:?--host takes an address}; shift 2 ;;
            *) fail "start does not know \"$1\". See bin/dew help." ;;
        esac
    done
    [[ -z "$asked" || "$asked" =~ ^[0-9]+$ ]] || fail "--port takes a number, not \"$asked\"."
    need_writable
    is_running && fail "already running at $(recall address || echo 'its address'). Stop it with bin/dew stop."
    install_everything
    exec 9>"$STATE/run.lock"
    flock -n 9 || fail "another start is under way in this folder."
    trap 'stop_children; exit 0' INT TERM HUP
    trap stop_children EXIT
    echo $$ >"$STATE/supervisor.pid"
    end_leftovers
    write_env
    choose_port "$asked"
    set_env APP_URL "http://$HOST:$PORT"
    bring_up_database
    artisan config:clear --quiet
    artisan migrate --force --quiet
    artisan dew:demo --if-empty
    launch_web
    launch_queue
    launch_scheduler
    wait_for_web
    remember address "http://$HOST:$PORT"
    say ""
    say "Dew is at http://$HOST:$PORT"
    artisan dew:demo --sign-ins
    say "Ctrl-C stops everything."
    supervise
}

wait_for_web() {
    for _ in $(seq 100); do
        php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "http://$HOST:$PORT/up" && return 0
        kill -0 "${CHILDREN[web]}" 2>/dev/null || break
        sleep 0.1
    done
    tail -5 "$LOGS/web.log" >&2
    fail "the web server did not come up (the lines above, from storage/logs/web.log)."
}

# Starts again whatever ends by itself; gives up when it ends at once, over and over.
supervise() {
    local ended name quick=0 began
    while true; do
        began=$SECONDS
        wait -n -p ended "${CHILDREN[@]}" || true
        for name in "${!CHILDREN[@]}"; do
            [ "${CHILDREN[$name]}" = "${ended:-}" ] || continue
            quick=$((SECONDS - began < 5 ? quick + 1 : 0))
            [ $quick -lt 5 ] || fail "the $name process keeps ending. See storage/logs/$name.log."
            sleep 1
            "launch_$name"
        done
    done
}

dew_stop() {
    need_writable
    local pid
    if is_running; then
        pid=$(cat "$STATE/supervisor.pid" 2>/dev/null || true)
        if [ -n "$pid" ]; then
            kill -TERM "$pid" 2>/dev/null || true
            for _ in $(seq 150); do
                is_running || break
                sleep 0.1
            done
        fi
        is_running && fail "it did not stop within 15 seconds (process ${pid:-unknown})."
        say "Stopped."
    else
        end_leftovers
        [ -z "$(postgres_bin)" ] || cluster_stop "$(cluster_place)"
        say "Dew is not running."
    fi
}

dew_status() {
    if [ -d "$STATE" ] && is_running; then
        say "Dew is running at $(recall address)."
        say "Supervisor: process $(cat "$STATE/supervisor.pid"). PostgreSQL: port $(recall db-port). Logs: storage/logs/."
    else
        say "Dew is not running."
        return 3
    fi
}

dew_fresh() {
    install_everything
    write_env
    local running=0
    is_running && running=1
    bring_up_database
    artisan migrate:fresh --force --quiet
    artisan cache:clear --quiet
    artisan dew:demo
    [ $running -eq 1 ] || cluster_stop "$(cluster_place)"
    say "The demo data is as it was at the first start."
}
