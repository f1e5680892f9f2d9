# Figures, measured in one run in an instance of their own, and written into docs/performance.md.
# Recording after what needs no database: what seeding has left to be written out must not be measured with it.
BENCH_PARTS=(seed core arithmetic script record enter load library boards crib)

verb_bench() {
  local parts=("$@") part
  [ $# -gt 0 ] || parts=("${BENCH_PARTS[@]}")
  for part in "${parts[@]}"; do
    case " ${BENCH_PARTS[*]} walk faults attack lives " in *" $part "*) ;; *) die "There is nothing to measure called \"$part\": ${BENCH_PARTS[*]}, walk, faults, attack or lives." ;; esac
  done
  if [ "${parts[*]}" = faults ]; then
    TEKKAL_KILLS=${TEKKAL_KILLS:-200} verb_test faults
    return
  fi
  if [ "${parts[*]}" = attack ]; then
    bench_attack
    return
  fi
  if [ "${parts[*]}" = lives ]; then
    php_libraries
    php -d memory_limit=2G tests/Bench/lives.php "${TEKKAL_LIVES:-3000}"
    return
  fi
  check_machine
  debian_packages "${DEBIAN_NEEDS[@]}" php8.2-curl chromium
  php_libraries
  front_end
  settle_service_user may-be-root
  BENCH_OUT=$ROOT/var/log/bench
  mkdir -p "$BENCH_OUT"
  export BENCH_OUT
  trap 'lower >/dev/null 2>&1 || true' EXIT
  bench_instance
  for part in "${parts[@]}"; do "bench_$part"; done
  php tests/Bench/report.php "$BENCH_OUT" docs/performance.md
}

# Every procedure that ships, one call after another, in Chromium.
bench_walk() {
  mkdir -p "${JUNIT:=$ROOT/var/log/junit}"
  walk_procedures all
  close_tests
}

# Bad input for some minutes, walls, and every tampering; what is found ends it with status 1.
bench_attack() {
  export TEKKAL_ATTACK_SECONDS=${TEKKAL_ATTACK_SECONDS:-300}
  (FAULTS_ONLY='AttackTest|WallsTest' verb_test faults) || FAILED=1
  (FEATURES_ONLY='TamperTest|RightsTest|OddInputTest|UnreadableTest|SignInTest' verb_test feature) || FAILED=1
  exit $FAILED
}

# The demo as it stands plus 9,000 generated results; how long that takes is the first figure.
bench_instance() {
  local began
  use_instance "$ROOT/var/bench" tekkal tekkal_app
  lower
  rm -rf "$V"
  make_folders
  write_env "$(free_port)" true TEKKAL_BENCH=true TEKKAL_GENERATED_RESULTS=9000 ARGON_MEMORY=1024 ARGON_TIME=1
  raise_database
  slow "Tables and rights" migrate_and_grant
  sql "$DB_NAME" -e 'CREATE TABLE bare_inserts (id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY, body BLOB NOT NULL)'
  owner_artisan tekkal:grant >/dev/null
  owner_artisan tekkal:rebuild --differing >/dev/null
  began=$(date +%s%N)
  slow "Demo and 9,000 results" artisan db:seed --class=DemoSeeder --force
  printf '{"seconds": %d.%03d}\n' $((($(date +%s%N) - began) / 1000000000)) $((($(date +%s%N) - began) / 1000000 % 1000)) >"$BENCH_OUT/seed.json.new"
  finish_raise
}

bench_seed() { mv "$BENCH_OUT/seed.json.new" "$BENCH_OUT/seed.json"; }
bench_record() {
  BENCH_DSN="mysql:host=127.0.0.1;port=$(setting DB_PORT);dbname=$DB_NAME" BENCH_USER=$(setting DB_USERNAME) BENCH_PASSWORD=$(setting DB_PASSWORD) \
    slow "Recording, and what the way to it costs" measure record php tests/Bench/record.php "$(address)"
}
bench_core() {
  slow "Expansion and replay" measure core php -d opcache.enable_cli=1 tests/Bench/core.php
  slow "Without PHP's cycle collector" measure core-uncollected php -d opcache.enable_cli=1 -d zend.enable_gc=0 tests/Bench/core.php
}
bench_arithmetic() { slow "Plausibility, curves, look-back" measure arithmetic php -d opcache.enable_cli=1 tests/Bench/arithmetic.php; }
bench_script() { slow "Script of the first load" measure script node tests/Bench/script.mjs; }
bench_load() { slow "40 benches for a minute" measure load php tests/Bench/load.php "$(address)"; }
bench_enter() { BASE_URL=$(address) slow "From Enter to the next step" npx playwright test --workers 1 --grep @bench; }

bench_boards() {
  # BENCH_OPEN: so many engines at work.
  export BENCH_OPEN=${BENCH_OPEN:-600}
  slow "An engine of 500 results, one of 5,000, $BENCH_OPEN at work" artisan db:seed --class='Tests\Bench\BoardsSeeder' --force
  slow "Board and audit sheets" measure boards php tests/Bench/boards.php "$(address)" "$BENCH_OPEN"
}
# A database of millions of results, of which one tool has 20,000.
bench_crib() {
  local results=${TEKKAL_BENCH_RESULTS:-5000000} worker
  slow "$results results" sql "$DB_NAME" -e "$(sed "s/RESULTS/$results/" tests/Bench/crib.sql)"
  worker=$(pgrep -f "artisan queue:work" -u "$SERVICE_USER" | while read -r pid; do grep -qsz "^TEKKAL_VAR=$V" "/proc/$pid/environ" && echo "$pid"; done | head -1)
  slow "A tool of 20,000 results fails" measure crib php tests/Bench/crib.php "$(address)" "$results" "$worker"
}
bench_library() { slow "2,000 procedures, list, search, comparison" measure library php tests/Bench/library.php "$(address)"; }

address() { printf 'http://127.0.0.1:%s' "$(setting TEKKAL_PORT)"; }
measure() { # name command…
  local name=$1
  shift
  "$@" >"$BENCH_OUT/$name.json.new" && mv "$BENCH_OUT/$name.json.new" "$BENCH_OUT/$name.json"
}
