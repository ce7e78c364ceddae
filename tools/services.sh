# The processes: each kept alive by a small keeper, each ended by the id it was started with.

service_names() {
    [ ! -e "$YELBO_VAR/node" ] || { printf 'fpm worker nester planner poster nginx'; return; }
    [ "$YELBO_OWN_DATABASE" = yes ] && printf 'mariadb '
    printf 'fpm worker nester planner poster nightly cutter nginx'
}

is_running() { alive "$YELBO_VAR/run/$1.keeper" && alive "$YELBO_VAR/run/$1.child"; }

# start_service NAME COMMAND…
start_service() {
    local name=$1
    shift
    is_running "$name" && return 0
    stop_service "$name"
    # Some write to it themselves as well.
    as_shop touch "$YELBO_VAR/log/$name.log"
    # Who may change tables is no business of what serves pages.
    "${SHOP_AS[@]}" env -u YELBO_KEEPER_URL setsid bash "$YELBO_ROOT/tools/keep.sh" "$name" "$@" >>"$YELBO_VAR/log/$name.log" 2>&1 </dev/null &
    wait_for "$name" 10 is_running "$name" || { tail_of "$YELBO_VAR/log/$name.log"; die "$name would not start." "See $YELBO_VAR/log/$name.log"; }
}

stop_service() {
    local name=$1 part file pid
    for part in keeper child; do
        file=$YELBO_VAR/run/$name.$part
        if alive "$file"; then
            pid=$(cut -d' ' -f1 "$file")
            kill -TERM "$pid" 2>/dev/null
            for _ in $(seq 150); do
                alive "$file" || break
                sleep 0.1
            done
            alive "$file" && kill -KILL "$pid" 2>/dev/null
        fi
        [ "$part" = child ] && [ -s "$file" ] && end_session "$(cut -d' ' -f1 "$file")"
        rm -f "$file"
    done
}

