#!/usr/bin/env bash
# Builds one style sheet, one script and the fonts into the folder given; packages come from the lock file.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")"
out=$(realpath -m "${1:?usage: build.sh FOLDER}")

. ./packages.sh

mkdir -p "$out"
cp kettle.svg "$out/"
node fonts.mjs "$out/fonts" "$out/../../pdf-fonts"
node_modules/.bin/sass --no-source-map --style=compressed --quiet-deps --silence-deprecation=import \
    --load-path=node_modules theme/kettle.scss "$out/kettle.css"
node_modules/.bin/esbuild behaviour/kettle.js --bundle --minify --target=es2022 --log-level=warning \
    --outfile="$out/kettle.js"
