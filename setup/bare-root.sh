#!/usr/bin/env bash
# A machine with nothing but the base system, as a folder: to see what a newcomer's first command really needs.
#   setup/bare-root.sh make ROOT                      makes it; fails, with a sentence, where that cannot be done
#   setup/bare-root.sh run ROOT USER CHECKOUT CMD...  runs a command there in CHECKOUT, as that user
#   setup/bare-root.sh remove ROOT
# Needs root and debootstrap (which is installed if that is possible). With MAVEN_HOME_SHARED=FOLDER, run lends that folder as the user's ~/.m2.
set -euo pipefail

fail() {
    printf 'No bare root: %s\n' "$*" >&2
    exit 1
}

# --- What the machine's own packages come from ----------------------------------------------------------------------
# Prints "mirror suite file" for each source of the system's own packages, one-line and deb822 form alike.
own_sources() {
    local codename file
    codename=$(. /etc/os-release && printf '%s' "${VERSION_CODENAME:-}")
    [ -n "$codename" ] || return 0
    for file in /etc/apt/sources.list /etc/apt/sources.list.d/*.list; do
        [ ! -f "$file" ] || awk -v c="$codename" -v f="$file" '$1 == "deb" { for (i = 2; i < NF; i++) if ($i ~ /:\/\// && $(i + 1) == c) print $i, c, f }' "$file"
    done
    for file in /etc/apt/sources.list.d/*.sources; do
        [ ! -f "$file" ] || awk -v c="$codename" -v f="$file" '/^URIs:/ { u = $2 } /^Suites:/ { for (i = 2; i <= NF; i++) if ($i == c) print u, c, f }' "$file"
    done
}

carry_over() { # root
    local root=$1 mirror suite file keys
    cp -L /etc/resolv.conf /etc/hosts "$root/etc/"
    mkdir -p "$root/usr/local/share/ca-certificates"
    cp -RL /usr/local/share/ca-certificates/. "$root/usr/local/share/ca-certificates/" 2>/dev/null || true
    for keys in /etc/apt/keyrings /etc/apt/trusted.gpg.d /usr/share/keyrings; do
        [ ! -d "$keys" ] || { mkdir -p "$root$keys" && cp -RLn "$keys/." "$root$keys/" 2>/dev/null || true; }
    done
    { grep -lsE 'Acquire::(http|https)::Proxy' /etc/apt/apt.conf /etc/apt/apt.conf.d/* || true; } | while read -r file; do cp -L "$file" "$root/etc/apt/apt.conf.d/"; done
    rm -f "$root/etc/apt/sources.list"
    own_sources | sort -u -k3,3 | while read -r mirror suite file; do cp -L "$file" "$root$file"; done
}

make() { # root
    local root=$1 mirror suite file
    [ "$(id -u)" = 0 ] || fail "only root can make one."
    command -v debootstrap >/dev/null || { command -v apt-get >/dev/null && apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends debootstrap; } >/dev/null 2>&1 ||
        fail "there is no debootstrap."
    read -r mirror suite file < <(own_sources) || fail "the source of this system's packages is not known."
    mkdir -p "$root"
    debootstrap --variant=minbase "$suite" "$root" "$mirror" >"$root.log" 2>&1 || fail "debootstrap failed: $(tail -n 1 "$root.log")"
    rm -f "$root.log"
    carry_over "$root"
    mkdir -p "$root/checkout" "$root/home/fitter"
    chroot "$root" useradd --uid 1000 --home-dir /home/fitter --shell /bin/bash fitter
    chroot "$root" chown fitter: /home/fitter
    run "$root" root / true || fail "it cannot be entered here."
}

# --- Going in --------------------------------------------------------------------------------------------------------
# The mounts live in a name space of their own, so they are gone with the command and no removal can reach through them.
run() { # root user checkout command...
    [ "$(id -u)" = 0 ] || fail "only root can enter one."
    ROOT=$1 WHO=$2 CHECKOUT=$3 unshare --mount --propagation private bash -c '
        set -eu
        home=/root
        [ "$WHO" = root ] || home=/home/$WHO
        mount -t proc proc "$ROOT/proc"
        mount --rbind /dev "$ROOT/dev"
        [ "$CHECKOUT" = / ] || mount --bind "$CHECKOUT" "$ROOT/checkout"
        if [ -n "${MAVEN_HOME_SHARED:-}" ]; then
            mkdir -p "$MAVEN_HOME_SHARED" "$ROOT$home/.m2"
            mount --bind "$MAVEN_HOME_SHARED" "$ROOT$home/.m2"
        fi
        if [ -n "${DISPLAY:-}" ] && [ -d /tmp/.X11-unix ]; then
            mkdir -p "$ROOT/tmp/.X11-unix"
            mount --bind /tmp/.X11-unix "$ROOT/tmp/.X11-unix"
        fi
        exec env -i PATH=/usr/local/sbin:/usr/local/bin:/usr/sbin:/usr/bin:/sbin:/bin HOME="$home" USER="$WHO" ${DISPLAY:+DISPLAY="$DISPLAY"} ${CI:+CI="$CI"} \
            ${http_proxy:+http_proxy="$http_proxy"} ${https_proxy:+https_proxy="$https_proxy"} ${no_proxy:+no_proxy="$no_proxy"} \
            chroot --userspec="$WHO:" "$ROOT" /bin/bash -c '\''cd /checkout && exec "$@"'\'' run "$@"' run "${@:4}"
}

remove() { rm -rf --one-file-system -- "$1" "$1.log"; }

case "${1:-}" in
    make | run | remove) "$@" ;;
    *)
        sed -n '2,6s/^# \{0,1\}//p' "$0" >&2
        exit 2
        ;;
esac
