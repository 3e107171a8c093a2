#!/usr/bin/env bash
# One server, in the foreground: nginx in front, php-fpm behind it, and the process that tells open tablets what is new. All of them
# are this script's own, with their files in the folder that is given; they end with it, and it ends with either of the first two.
#   bin/serve.sh FOLDER     (FOLDER has nginx.conf, fpm.conf and events.env, as bin/lib/server.sh writes them)
set -u
folder=$1
here=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

php_settings=(-d opcache.enable=1 -d opcache.validate_timestamps=1 -d opcache.revalidate_freq=2 -d opcache.memory_consumption=192
  -d opcache.max_accelerated_files=20000 -d "opcache.file_cache=$here/var/opcache" -d expose_php=0
  -d "opcache.preload=$here/bin/preload.php" -d "opcache.preload_user=$(id -un)"
  -d upload_max_filesize=20M -d post_max_size=24M -d memory_limit=512M)
fpm=$(command -v php-fpm8.2 || command -v php-fpm)
as_root=()
if [ "$(id -u)" = 0 ]; then as_root=(-R); fi

trap 'kill $(jobs -p) 2>/dev/null; wait; exit 0' TERM INT
"$fpm" -F -y "$folder/fpm.conf" "${as_root[@]}" "${php_settings[@]}" &
main=($!)
# nobody is let in before there is somebody to answer
socket=$(sed -n 's/^listen = //p' "$folder/fpm.conf")
for _ in $(seq 1 100); do
  [ -S "$socket" ] && break
  sleep 0.05
done
nginx -p "$folder" -c "$folder/nginx.conf" -e stderr -g 'daemon off;' &
main+=($!)
# an event process that dies is begun again; meanwhile tablets ask
(
  trap 'kill $! 2>/dev/null; exit 0' TERM
  while :; do
    node "$here/bin/events.mjs" "$folder/events.json" &
    wait $!
    sleep 1 &
    wait $!
  done
) &
# the shop's own server sees to the day's backup
if [ "$(basename "$folder")" = server ]; then
  (
    trap 'kill $! 2>/dev/null; exit 0' TERM
    while :; do
      sleep 300 &
      wait $!
      nice bash -euc 'here=$1; cd "$here"; for each in platform database backup; do . "bin/lib/$each.sh"; done; backup_nightly' - "$here" || echo "The day's backup did not come about; see above."
    done
  ) &
fi
wait -n "${main[@]}"
kill $(jobs -p) 2>/dev/null
wait
