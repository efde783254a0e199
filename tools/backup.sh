#!/usr/bin/env bash
# Backups of the database that the environment names (PGHOST, PGPORT, PGDATABASE, PGUSER, PGPASSWORD).
#   backup.sh make FILE            all of it, as of one moment, while it is used; an old FILE stays until the new one is whole
#   backup.sh check FILE SCHEMA    whole, unchanged, and not newer than migration SCHEMA; prints when it was made and its migration
#   backup.sh restore FILE SCHEMA  puts it in the place of everything stored, or changes nothing
#   backup.sh daily DIR            today's, where there is none yet; keeps 7 days and 4 weeks
# A FILE is a tar of "about" (format, schema, made, sha256) and "dump".
set -euo pipefail

FORMAT=1
DAYS=7
WEEKS=4

# The programs that are as new as the newest server here: they read what older ones wrote.
find_bin() {
  local d best=""
  for d in /usr/lib/postgresql/*/bin; do [ -x "$d/pg_dump" ] && best=$d; done
  [ -n "$best" ] || { echo "no PostgreSQL programs" >&2; exit 1; }
  echo "$best"
}
BIN=$(find_bin)

fail() { printf '%s\n' "$*" >&2; exit 1; }
ask() { "$BIN/psql" -qXAt -v ON_ERROR_STOP=1 -c "$1"; }

WORK=''
clean_up() { [ -z "$WORK" ] || rm -rf -- "$WORK"; }
trap clean_up EXIT

make() {
  local file=$1 schema sum
  umask 077
  # beside the file: on the same disk, so that the last step is a mere change of name
  WORK=$(mktemp -d "$(dirname "$file")/.backup-XXXXXX") || fail "there is no writing to $(dirname "$file")"
  schema=$(ask 'select version from flyway_schema_history where success order by installed_rank desc limit 1')
  "$BIN/pg_dump" -Fc --no-owner --no-privileges -f "$WORK/dump" || fail 'the database could not be written out; an older backup is as it was'
  sum=$(sha256sum <"$WORK/dump" | cut -d' ' -f1)
  printf 'format %s\nschema %s\nmade %s\nsha256 %s\n' "$FORMAT" "$schema" "$(date -u +%Y-%m-%dT%H:%M:%SZ)" "$sum" >"$WORK/about"
  tar -C "$WORK" -cf "$WORK/whole" about dump || fail 'the backup could not be written; an older one is as it was'
  sync "$WORK/whole" || fail 'the backup could not be written; an older one is as it was'
  mv "$WORK/whole" "$file"
}

about() { sed -n "s/^$1 //p" "$WORK/about"; }

# Unpacks into $WORK what was checked.
check() {
  local file=$1 newest=$2
  [ -f "$file" ] || fail "there is no file $file"
  umask 077
  WORK=$(mktemp -d "${TMPDIR:-/tmp}/backup-XXXXXX")
  tar -C "$WORK" -xf "$file" about dump 2>/dev/null || fail 'this is no backup, or only a part of one'
  [ "$(about format)" = "$FORMAT" ] || fail 'this backup is of another kind; a newer Gurukram may read it'
  [ "$(sha256sum <"$WORK/dump" | cut -d' ' -f1)" = "$(about sha256)" ] || fail 'this backup is damaged: its sum is another one'
  [[ $(about schema) =~ ^[0-9]+$ ]] && [ "$(about schema)" -le "$newest" ] ||
    fail "this backup is of a newer Gurukram (migration $(about schema), here $newest); update it first"
  printf 'made %s, migration %s\n' "$(about made)" "$(about schema)"
}

# In one transaction: the old is there until the new is.
restore() {
  check "$1" "$2" >/dev/null
  "$BIN/pg_restore" --no-owner --no-privileges -f "$WORK/script" "$WORK/dump"
  PGOPTIONS="-c client_min_messages=warning" "$BIN/psql" -qX -v ON_ERROR_STOP=1 -1 -o /dev/null -c 'drop schema if exists public cascade' -c 'create schema public' -f "$WORK/script" ||
    fail 'it could not be restored; everything is as it was'
}

daily() {
  local dir=$1 today week file
  today=$(date +%F)
  week=$(date +%G-%V)
  mkdir -p "$dir"
  [ ! -e "$dir/day-$today.backup" ] || return 0
  make "$dir/day-$today.backup"
  # the first of a week stays longer
  [ -e "$dir/week-$week.backup" ] || ln "$dir/day-$today.backup" "$dir/week-$week.backup"
  for file in $(ls "$dir" | grep -E '^day-[0-9-]+\.backup$' | sort -r | tail -n +$((DAYS + 1))) \
    $(ls "$dir" | grep -E '^week-[0-9-]+\.backup$' | sort -r | tail -n +$((WEEKS + 1))); do
    rm -f "$dir/$file"
  done
}

cmd=${1:-}; shift || true
case $cmd in
  make) make "$(realpath -m "$1")" ;;
  check) check "$1" "$2" ;;
  restore) restore "$1" "$2" ;;
  daily) daily "$(realpath -m "$1")" ;;
  *) sed -n 2,7p "$0" >&2; exit 2 ;;
esac
