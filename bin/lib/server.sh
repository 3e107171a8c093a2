# The application server: PHP's own, with several workers, on loopback. One process group, known by its pid file.

server_pid_file() { echo "$here/var/${1:-server}.pid"; }

# The process group of a server that is really ours; a stale pid file counts as none.
server_pid() {
  local pid
  pid=$(cut -d' ' -f1 "$(server_pid_file "${1:-server}")" 2>/dev/null) || return 1
  [ -n "$pid" ] && [ -r "/proc/$pid/cmdline" ] && tr '\0' ' ' <"/proc/$pid/cmdline" | grep -qF "$here/bin/serve.php" && echo "$pid"
}

server_port() { cut -d' ' -f2 "$(server_pid_file "${1:-server}")"; }

server_address() { echo "http://127.0.0.1:$(server_port "${1:-server}")/"; }

# server_start [name] [wanted port]; settings come from the environment.
server_start() {
  local name=${1:-server} wanted=${2:-${MOLTREK_PORT:-8080}} port
  if server_pid "$name" >/dev/null && server_answers "$(server_port "$name")"; then return; fi
  server_stop "$name" >/dev/null
  port=$(free_port "$wanted")
  if [ "$port" != "$wanted" ]; then say "Port $wanted is taken; using $port."; fi
  MOLTREK_CLOCK_AHEAD=${MOLTREK_CLOCK_AHEAD:-$(clock_ahead)} PHP_CLI_SERVER_WORKERS=${MOLTREK_WORKERS:-4} setsid php \
    -d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.validate_timestamps=1 -d opcache.revalidate_freq=2 -d expose_php=0 \
    -d upload_max_filesize=20M -d post_max_size=24M -d memory_limit=512M \
    -S "127.0.0.1:$port" -t "$here/public" "$here/bin/serve.php" >"$here/var/log/$name.log" 2>&1 </dev/null &
  echo "$! $port" >"$(server_pid_file "$name")"
  local i
  for i in $(seq 1 100); do
    if server_answers "$port"; then return; fi
    sleep 0.1
  done
  say "The server does not answer; see var/log/$name.log and var/storage/logs."
  tail -n 20 "$here/var/log/$name.log"
  return 1
}

# With MOLTREK_NOW the application's clock begins at that instant when the server starts, and runs on from there.
clock_ahead() {
  if [ -n "${MOLTREK_NOW:-}" ]; then echo $(($(date -d "$MOLTREK_NOW" +%s) - $(date +%s))); else echo 0; fi
}

server_answers() { php -r 'exit(str_contains((string) @file_get_contents("http://127.0.0.1:".$argv[1]."/api/health", false, stream_context_create(["http" => ["timeout" => 3]])), "ok") ? 0 : 1);' "$1"; }

server_stop() {
  local name=${1:-server} pid i
  if pid=$(server_pid "$name"); then
    kill -TERM -- "-$pid" 2>/dev/null || true
    for i in $(seq 1 50); do
      kill -0 -- "-$pid" 2>/dev/null || break
      sleep 0.1
    done
    kill -KILL -- "-$pid" 2>/dev/null || true
    say "The server has stopped."
  fi
  rm -f "$(server_pid_file "$name")"
}
