#!/usr/bin/env bash
# Stops and starts the tests' database and web server, as a person would stop and start Jornel; with `killed` they are killed
# first, in the middle of whatever they do.
set -euo pipefail
cd "$(dirname "$0")/.."
root=$PWD
# shellcheck source=/dev/null
source "$root/bin/all.sh"
use_instance test
port=$(sed 's/.*://' "$run/web.address")
if [ "${1:-}" = killed ]; then kill -KILL "$(cat "$run/web.pid")" "$(cat "$run/web-php.pid")" "$(cat "$run/database.pid")"; fi
halt_web
halt database
start_database
start_web 127.0.0.1 "$port"
