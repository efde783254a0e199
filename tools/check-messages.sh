#!/usr/bin/env bash
# Prints what the checks say of the test classes and the demo, with the mends they offer, to be read as a teacher reads them.
# Usage: tools/check-messages.sh [FOLDER ...], or --slips for what is said of every slip; needs what ./gurukram test installs.
set -euo pipefail
what=gurukram.core.check.Messages
folders=()
for folder in "$@"; do
  if [[ $folder == --slips ]]; then what=gurukram.core.check.SlipMends; else folders+=("$(readlink -f "$folder")"); fi
done
cd "$(dirname "$0")/../core"
[[ ${#folders[@]} -gt 0 ]] || folders=(src/test/resources/checks/good src/test/resources/checks/clean ../web/src/main/resources/demo)
mvn -o -B -ntp -q test-compile -Dspotless.check.skip=true >/dev/null
mvn -o -B -ntp -q dependency:build-classpath -Dmdep.outputFile=target/classpath.txt >/dev/null 2>&1 ||
  mvn -B -ntp -q dependency:build-classpath -Dmdep.outputFile=target/classpath.txt >/dev/null
java -cp "target/test-classes:target/classes:$(cat target/classpath.txt)" "$what" "${folders[@]}"
