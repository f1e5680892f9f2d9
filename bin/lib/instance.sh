# An instance: its folder, its settings and secrets, its database.
use_instance() { # folder, database, application user
  V=$1 DB_NAME=$2 DB_APP=$3
  SOCKETS=$V/run
  # A Unix socket's path may have about 107 characters.
  [ ${#SOCKETS} -le 85 ] || SOCKETS=/tmp/tekkal-$(printf %s "$V" | sha256sum | cut -c1-12)
  ENV_FILE=$V/.env
  [ "$V" != "$ROOT/var" ] || ENV_FILE=$ROOT/.env
  export TEKKAL_VAR=$V
}

setting() { [ ! -f "$ENV_FILE" ] || sed -n "s/^$1=//p" "$ENV_FILE" 2>/dev/null | tail -n 1; }

make_folders() {
  mkdir -p "$V"/{log,run,db,etc,nginx,cache,storage/{app,logs,framework/{cache/data,sessions,views}}} "$SOCKETS"
  if is_root; then
    chown -R "$SERVICE_USER": "$V"/{run,db,nginx,cache,storage,log} "$SOCKETS"
    chmod 755 "$ROOT/var" "$V"
  fi
  chmod 700 "$SOCKETS" "$V/db" "$V/storage"
}

write_env() { # port, demo (true|false), further lines…
  local port=$1 demo=$2
  shift 2
  [ ! -f "$ENV_FILE" ] || return 0
  (
    umask 027
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
  )
  ! is_root || chgrp "$(id -gn "$SERVICE_USER")" "$ENV_FILE"
}

owner_password() {
  if [ ! -f "$V/owner.cnf" ]; then
    (umask 077; printf '[client]\nuser=tekkal_owner\npassword=%s\n' "$(secret)" >"$V/owner.cnf")
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
}

sql() { as_service mariadb --no-defaults -S "$SOCKETS/mariadb.sock" -u"$SERVICE_USER" "$@"; }
# Nobody answers questions here: a command that would ask one fails instead.
artisan() { as_service php artisan --no-interaction "$@" </dev/null; }
# The owner's login reaches one process by its environment, past any cached configuration.
owner_artisan() { TEKKAL_OWNER_PASSWORD=$(owner_password) APP_CONFIG_CACHE=$V/cache/none.php APP_ROUTES_CACHE=$V/cache/none.php as_service php artisan --no-interaction "$@" </dev/null; }

init_database() {
  as_service mariadb-install-db --defaults-file="$V/etc/my.cnf" --auth-root-authentication-method=socket --auth-root-socket-user="$SERVICE_USER" --skip-test-db --skip-name-resolve
}

make_logins() { # database, application user, its password
  sql <<EOF
CREATE DATABASE IF NOT EXISTS \`$1\`;
CREATE OR REPLACE USER 'tekkal_owner'@'127.0.0.1' IDENTIFIED BY '$(owner_password)';
GRANT ALL ON \`tekkal%\`.* TO 'tekkal_owner'@'127.0.0.1' WITH GRANT OPTION;
GRANT SELECT ON mysql.* TO 'tekkal_owner'@'127.0.0.1';
CREATE OR REPLACE USER '$2'@'127.0.0.1' IDENTIFIED BY '$3';
EOF
}

migrate_and_grant() {
  make_logins "$(setting DB_DATABASE)" "$(setting DB_USERNAME)" "$(setting DB_PASSWORD)"
  owner_artisan migrate --database=owner --force
  owner_artisan tekkal:grant
}
