# shellcheck shell=bash
# Backup and restore: one file that holds all, proved by restoring it into a cluster of its own and comparing.

# All rows of a database, in an order that does not depend on where they lie.
rows() {
  pg pg_dump -d "$1" --data-only | sed -n '/^COPY /,/^\\\.$/p' | LC_ALL=C sort | sha256sum
}

rows_of_file() {
  as_pg_user "$PG/pg_restore" --data-only -f - <"$1" | sed -n '/^COPY /,/^\\\.$/p' | LC_ALL=C sort | sha256sum
}

prove() {
  local file=$1 proof port found
  proof=$(as_pg_user mktemp -d /var/tmp/nabe-proof.XXXXXX)
  make_cluster "$proof/pg"
  port=$(free_port)
  run_cluster "$proof/pg" "$port"
  found=$(DB_PORT=$port restored nabe "$file") || found="not restored"
  as_pg_user "$PG/pg_ctl" -D "$proof/pg" -m immediate -w stop >/dev/null
  rm -rf "$proof"
  [ "$found" = "$(rows_of_file "$file")" ] || fail "the backup does not restore to what it holds; it is not to be relied on."
}

# Into a database of its own; what it holds then.
restored() {
  local into=$1 file=$2
  pg createdb "$into" && pg pg_restore -d "$into" --no-owner --exit-on-error <"$file" >&2 && rows "$into"
}

backup() {
  local file=${1:?}
  [ ! -e "$file" ] || fail "$file is there already; name another."
  start_database
  (umask 077 && pg pg_dump -d nabe -Fc >"$file.new") || { rm -f "$file.new"; fail "the dishes could not be written to $file."; }
  prove "$file.new"
  mv "$file.new" "$file"
  say "kept in $file ($(du -h "$file" | cut -f1)), restored into a database of its own and compared row by row"
}

restore() {
  local file=${1:?} kept coming
  [ -s "$file" ] || fail "$file is no backup: there is nothing in it."
  need_postgres
  rows_of_file "$file" >/dev/null || fail "$file is no backup of Nabe's."
  start_database
  prove "$file"
  # What is there stays until all of the new is in; then both change names at once.
  coming=nabe_coming_$(date +%Y%m%d_%H%M%S)
  kept=nabe_before_$(date +%Y%m%d_%H%M%S)
  restored "$coming" "$file" >/dev/null || { pg dropdb --if-exists "$coming"; fail "the backup could not be read back; your dishes are as they were."; }
  stop_server
  printf 'BEGIN; ALTER DATABASE nabe RENAME TO %s; ALTER DATABASE %s RENAME TO nabe; COMMIT;' "$kept" "$coming" |
    pg psql -d postgres -q -v ON_ERROR_STOP=1 || { pg dropdb --if-exists "$coming"; fail "the dishes there are could not be put aside; they are as they were."; }
  say "restored from $file; what was there before is kept in the database $kept. Start with ./nabe start"
}
