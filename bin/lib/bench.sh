# Benchmarks. Publishing and edits need the database: it is started for them, and stopped again unless `start` runs.

dew_bench() {
    if [ "${1:-}" = web ]; then
        shift
        dew_bench_web "$@"
        return
    fi
    install_everything
    if [ "${1:-}" = publish ] || [ "${1:-}" = edit ]; then
        if ! is_running; then
            trap 'cluster_stop "$(cluster_place)"' EXIT
            trap 'exit 130' INT TERM
        fi
        write_env
        bring_up_database
        artisan migrate --force --quiet
    fi
    php -d opcache.enable_cli=1 artisan dew:bench "$@"
}

# The web on the layout of production: nginx and PHP-FPM before a database of their own, none of which is left behind.

FPM_CHILDREN=4

bench_tools() {
    local missing=()
    command -v nginx >/dev/null || missing+=(nginx)
    [ -x /usr/sbin/php-fpm8.2 ] || missing+=(php8.2-fpm)
    [ ${#missing[@]} -eq 0 ] && return 0
    [ "${1:-}" = --install ] && is_root ||
        fail "bench web needs ${missing[*]}. Install them, or run bin/dew bench web --install as root."
    say "Installing Debian packages: ${missing[*]}"
    DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}" >"$RUN/install.log" 2>&1 ||
        { tail -5 "$RUN/install.log" >&2; fail "the packages could not be installed (the lines above)."; }
    # The benchmark starts its own.
    service nginx stop >/dev/null 2>&1 || true
    service php8.2-fpm stop >/dev/null 2>&1 || true
}

bench_files() {
    local me
    me=$(id -un)
    cat >"$RUN/fpm.conf" <<CONF
[global]
error_log = $RUN/fpm.log
daemonize = no
[dew]
user = $me
group = $(id -gn)
listen = $RUN/fpm.sock
pm = static
pm.max_children = $FPM_CHILDREN
clear_env = no
php_admin_value[opcache.enable] = 1
php_admin_value[opcache.validate_timestamps] = 0
php_admin_value[expose_php] = 0
php_admin_value[memory_limit] = 128M
CONF
    cat >"$RUN/nginx.conf" <<CONF
user $me;
worker_processes 1;
daemon off;
pid $RUN/nginx.pid;
error_log $RUN/nginx.log;
events { worker_connections 2048; }
http {
    include /etc/nginx/mime.types;
    access_log off;
    gzip on;
    gzip_min_length 1024;
    gzip_types text/css text/plain application/javascript application/json image/svg+xml;
    client_body_temp_path $RUN/body; proxy_temp_path $RUN/proxy; fastcgi_temp_path $RUN/fastcgi; uwsgi_temp_path $RUN/uwsgi; scgi_temp_path $RUN/scgi;
    server {
        listen 127.0.0.1:$BENCH_PORT backlog=2048;
        root $ROOT/public;
        location / { try_files \$uri /index.php?\$query_string; }
        location = /index.php {
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_FILENAME \$document_root/index.php;
            fastcgi_pass unix:$RUN/fpm.sock;
        }
    }
}
CONF
}

dew_bench_web() {
    install_everything
    tests_prepare
    trap bench_clean_up EXIT
    bench_tools "${1:-}"
    [ "${1:-}" != --install ] || shift
    export DB_DATABASE=dew_e2e DB_PERSISTENT=true APP_ENV=production APP_DEBUG=false QUEUE_CONNECTION=database MAIL_MAILER=tray DEW_DEMO=false
    export DEW_LIMIT_TAPS=100000 LOG_CHANNEL=single DEW_COUNT_QUERIES=true
    BENCH_PORT=$(random_port)
    export APP_URL="http://127.0.0.1:$BENCH_PORT"
    artisan migrate --force --quiet
    artisan dew:bench-world "$RUN/people.json" --members="${DEW_BENCH_MEMBERS:-1000}"
    own_caches
    bench_files
    local root_flag=()
    ! is_root || root_flag=(-R)
    /usr/sbin/php-fpm8.2 "${root_flag[@]}" -y "$RUN/fpm.conf" >>"$RUN/fpm.out" 2>&1 8>&- &
    BENCH_FPM=$!
    nginx -c "$RUN/nginx.conf" >>"$RUN/nginx.out" 2>&1 8>&- &
    BENCH_NGINX=$!
    for _ in $(seq 50); do port_answers "$BENCH_PORT" && [ -S "$RUN/fpm.sock" ] && break; sleep 0.1; done
    artisan dew:bench-load "$APP_URL" "$RUN/people.json" "$@" || { tail -5 "$RUN/fpm.log" "$RUN/nginx.log" >&2; exit 1; }
}

bench_clean_up() {
    kill "${BENCH_NGINX:-}" "${BENCH_FPM:-}" 2>/dev/null || true
    tests_clean_up
}
