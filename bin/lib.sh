# Shared by bin/demo and bin/test: what both need of the machine, and how both build.

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1

refuse() {
  echo "$1" >&2
  exit 1
}

need_tools() {
  command -v java >/dev/null && command -v javac >/dev/null ||
    refuse "A JDK 17 is missing: install the package openjdk-17-jdk-headless."
  local java_major
  java_major=$(java -version 2>&1 | sed -n 's/.*version "\([0-9]*\).*/\1/p' | head -n 1)
  [ "${java_major:-0}" -ge 17 ] || refuse "Java ${java_major:-of an unknown version} is too old: a JDK 17 or newer is needed."
  command -v mvn >/dev/null || refuse "Maven is missing: install the package maven."
  command -v node >/dev/null && command -v npm >/dev/null || refuse "Node 20 with npm is missing: install it first."
  local node_major
  node_major=$(node -p 'process.versions.node.split(".")[0]')
  [ "$node_major" -ge 20 ] || refuse "Node $node_major is too old: Node 20 or newer is needed."
}

jar_file() {
  echo "$root/server/target/server-0.1.0-exec.jar"
}

app=$root/server/target/app
built=$app/server-0.1.0-exec.jar

stale() {
  [ ! -f "$built" ] || [ -n "$(cd "$root" && find pom.xml core/pom.xml core/src/main web/pom.xml web/package-lock.json \
    web/index.html web/src web/public contract standin/pom.xml standin/src/main server/pom.xml server/src/main \
    -newer "$built" -type f ! -name schema.d.ts ! -name '*.test.ts' -print -quit)" ]
}

# Builds what is missing or out of date. Unpacked, and with a class archive made by a trial start, it answers in seconds.
build_app() {
  stale || return 0
  echo "Building Barrowmist; this takes a few minutes the first time…"
  (cd "$root" && mvn -B -ntp -q -DskipTests -Dweb.check.skip=true -Dspotless.check.skip=true \
    -pl core,standin,web,server package)
  rm -rf "$app"
  java -Djarmode=tools -jar "$(jar_file)" extract --destination "$app"
  local trial
  trial=$(mktemp -d)
  BARROWMIST_DATA=$trial java -XX:ArchiveClassesAtExit="$app/classes.jsa" -Dspring.context.exit=onRefresh \
    -jar "$built" >/dev/null 2>&1 || true
  rm -rf "$trial"
  touch "$built"
}
