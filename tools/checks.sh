# The checks, on ports and data of their own. One failing part fails the whole.

test_settings() {
    export YELBO_VAR=${YELBO_TEST_VAR:-$YELBO_ROOT/var/test}
    export YELBO_PORT=${YELBO_TEST_PORT:-8512} YELBO_DB_PORT=${YELBO_TEST_DB_PORT:-8513} YELBO_CUTTER_PORT=${YELBO_TEST_CUTTER_PORT:-8514}
    export YELBO_CUTTER_PACE=200 YELBO_SIGN_INS=600
    # A test does not wait for the disk: only a machine that loses its power would lose something, a killed process does not.
    export YELBO_DB_FLAGS='--innodb-flush-method=nosync --innodb-flush-log-at-trx-commit=2 --skip-innodb-doublewrite'
    unset DATABASE_URL YELBO_KEEPER_URL
    settings
}

# The browser's tests run side by side in two shops that share nothing: this one lies beside the first.
second_shop() {
    export YELBO_VAR=${YELBO_VAR}2 YELBO_PORT=$((YELBO_PORT + 10)) YELBO_DB_PORT=$((YELBO_DB_PORT + 10)) YELBO_CUTTER_PORT=$((YELBO_CUTTER_PORT + 10))
    unset YELBO_PUBLIC YELBO_BACKUPS
    settings
    warm_cache
}

# ./yelbo test [PART… | NAME…]  every check; or some suites, files and classes.
# ./yelbo test --changed [REV]   what a change can touch: since REV, or what is not committed yet.
run_checks() {
    local began part failed='' selected
    began=$(date +%s)
    test_settings
    install_all
    install_debian "${TEST_PACKAGES[@]}"
    (install_debian "$LIGHT_BROWSER") 2>/dev/null || say "  Without $LIGHT_BROWSER: the pages are tried in chromium, which takes longer."
    rm -rf "$YELBO_VAR/times" && mkdir -p "$YELBO_VAR/times"
    printf 'install %s\n' $(($(date +%s) - began)) >>"$YELBO_VAR/times/parts"
    selected=$(php "$YELBO_ROOT/tools/checks/select.php" "$@") || exit 1
    [ -n "$selected" ] || { say "Nothing of what is tried is touched."; return 0; }
    PHP_TESTS=$(sed -n 's/^php //p' <<<"$selected")
    PAGE_TESTS=$(sed -n 's/^page //p' <<<"$selected")
    BROWSER_TESTS=$(sed -n 's/^browser //p' <<<"$selected")
    rm -f "$YELBO_VAR/tmp/demo.sql"
    trap 'stop_all >/dev/null; (second_shop; stop_all >/dev/null)' EXIT
    for part in $(sed -n 's/^part //p' <<<"$selected"); do
        headed "$part" || failed="$failed $part"
    done
    printf '\n'
    php "$YELBO_ROOT/tools/checks/times.php" "$YELBO_VAR/times" $(($(date +%s) - began))
    [ -z "$failed" ] || { php "$YELBO_ROOT/tools/checks/failed.php" "$YELBO_VAR/times"; die "These checks failed:$failed" "What went wrong stands above."; }
    say "All checks passed."
}

headed() {
    local began status
    began=$(date +%s)
    printf '\n== %s ==\n' "$1"
    "check_$1"
    status=$?
    printf '%s %s\n' "$1" $(($(date +%s) - began)) >>"$YELBO_VAR/times/parts"
    return $status
}

# What reads the code only: two lines of it side by side, one for each core. What follows needs the demo, which is made meanwhile.
check_static() {
    local bad=0 beside
    (
        bad=0
        closing "types of the pages" npm run --silent types || bad=1
        closing "style of the pages" npm run --silent lint || bad=1
        closing "installed as tried" php tools/packages.php check || bad=1
        known_faults || bad=1
        closing "shell syntax" bash -c 'for f in yelbo .ci/run tools/*.sh; do bash -n "$f" || exit 1; done' || bad=1
        [ -z "$PHP_TESTS$BROWSER_TESTS" ] || closing "demo made" demo_records || bad=1
        exit $bad
    ) &
    beside=$!
    closing "types of the code" vendor/bin/phpstan analyse --no-progress --memory-limit=1G || bad=1
    # This tool is half as quick again where PHP compiles it; the application never is (docs/decisions/24).
    closing "style of the code" php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=128M \
        vendor/bin/php-cs-fixer check --diff --show-progress=none --cache-file "$YELBO_VAR/cache/style.json" || bad=1
    wait "$beside" || bad=1
    return $bad
}

# Advisories come from the registry: where it cannot be asked that is said, and is no fault of the code.
known_faults() {
    local log=$YELBO_VAR/log/audit.log
    COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_AUDIT_ABANDONED=ignore composer audit --no-interaction >"$log" 2>"$log.err" && { printf '%-22s ok\n' 'known faults'; return 0; }
    if grep -qiE 'could not|timed out|resolve|curl error|failed to' "$log.err"; then
        printf '%-22s not asked: the registry does not answer\n' 'known faults'
        return 0
    fi
    cat "$log"
    printf '%-22s FAILED\n' 'known faults'
    return 1
}

