#!/usr/bin/env bash
# Builds the interface into target/web, from where it goes into the jar.
set -euo pipefail
cd "$(dirname "$0")"
[ -d node_modules ] && [ node_modules/.package-lock.json -nt package-lock.json ] || { echo "venue: fetching what the interface is built with (npm)"; npm ci --no-audit --no-fund --loglevel=error; }
echo "venue: building the interface"
npm run --silent build
