#!/usr/bin/env bash
# A private PostgreSQL cluster of this project, on loopback, with a password made when it is set up.
# usage: postgres.sh start|stop|status|env|destroy
#   LUMKO_PG_DIR        data, log and password (default: .lumko/postgres beside this folder, ignored by git)
#   LUMKO_PG_THROWAWAY  set to 1 for tests: fast and not durable
# As root every server command runs as the unprivileged user "postgres".
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
DIR=${LUMKO_PG_DIR:-$ROOT/.lumko/postgres}
OWNER=postgres
DB=lumko
ROLE=lumko
umask 077

BIN=$(find /usr/lib/postgresql -maxdepth 2 -name bin 2>/dev/null | sort -V | tail -1 || true)
[ -x "$BIN/initdb" ] || { echo "PostgreSQL's server is missing: apt-get install -y postgresql" >&2; exit 3; }

# cd /: the unprivileged user may not be able to read the caller's folder
if [ "$(id -u)" = 0 ]; then
  id "$OWNER" >/dev/null 2>&1 || useradd --system --shell /bin/sh "$OWNER"
  as() { (cd / && exec runuser -u "$OWNER" -- env -u PGDATA -u PGHOST -u PGPORT -u PGUSER LC_ALL=C.UTF-8 "$@"); }
else
  as() { (cd / && exec env -u PGDATA -u PGHOST -u PGPORT -u PGUSER LC_ALL=C.UTF-8 "$@"); }
fi

