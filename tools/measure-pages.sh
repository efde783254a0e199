#!/usr/bin/env bash
# Server time of the pose pages, as seen by a client on this machine: tools/measure-pages.sh [address] [times]
# Signs in to the demo on a running app. Needs curl. Prints median and worst of (last byte - request sent) for each page.
set -euo pipefail
base=${1:-http://localhost:8080}
times=${2:-60}
jar=$(mktemp)
page=$(mktemp)
trap 'rm -f "$jar" "$page"' EXIT
curl -s -b "$jar" -c "$jar" "$base/sign-in" >"$page"
token=$(sed -n 's/.*name="csrf" content="\([^"]*\)".*/\1/p' "$page" | head -1)
curl -s -b "$jar" -c "$jar" -H "X-CSRF-TOKEN: $token" -X POST "$base/demo-sign-in" >/dev/null

one() { curl -s -o /dev/null -b "$jar" "${@:2}" -w '%{http_code} %{time_total} %{time_pretransfer}\n' "$base$1"; }
measure() {
  for i in $(seq 40); do one "$@" >/dev/null; done
  for i in $(seq "$times"); do one "$@"; done | awk '$1 == 200 { print ($2 - $3) * 1000 }' | sort -n |
    awk -v what="$1" '{ t[NR] = $1 } END { printf "%-28s %d times: median %.1f ms, worst %.1f ms\n", what, NR, t[int((NR + 1) / 2)], t[NR] }'
}
measure /poses
measure '/poses?q=warior+two' -H 'HX-Request: true'
measure '/poses?q=pigeon' -H 'HX-Request: true'
measure '/poses?area=HAMSTRINGS' -H 'HX-Request: true'
measure /poses/half-moon
measure /poses/half-moon/figure.svg
