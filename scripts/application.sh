# Builds the application, lays it out, and runs it once.

packed=$home/app/target/app-1.0.0-SNAPSHOT.jar
# The same, laid out beside its libraries: classes that lie in jars within a jar are loaded by one thread at a time.
jar=$home/app/target/run/app-1.0.0-SNAPSHOT.jar
learnt=$home/app/target/run/learnt.aot

# Lays out what was packed, unless that has been done.
lay_out() {
    local written
    # By its size and by when it was really written: a build that can be made again byte by byte says of itself that it is old.
    written=$(stat -c '%s %Z' "$packed")
    if [ ! -f "$jar" ] || [ "$written" != "$(cat "$home/app/target/run/laid-out" 2>/dev/null)" ]; then
        rm -rf "$home/app/target/run"
        "$JAVA_HOME/bin/java" -Djarmode=tools -jar "$packed" extract --destination "$home/app/target/run" >"$state/layout.log" 2>&1 ||
            fail "The application could not be laid out; see $state/layout.log"
        echo "$written" >"$home/app/target/run/laid-out"
    fi
}

# What is started was checked when it was written: formatter, checks of the compiler and tests are ./kettle test's.
to_start=(-DskipTests -Dmaven.test.skip=true -Dspotless.check.skip=true -Dchecked-by=-XDnothing)

build() {
    find_jdk
    find_builders
    # The stamp is as old as the beginning of the last build that ended well, so one that was killed does not count.
    if [ -f "$jar" ] && [ -f "$state/built" ] && [ -z "$(find pom.xml core demo instruments app -newer "$state/built" -type f \
        -not -path '*/target/*' -not -path '*/node_modules/*' -not -path '*/src/test/*' -print -quit)" ]; then
        return
    fi
    state_folder
    touch "$state/build.begun"
    working "Building; the first time fetches packages and takes some minutes" "$state/build.log" \
        mvn -q -B -T 2 -pl core,demo,instruments,app package "${to_start[@]}"
    lay_out
    touch "$state/unchecked"
    mv "$state/build.begun" "$state/built"
}

running() {
    local pid
    pid=$(cat "$state/app.pid" 2>/dev/null) || return 1
    # A stale file may name a process of somebody else.
    [ -r "/proc/$pid/cmdline" ] && tr '\0' ' ' <"/proc/$pid/cmdline" | grep -qF "$jar"
}

answers() { curl -fs -o /dev/null -m 2 "http://127.0.0.1:$1/actuator/health/readiness"; }

# The last logs are kept: what went wrong is asked for after it was started anew.
rotate() {
    local older
    for older in 4 3 2 1; do [ ! -f "$1.$older" ] || mv "$1.$older" "$1.$((older + 1))"; done
    [ ! -f "$1" ] || mv "$1" "$1.1"
}

# A quarter of what the machine, or the group it runs in, has; enough to work with, and no more than it ever needs.
heap() {
    local bytes most
    bytes=$(($(awk '/^MemTotal/ { print $2 }' /proc/meminfo) * 1024))
    most=$(cat /sys/fs/cgroup/memory.max 2>/dev/null || echo max)
    [ "$most" = max ] || [ "$most" -gt "$bytes" ] || bytes=$most
    local quarter=$((bytes / 4 / 1024 / 1024))
    [ "$quarter" -ge 384 ] || quarter=384
    [ "$quarter" -le 1024 ] || quarter=1024
    echo "$quarter"
}

# What the machine knows before it starts: from JDK 25 on what it learnt in a run after the build, before that an archive of
# classes that the first run that ends makes by itself.
known_classes() {
    if ! learns; then
        printf '%s\n' -XX:+AutoCreateSharedArchive -XX:SharedArchiveFile="$state/classes.jsa" -Xlog:cds=off -Xlog:cds+dynamic=off
    elif [ "${learning:-no}" = yes ]; then
        printf '%s\n' -XX:AOTCacheOutput="$learnt.new"
    elif [ -f "$learnt" ]; then
        printf '%s\n' -XX:AOTCache="$learnt" -Xlog:aot=off -Xlog:cds=off
    fi
}

# A command line, a word a line: whoever starts it in the background must not do so by a function, whose number would be
# that of a shell.
runtime() { printf '%s\n' "$JAVA_HOME/bin/java" -Xmx"$(heap)m" -XX:+UseSerialGC "$@"; }

product() {
    local known
    mapfile -t known < <(known_classes)
    runtime "${known[@]}" -jar "$jar"
}

learns() {
    local version
    version=$(jdk_version "$JAVA_HOME")
    [ "${version%%.*}" -ge 25 ]
}

wants_to_learn() { learns && [ ! -f "$learnt" ]; }

# Starts once, looks at the pages that everybody sees first, and ends; what was loaded, linked and measured is kept.
learn() {
    lay_out
    wants_to_learn || return 0
    working "Learning how it starts" "$state/learn.log" first_run
}

# The same behind the application that is being worked with, out of its way; the next start is the quicker one.
learn_behind() {
    wants_to_learn || return 0
    (
        app_pid=
        trap '[ -z "$app_pid" ] || kill "$app_pid" 2>/dev/null; exit 0' TERM
        trap '' HUP
        renice -n 19 -p "$BASHPID" >/dev/null 2>&1 || true
        first_run
        rm -f "$state/learning.pid"
    ) </dev/null >"$state/learn.log" 2>&1 9>&- &
    echo "$!" >"$state/learning.pid"
    disown "$!"
}

# Whatever is learnt ends with the application it is learnt of.
stop_learning() {
    local pid
    pid=$(cat "$state/learning.pid" 2>/dev/null) || return 0
    rm -f "$state/learning.pid"
    # A stale file may name a process of somebody else.
    tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF kettle || return 0
    kill "$pid" 2>/dev/null || return 0
    while kill -0 "$pid" 2>/dev/null; do sleep 0.2; done
}

first_run() {
    local port path learning=yes
    port=$(free_port 8860)
    launch "$port" "$state/first-run.log"
    for path in / /signin /evacuate /assets/kettle.svg /api/openapi.json; do
        curl -s -o /dev/null -m 60 "http://127.0.0.1:$port$path"
    done
    kill "$app_pid"
    wait "$app_pid" || true
    # Without it everything runs as well, and starts slower.
    [ ! -f "$learnt.new" ] || mv "$learnt.new" "$learnt"
}

launch() {
    local port=$1 log=$2 waited=0
    shift 2
    rotate "$log"
    lay_out
    local run
    mapfile -t run < <(product)
    "${run[@]}" --server.port="$port" "$@" >"$log" 2>&1 9>&- &
    app_pid=$!
    until answers "$port"; do
        kill -0 "$app_pid" 2>/dev/null || { tail -n 25 "$log" >&2; fail "The application ended at once; see $log"; }
        # Whoever gives up leaves nothing running.
        [ $waited -lt 240 ] || { kill "$app_pid"; fail "The application did not answer within two minutes; see $log"; }
        sleep 0.5
        waited=$((waited + 1))
    done
}
