# Where things lie and on which ports, set once for every part of the script.

settings() {
    export YELBO_VAR=${YELBO_VAR:-$YELBO_ROOT/var}
    export YELBO_PORT=${YELBO_PORT:-8412}
    export YELBO_DB_PORT=${YELBO_DB_PORT:-8413}
    export YELBO_CUTTER_PORT=${YELBO_CUTTER_PORT:-8414}
    export YELBO_CUTTER=${YELBO_CUTTER_AT:-127.0.0.1:$YELBO_CUTTER_PORT}
    # Seconds of the processor for what is worked out at the counter.
    export YELBO_BUDGET=${YELBO_BUDGET:-5}
    export YELBO_CUTTER_PACE=${YELBO_CUTTER_PACE:-8}
    export YELBO_SIGN_INS=${YELBO_SIGN_INS:-20} YELBO_GIVENS=${YELBO_GIVENS:-120} YELBO_REQUESTS=${YELBO_REQUESTS:-100}
    export YELBO_PUBLIC=${YELBO_PUBLIC:-http://127.0.0.1:$YELBO_PORT}
    export APP_ENV=${APP_ENV:-prod} APP_DEBUG=${APP_DEBUG:-0}
    export PHP_INI_SCAN_DIR=:$YELBO_ROOT/config/php
    export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
    # Where Debian keeps servers; not on everybody's path.
    export PATH=$PATH:/usr/sbin:/sbin
    local port
    for port in "$YELBO_PORT" "$YELBO_DB_PORT" "$YELBO_CUTTER_PORT"; do
        case $port in
            '' | *[!0-9]*) die "“$port” is not a port." "Set YELBO_PORT, YELBO_DB_PORT and YELBO_CUTTER_PORT to numbers from 1024 to 65535." ;;
        esac
    done
    mkdir -p "$YELBO_VAR"/{run,log,etc,cache,tmp} 2>/dev/null ||
        die "The data folder $YELBO_VAR cannot be written." "Set YELBO_VAR to a folder you own."
    YELBO_VAR=$(cd "$YELBO_VAR" && pwd)
    [ "${#YELBO_VAR}" -le 80 ] || die "The data folder's path is too long for sockets." "Set YELBO_VAR to a shorter path."
    export YELBO_CUTTER_MEMORY=$YELBO_VAR/cutter.json
    export YELBO_BELL=$YELBO_VAR/run/bell
    # While it lies there the simulated post answers nobody.
    export YELBO_POST_AWAY=$YELBO_VAR/run/post-away
    export YELBO_BACKUPS=${YELBO_BACKUPS:-$YELBO_VAR/backups}
    # Nothing in it concerns other accounts of this machine.
    chmod 0700 "$YELBO_VAR"
    secrets
    shop_user
    # The schema the shop works with: another one after a backup was put back.
    YELBO_SCHEMA=$(cat "$YELBO_VAR/schema" 2>/dev/null || echo yelbo)
    if [ -n "${DATABASE_URL:-}" ] && [ "${YELBO_OWN_DATABASE:-}" != yes ]; then
        YELBO_OWN_DATABASE=no
    else
        YELBO_OWN_DATABASE=yes
        DATABASE_URL=$(database_url yelbo_app "$YELBO_DB_PASSWORD" "$YELBO_SCHEMA")
        YELBO_KEEPER_URL=$(database_url yelbo_keeper "$YELBO_KEEPER_PASSWORD" "$YELBO_SCHEMA")
    fi
    # Whoever brings a database of their own says who may change its tables; else it is the one user for all.
    YELBO_KEEPER_URL=${YELBO_KEEPER_URL:-$DATABASE_URL}
    export DATABASE_URL YELBO_KEEPER_URL YELBO_OWN_DATABASE
}

# database_url USER PASSWORD SCHEMA
database_url() { printf 'mysql://%s:%s@127.0.0.1:%s/%s?serverVersion=10.11.0-MariaDB&charset=utf8mb4' "$1" "$2" "$YELBO_DB_PORT" "$3"; }

# Random secrets for this data folder, each made once, readable by their owner only.
secrets() {
    local file=$YELBO_VAR/secret name
    for name in APP_SECRET YELBO_DB_PASSWORD YELBO_KEEPER_PASSWORD; do
        if ! grep -qs "^$name=" "$file"; then
            (umask 077 && { cat "$file" 2>/dev/null; printf '%s=%s\n' "$name" "$(random_hex)"; } >"$file.new" && mv "$file.new" "$file")
        fi
    done
    # Read and not run: who owns the folder is not always who starts this.
    for name in APP_SECRET YELBO_DB_PASSWORD YELBO_KEEPER_PASSWORD; do
        printf -v "$name" '%s' "$(sed -n "s/^$name=\([0-9A-Za-z]*\)\$/\1/p" "$file" | tail -n 1)"
        [ -n "${!name}" ] || die "The secrets of this data folder cannot be read." "Is $file whole? Put it back from where you keep it."
    done
    export APP_SECRET
}

random_hex() { od -An -N24 -tx1 /dev/urandom | tr -d ' \n'; }

# Started by root, everything runs as a user of its own all the same, who owns the data folder and nothing else. Only where
# that user cannot read the program it has to stay root, which is said.
shop_user() {
    SHOP_USER=$(id -un)
    SHOP_AS=()
    [ "$(id -u)" = 0 ] && [ "${YELBO_USER:-yelbo}" != root ] || return 0
    local name=${YELBO_USER:-yelbo}
    if ! id "$name" >/dev/null 2>&1; then
        useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$name" 2>/dev/null ||
            { say "  There is no account $name and none could be made: everything runs as root."; return 0; }
    fi
    if ! setpriv --reuid="$name" --regid="$name" --init-groups sh -c 'cd "$1" && test -r public/index.php && cd "$2"' - "$YELBO_ROOT" "$(dirname "$YELBO_VAR")" 2>/dev/null; then
        say "  The account $name cannot read $YELBO_ROOT or reach $YELBO_VAR: everything runs as root."
        return 0
    fi
    SHOP_USER=$name
    SHOP_AS=(env "HOME=$YELBO_VAR" setpriv "--reuid=$name" "--regid=$name" --init-groups --)
    [ "$(stat -c %U "$YELBO_VAR")" = "$name" ] || chown -R "$name:" "$YELBO_VAR"
    chown "$name:" "$YELBO_VAR"/{run,log,etc,cache,tmp,secret}
    as_shop touch "$YELBO_VAR"/log/{php,yelbo}.log
}

# as_shop COMMAND…  as the user whose shop it is.
as_shop() { "${SHOP_AS[@]}" "$@"; }

console() { as_shop php "$YELBO_ROOT/bin/console" "$@"; }

# The same as the one who may change tables and make schemas; the application itself may only work with rows.
keeper() { DATABASE_URL=$YELBO_KEEPER_URL as_shop php "$YELBO_ROOT/bin/console" "$@"; }

# console_for COMMAND …  what makes or changes tables asks as the one who may.
console_for() {
    local name=$1
    shift
    case $name in
        doctrine:* | yelbo:nightly | yelbo:backup | yelbo:restore | yelbo:demo) keeper "$@" ;;
        *) console "$@" ;;
    esac
}
