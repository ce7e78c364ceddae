# The database in the data folder: made once, started on loopback, brought up to date.

# As the one who owns the data folder: known by the socket, without a password.
admin_sql() { as_shop mariadb --no-defaults --protocol=socket --socket="$YELBO_VAR/run/mariadb.sock" -u "$SHOP_USER" "$@"; }

# What a schema holds, as statements.
admin_dump() { as_shop mariadb-dump --no-defaults --protocol=socket --socket="$YELBO_VAR/run/mariadb.sock" -u "$SHOP_USER" "$@"; }

make_database() {
    [ -f "$YELBO_VAR/mariadb/.made" ] && return 0
    rm -rf "$YELBO_VAR/mariadb"
    step "Database folder" "$YELBO_VAR/log/mariadb-install.log" as_shop mariadb-install-db --no-defaults --user="$SHOP_USER" --datadir="$YELBO_VAR/mariadb" \
        --auth-root-authentication-method=socket --auth-root-socket-user="$SHOP_USER" --skip-test-db ||
        { tail_of "$YELBO_VAR/log/mariadb-install.log"; die "The database folder could not be made." "See $YELBO_VAR/log/mariadb-install.log"; }
    : >"$YELBO_VAR/mariadb/.made"
}

start_database() {
    [ "$YELBO_OWN_DATABASE" = yes ] || return 0
    make_database
    is_running mariadb || refuse_taken_port "$YELBO_DB_PORT" YELBO_DB_PORT
    mkdir -p "$YELBO_VAR/run/none"
    # Words of YELBO_DB_FLAGS are flags of their own.
    # shellcheck disable=SC2086
    start_service mariadb mariadbd --no-defaults --user="$SHOP_USER" --datadir="$YELBO_VAR/mariadb" --bind-address=127.0.0.1 \
        --port="$YELBO_DB_PORT" --socket="$YELBO_VAR/run/mariadb.sock" --pid-file="$YELBO_VAR/run/mariadbd.pid" --tmpdir="$YELBO_VAR/tmp" \
        --secure-file-priv="$YELBO_VAR/run/none" --local-infile=0 --symbolic-links=0 --max-allowed-packet=64M \
        --skip-log-bin --skip-name-resolve --innodb-buffer-pool-size=128M --innodb-flush-log-at-trx-commit=1 --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci ${YELBO_DB_FLAGS:-}
    wait_for "the database" 60 admin_answers ||
        { tail_of "$YELBO_VAR/log/mariadb.log"; die "The database does not answer." "See $YELBO_VAR/log/mariadb.log"; }
    grant_rights || die "The database would not take its users." "See $YELBO_VAR/log/mariadb.log"
}

# A data folder from before has a root that asks for no password: it is shut when it is first met.
admin_answers() {
    admin_sql -e 'SELECT 1' || mariadb --no-defaults --protocol=socket --socket="$YELBO_VAR/run/mariadb.sock" -u root -e "
        CREATE USER IF NOT EXISTS '$SHOP_USER'@localhost IDENTIFIED VIA unix_socket; GRANT ALL ON *.* TO '$SHOP_USER'@localhost WITH GRANT OPTION"
}

