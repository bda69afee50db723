#!/bin/sh
# A .dmg for macOS, with a Java runtime of its own. To be run on a Mac, with a JDK 25 or newer in JAVA_HOME, after ./rondel has built.
# Written by the documentation of jpackage and checked by `sh -n`; untried so far, as no Mac was at hand.
#   macos.sh APP OUT
set -eu

app=$1
out=$2
here=$(cd "$(dirname "$0")" && pwd)
version=$(sed -n 's/.*String VERSION = "\(.*\)".*/\1/p' "$here/../formats/src/main/java/rondel/formats/report/Release.java")
# macOS wants a version that begins above 0.
case $version in 0.*) version=1.${version#0.} ;; esac
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
"$JAVA_HOME/bin/jlink" "@$here/runtime.args" --output "$work/runtime"
mkdir "$work/input"
cp "$app"/lib/*.jar "$work/input"
cp -r "$app/modules" "$work/input/modules"
rm -f "$work"/input/*natives-linux* "$work"/input/*natives-windows*
main=$(basename "$(ls "$work"/input/launcher-*.jar | head -n 1)")
# The icon: sips and iconutil come with macOS.
mkdir "$work/rondel.iconset"
"$JAVA_HOME/bin/java" --enable-native-access=ALL-UNNAMED,javafx.graphics --sun-misc-unsafe-memory-access=allow \
    --module-path "$app/modules" --add-modules javafx.controls -cp "$app/lib/*" rondel.launcher.Main \
    convert "$here/rondel.svg" --to png --width 1024px -d "$work" >/dev/null
for size in 16 32 128 256 512; do
    sips -z $size $size "$work/rondel.png" --out "$work/rondel.iconset/icon_${size}x$size.png" >/dev/null
    sips -z $((2 * size)) $((2 * size)) "$work/rondel.png" --out "$work/rondel.iconset/icon_${size}x$size@2x.png" >/dev/null
done
iconutil -c icns "$work/rondel.iconset" -o "$work/rondel.icns"
"$JAVA_HOME/bin/jpackage" --type dmg --name Rondel --app-version "$version" --runtime-image "$work/runtime" \
    --input "$work/input" --main-jar "$main" "@$here/launcher.args" --icon "$work/rondel.icns" --dest "$out" \
    --file-associations "$here/association.properties" --license-file "$here/../LICENSE" \
    --mac-package-identifier example.saltmarsh.rondel \
    --java-options "--module-path=\$APPDIR/modules" --java-options "--add-modules=javafx.controls"
