# What happens when it is rushed or killed.

# Sixteen visitors ask for every page from the moment the door opens, again and again after a cold start. Whatever is not
# answered within a minute hangs.
rush() {
    local rounds=$1 round=0 port visits=$state/rush.visits cookies=$state/rush.cookies token hung=0 asked=0 answered run
    scratch glowkettle_rush
    GLOW_KETTLE_DEMO=true learn
    mapfile -t run < <(product)
    port=$(free_port 8860)
    on_exit 'kill "$app_pid" 2>/dev/null || true'
    GLOW_KETTLE_DEMO=true launch "$port" "$state/rush.log"
    token=$(curl -s -c "$cookies" "http://127.0.0.1:$port/signin" | sed -n 's/.*name="_csrf" value="\([^"]*\)".*/\1/p' | head -n 1)
    curl -s -o /dev/null -b "$cookies" -c "$cookies" --data-urlencode "_csrf=$token" -d 'username=lead&password=quayside' \
        "http://127.0.0.1:$port/signin"
    while [ "$round" -lt "$rounds" ]; do
        round=$((round + 1))
        kill -9 "$app_pid" && wait "$app_pid" 2>/dev/null || true
        "${run[@]}" --server.port="$port" >"$state/rush.log" 2>&1 9>&- &
        app_pid=$!
        until port_taken "$port"; do kill -0 "$app_pid"; sleep 0.02; done
        {
            for path in / /evacuate /signin /library /isolation /limits /shop /keys /sums /api/openapi.json; do echo "$path"; done
            for stage in arrive assess open free fit wayback prove calibrate handback journal; do echo "/jobs/$((round % 40 + 1))/$stage"; done
        } | sed "s|^|http://127.0.0.1:$port|" | shuf -r -n 200 >"$visits"
        answered=$(xargs -P 16 -n 1 curl -s -o /dev/null -m 60 -b "$cookies" -w '%{http_code}\n' <"$visits" | grep -cv '^000' || true)
        asked=$((asked + 200))
        hung=$((hung + 200 - answered))
    done
    say "Started cold $rounds times: $asked pages asked for, $hung never answered"
    [ "$hung" = 0 ] || fail "It hangs after a cold start."
}

# Kills the application and its database by turns while people write; afterwards every entry that was acknowledged is
# looked for, and the lists are held against lists made anew.
faults() {
    local rounds=$1 round=0 port taken=$state/faults.taken wanted before after
    scratch glowkettle_faults
    port=$(free_port 8760)
    GLOW_KETTLE_DEMO=true launch "$port" "$state/faults.log"
    # As it ships: what is acknowledged lies on the disk.
    on_disk default
    rm -f "$taken"
    # Not by the function: its number would be that of a shell, and the writers would go on without it.
    "$JAVA_HOME/bin/java" -cp "$(bench_classes)" glowkettle.benchmarks.Writers "http://127.0.0.1:$port" "$taken" \
        >"$state/writers.log" 2>&1 &
    writers_pid=$!
    on_exit 'kill "$app_pid" "$writers_pid" 2>/dev/null || true'
    until [ -f "$taken" ]; do sleep 0.1; done
    while [ "$round" -lt "$rounds" ]; do
        round=$((round + 1))
        wanted=$(($(wc -l <"$taken") + 20 + RANDOM % 40))
        until [ "$(wc -l <"$taken")" -ge "$wanted" ]; do
            kill -0 "$writers_pid" 2>/dev/null || { tail -n 5 "$state/writers.log" >&2; fail "The writers stopped in round $round."; }
            sleep 0.05
        done
        if [ $((round % 2)) -eq 1 ]; then
            kill -9 "$app_pid"
            wait "$app_pid" 2>/dev/null || true
            GLOW_KETTLE_DEMO=true launch "$port" "$state/faults.log"
        else
            kill_cluster "$scratch_dir"
            curl -fs -o /dev/null -m 2 "http://127.0.0.1:$port/evacuate" || fail "The evacuation card did not show without a database."
            cluster test 54710
        fi
    done
    kill "$writers_pid" && wait "$writers_pid" 2>/dev/null || true
    # Out of the way of the product, which grants and owns what is in its own schema.
    sql "create schema faults" glowkettle_faults
    sql "create table faults.taken (form_id uuid)" glowkettle_faults
    "$pg_bin/psql" -Xq -d glowkettle_faults -c "\\copy faults.taken from '$taken'"
    kill "$app_pid" && wait "$app_pid" 2>/dev/null || true
    before=$(lists glowkettle_faults)
    "$JAVA_HOME/bin/java" -jar "$jar" --server.port=0 --glow-kettle.rebuild=true >"$state/rebuild.log" 2>&1 || fail "The lists could not be made anew; see $state/rebuild.log"
    after=$(lists glowkettle_faults)
    local acknowledged missing twice
    acknowledged=$(sql "select count(*) from faults.taken" glowkettle_faults)
    missing=$(sql "select count(*) from faults.taken where not exists (select from journal_entry entry where entry.form_id = taken.form_id)" glowkettle_faults)
    twice=$(sql "select count(*) from (select form_id from journal_entry group by form_id having count(*) > 1) as more" glowkettle_faults)
    say "Killed $rounds times: acknowledged entries $acknowledged, missing $missing, twice $twice"
    [ "$before" = "$after" ] && say "The lists equal lists made anew" || fail "The lists differ from lists made anew."
    [ "$missing$twice" = 00 ] || fail "Entries were lost or doubled."
}

kill_cluster() {
    local pid
    pid=$(as_owner sed -n 1p "$1/postmaster.pid")
    kill -9 "$pid"
    while kill -0 "$pid" 2>/dev/null || [ -n "$(pgrep -P "$pid" || true)" ]; do sleep 0.05; done
}

# A digest of everything that is made from the journals.
lists() {
    sql "select md5(string_agg(row::text, '|' order by row::text)) from (select job::text as row from job
             union all select stored_pack::text from stored_pack union all select clock::text from clock) as rows" "$1"
}
