#!/usr/bin/env bash
# Watches what `./jornel up` has started: what has ended is started again as it was, and logs stay short. Started by `up` with
# the environment of the rest, ended first by `stop`.
set -uo pipefail
cd "$(dirname "$0")/.."
root=$PWD
# shellcheck source=/dev/null
source "$root/bin/all.sh"
use_instance "$1"

# How long something that keeps ending is left alone, s.
PATIENCE=60
LONGEST_LOG=5000000
declare -A began tries

# A file that something is writing to is emptied in its place; what was last in it stays beside it.
shorten() {
    local log
    for log in "$run"/*.log; do
        if [ "$(stat -c %s "$log" 2>/dev/null || echo 0)" -gt "$LONGEST_LOG" ]; then
            tail -c 1000000 "$log" >"$log.1"
            : >"$log"
        fi
    done
}

start_again() {
    local name=$1
    if [ $((SECONDS - ${began[$name]:--$PATIENCE})) -ge "$PATIENCE" ]; then began[$name]=$SECONDS tries[$name]=0; fi
    tries[$name]=$((tries[$name] + 1))
    if [ "${tries[$name]}" -gt 5 ]; then return; fi
    say "$(date -Is) $name had ended and is started again"
    eval "start $name $(cat "$run/$name.command")"
}

while sleep 1; do
    for name in database web-php web finder queue scheduler; do
        if [ -f "$run/$name.command" ] && ! runs "$name" && [ -f "$run/$name.command" ]; then start_again "$name"; fi
    done
    shorten
done
