# PostgreSQL in a cluster of our own under var/, on loopback only. As root it runs under the postgres account.

postgres_bin() {
  local dir
  for dir in /usr/lib/postgresql/*/bin; do [ -x "$dir/initdb" ] && echo "$dir"; done | sort -V | tail -n 1
}

as_postgres() {
  if [ "$(id -u)" = 0 ]; then (cd / && setpriv --reuid=postgres --regid=postgres --init-groups -- "$@"); else "$@"; fi
}

# The cluster's folder: under var/, unless the account that PostgreSQL runs under cannot reach it there.
cluster_dir() {
  local link=$here/var/pg
  # a bare return, in a trap, would give back what failed before it
  if [ -e "$link/data/PG_VERSION" ] || [ -L "$link" ]; then readlink -f "$link"; return 0; fi
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
    cat var/cluster.secret >"$secret"
    if [ "$(id -u)" = 0 ]; then chown postgres "$secret"; fi
    quietly "making the database cluster" as_postgres "$bin/initdb" -D "$dir/data" -U moltrek -A scram-sha-256 --pwfile="$secret" -E UTF8 --locale=C.UTF-8
    rm -f "$secret"
    as_postgres touch "$dir/complete"
  fi
  if ! database_running; then
    port=$(free_port "${MOLTREK_DB_PORT:-54370}")
    database_supervise "$dir" "$bin" "$port"
    quietly "starting the database" database_wait "$dir" "$port" || { as_postgres tail -n 20 "$dir/log"; return 1; }
  fi
  port=$(as_postgres sed -n 4p "$dir/data/postmaster.pid")
  sed -i '/^DB_PORT=/d' var/moltrek.env
  echo "DB_PORT=$port" >>var/moltrek.env
  database_role
}

# A supervisor that begins PostgreSQL again when it dies; a fast shutdown when it is told to stop.
database_supervise() {
  local dir=$1 bin=$2 port=$3
  as_postgres tee "$dir/supervisor.conf" >/dev/null <<CONF
[supervisord]
nodaemon=true
umask=077
logfile=$dir/supervisor.log
logfile_maxbytes=1MB
logfile_backups=1
pidfile=$dir/supervisor.pid
[program:postgres]
command=$bin/postgres -D $dir/data -p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c max_connections=60
autorestart=true
startsecs=1
startretries=100
stopsignal=INT
stopwaitsecs=60
redirect_stderr=true
stdout_logfile=$dir/log
stdout_logfile_maxbytes=10MB
stdout_logfile_backups=3
CONF
  detached /dev/null "$([ "$(id -u)" = 0 ] && echo postgres || id -un)" supervisord -n -c "$dir/supervisor.conf"
}

database_wait() {
  local i
  for i in $(seq 1 300); do
    if as_postgres "$(postgres_bin)/pg_isready" -q -h 127.0.0.1 -p "$2" && database_running; then return; fi
    sleep 0.2
  done
  return 1
}

# The supervisor of the cluster, where it is there and really ours.
database_supervisor() {
  local pid
  pid=$(as_postgres cat "$1/supervisor.pid" 2>/dev/null) && [ -r "/proc/$pid/cmdline" ] && tr '\0' ' ' <"/proc/$pid/cmdline" | grep -qF "$1/supervisor.conf" && echo "$pid"
}

# The roles: whom the shops belong to, and whom the application works as, which owns nothing; its rights come with the migrations.
# None of them may run programs or read files of the machine: only the cluster's own account may, and no shop is given that.
database_role() {
  cluster_psql postgres >/dev/null <<SQL
set client_min_messages = warning;
do \$\$ begin
  if not exists (select from pg_roles where rolname = 'moltrek_app') then create role moltrek_app; end if;
  if not exists (select from pg_roles where rolname = 'moltrek_owner') then create role moltrek_owner; end if;
  if not exists (select from pg_roles where rolname = 'moltrek_loader') then create role moltrek_loader; end if;
end \$\$;
alter role moltrek_app nosuperuser nocreatedb nocreaterole login password '$(env_value DB_APP_PASSWORD)';
alter role moltrek_owner nosuperuser createdb nocreaterole login password '$(env_value DB_PASSWORD)';
alter role moltrek_loader nosuperuser nocreatedb nocreaterole login password '$(env_value DB_PASSWORD)';
grant moltrek_app, moltrek_loader to moltrek_owner;
SQL
  local database
  for database in $(cluster_psql postgres -c "select datname from pg_database where datdba = 'moltrek'::regrole and datname like 'moltrek%'"); do
    database_give "$database" moltrek moltrek_owner
  done
}

# database_give DATABASE FROM TO: all of it belongs to another role from now on.
database_give() {
  cluster_psql "$1" >/dev/null <<SQL
do \$\$ declare each record; begin
  for each in select format('alter %s %s owner to $3', case relkind when 'S' then 'sequence' when 'v' then 'view' else 'table' end, oid::regclass) as command
    from pg_class where relnamespace = 'public'::regnamespace and relowner = '$2'::regrole and relkind in ('r', 'v', 'S')
      and not exists (select from pg_depend where classid = 'pg_class'::regclass and pg_depend.objid = pg_class.oid and deptype in ('a', 'i') and relkind = 'S')
  loop execute each.command; end loop;
  for each in select format('alter function %s owner to $3', oid::regprocedure) as command
    from pg_proc where pronamespace = 'public'::regnamespace and proowner = '$2'::regrole
  loop execute each.command; end loop;
end \$\$;
alter database $1 owner to $3;
SQL
}

database_stop() {
  [ -f var/moltrek.env ] && [ -n "$(postgres_bin)" ] || return 0
  local dir pid i
  dir=$(cluster_dir)
  if pid=$(database_supervisor "$dir"); then
    kill -TERM "$pid"
    for i in $(seq 1 650); do
      [ -d "/proc/$pid" ] || break
      sleep 0.1
    done
    say "The database has stopped."
  fi
  # one that no supervisor looks after
  if database_running; then
    as_postgres "$(postgres_bin)/pg_ctl" -D "$dir/data" -m fast -w stop >/dev/null
    say "The database has stopped."
  fi
}

# psql on a database of the cluster, as whom the shops belong to.
database_psql() { database_tool psql -v ON_ERROR_STOP=1 -qAt -d "$@"; }

# The same as the cluster's own account: for roles, and for what a shop's owner may not.
cluster_psql() {
  PGPASSWORD=$(cat var/cluster.secret) "$(postgres_bin)/psql" -h 127.0.0.1 -p "$(env_value DB_PORT)" -U moltrek -v ON_ERROR_STOP=1 -qAt -d "$@"
}

# database_tool TOOL …: one of PostgreSQL's own, as the shops' owner, or as PGUSER.
database_tool() {
  local tool=$1
  shift
  PGPASSWORD=$(env_value DB_PASSWORD) "$(postgres_bin)/$tool" -h 127.0.0.1 -p "$(env_value DB_PORT)" -U "${PGUSER:-moltrek_owner}" "$@"
}

# A database is let in again where a swap was broken off (bin/lib/backup.sh), and made where there is none.
database_ensure() {
  if database_exists "$1"; then database_psql postgres -c "alter database $1 with allow_connections true"; else database_psql postgres -c "create database $1"; fi
}

database_exists() { [ -n "$(database_psql postgres -c "select 1 from pg_database where datname = '$1'")" ]; }

database_drop() { database_psql postgres -c "set client_min_messages = warning" -c "drop database if exists $1 with (force)"; }

# database_copy from to: a database as another one stands now, in place of what it was.
database_copy() {
  database_drop "$2"
  database_psql postgres -c "create database $2 template $1"
}

# The two shops of an installation: the mechanic's own, and the made-up one for practice.
OWN_DATABASE=moltrek_own
PRACTICE_DATABASE=moltrek

shop_is_begun() {
  database_exists "$OWN_DATABASE" &&
    [ -n "$(database_psql "$OWN_DATABASE" -c "select to_regclass('shop')")" ] &&
    [ -n "$(database_psql "$OWN_DATABASE" -c 'select 1 from shop')" ]
}

practice_is_there() { database_exists "$PRACTICE_DATABASE"; }

# The shop that backup and verify mean: the own one once it is begun.
shop_database() { if shop_is_begun; then echo "$OWN_DATABASE"; else echo "$PRACTICE_DATABASE"; fi; }

# Where the photographs of a shop lie.
photos_of() { case "$1" in *_own) echo var/photos-own ;; *) echo var/photos ;; esac; }
