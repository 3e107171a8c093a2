#!/usr/bin/env bash
# Runs one of the server's programs in a process group of its own, once what an earlier run of it has left is gone: workers of a
# master that was killed hold its port and its socket for ever, and the file of a socket stays behind.
#   bin/alone.sh FILE SOCKETS PROGRAM …    (FILE keeps the number of the group; SOCKETS is the folder that the sockets are in)
set -u
file=$1 sockets=$2
shift 2
was=$(cat "$file" 2>/dev/null || true)
if [[ $was =~ ^[0-9]+$ ]] && [ "$was" != $$ ]; then
  for pid in $(pgrep -g "$was" 2>/dev/null); do
    case "$(readlink "/proc/$pid/exe")" in
      */nginx | */php-fpm* | */node | */bash) kill -KILL "$pid" 2>/dev/null || true ;;
    esac
  done
fi
echo $$ >"$file"
case "$(basename "$file" .group)" in
  nginx) rm -f "$sockets/inside.sock" ;;
  php) rm -f "$sockets/php.sock" ;;
esac
exec "$@"
