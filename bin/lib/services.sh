# Starting, stopping and looking at an instance. Supervisor keeps its services alive.
supervise() { as_service supervisorctl -c "$V/etc/supervisord.conf" "$@"; }
is_up() { [ -S "$SOCKETS/supervisor.sock" ] && supervise pid >/dev/null 2>&1; }
answers() { curl -fs -o /dev/null "http://127.0.0.1:$(setting TEKKAL_PORT)/up"; }
database_answers() { as_service mariadb-admin --no-defaults -S "$SOCKETS/mariadb.sock" -u"$SERVICE_USER" ping >/dev/null 2>&1; }

wait_for() { # seconds, command…
  local i limit=$(($1 * 10))
  shift
  for ((i = 0; i < limit; i++)); do "$@" && return 0; sleep 0.1; done
  return 1
}

code_hash() { find app core/src config routes database bootstrap compat etc bin resources/views composer.versions -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1; }

start_database() {
  supervise start mariadb
  wait_for 30 database_answers
}

start_services() {
  as_service touch "$V/log/php.log"
  # All at once: the supervisor looks at each for a second before it believes in it.
  supervise start all
  wait_for 30 answers
}

# Configuration and routes in one file each, and the list of what workers load once.
write_caches() { TEKKAL_CODE=$(code_hash) artisan optimize && artisan tekkal:preload; }

# Brings an instance from whatever it is to running. On failure everything that was started is stopped again.
raise() {
  local code
  code=$(code_hash)
  if is_up && answers && [ "$(cat "$V/code" 2>/dev/null)" = "$code" ]; then return 0; fi
  if is_up && answers && [ -f "$V/code" ] && ! holds_first_format; then
    upgrade_in_place && { echo "$code" >"$V/code"; return 0; }
  fi
  raise_database
  ! is_restoring || { resume_restore; return 0; }
  [ ! -f "$V/code" ] || [ "$(cat "$V/code")" = "$code" ] || { room_for_dump; holds_first_format || slow "Backup before the upgrade" backup_before_upgrade || { lower; die "What is here could not be backed up, so nothing was changed; the lines above say why."; }; }
  slow "Tables and rights" migrate_and_grant || { lower; die "The database could not be brought up to date; the lines above say why."; }
  finish_raise
}

# Other code while the shop works: the database stays up, PHP and nginx finish what they have in hand and go on with the
# new code. Fails without a word when a service's own settings changed; then all of them start anew.
upgrade_in_place() {
  local before
  before=$(cat "$V"/etc/my.cnf "$V"/etc/supervisord.conf 2>/dev/null | sha256sum)
  render
  [ "$before" = "$(cat "$V"/etc/my.cnf "$V"/etc/supervisord.conf | sha256sum)" ] || return 1
  room_for_dump
  slow "Backup before the upgrade" backup_before_upgrade || die "What is here could not be backed up, so nothing was changed; the lines above say why."
  failpoint upgrade-backed-up
  slow "Tables and rights" migrate_and_grant || die "The database could not be brought up to date; the lines above say why. The backup before the upgrade is in $V/backups."
  slow "Caches" write_caches || die "The caches could not be written; the lines above say why."
  rebuild_differing "supervise stop queue php-fpm" true
  slow "Services reloaded" reload_services || return 1
}

reload_services() {
  supervise signal USR2 php-fpm
  supervise signal HUP nginx
  supervise stop sequencer queue scheduler
  supervise start all
  sleep 0.5
  wait_for 60 answers
}

# The supervisor and the database, with everything that an earlier, killed supervisor left behind ended first.
raise_database() {
  trap 'lower >/dev/null 2>&1; printf "tekkal: stopped unexpectedly at line %s: %s\n" "$LINENO" "$BASH_COMMAND" >&2' ERR
  trap '{ lower || true; } >/dev/null 2>&1; interrupted' INT TERM
  lower
  render
  [ -d "$V/db/data/mysql" ] || slow "Database made" init_database
  failpoint database
  start_supervisor
  wait_for 60 is_up || { lower; die "The supervisor did not start; $V/log/supervisord.log says why."; }
  slow "Database started" start_database || { lower; die "The database did not start; $V/log/mariadb.log says why."; }
  upgrade_server || { lower; die "The database's own tables could not be brought up to the server's version; the lines above say why."; }
  rm -f "$V"/cache/*.php
}

# It outlives this command, so it must hold none of its caller's files: a pipe would never end.
start_supervisor() (
  for fd in /proc/self/fd/*; do
    fd=${fd##*/}
    [ "$fd" -le 2 ] || eval "exec $fd>&-"
  done
  as_service supervisord -c "$V/etc/supervisord.conf" >"$V/log/supervisord.out.log" 2>&1 </dev/null
)

