# Each instance, the application's or the tests', has a place of its own under var/.

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
    export JORNEL_FINDER_SOCKET="$(sockets)/finder.sock"
    export APP_EVENTS_CACHE="$place/cache/events.php" VIEW_COMPILED_PATH="$root/var/storage/framework/views"
}

artisan() { php artisan "$@"; }

random_word() { php -r 'echo bin2hex(random_bytes(18));'; }

free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'; }

port_is_free() { php -r '$s = @stream_socket_server("tcp://'"$1:$2"'"); exit($s === false ? 1 : 0);'; }

# A folder for sockets: a socket's path may not be longer than 107 bytes, so it cannot stand under any folder.
sockets() {
    local folder
    folder=$(cat "$run/sockets" 2>/dev/null || true)
    if [ -z "$folder" ] || [ ! -d "$folder" ]; then
        folder=$(mktemp -d /tmp/jornel.XXXXXX)
        echo "$folder" >"$run/sockets"
    fi
    echo "$folder"
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
