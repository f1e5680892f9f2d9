# The demo, and shops beside it: each an instance with a folder, a port and a record of its own.

# Every verb takes --shop NAME; what is left of its arguments stands in REST.
SHOP='' REST=()
take_shop() {
  while [ $# -gt 0 ]; do
    case $1 in
      --shop)
        if [ $# -gt 1 ] && [ "${2#--}" = "$2" ]; then
          SHOP=$2
          shift
        else
          [ "$verb" = start ] || die "Say which shop: bin/tekkal $verb --shop NAME. bin/tekkal start --shop lists them."
          list_shops
          exit 0
        fi
        ;;
      --shop=*) SHOP=${1#--shop=} ;;
      *) REST+=("$1") ;;
    esac
    shift
  done
  [ -z "$SHOP" ] || check_shop_name
}

check_shop_name() {
  [ -z "${TEKKAL_DATA:-}" ] || die "TEKKAL_DATA and --shop both say where the shop lies. Give one of them."
  [[ $SHOP != *[[:cntrl:]]* ]] && [ ${#SHOP} -le 60 ] || die "A shop's name has at most 60 characters, in one line."
  [ -n "$(shop_slug "$SHOP")" ] || die "\"$SHOP\" has no letter A to Z and no digit, by which its folder could be called. Give such a name here; the shop itself is named when it is opened."
}

# How the folder of a shop is called: however the name is written, large or small, it is the same shop.
shop_slug() { printf %s "$1" | tr '[:upper:]' '[:lower:]' | LC_ALL=C sed -E 's/[^a-z0-9]+/-/g; s/^-+|-+$//g' | cut -c1-40; }

shop_folder() { printf '%s/var/shops/%s' "$ROOT" "$(shop_slug "$1")"; }

# TEKKAL_DATA names another folder to keep an instance in; settings, database, logs and backups all lie there.
use_shop() {
  if [ -z "$SHOP" ]; then
    use_instance "$(readlink -m "${TEKKAL_DATA:-$ROOT/var}")" tekkal tekkal_app
  else
    [ -f "$(shop_folder "$SHOP")/.env" ] || die "There is no shop called \"$SHOP\". bin/tekkal start --shop lists what there is."
    use_instance "$(shop_folder "$SHOP")" tekkal tekkal_app
  fi
}

# As use_shop, for a start: a shop that is not there yet begins.
begin_shop() {
  if [ -n "$SHOP" ] && [ ! -f "$(shop_folder "$SHOP")/.env" ]; then
    settle_service_user
    [ -d "$ROOT/var" ] || (umask 022; mkdir -p "$ROOT/var")
    mkdir -p "$ROOT/var/shops"
    give "$ROOT/var/shops"
    chmod 700 "$ROOT/var/shops"
    use_instance "$(shop_folder "$SHOP")" tekkal tekkal_app
  else
    use_shop
  fi
}

# The demo's port, or for a shop the first after it that no other instance has and no program holds.
first_port() {
  local port=8088
  [ -n "$SHOP" ] || { echo "$port"; return 0; }
  while port=$((port + 1)); grep -qsx "TEKKAL_PORT=$port" "$ROOT"/.env "$ROOT"/var/shops/*/.env || ! port_is_free "$port"; do :; done
  echo "$port"
}

# A name as .env takes it.
quoted() { printf '"%s"' "$(printf %s "$1" | sed 's/[\\"$]/\\&/g')"; }

list_shops() {
  local env SHOP='' any=''
  for env in "$ROOT/.env" "$ROOT"/var/shops/*/.env; do
    [ -f "$env" ] || continue
    any=1
    use_instance "$([ "$env" = "$ROOT/.env" ] && echo "$ROOT/var" || dirname "$env")" tekkal tekkal_app
    printf '%-32s %-26s %s\n' "$(shop_title)" "http://127.0.0.1:$(setting TEKKAL_PORT)" "$(answers 2>/dev/null && echo running || echo stopped)"
  done
  [ -n "$any" ] || say "There is nothing here yet: neither the demo nor a shop."
  say ''
  say "A shop begins with bin/tekkal start --shop NAME; bin/tekkal stop --shop NAME stops it."
}

shop_title() { if [ "$(setting TEKKAL_DEMO)" = true ]; then echo "the demo"; else setting SHOP_NAME | sed 's/^"//; s/"$//; s/\\\(.\)/\1/g'; fi; }

# How one gets in: the demo's names; a shop's first code, as long as nobody has opened it.
say_ways_in() {
  local code
  if [ "$(setting TEKKAL_DEMO)" = true ]; then
    cat <<TEXT
  at a desk    name lead, approver, crib or reader     password fenmoor
  at a bench   badge 1041, 1042, 1043 or 1044          PIN 314159
               (a lead first enrols the browser as a bench, under People)

Everything in it is invented. A shop of your own, empty and beside it: bin/tekkal start --shop NAME
TEXT
    return 0
  fi
  code=$(artisan tekkal:first-use-code)
  if [ -n "$code" ]; then
    say "This shop is empty, and nobody can sign in yet. Open its address and type this code there:"
    printf '\n  %s\n\n' "$code"
    say "It is good once. Each start prints another, in its place, until the shop is opened."
  else
    say "The shop is open: sign in there."
  fi
}
