#!/usr/bin/env bash
# Everything that must hold before a change lands: install, lint, types, unit tests, build, end-to-end tests.
set -euo pipefail
cd "$(dirname "$0")/.."
source scripts/prepare-machine.sh

# What has to wait for something slow runs beside something else: a browser from Debian and the compiling of the database
# driver while packages are installed, the text is looked at and the build begun. Unit tests take one core at most and go first;
# end-to-end tests, which can use all there are, take what is left and then the whole.
need_compiler
need_chromium &
browser=$!
driver_ahead &
driver=$!
fetch_packages
npm run types &
types=$!
npm run lint
wait "$types"
npm run -s verify-cases -- src/core/check-cases/given.json | tail -n 1
# A clone that is built for the first time is mostly built once.
[ -d .next/cache ] || export BUILD_CACHE=off
TYPES_CHECKED=1 npm run build &
build=$!
# What opens a kitchen has to wait for the driver; a build does not.
wait "$driver" || true
driver_in_place

units="$(mktemp)"
npm run test >"$units" 2>&1 &
unit_tests=$!
wait "$build"
wait "$browser"
ends="$(mktemp)"
nice -n 5 npm run e2e 2>&1 | tee "$ends" || failed=1

wait "$unit_tests" || failed=1
cat "$units"
# Said once more where a log is read first: its end.
echo "End-to-end tests, as they ended:"
tail -n 60 "$ends"
exit "${failed:-0}"
