#!/usr/bin/env bash
# What an author waits for: 200 variants with two wishes beside 200 plain copies, an exercise of 40 tasks in 4 parts beside the demo exercise,
# a handout of 30 variants, and frames while a text of the sheet is typed. Needs the project packaged: mvn -B -DskipTests package
set -eu
cd "$(dirname "$0")/.."
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
fx="$(ls desktop/target/lib/javafx-*.jar | tr '\n' ':')"
libraries="$(ls benchmarks/target/hestra-benchmarks-*.jar desktop/target/hestra-desktop-*.jar desktop/target/lib/*.jar | grep -v /javafx- | tr '\n' ':')"
exec "$jdk/bin/java" ${JFR:-} --module-path "$fx" --add-modules javafx.controls --enable-native-access=javafx.graphics \
  --sun-misc-unsafe-memory-access=allow -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Dprism.order=sw \
  -cp "$libraries" hestra.benchmarks.Workshop "$@"
