#!/usr/bin/env bash
# What a marker waits for: 1,000 hand-ins of 20 tasks opened and marked beside the bare reading of their JSON, a decision with all that follows,
# and 200 pages given back. Needs the project packaged: mvn -B -DskipTests package
set -eu
cd "$(dirname "$0")/.."
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
fx="$(ls desktop/target/lib/javafx-*.jar | tr '\n' ':')"
libraries="$(ls benchmarks/target/hestra-benchmarks-*.jar desktop/target/hestra-desktop-*.jar desktop/target/lib/*.jar | grep -v /javafx- | tr '\n' ':')"
exec "$jdk/bin/java" ${JFR:-} --module-path "$fx" --add-modules javafx.controls --enable-native-access=javafx.graphics \
  --sun-misc-unsafe-memory-access=allow -XX:+UseParallelGC -Xmx1g -Dprism.order=sw \
  -cp "$libraries" hestra.benchmarks.Marking "$@"
