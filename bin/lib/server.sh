# The application server, on loopback: nginx, php-fpm and the events process under a supervisor of their own, with everything they
# write under var/. One that dies is begun again. With MOLTREK_SERVER=php it is PHP's own server, which needs none of them.

# Beside the application: with another of these a server begins again.
SERVED_BY='bin/preload.php bin/nginx.conf bin/nginx-headers.conf bin/nginx-fastcgi.conf bin/events.mjs bin/alone.sh bin/upkeep.sh bin/lib/server.sh'

server_pid_file() { echo "$here/var/${1:-server}.pid"; }

# The supervisor of a server, or PHP's own server, where it is really ours; a stale pid file counts as none.
server_pid() {
  local pid
  pid=$(cat "$(server_folder "${1:-server}")/supervisor.pid" 2>/dev/null) || pid=$(cut -d' ' -f1 "$(server_pid_file "${1:-server}")" 2>/dev/null) || return 1
  [ -n "$pid" ] && [ -r "/proc/$pid/cmdline" ] && tr '\0' ' ' <"/proc/$pid/cmdline" | grep -qF -e "$here/bin/serve.php" -e "$(server_folder "${1:-server}")/supervisor.conf" && echo "$pid"
}

server_port() { cut -d' ' -f2 "$(server_pid_file "${1:-server}")"; }

server_address() { echo "http://127.0.0.1:$(server_port "${1:-server}")/"; }

server_folder() { echo "$here/var/run/$1"; }

# Where the sockets of a server lie: a path short enough for one, which only we may enter.
server_sockets() { cat "$(server_folder "$1")/sockets" 2>/dev/null; }

# A server keeps the code ready that it began with: with other code it begins again.
server_is_of_this_code() {
  [ "${MOLTREK_SERVER:-}" = php ] || [ "$(cat "$(server_folder "$1")/code" 2>/dev/null)" = "$(fingerprint app core/src config routes bootstrap/app.php composer.json $SERVED_BY)" ]
}

# server_start [name] [wanted port]; settings come from the environment.
server_start() {
  local name=${1:-server} wanted=${2:-${MOLTREK_PORT:-8080}} port
  if server_pid "$name" >/dev/null && server_answers "$(server_port "$name")" && server_is_of_this_code "$name"; then return; fi
  server_stop "$name" >/dev/null
  port=$(free_port "$wanted")
  if [ "$port" != "$wanted" ]; then say "Port $wanted is taken; using $port."; fi
  export MOLTREK_CLOCK_AHEAD=${MOLTREK_CLOCK_AHEAD:-$(clock_ahead)}
  if [ "${MOLTREK_SERVER:-}" = php ]; then
    PHP_CLI_SERVER_WORKERS=${MOLTREK_WORKERS:-4} setsid php \
      -d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.validate_timestamps=1 -d opcache.revalidate_freq=2 -d expose_php=0 \
      -d upload_max_filesize=20M -d post_max_size=24M -d memory_limit=512M \
      -S "127.0.0.1:$port" -t "$here/public" "$here/bin/serve.php" >"$here/var/log/$name.log" 2>&1 </dev/null &
  else
    server_configure "$name" "$port"
    server_cache "$name"
    local caches
    server_caches "$name"
    rm -f "$(server_folder "$name")/supervisor.pid"
    detached "$here/var/log/$name-start.log" "$(account)" env "${caches[@]}" supervisord -n -c "$(server_folder "$name")/supervisor.conf"
  fi
  echo "$! $port" >"$(server_pid_file "$name")"
  local i
  for i in $(seq 1 100); do
    if server_answers "$port"; then return; fi
    sleep 0.1
  done
  say "The server does not answer; see var/log/$name.log and var/storage/logs."
  tail -qn 10 "$here/var/log/$name"*.log
  return 1
}

# Where certificates lie.
tls_folder() { echo "${MOLTREK_TLS_FOLDER:-$here/var/tls}"; }

# For the shop's network: one more address, private by a certificate that was given or made. Lines of nginx.
server_tls_lines() {
  if [ -n "${MOLTREK_LAN:-}" ]; then
    echo "listen ${MOLTREK_LAN_BIND:-0.0.0.0}:${MOLTREK_TLS_PORT:-8443} ssl http2; ssl_certificate $(tls_folder)/server.pem; ssl_certificate_key $(tls_folder)/server.key; ssl_protocols TLSv1.2 TLSv1.3; ssl_session_cache shared:tls:1m; ssl_prefer_server_ciphers off;"
  fi
}

