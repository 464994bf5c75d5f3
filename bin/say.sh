# Telling whoever waits what is being done.

say() { printf '%s\n' "$*"; }

complain() { printf 'jornel: %s\n' "$*" >&2; exit 1; }

# Runs a command with its output kept, and shows the output only when it fails.
quietly() {
    local log="${run:-$root/var/log}/setup.log"
    mkdir -p "$(dirname "$log")"
    if ! "$@" >"$log" 2>&1; then
        tail -n 40 "$log" >&2
        complain "this failed: $*   (all of it: $log)"
    fi
}

# The same for what a web server must be able to read.
openly() { (umask 022 && quietly "$@"); }

# A fingerprint of files and folders, so that work already done is not done again.
fingerprint() { find "$@" -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1; }

done_already() { [ "$(cat "$root/var/stamps/$1" 2>/dev/null)" = "$2" ]; }

mark_done() { mkdir -p "$root/var/stamps"; printf '%s' "$2" >"$root/var/stamps/$1"; }
