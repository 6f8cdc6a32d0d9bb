#!/usr/bin/env bash
# How long frames take while a point, or the view, is dragged, on the software renderer, as ratios to a bare canvas that draws
# as many discs each frame in the same run: with 100 and 1,000 points, or as many as is said:
# benchmarks/frames.sh 1000 20000 100000
# Needs a display (Xvfb will do), and the project packaged: mvn -B -DskipTests package
set -eu
cd "$(dirname "$0")/.."
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
fx="$(ls desktop/target/lib/javafx-*.jar | tr '\n' ':')"
libraries="$(ls benchmarks/target/hestra-benchmarks-*.jar desktop/target/hestra-desktop-*.jar desktop/target/lib/*.jar | grep -v /javafx- | tr '\n' ':')"
exec "$jdk/bin/java" --module-path "$fx" --add-modules javafx.controls --enable-native-access=javafx.graphics \
  --sun-misc-unsafe-memory-access=allow -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Dprism.order=sw -Dprism.dirtyregioncount=15 \
  -cp "$libraries" hestra.benchmarks.DragFrames "$@"
