# The versions of all packages. Direct ones are exact in composer.json and package.json; packages.txt names what they bring along, as it
# was when the tests last passed with it.

packages_resolved() {
    php -r '
        $found = [];
        foreach (json_decode(file_get_contents("vendor/composer/installed.json"), true)["packages"] as $package) {
            $found[] = "php $package[name] ".ltrim($package["version"], "v");
        }
        foreach (json_decode(file_get_contents("package-lock.json"), true)["packages"] as $path => $package) {
            $path === "" || $found[] = "npm ".str_replace("node_modules/", "", $path)." $package[version]";
        }
        sort($found);
        echo implode("\n", $found), "\n";
    '
}

# packages_differ: the differences between packages.txt and what is installed; nothing when there are none.
packages_differ() { diff <(packages_resolved) packages.txt | sed -n 's/^</installed /p; s/^>/listed    /p'; }

dew_packages() {
    install_everything
    case "${1:-}" in
        --write) packages_resolved >packages.txt && say "packages.txt is written: $(wc -l <packages.txt) packages." ;;
        "")
            local differences
            differences=$(packages_differ)
            [ -n "$differences" ] || { say "Every package is as packages.txt lists it."; return 0; }
            printf '%s\n' "$differences"
            return 1
            ;;
        *) fail "packages knows --write, not \"$1\"." ;;
    esac
}
