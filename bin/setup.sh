# What a fresh machine needs, each once: sourced by ./fravel. A step that has nothing to do costs milliseconds.

say() { printf '%s\n' "$*" >&2; }

# Installs Debian packages as root, and else says which are wanted.
install_packages() {
    if [ "$(id -u)" != 0 ] || ! command -v apt-get > /dev/null; then
        say "Please install these packages and run this again: $*"
        exit 1
    fi
    say "Installing: $*"
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" > /dev/null 2>&1 || {
        apt-get update -qq > /dev/null 2>&1
        DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" > /dev/null || { say "These packages could not be installed: $*"; exit 1; }
    }
}

# Only makes things quicker: without it all works too.
offer_package() {
    command -v "$1" > /dev/null || [ "$(id -u)" != 0 ] || ! command -v apt-get > /dev/null \
        || DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$1" > /dev/null 2>&1 || true
}

need_command() { command -v "$1" > /dev/null || { say "Please install $2 and run this again."; exit 1; }; }

setup_php() {
    need_command php "PHP 8.2 with its command line"
    need_command composer Composer
    need_command npm "Node.js with npm"
    local version loaded wanted=()
    version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
    loaded=$(php -m)
    for extension in pdo_sqlite:sqlite3 mbstring:mbstring intl:intl dom:xml curl:curl zip:zip bcmath:bcmath gd:gd; do
        grep -qix "${extension%%:*}" <<< "$loaded" || wanted+=("php$version-${extension##*:}")
    done
    [ ${#wanted[@]} -eq 0 ] || install_packages "${wanted[@]}"
}

# $1: chromium (if nothing is said), firefox or webkit.
setup_browser() {
    case "${1:-chromium}" in
        chromium)
            { command -v chromedriver && command -v chromium; } > /dev/null || install_packages chromium chromium-driver fonts-dejavu-core
            offer_package chromium-headless-shell ;;
        firefox) command -v firefox-esr > /dev/null || install_packages firefox-esr fonts-dejavu-core ;;
        webkit) { command -v WebKitWebDriver && command -v Xvfb; } > /dev/null || install_packages webkit2gtk-driver xvfb fonts-dejavu-core ;;
        *) say "There is no browser \"$1\": chromium, firefox and webkit are."; exit 2 ;;
    esac
}

setup_bench() {
    { command -v nginx && command -v wrk && command -v php-fpm8.2; } > /dev/null || install_packages nginx-light wrk php8.2-fpm
}

setup_harm() { command -v strace > /dev/null || install_packages strace; }

# Only what looks at pages needs it, and it is large.
setup_pages() {
    [ -d node_modules/lighthouse ] || npm install --no-save --no-audit --no-fund --silent lighthouse@13.5.0
}

# Runs the rest of the line when the stamp is older than any of the files named before "--".
when_changed() {
    local stamp=$1 sources=()
    shift
    while [ "$1" != -- ]; do sources+=("$1"); shift; done
    shift
    if [ -e "$stamp" ] && [ -z "$(find "${sources[@]}" -newer "$stamp" -print -quit)" ]; then return; fi
    "$@"
    mkdir -p "$(dirname "$stamp")"
    touch "$stamp"
}

install_php_packages() { say "Installing PHP packages ..."; composer install --no-interaction --no-progress --quiet; }
install_node_packages() { say "Installing Node packages ..."; npm ci --no-audit --no-fund --silent; }
build_assets() { say "Building scripts and styles ..."; php tools/build/fields.php; php tools/build/palette.php; npm run build --silent > /dev/null; }

# Several servers that compile one template at the same time would read it half written.
compile_views() { php artisan view:cache --quiet; }

setup_application() {
    when_changed vendor/.installed composer.json -- install_php_packages
    when_changed node_modules/.installed package.json package-lock.json -- install_node_packages
    when_changed public/build/.built resources/css resources/js resources/views vite.config.js tools/build package.json -- build_assets
    [ -e .env ] || sed "s|^APP_KEY=.*|APP_KEY=base64:$(head -c 32 /dev/urandom | base64)|" .env.example > .env
    when_changed storage/framework/views/.compiled resources/views composer.json -- compile_views
}
