#!/usr/bin/env bash
# Keeps one process alive: starts it again a second after it ends, however it ended, until told to stop.
# Usage: keep.sh NAME COMMAND…  (with YELBO_VAR set)
set -u
name=$1
shift
run=$YELBO_VAR/run
# shellcheck source=/dev/null
. "$(dirname "${BASH_SOURCE[0]}")/processes.sh"
child=
stop() {
    trap '' TERM
    [ -n "$child" ] && kill -TERM "$child" 2>/dev/null && wait "$child" 2>/dev/null
    [ -n "$child" ] && end_session "$child"
    rm -f "$run/$name.keeper" "$run/$name.child"
    exit 0
}
trap stop TERM INT
identity $$ >"$run/$name.keeper"
while true; do
    # A session of its own: whatever it leaves behind when it is killed can be found and ended.
    setsid "$@" &
    child=$!
    identity "$child" >"$run/$name.child"
    wait "$child"
    printf '%s %s ended (%s); starting it again\n' "$(date +%FT%T)" "$name" "$?"
    end_session "$child"
    sleep 1
done
