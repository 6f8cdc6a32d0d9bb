#!/usr/bin/env bash
# How fast chance draws, beside bare deals of an array in the same run. Needs the project packaged: mvn -B -DskipTests package
set -eu
cd "$(dirname "$0")/.."
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
libraries="$(ls benchmarks/target/hestra-benchmarks-*.jar benchmarks/target/lib/*.jar | grep -v /javafx- | tr '\n' ':')"
exec "$jdk/bin/java" --sun-misc-unsafe-memory-access=allow -cp "$libraries" hestra.benchmarks.ChanceSpeed
