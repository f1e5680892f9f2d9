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
    umask 077
    mkdir -p "$work"
    leaf=$(last_leaf)
    dump_database | gzip -6 >"$work/database.sql.gz"
    gzip -dc "$work/database.sql.gz" | tail -n 1 | grep -q '^-- Dump completed' || { echo "The dump was not written to its end." >&2; exit 1; }
    tar -C "$V/storage" -czf "$work/files.tar.gz" app
    (cd "$work" && sha256sum database.sql.gz files.tar.gz >SHA256SUMS)
    php -r 'echo json_encode(["format" => "tekkal.backup/1", "made_at" => gmdate("Y-m-d\TH:i:s\Z"), "database" => $argv[1], "demo" => $argv[2] === "true", "last_leaf_at_least" => $argv[3], "sums" => hash_file("sha256", $argv[4])], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES), "\n";' \
      "$DB_NAME" "$(setting TEKKAL_DEMO)" "$leaf" "$work/SHA256SUMS" >"$work/backup.json"
    mv "$work" "$folder/$name"
  )
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
  keys=$V/keys/$name.tar
  (umask 077; mkdir -p "$V/keys"; tar -C "$(dirname "$ENV_FILE")" -cf "$keys" .env; tar -C "$V" -rf "$keys" owner.cnf)
  say "$folder/$name   $(du -sh "$folder/$name" | cut -f1), leaf $(last_leaf | cut -c1-20)…"
  say "The keys are apart, in $keys. Keep both away from this machine, and not together."
}

# Only the newest of the backups that upgrades make are kept.
backup_before_upgrade() {
  holds_entries || return 0
  mkdir -p "$V/backups"
  make_backup "$V/backups" "$(date -u +%Y%m%dT%H%M%SZ)-upgrade"
  find "$V/backups" -maxdepth 1 -name '*-upgrade' | sort | head -n -5 | xargs -r rm -rf
}

check_backup() { # folder
  [ -f "$1/backup.json" ] && [ -f "$1/SHA256SUMS" ] || die "$1 is no backup of Tekkal: it holds no backup.json."
  grep -q '"format": "tekkal.backup/1"' "$1/backup.json" || die "$1 was made by another version and cannot be read by this one."
  [ "$(sed -n 's/.*"sums": "\(.*\)".*/\1/p' "$1/backup.json")" = "$(sha256sum "$1/SHA256SUMS" | cut -d' ' -f1)" ] && (cd "$1" && sha256sum --quiet -c SHA256SUMS) >/dev/null 2>&1 \
    || die "$1 was damaged or altered: its checksums do not fit. Nothing was restored; take another backup."
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
  gzip -dc "$1/database.sql.gz" | sql "$DB_NAME"
  tar -C "$V/storage" -xzf "$1/files.tar.gz"
  ! is_root || chown -R "$SERVICE_USER": "$V/storage/app"
}

verb_restore() {
  local backup='' keys='' over='' given=()
  while [ $# -gt 0 ]; do
    case $1 in
      --keys) keys=${2:-}; [ -f "$keys" ] || die "There is no file of keys at \"$keys\"."; shift ;;
      --known) [[ ${2:-} =~ ^[0-9]+:[0-9a-f]{64}$ ]] || die "\"${2:-}\" names no leaf. Write its number, a colon and its hash: --known 310:9f86d0…"; given+=("$2"); shift ;;
      --over) over=1 ;;
      -*) die "restore knows no $1. It takes --over, --keys FILE and --known NUMBER:HASH." ;;
      *) backup=$1 ;;
    esac
    shift
  done
  [ -n "$backup" ] || die "Say which backup: bin/tekkal restore FOLDER"
  backup=$(readlink -f "$backup")
  check_machine
  use_shop; settle_service_user
  check_backup "$backup"
  # The keys bring the port as well, so they come before it is settled.
  if [ -n "$keys" ] && [ ! -f "$ENV_FILE" ]; then
    mkdir -p "$V"
    (umask 077; tar -C "$(dirname "$ENV_FILE")" -xf "$keys" .env; tar -C "$V" -xf "$keys" owner.cnf)
    ! is_root || { chgrp "$(id -gn "$SERVICE_USER")" "$ENV_FILE"; chmod 640 "$ENV_FILE"; }
  fi
  settle_port "${TEKKAL_PORT:-}"
  debian_packages "${DEBIAN_NEEDS[@]}"
  php_libraries
  front_end
  make_folders
  write_env "${TEKKAL_PORT:-8088}" "$(grep -q '"demo": true' "$backup/backup.json" && echo true || echo false)"
  restore_into "$backup" "$over" "${given[@]}"
}

restore_into() { # backup, over or nothing, known leaves…
  local backup=$1 over=$2 known status=0 ran=1
  shift 2
  # What is refused leaves everything as it was, running or not.
  database_answers || { ran=''; raise_database; }
  if holds_entries && [ -z "$over" ]; then
    [ -n "$ran" ] || lower
    die "This instance holds a record already. To put the backup in its place, say so: bin/tekkal restore --over $backup (what is here is backed up first)"
  fi
  [ -z "$ran" ] || raise_database
  ! holds_entries || slow "Backup of what stands here" make_backup "$V/backups" "$(date -u +%Y%m%dT%H%M%SZ)-replaced" || die "What stands here could not be backed up; nothing was replaced."
  known=$(known_leaves "$@")
  supervise stop sequencer queue php-fpm nginx >/dev/null 2>&1 || true
  slow "Record loaded" load_dump "$backup" || die "The backup could not be loaded; the lines above say why."
  slow "Tables and rights" migrate_and_grant || die "The database could not be brought up to date; the lines above say why."
  TEKKAL_KNOWN=$known owner_artisan tekkal:restored "$(basename "$backup")" "$(sha256sum "$backup/SHA256SUMS" | cut -d' ' -f1)" || status=1
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
