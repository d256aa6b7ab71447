#!/usr/bin/env bash
# Everything that must hold before a change lands: install, lint, types, unit tests, build, end-to-end tests.
set -euo pipefail
cd "$(dirname "$0")/.."
source scripts/prepare-machine.sh

install_packages
need_chromium
npm run lint
npm run types
npm run test
npm run -s verify-cases -- src/core/check-cases/given.json | tail -n 1
npm run build
npm run e2e
