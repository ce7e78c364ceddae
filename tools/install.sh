# Brings in what is missing. Every part leaves a stamp when it is whole, so that a half-finished
# earlier install is simply done again.

stamp_is() { [ -f "$1/.yelbo-stamp" ] && [ "$(cat "$1/.yelbo-stamp")" = "$2" ]; }
set_stamp() { printf '%s' "$2" >"$1/.yelbo-stamp"; }

composer_stamp() { cat "$YELBO_ROOT/composer.json" "$YELBO_ROOT"/tools/packages/{run,tests}/composer.json "$YELBO_ROOT/tools/packages/sums.txt" | sha256sum | cut -c1-20; }
npm_stamp() { cat "$YELBO_ROOT/package.json" "$YELBO_ROOT/package-lock.json" | sha256sum | cut -c1-20; }
ui_stamp() { { find "$YELBO_ROOT/ui" -type f -print0 | sort -z | xargs -0 cat; cat "$YELBO_ROOT"/vite*.config.ts "$YELBO_ROOT/docs/openapi.json"; npm_stamp; } | sha256sum | cut -c1-20; }
code_stamp() { { find "$YELBO_ROOT/src" "$YELBO_ROOT/config" -type f -print0 | sort -z | xargs -0 cat; composer_stamp; } | sha256sum | cut -c1-20; }

install_debian() {
    local missing
    missing=$(missing_packages "$@")
    [ -z "$missing" ] && return 0
    [ "$(id -u)" = 0 ] || die "These Debian packages are missing: $missing" "As root, once: apt-get install --no-install-recommends $missing"
    step "Debian's package lists" "$YELBO_VAR/log/apt.log" apt-get update ||
        { tail_of "$YELBO_VAR/log/apt.log"; die "Debian's package lists cannot be read." "Check the network, then run this again."; }
    # Word splitting is wanted: one argument a package. Nothing is started by the packages themselves.
    # shellcheck disable=SC2086
    step "Debian packages" "$YELBO_VAR/log/apt.log" env DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 \
        apt-get install -y --no-install-recommends $missing ||
        { tail_of "$YELBO_VAR/log/apt.log"; die "Debian packages could not be installed: $missing" "Check the network, then run this again."; }
}

install_composer() {
    stamp_is "$YELBO_ROOT/vendor" "$(composer_stamp)" && return 0
    rm -f "$YELBO_ROOT/vendor/.yelbo-stamp"
    step "PHP packages" "$YELBO_VAR/log/composer.log" env COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --optimize-autoloader
    [ -f "$YELBO_ROOT/vendor/autoload_runtime.php" ] ||
        { tail_of "$YELBO_VAR/log/composer.log"; die "Composer could not install the PHP packages." "Check the network, then run this again."; }
    # What came is what was tried, or it is not used.
    php "$YELBO_ROOT/tools/packages.php" check >"$YELBO_VAR/log/packages.log" 2>&1 ||
        { tail_of "$YELBO_VAR/log/packages.log"; die "The PHP packages that came are not those that were tried." "rm -r vendor, then run this again; docs/security.md tells how packages are renewed."; }
    set_stamp "$YELBO_ROOT/vendor" "$(composer_stamp)"
}

install_npm() {
    stamp_is "$YELBO_ROOT/node_modules" "$(npm_stamp)" && return 0
    step "npm packages" "$YELBO_VAR/log/npm.log" npm ci --no-audit --no-fund ||
        { tail_of "$YELBO_VAR/log/npm.log"; die "npm could not install its packages." "Check the network, then run this again."; }
    set_stamp "$YELBO_ROOT/node_modules" "$(npm_stamp)"
}

# Some archives of packages let nobody but their owner read them; what runs is not always theirs.
let_read() {
    [ -z "$(find "$YELBO_ROOT/vendor" "$YELBO_ROOT/public" ! -type l ! -perm -004 -print -quit)" ] || chmod -R a+rX "$YELBO_ROOT/vendor" "$YELBO_ROOT/public"
}

build_ui() {
    stamp_is "$YELBO_ROOT/public/build" "$(ui_stamp)" && return 0
    step "Front end" "$YELBO_VAR/log/vite.log" npm run build ||
        { tail_of "$YELBO_VAR/log/vite.log"; die "The front end could not be built." "See $YELBO_VAR/log/vite.log"; }
    set_stamp "$YELBO_ROOT/public/build" "$(ui_stamp)"
}

warm_cache() {
    as_shop mkdir -p "$YELBO_VAR/cache"
    stamp_is "$YELBO_VAR/cache" "$(code_stamp)" && return 0
    rm -rf "$YELBO_VAR/cache/$APP_ENV"
    step "Application cache" "$YELBO_VAR/log/cache.log" console cache:warmup ||
        { tail_of "$YELBO_VAR/log/cache.log"; die "The application's cache could not be built." "See $YELBO_VAR/log/cache.log"; }
    set_stamp "$YELBO_VAR/cache" "$(code_stamp)"
}

install_all() {
    check_machine
    install_debian "${DEBIAN_PACKAGES[@]}"
    install_composer
    install_npm
    build_ui
    [ "$SHOP_USER" = "$(id -un)" ] || let_read
    warm_cache
}
