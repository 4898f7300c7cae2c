# A PostgreSQL server for one run of the tests: in a folder of its own, by a socket in it, gone afterwards.
# shellcheck shell=bash

# Whoever is root gives it to another: it does not run as root.
as_postgres() { if [ "$(id -u)" = 0 ]; then runuser -u postgres -- "$@"; else "$@"; fi; }

throw_away_postgres() {
    local bin; bin=$(find /usr/lib/postgresql -maxdepth 2 -name bin | sort -V | tail -n 1)
    [ -n "$bin" ] || die 'PostgreSQL is not here: install the package postgresql.'
    pg_folder=$(mktemp -d)
    [ "$(id -u)" != 0 ] || chown postgres "$pg_folder"
    # shellcheck disable=SC2064
    trap "as_postgres $bin/pg_ctl -D $pg_folder/data -m immediate stop >/dev/null 2>&1 || true; rm -rf $pg_folder" EXIT
    as_postgres "$bin/initdb" -D "$pg_folder/data" -U yoke --auth=trust -E UTF8 >"$pg_folder/said" 2>&1 || { cat "$pg_folder/said" >&2; die 'PostgreSQL could not be set up.'; }
    as_postgres "$bin/pg_ctl" -D "$pg_folder/data" -w -l "$pg_folder/data/log" -o "-k $pg_folder -p 5432 -c listen_addresses= -c fsync=off" start >/dev/null \
        || { cat "$pg_folder/data/log" >&2; die 'PostgreSQL could not be started.'; }
    "$bin/createdb" -h "$pg_folder" -U yoke yoke
    export DB_CONNECTION=pgsql DB_HOST=$pg_folder DB_DATABASE=yoke DB_USERNAME=yoke SESSION_CONNECTION=pgsql
}
