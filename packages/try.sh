#!/usr/bin/env bash
# Tries what `mvn -B -Ppackage package` made as strangers meet it: the .deb in a bare Debian root without Java, the image from a
# place that cannot be written, the zip with a Java 25 and with an older one. Needs root, debootstrap and xvfb.
# packages/try.sh [FOLDER]: works in FOLDER, else in a new one.
set -euo pipefail
here="$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)"
made="$here/target"
work="${1:-$(mktemp -d)}"
root="$work/root"
mkdir -p "$work"
failures=0

# say WHAT COMMAND...: runs it and says whether it did what it should.
say() {
  local what="$1"
  shift
  if "$@" >"$work/last.txt" 2>&1; then
    echo "ok    $what"
  else
    echo "FAIL  $what"
    tail -n 5 "$work/last.txt" | sed 's/^/      /'
    failures=$((failures + 1))
  fi
}

inside() { chroot "$root" /usr/bin/env -i PATH=/usr/sbin:/usr/bin:/sbin:/bin HOME=/root LANG=C.UTF-8 "$@"; }
smaller() { [ "$(stat -c %s "$1")" -le $(($2 * 1000000)) ]; }
says() {
  local want="$1"
  shift
  "$@" >"$work/said.txt" 2>&1 || true
  grep -q -- "$want" "$work/said.txt" || { cat "$work/said.txt"; return 1; }
}
printf 'x,y\n1,2.1\n2,3.9\n3,6.2\n4,8.1\n5,9.8\n6,12.2\n7,13.9\n8,16.1\n9,18.2\n10,19.8\n' >"$work/ten rows.csv"

deb="$(ls "$made"/hestra_*.deb)"
tar="$(ls "$made"/hestra-*-linux-*.tar.gz)"
zip="$(ls "$made"/hestra-*-all.zip)"

echo "-- sizes"
say ".deb at most 80 MB" smaller "$deb" 80
say ".tar.gz at most 80 MB" smaller "$tar" 80
say "zip at most 110 MB" smaller "$zip" 110
for file in "$deb" "$tar" "$zip"; do
  say "sum beside $(basename "$file")" sh -c "echo \"\$(cat '$file.sha256')  $file\" | sha256sum -c -"
done

echo "-- the .deb in a bare root"
# From where this machine has its own packages.
suite="$(. /etc/os-release && echo "${VERSION_CODENAME:-stable}")"
mirror="$(apt-get indextargets --format '$(REPO_URI)' 2>/dev/null | grep -v security | head -n 1)"
[ -d "$root/etc" ] || debootstrap --variant=minbase "$suite" "$root" ${mirror:+"$mirror"} >"$work/debootstrap.txt" 2>&1 || {
  echo "FAIL  debootstrap: $(tail -n 1 "$work/debootstrap.txt")"
  exit 1
}
[ ! -d /etc/apt ] || cp -r /etc/apt/. "$root/etc/apt/"
cp /etc/resolv.conf "$root/etc/resolv.conf"
mount --bind /proc "$root/proc"
trap 'umount "$root/proc" 2>/dev/null; umount "$work/fixed" 2>/dev/null; true' EXIT
cp "$deb" "$root/hestra.deb"
cp "$work/ten rows.csv" "$root/ten rows.csv"
say "there is no Java" sh -c "! chroot '$root' sh -c 'command -v java'"
inside apt-get update >/dev/null 2>&1 || true
inside find / -xdev -name '*hestra*' -not -path '/hestra.deb' >"$work/before.txt"
say "it installs with what it needs" inside env DEBIAN_FRONTEND=noninteractive apt-get install -y /hestra.deb
say "it says its version" says "^Hestra [0-9]" inside hestra --version
say "it fits a line" says "slope\|y = " inside hestra fit "/ten rows.csv" --explanatory x --response y
say "the whole example without a display" inside hestra demo --offscreen /shots
say "without a display it says so" says "no display" inside hestra
say "a home that cannot be written" says "y = " inside env HOME=/proc/none hestra fit "/ten rows.csv" --explanatory x --response y
say "a .hestra is known by its type" says "application/x-hestra$" inside sh -c \
  'apt-get install -y xdg-utils >/dev/null 2>&1; printf x >/tmp/a.hestra; xdg-mime query filetype /tmp/a.hestra; rm /tmp/a.hestra'
