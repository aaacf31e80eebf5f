# Shared by bin/start and bin/test: install what is missing, run a PostgreSQL cluster of one's own.
# Every step says what it does; every failure says what to do.

say() { printf '· %s\n' "$*"; }
fail() { printf '✗ %s\n' "$*" >&2; exit 1; }

need_space() {
  local free
  free=$(df -Pm . | awk 'NR==2 {print $4}')
  [ "$free" -ge 1500 ] || fail "Only ${free} MB free here; 1500 MB are needed. Make room, then try again."
}

need_tool() { command -v "$1" >/dev/null 2>&1 || fail "$1 is missing. Install PHP 8.2, Composer and Node 20 first (see README)."; }

# install_packages NAME... : Debian packages that are not there yet.
install_packages() {
  local missing=()
  for package in "$@"; do
    dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
  done
  [ ${#missing[@]} -eq 0 ] && return
  [ "$(id -u)" -eq 0 ] || fail "Missing: ${missing[*]}. Run as root once: apt-get update && apt-get install -y ${missing[*]}"
  say "Installing ${missing[*]}"
  mkdir -p var/log
  { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"; } >var/log/apt.log 2>&1 \
    || fail "apt-get could not install ${missing[*]}; see var/log/apt.log"
}

# install_php_packages [shop] : all of them; for a shop only what it runs, none of what tests need, unless that is here already.
# Each request would load the helpers of the test tools too, and look for classes that no file has.
install_php_packages() {
  local all=vendor/.installed shop=vendor/.installed-shop stamp
  local flags=(--no-interaction --no-progress)
  [ -f "$all" ] && [ "$all" -nt composer.json ] && return
  stamp=$all
  if [ "${1:-}" = shop ]; then
    [ -f "$shop" ] && [ "$shop" -nt composer.json ] && return
    stamp=$shop flags+=(--no-dev --classmap-authoritative)
  fi
  say "Installing PHP packages"
  mkdir -p var/log
  rm -f "$shop"
  composer install "${flags[@]}" >var/log/composer.log 2>&1 || fail "composer install failed; see var/log/composer.log"
  touch "$stamp"
}

install_node_packages() {
  local stamp=node_modules/.installed
  [ -f "$stamp" ] && [ "$stamp" -nt package-lock.json ] && return
  say "Installing Node packages"
  mkdir -p var/log
  npm ci --no-audit --no-fund --ignore-scripts >var/log/npm.log 2>&1 || fail "npm ci failed; see var/log/npm.log"
  touch "$stamp"
}

build_front_end() {
  local manifest=public/build/manifest.json
  local sources=(resources/css resources/js vite.config.js package-lock.json)
  if [ -f var/common-passwords ] && [ -f "$manifest" ] && [ -z "$(find "${sources[@]}" -newer "$manifest" -print -quit)" ]; then
    return
  fi
  say "Building the front end"
  node bin/common-passwords var/common-passwords || fail "The list of common passwords was not made."
  npx vite build --logLevel error >var/log/vite.log 2>&1 || fail "The front end did not build; see var/log/vite.log"
}

# only_one FD FILE WORDS : holds FILE as long as this program runs; where another holds it, says so and touches nothing. What
# is started and stays is given no hold of it (8>&- 9>&-): it would outlive a start that was killed.
only_one() {
  mkdir -p "$(dirname "$2")"
  eval "exec $1>>\"\$2\""
  flock -n "$1" || fail "$3"
}

prepare_folders() {
  reclaim_folders
  mkdir -p bootstrap/cache storage/framework/{cache,views} storage/logs var/log
}

# reclaim_folders : earlier releases gave what root runs to who serves. What lies in there may be theirs: it goes.
reclaim_folders() {
  [ "$(id -u)" -eq 0 ] || return 0
  local folder
  for folder in bootstrap/cache storage storage/framework; do
    if [ -L "$folder" ]; then rm -f "$folder"; fi
    if [ -d "$folder" ] && [ ! -O "$folder" ]; then
      rm -rf bootstrap/cache storage/framework
      chown -h root: storage
    fi
  done
  if [ -L storage/logs ]; then rm -f storage/logs; fi
}

# refuse_foreign_program : root runs nothing that another user of the machine can write.
refuse_foreign_program() {
  [ "$(id -u)" -eq 0 ] || return 0
  local theirs
  theirs=$(find . -maxdepth 1 \( ! -user root -o -perm /022 \) ! -type l -print -quit
    find app artisan bin bootstrap compat config core database deploy public resources routes vendor \
      \( ! -user root -o -perm /022 \) ! -type l -print -quit)
  [ -z "$theirs" ] || fail "Another user can write $(head -n 1 <<<"$theirs"), which root would run.
  Look at what is there, then: chown -R root: $PWD && chmod -R go-w $PWD"
}

# forget_compiled : what was compiled from the views and the knowledge was compiled by the program of its day.
forget_compiled() {
  rm -rf storage/framework/knowledge storage/framework/sheets
  find storage/framework/views -name '*.php' -delete
}

# copy_program FOLDER : this program as it is installed elsewhere, built and with its packages: a shop that tests and drills
# may start, kill and spoil.
copy_program() {
  mkdir -p "$1/node_modules" "$1/var"
  chmod 755 "$1"
  git ls-files -z app artisan bin bootstrap compat composer.json config core database deploy package-lock.json public \
    resources routes vite.config.js | xargs -0 cp -a --parents -t "$1"
  cp -a public/build "$1/public"
  cp -al vendor "$1" 2>/dev/null || cp -a vendor "$1"
  rm -f "$1"/vendor/.installed*
  cp -a var/common-passwords "$1/var"
  touch "$1/vendor/.installed" "$1/node_modules/.installed" "$1/public/build/manifest.json"
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

PG_BIN=/usr/lib/postgresql/15/bin

# As root, the server runs as the postgres user, who must be able to reach the data folder.
as_postgres() { if [ "$(id -u)" -eq 0 ]; then (cd / && setpriv --reuid=postgres --regid=postgres --init-groups "$@"); else "$@"; fi; }

# start_postgres DATA PORT : a cluster of our own on loopback; made when it is not there.
start_postgres() {
  local data=$1 port=$2
  if [ ! -f "$data/PG_VERSION" ]; then
    say "Creating a database cluster"
    # Made beside and moved into place: a start that is killed leaves no half of one.
    rm -rf "$data.new"
    mkdir -p "$data.new"
    [ "$(id -u)" -ne 0 ] || chown postgres:postgres "$data.new"
    chmod 700 "$data.new"
    as_postgres "$PG_BIN/initdb" -D "$data.new" -U dusty_jet --auth=reject --encoding=UTF8 --locale=C.UTF-8 \
      >var/log/initdb.log 2>&1 || fail "initdb failed; see var/log/initdb.log"
    [ ! -d "$data" ] || rmdir "$data" || fail "$data has files but no database in it. Move it away, then try again."
    mv "$data.new" "$data"
  fi
  use_secrets "$data"
  if postmaster_of "$data" >/dev/null; then
    port_is_free "$port" || return 0
    stop_postgres "$data"
  fi
  lock_cluster "$data"
  # What the power left behind may name a process that is anybody's by now.
  rm -f "$data/postmaster.pid"
  port_is_free "$port" || fail "Port $port is taken by another program; the database cannot start there. Stop it, or set DB_PORT."
  say "Starting the database on 127.0.0.1:$port"
  local options="-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c shared_buffers=64MB -c timezone=UTC"
  options+=" -c password_encryption=scram-sha-256 -c log_min_error_statement=fatal"
  run_postgres "$data" "$options" || { sleep 1; rm -f "$data/postmaster.pid"; run_postgres "$data" "$options"; } \
    || fail "The database did not start; see $data/server.log"
}

# run_postgres DATA OPTIONS : until it answers. One that is killed while it starts is started once more.
run_postgres() {
  as_postgres "$PG_BIN/pg_ctl" -D "$1" -w -t 30 -l "$1/server.log" -o "$2 ${PG_OPTIONS_EXTRA:-}" start >/dev/null 8>&- 9>&-
}

# postmaster_of DATA : the process its pid file names, if that is a server of this folder.
postmaster_of() {
  local pid
  pid=$(head -n 1 "$1/postmaster.pid" 2>/dev/null) && [ -r "/proc/$pid/cmdline" ] || return 1
  tr '\0' '\n' <"/proc/$pid/cmdline" | grep -qxF -- "$1" && echo "$pid"
}

stop_postgres() {
  postmaster_of "$1" >/dev/null || return 0
  as_postgres "$PG_BIN/pg_ctl" -D "$1" -m fast -w stop >/dev/null 2>&1 || true
}

# use_secrets DATA : the passwords of a cluster's four roles: made once, in a file of the one who set it up, and exported.
use_secrets() {
  local name file=$1.secrets
  if [ ! -f "$file" ]; then
    for name in DB_ADMIN DB_OWNER DB DB_BACKUP; do
      printf '%s_PASSWORD=%s\n' "$name" "$(head -c 24 /dev/urandom | base64 | tr '+/' '-_')"
    done | (umask 077 && cat >"$file")
  fi
  set -a
  . "$file"
  set +a
}

# forget_secrets : what serves pages knows the password of its own role only.
forget_secrets() { unset DB_ADMIN_PASSWORD DB_OWNER_PASSWORD DB_BACKUP_PASSWORD; }

# lock_cluster DATA : nobody comes in without a password. The server is not running: there is no moment without a lock.
lock_cluster() {
  local data=$1
  if ! grep -Eq '^(local|host).*(trust|reject|peer|ident)' "$data/pg_hba.conf"; then return; fi
  echo "alter role dusty_jet password '$DB_ADMIN_PASSWORD'" \
    | as_postgres "$PG_BIN/postgres" --single -c log_min_error_statement=fatal -D "$data" postgres >>var/log/initdb.log 2>&1 \
    || fail "The database would not take a password; see var/log/initdb.log"
  printf 'local all all scram-sha-256\nhost all all 127.0.0.1/32 scram-sha-256\n' >"$data/pg_hba.conf"
}

# admin_sql PORT DATABASE : runs what it reads as the cluster's own role, which serves nothing and owns no table.
admin_sql() {
  PGPASSWORD=$DB_ADMIN_PASSWORD "$PG_BIN/psql" -X -q -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "$1" -U dusty_jet -d "$2" -tA
}

# make_roles PORT : the owner makes and changes tables, the application uses them, the backup reads them.
make_roles() {
  admin_sql "$1" postgres <<SQL
    set client_min_messages = warning;
    do \$\$ declare name text; begin
      foreach name in array array['dusty_jet_owner', 'dusty_jet_app', 'dusty_jet_backup'] loop
        if not exists (select from pg_roles where rolname = name) then execute format('create role %I', name); end if;
      end loop;
    end \$\$;
    alter role dusty_jet_owner login nosuperuser nocreatedb nocreaterole noreplication password '$DB_OWNER_PASSWORD';
    alter role dusty_jet_app login nosuperuser nocreatedb nocreaterole noreplication password '$DB_PASSWORD';
    alter role dusty_jet_backup login nosuperuser nocreatedb nocreaterole noreplication password '$DB_BACKUP_PASSWORD';
    grant pg_read_all_data to dusty_jet_backup;
    revoke connect, temporary on database postgres, template1 from public;
SQL
}

# make_database PORT NAME : once; nobody but the roles of the shop comes in, and all in it belongs to the owner.
make_database() {
  make_roles "$1" || fail "The database at port $1 does not know the passwords of this folder."
  if [ -z "$(echo "select 1 from pg_database where datname = '$2'" | admin_sql "$1" postgres)" ]; then
    echo "create database \"$2\"" | admin_sql "$1" postgres
  fi
  own_database "$1" "$2"
}

own_database() {
  admin_sql "$1" "$2" <<SQL
    set client_min_messages = warning;
    alter database "$2" owner to dusty_jet_owner;
    revoke all on database "$2" from public;
    grant connect on database "$2" to dusty_jet_app, dusty_jet_backup;
    revoke create on schema public from public;
    do \$\$ declare what record; begin
      for what in select c.relname, c.relkind from pg_class c where c.relnamespace = 'public'::regnamespace
        and c.relkind in ('r', 'v') and pg_get_userbyid(c.relowner) <> 'dusty_jet_owner'
      loop execute format('alter table public.%I owner to dusty_jet_owner', what.relname); end loop;
      for what in select c.relname from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind = 'S'
        and pg_get_userbyid(c.relowner) <> 'dusty_jet_owner'
      loop execute format('alter sequence public.%I owner to dusty_jet_owner', what.relname); end loop;
      for what in select p.oid::regprocedure::text as relname from pg_proc p where p.pronamespace = 'public'::regnamespace
        and pg_get_userbyid(p.proowner) <> 'dusty_jet_owner'
      loop execute format('alter function %s owner to dusty_jet_owner', what.relname); end loop;
    end \$\$;
SQL
}

# migrate [fresh] : tables are made and changed by their owner; what the application may do with them is granted after it.
migrate() { php artisan "migrate${1:+:$1}" --force --quiet --database=owner; }

# The fits are arithmetic: compiled, they take half the time.
PHP_FAST_FLAGS=(-d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M)

# PHP's own server with several workers and a warm opcode cache.
# What is compiled before the first request and not looked at again; as root PHP wants to be told that this is meant.
PHP_SETTLED_FLAGS=(-d opcache.preload="$PWD/bin/preload.php" -d "opcache.preload_user=$(id -un)"
  -d opcache.validate_timestamps=0 -d opcache.max_accelerated_files=20000)

PHP_SERVER_FLAGS=("${PHP_FAST_FLAGS[@]}" -d opcache.enable=1 -d opcache.validate_timestamps=1
  -d upload_max_filesize=20M -d post_max_size=22M -d memory_limit=256M -d expose_php=0 -d zend.exception_ignore_args=1)

# start_server PORT WORKERS LOG : in a process group of its own, because the workers outlive a parent that is killed alone.
start_server() {
  PHP_CLI_SERVER_WORKERS=$2 setsid php "${PHP_SERVER_FLAGS[@]}" ${PHP_EXTRA_FLAGS[@]+"${PHP_EXTRA_FLAGS[@]}"} \
    -S "127.0.0.1:$1" -t public bin/router.php >"$3" 2>&1 8>&- 9>&- &
  server=$!
  echo "$server" >"$PWD/var/server-$1.pid"
  for _ in $(seq 50); do port_is_free "$1" || return 0; sleep 0.1; done
  fail "The web server did not start; see $3"
}

# end_orphan PORT : a web server of this folder whose bin/start was killed goes on alone, and holds the port.
end_orphan() {
  local pid
  pid=$(cat "$PWD/var/server-$1.pid" 2>/dev/null) || return 0
  [ "$(readlink "/proc/$pid/cwd" 2>/dev/null)" = "$PWD" ] && tr '\0' ' ' <"/proc/$pid/cmdline" | grep -q "127.0.0.1:$1 .*bin/router.php" || return 0
  [ "$(ps -o ppid= -p "$pid" | tr -d ' ')" = 1 ] || return 0
  say "Ending what an earlier start left on port $1"
  kill -TERM -- "-$pid" 2>/dev/null || true
  for _ in $(seq 50); do ! port_is_free "$1" || return 0; sleep 0.1; done
}

stop_server() {
  [ -n "${server:-}" ] || return 0
  kill -TERM -- "-$server" 2>/dev/null || true
  wait "$server" 2>/dev/null || true
  server=
}

# optimize_application FOLDER [GROUP] : configuration, routes, events, views and knowledge read once, kept in FOLDER, which
# GROUP may read and nobody but this user writes. The server that is started next uses all of it, and sees no edit until it
# is started again.
optimize_application() {
  rm -rf "$1"
  (umask 077 && mkdir -p "$1/views" "$1/knowledge")
  export APP_CONFIG_CACHE=$1/config.php APP_ROUTES_CACHE=$1/routes.php APP_EVENTS_CACHE=$1/events.php
  export APP_SERVICES_CACHE=$1/services.php APP_PACKAGES_CACHE=$1/packages.php COMPILED_PATH=$1
  export VIEW_CHECK_TIMESTAMPS=false DB_PERSISTENT=true DB_KEEPS_UTC=true KEEPS_SHEETS=true
  LOG_CHANNEL=${LOG_CHANNEL:-daily} php artisan config:cache --quiet
  php artisan route:cache --quiet && php artisan event:cache --quiet && php artisan view:cache --quiet
  SESSION_DRIVER=array php bin/warm
  if [ -n "${2:-}" ]; then chgrp -R "$2" "$1" && chmod -R g=rX,o= "$1"; fi
  PHP_EXTRA_FLAGS=("${PHP_SETTLED_FLAGS[@]}")
}

# refuse_shop_folder_as_demo : the folder of a shop never lets the demo's people in.
refuse_shop_folder_as_demo() {
  if grep -qx 'DEMO=false' .env 2>/dev/null; then
    fail "This is a shop's folder (DEMO=false in .env): bin/serve runs it. Try the demo in another folder."
  fi
}

# refuse_shop_as_demo PORT DATABASE : nor does the database of one, whose owner is not the demo's.
refuse_shop_as_demo() {
  local owners
  local asked="select string_agg(name, ', ') from people where role = 'owner' and not is_demo"
  owners=$(admin_sql "$1" "$2" 2>/dev/null <<<"$asked") || return 0
  [ -z "$owners" ] || fail "This database is a shop's, of $owners: bin/serve runs it. Try the demo in another folder."
}

# refuse_to_erase DATABASE : what is not the demo's goes only when the shop's name is typed by somebody who sits there.
refuse_to_erase() {
  local kept name typed
  { read -r name && kept=$(cat); } < <(php bin/not-demo) || fail "It cannot be told what the database $1 holds, so nothing is erased."
  [ -n "$kept" ] || return 0
  printf '✗ The database %s holds what is not of the demo, and --fresh would erase it:\n' "$1" >&2
  printf '    %s\n' "$kept" | sed '2,$s/^/    /' >&2
  printf '  bin/backup DIR keeps it first.\n' >&2
  [ -t 0 ] && [ -t 2 ] || fail "Nothing was changed: somebody at a terminal must say so."
  read -r -p "  To erase it, type the name of the shop ($name): " typed
  [ "$typed" = "$name" ] || fail "That is not its name. Nothing was changed."
}

# write_env ENVIRONMENT DEMO : once; the key of this shop's cookies is made here.
write_env() {
  [ ! -f .env ] || return 0
  say "Writing .env"
  (umask 077 && printf 'APP_ENV=%s\nAPP_KEY=base64:%s\nAPP_DEBUG=false\nDEMO=%s\n' "$1" "$(head -c 32 /dev/urandom | base64)" "$2" >.env)
}

# remember_password : for what is run by hand beside it, under the application's role.
remember_password() {
  grep -qxF "DB_PASSWORD=$DB_PASSWORD" .env && return
  sed -i '/^DB_PASSWORD=/d' .env
  printf 'DB_PASSWORD=%s\n' "$DB_PASSWORD" >>.env
}

# keep_database DATA : a database that died is started again while the shop works.
keep_database() {
  if postmaster_of "$1" >/dev/null; then return; fi
  say "The database ended; starting it again"
  (start_postgres "$1" "$DB_PORT") || say "Not yet; trying again"
}

# database_of_this_shop FOLDER : which database the application uses, and under which role a program of PostgreSQL's reads it.
database_of_this_shop() {
  local line
  if [ -r "$1/.env" ]; then
    while IFS= read -r line; do
      [[ $line =~ ^(DB_[A-Z_]+)=(.*)$ ]] && [ -z "${!BASH_REMATCH[1]:-}" ] && export "${BASH_REMATCH[1]}=${BASH_REMATCH[2]}"
    done <"$1/.env"
  fi
  [ -n "${DB_BACKUP_PASSWORD:-}" ] || [ ! -r "$1/var/postgres.secrets" ] || use_secrets "$1/var/postgres"
  export PGHOST=${DB_HOST:-127.0.0.1} PGPORT=${DB_PORT:-54380} PGDATABASE=${DB_DATABASE:-dusty_jet}
  export PGUSER=${DB_BACKUP_USERNAME:-dusty_jet_backup} PGPASSWORD=${DB_BACKUP_PASSWORD:-}
}

# serve_to_browsers PORT : the demo on a database of its own, dusty_jet_browser, as the browser tests want it.
serve_to_browsers() {
  export APP_ENV=local APP_DEBUG=false DEMO=true DB_DATABASE=dusty_jet_browser
  export APP_KEY="base64:$(head -c 32 /dev/urandom | base64)" APP_URL="http://127.0.0.1:$1" BASE_URL="http://127.0.0.1:$1"
  export STAND_IN_PACE=5
  migrate fresh
  forget_secrets
  php artisan db:seed --force --quiet
  optimize_application "$PWD/var/compiled-test"
  start_server "$1" 4 var/log/test-server.log
}
