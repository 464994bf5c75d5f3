# Everything that is checked, in two lanes side by side: the browser with a web server, and all the rest. Each lane has a
# database of its own, because the browser's is stopped and started in the middle of a test.

run_tests() {
    local began=$SECONDS
    prepare_tests
    results="$run/results" lock="$run/lock" taken="$run/taken"
    : >"$results"
    rm -rf "$taken" "$run"/lane-*.early
    mkdir -p "$taken"

    trap 'trap - INT; kill 0' INT
    lane browser check_in_browser &
    lane rest check_the_rest &
    wait
    trap - INT

    # Once more at the end, where it is seen first.
    cat "$run"/lane-*.early 2>/dev/null || true
    printf '\n%s' "$(cut -d: -f2- "$results" | paste -sd, | sed 's/,/, /g')"
    if grep -q '^failed:' "$results"; then
        printf ': FAILED: %s (%d s)\n' "$(sed -n 's/^failed:\([^ ]*\).*/\1/p' "$results" | paste -sd' ')" $((SECONDS - began))
        return 1
    fi
    if [ "$(grep -c '^passed:' "$results")" -ne "$CHECKS" ]; then
        printf ': FAILED: not all checks were made (%d s)\n' $((SECONDS - began))
        return 1
    fi
    printf ': all passed in %d s\n' $((SECONDS - began))
}

# One lane in a shell of its own; when it ends before it is through, it says so among the results, and why.
lane() {
    local name=$1
    ("$2") 2>"$run/lane-$name.log" &
    wait $! || {
        local status=$?
        {
            flock 9
            {
                printf '\n== lane %s ended early, with status %s\n' "$name" "$status"
                tail -n 40 "$run/lane-$name.log"
            } >"$run/lane-$name.early"
            echo "failed:lane-$name" >>"$results"
        } 9>"$lock"
    }
}

prepare_tests() {
    use_instance test
    export APP_ENV=testing APP_KEY='base64:dGVzdHMtdXNlLXRoaXMta2V5LWFuZC1ub3RoaW5nLWU=' SESSION_DRIVER=file CACHE_STORE=database QUEUE_CONNECTION=sync
    need_system_packages test
    need_php_packages
    need_node_packages
    build_frontend
}

# Timings of the screens, in a browser of their own while nothing else runs.
bench_screens() {
    prepare_tests
    trap 'halt_web; halt database' EXIT
    start_database
    quietly php artisan migrate:fresh --force --seed
    start_web 127.0.0.1 "$(free_port)"
    JORNEL_TIMING=1 JORNEL_URL=$(web_address) npx playwright test
}

# How the pages of a programme grow with it, in a database of their own.
bench_pages() {
    prepare_tests
    use_instance growth
    trap 'halt database' EXIT
    start_database
    quietly php artisan migrate:fresh --force --seed
    php -d opcache.enable_cli=1 -d opcache.jit=disable -d memory_limit=1G tests/bench/units.php
    php -d opcache.enable_cli=1 -d opcache.jit=disable -d memory_limit=1G tests/bench/growth.php
}

# How meters' logs grow, in a database of their own.
bench_logs() {
    prepare_tests
    use_instance growth
    trap 'halt database' EXIT
    start_database
    quietly php artisan migrate:fresh --force --seed
    php -d opcache.enable_cli=1 -d opcache.jit=disable -d memory_limit=1G tests/bench/logs.php
}

# Many people at once, before a server and a database of their own: load [people] [seconds].
load() {
    prepare_tests
    use_instance load
    export QUEUE_CONNECTION=database
    trap 'halt_web; halt queue; halt finder; halt database' EXIT
    start_database
    forget_compiled_settings
    quietly php artisan migrate:fresh --force --seed
    php tests/bench/people.php "${1:-50}" >"$run/people.json"
    # As it is served in earnest (jornel: up).
    compile_settings
    start_web 127.0.0.1 "$(free_port)"
    start queue php artisan queue:work --sleep=1
    start_finder
    local status=0
    node tests/bench/load.mjs "$(web_address)" "$run/people.json" "${2:-60}" || status=$?
    return "$status"
}

# How many checks both lanes make.
CHECKS=13

check_in_browser() {
    trap 'halt_web; halt_web away; halt finder; halt database' EXIT
    start_database
    quietly php artisan migrate:fresh --force --seed
    start_finder
    start_web 127.0.0.1 "$(free_port)"
    DB_PORT=1 start_web 127.0.0.1 "$(free_port)" away
    JORNEL_URL=$(web_address) JORNEL_AWAY_URL=$(web_address away) JORNEL_RESTART=$root/bin/restart-tests.sh check browser npx playwright test
    check deploy tests/deploy.sh
    check command tests/command.sh
    check_what_is_left
}

check_the_rest() {
    use_instance rest
    trap 'halt database' EXIT
    start_database
    quietly php artisan migrate:fresh --force --seed
    check feature vendor/bin/phpunit --testsuite feature --colors=never --no-progress
    check reference vendor/bin/phpunit --testsuite reference --colors=never --no-progress
    check core vendor/bin/phpunit -c core/phpunit.xml --colors=never --no-progress
    check_what_is_left
}

# What needs no database: whichever lane comes to a check first makes it. The longest comes first, so that neither waits long.
check_what_is_left() {
    check_once style-php vendor/bin/pint --test
    NO_COLOR=1 check_once unit npm run --silent unit
    check_once analysis vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c phpstan.neon
    check_once analysis-of-core vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c core/phpstan.neon
    check_once types npm run --silent types
    check_once lint npm run --silent lint
    check_once style npm run --silent style
}

check_once() { if mkdir "$taken/$1" 2>/dev/null; then check "$@"; fi; }

# Runs one check, shows what it printed once it is through, and notes how many tests it has and how long it took.
check() {
    local name=$1 log="$run/$1.log" outcome=passed count began=$SECONDS
    shift
    say "Checking $name"
    "$@" >"$log" 2>&1 || outcome=failed
    count=$(sed -nE 's/^OK.*\(([0-9]+) tests?,.*/\1/p; s/^Tests: ([0-9]+),.*/\1/p; s/^ *([0-9]+) passed.*/\1/p; s/^ *Tests +([0-9]+) passed.*/\1/p' "$log" | tail -n 1)
    {
        flock 9
        printf '\n== %s (%d s)\n' "$name" $((SECONDS - began))
        cat "$log"
        echo "$outcome:$name${count:+ $count}" >>"$results"
    } 9>"$lock"
}
