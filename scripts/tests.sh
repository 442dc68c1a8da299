# Tests, pictures and the list of what is shipped.

# Whether what is acknowledged lies on the disk: off, or default.
on_disk() {
    local setting
    for setting in fsync synchronous_commit full_page_writes; do sql "alter system set $setting = $1"; done
    sql "select pg_reload_conf()" >/dev/null
}

scratch() {
    alone scratch
    cluster test 54710
    scratch_dir=$db_dir
    on_exit 'stop_cluster "$scratch_dir"'
    # What is thrown away need not survive a power cut, and a slow disk must not hold the tests up.
    on_disk off
    sql "drop database if exists $1"
    database "$1"
}

run_tests() {
    find_jdk
    find_builders
    find_browser
    scratch glowkettle_test1
    sql "drop database if exists glowkettle_test2"
    database glowkettle_test2
    # The application's tests run in two parts at once, each with its number behind this name.
    export GLOW_KETTLE_DB=${GLOW_KETTLE_DB%2}
    export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
    rm -rf ./*/target/surefire-reports
    # What was only built to be started is compiled anew, and checked.
    if [ -f "$state/unchecked" ]; then
        rm -rf ./*/target/classes ./*/target/maven-status "$state/unchecked"
    fi
    local verdict=0
    mvn -B --no-transfer-progress -Dsurefire.rerunFailingTestsCount=1 -pl core,demo,instruments,app,benchmarks verify "$@" 9>&- || verdict=$?
    needed_a_second_go || verdict=1
    return "$verdict"
}

# A walk in a browser that was red may run once more, and is said so, as a fault to mend; nothing else may.
needed_a_second_go() {
    local report class good=0
    while IFS= read -r report; do
        class=$(basename "$report" .xml)
        class=${class#TEST-}
        case $class in
            glowkettle.app.walk.* | glowkettle.app.look.*)
                printf '\n! A fault to mend: %s was red and passed when it was run once more\n' "$class" ;;
            *)
                printf '\n! %s was red and passed when it was run once more: only walks may\n' "$class" >&2
                good=1 ;;
        esac
        awk '/<testcase /{test = $0} /<flaky(Failure|Error)/{sub(/.*<testcase name="/, "", test); sub(/".*/, "", test); print "    " test}' "$report" | sort -u
    done < <(grep -lE '<flaky(Failure|Error)' ./*/target/surefire-reports/TEST-*.xml 2>/dev/null || true)
    return "$good"
}

test_classes() { printf '%s' "$home/app/target/test-classes:$home/app/target/classes:$(cat "$home/app/target/test-class-path.txt")"; }

shots() {
    find_jdk
    find_builders
    find_browser
    state_folder
    working "Building" "$state/build.log" mvn -q -B -DskipTests -pl core,demo,instruments,app package
    scratch glowkettle_shots
    local port
    port=$(free_port 8560)
    # Always the same Wednesday morning, so that a picture changes only when its page does.
    GLOW_KETTLE_DEMO=true GLOW_KETTLE_BEGIN_AT=2026-11-18T10:40:00Z launch "$port" "$state/shots.log"
    on_exit 'kill "$app_pid" 2>/dev/null || true'
    PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 "$JAVA_HOME/bin/java" -cp "$(test_classes)" \
        glowkettle.app.shots.Screenshots "http://127.0.0.1:$port" "${1:-$home/docs/screenshots}" 9>&-
}

# What it ships, of which version and under which licence: once what runs in the shop, once what runs in the browser.
bom() {
    local into=${1:-$home/target/bom}
    find_jdk
    find_builders
    state_folder
    mkdir -p "$into"
    working "Listing what runs in the shop" "$state/bom.log" \
        mvn -q -B org.cyclonedx:cyclonedx-maven-plugin:2.9.3:makeAggregateBom -DoutputFormat=json -DincludeTestScope=false \
        -DoutputDirectory="$into" -DoutputName=shop -DskipNotDeployed=false -Dcyclonedx.skipAttach=true
    (cd app/src/main/frontend && npm sbom --package-lock-only --omit=dev --sbom-format=cyclonedx) >"$into/browser.json"
    say "Both lists are in $into: shop.json, browser.json"
}

# Newer versions of what the build uses; nothing is changed.
outdated() {
    find_jdk
    find_builders
    state_folder
    local versions=org.codehaus.mojo:versions-maven-plugin:2.20.1
    working "Asking for newer versions" "$state/outdated.log" \
        mvn -B "$versions:display-property-updates" "$versions:display-plugin-updates" "$versions:display-parent-updates" \
        -DallowSnapshots=false -DprocessDependencyManagementTransitive=false
    grep -E -- '->' "$state/outdated.log" | sed 's/^\[INFO\] *//' | sort -u || say "Maven: nothing newer"
    for folder in app/src/main/frontend app/src/main/frontend/checks; do
        say "$folder"
        (cd "$folder" && npm outdated) || true
    done
}
