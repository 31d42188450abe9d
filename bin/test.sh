# Style, types and all tests: called by ./fravel test. What is checked without a browser goes on at once, then Pest's
# cases by four processes, which wait for browsers more than they work. Pest's own closing line comes last; what is said
# after the verb is said to Pest. With --browser=webkit or --browser=firefox only the tests that show whether the
# interface works there; with --walk every demo and pattern is played on every screen, not on one in turn.
set -euo pipefail
case "${1:-}" in
    --browser=*)
        export FRAVEL_BROWSER=${1#--browser=}
        shift
        exec php -d memory_limit=1G vendor/bin/pest --colors=never tests/Browser/{JourneyTest,PlayerTest,StageTest,WalkTest}.php "$@"
        ;;
    --walk)
        shift
        FRAVEL_WALK=whole exec php -d memory_limit=1G vendor/bin/pest --colors=never tests/Browser/WalkTest.php "$@"
        ;;
esac
php_style() { php vendor/bin/pint --test && php vendor/bin/phpstan analyse --no-progress --memory-limit=1G; }
script_style() {
    npx eslint . && npx tsc --project jsconfig.json \
        && npx prettier --check --log-level warn 'resources/**/*.{js,css}' 'tests/**/*.js' 'tools/**/*.js' '*.js'
}
script_tests() { node --test tests/Js/; }
# The demo's data, made once for the servers of all four.
seed() { php -r 'require "vendor/autoload.php"; Tests\Support\Server::seed($argv[1]);' "$FRAVEL_SEEDED"; }

said=$(mktemp -d)
export FRAVEL_SEEDED="$said/seeded"
mkdir "$FRAVEL_SEEDED"
trap 'rm -rf "$said"' EXIT
failed=0
for part in php_style script_style script_tests seed; do "$part" > "$said/$part" 2>&1 & echo $! > "$said/$part.id"; done
for part in php_style script_style script_tests seed; do
    wait "$(cat "$said/$part.id")" || { failed=1; echo "Failed: $part"; }
    cat "$said/$part"
done
[ "$failed" = 0 ] || exit 1
[ $# -gt 0 ] || set -- --parallel --processes=4
php -d memory_limit=1G vendor/bin/pest --colors=never "$@"
