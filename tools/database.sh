# The database in the data folder: made once, started on loopback, brought up to date.

mariadb_sql() { mariadb --no-defaults --protocol=socket --socket="$YELBO_VAR/run/mariadb.sock" -u root "$@"; }

make_database() {
    [ -f "$YELBO_VAR/mariadb/.made" ] && return 0
    rm -rf "$YELBO_VAR/mariadb"
    step "Database folder" "$YELBO_VAR/log/mariadb-install.log" mariadb-install-db --no-defaults --user="$(id -un)" \
        --datadir="$YELBO_VAR/mariadb" --auth-root-authentication-method=normal --skip-test-db ||
        { tail_of "$YELBO_VAR/log/mariadb-install.log"; die "The database folder could not be made." "See $YELBO_VAR/log/mariadb-install.log"; }
    : >"$YELBO_VAR/mariadb/.made"
}

start_database() {
    [ "$YELBO_OWN_DATABASE" = yes ] || return 0
    make_database
    is_running mariadb || refuse_taken_port "$YELBO_DB_PORT" YELBO_DB_PORT
    start_service mariadb mariadbd --no-defaults --user="$(id -un)" --datadir="$YELBO_VAR/mariadb" --bind-address=127.0.0.1 \
        --port="$YELBO_DB_PORT" --socket="$YELBO_VAR/run/mariadb.sock" --pid-file="$YELBO_VAR/run/mariadbd.pid" --tmpdir="$YELBO_VAR/tmp" \
        --skip-log-bin --skip-name-resolve --innodb-buffer-pool-size=128M --innodb-flush-log-at-trx-commit=1 --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci
    wait_for "the database" 60 mariadb_sql -e 'SELECT 1' ||
        { tail_of "$YELBO_VAR/log/mariadb.log"; die "The database does not answer." "See $YELBO_VAR/log/mariadb.log"; }
    mariadb_sql -e "CREATE DATABASE IF NOT EXISTS yelbo; CREATE DATABASE IF NOT EXISTS yelbo_unit;
        CREATE USER IF NOT EXISTS yelbo@'127.0.0.1' IDENTIFIED BY '$YELBO_DB_PASSWORD'; ALTER USER yelbo@'127.0.0.1' IDENTIFIED BY '$YELBO_DB_PASSWORD';
        GRANT ALL ON yelbo.* TO yelbo@'127.0.0.1'; GRANT ALL ON yelbo_unit.* TO yelbo@'127.0.0.1';" ||
        die "The database would not take its user." "See $YELBO_VAR/log/mariadb.log"
}

migrate() {
    step "Database schema" "$YELBO_VAR/log/migrate.log" console doctrine:migrations:migrate --no-interaction --allow-no-migration ||
        { tail_of "$YELBO_VAR/log/migrate.log"; die "The database could not be brought up to date." "Is DATABASE_URL right and the database up? See $YELBO_VAR/log/migrate.log"; }
}

load_demo() {
    step "Demo data" "$YELBO_VAR/log/demo.log" console yelbo:demo "$@" ||
        { tail_of "$YELBO_VAR/log/demo.log"; die "The demo data could not be loaded." "See $YELBO_VAR/log/demo.log"; }
}

backup() {
    [ $# = 1 ] || die "backup needs a file to write." "./yelbo backup yelbo-$(date +%F).sql.gz"
    settings
    [ "$YELBO_OWN_DATABASE" = yes ] || die "The records are in a database of your own." "Use its own backup."
    is_running mariadb || die "The database is not running." "./yelbo start"
    mariadb-dump --no-defaults --protocol=socket --socket="$YELBO_VAR/run/mariadb.sock" -u root --single-transaction --triggers yelbo | gzip >"$1.new" &&
        gzip -t "$1.new" && mv "$1.new" "$1" || die "The backup could not be written." "Is there room, and may you write $1?"
    say "Written: $1 ($(du -h "$1" | cut -f1))"
}

restore() {
    [ $# = 1 ] && [ -f "$1" ] || die "restore needs a file that backup wrote." "./yelbo restore FILE"
    settings
    [ "$YELBO_OWN_DATABASE" = yes ] || die "The records are in a database of your own." "Use its own restore."
    is_running mariadb || die "The database is not running." "./yelbo start"
    gzip -t "$1" 2>/dev/null || die "$1 is not a backup, or is broken." "Take another file."
    backup "$YELBO_VAR/before-restore.sql.gz"
    mariadb_sql -e 'DROP DATABASE yelbo; CREATE DATABASE yelbo' && gunzip -c "$1" | mariadb_sql yelbo ||
        die "The backup could not be put back." "What was there before is in $YELBO_VAR/before-restore.sql.gz"
    migrate
    say "Put back from $1. What was there before is in $YELBO_VAR/before-restore.sql.gz"
}
