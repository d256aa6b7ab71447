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

install_packages() {
  need_compiler
  npm ci --no-audit --no-fund
}

export NEXT_TELEMETRY_DISABLED=1
