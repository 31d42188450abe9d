# Style, types and all tests: called by ./fravel test. Pest's own closing line comes last.
set -euo pipefail
php vendor/bin/pint --test
php vendor/bin/phpstan analyse --no-progress --memory-limit=1G
npx eslint .
npx prettier --check --log-level warn 'resources/**/*.{js,css}' 'tests/Js/**/*.js' 'tools/**/*.js' '*.js'
npx tsc --project jsconfig.json
node --test tests/Js/
exec php -d memory_limit=1G vendor/bin/pest --colors=never "$@"
