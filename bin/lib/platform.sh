# What the machine must have: packages, PHP and Node dependencies, the built front end. Each step is skipped when done.

say() { printf '%s\n' "$*"; }

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi
}

# Started as root, Moltrek's own processes and commands run under an account of their own, which may write below var/ and nowhere else.
ACCOUNT=moltrek

account() {
  if [ "$(id -u)" = 0 ] && [ "$(cat "$here/var/account" 2>/dev/null)" = "$ACCOUNT" ]; then echo "$ACCOUNT"; else id -un; fi
}

as_account() {
  if [ "$(account)" = "$(id -un)" ]; then "$@"; else setpriv --reuid="$ACCOUNT" --regid="$ACCOUNT" --init-groups -- "$@"; fi
}

# detached LOG ACCOUNT COMMAND …: runs on by itself, and holds nothing of who began it: no terminal, no pipe.
detached() {
  local log=$1 who=$2 drop=()
  shift 2
  if [ "$who" != "$(id -un)" ]; then drop=(setpriv --reuid="$who" --regid="$who" --init-groups --); fi
  (cd / && exec setsid "${drop[@]}" "$@") >>"$log" 2>&1 </dev/null &
}

# The account is made, and given what it writes. Where it cannot reach this folder everything stays with root, and that is said.
prepare_account() {
  [ "$(id -u)" = 0 ] || return 0
  id "$ACCOUNT" >/dev/null 2>&1 || useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$ACCOUNT"
  echo "$ACCOUNT" >var/account
  if ! as_account test -r "$here/artisan" -a -x "$here/bin" 2>/dev/null; then
    rm -f var/account
    say "The account $ACCOUNT cannot reach $here: Moltrek runs as root. Move it to where everybody may read, such as /srv/moltrek."
    return 0
  fi
  mkdir -p var/photos var/photos-own var/backups var/exports var/work var/cache var/run var/opcache
  chown "$ACCOUNT:$ACCOUNT" var
  # what the framework knows of its packages is written by root, who runs it too: the account reads it alone
  if [ ! -f bootstrap/cache/packages.php ] || [ ! -f bootstrap/cache/services.php ] || [ vendor/composer/installed.json -nt bootstrap/cache/packages.php ]; then
    rm -f bootstrap/cache/packages.php bootstrap/cache/services.php
    (umask 022 && php artisan package:discover --quiet)
  fi
  local each
  for each in var/*; do
    case "$each" in var/pg | var/cluster.secret* | var/account | var/node | var/stamps) continue ;; esac
    find "$each" ! -user "$ACCOUNT" -exec chown -h "$ACCOUNT:$ACCOUNT" {} +
  done
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
  chmod 700 var/storage/framework/sessions var/storage/framework/sessions-own var/storage/logs
}

prepare_platform() {
  make_folders
  prepare_packages
  prepare_php
  prepare_node
  prepare_environment
  prepare_account
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
  command -v supervisord >/dev/null || missing+=(supervisor)
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
  if [ ! -f vendor/autoload.php ] || changed composer composer.json composer.lock compat; then
    unstamp composer
    quietly "installing the PHP packages" php_packages
    # some packages come readable for who installs them alone
    chmod -R a+rX vendor
    stamp composer composer.json composer.lock compat
  fi
}

# As composer.lock has them, each to its version; where one of them is no longer served all are resolved anew inside the carets, and
# the log says which (bin/lock.php keeps what was installed).
php_packages() {
  local pins=() pin
  for pin in $(php bin/lock.php pins); do pins+=(--with "$pin"); done
  COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress "${pins[@]}" ||
    { echo "Not all of composer.lock is served any more: resolved anew." && COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress; }
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
    chmod -R a+rX node_modules
    stamp npm package-lock.json
  fi
}

# The installation's secrets: what the application reads, and the cluster's own, which it never does.
prepare_environment() {
  if [ ! -f var/moltrek.env ]; then
    umask 077
    cat >var/moltrek.env.new <<EOF
APP_ENV=production
APP_KEY=base64:$(head -c 32 /dev/urandom | base64 -w0)
DB_PASSWORD=$(secret)
DB_APP_PASSWORD=$(secret)
DB_USERNAME=moltrek_owner
DB_DATABASE=moltrek
EOF
    secret >var/cluster.secret.new
    mv var/cluster.secret.new var/cluster.secret
    mv var/moltrek.env.new var/moltrek.env
    umask 022
  fi
  [ -n "$(env_value DB_APP_PASSWORD)" ] || echo "DB_APP_PASSWORD=$(secret)" >>var/moltrek.env
  # from a version whose shops belonged to the cluster's own account
  if [ ! -f var/cluster.secret ]; then
    (umask 077 && env_value DB_PASSWORD >var/cluster.secret.new)
    mv var/cluster.secret.new var/cluster.secret
  fi
  if [ "$(env_value DB_USERNAME)" = moltrek ]; then
    setting DB_PASSWORD "$(secret)"
    setting DB_USERNAME moltrek_owner
  fi
  chmod 600 var/moltrek.env var/cluster.secret
}

# Compiled beforehand: nothing is parsed while somebody waits.
prepare_opcache() {
  if [ ! -d var/opcache ] || changed opcache app core/src config routes bootstrap/app.php composer.json bin/precompile.php; then
    unstamp opcache
    rm -rf var/opcache
    mkdir -p var/opcache
    if [ "$(account)" != "$(id -un)" ]; then chown "$ACCOUNT" var/opcache; fi
    quietly "compiling" as_account php -d opcache.enable=1 -d opcache.enable_cli=1 -d "opcache.file_cache=$here/var/opcache" -d opcache.file_cache_only=1 bin/precompile.php
    stamp opcache app core/src config routes bootstrap/app.php composer.json bin/precompile.php
  fi
}

prepare_build() {
  prepare_opcache
  if [ ! -f public/build/manifest.json ] || changed build resources package-lock.json vite.config.ts; then
    unstamp build
    quietly "building the front end" npm run build
    chmod -R a+rX public/build
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

artisan() { as_account php artisan "$@"; }

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
  local port=$1
  while port_taken "$port"; do port=$((port + 1)); done
  echo "$port"
}
