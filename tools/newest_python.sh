#!/bin/sh
# Says the newest Python from 3.11 to 3.14 that runs: on the path, or in a version manager's folder.
for minor in 14 13 12 11; do
    for one in "python3.$minor" "${PYENV_ROOT:-$HOME/.pyenv}"/versions/3.$minor.*/bin/python3; do
        if "$one" -c "import sys, venv; sys.exit(sys.version_info[:2] != (3, $minor))" >/dev/null 2>&1; then
            echo "$one"
            exit
        fi
    done
done
echo python3
