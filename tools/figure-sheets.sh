#!/usr/bin/env bash
# Draws figures on numbered sheets without names (PNG), and the key apart (key.tsv), to be named by somebody who has not seen them.
# Usage: tools/figure-sheets.sh FOLDER [--as-filed] [--size PX] [pose ids ...]; needs what ./gurukram test installs.
set -euo pipefail
folder=${1:?"a folder to write to"}
shift
order=mixed
size=116
while [[ ${1:-} == --* ]]; do
  case $1 in
    --as-filed) order=as-filed; shift ;;
    --size) size=$2; shift 2 ;;
    *) echo "I do not know $1" >&2; exit 1 ;;
  esac
done
mkdir -p "$folder"
folder=$(readlink -f "$folder")
cd "$(dirname "$0")/.."
echo "Building ..."
mvn -o -B -ntp -q -pl core,web test-compile -Dspotless.check.skip=true >/dev/null
mvn -o -B -ntp -q -pl web dependency:build-classpath -Dmdep.outputFile=target/classpath.txt >/dev/null 2>&1 ||
  mvn -B -ntp -q -pl core,web -am dependency:build-classpath -Dmdep.outputFile=target/classpath.txt >/dev/null
java -cp "web/target/test-classes:web/target/classes:core/target/classes:$(cat web/target/classpath.txt)" \
  gurukram.web.drawing.FigureSheets "$folder" "$order" "$size" "$@"
for sheet in "$folder"/sheet-*.html; do
  chromium --headless --no-sandbox --disable-gpu --hide-scrollbars --window-size=1280,1000 \
    --screenshot="${sheet%.html}.png" "file://$sheet" >/dev/null 2>&1
  rm "$sheet"
done
ls "$folder"
