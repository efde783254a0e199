#!/usr/bin/env bash
# How the app's Java is run, one option a line; its heap is for whoever runs it to say.
cat <<'END'
-XX:+UseSerialGC
-XX:+ExitOnOutOfMemoryError
-XX:MetaspaceSize=192m
END
# The compiler that makes code twice as quick takes most of a processor for the first minutes; where there are two, the requests need it.
[ "$(nproc)" -gt 2 ] || printf '%s\n' -XX:TieredStopAtLevel=1 -XX:ReservedCodeCacheSize=128m