# tls_prepare NAME [CERTIFICATE KEY]: what was given is copied; else a root of the shop's own is made once, and a certificate for
# the name (or address) by it, anew when the name changes or it is about to run out.
tls_prepare() {
  local name=$1 folder
  folder=$(tls_folder)
  mkdir -p "$folder"
  chmod 700 "$folder"
  if [ -n "${2:-}" ]; then
    cp "$2" "$folder/server.pem"
    install -m 600 "$3" "$folder/server.key"
    rm -f "$folder/name"
    return
  fi
  if [ "$(cat "$folder/name" 2>/dev/null)" = "$name" ] && openssl x509 -checkend 2592000 -noout -in "$folder/server.pem" >/dev/null 2>&1; then return; fi
  if [ ! -f "$folder/root.key" ]; then
    quietly "making the shop's own root certificate" openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -days 3650 \
      -keyout "$folder/root.key" -out "$folder/root.pem" -subj "/CN=Moltrek of this shop" \
      -addext "basicConstraints=critical,CA:TRUE,pathlen:0" -addext "keyUsage=critical,keyCertSign,cRLSign"
    chmod 600 "$folder/root.key"
  fi
  local kind=DNS
  if [[ $name =~ ^[0-9.]+$|: ]]; then kind=IP; fi
  cat >"$folder/server.ext" <<EXT
subjectAltName=$kind:$name,DNS:localhost,IP:127.0.0.1
extendedKeyUsage=serverAuth
keyUsage=critical,digitalSignature
basicConstraints=CA:FALSE
EXT
  quietly "making a certificate for $name" bash -euc '
    openssl req -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -keyout "$1/server.key" -out "$1/server.csr" -subj "/CN=$2"
    openssl x509 -req -in "$1/server.csr" -CA "$1/root.pem" -CAkey "$1/root.key" -CAcreateserial -days 397 -extfile "$1/server.ext" -out "$1/server.pem"
    chmod 600 "$1/server.key"
    rm "$1/server.csr" "$1/server.ext"' - "$folder" "$name"
  echo "$name" >"$folder/name"
}

# Configuration and routes as they are for this server, worked out once: no request does it again.
server_caches() {
  local folder
  folder=$(server_folder "$1")
  caches=(MOLTREK_SERVED=1 "APP_CONFIG_CACHE=$folder/config.php" "APP_ROUTES_CACHE=$folder/routes.php" "APP_EVENTS_CACHE=$folder/events.php" "MOLTREK_PRELOAD=$folder/preload.txt")
}

server_cache() {
  rm -f "$(server_folder "$1")"/{config,routes,events}.php
  local each caches
  server_caches "$1"
  for each in config route event; do as_account env "${caches[@]}" php artisan "$each:cache" --quiet; done
  as_account env "${caches[@]}" ${DB_PRACTICE_DATABASE:+DB_DATABASE=$DB_PRACTICE_DATABASE} php bin/preload-list.php >"$(server_folder "$1")/preload.txt"
  fingerprint app core/src config routes bootstrap/app.php composer.json $SERVED_BY >"$(server_folder "$1")/code"
}

# What nginx, php-fpm and the event process are told.
server_configure() {
  local name=$1 port=$2 folder sockets
  folder=$(server_folder "$name")
  as_account mkdir -p "$folder"/temp/{body,fastcgi,proxy}
  chmod 700 "$folder"
  sockets=$(as_account mktemp -d /tmp/moltrek.XXXXXX)
  echo "$sockets" >"$folder/sockets"
  sed -e "s|@HERE@|$here|g" -e "s|@FOLDER@|$folder|g" -e "s|@SOCKETS@|$sockets|g" -e "s|@PORT@|$port|g" \
    -e "s|@TLS@|$(server_tls_lines)|g" \
    -e "s|@PROBLEM@|default_type application/problem+json; include $here/bin/nginx-headers.conf;|g" \
    -e "s|@FASTCGI@|fastcgi_pass unix:$sockets/php.sock; fastcgi_param SCRIPT_FILENAME $here/public/index.php; fastcgi_param DOCUMENT_ROOT $here/public; include $here/bin/nginx-fastcgi.conf;|g" \
    -e "s|@USER@|$([ "$(account)" = root ] && echo 'user root;')|g" "$here/bin/nginx.conf" >"$folder/nginx.conf"
  cat >"$folder/fpm.conf" <<CONF
[global]
error_log = /proc/self/fd/2
daemonize = no
[moltrek]
$([ "$(account)" = root ] && printf 'user = root\ngroup = root\n')
listen = $sockets/php.sock
pm = static
pm.max_children = ${MOLTREK_WORKERS:-6}
pm.max_requests = 2000
clear_env = no
catch_workers_output = yes
decorate_workers_output = no
CONF
  cat >"$folder/events.json" <<JSON
{"socket": "$sockets/events.sock", "application": "$sockets/inside.sock", "host": "127.0.0.1", "port": $(env_value DB_PORT), "user": "moltrek_app", "password": "$(env_value DB_APP_PASSWORD)",
 "databases": {"": "${DB_DATABASE:-}", "own": "${DB_OWN_DATABASE:-}", "practice": "${DB_PRACTICE_DATABASE:-}"}}
JSON
  chmod 600 "$folder/events.json"
  server_programs "$name" >"$folder/supervisor.conf"
  if [ "$(account)" != "$(id -un)" ]; then
    chown -R "$ACCOUNT:$ACCOUNT" "$folder"
    if [ -n "${MOLTREK_LAN:-}" ]; then chown -R "$ACCOUNT:$ACCOUNT" "$(tls_folder)"; fi
  fi
}

