#!/usr/bin/env bash
# The example kitchen, from nothing: install, build, load, start. Its data stay apart from a real kitchen's.
set -euo pipefail
cd "$(dirname "$0")/.."
source scripts/prepare-machine.sh

export DATABASE_PATH="${DATABASE_PATH:-data/demo.db}"
# A clone that is built for the first time is mostly built once; its types are looked at by `npm run check`.
[ -d .next/cache ] || export BUILD_CACHE=off
export TYPES_CHECKED=1

# Nothing is tested here: what only that needs is a good third of all packages. Where it is installed it stays.
[ -d node_modules/jest ] || export npm_config_omit=dev

stage "1 of 5: a compiler, where Debian has none here yet." need_compiler
driver_ahead >/dev/null &
driver=$!
stage "2 of 5: packages from the npm registry, and the database's driver is compiled beside. Half a minute." fetch_packages
stage "3 of 5: the pages are built. About a minute." npm run build
wait "$driver" || true
stage "4 of 5: the driver is put in place." driver_in_place
stage "5 of 5: the example kitchen is loaded. Some seconds." node .next/server/load-demo.cjs
exec bash scripts/start.sh
