#!/usr/bin/env bash
# What is lost when something ends that should not: tools/reliability.sh prints the table of docs/reliability.md.
# Kills the app and its database under load, fills the disk, takes the database away, runs two copies, sends logs twice and
# reversed; then compares every table with a restored copy. Works on a database of its own; takes some five minutes.
# The disk is a small file system in memory, which only root can make; otherwise that row fills nothing and is left out.
set -euo pipefail
cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.."
HOME_DIR=$PWD
BASE=$(mktemp -d /tmp/reliability-XXXXXX)
export RELIABILITY_POSTGRES=$BASE/postgres.sh
export PG_DIR=$BASE/disk/pg RELIABILITY_CLUSTER=$BASE/disk/pg PG_DB=gurukram PG_USER=gurukram PG_PASSWORD=reliable
chmod 755 "$BASE"
mkdir "$BASE/disk"
mounted=no
if [ "$(id -u)" = 0 ] && mount -t tmpfs -o size=600m tmpfs "$BASE/disk" 2>/dev/null; then mounted=yes; fi
chmod 755 "$BASE/disk"
# a server started by a test has to outlive it
printf '#!/usr/bin/env bash\nexec setsid -w %q "$@" >/dev/null 2>&1\n' "$HOME_DIR/tools/private-postgres.sh" >"$RELIABILITY_POSTGRES"

end() {
  tools/private-postgres.sh destroy >/dev/null 2>&1 || true
  [ $mounted = no ] || umount "$BASE/disk" || true
  rm -rf "$BASE"
}
trap end EXIT

exports=$(tools/private-postgres.sh start)
eval "$exports"
tests='ReliabilityTable'
[ $mounted = yes ] || tests='ReliabilityTable#theApp*+theDatabase*+two*+logs*'
rc=0
PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn -B -ntp -q -pl core,web -am test -Dtest="$tests" -Dsurefire.failIfNoSpecifiedTests=false >"$BASE/log" 2>&1 || rc=$?
sed -n 's/^\[table\] //p' "$BASE/log"
[ $rc = 0 ] || { grep -E '^\[ERROR\]' "$BASE/log" | head -20 >&2; }

# every table of a dump, restored, against the one it was made of
BIN=$(ls -d /usr/lib/postgresql/*/bin | tail -1)
tables() { psql -qXAt -d "$1" -c "select table_name from information_schema.tables where table_schema = 'public' order by 1"; }
sums() {
  local table
  for table in $(tables "$1"); do
    printf '%s ' "$table"
    psql -qXAt -d "$1" -c "select count(*), md5(coalesce(string_agg(md5(t::text), '' order by md5(t::text)), '')) from \"$table\" t"
  done
}
super=$(cat "$PG_DIR/super")
PGUSER=postgres PGPASSWORD=$super psql -qXAt -d postgres -c 'create database restored owner gurukram' >/dev/null
"$BIN/pg_dump" -Fc gurukram >"$BASE/dump"
"$BIN/pg_restore" --no-owner -d restored "$BASE/dump"
sums gurukram >"$BASE/before"
sums restored >"$BASE/after"
differ=$(diff "$BASE/before" "$BASE/after" | grep -c '^[<>]' || true)
rows=$(awk '{split($2, n, "|"); sum += n[1]} END {print sum}' "$BASE/before")
echo "| a dump, restored, table by table | $(wc -l <"$BASE/before") tables with $rows rows; $differ differ |"
[ "$differ" = 0 ] || rc=1
exit $rc
