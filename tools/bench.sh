#!/usr/bin/env bash
# Measures the core's engines with JMH and prints medians and worsts. Takes some minutes; nothing else should run.
# Usage: tools/bench.sh [pattern of benchmarks] [JMH options]
set -euo pipefail
cd "$(dirname "$0")/.."
echo "Building ..."
mvn -B -ntp -q -pl core,bench -DskipTests package dependency:build-classpath \
    -DincludeScope=runtime -Dmdep.outputFile=target/classpath.txt >/dev/null
java -cp "bench/target/classes:$(cat bench/target/classpath.txt)" org.openjdk.jmh.Main "${1:-.*}" "${@:2}" \
    | grep -E "moments|p0\.50|p1\.00|^Benchmark|Error" || true
