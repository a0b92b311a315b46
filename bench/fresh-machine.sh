#!/usr/bin/env bash
# Runs both commands of the README on machines that have nothing but the base system, and prints what it saw:
# refusals in words where nothing may be installed or shown, the demo's window (with a picture), and all tests to their end.
# Needs root, debootstrap and Xvfb. --quick leaves the tests out. The pictures stay in FRESH_MACHINE_PICTURES, if that names a folder.
set -euo pipefail
cd "$(dirname "$0")/.."
bare="$PWD/setup/bare-root.sh"
for tool in Xvfb git; do command -v $tool >/dev/null || { echo "This needs $tool." >&2; exit 3; }; done

work=$(mktemp -d)
failed=0
xvfb=
clean_up() {
    [ -z "$xvfb" ] || kill "$xvfb" 2>/dev/null || true
    wait 2>/dev/null || true
    rm -rf --one-file-system "$work"
}
trap clean_up EXIT
trap 'exit 130' INT TERM

seconds() { printf '%d min %02d s' $(($1 / 60)) $(($1 % 60)); }
saw() { printf '%-9s %s\n' "$1" "$2"; }
wrong() {
    saw WRONG "$1"
    failed=1
    [ ! -f "${2:-}" ] || sed 's/^/          | /' "$2" | tail -n 25; echo
}

checkout() { # folder user
    git clone -q . "$1"
    if [ "$2" != root ]; then chown -R 1000:1000 "$1"; fi
}

# A command that must be refused: status 3, one sentence that names what is wrong, no stack trace.
refused() { # what must be said, root, user, checkout, display, command...
    local words=$1 root=$2 user=$3 folder=$4 display=$5 status=0
    shift 5
    DISPLAY=$display "$bare" run "$root" "$user" "$folder" "$@" >"$work/said" 2>&1 || status=$?
    if [ $status = 3 ] && grep -q "$words" "$work/said" && ! grep -qE '^\s+at |Exception|Error:' "$work/said"; then
        saw refused "$user, ${display:-no display}: $*: $(head -n 1 "$work/said" | cut -c 1-150)"
    else
        wrong "$user, ${display:-no display}: $* should be refused with \"$words\"; status $status" "$work/said"
    fi
}

# The demo until the third frame of its window; then a picture of it, and the end.
shown() { # root, user, checkout, home, name
    local root=$1 user=$2 folder=$3 home=$4 name=$5 begun=$SECONDS demo
    DISPLAY=$display setsid "$bare" run "$root" "$user" "$folder" ./mellow-flare demo --picture="$home/window.png" >"$work/said" 2>&1 &
    demo=$!
    while kill -0 $demo 2>/dev/null && [ ! -f "$root$home/window.png" ] && [ $((SECONDS - begun)) -lt 900 ]; do sleep 0.1; done
    local took=$((SECONDS - begun))
    if [ -f "$root$home/window.png" ]; then
        saw window "$user, $name: third frame after $(seconds $took); picture $(wc -c <"$root$home/window.png") bytes"
        [ -z "${FRESH_MACHINE_PICTURES:-}" ] || { mkdir -p "$FRESH_MACHINE_PICTURES" && mv "$root$home/window.png" "$FRESH_MACHINE_PICTURES/$user-$name.png"; }
        rm -f "$root$home/window.png"
    else
        wrong "$user, $name: no window after $(seconds $took)" "$work/said"
    fi
    kill -TERM -- -$demo 2>/dev/null || true
    # Its book is free for the next start only when the whole group is gone.
    while kill -0 -- -$demo 2>/dev/null; do sleep 0.1; done
    wait $demo 2>/dev/null || true
}

tested() { # root, user, checkout
    local begun=$SECONDS status=0
    DISPLAY= "$bare" run "$1" "$2" "$3" ./mellow-flare test >"$work/tests" 2>&1 || status=$?
    if [ $status = 0 ] && grep -q 'BUILD SUCCESS' "$work/tests"; then
        saw tests "$2: $(sed -n 's/^.*Tests run: \([0-9]*\), .*Skipped: [0-9]*$/\1/p' "$work/tests" | awk '{ n += $1 } END { print n }') passed in $(seconds $((SECONDS - begun)))"
    else
        wrong "$2: the tests, status $status" "$work/tests"
    fi
}

free_display() { local n=90; while [ -e "/tmp/.X11-unix/X$n" ] || [ -e "/tmp/.X$n-lock" ]; do n=$((n + 1)); done; echo $n; }
display=:$(free_display)
Xvfb "$display" -screen 0 1280x800x24 -ac >/dev/null 2>&1 &
xvfb=$!

begun=$SECONDS
"$bare" make "$work/untouched"
saw made "a bare root, $(du -sm "$work/untouched" | cut -f 1) MB, in $(seconds $((SECONDS - begun)))"
cp -a "$work/untouched" "$work/demo"
cp -a "$work/untouched" "$work/test"
for folder in theirs demo-root test-root; do checkout "$work/$folder" "$([ $folder = theirs ] && echo fitter || echo root)"; done

# Nothing is installed, and nobody may install.
refused 'There is no display' "$work/demo" fitter "$work/theirs" '' ./mellow-flare demo
refused 'Missing on this machine' "$work/demo" fitter "$work/theirs" "$display" ./mellow-flare demo
refused 'Missing on this machine' "$work/demo" fitter "$work/theirs" '' ./mellow-flare test
# Root, without a display: nothing is installed for a window that cannot open.
refused 'There is no display' "$work/demo" root "$work/demo-root" '' ./mellow-flare demo

# Root, with a display: everything is installed and built, and the window opens; then it opens again.
shown "$work/demo" root "$work/demo-root" /root first
shown "$work/demo" root "$work/demo-root" /root second
refused 'does not answer' "$work/demo" root "$work/demo-root" :89 ./mellow-flare demo
# An ordinary user of that machine: builds and opens without installing.
shown "$work/demo" fitter "$work/theirs" /home/fitter first

if [ "${1:-}" != --quick ]; then
    tested "$work/test" root "$work/test-root"
    tested "$work/demo" fitter "$work/theirs"
fi
[ $failed = 0 ] && saw done "everything as it should be, in $(seconds $SECONDS)" || saw done "with faults, in $(seconds $SECONDS)"
exit $failed
