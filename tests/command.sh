#!/usr/bin/env bash
# The command itself: started twice it stays one, stopped it ends what it started and nothing else, and what was there
# is there again. Run in a copy of the project with a place of its own, so that a running Jornel is left alone.
set -euo pipefail
cd "$(dirname "$0")/.."
copy=$(mktemp -d /tmp/jornel-command.XXXXXX)
bystander=
finish() {
    (cd "$copy" && ./jornel stop >/dev/null 2>&1) || true
    if [ -n "$bystander" ]; then kill "$bystander" 2>/dev/null || true; fi
    umount "$copy/var/backups" 2>/dev/null || true
    rm -rf "$copy"
}
trap finish EXIT
failed=0
claim() { if eval "$2"; then echo "ok: $1"; else echo "not so: $1"; failed=1; fi; }

git ls-files -co --exclude-standard -z | xargs -0 cp --parents -t "$copy" 2>/dev/null || true
# What is installed and built already need not be again.
ln -s "$PWD/vendor" "$copy/vendor"
ln -s "$PWD/node_modules" "$copy/node_modules"
mkdir -p "$copy/var" "$copy/public"
cp -r var/stamps "$copy/var/"
cp -r public/build "$copy/public/"
cp frontend/src/api/generated.d.ts "$copy/frontend/src/api/"
unset APP_ENV APP_KEY DB_HOST DB_PORT DB_DATABASE DB_USERNAME DB_PASSWORD SESSION_DRIVER CACHE_STORE QUEUE_CONNECTION
unset APP_CONFIG_CACHE APP_ROUTES_CACHE APP_SERVICES_CACHE APP_PACKAGES_CACHE APP_EVENTS_CACHE VIEW_COMPILED_PATH
cd "$copy"
export JORNEL_PORT=8290

./jornel up >first.log 2>&1 || { cat first.log; exit 1; }
address=$(sed -n 's/^Jornel is at *//p' first.log)
claim 'up prints an address that answers' 'curl -s "$address/" | grep -q "id=\"jornel\""'
claim 'up prints the demo sign-in' 'grep -q "wren@alderfen.example" first.log'
claim 'new keys are readable by their owner only' '[ "$(stat -c %a .env)" = 600 ]'
database=$(cat var/app/run/database.pid)
key=$(grep APP_KEY .env)

./jornel up >second.log 2>&1 || { cat second.log; exit 1; }
claim 'started again it is at the same address' 'grep -qF "$address" second.log'
claim 'started again it has the same database' '[ "$(cat var/app/run/database.pid)" = "$database" ]'
claim 'started again it has the same keys' '[ "$(grep APP_KEY .env)" = "$key" ]'
count() { mariadb --no-defaults -S "$(cat var/app/run/socket)" -uroot -N -e "SELECT COUNT(*) FROM jornel.$1"; }
claim 'the demo is there once' '[ "$(count programmes)" = 1 ]'

./jornel backup >backup.log 2>&1
claim 'a backup is written' 'ls var/backups/jornel-*.sql.gz >/dev/null'
claim 'doctor names the last backup and what is pinned' './jornel doctor >doctor.log; grep -q "Backups: the last one is" doctor.log && grep -q "PHP packages: as pinned" doctor.log'
touch -d '3 days ago' var/backups/jornel-*.sql.gz
# On a full disk: a small one in memory, where this machine lets one be made.
if mount -t tmpfs -o size=16k tmpfs var/backups 2>/dev/null; then
    claim 'a backup to a full disk fails and says why' '! ./jornel backup >full.log 2>&1 && grep -qi "disk full" full.log'
    claim 'and leaves no half of one behind' '[ -z "$(find var/backups -type f)" ]'
    umount var/backups
else
    echo 'left out: no disk in memory can be made here'
fi
claim 'doctor tells a missed backup' './jornel doctor | grep -q "Backups: MISSED"'
claim 'nothing under var is for others to read' '[ -z "$(find var/app/run var/app/cache var/backups var/storage ! -type l ! -name mariadbd.pid -perm /077 -print -quit)" ] && [ "$(stat -c %a var)" = 700 ]'

# What was killed is back within seconds, at the same address, and its records with it.
answers() { curl -s -m 5 "$address/api/v1/session" -H 'Accept: application/json' -o /dev/null -w '%{http_code}' 2>/dev/null || true; }
eventually() { local i; for i in $(seq 1 100); do if eval "$1"; then return 0; fi; sleep 0.2; done; return 1; }
for name in database web web-php finder queue scheduler; do
    killed=$(cat "var/app/run/$name.pid")
    kill -9 "$killed"
    claim "$name is started again after it was killed" "eventually '[ \"\$(cat var/app/run/$name.pid)\" != $killed ] && kill -0 \"\$(cat var/app/run/$name.pid)\" 2>/dev/null'"
