# Brings the machine and the checkout to where Dew can run. With everything in place it does nothing and needs no network.

PHP_EXTENSIONS=(curl gd intl mbstring pdo_pgsql xml zip)
OLDEST_NODE=20.19
OWN_NODE="$STATE/node/node_modules/.bin"
[ -d "$OWN_NODE" ] && PATH="$OWN_NODE:$PATH"

version_at_least() { [ "$(printf '%s\n%s\n' "$1" "$2" | sort -V | head -1)" = "$1" ]; }

postgres_bin() {
    local newest
    newest=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1)
    if [ -n "$newest" ]; then
        echo "$newest"
    elif command -v initdb >/dev/null; then
        dirname "$(command -v initdb)"
    fi
}

# The headless shell draws a page with far less work than the whole browser, which serves where a system has no shell.
chromium_path() { command -v chromium-headless-shell || command -v chromium || command -v chromium-browser || true; }

# missing_packages [tests]: the Debian packages to install, one a line.
missing_packages() {
    local prefix=php loaded extension
    if command -v php >/dev/null; then
        php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || fail "PHP is $(php -r 'echo PHP_VERSION;'); Dew needs 8.2 or newer. Debian 12 and later have it."
        prefix="php$(php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION;')"
        loaded=$(php -m | tr '[:upper:]' '[:lower:]')
    else
        echo php-cli
        loaded=
    fi
    for extension in "${PHP_EXTENSIONS[@]}"; do
        grep -qx "$extension" <<<"$loaded" || echo "$prefix-${extension/pdo_pgsql/pgsql}"
    done
    command -v composer >/dev/null || echo composer
    command -v unzip >/dev/null || echo unzip
    # Without recommended packages a bare Debian has neither; Composer and npm speak TLS.
    [ -e /etc/ssl/certs/ca-certificates.crt ] || echo ca-certificates
    command -v node >/dev/null || echo nodejs
    command -v npm >/dev/null || echo npm
    [ -n "$(postgres_bin)" ] || echo postgresql
    # The supervisor counts the workers of the web server.
    { command -v pgrep && command -v ps; } >/dev/null || echo procps
    if [ "${1:-}" = tests ]; then
        [ -n "$(chromium_path)" ] || echo chromium-headless-shell
        # A test measures printed templates in pixels.
        command -v pdftoppm >/dev/null || echo poppler-utils
    fi
}

install_packages() {
    local missing
    mapfile -t missing < <(missing_packages "${1:-}")
    [ ${#missing[@]} -gt 0 ] || return 0
    command -v apt-get >/dev/null || fail "these are missing: ${missing[*]}. Install them with your system's package manager, then start again."
    is_root || fail "these Debian packages are missing. Install them with

    sudo apt-get update && sudo apt-get install -y --no-install-recommends ${missing[*]}

then start again."
    say "Installing Debian packages: ${missing[*]}"
    if ! { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}"; } >"$LOGS/install.log" 2>&1; then
        tail -5 "$LOGS/install.log" >&2
        fail "Debian's packages could not be installed (the lines above; all of it in storage/logs/install.log). Is there a network?"
    fi
}

# Vite needs a newer Node than plain Debian 12 has; npm carries one.
install_node() {
    version_at_least "$OLDEST_NODE" "$(node -p process.versions.node)" && return 0
    local arch
    case "$(uname -m)" in
        x86_64) arch=x64 ;;
        aarch64) arch=arm64 ;;
        *) fail "Node.js is $(node --version); Dew builds its styles with $OLDEST_NODE or newer. Install a newer Node.js." ;;
    esac
    say "Node.js is $(node --version): fetching a newer one for Dew alone"
    npm install --prefix "$STATE/node" --no-save --no-audit --no-fund "node-linux-$arch@22" >"$LOGS/install.log" 2>&1 ||
        fail "a newer Node.js could not be fetched (storage/logs/install.log). Is there a network?"
    mkdir -p "$OWN_NODE"
    ln -sf "../node-linux-$arch/bin/node" "$OWN_NODE/node"
    PATH="$OWN_NODE:$PATH"
    hash -r
}

# stamp FILES...: changes when any of them does.
stamp() { cat -- "$@" | sha256sum | cut -c1-64; }

# step NAME STAMP COMMAND...: run the command unless it already ran for this stamp.
step() {
    local name=$1 want=$2
    shift 2
    [ "$(recall "$name.stamp" || true)" = "$want" ] && return 0
    rm -f "$STATE/$name.stamp"
    if ! "$@" >"$LOGS/install.log" 2>&1; then
        tail -8 "$LOGS/install.log" >&2
        fail "$name did not come through (the lines above; all of it in storage/logs/install.log). If this machine has no network now, connect it once and start again."
    fi
    remember "$name.stamp" "$want"
}

composer_install() { umask 022; COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress; }

npm_install() { umask 022; PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm ci --no-audit --no-fund; }

build_assets() { npx --no-install vite build; }

sources_stamp() { find resources/scss resources/js resources/fonts/subset.js resources/images vite.config.js package-lock.json -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -c1-64; }

# install_everything [tests]: one at a time in one checkout, so that two runs do not trip over each other.
install_everything() {
    need_writable
    exec 8>"$STATE/install.lock"
    flock -n 8 || { say "Waiting for another run to finish installing"; flock 8; }
    install_packages "${1:-}"
    install_node
    [ -f vendor/autoload.php ] || rm -f "$STATE/packages-php.stamp"
    [ -d node_modules/vite ] || rm -f "$STATE/packages-js.stamp"
    [ -f public/build/manifest.json ] || rm -f "$STATE/assets.stamp"
    step packages-php "$(stamp composer.json <(php -r 'echo PHP_MINOR_VERSION;'))" composer_install
    step packages-js "$(stamp package-lock.json)" npm_install
    step assets "$(sources_stamp)" build_assets
    flock -u 8
}
