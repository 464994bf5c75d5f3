# All pieces that the command, its watcher and the tests are made of.
for piece in say instance packages processes database lan web build; do
    # shellcheck source=/dev/null
    source "$root/bin/$piece.sh"
done
