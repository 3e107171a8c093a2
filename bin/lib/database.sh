# PostgreSQL in a cluster of our own under var/, on loopback only. As root it runs under the postgres account.

postgres_bin() {
  local dir
  for dir in /usr/lib/postgresql/*/bin; do [ -x "$dir/initdb" ] && echo "$dir"; done | sort -V | tail -n 1
}

as_postgres() {
  if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

# The cluster's folder: under var/, unless the account that PostgreSQL runs under cannot reach it there.
cluster_dir() {
  local link=$here/var/pg
  if [ -e "$link/data/PG_VERSION" ] || [ -L "$link" ]; then readlink -f "$link"; return; fi
  mkdir -p "$link"
  if [ "$(id -u)" = 0 ]; then
    chown postgres "$link"
    if ! as_postgres test -w "$link" -a -x "$link"; then
      local away
      away=/var/lib/postgresql/moltrek-$(printf '%s' "$here" | sha256sum | cut -c1-12)
      rmdir "$link"
      install -d -o postgres -m 700 "$away"
      ln -s "$away" "$link"
    fi
  fi
  readlink -f "$link"
}

database_running() {
  local dir
  dir=$(cluster_dir)
  as_postgres test -f "$dir/data/PG_VERSION" && as_postgres "$(postgres_bin)/pg_ctl" -D "$dir/data" status >/dev/null 2>&1
}

database_start() {
  local dir bin port secret
  dir=$(cluster_dir)
  bin=$(postgres_bin)
  if ! as_postgres test -f "$dir/data/PG_VERSION" || ! as_postgres test -f "$dir/complete"; then
    as_postgres rm -rf "$dir/data"
    secret=$(mktemp)
    env_value DB_PASSWORD >"$secret"
    if [ "$(id -u)" = 0 ]; then chown postgres "$secret"; fi
    quietly "making the database cluster" as_postgres "$bin/initdb" -D "$dir/data" -U moltrek -A scram-sha-256 --pwfile="$secret" -E UTF8 --locale=C.UTF-8
    rm -f "$secret"
    as_postgres touch "$dir/complete"
  fi
  if ! database_running; then
    port=$(free_port "${MOLTREK_DB_PORT:-54370}")
    quietly "starting the database" as_postgres "$bin/pg_ctl" -D "$dir/data" -l "$dir/log" -w -t 60 \
      -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c max_connections=60" start
  fi
  port=$(as_postgres sed -n 4p "$dir/data/postmaster.pid")
  sed -i '/^DB_PORT=/d' var/moltrek.env
  echo "DB_PORT=$port" >>var/moltrek.env
  database_role
}

# The application's own role, which owns nothing; its rights come with the migrations.
database_role() {
  database_psql postgres >/dev/null <<SQL
do \$\$ begin
  if not exists (select from pg_roles where rolname = 'moltrek_app') then create role moltrek_app; end if;
end \$\$;
alter role moltrek_app login password '$(env_value DB_APP_PASSWORD)';
SQL
}

database_stop() {
  [ -f var/moltrek.env ] && [ -n "$(postgres_bin)" ] || return 0
  if database_running; then
    as_postgres "$(postgres_bin)/pg_ctl" -D "$(cluster_dir)/data" -m fast -w stop >/dev/null
    say "The database has stopped."
  fi
}

# psql on a database of the cluster.
database_psql() {
  PGPASSWORD=$(env_value DB_PASSWORD) "$(postgres_bin)/psql" -h 127.0.0.1 -p "$(env_value DB_PORT)" -U moltrek -v ON_ERROR_STOP=1 -qAt -d "$@"
}

database_ensure() {
  [ -n "$(database_psql postgres -c "select 1 from pg_database where datname = '$1'")" ] || database_psql postgres -c "create database $1"
}

database_drop() { database_psql postgres -c "drop database if exists $1 with (force)"; }

# database_copy from to: a database as another one stands now, in place of what it was.
database_copy() {
  database_drop "$2"
  database_psql postgres -c "create database $2 template $1"
}

# The two shops of an installation: the mechanic's own, and the made-up one for practice.
OWN_DATABASE=moltrek_own
PRACTICE_DATABASE=moltrek

shop_is_begun() {
  [ -n "$(database_psql postgres -c "select 1 from pg_database where datname = '$OWN_DATABASE'")" ] &&
    [ -n "$(database_psql "$OWN_DATABASE" -c "select to_regclass('shop')")" ] &&
    [ -n "$(database_psql "$OWN_DATABASE" -c 'select 1 from shop')" ]
}

practice_is_there() { [ -n "$(database_psql postgres -c "select 1 from pg_database where datname = '$PRACTICE_DATABASE'")" ]; }

# The shop that backup and verify mean: the own one once it is begun.
shop_database() { if shop_is_begun; then echo "$OWN_DATABASE"; else echo "$PRACTICE_DATABASE"; fi; }

# Where the photographs of a shop lie.
photos_of() { case "$1" in *_own) echo var/photos-own ;; *) echo var/photos ;; esac; }