# Rows for the application, tables and schemas for what keeps them, and nobody without a password or the right socket.
grant_rights() {
    # In a grant an underscore stands for any letter.
    local only=${YELBO_SCHEMA//_/\\_}
    admin_sql <<SQL
        ALTER USER IF EXISTS root@localhost IDENTIFIED VIA unix_socket;
        DROP USER IF EXISTS yelbo@'127.0.0.1', root@'127.0.0.1', root@'::1', root@'$(hostname)', ''@localhost, ''@'$(hostname)';
        CREATE DATABASE IF NOT EXISTS $YELBO_SCHEMA;
        CREATE USER IF NOT EXISTS yelbo_app@'127.0.0.1' IDENTIFIED BY '$YELBO_DB_PASSWORD';
        ALTER USER yelbo_app@'127.0.0.1' IDENTIFIED BY '$YELBO_DB_PASSWORD';
        CREATE USER IF NOT EXISTS yelbo_keeper@'127.0.0.1' IDENTIFIED BY '$YELBO_KEEPER_PASSWORD';
        ALTER USER yelbo_keeper@'127.0.0.1' IDENTIFIED BY '$YELBO_KEEPER_PASSWORD';
        GRANT SELECT, INSERT, UPDATE, DELETE ON \`$only\`.* TO yelbo_app@'127.0.0.1';
        GRANT ALL ON yelbo.* TO yelbo_keeper@'127.0.0.1'; GRANT ALL ON \`yelbo\\_%\`.* TO yelbo_keeper@'127.0.0.1';
SQL
}

migrate() {
    step "Database schema" "$YELBO_VAR/log/migrate.log" keeper doctrine:migrations:migrate --no-interaction --allow-no-migration ||
        { tail_of "$YELBO_VAR/log/migrate.log"; die "The database could not be brought up to date." "Is DATABASE_URL right and the database up? See $YELBO_VAR/log/migrate.log"; }
}

load_demo() {
    step "Demo data" "$YELBO_VAR/log/demo.log" keeper yelbo:demo "$@" ||
        { tail_of "$YELBO_VAR/log/demo.log"; die "The demo data could not be loaded." "See $YELBO_VAR/log/demo.log"; }
}

# passphrase WORD…  takes --encrypt out of the words given and asks for the passphrase, where none is set.
passphrase() {
    GIVEN=()
    local word
    for word in "$@"; do
        if [ "$word" != --encrypt ]; then
            GIVEN+=("$word")
        elif [ -z "${YELBO_BACKUP_PASSPHRASE:-}" ]; then
            [ -t 0 ] || die "--encrypt needs a passphrase." "Set YELBO_BACKUP_PASSPHRASE, or run it at a terminal."
            read -rsp 'Passphrase: ' YELBO_BACKUP_PASSPHRASE && printf '\n'
            export YELBO_BACKUP_PASSPHRASE
        fi
    done
}

# from_caller FILE: a name as it was typed, seen from where it was typed.
from_caller() {
    case $1 in
        /*) printf '%s' "$1" ;;
        *) printf '%s/%s' "$YELBO_CALLED_FROM" "$1" ;;
    esac
}

backup() {
    passphrase "$@"
    [ "${#GIVEN[@]}" = 1 ] || die "backup needs a file to write." "./yelbo backup yelbo-$(date +%F).zip"
    settings
    local file says
    file=$(from_caller "${GIVEN[0]}")
    database_is_there
    # Written by the one whose shop it is, put in its place by the one who asked for it.
    [ ! -e "$file" ] || die "The backup was not written. $file is there already." "./yelbo backup FILE, with another name or more room"
    local made=$YELBO_VAR/tmp/backup-$$.zip
    says=$(keeper yelbo:backup "$made") || { rm -f "$made"; die "The backup was not written. $says" "./yelbo backup FILE, with another name or more room"; }
    mv "$made" "$file" 2>>"$YELBO_VAR/log/backup.log" ||
        { rm -f "$made"; die "The backup was not written. There is no writing to $file." "./yelbo backup FILE, with another name or more room"; }
    chown "$(id -u):$(id -g)" "$file"
    say "Written: $file ($says, $(du -h "$file" | cut -f1))"
}

database_is_there() {
    [ "$YELBO_OWN_DATABASE" = no ] || is_running mariadb || die "The database is not running." "./yelbo start"
}

# What is put back is loaded beside what is there and checked; only then the shop moves over. What was there stays.
restore() {
    passphrase "$@"
    [ "${#GIVEN[@]}" = 1 ] || die "restore needs a file that backup wrote." "./yelbo restore FILE"
    settings
    local file says stamp before
    file=$(from_caller "${GIVEN[0]}")
    [ -f "$file" ] || die "restore needs a file that backup wrote, and $file is not there." "./yelbo restore FILE"
    [ "$YELBO_OWN_DATABASE" = yes ] || die "The records are in a database of your own." "docs/operations.md tells how to put a backup into it."
    database_is_there
    [ "$(admin_sql -N "$YELBO_SCHEMA" -e "SELECT COUNT(*) FROM batch WHERE state = 'cutting'" 2>/dev/null)" = 0 ] ||
        die "A batch is on the cutter." "Wait until it is done, or stop it, then put the backup back."
    stamp=$(date +%Y%m%d_%H%M%S)
    # As the one whose shop it is can read it.
    local given=$YELBO_VAR/tmp/restore-$$.zip
    (umask 077 && cp "$file" "$given" && chown "$SHOP_USER:" "$given") || die "$file cannot be read." "./yelbo restore FILE"
    says=$(keeper yelbo:restore "$given" "yelbo_$stamp")
    local told=$?
    rm -f "$given"
    [ $told = 0 ] ||
        die "$(basename "$file") was not put back, and nothing was changed. ${says:-See $YELBO_VAR/log/yelbo.log}" "./yelbo restore FILE, with another file"
    for name in nginx worker nester planner poster nightly fpm; do stop_service "$name"; done
    before=$YELBO_BACKUPS/before-restore-$stamp.zip
    [ -d "$YELBO_BACKUPS" ] || (umask 077 && mkdir -p "$YELBO_BACKUPS" && chown "$SHOP_USER:" "$YELBO_BACKUPS")
    if ! keeper yelbo:backup "$before" >"$YELBO_VAR/log/backup.log" 2>&1; then
        admin_sql -e "DROP DATABASE yelbo_$stamp"
        start_all installed
        die "What is there now could not be backed up, and nothing was changed." "Is there room in $YELBO_BACKUPS? See $YELBO_VAR/log/backup.log"
    fi
    say "What was there is in $before, and stays in the schema $YELBO_SCHEMA."
    # The application may work with the one schema only.
    admin_sql -e "REVOKE ALL PRIVILEGES, GRANT OPTION FROM yelbo_app@'127.0.0.1'"
    printf 'yelbo_%s' "$stamp" >"$YELBO_VAR/schema.new" && mv "$YELBO_VAR/schema.new" "$YELBO_VAR/schema"
    say "Put back: $says"
    start_all installed
    # What was on its way when the backup was written: nobody follows it any more.
    console yelbo:upkeep --mend
}
