#!/usr/bin/env bash
# Builds the interface into target/web, from where it goes into the jar.
set -euo pipefail
cd "$(dirname "$0")"
[ -d node_modules ] && [ node_modules/.package-lock.json -nt package-lock.json ] || npm ci --no-audit --no-fund --loglevel=error
npm run --silent build
