# `bin/dew start` itself, in a copy of the checkout: it comes up, serves, refuses a second start, keeps data, and leaves nothing behind.

start_check() {
    if "${@:2}"; then
        START_PASSED=$((START_PASSED + 1))
    else
        START_FAILED=$((START_FAILED + 1))
        say "FAILED: $1"
    fi
}

answers() { php -r 'exit(str_contains((string) @file_get_contents($argv[1]), $argv[2]) ? 0 : 1);' "$1" "$2"; }
keeps_built_files() { php -r '
    $built = json_decode(file_get_contents($argv[2]."/public/build/manifest.json"), true);
    $headers = array_change_key_case(get_headers($argv[1]."/build/".$built["resources/js/app.js"]["file"], true));
    exit(str_contains($headers["cache-control"], "immutable") && str_starts_with($headers["content-type"], "text/javascript") ? 0 : 1);
' "$1" "$COPY"; }
nothing_left() { ! pgrep -f "$COPY/(public|artisan|bin)" >/dev/null && ! port_is_busy "$(cat "$COPY/storage/dew/db-port")"; }
says() { grep -qF -- "$2" "$1"; }
refuses() { ! "$@" >"$RUN/refused.log" 2>&1; }
copy_dew() { without_test_settings "$COPY/bin/dew" "$@" >"$RUN/said.log" 2>&1; }

# The copy reads its own .env; what this run has put into the environment would stand before it.
without_test_settings() {
    env -u APP_ENV -u APP_KEY -u APP_URL -u DB_CONNECTION -u DB_HOST -u DB_PORT -u DB_DATABASE -u DB_USERNAME -u DB_PASSWORD -u DB_PERSISTENT -u DB_URL \
        -u LARAVEL_STORAGE_PATH -u VIEW_COMPILED_PATH -u QUEUE_CONNECTION -u CACHE_STORE -u SESSION_DRIVER -u MAIL_MAILER -u DEW_DEMO "$@"
}

copy_checkout() {
    COPY="$RUN/checkout"
    mkdir -p "$COPY/storage/dew" "$COPY/bootstrap/cache"
    git ls-files -z --cached --others --exclude-standard | xargs -0 cp --parents -t "$COPY" 2>/dev/null
    cp -r vendor "$COPY/vendor"
    cp -r public/build "$COPY/public/build"
    ln -s "$ROOT/node_modules" "$COPY/node_modules"
    cp "$STATE"/*.stamp "$COPY/storage/dew/"
    # The copy's own cluster, also as root, where it lives outside the checkout.
    COPY_CLUSTER=$(ROOT=$COPY cluster_place)
}

copy_start() {
    : >"$RUN/start.log"
    # What a script starts in the background ignores the interrupt that Ctrl-C sends: hand it its default again.
    without_test_settings setsid php -r 'pcntl_signal(SIGINT, SIG_DFL); pcntl_exec($argv[1], array_slice($argv, 2));' "$COPY/bin/dew" start "$@" >"$RUN/start.log" 2>&1 8>&- &
    COPY_STARTED=$!
    for _ in $(seq 300); do
        says "$RUN/start.log" "Ctrl-C stops everything" && return 0
        kill -0 "$COPY_STARTED" 2>/dev/null || break
        sleep 0.2
    done
    cat "$RUN/start.log"
    return 1
}

copy_interrupt() {
    kill -INT "$(cat "$COPY/storage/dew/supervisor.pid")"
    for _ in $(seq 200); do
        kill -0 "$COPY_STARTED" 2>/dev/null || break
        sleep 0.1
    done
    ! kill -0 "$COPY_STARTED" 2>/dev/null && wait "$COPY_STARTED"
}

copy_psql() { PGPASSWORD=$(sed -n 's/^DB_PASSWORD=//p' "$COPY/.env") "$(postgres_bin)/psql" -h 127.0.0.1 -p "$(cat "$COPY/storage/dew/db-port")" -U dew -d dew -tAc "$1"; }
is_ordinary_role() { [ "$(copy_psql 'select rolsuper or rolcreaterole from pg_roles where rolname = current_user')" = f ]; }
supervisor() { cat "$COPY/storage/dew/supervisor.pid"; }
# child_of NAME: the process of a part, by what it is called with.
child_of() { pgrep -P "$(supervisor)" -f "$1" | head -1; }
# whole_again CHECK...: within half a minute.
whole_again() {
    for _ in $(seq 60); do
        sleep 0.5
        copy_dew status && ! says "$RUN/said.log" "NOT running" && "$@" && return 0
    done
    cat "$RUN/said.log"
    return 1
}
is_another() { local now; now=$(child_of "$1") && [ -n "$now" ] && [ "$now" != "$2" ]; }
has_workers() { [ "$(living_children "$(child_of router.php)")" -ge 4 ] && ! kill -0 "$1" 2>/dev/null; }
nothing_runs() { ! pgrep -f "$COPY/(public|artisan)" >/dev/null; }
holds_connection() { php -r '
    // A connection to elsewhere that happens to use this port: nobody listens there, and nobody can.
    $server = stream_socket_server("tcp://127.0.0.1:0");
    $client = stream_socket_client("tcp://".stream_socket_get_name($server, false), $e, $m, 3, STREAM_CLIENT_CONNECT, stream_context_create(["socket" => ["bindto" => "127.0.0.1:".$argv[1]]]));
    sleep(90);' "$1" & }

quilts() { [ "$(copy_psql 'select count(*) from projects')" = "$1" ]; }

test_start() {
    say "== Start"
    START_PASSED=0 START_FAILED=0
    copy_checkout
    local busy address
    busy=$(random_port)
    php -r '$s = stream_socket_server("tcp://127.0.0.1:".$argv[1]); sleep(120);' "$busy" &
    local holder=$!
    sleep 0.3
    start_check "a busy port that was asked for is named" refuses "$COPY/bin/dew" start --port "$busy"
    start_check "and the way out is said" says "$RUN/refused.log" "port $busy is busy"
    kill "$holder" 2>/dev/null || true
    busy=$(random_port)
    holds_connection "$busy"
    holder=$!
    sleep 0.5
    start_check "a port that a connection uses is named too" refuses "$COPY/bin/dew" start --port "$busy"
    start_check "as busy" says "$RUN/refused.log" "port $busy is busy"
    kill "$holder" 2>/dev/null || true

    start_check "a first start comes up" copy_start
    address=$(sed -n 's/^Dew is at //p' "$RUN/start.log")
    start_check "it prints the demo sign-ins" says "$RUN/start.log" "wren@saltbox.example"
    start_check "it serves" answers "$address/" "Quilt-alongs"
    start_check "browsers keep what was built" keeps_built_files "$address"
    start_check "the demo data is there" quilts 13
    start_check "a second start is refused" refuses "$COPY/bin/dew" start
    start_check "status knows" copy_dew status
    start_check "secrets are readable by their owner alone" test "$(stat -c %a "$COPY/.env")" = 600
    start_check "the application is an ordinary role in the database" is_ordinary_role
    start_check "its database stands outside the ports of connections" test "$(cat "$COPY/storage/dew/db-port")" -lt 32768
    local victim
    victim=$(pgrep -P "$(child_of router.php)" | head -1)
    kill -KILL "$victim"
    start_check "a web worker that is killed is replaced" whole_again has_workers "$victim"
    victim=$(child_of router.php)
    kill -KILL "$victim"
    start_check "so is the web server" whole_again is_another router.php "$victim"
    start_check "which serves" answers "$address/" "Quilt-alongs"
    local queue
    for queue in "queue:work --queue" "queue:work publishing" "queue:work prints"; do
        victim=$(child_of "$queue")
        kill -KILL "$victim"
        start_check "so is $queue" whole_again is_another "$queue" "$victim"
    done
    victim=$(child_of schedule:work)
    kill -KILL "$victim"
    start_check "so is the scheduler" whole_again is_another schedule:work "$victim"
    kill -KILL "$(head -1 "$COPY_CLUSTER/data/postmaster.pid")"
    sleep 1
    start_check "PostgreSQL comes back" whole_again quilts 13
    copy_psql "delete from projects where size_key = 's-crib'" >/dev/null
    start_check "Ctrl-C ends it cleanly" copy_interrupt
    start_check "and leaves no process" nothing_left

    start_check "it starts again" copy_start
    start_check "on the port it had" says "$RUN/start.log" "$address"
    start_check "with the data it had" quilts 11
    kill -KILL "$(cat "$COPY/storage/dew/supervisor.pid")"
    wait "$COPY_STARTED" 2>/dev/null || true
    start_check "status tells what a killed supervisor has left" refuses "$COPY/bin/dew" status
    start_check "by name" says "$RUN/refused.log" "An earlier start has left processes"
    start_check "it starts after being killed outright" copy_start
    start_check "still on its port" says "$RUN/start.log" "$address"
    start_check "fresh brings the demo data back" copy_dew fresh
    start_check "all of it" quilts 13
    kill -KILL "$(supervisor)"
    wait "$COPY_STARTED" 2>/dev/null || true
    # As when it was killed while something that it had called was at work.
    flock "$COPY/storage/dew/run.lock" sleep 3 &
    sleep 0.2
    start_check "stop ends what a killed supervisor has left" copy_dew stop
    start_check "and says so" says "$RUN/said.log" "what an earlier start had left is ended now"
    start_check "truly" nothing_runs
    start_check "it starts for all addresses" copy_start --host 0.0.0.0
    start_check "with a warning" says "$RUN/start.log" "everybody who reaches this machine can sign in"
    start_check "and without the demo sign-ins" refuses says "$RUN/start.log" "wren@saltbox.example"
    start_check "nor on its first page" refuses answers "$(sed -n 's/^Dew is at //p' "$RUN/start.log")/" "wren@saltbox.example"
    start_check "stop ends it" copy_dew stop
    start_check "and leaves no process" nothing_left
    cluster_stop "$COPY_CLUSTER"
    rm -rf "$COPY_CLUSTER"
    say "start: $START_PASSED passed, $START_FAILED failed"
}