# What the supervisor runs and begins again: each in a group of its own, its log turned over by size, for the account's eyes alone.
server_programs() {
  local name=$1 folder fpm root=''
  folder=$(server_folder "$name")
  fpm=$(command -v php-fpm8.2 || command -v php-fpm)
  if [ "$(account)" = root ]; then root=' -R'; fi
  cat <<CONF
[supervisord]
nodaemon=true
umask=077
logfile=$here/var/log/$name.log
logfile_maxbytes=10MB
logfile_backups=3
pidfile=$folder/supervisor.pid
$([ "$(account)" = root ] && echo user=root)
CONF
  server_program "$name" php 10 "$fpm -F -y $folder/fpm.conf$root -d opcache.enable=1 -d opcache.validate_timestamps=1 -d opcache.revalidate_freq=2 -d opcache.memory_consumption=192 -d opcache.max_accelerated_files=20000 -d opcache.file_cache=$here/var/opcache -d expose_php=0 -d opcache.preload=$here/bin/preload.php -d opcache.preload_user=$(account) -d upload_max_filesize=20M -d post_max_size=24M -d memory_limit=512M"
  server_program "$name" nginx 20 "/usr/sbin/nginx -p $folder -c $folder/nginx.conf -e stderr -g 'daemon off;'"
  server_program "$name" events 30 "$(command -v node) $here/bin/events.mjs $folder/events.json"
  # the shop's own server sees to the day's backup
  if [ "$name" = server ]; then server_program "$name" upkeep 40 "$here/bin/upkeep.sh"; fi
}

server_program() {
  cat <<CONF
[program:$2]
command=$here/bin/alone.sh $(server_folder "$1")/$2.group $(server_sockets "$1") $4
priority=$3
autorestart=true
startsecs=1
startretries=100
stopasgroup=true
killasgroup=true
stopwaitsecs=8
redirect_stderr=true
stdout_logfile=$here/var/log/$1-$2.log
stdout_logfile_maxbytes=10MB
stdout_logfile_backups=3
CONF
}

# With MOLTREK_NOW the application's clock begins at that instant when the server starts, and runs on from there.
clock_ahead() {
  if [ -n "${MOLTREK_NOW:-}" ]; then echo $(($(date -d "$MOLTREK_NOW" +%s) - $(date +%s))); else echo 0; fi
}

server_answers() { php -r 'exit(str_contains((string) @file_get_contents("http://127.0.0.1:".$argv[1]."/api/health", false, stream_context_create(["http" => ["timeout" => 3]])), "ok") ? 0 : 1);' "$1"; }

server_stop() {
  local name=${1:-server} pid i
  if pid=$(server_pid "$name"); then
    kill -TERM "$pid" 2>/dev/null || true
    for i in $(seq 1 100); do
      kill -0 "$pid" 2>/dev/null || break
      sleep 0.1
    done
    kill -KILL -- "-$pid" 2>/dev/null || true
    say "The server has stopped."
  fi
  if ls "$(server_folder "$name")"/*.group >/dev/null 2>&1; then server_orphans "$name"; fi
  rm -f "$(server_folder "$name")/supervisor.pid"
  rm -f "$(server_pid_file "$name")"
  local sockets
  sockets=$(server_sockets "$name") && case "$sockets" in /tmp/moltrek.*) rm -rf "$sockets" ;; esac
  return 0
}

# What a supervisor that was killed has left: it holds the port, and would answer with old code.
server_orphans() {
  local file group pid
  for file in "$(server_folder "$1")"/*.group; do
    group=$(cat "$file" 2>/dev/null) || continue
    for pid in $(pgrep -g "$group" 2>/dev/null); do
      case "$(readlink "/proc/$pid/exe")" in
        */nginx | */php-fpm* | */node | */bash) kill -KILL "$pid" 2>/dev/null || true ;;
      esac
    done
    rm -f "$file"
  done
  # the kernel gives their port back when the last of them has gone
  sleep 0.2
}
