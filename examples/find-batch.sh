#!/bin/sh
# Prints the id of the running batch whose name has the words given. KITCHEN, TOKEN.
set -eu
: "${KITCHEN:?the kitchen's address}"
curl -fsS "$KITCHEN/api/v1/batches" ${TOKEN:+-H "authorization: Bearer $TOKEN"} |
  node -e '
    const wanted = process.argv[1].toLowerCase();
    const batches = JSON.parse(require("fs").readFileSync(0, "utf8"));
    const found = batches.find((b) => b.liftedAtMs === null && b.name.toLowerCase().includes(wanted));
    if (!found) { console.error(`no running batch has “${wanted}” in its name`); process.exit(1); }
    console.log(found.id);
  ' "${1:-}"
