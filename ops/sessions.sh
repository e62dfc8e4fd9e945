# Servers run in sessions of their own, so that one that died without its workers can be cleared away: by its session,
# never by its name. The note of a session says since which start of the machine it counts.

# begin_session NOTE PID
begin_session() { (umask 077 && printf '%s %s\n' "$2" "$(cat /proc/sys/kernel/random/boot_id)" >"$1"); }

# end_session NOTE : ends whatever is left of it.
end_session() {
    local session boot
    [ -f "$1" ] || return 0
    read -r session boot <"$1" || true
    if [ -n "${session:-}" ] && [ "${boot:-}" = "$(cat /proc/sys/kernel/random/boot_id)" ]; then
        pkill -KILL -s "$session" 2>/dev/null || true
        # Ports and sockets are free once they are gone; the dead that nobody has buried hold none.
        for _ in $(seq 1 100); do
            pgrep -s "$session" --runstates DRST >/dev/null 2>&1 || break
            sleep 0.02
        done
    fi
    rm -f "$1"
}
