#!/usr/bin/env bash
# Server time of one edit, as seen by a client on this machine: tools/measure-edits.sh [address] [edits]
# Signs in to the demo on a running app, writes a class of 90 minutes (150 steps, 600 moments) and changes one hold of it
# again and again. Needs curl. Prints median, 95th percentile and worst of (last byte - request sent), after 200 edits to
# warm up.
set -euo pipefail
base=${1:-http://localhost:8080}
edits=${2:-200}
jar=$(mktemp)
page=$(mktemp)
trap 'rm -f "$jar" "$page" "$page.times"' EXIT
ask() { curl -s -b "$jar" -c "$jar" "$@"; }
token() { sed -n 's/.*name="csrf" content="\([^"]*\)".*/\1/p' "$page" | head -1; }

text() {
  printf 'class: Ninety minutes\n- 90 min, hatha, beginner\narrive:\neasy seat, 3 min open\n'
  for part in 1 2 3 4 5 6; do
    printf 'standing: Part %s\nflow "tide %s", 4 rounds, both sides\n' $part $part
    for _ in 1 2 3 4; do printf '  high lunge, in\n  warrior 2, out\n  reverse warrior, in\n'; done
    for _ in 1 2 3 4; do printf 'triangle, both, 2 breaths\nchair, 2 breaths\ntree, both, 2 breaths\n'; done
  done
  printf 'rest:\nfinal rest, 8 min\n'
}

ask "$base/sign-in" >"$page"
ask -H "X-CSRF-TOKEN: $(token)" -X POST "$base/demo-sign-in" >/dev/null
ask "$base/classes/new" >"$page"
class=$(ask -H "X-CSRF-TOKEN: $(token)" -d 'title=Ninety minutes&slot=90' -o /dev/null -w '%{redirect_url}' "$base/classes")
ask "$class" >"$page"
token=$(token)
ask -H "X-CSRF-TOKEN: $token" -d version=1 --data-urlencode "text=$(text)" -o /dev/null "$class/text"
ask "$class" >"$page"
version=$(sed -n 's/.*id="version" name="version" value="\([0-9]*\)".*/\1/p' "$page")
node=$(grep -o 'data-row="[^"]*" data-name="Triangle"' "$page" | head -1 | cut -d'"' -f2)

one() {
  curl -s -o "$page" -b "$jar" -H "X-CSRF-TOKEN: $token" -H 'HX-Request: true' \
    -d "node=$node&field=dose&value=$1&version=$version&view=BEGINNER" -w '%{http_code} %{time_total} %{time_pretransfer}\n' "$class/change"
  version=$((version + 1))
}

for i in $(seq 200); do one $((3 + i % 7)) >/dev/null; done
for i in $(seq "$edits"); do one $((3 + i % 7)); done | awk '
  $1 != 200 { bad++ }
  { print ($2 - $3) * 1000 > "/dev/stderr"; n++ }
  END { if (bad) print bad " edits were refused" }' 2>"$page.times"
sort -n "$page.times" | awk '{ t[NR] = $1 } END { printf "%d edits: median %.1f ms, p95 %.1f ms, worst %.1f ms\n", NR, t[int((NR + 1) / 2)], t[int(NR * 0.95)], t[NR] }'
ask -H "X-CSRF-TOKEN: $token" -X POST "$class/delete" >/dev/null