# closing LABEL COMMAND…  runs it, its output only where it fails, and a closing line either way.
closing() {
    local label=$1 log
    shift
    log=$YELBO_VAR/log/check-${label// /-}.log
    if "$@" >"$log" 2>&1; then
        printf '%-22s ok\n' "$label"
        return 0
    fi
    cat "$log"
    printf '%-22s FAILED\n' "$label"
    return 1
}

# The logic of the pages, without a browser.
check_pages() { closing "logic of the pages" npx vitest run --silent=passed-only --reporter=default --reporter=junit --outputFile.junit="$YELBO_VAR/times/pages.xml" $PAGE_TESTS; }

# The demo, made once for all that look at it: in the first shop's schema, and written out for the others.
demo_records() {
    [ ! -s "$YELBO_VAR/tmp/demo.sql" ] || return 0
    start_database
    migrate
    load_demo --fresh
    admin_dump "$YELBO_SCHEMA" >"$YELBO_VAR/tmp/demo.made" && mv "$YELBO_VAR/tmp/demo.made" "$YELBO_VAR/tmp/demo.sql"
}

# PHPUnit, a process for each core and one for when those wait, each with a schema of its own; files are handed out one after the
# other, the longest first.
check_php() {
    local nth many tests=$PHP_TESTS
    many=$(($(nproc) + 1))
    grep -qE 'tests/Shop($|/Demo)' <<<"$tests" && { demo_records || return 1; }
    (
        export APP_ENV=test
        rm -rf "$YELBO_VAR/cache/test" "$YELBO_VAR"/unit-*
        if grep -qE 'tests/(Shop|Web|Console)' <<<"$tests"; then
            start_database
            for nth in $(seq "$many"); do
                admin_sql -e "DROP DATABASE IF EXISTS yelbo_unit_$nth; CREATE DATABASE yelbo_unit_$nth"
            done
            DATABASE_URL=$(database_url yelbo_keeper "$YELBO_KEEPER_PASSWORD" yelbo_unit_1)
            console doctrine:migrations:migrate --no-interaction --allow-no-migration --quiet && console doctrine:schema:validate --quiet || exit 1
            for nth in $(seq 2 "$many"); do
                admin_dump yelbo_unit_1 | admin_sql "yelbo_unit_$nth" || exit 1
            done
            if [ -s "$YELBO_VAR/tmp/demo.sql" ]; then
                admin_sql -e 'DROP DATABASE IF EXISTS yelbo_unit_demo; CREATE DATABASE yelbo_unit_demo'
                admin_sql yelbo_unit_demo <"$YELBO_VAR/tmp/demo.sql" || exit 1
            fi
            DATABASE_URL=$(database_url yelbo_keeper "$YELBO_KEEPER_PASSWORD" yelbo_unit)
        else
            console cache:warmup --quiet || exit 1
        fi
        export DATABASE_URL
        php tools/checks/suite.php $tests >"$YELBO_VAR/etc/phpunit.xml"
        php vendor/bin/paratest --processes="$many" --passthru-php="'-d' 'memory_limit=1G'" --configuration "$YELBO_VAR/etc/phpunit.xml" \
            --cache-directory "$YELBO_VAR/cache/phpunit" --log-junit "$YELBO_VAR/times/php.xml" --testsuite chosen \
            --display-deprecations --display-errors --display-notices --display-warnings --display-skipped
    )
}

check_browser() {
    start_shops || return 1
    YELBO_TIMES=$YELBO_VAR/times/browser.json \
        YELBO_SHOPS="$YELBO_PORT:$YELBO_VAR $(second_shop && printf '%s:%s' "$YELBO_PORT" "$YELBO_VAR")" npx playwright test $BROWSER_TESTS
}

# Both shops for the browser; the other gets a copy of the first one's records and of what it remembers, before either runs.
start_shops() {
    demo_records || return 1
    local records=$YELBO_VAR/tmp/demo.sql pools=$YELBO_VAR/cache/$APP_ENV/pools letters=$YELBO_VAR/cache/letters
    as_shop mkdir -p "$letters"
    set_stamp "$letters" "$(code_stamp)"
    console yelbo:warm >"$YELBO_VAR/log/warm.log" 2>&1
    (
        second_shop
        start_database
        admin_sql "$YELBO_SCHEMA" <"$records" || exit 1
        rm -rf "$YELBO_VAR/cache/$APP_ENV/pools" "$YELBO_VAR/cache/letters"
        cp -a "$pools" "$YELBO_VAR/cache/$APP_ENV/" && cp -a "$letters" "$YELBO_VAR/cache/"
    ) || return 1
    start_all installed && (second_shop && start_all installed)
}
