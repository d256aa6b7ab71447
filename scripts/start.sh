#!/usr/bin/env bash
# Starts the built server. HOST (default loopback), PORT (default 3000), DATABASE_PATH (default data/kitchen.db).
set -euo pipefail
cd "$(dirname "$0")/.."

host="${HOST:-127.0.0.1}"
if [ ! -f .next/BUILD_ID ]; then
  echo "Not built yet. Run: npm ci && npm run build" >&2
  exit 1
fi
case "$host" in
  127.* | localhost | ::1) ;;
  *)
    if [ ! -f "${DATABASE_PATH:-data/kitchen.db}.door.json" ]; then
      echo "Not started: on $host anybody on the network could come in, and this kitchen has no passphrase." >&2
      echo "Set one with: npm run passphrase" >&2
      exit 1
    fi
    ;;
esac
# A connection stands unused for longer than a proxy keeps one (two minutes are usual): closed here just when something is
# sent over it, that would be lost.
exec node node_modules/next/dist/bin/next start -H "$host" -p "${PORT:-3000}" --keepAliveTimeout 150000