done
claim 'settings, routes and listeners are compiled' 'ls var/app/cache/config.php var/app/cache/routes.php var/app/cache/events.php >/dev/null'
weight() { cat "/proc/$(cat "var/app/run/$1.pid")/autogroup" 2>/dev/null || echo 'not weighed here'; }
claim 'the finder weighs less than the web server, where sessions are weighed' 'case "$(weight finder)" in *"nice 2" | "not weighed here") case "$(weight web-php)" in *"nice 0" | "not weighed here") true ;; *) false ;; esac ;; *) false ;; esac'
claim 'the address is the same and answers' 'eventually "[ \"\$(answers)\" = 401 ]"'
web=$(cat var/app/run/web.pid)
php=$(cat var/app/run/web-php.pid)
kill -9 "$(cat var/app/run/watch.pid)" "$web" "$php"
left() { ps -eo sid= | grep -cE "^ *($web|$php)$"; }
claim 'the workers of a killed web server are left behind' '[ "$(left)" -ge 2 ]'
./jornel up >killed.log 2>&1 || { cat killed.log; exit 1; }
database=$(cat var/app/run/database.pid)
claim 'up ends them and keeps the address' 'grep -qF "$address" killed.log && eventually "[ \"\$(answers)\" = 401 ] && [ \"\$(left)\" = 0 ]"'

sleep 300 &
bystander=$!
./jornel stop >/dev/null
claim 'stopped it answers no more' '! curl -s -m 2 "$address/" >/dev/null'
claim 'stopped its database is gone' 'eventually "! kill -0 $database 2>/dev/null"'
echo "$bystander" >var/app/run/web.pid
echo 'another boot 1' >var/app/run/web.birth
./jornel stop >/dev/null
claim 'a process of someone else under an old number is left alone' 'kill -0 "$bystander"'
./jornel doctor >doctor.log
claim 'doctor says what does not run' 'grep -q "web: does not run" doctor.log'

./jornel up >third.log 2>&1 || { cat third.log; exit 1; }
claim 'after a stop everything is still there' '[ "$(count versions)" -gt 4 ]'
# On the network, with an authority of its own; loopback stands for it here.
JORNEL_LAN_ADDRESS=127.0.0.1 ./jornel up --lan >lan.log 2>&1 || { cat lan.log; exit 1; }
secure=$(sed -n 's/^On this network: *//p' lan.log)
authority=$(grep -o 'http://[^ ]*/jornel.crt' lan.log)
claim 'the network is told an address, a square to photograph and a certificate' '[ -n "$secure" ] && [ -n "$authority" ] && [ "$(grep -c "[█▀▄]" lan.log)" -ge 10 ]'
claim 'a phone that fetched the certificate trusts the address' 'curl -s "$authority" -o ca.crt && curl -s --cacert ca.crt "$secure/" | grep -q "id=\"jornel\""'
claim 'one that did not does not' '! curl -s "$secure/" >/dev/null'
claim 'cookies are for TLS alone there' '[ "$(curl -s --cacert ca.crt -D - -o /dev/null "$secure/sanctum/csrf-cookie" | grep -i "^set-cookie" | grep -vci "; secure")" = 0 ]'
claim 'the authority may not sign for the world' '
    openssl req -new -newkey rsa:2048 -nodes -keyout other.key -out other.csr -subj /CN=example.org 2>/dev/null
    openssl x509 -req -in other.csr -CA ca.crt -CAkey var/app/tls/ca.key -CAcreateserial -extfile <(echo subjectAltName=DNS:example.org) -out other.crt 2>/dev/null
    ! openssl verify -CAfile ca.crt other.crt >/dev/null 2>&1'
claim 'started again it is still on the network, with the same certificate' 'JORNEL_LAN_ADDRESS=127.0.0.1 ./jornel up >/dev/null 2>&1 && curl -s --cacert ca.crt "$secure/" >/dev/null'
claim 'an address of the whole world is refused' '! JORNEL_LAN_ADDRESS=203.0.113.5 ./jornel up --lan >lan.log 2>&1 && grep -q "private network" lan.log'
claim 'and changes nothing' '[ "$(cat var/app/run/lan)" = 127.0.0.1 ]'
claim 'away from the network it serves itself alone' 'JORNEL_LAN_ADDRESS=203.0.113.5 ./jornel up >lan.log 2>&1 && grep -q "Not on a network now" lan.log && [ "$(answers)" = 401 ] && ! curl -s -m 2 --cacert ca.crt "$secure/" >/dev/null'
./jornel up --no-lan >/dev/null 2>&1
claim 'and it can be ended' '! curl -s -m 2 --cacert ca.crt "$secure/" >/dev/null && [ "$(answers)" = 401 ]'
# Without the demo, in a copy that begins anew.
./jornel stop >/dev/null
rm -rf var/app .env
JORNEL_DEMO=0 ./jornel up >empty.log 2>&1 || { cat empty.log; exit 1; }
claim 'without the demo nobody is there and no password is published' '[ "$(count people)" = 0 ] && ! grep -q reed-and-willow empty.log && [ "$(count parts)" -gt 100 ]'
claim 'the first page is to set up a programme' 'curl -s "$address/api/v1/beginning" | grep -q "\"is_empty\":true,\"demo\":false"'
./jornel up >/dev/null 2>&1
claim 'it stays without the demo' '[ "$(count people)" = 0 ]'
./jornel stop >/dev/null
./jornel >usage.log
claim 'without a word it says what it can do' 'grep -q "./jornel up" usage.log'
exit "$failed"
