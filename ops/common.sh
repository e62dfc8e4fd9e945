# Shared by bin/start and bin/test: what has to be on the machine, and how the servers are run.
# Everything an instance needs lives in one folder ($HOME_DIR); nothing outside it and the checkout is touched,
# but for Debian packages that are missing.

APP_DIR="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
source "$APP_DIR/ops/sessions.sh"
PHP_VERSION="$(php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION;')"

# The tracing mode of PHP's compiler, with room for the many branches of the simulation's inner loop; bin/bench prints
# what it brings.
# Watching which lines run (bin/mutate installs it) would keep the compiler from its work.
export JIT_FLAGS='-d pcov.enabled=0 -d opcache.jit=tracing -d opcache.jit_buffer_size=128M -d opcache.jit_max_root_traces=8192 -d opcache.jit_max_side_traces=1000 -d opcache.jit_max_exit_counters=1000000'

say() { printf '%s\n' "$*"; }
die() { printf 'rush-hold: %s\n' "$*" >&2; exit 1; }

# install_debian_packages PACKAGE... : installs those that are missing, and says so.
install_debian_packages() {
    local missing=() package
    for package in "$@"; do
        [ "$(dpkg-query -W -f='${db:Status-Status}' "$package" 2>/dev/null)" = installed ] || missing+=("$package")
    done
    [ "${#missing[@]}" -eq 0 ] && return 0
    say "Installing Debian packages: ${missing[*]}"
    local as_root=()
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null || die "these Debian packages are missing and need an administrator: ${missing[*]}"
        as_root=(sudo)
    fi
    local log
    log="$(mktemp)"
    if ! { "${as_root[@]}" apt-get update -q \
        && "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends "${missing[@]}"; } >"$log" 2>&1; then
        tail -n 20 "$log" >&2
        die "could not install: ${missing[*]}"
    fi
    rm -f "$log"
}

server_packages() {
    local package
    for package in mysql gd imagick curl zip mbstring xml intl fpm; do printf 'php%s-%s ' "$PHP_VERSION" "$package"; done
    printf 'mariadb-server nginx supervisor procps libimage-exiftool-perl libjpeg-turbo-progs'
}

install_libraries() {
    cd "$APP_DIR"
    if [ ! -f vendor/autoload.php ] || [ composer.json -nt vendor/autoload.php ] || [ compat/composer.json -nt vendor/autoload.php ]; then
        say 'Installing PHP libraries'
        composer install --no-interaction --no-progress --quiet || die 'composer install failed'
        touch vendor/autoload.php
    fi
    if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
        say 'Installing front-end libraries'
        # Some registries do not carry the builds of tools for other platforms, and then npm ci refuses the lock file;
        # npm install takes the same locked versions and does not mind.
        npm install --no-save --no-audit --no-fund --silent || die 'npm install failed'
        touch node_modules/.package-lock.json
    fi
}

build_front_end() {
    # With bin/dev the browser has it from the development server.
    [ "${DEVELOPING:-false}" != true ] || return 0
    cd "$APP_DIR"
    local manifest=public/build/manifest.json
    if [ ! -f "$manifest" ] || [ -n "$(find resources/js vite.config.ts package-lock.json -newer "$manifest" -print -quit)" ]; then
        say 'Building the front end'
        npm run --silent build >storage/build.log 2>&1 || { tail -n 40 storage/build.log >&2; die 'the front end did not build'; }
    fi
}

# port_is_free PORT
port_is_free() {
    php -r '$s = @stream_socket_server("tcp://127.0.0.1:".$argv[1]); exit($s ? 0 : 1);' "$1"
}

free_port() {
    php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'
}

# wait_for SECONDS WHAT COMMAND... : until COMMAND succeeds.
wait_for() {
    local limit=$1 what=$2 started=$SECONDS
    shift 2
    until "$@" >/dev/null 2>&1; do
        [ $((SECONDS - started)) -lt "$limit" ] || return 1
        sleep 0.1
    done
}

# render TEMPLATE TARGET : fills in @NAME@ from the environment.
render() {
    php -r '
        $text = preg_replace_callback("/@([A-Z_]+)@/", function (array $m): string {
            $value = getenv($m[1]);
            if ($value === false) { fwrite(STDERR, "no value for {$m[1]}\n"); exit(1); }
            return $value;
        }, file_get_contents($argv[1]));
        umask(0077);
        file_put_contents($argv[2], $text);
        chmod($argv[2], 0600);
    ' "$1" "$2"
}

# lock_instance : one folder, one running instance; held until this shell ends.
lock_instance() {
    mkdir -p "$HOME_DIR"
    exec 9>>"$HOME_DIR/running"
    if ! flock -n 9; then
        die "Rush Hold is running from $HOME_DIR already$(sed -n 's/^/ (/;s/$/)/;1p' "$HOME_DIR/running"). Stop that one first, or set HOME_DIR to another folder."
    fi
    printf 'process %s, http://127.0.0.1:%s\n' "$$" "$HTTP_PORT" >"$HOME_DIR/running"
    clear_up
}

# clear_up : ends what an instance left behind that was ended without a chance to stop its servers.
clear_up() {
    local note
    for note in "$HOME_DIR"/run/*.session; do end_session "$note"; done
}

# prepare_instance : writes the server configuration of $HOME_DIR; needs HTTP_PORT, DB_* and APP_KEY.
prepare_instance() {
    RUN_DIR="$HOME_DIR/run"
    mkdir -p "$RUN_DIR/tmp" "$HOME_DIR/logs"
    # Configuration holds passwords and keys; nobody else reads it.
    chmod 700 "$RUN_DIR" "$RUN_DIR/tmp"
    # Names under which the web server answers, besides those of this machine.
    SERVER_NAMES="$(php -r 'echo implode(" ", array_diff(array_unique(array_filter(preg_replace("/[^A-Za-z0-9.:\\[\\]-]/", "", [(string) parse_url((string) getenv("APP_URL"), PHP_URL_HOST), ...explode(",", (string) getenv("TRUSTED_HOSTS"))]))), ["127.0.0.1", "localhost", "[::1]"]));')"
    export SERVER_NAMES
    export HOME_DIR RUN_DIR APP_DIR HTTP_PORT DB_HOST DB_PORT DB_DATABASE DB_USERNAME DB_PASSWORD APP_KEY
    # Unix socket paths may not be longer than about a hundred characters, whatever folder the checkout is in.
    SOCKET_DIR="$(mktemp -d "${TMPDIR:-/tmp}/rush-hold.XXXXXX")"
    FPM_SOCKET="$SOCKET_DIR/php-fpm.sock"
    FPM_APART_SOCKET="$SOCKET_DIR/apart.sock"
    FPM_STATUS_SOCKET="$SOCKET_DIR/status.sock"
    INSIDE_SOCKET="$SOCKET_DIR/inside.sock"
    # For what reads figures over the network of this machine.
    METRICS_LISTEN="${METRICS_PORT:+listen 127.0.0.1:$METRICS_PORT;}"
    SUPERVISOR_SOCKET="$SOCKET_DIR/supervisor.sock"
    MARIADB_SOCKET="$SOCKET_DIR/mariadb.sock"
    POOL_SOCKET="$SOCKET_DIR/pool.sock"
    PLAYING_SOCKET="$POOL_SOCKET"
    FPM_BINARY="$(command -v "php-fpm$PHP_VERSION" || command -v php-fpm)" || die 'php-fpm is not installed'
    [ -x "$FPM_BINARY" ] || FPM_BINARY="/usr/sbin/php-fpm$PHP_VERSION"
    NGINX_BINARY="$(PATH="$PATH:/usr/sbin" command -v nginx)"
    MARIADB_BINARY="$(PATH="$PATH:/usr/sbin" command -v mariadbd)"
    RUN_USER="$(id -un)"
    # Workers of nginx may not run under another user: they would not reach this folder.
    NGINX_USER=''
    FPM_ROOT_FLAG=''
    if [ "$(id -u)" -eq 0 ]; then NGINX_USER='user root;'; FPM_ROOT_FLAG='--allow-to-run-as-root'; fi
    PRIVATE_DATABASE="${PRIVATE_DATABASE:-true}"
    if [ "${DEVELOPING:-false}" = true ]; then
        # PHP is read anew at each request, and what a request asks is played within it.
        OPCACHE_FLAGS='-d opcache.validate_timestamps=1 -d opcache.revalidate_freq=0'
        PLAYING_SOCKET=''
    else
        OPCACHE_FLAGS="-d opcache.validate_timestamps=0 -d opcache.preload=$APP_DIR/ops/preload.php -d opcache.preload_user=$RUN_USER"
    fi
    export OPCACHE_FLAGS SOCKET_DIR POOL_SOCKET PLAYING_SOCKET FPM_SOCKET FPM_APART_SOCKET FPM_STATUS_SOCKET INSIDE_SOCKET METRICS_LISTEN SUPERVISOR_SOCKET MARIADB_SOCKET FPM_BINARY NGINX_BINARY MARIADB_BINARY RUN_USER NGINX_USER FPM_ROOT_FLAG PRIVATE_DATABASE
    render "$APP_DIR/ops/nginx.conf" "$RUN_DIR/nginx.conf"
    render "$APP_DIR/ops/php-fpm.conf" "$RUN_DIR/php-fpm.conf"
    render "$APP_DIR/ops/mariadb.cnf" "$RUN_DIR/mariadb.cnf"
    render "$APP_DIR/ops/mariadb-init.sql" "$RUN_DIR/mariadb-init.sql"
    render "$APP_DIR/ops/supervisor.conf" "$RUN_DIR/supervisor.conf"
    export LARAVEL_STORAGE_PATH="$HOME_DIR" APP_SERVICES_CACHE="$RUN_DIR/services.php" APP_PACKAGES_CACHE="$RUN_DIR/packages.php" \
        APP_CONFIG_CACHE="$RUN_DIR/config.php" APP_ROUTES_CACHE="$RUN_DIR/routes.php" APP_EVENTS_CACHE="$RUN_DIR/events.php"
    rm -f "$RUN_DIR"/{services,packages,config,routes,events}.php
    if [ "$PRIVATE_DATABASE" = true ] && [ ! -d "$HOME_DIR/mariadb/mysql" ]; then
        say 'Creating the database'
        mkdir -p "$HOME_DIR/mariadb"
        mariadb-install-db --no-defaults --datadir="$HOME_DIR/mariadb" --user="$RUN_USER" --skip-test-db \
            --auth-root-authentication-method=normal >"$HOME_DIR/logs/mariadb-install.log" 2>&1 \
            || { tail -n 20 "$HOME_DIR/logs/mariadb-install.log" >&2; die 'could not create the database'; }
    fi
}

supervisor() { supervisorctl -c "$RUN_DIR/supervisor.conf" "$@"; }

# start_programs NAME... : all at once; each takes a second to count as started.
start_programs() {
    local name started=()
    for name in "$@"; do
        supervisor start "$name" >/dev/null &
        started+=("$!")
    done
    wait "${started[@]}" || true
}

# read_database_settings : DB_* from the environment or from .env, and a file of options for MariaDB's own programs.
read_database_settings() {
    local name file="${APP_ENV_FOLDER:-$APP_DIR}/.env"
    for name in DB_HOST DB_PORT DB_DATABASE DB_USERNAME DB_PASSWORD; do
        [ -n "${!name:-}" ] || printf -v "$name" '%s' "$(sed -n "s/^$name=//p" "$file" 2>/dev/null | tail -n 1)"
    done
    DB_HOST="${DB_HOST:-127.0.0.1}"
    export DB_HOST DB_PORT DB_DATABASE DB_USERNAME DB_PASSWORD
    DATABASE_OPTIONS="$(umask 077 && mktemp)"
    printf '[client]\nhost=%s\nport=%s\nuser=%s\npassword=%s\nprotocol=tcp\n' "$DB_HOST" "$DB_PORT" "$DB_USERNAME" "$DB_PASSWORD" >"$DATABASE_OPTIONS"
}

database_answers() {
    php -r '
        try { new PDO("mysql:host=".getenv("DB_HOST").";port=".getenv("DB_PORT").";dbname=".getenv("DB_DATABASE"), getenv("DB_USERNAME"), getenv("DB_PASSWORD")); }
        catch (PDOException) { exit(1); }'
}

# It answers as soon as it is there; its processes get warm while it does.
pool_answers() { php "$APP_DIR/ops/pool-state.php"; }

page_answers() {
    php -r 'exit(@file_get_contents("http://127.0.0.1:".getenv("HTTP_PORT")."/up") === false ? 1 : 0);'
}

# launch_supervisor : it stays a child of this shell as $SUPERVISOR_PID and ends with it, and its servers with it; the lock
# stays here.
launch_supervisor() {
    setpriv --pdeathsig TERM supervisord -n -c "$RUN_DIR/supervisor.conf" >"$HOME_DIR/logs/supervisor.out" 2>&1 9>&- &
    SUPERVISOR_PID=$!
    wait_for 10 'supervisor' supervisor pid || die "supervisor did not start; see $HOME_DIR/logs/supervisor.log"
}

# The pool keeps the code it was started with; whoever changes code does without it.
pool_program() { [ "${DEVELOPING:-false}" = true ] || printf pool; }

database_program() { [ "$PRIVATE_DATABASE" != true ] || printf mariadb; }

# start_servers : the database first, then what needs it. The pool needs none, and warms up meanwhile.
start_servers() {
    launch_supervisor
    # shellcheck disable=SC2046
    start_programs $(pool_program) $(database_program)
    wait_for 60 'database' database_answers || { tail -n 15 "$HOME_DIR/logs/mariadb.log" >&2; die 'the database does not answer'; }
    (cd "$APP_DIR" && umask 077 && php artisan migrate --force --quiet) || die 'the database could not be brought up to date'
}

start_application() {
    if [ "${DEVELOPING:-false}" = true ]; then
        start_programs php-fpm nginx queue 'pictures:*'
        wait_for 30 'application' page_answers || { tail -n 15 "$HOME_DIR"/logs/{nginx,php-fpm,laravel}*.log >&2 2>/dev/null; die 'the application does not answer'; }
        return 0
    fi
    (cd "$APP_DIR" && umask 077 && php artisan config:cache --quiet && php artisan route:cache --quiet && php artisan event:cache --quiet) || die 'the application could not be prepared'
    # What usual requests need is loaded once for all of them; without the list they are only slower.
    (cd "$APP_DIR" && umask 077 && php ops/preload-list.php >"$RUN_DIR/preload.txt" 2>/dev/null) || rm -f "$RUN_DIR/preload.txt"
    start_programs php-fpm nginx queue 'pictures:*' scheduler health
    wait_for 60 'pool' pool_answers || { tail -n 15 "$HOME_DIR/logs/pool.log" >&2; die 'the playing processes did not start'; }
    wait_for 30 'application' page_answers || { tail -n 15 "$HOME_DIR"/logs/{nginx,php-fpm,laravel}*.log >&2 2>/dev/null; die 'the application does not answer'; }
}

# start_again : everything as it was, after supervisord was lost.
start_again() {
    clear_up
    launch_supervisor
    # shellcheck disable=SC2046
    start_programs $(database_program) $(pool_program) php-fpm nginx queue 'pictures:*' scheduler health
}

# temporary_instance : settings of an instance in $HOME_DIR on free ports, for tests.
temporary_instance() {
    export HTTP_PORT DB_HOST=127.0.0.1 DB_PORT DB_DATABASE=rush_hold_test DB_USERNAME=rush_hold DB_PASSWORD PRIVATE_DATABASE=true
    HTTP_PORT="$(free_port)"
    DB_PORT="$(free_port)"
    DB_PASSWORD="$(php -r 'echo bin2hex(random_bytes(12));')"
    lock_instance
    touch "$HOME_DIR/.env"
    export APP_ENV_FOLDER="$HOME_DIR"
    export APP_URL="http://127.0.0.1:$HTTP_PORT"
    export APP_ENV=testing APP_KEY='base64:AAECAwQFBgcICQoLDA0ODxAREhMUFRYXGBkaGxwdHh8=' BCRYPT_ROUNDS=4
    prepare_instance
}

# start_databases COUNT : the database alone, with so many beside the usual one, named with their number behind; each has
# the demo.
start_databases() {
    temporary_instance
    launch_supervisor
    start_programs mariadb
    wait_for 60 'database' database_answers || die 'the database does not answer'
    local number
    for number in $(seq "$1"); do
        php -r '$db = new PDO("mysql:host=127.0.0.1;port=".getenv("DB_PORT"), getenv("DB_USERNAME"), getenv("DB_PASSWORD")); $db->exec("CREATE DATABASE IF NOT EXISTS ".getenv("DB_DATABASE")."_$argv[1]");' "$number"
        DB_DATABASE="${DB_DATABASE}_$number" php artisan migrate --force --quiet
        (umask 077 && DB_DATABASE="${DB_DATABASE}_$number" php artisan demo:restore --force --quiet)
    done
    unset PLAYING_SOCKET APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE
}

# start_temporary_stack : everything with the demo, in $HOME_DIR, on free ports; TEST_BASE_URL is its address.
start_temporary_stack() {
    temporary_instance
    start_servers
    (cd "$APP_DIR" && umask 077 && php artisan demo:restore --force --quiet)
    start_application
    export TEST_BASE_URL="http://127.0.0.1:$HTTP_PORT"
    # What runs beside the servers has settings of its own, not those cached for them.
    unset PLAYING_SOCKET APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE
}

stop_servers() {
    if [ -n "${SUPERVISOR_PID:-}" ] && kill -0 "$SUPERVISOR_PID" 2>/dev/null; then
        kill -TERM "$SUPERVISOR_PID" 2>/dev/null
        wait "$SUPERVISOR_PID" 2>/dev/null
    fi
    SUPERVISOR_PID=''
    clear_up
    [ -n "${SOCKET_DIR:-}" ] && rm -rf "$SOCKET_DIR"
    return 0
}
