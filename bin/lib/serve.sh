# start, stop, status, fresh: one supervisor that owns every process and ends them all.

WEB_WORKERS=4
FIRST_DATABASE_PORT=15430
WATCH_SECONDS=2
declare -A CHILDREN=()
declare -A STARTED_AT=()

write_env() {
    if [ ! -f .env ]; then
        (umask 077 && cp .env.example .env)
    fi
    [ -n "$(get_env APP_KEY)" ] || set_env APP_KEY "base64:$(php -r 'echo base64_encode(random_bytes(32));')"
    [ -n "$(get_env DB_PERSISTENT)" ] || set_env DB_PERSISTENT true
    [ -n "$(get_env DB_PASSWORD)" ] || set_env DB_PASSWORD "$(random_word)"
}

# bring_up_database: the checkout's cluster, created and started when it is not.
bring_up_database() {
    local place port
    place=$(cluster_place)
    if [ ! -d "$place/data" ]; then
        (umask 077 && remember db-admin "$(random_word)")
        cluster_create "$place" "$(recall db-admin)"
    fi
    port=$(recall db-port || true)
    if ! cluster_is_up "$place"; then
        # Ports from 32768 on are given to outgoing connections: a port there may be taken at any start.
        if [ -z "$port" ] || [ "$port" -ge 32768 ] || port_is_busy "$port"; then
            port=$(free_port "$FIRST_DATABASE_PORT")
        fi
        cluster_start "$place" "$port" || { tail -5 "$place/postgres.log" >&2; fail "PostgreSQL did not start (the lines above)."; }
        remember db-port "$port"
    fi
    set_env DB_PORT "$port"
    if [ -f "$STATE/db-admin" ]; then
        database_create "$port" dew_admin "$(recall db-admin)" "$(get_env DB_USERNAME)" "$(get_env DB_PASSWORD)" "$(get_env DB_DATABASE)"
    else
        take_over_database "$port"
    fi ||
        fail "PostgreSQL on port $port does not take the password in .env. If .env was replaced, put the old DB_PASSWORD back, or remove $place to begin anew (its data goes with it)."
}

# take_over_database PORT: a cluster of an earlier release, whose own role `dew` the application used. It becomes an ordinary role's.
take_over_database() {
    local port=$1 password role
    password=$(get_env DB_PASSWORD)
    role=$(get_env DB_USERNAME)
    [ "$role" = dew ] || [ "$role" = dew_app ] || return 1
    database_create "$port" dew "$password" dew_app "$password" "$(get_env DB_DATABASE)" &&
        database_hand_over "$port" dew "$password" dew_app "$(get_env DB_DATABASE)" || return 1
    set_env DB_USERNAME dew_app
}

lock_is_held() { ! flock -n "$STATE/run.lock" true; }

# The lock alone does not tell: what a supervisor had just called holds it a moment longer than the supervisor lives.
is_running() { lock_is_held && [ -d "/proc/$(recall supervisor.pid || echo none)" ]; }

# launch NAME COMMAND...: in a process group of its own, so that it can be ended with everything it started.
launch() {
    local name=$1
    shift
    (umask 077 && : >>"$LOGS/$name.log")
    setsid "$@" >>"$LOGS/$name.log" 2>&1 8>&- 9>&- &
    CHILDREN[$name]=$!
    STARTED_AT[$name]=$SECONDS
    echo "$!" >>"$STATE/children"
}

# The processes that only a start makes: this checkout's web server, its workers, the queue and the scheduler with what it runs.
left_over() {
    local file words
    for file in /proc/[0-9]*/cmdline; do
        # It may have ended since it was listed.
        { words=$(tr '\0' ' ' <"$file"); } 2>/dev/null || continue
        case "$words" in
            *"-t $ROOT/public $ROOT/bin/lib/router.php"* | *"$ROOT/artisan queue:work"* | *"$ROOT/artisan schedule:"*)
                file=${file#/proc/}
                echo "${file%/cmdline}"
                ;;
        esac
    done
}

# A supervisor that was killed outright leaves its children, and those theirs: end them.
end_leftovers() {
    local pids
    rm -f "$STATE/children"
    pids=$(left_over)
    [ -n "$pids" ] || return 0
    # shellcheck disable=SC2086
    kill -TERM $pids 2>/dev/null || true
    for _ in $(seq 30); do
        sleep 0.1
        [ -n "$(left_over)" ] || return 0
    done
    # shellcheck disable=SC2086
    kill -KILL $(left_over) 2>/dev/null || true
    sleep 0.2
}

