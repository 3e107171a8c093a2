# One archive of all that is the shop's: the database in PostgreSQL's own custom form, and the photographs; with a manifest that
# says what every job comes to when it is replayed, checksums, and the installation's seal on them. A backup bears its name once it
# has been read back and came to the same; a restore is only believed when it does.

# A folder that nobody else may look into, gone with the run that made it, or with the next one where that was killed.
work_folder() {
  as_account mkdir -p var/work && chmod 700 var/work
  as_account mktemp -d "$here/var/work/$1.$$.XXXXXX"
}

# What runs that are no more have left.
work_clean() {
  local each pid
  for each in var/work/*.*.*; do
    pid=${each#var/work/*.}
    if [ -e "$each" ] && [ ! -d "/proc/${pid%%.*}" ]; then rm -rf "$each"; fi
  done
}

# backup_make FILE DATABASE
backup_make() {
  local file=$1 database=$2 dir status=0
  dir=$(work_folder backup)
  as_account mkdir -p "$dir/shop/photos" "$dir/proof"
  # one at a time: they share the name of the database in which they are proved
  as_account touch var/work/backup.lock
  exec 8>var/work/backup.lock
  flock 8
  backup_write "$dir" "$database" && backup_pack "$dir" && backup_prove "$dir" "$database" && backup_name "$dir" "$file" || status=$?
  database_drop "${database}_proof"
  exec 8>&-
  local counts
  counts=$(backup_counts "$dir/shop/manifest.json" 2>/dev/null) || counts=''
  rm -rf "$dir"
  if [ "$status" != 0 ]; then
    rm -f "$file.part"
    say "This backup did not come about, and none bears its name: ${file##*/}."
    security_note "$database" 'backup failed' "${file##*/}"
    return 1
  fi
  security_note "$database" 'backed up' "${file##*/}"
  say "Backed up to $file: $counts. It was read back and comes to the same."
}

# security_note DATABASE WHAT ABOUT: a line in the log of security of that shop.
security_note() { DB_DATABASE=$1 artisan moltrek:note-security "$2" "$3" || true; }

# Dump, photographs and manifest of one and the same instant, whatever is written meanwhile.
backup_write() {
  local dir=$1 database=$2 snapshot known status=0
  chmod 700 "$dir"
  coproc INSTANT { database_psql "$database" 2>&1; }
  local out=${INSTANT[0]} in=${INSTANT[1]} pid=$INSTANT_PID
  echo "begin isolation level repeatable read, read only; select pg_export_snapshot();" >&"$in"
  read -r -t 60 snapshot <&"$out" || return 1
  if [[ ! $snapshot =~ ^[0-9A-F-]+$ ]]; then say "$snapshot"; return 1; fi
  echo "select coalesce(to_regclass('photographs')::text, '-');" >&"$in"
  read -r -t 60 known <&"$out" || return 1
  if [ "$known" = - ]; then
    find "$(photos_of "$database")" -maxdepth 1 -name '*.jpg' 2>/dev/null | sed 's|.*/||; s|\.jpg$||' >"$dir/photographs"
  else
    echo "\\copy (select id from photographs) to '$dir/photographs'" >&"$in"
    echo "select 'copied';" >&"$in"
    read -r -t 600 known <&"$out" || return 1
  fi
  database_tool pg_dump --snapshot="$snapshot" -Fc -f "$dir/shop/database.dump" "$database" &&
    DB_DATABASE=$database artisan moltrek:verify --snapshot="$snapshot" >"$dir/verify.txt" || status=$?
  echo "\\q" >&"$in"
  wait "$pid" 2>/dev/null || true
  if [ "$status" != 0 ]; then
    tail -n +2 "$dir/verify.txt" 2>/dev/null
    say "This shop does not prove sound (./moltrek verify). What is there can be kept as it is with ./moltrek export; what was there is in the backups before."
    return 1
  fi
  local id
  while read -r id; do
    if [ -f "$(photos_of "$database")/$id.jpg" ]; then cp --reflink=auto "$(photos_of "$database")/$id.jpg" "$dir/shop/photos/"; else say "Photograph $id is not there."; return 1; fi
  done <"$dir/photographs"
  cat >"$dir/shop/manifest.json" <<JSON
{"schema": "moltrek-backup-2", "database": "$database", "core": "$(fingerprint core/src)", "made": "$(date -u +%Y-%m-%dT%H:%M:%SZ)", "migration": "$(database_psql "$database" -c 'select max(migration) from migrations')", "photographs": $(wc -l <"$dir/photographs"), "shop": $(head -n 1 "$dir/verify.txt")}
JSON
}

