# Keeping what was recorded: backup, restore, verify.
# The dump is one snapshot: recording goes on meanwhile.
dump_database() { as_service mariadb-dump --no-defaults -S "$SOCKETS/mariadb.sock" -u"$SERVICE_USER" --single-transaction --quick --hex-blob --triggers --skip-lock-tables "$DB_NAME"; }
last_leaf() { sql -N "$DB_NAME" -e "SELECT CONCAT(leaf_no, ':', leaf_hash) FROM ledger_leaves ORDER BY leaf_no DESC LIMIT 1" 2>/dev/null || true; }
holds_entries() { [ -n "$(sql -N "$DB_NAME" -e 'SELECT 1 FROM ledger_entries LIMIT 1' 2>/dev/null || true)" ]; }

# make_backup folder name: writes the backup under another name first, so that a half-made one is never taken for whole.
make_backup() {
  local folder=$1 name=$2 work leaf
  work=$folder/.$name.partial
  (
    rm -rf "$work"
    mkdir -p "$work"
    leaf=$(last_leaf)
    dump_database | gzip -6 >"$work/database.sql.gz"
    gzip -dc "$work/database.sql.gz" | tail -n 1 | grep -q '^-- Dump completed' || { echo "The dump was not written to its end." >&2; exit 1; }
    tar -C "$V/storage" -czf "$work/files.tar.gz" app
    (cd "$work" && sha256sum database.sql.gz files.tar.gz >SHA256SUMS)
    php -r 'echo json_encode(["format" => "tekkal.backup/1", "made_at" => gmdate("Y-m-d\TH:i:s\Z"), "database" => $argv[1], "demo" => $argv[2] === "true", "last_leaf_at_least" => $argv[3], "sums" => hash_file("sha256", $argv[4])], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES), "\n";' \
      "$DB_NAME" "$(setting TEKKAL_DEMO)" "$leaf" "$work/SHA256SUMS" >"$work/backup.json"
    seal "$work" "$(app_key <"$ENV_FILE")" >"$work/SEAL"
    failpoint backup
    mv "$work" "$folder/$name"
    printf '%s %s' "$(date -u +%Y-%m-%dT%H:%M:%SZ)" "$name" | as_service tee "$V/storage/last-backup" >/dev/null
  )
}

# A sum that only who has the application's key can make: over backup.json, which holds the sum of the sums.
# The key goes by the environment: everybody on a machine sees what a command was called with.
seal() { SEAL_KEY=$2 php -r 'echo hash_hmac_file("sha256", $argv[1]."/backup.json", "tekkal.backup/1 ".getenv("SEAL_KEY")), "\n";' "$1"; }
app_key() { sed -n 's/^APP_KEY=//p'; }

# A dump is seldom a third of what it was made of; half is asked for.
room_for_dump() {
  local held free
  held=$(du -sm "$V/db/data" "$V/storage/app" 2>/dev/null | awk '{n += $1} END {print int(n / 2) + 50}')
  free=$(df -Pm "$V" | awk 'NR == 2 {print $4}')
  [ "$free" -ge "$held" ] || die "Only $free MB are free where the backup before the upgrade goes; $held MB are needed. Nothing was changed. Make room and start again."
}

verb_backup() {
  local folder name keys
  use_shop; settle_service_user
  database_answers || die "The database does not answer. Start Tekkal first: bin/tekkal start"
  folder=${1:-$V/backups}
  mkdir -p "$folder" 2>/dev/null && [ -w "$folder" ] || die "Nothing can be written to $folder. Choose another folder: bin/tekkal backup FOLDER"
  name=$(date -u +%Y%m%dT%H%M%SZ)
  [ ! -e "$folder/$name" ] || die "$folder/$name is there already. Wait a second and try again."
  slow "Backup" make_backup "$folder" "$name" || die "The backup could not be made; the lines above say why. What was there before is untouched."
  say "$folder/$name   $(du -sh "$folder/$name" | cut -f1), leaf $(last_leaf | cut -c1-20)…"
  if is_others_file "$V/owner.cnf"; then
    say "The keys are not copied: they are only for who starts Tekkal. They change with the passwords alone; bin/tekkal backup by hand copies them."
    return 0
  fi
  keys=$V/keys/$name.tar
  (mkdir -p "$V/keys"; tar -C "$(dirname "$ENV_FILE")" -cf "$keys" .env; tar -C "$V" -rf "$keys" owner.cnf)
  say "The keys are apart, in $keys. Keep both away from this machine, and not together."
}

# Only the newest of the backups that upgrades make are kept.
backup_before_upgrade() {
  holds_entries || return 0
  mkdir -p "$V/backups"
  make_backup "$V/backups" "$(date -u +%Y%m%dT%H%M%SZ)-upgrade"
  find "$V/backups" -maxdepth 1 -name '*-upgrade' | sort | head -n -5 | xargs -r rm -rf
}

