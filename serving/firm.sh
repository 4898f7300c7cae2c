# For a firm: Caddy and PHP-FPM, HTTPS, everybody signs in.
# shellcheck shell=bash

# By which names it is called: what was said, or this machine's own name and address on the network.
names() {
    if [ -n "${name:-}" ]; then tr ',' '\n' <<<"$name"; return; fi
    local address; address=$(ip -4 route get 192.0.2.1 2>/dev/null | sed -n 's/.* src \([0-9.]*\).*/\1/p' || true)
    [ -z "$address" ] || printf '%s\n' "$address"
    hostname
}

write_settings() {
    local all; all=$(names | tr 'A-Z' 'a-z' | awk 'NF && !seen[$0]++')
    first_name=$(head -n 1 <<<"$all")
    local hosts; hosts=$(paste -sd, <<<"$all")
    export YOKE_SIGN_IN=1 SESSION_DRIVER=database YOKE_HOSTS="$hosts,127.0.0.1,localhost" YOKE_CERTIFICATE="$YOKE_DATA/caddy/pki/authorities/local/root.crt"
    export YOKE_SOCKET="$run/php.sock" YOKE_PUBLIC="$PWD/public"
    if [ "${proxy:-0}" = 1 ]; then
        export APP_URL="https://$first_name" YOKE_PROXIES=127.0.0.1 SESSION_SECURE=1 YOKE_SITES="http://:$port" YOKE_PLAIN="http://:$plain_port" YOKE_BIND="bind 127.0.0.1"
    else
        export APP_URL="https://$first_name:$port" SESSION_SECURE=1 YOKE_PLAIN_URL="http://$first_name:$plain_port"
        YOKE_SITES=$( { sed "s|.*|https://&:$port|" <<<"$all"; echo "https://localhost:$port"; echo "https://127.0.0.1:$port"; } | awk '!seen[$0]++' | paste -sd, | sed 's/,/, /g')
        YOKE_PLAIN="http://:$plain_port"
        export YOKE_SITES YOKE_PLAIN YOKE_BIND=
    fi
    export YOKE_TLS; YOKE_TLS=$([ "${proxy:-0}" = 1 ] || echo 'tls internal')
    # Where Caddy keeps its authority.
    export XDG_DATA_HOME="$YOKE_DATA" XDG_CONFIG_HOME="$YOKE_DATA"
}

php_pool() {
    local root=(); [ "$(id -u)" != 0 ] || root=(-R)
    rm -f "$YOKE_SOCKET"
    exec "php-fpm$php_version" "${root[@]}" -F -y serving/php-fpm.conf "${fpm_settings[@]}"
}

web_server() { exec caddy run --config serving/Caddyfile --adapter caddyfile; }

serve_firm() {
    taken "$port"; taken "$plain_port"
    export YOKE_USER; YOKE_USER=$(id -un)
    begin_to_serve
    supervise php php_pool
    supervise web web_server
    for _ in $(seq 100); do [ -S "$YOKE_SOCKET" ] && break; sleep 0.05; done
    local link; link=$(php artisan yoke:first-link)
    [ -z "$link" ] || say "Nobody owns this house yet. Whoever opens this link becomes the owner (it holds for a day): $link"
    hold "$port" "Yoke Line is at $APP_URL${YOKE_PLAIN_URL:+; phones begin at $YOKE_PLAIN_URL/join}"
}

# A unit by which the machine serves it from its start on.
write_service() {
    local folder=$HOME/.config/systemd/user user=(--user)
    [ "$(id -u)" != 0 ] || { folder=/etc/systemd/system; user=(); }
    mkdir -p "$folder"
    cat >"$folder/yoke-line.service" <<UNIT
[Unit]
Description=Yoke Line
After=network-online.target
Wants=network-online.target

[Service]
WorkingDirectory=$PWD
Environment="HOME=$HOME" "YOKE_DATA=$YOKE_DATA"
ExecStart="$PWD/yoke" serve $*
Restart=on-failure
KillMode=mixed
TimeoutStopSec=20

[Install]
WantedBy=$([ "$(id -u)" = 0 ] && echo multi-user.target || echo default.target)
UNIT
    say "Written: $folder/yoke-line.service. Start it now and at every start of the machine: systemctl ${user[*]} enable --now yoke-line"
}
