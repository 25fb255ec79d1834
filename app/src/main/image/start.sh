#!/bin/sh
# Starts Far Glass with the runtime that lies beside it, on Linux. The program that jpackage would lay here asks first which package
# it belongs to, for a fifth of a second. And classes that were kept are known by the places of their archives: where these are named
# from their own folder, all of it may lie anywhere. So a window is opened from there, and what is told files by their names is not.
home=$(dirname "$(dirname "$(readlink -f "$0")")")
app="$home/lib/app"

# Always in the same order.
jars() { (LC_ALL=C; export LC_ALL; cd "$app" && for jar in *.jar; do printf '%s%s:' "$1" "$jar"; done); }

run() {
  for code in "$app/native/"*; do
    [ ! -f "$code" ] || set -- "-Dorg.sqlite.lib.path=$app/native" "-Dorg.sqlite.lib.name=${code##*/}" "$@"
  done
  exec "$home/lib/runtime/bin/java" @TUNING@ "$@"
}

window() {
  cd "$app" || exit 1
  set -- -cp "$(jars '')" farglass.app.FarGlass "$@"
  [ ! -f start.jsa ] || set -- -XX:SharedArchiveFile=start.jsa -Xlog:cds=off -Xlog:cds+dynamic=off "$@"
  run "$@"
}

case "$#:${1:-open}:${2:-}" in
  0:* | 1:open:* | 1:demo:*) window "$@" ;;
  2:open:-*) ;;
  2:open:/*) window "$@" ;;
  2:open:*) window open "$PWD/$2" ;;
esac
run -cp "$(jars "$app/")" farglass.app.FarGlass "$@"
