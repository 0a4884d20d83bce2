#!/usr/bin/env bash
# Builds the interface into target/web, from where it goes into the jar, where something of it changed since.
set -euo pipefail
cd "$(dirname "$0")"
./fetch.sh
built=target/interface-built
if [ -f "$built" ] && [ -z "$(find src public index.html ./*.ts ./*.js package-lock.json ../docs/vocabulary.md ../docs/screenshots -type f -newer "$built" ! -name '*.test.ts' ! -name schema.ts -print -quit)" ]; then
  exit 0
fi
echo "venue: bundling the interface"
npm run --silent build
touch "$built"
