#!/usr/bin/env bash
# keep.sh NAME SIGNAL COMMAND... : runs a server in a session of its own, and sees to it that all it started ends when
# it ends, whatever it died of, and that it ends when whoever keeps it does. SIGNAL asks it to stop.
set -u
source "$(dirname "${BASH_SOURCE[0]}")/sessions.sh"
name=$1 signal=$2
shift 2
note="$RUN_DIR/$name.session"
end_session "$note"
status=0
# Where sessions share the processor evenly, one has to give way as a whole: between them the niceness of a process counts for nothing.
niceness=0
[ "$1" = nice ] && niceness=$3
# shellcheck disable=SC2016
setsid setpriv --pdeathsig KILL sh -c '[ "$0" = 0 ] || echo "$0" 2>/dev/null >/proc/self/autogroup; exec "$@"' "$niceness" "$@" 9>&- &
child=$!
begin_session "$note" "$child"
trap 'kill -s "$signal" "$child" 2>/dev/null' TERM INT QUIT
while kill -0 "$child" 2>/dev/null; do
    wait "$child"
    status=$?
done
end_session "$note"
exit "$status"
