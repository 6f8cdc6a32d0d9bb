#!/usr/bin/env bash
# How long it takes to paste ten thousand rows, and how long frames take while that table is scrolled and typed into.
# Needs a display (Xvfb will do), and the project packaged: mvn -B -DskipTests package
set -eu
cd "$(dirname "$0")/.."
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
fx="$(ls desktop/target/lib/javafx-*.jar | tr '\n' ':')"
libraries="$(ls benchmarks/target/hestra-benchmarks-*.jar desktop/target/hestra-desktop-*.jar desktop/target/lib/*.jar | grep -v /javafx- | tr '\n' ':')"
exec "$jdk/bin/java" --module-path "$fx" --add-modules javafx.controls --enable-native-access=javafx.graphics \
  --sun-misc-unsafe-memory-access=allow -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Dprism.order=sw \
  -cp "$libraries" hestra.benchmarks.TableFrames
