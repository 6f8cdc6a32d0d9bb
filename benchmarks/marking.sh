#!/usr/bin/env bash
# What a marker waits for: 1,000 hand-ins of 20 tasks opened and marked beside the bare reading of their JSON, both in programs that have
# just begun and in one that is warm; a decision with all that follows, and 200 pages given back. Needs the project packaged: mvn -B -DskipTests package
set -eu
cd "$(dirname "$0")/.."
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
fx="$(ls desktop/target/lib/javafx-*.jar | tr '\n' ':')"
libraries="$(ls benchmarks/target/hestra-benchmarks-*.jar desktop/target/hestra-desktop-*.jar desktop/target/lib/*.jar | grep -v /javafx- | tr '\n' ':')"
marking() {
  "$jdk/bin/java" ${JFR:-} --module-path "$fx" --add-modules javafx.controls --enable-native-access=javafx.graphics \
    --sun-misc-unsafe-memory-access=allow -XX:+UseParallelGC -Xmx1g -Dprism.order=sw -cp "$libraries" hestra.benchmarks.Marking "$@"
}

folder="$(mktemp -d)"
trap 'rm -rf "$folder"' EXIT
mkdir "$folder/hand-ins"
marking write "$folder/hand-ins" >/dev/null
for _ in 1 2 3 4 5 6 7; do
  marking bare "$folder/hand-ins" >>"$folder/bare"
  marking marked "$folder/hand-ins" >>"$folder/marked"
done
median() { sort -n "$1" | awk '{ v[NR] = $1 } END { print v[int((NR + 1) / 2)] }'; }
awk -v a="$(median "$folder/bare")" -v b="$(median "$folder/marked")" \
  'BEGIN { printf "1000 hand-ins of 20 tasks, each time in a program that has just begun: JSON alone %d ms, opened and marked %d ms, ratio %.2f (bar 1.5)\n", a, b, b / a }'
marking
