#!/usr/bin/env bash
# How long a CSV of a million rows takes to open, as a multiple of the bare reading of it, within a heap of one gigabyte.
# With the collector and the compiler that the program is started with. Needs the project packaged: mvn -B -DskipTests package
set -eu
cd "$(dirname "$0")/.."
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
libraries="$(ls benchmarks/target/hestra-benchmarks-*.jar desktop/target/hestra-desktop-*.jar desktop/target/lib/*.jar | grep -v /javafx- | tr '\n' ':')"
exec "$jdk/bin/java" -Xmx1g -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -cp "$libraries" hestra.benchmarks.OpenSpeed
