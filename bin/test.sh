# Style, types and all tests, these by four processes, which wait for browsers more than they work: called by
# ./fravel test. Pest's own closing line comes last; what is said after the verb is said to Pest.
# With --browser=webkit or --browser=firefox only the tests that show whether the interface works there.
set -euo pipefail
case "${1:-}" in
    --browser=*)
        export FRAVEL_BROWSER=${1#--browser=}
        shift
        exec php -d memory_limit=1G vendor/bin/pest --colors=never tests/Browser/{JourneyTest,PlayerTest,StageTest}.php "$@"
        ;;
esac
php vendor/bin/pint --test
php vendor/bin/phpstan analyse --no-progress --memory-limit=1G
npx eslint .
npx prettier --check --log-level warn 'resources/**/*.{js,css}' 'tests/**/*.js' 'tools/**/*.js' '*.js'
npx tsc --project jsconfig.json
node --test tests/Js/
[ $# -gt 0 ] || set -- --parallel --processes=4
exec php -d memory_limit=1G vendor/bin/pest --colors=never "$@"
