# The Debian package: what is in it, and how that is held.

committed_version() { git -C "$root" log -1 --format=%cd --date=format:0.%Y%m%d.%H%M%S; }

# FOLDER VERSION: makes the package there, and says its name.
make_package() {
    local folder=$1 version=$2 stage file
    stage=$(mktemp -d)
    mkdir -p "$folder" "$stage/DEBIAN" "$stage/opt/alternum" "$stage/lib/systemd/system" "$stage/etc"
    # What runs, what keeps it running and what is to be read: no tests, no sources of the pages, nothing that is made from others.
    git -C "$root" archive HEAD -- bin config contract core/composer.json core/src demo deploy docs migrations public src templates symfony-parts \
        README.md CHANGELOG.md THIRD_PARTY_NOTICES.md alternum.conf.example composer.json | tar -x -C "$stage/opt/alternum"
    rm -rf "$stage/opt/alternum/docs/screenshots"
    cp -r "$root/public/build" "$stage/opt/alternum/public/build"
    quietly package-php composer_in "$stage/opt/alternum"
    # It installs nothing and builds nothing where it lies: see bin/lib/install.sh.
    printf '%s\n' "$version" >"$stage/opt/alternum/packaged"
    cp "$root/alternum.conf.example" "$stage/etc/alternum.conf"
    ln -s /etc/alternum.conf "$stage/opt/alternum/alternum.conf"
    cp "$root"/deploy/*.service "$root"/deploy/*.timer "$stage/lib/systemd/system/"
    for file in control conffiles postinst prerm postrm; do
        sed "s/{{version}}/$version/" "$root/deploy/debian/$file" >"$stage/DEBIAN/$file"
    done
    find "$stage" -type d -exec chmod 755 {} +
    chmod 755 "$stage"/DEBIAN/p*
    quietly package-deb dpkg-deb --root-owner-group -Zgzip --build "$stage" "$folder/alternum_${version}_all.deb"
    rm -rf "$stage"
    printf '%s\n' "$folder/alternum_${version}_all.deb"
}

# The packages that it runs with, without those that test it; those that Symfony's one package stands for come from it, and it stays behind.
composer_in() { # FOLDER
    cp -r "$root/symfony-parts/vendor" "$1/symfony-parts/vendor" \
        && composer --working-dir="$1" install --no-dev --no-scripts --no-progress --classmap-authoritative && rm -rf "$1/symfony-parts"
}
