#!/usr/bin/env bash
# The example kitchen, from nothing: install, build, load, start. Its data stay apart from a real kitchen's.
set -euo pipefail
cd "$(dirname "$0")/.."
source scripts/prepare-machine.sh

export DATABASE_PATH="${DATABASE_PATH:-data/demo.db}"
# A clone that is built for the first time is mostly built once; its types are looked at by `npm run check`.
[ -d .next/cache ] || export BUILD_CACHE=off
export TYPES_CHECKED=1

stage "1 of 4: what Debian lacks here, and packages from the npm registry. About a minute." fetch_packages
compiling "$FOR_TRYING" npm rebuild better-sqlite3 >/dev/null &
driver=$!
stage "2 of 4: the pages are built, and the database's driver is compiled beside. About a minute." npm run build
stage "3 of 4: what is left of the driver." wait "$driver"
stage "4 of 4: the example kitchen is loaded. Some seconds." npx tsx scripts/load-demo.ts
exec bash scripts/start.sh
