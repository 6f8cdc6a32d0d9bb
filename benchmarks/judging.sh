#!/usr/bin/env bash
# How long it takes to judge an answer to each kind of task, on 100 points, beside a line through them in the same run. Needs the project
# packaged: mvn -B -DskipTests package
set -eu
cd "$(dirname "$0")/.."
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
libraries="$(ls benchmarks/target/hestra-benchmarks-*.jar benchmarks/target/lib/*.jar | grep -v /javafx- | tr '\n' ':')"
exec "$jdk/bin/java" --sun-misc-unsafe-memory-access=allow -cp "$libraries" hestra.benchmarks.Judging
