# nginx before php-fpm, with the settings of deploy/: for a kitchen table as for real use.

# start_web HOST PORT [NAME]: what answers there, as two processes, NAME and NAME-php.
start_web() {
    local host=$1 port=$2 name=${3:-web}
    local settings="$place/$name" socket
    socket=$(sockets)/$name.sock
    if runs "$name"; then
        # New settings and code are taken up by a new server on the same port.
        port=$(sed 's/.*://' "$run/$name.address")
    fi
    halt_web "$name"
    while ! port_is_free "$host" "$port"; do port=$((port + 1)); done
    echo "$host:$port" >"$run/$name.address"
    mkdir -p "$settings"
    php_settings "$socket" >"$settings/php-fpm.conf"
    cp deploy/php.ini "$settings/90-jornel.ini"
    nginx_settings "$host:$port" "$socket" "$settings" >"$settings/nginx.conf"
    local version as_root=()
    version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
    if [ "$(id -u)" = 0 ]; then as_root=(-R); fi
    start "$name-php" env PHP_INI_SCAN_DIR="/etc/php/$version/fpm/conf.d:$settings" "/usr/sbin/php-fpm$version" "${as_root[@]}" -F -y "$settings/php-fpm.conf"
    start "$name" "$(command -v nginx || echo /usr/sbin/nginx)" -c "$settings/nginx.conf" -e stderr -g 'daemon off;'
    for _ in $(seq 1 300); do
        php -r 'exit(@file_get_contents("http://'"${host/0.0.0.0/127.0.0.1}:$port"'/") === false ? 1 : 0);' && return 0
        sleep 0.1
    done
    tail -n 20 "$run/$name.log" "$run/$name-php.log" >&2
    complain "the web server does not answer"
}

halt_web() {
    halt "${1:-web}"
    halt "${1:-web}-php"
}

web_address() { echo "http://$(cat "$run/${1:-web}.address")"; }

php_settings() {
    printf '[global]\nerror_log = /proc/self/fd/2\n'
    # Where the private database is, and which caches are whose, is told in the environment.
    deploy/fill php-fpm.conf USER="$(id -un)" GROUP="$(id -gn)" WEB_USER="$(id -un)" FPM_SOCKET="$1" | sed 's/^listen = /clear_env = no\n&/'
}

nginx_settings() {
    local address=$1 socket=$2 settings=$3 part
    if [ "$(id -u)" = 0 ]; then echo "user $(id -un);"; fi
    echo "pid $settings/nginx.pid; worker_processes 2; events { worker_connections 1024; }"
    echo "http { include /etc/nginx/mime.types; access_log off; sendfile on;"
    for part in client_body proxy fastcgi uwsgi scgi; do echo "${part}_temp_path $settings/temp-$part;"; done
    deploy/fill nginx.conf LISTEN="$address" FPM_SOCKET="$socket"
    lan_settings "$socket"
    echo '}'
}

# The finder's service, which the web server asks (app/Finder/Service).
start_finder() {
    # Linux weighs sessions against each other first, and priorities only within each: this one weighs two thirds of the web
    # server's, so that pages come before searches, and sheets, which are made there, do not keep searches waiting for ever.
    # shellcheck disable=SC2016
    start finder nice -n 19 sh -c '[ ! -w /proc/self/autogroup ] || echo 2 >/proc/self/autogroup; exec "$@"' sh \
        php -d opcache.enable_cli=1 -d opcache.jit=disable -d memory_limit=1G artisan jornel:finder
}
