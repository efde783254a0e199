#!/usr/bin/env bash
# Server time of one edit, as seen by a client on this machine: tools/measure-edits.sh [address] [edits]
# Signs in to the demo on a running app, opens its 45-minute class and changes one hold again and again.
# Needs curl. Prints median, 95th percentile and worst of (last byte - request sent), after a warm-up of 200 edits.
set -euo pipefail
base=${1:-http://localhost:8080}
edits=${2:-500}
jar=$(mktemp)
page=$(mktemp)
trap 'rm -f "$jar" "$page"' EXIT
token() { sed -n 's/.*name="csrf" content="\([^"]*\)".*/\1/p' "$page" | head -1; }

curl -s -b "$jar" -c "$jar" "$base/sign-in" >"$page"
curl -s -b "$jar" -c "$jar" -H "X-CSRF-TOKEN: $(token)" -X POST "$base/demo-sign-in" >/dev/null
curl -s -b "$jar" -c "$jar" "$base/" >"$page"
class=$(tr -d '\n' <"$page" | grep -o '/classes/[0-9a-f-]*">[^<]*<[^<]*\(<[^<]*\)\{0,3\}Steady on one leg' | grep -o '/classes/[0-9a-f-]*' | tail -1)
curl -s -b "$jar" -c "$jar" "$base$class" >"$page"
token=$(token)
version=$(sed -n 's/.*id="version" name="version" value="\([0-9]*\)".*/\1/p' "$page")
node=$(grep -o 'data-node="[^"]*" data-field="breaths"\|data-node="[^"]*",data-field="breaths"' "$page" | head -1 | cut -d'"' -f2)
[ -n "$node" ] || node=$(grep -o 'id="f-[a-z0-9]*-breaths"' "$page" | head -1 | cut -d- -f2)

one() {
  curl -s -o "$page" -b "$jar" -H "X-CSRF-TOKEN: $token" -H 'HX-Request: true' \
    -d "node=$node&field=breaths&value=$1&version=$version" -w '%{http_code} %{time_total} %{time_pretransfer}\n' "$base$class/change"
  version=$((version + 1))
}

for i in $(seq 200); do one $((3 + i % 7)) >/dev/null; done
for i in $(seq "$edits"); do one $((3 + i % 7)); done | awk '
  $1 != 200 { bad++ }
  { print ($2 - $3) * 1000 > "/dev/stderr"; n++ }
  END { if (bad) print bad " edits were refused" }' 2>"$page.times"
sort -n "$page.times" | awk '{ t[NR] = $1 } END { printf "%d edits: median %.1f ms, p95 %.1f ms, worst %.1f ms\n", NR, t[int((NR + 1) / 2)], t[int(NR * 0.95)], t[NR] }'
rm -f "$page.times"
