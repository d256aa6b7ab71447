#!/usr/bin/env bash
# Builds the image and runs it as compose.yaml does: a root that cannot be written to, no rights, one volume. Ends with an error
# where something does not hold. TOOL: podman (default) or docker. NODE_IMAGE: another base. BUILD_WITH, RUN_WITH: more flags for the tool.
set -euo pipefail
cd "$(dirname "$0")/.."
tool="${TOOL:-podman}" image="iron-crock-proof" kitchen="iron-crock-proof"
read -ra build_with <<<"${BUILD_WITH:-}"
read -ra run_with <<<"${RUN_WITH:-}"
hard=(--read-only --tmpfs /tmp --cap-drop ALL --security-opt no-new-privileges -v "$kitchen:/kitchen" "${run_with[@]}")

say() { printf '%s %s\n' "$(date +%T)" "$*"; }
fail() { say "Does not hold: $*" >&2 && exit 1; }
gone() { "$tool" rm -f "$kitchen" && "$tool" volume rm "$kitchen"; }
log="$(mktemp)"
trap 'rm -f "$log"; gone >/dev/null 2>&1 || true' EXIT
gone >/dev/null 2>&1 || true
# What the kitchen in the container answers to a path: the status, or nothing where nobody answers.
status() { "$tool" exec "$kitchen" node -e "fetch('http://127.0.0.1:3000$1').then(r => console.log(r.status), () => {})" 2>/dev/null; }
start() {
  "$tool" run -d --name "$kitchen" "${hard[@]}" "$image" >/dev/null
  for _ in $(seq 100); do [ "$(status /api/ready)" = 200 ] && return; sleep 0.2; done
  "$tool" logs "$kitchen" >&2
  fail "it is not ready after its time"
}

say "Building"
format=()
# Podman's own format knows no health check.
[ "$tool" = docker ] || format=(--format docker)
"$tool" build "${format[@]}" "${build_with[@]}" --build-arg "NODE_IMAGE=${NODE_IMAGE:-node:20-bookworm-slim}" \
  -f deploy/Containerfile -t "$image" . >"$log" 2>&1 || { tail -n 40 "$log" >&2; fail "it does not build"; }

say "Open to all without a passphrase: must not start"
if "$tool" run --rm "${hard[@]}" "$image" 2>/dev/null; then fail "it started"; fi
say "With one it must"
echo "prove-this-kitchen" | "$tool" run --rm -i "${hard[@]}" "$image" bash scripts/passphrase.sh
start
[ "$(status /api/v1/formulas)" = 401 ] || fail "a stranger is let in"
[ "$("$tool" exec "$kitchen" id -un)" = node ] || fail "it runs as somebody else than node"
if "$tool" exec "$kitchen" sh -c 'command -v g++ gcc cc make'; then fail "a compiler is in it"; fi
[ "$("$tool" exec "$kitchen" stat -c %a /kitchen/kitchen.db)" = 600 ] || fail "the database is readable by others"
if "$tool" exec "$kitchen" touch /app/written 2>/dev/null; then fail "what it runs can be written to"; fi
check="$("$tool" image inspect "$image" --format '{{json .Config.Healthcheck.Test}}')"
"$tool" exec "$kitchen" node -e "$(node -p "JSON.parse(process.argv[1]).at(-1)" "$check")" || fail "its health check finds it ill"
say "$("$tool" image inspect "$image" --format '{{.Size}}' | numfmt --to=si)B in all, base and everything"

say "Stopping it: within five seconds"
before=$(date +%s)
"$tool" stop -t 10 "$kitchen" >/dev/null
[ $(($(date +%s) - before)) -le 5 ] || fail "it took longer to stop"
say "Another one on the same volume knows the passphrase"
"$tool" rm "$kitchen" >/dev/null
start
[ "$(status /api/v1/formulas)" = 401 ] || fail "the volume was not kept"
say "All holds"
