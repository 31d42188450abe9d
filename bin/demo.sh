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

database=storage/app/fravel.sqlite
export APP_URL="http://127.0.0.1:$port" DB_DATABASE="$PWD/$database"

if (exec 3<> "/dev/tcp/127.0.0.1/$port") 2> /dev/null; then
    echo "Port $port is in use already. Stop what runs there, or choose another with --port." >&2
    exit 1
fi
[ -z "$fresh" ] || rm -f "$database" "$database-wal" "$database-shm"
if [ ! -s "$database" ]; then
    touch "$database"
    php artisan migrate --seed --force --quiet || { rm -f "$database"; echo "The demo data could not be made." >&2; exit 1; }
else
    php artisan migrate --force --quiet
fi

php artisan config:clear --quiet
PHP_CLI_SERVER_WORKERS=4 php -d max_input_vars=50000 -d post_max_size=60M -d upload_max_filesize=50M -d memory_limit=512M -d variables_order=EGPCS \
    -S "127.0.0.1:$port" -t public bin/router.php 2>> storage/logs/server.log &
server=$!
# The workers are children of the server and don't end with it.
stop() { pkill -TERM -P "$server" 2> /dev/null || true; kill "$server" 2> /dev/null || true; }
trap stop EXIT
trap 'exit 0' INT TERM
until (exec 3<> "/dev/tcp/127.0.0.1/$port") 2> /dev/null; do
    kill -0 "$server" 2> /dev/null || { echo "The server did not start; storage/logs/server.log says why." >&2; exit 1; }
    sleep 0.05
done

cat <<READY

  Fravel is at  http://127.0.0.1:$port/sign-in
  sign in with  ida@skerrypoint.example  /  the lamp is lit

  Students join at http://127.0.0.1:$port/ with the code of a run. Stop with Ctrl+C.

READY
wait "$server"
