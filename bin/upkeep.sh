#!/usr/bin/env bash
# What the shop's own server sees to by itself: the day's backup.
set -u
here=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$here"
while :; do
  sleep 300 &
  wait $!
  nice bash -euc 'here=$1; cd "$here"; for each in platform database backup; do . "bin/lib/$each.sh"; done; work_clean; backup_nightly' - "$here" || echo "The day's backup did not come about; see above."
done
