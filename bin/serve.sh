#!/usr/bin/env bash
# Runs the application as it is delivered, in the process it is called in, with the cache of a start if one was made.
# usage: serve.sh FOLDER-OF-THE-APPLICATION [arguments of the application]
set -euo pipefail
cd "$1"
shift
CACHE=()
[ -f start.aot ] && CACHE=(-XX:AOTCache=start.aot)
# a heap to begin with that a start does not have to clear thirty times, and which grows as it is needed
exec java "${CACHE[@]}" -XX:+UseSerialGC -Xms192m "-Xmx${LUMKO_MEMORY:-1g}" -Dspring.aot.enabled=true -jar lumko.jar "$@"
