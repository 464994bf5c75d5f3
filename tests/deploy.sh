#!/usr/bin/env bash
# Starts nginx and php-fpm with the files of deploy/ and asks them, as a browser would.
set -euo pipefail
cd "$(dirname "$0")/.."
export PATH=$PATH:/usr/sbin
place=$(mktemp -d /tmp/jornel-deploy.XXXXXX)
port=$(php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);')
# One by one: the files of process numbers need not end with a new line.
end() {
    local pid
    for pid in "$place"/*.pid; do kill "$(cat "$pid")" 2>/dev/null || true; done
    rm -rf "$place"
}
trap end EXIT
version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
user=$(id -un)
group=$(id -gn)

printf '[global]\npid = %s/fpm.pid\nerror_log = %s/fpm.log\n' "$place" "$place" >"$place/fpm.conf"
# Only here: the tests' database is named in the environment, not in .env.
deploy/fill php-fpm.conf USER="$user" GROUP="$group" WEB_USER="$user" FPM_SOCKET="$place/fpm.sock" | sed 's/^listen = /clear_env = no\n&/' >>"$place/fpm.conf"
cp deploy/php.ini "$place/"
scan=/etc/php/$version/fpm/conf.d:$place
as_root=()
if [ "$(id -u)" = 0 ]; then as_root=(-R); fi
PHP_INI_SCAN_DIR=$scan "php-fpm$version" "${as_root[@]}" -y "$place/fpm.conf" -D

{
    if [ "$(id -u)" = 0 ]; then echo "user $user;"; fi
    echo "pid $place/nginx.pid; error_log $place/nginx.log; events {}"
    echo "http { include /etc/nginx/mime.types; access_log off; client_body_temp_path $place/body; proxy_temp_path $place/proxy;"
    echo "fastcgi_temp_path $place/fastcgi; uwsgi_temp_path $place/uwsgi; scgi_temp_path $place/scgi;"
    deploy/fill nginx.conf LISTEN="127.0.0.1:$port" FPM_SOCKET="$place/fpm.sock"
    echo '}'
} >"$place/nginx.conf"
nginx -c "$place/nginx.conf" -e "$place/nginx.log"

failed=0
expect() {
    local what=$1 wanted=$2 got
    shift 2
    got=$(curl -s -m 20 "$@") || true
    if grep -qi -- "$wanted" <<<"$got"; then echo "ok: $what"; else echo "not so: $what, got: $(head -c 300 <<<"$got")"; failed=1; fi
}
at=http://127.0.0.1:$port
built=$(cd public && find build/assets -name 'main-*.js' | head -n 1)
expect 'the page loads' 'id="jornel"' "$at/rooms/1/build"
script=$(curl -s "$at/" | grep -o '<script[^>]*src="[^"]*"' | head -n 1 | sed 's/.*src="//; s/"$//')
expect 'the page names its script from the root' 'HTTP/1.1 200' -D - -o /dev/null "$at$script"
expect 'a built file may be kept for good' 'cache-control: public, immutable' -D - -o /dev/null "$at/$built"
# Every header of the application, once, on a page, a built file, an answer and what is not there.
while IFS= read -r header; do
    for path in '/' "/$built" '/api/v1/session' '/.htaccess'; do
        found=$(curl -s -m 20 -D - -o /dev/null -H 'Accept: application/json' "$at$path" | tr -d '\r' | grep -cxFi -- "$header" || true)
        if [ "$found" = 1 ]; then echo "ok: $path has ${header%%:*}"; else echo "not so: $path has $found times: $header"; failed=1; fi
    done
done < <(php -r 'require "app/Http/Middleware/SecurityHeaders.php"; foreach (App\Http\Middleware\SecurityHeaders::ALL as $name => $value) { echo "$name: $value\n"; }')
expect 'nobody gets in without signing in' 'HTTP/1.1 401' -D - -o /dev/null -H 'Accept: application/json' "$at/api/v1/programmes"
expect 'a search is answered by workers of its own: not without a token' 'HTTP/1.1 419' -D - -o /dev/null -H 'Accept: application/json' -X POST "$at/api/v1/finds"
# Without those workers nobody answers for a paper, and others still do for a page.
mv "$place/fpm.sock.slow" "$place/away"
for paper in versions/1/sheet versions/1/guide.pdf versions/1/cut-files/all.zip units/1/proof.pdf units/1/label.pdf days/1/run-sheet.pdf programmes/1/shopping.pdf; do
    expect "workers of its own make $paper" 'HTTP/1.1 502' -D - -o /dev/null -H 'Accept: application/json' "$at/api/v1/$paper"
done
expect 'nobody waits for them with a page' 'HTTP/1.1 401' -D - -o /dev/null -H 'Accept: application/json' "$at/api/v1/programmes"
mv "$place/away" "$place/fpm.sock.slow"
mv "$place/fpm.sock.meter" "$place/away"
expect 'meters are asked by workers of their own' 'HTTP/1.1 502' -D - -o /dev/null -H 'Accept: application/json' -X POST "$at/api/v1/meters/1/readings"
mv "$place/away" "$place/fpm.sock.meter"
claim_priority() { ps -eo ni,args | grep -q '^ *19 php-fpm: pool jornel-slow' && ps -eo ni,args | grep -q '^ *0 php-fpm: pool jornel$'; }
if claim_priority; then echo 'ok: searches give way to pages'; else echo 'not so: searches give way to pages'; failed=1; fi
for service in deploy/*.service; do
    command=$(deploy/fill "$(basename "$service")" USER="$user" ROOT="$PWD" | sed -n 's/.* artisan \([a-z:]*\).*/\1/p')
    if php artisan list --raw | grep -q "^$command "; then echo "ok: $(basename "$service") starts $command"; else echo "not so: $(basename "$service") starts '$command'"; failed=1; fi
done
expect 'a session can be opened' 'XSRF-TOKEN' -D - -o /dev/null "$at/sanctum/csrf-cookie"
expect 'hidden files stay hidden' 'HTTP/1.1 404' -D - -o /dev/null "$at/.htaccess"
expect 'the front page answers' 'HTTP/1.1 200' -D - -o /dev/null "$at/"
if curl -s -D - -o /dev/null "$at/" | grep -qi 'x-powered-by'; then echo 'not so: PHP tells its version'; failed=1; fi
exit "$failed"
