# The tests: static checks, core, web, feature, browser. Servers are the tests' own; a running Tekkal is never touched.
SUMMARY=()
FAILED=0

use_test_instance() { use_instance "$ROOT/var/test" tekkal_e2e tekkal_e2e_app; }

verb_check() { verb_test check; }

verb_mutants() {
  check_machine
  php_libraries
  php bin/lib/mutants.php "$@"
}

verb_contract() {
  check_machine
  front_end_libraries
  php_libraries
  node bin/lib/contract.mjs
  node bin/lib/reference.mjs
  APP_ROUTES_CACHE=$ROOT/var/none.php APP_CONFIG_CACHE=$ROOT/var/none.php TEKKAL_DEMO=true php artisan tekkal:rights >docs/rights.md
}

verb_test() {
  local part=${1:-all} only=${2:-}
  case $part in all | check | core | web | feature | faults | browser) ;; *) die "There is no part \"$part\": all, check, core, web, feature, faults or browser." ;; esac
  check_machine
  case $part in all | feature | faults | browser) debian_packages "${DEBIAN_NEEDS[@]}" ;; core) debian_packages php8.2-xml php8.2-mbstring php8.2-bcmath unzip ;; esac
  case $part in all | faults) debian_packages php8.2-curl ;; esac
  case $part in all | faults | browser) debian_packages chromium ;; esac
  case $part in web) ;; *) php_libraries ;; esac
  case $part in core | feature) ;; *) front_end ;; esac
  # Where PHPStan starts the application from a checkout that has no instance.
  mkdir -p var/cache var/log
  JUNIT=$ROOT/var/log/junit
  rm -rf "$JUNIT"
  mkdir -p "$JUNIT"
  ! is_root || chmod 777 "$JUNIT"
  case $part in all | feature | faults | browser)
    settle_service_user may-be-root
    trap 'end_faults; end_empty_shop; [ -z "${V:-}" ] || lower >/dev/null 2>&1 || true' EXIT
    ;;
  esac
  # Much of the faults is waiting for what was killed, so they go on beside everything but the journeys: those are shown
  # the pages that a fault builds anew.
  case $part in all | faults) begin_faults ;; esac
  case $part in all | check) test_check ;; esac
  case $part in all | core) test_core ;; esac
  case $part in all | web) test_web ;; esac
  case $part in all | feature | browser) fresh_test_instance ;; esac
  case $part in all | feature) test_feature ;; esac
  case $part in all | faults) show_faults ;; esac
  case $part in all | browser) test_browser "$only" ;; esac
  case $part in check) ;; *) php bin/lib/reports.php "$JUNIT" ;; esac
  close_tests
}

