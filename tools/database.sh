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

start_database() {
  need_postgres
  PGDATA=$(pg_folder)
  export PGDATA
  local log="$PGDATA/server.log"
  if [ ! -e "$PGDATA/PG_VERSION" ]; then
    say "making the database"
    mkdir -p "$PGDATA"
    [ "$(id -u)" != 0 ] || chown postgres "$PGDATA"
    chmod 700 "$PGDATA"
    as_pg_user "$PG/initdb" -D "$PGDATA" -U nabe --auth=trust -E UTF8 --no-locale >/dev/null || fail "initdb failed in $PGDATA."
  fi
  if as_pg_user "$PG/pg_ctl" -D "$PGDATA" status >/dev/null 2>&1; then
    DB_PORT=$(as_pg_user sed -n 4p "$PGDATA/postmaster.pid")
    return
  fi
  DB_PORT=${NABE_DB_PORT:-$(free_port)}
  ! port_taken "$DB_PORT" || fail "port $DB_PORT is taken; set NABE_DB_PORT to another for the database."
  as_pg_user "$PG/pg_ctl" -D "$PGDATA" -l "$log" -w -t 30 -o "-c listen_addresses=127.0.0.1 -c port=$DB_PORT -c unix_socket_directories=''" start >/dev/null \
    || fail "PostgreSQL did not start; its log is $log."
  as_pg_user "$PG/psql" -h 127.0.0.1 -p "$DB_PORT" -U nabe -d postgres -tAc "SELECT 1 FROM pg_database WHERE datname='nabe'" | grep -q 1 \
    || as_pg_user "$PG/createdb" -h 127.0.0.1 -p "$DB_PORT" -U nabe nabe
}

stop_database() {
  need_postgres
  local folder
  folder=$(pg_folder)
  if [ -e "$folder/PG_VERSION" ] && as_pg_user "$PG/pg_ctl" -D "$folder" status >/dev/null 2>&1; then
    as_pg_user "$PG/pg_ctl" -D "$folder" -m fast -w stop >/dev/null
  fi
}