launch_web() { PHP_CLI_SERVER_WORKERS=$WEB_WORKERS launch web php -d opcache.enable=1 -d opcache.validate_timestamps=1 -d expose_php=0 -d variables_order=EGPCS -d upload_max_filesize=20M -d post_max_size=22M -S "$HOST:$PORT" -t "$ROOT/public" "$ROOT/bin/lib/router.php"; }
# Three queues, each with a worker and a time limit of its own; pages and mails come before what is worked out at length.
launch_queue() { launch queue php "$ROOT/artisan" queue:work --queue=default --tries=3 --max-time=3600 --sleep=0.5; }
launch_publishing() { launch publishing nice -n 10 php -d opcache.enable_cli=1 -d memory_limit=1G "$ROOT/artisan" queue:work publishing --timeout=900 --tries=1 --max-time=3600 --sleep=0.5; }
launch_prints() { launch prints nice -n 5 php -d opcache.enable_cli=1 -d memory_limit=1G "$ROOT/artisan" queue:work prints --timeout=150 --tries=1 --max-time=3600 --sleep=0.3; }
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
    SHOW_SIGN_INS=0
    HOST=${DEW_HOST:-127.0.0.1}
    while [ $# -gt 0 ]; do
        case "$1" in
            --port) asked=${2:?--port takes a number}; shift 2 ;;
            --host) HOST=${2:?--host takes an address}; shift 2 ;;
            --show-sign-ins) SHOW_SIGN_INS=1; shift ;;
            *) fail "start does not know \"$1\". See bin/dew help." ;;
        esac
    done
    [[ -z "$asked" || "$asked" =~ ^[0-9]+$ ]] || fail "--port takes a number, not \"$asked\"."
    need_writable
    is_running && fail "already running at $(recall address || echo 'its address'). Stop it with bin/dew stop."
    install_everything
    exec 9>"$STATE/run.lock"
    flock -w 5 9 || fail "another start is under way in this folder."
    trap 'stop_children; exit 0' INT TERM HUP
    trap stop_children EXIT
    echo $$ >"$STATE/supervisor.pid"
    end_leftovers
    write_env
    choose_port "$asked"
    set_env APP_URL "http://$(visible_host):$PORT"
    if is_loopback || [ "$SHOW_SIGN_INS" -eq 1 ]; then set_env DEW_SHOW_SIGN_INS true; else set_env DEW_SHOW_SIGN_INS false; fi
    bring_up_database
    artisan config:clear --quiet
    artisan migrate --force --quiet
    # Pages that an earlier release has drawn.
    artisan cache:clear --quiet
    artisan dew:demo --if-empty
    # After an update: what it changed in open clues is told before anybody reads it.
    artisan dew:warm --quiet
    launch_web
    launch_queue
    launch_publishing
    launch_prints
    launch_scheduler
    wait_for_web
    remember address "http://$(visible_host):$PORT"
    say ""
    say "Dew is at http://$(visible_host):$PORT"
    if is_loopback || [ "$SHOW_SIGN_INS" -eq 1 ]; then
        artisan dew:demo --sign-ins
    fi
    if ! is_loopback; then
        say "Warning: everybody who reaches this machine can sign in with the demo passwords and read the post tray. For real use see docs/deployment.md."
        [ "$SHOW_SIGN_INS" -eq 1 ] || say "The demo sign-ins are not shown here; --show-sign-ins shows them."
    fi
    say "Ctrl-C stops everything."
    supervise
}

is_loopback() { [[ "$HOST" =~ ^(127\..*|localhost|::1|\[::1\])$ ]]; }

# An address that a browser can open: 0.0.0.0 means every address of this machine.
visible_host() {
    case "$HOST" in
        0.0.0.0 | :: | "[::]") hostname -I 2>/dev/null | awk '{ print $1 }' | grep . || echo 127.0.0.1 ;;
        *) echo "$HOST" ;;
    esac
}

wait_for_web() {
    for _ in $(seq 100); do
        php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "http://$(visible_host):$PORT/up" && return 0
        kill -0 "${CHILDREN[web]}" 2>/dev/null || break
        sleep 0.1
    done
    tail -5 "$LOGS/web.log" >&2
    fail "the web server did not come up (the lines above, from storage/logs/web.log)."
}

