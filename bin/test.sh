# Style, types and all tests: called by ./fravel test. Pest's own closing line comes last.
set -euo pipefail
php vendor/bin/pint --test
php vendor/bin/phpstan analyse --no-progress --memory-limit=1G
node --test tests/Js/
exec php -d memory_limit=1G vendor/bin/pest --colors=never "$@"
