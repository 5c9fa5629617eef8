# shellcheck shell=bash
# Nabe's own PostgreSQL: a cluster in the data folder, on loopback, run by an ordinary user.

pg_user() {
  if [ "$(id -u)" = 0 ]; then echo postgres; else id -un; fi
}

as_pg_user() {
  if [ "$(id -u)" = 0 ]; then
    runuser -u postgres -- env -C / "$@"
  else
    env -C / "$@"
  fi
}

# PostgreSQL's user must be able to walk to the folder; where it cannot, a folder under /var/tmp of the same name serves.
pg_folder() {
  mkdir -p "$DATA"
  if as_pg_user test -x "$DATA"; then
    echo "$DATA/pg"
  else
    echo "/var/tmp/nabe-$(echo "$DATA" | cksum | cut -d' ' -f1)"
  fi
}

# What the database asks of Nabe: made once, kept beside the data, for this user only.
db_password() {
  local file=$DATA/db-password
  mkdir -p "$DATA"
  if [ ! -s "$file" ]; then
    (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$file.new")
    mv "$file.new" "$file"
  fi
  cat "$file"
}

pg() {
  local program=$1
  shift
  PGPASSWORD=$(db_password) as_pg_user "$PG/$program" -h 127.0.0.1 -p "$DB_PORT" -U nabe "$@"
}

# A cluster is made beside its place and moved there whole: one half made is made again.
make_cluster() {
  local new=$1.new secret
  secret=$(mktemp)
  db_password >"$secret"
  rm -rf "$new"
  mkdir -p "$new"
  if [ "$(id -u)" = 0 ]; then chown postgres "$new" "$secret"; fi
  chmod 700 "$new"
  as_pg_user "$PG/initdb" -D "$new" -U nabe --auth=scram-sha-256 --pwfile="$secret" -E UTF8 --no-locale >/dev/null ||
    { rm -f "$secret"; fail "initdb failed in $new."; }
  rm -f "$secret"
  rm -rf "$1"
  mv "$new" "$1"
}

cluster_runs() {
  as_pg_user "$PG/pg_ctl" -D "$1" status >/dev/null 2>&1
}

# A database that was just killed, or is just starting, seems to run for a moment: only one that answers does.
cluster_answers() {
  local port
  for _ in $(seq 40); do
    cluster_runs "$1" || return 1
    port=$(as_pg_user sed -n 4p "$1/postmaster.pid" 2>/dev/null) || true
    [ -z "$port" ] || ! "$PG/pg_isready" -q -h 127.0.0.1 -p "$port" || return 0
    sleep 0.25
  done
  return 1
}

# $1 the cluster, $2 the port. PostgreSQL clears away what a killed server left.
run_cluster() {
  local tries
  # What a killed one leaves running goes within a second or two.
  for tries in 1 2 3 4 5; do
    try_cluster "$1" "$2" && return
    cluster_answers "$1" && return
    sleep "$tries"
  done
  fail "PostgreSQL did not start; its log is $1/start.log."
}

try_cluster() {
  as_pg_user "$PG/pg_ctl" -D "$1" -l "$1/start.log" -w -t 60 -o "-c listen_addresses=127.0.0.1 -c port=$2 -c unix_socket_directories='' \
    -c logging_collector=on -c log_directory=log -c log_filename=postgresql-%a.log -c log_truncate_on_rotation=on -c log_rotation_age=1d" start >/dev/null 2>&1
}

# A cluster of before there was a password lets everybody on the machine in: it gets one.
lock_cluster() {
  grep -qE '^[^#].*trust' "$PGDATA/pg_hba.conf" || return 0
  say "giving the database a password"
  # Through its input: a command line is everybody's to read.
  printf "ALTER ROLE nabe PASSWORD '%s';" "$(db_password)" | pg psql -d postgres -q -v ON_ERROR_STOP=1 || fail "the database took no password."
  sed -i -E 's/^([^#].*)trust$/\1scram-sha-256/' "$PGDATA/pg_hba.conf"
  as_pg_user "$PG/pg_ctl" -D "$PGDATA" reload >/dev/null
}

# A server that outlived its database knows it by its port.
port_of_before() {
  local port
  port=$(as_pg_user sed -n 4p "$PGDATA/postmaster.pid" 2>/dev/null) || true
  if [ -n "$port" ] && ! port_taken "$port"; then echo "$port"; else free_port; fi
}

start_database() {
  need_postgres
  PGDATA=$(pg_folder)
  export PGDATA
  if [ ! -e "$PGDATA/PG_VERSION" ]; then
    say "making the database"
    make_cluster "$PGDATA"
  fi
  if cluster_answers "$PGDATA"; then
    DB_PORT=$(as_pg_user sed -n 4p "$PGDATA/postmaster.pid")
  else
    DB_PORT=${NABE_DB_PORT:-$(port_of_before)}
    ! port_taken "$DB_PORT" || fail "port $DB_PORT is taken; set NABE_DB_PORT to another for the database."
    run_cluster "$PGDATA" "$DB_PORT"
  fi
  lock_cluster
  pg psql -d postgres -tAc "SELECT 1 FROM pg_database WHERE datname='nabe'" | grep -q 1 || pg createdb nabe
}

stop_database() {
  need_postgres
  local folder
  folder=$(pg_folder)
  if [ -e "$folder/PG_VERSION" ] && cluster_runs "$folder"; then
    as_pg_user "$PG/pg_ctl" -D "$folder" -m fast -w stop >/dev/null
  fi
}
