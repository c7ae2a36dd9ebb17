#!/usr/bin/env bash
# Builds styles, scripts and fonts into the folder given. Installs packages only when the lock file has changed.
# usage: build.sh OUTPUT-FOLDER
set -euo pipefail
cd "$(dirname "$0")"
export OUT=$1
if ! cmp -s package-lock.json node_modules/.installed; then
  npm ci --prefer-offline --loglevel=error
  cp package-lock.json node_modules/.installed
fi
mkdir -p "$OUT"
node copy.mjs
node_modules/.bin/tailwindcss -i app.css -o "$OUT/css/app.css" --minify 2>/dev/null
