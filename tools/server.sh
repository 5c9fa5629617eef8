# shellcheck shell=bash
# Starts and stops Nabe's server, and measures it.

PORT=${NABE_PORT:-8080}
PID_FILE=$DATA/server.pid

ARCHIVE=$HERE/server/target/app/nabe.cache

running() {
  [ -s "$PID_FILE" ] && tr '\0' ' ' <"/proc/$(cat "$PID_FILE")/cmdline" 2>/dev/null | grep -q "nabe-server"
}

stop_server() {
  if running; then
    kill "$(cat "$PID_FILE")"
    # It answers what it was asked before it goes.
    for _ in $(seq 250); do running || break; sleep 0.1; done
    ! running || kill -9 "$(cat "$PID_FILE")"
  fi
  rm -f "$PID_FILE"
}

JAVA_FLAGS=(-XX:+UseSerialGC -Xmx160m -XX:+UseCompactObjectHeaders -XX:TieredStopAtLevel=4 -XX:+IgnoreUnrecognizedVMOptions --enable-native-access=ALL-UNNAMED)

# From JDK 25 an ahead-of-time cache (loaded classes and which methods ran often), before it a class archive.
keeping() {
  if java -XX:+PrintFlagsFinal -version 2>/dev/null | grep -q AOTCacheOutput; then echo "AOTCacheOutput AOTCache"; else echo "ArchiveClassesAtExit SharedArchiveFile"; fi
}

# Runs the application once up to its first breath and keeps what it loaded for later starts: half the time.
train() {
  [ -e "$ARCHIVE" ] && [ "$ARCHIVE" -nt "$APP" ] && return
  say "making later starts quick"
  local flag
  read -r flag _ < <(keeping)
  NABE_PORT=0 NABE_DB_URL="jdbc:postgresql://127.0.0.1:$DB_PORT/nabe" NABE_DB_PASSWORD="$(db_password)" java "${JAVA_FLAGS[@]}" "-XX:$flag=$ARCHIVE" \
    -Dspring.context.exit=onRefresh -jar "$HERE/$APP" >"$DATA/train.log" 2>&1 || rm -f "$ARCHIVE"
}

launch() {
  mkdir -p "$DATA"
  train
  local archive=() flag
  read -r _ flag < <(keeping)
  [ ! -e "$ARCHIVE" ] || archive=("-XX:$flag=$ARCHIVE")
  NABE_PORT=$PORT NABE_DB_URL="jdbc:postgresql://127.0.0.1:$DB_PORT/nabe" NABE_DB_PASSWORD="$(db_password)" \
    NABE_DEMO=${NABE_DEMO:-false} NABE_LOG="$DATA/server.log" NABE_MANAGEMENT_PORT=${NABE_MANAGEMENT_PORT:-$(free_port)} \
    MALLOC_ARENA_MAX=2 setsid nohup java "${JAVA_FLAGS[@]}" "${archive[@]}" -jar "$HERE/$APP" >"$DATA/start.log" 2>&1 </dev/null &
  echo $! >"$PID_FILE"
  echo "$DB_PORT" >"$DATA/db-port"
  for _ in $(seq 300); do
    if curl -fs -o /dev/null "http://127.0.0.1:$PORT${READY:-/}"; then return; fi
    kill -0 "$(cat "$PID_FILE")" 2>/dev/null || { tail -n 5 "$DATA/start.log" >&2; fail "the server did not start; its log is $DATA/start.log."; }
    sleep 0.1
  done
  fail "the server did not answer within 30 s; its log is $DATA/server.log."
}

serve() {
  command -v curl >/dev/null || install curl
  if running && ! newer_than "$APP" pom.xml core/src server/src web/src; then
    start_database
    if [ "$(cat "$DATA/db-port" 2>/dev/null)" = "$DB_PORT" ]; then
      say "already running at http://127.0.0.1:$PORT (./nabe stop ends it)"
      return
    fi
  fi
  stop_server
  # A killed server lets go of its port within a moment.
  for _ in $(seq 20); do port_taken "$PORT" || break; sleep 0.1; done
  ! port_taken "$PORT" || fail "port $PORT is taken; set NABE_PORT to another, as in: NABE_PORT=8090 ./nabe demo"
  build_all
  start_database
  launch
  say "ready at http://127.0.0.1:$PORT"
  say "stop it with ./nabe stop"
}

