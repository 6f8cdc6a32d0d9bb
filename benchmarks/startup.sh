#!/usr/bin/env bash
# Time from start to a usable window: the demo and Start, against an empty JavaFX window of the same size, in turn, in one run.
# Needs a display (Xvfb will do), and the project packaged: mvn -B -DskipTests package
set -eu
here="$(cd "$(dirname "$0")/.." && pwd)"
# benchmarks/startup.sh [RUNS] [--image FOLDER]: the demo from an image too (hestra-… of the .tar.gz), against the checkout's.
runs=9
image=""
while [ $# -gt 0 ]; do
  case "$1" in --image) image="$2"; shift ;; *) runs="$1" ;; esac
  shift
done
export HESTRA_HOME="$(mktemp -d)"
trap 'rm -rf "$HESTRA_HOME"' EXIT
cd "$here"
./hestra --version >/dev/null
jdk="${HESTRA_JDK:-$(ls -d /usr/lib/jvm/*25* | head -n 1)}"
fx="$(ls desktop/target/lib/javafx-*.jar | tr '\n' ':')"
libraries="$(ls benchmarks/target/hestra-benchmarks-*.jar desktop/target/hestra-desktop-*.jar desktop/target/lib/*.jar | grep -v /javafx- | tr '\n' ':')"

# Milliseconds until the command says "usable".
until_usable() {
  local start end
  start="$(date +%s%N)"
  "$@" 2>/dev/null | { read -r line; [ "$line" = usable ]; date +%s%N >"$HESTRA_HOME/end"; cat >/dev/null; }
  end="$(cat "$HESTRA_HOME/end")"
  echo $(((end - start) / 1000000))
}
empty() {
  until_usable "$jdk/bin/java" --module-path "$fx" --add-modules javafx.controls --enable-native-access=javafx.graphics \
    -cp "$libraries" hestra.benchmarks.EmptyWindow
}
demo() {
  rm -rf "$HESTRA_HOME/journals"
  HESTRA_JAVA_FLAGS=-Dhestra.started=true until_usable ./hestra demo
}
start() {
  rm -rf "$HESTRA_HOME/journals" "$HESTRA_HOME/settings.properties"
  HESTRA_JAVA_FLAGS=-Dhestra.started=true until_usable ./hestra
}
packed() {
  rm -rf "$HESTRA_HOME/journals"
  JAVA_TOOL_OPTIONS=-Dhestra.started=true until_usable "$image/bin/hestra" demo
}
median() { sort -n | awk '{ v[NR] = $1 } END { print v[int((NR + 1) / 2)] }'; }

empty >/dev/null; demo >/dev/null; start >/dev/null
for _ in $(seq "$runs"); do
  a="$(empty)"; b="$(demo)"; c="$(start)"
  d=0
  [ -z "$image" ] || d="$(packed)"
  echo "$d" >>"$HESTRA_HOME/d"
  echo "empty $a ms  demo $b ms  Start $c ms${image:+  image $d ms}"
  echo "$a" >>"$HESTRA_HOME/a"; echo "$b" >>"$HESTRA_HOME/b"; echo "$c" >>"$HESTRA_HOME/c"
done
a="$(median <"$HESTRA_HOME/a")"; b="$(median <"$HESTRA_HOME/b")"; c="$(median <"$HESTRA_HOME/c")"
awk -v a="$a" -v b="$b" -v n="$runs" 'BEGIN { printf "median of %d: empty %d ms, demo %d ms, ratio %.2f (bar: 1.60)\n", n, a, b, b / a }'
awk -v a="$a" -v c="$c" 'BEGIN { printf "Start %d ms, ratio %.2f (bar: 1.50)\n", c, c / a }'
[ -z "$image" ] || awk -v b="$b" -v d="$(median <"$HESTRA_HOME/d")" \
  'BEGIN { printf "from the image %d ms, against the checkout %.2f (bar: 1.00)\n", d, d / b }'
