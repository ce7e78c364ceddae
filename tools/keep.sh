#!/usr/bin/env bash
# Keeps one process alive: starts it again a second after it ends, however it ended, until told to stop.
# Usage: keep.sh NAME COMMAND…  (with YELBO_VAR set)
set -u
name=$1
shift
run=$YELBO_VAR/run
identity() { printf '%s %s' "$1" "$(awk '{print $22}' "/proc/$1/stat" 2>/dev/null)"; }
child=
stop() {
    trap '' TERM
    [ -n "$child" ] && kill -TERM "$child" 2>/dev/null && wait "$child" 2>/dev/null
    rm -f "$run/$name.keeper" "$run/$name.child"
    exit 0
}
trap stop TERM INT
identity $$ >"$run/$name.keeper"
while true; do
    "$@" &
    child=$!
    identity "$child" >"$run/$name.child"
    wait "$child"
    printf '%s %s ended (%s); starting it again\n' "$(date +%FT%T)" "$name" "$?"
    sleep 1
done
