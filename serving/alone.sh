# For one person on this machine.
# shellcheck shell=bash

# The demo by itself, new each time, beside what a person entered and never in its place.
fresh_demo() {
    rm -rf .yoke/demo; mkdir -p .yoke/demo
    export DB_DATABASE="$PWD/.yoke/demo/demo.sqlite" PHOTOS_FOLDER="$PWD/.yoke/demo/photos"
    say 'The demo, made anew. What you entered stays where it is: ./yoke up opens it again.'
}

php_server() { cd public && PHP_CLI_SERVER_WORKERS=4 exec php "${php_fast[@]}" "${php_bounds[@]}" -S "127.0.0.1:$port" ../serving/router.php; }

serve_alone() {
    taken "$port"
    begin_to_serve
    supervise web php_server
    hold "$port" "Yoke Line is at http://127.0.0.1:$port"
}