# Whoever reads only the end of a long run reads there what broke.
close_tests() {
  printf '\n'
  [ ${#SUMMARY[@]} -eq 0 ] || printf '%s\n' "${SUMMARY[@]}"
  [ $FAILED -eq 0 ] || printf 'Something failed: look above.\n'
  exit $FAILED
}

checked() { slow "$@" || printf '%s\n' "$1" >>"$BROKEN"; }

# The house rules that hold themselves. No baseline anywhere: what is found is mended. The two halves run side by side.
test_check() {
  local other said="all passed"
  other=$(mktemp)
  BROKEN=$(mktemp)
  check_front_end >"$other" 2>&1 &
  check_php
  wait $! || echo "one half, which did not run to its end" >>"$BROKEN"
  cat "$other"
  if [ -s "$BROKEN" ]; then
    FAILED=1
    said="failed: $(LC_ALL=C sort "$BROKEN" | paste -sd ';' | sed 's/;/; /g')"
  fi
  SUMMARY+=("Static checks:" "$said")
  rm -f "$other" "$BROKEN"
}

check_php() {
  checked "PHP style" vendor/bin/pint --test -q
  checked "PHPStan and the core's edges" vendor/bin/phpstan analyse -c phpstan.neon --no-progress --memory-limit=1G
  checked "PHPStan and the ladder" vendor/bin/phpstan analyse -c phpstan-app.neon --no-progress --memory-limit=1G
  checked "PHPStan, the tests" vendor/bin/phpstan analyse -c phpstan-tests.neon --no-progress --memory-limit=1G
  checked "Functions of few lines and parameters" php bin/lib/shape.php app core database tests bin/lib
  checked "Calls the core may not make" php bin/lib/forbidden-calls.php core/src
  checked "A breach of each rule, planted in a copy" vendor/bin/phpunit --testsuite house
}

check_front_end() {
  checked "The contract and its types" node bin/lib/contract.mjs --check
  checked "The language: schema, editor, reference page" node bin/lib/reference.mjs --check
  checked "TypeScript" npx tsc --noEmit
  checked "ESLint and boundaries" npx eslint resources/js tests/Browser tests/Component bin/lib
  checked "What nothing uses" npx knip --no-progress
  checked "Prettier" npx prettier --check .
}

# run_phpunit name command…: shows the run and keeps its closing line for the end.
run_phpunit() {
  local name=$1 out closing
  shift
  out=$(mktemp)
  "$@" 2>&1 | tee "$out" || FAILED=1
  closing=$(grep -E '^(OK|Tests:|No tests)' "$out" | tail -n 1 || true)
  SUMMARY+=("PHPUnit, $name:" "${closing:-did not run to its end}")
  rm -f "$out"
}

test_core() { run_phpunit "core and command" vendor/bin/phpunit --testsuite core,command --log-junit "$JUNIT/core.xml"; }

test_web() {
  say "Front-end rules"
  local said="all passed"
  npx vitest run --reporter=default --reporter=junit --outputFile.junit="$JUNIT/web.xml" || { FAILED=1; said=failed; }
  SUMMARY+=("Front-end rules:" "$said")
}

fresh_test_instance() {
  use_test_instance
  lower || die "An earlier test instance does not stop; see $V/log."
  rm -rf "$V"
  make_folders
  # A date of its own, so that no journey depends on today's; later than any browser's, or cookies would be too old.
  write_env "$(free_port)" true "TEKKAL_NOW=2041-03-12T08:00:00Z" "TEKKAL_NOW_SINCE=$(date +%s)" ARGON_MEMORY=1024 ARGON_TIME=1
}

test_feature() {
  local token
  render
  init_database >"$V/log/install-db.log" 2>&1 || die "The test database could not be made; see $V/log/install-db.log"
  start_supervisor
  wait_for 60 is_up && start_database >/dev/null || die "The test database did not start; see $V/log/mariadb.log"
  # Two processes, each with a database of its own: tests/bootstrap.php tells them apart.
  for token in 1 2; do make_logins "tekkal_${token}_test" "tekkal_${token}_test_app" "$(setting DB_PASSWORD)"; done
  DB_PORT=$(setting DB_PORT) DB_PASSWORD=$(setting DB_PASSWORD) TEKKAL_OWNER_PASSWORD=$(owner_password) \
    run_phpunit features as_service php vendor/bin/paratest --processes 2 --testsuite feature --cache-directory "$V/phpunit" --log-junit "$JUNIT/features.xml" ${FEATURES_ONLY:+--filter "$FEATURES_ONLY"}
}

# The faults have an instance of their own, since they kill its services and lose its database.
FAULTS=
begin_faults() {
  FAULTS_PORT=$(free_port)
  rm -f "$ROOT/var/log/faults.summary"
  run_faults >"$ROOT/var/log/faults.out" 2>&1 </dev/null &
  FAULTS=$!
}

run_faults() (
  trap 'lower >/dev/null 2>&1 || true' EXIT
  use_instance "$ROOT/var/faults" tekkal tekkal_app
  lower
  rm -rf "$V"
  make_folders
  write_env "$FAULTS_PORT" true TEKKAL_DEMO_SMALL=true ARGON_MEMORY=1024 ARGON_TIME=1
  raise
  export TEKKAL_DATA=$V
  run_phpunit "faults and keeping" vendor/bin/phpunit --testsuite faults --do-not-cache-result --log-junit "$JUNIT/faults.xml" ${FAULTS_ONLY:+--filter "$FAULTS_ONLY"}
  [ -n "${FAULTS_ONLY:-}" ] || run_playwright "faults" --grep @faults
  printf '%s\n' "${SUMMARY[@]}" >"$ROOT/var/log/faults.summary"
  exit $FAILED
)

show_faults() {
  tail -n +1 --pid="$FAULTS" -f "$ROOT/var/log/faults.out"
  wait "$FAULTS" || FAILED=1
  FAULTS=
  [ -f "$ROOT/var/log/faults.summary" ] || { SUMMARY+=("Faults:" "did not run to their end"); FAILED=1; return 0; }
  mapfile -t -O "${#SUMMARY[@]}" SUMMARY <"$ROOT/var/log/faults.summary"
}

end_faults() { [ -z "$FAULTS" ] || kill -TERM "$FAULTS" 2>/dev/null || true; }

test_browser() {
  raise
  begin_empty_shop
  [ "${1:-}" = walk ] || run_playwright "journeys" --grep-invert '@pictures|@faults|@bench|@walk|@alone' --pass-with-no-tests ${1:+--grep "$1"}
  end_empty_shop
  case ${1:-walk} in walk) walk_procedures few ;; esac
  # What holds every bench of the shop comes last, and by itself.
  [ "${1:-}" = walk ] || run_playwright "journeys of their own" --pass-with-no-tests --grep "(?=.*@alone)(?=.*(${1:-.*}))"
}

# A shop in which nobody is yet, beside the demo: one journey begins it.
in_empty_shop() (
  use_instance "$ROOT/var/empty" tekkal_e2e tekkal_e2e_app
  "$@"
)
begin_empty_shop() {
  EMPTY_PORT=$(free_port)
  in_empty_shop raise_empty_shop
  EMPTY_SHOP=http://127.0.0.1:$EMPTY_PORT
  EMPTY_CODE=$(in_empty_shop artisan tekkal:first-use-code)
  export EMPTY_SHOP EMPTY_CODE
}
raise_empty_shop() {
  lower
  rm -rf "$V"
  make_folders
  write_env "$EMPTY_PORT" false "SHOP_NAME=$(quoted "Orrin Bank")" ARGON_MEMORY=1024 ARGON_TIME=1
  raise
}
end_empty_shop() { in_empty_shop lower || true; }

# walk_procedures all|few: jobs of them on two hooks, and each carried out to its end at a bench in a browser.
walk_procedures() {
  TEKKAL_WALK=$1 slow "Jobs to walk" artisan db:seed --class='Tests\Browser\WalkSeeder' --force
  run_playwright "walks" --grep @walk
}

# run_playwright name argument…: drives the instance in use, and keeps the count for the end.
run_playwright() {
  local name=$1 result=$V/browser.json
  shift
  BASE_URL=http://127.0.0.1:$(setting TEKKAL_PORT) PLAYWRIGHT_JSON_OUTPUT_NAME=$result PLAYWRIGHT_JUNIT_OUTPUT_NAME=$JUNIT/browser-$name.xml npx playwright test "$@" --reporter=list,json,junit || FAILED=1
  SUMMARY+=("Browser, $name:" "$(node -e 'const s = JSON.parse(require("fs").readFileSync(process.argv[1], "utf8")).stats; console.log(`${s.expected} passed, ${s.unexpected + s.flaky} failed`)' "$result")")
}