say "and opens with Hestra" says "hestra.desktop" inside sh -c 'xdg-mime query default application/x-hestra'
say "a window under Xvfb" inside sh -c 'apt-get install -y xvfb xauth x11-utils >/dev/null 2>&1
  timeout 60 xvfb-run -a sh -c "hestra demo & for i in \$(seq 1 40); do sleep 1; xwininfo -root -tree | grep -q Hestra && exit 0; done; exit 1"'
say "it is removed" inside apt-get purge -y hestra
rm -rf "$root/root/.local" "$root/shots"
inside find / -xdev -name '*hestra*' -not -path '/hestra.deb' >"$work/after.txt"
say "without a trace" diff "$work/before.txt" "$work/after.txt"

echo "-- the image from a place that cannot be written"
mkdir -p "$work/wide" "$work/fixed"
tar xzf "$tar" --warning=no-timestamp -C "$work/wide"
mount --bind "$work/wide" "$work/fixed" && mount -o remount,ro,bind "$work/fixed"
image="$(echo "$work"/fixed/hestra-*)"
say "image at most 160 MB" sh -c "[ \$(du -sm '$image' | cut -f1) -le 160 ]"
say "it fits a line" says "y = " "$image/bin/hestra" fit "$work/ten rows.csv" --explanatory x --response y
say "the recorded classes are used" says "hestra.* source: shared objects file" env JAVA_TOOL_OPTIONS=-Xlog:class+load=info \
  "$image/bin/hestra" --version
mkdir -p "$work/Größe und Maß"
say "a home with spaces and umlauts" says "y = " env HESTRA_HOME="$work/Größe und Maß" "$image/bin/hestra" fit "$work/ten rows.csv" \
  --explanatory x --response y

echo "-- one zip for all"
mkdir -p "$work/all of them"
(cd "$work/all of them" && unzip -q -o "$zip")
all="$(echo "$work/all of them"/hestra-*)"
for java in /usr/lib/jvm/*; do
  [ -x "$java/bin/java" ] || continue
  major="$("$java/bin/java" -version 2>&1 | sed -n '1s/.*version "\([0-9]*\).*/\1/p')"
  if [ "$major" -ge 25 ]; then
    say "with Java $major" says "y = " env -i PATH=/usr/bin:/bin HESTRA_JAVA="$java" "$all/hestra" fit "$work/ten rows.csv" --explanatory x --response y
  fi
done
mkdir -p "$work/old/bin"
printf '#!/bin/sh\necho "openjdk version \\"17.0.9\\"" >&2\n' >"$work/old/bin/java"
chmod +x "$work/old/bin/java"
# Where a Java 25 stands in its usual place it is found; in the bare root there is none.
mkdir -p "$root/all" "$root/old/bin"
cp -r "$all/." "$root/all/"
cp "$work/old/bin/java" "$root/old/bin/java"
say "with Java 17 it says what it needs" says "needs Java 25" inside env PATH=/old/bin:/usr/bin:/bin /all/hestra --version
say "with none too" says "needs Java 25" inside /all/hestra --version
native() { unzip -p "$all/lib/fx/$1/$2" "$3" | file - | grep -q "$4"; }
fx="$(ls "$all/lib/fx/linux" | sed -n 's/javafx-graphics-\([0-9.]*\)-linux.jar/\1/p')"
say "Linux's part is Linux's" native linux "javafx-graphics-$fx-linux.jar" libglass.so "ELF 64-bit.*x86-64"
say "Linux's on ARM" native linux-aarch64 "javafx-graphics-$fx-linux-aarch64.jar" libglass.so "ELF 64-bit.*aarch64"
say "Windows's" native win "javafx-graphics-$fx-win.jar" glass.dll "PE32+.*x86-64"
say "macOS's" native mac "javafx-graphics-$fx-mac.jar" libglass.dylib "Mach-O.*x86_64"
say "macOS's on ARM" native mac-aarch64 "javafx-graphics-$fx-mac-aarch64.jar" libglass.dylib "Mach-O.*arm64"

echo
if [ "$failures" -eq 0 ]; then echo "All of it works."; else echo "$failures did not."; fi
[ "$failures" -eq 0 ]
