#!/usr/bin/env bash
# Reads the scripts of the browser as the linter and the formatter do, and runs their own tests in a browser's stead.
# check.sh --write puts them into form.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")"

. ../packages.sh
node_modules/.bin/biome check "$@" --config-path=. --error-on-warnings ../behaviour ../fonts.mjs .
node --test --test-reporter=dot
