# What the machine and the project need: Debian's packages, Composer's, npm's.

missing_system_packages() {
    # Listed once: whoever stops reading a list early makes the one that writes it fail.
    local version extension modules
    modules=$(php -m)
    version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
    local -A package=([pdo_mysql]=mysql [gd]=gd [zip]=zip [curl]=curl [bcmath]=bcmath [mbstring]=mbstring [dom]=xml [intl]=intl)
    for extension in "${!package[@]}"; do
        grep -qix "$extension" <<<"$modules" || echo "php$version-${package[$extension]}"
    done
    command -v mariadbd >/dev/null || [ -x /usr/sbin/mariadbd ] || echo mariadb-server
    command -v nginx >/dev/null || [ -x /usr/sbin/nginx ] || echo nginx-light
    [ -x "/usr/sbin/php-fpm$version" ] || echo "php$version-fpm"
    command -v unzip >/dev/null || echo unzip
    command -v openssl >/dev/null || echo openssl
    if [ "$1" = test ]; then
        command -v chromium >/dev/null || echo chromium
        command -v curl >/dev/null || echo curl
        command -v pdftotext >/dev/null || echo poppler-utils
        /usr/bin/python3 -c 'import scipy' 2>/dev/null || echo python3-scipy
        /usr/bin/python3 -c 'import ezdxf' 2>/dev/null || echo python3-ezdxf
        command -v admesh >/dev/null || echo admesh
        command -v openscad >/dev/null || echo openscad
    fi
}

need_system_packages() {
    command -v php >/dev/null && command -v composer >/dev/null && command -v node >/dev/null \
        || complain "PHP 8.2, Composer and Node 20 must be there first"
    local missing
    missing=$(missing_system_packages "$1")
    [ -n "$missing" ] || return 0
    say "Installing system packages: $(echo "$missing" | tr '\n' ' ')"
    local sudo=()
    if [ "$(id -u)" != 0 ]; then sudo=(sudo); fi
    quietly "${sudo[@]}" apt-get update
    # shellcheck disable=SC2086
    quietly "${sudo[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends $missing
    # Jornel starts servers of its own; those that Debian starts for the whole machine are not asked for.
    local service
    for service in mariadb-server:mariadb nginx-light:nginx "php$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')-fpm"; do
        if [ -d /run/systemd/system ] && grep -qxF "${service%%:*}" <<<"$missing"; then "${sudo[@]}" systemctl disable --now "${service##*:}" >/dev/null 2>&1 || true; fi
    done
}

need_php_packages() {
    local print
    print=$(fingerprint composer.json composer.pins platform)
    if done_already composer "$print" && [ -d vendor ]; then return 0; fi
    say "Installing PHP packages"
    # As no lock file is written here, every package is held to the version that was tried, down to those that only others need.
    # shellcheck disable=SC2046
    openly composer update --no-interaction --no-progress $(sed 's/^/--with /' composer.pins)
    # What each instance had found out about the packages of before.
    rm -f "$root"/var/*/cache/packages.php "$root"/var/*/cache/services.php
    mark_done composer "$print"
}

need_node_packages() {
    local print
    print=$(fingerprint package.json package-lock.json)
    if done_already npm "$print" && [ -d node_modules ]; then return 0; fi
    say "Installing Node packages"
    openly npm ci --no-progress
    mark_done npm "$print"
}