# wait_for WHAT SECONDS COMMAND…
wait_for() {
    local until=$(($(date +%s) + $2))
    shift 2
    until "$@" >/dev/null 2>&1; do
        [ "$(date +%s)" -lt "$until" ] || return 1
        sleep 0.1
    done
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

refuse_taken_port() {
    port_taken "$1" && die "Port $1 is taken by another program." "Set $2 to a free port, for example $2=$(($1 + 100)) ./yelbo demo"
    return 0
}

page_answers() { php -r 'exit(str_contains((string) @file_get_contents("http://127.0.0.1:'"$YELBO_PORT"'/api/me"), "csrf") ? 0 : 1);' 2>/dev/null; }

write_configs() {
    local root_user='' fpm_user=''
    [ "$SHOP_USER" = root ] && root_user="user root;" && fpm_user='user = root\ngroup = root'
    sed -e "s|@VAR@|$YELBO_VAR|g" -e "s|@ROOT@|$YELBO_ROOT|g" -e "s|@PORT@|$YELBO_PORT|g" -e "s|@USER@|$root_user|g" \
        -e "s|@SIGN_INS@|$YELBO_SIGN_INS|g" -e "s|@GIVENS@|$YELBO_GIVENS|g" -e "s|@REQUESTS@|$YELBO_REQUESTS|g" \
        "$YELBO_ROOT/config/server/nginx.conf" >"$YELBO_VAR/etc/nginx.conf"
    sed -e "s|@VAR@|$YELBO_VAR|g" -e "s|@BUDGET@|$YELBO_BUDGET|g" "$YELBO_ROOT/config/server/fpm.conf" >"$YELBO_VAR/etc/fpm.conf"
    # The user of every pool.
    [ -z "$fpm_user" ] || sed -i "s|^listen = |$fpm_user\nlisten = |" "$YELBO_VAR/etc/fpm.conf"
    as_shop mkdir -p "$YELBO_VAR"/tmp/nginx
}

start_all() {
    settings
    [ "${1:-}" = installed ] || install_all
    for name in nginx:$YELBO_PORT:YELBO_PORT cutter:$YELBO_CUTTER_PORT:YELBO_CUTTER_PORT; do
        IFS=: read -r service port variable <<<"$name"
        is_running "$service" || { stop_service "$service"; refuse_taken_port "$port" "$variable"; }
    done
    start_database
    migrate
    [ -n "${YELBO_LOAD_DEMO:-}" ] && load_demo $YELBO_LOAD_DEMO
    start_service cutter php "$YELBO_ROOT/bin/console" yelbo:cutter
    DATABASE_URL=$YELBO_KEEPER_URL start_service nightly php "$YELBO_ROOT/bin/console" yelbo:nightly
    start_pages
    warm_letters
    console yelbo:first-owner 2>>"$YELBO_VAR/log/start.log"
    say "Yelbo runs at http://127.0.0.1:$YELBO_PORT/"
}

# A further machine's pages and workers for the shop whose database DATABASE_URL is; that shop keeps the database, the cutter
# and the backups.
start_node() {
    [ -n "${DATABASE_URL:-}" ] ||
        die "A node works for a shop that runs elsewhere, and nothing says which." "Set DATABASE_URL to its database and YELBO_CUTTER_AT to its cutter; docs/operations.md tells more."
    settings
    install_all
    as_shop touch "$YELBO_VAR/node"
    is_running nginx || { stop_service nginx; refuse_taken_port "$YELBO_PORT" YELBO_PORT; }
    console doctrine:migrations:up-to-date --quiet >>"$YELBO_VAR/log/start.log" 2>&1 ||
        die "The shop's database does not answer, or is of another version of Yelbo." "Update both to the same version; is DATABASE_URL right?"
    start_pages
    say "A node of Yelbo runs at http://127.0.0.1:$YELBO_PORT/"
}

# What serves the pages and does the long work; any number of machines may.
start_pages() {
    write_configs
    local fpm_flags=()
    [ "$SHOP_USER" = root ] && fpm_flags=(--allow-to-run-as-root)
    start_service fpm php-fpm8.2 --nodaemonize --fpm-config "$YELBO_VAR/etc/fpm.conf" "${fpm_flags[@]}"
    start_service worker php "$YELBO_ROOT/bin/console" messenger:consume work --time-limit=3600 --memory-limit=256M --sleep=0.01 --quiet
    start_service planner php "$YELBO_ROOT/bin/console" messenger:consume later --keepalive=15 --time-limit=3600 --memory-limit=384M --sleep=0.01 --quiet
    start_service poster php "$YELBO_ROOT/bin/console" messenger:consume post --keepalive=15 --time-limit=3600 --memory-limit=128M --sleep=0.2 --quiet
    start_service nester php "$YELBO_ROOT/bin/console" messenger:consume quick nest --keepalive=4 --time-limit=3600 --memory-limit=384M --sleep=0.01 --quiet
    start_service nginx nginx -p "$YELBO_VAR" -c "$YELBO_VAR/etc/nginx.conf"
    wait_for "the page" 30 page_answers || { tail_of "$YELBO_VAR/log/nginx.log"; die "The page does not answer." "./yelbo doctor says what is broken."; }
}

# In the background, once for each state of the code; ends by itself after some seconds.
warm_letters() {
    stamp_is "$YELBO_VAR/cache/letters" "$(code_stamp)" && return 0
    as_shop mkdir -p "$YELBO_VAR/cache/letters"
    set_stamp "$YELBO_VAR/cache/letters" "$(code_stamp)"
    "${SHOP_AS[@]}" nice -n 15 php "$YELBO_ROOT/bin/console" yelbo:warm >"$YELBO_VAR/log/warm.log" 2>&1 </dev/null &
    disown
}

# New code in the data folder's processes: they are started anew, the data stays.
restart_if_code_changed() {
    stamp_is "$YELBO_VAR/run" "$(code_stamp)" && return 0
    for name in nginx worker nester planner poster nightly cutter fpm; do stop_service "$name"; done
    set_stamp "$YELBO_VAR/run" "$(code_stamp)"
}

# Started with the machine and ended with it, where systemd does that.
install_service() {
    settings
    local unit
    unit=$(cat <<UNIT
[Unit]
Description=Yelbo, $YELBO_ROOT
After=network.target

[Service]
Type=oneshot
RemainAfterExit=yes
Environment=YELBO_VAR=$YELBO_VAR YELBO_PORT=$YELBO_PORT YELBO_DB_PORT=$YELBO_DB_PORT YELBO_CUTTER_PORT=$YELBO_CUTTER_PORT YELBO_PUBLIC=$YELBO_PUBLIC
WorkingDirectory=$YELBO_ROOT
ExecStart=$YELBO_ROOT/yelbo start
ExecStop=$YELBO_ROOT/yelbo stop
TimeoutStartSec=900
NoNewPrivileges=yes
PrivateTmp=yes
ProtectSystem=full

[Install]
WantedBy=multi-user.target
UNIT
)
    if [ "${1:-}" = --print ]; then
        printf '%s\n' "$unit"
        return
    fi
    [ -d /run/systemd/system ] || die "There is no systemd on this machine." "./yelbo install-service --print shows the unit; ./yelbo start starts without it."
    [ "$(id -u)" = 0 ] || die "Only root may add a service." "As root: ./yelbo install-service"
    printf '%s\n' "$unit" >/etc/systemd/system/yelbo.service
    systemctl daemon-reload && systemctl enable yelbo.service ||
        die "systemd would not take the service." "systemctl status yelbo.service says why."
    say "Yelbo starts with this machine from now on. Now: systemctl start yelbo"
}

stop_all() {
    settings
    local name
    for name in nginx worker nester planner poster nightly cutter fpm mariadb; do stop_service "$name"; done
    say "Stopped what was started for $YELBO_VAR."
}

demo() {
    settings
    say "Yelbo, demo shop. Logs are in $YELBO_VAR/log"
    install_all
    restart_if_code_changed
    YELBO_LOAD_DEMO='--if-empty'
    if [ "${1:-}" = --fresh ]; then
        for name in nginx worker nester planner poster nightly cutter fpm; do stop_service "$name"; done
        YELBO_LOAD_DEMO='--fresh'
    elif [ $# -gt 0 ]; then
        die "“$1” is not an option of demo." "./yelbo demo, or ./yelbo demo --fresh to start the data over."
    fi
    start_all installed
    console yelbo:demo --sign-ins
}
