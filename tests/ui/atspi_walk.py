"""Walks the window as assistive technology sees it, with keys alone, and says as JSON what it met.

Run by test_assistive under the system's Python, which has pyatspi, on a screen and a bus of its own:
``atspi_walk.py OUT FOLDER``.
"""

import json
import subprocess
import sys
import time

import pyatspi

#: Said when nothing at all is heard on the bus.
NO_BUS = 77
STOPS = ("Song", "Dance", "Film", "Cut", "Lesson", "Pack")


def keys(*names: str) -> None:
    subprocess.run(["xdotool", "key", "--clearmodifiers", *names], check=True)
    time.sleep(0.25)


def until(found, what: str, seconds: float = 90.0):
    end = time.monotonic() + seconds
    while time.monotonic() < end:
        try:
            value = found()
        except Exception:
            value = None
        if value:
            return value
        time.sleep(0.3)
    raise SystemExit(f"did not happen: {what}")


def application():
    return next(
        (a for a in pyatspi.Registry.getDesktop(0) if a is not None and "vamos" in (a.name or "").lower()), None
    )


def all_of(node, depth: int = 0):
    """Everything shown below a node; of a large table only a part."""
    if node is None or depth > 14:
        return
    yield node
    for k in range(min(node.childCount, 60)):
        child = node.getChildAtIndex(k)
        if child is not None and child.getState().contains(pyatspi.STATE_SHOWING):
            yield from all_of(child, depth + 1)


def names(app, role: str) -> list[str]:
    return [n.name for n in all_of(app) if n.getRoleName() == role]


def focused(app):
    return next((n for n in all_of(app) if n.getState().contains(pyatspi.STATE_FOCUSED)), None)


def unnamed(app) -> list[str]:
    """Things one can use that have neither a name nor a label."""
    usable = {"push button", "check box", "combo box", "text", "spin button", "toggle button", "slider"}
    return [
        n.getRoleName()
        for n in all_of(app)
        if n.getRoleName() in usable
        and n.getState().contains(pyatspi.STATE_FOCUSABLE)
        and not n.name
        and not any(r.getRelationType() == pyatspi.RELATION_LABELLED_BY for r in n.getRelationSet())
    ]


def typed(app, text: str) -> None:
    """Type into the field that has the focus; a busy machine loses keys, so it is read, and typed again."""
    for delay in ("20", "60", "150"):
        subprocess.run(["xdotool", "type", "--delay", delay, text], check=True)
        time.sleep(0.5)
        field = focused(app)
        if field is not None and field.queryText().getText(0, -1) == text:
            return
        keys("ctrl+a")
    raise SystemExit(f"the keys did not arrive: {text}")


def walk(folder: str) -> dict:
    try:
        app = until(application, "the application is on the bus", 120)
    except SystemExit:
        # No bus of this kind here: there is nothing to be read.
        raise SystemExit(NO_BUS) from None
    frame = until(lambda: next((c for c in app if c.getRoleName() in ("frame", "window", "filler")), None), "a window")
    until(lambda: [n for n in all_of(app) if "now 1 Song" in n.name], "the demo is open")
    window = subprocess.run(["xdotool", "search", "--name", "Vamos"], capture_output=True, text=True, check=True)
    for number in window.stdout.split():
        # Some of what has the name is no window that can be focused.
        subprocess.run(["xdotool", "windowfocus", number], check=False, stderr=subprocess.DEVNULL)
    time.sleep(1)
    out = {"title": frame.name, "stops": {}, "tabbed": {}}
    for number, stop in enumerate(STOPS, 1):
        keys(f"ctrl+{number}")
        until(lambda n=number, s=stop: [x for x in all_of(app) if f"now {n} {s}" in x.name], f"the stop {stop}")
        out["stops"][stop] = {"buttons": len(names(app, "push button")), "unnamed": unnamed(app)}
        met = set()
        for _ in range(8):
            keys("Tab")
            node = focused(app)
            if node is not None:
                met.add(f"{node.getRoleName()}: {node.name}")
        out["tabbed"][stop] = sorted(met)
    keys("ctrl+1")
    table = until(lambda: next((n for n in all_of(app) if n.name == "Lines and counts"), None), "the table")
    cells = table.queryTable()
    out["table"] = [table.getRoleName(), cells.nRows, cells.nColumns, cells.getAccessibleAt(4, 0).name]
    keys("Escape", "Down", "Right")
    out["page"] = next(n.name for n in all_of(app) if n.name.startswith("Line "))
    keys("ctrl+6")
    until(lambda: [n for n in all_of(app) if "now 6 Pack" in n.name], "the stop Pack")
    keys("ctrl+e")
    until(
        lambda: [n for n in all_of(app) if n.getRoleName() in ("dialog", "file chooser")], "the dialog for the folder"
    )
    typed(app, folder)
    keys("Return")
    said = until(
        lambda: next((n.name for n in all_of(app) if n.name.startswith("The pack is in ")), None),
        "the pack is written",
        300,
    )
    out["said"] = said
    return out


if __name__ == "__main__":
    found = walk(sys.argv[2])
    with open(sys.argv[1], "w", encoding="utf-8") as file:
        json.dump(found, file, indent=1)
