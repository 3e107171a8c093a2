# Measures speed on a database of its own with 2,000 jobs and 500,000 entries, and prints a table for docs/bench.md.

cmd_bench() {
  database_was_up=no
  prepare_platform
  prepare_build
  database_running && database_was_up=yes
  trap 'server_stop bench >/dev/null; server_stop bench_php >/dev/null; for each in 1 2 3 4; do server_stop bench_$each >/dev/null; done; [ "$database_was_up" = yes ] || database_stop >/dev/null' EXIT
  database_start
  database_ensure moltrek_bench
  export DB_DATABASE=moltrek_bench MOLTREK_BENCH=1
  artisan migrate --force --quiet
  artisan moltrek:bench-data
  server_start bench "${MOLTREK_BENCH_PORT:-8290}" >/dev/null
  # twenty tablets on both servers before anything else: the same data, one right after the other
  MOLTREK_SERVER=php MOLTREK_WORKERS=6 server_start bench_php "${MOLTREK_BENCH_PHP_PORT:-8291}" >/dev/null
  node bin/load.mjs "nginx and php-fpm=$(server_address bench)" "PHP's own server=$(server_address bench_php)"
  server_stop bench_php >/dev/null
  if [ "${1:-}" = load ]; then bench_several; return; fi
  if [ "${1:-}" = restore ]; then bench_restore; return; fi
  php -d memory_limit=2G artisan moltrek:bench "127.0.0.1:$(server_port bench)"
  node bin/frames.mjs "http://127.0.0.1:$(server_port bench)"
}

# The same shop through two and through four application servers of this one machine, each with its own nginx and php-fpm.
bench_several() {
  local each addresses=''
  for each in 1 2 3 4; do
    CACHE_PATH="$here/var/cache/bench_$each" MOLTREK_WORKERS=3 server_start "bench_$each" "$((${MOLTREK_BENCH_PORT:-8290} + 10 + each))" >/dev/null
    addresses=${addresses:+$addresses,}$(server_address "bench_$each")
    if [ "$each" = 2 ] || [ "$each" = 4 ]; then node bin/load.mjs "$each application servers=$addresses" | grep 'application servers'; fi
  done
  for each in 1 2 3 4; do server_stop "bench_$each" >/dev/null; done
}

# A backup of the large database and its restore, proof included, one after the other.
bench_restore() {
  local file begun
  file=$(mktemp -u).tar.gz
  begun=$SECONDS
  backup_make "$file" moltrek_bench
  say "backup, every job replayed for its manifest: $((SECONDS - begun)) s, $(($(stat -c %s "$file") / 1048576)) MB"
  begun=$SECONDS
  server_stop bench >/dev/null
  backup_restore "$file" moltrek_bench
  say "restore, every job replayed again and compared: $((SECONDS - begun)) s"
  rm -f "$file"
}
