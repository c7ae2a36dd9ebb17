# For scripts that use the application as a browser does: sourced, with WORK (a folder of their own) and PORT set.

await_app() { # PID LOG
  until curl -fsS -o /dev/null "http://127.0.0.1:$PORT/actuator/health/readiness" 2>/dev/null; do
    kill -0 "$1" 2>/dev/null || { tail -5 "$2" >&2; return 1; }
    sleep 0.2
  done
}
get() { curl -fsS -b "$WORK/cookies" -c "$WORK/cookies" "http://127.0.0.1:$PORT$1"; }
# the token of a page, for what is posted from it
token() { sed -n 's/.*name="csrf" content="\([^"]*\)".*/\1/p' | head -1; }
enter_demo() { # as whom
  local form
  form=$(get /login | sed -n 's/.*name="_csrf" value="\([^"]*\)".*/\1/p' | head -1)
  curl -fsS -o /dev/null -b "$WORK/cookies" -c "$WORK/cookies" --data-urlencode "_csrf=$form" -d "login=$1" "http://127.0.0.1:$PORT/demo/enter"
}
