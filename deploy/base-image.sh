#!/usr/bin/env bash
# Where no image registry is reachable: makes the image that the container file begins with, laid out as the public one is, from
# Debian's packages and the Node of this machine. As root; needs debootstrap and buildah. Other files to lay over it: OVERLAY.
#   bash deploy/base-image.sh localhost/node-bookworm
set -euo pipefail
name="${1:?a name for the image, such as localhost/node-bookworm}"
root="$(mktemp -d)"
trap 'rm -rf "$root"' EXIT

node="$(dirname "$(dirname "$(readlink -f "$(command -v node)")")")"
debootstrap --variant=minbase --include=ca-certificates bookworm "$root" >/dev/null
mkdir -p "$root/usr/local/lib/node_modules" "$root/usr/local/include"
cp "$node/bin/node" "$root/usr/local/bin/"
cp -r "$node/lib/node_modules/npm" "$root/usr/local/lib/node_modules/"
cp -r "$node/include/node" "$root/usr/local/include/"
ln -s ../lib/node_modules/npm/bin/npm-cli.js "$root/usr/local/bin/npm"
ln -s ../lib/node_modules/npm/bin/npx-cli.js "$root/usr/local/bin/npx"
chroot "$root" groupadd --gid 1000 node
chroot "$root" useradd --uid 1000 --gid node --shell /bin/bash --create-home node
[ -z "${OVERLAY:-}" ] || cp -r "$OVERLAY/." "$root/"

made="$(buildah from scratch)"
buildah add --quiet "$made" "$root" / >/dev/null
buildah config --cmd node "$made"
buildah commit --quiet --rm "$made" "$name" >/dev/null
echo "$name"
