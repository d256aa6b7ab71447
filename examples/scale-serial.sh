#!/bin/sh
# Sends what a scale on a serial line shows, four times a second at most. KITCHEN, TOKEN, BATCH; the line as the first argument.
# First, once: stty -F /dev/ttyUSB0 9600 raw. Lines such as "ST,+0012.34 g" or "12.3 g"; ounces and pounds are turned to g.
set -eu
: "${KITCHEN:?}" "${BATCH:?find it with find-batch.sh}"
sed -un 's/^[^0-9+-]*\([+-]\{0,1\}\)0*\([0-9][0-9.]*\) *\(kg\|g\|oz\|lb\).*/\1\2 \3/p' "$1" |
  while read -r shown unit; do
    grams=$(echo "$shown $unit" | awk '{f["g"]=1;f["kg"]=1000;f["oz"]=28.349523;f["lb"]=453.59237; printf "%.2f", $1*f[$2]}')
    body="{\"channel\":\"scale\",\"atMs\":$(date +%s)000,\"value\":$grams}"
    curl -fsS -o /dev/null "$KITCHEN/api/v1/batches/$BATCH/samples" \
      ${TOKEN:+-H "authorization: Bearer $TOKEN"} -H 'content-type: application/json' -d "$body" || true
    sleep 0.25
  done
