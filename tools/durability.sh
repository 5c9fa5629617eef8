#!/usr/bin/env bash
# Kills server or database without warning, again and again, while four clients write; every revision that was answered must be there.
#   tools/durability.sh [ROUNDS]     in a data folder of its own
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
ROUNDS=${1:-50}
NABE_DATA=$(mktemp -d /tmp/nabe-durability.XXXXXX)
NABE_PORT=$(node -e 'const s=require("net").createServer().listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})')
export NABE_DATA NABE_PORT
chmod 755 "$NABE_DATA"
writers=
trap '[ -z "$writers" ] || kill "$writers" 2>/dev/null; ./nabe stop >/dev/null 2>&1 || true' EXIT
./nabe start >/dev/null

node tools/durability.mjs write "$NABE_DATA/acknowledged" &
writers=$!
for round in $(seq "$ROUNDS"); do
  sleep "$((RANDOM % 3)).$((RANDOM % 9 + 1))"
  if [ $((RANDOM % 2)) = 0 ]; then
    kill -9 "$(cat "$NABE_DATA/server.pid")"
  else
    pg=$NABE_DATA/pg
    [ -e "$pg/postmaster.pid" ] || pg=/var/tmp/nabe-$(echo "$NABE_DATA" | cksum | cut -d' ' -f1)
    kill -9 "$(head -n 1 "$pg/postmaster.pid")"
  fi
  ./nabe start >/dev/null || { echo "round $round: Nabe did not start again." >&2; exit 1; }
done
kill "$writers"
wait "$writers" 2>/dev/null || true
writers=
node tools/durability.mjs check "$NABE_DATA/acknowledged" "$ROUNDS"
