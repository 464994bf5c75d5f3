# Processes that Jornel starts and ends by itself. Each is known by its number and the moment it began, which no other
# process has; whatever it starts in its turn stays in its session.

# Boot and moment of a process; nothing of one that has ended.
birth_of() {
    local stat
    stat=$(cat "/proc/$1/stat" 2>/dev/null) || return 1
    # Behind its name, which may hold anything, come its state and, as the twentieth, its start.
    # shellcheck disable=SC2086
    set -- ${stat##*) }
    [ "$1" != Z ] && [ "$1" != X ] && echo "$(cat /proc/sys/kernel/random/boot_id) ${20}"
}

runs() {
    local pid birth
    pid=$(cat "$run/$1.pid" 2>/dev/null) || return 1
    birth=$([ -n "$pid" ] && birth_of "$pid") || return 1
    # What a version before this one started carries a mark in its environment.
    if [ ! -f "$run/$1.birth" ] && grep -qsz "^JORNEL_\(PART\|ROOT\)=$root\b" "/proc/$pid/environ"; then echo "$birth" >"$run/$1.birth"; fi
    [ "$birth" = "$(cat "$run/$1.birth" 2>/dev/null)" ]
}

# What is in the session of a process that may be gone itself, such as the workers of a web server that was killed.
left_over() {
    local pid birth
    pid=$(cat "$run/$1.pid" 2>/dev/null) || return 0
    # Its number may be that of somebody else by now.
    birth=$(birth_of "$pid" || true)
    if [ -z "$pid" ] || { [ -n "$birth" ] && [ "$birth" != "$(cat "$run/$1.birth" 2>/dev/null)" ]; }; then return 0; fi
    sed -ns "s/^\([0-9]*\) (.*) [^ZX] [0-9]* [0-9]* $pid .*/\1/p" /proc/[0-9]*/stat 2>/dev/null || true
}

end_left_over() {
    local pid
    for pid in $(left_over "$1"); do kill -KILL "$pid" 2>/dev/null || true; done
}

start() {
    local name=$1 pid
    shift
    if runs "$name"; then return 0; fi
    end_left_over "$name"
    setsid "$@" >>"$run/$name.log" 2>&1 </dev/null &
    pid=$!
    disown
    birth_of "$pid" >"$run/$name.birth" || true
    echo "$pid" >"$run/$name.pid"
    # So that it can be started again as it was (bin/watch.sh).
    printf '%q ' "$@" >"$run/$name.command"
}

halt() {
    local pid
    rm -f "$run/$1.command"
    if runs "$1"; then
        pid=$(cat "$run/$1.pid")
        kill -TERM -- "-$pid" 2>/dev/null || kill -TERM "$pid" 2>/dev/null || true
        for _ in $(seq 1 150); do
            runs "$1" || break
            sleep 0.1
        done
    fi
    end_left_over "$1"
    rm -f "$run/$1.pid" "$run/$1.birth"
}
