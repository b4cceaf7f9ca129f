"""The actions of the stop Song: menu, key and what each is for; what they do are methods of its commands."""

from vamos.ui.parts.action import Action
from vamos.wording import words_of

tr = words_of(__name__)

ACTIONS = (
    Action(
        "reading_1",
        tr("Count it the next way heard"),
        "Alt+1",
        "Song",
        tr("Count it the likeliest other way; press again to go back."),
    ),
    Action("reading_2", tr("Count it the second way heard"), "Alt+2", "Song", tr("Count it the second likeliest way.")),
    Action("reading_3", tr("Count it the third way heard"), "Alt+3", "Song", tr("Count it the third likeliest way.")),
    Action("one_earlier", tr("The 1 a count earlier"), "Shift+Left", "Song", tr("Count 1 falls one count earlier.")),
    Action("one_later", tr("The 1 a count later"), "Shift+Right", "Song", tr("Count 1 falls one count later.")),
    Action(
        "listen",
        tr("Listen for the 1 in the takes"),
        "",
        "Song",
        tr("Where a voice counts over the song in your takes, it says where lines begin."),
    ),
    Action("one_here", tr("This count is a 1"), "", "Song", tr("The count you stand on becomes count 1 of a line.")),
    Action(
        "dance_starts_here",
        tr("The dance starts here"),
        "Shift+Return",
        "Song",
        tr("The count you stand on becomes the first count danced; what is before it is the lead-in."),
    ),
    Action(
        "one_line_earlier",
        tr("Dance starts a line earlier"),
        "Ctrl+Shift+Left",
        "Song",
        tr("The lead-in gets one line shorter."),
    ),
    Action(
        "one_line_later",
        tr("Dance starts a line later"),
        "Ctrl+Shift+Right",
        "Song",
        tr("The lead-in gets one line longer."),
    ),
    Action("halve", tr("Count half as fast"), "Ctrl+Shift+H", "Song", tr("Every second count becomes a count.")),
    Action("double", tr("Count twice as fast"), "Ctrl+Shift+D", "Song", tr("Two counts where there was one.")),
    Action(
        "two_thirds",
        tr("Count two thirds as fast"),
        "",
        "Song",
        tr("Three counts become two: for a beat that was found 1½ × too fast."),
    ),
    Action(
        "three_halves",
        tr("Count 1½ × as fast"),
        "",
        "Song",
        tr("Two counts become three: for a grid that is a third too slow."),
    ),
    Action(
        "halve_from_here",
        tr("Half as fast from here"),
        "",
        "Song",
        tr("From the count you stand on, every second count becomes a count."),
    ),
    Action(
        "double_from_here",
        tr("Twice as fast from here"),
        "",
        "Song",
        tr("From the count you stand on, two counts where there was one."),
    ),
    Action(
        "part_here", tr("A part of the song begins here"), "Ctrl+B", "Song", tr("A part with a name and its own lines.")
    ),
    Action(
        "join_part", tr("Join this part to the one before"), "", "Song", tr("Take the beginning of this part away.")
    ),
    Action(
        "add_other_song",
        tr("Another song for this dance…"),
        "",
        "Song",
        tr("Keep a second song beside this one and see how it fits."),
    ),
    Action(
        "tap",
        tr("Tap along"),
        "T",
        "Song",
        tr("Tap on each count while it plays; from four taps on they make the beat."),
        at_once=True,
    ),
    Action(
        "mark_stop",
        tr("The music stops here"),
        "Ctrl+H",
        "Song",
        tr("From this count on the music stops for four counts; press again to take that away."),
    ),
    Action(
        "note_word",
        tr("A word is heard here"),
        "Ctrl+L",
        "Song",
        tr("Note a word or sound of the song at the second that plays; moves that name it are checked against it."),
    ),
    Action(
        "write_clicks",
        tr("Write a click track…"),
        "",
        "Song",
        tr("The song with clicks on its counts, as WAV; counts with words of the song click higher."),
    ),
    Action("read_grid", tr("Read beats…"), "", "Song", tr("Take the beats from a CSV or MIDI file.")),
    Action(
        "save_grid",
        tr("Write beats…"),
        "",
        "Song",
        tr("Write the beats as CSV, MIDI or OpenTimelineIO, by the file's ending."),
    ),
    Action(
        "find_grid",
        tr("Find the beat again"),
        "",
        "Song",
        tr("Listen to the song again; corrections of yours are kept."),
    ),
)
