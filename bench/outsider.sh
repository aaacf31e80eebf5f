#!/usr/bin/env bash
# What somebody from outside, or with a careless hand, can do to a shop on bin/serve. A folder, a database and ports of
# its own; run by bin/drill outsider, as root. Each line says what was tried; ends with how many attempts came through.
set -euo pipefail
cd "$(dirname "$0")/.."
. bin/lib.sh

[ "$(id -u)" -eq 0 ] || fail "This drill tries what www-data may do, and needs root for it."
port=8386
other=8387
export DB_PORT=54386
at=http://127.0.0.1:$port
password="seven brass jets in a row"
shop=$(mktemp -d /tmp/dusty-jet-outsider-XXXXXX)
second=$(mktemp -d /tmp/dusty-jet-outsider-XXXXXX)
came_through=0
serves=()

finish() {
  trap - EXIT INT TERM
  end_serving
  (cd "$shop" && . bin/lib.sh && stop_postgres "$shop/var/postgres") || true
  rm -rf "$shop" "$second" "$shop.log" "$second.log"
}
trap finish EXIT
trap 'exit 130' INT TERM

# tried WORDS COMMAND... : an attempt that must come to nothing, so that COMMAND holds.
tried() {
  local words=$1
  shift
  if "$@"; then say "$words: as it should be"; else came_through=$((came_through + 1)); printf '✗ %s\n' "$words"; fi
}

# clean COMMAND... : as on a server where nothing of a drill is set.
clean() { env -u APP_ENV -u APP_KEY -u APP_DEBUG -u APP_URL -u DEMO -u DB_DATABASE "$@"; }

# serve FOLDER PORT [VARIABLE=VALUE ...]
serve() {
  local folder=$1 listen=$2
  shift 2
  (cd "$folder" && clean "$@" SERVE_WORKERS=3 bash -c 'echo $$ >var/serve.pid; exec bash bin/serve --listen "$1"' \
    serve "127.0.0.1:$listen") >"$folder.log" 2>&1 &
  until curl -sf -o /dev/null "http://127.0.0.1:$listen/up"; do
    kill -0 $! 2>/dev/null || { cat "$folder.log"; fail "bin/serve ended."; }
    sleep 0.3
  done
  serves+=("$folder")
}

# end_serving : every server of the drill, to its end.
end_serving() {
  local folder
  for folder in "${serves[@]}"; do kill -TERM "$(cat "$folder/var/serve.pid")" 2>/dev/null || true; done
  wait
  serves=()
}

status() { curl -s -o /dev/null -w '%{http_code}' "$@"; }
token() { curl -s -b "$1" -c "$1" "$2/sign-in" | sed -n 's/.*name="_token" value="\([^"]*\)".*/\1/p' | head -1; }

# sign_in JAR ADDRESS PASSWORD : the status of the answer; 302 or 303 where somebody came in.
sign_in() {
  status -b "$1" -c "$1" --data-urlencode "_token=$(token "$1" "$2")" --data-urlencode "name=Nell Varga" \
    --data-urlencode "password=$3" "$2/sign-in"
}
is_in() { [ "$(status -b "$1" "$2/me")" = 200 ]; }
processes() { { pgrep -f "serve-$port/nginx.conf"; pgrep -f "postgres -D $shop"; } | sort; }

copy_program "$shop"
# Not the file of this program under another name: what is tried on it is to stay here.
cp -a --remove-destination vendor/autoload.php "$shop/vendor/autoload.php"
copy_program "$second"
(cd "$shop" && mkdir -p storage/framework/views)
serve "$shop" "$port"
(cd "$shop" && . bin/lib.sh && use_secrets "$shop/var/postgres" && clean php bin/owner "Nell Varga" <<<"$password")

# --- a second start
before=$(processes)
again=$( (cd "$shop" && clean bash bin/serve --listen "127.0.0.1:$port") 2>&1 >/dev/null && echo started || true)
beside=$( (cd "$shop" && clean bash bin/serve --listen "127.0.0.1:$other") 2>&1 >/dev/null && echo started || true)
tried "a second bin/serve on the port" grep -q "runs on port $port already" <<<"$again"
tried "a second bin/serve in the folder" grep -q "runs here already" <<<"$beside"
tried "nothing of the first was touched" [ "$before" = "$(processes)" ]

# --- the way to root
writable=$(find "$shop" -path "$shop/var/postgres" -prune -o \
  ! -type l \( -user www-data -o -perm /022 \) -prune -print | sed "s|$shop/||" | sort | tr '\n' ' ')
tried "www-data writes data only: $writable" \
  [ "$writable" = "storage/logs var/serve-$port/data var/serve-$port/php.sock var/serve-$port/tmp " ]
for target in bootstrap/cache/packages.php bootstrap/cache/config.php storage/framework/views/a.php \
  "var/compiled-$port/config.php" "var/compiled-$port/preload.txt" vendor/autoload.php bin/lib.sh .env; do
  setpriv --reuid=www-data --regid=www-data --clear-groups \
    sh -c "echo '<?php touch(\"$shop/proof\");' >>'$shop/$target'" 2>/dev/null \
    && tried "www-data could write $target" false
