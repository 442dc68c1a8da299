# Measures the sums, the pages under load, the search and the start.

bench_classes() { printf '%s' "$home/benchmarks/target/classes:$(cat "$home/benchmarks/target/class-path.txt")"; }

# A page of the same framework and nothing else.
bare() { runtime -cp "$(bench_classes)" glowkettle.benchmarks.BarePage; }

benchmark() {
    local class=$1
    shift
    "$JAVA_HOME/bin/java" -cp "$(bench_classes)" "glowkettle.benchmarks.$class" "$@" 9>&-
}

bench() {
    find_jdk
    find_builders
    state_folder
    if [ "${1:-}" = mutants ]; then
        working "Building" "$state/build.log" mvn -q -B -DskipTests -pl core test-compile
        mutants
        return
    fi
    if [ "${1:-}" = match ]; then
        working "Building" "$state/build.log" mvn -q -B -DskipTests -Psolver -pl core,benchmarks/solver package
        beside_solver "${2:-10}"
        return
    fi
    working "Building" "$state/build.log" mvn -q -B -DskipTests package
    case "${1:-all}" in
        faults) faults "${2:-50}" ;;
        rush) rush "${2:-30}" ;;
        core) core ;;
        pages)
            pages "${@:2}"
            [ $# -gt 1 ] || beyond_pages
            ;;
        all)
            core
            pages
            search
            beyond_pages
            ;;
        *) fail "'$1' is not measured. ./kettle bench [core|match|pages|rush|faults|mutants]" ;;
    esac
}

# Cells matched by our own search and by a general solver, one after the other.
beside_solver() {
    say "The search for groups beside a general solver, $1 minutes"
    "$JAVA_HOME/bin/java" -cp "$home/benchmarks/solver/target/classes:$(cat "$home/benchmarks/solver/target/class-path.txt")" \
        glowkettle.benchmarks.solver.SolverBeside "$1" 9>&-
}

core() {
    say "The planner"
    benchmark Benchmarks
    benchmark HeatBenchmarks
    benchmark JoinBenchmarks
    benchmark MatchBenchmarks
}

search() {
    say "The search, with 100 000 jobs"
    "$pg_bin/psql" -XqAt -v ON_ERROR_STOP=1 -d glowkettle_bench -f "$home/benchmarks/src/main/sql/many-jobs.sql"
    benchmark SearchLoad "http://127.0.0.1:$bench_port"
}

# Every page beside a bare one of the same framework, by turns.
pages() {
    say "The pages, with 5 000 jobs"
    scratch glowkettle_bench
    GLOW_KETTLE_DEMO=true learn
    bench_port=$(free_port 8660)
    GLOW_KETTLE_DEMO=true launch "$bench_port" "$state/bench.log" --glow-kettle.demo-jobs=5000
    on_exit 'kill "$app_pid" 2>/dev/null || true'
    bare_port=$(free_port 8680)
    local run
    mapfile -t run < <(bare)
    "${run[@]}" --server.port="$bare_port" >"$state/bare.log" 2>&1 9>&- &
    bare_pid=$!
    on_exit 'kill "$bare_pid" 2>/dev/null || true'
    until port_taken "$bare_port"; do kill -0 "$bare_pid"; sleep 0.1; done
    # As it ships: what is acknowledged lies on the disk.
    on_disk default
    # As the database does by itself some time after so many rows.
    sql "vacuum analyze" glowkettle_bench
    say "Entries in the journals: $(sql 'select count(*) from journal_entry' glowkettle_bench), jobs: $(sql 'select count(*) from job' glowkettle_bench)"
    benchmark PageLoad "http://127.0.0.1:$bench_port" "http://127.0.0.1:$bare_port" "$@"
}

# What a full shop shows in other ways: long journals, the Space bar, and last of all, since it ends the application, a start.
beyond_pages() {
    "$pg_bin/psql" -XqAt -v ON_ERROR_STOP=1 -d glowkettle_bench -f "$home/benchmarks/src/main/sql/long-journals.sql"
    benchmark LongJournals "http://127.0.0.1:$bench_port"
    find_browser
    # shellcheck disable=SC2046 # one word a job
    PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 "$JAVA_HOME/bin/java" -cp "$(test_classes)" glowkettle.app.shots.SpaceToPainted \
        "http://127.0.0.1:$bench_port" $(sql "select number from job where stage in ('open', 'wayback') and number < 1000" glowkettle_bench) 9>&-
    kill "$app_pid" "$bare_pid" && wait "$app_pid" "$bare_pid" 2>/dev/null || true
    starts "$bench_port" "$bare_port"
}

# From the command to the first page, by turns; the product as it ships, and the bare page as it is.
starts() {
    local round run ours theirs
    for round in 1 2 3 4 5; do
        mapfile -t run < <(bare)
        theirs=$(first_page "$2" "/" "${run[@]}")
        mapfile -t run < <(product)
        ours=$(first_page "$1" "/signin" "${run[@]}")
        awk -v ours="$ours" -v theirs="$theirs" \
            'BEGIN { printf "First page after %.1f s, the bare one after %.1f s: %.2f × (aim: at most 1.6 ×)\n", ours / 1000, theirs / 1000, ours / theirs }'
    done
}

# Starts a java and says after how many milliseconds it shows a page.
first_page() {
    local port=$1 path=$2 begun pid
    shift 2
    begun=$(date +%s%N)
    "$@" --server.port="$port" >"$state/first-page.log" 2>&1 9>&- &
    pid=$!
    until curl -fs -o /dev/null -m 30 "http://127.0.0.1:$port$path"; do kill -0 "$pid"; sleep 0.02; done
    echo $((($(date +%s%N) - begun) / 1000000))
    kill "$pid"
    while kill -0 "$pid" 2>/dev/null; do sleep 0.05; done
}
