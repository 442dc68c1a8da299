# A database of our own, and who may do what in it.

# Never as root: PostgreSQL refuses it, and is right.
as_owner() {
    if am_root; then
        (cd / && runuser -u postgres -- "$@")
    else
        "$@"
    fi
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
    local port=$1
    while port_taken "$port"; do port=$((port + 1)); done
    echo "$port"
}

# Sets db_dir, db_port and db_password for a cluster; makes it when it is not there.
cluster() {
    local name=$1 first_port=$2
    find_postgres
    state_folder
    db_dir=$state/$name
    if am_root && ! runuser -u postgres -- test -x "$state"; then
        # The postgres account cannot walk to a folder under somebody's closed home.
        db_dir=/var/lib/postgresql/glow-kettle-$(printf %s "$home" | sha256sum | cut -c1-12)-$name
    fi
    db_password=$(secret "$name")
    if ! as_owner test -f "$db_dir/PG_VERSION"; then
        say "Making a database of our own in $db_dir"
        as_owner rm -rf "$db_dir.new" 2>/dev/null || rm -rf "$db_dir.new"
        mkdir -p "$db_dir.new"
        ! am_root || chown postgres "$db_dir.new"
        chmod 700 "$db_dir.new"
        local word=$db_dir.word
        on_exit "rm -f '$word'"
        printf '%s\n' "$db_password" >"$word"
        ! am_root || chown postgres "$word"
        as_owner "$pg_bin/initdb" -D "$db_dir.new" -U kettle --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8 \
            --pwfile="$word" >"$state/$name.initdb.log" 2>&1 ||
            fail "The database could not be made; see $state/$name.initdb.log"
        rm -f "$word"
        # Only a finished cluster gets the name that is looked for.
        mv "$db_dir.new" "$db_dir"
    fi
    if as_owner "$pg_bin/pg_ctl" -D "$db_dir" status >/dev/null 2>&1; then
        # The fourth line of its pid file: it may have been started by hand, on another port.
        db_port=$(as_owner sed -n 4p "$db_dir/postmaster.pid")
    else
        db_port=$(free_port "$(cat "$state/$name.port" 2>/dev/null || echo "$first_port")")
        echo "$db_port" >"$state/$name.port"
        local log=$db_dir/server.log
        as_owner "$pg_bin/pg_ctl" -D "$db_dir" -w -t 60 -l "$log" \
            -o "-p $db_port -c listen_addresses=127.0.0.1 -c unix_socket_directories=''" start >/dev/null 2>&1 9>&- ||
            fail "The database did not start; see $log"
    fi
    export PGOPTIONS="-c client_min_messages=warning"
    export PGPASSWORD=$db_password PGHOST=127.0.0.1 PGPORT=$db_port PGUSER=kettle
    owner_password=$(secret "$name.owner")
    app_password=$(secret "$name.app")
    role kettle_owner "$owner_password"
    role kettle_app "$app_password"
}

# A password of this installation, made when it is first asked for.
secret() {
    [ -s "$state/$1.password" ] || head -c 24 /dev/urandom | base64 | tr -d '/+=' >"$state/$1.password"
    cat "$state/$1.password"
}

# Whoever owns the tables does not serve pages, and whoever serves pages may write and no more.
role() {
    [ -n "$(sql "select 1 from pg_roles where rolname = '$1'")" ] || sql "create role $1"
    sql "alter role $1 login nosuperuser nocreatedb nocreaterole inherit password '$2'"
}

exists() { [ -n "$(sql "select 1 from pg_database where datname = '$1'")" ]; }

sql() { "$pg_bin/psql" -XqAt -v ON_ERROR_STOP=1 -d "${2:-postgres}" -c "$1"; }

database() {
    if exists "$1"; then
        owned "$1"
    else
        sql "create database $1 owner kettle_owner"
    fi
    export GLOW_KETTLE_DB=jdbc:postgresql://127.0.0.1:$db_port/$1
    export GLOW_KETTLE_DB_USER=kettle_app GLOW_KETTLE_DB_PASSWORD=$app_password
    export GLOW_KETTLE_DB_OWNER=kettle_owner GLOW_KETTLE_DB_OWNER_PASSWORD=$owner_password
}

# Data from before there was an owner is handed over to it.
owned() {
    sql "alter database $1 owner to kettle_owner"
    sql "do \$\$ declare each record; begin
             for each in select case relkind when 'S' then 'sequence' else 'table' end as kind, oid::regclass as name
                           from pg_class
                          where relnamespace = 'public'::regnamespace and relkind in ('r', 'p', 'S')
                            and relowner <> 'kettle_owner'::regrole
                            and not (relkind = 'S' and exists (select from pg_depend where objid = pg_class.oid and deptype in ('a', 'i')))
             loop execute format('alter %s %s owner to kettle_owner', each.kind, each.name); end loop;
             for each in select oid::regprocedure as name from pg_proc
                          where pronamespace = 'public'::regnamespace and proowner <> 'kettle_owner'::regrole
                            and not exists (select from pg_depend where objid = pg_proc.oid and deptype = 'e')
             loop execute format('alter function %s owner to kettle_owner', each.name); end loop;
         end \$\$" "$1"
}

stop_cluster() {
    local dir=$1
    as_owner "$pg_bin/pg_ctl" -D "$dir" -m fast -w stop >/dev/null 2>&1 || true
}