# The unprivileged user must reach the folder. Below a parent closed to it (root's own home, a private work tree) the data
# goes to /var/tmp and the folder becomes a link.
prepare_dir() {
  if [ -L "$DIR" ] && [ ! -e "$DIR" ]; then rm -f "$DIR"; fi
  mkdir -p "$(dirname "$DIR")"
  if [ "$(id -u)" != 0 ]; then
    mkdir -p "$DIR"
  elif as test -x "$(dirname "$DIR")"; then
    [ -d "$DIR" ] || install -d -m 700 -o "$OWNER" "$DIR"
  else
    local elsewhere
    elsewhere=/var/tmp/lumko-$(printf %s "$DIR" | cksum | cut -d' ' -f1)
    [ -d "$elsewhere" ] || install -d -m 700 -o "$OWNER" "$elsewhere"
    [ -e "$DIR" ] || ln -s "$elsewhere" "$DIR"
  fi
}
real() { readlink -m "$DIR"; } # also of what is not there yet
free_port() {
  local port
  for _ in $(seq 50); do
    port=$((RANDOM % 20000 + 30000))
    (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null || { echo "$port"; return; }
  done
  return 1
}
# The socket's folder is made under a name that nobody can foresee, and remembered beside the data. Its path is short because
# a socket's may have 107 bytes at most, file name included. What is remembered is used only if it is still ours alone.
is_ours() { [ -n "$1" ] && [ ! -L "$1" ] && [ -d "$1" ] && [ "$(stat -c '%U %a' "$1")" = "$(as id -un) 700" ]; }
sockets() {
  local dir=$1 folder
  folder=$(as cat "$dir/sockets" 2>/dev/null || true)
  if ! is_ours "$folder"; then
    folder=$(as mktemp -d /tmp/lumko-XXXXXXXX)
    as chmod 700 "$folder"
    is_ours "$folder" || { echo "the socket's folder $folder is not ours alone" >&2; exit 1; }
    printf '%s\n' "$folder" | as tee "$dir/sockets" >/dev/null
  fi
  printf '%s\n' "$folder"
}
# On the socket only the user of the server itself gets in, and only as the superuser; anybody else signs in by password.
who_gets_in() {
  local data=$1
  printf 'lumko %s postgres\n' "$(as id -un)" | as tee "$data/pg_ident.conf" >/dev/null
  as tee "$data/pg_hba.conf" >/dev/null <<'HBA'
local all postgres              peer map=lumko
host  all all      127.0.0.1/32 scram-sha-256
HBA
}
pidline() { sed -n "$1p" "$(real)/data/postmaster.pid"; } # 1 pid, 4 port, 5 socket folder
# not 'pg_ctl status': it takes a killed server that nobody has reaped for a running one
running() { [ -f "$(real)/data/postmaster.pid" ] && "$BIN/pg_isready" -q -t 5 -h "$(pidline 5)" -p "$(pidline 4)"; }

init() {
  local data=$1/data
  head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n' | as tee "$1/password" >/dev/null
  as "$BIN/initdb" -D "$data" -U postgres -E UTF8 --locale=C.UTF-8 --auth-local=peer --auth-host=scram-sha-256 --no-sync >/dev/null
  as tee -a "$data/postgresql.conf" >/dev/null <<CONF
listen_addresses = '127.0.0.1'
password_encryption = scram-sha-256
shared_buffers = 128MB
max_connections = 100
CONF
  if [ "${LUMKO_PG_THROWAWAY:-}" = 1 ]; then
    as tee -a "$data/postgresql.conf" >/dev/null <<CONF
fsync = off
synchronous_commit = off
full_page_writes = off
CONF
  fi
}

start() {
  prepare_dir
  local dir port socket ok=
  dir=$(real)
  as test -f "$dir/data/PG_VERSION" || init "$dir"
  if ! running; then
    if [ -f "$dir/data/postmaster.pid" ]; then # left by a killed server
      # its locks name a process that is gone, or that nobody has reaped and that looks alive to the next server
      case "$(ps -o stat= -p "$(pidline 1)" 2>/dev/null || true)" in
        '' | Z*)
          socket=$(as cat "$dir/sockets" 2>/dev/null || true)
          if is_ours "$socket"; then rm -f "$socket"/.s.PGSQL.*; fi
          rm -f "$dir/data/postmaster.pid"
          ;;
      esac
    fi
    socket=$(sockets "$dir")
    who_gets_in "$dir/data"
    for try in 1 2 3 4 5; do
      # the port it had before, so that an application that is still running finds it again
      port=$(as cat "$dir/port" 2>/dev/null || true)
      # it may be some moments until what a killed server left lets go of it
      if [ -z "$port" ] || [ "$try" -gt 3 ]; then port=$(free_port); fi
      if as "$BIN/pg_ctl" -D "$dir/data" -l "$dir/log" -w -t 30 -o "-p $port -k $socket" start >/dev/null </dev/null; then
        ok=1
        echo "$port" | as tee "$dir/port" >/dev/null
        break
      fi
      grep -q 'Address already in use\|pre-existing shared memory' "$dir/log" || break
      sleep 1
    done
    [ -n "$ok" ] || { tail -20 "$dir/log" >&2; exit 1; }
  fi
  port=$(pidline 4)
  socket=$(pidline 5)
  sql() { as "$BIN/psql" -h "$socket" -p "$port" -U postgres -v ON_ERROR_STOP=1 -qAt "$@"; }
  # the password goes in through a pipe: arguments of a command can be read by everybody on the machine
  [ -n "$(sql -d postgres -c "select 1 from pg_roles where rolname = '$ROLE'")" ] ||
    printf "create role $ROLE login createdb password '%s'" "$(as cat "$dir/password")" | sql -d postgres
  [ -n "$(sql -d postgres -c "select 1 from pg_database where datname = '$DB'")" ] ||
    sql -d postgres -c "create database $DB owner $ROLE"
}

print_env() {
  running || { echo "not running" >&2; exit 3; }
  echo "export SPRING_DATASOURCE_URL=jdbc:postgresql://127.0.0.1:$(pidline 4)/$DB SPRING_DATASOURCE_USERNAME=$ROLE SPRING_DATASOURCE_PASSWORD=$(as cat "$(real)/password")"
}

stop() {
  if running; then as "$BIN/pg_ctl" -D "$(real)/data" -m fast -w stop >/dev/null; fi
  local folder
  folder=$(as cat "$(real)/sockets" 2>/dev/null || true)
  if is_ours "$folder"; then rm -rf "$folder"; fi
}

case "${1:-start}" in
  start) start && print_env ;;
  stop) stop ;;
  status) if running; then echo running; else echo stopped; exit 3; fi ;;
  env) print_env ;;
  destroy) stop; dir=$(real); rm -rf "$dir"; rm -f "$DIR" ;;
  *) echo "usage: $0 start|stop|status|env|destroy" >&2; exit 2 ;;
esac
