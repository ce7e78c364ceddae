# What the machine has to have, and what is missing with its cure.

DEBIAN_PACKAGES=(mariadb-server mariadb-client php8.2-mysql php8.2-gd php8.2-gmp php8.2-mbstring php8.2-intl php8.2-xml
    php8.2-apcu php8.2-zip php8.2-fpm php8.2-curl php-geos nginx libharfbuzz-bin potrace)
# The lighter browser is taken where it can be had; the tests run in either.
LIGHT_BROWSER=chromium-headless-shell
TEST_PACKAGES=(chromium hp2xx poppler-utils librsvg2-bin zbar-tools)

check_machine() {
    command -v php >/dev/null || die "PHP is not on this machine." "As root: apt-get install php8.2-cli"
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' 2>/dev/null ||
        die "This PHP is older than 8.2." "As root: apt-get install php8.2-cli"
    command -v composer >/dev/null || die "Composer is not on this machine." "As root: apt-get install composer"
    command -v node >/dev/null || die "Node.js is not on this machine." "Install Node.js 20.19 or newer, with npm."
    node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' ||
        die "Node.js $(node --version) is too old to build the pages." "Install Node.js 20.19 or newer."
    command -v npm >/dev/null || die "npm is not on this machine." "Install npm 10 or newer."
}

has_package() { [ "$(dpkg-query -W -f='${db:Status-Status}' "$1" 2>/dev/null)" = installed ]; }

missing_packages() {
    local name
    for name in "$@"; do
        case $name in
            nginx) has_package nginx || has_package nginx-light || has_package nginx-full || printf '%s ' "$name" ;;
            *) has_package "$name" || printf '%s ' "$name" ;;
        esac
    done
}

# One line a finding; says nothing and succeeds where all is well. With --mend what is stuck in the records is mended.
doctor() {
    settings
    local bad=0 missing name mend=${1:-}
    [ -z "$mend" ] || [ "$mend" = --mend ] || die "“$mend” is not an option of doctor." "./yelbo doctor, or ./yelbo doctor --mend"
    check_machine
    say "Yelbo's doctor, for $YELBO_ROOT with data in $YELBO_VAR"
    missing=$(missing_packages "${DEBIAN_PACKAGES[@]}")
    finding "Debian packages" "$missing" "As root: apt-get install $missing" || bad=1
    missing=$(php -r 'foreach (["geos", "gmp", "pdo_mysql", "mbstring", "intl", "apcu"] as $name) { extension_loaded($name) || print("$name "); }')
    finding "PHP extensions" "$missing" "Install the Debian packages above; ./yelbo demo does it." || bad=1
    finding "Composer packages" "$(stamp_is "$YELBO_ROOT/vendor" "$(composer_stamp)" || echo outdated)" "./yelbo demo installs them." || bad=1
    finding "npm packages" "$(stamp_is "$YELBO_ROOT/node_modules" "$(npm_stamp)" || echo outdated)" "./yelbo demo installs them." || bad=1
    finding "Front end" "$(stamp_is "$YELBO_ROOT/public/build" "$(ui_stamp)" || echo outdated)" "./yelbo demo builds it." || bad=1
    for name in $(service_names); do
        finding "Process $name" "$(is_running "$name" || echo 'not running')" "./yelbo start; its log is $YELBO_VAR/log/$name.log" || bad=1
    done
    if is_running nginx; then
        finding "Page on port $YELBO_PORT" "$(page_answers || echo 'no answer')" "Look in $YELBO_VAR/log/nginx.log and $YELBO_VAR/log/yelbo.log" || bad=1
        finding "Database schema" "$(console doctrine:migrations:up-to-date --quiet 2>/dev/null || echo 'behind the code')" "./yelbo start brings it up to date." || bad=1
        if [ -n "$mend" ]; then
            missing=$(console yelbo:upkeep --mend 2>>"$YELBO_VAR/log/doctor.log") || bad=1
            [ -z "$missing" ] && say "  Records                ok" || printf '  Records                mended:\n%s\n' "$missing"
        else
            finding "Records" "$(console yelbo:upkeep 2>>"$YELBO_VAR/log/doctor.log" | head -n 20)" "./yelbo doctor --mend does what is said." || bad=1
        fi
        missing=$(admin_sql -N -e "SELECT SCHEMA_NAME FROM information_schema.SCHEMATA WHERE SCHEMA_NAME LIKE 'yelbo\_2%' AND SCHEMA_NAME <> '$YELBO_SCHEMA'" 2>/dev/null | tr '\n' ' ')
        [ -z "$missing" ] || say "  Kept from before a restore: $missing(drop them when nobody wants them back)"
    fi
    [ "$(df -Pm "$YELBO_VAR" | awk 'NR == 2 {print $4}')" -gt 1000 ] || { say "  Disk: under 1 GB free. When it is full nothing can be kept: make room."; bad=1; }
    [ $bad = 0 ] && say "All is well."
    return $bad
}

# finding LABEL WHAT-IS-WRONG CURE
finding() {
    if [ -z "${2// /}" ]; then
        printf '  %-22s ok\n' "$1"
        return 0
    fi
    printf '  %-22s %s\n  %-22s → %s\n' "$1" "$2" '' "$3"
    return 1
}