done
end_serving
serve "$shop" "$port"
tried "root ran nothing of what www-data planted" [ ! -e "$shop/proof" ]

# --- answers that are not the shop's
jar=$shop/var/jar
tried "the owner comes in" [ "$(sign_in "$jar" "$at" "$password")" -lt 400 ]
logged() { curl -s -D - -o /dev/null "$@" | grep -ic '^x-logged:' || true; }
head -c 24000000 /dev/zero >"$shop/var/large"
for answer in "-b $jar $at/no-such-page" "-X POST -b $jar $at/jobs" \
  "-X POST $at/jobs/00000000-0000-4000-8000-000000000001/entries/noted" \
  "-X POST -b $jar --data-binary @$shop/var/large $at/jobs" "-b $jar $at/"; do
  # shellcheck disable=SC2086
  tried "no X-Logged in the answer to curl ${answer//$shop/…}" [ "$(logged -H 'HX-Request: true' $answer)" = 0 ]
done
tried "24 MB are refused by name" [ "$(status -X POST -b "$jar" --data-binary "@$shop/var/large" "$at/jobs")" = 413 ]

# --- somebody who guesses
guesses=0
for ((i = 0; i < 80; i++)); do
  [ "$(sign_in "$shop/var/stranger" "$at" "wrong $i")" = 429 ] || guesses=$((guesses + 1))
done
tried "of 80 guesses at the owner's name $guesses were heard" [ "$guesses" -le 30 ]
wait_of() {
  curl -s -D - -o /dev/null -b "$1" -c "$1" --data-urlencode "_token=$(token "$1" "$2")" -d "name=Nell Varga" \
    -d password=wrong "$2/sign-in" | tr -d '\r' | sed -n 's/^[Rr]etry-[Aa]fter: //p'
}
seconds=$(wait_of "$shop/var/stranger" "$at")
tried "a stranger waits ${seconds:-no} s, never an hour" [ "${seconds:-9999}" -le 900 ]
sed '/dusty_jet_session/d' "$jar" >"$shop/var/device"
tried "the owner's own device comes in meanwhile" [ "$(sign_in "$shop/var/device" "$at" "$password")" -lt 400 ]
tried "and is in" is_in "$shop/var/device" "$at"

# --- two servers on one database
. "$shop/var/postgres.secrets"
key=$(sed -n 's/^APP_KEY=//p' "$shop/.env")
base=127.0.0.1:$DB_PORT/dusty_jet
serve "$second" "$other" APP_KEY="$key" DB_URL="postgres://dusty_jet_app:$DB_PASSWORD@$base" \
  DB_OWNER_URL="postgres://dusty_jet_owner:$DB_OWNER_PASSWORD@$base"
there=http://127.0.0.1:$other
tried "who came in at one is in at the other" is_in "$jar" "$there"
tried "guesses are counted over both" [ "$(sign_in "$shop/var/stranger2" "$there" "wrong again")" = 429 ]
form=$(curl -s -b "$jar" -c "$jar" "$at/jobs/create" | sed -n 's/.*name="_token" value="\([^"]*\)".*/\1/p' | head -1)
job=$(curl -s -o /dev/null -w '%{redirect_url}' -b "$jar" -c "$jar" --data-urlencode "_token=$form" \
  -d client_id="$(cat /proc/sys/kernel/random/uuid)" -d family=float_pilot_jet -d variant=removable_pilot \
  -d idle_sense=fuel \
  --data-urlencode "machine=Tilby 46" --data-urlencode "engine=160 cc four-stroke" -d complaint=Floods "$there/jobs")
path=${job#"$there"}
# A printed board is kept by each server: what the other logged makes it old.
curl -s -o /dev/null -b "$jar" "$at/"
tried "a job opened at one is on the other's board and has its sheet" [ "$(status -b "$jar" "$at$path")" = 200 ]
tried "and on the board that was printed before" grep -q "Tilby 46" <<<"$(curl -s -b "$jar" "$at/")"
out=$(curl -s -b "$jar" -c "$jar" "$at/me" | sed -n 's/.*name="_token" value="\([^"]*\)".*/\1/p' | head -1)
status -X POST -b "$jar" --data-urlencode "_token=$out" "$at/sign-out" >/dev/null
tried "who goes out at one is out at the other" [ "$(status -b "$jar" "$there/me")" != 200 ]

# --- the slip of a hand
end_serving
for flags in "--fresh" ""; do
  # shellcheck disable=SC2086
  said=$( (cd "$shop" && clean timeout 60 bash bin/start $flags --port "$port" </dev/null) 2>&1 && echo started || true)
  tried "bin/start $flags in the shop's folder: $(grep '^✗' <<<"$said" | head -1)" grep -q '^✗' <<<"$said"
done
(cd "$shop" && . bin/lib.sh && start_postgres "$shop/var/postgres" "$DB_PORT") >/dev/null
jobs=$(cd "$shop" && . bin/lib.sh && use_secrets "$shop/var/postgres" \
  && admin_sql "$DB_PORT" dusty_jet <<<'select count(*) from jobs')
tried "the shop's job is still there" grep -qw 1 <<<"$jobs"

printf '\n%d attempts came through\n' "$came_through"
[ "$came_through" -eq 0 ]
