# Benchmarks: figures, not tests. Whatever asks a running shop gets one of its own, on ports of its own, dropped afterwards: nothing
# is ever written into the shop they are started in.

bench() {
    settings
    case ${1:-} in
        nest) php "$YELBO_ROOT/tools/bench/all.php" ;;
        testcut) php "$YELBO_ROOT/tools/bench/testcut.php" "${@:2}" ;;
        week) php "$YELBO_ROOT/tools/bench/week.php" "${@:2}" ;;
        promises) php "$YELBO_ROOT/tools/bench/promises.php" "${@:2}" ;;
        chaos) in_own_shop bench_chaos "${@:2}" ;;
        load) in_own_shop bench_load "${@:2}" ;;
        hostile) in_own_shop bench_hostile "${@:2}" ;;
        '' | --keep)
            [ "${1:-}" = --keep ] && export YELBO_BENCH_KEEP=yes
            in_own_shop bench_pages
            ;;
        *) die "There is no benchmark “$1”." "Take nest, testcut, week, promises, chaos, load or hostile, or none for the pages." ;;
    esac
}

# in_own_shop COMMAND…  with the demo's records in it.
in_own_shop() {
    (
        unset DATABASE_URL YELBO_KEEPER_URL YELBO_PUBLIC YELBO_BACKUPS
        export YELBO_VAR=$YELBO_VAR/bench YELBO_PORT=$((YELBO_PORT + 30)) YELBO_DB_PORT=$((YELBO_DB_PORT + 30)) YELBO_CUTTER_PORT=$((YELBO_CUTTER_PORT + 30)) YELBO_SIGN_INS=6000
        export YELBO_GIVENS=60000 YELBO_REQUESTS=10000
        # What warms letters in the background writes until it is done.
        trap 'stop_all >/dev/null; for _ in 1 2 3 4 5; do rm -rf "$YELBO_VAR" 2>/dev/null && break; sleep 2; done' EXIT
        YELBO_LOAD_DEMO=--fresh start_all >/dev/null
        "$@"
    )
}

bench_pages() {
    local began ended
    # The first letters are drawn ahead in the background: they are not what is measured.
    console yelbo:warm
    php "$YELBO_ROOT/tools/bench.php" "http://127.0.0.1:$YELBO_PORT"
    as_shop php "$YELBO_ROOT/tools/bench/batches.php" "http://127.0.0.1:$YELBO_PORT" "$YELBO_VAR/run/mariadb.sock"
    stop_all >/dev/null
    began=$(date +%s%N)
    start_all >/dev/null
    ended=$(date +%s%N)
    printf 'start-up, everything installed                 %6d ms\n' $(((ended - began) / 1000000))
}

bench_chaos() { php -d display_errors=stderr "$YELBO_ROOT/tools/bench/chaos.php" "http://127.0.0.1:$YELBO_PORT" "$YELBO_VAR" "$@"; }

bench_load() { DATABASE_URL=$YELBO_KEEPER_URL php -d display_errors=stderr -d memory_limit=1G "$YELBO_ROOT/tools/bench/load.php" "http://127.0.0.1:$YELBO_PORT" "$@"; }

bench_hostile() { php "$YELBO_ROOT/tools/bench/hostile.php" "http://127.0.0.1:$YELBO_PORT" "$@"; }
