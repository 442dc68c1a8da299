# What the machine must have.

install() {
    local packages=$*
    am_root || fail "Missing on this machine: $packages. Install it: sudo apt-get install $packages"
    command -v apt-get >/dev/null || fail "Missing on this machine: $packages. Install it with this system's package manager."
    state_folder
    export DEBIAN_FRONTEND=noninteractive
    # Whoever else installs something now is waited for.
    working "Looking up packages" "$state/apt.log" apt-get -o DPkg::Lock::Timeout=300 update -q
    # shellcheck disable=SC2086
    working "Installing $packages" "$state/apt.log" apt-get -o DPkg::Lock::Timeout=300 install -q -y --no-install-recommends $packages
}

jdk_version() { "$1/bin/java" -XshowSettings:properties -version 2>&1 | sed -n 's/.*java.specification.version = //p'; }

find_jdk() {
    local candidate version
    for candidate in "${JAVA_HOME:-}" /usr/lib/jvm/* "$(dirname "$(dirname "$(readlink -f "$(command -v javac || echo /x/x)")")")"; do
        [ -x "$candidate/bin/javac" ] || continue
        version=$(jdk_version "$candidate")
        if [ "${version%%.*}" -ge 21 ] 2>/dev/null; then
            export JAVA_HOME=$candidate
            return
        fi
    done
    if am_root && apt-cache show openjdk-21-jdk-headless >/dev/null 2>&1; then
        install openjdk-21-jdk-headless
        export JAVA_HOME=/usr/lib/jvm/java-21-openjdk-$(dpkg --print-architecture)
        return
    fi
    fail "No JDK 21 or newer is here. Install one (any vendor's) under /usr/lib/jvm, or set JAVA_HOME to it."
}

find_postgres() {
    pg_bin=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1 || true)
    if [ -z "$pg_bin" ] || [ ! -x "$pg_bin/initdb" ]; then
        install postgresql
        pg_bin=$(ls -d /usr/lib/postgresql/*/bin | sort -V | tail -n 1)
    fi
    local version=${pg_bin#/usr/lib/postgresql/}
    [ "${version%/bin}" -ge 15 ] || fail "PostgreSQL ${version%/bin} is too old; 15 or newer is needed."
}

find_builders() {
    local missing=()
    command -v mvn >/dev/null || missing+=(maven)
    command -v node >/dev/null || missing+=(nodejs)
    command -v npm >/dev/null || missing+=(npm)
    command -v curl >/dev/null || missing+=(curl)
    [ ${#missing[@]} -eq 0 ] || install "${missing[@]}"
}

find_browser() {
    [ -x /usr/bin/chromium ] || install chromium
}
