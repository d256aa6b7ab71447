#!/usr/bin/env bash
# Starts the built server. HOST (default loopback), PORT (default 3000), DATABASE_PATH (default data/kitchen.db).
set -euo pipefail
cd "$(dirname "$0")/.."

if [ ! -f .next/BUILD_ID ]; then
  echo "Not built yet. Run: npm ci && npm run build" >&2
  exit 1
fi
exec npx next start -H "${HOST:-127.0.0.1}" -p "${PORT:-3000}"
