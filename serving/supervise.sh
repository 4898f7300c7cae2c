# Runs what serves, starts anew what ends by itself, and takes all of it along when it stops.
# shellcheck shell=bash

answers() { php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $code, $why, 1) ? 0 : 1);' "$1"; }

# Whether these data are served already.
is_running() {
    local pid; pid=$(cat "$run/server.pid" 2>/dev/null || true)
    [ -n "$pid" ] && ps -o args= -p "$pid" 2>/dev/null | grep -q yoke
}

who_has() {
    if is_running; then echo "Yoke Line itself, started before (process $(cat "$run/server.pid"))"; return; fi
    local found; found=$( { command -v ss >/dev/null && ss -ltnp "sport = :$1" 2>/dev/null | grep -o 'users:.*' | head -1; } || true)
    echo "another program${found:+ ($found)}"
}

taken() { answers "$1" && die "Port $1 is taken by $(who_has "$1"). Stop it, or choose another: ./yoke $command --port $(($1 + 1))"; return 0; }

running=()

# Each runs in a process group of its own, so that a stop takes every worker along.
supervise() {
    local name=$1; shift
    (
        set -m
        # The group of what runs: its workers outlive a master that was killed, and hold its port.
        child=
        trap 'trap "" TERM INT HUP; kill -TERM -- "-$child" 2>/dev/null; wait "$child"; exit' TERM INT HUP
        ended=()
        while true; do
            "$@" >>"$run/$name.log" 2>&1 & child=$!
            wait "$child" 2>/dev/null || true
            kill -KILL -- "-$child" 2>/dev/null || true
            ended+=("$SECONDS")
            # Five ends within a minute: it will not come up by itself.
            if [ ${#ended[@]} -ge 5 ] && [ $((SECONDS - ended[${#ended[@]} - 5])) -lt 60 ]; then exit 1; fi
            printf '%s ended and is started anew\n' "$name" >>"$run/$name.log"
            sleep 0.3
        done
    ) 2>/dev/null &
    running+=($!)
}

# shellcheck disable=SC2317
stop() {
    trap - EXIT INT TERM HUP
    for one in "${running[@]}"; do kill -TERM "$one" 2>/dev/null || true; done
    for one in "${running[@]}"; do wait "$one" 2>/dev/null || true; done
    rm -f "$run/server.pid"
    exit "${1:-0}"
}

# Waits until it answers, then for as long as all of it runs.
hold() {
    local port=$1 says=$2
    for _ in $(seq 150); do answers "$port" && break; sleep 0.1; done
    answers "$port" || { tail -n 5 "$run"/*.log >&2; die 'The server could not start; its last words are above.'; }
    say "$says (Ctrl+C stops it)"
    wait -n "${running[@]}" || true
    tail -n 5 "$run"/*.log >&2
    die 'The server ended again and again; its last words are above.'
}

# A backup every night, also where the machine was off in the night.
nightly() { while true; do php artisan yoke:backup --nightly || true; sleep 1800; done; }

# Settings, routes and views as these data are served: worked out when it starts, not for every page.
warm() {
    export APP_CONFIG_CACHE="$run/warm/config.php" APP_ROUTES_CACHE="$run/warm/routes.php" APP_EVENTS_CACHE="$run/warm/events.php"
    rm -rf "$run/warm"; (umask 077; mkdir -p "$run/warm")
    for what in config route event view; do
        (umask 077; php artisan "$what:cache" --quiet >/dev/null 2>&1) || { rm -rf "$run/warm"; return 0; }
    done
}

begin_to_serve() {
    is_running && die "These data are served already, by process $(cat "$run/server.pid"). Stop that first."
    mkdir -p "$run"; rm -f "$run"/*.log
    echo $$ >"$run/server.pid"
    trap 'stop $?' EXIT; trap 'stop 0' INT TERM HUP
    warm
    [ "${fresh:-0}${DB_CONNECTION:-sqlite}" != 0sqlite ] || supervise nightly nightly
    return 0
}
