#!/usr/bin/env bash
# Fetches what the interface is built with into node_modules; with `whole`, or VENUE_WHOLE set, what it is tested with, too.
# One at a time: who comes second finds it there.
set -euo pipefail
cd "$(dirname "$0")"
[ "${1:-}" != whole ] || VENUE_WHOLE=yes
mkdir -p target
exec 9>target/fetching
flock 9

have() { [ -e "$1" ] && [ ! package-lock.json -nt "$1" ]; }
fetch() { # what it is for, npm's options
  local try
  for try in 1 2 3; do
    echo "venue: fetching what the interface is $1 with (npm)"
    if npm ci --no-audit --no-fund --prefer-offline --loglevel=error "${@:2}"; then return 0; fi
    [ "$try" = 3 ] || echo "venue: npm could not fetch all of it, as it says above; trying again" >&2
    sleep "$try"
  done
  echo "venue: npm could not fetch what the interface is $1 with. Is the network there?" >&2
  return 1
}

if [ -n "${VENUE_WHOLE:-}" ]; then
  have node_modules/.whole || { fetch "built and tested"; touch node_modules/.whole; }
else
  have node_modules/.package-lock.json || fetch built --omit=dev
fi
