# All tests, against a cluster, a storage folder and ports of this run's own: two runs do not meet, and nothing is left behind.

tests_clean_up() {
    local code=$?
    trap '' INT TERM
    local pid
    for pid in "${BESIDE[@]}"; do end_with_children "$pid"; done
    [ -z "${TEST_WEB:-}" ] || { kill -TERM -- "-$TEST_WEB" 2>/dev/null && wait "$TEST_WEB" 2>/dev/null; } || true
    [ -z "${COPY:-}" ] || { "$COPY/bin/dew" stop >/dev/null 2>&1; cluster_stop "$COPY_CLUSTER"; rm -rf "$COPY_CLUSTER"; } || true
    [ -z "${RUN:-}" ] || { cluster_stop "$RUN/postgres"; rm -rf "$RUN"; }
    exit $code
}

# own_storage NAME: a storage folder of this run, into which everything that follows writes.
own_storage() {
    mkdir -p "$RUN/$1"/{app,logs,framework/{cache/data,sessions,views}}
    export LARAVEL_STORAGE_PATH="$RUN/$1" VIEW_COMPILED_PATH="$RUN/$1/framework/views"
}

# own_caches: configuration, routes and views of this run, made once as in production; what is in the environment now goes into them.
own_caches() {
    local name
    for name in CONFIG ROUTES EVENTS PACKAGES SERVICES; do export "APP_${name}_CACHE=$RUN/cache-$name.php"; done
    artisan config:cache --quiet
    artisan route:cache --quiet
    artisan view:cache --quiet
}

tests_prepare() {
    RUN=$(mktemp -d "${TMPDIR:-/tmp}/dew-test.XXXXXX")
    chmod 711 "$RUN"
    trap tests_clean_up EXIT
    trap 'exit 130' INT TERM
    own_storage storage
    TEST_PASSWORD=$(random_word)
    LOGS="$RUN/storage/logs" cluster_create "$RUN/postgres" "$TEST_PASSWORD"
    local port
    for _ in 1 2 3 4 5; do
        port=$(random_port)
        if cluster_start "$RUN/postgres" "$port" "-c fsync=off -c synchronous_commit=off -c full_page_writes=off -c max_connections=120"; then
            export DB_PORT=$port
            break
        fi
    done
    [ -n "${DB_PORT:-}" ] || { tail -5 "$RUN/postgres/postgres.log" >&2; fail "PostgreSQL did not start for the tests."; }
    # The tests make further databases, one for each process.
    database_create "$DB_PORT" dew_admin "$TEST_PASSWORD" dew "$TEST_PASSWORD" dew_test CREATEDB
    database_create "$DB_PORT" dew_admin "$TEST_PASSWORD" dew "$TEST_PASSWORD" dew_e2e CREATEDB
    export DB_CONNECTION=pgsql DB_HOST=127.0.0.1 DB_USERNAME=dew DB_PASSWORD=$TEST_PASSWORD DB_PERSISTENT=false DB_URL=
    export APP_KEY="base64:$(php -r 'echo base64_encode(random_bytes(32));')"
    export APP_DEBUG=false CACHE_STORE=database SESSION_DRIVER=database MAIL_MAILER=tray LOG_CHANNEL=single BCRYPT_ROUNDS=4 ARGON_MEMORY=1024 ARGON_TIME=1 DEW_DEMO=true
}

test_static() {
    say "== Static analysis"
    # Worth knowing when something fails, and no fault in itself.
    packages_differ || true
    vendor/bin/pint --test
    vendor/bin/phpstan analyse --configuration=phpstan.neon --no-progress --memory-limit=1G
    vendor/bin/phpstan analyse --configuration=phpstan-app.neon --no-progress --memory-limit=1G
}

test_pest() {
    say "== Pest"
    DB_DATABASE=dew_test APP_ENV=testing vendor/bin/pest --passthru-php="'-d' 'opcache.enable_cli=1'" --colors="$([ -t 1 ] && echo always || echo never)" --parallel --processes="$(nproc)" --log-junit "$RUN/pest.xml" "$@" || PEST_FAILED=$?
    [ ! -f "$RUN/pest.xml" ] || php -r '
        $suite = simplexml_load_file($argv[1])->testsuite;
        $failed = (int) $suite["failures"] + (int) $suite["errors"];
        printf("pest: %d passed, %d failed, %d skipped\n", $suite["tests"] - $failed - $suite["skipped"], $failed, $suite["skipped"]);
        $files = [];
        foreach ($suite->xpath("//testcase") as $case) {
            $file = basename(explode("::", (string) $case["file"])[0]);
            $files[$file] = ($files[$file] ?? 0) + (float) $case["time"];
        }
        arsort($files);
        foreach (array_slice($files, 0, 5) as $file => $seconds) {
            printf("    %.0f s %s\n", $seconds, $file);
        }
    ' "$RUN/pest.xml"
    # A test that could not even be set up is in no count: the exit code tells.
    [ -z "${PEST_FAILED:-}" ] || say "pest: ended with exit code $PEST_FAILED"
}

# While something is being changed: layers, the core but for its longest tests, and the scripts. It needs no database.
test_quick() {
    say "== Quick"
    npx --no-install vitest run --silent >"$RUN/js.log" 2>&1 &
    local js=$!
    vendor/bin/pest --testsuite=Core,Arch --exclude-group=slow --parallel --processes="$(nproc)" "$@" || PEST_FAILED=$?
    wait "$js" || { JS_FAILED=1; cat "$RUN/js.log"; }
}

