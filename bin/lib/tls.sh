# TLS for an address in the maker's own network: an authority of this machine's own, which a phone is told to trust once, and a
# certificate of it.
# The authority vouches for private addresses only, whoever got hold of its key.

tls_files() { # ADDRESS
    local tls="$place/tls" days=397 print
    print="1 $1"
    mkdir -p "$tls/public"
    chmod 755 "$tls" "$tls/public"
    if ! openssl x509 -in "$tls/authority.crt" -noout -checkend $((90 * 86400)) >/dev/null 2>&1; then
        cat >"$tls/authority.cnf" <<'CNF'
[req]
distinguished_name = dn
x509_extensions = ca
prompt = no
[dn]
O = Alternum
CN = Alternum on this machine
[ca]
basicConstraints = critical, CA:TRUE, pathlen:0
keyUsage = critical, keyCertSign, cRLSign
subjectKeyIdentifier = hash
nameConstraints = critical, @private
[private]
permitted;IP.1 = 10.0.0.0/255.0.0.0
permitted;IP.2 = 172.16.0.0/255.240.0.0
permitted;IP.3 = 192.168.0.0/255.255.0.0
permitted;IP.4 = 127.0.0.0/255.0.0.0
permitted;IP.5 = 169.254.0.0/255.255.0.0
CNF
        (umask 077; quietly tls-authority openssl req -x509 -newkey rsa:3072 -sha256 -nodes -days 3650 -keyout "$tls/authority.key" -out "$tls/authority.crt" \
            -config "$tls/authority.cnf")
        rm -f "$tls/server.crt"
    fi
    if [ "$(cat "$tls/print" 2>/dev/null)" != "$print" ] || ! openssl x509 -in "$tls/server.crt" -noout -checkend $((30 * 86400)) >/dev/null 2>&1; then
        printf '%s\n' "subjectAltName = IP:$1" 'basicConstraints = CA:FALSE' \
            'keyUsage = critical, digitalSignature, keyEncipherment' 'extendedKeyUsage = serverAuth' \
            >"$tls/server.cnf"
        (umask 077; quietly tls-request openssl req -new -newkey rsa:2048 -sha256 -nodes -subj "/O=Alternum/CN=$1" \
            -keyout "$tls/server.key" -out "$tls/server.csr")
        quietly tls-server openssl x509 -req -in "$tls/server.csr" -sha256 -days "$days" -CA "$tls/authority.crt" -CAkey "$tls/authority.key" -CAcreateserial \
            -extfile "$tls/server.cnf" -out "$tls/server.crt"
        printf '%s' "$print" >"$tls/print"
        openssl x509 -in "$tls/server.crt" -noout -serial >"$tls/serial"
    fi
    openssl x509 -in "$tls/authority.crt" -outform der -out "$tls/public/alternum-authority.crt"
    finger=$(openssl x509 -in "$tls/authority.crt" -noout -fingerprint -sha256 | cut -d= -f2)
    render trust.html >"$tls/public/index.html"
    chmod 644 "$tls/public/index.html" "$tls/public/alternum-authority.crt"
}

# The lines with which nginx listens in the network, too; none where it does not.
lan_listens() {
    [ -n "$lan" ] || return 0
    printf 'listen %s:%s ssl backlog=4096;\n' "$lan" "$tls_port"
    printf '        ssl_certificate %s/tls/server.crt;\n        ssl_certificate_key %s/tls/server.key;\n' "$place" "$place"
    printf '        ssl_protocols TLSv1.2 TLSv1.3;'
}

# Without TLS there is only how to trust it: no cookie and no plan ever goes that way.
trust_server() {
    [ -n "$lan" ] || return 0
    cat <<NGINX
server {
        listen $lan:$trust_port;
        root $place/tls/public;
        types { text/html html; application/x-x509-ca-cert crt; }
        add_header X-Content-Type-Options nosniff;
        add_header Cache-Control no-store;
        location = / { index index.html; }
        location = /index.html { }
        location = /alternum-authority.crt { }
        location / { return 404; }
    }
NGINX
}