backup_pack() {
  artisan moltrek:pack "$1/shop" >/dev/null && (umask 077 && as_account tar -czf "$1/archive" -C "$1/shop" --sort=name manifest.json SHA256SUMS SEAL database.dump photos)
}

# Read back from the archive itself, replayed and compared; only then it has its name.
backup_prove() {
  local dir=$1 database=$2
  artisan moltrek:unpack "$dir/archive" "$dir/proof" >"$dir/said" || { cat "$dir/said"; return 1; }
  database_load "${database}_proof" "$dir/proof/database.dump" || return 1
  DB_DATABASE=${database}_proof artisan moltrek:verify --photos="$dir/proof/photos" >"$dir/proved" || { cat "$dir/proved"; return 1; }
  if [ "$(backup_compare "$dir/proof/manifest.json" "$(head -n 1 "$dir/proved")")" != same ]; then
    say "Read back it does not come to what the shop comes to."
    return 1
  fi
}

# What was proved is what bears the name: written beside, on the disk, and the same to the last byte before it is moved.
backup_name() {
  local dir=$1 file=$2
  as_account mkdir -p "$(dirname "$file")" 2>/dev/null || mkdir -p "$(dirname "$file")"
  (umask 077 && cp "$dir/archive" "$file.part") && cmp "$dir/archive" "$file.part" && sync "$file.part" || return 1
  chown --reference="$(dirname "$file")" "$file.part" 2>/dev/null || true
  mv "$file.part" "$file" && sync "$(dirname "$file")"
}

backup_counts() {
  php -r '$m = json_decode(file_get_contents("php://stdin"), true); echo $m["shop"]["jobs"], " jobs, ", $m["shop"]["entries"], " entries, ", $m["photographs"], " photographs";' <"$1"
}

# database_load DATABASE DUMP: into a new database, by a role that may run no program, read no file and make no database; what was
# read belongs to the shops' owner afterwards.
database_load() {
  database_drop "$1"
  database_psql postgres -c "create database $1 owner moltrek_loader" -c "revoke connect on database $1 from public" -c "grant connect on database $1 to moltrek_app, moltrek_owner" >/dev/null
  PGUSER=moltrek_loader database_tool pg_restore --no-owner --exit-on-error -d "$1" "$2" || return 1
  database_psql "$1" -c "reassign owned by moltrek_loader to moltrek_owner"
}

# Whether the tables, functions, triggers and rights of a database are those that the migrations make, and nothing else is there.
database_is_as_made() {
  local pattern=$1_pattern differs
  database_drop "$pattern"
  database_psql postgres -c "create database $pattern"
  DB_DATABASE=$pattern artisan migrate --force --quiet || return 1
  differs=$(diff <(database_shape "$pattern") <(database_shape "$1") | grep '^[<>]' | head -n 5 || true)
  database_drop "$pattern"
  [ -z "$differs" ] || { say "$differs"; return 1; }
}

