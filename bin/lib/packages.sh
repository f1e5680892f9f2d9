# What must be on the machine: Debian's packages, PHP's libraries, the front end.
DEBIAN_NEEDS=(php8.2-fpm php8.2-mysql php8.2-mbstring php8.2-xml php8.2-bcmath php8.2-zip php8.2-gd qrencode unzip curl mariadb-server-core mariadb-client nginx-light supervisor)

check_machine() {
  command -v php >/dev/null || die "PHP is missing. Install PHP 8.2 (Debian: php8.2-cli) and start again."
  php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || die "PHP $(php -r 'echo PHP_VERSION;') is too old; PHP 8.2 or newer is needed."
  command -v composer >/dev/null || die "Composer is missing. Install it (Debian: composer) and start again."
  command -v node >/dev/null || die "Node is missing. Install Node 20.19 or newer and start again."
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' \
    || die "Node $(node --version) is too old; Node 20.19 or newer is needed."
  local free wanted=1500
  [ ! -d "$ROOT/vendor" ] || [ ! -d "$ROOT/node_modules" ] || wanted=300
  free=$(df -Pm "$ROOT" | awk 'NR == 2 {print $4}')
  [ "$free" -ge "$wanted" ] || die "Only $free MB are free where the checkout lies; $wanted MB are needed. Make room and start again."
}

debian_packages() { # package…
  local missing=() p as_root=()
  for p in "$@"; do
    [ "$p" = nginx-light ] && command -v nginx >/dev/null && continue
    dpkg-query -W -f='${Status}' "$p" 2>/dev/null | grep -q 'ok installed' || missing+=("$p")
  done
  [ ${#missing[@]} -gt 0 ] || return 0
  if ! is_root; then
    command -v sudo >/dev/null && sudo -n true 2>/dev/null || [ -t 0 ] && command -v sudo >/dev/null \
      || die "These Debian packages are missing and need an administrator: apt-get install --no-install-recommends ${missing[*]}"
    as_root=(sudo)
  fi
  slow "Debian packages (${#missing[@]})" install_debian "${missing[@]}" \
    || die "Debian refused a package; the lines above say which. Install by hand: apt-get install --no-install-recommends ${missing[*]}"
}

# Nothing may start a service of its own: not at installation, not at the next boot.
install_debian() (
  umask 022
  local policy=/usr/sbin/policy-rc.d made='' status=0 unit absent=()
  for unit in nginx php8.2-fpm supervisor; do
    [ -e "/lib/systemd/system/$unit.service" ] || absent+=("$unit")
  done
  if [ ! -e $policy ]; then
    printf '#!/bin/sh\nexit 101\n' | "${as_root[@]}" tee $policy >/dev/null
    "${as_root[@]}" chmod 755 $policy
    made=1
  fi
  { "${as_root[@]}" apt-get update -q && "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"; } || status=$?
  [ -z "$made" ] || "${as_root[@]}" rm -f $policy
  for unit in "${absent[@]}"; do
    "${as_root[@]}" systemctl disable "$unit" 2>/dev/null || true
  done
  exit $status
)

# Installed beside their place and put there whole, with a mark that says so.
php_libraries() {
  local wanted
  wanted=$(cat composer.json composer.versions | sha256sum | cut -d' ' -f1)
  # Archives unpack some files unreadable to the user of the services.
  if [ "$(cat vendor/.tekkal 2>/dev/null)" = "$wanted" ] && php bin/lib/pinned.php 2>/dev/null; then
    chmod -R a+rX vendor
  else
    slow "PHP libraries" install_php_libraries "$wanted" || die "The PHP libraries could not be installed at their pinned versions; the lines above say why."
  fi
  class_map
}

# Which file holds which class of ours is written down when the libraries are installed. After a pull that takes a class
# away or brings one it is written anew: what is listed and gone stops every start.
class_map() {
  local classes
  classes=$(find app core/src compat database -name '*.php' | sort | sha256sum | cut -d' ' -f1)
  [ "$(cat vendor/.tekkal-classes 2>/dev/null)" != "$classes" ] || return 0
  slow "Class map" write_class_map || die "The list of classes could not be written; the lines above say why."
  echo "$classes" >vendor/.tekkal-classes
}

write_class_map() (
  umask 022
  COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1 composer dump-autoload --no-scripts -q
  chmod -R a+rX vendor/composer vendor/autoload.php
)

install_php_libraries() ( # what they are installed from
  umask 022
  rm -rf vendor.new
  # shellcheck disable=SC2046
  COMPOSER_VENDOR_DIR=vendor.new COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1 composer update --no-progress --no-scripts -q $(awk '{print "--with " $1}' composer.versions)
  rm -f composer.lock
  php bin/lib/pinned.php vendor.new
  chmod -R a+rX vendor.new
  echo "$1" >vendor.new/.tekkal
  failpoint php-libraries
  rm -rf vendor
  mv vendor.new vendor
)

front_end_libraries() {
  local lock
  lock=$(sha256sum package-lock.json | cut -d' ' -f1)
  if [ "$(cat node_modules/.tekkal 2>/dev/null)" != "$lock" ]; then
    slow "Front-end libraries" npm ci --no-progress --no-audit --no-fund || die "The front-end libraries could not be installed; the lines above say why."
    failpoint front-end-libraries
    chmod -R a+rX node_modules
    echo "$lock" >node_modules/.tekkal
  fi
}

front_end() {
  local built
  front_end_libraries
  built=$(find resources bin/lib/paper-typeface.mjs package-lock.json vite.config.ts tsconfig.json -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
  if [ "$(cat public/build/.tekkal 2>/dev/null)" != "$built" ]; then
    slow "Front end built" build_front_end "$built" || die "The front end could not be built; the lines above say why."
  fi
  # Where the PHP libraries are not needed nobody asks for it.
  [ ! -f vendor/autoload.php ] || core_bundle
}

# What runs the core beside a page: the core as one file, known by its hash, and PHP as WebAssembly.
core_bundle() {
  local built
  built=$(find core/src core/bin/bundle.php vendor/brick/math/src bin/lib/core-bundle.mjs package-lock.json -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
  [ "$(cat public/core/.tekkal 2>/dev/null)" != "$built" ] || return 0
  slow "Core for the page built" build_core_bundle "$built" || die "The core for the page could not be built; the lines above say why."
}

build_core_bundle() { # what it is built from
  rm -rf public/core.new
  node bin/lib/core-bundle.mjs public/core.new
  chmod -R a+rX public/core.new
  echo "$1" >public/core.new/.tekkal
  rm -rf public/core
  mv public/core.new public/core
}

# Built beside its place and put there whole: a page that is being read finds its scripts until then.
build_front_end() { # what it is built from
  rm -rf public/build.new
  npx vite build --outDir public/build.new --emptyOutDir
  node bin/lib/paper-typeface.mjs public/build.new/paper
  chmod -R a+rX public/build.new
  echo "$1" >public/build.new/.tekkal
  failpoint front-end
  rm -rf public/build
  mv public/build.new public/build
}
