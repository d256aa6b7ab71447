# What a fresh Debian machine lacks: a compiler for the database driver, and on request a browser for the tests.
# Sourced by the other scripts.

install_debian() {
  local sudo=""
  [ "$(id -u)" -eq 0 ] || sudo="sudo"
  echo "Installing Debian packages: $*"
  $sudo apt-get update -qq
  DEBIAN_FRONTEND=noninteractive $sudo apt-get install -y -qq --no-install-recommends "$@" >/dev/null
}

need_compiler() {
  local missing=()
  command -v g++ >/dev/null || missing+=(g++)
  command -v make >/dev/null || missing+=(make)
  command -v python3 >/dev/null || missing+=(python3)
  [ ${#missing[@]} -eq 0 ] || install_debian "${missing[@]}"
  # Debian's Node ships its headers here; with them the driver builds without a download.
  [ -d /usr/include/node ] && export npm_config_nodedir=/usr
  return 0
}

need_chromium() {
  command -v "${CHROMIUM_PATH:-chromium-headless-shell}" >/dev/null || install_debian chromium-headless-shell
}

# The driver may come as source, and compiling it is the longest part of all. Half as hard a compiler takes a third of the time,
# and its questions then take some two fifths longer, which no test and no demo waits for; one step down costs nothing that was
# measured. Who keeps a kitchen installs with `npm ci`, which compiles it anew.
FOR_TRYING=-O1
FOR_KITCHENS=-O2

# How hard, then what is installed with it.
compiling() {
  CFLAGS="$1" CXXFLAGS="$1" "${@:2}"
}

install_packages() {
  need_compiler
  compiling "$FOR_KITCHENS" npm ci --no-audit --no-fund
}

# What is being done and how long that takes, said before; what it took, said after. First the words, then the command.
stage() {
  local begun=$SECONDS
  printf '\n== %s\n' "$1"
  "${@:2}"
  printf '== done in %s s\n' "$((SECONDS - begun))"
}

# Packages without what has to be compiled: that is done beside.
fetch_packages() {
  npm ci --no-audit --no-fund --ignore-scripts
}

DRIVER="${TMPDIR:-/tmp}/iron-crock-driver.$$"
trap 'rm -rf "$DRIVER"' EXIT

# Fetches the driver by itself, into a folder of its own, and compiles it there while all else is still on its way.
driver_ahead() {
  local version
  version="$(node -p 'require("./package-lock.json").packages["node_modules/better-sqlite3"].version')"
  npm install --prefix "$DRIVER" --no-audit --no-fund --ignore-scripts "better-sqlite3@$version"
  compiling "$FOR_TRYING" npm rebuild --prefix "$DRIVER" better-sqlite3
}

# What was compiled ahead counts where it was made of the very files that the lock file vouches for; if not, or where that
# went wrong, it is compiled in its place.
driver_in_place() {
  local made="$DRIVER/node_modules/better-sqlite3" wanted=node_modules/better-sqlite3 driver=build/Release/better_sqlite3.node
  if ! { diff -rq -x build "$made" "$wanted" && install -D "$made/$driver" "$wanted/$driver"; }; then
    compiling "$FOR_TRYING" npm rebuild better-sqlite3
  fi
  rm -rf "$DRIVER"
}

export NEXT_TELEMETRY_DISABLED=1