database_shape() { database_tool pg_dump -s --no-owner "$1" | grep -v '^--\|^$\|^SET \|^\\\|^SELECT pg_catalog.set_config'; }

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
    // the chain over the shop, where it had one already
    if (isset($shop["links"]) && ($shop["links"] !== $now["links"] || substr(strrchr($shop["head"], " "), 1) !== substr(strrchr($now["head"], " "), 1))) { echo "other"; exit; }
    if ($now["unreadable"] > $shop["unreadable"] || ($now["broken"] ?? 0) > ($shop["broken"] ?? 0)) { echo "other"; exit; }
    echo ($shop["comes_to"] ?? null) === $now["comes_to"] ? "same" : (($manifest["core"] ?? "") === $argv[3] ? "other" : "newer");
  ' "$1" "$2" "$(fingerprint core/src)"
}

# archive_copy FILE FOLDER: an archive from anywhere, where Moltrek's own account can read it.
archive_copy() {
  install -m 600 "$1" "$2/archive.tar.gz"
  if [ "$(account)" != "$(id -un)" ]; then chown "$ACCOUNT:$ACCOUNT" "$2/archive.tar.gz"; fi
}

# The database that a backup was made of, where it is one of the shops here.
backup_database() {
  if [ "$(php artisan moltrek:manifest "$1" 2>/dev/null | php -r 'echo json_decode((string) file_get_contents("php://stdin"), true)["database"] ?? "";')" = "$OWN_DATABASE" ]; then echo "$OWN_DATABASE"; else echo "$PRACTICE_DATABASE"; fi
}

# backup_restore FILE DATABASE: unpacked, held against its checksums, read into a database beside the one that is there, replayed and
# compared; only then it takes its place, and what was there is kept under its date.
backup_restore() {
  local dir status=0
  dir=$(work_folder restore)
  as_account mkdir -p "$dir/shop"
  backup_take_up "$dir" "$@" || status=$?
  if [ "$status" != 0 ]; then
    database_drop "$2_restored"
    say "Nothing was changed."
  fi
  rm -rf "$dir"
  return $status
}

backup_take_up() {
  local dir=$1 file=$2 database=$3 now
  archive_copy "$file" "$dir"
  artisan moltrek:unpack "$dir/archive.tar.gz" "$dir/shop" >"$dir/said" || { cat "$dir/said"; return 1; }
  tail -n +2 "$dir/said"
  database_load "$3_restored" "$dir/shop/database.dump" || { say "The database in $file cannot be read."; return 1; }
  DB_DATABASE=$3_restored artisan migrate --force --quiet || { say "The tables in $file cannot be brought up to today’s."; return 1; }
  database_is_as_made "$3_restored" || { say "The tables in $file are not those that Moltrek makes."; return 1; }
  DB_DATABASE=$3_restored artisan moltrek:note-photographs --photos="$dir/shop/photos" --before-them
  DB_DATABASE=$3_restored artisan moltrek:verify --restored --photos="$dir/shop/photos" >"$dir/proved" || true
  now=$(head -n 1 "$dir/proved")
  # what was said must be the same for ever; what it comes to, where the same rules replay it
  case "$(backup_compare "$dir/shop/manifest.json" "$now")" in
    same) ;;
    newer) say "Made by an earlier version: every entry is there, and the rules of today come to something else for some jobs." ;;
    *)
      tail -n +2 "$dir/proved"
      say "The jobs of $file do not come to what they came to when it was made."
      return 1
      ;;
  esac
  DB_DATABASE=$3_restored artisan moltrek:forget-summaries
  DB_DATABASE=$3_restored artisan moltrek:seal --from="$dir/shop/photos" || return 1
  echo "$file" >"var/work/restoring-$database"
  database_swap "$3_restored" "$database" || return 1
  rm -f "var/work/restoring-$database"
  security_note "$database" 'restored from a backup' "${file##*/}"
  say "Restored and replayed: $(php -r '$n = json_decode($argv[1], true); echo $n["jobs"], " jobs, ", $n["entries"], " entries";' "$now"), each as it was. $(tail -n 1 "$dir/proved")"
}