check_backup() { # folder, file of keys or nothing, or "unsealed"
  local key=''
  [ -f "$1/backup.json" ] && [ -f "$1/SHA256SUMS" ] || die "$1 is no backup of Tekkal: it holds no backup.json."
  grep -q '"format": "tekkal.backup/1"' "$1/backup.json" || die "$1 was made by another version and cannot be read by this one."
  [ "$(sed -n 's/.*"sums": "\(.*\)".*/\1/p' "$1/backup.json")" = "$(sha256sum "$1/SHA256SUMS" | cut -d' ' -f1)" ] && (cd "$1" && sha256sum --quiet -c SHA256SUMS) >/dev/null 2>&1 \
    || die "$1 was damaged or altered: its checksums do not fit. Nothing was restored; take another backup."
  # Read to its end: a reader that stops early would look like a damaged file.
  if [ "$(gzip -dc "$1/database.sql.gz" | grep -c "'tekkal.entry/1'")" != 0 ]; then die "$1 was recorded in Tekkal's first format, which is read no longer. Nothing was restored."; fi
  if [ -n "${2:-}" ]; then key=$(tar -xOf "$2" .env | app_key); elif [ -f "$ENV_FILE" ]; then key=$(app_key <"$ENV_FILE"); fi
  if [ -n "${3:-}" ]; then
    say "Nobody can tell whether this backup was altered by somebody who made its sums anew: its seal was not asked for."
  elif [ -z "$key" ]; then
    say "The keys are missing, so nobody can tell whether this backup was altered by somebody who made its sums anew. Its sums fit."
  elif [ ! -f "$1/SEAL" ]; then
    die "$1 carries no seal. An older Tekkal made none; if that is where it comes from, say so: --unsealed. Nothing was restored."
  elif [ "$(cat "$1/SEAL")" != "$(seal "$1" "$key")" ]; then
    die "$1 was altered, or is another instance's: its seal was not made with these keys. If it is another's, give its keys: --keys FILE. Nothing was restored."
  fi
}

# What is known outside the backup of how far the record had come: one "number:hash from where" per line.
known_leaves() { # given by hand…
  local here
  here=$(last_leaf)
  [ -z "$here" ] || printf '%s the database that stood here\n' "$here"
  [ ! -s "$V/storage/last-leaf" ] || printf '%s the note beside the database\n' "$(cat "$V/storage/last-leaf")"
  for here in "$@"; do printf '%s the command line\n' "$here"; done
}

load_dump() { # folder
  sql -e "DROP DATABASE IF EXISTS \`$DB_NAME\`"
  make_logins "$DB_NAME" "$DB_APP" "$(setting DB_PASSWORD)"
  failpoint restore-emptied
  gzip -dc "$1/database.sql.gz" | sql "$DB_NAME"
  tar -C "$V/storage" -xzf "$1/files.tar.gz"
  ! is_root || chown -R "$SERVICE_USER": "$V/storage/app"
}

verb_restore() {
  local backup='' keys='' over='' unsealed='' given=() demo
  while [ $# -gt 0 ]; do
    case $1 in
      --keys) keys=${2:-}; [ -f "$keys" ] || die "There is no file of keys at \"$keys\"."; shift ;;
      --known) [[ ${2:-} =~ ^[0-9]+:[0-9a-f]{64}$ ]] || die "\"${2:-}\" names no leaf. Write its number, a colon and its hash: --known 310:9f86d0…"; given+=("$2"); shift ;;
      --over) over=1 ;;
      --unsealed) unsealed=1 ;;
      -*) die "restore knows no $1. It takes --over, --keys FILE, --known NUMBER:HASH and --unsealed." ;;
      *) backup=$1 ;;
    esac
    shift
  done
  [ -n "$backup" ] || die "Say which backup: bin/tekkal restore FOLDER"
  backup=$(readlink -f "$backup")
  check_machine
  begin_shop; settle_service_user
  check_backup "$backup" "$keys" "$unsealed"
  demo=$(grep -q '"demo": true' "$backup/backup.json" && echo true || echo false)
  # The keys bring the port as well, so they come before it is settled.
  if [ -n "$keys" ] && [ ! -f "$ENV_FILE" ]; then
    mkdir -p "$V"
    (tar -C "$(dirname "$ENV_FILE")" --no-same-permissions -xf "$keys" .env; tar -C "$V" --no-same-permissions -xf "$keys" owner.cnf)
    give "$ENV_FILE"
    settle_beside
  fi
  fits_instance "$demo"
  settle_port "${TEKKAL_PORT:-}"
  debian_packages "${DEBIAN_NEEDS[@]}"
  php_libraries
  front_end
  make_folders
  write_env "${TEKKAL_PORT:-$(first_port)}" "$demo" ${SHOP:+"SHOP_NAME=$(quoted "$SHOP")"}
  restore_into "$backup" "$over" "${given[@]}"
}

