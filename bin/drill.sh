#!/usr/bin/env bash
# Marks are set one after the other while the application and its database are killed in turn; what was acknowledged has to be
# there afterwards. Runs beside anything else, with a database and a port of its own.
# usage: drill.sh FOLDER-OF-THE-APPLICATION [writes]
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
OUT=$1
WRITES=${2:-1000}
PORT=${LUMKO_DRILL_PORT:-8097}
WORK=$(mktemp -d)
export LUMKO_PG_DIR=$WORK/postgres
chmod 711 "$WORK"
# shellcheck source=bin/client.sh
. "$ROOT/bin/client.sh"
KILLS_OF_APP=0
KILLS_OF_DATABASE=0

say() { printf '%s\n' "$*" >&2; }
start_database() {
  local database
  until database=$("$ROOT/bin/postgres.sh" start 2>"$WORK/postgres.log"); do sleep 0.5; done
  eval "$database"
}
start_app() {
  "$ROOT/bin/serve.sh" "$OUT" --server.address=127.0.0.1 --server.port="$PORT" --lumko.demo=true --lumko.background=false \
    >>"$WORK/app.log" 2>&1 &
  APP=$!
}
sql() { PGPASSWORD=$SPRING_DATASOURCE_PASSWORD psql -qAt -h 127.0.0.1 -p "$(sed 's/.*:\([0-9]*\)\/.*/\1/' <<<"$SPRING_DATASOURCE_URL")" -U "$SPRING_DATASOURCE_USERNAME" -d lumko "$@"; }
clean_up() {
  if [ -n "${APP:-}" ]; then kill -9 "$APP" 2>/dev/null || true; fi
  "$ROOT/bin/postgres.sh" destroy >/dev/null 2>&1 || true
  rm -rf "$WORK"
}
trap clean_up EXIT

sign_in() {
  enter_demo mirela
  TOKEN=$(get / | token)
}
# says how it was answered, 000 for not at all
write_mark() { # id wall
  curl -s -o /dev/null -w '%{http_code}' --max-time 10 -b "$WORK/cookies" -H "X-CSRF-TOKEN: $TOKEN" -H 'HX-Request: true' \
    -d "id=$1&kind=NAIL_HOLE&leftMm=400&upMm=1200" "http://127.0.0.1:$PORT/walls/$2/marks" || true
}
kill_one() { # what is killed is started again at once; the writes go on trying
  if [ $((($1) % 2)) = 0 ]; then
    kill -9 "$APP"
    wait "$APP" 2>/dev/null || true
    KILLS_OF_APP=$((KILLS_OF_APP + 1))
    start_app
  else
    kill -9 "$(sed -n 1p "$(readlink -m "$LUMKO_PG_DIR")/data/postmaster.pid")"
    KILLS_OF_DATABASE=$((KILLS_OF_DATABASE + 1))
    sleep 0.5
    start_database
  fi
}

say "Starting …"
start_database
start_app
await_app "$APP" "$WORK/app.log"
sign_in
mapfile -t WALLS < <(sql -c "select id from surface where kind = 'WALL' order by id")
say "$WRITES marks on ${#WALLS[@]} walls, with kills …"
EVERY=$((WRITES / 8 + 1))
TRIES=0
for n in $(seq "$WRITES"); do
  [ $((n % EVERY)) = 0 ] && kill_one $((n / EVERY))
  id=$(cat /proc/sys/kernel/random/uuid)
  wall=$n
  until code=$(write_mark "$id" "${WALLS[$((wall % ${#WALLS[@]}))]}") && [ "$code" = 200 ]; do
    # a window or a door may be there
    if [ "$code" = 422 ]; then wall=$((wall + 1)) && continue; fi
    TRIES=$((TRIES + 1))
    [ "$TRIES" -lt 1500 ] || { say "no answer any more:"; tail -3 "$WORK/app.log" "$WORK/postgres.log" >&2; exit 1; }
    sleep 0.2
  done
  echo "$id" >>"$WORK/acknowledged"
done
sql -c "select id from mark" | sort >"$WORK/there"
MISSING=$(sort "$WORK/acknowledged" | comm -23 - "$WORK/there" | wc -l)
echo "$WRITES writes acknowledged, $KILLS_OF_APP kills of the application, $KILLS_OF_DATABASE of the database, $TRIES tries without an answer, $MISSING missing."
[ "$MISSING" = 0 ]
