#!/usr/bin/env bash
# From the key to the painted change, and the server's part of it, for 200 edits of a 90-minute class in Chromium:
# tools/measure-paint.sh. Starts its own app and database; needs what the tests need.
set -euo pipefail
cd "$(dirname "$0")/.."
tools/private-postgres.sh with bash -c "PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn -B -ntp -q test -Dtest=EditPaint -Dsurefire.failIfNoSpecifiedTests=false -Dsurefire.useFile=false" \
  | grep -E "rows,|median|ERROR"
