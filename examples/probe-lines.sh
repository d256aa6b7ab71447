#!/bin/sh
# Sends each number that comes in on a line as a probe's reading. KITCHEN, TOKEN, BATCH; CHANNEL (probe), UNIT (°C or °F).
# A Bluetooth probe: pipe its own command-line reader in; what is no number is skipped, a line that is lost is sent again.
set -eu
: "${KITCHEN:?}" "${BATCH:?find it with find-batch.sh}"
while read -r value; do
  case "$value" in '' | *[!0-9.-]*) continue ;; esac
  body="{\"channel\":\"${CHANNEL:-probe}\",\"atMs\":$(date +%s)000,\"value\":$value,\"unit\":\"${UNIT:-°C}\"}"
  for wait in 1 5 15 0; do
    curl -fsS -o /dev/null "$KITCHEN/api/v1/batches/$BATCH/samples" \
      ${TOKEN:+-H "authorization: Bearer $TOKEN"} -H 'content-type: application/json' -d "$body" && break
    sleep "$wait"
  done
done
