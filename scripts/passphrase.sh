#!/usr/bin/env bash
# Asks for this kitchen's passphrase without showing it, and sets it.
set -euo pipefail
cd "$(dirname "$0")/.."
passphrase=""
if [ -t 0 ]; then
  read -r -s -p "Passphrase (at least 10 characters): " passphrase && echo
  read -r -s -p "Once more: " again && echo
  [ "$passphrase" = "$again" ] || { echo "The two differ; nothing was changed." >&2; exit 1; }
else
  read -r passphrase
fi
printf '%s\n' "$passphrase" | npx tsx scripts/passphrase.ts
