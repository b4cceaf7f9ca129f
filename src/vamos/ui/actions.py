"""Every action declared once: menu, shortcut, tooltip and the page of keys come from here."""

from __future__ import annotations

from dataclasses import dataclass

STOPS = ("Song", "Dance", "Film", "Cut", "Lesson", "Pack")


@dataclass(frozen=True, slots=True)
class Action:
    """``name`` is the method of the window's hands that does it; ``keys`` as Qt writes them."""

    name: str
    text: str
    keys: str
    menu: str
    help: str


ACTIONS: tuple[Action, ...] = (
    Action(
        "new_project", "New project", "Ctrl+N", "Project", "Start with an empty page; the open project stays saved."
    ),
    Action("open_project", "Open…", "Ctrl+O", "Project", "Open a project file."),
    Action(
        "save_as",
        "Save as…",
        "Ctrl+Shift+S",
        "Project",
        "Keep the project under another name. It saves itself after each change.",
    ),
    Action("open_demo", "Open the demo", "", "Project", "A song, a dance and six takes to try everything on."),
    Action(
        "add_files",
        "Add song or takes…",
        "Ctrl+I",
        "Project",
        "Choose a song or takes; dropping files on the window does the same.",
    ),
    Action("quit", "Quit", "Ctrl+Q", "Project", "Close Vamos. What was open comes back."),
    Action("undo", "Undo", "Ctrl+Z", "Edit", "Take back the last change."),
    Action("redo", "Redo", "Ctrl+Shift+Z", "Edit", "Make the change again."),
    Action("play", "Play or stop", "Space", "Watch", "Play from where the page stands."),
    Action("from_the_top", "From the top", "Home", "Watch", "Go to the first count of the song."),
    Action("loop", "Loop", "L", "Watch", "Play this line, or at Cut this clip, again and again, 8 into 1."),
    Action("next_speed", "Next speed", "S", "Watch", "100, 75, 60, 50, 25, 125 % of the song."),
    Action("mirrored", "Mirrored or as filmed", "M", "Watch", "Flip the picture of this clip, or take the flip back."),
    Action("next_view", "Next view", "V", "Watch", "Front, back, side, feet: what was filmed."),
    Action("other_pass", "Another pass", "A", "Watch", "Use the next pass for this clip."),
    Action("line_up", "Line up", "Up", "Page", "To the line above."),
    Action("line_down", "Line down", "Down", "Page", "To the line below."),
    Action("frame_back", "One frame back", ",", "Page", "A thirtieth of a second, or a frame of the film, earlier."),
    Action("frame_on", "One frame on", ".", "Page", "A thirtieth of a second, or a frame of the film, later."),
    Action("one_earlier", "The 1 a count earlier", "Shift+Left", "Song", "Count 1 falls one count earlier."),
    Action("one_later", "The 1 a count later", "Shift+Right", "Song", "Count 1 falls one count later."),
    Action("one_here", "This count is a 1", "Return", "Song", "The count you stand on becomes count 1 of a line."),
    Action(
        "dance_starts_here",
        "The dance starts here",
        "Shift+Return",
        "Song",
        "The count you stand on becomes the first count danced; what is before it is the lead-in.",
    ),
    Action(
        "one_eight_earlier",
        "Dance starts a line earlier",
        "Ctrl+Shift+Left",
        "Song",
        "The lead-in gets one line shorter.",
    ),
    Action(
        "one_eight_later", "Dance starts a line later", "Ctrl+Shift+Right", "Song", "The lead-in gets one line longer."
    ),
    Action("halve", "Count half as fast", "Ctrl+Shift+H", "Song", "Every second count becomes a count."),
    Action("double", "Count twice as fast", "Ctrl+Shift+D", "Song", "Two counts where there was one."),
    Action(
        "two_thirds",
        "Count two thirds as fast",
        "",
        "Song",
        "Three counts become two: for a grid that is half again too fast.",
    ),
    Action(
        "three_halves",
        "Count half again as fast",
        "",
        "Song",
        "Two counts become three: for a grid that is a third too slow.",
    ),
    Action(
        "halve_from_here",
        "Half as fast from here",
        "",
        "Song",
        "From the count you stand on, every second count becomes a count.",
    ),
    Action(
        "double_from_here",
        "Twice as fast from here",
        "",
        "Song",
        "From the count you stand on, two counts where there was one.",
    ),
    Action("part_here", "A part of the song begins here", "P", "Song", "A part with a name and lines of its own."),
    Action("join_part", "Join this part to the one before", "", "Song", "Take the beginning of this part away."),
    Action(
        "add_other_song",
        "Another song for this dance…",
        "",
        "Song",
        "Keep a second song beside this one and see how it fits.",
    ),
    Action("tap", "Tap along", "T", "Song", "Tap on each count while it plays; from four taps on they make the beat."),
    Action(
        "mark_stop",
        "The music stops here",
        "Ctrl+H",
        "Song",
        "From this count on the music pauses for four counts; again takes it away.",
    ),
    Action("clicks", "Clicks on the counts", "K", "Watch", "Hear a click on each count, higher on 1."),
    Action("read_grid", "Read beats…", "", "Song", "Take the beats from a CSV or MIDI file."),
    Action(
        "save_grid", "Write beats…", "", "Song", "Write the beats as CSV, MIDI or OpenTimelineIO, by the file's ending."
    ),
    Action("find_grid", "Find the beat again", "", "Song", "Listen to the song again; corrections of yours are kept."),
    Action("new_section", "New section", "Ctrl+Return", "Dance", "An empty section behind the one of this line."),
    Action("write_count", "Write on this count", "F2", "Dance", "Type what is danced here; Tab goes on."),
    Action("wall_map", "Wall map", "W", "Dance", "The whole sequence as a picture; again goes back to the page."),
    Action("read_sheet", "Read a sheet…", "", "Dance", "Take the dance from a CSV, JSON or Markdown file."),
    Action("write_sheet", "Write the sheet…", "", "Dance", "Write PDF, Markdown, CSV or JSON, or the wall map as SVG."),
    Action("place_takes", "Place takes", "Ctrl+P", "Film", "Find each take's place on the song by its sound."),
    Action(
        "by_eye",
        "Match by eye",
        "E",
        "Film",
        "The take with its sound: match a clap, a step or a count; again goes back.",
    ),
    Action("mark_front", "From here: front", "Shift+F", "Film", "The take shows the front from this count on."),
    Action("mark_back", "From here: back", "Shift+B", "Film", "The take shows the back from this count on."),
    Action("mark_left", "From here: left side", "Shift+L", "Film", "The take shows the left side from this count on."),
    Action("mark_right", "From here: right side", "Shift+R", "Film", "The take shows the right side from here on."),
    Action("mark_feet", "From here: feet", "Shift+E", "Film", "The take shows the feet from this count on."),
    Action("mark_danced", "From here: other sides", "Shift+O", "Film", "Own sides, or opposite sides, from here on."),
    Action("mark_mirror", "From here: in a mirror", "", "Film", "Filmed in a studio mirror from here on, or not."),
    Action("mark_spoken", "From here: sides said", "Shift+S", "Film", "Whose right and left the words mean, or none."),
    Action(
        "mark_lettering",
        "From here: lettering",
        "",
        "Film",
        "There is writing in the picture, or not; a flip turns it.",
    ),
    Action("mark_trouble", "From here: trouble", "Shift+X", "Film", "Spoiled from here on, until all is well again."),
    Action("mark_well", "From here: all is well", "Shift+W", "Film", "No trouble from this count on."),
    Action("look_for_movement", "Look for movement", "", "Film", "Holds danced through, entries early or late."),
    Action("earlier_count", "Counted pass a count earlier", "Alt+Left", "Film", "Its 1 is the count before."),
    Action("later_count", "Counted pass a count later", "Alt+Right", "Film", "Its 1 is the count after."),
    Action("earlier_line", "Counted pass a line earlier", "Alt+Shift+Left", "Film", "It shows the line before."),
    Action("later_line", "Counted pass a line later", "Alt+Shift+Right", "Film", "It shows the line after."),
    Action("write_shots", "Write what to film…", "", "Film", "The list of what exists and what is missing."),
    Action("edge_start", "The clip begins here", "[", "Cut", "From the count you stand on, run-up and all."),
    Action("edge_end", "The clip ends here", "]", "Cut", "Up to the count you stand on."),
    Action("start_earlier", "Begin a frame earlier", "Ctrl+[", "Cut", "The clip begins one frame earlier."),
    Action("start_later", "Begin a frame later", "Ctrl+]", "Cut", "The clip begins one frame later."),
    Action("end_earlier", "End a frame earlier", "Alt+[", "Cut", "The clip ends one frame earlier."),
    Action("end_later", "End a frame later", "Alt+]", "Cut", "The clip ends one frame later."),
    Action("next_kind", "Next version", "Shift+V", "Watch", "With counts, to progress, half-time, two pictures in step."),
    Action("compare", "Passes side by side", "C", "Cut", "The passes of this clip in step; again goes back."),
    Action("leave_out", "Leave this clip out", "", "Cut", "It is not written; the panel offers to take it back."),
    Action(
        "write_pack",
        "Write the pack",
        "Ctrl+E",
        "Pack",
        "Write clips, run-through, chapters and manifest, and check them.",
    ),
    Action("evening", "Evening light", "F9", "View", "Dark surroundings for late nights."),
    Action("show_keys", "Keys", "F1", "View", "All keys on one page."),
)

COUNT_KEYS = "1 to 8: to that count of this line"