finish_raise() {
  rebuild_differing true true
  failpoint caches
  slow "Caches" write_caches || { lower; die "The caches could not be written; the lines above say why."; }
  failpoint demo
  if [ "$(setting TEKKAL_DEMO)" = true ]; then slow "Demo" artisan db:seed --class=DemoSeeder --force || { lower; die "The demo could not be loaded; the lines above say why."; }; fi
  failpoint services
  slow "Services started" start_services || { lower; die "The application does not answer at port $(setting TEKKAL_PORT); see bin/tekkal logs."; }
  code_hash >"$V/code"
  say_what_was_left
  failpoint answering
  trap - ERR
  trap 'interrupted' INT TERM
}

lower() {
  if is_up; then
    supervise shutdown >/dev/null 2>&1 || true
    wait_for 30 is_down || return 1
  fi
  end_leftovers
}

# Services whose supervisor was killed go on by themselves; they are asked to stop, and made to after a while.
end_leftovers() {
  local pid
  for pid in $(leftovers); do kill -TERM "$pid" 2>/dev/null || true; done
  wait_for 30 no_leftovers || for pid in $(leftovers); do kill -KILL "$pid" 2>/dev/null || true; done
  # Workers whose master was killed are known only by their group.
  for pid in $(cat "$V"/run/*.group 2>/dev/null || true); do
    # Numbers are used again, after a reboot at the latest: only a group that still runs a service is meant.
    if ps -eo pgid=,args= | awk -v g="$pid" '$1 == g' | grep -qE 'nginx: |php-fpm: |tekkal:sequence|queue:work|schedule:work'; then kill -KILL -- "-$pid" || true; fi
  done
  rm -f "$SOCKETS"/*.sock "$V"/run/*.group
}
leftovers() { pgrep -f -- "(--defaults-file=$V/etc/my.cnf|nginx: master process nginx -e $V/log/nginx.log|php-fpm: master process \\($V/etc/php-fpm.conf\\)|supervisord -c $V/etc/supervisord.conf)" || true; }
no_leftovers() { [ -z "$(leftovers)" ]; }
is_down() { ! is_up && [ ! -S "$SOCKETS/mariadb.sock" ]; }

# Before anything is installed: is the port to be had, and is it the one that this instance was made with?
settle_port() { # the port wished for, or nothing
  local now port
  now=$(setting TEKKAL_PORT)
  port=${1:-${now:-$(first_port)}}
  case $port in *[!0-9]* | '') die "\"$port\" is no port. Give a number from 1024 to 65535, such as TEKKAL_PORT=8090." ;; esac
  [ "$port" -ge 1024 ] && [ "$port" -le 65535 ] || die "Port $port cannot be used. Give a number from 1024 to 65535, such as TEKKAL_PORT=8090."
  if [ -n "$now" ] && [ "$port" != "$now" ]; then
    ! is_up || die "Tekkal runs at port $now. Stop it first: bin/tekkal stop"
    sed -i "s/^TEKKAL_PORT=.*/TEKKAL_PORT=$port/; s#^APP_URL=.*#APP_URL=http://127.0.0.1:$port#" "$ENV_FILE"
  fi
  is_up || no_leftovers || end_leftovers
  is_up || port_is_free "$port" || die "Port $port is taken by another program. Stop that, or choose another: TEKKAL_PORT=8090 bin/tekkal start"
}

verb_start() {
  local began=$SECONDS wished=${TEKKAL_PORT:-}
  check_machine
  begin_shop
  settle_service_user
  settle_port "$wished"
  debian_packages "${DEBIAN_NEEDS[@]}"
  php_libraries
  front_end
  make_folders
  if [ -z "$SHOP" ]; then
    write_env "${wished:-$(first_port)}" true ${TEKKAL_DEMO_SMALL:+TEKKAL_DEMO_SMALL=true}
  else
    write_env "${wished:-$(first_port)}" false "SHOP_NAME=$(quoted "$SHOP")"
  fi
  raise
  printf '\nTekkal answers at http://127.0.0.1:%s   (after %s s)\n\n' "$(setting TEKKAL_PORT)" $((SECONDS - began))
  say_ways_in
  if [ "${1:-}" = --foreground ]; then
    trap 'lower; exit 0' INT TERM
    tail -n 0 -F "$V"/log/*.log "$V"/storage/logs/*.log 2>/dev/null & wait $!
  fi
}

verb_stop() {
  use_shop; settle_service_user
  is_up || { say "Tekkal is not running."; return 0; }
  lower || die "Something did not stop within 30 s; see bin/tekkal logs."
  say "Tekkal has stopped."
}

# What may be wrong although everything runs.
verb_status() {
  use_shop; settle_service_user
  is_up || { say "Tekkal is not running. Start it: bin/tekkal start"; exit 3; }
  supervise status || true
  answers && say "Answers at http://127.0.0.1:$(setting TEKKAL_PORT)" || { say "It does not answer at port $(setting TEKKAL_PORT)."; exit 1; }
  artisan tekkal:state
}

verb_logs() {
  use_shop
  [ -d "$V/log" ] || die "There are no logs yet. Start Tekkal first: bin/tekkal start"
  tail -n 40 -F "$V"/log/"${1:-}"*.log "$V"/storage/logs/*.log 2>/dev/null
}

verb_reset_demo() {
  use_shop; settle_service_user
  [ "$(setting TEKKAL_DEMO)" = true ] || die "This instance was not made a demo; its data is not thrown away."
  is_up || die "Tekkal is not running. Start it first: bin/tekkal start"
  supervise stop sequencer queue scheduler php-fpm >/dev/null
  slow "Tables emptied" owner_artisan migrate:fresh --database=owner --force
  rm -f "$V/storage/last-leaf"
  slow "Rights" owner_artisan tekkal:grant
  slow "Demo" artisan db:seed --class=DemoSeeder --force
  slow "Services started" start_services
}

# Takes the pictures of docs/screenshots from the running demo; run reset-demo before.
verb_pictures() {
  use_shop; settle_service_user
  is_up || die "Tekkal is not running. Start it first: bin/tekkal start"
  BASE_URL=http://127.0.0.1:$(setting TEKKAL_PORT) npx playwright test --grep @pictures
}

# The new tables are filled beside the old ones while the shop works; only while they change places is it held up.
verb_rebuild() {
  use_shop; settle_service_user
  is_up || die "Tekkal is not running. Start it first: bin/tekkal start"
  rebuild_tables "supervise stop queue php-fpm" "supervise start all"
  wait_for 30 answers || die "The application does not answer; see bin/tekkal logs."
}

# Fills the projected tables beside the old ones, and changes them while nothing is recorded.
rebuild_tables() { # what holds recording back, what lets it go on
  local out filled late status=0
  out=$V/log/rebuild.out
  counted "Tables filled beside the old ones" told_to "$out" owner_artisan tekkal:rebuild || status=1
  filled=$(grep -E '^[0-9]+ [0-9]+$' "$out" | tail -n 1)
  [ -n "$filled" ] || { cat "$out"; die "The tables could not be filled; nothing was changed."; }
  $1 >/dev/null
  slow "Tables changed places" told_to "$out.swap" owner_artisan tekkal:rebuild --swap="${filled% *}" || status=1
  $2 >/dev/null
  late=$(grep -E '^[0-9]+$' "$out.swap" | tail -n 1 || true)
  [ -n "$late" ] || { cat "$out.swap"; die "The tables could not change places; the old ones stand."; }
  grep -hvE '^[0-9 ]+$' "$out" "$out.swap" || true
  rm -f "$out" "$out.swap"
  [ $status -eq 0 ] || die "Some entries could not be replayed; the lines above name them."
  say "Projections rebuilt from $((${filled#* } + late)) entries."
}

# Tables that another version of their projector filled are filled again.
rebuild_differing() { # as rebuild_tables
  local differing
  differing=$(owner_artisan tekkal:rebuild --differing) || die "Nobody can tell by which version the tables were filled; the lines above say why."
  [ -n "$differing" ] || return 0
  say "Another version filled the tables of $differing."
  rebuild_tables "$@"
}

# As slow does, with what the command says of its progress.
counted() {
  local what=$1 began status=0
  shift
  began=$(date +%s)
  say "$what …"
  "$@" || status=$?
  [ $status -eq 0 ] || return $status
  say "  done in $(($(date +%s) - began)) s"
}

told_to() { local file=$1; shift; "$@" >"$file"; }

verb_erase() {
  use_shop; settle_service_user
  [ -n "${1:-}" ] || die "Say which entry: bin/tekkal erase ID"
  database_answers || die "The database does not answer. Start Tekkal first: bin/tekkal start"
  artisan tekkal:erase "$1" || exit 1
}

verb_licences() {
  [ -f vendor/composer/installed.json ] && [ -d node_modules ] || { check_machine; php_libraries; front_end_libraries; }
  php bin/lib/licences.php | tee THIRD-PARTY.md
}

verb_core() {
  [ -f vendor/autoload.php ] || { check_machine; php_libraries; }
  # Files are named from where the caller stands; a refusal has said all there is to say.
  (cd "$CALLER" && php "$ROOT/core/bin/door.php" "$@") || exit $?
}

verb_selfcheck() {
  [ -f vendor/autoload.php ] || { check_machine; php_libraries; }
  php core/bin/door.php selfcheck "$@" || exit $?
}
