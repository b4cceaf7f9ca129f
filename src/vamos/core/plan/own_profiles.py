"""Profiles of the user's own: settings of a pack kept under a name, for all projects of this user.

They lie in one JSON file in the user's configuration folder, ``{"vamos_profiles": 1, "profiles": {NAME: OUTPUT}}``,
with outputs as in project files. A file that cannot be understood is left as it is.
"""

from __future__ import annotations

from dataclasses import fields
from pathlib import Path
from typing import Any

import msgspec
import platformdirs

from vamos.core.disk.atomic import write_atomically
from vamos.core.disk.side_files import read_side
from vamos.core.document.files import from_builtins, to_builtins
from vamos.core.model.project import Output
from vamos.core.plan.profiles import PROFILES, Profile
from vamos.errors import InputError, ProjectError
from vamos.wording import marked, words_of

tr = words_of(__name__)

#: A name is short enough for a button.
_LONGEST = 40


def profiles_file() -> Path:
    return Path(platformdirs.user_config_dir("vamos", appauthor=False)) / "profiles.json"


def own_profiles() -> tuple[Profile, ...]:
    """The user's profiles in the order in which they were kept; none when there is no file that can be understood."""
    try:
        return tuple(_profile(name, output) for name, output in _read().items())
    except ProjectError:
        return ()


def every_profile() -> tuple[Profile, ...]:
    """Those of Vamos, then the user's own."""
    return (*PROFILES, *own_profiles())


def keep_profile(name: str, output: Output) -> Profile:
    """Keep the settings of an output under a name; one of the same name is replaced. Raises InputError, WriteError."""
    name = name.strip()
    if not name or len(name) > _LONGEST or any(ord(c) < 32 for c in name):
        raise InputError(
            tr("A profile needs a name of up to {longest} letters, such as Tuesday class.", longest=_LONGEST)
        )
    taken = next((p.name for p in PROFILES if name.casefold() in (p.name.casefold(), p.key)), None)
    if taken is not None:
        raise InputError(tr("“{taken}” is one of Vamos’s own profiles; choose another name.", taken=taken))
    found = _read()
    found[name] = output
    _write(found)
    return _profile(name, output)


def forget_profile(name: str) -> None:
    """Take a profile away; raises WriteError."""
    found = _read()
    if found.pop(name, None) is not None:
        _write(found)


def _profile(name: str, output: Output) -> Profile:
    settings: dict[str, Any] = {f.name: getattr(output, f.name) for f in fields(Output)}
    return Profile(name, name, marked("Settings of your own, kept for all projects."), settings)


def _read() -> dict[str, Output]:
    path = profiles_file()
    raw = read_side(path, follow=True)
    if raw is None and not path.is_file():
        return {}
    try:
        data = msgspec.json.decode(raw or b"")
        return {str(name): from_builtins(output, Output) for name, output in data["profiles"].items()}
    except (
        msgspec.DecodeError,
        msgspec.ValidationError,
        InputError,
        KeyError,
        TypeError,
        AttributeError,
        UnicodeDecodeError,
        RecursionError,
    ) as error:
        raise ProjectError(
            tr("it is no file of profiles that Vamos knows."),
            file=path,
            safe=tr("It was not changed."),
            todo=tr("Move it away to keep new profiles."),
        ) from error


def _write(found: dict[str, Output]) -> None:
    path = profiles_file()
    path.parent.mkdir(parents=True, exist_ok=True)
    data = {"vamos_profiles": 1, "profiles": {name: to_builtins(output) for name, output in found.items()}}
    write_atomically(path, msgspec.json.format(msgspec.json.encode(data), indent=1) + b"\n")
