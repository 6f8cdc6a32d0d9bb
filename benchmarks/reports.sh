#!/usr/bin/env bash
# How long a report with six figures takes as a web page, a PDF and an OpenDocument text, first and warm. Bar: PDF warm under 1,500 ms.
# Needs the project packaged: mvn -B -DskipTests package
set -eu
cd "$(dirname "$0")/.."
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
libraries="$(ls benchmarks/target/hestra-benchmarks-*.jar desktop/target/hestra-desktop-*.jar desktop/target/lib/*.jar | tr '\n' ':')"
exec "$jdk/bin/java" -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Djava.awt.headless=true -Dlogback.statusListenerClass=ch.qos.logback.core.status.NopStatusListener \
  -cp "$libraries" hestra.benchmarks.Reports
