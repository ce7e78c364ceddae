# What the script says: a line a step, and one sentence with its cure when it gives up.

say() { printf '%s\n' "$*"; }

# die SENTENCE CURE
die() {
    printf '\nYelbo: %s\n       %s\n' "$1" "$2" >&2
    exit 1
}

# step LABEL LOGFILE COMMAND…  runs a command, its output in a log, with a dot a second.
step() {
    local label=$1 log=$2 pid seconds=0
    shift 2
    printf '  %-44s' "$label"
    "$@" >"$log" 2>&1 </dev/null &
    pid=$!
    while kill -0 "$pid" 2>/dev/null; do
        sleep 0.2
        seconds=$((seconds + 1))
        [ $((seconds % 10)) -eq 0 ] && printf '.'
    done
    if wait "$pid"; then
        printf ' done\n'
        return 0
    fi
    printf ' failed\n'
    return 1
}

# The last lines of a log, for a failure that has no sentence of its own.
tail_of() { sed 's/^/       | /' <(tail -n 8 "$1") >&2; }
