# Every check, on ports and data of its own. One failing part fails the whole.

test_settings() {
    export YELBO_VAR=${YELBO_TEST_VAR:-$YELBO_ROOT/var/test}
    export YELBO_PORT=${YELBO_TEST_PORT:-8512} YELBO_DB_PORT=${YELBO_TEST_DB_PORT:-8513} YELBO_CUTTER_PORT=${YELBO_TEST_CUTTER_PORT:-8514}
    export YELBO_CUTTER_PACE=12 YELBO_SIGN_INS=600
    unset DATABASE_URL YELBO_KEEPER_URL
    settings
}

# The browser's tests run side by side in two shops that share nothing: this one lies beside the first.
second_shop() {
    export YELBO_VAR=${YELBO_VAR}2 YELBO_PORT=$((YELBO_PORT + 10)) YELBO_DB_PORT=$((YELBO_DB_PORT + 10)) YELBO_CUTTER_PORT=$((YELBO_CUTTER_PORT + 10))
    unset YELBO_PUBLIC YELBO_BACKUPS
    settings
}

run_checks() {
    local part failed=''
    case ${1:-} in
        '' | static | unit | browser) ;;
        *) die "“$1” is not a part of the checks." "Take static, unit or browser, or none for all." ;;
    esac
    test_settings
    install_all
    install_debian "${TEST_PACKAGES[@]}"
    (install_debian "$LIGHT_BROWSER") 2>/dev/null || say "  Without $LIGHT_BROWSER: the pages are tried in chromium, which takes longer."
    trap 'stop_all >/dev/null; (second_shop; stop_all >/dev/null)' EXIT
    start_database
    for part in ${1:-together browser}; do
        case $part in
            together) static_beside_unit || failed="$failed $failed_beside" ;;
            *) headed "$part" || failed="$failed $part" ;;
        esac
    done
    printf '\n'
    [ -z "$failed" ] || die "These checks failed:$failed" "What went wrong stands above."
    say "All checks passed."
}

headed() {
    printf '\n== %s ==\n' "$1"
    "check_$1"
}

# The core needs no database: it runs beside what does, and the static checks before it. A core each; what the
# one says waits until the other is done. Whoever is done first starts the shops for the browser.
static_beside_unit() {
    local log=$YELBO_VAR/log/static.log beside
    failed_beside=''
    (
        bad=0
        headed static || bad=1
        headed core || bad=1
        exit $bad
    ) >"$log" 2>&1 &
    beside=$!
    headed shop || failed_beside='shop'
    start_shops >"$YELBO_VAR/log/shops.log" 2>&1
    wait "$beside" || failed_beside="static or core $failed_beside"
    cat "$log"
    [ -z "$failed_beside" ]
}

check_static() {
    local bad=0
    closing "Shell syntax" bash -c 'for f in yelbo .ci/run tools/*.sh; do bash -n "$f" || exit 1; done' || bad=1
    closing "phpstan, level 8" vendor/bin/phpstan analyse --no-progress --memory-limit=1G || bad=1
    closing "php-cs-fixer" vendor/bin/php-cs-fixer check --diff --show-progress=none || bad=1
    closing "tsc" npm run --silent types || bad=1
    closing "biome" npm run --silent lint || bad=1
    closing "vitest" npm run --silent test || bad=1
    return $bad
}

# closing LABEL COMMAND…  runs it, its output only where it fails, and a closing line either way.
closing() {
    local label=$1 log
    shift
    log=$YELBO_VAR/log/check.log
    if "$@" >"$log" 2>&1; then
        printf '%-22s ok\n' "$label"
        return 0
    fi
    cat "$log"
    printf '%-22s FAILED\n' "$label"
    return 1
}

check_unit() {
    check_shop && check_core
}

check_core() {
    (
        export APP_ENV=test
        php -d memory_limit=1G vendor/bin/phpunit --display-all-issues --testsuite core --cache-directory "$YELBO_VAR/cache/phpunit-core" &&
            php vendor/bin/phpunit --display-all-issues --testsuite script --cache-directory "$YELBO_VAR/cache/phpunit-script"
    )
}

check_shop() {
    (
        export APP_ENV=test
        DATABASE_URL=$(database_url yelbo_keeper "$YELBO_KEEPER_PASSWORD" yelbo_unit)
        rm -rf "$YELBO_VAR/cache/test"
        console doctrine:migrations:migrate --no-interaction --allow-no-migration --quiet &&
            console doctrine:schema:validate --quiet &&
            php -d memory_limit=1G vendor/bin/phpunit --display-all-issues --testsuite shop --cache-directory "$YELBO_VAR/cache/phpunit-shop"
    )
}

check_browser() {
    start_shops || return 1
    YELBO_SHOPS="$YELBO_PORT:$YELBO_VAR $(second_shop && printf '%s:%s' "$YELBO_PORT" "$YELBO_VAR")" npx playwright test
}

# Both shops for the browser, with fresh demo data; once.
start_shops() {
    [ -z "${shops_started:-}" ] || return 0
    (YELBO_LOAD_DEMO='--fresh' start_all installed) && (second_shop && YELBO_LOAD_DEMO='--fresh' start_all installed) &&
        shops_started=yes
}

bench() {
    settings
    if [ "${1:-}" = nest ]; then
        php "$YELBO_ROOT/tools/bench/all.php"
        return
    fi
    if [ "${1:-}" = week ]; then
        php "$YELBO_ROOT/tools/bench/week.php" "${@:2}"
        return
    fi
    if [ "${1:-}" = promises ]; then
        php "$YELBO_ROOT/tools/bench/promises.php" "${@:2}"
        return
    fi
    if [ "${1:-}" = chaos ]; then
        is_running nginx || die "Chaos is made in a running Yelbo." "./yelbo demo, then ./yelbo bench chaos"
        php "$YELBO_ROOT/tools/bench/chaos.php" "http://127.0.0.1:$YELBO_PORT" "$YELBO_VAR" "${@:2}"
        return
    fi
    if [ "${1:-}" = load ]; then
        bench_load "${@:2}"
        return
    fi
    is_running nginx || die "The benchmark asks a running Yelbo." "./yelbo demo, then ./yelbo bench"
    php "$YELBO_ROOT/tools/bench.php" "http://127.0.0.1:$YELBO_PORT" "$@"
    php "$YELBO_ROOT/tools/bench/batches.php" "http://127.0.0.1:$YELBO_PORT" "$YELBO_VAR/run/mariadb.sock"
    local began ended
    stop_all >/dev/null
    began=$(date +%s%N)
    start_all >/dev/null
    ended=$(date +%s%N)
    printf 'start-up, everything installed                 %6d ms\n' $(((ended - began) / 1000000))
}

# A shop of its own with years of orders in it, dropped afterwards.
bench_load() {
    (
        unset DATABASE_URL YELBO_KEEPER_URL YELBO_PUBLIC YELBO_BACKUPS
        export YELBO_VAR=$YELBO_VAR/load YELBO_PORT=$((YELBO_PORT + 30)) YELBO_DB_PORT=$((YELBO_DB_PORT + 30)) YELBO_CUTTER_PORT=$((YELBO_CUTTER_PORT + 30)) YELBO_SIGN_INS=6000
        trap 'stop_all >/dev/null; rm -rf "$YELBO_VAR"' EXIT
        YELBO_LOAD_DEMO=--fresh start_all >/dev/null
        DATABASE_URL=$YELBO_KEEPER_URL php -d memory_limit=1G "$YELBO_ROOT/tools/bench/load.php" "http://127.0.0.1:$YELBO_PORT" "$@"
    )
}
