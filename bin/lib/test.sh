# Every check and test, with databases and a server of their own. Nothing that was started for the tests is left running.

passed=0
failed=0

# Runs one check that either holds or does not.
check() {
  local name=$1 log="$here/var/log/test-$1.log" began=$SECONDS
  shift
  if "$@" >"$log" 2>&1; then
    passed=$((passed + 1))
    say "✓ $name, $((SECONDS - began)) s"
  else
    failed=$((failed + 1))
    say "✗ $name"
    tail -n 60 "$log"
  fi
}

# Runs a suite that writes a report, and adds its cases.
suite() {
  local name=$1 report=$2
  suite_begins "$@"
  suite_ends "$name" "$report"
}

# Begins a suite, which may run beside another until it is waited for.
suite_begins() {
  local name=$1 report=$2
  shift 2
  rm -f "$report"
  say "· $name"
  { local began=$SECONDS status=0; "$@" || status=$?; echo $((SECONDS - began)) >"$here/var/log/test-$name.seconds"; exit $status; } >"$here/var/log/test-$name.log" 2>&1 &
  echo $! >"$here/var/log/test-$name.pid"
}

# Waits for a suite and adds its cases. One that ends badly without a failed case counts as one.
suite_ends() {
  local name=$1 report=$2 status=0 counts good bad
  wait "$(cat "$here/var/log/test-$name.pid")" || status=$?
  counts=$(php bin/count.php "$report" 2>/dev/null) || counts="0 0"
  read -r good bad <<<"$counts"
  if [ "$status" != 0 ] && [ "$bad" = 0 ] || [ "$((good + bad))" = 0 ]; then bad=$((bad + 1)); fi
  if [ "$bad" != 0 ]; then tail -n 120 "$here/var/log/test-$name.log"; fi
  passed=$((passed + good))
  failed=$((failed + bad))
  say "  $name: $good passed, $bad failed, $(cat "$here/var/log/test-$name.seconds" 2>/dev/null || echo '?') s"
}

# A shop as an earlier version kept it, with jobs open, brought up to today's tables: every entry is there and can be read.
upgrade_from() {
  local dump=$1 now
  database_drop moltrek_upgrade
  database_ensure moltrek_upgrade
  database_tool pg_restore --no-owner --exit-on-error -d moltrek_upgrade "$dump"
  DB_DATABASE=moltrek_upgrade artisan migrate --force --quiet
  now=$(DB_DATABASE=moltrek_upgrade artisan moltrek:verify)
  say "$now"
  php -r '
    [$then, $now] = [json_decode(file_get_contents($argv[1]), true)["shop"], json_decode($argv[2], true)];
    exit($now["broken"] === 0 && $now["unreadable"] === 0 && $now["jobs"] === $then["jobs"] && $now["entries"] === $then["entries"] ? 0 : 1);
  ' "${dump%.dump}.json" "$now"
  database_drop moltrek_upgrade
}

wants() { [ "$only" = '' ] || [ "$only" = "$1" ]; }

