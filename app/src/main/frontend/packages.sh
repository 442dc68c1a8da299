# Sourced in a folder with a lock file: its packages as the lock says, fetched when that has changed.
if ! cmp -s package-lock.json node_modules/.lock-built 2>/dev/null; then
    npm ci --ignore-scripts --no-audit --no-fund --loglevel=error
    cp package-lock.json node_modules/.lock-built
fi
