# Saying, failing and timing; and who runs the services.
say() { printf '%s\n' "$*"; }
die() { printf 'tekkal: %s\n' "$*" >&2; exit 1; }

# slow "what it does" command…: says what is done and how long it took; shows the log's end when it fails.
slow() {
  local what=$1 log began status=0
  shift
  # Not in the checkout: what happens at night is done by the services' user, who writes only to the instance.
  log=$(mktemp)
  began=$(date +%s%N)
  printf '%-46s' "$what …"
  "$@" >"$log" 2>&1 || status=$?
  if [ $status -ne 0 ]; then
    printf ' failed\n'
    tail -n 25 "$log" >&2
  fi
  rm -f "$log"
  [ $status -eq 0 ] || return $status
  printf ' %5d.%d s\n' $((($(date +%s%N) - began) / 1000000000)) $((($(date +%s%N) - began) / 100000000 % 10))
}

# In the tests a command is killed at a named place, as a power cut would: TEKKAL_FAIL_AT=NAME.
failpoint() { [ "${TEKKAL_FAIL_AT:-}" != "$1" ] || kill -KILL $$ "$BASHPID"; }

is_root() { [ "$(id -u)" -eq 0 ]; }

# All services run as one ordinary user: whoever calls, or for root a system user of their own.
SERVICE_USER=$(id -un)
settle_service_user() { # [may run as root when the checkout cannot be entered]
  is_root || return 0
  id tekkal >/dev/null 2>&1 || useradd --system --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin tekkal
  if runuser -u tekkal -- test -r "$ROOT/artisan"; then
    SERVICE_USER=tekkal
    return 0
  fi
  local folder=$ROOT blocked=$ROOT
  while [ "$folder" != / ]; do
    runuser -u tekkal -- test -x "$folder" || blocked=$folder
    folder=$(dirname "$folder")
  done
  if [ "${1:-}" = may-be-root ]; then
    say "Warning: $blocked cannot be entered by the user tekkal, so these throwaway test services run as root."
    SERVICE_USER=root
  else
    die "The user tekkal, who runs the services, cannot enter $blocked. Let it in (chmod o+rx $blocked) or put the checkout elsewhere, such as /srv/tekkal."
  fi
}

as_service() {
  if is_root && [ "$SERVICE_USER" != root ]; then runuser -u "$SERVICE_USER" -- "$@"; else "$@"; fi
}

port_is_free() { php -r 'exit(@stream_socket_server("tcp://127.0.0.1:".$argv[1]) ? 0 : 1);' "$1"; }
free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'; }
secret() { head -c 24 /dev/urandom | base64 | tr -d '+/=\n'; }
