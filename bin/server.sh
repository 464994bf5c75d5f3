# Processes that Jornel starts and stops by itself, each instance (the application's, the tests') with a place of its own.

use_instance() {
    instance=$1
    # Keys, records and sessions are nobody else's to read.
    umask 077
    mkdir -p "$root/var"
    chmod 700 "$root/var"
    place="$root/var/$instance"
    run="$place/run"
    mkdir -p "$run" "$place/cache" "$root/var/storage"/{framework/cache/data,framework/sessions,framework/views,logs,fonts}
    export APP_CONFIG_CACHE="$place/cache/config.php" APP_ROUTES_CACHE="$place/cache/routes.php"
    export APP_SERVICES_CACHE="$place/cache/services.php" APP_PACKAGES_CACHE="$place/cache/packages.php"
    export APP_EVENTS_CACHE="$place/cache/events.php" VIEW_COMPILED_PATH="$root/var/storage/framework/views"
}

artisan() { php artisan "$@"; }

random_word() { php -r 'echo bin2hex(random_bytes(18));'; }

free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'; }

port_is_free() { php -r '$s = @stream_socket_server("tcp://'"$1:$2"'"); exit($s === false ? 1 : 0);'; }

# The mark that everything we start carries: what it is, of which instance in which folder.
mark_of() { printf 'JORNEL_PART=%s %s/%s' "$root" "$instance" "$1"; }

# A process is ours when it carries its mark (or the one of before, JORNEL_ROOT); its number alone could be another's by now.
runs() {
    local pid i
    pid=$(cat "$run/$1.pid" 2>/dev/null) || return 1
    [ -n "$pid" ] || return 1
    for i in $(seq 1 200); do
        kill -0 "$pid" 2>/dev/null || return 1
        if grep -qszxF -e "$(mark_of "$1")" -e "JORNEL_ROOT=$root" "/proc/$pid/environ"; then return 0; fi
        # While a process loads its program its environment reads as empty, from a cold disk for long; that of one that has
        # ended does, too.
        if grep -qsz . "/proc/$pid/environ" || grep -qs '^State:.[ZX]' "/proc/$pid/status"; then return 1; fi
        sleep 0.02
    done
    return 1
}

# What was left behind, such as the workers of a web server that was killed.
end_left_over() {
    local file
    for file in $(grep -lszxF "$(mark_of "$1")" /proc/[0-9]*/environ); do
        kill -KILL "$(cut -d/ -f3 <<<"$file")" 2>/dev/null || true
    done
}

start() {
    local name=$1
    shift
    if runs "$name"; then return 0; fi
    end_left_over "$name"
    env "$(mark_of "$name")" setsid "$@" >>"$run/$name.log" 2>&1 </dev/null &
    local pid=$! i
    echo "$pid" >"$run/$name.pid"
    disown
    # So that it can be started again as it was (bin/watch.sh).
    printf '%q ' "$@" >"$run/$name.command"
    # The mark is there only once the new program is loaded: until then nobody could tell that it runs.
    for i in $(seq 1 500); do
        if runs "$name" || ! kill -0 "$pid" 2>/dev/null; then return 0; fi
        sleep 0.02
    done
}

halt() {
    local pid i
    rm -f "$run/$1.command"
    if runs "$1"; then
        pid=$(cat "$run/$1.pid")
        kill -TERM -- "-$pid" 2>/dev/null || kill -TERM "$pid" 2>/dev/null || true
        for i in $(seq 1 150); do
            kill -0 "$pid" 2>/dev/null || break
            sleep 0.1
        done
        kill -KILL -- "-$pid" 2>/dev/null || true
    fi
    end_left_over "$1"
    rm -f "$run/$1.pid"
}

# Secrets of this installation, made once.
need_settings() {
    if [ ! -f .env ]; then
        say "Writing .env with new keys"
        (
            umask 077
            sed -e "s|^APP_KEY=.*|APP_KEY=base64:$(php -r 'echo base64_encode(random_bytes(32));')|" \
                -e "s|^DB_PASSWORD=.*|DB_PASSWORD=$(random_word)|" .env.example >.env
        )
    fi
    if [ -n "${JORNEL_DEMO:-}" ]; then
        # Said once it holds from then on.
        sed -i '/^JORNEL_DEMO=/d' .env
        printf 'JORNEL_DEMO=%s\n' "$JORNEL_DEMO" >>.env
    fi
    local host
    host=$(sed -n 's/^DB_HOST=//p' .env | tail -n 1)
    if [ -n "$host" ]; then export DB_HOST=$host; fi
}

setting() { sed -n "s/^$1=//p" .env | tail -n 1; }

# The private MariaDB, on loopback; a server named in .env is left alone.
start_database() {
    if [ "$instance" = app ] && [ -n "$(setting DB_HOST)" ]; then return 0; fi
    local data="$place/mariadb" socket user database password
    socket=$(cat "$run/socket" 2>/dev/null || true)
    # The path of a socket may not be longer than 107 bytes, so it cannot stand under any folder.
    if [ -z "$socket" ] || [ ! -d "$(dirname "$socket")" ]; then
        socket=$(mktemp -d /tmp/jornel.XXXXXX)/db
        echo "$socket" >"$run/socket"
    fi
    if [ ! -d "$data/mysql" ]; then
        say "Making a private database under var/$instance"
        quietly mariadb-install-db --no-defaults --datadir="$data" --user="$(id -un)" --skip-test-db \
            --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)"
    fi
    if ! runs database; then
        say "Starting the private database"
        # The port of last time, where nobody else has taken it since.
        local port
        port=$(cat "$run/database.port" 2>/dev/null || true)
        if [ -z "$port" ] || ! port_is_free 127.0.0.1 "$port"; then free_port >"$run/database.port"; fi
        start database "$(command -v mariadbd || echo /usr/sbin/mariadbd)" --no-defaults --datadir="$data" --user="$(id -un)" \
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

start_web() {
    local host=$1 port=$2 name=${3:-web}
    if runs "$name"; then
        # New settings and code are taken up by a new server on the same port.
        port=$(sed 's/.*://' "$run/$name.address")
        halt "$name"
        sleep 0.3
    fi
    end_left_over "$name"
    while ! port_is_free "$host" "$port"; do port=$((port + 1)); done
    echo "$host:$port" >"$run/$name.address"
    # Without the just-in-time compiler: that of PHP 8.2 computes the finder's lengths wrong now and then (docs/decisions.md).
    start "$name" env PHP_CLI_SERVER_WORKERS=4 php -d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.jit=disable \
        -d expose_php=0 -d display_errors=stderr -S "$host:$port" -t public bin/router.php
    local i
    for i in $(seq 1 100); do
        php -r 'exit(@file_get_contents("http://'"${host/0.0.0.0/127.0.0.1}:$port"'/") === false ? 1 : 0);' && return 0
        sleep 0.1
    done
    tail -n 20 "$run/$name.log" >&2
    complain "the web server does not answer"
}

web_address() { echo "http://$(cat "$run/${1:-web}.address")"; }
