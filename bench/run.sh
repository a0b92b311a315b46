#!/usr/bin/env bash
# Runs every measurement and prints what docs/benchmarks.md holds. Needs a display, or xvfb-run and GTK.
set -euo pipefail
cd "$(dirname "$0")/.."
mvn -q -B package -DskipTests -Dpmd.skip -pl bench -am
path="bench/target/bench-0.1.0.jar:bench/target/run/*"
flags=(-Xshare:auto -Xlog:disable -Xlog:all=off -XX:TieredStopAtLevel=1 -XX:+UseSerialGC)
if [ -z "${DISPLAY:-}" ]; then exec xvfb-run -a -s "-screen 0 1280x800x24" "$0" "$@"; fi
work=$(mktemp -d)
native=$(dirname "$(find . -path ./bench -prune -o -name libsqlitejdbc.so -print | head -n 1)" 2>/dev/null)
[ ! -f "$native/libsqlitejdbc.so" ] || flags+=("-Dorg.sqlite.lib.path=$native" -Dorg.sqlite.lib.name=libsqlitejdbc.so)
trap 'rm -rf "$work"' EXIT
# A benchmark that cannot run says why.
jmh() {
    java -cp "$path" org.openjdk.jmh.Main "$1" -rf text -rff "$2" >"$work/log" 2>&1 || { tail -n 20 "$work/log" >&2; exit 1; }
}

if [ "${1:-all}" = all ] || [ "$1" = rank ]; then
    jmh RankBench "$work/jmh.txt"
    grep -E 'Benchmark|p0.50|p0.99 |p1.00|evaluateJob  ' "$work/jmh.txt"
fi
if [ "${1:-all}" = all ] || [ "$1" = route ]; then
    jmh RouteBench "$work/route.txt"
    grep -E 'p0.50|p0.99 |p1.00' "$work/route.txt"
fi
if [ "${1:-all}" = all ] || [ "$1" = shelf ]; then
    jmh ShelfBench "$work/shelf.txt"
    grep -E 'p0.50|p0.99 |p1.00' "$work/shelf.txt"
fi
if [ "${1:-all}" = all ] || [ "$1" = tube ]; then
    jmh TubeBench "$work/tube.txt"
    grep -E 'p0.50|p0.99 |p1.00' "$work/tube.txt"
fi
if [ "${1:-all}" = all ] || [ "$1" = air ]; then
    jmh AirBench "$work/air.txt"
    cat "$work/air.txt"
    jmh ShopBench "$work/shop.txt"
    cat "$work/shop.txt"
fi
if [ "${1:-all}" = all ] || [ "$1" = pipe ]; then
    jmh PipeBench "$work/pipe.txt"
    cat "$work/pipe.txt"
fi
if [ "${1:-all}" = all ] || [ "$1" = gas ]; then
    jmh GasBench "$work/gas.txt"
    cat "$work/gas.txt"
fi
if [ "${1:-all}" = all ] || [ "$1" = cut ]; then
    java -cp "$path" mellowflare.bench.CutBench
fi
if [ "${1:-all}" = all ] || [ "$1" = key ]; then
    for place in gauge line way tube tube-demo pipe pipe-edit pipe-demo gas air air-edit air-demo; do
        echo "key press, interface thread, $place: $(java "${flags[@]}" -cp "$path" 'mellowflare.bench.KeyToFrame$Start' $place 2>/dev/null)"
        java "${flags[@]}" -Djavafx.pulseLogger=true -cp "$path" 'mellowflare.bench.KeyToFrame$Start' $place 2>&1 |
            awk '/^PULSE/ { sum = 0 } /ms\): Painting/ { gsub(/[^0-9]/, "", $3); sum += $3 } /Nodes rendered/ && $3 > 100 { print sum }' |
            tail -n 250 | sort -n | awk -v place=$place '{ a[NR] = $1 } END { print "painting in software, " place ": median " a[int(NR / 2)] " ms, 95 in 100 " a[int(NR * 0.95)] " ms of " NR " frames" }'
    done
fi
if [ "${1:-all}" = all ] || [ "$1" = start ]; then
    for window in bare demo; do
        java "${flags[@]}" -XX:ArchiveClassesAtExit="$work/$window.jsa" -cp "$path" mellowflare.bench.FirstFrame $window demo --book="$work/book" >/dev/null 2>&1
    done
    for round in 1 2 3 4 5 6 7; do
        for window in bare demo; do
            echo "$window $(java "${flags[@]}" -XX:SharedArchiveFile="$work/$window.jsa" -cp "$path" mellowflare.bench.FirstFrame $window demo --book="$work/book" 2>/dev/null)"
        done
    done | sort -k1,1 -k2,2n | awk '{ print; t[$1] = t[$1] " " $2; m[$1] = m[$1] " " $4 }
        END { for (w in t) { n = split(t[w], a, " "); split(m[w], b, " "); print w ": median start " a[int(n / 2) + 1] " ms; peak memory " b[int(n / 2) + 1] " MB" } }'
fi
