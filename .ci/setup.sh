# Sourced by ./demo, ./check and .ci/run: installs what is missing from the Debian packages, as root or through sudo.
packages="g++ libboost-dev cmake ninja-build pkg-config ccache qt6-base-dev qt6-svg-dev libqt6svg6 libqt6opengl6-dev libgl-dev
 qt6-qpa-plugins qt6-tools-dev qt6-l10n-tools libeigen3-dev nlohmann-json3-dev libzip-dev libcli11-dev libfmt-dev catch2
 libbenchmark-dev xvfb xauth poppler-utils libgl1-mesa-dri"
# Of ./check alone.
checkPackages="clang clang-format clang-tidy clazy"

installMissing() {
    local missing="" p
    for p in $packages "$@"; do
        dpkg-query -W -f='${Status}' "$p" 2>/dev/null | grep -q "install ok installed" || missing="$missing $p"
    done
    [ -n "$missing" ] || return 0
    command -v apt-get >/dev/null || { echo "These Debian packages are needed:$missing" >&2; return 1; }
    local as=""
    [ "$(id -u)" = 0 ] || as="sudo"
    echo "Installing:$missing"
    export DEBIAN_FRONTEND=noninteractive
    $as apt-get update -qq || return 1
    # shellcheck disable=SC2086
    $as apt-get install -y -qq --no-install-recommends $missing >/dev/null || return 1
}

# A precompiled header carries times and definitions that the cache would otherwise distrust.
export CCACHE_SLOPPINESS=pch_defines,time_macros,include_file_mtime,include_file_ctime

# configureAndBuild PRESET [MORE CMAKE ARGUMENTS] [--target TARGETS]
configureAndBuild() {
    local preset=$1 configure=() target=()
    shift
    while [ $# -gt 0 ]; do
        [ "$1" = --target ] && { target=("$@"); break; }
        configure+=("$1")
        shift
    done
    cmake --preset "$preset" -DCMAKE_CXX_COMPILER_LAUNCHER=ccache "${configure[@]}" >"build-$preset.log" 2>&1 ||
        { cat "build-$preset.log"; return 1; }
    rm -f "build-$preset.log"
    cmake --build --preset "$preset" "${target[@]}"
}
