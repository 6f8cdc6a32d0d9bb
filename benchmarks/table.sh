#!/usr/bin/env bash
# How long it takes to paste ten thousand rows, the first time in a window and later, and how long frames take while that table is
# scrolled and typed into; started as the program is. The first time is the median of several starts, nine or as many as is said.
# Needs a display (Xvfb will do), and the project packaged: mvn -B -DskipTests package
set -eu
here="$(cd "$(dirname "$0")/.." && pwd)"
runs="${1:-9}"
cd "$here"
./hestra --version >/dev/null
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
# What was recorded holds for the very paths that the program is started with; what comes after them does no harm.
target="$here/desktop/target/run"
fx=""
libraries="$(ls "$target"/hestra-desktop-*.jar | grep -v -e "-tests.jar" | head -n 1)"
for file in "$target"/lib/*.jar; do
  case "$file" in */javafx-*) fx="$fx:$file" ;; *) libraries="$libraries:$file" ;; esac
done
frames() {
  "$jdk/bin/java" --module-path "${fx#:}" --add-modules javafx.controls --enable-native-access=javafx.graphics \
    --sun-misc-unsafe-memory-access=allow -XX:+UseSerialGC -XX:-UsePerfData -XX:TieredStopAtLevel=1 -XX:ReservedCodeCacheSize=240m \
    -Dprism.dirtyregioncount=15 -Dprism.order=sw -Dfile.encoding=UTF-8 -XX:AOTMode=on -XX:AOTCache="$target/hestra.aot" \
    -cp "$libraries:$(ls "$here"/benchmarks/target/hestra-benchmarks-*.jar)" hestra.benchmarks.TableFrames "$@"
}
for _ in $(seq "$runs"); do frames first; done | sort -n |
  awk '{ v[NR] = $1 } END { printf "first paste of 10000 rows: median of %d starts %d ms, from %d to %d ms (bar 300)\n", NR, v[int((NR + 1) / 2)], v[1], v[NR] }'
frames
