#!/usr/bin/env bash
# The example kitchen, from nothing: install, build, load, start. Its data stay apart from a real kitchen's.
set -euo pipefail
cd "$(dirname "$0")/.."
source scripts/prepare-machine.sh

export DATABASE_PATH="${DATABASE_PATH:-data/demo.db}"
install_packages
npm run build
npx tsx scripts/load-demo.ts
exec bash scripts/start.sh
