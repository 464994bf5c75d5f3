# The private MariaDB, on loopback; a server named in .env is left alone.
start_database() {
    if [ "$instance" = app ] && [ -n "$(setting DB_HOST)" ]; then return 0; fi
    local data="$place/mariadb" socket user database password
    socket=$(sockets)/db
    echo "$socket" >"$run/socket"
    # A server that starts removes what lies in its folder for temporary tables, also what another one needs just now.
    local temporary="$place/tmp"
    mkdir -p "$temporary"
    if [ ! -d "$data/mysql" ]; then
        say "Making a private database under var/$instance"
        # Beside its place, so that what was begun and not ended is not taken for a database.
        rm -rf "$data.new"
        quietly env TMPDIR="$temporary" mariadb-install-db --no-defaults --datadir="$data.new" --tmpdir="$temporary" --user="$(id -un)" --skip-test-db \
            --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)"
        mv "$data.new" "$data"
    fi
    if ! runs database; then
        say "Starting the private database"
        # The port of last time, where nobody else has taken it since.
        local port
        port=$(cat "$run/database.port" 2>/dev/null || true)
        if [ -z "$port" ] || ! port_is_free 127.0.0.1 "$port"; then free_port >"$run/database.port"; fi
        start database "$(command -v mariadbd || echo /usr/sbin/mariadbd)" --no-defaults --datadir="$data" --tmpdir="$temporary" --user="$(id -un)" \
            --socket="$socket" --bind-address=127.0.0.1 --port="$(cat "$run/database.port")" \
            --skip-name-resolve --innodb-buffer-pool-size=128M --character-set-server=utf8mb4 --pid-file="$run/mariadbd.pid"
        local i
        for i in $(seq 1 300); do
            mariadb-admin --no-defaults --socket="$socket" --user=root --silent ping >/dev/null 2>&1 && break
            runs database || { tail -n 20 "$run/database.log" >&2; complain "the database did not start"; }
            sleep 0.2
        done
    fi
    if [ "$instance" = app ]; then
        database=$(setting DB_DATABASE) user=$(setting DB_USERNAME) password=$(setting DB_PASSWORD)
    else
        database=jornel_$instance user=jornel_$instance password=only-for-tests
    fi
    mariadb --no-defaults --socket="$socket" --user=root <<END
CREATE DATABASE IF NOT EXISTS \`$database\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS '$user'@'127.0.0.1';
ALTER USER '$user'@'127.0.0.1' IDENTIFIED BY '$password';
GRANT ALL ON \`$database\`.* TO '$user'@'127.0.0.1';
-- Beside it, for restoring and trying backups.
GRANT ALL ON \`${database//_/\\_}\_%\`.* TO '$user'@'127.0.0.1';
END
    export DB_HOST=127.0.0.1 DB_PORT DB_DATABASE=$database DB_USERNAME=$user DB_PASSWORD=$password
    DB_PORT=$(cat "$run/database.port")
}
