# Everything that is checked, on a database and a web server of its own.

run_tests() {
    use_instance test
    export APP_ENV=testing APP_KEY='base64:dGVzdHMtdXNlLXRoaXMta2V5LWFuZC1ub3RoaW5nLWU=' SESSION_DRIVER=file CACHE_STORE=database QUEUE_CONNECTION=sync
    local began=$SECONDS failed=() totals=()
    need_system_packages test
    need_php_packages
    need_node_packages
    start_database
    trap 'halt web; halt away; halt database' EXIT
    quietly php artisan migrate:fresh --force --seed
    build_frontend

    check core vendor/bin/phpunit -c core/phpunit.xml --colors=never
    check feature vendor/bin/phpunit --testsuite feature --colors=never
    NO_COLOR=1 check unit npm run --silent unit
    check reference vendor/bin/phpunit --testsuite reference --colors=never
    quietly php artisan migrate:fresh --force --seed
    start_web 127.0.0.1 "$(free_port)"
    DB_PORT=1 start_web 127.0.0.1 "$(free_port)" away
    JORNEL_URL=$(web_address) JORNEL_AWAY_URL=$(web_address away) JORNEL_RESTART=$root/bin/restart-tests.sh check browser npx playwright test
    check command tests/command.sh
    check deploy tests/deploy.sh
    check analysis vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c phpstan.neon
    check analysis-of-core vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c core/phpstan.neon
    check types npm run --silent types
    check lint npm run --silent lint
    check style-php vendor/bin/pint --test
    check style npm run --silent style

    printf '\n%s' "$(IFS=,; echo "${totals[*]}" | sed 's/,/, /g')"
    if [ ${#failed[@]} -gt 0 ]; then
        printf ': FAILED: %s (%d s)\n' "${failed[*]}" $((SECONDS - began))
        return 1
    fi
    printf ': all passed in %d s\n' $((SECONDS - began))
}

# Runs one check, shows what it prints, and counts its tests.
check() {
    local name=$1 log count
    shift
    log="$run/$name.log"
    printf '\n== %s\n' "$name"
    if "$@" 2>&1 | tee "$log"; then :; else failed+=("$name"); fi
    count=$(sed -nE 's/^OK.*\(([0-9]+) tests?,.*/\1/p; s/^Tests: ([0-9]+),.*/\1/p; s/^ *([0-9]+) passed.*/\1/p; s/^ *Tests +([0-9]+) passed.*/\1/p' "$log" | tail -n 1)
    totals+=("$name${count:+ $count}")
}
