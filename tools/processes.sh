# Telling our processes from others: by their id together with the moment they started.

# A process id alone can belong to somebody else by now: the start time tells.
identity() { printf '%s %s' "$1" "$(awk '{print $22}' "/proc/$1/stat" 2>/dev/null)"; }

# alive FILE: is the process whose identity stands in the file still that process?
alive() {
    local pid kept
    [ -s "$1" ] || return 1
    kept=$(cat "$1" 2>/dev/null)
    pid=${kept%% *}
    [ "$(identity "$pid")" = "$kept" ] && [ "${kept##* }" != "$pid" ] && [ "${kept##* }" != '' ]
}

# end_session ID: ends what a killed master left behind, which would hold its port or socket.
end_session() {
    local stat rest
    for stat in /proc/[0-9]*/stat; do
        rest=$(cat "$stat" 2>/dev/null) || continue
        rest=${rest##*) }
        # After the name: state, parent, group, session.
        set -- "$1" $rest
        if [ "${5:-}" = "$1" ]; then
            stat=${stat#/proc/}
            kill -KILL "${stat%/stat}" 2>/dev/null
        fi
    done
}
