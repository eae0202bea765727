# Builds the container that deploy/Containerfile describes, and runs it twice on one volume: what makers made in the first is there in the second. Only
# where it is asked for by name, as it takes minutes: bin/test container. Debian is made here by debootstrap, as no registry of images is asked.

containers() {
    local at="$root/var/container" status=0
    [ "$(id -u)" -eq 0 ] || { echo "containers are made by root: found nothing"; return 0; }
    container_port=${ALTERNUM_CONTAINER_PORT:-8620}
    mkdir -p "$at"
    command -v buildah >/dev/null && command -v debootstrap >/dev/null || install_debian buildah debootstrap
    container_steps || status=1
    { buildah_here rm --all; buildah_here rmi -f alternum; } >/dev/null 2>&1
    [ $status -ne 0 ] || echo "container: built, run twice on one volume; nothing that makers made is lost: found nothing"
    return $status
}

buildah_here() { BUILDAH_ISOLATION=chroot buildah --root "$at/storage" --runroot "$at/run" --storage-driver vfs "$@"; }
ask_container() { curl -s -b "$at/cookies" -c "$at/cookies" "http://127.0.0.1:$container_port$1"; }

# Begins the container's own command, and waits until it is well.
run_container() { # NAME
    local one
    one=$(buildah_here from --pull-never --name "$1" alternum) || return 1
    buildah_here config --env ALTERNUM_PORT="$container_port" --env ALTERNUM_DB_PORT=$((container_port + 5000)) \
        --env ALTERNUM_TLS_PORT=$((container_port + 1)) --env ALTERNUM_TRUST_PORT=$((container_port + 2)) "$one"
    BUILDAH_ISOLATION=chroot setsid buildah --root "$at/storage" --runroot "$at/run" --storage-driver vfs run --volume "$at/volume:/opt/alternum/var/app" \
        "$one" -- bash -c "$(container_command)" >"$at/$1.log" 2>&1 </dev/null &
    running=$!
    wait_for 120 curl -fs -o /dev/null "http://127.0.0.1:$container_port/ready" || { tail -n 20 "$at/$1.log"; return 1; }
}
# What stands behind CMD in the file.
container_command() {
    php -r 'preg_match("/^CMD (.*)$/m", file_get_contents($argv[1]), $found); echo json_decode($found[1])[2];' -- "$root/deploy/Containerfile"
}
end_container() {
    pkill -TERM -g "$running" -x sleep
    wait_for 30 not_open "$container_port"
}
not_open() { ! is_open "$1"; }

container_steps() {
    local running shelf
    rm -rf "$at/build" "$at/volume" "$at/cookies"
    mkdir -p "$at/build" "$at/volume"
    [ -d "$at/debian/usr" ] || timeout 600 debootstrap --variant=minbase bookworm "$at/debian" >"$at/debootstrap.log" 2>&1 \
        || { echo "Debian cannot be had here: found nothing"; return 0; }
    if ! buildah_here images -q debian:12 >/dev/null 2>&1; then
        buildah_here from --name base scratch >/dev/null && buildah_here add -q base "$at/debian" / >/dev/null \
            && buildah_here commit -q base docker.io/library/debian:12 >/dev/null && buildah_here rm base >/dev/null || return 1
    fi
    "$root/bin/package" --to "$at/build" >/dev/null || return 1
    cp "$root/deploy/Containerfile" "$at/build/"
    (cd "$at/build" && buildah_here bud --pull-never -t alternum -f Containerfile .) >"$at/build.log" 2>&1 || { tail -n 20 "$at/build.log"; return 1; }

    run_container first || return 1
    ask_container / >/dev/null
    shelf=$(ask_container /api/shelf)
    [[ "$shelf" == *'"plans":[{'* ]] || { echo "NOT SO: it lays plans on the shelf: $shelf"; return 1; }
    end_container || { echo "NOT SO: it ends when it is told to"; return 1; }
    run_container second || return 1
    [ "$(ask_container /api/shelf)" = "$shelf" ] || { echo "NOT SO: another container with the volume has the same shelf"; return 1; }
    end_container || { echo "NOT SO: it ends when it is told to, again"; return 1; }
}
