# One archive of all that is the shop's: the database in PostgreSQL's own custom form, and the photographs; with a manifest that
# says what every job comes to when it is replayed, and checksums. A restore is only believed when it comes to the same.

# backup_make FILE DATABASE
backup_make() {
  local file=$1 database=$2 dir
  dir=$(mktemp -d)
  mkdir -p "$dir/photos"
  PGPASSWORD=$(env_value DB_PASSWORD) "$(postgres_bin)/pg_dump" -h 127.0.0.1 -p "$(env_value DB_PORT)" -U moltrek -Fc -f "$dir/database.dump" "$database"
  if [ -d "$(photos_of "$database")" ]; then cp -a "$(photos_of "$database")/." "$dir/photos/"; fi
  # a broken chain is said, and backed up as it is
  DB_DATABASE=$database artisan moltrek:verify >"$dir/verify.txt" || tail -n +2 "$dir/verify.txt"
  head -n 1 "$dir/verify.txt" >"$dir/verify.json"
  rm "$dir/verify.txt"
  cat >"$dir/manifest.json" <<JSON
{"schema": "moltrek-backup-1", "database": "$database", "core": "$(fingerprint core/src)", "made": "$(date -u +%Y-%m-%dT%H:%M:%SZ)", "migration": "$(database_psql "$database" -c 'select max(migration) from migrations')", "photographs": $(find "$dir/photos" -type f | wc -l), "shop": $(cat "$dir/verify.json")}
JSON
  rm "$dir/verify.json"
  (cd "$dir" && find . -type f ! -name SHA256SUMS -print0 | sort -z | xargs -0 sha256sum >SHA256SUMS)
  mkdir -p "$(dirname "$file")"
  # written beside it and moved: a backup that was broken off is no backup
  tar -czf "$file.part" -C "$dir" .
  chmod 600 "$file.part"
  mv "$file.part" "$file"
  rm -rf "$dir"
  say "Backed up to $file: $(php -r '$m = json_decode(file_get_contents("php://stdin"), true); echo $m["shop"]["jobs"], " jobs, ", $m["shop"]["entries"], " entries, ", $m["photographs"], " photographs";' < <(tar -xzOf "$file" ./manifest.json))."
}

# backup_compare MANIFEST VERIFIED: "same", "newer" where other rules come to something else, "other" where entries differ.
backup_compare() {
  php -r '
    [$manifest, $now] = [json_decode(file_get_contents($argv[1]), true), json_decode($argv[2], true)];
    $shop = $manifest["shop"];
    // a manifest from before the two were told apart has neither: the counts speak for it
    $said = isset($shop["said"]) ? ["jobs", "entries", "said"] : ["jobs", "entries"];
    foreach ($said as $key) {
        if (($shop[$key] ?? null) !== ($now[$key] ?? null)) { echo "other"; exit; }
    }
    if ($now["unreadable"] > $shop["unreadable"]) { echo "other"; exit; }
    echo ($shop["comes_to"] ?? null) === $now["comes_to"] ? "same" : (($manifest["core"] ?? "") === $argv[3] ? "other" : "newer");
  ' "$1" "$2" "$(fingerprint core/src)"
}

# The database that a backup was made of, where it is one of the shops here.
backup_database() {
  local from
  from=$(tar -xzOf "$1" ./manifest.json 2>/dev/null | php -r 'echo json_decode((string) file_get_contents("php://stdin"), true)["database"] ?? "";')
  if [ "$from" = "$OWN_DATABASE" ]; then echo "$OWN_DATABASE"; else echo "$PRACTICE_DATABASE"; fi
}

# backup_restore FILE DATABASE: unpacked, held against its checksums, read into a database beside the one that is there, replayed and
# compared; only then it takes its place.
backup_restore() {
  local file=$1 database=$2 dir now
  dir=$(mktemp -d)
  if ! tar -xzf "$file" -C "$dir" 2>/dev/null || [ ! -f "$dir/SHA256SUMS" ]; then
    say "$file is not a backup of Moltrek."
    rm -rf "$dir"
    return 1
  fi
  if ! (cd "$dir" && sha256sum --quiet -c SHA256SUMS >/dev/null 2>&1); then
    say "$file is damaged: its checksums do not agree. Nothing was changed."
    rm -rf "$dir"
    return 1
  fi
  database_drop "${database}_restored"
  database_psql postgres -c "create database ${database}_restored"
  PGPASSWORD=$(env_value DB_PASSWORD) "$(postgres_bin)/pg_restore" -h 127.0.0.1 -p "$(env_value DB_PORT)" -U moltrek --exit-on-error -d "${database}_restored" "$dir/database.dump"
  DB_DATABASE=${database}_restored artisan migrate --force --quiet
  now=$(DB_DATABASE=${database}_restored artisan moltrek:verify || true)
  now=$(head -n 1 <<<"$now")
  # what was said must be the same for ever; what it comes to, where the same rules replay it
  case "$(backup_compare "$dir/manifest.json" "$now")" in
    same) ;;
    newer) say "Made by an earlier version: every entry is there, and the rules of today come to something else for some jobs." ;;
    *)
      say "The jobs of $file do not come to what they came to when it was made. Nothing was changed."
      database_drop "${database}_restored"
      rm -rf "$dir"
      return 1
      ;;
  esac
  database_drop "$database"
  database_psql postgres -c "alter database ${database}_restored rename to $database"
  mkdir -p "$(photos_of "$database")"
  cp -an "$dir/photos/." "$(photos_of "$database")/"
  rm -rf "$dir"
  DB_DATABASE=$database artisan moltrek:forget-summaries
  say "Restored and replayed: $(php -r '$n = json_decode($argv[1], true); echo $n["jobs"], " jobs, ", $n["entries"], " entries";' "$now"), each as it was."
}

# The newest of seven days, four weeks and twelve months stay.
backup_rotate() { artisan moltrek:rotate "$1"; }

# Once a day, while the server runs: bin/serve.sh looks every few minutes. A machine that is off at night backs up when it is on.
backup_nightly() {
  local newest age=999999
  # an installation that nobody has begun has nothing to lose
  shop_is_begun || practice_is_there || return 0
  # shellcheck disable=SC2012
  newest=$(ls -1t var/backups/moltrek-2*.tar.gz 2>/dev/null | head -n 1)
  if [ -n "$newest" ]; then age=$(($(date +%s) - $(stat -c %Y "$newest"))); fi
  if [ "$age" -gt 72000 ] && { [ "$(date +%H)" -lt 6 ] || [ "$age" -gt 108000 ]; }; then
    backup_make "var/backups/moltrek-$(date +%Y%m%d-%H%M%S).tar.gz" "$(shop_database)"
    backup_rotate var/backups
  fi
}

# backup_before_migrating DATABASE: before the tables change what is there is kept.
backup_before_migrating() {
  [ -n "$(database_psql "$1" -c "select to_regclass('log_entries')")" ] || return 0
  if DB_DATABASE=$1 artisan migrate:status --pending 2>/dev/null | grep -q Pending; then
    backup_make "var/backups/moltrek-$(date +%Y%m%d-%H%M%S).tar.gz" "$1"
    backup_rotate var/backups
  fi
}