cmd_test() {
  local only=${1:-}
  if [ "$only" = calendar ]; then calendar "${@:2}"; return; fi
  # whether a changed sign in a rule is noticed: a quarter of an hour, and not part of the above
  if [ "$only" = mutants ]; then prepare_platform; XDEBUG_MODE=off php bin/mutants.php "${@:2}"; return; fi
  database_was_up=no
  prepare_platform
  work_clean
  if wants e2e || wants pest || wants upgrade || wants faults || wants kept; then
    database_running && database_was_up=yes
    trap 'for each in e2e_0 e2e_1 e2e_lan_0 e2e_lan_1; do server_stop $each >/dev/null; done; server_stop faults >/dev/null; [ "$database_was_up" = yes ] || database_stop >/dev/null' EXIT
    database_start
    # what restores of earlier tests have replaced
    local kept
    for kept in $(database_psql postgres -c "select datname from pg_database where datname ~ '^moltrek_(e2e_[01]|faults[a-z_]*|bench)_(replaced_[0-9_]+|restored|proof|pattern)$'"); do database_drop "$kept"; done
  fi
  # the screens need neither database nor server: they are tested beside the checks
  if wants vitest; then suite_begins vitest var/log/vitest.xml npx vitest run --reporter=default --reporter=junit --outputFile.junit=var/log/vitest.xml; fi
  if wants checks; then
    check pint vendor/bin/pint --test
    check phpstan-core vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c phpstan.neon
    check phpstan-app vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c phpstan-app.neon
    check phpstan-tests vendor/bin/phpstan analyse --no-progress --memory-limit=1G -c phpstan-tests.neon
    check biome npm run --silent lint
    check tsc npm run --silent check
  fi
  if wants pest; then
    database_drop moltrek_test
    database_ensure moltrek_test
    # the core needs no database: it is tested beside what does
    suite_begins core var/log/core.xml as_account env XDEBUG_MODE=off php -d memory_limit=1G vendor/bin/pest core/tests --log-junit var/log/core.xml
    suite pest var/log/pest.xml as_account env XDEBUG_MODE=off php -d memory_limit=1G vendor/bin/pest tests --log-junit var/log/pest.xml
    suite_ends core var/log/core.xml
  fi
  if wants upgrade; then
    local dump
    for dump in tests/fixtures/schemas/*.dump; do check "upgrade-$(basename "$dump" .dump)" upgrade_from "$dump"; done
  fi
  if wants vitest; then suite_ends vitest var/log/vitest.xml; fi
  if wants e2e; then end_to_end "${@:2}"; fi
  if [ "$only" = faults ]; then MOLTREK_BACKUPS=${MOLTREK_BACKUPS:-20} MOLTREK_RESTORE_KILLS=${MOLTREK_RESTORE_KILLS:-12} faults "${@:2}"; fi
  # what dies and comes back, backups, sessions that end: those of the faults that take no browser and little time
  if wants kept; then faults tests/faults/kept.mjs; fi
  trap - EXIT
  server_stop e2e_0 >/dev/null
  server_stop e2e_1 >/dev/null
  if [ "$database_was_up" = no ] && { wants e2e || wants pest || wants upgrade || wants faults || wants kept; }; then database_stop >/dev/null; fi
  say "$passed passed, $failed failed"
  [ "$failed" = 0 ]
}

# Whether the suite holds on any day: core, pest, vitest and a handful of stories with the machine's clock put on for PHP, Node, the
# browser and the database, 400 days and to two minutes before the ends of days that are none like the others. Not part of the above.
calendar() {
  local each name at ahead status=0
  prepare_platform
  [ -n "$(faketime_library)" ] || { quietly "installing faketime" as_root apt-get install -y --no-install-recommends faketime; }
  prepare_build
  if database_running; then say "The database runs by the real clock: stop it first (./moltrek stop)."; return 1; fi
  while IFS=$'\t' read -r name at; do
    [ -n "$name" ] || continue
    if [ -n "${1:-}" ] && [ "$1" != "$name" ]; then continue; fi
    ahead=$((at - $(date +%s)))
    say "· $name: the clock stands at $(date -u -d "@$at" +%Y-%m-%dT%H:%M:%SZ)"
    for each in pest vitest e2e; do
      local stories=()
      if [ "$each" = e2e ]; then stories=(first-job tablet guards closing bench-work); fi
      # a clock that is put on moves no stopwatch
      env LD_PRELOAD="$(faketime_library)" FAKETIME="+$ahead" FAKETIME_DONT_FAKE_MONOTONIC=1 \
        "$here/moltrek" test "$each" "${stories[@]}" >"var/log/calendar-$each.log" 2>&1 || true
      faketime_clean
      if [[ $(tail -n 1 "var/log/calendar-$each.log") =~ ^([0-9]+)\ passed,\ ([0-9]+)\ failed$ ]]; then
        passed=$((passed + BASH_REMATCH[1]))
        failed=$((failed + BASH_REMATCH[2]))
      else
        failed=$((failed + 1))
      fi
      [ "${BASH_REMATCH[2]:-1}" = 0 ] || tail -n 60 "var/log/calendar-$each.log"
      say "  $each: $(tail -n 1 "var/log/calendar-$each.log")"
    done
  done <<<"$(php bin/days.php)"
  say "$passed passed, $failed failed"
  [ "$failed" = 0 ]
}

faketime_library() { ls /usr/lib/*/faketime/libfaketime.so.1 2>/dev/null | head -n 1; }