# The description of the API, taken from a running server, for the web client's types.
write_openapi() {
  need_java; need_maven; need_node
  build_server
  start_database
  PORT=$(free_port) PID_FILE=$DATA/openapi.pid READY=/api/openapi
  launch
  mkdir -p web/src/api
  curl -fs "http://127.0.0.1:$PORT/api/openapi" | node -e 'let s="";process.stdin.on("data",d=>s+=d).on("end",()=>console.log(JSON.stringify(JSON.parse(s),null,1)))' >web/src/api/openapi.json
  stop_server
  say "wrote web/src/api/openapi.json"
}

test_totals() {
  node - <<'JS'
const fs=require("fs");let run=0,bad=0,skip=0;
for(const m of ["core","server","journeys"]){const d=m+"/target/surefire-reports";
 if(!fs.existsSync(d))continue;
 for(const f of fs.readdirSync(d).filter(f=>f.endsWith(".xml"))){
  const h=fs.readFileSync(d+"/"+f,"utf8").match(/<testsuite [^>]*>/)[0];
  const n=k=>Number((h.match(new RegExp(" "+k+'="(\\d+)"'))||[0,0])[1]);
  run+=n("tests");bad+=n("failures")+n("errors");skip+=n("skipped");}}
const f="core/target/site/jacoco/jacoco.csv";
if(fs.existsSync(f)){
 let miss=0,hit=0;
 for(const r of fs.readFileSync(f,"utf8").trim().split("\n").slice(1)){const c=r.split(",");miss+=+c[7];hit+=+c[8];}
 console.log(`core: ${(100*hit/(hit+miss)).toFixed(1)} % of lines reached by its own tests (core/target/site/jacoco)`);}
console.log(`${run-bad-skip} passed, ${bad} failed${skip?`, ${skip} skipped`:""}`);
JS
}

# The twenty tests that took longest.
slowest() {
  node - <<'JS'
const fs=require("fs");const all=[];
for(const m of ["core","server","journeys"]){const d=m+"/target/surefire-reports";
 if(!fs.existsSync(d))continue;
 for(const f of fs.readdirSync(d).filter(f=>f.endsWith(".xml")))
  for(const t of fs.readFileSync(d+"/"+f,"utf8").matchAll(/<testcase ([^>]*)>/g)){
   const of=k=>(t[1].match(new RegExp("(?:^| )"+k+'="([^"]*)"'))||["",""])[1];
   all.push([Number(of("time").replace(",","")),of("classname").replace(/.*\./,"")+" "+of("name")]);}}
all.sort((a,b)=>b[0]-a[0]).slice(0,20).forEach(([s,n])=>console.log(`${s.toFixed(1).padStart(7)} s  ${n.slice(0,100)}`));
JS
}

BENCH='bench/target/nabe-bench-0.1.0.jar:bench/target/lib/*'

bench() {
  need_java; need_maven; need_node
  build_all
  mvn -B -q -DskipTests -pl bench -am install || fail "the bench did not build."
  start_database
  stop_server
  PORT=$(free_port)
  local begin end
  train
  begin=$(date +%s%N)
  NABE_DEMO=true launch
  end=$(date +%s%N)
  echo "start to first page                 $(((end - begin) / 1000000)) ms (wanted under 8000)"
  java -cp "$BENCH" nabe.bench.HttpBench "http://127.0.0.1:$PORT" "$(cat "$PID_FILE")"
  java -cp "$BENCH" nabe.bench.MealBench "http://127.0.0.1:$PORT" "$(cat "$PID_FILE")"
  node tools/page-weight.mjs web/dist
  stop_server
  say "core alone (JMH, about a minute)"
  local keep use
  read -r keep use < <(keeping)
  rm -f "$DATA/cold.cache"
  java -XX:+UseSerialGC "-XX:$keep=$DATA/cold.cache" -cp "$BENCH" nabe.bench.ColdBench >"$DATA/train.log" 2>&1
  java -cp "$BENCH" org.openjdk.jmh.Main -e ColdBench -rf text -rff "$DATA/jmh.txt" >"$DATA/jmh.log" 2>&1 || fail "JMH failed; see $DATA/jmh.log."
  java -cp "$BENCH" org.openjdk.jmh.Main ColdBench -jvmArgsAppend "-XX:+UseSerialGC -XX:$use=$DATA/cold.cache" -rf text -rff "$DATA/cold.txt" >>"$DATA/jmh.log" 2>&1 ||
    fail "JMH failed; see $DATA/jmh.log."
  grep -hE '^Benchmark|:p0.50|:p0.99 |Cold' "$DATA/jmh.txt" "$DATA/cold.txt"
  say "kill -9 on server or database while four clients write, 50 rounds"
  tools/durability.sh 50
}