# Nothing of a demo gets into a shop, and no shop's record into a demo.
fits_instance() { # is the backup a demo's?
  [ "$1" = false ] || [ -z "$SHOP" ] || die "That is a backup of the demo, and nothing of it gets into a shop."
  [ ! -f "$ENV_FILE" ] || [ "$(setting TEKKAL_DEMO)" = "$1" ] || {
    [ "$1" = false ] || die "That is a backup of the demo, and nothing of it gets into a shop."
    die "That is a backup of a shop, and this is the demo. Name the shop: bin/tekkal restore --shop NAME $backup"
  }
}

# The keys name the ports of the instance that they were made in, which may be at work on this very machine.
settle_beside() {
  local port
  [ -n "${TEKKAL_PORT:-}" ] || port_is_free "$(setting TEKKAL_PORT)" || {
    port=$(free_port)
    say "Port $(setting TEKKAL_PORT) is taken, perhaps by the instance that this is a copy of; this one goes to $port."
    sed -i "s/^TEKKAL_PORT=.*/TEKKAL_PORT=$port/; s#^APP_URL=.*#APP_URL=http://127.0.0.1:$port#; s/^TEKKAL_INSTANCE=.*/TEKKAL_INSTANCE=$(basename "$V" | tr -cd a-z)_$port/" "$ENV_FILE"
  }
  port_is_free "$(setting DB_PORT)" || sed -i "s/^DB_PORT=.*/DB_PORT=$(free_port)/" "$ENV_FILE"
}

# What a restore has begun stands in a file until it is done: a start after a kill goes on with it, and never takes a
# database that was only half loaded for an empty one.
is_restoring() { [ -f "$V/restoring" ]; }
resume_restore() {
  local backup
  backup=$(head -n 1 "$V/restoring")
  [ -f "$backup/backup.json" ] || { lower; die "A restore from $backup was interrupted, and that is not there any more. Put it there and start again, or restore another: bin/tekkal restore --over FOLDER"; }
  say "A restore from $backup was interrupted; it is done again from its beginning."
  replace_record "$backup"
}

restore_into() { # backup, over or nothing, known leaves…
  local backup=$1 over=$2 ran=1
  shift 2
  # What is refused leaves everything as it was, running or not.
  database_answers || { ran=''; raise_database; }
  if holds_entries && [ -z "$over" ] && ! is_restoring; then
    [ -n "$ran" ] || lower
    die "This instance holds a record already. To put the backup in its place, say so: bin/tekkal restore --over $backup (what is here is backed up first)"
  fi
  [ -z "$ran" ] || raise_database
  is_restoring || ! holds_entries || slow "Backup of what stands here" make_backup "$V/backups" "$(date -u +%Y%m%dT%H%M%SZ)-replaced" || die "What stands here could not be backed up; nothing was replaced."
  # What was known before stays known, also when an earlier try went before this one.
  { printf '%s\n' "$backup"; { ! is_restoring || tail -n +2 "$V/restoring"; known_leaves "$@"; } | sort -u; } >"$V/restoring.new"
  mv "$V/restoring.new" "$V/restoring"
  replace_record "$backup"
}

replace_record() { # backup; what is known stands in the file that says that it is being restored
  local backup=$1 known status=0
  known=$(tail -n +2 "$V/restoring")
  supervise stop sequencer queue scheduler php-fpm nginx >/dev/null 2>&1 || true
  failpoint restore-begun
  slow "Record loaded" load_dump "$backup" || die "The backup could not be loaded; the lines above say why."
  failpoint restore-loaded
  slow "Tables and rights" migrate_and_grant || die "The database could not be brought up to date; the lines above say why."
  # What an older version projected is no standard for what this one makes of the entries.
  rebuild_differing true true
  TEKKAL_KNOWN=$known owner_artisan tekkal:restored "$(basename "$backup")" "$(sha256sum "$backup/SHA256SUMS" | cut -d' ' -f1)" || status=1
  rm -f "$V/restoring"
  owner_artisan tekkal:verify || status=1
  finish_raise
  [ $status -eq 0 ] || die "The record was restored, and something in it is not as it should be: read the lines above, and show them to the lead."
  say "Restored. Tekkal answers at http://127.0.0.1:$(setting TEKKAL_PORT)"
}

verb_verify() {
  use_shop; settle_service_user
  database_answers || die "The database does not answer. Start Tekkal first: bin/tekkal start"
  owner_artisan tekkal:verify || exit 1
}
