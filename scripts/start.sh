# Starts and stops the shop.

start() {
    alone
    if running; then
        # The application outlives its database; it finds the way back as soon as there is one.
        cluster data 54610
        welcome "$(cat "$state/app.port")"
        return
    fi
    rm -f "$state/app.pid"
    build
    cluster data 54610
    database glowkettle
    local port=${GLOW_KETTLE_PORT:-8460}
    if port_taken "$port"; then
        [ -z "${GLOW_KETTLE_PORT:-}" ] || fail "Port $port is taken. Set GLOW_KETTLE_PORT to a free one."
        port=$(free_port "$port")
    fi
    export GLOW_KETTLE_DEMO=${GLOW_KETTLE_DEMO:-true}
    if [ "$GLOW_KETTLE_DEMO" != true ]; then
        first_lead
        GLOW_KETTLE_SIGN_INS="Sign in                with the account of a lead, who makes the others"
    fi
    say "Starting"
    trap '' HUP
    launch "$port" "$state/app.log"
    echo "$app_pid" >"$state/app.pid"
    echo "$port" >"$state/app.port"
    disown "$app_pid"
    welcome "$port"
    learn_behind
}

# Outside the demo nobody may sign in until a lead says who they are; there is no default.
first_lead() {
    if [ -n "$(sql "select to_regclass('account')" glowkettle)" ] && [ "$(sql 'select count(*) from account' glowkettle)" -gt 0 ]; then
        return
    fi
    local name=${GLOW_KETTLE_FIRST_LEAD:-} password=${GLOW_KETTLE_FIRST_PASSWORD:-} again
    if [ -z "$name" ] || [ -z "$password" ]; then
        say "This is the first start: who leads this shop?"
        read -rp "  Name to sign in with (small letters, digits): " name || fail "No name was given; nothing was started."
        [[ $name =~ ^[a-z0-9][a-z0-9.-]{0,39}$ ]] || fail "'$name' cannot be a name; small letters, digits, dots and dashes can."
        read -rsp "  Password, at least 10 characters: " password || fail "No password was given; nothing was started."
        printf '\n'
        [ ${#password} -ge 10 ] || fail "That password has ${#password} characters; at least 10 are needed."
        read -rsp "  The same again: " again || fail "The password was not repeated; nothing was started."
        printf '\n'
        [ "$password" = "$again" ] || fail "The two passwords differ; nothing was started."
    fi
    export GLOW_KETTLE_FIRST_LEAD=$name GLOW_KETTLE_FIRST_PASSWORD=$password
}

welcome() {
    cat <<WELCOME

  Glow Kettle serves at  http://127.0.0.1:$1/
  ${GLOW_KETTLE_SIGN_INS:-Demo sign-ins          lead · technician · trainee      password  quayside}
  Stop it with           ./kettle stop

WELCOME
}

stop() {
    alone
    stop_learning
    if running; then
        local pid
        pid=$(cat "$state/app.pid")
        kill "$pid"
        while kill -0 "$pid" 2>/dev/null; do sleep 0.2; done
        say "The application has stopped"
    fi
    rm -f "$state/app.pid"
    find_postgres
    local dir=$state/data
    [ -d "$dir" ] || dir=/var/lib/postgresql/glow-kettle-$(printf %s "$home" | sha256sum | cut -c1-12)-data
    stop_cluster "$dir"
    say "The database has stopped; the data stays"
}

rebuild() {
    alone
    build
    cluster data 54610
    database glowkettle
    "$JAVA_HOME/bin/java" -jar "$jar" --server.port=0 --glow-kettle.rebuild=true
}
