#!/usr/bin/env bash
# Makes the cache that a start loads from: the application is run once on a throw-away database with the demo, asked for one page
# of each kind that is linked from the first ones, given a mark and a tick, so that what a start and the first of each need is in it.
# usage: fast-start.sh FOLDER-OF-THE-APPLICATION LOG
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
OUT=$1
LOG=$2
WORK=$(mktemp -d)
chmod 711 "$WORK"
export LUMKO_PG_DIR=$WORK/postgres LUMKO_PG_THROWAWAY=1
# shellcheck source=bin/client.sh
. "$ROOT/bin/client.sh"
clean_up() {
  if [ -n "${APP:-}" ]; then kill -9 "$APP" 2>/dev/null || true; fi
  "$ROOT/bin/postgres.sh" destroy >/dev/null 2>&1 || true
  rm -rf "$WORK" "$OUT"/unfinished.aot*
}
trap clean_up EXIT
trap 'exit 1' TERM

free_port() {
  local port
  while port=$((RANDOM % 20000 + 30000)); (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do :; done
  echo "$port"
}
PORT=$(free_port)
DATABASE=$("$ROOT/bin/postgres.sh" start 2>>"$LOG")
eval "$DATABASE"

cd "$OUT"
start() { # [options of the virtual machine]
  java -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Dspring.aot.enabled=true "$@" -jar lumko.jar --server.address=127.0.0.1 \
    --server.port="$PORT" --lumko.demo=true --lumko.background=false >"$LOG" 2>&1 &
  APP=$!
  await_app "$APP" "$LOG"
}
stop() {
  kill "$APP"
  wait "$APP" 2>/dev/null || true
}
# the demo is entered first: doing that is no part of a start
start
stop

# What is compiled here is compiled the same way, at once and for good, by every start. So only what little else but a start does
# is compiled, and quickly: doing it well takes longer than the start. The rest is left to be compiled as it turns out to be used.
COMPILED=()
for package in org.springframework.{beans,boot,context,core,aop,cglib,data} java.lang.{classfile,invoke,reflect,module} java.{net,security,util.zip,util.jar} jdk.internal sun net.bytebuddy; do
  COMPILED+=("-XX:CompileCommand=compileonly,$package.*::*")
done
start -XX:AOTCacheOutput=unfinished.aot -XX:CompileCommand=quiet "${COMPILED[@]}"
enter_demo mirela

links() { # of a page
  grep -oE '(href|hx-get)="/[^"#]*"' "$1" | cut -d'"' -f2 | sed 's/&amp;/\&/g' | sort -u
}
kind() { # of a link: whichever thing it is of
  sed -E 's/[0-9a-f]{8}-[0-9a-f-]{27}/ID/g; s/=[^&]*/=/g' <<<"$1"
}
KNOWN=" / "
AHEAD=(/)
WALK=
SHEET=
for _ in 1 2; do
  found=()
  for page in "${AHEAD[@]}"; do
    get "$page" >"$WORK/page" 2>/dev/null || continue
    while read -r link; do
      kind=$(kind "$link")
      case "$KNOWN" in *" $kind "*) continue ;; esac
      KNOWN="$KNOWN$kind "
      found+=("$link")
      case "$link" in
        /walls/*/walk) WALK=$link ;;
        /sheets/*) SHEET=${SHEET:-$link} ;;
      esac
    done < <(links "$WORK/page")
  done
  AHEAD=("${found[@]}")
done
TOKEN=$(get / | token)
# what is refused, as some steps are on some days, is not in the cache, which is of use without it
post() { # PATH [fields]
  curl -fsS -o /dev/null -b "$WORK/cookies" -H "X-CSRF-TOKEN: $TOKEN" -H 'HX-Request: true' "${@:2}" "http://127.0.0.1:$PORT$1" 2>>"$LOG" || true
}
# above doors and windows
post "${WALK%walk}marks" -d "id=$(cat /proc/sys/kernel/random/uuid)" -d kind=NAIL_HOLE -d leftMm=300 -d upMm=2300
STEP=$(get "$SHEET" 2>/dev/null | grep -oE '/steps/[0-9a-f-]{36}/read' | head -1 || true)
post "$STEP" -X POST
post "${STEP%read}tick" --data-urlencode "why=pale all over"
post "${STEP%read}untick" -X POST
stop
# nothing is left to be cleaned up once it is there
mv unfinished.aot ready.aot
clean_up
trap - EXIT
mv ready.aot start.aot
