#!/usr/bin/env bash
# How large the journal of a term's work becomes, and how long it takes to open and to be listed among recent work.
# With the collector and the compiler that the program is started with. Needs the project packaged: mvn -B -DskipTests package
set -eu
cd "$(dirname "$0")/.."
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
libraries="$(ls benchmarks/target/hestra-benchmarks-*.jar desktop/target/hestra-desktop-*.jar desktop/target/lib/*.jar | grep -v /javafx- | tr '\n' ':')"
exec "$jdk/bin/java" -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -cp "$libraries" hestra.benchmarks.TermsWork
