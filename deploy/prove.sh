#!/usr/bin/env bash
# Goes through the container file's steps without a container: builds from a clean copy, keeps only what the image keeps, and
# runs that as nobody's root. Says what it found; ends with an error where a step does not hold.
set -euo pipefail
cd "$(dirname "$0")/.."
work="$(mktemp -d)"
trap 'rm -rf "$work"' EXIT
chmod 755 "$work"
port="${PORT:-3977}"

say() { printf '%s %s\n' "$(date +%T)" "$*"; }

say "Building from a clean copy of what is committed"
mkdir "$work/build" && git archive HEAD | tar -x -C "$work/build"
(cd "$work/build" && source scripts/prepare-machine.sh && install_packages >/dev/null && npm run build >/dev/null && npm prune --omit=dev >/dev/null)

say "Keeping what the image keeps"
app="$work/app" kitchen="$work/kitchen"
mkdir "$app" "$kitchen"
# The very lines of the container file, so that the two cannot part.
sed -n 's/^COPY --from=build --chown=root:root //p' deploy/Containerfile | while read -r line; do
  read -ra paths <<<"$line"
  for ((i = 0; i < ${#paths[@]} - 1; i++)); do cp -a "$work/build/${paths[i]#/app/}" "$app/"; done
done
rm -rf "$app/.next/cache"
say "$(du -sh "$app" | cut -f1) in all"

as=()
if [ "$(id -u)" -eq 0 ]; then chown nobody "$kitchen" && as=(setpriv --reuid=nobody --clear-groups); fi
run() { (cd "$app" && env HOME="$kitchen" DATABASE_PATH="$kitchen/kitchen.db" HOST=0.0.0.0 PORT="$port" NODE_ENV=production "${as[@]}" "$@"); }

say "Open to all without a passphrase: must not start"
if run bash scripts/start.sh 2>/dev/null; then echo "It started." >&2 && exit 1; fi
say "With one it must"
echo "prove-this-kitchen" | run bash scripts/passphrase.sh
run bash scripts/start.sh >"$work/log" 2>&1 &
server=$!
for _ in $(seq 100); do
  curl -fsS "http://127.0.0.1:$port/api/ready" 2>/dev/null && break
  sleep 0.2
done
echo
[ "$(curl -s -o /dev/null -w '%{http_code}' "http://127.0.0.1:$port/api/v1/formulas")" = 401 ]
[ "$(stat -c %a "$kitchen/kitchen.db")" = 600 ] || { echo "The database is readable by others." >&2 && exit 1; }
say "Stopping it: within five seconds"
pkill -TERM -P "$server" || kill -TERM "$server"
for _ in $(seq 50); do curl -fsS "http://127.0.0.1:$port/api/alive" >/dev/null 2>&1 || break; sleep 0.1; done
! curl -fsS "http://127.0.0.1:$port/api/alive" >/dev/null 2>&1
say "All steps hold"
