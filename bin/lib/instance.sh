# An instance: its folder, its settings and secrets, its database.
use_instance() { # folder, database, application user
  V=$1 DB_NAME=$2 DB_APP=$3
  SOCKETS=$V/run
  # A Unix socket's path may have about 107 characters.
  [ ${#SOCKETS} -le 85 ] || SOCKETS=/tmp/tekkal-$(printf %s "$V" | sha256sum | cut -c1-12)
  ENV_FILE=$V/.env
  [ "$V" != "$ROOT/var" ] || ENV_FILE=$ROOT/.env
  export TEKKAL_VAR=$V
  # Whatever an instance writes is its user's alone, from the moment it is made.
  umask 077
}

setting() { [ ! -f "$ENV_FILE" ] || sed -n "s/^$1=//p" "$ENV_FILE" 2>/dev/null | tail -n 1; }

# What of an instance may hold a secret or a name.
PRIVATE=(.env owner.cnf cache log storage backups keys db run etc nginx)

make_folders() {
  [ -d "$ROOT/var" ] || (umask 022; mkdir -p "$ROOT/var")
  [ -d "$V" ] || mkdir -p "$V"
  mend_folders
  as_service mkdir -p "$V"/{log,run,db,etc,nginx,cache,storage/{app,logs,framework/{cache/data,sessions,views}}}
  if [ "$SOCKETS" != "$V/run" ]; then
    as_service mkdir -m 700 "$SOCKETS" 2>/dev/null || true
    [ -d "$SOCKETS" ] && [ ! -L "$SOCKETS" ] && [ "$(stat -c %U "$SOCKETS")" = "$SERVICE_USER" ] \
      || die "$SOCKETS, where the services' sockets go, is somebody else's. Remove it and start again."
    chmod 700 "$SOCKETS"
  fi
}

# Closes what stands open to others and gives it to the services' user; says so, and changes what may have been read.
mend_folders() {
  local own=() name open secret
  for name in "${PRIVATE[@]}"; do [ ! -e "$V/$name" ] || own+=("$V/$name"); done
  [ ! -e "$ENV_FILE" ] || [ "$ENV_FILE" = "$V/.env" ] || own+=("$ENV_FILE")
  open=$([ ${#own[@]} -eq 0 ] || find "${own[@]}" ! -type s ! -type l -perm /077)
  chmod go-rwx "$V"
  [ ${#own[@]} -eq 0 ] || chmod -R go-rwx "${own[@]}" 2>/dev/null || true
  if is_root; then
    chown "$SERVICE_USER:" "$V"
    # The owner's password, backups and keys are for this command alone.
    for name in "${own[@]}"; do case ${name##*/} in owner.cnf | backups | keys) ;; *) chown -R "$SERVICE_USER:" "$name" ;; esac; done
  fi
  [ -n "$open" ] && [ -f "$ENV_FILE" ] || return 0
  say "Closed to others: $(grep -c . <<<"$open") files or folders of this instance stood open, such as $(tail -n 1 <<<"$open")."
  secret=$(grep -E '/(\.env|owner\.cnf|cache/config\.php)$' <<<"$open" || true)
  if [ -n "$secret" ]; then
    sed -i "s/^DB_PASSWORD=.*/DB_PASSWORD=$(secret)/" "$ENV_FILE"
    rm -f "$V/owner.cnf"
    [ ! -f "$V/code" ] || echo "passwords changed" >"$V/code"
    say "Among them was $(head -n 1 <<<"$secret"): the database's passwords are changed now. Look with bin/tekkal verify whether anybody used them."
  fi
}

write_env() { # port, demo (true|false), further lines…
  local port=$1 demo=$2
  shift 2
  [ ! -f "$ENV_FILE" ] || return 0
  cat >"$ENV_FILE" <<EOF
APP_ENV=production
APP_KEY=base64:$(head -c 32 /dev/urandom | base64)
APP_URL=http://127.0.0.1:$port
TEKKAL_PORT=$port
TEKKAL_INSTANCE=$(basename "$V" | tr -cd a-z)_$port
TEKKAL_DEMO=$demo
DB_PORT=$(free_port)
DB_DATABASE=$DB_NAME
DB_USERNAME=$DB_APP
DB_PASSWORD=$(secret)
EOF
  [ $# -eq 0 ] || printf '%s\n' "$@" >>"$ENV_FILE"
  give "$ENV_FILE"
}

owner_password() {
  if [ ! -f "$V/owner.cnf" ]; then
    printf '[client]\nuser=tekkal_owner\npassword=%s\n' "$(secret)" >"$V/owner.cnf"
  fi
  sed -n 's/^password=//p' "$V/owner.cnf"
}

render() {
  local f
  for f in my.cnf php-fpm.conf nginx.conf supervisord.conf; do
    sed -e "s#@ROOT@#$ROOT#g; s#@VAR@#$V#g; s#@SOCKETS@#$SOCKETS#g; s#@PORT@#$(setting TEKKAL_PORT)#g; s#@DB_PORT@#$(setting DB_PORT)#g" \
      -e "s#@USER@#$SERVICE_USER#g; s#@ROOT_FLAG@#$([ "$SERVICE_USER" = root ] && echo -- -R || true)#g; s#-- -R#-R#g" "etc/$f.in" >"$V/etc/$f"
  done
  if [ "$SERVICE_USER" != root ]; then sed -i '/^user = /d; /^group = /d' "$V/etc/php-fpm.conf"; sed -i '/^user /d' "$V/etc/nginx.conf"; fi
  cp etc/fastcgi_params "$V/etc/"
  give "$V/etc"
}

# What root has written for the services.
give() { ! is_root || chown -R "$SERVICE_USER:" "$@"; }

sql() { as_service mariadb --no-defaults -S "$SOCKETS/mariadb.sock" -u"$SERVICE_USER" "$@"; }
# Nobody answers questions here: a command that would ask one fails instead.
artisan() { as_service php artisan --no-interaction "$@" </dev/null; }
# The owner's login reaches one process by its environment, past any cached configuration.
owner_artisan() {
  if is_others_file "$V/owner.cnf"; then
    TEKKAL_OWNER_USER=$SERVICE_USER TEKKAL_OWNER_SOCKET=$SOCKETS/mariadb.sock past_caches "$@"
  else
    TEKKAL_OWNER_PASSWORD=$(owner_password) past_caches "$@"
  fi
}
past_caches() { APP_CONFIG_CACHE=$V/cache/none.php APP_ROUTES_CACHE=$V/cache/none.php as_service php artisan --no-interaction "$@" </dev/null; }
# What root keeps from the services' user, who runs what happens at night.
is_others_file() { [ -e "$1" ] && [ ! -r "$1" ]; }

# Made beside its place and put there whole: a start that is killed meanwhile makes it anew.
init_database() {
  as_service rm -rf "$V/db/new"
  failpoint database-making
  as_service env UMASK=0600 UMASK_DIR=0700 mariadb-install-db --defaults-file="$V/etc/my.cnf" --datadir="$V/db/new" --auth-root-authentication-method=socket --auth-root-socket-user="$SERVICE_USER" --skip-test-db --skip-name-resolve
  failpoint database-made
  as_service rm -rf "$V/db/data"
  as_service mv "$V/db/new" "$V/db/data"
  server_version | as_service tee "$V/db/version" >/dev/null
}

server_version() { mariadbd --version | sed -n 's/.* Ver \([0-9.]*\).*/\1/p'; }

# After Debian has brought a newer server its own tables are brought up to it, once.
upgrade_server() {
  [ "$(cat "$V/db/version" 2>/dev/null)" != "$(server_version)" ] || return 0
  slow "Database's own tables to $(server_version)" as_service mariadb-upgrade --no-defaults -S "$SOCKETS/mariadb.sock" -u"$SERVICE_USER" || return 1
  server_version | as_service tee "$V/db/version" >/dev/null
}

# Logins are altered, not made anew: a shop at work never stands without its rights.
make_logins() { # database, application user, its password
  sql <<EOF
CREATE DATABASE IF NOT EXISTS \`$1\`;
CREATE USER IF NOT EXISTS 'tekkal_owner'@'127.0.0.1', '$2'@'127.0.0.1';
ALTER USER 'tekkal_owner'@'127.0.0.1' IDENTIFIED BY '$(owner_password)';
GRANT ALL ON \`tekkal%\`.* TO 'tekkal_owner'@'127.0.0.1' WITH GRANT OPTION;
GRANT SELECT ON mysql.* TO 'tekkal_owner'@'127.0.0.1';
ALTER USER '$2'@'127.0.0.1' IDENTIFIED BY '$3';
EOF
}

# Is there no record yet? What cannot be answered counts as one.
is_unrecorded() {
  local there
  there=$(sql -N -e "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = '$DB_NAME' AND table_name = 'ledger_entries'") || return 1
  [ "$there" = 0 ] || [ "$(sql -N -e "SELECT EXISTS(SELECT 1 FROM \`$DB_NAME\`.ledger_entries)")" = 0 ]
}

# Was anything here recorded in the first format? No shop ever was; a demo may be.
holds_first_format() { [ -n "$(sql -N "$DB_NAME" -e "SELECT 1 FROM ledger_entries WHERE format = 'tekkal.entry/1' LIMIT 1" 2>/dev/null || true)" ]; }

# The first format is not read any more: a demo that was recorded in it is kept as a backup and loaded afresh.
leave_first_format() {
  local name
  holds_first_format || return 0
  [ "$(setting TEKKAL_DEMO)" = true ] || { echo "What is here was recorded in the first format, which this version does not read. Nothing was changed." >&2; return 1; }
  name=$(date -u +%Y%m%dT%H%M%SZ)-first-format
  mkdir -p "$V/backups"
  room_for_dump
  make_backup "$V/backups" "$name" || return 1
  sql -e "DROP DATABASE IF EXISTS \`$DB_NAME\`"
  rm -f "$V/storage/last-leaf"
  echo "$name" >"$V/left-first-format"
}

# Said once, when it is done.
say_what_was_left() {
  [ -s "$V/left-first-format" ] || return 0
  say "This demo had been recorded in Tekkal's first format, which is read no longer. It was backed up to $V/backups/$(cat "$V/left-first-format") and loaded afresh; benches are enrolled anew."
  rm -f "$V/left-first-format"
}

migrate_and_grant() {
  leave_first_format || return 1
  # The first start was killed before anything was recorded: what tables there are may be half made.
  if [ ! -f "$V/code" ] && is_unrecorded; then sql -e "DROP DATABASE IF EXISTS \`$DB_NAME\`"; fi
  failpoint logins
  make_logins "$(setting DB_DATABASE)" "$(setting DB_USERNAME)" "$(setting DB_PASSWORD)"
  failpoint tables
  owner_artisan migrate --database=owner --force
  failpoint rights
  owner_artisan tekkal:grant
}