# database_swap NEW NAME: both names in one transaction. What bore the name is kept under its date.
database_swap() {
  local kept there=''
  kept=$2_replaced_$(date +%Y%m%d_%H%M%S)
  if database_exists "$2"; then there="alter database $2 rename to $kept;"; fi
  # nobody is let in while the name goes; a start lets them in again where this was broken off
  [ -z "$there" ] || database_psql postgres -c "alter database $2 with allow_connections false"
  database_psql postgres -c "select count(pg_terminate_backend(pid)) from pg_stat_activity where datname in ('$1', '$2') and pid <> pg_backend_pid()" >/dev/null
  local tries
  for tries in 1 2 3 4 5; do
    if database_psql postgres -c "begin; $there alter database $1 rename to $2; commit" 2>"var/work/swap-$$"; then
      rm -f "var/work/swap-$$"
      [ -z "$there" ] || { database_psql postgres -c "alter database $kept with allow_connections true"; say "What was there before is kept as $kept: ./moltrek kept drop $kept throws it away."; }
      return
    fi
    sleep 0.5
  done
  cat "var/work/swap-$$"
  rm -f "var/work/swap-$$"
  [ -z "$there" ] || database_psql postgres -c "alter database $2 with allow_connections true"
  return 1
}

# Databases of a shop that are kept beside it.
database_kept() { database_psql postgres -c "select datname from pg_database where datname ~ '^${1}_(replaced_[0-9_]+|restored)\$' order by 1"; }

# A restore that was broken off: said which shop is there now, and what was half made is thrown away.
restore_settle() {
  local marker database
  for marker in var/work/restoring-*; do
    [ -e "$marker" ] || continue
    database=${marker##*/restoring-}
    if database_exists "${database}_restored" && database_exists "$database"; then
      say "The restore of $(cat "$marker") was broken off: the shop is the one from before it."
      database_drop "${database}_restored"
    elif database_exists "$database"; then
      say "The restore of $(cat "$marker") was broken off after the shops had changed places: the shop is the one that was restored."
    fi
    rm -f "$marker"
  done
}

# The own shop's database is gone, though something of that shop is here to be seen: nothing is begun beside it unasked.
own_shop_is_lost() {
  local each kept
  database_exists "$OWN_DATABASE" && return 1
  kept=$(database_kept "$OWN_DATABASE")
  if [ -n "$kept" ]; then
    say "The shop's database is gone, and this is here of it:"
    for each in $kept; do say "  $each    ./moltrek kept take $each"; done
  fi
  local archives=''
  for each in $(ls -1t var/backups/*.tar.gz 2>/dev/null); do
    if [ "$(backup_database "$each")" = "$OWN_DATABASE" ]; then archives="$archives $each"; break; fi
  done
  if [ -n "$archives" ]; then
    [ -n "$kept" ] || say "The shop's database is gone, and there are backups of it. The newest:"
    say "  ./moltrek restore$archives"
  fi
  [ -n "$kept$archives" ] || return 1
  say "To begin a new shop all the same: ./moltrek start --anew"
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

# backup_before_migrating DATABASE: before the tables change what is there is kept; nothing is where nobody has begun.
backup_before_migrating() {
  [ -n "$(database_psql "$1" -c "select to_regclass('log_entries')")" ] && [ -n "$(database_psql "$1" -c "select 1 from users limit 1")" ] || return 0
  if DB_DATABASE=$1 artisan migrate:status --pending 2>/dev/null | grep -q Pending; then
    if [ "$1" = "$(shop_database)" ]; then
      backup_make "var/backups/moltrek-$(date +%Y%m%d-%H%M%S).tar.gz" "$1"
      backup_rotate var/backups
    else
      backup_make "var/backups/moltrek-practice-$(date +%Y%m%d-%H%M%S).tar.gz" "$1"
    fi
  fi
}
