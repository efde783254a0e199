#!/usr/bin/env bash
# Prints how drafts are built, by the measures of craft, over every so many briefs of the matrix of peaks, levels, slots and styles.
# Usage: tools/craft-report.sh [ONE IN, 11 when not said]; needs what ./gurukram test installs.
set -euo pipefail
cd "$(dirname "$0")/../core"
mvn -o -B -ntp -q test-compile -Dspotless.check.skip=true >/dev/null
mvn -o -B -ntp -q dependency:build-classpath -Dmdep.outputFile=target/classpath.txt >/dev/null 2>&1 ||
  mvn -B -ntp -q dependency:build-classpath -Dmdep.outputFile=target/classpath.txt >/dev/null
java -cp "target/test-classes:target/classes:$(cat target/classpath.txt)" gurukram.core.compose.CraftReport "$@"
