# What a machine must have before Mellow Flare can be built, shown and tested: looked for, then installed or named.
# Sourced by ./mellow-flare. Expects $root, say, die and is_built.

# --- Looking --------------------------------------------------------------------------------------------------------
java_is_new_enough() {
    [ -x "$1/bin/javac" ] && "$1/bin/java" -version 2>&1 | awk -F'"' '/version/ { split($2, v, "."); exit !(v[1] + 0 >= 17) }'
}

find_java() {
    local candidate on_path
    on_path=$(command -v javac 2>/dev/null || true)
    [ -z "$on_path" ] || on_path=$(dirname "$(dirname "$(readlink -f "$on_path")")")
    for candidate in "${JAVA_HOME:-}" "$on_path" /usr/lib/jvm/*17* /usr/lib/jvm/* "${HOME:-}"/.sdkman/candidates/java/current; do
        if [ -n "$candidate" ] && java_is_new_enough "$candidate"; then
            JAVA_HOME=$(cd "$candidate" && pwd)
            export JAVA_HOME
            return 0
        fi
    done
    return 1
}

find_maven() { command -v mvn >/dev/null 2>&1; }

# The libraries that the loader finds for this kind of processor, a line each; none where it cannot be asked.
# An ordinary user's PATH often lacks /sbin.
known_libraries() {
    local tool kind='.' folder
    tool=$(PATH="$PATH:/sbin:/usr/sbin" command -v ldconfig) || return 0
    [ "$(uname -m)" != x86_64 ] || kind='x86-64'
    "$tool" -p 2>/dev/null | awk -v kind="$kind" '$1 ~ /\.so/ && $0 ~ kind { print $1 }'
    for folder in $(printf '%s' "${LD_LIBRARY_PATH:-}" | tr ':' ' '); do ls "$folder" 2>/dev/null || true; done
}

# The rows of setup/libraries.csv whose library is not there: "library package", a line each.
missing_libraries() { # window|test
    local known
    known=$(known_libraries)
    [ -n "$known" ] || return 0
    printf '%s\n' "$known" | awk -F, -v use="$1" '
        FILENAME == "-" { have[$1] = 1; next }
        FNR > 1 && index(" " $3 " ", " " use " ") && !($1 in have) { print $1, $2 }' - "$root/setup/libraries.csv"
}

# --- Installing, or saying what to install --------------------------------------------------------------------------
# Some releases still call an older Java the default one.
java_package() {
    local version
    version=$(apt-cache depends default-jdk-headless 2>/dev/null | sed -n 's/.*Depends: openjdk-\([0-9]*\)-jdk-headless.*/\1/p' | head -n 1)
    if [ -n "$version" ] && [ "$version" -lt 17 ]; then echo openjdk-17-jdk-headless; else echo default-jdk-headless; fi
}

may_install() { [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; }

install_packages() {
    local log
    log=$(mktemp)
    say "Installing $* ..."
    if { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"; } >"$log" 2>&1; then
        rm -f "$log"
    else
        tail -n 8 "$log" >&2
        rm -f "$log"
        return 1
    fi
}

# Fills wanted (in words) and packages (names for apt-get) with what this use lacks.
look_for() { # program|window|test
    local library package
    wanted=()
    packages=()
    if ! find_java; then
        JAVA_HOME=
        wanted+=("a JDK, version 17 or newer")
        packages+=("$(java_package)")
    fi
    if ! find_maven && { [ "$1" = test ] || ! is_built; }; then
        wanted+=("Maven")
        packages+=(maven)
    fi
    [ "$1" != program ] && [ "$(uname -s)" = Linux ] || return 0
    while read -r library package; do
        [ -n "$library" ] || continue
        wanted+=("$library")
        case " ${packages[*]-} " in *" $package "*) ;; *) packages+=("$package") ;; esac
    done <<<"$(missing_libraries "$1")"
}

listed() { # words...
    local text=$1
    shift
    while [ $# -gt 0 ]; do text+=", $1"; shift; done
    printf '%s' "$text"
}

need() { # program|window|test
    local wanted packages command
    look_for "$1"
    [ ${#wanted[@]} -gt 0 ] || return 0
    if may_install; then
        # The list of packages is read before the name of the Java package is settled: an older list may lack it.
        if install_packages "${packages[@]}"; then
            look_for "$1"
            [ ${#wanted[@]} -gt 0 ] || return 0
        fi
        die "The packages could not be installed; the lines above say why. Still missing: $(listed "${wanted[@]}")."
    fi
    if command -v apt-get >/dev/null; then
        command="apt-get update && apt-get install -y --no-install-recommends ${packages[*]}"
        if command -v sudo >/dev/null; then command="sudo sh -c '$command'"; else command="su -c '$command'"; fi
        die "Missing on this machine: $(listed "${wanted[@]}"). Only an administrator can install them, with this command:
$command"
    fi
    die "Missing on this machine: $(listed "${wanted[@]}"). Install them with your system's package manager and start again."
}
