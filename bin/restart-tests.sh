#!/usr/bin/env bash
# Stops and starts the tests' database and web server, as a person would stop and start Jornel.
set -euo pipefail
cd "$(dirname "$0")/.."
root=$PWD
for piece in say packages server build; do
    # shellcheck source=/dev/null
    source "bin/$piece.sh"
done
use_instance test
port=$(sed 's/.*://' "$run/web.address")
halt web
halt database
start_database
start_web 127.0.0.1 "$port"