# Starts again whatever ends, whole or in part; gives up when it ends at once, over and over.
supervise() {
    local name quick=0 began
    while true; do
        began=$SECONDS
        sleep "$WATCH_SECONDS" 8>&- 9>&- &
        # A child that ends wakes this at once; what ends without telling is found when the pause is over.
        wait -n "$!" "${CHILDREN[@]}" 2>/dev/null || true
        kill "$!" 2>/dev/null || true
        if ! cluster_is_up "$(cluster_place)"; then
            say "PostgreSQL has ended: starting it again."
            cluster_start "$(cluster_place)" "$(recall db-port)" || true
        fi
        for name in "${!CHILDREN[@]}"; do
            is_whole "$name" && continue
            quick=$((SECONDS - began < 5 ? quick + 1 : 0))
            [ $quick -lt 30 ] || fail "the $name process keeps ending. See storage/logs/$name.log."
            say "The $name process has ended: starting it again."
            # What is left of it would hold its port.
            kill -KILL -- "-${CHILDREN[$name]}" 2>/dev/null || true
            "launch_$name"
            sleep 1
        done
        # A quiet minute forgives what was before.
        [ $((SECONDS - began)) -lt "$WATCH_SECONDS" ] || quick=$((quick > 0 ? quick - 1 : 0))
    done
}

# Not counting those that have ended and that nobody has asked after.
living_children() { ps -o stat= --ppid "$1" | grep -vc "^Z" || true; }

# Whether a process is there, and with it the workers it began with.
is_whole() {
    local pid=${CHILDREN[$1]}
    [ -d "/proc/$pid" ] && ! grep -q '^State:.*Z' "/proc/$pid/status" 2>/dev/null || return 1
    [ "$1" != web ] || [ "$(living_children "$pid")" -ge "$WEB_WORKERS" ] || [ $((SECONDS - ${STARTED_AT[web]:-0})) -lt 3 ]
}

dew_stop() {
    need_writable
    local pid
    if is_running; then
        pid=$(cat "$STATE/supervisor.pid" 2>/dev/null || true)
        if [ -n "$pid" ]; then
            kill -TERM "$pid" 2>/dev/null || true
            for _ in $(seq 150); do
                lock_is_held || break
                sleep 0.1
            done
        fi
        lock_is_held && fail "it did not stop within 15 seconds (process ${pid:-unknown})."
        say "Stopped."
    elif [ -n "$(left_over)" ] || { [ -n "$(postgres_bin)" ] && cluster_is_up "$(cluster_place)"; }; then
        end_leftovers
        [ -z "$(postgres_bin)" ] || cluster_stop "$(cluster_place)"
        say "Dew was not running; what an earlier start had left is ended now."
    else
        say "Dew is not running."
    fi
}

# part NAME PATTERN: one line about a part, and whether it is there.
part() {
    local pid words found=1
    for pid in $(left_over); do
        { words=$(tr '\0' ' ' <"/proc/$pid/cmdline"); } 2>/dev/null || continue
        [[ "$words" != *"$2"* ]] || found=0
    done
    if [ $found -eq 0 ]; then
        say "  $1: running"
    else
        say "  $1: NOT running"
        return 1
    fi
}

dew_status() {
    local whole=0
    if [ -d "$STATE" ] && is_running; then
        say "Dew is running at $(recall address)."
        part "Web server" "$ROOT/bin/lib/router.php" || whole=1
        part "Queue of mails" "$ROOT/artisan queue:work --queue" || whole=1
        part "Queue of publishing" "$ROOT/artisan queue:work publishing" || whole=1
        part "Queue of prints" "$ROOT/artisan queue:work prints" || whole=1
        part "Scheduler" "$ROOT/artisan schedule:" || whole=1
        if cluster_is_up "$(cluster_place)"; then say "  PostgreSQL: running on port $(recall db-port)"; else say "  PostgreSQL: NOT running"; whole=1; fi
        say "Supervisor: process $(cat "$STATE/supervisor.pid"). Logs: storage/logs/."
        [ $whole -eq 0 ] || say "What is not running is being started again."
        return $whole
    fi
    say "Dew is not running."
    if [ -n "$(left_over)" ]; then
        say "An earlier start has left processes: $(left_over | tr '\n' ' '). bin/dew stop ends them."
    fi
    return 3
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