# beside NAME: test_NAME in the background, in what time the others leave; what it says is kept until `shown NAME` waits for it.
declare -A BESIDE=()
beside() {
    (trap - EXIT; renice -n 10 -p "$BASHPID" >/dev/null; "test_$1"; ! failed_here) >"$RUN/$1.log" 2>&1 &
    BESIDE[$1]=$!
}

shown() {
    wait "${BESIDE[$1]}" || BESIDE_FAILED=1
    unset "BESIDE[$1]"
    cat "$RUN/$1.log"
}

end_with_children() {
    local child
    for child in $(pgrep -P "$1"); do end_with_children "$child"; done
    kill -TERM "$1" 2>/dev/null || true
}

failed_here() { [ -n "${STATIC_FAILED:-}${PEST_FAILED:-}${JS_FAILED:-}${E2E_FAILED:-}${BESIDE_FAILED:-}" ] || [ "${START_FAILED:-0}" -gt 0 ]; }

# The test of `start` waits for other processes most of the time, and a browser some of it: the others run in that time.
test_all() {
    beside pest
    test_start
    shown pest
    beside static
    beside js
    test_e2e
    shown js
    shown static
}

# Designs made up from the numbers 1 to 300, or from those that are given as in "bin/dew test walk -- 1-40".
test_walk() {
    say "== Walk"
    DEW_WALK="${1:-1-300}" DB_DATABASE=dew_test APP_ENV=testing vendor/bin/pest tests/Feature/WalkTest.php || PEST_FAILED=$?
}

test_js() {
    say "== JavaScript"
    npx --no-install vitest run --reporter=default --reporter=json --outputFile.json="$RUN/js.json" "$@" || JS_FAILED=1
    [ ! -f "$RUN/js.json" ] || php -r '
        $result = json_decode(file_get_contents($argv[1]), true);
        printf("vitest: %d passed, %d failed, %d skipped\n", $result["numPassedTests"], $result["numFailedTests"], $result["numPendingTests"]);
    ' "$RUN/js.json"
}

test_e2e() {
    say "== Playwright"
    # What a Pest test provoked is not what a failed browser test needs, and neither takes the other's files.
    own_storage browser
    export APP_ENV=e2e DB_DATABASE=dew_e2e QUEUE_CONNECTION=sync SESSION_LIFETIME=5256000
    export DEW_LIMIT_SIGN_IN=10000 DEW_LIMIT_SIGN_IN_ACCOUNT=10000 DEW_LIMIT_SIGN_IN_ADDRESS=10000 DEW_LIMIT_REGISTER=10000 DEW_LIMIT_MAIL=10000 DEW_LIMIT_JOIN=10000 DEW_LIMIT_TAPS=100000
    artisan migrate --force --quiet
    artisan dew:demo
    local port
    for _ in 1 2 3 4 5; do
        port=$(random_port)
        export APP_URL="http://127.0.0.1:$port"
        own_caches
        PHP_CLI_SERVER_WORKERS=4 setsid php -d opcache.enable=1 -d variables_order=EGPCS -S "127.0.0.1:$port" -t public bin/lib/router.php >"$RUN/web.log" 2>&1 8>&- &
        TEST_WEB=$!
        for _ in $(seq 100); do
            port_is_busy "$port" && break
            kill -0 "$TEST_WEB" 2>/dev/null || break
            sleep 0.1
        done
        kill -0 "$TEST_WEB" 2>/dev/null && break
    done
    DEW_CHROMIUM=$(chromium_path) DEW_E2E_OUT="$RUN/e2e" PLAYWRIGHT_JSON_OUTPUT_FILE="$RUN/e2e.json" npx --no-install playwright test "$@" || E2E_FAILED=1
    [ ! -f "$RUN/e2e.json" ] || php -r '
        $report = json_decode(file_get_contents($argv[1]), true);
        $stats = $report["stats"];
        printf("playwright: %d passed, %d failed, %d skipped\n", $stats["expected"] + $stats["flaky"], $stats["unexpected"], $stats["skipped"]);
        $tests = [];
        foreach ($report["suites"] as $suite) {
            foreach ($suite["specs"] as $spec) {
                $tests["$suite[file]: $spec[title]"] = array_sum(array_column($spec["tests"][0]["results"], "duration")) / 1000;
            }
        }
        arsort($tests);
        foreach (array_slice($tests, 0, 8) as $test => $seconds) {
            printf("    %.0f s %s\n", $seconds, $test);
        }
    ' "$RUN/e2e.json"
    if [ -n "${E2E_FAILED:-}" ]; then
        grep -A3 'ERROR' "$RUN/browser/logs/laravel.log" 2>/dev/null | cut -c1-400 | tail -40 || true
    fi
}

dew_test() {
    local kind=all
    case "${1:-}" in
        quick | static | pest | js | start | e2e | walk) kind=$1; shift ;;
        "" | --) ;;
        *) fail "test knows quick, static, pest, js, start, e2e and walk, not \"$1\"." ;;
    esac
    [ "${1:-}" = -- ] && shift
    install_everything tests
    if [ "$kind" = static ]; then
        test_static
        return
    fi
    if [ "$kind" = quick ]; then
        RUN=$(mktemp -d "${TMPDIR:-/tmp}/dew-test.XXXXXX")
        trap tests_clean_up EXIT
    else
        tests_prepare
    fi
    "test_$kind" "$@"
    ! failed_here || exit 1
}
