# shellcheck shell=bash
# Finds or installs the tools Nabe needs. Each complaint is one line.

# shellcheck disable=SC2034 # used by the files that source this one
DATA=${NABE_DATA:-$HERE/.nabe}
export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1

fail() {
  echo "nabe: $*" >&2
  exit 1
}

say() {
  echo "nabe: $*"
}

as_root() {
  if [ "$(id -u)" = 0 ]; then
    "$@"
  elif command -v sudo >/dev/null; then
    sudo "$@"
  else
    fail "'$*' needs root; install sudo or run it yourself."
  fi
}

apt_updated=
install() {
  command -v apt-get >/dev/null || fail "$1 is missing and there is no apt-get; install it yourself."
  say "installing $*"
  if [ -z "$apt_updated" ]; then
    as_root apt-get update -qq >/dev/null || fail "apt-get update failed: is a package registry reachable?"
    apt_updated=1
  fi
  as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "$@" >/dev/null || fail "apt-get could not install $*."
}

# The newest JDK of at least 21, from JAVA_HOME or /usr/lib/jvm.
newest_java() {
  local best='' best_major=0 home major
  for home in "${JAVA_HOME:-}" /usr/lib/jvm/*; do
    [ -x "$home/bin/javac" ] || continue
    major=$("$home/bin/javac" -version 2>&1 | sed -E 's/javac ([0-9]+).*/\1/')
    if [ "$major" -ge 21 ] && [ "$major" -gt "$best_major" ]; then best=$home best_major=$major; fi
  done
  echo "$best"
}

need_java() {
  local home
  home=$(newest_java)
  if [ -z "$home" ]; then
    install openjdk-21-jdk-headless 2>/dev/null || fail "no JDK of version 21 or newer under /usr/lib/jvm, and apt has none; install one."
    home=$(newest_java)
  fi
  [ -n "$home" ] || fail "no JDK of version 21 or newer under /usr/lib/jvm; install one."
  export JAVA_HOME=$home PATH="$home/bin:$PATH"
}

need_maven() {
  command -v mvn >/dev/null || install maven
}

need_node() {
  if ! command -v node >/dev/null || ! command -v npm >/dev/null; then install nodejs npm; fi
  local major
  major=$(node -p 'process.versions.node.split(".")[0]')
  [ "$major" -ge 20 ] || fail "node $major is too old: version 20 or newer is needed."
}

pg_bin() {
  find /usr/lib/postgresql -maxdepth 2 -name bin 2>/dev/null | sort -V | tail -n 1
}

need_postgres() {
  if [ -z "$(pg_bin)" ] || [ ! -x "$(pg_bin)/initdb" ]; then
    install postgresql
  fi
  PG=$(pg_bin)
  [ -x "$PG/initdb" ] || fail "PostgreSQL's server programs are missing; install the package postgresql."
}

need_chromium() {
  [ -x /usr/bin/chromium ] || install chromium
}

need_shellcheck() {
  command -v shellcheck >/dev/null || install shellcheck
}

free_port() {
  node -e 'const s=require("net").createServer().listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'
}

port_taken() {
  (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null
}

newer_than() {
  local stamp=$1
  shift
  [ ! -e "$stamp" ] || [ -n "$(find "$@" -newer "$stamp" -type f -not -path '*/node_modules/*' -not -path '*/target/*' -not -name schema.d.ts -print -quit)" ]
}

fetch_web_packages() {
  if newer_than web/node_modules/.package-lock.json web/package.json web/package-lock.json; then
    say "fetching the web client's packages"
    (cd web && { npm ci --no-audit --no-fund --silent 2>/dev/null || npm install --no-save --no-audit --no-fund --silent; }) || fail "npm could not fetch the web client's packages."
    touch web/node_modules/.package-lock.json
  fi
}

build_web() {
  fetch_web_packages
  if newer_than web/dist/index.html web/src web/index.html web/package-lock.json web/vite.config.ts; then
    say "building the web client"
    (cd web && npm run --silent build >"$HERE/web/build.log" 2>&1) || { tail -n 20 web/build.log >&2; fail "the web client did not build; see above."; }
  fi
}

JAR=server/target/nabe-server-0.1.0-app.jar
APP=server/target/app/nabe-server-0.1.0-app.jar

build_server() {
  local page=()
  [ ! -d web/dist ] || page=(web/dist)
  if newer_than "$APP" pom.xml core server "${page[@]}"; then
    say "building the server (the first time fetches its libraries)"
    mvn -B -q -DskipTests -pl core,server install || fail "the server did not build; see above."
    rm -rf server/target/app
    java -Djarmode=tools -jar "$JAR" extract --destination server/target/app >/dev/null || fail "the server's jar could not be unpacked."
    touch "$APP"
  fi
}

build_all() {
  need_java; need_maven; need_node
  build_web
  build_server
}
