# What is missing here is installed, fetched and built; what was entered before is found.
# shellcheck shell=bash

# Debian packages that are missing for the commands and PHP extensions named.
packages() {
    local have; have=$(php -m | tr 'A-Z' 'a-z')
    for extension in pdo_sqlite:sqlite3 curl:curl zip:zip gd:gd mbstring:mbstring dom:xml ${extensions:-}; do
        grep -qx "${extension%%:*}" <<<"$have" || echo "php$php_version-${extension##*:}"
    done
    for pair in "$@"; do command -v "${pair%%:*}" >/dev/null || echo "${pair##*:}"; done
}

install_system() {
    local wanted; wanted=$(packages "$@" | sort -u | tr '\n' ' ')
    [ -z "${wanted// /}" ] && return
    local root=(); [ "$(id -u)" = 0 ] || { command -v sudo >/dev/null && sudo -n true 2>/dev/null && root=(sudo -n); }
    if command -v apt-get >/dev/null && { [ "$(id -u)" = 0 ] || [ ${#root[@]} -gt 0 ]; }; then
        say "Installing $wanted"
        # shellcheck disable=SC2086
        { "${root[@]}" apt-get update -qq && DEBIAN_FRONTEND=noninteractive "${root[@]}" apt-get install -y -qq --no-install-recommends $wanted; } >/tmp/yoke-install.log 2>&1 \
            || { tail -5 /tmp/yoke-install.log >&2; die "Could not install: $wanted"; }
        # What came just now for us does not start by itself, at a port that somebody else may want.
        for service in caddy "php$php_version-fpm" postgresql; do
            case " $wanted " in *" $service "*) "${root[@]}" systemctl disable --now "$service" >/dev/null 2>&1 || true ;; esac
        done
    else
        die "These packages are missing; install them and try again: $wanted"
    fi
}

# Runs a step only when what it was made from has changed.
stale() {
    local stamp=".yoke/$1"; shift
    local now; now=$(find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 sha1sum | sha1sum)
    pending_stamp=$stamp; pending_sum=$now
    ! { [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$now" ]; }
}
done_with() { mkdir -p .yoke; printf '%s\n' "$pending_sum" >"$pending_stamp"; }

prepare() {
    for tool in php composer node npm; do command -v "$tool" >/dev/null || die "Yoke Line needs PHP 8.2, Composer and Node 20; '$tool' is not here."; done
    install_system "$@"
    if stale composer composer.json composer.versions || [ ! -d vendor ]; then
        # Every package at the version it was tested with, whatever has come out since.
        local pins=(); while IFS= read -r pin; do pins+=(--with "$pin"); done <composer.versions
        say 'Fetching PHP packages'; composer update "${pins[@]}" --no-interaction --no-progress --quiet; done_with
    fi
    if stale npm package.json || [ ! -d node_modules ]; then
        say 'Fetching styles, scripts and fonts'; npm install --no-progress --loglevel=error >/dev/null; done_with
    fi
    if stale assets package.json vite.config.js resources/css resources/js || [ ! -f public/build/manifest.json ]; then
        say 'Building styles and scripts'; npm run --silent build >.yoke/build.log 2>&1 || { cat .yoke/build.log >&2; die 'The build failed.'; }; done_with
    fi
    if [ ! -f .env ]; then cp .env.example .env; fi
    grep -q '^APP_KEY=base64:' .env || php artisan key:generate --force --quiet
    # What was worked out by another version of the code is not read by this one.
    if stale classes app core lang resources/views public/build/manifest.json; then php artisan cache:clear --quiet; done_with; fi
}

# All that is entered is outside the checkout, which the next version replaces.
data_here() {
    export YOKE_DATA=${YOKE_DATA:-${HOME:-/var/lib}/.local/share/yoke-line}
    mkdir -p "$YOKE_DATA"; chmod 700 "$YOKE_DATA"
    # A demo by itself may run beside it.
    run=$YOKE_DATA/run; [ "${fresh:-0}" = 0 ] || run=$PWD/.yoke/demo/run
    export DB_DATABASE=${DB_DATABASE:-$YOKE_DATA/yoke-line.sqlite} PHOTOS_FOLDER=${PHOTOS_FOLDER:-$YOKE_DATA/photos}
    export SESSIONS_DATABASE=${SESSIONS_DATABASE:-$YOKE_DATA/sessions.sqlite}
    move_in
    # What signs links and sessions stays with what was entered, whichever checkout serves it.
    [ -s "$YOKE_DATA/app.key" ] || (umask 077; php -r 'echo "base64:".base64_encode(random_bytes(32));' >"$YOKE_DATA/app.key")
    APP_KEY=$(cat "$YOKE_DATA/app.key"); export APP_KEY
}

# What was entered with an earlier version lies in the checkout.
move_in() {
    [ -s database/yoke-line.sqlite ] && [ ! -e "$DB_DATABASE" ] && [ "$DB_DATABASE" = "$YOKE_DATA/yoke-line.sqlite" ] || return 0
    say "What you entered was kept in the checkout; from now on it is in $YOKE_DATA."
    for end in '' -wal -shm; do [ ! -e "database/yoke-line.sqlite$end" ] || mv "database/yoke-line.sqlite$end" "$DB_DATABASE$end"; done
    if [ -d storage/app/photos ] && [ ! -e "$PHOTOS_FOLDER" ]; then mv storage/app/photos "$PHOTOS_FOLDER"; fi
    local key; key=$(sed -n 's/^APP_KEY=//p' .env 2>/dev/null || true)
    if [ -n "$key" ]; then (umask 077; printf %s "$key" >"$YOKE_DATA/app.key"); fi
}

# Its tables as this version has them; before they are changed there is a backup.
database() {
    # Another database than a file is made, and backed up, by whoever runs it.
    if [ "${DB_CONNECTION:-sqlite}" != sqlite ]; then
        php artisan migrate --force --quiet || die 'The database could not be brought up to date; its last words are above.'
        return
    fi
    for file in "$DB_DATABASE" "$SESSIONS_DATABASE"; do [ -f "$file" ] || { mkdir -p "$(dirname "$file")"; touch "$file"; }; done
    if stale "database-$(printf %s "$DB_DATABASE" | sha1sum | cut -c1-12)" database/migrations || [ ! -s "$DB_DATABASE" ]; then
        if [ -s "$DB_DATABASE" ]; then php artisan yoke:backup --update >&2 || die "No backup could be made before the database at $DB_DATABASE is brought up to date, so it was left as it is. Run ./yoke doctor."; fi
        php artisan migrate --force --quiet || die "The database at $DB_DATABASE could not be brought up to date. The backup made before is in $YOKE_DATA/backups; ./yoke restore brings it back. The last words are above."
        [ "${no_demo:-0}" = 1 ] || php artisan yoke:demo || die 'The demo could not be loaded.'
        done_with
    fi
}