# What processes that have ended left in shared memory.
faketime_clean() {
  local file
  for file in /dev/shm/*faketime_s*_*; do
    if [ -e "$file" ] && [ ! -d "/proc/${file##*_}" ]; then rm -f "$file"; fi
  done
}

# What goes wrong in a workshop, tried for real: each script of tests/faults against a server and a database of its own.
faults() {
  local script
  prepare_build
  database_drop moltrek_faults
  database_ensure moltrek_faults
  export DB_DATABASE=moltrek_faults CACHE_STORE=file HASH_MEMORY=1024 HASH_TIME=1 MOLTREK_FAULTS_PORT="${MOLTREK_FAULTS_PORT:-8195}"
  for script in ${1:-tests/faults/*.mjs}; do
    case "$script" in */harness.mjs | */client.mjs) continue ;; esac
    artisan moltrek:demo --fresh
    artisan cache:clear --quiet
    server_start faults "$MOLTREK_FAULTS_PORT"
    say "· $script"
    local status=0 last
    MOLTREK_ADDRESS=$(server_address faults) node "$script" 2>&1 | tee "var/log/fault-$(basename "$script" .mjs).log" || status=$?
    last=$(tail -n 1 "var/log/fault-$(basename "$script" .mjs).log")
    if [[ $last =~ ^([0-9]+)\ passed,\ ([0-9]+)\ failed$ ]]; then
      passed=$((passed + BASH_REMATCH[1]))
      failed=$((failed + BASH_REMATCH[2]))
    else
      failed=$((failed + 1))
    fi
    server_stop faults >/dev/null
  done
  unset DB_DATABASE CACHE_STORE HASH_MEMORY HASH_TIME
}

# The stories through the interface: two workers with a server, a database and a cache each, all by a given clock; the one
# that stops its server comes last, alone.
end_to_end() {
  local worker addresses=''
  prepare_build
  export CACHE_STORE=file HASH_MEMORY=1024 HASH_TIME=1 MOLTREK_CLOCK_AHEAD
  MOLTREK_CLOCK_AHEAD=$(MOLTREK_NOW=${MOLTREK_NOW:-2026-11-24T12:00:00Z} clock_ahead)
  database_drop moltrek_e2e
  database_ensure moltrek_e2e
  DB_DATABASE=moltrek_e2e artisan moltrek:demo --fresh
  database_drop moltrek_e2e_own
  database_ensure moltrek_e2e_own
  DB_DATABASE=moltrek_e2e_own artisan migrate --force --quiet
  for worker in 0 1; do
    database_copy moltrek_e2e "moltrek_e2e_$worker"
    database_copy moltrek_e2e_own "moltrek_e2e_${worker}_own"
    end_to_end_server $worker
    addresses="$addresses $(server_address e2e_$worker)"
  done
  MOLTREK_ADDRESSES=$addresses suite playwright var/log/playwright.xml npx playwright test "$@"
  unset CACHE_STORE HASH_MEMORY HASH_TIME MOLTREK_CLOCK_AHEAD
}

# One more server over the shop of a worker, as tablets of the shop's network reach it: by a certificate of the shop's own root.
end_to_end_network() {
  export MOLTREK_TLS_FOLDER=$here/var/run/tls_$1 MOLTREK_LAN=127.0.0.1 MOLTREK_LAN_BIND=127.0.0.1 APP_HOSTS='^127\.0\.0\.1$'
  MOLTREK_TLS_PORT=$(free_port "$((18440 + $1))")
  export MOLTREK_TLS_PORT
  tls_prepare 127.0.0.1
  DB_DATABASE=moltrek_e2e_$1 CACHE_PATH="$here/var/cache/e2e_lan_$1" MOLTREK_WORKERS=2 server_start "e2e_lan_$1" "$((18340 + $1))"
  echo "https://127.0.0.1:$MOLTREK_TLS_PORT"
}

# The server of one worker of the stories: the demo shop, and beside it one that nobody has begun.
end_to_end_server() {
  DB_DATABASE=moltrek_e2e_$1 DB_PRACTICE_DATABASE=moltrek_e2e_$1 DB_OWN_DATABASE=moltrek_e2e_${1}_own MOLTREK_USUAL_SHOP=practice CACHE_PATH="$here/var/cache/e2e_$1" MOLTREK_WORKERS=3 server_start "e2e_$1" "$((${MOLTREK_TEST_PORT:-8190} + $1))"
}
