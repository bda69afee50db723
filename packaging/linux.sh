#!/bin/sh
# Makes what is installed on Linux, from a build that is there: an app image with a Java runtime of its own (jlink, jpackage), and a .deb of it.
#   linux.sh APP OUT        APP: launcher/target/app of the build; OUT: the folder for rondel.tar.gz and rondel_VERSION_ARCH.deb
# Needs a JDK 25 or newer in JAVA_HOME; for the .deb dpkg-deb, without which only the image is made.
set -eu

app=$1
out=$2
here=$(cd "$(dirname "$0")" && pwd)
version=$(sed -n 's/.*String VERSION = "\(.*\)".*/\1/p' "$here/../formats/src/main/java/rondel/formats/report/Release.java")
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
mkdir -p "$out"

echo "The runtime …" >&2
# JavaFX is a part of it, native libraries too: what is remembered of a start (below) holds wherever the image is put only where there is no module path,
# and nothing has to be unpacked into the person's folder.
"$JAVA_HOME/bin/jlink" "@$here/runtime.args" --module-path "$app/modules" --add-modules javafx.controls --output "$work/runtime"
mkdir "$work/natives"
for jar in "$app"/modules/javafx-*-linux*.jar; do
    (cd "$work/natives" && "$JAVA_HOME/bin/jar" xf "$jar")
done
cp "$work"/natives/*.so "$work/runtime/lib"

echo "The image …" >&2
mkdir "$work/input"
cp "$app"/lib/*.jar "$work/input"
# Natives for other systems stay at home.
rm -f "$work"/input/*natives-macos* "$work"/input/*natives-windows*
case $(uname -m) in
    x86_64) rm -f "$work"/input/*natives-linux-arm64* ;;
    aarch64) rm -f "$work"/input/lwjgl*natives-linux.jar ;;
esac
main=$(basename "$(ls "$work"/input/launcher-*.jar | head -n 1)")
run() {
    "$JAVA_HOME/bin/java" --enable-native-access=ALL-UNNAMED,javafx.graphics --sun-misc-unsafe-memory-access=allow \
        --module-path "$app/modules" --add-modules javafx.controls -cp "$app/lib/*" rondel.launcher.Main "$@"
}
for size in 32 48 128 256; do
    mkdir -p "$work/icons/$size"
    run convert "$here/rondel.svg" --to png --width "${size}px" -d "$work/icons/$size" >/dev/null
done
"$JAVA_HOME/bin/jpackage" --type app-image --name rondel --app-version "$version" --runtime-image "$work/runtime" \
    --input "$work/input" --main-jar "$main" "@$here/launcher.args" --icon "$work/icons/256/rondel.png" --dest "$work/image" \
    --java-options "-XX:AOTCache=\$APPDIR/rondel.aot" --java-options "-XX:AOTMode=auto"
image="$work/image/rondel"
mkdir -p "$image/share"
cp "$here/../LICENSE" "$image/share/LICENSE"
[ -f "$app/licences.txt" ] && cp "$app/licences.txt" "$image/share/licences.txt"
[ -f "$app/bom.json" ] && cp "$app/bom.json" "$image/share/bom.json"
run manual >"$image/share/rondel.1"
run completion >"$image/share/rondel.bash"
cp "$here/rondel.desktop" "$here/rondel-mime.xml" "$here/rondel.svg" "$image/share"

# What a start loads and compiles is remembered, so that the window opens quickly (JEP 514).
state=$(mktemp -d)
sed -i '/AOTCache/d' "$image/lib/app/rondel.cfg"
cp "$image/lib/app/rondel.cfg" "$work/plain.cfg"
printf 'java-options=-XX:AOTCacheOutput=%s\njava-options=-Dglass.platform=Headless\njava-options=-Dprism.order=sw\njava-options=-Drondel.leaveWhenReady=true\njava-options=-Drondel.state=%s\n' \
    "$image/lib/app/rondel.aot" "$state" >>"$image/lib/app/rondel.cfg"
"$image/bin/rondel" >/dev/null 2>&1 || rm -f "$image/lib/app/rondel.aot"
cp "$work/plain.cfg" "$image/lib/app/rondel.cfg"
# shellcheck disable=SC2016
printf 'java-options=-XX:AOTCache=$APPDIR/rondel.aot\n' >>"$image/lib/app/rondel.cfg"
rm -rf "$state"

tar -C "$work/image" -czf "$out/rondel-$version-$(uname -m).tar.gz" rondel
echo "$out/rondel-$version-$(uname -m).tar.gz"

if command -v dpkg-deb >/dev/null 2>&1; then
    echo "The .deb …" >&2
    arch=$(dpkg --print-architecture)
    root="$work/deb"
    mkdir -p "$root/DEBIAN" "$root/opt" "$root/usr/bin" "$root/usr/share/applications" "$root/usr/share/mime/packages" \
        "$root/usr/share/man/man1" "$root/usr/share/bash-completion/completions" "$root/usr/share/doc/rondel" \
        "$root/usr/share/icons/hicolor/scalable/apps"
    cp -a "$image" "$root/opt/rondel"
    ln -s /opt/rondel/bin/rondel "$root/usr/bin/rondel"
    cp "$here/rondel.desktop" "$root/usr/share/applications"
    cp "$here/rondel-mime.xml" "$root/usr/share/mime/packages/rondel.xml"
    gzip -9nc "$image/share/rondel.1" >"$root/usr/share/man/man1/rondel.1.gz"
    cp "$image/share/rondel.bash" "$root/usr/share/bash-completion/completions/rondel"
    cp "$image/share/LICENSE" "$root/usr/share/doc/rondel/copyright"
    [ -f "$image/share/licences.txt" ] && cp "$image/share/licences.txt" "$root/usr/share/doc/rondel"
    cp "$here/rondel.svg" "$root/usr/share/icons/hicolor/scalable/apps"
    for size in 32 48 128 256; do
        mkdir -p "$root/usr/share/icons/hicolor/${size}x$size/apps"
        cp "$work/icons/$size/rondel.png" "$root/usr/share/icons/hicolor/${size}x$size/apps"
    done
    cat >"$root/DEBIAN/control" <<CONTROL
Package: rondel
Version: $version
Architecture: $arch
Maintainer: Saltmarsh Studio <nobody@saltmarsh.example>
Installed-Size: $(du -sk "$root" | cut -f1)
Depends: libc6, libgtk-3-0 | libgtk-3-0t64, libgl1, libxtst6, libxxf86vm1, libx11-6
Section: graphics
Priority: optional
Description: bench for things that get printed, cut, folded and stuck
 Stickers, planner and scrapbook pages, printables, tags, cards and cut files at
 exact sizes: composed, ganged on stock, printed, cut, stitched and handed off.
CONTROL
    for moment in postinst postrm; do
        cat >"$root/DEBIAN/$moment" <<'SCRIPT'
#!/bin/sh
# The lists that a desktop keeps of programs, kinds of files and icons.
set -e
command -v update-desktop-database >/dev/null 2>&1 && update-desktop-database -q || true
command -v update-mime-database >/dev/null 2>&1 && update-mime-database /usr/share/mime || true
command -v gtk-update-icon-cache >/dev/null 2>&1 && gtk-update-icon-cache -q /usr/share/icons/hicolor || true
SCRIPT
        chmod 755 "$root/DEBIAN/$moment"
    done
    dpkg-deb --root-owner-group -Zxz --build "$root" "$out/rondel_${version}_$arch.deb" >/dev/null
    echo "$out/rondel_${version}_$arch.deb"
fi
