# Jornel on the local network, with TLS: phones give camera, microphone, wake lock and offline pages to secure pages only.
# This machine gets a certificate authority of its own, which may sign for private addresses alone, and a certificate by it.

# `up --lan` turns it on until `up --no-lan`; the address is kept in var/app/run/lan.
need_lan() {
    local address
    case "${1:-}" in
        --lan)
            address=$(lan_address) || exit 1
            echo "$address" >"$run/lan"
            ;;
        --no-lan) rm -f "$run/lan" ;;
        '')
            # Away from its network a machine still serves itself.
            if [ -f "$run/lan" ]; then
                if address=$(lan_address); then
                    echo "$address" >"$run/lan"
                else
                    rm -f "$run/lan"
                    say "Not on a network now; up --lan turns it on again"
                fi
            fi
            ;;
        *) complain "up knows --lan and --no-lan" ;;
    esac
    if [ -f "$run/lan" ]; then need_certificate "$(cat "$run/lan")"; fi
}

lan_address() {
    local address
    address=${JORNEL_LAN_ADDRESS:-$(ip -4 route get 192.0.2.1 2>/dev/null | sed -n 's/.* src \([0-9.]*\).*/\1/p')}
    [ -n "$address" ] || address=$(hostname -I 2>/dev/null | tr ' ' '\n' | grep -m 1 -E '^[0-9]+\.' || true)
    [ -n "$address" ] || complain "this machine has no address on a network; name it in JORNEL_LAN_ADDRESS"
    grep -qE '^(10\.|127\.|192\.168\.|169\.254\.|172\.(1[6-9]|2[0-9]|3[01])\.|192\.0\.2\.)' <<<"$address" \
        || complain "$address is not an address of a private network, and --lan is for those alone (deploy/README.md is for others)"
    echo "$address"
}

tls() { echo "$place/tls"; }

need_certificate() {
    local address=$1 tls
    tls=$(tls)
    mkdir -p "$tls"
    if [ ! -f "$tls/ca.crt" ] || ! openssl x509 -in "$tls/ca.crt" -noout -checkend 34560000 >/dev/null; then
        say "Making a certificate authority for this machine"
        quietly openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 3650 -keyout "$tls/ca.key" -out "$tls/ca.crt" \
            -subj "/CN=Jornel on $(uname -n)" -addext basicConstraints=critical,CA:TRUE,pathlen:0 -addext keyUsage=critical,keyCertSign,cRLSign \
            -addext 'nameConstraints=critical,permitted;IP:10.0.0.0/255.0.0.0,permitted;IP:127.0.0.0/255.0.0.0,permitted;IP:172.16.0.0/255.240.0.0,permitted;IP:192.168.0.0/255.255.0.0,permitted;IP:169.254.0.0/255.255.0.0,permitted;IP:192.0.2.0/255.255.255.0,permitted;DNS:local,permitted;DNS:localhost'
        rm -f "$tls/web.crt"
    fi
    # Renewed a month before its end, and where the address has changed.
    if [ "$(cat "$tls/web.address" 2>/dev/null)" = "$address" ] && openssl x509 -in "$tls/web.crt" -noout -checkend 2592000 >/dev/null 2>&1; then return 0; fi
    say "Making a certificate for $address"
    printf 'subjectAltName=IP:%s,IP:127.0.0.1,DNS:localhost,DNS:%s.local\nextendedKeyUsage=serverAuth\nkeyUsage=critical,digitalSignature\nbasicConstraints=critical,CA:FALSE\n' \
        "$address" "$(uname -n | tr 'A-Z_' 'a-z-' | cut -d. -f1)" >"$tls/web.ext"
    quietly openssl req -new -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -keyout "$tls/web.key" -out "$tls/web.csr" -subj "/CN=$address"
    quietly openssl x509 -req -in "$tls/web.csr" -CA "$tls/ca.crt" -CAkey "$tls/ca.key" -CAcreateserial -days 390 -sha256 -extfile "$tls/web.ext" -out "$tls/web.crt"
    quietly openssl verify -CAfile "$tls/ca.crt" "$tls/web.crt"
    echo "$address" >"$tls/web.address"
}

# The ports of the local network: with TLS, and beside it the authority's certificate for a phone to fetch.
lan_ports() {
    local address=$1 port=${JORNEL_LAN_PORT:-8443} ports
    ports=$(cat "$run/lan.ports" 2>/dev/null || true)
    if [ -z "$ports" ]; then
        while ! port_is_free "$address" "$port"; do port=$((port + 1)); done
        ports="$port"
        port=$((port + 1))
        while ! port_is_free "$address" "$port"; do port=$((port + 1)); done
        ports="$ports $port"
        echo "$ports" >"$run/lan.ports"
    fi
    echo "$ports"
}

# Servers of nginx beside the one on loopback.
lan_settings() {
    [ "$instance" = app ] && [ -f "$run/lan" ] || return 0
    local address secure plain
    address=$(cat "$run/lan")
    read -r secure plain <<<"$(lan_ports "$address")"
    echo "ssl_certificate $(tls)/web.crt; ssl_certificate_key $(tls)/web.key; ssl_protocols TLSv1.2 TLSv1.3; ssl_session_cache shared:jornel:5m;"
    deploy/fill nginx.conf LISTEN="$address:$secure ssl http2" FPM_SOCKET="$1"
    echo "server { listen $address:$plain; server_tokens off;"
    echo "location = /jornel.crt { alias $(tls)/ca.crt; types { } default_type application/x-x509-ca-cert; }"
    echo "location / { return 302 https://$address:$secure\$request_uri; } }"
}

# Where phones find it, as a square to be photographed, too.
tell_lan() {
    [ -f "$run/lan" ] || return 0
    local address secure plain
    address=$(cat "$run/lan")
    read -r secure plain <<<"$(lan_ports "$address")"
    say ''
    say "On this network:  https://$address:$secure"
    node --input-type=module -e 'import qr from "qrcode"; console.log(await qr.toString(process.argv[1], { type: "utf8", margin: 2 }))' "https://$address:$secure" || true
    say "Phones ask once whether this machine is to be trusted. They do not ask where its certificate is installed first:"
    say "http://$address:$plain/jornel.crt  (fingerprint $(openssl x509 -in "$(tls)/ca.crt" -noout -fingerprint -sha256 | sed 's/.*=//'))"
}
