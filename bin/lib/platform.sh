# What the machine must have: packages, PHP and Node dependencies, the built front end. Each step is skipped when done.

say() { printf '%s\n' "$*"; }

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi
}

# Runs a step and shows its output only if it fails.
quietly() {
  local what=$1 log=$here/var/log/install.log
  shift
  say "· $what"
  if ! "$@" >"$log" 2>&1; then
    say "This failed: $* (the end of $log)"
    tail -n 40 "$log"
    return 1
  fi
}

# True when the files (or folders) named have changed since the stamp was written.
changed() {
  local stamp=$here/var/stamps/$1
  shift
  [ "$(cat "$stamp" 2>/dev/null)" != "$(fingerprint "$@")" ]
}

# What is begun is not done: killed in the middle, it is begun again.
unstamp() { rm -f "$here/var/stamps/$1"; }

stamp() {
  local name=$1
  shift
  fingerprint "$@" >"$here/var/stamps/$name"
}

fingerprint() {
  find "$@" -type f -print0 2>/dev/null | LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1
}

make_folders() {
  case ":$PATH:" in *:/usr/sbin:*) ;; *) PATH=$PATH:/usr/sbin ;; esac
  mkdir -p var/log var/stamps var/storage/framework/{cache/data,sessions,sessions-own,views} var/storage/logs bootstrap/cache
}

prepare_platform() {
  make_folders
  prepare_packages
  prepare_php
  prepare_node
  prepare_environment
}

prepare_packages() {
  local missing=()
  command -v php >/dev/null || missing+=(php8.2-cli)
  command -v composer >/dev/null || missing+=(composer)
  command -v node >/dev/null || missing+=(nodejs)
  command -v npm >/dev/null || missing+=(npm)
  command -v chromium-headless-shell >/dev/null || missing+=(chromium-headless-shell)
  command -v openssl >/dev/null || missing+=(openssl)
  command -v setsid >/dev/null || missing+=(util-linux)
  [ -n "$(postgres_bin)" ] || missing+=(postgresql)
  [ -x /usr/sbin/nginx ] || missing+=(nginx-light)
  [ -x /usr/sbin/php-fpm8.2 ] || missing+=(php8.2-fpm)
  local have=''
  command -v php >/dev/null && have=$(php -m)
  local module package
  for module in pdo_pgsql:pgsql curl:curl zip:zip bcmath:bcmath gd:gd mbstring:mbstring intl:intl xml:xml; do
    package=php8.2-${module#*:}
    grep -qix "${module%:*}" <<<"$have" || missing+=("$package")
  done
  [ ${#missing[@]} -eq 0 ] && return
  quietly "fetching the list of packages" as_root apt-get update
  # the packages bring services of the system's own: they are not started, ours run by themselves
  local policy=/usr/sbin/policy-rc.d ours=no status=0
  if [ ! -e "$policy" ]; then
    ours=yes
    printf '#!/bin/sh\nexit 101\n' | as_root tee "$policy" >/dev/null
    as_root chmod 755 "$policy"
  fi
  quietly "installing ${missing[*]}" as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}" || status=$?
  if [ "$ours" = yes ]; then as_root rm -f "$policy"; fi
  return $status
}

prepare_php() {
  make_folders
  if [ ! -f vendor/autoload.php ] || changed composer composer.json compat; then
    unstamp composer
    quietly "installing the PHP packages" env COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress
    stamp composer composer.json compat
  fi
}

# The front end's tools need a newer Node than some Debians carry; the npm registry has it as a package.
prepare_node() {
  if [ -x var/node/node_modules/.bin/node ]; then PATH=$here/var/node/node_modules/.bin:$PATH; fi
  if ! node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)'; then
    quietly "installing a newer Node" npm install --no-progress --prefix var/node node@20
    PATH=$here/var/node/node_modules/.bin:$PATH
  fi
  if [ ! -d node_modules/.bin ] || changed npm package-lock.json; then
    unstamp npm
    quietly "installing the Node packages" npm ci --no-progress
    stamp npm package-lock.json
  fi
}

prepare_environment() {
  if [ -f var/moltrek.env ]; then
    [ -n "$(env_value DB_APP_PASSWORD)" ] || echo "DB_APP_PASSWORD=$(secret)" >>var/moltrek.env
    return
  fi
  umask 077
  cat >var/moltrek.env.new <<EOF
APP_ENV=production
APP_KEY=base64:$(head -c 32 /dev/urandom | base64 -w0)
DB_PASSWORD=$(secret)
DB_APP_PASSWORD=$(secret)
DB_USERNAME=moltrek
DB_DATABASE=moltrek
EOF
  mv var/moltrek.env.new var/moltrek.env
  umask 022
}

# Compiled beforehand: nothing is parsed while somebody waits.
prepare_opcache() {
  if [ ! -d var/opcache ] || changed opcache app core/src config routes bootstrap/app.php composer.json bin/precompile.php; then
    unstamp opcache
    rm -rf var/opcache
    mkdir -p var/opcache
    quietly "compiling" php -d opcache.enable=1 -d opcache.enable_cli=1 -d "opcache.file_cache=$here/var/opcache" -d opcache.file_cache_only=1 bin/precompile.php
    stamp opcache app core/src config routes bootstrap/app.php composer.json bin/precompile.php
  fi
}

prepare_build() {
  prepare_opcache
  if [ ! -f public/build/manifest.json ] || changed build resources package-lock.json vite.config.ts; then
    unstamp build
    quietly "building the front end" npm run build
    find public/build -type f \( -name '*.js' -o -name '*.css' \) -exec gzip -9 -kf {} +
    stamp build resources package-lock.json vite.config.ts
  fi
}

secret() { head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n'; }

# setting KEY VALUE: kept in var/moltrek.env in place of what it was.
setting() {
  sed -i "/^$1=/d" var/moltrek.env
  echo "$1=$2" >>var/moltrek.env
}

env_value() { sed -n "s/^$1=//p" var/moltrek.env | tail -n 1; }

artisan() { php artisan "$@"; }

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
  local port=$1
  while port_taken "$port"; do port=$((port + 1)); done
  echo "$port"
}
