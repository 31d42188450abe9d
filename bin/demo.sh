# Serves the application with its demo data: called by ./fravel demo. What was done in it stays until --fresh.
set -euo pipefail
port=8780
fresh=
while [ $# -gt 0 ]; do
    case "$1" in
        --port) port=${2:?--port wants a number}; shift 2 ;;
        --port=*) port=${1#*=}; shift ;;
        --fresh) fresh=yes; shift ;;
        *) echo "demo takes --port N and --fresh, not $1." >&2; exit 2 ;;
    esac
done

workers=4
database=${FRAVEL_DEMO_DATABASE:-storage/app/fravel.sqlite}
mark=storage/app/demo-$port.pids
export APP_URL="http://127.0.0.1:$port" DB_DATABASE="$(realpath -m "$database")" FRAVEL_OUTBOX=true
export FRAVEL_HOSTS="localhost,127.0.0.1${FRAVEL_HOSTS:+,$FRAVEL_HOSTS}"

answers() { (exec 3<> "/dev/tcp/127.0.0.1/$port") 2> /dev/null; }
is_ours() { { tr '\0' ' ' < "/proc/$1/cmdline"; } 2> /dev/null | grep -q -- "-S 127.0.0.1:$port -t public"; }

# Workers of the server that have not died.
living() { pgrep -c -r R,S,D -P "$server" || true; }

# A server that was killed leaves its workers behind, which hold the port: those are ours to end, and nobody else's.
if answers && [ -e "$mark" ] && ! is_ours "$(head -n 1 "$mark")"; then
    while read -r left; do is_ours "$left" && kill -9 "$left" 2> /dev/null || true; done < "$mark"
    sleep 0.2
fi
if answers; then
    echo "Port $port is in use already. Stop what runs there, or choose another with --port." >&2
    exit 1
fi
[ -z "$fresh" ] || rm -f "$database" "$database-wal" "$database-shm"
php bin/sound.php "$database"
if [ ! -e "$database" ]; then
    touch "$database"
    php artisan migrate --seed --force --quiet || { rm -f "$database"; echo "The demo data could not be made." >&2; exit 1; }
else
    php artisan migrate --force --quiet
fi
php artisan config:clear --quiet

# The server's own lines would hold what students type in addresses; failures go to a file of their own.
serve() {
    PHP_CLI_SERVER_WORKERS=$workers php -d opcache.enable_cli=1 -d max_input_vars=50000 -d post_max_size=120M -d upload_max_filesize=110M -d memory_limit=512M -d variables_order=EGPCS \
        -d log_errors=1 -d error_log="$PWD/storage/logs/server.log" -S "127.0.0.1:$port" -t public bin/router.php > /dev/null 2>&1 &
    server=$!
    until answers && [ "$(living)" -ge "$workers" ]; do
        kill -0 "$server" 2> /dev/null || { echo "The server did not start; storage/logs/server.log says why." >&2; exit 1; }
        sleep 0.05
    done
    { echo "$server"; pgrep -P "$server"; } > "$mark.new"
    mv "$mark.new" "$mark"
}
# The workers are children of the server and don't end with it.
stop() {
    kill "$server" 2> /dev/null || true
    while read -r each; do is_ours "$each" && kill "$each" 2> /dev/null || true; done < "$mark"
    rm -f "$mark"
}
server=
serve
trap stop EXIT
trap 'exit 0' INT TERM

cat <<READY

  Fravel is at  http://127.0.0.1:$port/sign-in
  sign in with  ida@skerrypoint.example  /  the lamp is lit

  Students join at http://127.0.0.1:$port/ with the code of a run:
$(php artisan run:codes)

  Stop with Ctrl+C.

READY

# PHP's own server replaces no worker that dies: when one is gone, all are started anew.
while sleep 1; do
    [ "$(living)" -ge "$workers" ] && continue
    echo "A part of the server ended; it is started again." >&2
    while read -r each; do is_ours "$each" && kill -9 "$each" 2> /dev/null || true; done < "$mark"
    wait "$server" 2> /dev/null || true
    # What is ending may hold the port a moment longer.
    for _ in 1 2 3 4 5 6 7 8 9 10; do answers || break; sleep 0.1; done
    serve
done
