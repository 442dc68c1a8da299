# Everything into one file, and back.

schema_version() { sql "select max(version::int) from flyway_schema_history where success" "$1"; }

# What a backup is signed with; it never leaves this installation.
backup_key() {
    if [ ! -s "$state/backup.key" ]; then
        head -c 32 /dev/urandom | sha256sum | cut -d' ' -f1 >"$state/backup.key.new"
        mv "$state/backup.key.new" "$state/backup.key"
    fi
    echo "$state/backup.key"
}

# A digest that only whoever has the key can make: the key, the digest of the text, and the key again.
signature() {
    { cat "$(backup_key)"; sha256sum | cut -d' ' -f1; cat "$(backup_key)"; } | sha256sum | cut -d' ' -f1
}

# A folder for what passes through, gone at the end whatever happens.
passing() {
    folder=$(mktemp -d)
    on_exit "rm -rf '$folder'"
}

backup() {
    local file=${1:-}
    [ -n "$file" ] || fail "Say into which file: ./kettle backup FILE"
    alone
    cluster data 54610
    exists glowkettle || fail "There is no data yet; ./kettle start makes it."
    passing
    on_exit "rm -f '$file.part'"
    "$pg_bin/pg_dump" --format=custom --no-owner --no-privileges --file="$folder/dump" glowkettle
    printf 'glow-kettle-backup 1\nschema %s\nsha256 %s\n' "$(schema_version glowkettle)" \
        "$(sha256sum "$folder/dump" | cut -d' ' -f1)" >"$folder/version"
    signature <"$folder/version" >"$folder/signature"
    tar -cf "$file.part" -C "$folder" version signature dump
    mv "$file.part" "$file"
    say "Everything is in $file ($(du -h "$file" | cut -f1)). It holds what the owners told you, and how people sign in: keep it closed."
}

restore() {
    local file=${1:-} replace=no foreign=no known option
    for option in "${@:2}"; do
        case "$option" in
            --replace) replace=yes ;;
            --foreign) foreign=yes ;;
            *) fail "'$option' is not known. ./kettle restore FILE [--replace] [--foreign]" ;;
        esac
    done
    [ -f "$file" ] || fail "There is no file '$file'. ./kettle restore FILE [--replace] [--foreign]"
    alone
    passing
    tar -xf "$file" -C "$folder" version dump 2>/dev/null || fail "'$file' is no backup of Glow Kettle, or it is cut short. Nothing was touched."
    tar -xf "$file" -C "$folder" signature 2>/dev/null || true
    [ "$(sed -n 1p "$folder/version")" = "glow-kettle-backup 1" ] || fail "'$file' is a backup of another kind. Nothing was touched."
    [ "$(sed -n 's/^sha256 //p' "$folder/version")" = "$(sha256sum "$folder/dump" | cut -d' ' -f1)" ] ||
        fail "'$file' is damaged: its checksum does not agree. Nothing was touched."
    if [ "$(cat "$folder/signature" 2>/dev/null || true)" != "$(signature <"$folder/version")" ]; then
        [ "$foreign" = yes ] || fail "'$file' was not written by this installation, or somebody changed it. A backup can hold commands that the
database runs, and people who may sign in. If you know whose it is, add --foreign. Nothing was touched."
        say "WARNING: this backup is a stranger's. Whoever wrote it can sign in here with the accounts that are in it."
    fi
    known=$(ls app/src/main/resources/db/migration | sed -n 's/^V\([0-9]*\)__.*/\1/p' | sort -n | tail -n 1)
    [ "$(sed -n 's/^schema //p' "$folder/version")" -le "$known" ] ||
        fail "'$file' was written by a newer Glow Kettle. Nothing was touched."
    ! running || fail "Stop it first: ./kettle stop. Nothing was touched."
    cluster data 54610
    "$pg_bin/pg_restore" --list "$folder/dump" >/dev/null || fail "'$file' cannot be read. Nothing was touched."
    if exists glowkettle && [ "$replace" = no ]; then
        fail "There is data already. Add --replace to put the backup in its place. Nothing was touched."
    fi
    # Cut short between two names, the data stands under the older one.
    if ! exists glowkettle && exists glowkettle_before; then sql "alter database glowkettle_before rename to glowkettle"; fi
    sql "drop database if exists glowkettle_before"
    sql "drop database if exists glowkettle_restored"
    sql "create database glowkettle_restored owner kettle_owner"
    # As the owner: whatever a file tells the database to do, it may do no more than that.
    PGUSER=kettle_owner PGPASSWORD=$owner_password "$pg_bin/pg_restore" --no-owner --no-privileges --exit-on-error \
        --single-transaction --dbname=glowkettle_restored "$folder/dump" ||
        fail "The backup could not be read in. The data is as it was."
    ! exists glowkettle || sql "alter database glowkettle rename to glowkettle_before"
    sql "alter database glowkettle_restored rename to glowkettle"
    sql "drop database if exists glowkettle_before"
    say "Restored from $file. ./kettle start serves it."
}
