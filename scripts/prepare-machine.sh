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

# The driver comes as source, and compiling it is the longest part of all. Half as hard a compiler takes a third of the time,
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

# Packages without what has to be compiled: that is done beside something else.
fetch_packages() {
  need_compiler
  npm ci --no-audit --no-fund --ignore-scripts
}

export NEXT_TELEMETRY_DISABLED=1
