<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>Vamos</name>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../core/align/said_one.py" />
   <location filename="../core/dance/checks.py" />
   <location filename="../core/dance/fit.py" />
   <location filename="../core/dance/typed/taken.py" />
   <location filename="../core/dance/with_song.py" />
   <location filename="../core/grid/said.py" />
   <location filename="../core/model/look.py" />
   <location filename="../core/pack/students/page.html" />
   <location filename="../core/plan/cards.py" />
   <location filename="../core/plan/edges.py" />
   <location filename="../core/plan/problems.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <location filename="../ui/stops/lesson/picture.py" />
   <location filename="../ui/stops/pack/picture.py" />
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>count</source>
   <translation>Count</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../core/align/said_one.py" />
   <location filename="../core/dance/checks.py" />
   <location filename="../core/dance/fit.py" />
   <location filename="../core/dance/with_song.py" />
   <location filename="../core/grid/said.py" />
   <location filename="../core/plan/cards.py" />
   <location filename="../core/plan/edges.py" />
   <location filename="../core/plan/problems.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/dance/section.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <location filename="../ui/stops/lesson/picture.py" />
   <location filename="../ui/stops/pack/picture.py" />
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <location filename="../ui/stops/song/silences.py" />
   <source>counts</source>
   <translation>Counts</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>The demo project: {project}</source>
   <translation>Das Demoprojekt: {project}</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <source>a turn is still open</source>
   <translation>eine Drehung ist noch offen</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../core/dance/checks.py" />
   <location filename="../core/dance/offers.py" />
   <location filename="../core/lesson/plan.py" />
   <location filename="../core/model/dance.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>wall</source>
   <translation>Wand</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../core/dance/checks.py" />
   <location filename="../core/dance/offers.py" />
   <location filename="../core/lesson/plan.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>walls</source>
   <translation>Wände</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{learned} to learn</source>
   <translation>{learned} zu lernen</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{head}; {number:g} danced</source>
   <translation>{head}; {number:g} getanzt</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>Verified: {number} comparisons, {number2} do not hold.</source>
   <translation>Geprüft: {number} Vergleiche, {number2} stimmen nicht.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{clips} clips in {folder}</source>
   <translation>{clips} Clips in {folder}</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{value:.1f} a minute, {number} beats, meter {value2}, lead-in {value3} counts, confidence {value4:.0%}</source>
   <translation>{value:.1f} pro Minute, {number} Beats, Takt {value2}, Vorlauf {value3} Counts, Sicherheit {value4:.0%}</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>the project has no song with a beat grid to compare with.</source>
   <translation>das Projekt hat keinen Song mit Raster zum Vergleichen.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{bpm:.1f} a minute, {tempo_ratio:.0%} of the song of the project; lead-in {lead_in} counts, {lead_in_s:.1f} s</source>
   <translation>{bpm:.1f} pro Minute, {tempo_ratio:.0%} vom Song des Projekts; Vorlauf {lead_in} Counts, {lead_in_s:.1f} s</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{at}count {number:4d}  {name}, facing {facing}</source>
   <translation>{at}Count {number:4d}  {name}, Blick nach {facing}</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>there is something under this name.</source>
   <translation>unter diesem Namen steht schon etwas.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../core/pack/write.py" />
   <source>There is nothing to cut yet: a pack needs a song with its grid and a take placed on it.</source>
   <translation>Noch ist nichts zu schneiden: ein Paket braucht einen Song mit Raster und eine darauf eingeordnete Aufnahme.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{files} files, {number} comparisons, {number2} do not hold</source>
   <translation>{files} Dateien, {number} Vergleiche, {number2} stimmen nicht</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{number:g} counts for {number2:g} danced; the dance ends at {ends_at_s:.1f} s of {song_ends_at_s:.1f} s, facing </source>
   <translation>{number:g} Counts für {number2:g} getanzte; der Tanz endet bei {ends_at_s:.1f} s von {song_ends_at_s:.1f} s, Blick nach </translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>It fits.</source>
   <translation>Er passt.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>Vamos is out of the menu of {share}.</source>
   <translation>Vamos ist aus dem Menü von {share} heraus.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>Vamos was not in the menu of {share}.</source>
   <translation>Vamos war nicht im Menü von {share}.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{value}: {value2}, {number} passes, confidence {value3:.0%}</source>
   <translation>{value}: {value2}, {number} Durchgänge, Sicherheit {value3:.0%}</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../core/disk/atomic.py" />
   <location filename="../core/disk/outputs.py" />
   <location filename="../core/plan/own_profiles.py" />
   <source>It was not changed.</source>
   <translation>Es wurde nicht geändert.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>Choose a new name for the project, or write its pack with “vamos pack”.</source>
   <translation>Wähle einen neuen Namen für das Projekt, oder schreibe sein Paket mit „vamos pack“.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>unknown</source>
   <translation>unbekannt</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>not readable</source>
   <translation>nicht lesbar</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>    the song is the same at {places}: which of these it is cannot be heard</source>
   <translation>    der Song ist bei {places} gleich: welche der Stellen es ist, ist nicht zu hören</translation>
  </message>
  <message>
   <location filename="../cli/footage.py" />
   <source>{take} is split at {second:g} s; the second part is “{name}”.</source>
   <translation>{take} ist bei {second:g} s geteilt; der zweite Teil ist „{name}“.</translation>
  </message>
  <message>
   <location filename="../cli/footage.py" />
   <source>There is no take “{name}”; there are: {names}.</source>
   <translation>Es gibt keine Aufnahme „{name}“; es gibt: {names}.</translation>
  </message>
  <message>
   <location filename="../cli/footage.py" />
   <source>{name}, {start_s:.1f} to {end_s:.1f} s: {reason}</source>
   <translation>{name}, {start_s:.1f} bis {end_s:.1f} s: {reason}</translation>
  </message>
  <message>
   <location filename="../cli/footage.py" />
   <source>The 1 was moved there.</source>
   <translation>Die 1 wurde dorthin verschoben.</translation>
  </message>
  <message>
   <location filename="../cli/footage.py" />
   <source>{name}: sides are called: {calls}</source>
   <translation>{name}: Seiten werden gesagt: {calls}</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>{films} in {out}: {number} comparisons, {number2} do not hold.</source>
   <translation>{films} in {out}: {number} Vergleiche, {number2} stimmen nicht.</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>the wanted length; says what is left out</source>
   <translation>die gewünschte Länge; sagt, was weggelassen wird</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>in which pieces it is put together</source>
   <translation>in welchen Stücken er aufgebaut wird</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>how a section is met first</source>
   <translation>wie man einem Abschnitt zuerst begegnet</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>when the whole dance is shown</source>
   <translation>wann der ganze Tanz gezeigt wird</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>where walls, tags and restarts are told</source>
   <translation>wo Wände, Brücken und Restarts erklärt werden</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>how it gets quicker</source>
   <translation>wie es schneller wird</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>keep what was said in the project</source>
   <translation>das Gesagte im Projekt behalten</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>write the plan as .md or .pdf</source>
   <translation>den Plan als .md oder .pdf schreiben</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>write the film of the lesson there, and verify it</source>
   <translation>den Film der Stunde dorthin schreiben und prüfen</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>write a loop of each section there, and verify them</source>
   <translation>eine Schleife jedes Abschnitts dorthin schreiben und prüfen</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>write what to film for it as .md or .html</source>
   <translation>als .md oder .html schreiben, was dafür zu filmen ist</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>There is no dance to teach yet. Write its sections at Dance, or read a sheet.</source>
   <translation>Es gibt noch keinen Tanz zu lehren. Schreib seine Abschnitte bei Tanz, oder lies ein Tanzblatt.</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>A take is logged with --rolled, --heard and --stopped, such as 2026-05-01T18:30:12.5.</source>
   <translation>Eine Aufnahme wird mit --rolled, --heard und --stopped notiert, etwa 2026-05-01T18:30:12.5.</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>log a take; the moments are ISO 8601</source>
   <translation>eine Aufnahme notieren; die Zeitpunkte nach ISO 8601</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>when the camera ran</source>
   <translation>wann die Kamera lief</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>when the song was heard first</source>
   <translation>wann der Song zuerst zu hören war</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>when it stopped</source>
   <translation>wann sie stoppte</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>the song's second heard first</source>
   <translation>die Sekunde des Songs, die zuerst zu hören war</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>how it was</source>
   <translation>wie es war</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>what went wrong</source>
   <translation>was schiefging</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>from the start to where a camera can stand</source>
   <translation>vom Anfang bis dorthin, wo eine Kamera stehen kann</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>focal length for a frame of 36 × 24 mm</source>
   <translation>Brennweite für ein Bild von 36 × 24 mm</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>the phone is held upright</source>
   <translation>das Telefon wird hochkant gehalten</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>how high the camera stands</source>
   <translation>wie hoch die Kamera steht</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>how far arms and what they hold reach</source>
   <translation>wie weit Arme und was sie halten reichen</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>the length of a step</source>
   <translation>die Länge eines Schritts</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <location filename="../core/pack/summary.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>film</source>
   <translation>Film</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <location filename="../core/pack/summary.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>films</source>
   <translation>Filme</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>--{name} “{value}” is no moment; write it as 2026-05-01T18:30:12.5.</source>
   <translation>--{name} „{value}“ ist kein Zeitpunkt; schreib ihn als 2026-05-01T18:30:12.5.</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>{name}: on {away} learners look away from the screen.</source>
   <translation>{name}: auf {away} sehen die Lernenden vom Bildschirm weg.</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <location filename="../ui/frame/find_page.py" />
   <source>no clip shows it</source>
   <translation>kein Clip zeigt es</translation>
  </message>
  <message>
   <location filename="../cli/main.py" />
   <source>Stopped. Nothing half-written was left.</source>
   <translation>Angehalten. Nichts Halbgeschriebenes ist liegen geblieben.</translation>
  </message>
  <message>
   <location filename="../cli/main.py" />
   <location filename="../ui/work/runner.py" />
   <source>There is not enough memory for this. Close other programs and try again.</source>
   <translation>Dafür ist nicht genug Speicher da. Schließ andere Programme und versuch es noch einmal.</translation>
  </message>
  <message>
   <location filename="../cli/main.py" />
   <source>This is a fault of Vamos, not of yours. What was written before stands; nothing else was changed. A report without anything private is in {log_path}.</source>
   <translation>Das ist ein Fehler von Vamos, nicht von dir. Was vorher geschrieben wurde, besteht; sonst wurde nichts geändert. Ein Bericht ohne Privates steht in {log_path}.</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>settings for a purpose: {names}, or one of your own</source>
   <translation>Einstellungen für einen Zweck: {names}, oder ein eigenes</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>keep these settings under a name, for all projects</source>
   <translation>diese Einstellungen unter einem Namen behalten, für alle Projekte</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>the section that a class set teaches</source>
   <translation>der Abschnitt, den ein Satz für die Stunde lehrt</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>25 to 125, such as 100 75 50</source>
   <translation>25 bis 125, etwa 100 75 50</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>what is heard</source>
   <translation>was zu hören ist</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>more sounds to write</source>
   <translation>weitere Töne zu schreiben</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>clicks over the song, 0 to 1</source>
   <translation>Klicks über dem Song, 0 bis 1</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>the counting voice over the song, 0 to 1</source>
   <translation>die Zählstimme über dem Song, 0 bis 1</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>what the film heard under the song, 0 to 1</source>
   <translation>was der Film hörte, unter dem Song, 0 bis 1</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>what the counting voice speaks</source>
   <translation>was die Zählstimme spricht</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>whose moves stand over the picture, of partners or groups</source>
   <translation>wessen Schritte über dem Bild stehen, bei Paaren oder Gruppen</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>what students read; without it as you do</source>
   <translation>was die Schüler lesen; ohne das wie du</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>so much of the song in each clip, from its 1 on</source>
   <translation>so viel vom Song in jedem Clip, ab seiner 1</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>where the counts stand</source>
   <translation>wo die Counts stehen</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>the picture's shape</source>
   <translation>die Form des Bildes</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>go close to the dancer and follow slowly</source>
   <translation>nah an die Tanzenden gehen und langsam folgen</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>longest side; without it as the film, up to 1920</source>
   <translation>längste Seite; ohne Angabe wie der Film, bis 1920</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>pictures a second; without it as the film</source>
   <translation>Bilder pro Sekunde; ohne Angabe wie der Film</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>for the hall, for the phone, small</source>
   <translation>für den Saal, für das Telefon, klein</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>counts before each clip: 0 to 64, or phrase</source>
   <translation>Counts vor jedem Clip: 0 bis 64, oder phrase</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>what they show and say</source>
   <translation>was sie zeigen und sagen</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>how counts are said</source>
   <translation>wie die Counts heißen</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>counts ahead that a tag or restart is called</source>
   <translation>wie viele Counts vorher eine Brücke oder ein Restart angesagt wird</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>the view of the run-through, or none</source>
   <translation>die Ansicht des Durchlaufs, oder none</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>counts of the run-through, from FROM up to TO; 0 is the first danced</source>
   <translation>Counts des Durchlaufs, von FROM bis vor TO; 0 ist der erste getanzte</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>cards in the run-through: title=8 section=4 tag=4 end=8; 0 is none</source>
   <translation>Karten im Durchlauf: title=8 section=4 tag=4 end=8; 0 ist keine</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>count evenly where the song is not heard</source>
   <translation>gleichmäßig zählen, wo der Song nicht zu hören ist</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>more versions: as filmed, to progress, half-time, double time, front and back side by side, feet in a corner</source>
   <translation>weitere Fassungen: wie gefilmt, zum Weiterkommen, halbe Zeit, doppelte Zeit, vorn und hinten nebeneinander, Füße in einer Ecke</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>There is no profile “{name}”. There are: {words}.</source>
   <translation>Es gibt kein Profil „{name}“. Es gibt: {words}.</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>“{words}” is no card. Say title=8, section=4, tag=4 or end=8; 0 is none.</source>
   <translation>„{words}“ ist keine Karte. Schreib title=8, section=4, tag=4 oder end=8; 0 ist keine.</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>“{value}” in “{words}”</source>
   <translation>„{value}“ in „{words}“</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>{what} is not known. Say {words}, or NAME=LANE,LANE… with lanes of {words2}.</source>
   <translation>{what} ist nicht bekannt. Schreib {words}, oder NAME=LANE,LANE… mit Angaben aus {words2}.</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>more versions with other things over the picture: feet, words, clean, or NAME=LANE,LANE… of </source>
   <translation>weitere Fassungen mit anderem über dem Bild: feet, words, clean, oder NAME=LANE,LANE… aus </translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>There is no section “{new_section}”; the dance has: {known}.</source>
   <translation>Es gibt keinen Abschnitt „{new_section}“; der Tanz hat: {known}.</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>Nobody is called “{role}” in this dance; it has: {known}.</source>
   <translation>Niemand heißt „{role}“ in diesem Tanz; es gibt: {known}.</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <location filename="../core/dance/card.py" />
   <location filename="../core/dance/checks.py" />
   <location filename="../core/model/clip.py" />
   <location filename="../core/model/dance.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/pack/picture.py" />
   <source>none</source>
   <translation>keine</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>put Vamos into the desktop’s menu; projects open with it</source>
   <translation>Vamos ins Menü des Desktops legen; Projekte öffnen sich damit</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>open the window, with files or what was open last</source>
   <translation>das Fenster öffnen, mit Dateien oder mit dem, was zuletzt offen war</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>make the demo project, then open it</source>
   <translation>das Demoprojekt machen, dann öffnen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>find the beat grid of a song</source>
   <translation>das Raster eines Songs finden</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>what is known of a project’s song; its title, what is used of it, where it stops</source>
   <translation>was vom Song eines Projekts bekannt ist; sein Titel, was von ihm benutzt wird, wo er aussetzt</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>see how another song fits the dance of a project</source>
   <translation>sehen, wie ein anderer Song zum Tanz eines Projekts passt</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>read a count sheet and say all that follows from it</source>
   <translation>ein Tanzblatt lesen und sagen, was daraus folgt</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the count sheet of a project or sheet</source>
   <translation>das Tanzblatt eines Projekts oder Tanzblatts schreiben</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>place takes on a song by their sound</source>
   <translation>Aufnahmen nach ihrem Ton auf einem Song einordnen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>the whole main job: a pack from a song and takes, without questions</source>
   <translation>die ganze Arbeit: ein Paket aus Song und Aufnahmen, ohne Fragen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>list the clips that would be cut, with reasons and problems</source>
   <translation>die Clips auflisten, die geschnitten würden, mit Gründen und Fehlern</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>what exists in which view, and what to film next</source>
   <translation>was es in welcher Ansicht gibt, und was als Nächstes zu filmen ist</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>plan the lesson: steps, how often, how slow, how long, what to film</source>
   <translation>die Stunde planen: Schritte, wie oft, wie langsam, wie lang, was zu filmen ist</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>where something is danced, and which clips show it</source>
   <translation>wo etwas getanzt wird, und welche Clips es zeigen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>does the dancer stay in the picture: room, lens, travel, reach</source>
   <translation>bleiben die Tanzenden im Bild: Raum, Objektiv, Weg, Reichweite</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>what was filmed when, and what is to be done again; it places takes</source>
   <translation>was wann gefilmt wurde, und was noch einmal zu tun ist; ordnet Aufnahmen ein</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>look for holds danced through, late entries, hands out of the picture</source>
   <translation>nach durchgetanzten Halten, späten Einsätzen, Händen außerhalb des Bildes suchen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>listen to the takes: where the voice says “one” over the song</source>
   <translation>die Aufnahmen anhören: wo die Stimme über dem Song „eins“ sagt</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>listen to a take in a recording made beside it, and place it anew</source>
   <translation>eine Aufnahme in einer daneben gemachten Tonaufnahme anhören und neu einordnen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>treat what a film shows from a second on as a take of its own</source>
   <translation>was ein Film ab einer Sekunde zeigt, als eigene Aufnahme behandeln</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the pack of a project</source>
   <translation>das Paket eines Projekts schreiben</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>decode a pack and compare it with its manifest; or a page in one file</source>
   <translation>ein Paket entschlüsseln und mit seinem Verzeichnis vergleichen; oder eine Seite in einer Datei</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the page of a pack as one file that holds its films</source>
   <translation>die Seite eines Pakets als eine Datei schreiben, die ihre Filme enthält</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>let phones in the same network watch a pack</source>
   <translation>Telefone im selben Netz ein Paket sehen lassen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>Dance tutorials from a song and phone footage.</source>
   <translation>Tanzanleitungen aus einem Song und Telefonfilmen.</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>Exit status: 0 done, 1 finished with problems that are listed, 2 cannot.</source>
   <translation>Rückgabewert: 0 fertig, 1 fertig mit aufgelisteten Fehlern, 2 nicht möglich.</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>no progress on standard error</source>
   <translation>kein Fortschritt auf der Fehlerausgabe</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>take it out again</source>
   <translation>wieder herausnehmen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>the share folder; yours (~/.local/share) without it</source>
   <translation>der Ordner share; ohne Angabe der eigene (~/.local/share)</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>where to make it</source>
   <translation>wo sie gemacht wird</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>only make it and say where it is</source>
   <translation>nur machen und sagen, wo es ist</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>film its takes and play its song anew instead of copying</source>
   <translation>seine Takes filmen und seinen Song spielen, statt sie zu kopieren</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the demo's pack there as well, and verify it</source>
   <translation>auch das Paket der Demo dorthin schreiben und prüfen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the beats as well, as .csv, .mid or .otio</source>
   <translation>auch die Beats schreiben, als .csv, .mid oder .otio</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>a sheet as .csv, .json or .md, or a project</source>
   <translation>ein Tanzblatt als .csv, .json oder .md, oder ein Projekt</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>a project, or a sheet as .csv, .json or .md</source>
   <translation>ein Projekt, oder ein Tanzblatt als .csv, .json oder .md</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>.pdf, .md, .csv or .json; .svg is the wall map</source>
   <translation>.pdf, .md, .csv oder .json; .svg ist die Wandkarte</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>keep the project in this file as well</source>
   <translation>auch das Projekt in dieser Datei behalten</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>first add a clip of your own to the project: counts from FROM up to TO, 0 is the first danced</source>
   <translation>zuerst einen eigenen Clip ins Projekt aufnehmen: Counts von FROM bis vor TO, 0 ist der erste getanzte</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>first take a clip of your own out of the project</source>
   <translation>zuerst einen eigenen Clip aus dem Projekt nehmen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the list as .md or .csv</source>
   <translation>die Liste als .md oder .csv schreiben</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write what to leave out of the takes as .csv or .otio</source>
   <translation>was aus den Aufnahmen wegzulassen ist, als .csv oder .otio schreiben</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>such as: half turn; 5&amp;6; back view of the tag</source>
   <translation>etwa: half turn; 5&amp;6; back view of the tag</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>move the 1 of the song to where it is said</source>
   <translation>die 1 des Songs dorthin verschieben, wo sie gesagt wird</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>its name</source>
   <translation>ihr Name</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>such as a voice memo of the same moment</source>
   <translation>etwa eine Sprachnotiz desselben Moments</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>the film’s own sound</source>
   <translation>der eigene Ton des Films</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>say how many files, how long and how large, write none</source>
   <translation>sagen, wie viele Dateien, wie lang und wie groß; keine schreiben</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>only this section; again for more</source>
   <translation>nur dieser Abschnitt; mehrmals für mehrere</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>a port of this machine; 0 takes a free one</source>
   <translation>ein Port dieses Rechners; 0 nimmt einen freien</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>listen on this address of the machine only</source>
   <translation>nur auf dieser Adresse des Rechners lauschen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>end by itself after so many minutes</source>
   <translation>nach so vielen Minuten von selbst enden</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the result as JSON; - is standard output</source>
   <translation>das Ergebnis als JSON schreiben; - ist die Standardausgabe</translation>
  </message>
  <message>
   <location filename="../cli/serving.py" />
   <source>Nobody can reach it any more.</source>
   <translation>Niemand kann es mehr erreichen.</translation>
  </message>
  <message>
   <location filename="../cli/serving.py" />
   <source>{path}: {size:.1f} MB, opens in any browser without a network</source>
   <translation>{path}: {size:.1f} MB, öffnet sich in jedem Browser ohne Netz</translation>
  </message>
  <message>
   <location filename="../cli/serving.py" />
   <source>Ctrl+C ends it.</source>
   <translation>Strg+C beendet es.</translation>
  </message>
  <message>
   <location filename="../cli/serving.py" />
   <source>About {size:.0f} MB: phones may refuse so large a page; --section takes one section.</source>
   <translation>Etwa {size:.0f} MB: Telefone öffnen so große Seiten vielleicht nicht; --section nimmt einen Abschnitt.</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>Used from {start} to {end}, of {length}.</source>
   <translation>Benutzt von {start} bis {end}, von {length}.</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>what the song is called where students read it</source>
   <translation>wie der Song heißt, wo Schüler es lesen</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>use the song from here on, such as 0:07.5</source>
   <translation>den Song ab hier benutzen, etwa 0:07.5</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>use the song up to here; 0 is to its end</source>
   <translation>den Song bis hierher benutzen; 0 heißt bis zum Ende</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>fade it out over so many seconds</source>
   <translation>ihn über so viele Sekunden ausblenden</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>the music stops from COUNT on (0 is the first danced), COUNTS are danced, it lasts BEATS, such as 2½</source>
   <translation>ab COUNT (0 ist der erste getanzte) setzt die Musik aus, COUNTS Counts werden getanzt, es dauert BEATS Schläge, etwa 2½</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>Song without a title</source>
   <translation>Song ohne Titel</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>Fades out over {seconds:g} s.</source>
   <translation>Blendet über {seconds:g} s aus.</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>{bpm:.1f} a minute; count 1 after {lead_in} counts, at {time}.</source>
   <translation>{bpm:.1f} pro Minute; die 1 nach {lead_in} Counts, bei {time}.</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>“{value}” is not a whole number of counts.</source>
   <translation>„{value}“ ist keine ganze Zahl von Counts.</translation>
  </message>
  <message>
   <location filename="../core/align/better_sound.py" />
   <source>there is no sound in it.</source>
   <translation>es ist kein Ton darin.</translation>
  </message>
  <message>
   <location filename="../core/align/better_sound.py" />
   <source>the film has no sound of its own, so a recording cannot be laid on it.</source>
   <translation>der Film hat keinen eigenen Ton, deshalb lässt sich keine Tonaufnahme darauf legen.</translation>
  </message>
  <message>
   <location filename="../core/align/better_sound.py" />
   <source>it does not fit the sound of {name}: they do not seem to hear the same.</source>
   <translation>sie passt nicht zum Ton von {name}: beide scheinen nicht dasselbe zu hören.</translation>
  </message>
  <message>
   <location filename="../core/align/better_sound.py" />
   <source>Place the take by its steps or by eye.</source>
   <translation>Ordne die Aufnahme nach ihren Schritten oder von Hand ein.</translation>
  </message>
  <message>
   <location filename="../core/align/better_sound.py" />
   <location filename="../core/dance/sheets/files.py" />
   <location filename="../core/disk/alone.py" />
   <source>Nothing was changed.</source>
   <translation>Nichts wurde geändert.</translation>
  </message>
  <message>
   <location filename="../core/align/by_log.py" />
   <source>{reason}; which of {number} places that sound alike: by the filming log</source>
   <translation>{reason}; welche von {number} gleich klingenden Stellen: nach dem Drehprotokoll</translation>
  </message>
  <message>
   <location filename="../core/align/by_log.py" />
   <source>placed by the filming log ({what}), to about a second; nothing was heard: slide it into step</source>
   <translation>nach dem Drehprotokoll eingeordnet ({what}), auf etwa eine Sekunde; zu hören war nichts: schieb sie in den Takt</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>the song is heard, placed within {within:.1f} ms</source>
   <translation>der Song ist zu hören, auf {within:.1f} ms genau eingeordnet</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>counted aloud, no music; which count is 1 was heard</source>
   <translation>laut gezählt, ohne Musik; die 1 wurde verstanden</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>Placed {name}</source>
   <translation>{name} ist eingeordnet</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>the song is heard at {rate:.0%}, placed within {within:.0f} ms</source>
   <translation>der Song ist mit {rate:.0%} zu hören, auf {within:.0f} ms genau eingeordnet</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>; the song repeats exactly, so it may also be elsewhere</source>
   <translation>; der Song wiederholt sich genau, also kann es auch woanders sein</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>a steady voice without the song, perhaps counting: see whether it is, and say which count is 1</source>
   <translation>eine gleichmäßige Stimme ohne Song, vielleicht Zählen: sieh nach, ob es das ist, und sag, welcher Count die 1 ist</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <location filename="../core/make.py" />
   <source>there is no picture in it, so it cannot be a take.</source>
   <translation>es ist kein Bild darin, also kann es keine Aufnahme sein.</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>{reason}; the recorder lost a moment at {cut:.1f} s, which is kept in mind</source>
   <translation>{reason}; bei {cut:.1f} s hat der Rekorder einen Moment verloren; das ist berücksichtigt</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>({votes} of {heard} numbers)</source>
   <translation>({votes} von {heard} Zahlen)</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>The voice says “one” {counts} {later} than lines begin {votes}.</source>
   <translation>Die Stimme sagt „eins“ {counts} {later}, als die Zeilen beginnen {votes}.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>In {words} no voice was understood that counts over the song; nothing was changed.</source>
   <translation>In {words} wurde keine Stimme verstanden, die über den Song zählt; nichts wurde geändert.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>The voice says “one” where lines begin {votes}.</source>
   <translation>Die Stimme sagt „eins“, wo die Zeilen beginnen {votes}.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>later</source>
   <translation>später</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>earlier</source>
   <translation>früher</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>There is no beat yet to compare a voice with. Add the song at Song first.</source>
   <translation>Es gibt noch keinen Beat, mit dem eine Stimme zu vergleichen wäre. Füge zuerst bei Song den Song hinzu.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>No take is placed on the song yet, so there is no voice to listen to. Add takes at Film first.</source>
   <translation>Noch ist keine Aufnahme auf dem Song eingeordnet, also gibt es keine Stimme zu hören. Füge zuerst bei Film Aufnahmen hinzu.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>Spoken numbers cannot be recognised here: pocketsphinx is not installed. Start Vamos by ./run, or move the 1 by hand.</source>
   <translation>Gesprochene Zahlen werden hier nicht erkannt: pocketsphinx ist nicht installiert. Starte Vamos mit ./run, oder verschieb die 1 von Hand.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>Listening to {name}</source>
   <translation>{name} wird angehört</translation>
  </message>
  <message>
   <location filename="../core/align/slowed.py" />
   <source>Looking for the song at another speed</source>
   <translation>Der Song wird in anderem Tempo gesucht</translation>
  </message>
  <message>
   <location filename="../core/align/song_in_room.py" />
   <source>Placing by its sound</source>
   <translation>Einordnen nach dem Ton</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>first steps</source>
   <translation>erste Schritte</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>beginner</source>
   <translation>Anfänger</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>improver</source>
   <translation>Geübte</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>intermediate</source>
   <translation>Mittelstufe</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>advanced</source>
   <translation>Fortgeschrittene</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>at {facing}</source>
   <translation>bei {facing}</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>; {turn_to_front} to finish at 12:00</source>
   <translation>; {turn_to_front}, um bei 12:00 zu enden</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/dance/wall_map.py" />
   <source>{counts} counts</source>
   <translation>{counts} Counts</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>turns of a half or more</source>
   <translation>Drehungen von einer halben oder mehr</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{between} moves between the counts</source>
   <translation>{between} Bewegungen zwischen den Counts</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>{number:.0f} a minute</source>
   <translation>{number:.0f} pro Minute</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>tags, restarts or parts</source>
   <translation>Brücken, Restarts oder Teile</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>many moves a count</source>
   <translation>viele Bewegungen je Count</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>after {lead_in} counts, {value:.1f} s</source>
   <translation>nach {lead_in} Counts, {value:.1f} s</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>with the first count</source>
   <translation>mit dem ersten Count</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/dance/sheets/pdf.py" />
   <location filename="../ui/stops/dance/__init__.py" />
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>Dance</source>
   <translation>Tanz</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/pack/students_page.py" />
   <location filename="../ui/stops/song/__init__.py" />
   <location filename="../ui/stops/song/actions.py" />
   <source>Song</source>
   <translation>Song</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>Starts</source>
   <translation>Beginnt</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/pack/students_page.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>By</source>
   <translation>Von</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/pack/students_page.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>Level</source>
   <translation>Niveau</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/pack/students/page.html" />
   <location filename="../core/pack/students_page.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Counts</source>
   <translation>Counts</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/dance/sheets/pdf.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <source>Walls</source>
   <translation>Wände</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>Lead-in</source>
   <translation>Vorlauf</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/pack/students_page.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>Tempo</source>
   <translation>Tempo</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>Tags</source>
   <translation>Brücken</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>Restarts</source>
   <translation>Restarts</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>Ending</source>
   <translation>Schluss</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>Links</source>
   <translation>Links</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>Rights</source>
   <translation>Rechte</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>short, slow, few turns</source>
   <translation>kurz, langsam, wenige Drehungen</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{lead_in} counts</source>
   <translation>{lead_in} Counts</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{bpm:.0f} a minute</source>
   <translation>{bpm:.0f} pro Minute</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{name} at {facing}</source>
   <translation>{name} bei {facing}</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{name}, facing {facing}</source>
   <translation>{name}, Blick nach {facing}</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{counts_to_learn} to learn</source>
   <translation>{counts_to_learn} zu lernen</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <location filename="../core/dance/doubts.py" />
   <location filename="../core/dance/said.py" />
   <location filename="../core/dance/typed/taken.py" />
   <location filename="../core/dance/weight.py" />
   <location filename="../core/lesson/looking.py" />
   <location filename="../core/plan/movement.py" />
   <location filename="../ui/stops/dance/paste_parts.py" />
   <source>right</source>
   <translation>rechts</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <location filename="../core/dance/doubts.py" />
   <location filename="../core/dance/said.py" />
   <location filename="../core/dance/typed/taken.py" />
   <location filename="../core/dance/weight.py" />
   <location filename="../core/lesson/looking.py" />
   <location filename="../core/plan/movement.py" />
   <location filename="../ui/stops/dance/paste_parts.py" />
   <source>left</source>
   <translation>links</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>both feet</source>
   <translation>beide Füße</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>“{name}” ({count} to {count2})</source>
   <translation>„{name}“ ({count} bis {count2})</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>Between {value} and {value2}</source>
   <translation>Zwischen {value} und {value2}</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>After the restart ({restart_after} counts of {whose})</source>
   <translation>Nach dem Restart ({restart_after} Counts von {whose})</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <location filename="../core/dance/facts.py" />
   <location filename="../core/edit/clips.py" />
   <location filename="../core/render/words.py" />
   <location filename="../ui/page/model.py" />
   <source>wall {wall}</source>
   <translation>Wand {wall}</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>{number} “{number2}” on {count} turn</source>
   <translation>{number} dreht „{number2}“ auf {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>{where} does not fit its {length} counts.</source>
   <translation>{where} passt nicht in seine {length} Counts.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>no turn</source>
   <translation>keine Drehung</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>{where} turns {value}, the written moves {value2}.</source>
   <translation>{where} dreht {value}, die geschriebenen Bewegungen {value2}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>{where} ends with the weight on the {value}, the written moves on the {value2}.</source>
   <translation>{where} endet mit dem Gewicht auf {value}, die geschriebenen Bewegungen auf {value2}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>The dance ends with the weight on the {value}, but begins with that foot; it started with the weight on the {side}.</source>
   <translation>Der Tanz endet mit dem Gewicht auf {value}, beginnt aber mit diesem Fuß; am Anfang lag das Gewicht auf {side}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>It is said to have {counts}; the sheet has {counts2}.</source>
   <translation>Angegeben sind {counts}; auf dem Tanzblatt stehen {counts2}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>It is said to have {walls}; the turns on the sheet give {given}.</source>
   <translation>Angegeben sind {walls}; die Drehungen auf dem Tanzblatt ergeben {given}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>It is said to start after {counts}; the song has {number} before its 1.</source>
   <translation>Er soll nach {counts} beginnen; der Song hat {number} vor seiner 1.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>The sequence is {number:g} counts longer than the song.</source>
   <translation>Die Abfolge ist {number:g} Counts länger als der Song.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>Nothing is written on {word} {words}. If it is held, write hold.</source>
   <translation>Auf {word} {words} steht nichts. Wenn gehalten wird, schreib hold.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>Two moves begin on {count}.</source>
   <translation>Zwei Bewegungen beginnen auf {count}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>“{name}” on {count} is after the section's {length} counts.</source>
   <translation>„{name}“ auf {count} liegt hinter den {length} Counts des Abschnitts.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <location filename="../core/dance/typed/taken.py" />
   <location filename="../core/lesson/search.py" />
   <location filename="../core/model/dance.py" />
   <location filename="../core/pack/students/page.html" />
   <source>turn</source>
   <translation>Drehung</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>It is said to have {said}; the sequence has {number}.</source>
   <translation>Angegeben: {said}; in der Abfolge: {number}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>The music stops at count {number} of the dance for {number2:g} counts; the sequence holds nothing there.</source>
   <translation>Die Musik setzt bei Count {number} des Tanzes für {number2:g} Counts aus; die Abfolge hält dort nicht an.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>The sequence holds {length} counts at count {number}, where the music goes on.</source>
   <translation>Die Abfolge hält bei Count {number} für {length} Counts an, wo die Musik weitergeht.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>How far does</source>
   <translation>Wie weit</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>How far and which way does</source>
   <translation>Wie weit und in welche Richtung</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>no counts</source>
   <translation>keine Counts</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>no walls</source>
   <translation>keine Wände</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>Which way does</source>
   <translation>In welche Richtung</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>, right or left?</source>
   <translation>, rechts oder links?</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <location filename="../ui/stops/pack/picture.py" />
   <source>the end</source>
   <translation>das Ende</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>At character {number}: found {found}, expected {expected}.
{value}
{number2}^</source>
   <translation>Bei Zeichen {number}: gefunden {found}, erwartet {expected}.
{value}
{number2}^</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>a count such as 5, &amp;, 5-6 or hold 7</source>
   <translation>ein Count wie 5, &amp;, 5-6 oder hold 7</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>how many counts are held, such as hold for 4</source>
   <translation>wie viele Counts gehalten wird, etwa hold for 4</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>a count after {count}</source>
   <translation>ein Count nach {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>a count; numbers go to 999</source>
   <translation>ein Count; Zahlen gehen bis 999</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>the count it lasts until, such as 5-6</source>
   <translation>der Count, bis zu dem es dauert, etwa 5-6</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>{words}; a {feel} count has no “{name}”</source>
   <translation>{words}; ein Count in {feel} hat kein „{name}“</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>0&amp; only at the front, for the pickup</source>
   <translation>0&amp; nur ganz vorn, für den Auftakt</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>“)” for the one opened at character {at}</source>
   <translation>„)“ zu der Klammer bei Zeichen {at}</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>a part of a count, such as +1/3</source>
   <translation>ein Teil eines Counts, etwa +1/3</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>a count; nothing was opened</source>
   <translation>ein Count; es war nichts offen</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count} is taken only as a name. Is that so?</source>
   <translation>„{words}“ auf {count} gilt nur als Name. Ist das so?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count}: no foot is said. Is it {foot}?</source>
   <translation>„{words}“ auf {count}: Ein Fuß ist nicht genannt. Ist es {foot}?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count}: on which counts is it danced?</source>
   <translation>„{words}“ auf {count}: Auf welchen Counts wird es getanzt?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count} is taught in more than one way. Is this how you teach it?</source>
   <translation>„{words}“ auf {count} wird verschieden unterrichtet. Unterrichtest du es so?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count}: again on the other side, or the same?</source>
   <translation>„{words}“ auf {count}: noch einmal zur anderen Seite oder gleich?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count} comes several times. Does it turn each time?</source>
   <translation>„{words}“ auf {count} kommt mehrmals. Dreht es jedes Mal?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count} can be read in two ways. Is this the one?</source>
   <translation>„{words}“ auf {count} lässt sich auf zwei Arten lesen. Ist es diese?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>After “{words}” on {count} the line says that the weight is on the other foot. Which is it?</source>
   <translation>Nach „{words}“ auf {count} sagt die Zeile, dass das Gewicht auf dem anderen Fuß ist. Welcher ist es?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>A remark stands behind “{words}” on {count}; it was left beside the moves.</source>
   <translation>Hinter „{words}“ auf {count} steht eine Bemerkung; sie blieb neben den Bewegungen.</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>This line was not understood; “{words}” on {count} is the likeliest reading.</source>
   <translation>Diese Zeile wurde nicht verstanden; „{words}“ auf {count} ist die wahrscheinlichste Lesart.</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>from {count} on</source>
   <translation>ab {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it is right so</source>
   <translation>es stimmt so</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it takes no weight</source>
   <translation>es nimmt kein Gewicht</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it takes the weight</source>
   <translation>es nimmt das Gewicht</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>so</source>
   <translation>so</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>the other side, {where}</source>
   <translation>die andere Seite, {where}</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it turns once</source>
   <translation>es dreht einmal</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it ends on the right foot</source>
   <translation>es endet auf dem rechten Fuß</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it ends on the left foot</source>
   <translation>es endet auf dem linken Fuß</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it keeps the weight</source>
   <translation>das Gewicht bleibt</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>its foot is not known</source>
   <translation>der Fuß ist nicht bekannt</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>full</source>
   <translation>ganz</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>double</source>
   <translation>doppelt</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>{size} right</source>
   <translation>{size} rechts</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>{size} left</source>
   <translation>{size} links</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>“{clock}” is no facing; write 12:00, 1:30, 3:00 and so on, every hour and a half.</source>
   <translation>„{clock}“ ist keine Blickrichtung; schreib 12:00, 1:30, 3:00 und so weiter, alle anderthalb Stunden.</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>{size} turn ?</source>
   <translation>{size} Drehung ?</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <location filename="../ui/stops/dance/paste_parts.py" />
   <source>turn ?</source>
   <translation>Drehung ?</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>{whose} after {restart_after} counts</source>
   <translation>{whose} nach {restart_after} Counts</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>end</source>
   <translation>Ende</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>end of the dance</source>
   <translation>Ende des Tanzes</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>stop</source>
   <translation>Pause</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>{length} counts</source>
   <translation>{length} Counts</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>early end</source>
   <translation>frühes Ende</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>cut</source>
   <translation>Abbruch</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <location filename="../core/dance/sheets/read_as.py" />
   <source>restart</source>
   <translation>Restart</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>It is counted in lines of {line}, the dance in lines of {line2}.</source>
   <translation>Er wird in Zeilen zu {line} gezählt, der Tanz in Zeilen zu {line2}.</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>faster</source>
   <translation>schneller</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>slower</source>
   <translation>langsamer</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>It is {number:.0%} {word}: {bpm:.0f} a minute instead of {bpm2:.0f}.</source>
   <translation>Er ist {number:.0%} {word}: {bpm:.0f} statt {bpm2:.0f} pro Minute.</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>half as fast</source>
   <translation>halb so schnell</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>twice as fast</source>
   <translation>doppelt so schnell</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>; the last whole wall is wall {wall}</source>
   <translation>; die letzte ganze Wand ist Wand {wall}</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>It is {counts} too short{where}.</source>
   <translation>Er ist {counts} zu kurz{where}.</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>Counted {words}, its tempo would be the same.</source>
   <translation>{words} gezählt, hätte er dasselbe Tempo.</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>Its music stops for {counts} at count {number} of the dance, where the sequence holds nothing.</source>
   <translation>Seine Musik setzt bei Count {number} des Tanzes für {counts} aus, wo die Abfolge nicht anhält.</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>The dance holds {counts} at count {number}; the song goes on.</source>
   <translation>Der Tanz hält bei Count {number} für {counts} an; der Song geht weiter.</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>lead-in</source>
   <translation>Vorlauf</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>dance</source>
   <translation>Tanz</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <location filename="../core/dance/sheets/read_as.py" />
   <location filename="../core/model/dance.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>tag</source>
   <translation>Brücke</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <location filename="../core/dance/said.py" />
   <location filename="../core/model/dance.py" />
   <source>hold</source>
   <translation>Halt</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <location filename="../core/model/dance.py" />
   <location filename="../ui/page/model.py" />
   <source>ending</source>
   <translation>Schluss</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>after</source>
   <translation>danach</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>three</source>
   <translation>Dreier</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>four</source>
   <translation>Vierer</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>six</source>
   <translation>Sechser</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>eight</source>
   <translation>Achter</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>twelve</source>
   <translation>Zwölfer</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>sixteen</source>
   <translation>Sechzehner</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <location filename="../ui/page/paint.py" />
   <source>part {name}</source>
   <translation>Teil {name}</translation>
  </message>
  <message>
   <location filename="../core/dance/move_counts.py" />
   <source>the counts of “{name}”, which has {moves} moves, such as {usual}; here stand {count}</source>
   <translation>die Counts von „{name}“ mit seinen {moves} Bewegungen, etwa {usual}; hier stehen {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/move_counts.py" />
   <source>as many counts as feet; {number} feet stand on {number2} counts</source>
   <translation>so viele Counts wie Füße; {number} Füße stehen auf {number2} Counts</translation>
  </message>
  <message>
   <location filename="../core/dance/move_counts.py" />
   <source>counts that {number} moves share evenly, not {number2:g}</source>
   <translation>Counts, die sich {number} Bewegungen gleich teilen, nicht {number2:g}</translation>
  </message>
  <message>
   <location filename="../core/dance/move_words.py" />
   <source>one foot for one move; “{words}” names more than one. Write each move with its own count</source>
   <translation>einen Fuß für eine Bewegung; „{words}“ nennt mehrere. Schreib jede Bewegung mit ihrem eigenen Count</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>no bracket left open in a name</source>
   <translation>keine offene Klammer in einem Namen</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>a name, or a part of a count behind its count</source>
   <translation>ein Name, oder ein Teil eines Counts hinter seinem Count</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>x2 behind one move, or a comma and twice behind all of them</source>
   <translation>x2 hinter einer Bewegung, oder ein Komma und twice hinter allen</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>moves before they can be danced again</source>
   <translation>Bewegungen, bevor sie noch einmal getanzt werden können</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>at most {most} moves in a line</source>
   <translation>höchstens {most} Bewegungen in einer Zeile</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <location filename="../core/dance/typed/lane.py" />
   <location filename="../core/dance/typed/reading.py" />
   <source>the counts of “{number}”</source>
   <translation>die Counts von „{number}“</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>a name, a count, a comma or the end</source>
   <translation>ein Name, ein Count, ein Komma oder das Ende</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>a count before the move, as before the others</source>
   <translation>ein Count vor der Bewegung, wie vor den anderen</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>counts in their order, such as repeat 1-4</source>
   <translation>Counts in ihrer Reihenfolge, etwa repeat 1-4</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>counts on which something is danced</source>
   <translation>Counts, auf denen etwas getanzt wird</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>the rest stays as it is</source>
   <translation>der Rest bleibt, wie er ist</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>a wall ends at {facings}, {walls} {words}{open_ones}</source>
   <translation>eine Wand endet bei {facings}, {walls} {words}{open_ones}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>“{name}” turns {turn}</source>
   <translation>„{name}“ dreht {turn}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>where a wall ends stays open: how far another turn goes is not said</source>
   <translation>wo eine Wand endet, bleibt offen: wie weit eine andere Drehung geht, ist nicht gesagt</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>, as other open turns go</source>
   <translation>, so wie andere offene Drehungen gehen</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>touch instead of {number} on {count}</source>
   <translation>touch statt {number} auf {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>step instead of {number} on {count}</source>
   <translation>step statt {number} auf {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>the whole section</source>
   <translation>der ganze Abschnitt</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>everything from {count} on</source>
   <translation>alles ab {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>nothing else is wrong then</source>
   <translation>dann ist nichts anderes falsch</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>{left} to check left</source>
   <translation>noch {left} zu prüfen</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>{name} {foot} on {count}, not {foot2}</source>
   <translation>{name} {foot} auf {count}, nicht {foot2}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>{where} on the other side</source>
   <translation>{where} auf der anderen Seite</translation>
  </message>
  <message>
   <location filename="../core/dance/parts.py" />
   <source>none is written yet</source>
   <translation>noch ist keiner geschrieben</translation>
  </message>
  <message>
   <location filename="../core/dance/parts.py" />
   <source>There is no section “{name}”. Sections: {known}.</source>
   <translation>Es gibt keinen Abschnitt „{name}“. Abschnitte: {known}.</translation>
  </message>
  <message>
   <location filename="../core/dance/parts.py" />
   <source>A part is written as its name, a colon and its sections, such as A: Gate walk, Fan sweep.</source>
   <translation>Ein Teil wird als sein Name, ein Doppelpunkt und seine Abschnitte geschrieben, etwa A: Torgang, Fächerbogen.</translation>
  </message>
  <message>
   <location filename="../core/dance/parts.py" />
   <source>Which sections does part {name} dance? Write their names behind the colon.</source>
   <translation>Welche Abschnitte tanzt Teil {name}? Schreib ihre Namen hinter den Doppelpunkt.</translation>
  </message>
  <message>
   <location filename="../core/dance/range_words.py" />
   <source>{number} to {number2}</source>
   <translation>{number} bis {number2}</translation>
  </message>
  <message>
   <location filename="../core/dance/range_words.py" />
   <source>“{typed}” is no part of a line. Say 3&amp; to 6 (with 6), or 3&amp; up to 6&amp; (without).</source>
   <translation>„{typed}“ ist kein Teil einer Zeile. Schreib 3&amp; to 6 (mit 6) oder 3&amp; up to 6&amp; (ohne).</translation>
  </message>
  <message>
   <location filename="../core/dance/range_words.py" />
   <source>“{typed}” ends before it begins.</source>
   <translation>„{typed}“ endet, bevor es beginnt.</translation>
  </message>
  <message>
   <location filename="../core/dance/range_words.py" />
   <source>This line has counts {counts}; {number}{part} is none of them.</source>
   <translation>Diese Zeile hat die Counts {counts}; {number}{part} gehört nicht dazu.</translation>
  </message>
  <message>
   <location filename="../core/dance/said.py" />
   <source>{move} turning {turn}</source>
   <translation>{move} mit Drehung {turn}</translation>
  </message>
  <message>
   <location filename="../core/dance/section_text.py" />
   <source>moves of another role before it, which are danced later</source>
   <translation>Bewegungen einer anderen Rolle davor, die später getanzt werden</translation>
  </message>
  <message>
   <location filename="../core/dance/section_text.py" />
   <source>Only what is danced on count {number} can be written here.</source>
   <translation>Hier kann nur stehen, was auf Count {number} getanzt wird.</translation>
  </message>
  <message>
   <location filename="../core/dance/section_text.py" />
   <source>hold {at}</source>
   <translation>hold {at}</translation>
  </message>
  <message>
   <location filename="../core/dance/section_text.py" />
   <source>counts in their order before the colon, not {first}-{last}</source>
   <translation>Counts in ihrer Reihenfolge vor dem Doppelpunkt, nicht {first}-{last}</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>how many times</source>
   <translation>wie oft</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>1 to {most} times</source>
   <translation>1- bis {most}-mal</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>wall, hold:4, or the name of a part or section</source>
   <translation>wall, hold:4 oder der Name eines Teils oder Abschnitts</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>wall or one of: {names}</source>
   <translation>wall oder einen von: {names}</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>counts inside it, 1 to {number}</source>
   <translation>Counts darin, 1 bis {number}</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>+ and the counts that are kept, such as @16+4</source>
   <translation>+ und die Counts, die bleiben, etwa @16+4</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>the counts that are kept</source>
   <translation>die Counts, die bleiben</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>a number: {what}</source>
   <translation>eine Zahl: {what}</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>1 to 4096 counts</source>
   <translation>1 bis 4096 Counts</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>the counts that are held</source>
   <translation>die Counts, die gehalten werden</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>“]” for the one opened at character {number}</source>
   <translation>„]“ zu der Klammer bei Zeichen {number}</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>at most {most} entries</source>
   <translation>höchstens {most} Einträge</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>(no section is written yet)</source>
   <translation>(noch ist kein Abschnitt geschrieben)</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is not {what}; write a whole number, {least} to {most}.</source>
   <translation>„{short}“ ist nicht {what}; schreib eine ganze Zahl, {least} bis {most}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>{number} is not {what}; it is {least} to {most}.</source>
   <translation>{number} ist nicht {what}; möglich ist {least} bis {most}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>the {what} is missing; write it in counts, such as 0, 3 or 7/2.</source>
   <translation>{what} fehlt; schreib es in Counts, etwa 0, 3 oder 7/2.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is not a {what}; write it in counts, such as 0, 3, 7/2 or 3.5.</source>
   <translation>„{short}“ ist kein {what}; schreib es in Counts, etwa 0, 3, 7/2 oder 3.5.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is not a foot; write R, L or both, or leave it empty.</source>
   <translation>„{short}“ ist kein Fuß; schreib R, L oder both, oder lass es leer.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>section “{name}” has {length} counts; at most {longest_section} can be read.</source>
   <translation>Abschnitt „{name}“ hat {length} Counts; höchstens {longest_section} können gelesen werden.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>it has more than {most_events} moves; that is no count sheet.</source>
   <translation>es hat mehr als {most_events} Bewegungen; das ist kein Tanzblatt.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>its sequence dances {total} counts; at most {most_counts} can be read.</source>
   <translation>seine Abfolge tanzt {total} Counts; höchstens {most_counts} können gelesen werden.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is not a kind of move; the kinds are {known}.</source>
   <translation>„{short}“ ist keine Art von Bewegung; die Arten sind {known}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is no question that Vamos asks.</source>
   <translation>„{short}“ ist keine Frage, die Vamos stellt.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is not a feel; it is {words}.</source>
   <translation>„{short}“ ist kein Gefühl; möglich ist {words}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <location filename="../core/dance/sheets/markdown.py" />
   <location filename="../core/dance/sheets/table.py" />
   <source>The column “{value}” is not known and was left aside.</source>
   <translation>Die Spalte „{value}“ ist nicht bekannt und wurde weggelassen.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>{number} more columns are not known.</source>
   <translation>{number} weitere Spalten sind nicht bekannt.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>a number of eighths</source>
   <translation>eine Zahl von Achteln</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>the column {column} is empty here, and is needed.</source>
   <translation>die Spalte {column} ist hier leer, wird aber gebraucht.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>the column {column} holds more than an entry can have.</source>
   <translation>in der Spalte {column} steht mehr, als ein Eintrag haben kann.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>the column note of a part holds the names of its sections, such as ["A", "B"].</source>
   <translation>in der Spalte note eines Teils stehen die Namen seiner Abschnitte, etwa ["A", "B"].</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>a number of {what}</source>
   <translation>eine Zahl von {what}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>“{words}” above the table was left aside.</source>
   <translation>„{words}“ über der Tabelle wurde beiseitegelassen.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>it cannot be read as a table: a cell is too long, or holds signs of no text.</source>
   <translation>sie ist nicht als Tabelle lesbar: eine Zelle ist zu lang oder enthält Zeichen, die kein Text sind.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>a cell has more than {most_cell} letters.</source>
   <translation>eine Zelle hat mehr als {most_cell} Buchstaben.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>“{value}” is not known of a dance and was left aside.</source>
   <translation>„{value}“ ist von einem Tanz nicht bekannt und wurde weggelassen.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>the column {column} holds no entry that can be read.</source>
   <translation>in der Spalte {column} steht kein Eintrag, der sich lesen lässt.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <location filename="../core/dance/sheets/markdown.py" />
   <source>a number of counts</source>
   <translation>eine Zahl von Counts</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>row {row}: {what}</source>
   <translation>Zeile {row}: {what}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>the set “{mine}” has no row of its own before this one (what: set, with start and length).</source>
   <translation>der Satz „{mine}“ hat vor dieser Zeile keine eigene (what: set, mit start und length).</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>“{value}” is not one of dance, section, event, set, part, step, item.</source>
   <translation>„{value}“ ist keines von dance, section, event, set, part, step, item.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>count sheet</source>
   <translation>Tanzblatt</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>a sheet is read from .csv, .json, .md or .txt.</source>
   <translation>ein Tanzblatt wird aus .csv, .json, .md oder .txt gelesen.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>a sheet is written as .csv, .json, .md, .txt, .pdf or, the wall map, .svg.</source>
   <translation>ein Tanzblatt wird als .csv, .json, .md, .txt, .pdf geschrieben, oder die Wandkarte als .svg.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>it holds a number of {number} digits; no count sheet does.</source>
   <translation>es enthält eine Zahl mit {number} Stellen; das hat kein Tanzblatt.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>this is not JSON; line {line}, column {column} cannot be read.</source>
   <translation>das ist kein JSON; Zeile {line}, Spalte {column} lässt sich nicht lesen.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>this is not JSON of a count sheet; it is nested too deeply.</source>
   <translation>das ist kein JSON eines Tanzblatts; es ist zu tief verschachtelt.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>this is not a count sheet (the field “vamos_sheet” with 1 is missing).</source>
   <translation>das ist kein Tanzblatt (das Feld „vamos_sheet“ mit 1 fehlt).</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>it is not text.</source>
   <translation>es ist kein Text.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>It is not UTF-8; its letters were read as Western European. Look at the accents.</source>
   <translation>Es ist nicht UTF-8; die Buchstaben wurden als westeuropäisch gelesen. Sieh nach den Akzenten.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/heads.py" />
   <source>“{said}” is not a number of counts; it is 1 to {most}.</source>
   <translation>„{said}“ ist keine Anzahl von Counts; es sind 1 bis {most}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <source>A restart at the end of a wall was left aside: the next wall begins there.</source>
   <translation>Ein Neustart am Ende einer Wand wurde beiseitegelassen: Dort beginnt ohnehin die nächste.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <source>A restart was left aside: after which count is not known.</source>
   <translation>Ein Neustart wurde beiseitegelassen: nach welchem Count, ist nicht bekannt.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <source>A tag was left aside: its moves are not written.</source>
   <translation>Ein Tag wurde beiseitegelassen: Seine Bewegungen stehen nicht da.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <source>the sheet faces {said} here, the turns lead to {found}</source>
   <translation>das Tanzblatt schaut hier nach {said}, die Drehungen führen nach {found}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <source>The sequence “{said}” was left aside: {error}</source>
   <translation>Die Abfolge „{said}“ wurde beiseitegelassen: {error}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <location filename="../core/dance/sheets/markdown.py" />
   <location filename="../core/dance/sheets/text.py" />
   <source>line {number}: {what}</source>
   <translation>Zeile {number}: {what}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>The sheet was changed after Vamos wrote it: what stood in none of its columns was left aside.</source>
   <translation>Das Tanzblatt wurde geändert, nachdem Vamos es geschrieben hat: Was in keiner seiner Spalten stand, blieb beiseite.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>“{value}” is not one count; write one row for each move.</source>
   <translation>„{value}“ ist nicht ein einzelner Count; schreib eine Zeile je Bewegung.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>“{value}” is not a foot and a kind, such as R touch; the kinds are {words}.</source>
   <translation>„{value}“ ist kein Fuß mit einer Art, etwa R touch; die Arten sind {words}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>a section begins with its name and its counts, such as “## Gate walk (8 counts)”.</source>
   <translation>ein Abschnitt beginnt mit seinem Namen und seinen Counts, etwa „## Torgang (8 counts)“.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>no section was found; one begins with a line such as “## Gate walk (8 counts)”.</source>
   <translation>es wurde kein Abschnitt gefunden; er beginnt mit einer Zeile wie „## Torgang (8 counts)“.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>line {number}, column {number2}: expected {expected}.</source>
   <translation>Zeile {number}, Spalte {number2}: erwartet {expected}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>the table needs a column “count”; its columns are {words}.</source>
   <translation>die Tabelle braucht eine Spalte „count“; ihre Spalten sind {words}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>the sequence, character {number}: expected {expected}.</source>
   <translation>die Abfolge, Zeichen {number}: erwartet {expected}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/moved.py" />
   <source>column {number}: expected {expected}.</source>
   <translation>Spalte {number}: erwartet wurde {expected}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/pasted.py" />
   <source>it has more than {most} letters, which is no sheet of one dance.</source>
   <translation>es hat mehr als {most} Zeichen; das ist kein Tanzblatt eines Tanzes.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/pdf.py" />
   <source>{length} counts{feel}</source>
   <translation>{length} Counts{feel}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/pdf.py" />
   <source>. Ask a teacher or a physician when unsure.</source>
   <translation>. Frag im Zweifel eine Lehrkraft oder einen Arzt.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/pdf.py" />
   <source>everybody</source>
   <translation>alle</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <source>empty</source>
   <translation>leer</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <location filename="../core/dance/typed/taken.py" />
   <location filename="../core/model/look.py" />
   <source>name</source>
   <translation>Name</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <source>fact</source>
   <translation>Angabe</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <source>head</source>
   <translation>Überschrift</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <location filename="../core/plan/agree.py" />
   <source>moves</source>
   <translation>bewegt sich</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <source>aside</source>
   <translation>beiseite</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <source>open</source>
   <translation>offen</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/table.py" />
   <source>Row {row} has more cells than the first row has names: “{value}” was left aside.</source>
   <translation>Zeile {row} hat mehr Zellen, als die erste Zeile Namen hat: „{value}“ wurde beiseitegelassen.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/table.py" />
   <source>its first row must name at least the columns section and start, or one of counts and one of moves.</source>
   <translation>die erste Zeile muss wenigstens die Spalten section und start nennen, oder je eine für Counts und Bewegungen.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>line {number}, “{words}”, was left aside.</source>
   <translation>Zeile {number}, „{words}“, wurde beiseitegelassen.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <location filename="../core/edit/dance.py" />
   <source>Section {number}</source>
   <translation>Abschnitt {number}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>no moves with counts were found; write them such as “1-4 vine R” or “side R 1, touch L 2”.</source>
   <translation>keine Bewegungen mit Counts gefunden; schreib sie etwa „1-4 vine R“ oder „side R 1, touch L 2“.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>It says what to do, without moves on counts.</source>
   <translation>Es sagt, was zu tun ist, ohne Bewegungen auf Counts.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>On which wall is the restart?</source>
   <translation>Auf welcher Wand ist der Neustart?</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>What is danced in it is not understood.</source>
   <translation>Was darin getanzt wird, ist nicht zu verstehen.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>The dance begins again.</source>
   <translation>Der Tanz beginnt von vorn.</translation>
  </message>
  <message>
   <location filename="../core/dance/turn_words.py" />
   <source>“{cell}” is not understood as a turn; write it as ½ left, 1/4 R, half, left, or ? when it is open.</source>
   <translation>„{cell}“ ist nicht als Drehung zu verstehen; schreib ½ left, 1/4 R, half, left, oder ?, wenn sie offen ist.</translation>
  </message>
  <message>
   <location filename="../core/dance/typed/reading.py" />
   <source>a count after the one before, or 1 for the next set</source>
   <translation>ein Count nach dem vorigen oder 1 für den nächsten Satz</translation>
  </message>
  <message>
   <location filename="../core/dance/typed/taken.py" />
   <location filename="../core/plan/agree.py" />
   <source>move</source>
   <translation>bewegen sich</translation>
  </message>
  <message>
   <location filename="../core/dance/typed/taken.py" />
   <source>link</source>
   <translation>Bindewort</translation>
  </message>
  <message>
   <location filename="../core/dance/wall_map.py" />
   <source>no sequence yet</source>
   <translation>noch keine Abfolge</translation>
  </message>
  <message>
   <location filename="../core/dance/wall_map.py" />
   <source>wall {label}</source>
   <translation>Wand {label}</translation>
  </message>
  <message>
   <location filename="../core/dance/wall_map.py" />
   <source>{name}, {counts} counts from {at}</source>
   <translation>{name}, {counts} Counts ab {at}</translation>
  </message>
  <message>
   <location filename="../core/dance/weight.py" />
   <source>“{name}” needs the {value} foot, which bears the weight</source>
   <translation>„{name}“ braucht den {value} Fuß, auf dem das Gewicht liegt</translation>
  </message>
  <message>
   <location filename="../core/dance/weight.py" />
   <source>“{name}” hops on the {value} foot, but the weight is on the {value2}</source>
   <translation>„{name}“ hüpft auf dem {value} Fuß, aber das Gewicht liegt auf dem {value2}</translation>
  </message>
  <message>
   <location filename="../core/dance/with_song.py" />
   <source>No tag and no restart is needed: every part of the song begins with a line of the dance.</source>
   <translation>Keine Brücke und kein Restart ist nötig: Jeder Teil des Songs beginnt mit einer Zeile des Tanzes.</translation>
  </message>
  <message>
   <location filename="../core/dance/with_song.py" />
   <source>Part {part} of the song begins at {minutes}, {counts} into {where}. A tag of {counts} before that line, or a restart, brings the dance back to the song.</source>
   <translation>Teil {part} des Songs beginnt bei {minutes}, {counts} nach dem Anfang von {where}. Eine Brücke von {counts} vor dieser Zeile, oder ein Restart, bringt den Tanz zum Song zurück.</translation>
  </message>
  <message>
   <location filename="../core/dance/with_song.py" />
   <source>The music stops where the sequence holds nothing; see To check.</source>
   <translation>Die Musik macht eine Pause, in der die Abfolge nichts hält; siehe Zu prüfen.</translation>
  </message>
  <message>
   <location filename="../core/dance/with_song.py" />
   <source>With its tags and restarts every part of the song begins with a line of the dance.</source>
   <translation>Mit seinen Brücken und Restarts beginnt jeder Teil des Songs mit einer Zeile des Tanzes.</translation>
  </message>
  <message>
   <location filename="../core/dance/with_song.py" />
   <location filename="../core/pack/chapters.py" />
   <source>{name}, wall {wall}</source>
   <translation>{name}, Wand {wall}</translation>
  </message>
  <message>
   <location filename="../core/disk/alone.py" />
   <source>another Vamos has been writing here for a long time.</source>
   <translation>ein anderes Vamos schreibt hier seit Langem.</translation>
  </message>
  <message>
   <location filename="../core/disk/alone.py" />
   <source>Close it, then try again.</source>
   <translation>Schließe es, dann versuche es noch einmal.</translation>
  </message>
  <message>
   <location filename="../core/disk/atomic.py" />
   <source>it is write-protected.</source>
   <translation>die Datei ist schreibgeschützt.</translation>
  </message>
  <message>
   <location filename="../core/disk/atomic.py" />
   <location filename="../core/disk/outputs.py" />
   <location filename="../core/pack/free_place.py" />
   <source>Choose another name.</source>
   <translation>Wähle einen anderen Namen.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>you may not read it.</source>
   <translation>du darfst es nicht lesen.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>this is a folder.</source>
   <translation>das ist ein Ordner.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>it is a link that leads round in a circle.</source>
   <translation>es ist ein Link, der im Kreis führt.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <location filename="../errors.py" />
   <source>the name is too long.</source>
   <translation>der Name ist zu lang.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>it cannot be read: {why}.</source>
   <translation>sie ist nicht lesbar: {why}.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>its name is none that a file can have.</source>
   <translation>so kann keine Datei heißen.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>this is a folder, not a {what}.</source>
   <translation>das ist ein Ordner, kein {what}.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>this is a pipe or a device, not a {what}.</source>
   <translation>das ist eine Pipe oder ein Gerät, kein {what}.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>it is {size} MB large; a {what} is at most {most} MB.</source>
   <translation>es ist {size} MB groß; ein {what} hat höchstens {most} MB.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>there is no such {what}.</source>
   <translation>es gibt hier kein solches {what}.</translation>
  </message>
  <message>
   <location filename="../core/disk/outputs.py" />
   <source>a project</source>
   <translation>ein Projekt</translation>
  </message>
  <message>
   <location filename="../core/disk/outputs.py" />
   <source>a song or a film</source>
   <translation>ein Song oder ein Film</translation>
  </message>
  <message>
   <location filename="../core/disk/outputs.py" />
   <source>this is one of the files it would be made from.</source>
   <translation>das ist eine der Dateien, aus denen es gemacht würde.</translation>
  </message>
  <message>
   <location filename="../core/disk/outputs.py" />
   <source>{what} is in this file.</source>
   <translation>in dieser Datei ist {what}.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <location filename="../core/media/probe.py" />
   <location filename="../core/media/sound.py" />
   <location filename="../core/open_document/reading.py" />
   <source>The file was not changed.</source>
   <translation>Die Datei wurde nicht geändert.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>project</source>
   <translation>Projekt</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>this is not a Vamos project (the field “vamos” with its version is missing).</source>
   <translation>das ist kein Vamos-Projekt (das Feld „vamos“ mit der Version fehlt).</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>it was written by a newer Vamos (format {version}, this one reads up to {version2}).</source>
   <translation>es wurde von einem neueren Vamos geschrieben (Format {version}, dieses liest bis {version2}).</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>it cannot be understood: {said}.</source>
   <translation>sie ist nicht zu verstehen: {said}.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>this is not a Vamos project: {said}.</source>
   <translation>das ist kein Vamos-Projekt: {said}.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>Open it with the newer Vamos.</source>
   <translation>Öffne es mit dem neueren Vamos.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>If it was edited by hand, undo that edit.</source>
   <translation>Wurde es von Hand bearbeitet, nimm das zurück.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>Choose a file that ends in .vamos, or start a new project.</source>
   <translation>Wähle eine Datei, die auf .vamos endet, oder beginne ein neues Projekt.</translation>
  </message>
  <message>
   <location filename="../core/document/lock.py" />
   <source>{user}{where}, since {since}</source>
   <translation>{user}{where}, seit {since}</translation>
  </message>
  <message>
   <location filename="../core/document/lock.py" />
   <source> on {host}</source>
   <translation> auf {host}</translation>
  </message>
  <message>
   <location filename="../core/document/paths.py" />
   <source>this file is not where it was.</source>
   <translation>diese Datei ist nicht, wo sie war.</translation>
  </message>
  <message>
   <location filename="../core/document/paths.py" />
   <source>this is another file than the one Vamos knows under this name.</source>
   <translation>das ist eine andere Datei als die, die Vamos unter diesem Namen kennt.</translation>
  </message>
  <message>
   <location filename="../core/document/paths.py" />
   <source>Everything else in the project works on.</source>
   <translation>Alles andere im Projekt geht weiter.</translation>
  </message>
  <message>
   <location filename="../core/document/paths.py" />
   <source>Put it back, place it next to the project file under any name, or point to it at Film.</source>
   <translation>Leg sie zurück, leg sie unter beliebigem Namen neben die Projektdatei, oder zeig sie bei Film.</translation>
  </message>
  <message>
   <location filename="../core/document/paths.py" />
   <source>Put the old one back, or say at Film that this is the one to use; it is then placed again.</source>
   <translation>Leg die alte zurück, oder sag bei Film, dass diese gelten soll; sie wird dann neu eingeordnet.</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>a list</source>
   <translation>eine Liste</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>words</source>
   <translation>Wörter</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>a whole number</source>
   <translation>eine ganze Zahl</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>a number</source>
   <translation>eine Zahl</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>true or false</source>
   <translation>wahr oder falsch</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>fields with names</source>
   <translation>Felder mit Namen</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <location filename="../core/lesson/paper.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>nothing</source>
   <translation>nichts</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>{place} is not as expected</source>
   <translation>{place} ist anders als erwartet</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>{place} is {found}, where {wanted} is expected</source>
   <translation>{place}: dort steht „{found}“, erwartet ist „{wanted}“</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>{place} has no field “{name}”</source>
   <translation>{place} hat kein Feld „{name}“</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>{place} has a value that Vamos does not know: {value}</source>
   <translation>{place} hat einen Wert, den Vamos nicht kennt: {value}</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>what stands at sign {number} of it does not belong there</source>
   <translation>was an Zeichen {number} steht, gehört dort nicht hin</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>it ends in the middle</source>
   <translation>sie hört mittendrin auf</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>its fields lie too deep in each other</source>
   <translation>ihre Felder liegen zu tief ineinander</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>the field {name}</source>
   <translation>das Feld {name}</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>the file</source>
   <translation>die Datei</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>something else</source>
   <translation>etwas anderes</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source> or </source>
   <translation> oder </translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source> of {outer}</source>
   <translation> von {outer}</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <location filename="../core/model/clip.py" />
   <source>A clip of your own needs a name, such as chorus or the join.</source>
   <translation>Ein eigener Clip braucht einen Namen, etwa Refrain oder Übergang.</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>A clip needs at least half a count.</source>
   <translation>Ein Clip braucht mindestens einen halben Count.</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>Nothing is danced there; choose counts of the dance.</source>
   <translation>Dort wird nichts getanzt; wähle Counts des Tanzes.</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>There is no clip of your own called “{range_id}”.</source>
   <translation>Es gibt keinen eigenen Clip namens „{range_id}“.</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>{value} and {value2}</source>
   <translation>{value} und {value2}</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>from the top to here</source>
   <translation>von Anfang bis hier</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>walls {wall} and {number}</source>
   <translation>Wände {wall} und {number}</translation>
  </message>
  <message>
   <location filename="../core/edit/counted.py" />
   <location filename="../core/edit/takes.py" />
   <source>placed by hand</source>
   <translation>von Hand eingeordnet</translation>
  </message>
  <message>
   <location filename="../core/edit/counted.py" />
   <source>“{name}” has no count said there that could be moved.</source>
   <translation>In „{name}“ ist dort kein Count gesagt, der sich verschieben ließe.</translation>
  </message>
  <message>
   <location filename="../core/edit/counted.py" />
   <source>A count stays between the one before and the one after it.</source>
   <translation>Ein Count bleibt zwischen dem davor und dem danach.</translation>
  </message>
  <message>
   <location filename="../core/edit/counted.py" />
   <source>Counts need at least two moments.</source>
   <translation>Counts brauchen mindestens zwei Zeitpunkte.</translation>
  </message>
  <message>
   <location filename="../core/edit/counted.py" />
   <source>counts tapped by hand</source>
   <translation>Counts von Hand getippt</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>A section of {end} counts is too long; at most {longest}.</source>
   <translation>Ein Abschnitt von {end} Counts ist zu lang; höchstens {longest}.</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>A section needs a name.</source>
   <translation>Ein Abschnitt braucht einen Namen.</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>There is already a section called “{new}”.</source>
   <translation>Es gibt schon einen Abschnitt namens „{new}“.</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>{name} mirrored</source>
   <translation>{name} gespiegelt</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>{name} again</source>
   <translation>{name} noch einmal</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>This needs a song with its beat, and a section.</source>
   <translation>Dazu braucht es einen Song mit Beat und einen Abschnitt.</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>A step needs a name and at least one move.</source>
   <translation>Ein Schritt braucht einen Namen und mindestens eine Bewegung.</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>A section has 1 to {longest} counts, not {length}.</source>
   <translation>Ein Abschnitt hat 1 bis {longest} Counts, nicht {length}.</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>Nothing is danced on {count} of “{name}” yet. Write it first.</source>
   <translation>Auf {count} von „{name}“ wird noch nichts getanzt. Schreib es zuerst.</translation>
  </message>
  <message>
   <location filename="../core/edit/filmed.py" />
   <source>The filming log holds {most} takes already; forget some.</source>
   <translation>Im Drehprotokoll stehen schon {most} Aufnahmen; vergiss einige.</translation>
  </message>
  <message>
   <location filename="../core/edit/filmed.py" />
   <source>There is no number {number} in the filming log; it has {number2}.</source>
   <translation>Es gibt keine Nummer {number} im Drehprotokoll; es hat {number2}.</translation>
  </message>
  <message>
   <location filename="../core/edit/lesson.py" />
   <source>There is no such step in the plan.</source>
   <translation>Diesen Schritt gibt es im Plan nicht.</translation>
  </message>
  <message>
   <location filename="../core/edit/parts.py" />
   <source>There is already a part called “{name}”.</source>
   <translation>Es gibt schon einen Teil namens „{name}“.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>The song is {seconds:.0f} s long; it cannot begin after that.</source>
   <translation>Der Song ist {seconds:.0f} s lang; er kann nicht danach beginnen.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>The fade is longer than what is used of the song.</source>
   <translation>Das Ausblenden ist länger, als der Song benutzt wird.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>The dance starts at {minutes}, which would be cut off. Move the start of the dance first.</source>
   <translation>Der Tanz beginnt bei {minutes}, das würde abgeschnitten. Verschiebe zuerst den Anfang des Tanzes.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>The 1 cannot be moved to before the first beat of the song.</source>
   <translation>Die 1 kann nicht vor den ersten Beat des Songs rücken.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>Counts cannot be scaled by {factor}.</source>
   <translation>Counts lassen sich nicht mit {factor} malnehmen.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>A lead-in cannot have {counts} counts.</source>
   <translation>Ein Vorlauf kann nicht {counts} Counts haben.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>There is no other reading number {number}; {number2} were heard.</source>
   <translation>Es gibt keine weitere Lesart Nummer {number}; gehört wurden {number2}.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>A part needs a name, such as A or chorus.</source>
   <translation>Ein Teil braucht einen Namen, etwa A oder Refrain.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>There is no other song number {number}; the project has {number2}.</source>
   <translation>Es gibt keinen weiteren Song Nummer {number}; das Projekt hat {number2}.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>There is no song yet. Add one first.</source>
   <translation>Es gibt noch keinen Song. Füge zuerst einen hinzu.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>The song has no beat grid yet. Let Vamos find it first.</source>
   <translation>Der Song hat noch kein Raster. Lass Vamos es zuerst finden.</translation>
  </message>
  <message>
   <location filename="../core/edit/split.py" />
   <source>“{name}” can be split between {first:.1f} and {last:.1f} s; each part needs {shortest_s:g} seconds.</source>
   <translation>„{name}“ lässt sich zwischen {first:.1f} und {last:.1f} s teilen; jeder Teil braucht {shortest_s:g} Sekunden.</translation>
  </message>
  <message>
   <location filename="../core/edit/split.py" />
   <source>{name}, second part</source>
   <translation>{name}, zweiter Teil</translation>
  </message>
  <message>
   <location filename="../core/edit/stops.py" />
   <source>A stop of {counts} counts over {heard} cannot be.</source>
   <translation>Eine Pause von {counts} Counts über {heard} kann es nicht geben.</translation>
  </message>
  <message>
   <location filename="../core/edit/stops.py" />
   <source>The music does not stop there; mark a stop on that count first.</source>
   <translation>Dort setzt die Musik nicht aus; vermerke auf diesem Count zuerst eine Pause der Musik.</translation>
  </message>
  <message>
   <location filename="../core/edit/stops.py" />
   <source>A stop lasts up to {longest} beats, with up to as many counts danced in it.</source>
   <translation>Die Musik setzt höchstens {longest} Schläge aus, mit höchstens ebenso vielen getanzten Counts.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>marked while watching</source>
   <translation>beim Ansehen markiert</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <location filename="../core/model/take.py" />
   <source>A take needs a name.</source>
   <translation>Eine Aufnahme braucht einen Namen.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>There is already a take called “{name}”.</source>
   <translation>Es gibt schon eine Aufnahme namens „{name}“.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>No trouble is marked here. Press “Trouble” where it begins.</source>
   <translation>Hier ist kein Fehler markiert. Drück „Fehler“, wo er beginnt.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>No mark of “{name}” began before this moment, so none can end here.</source>
   <translation>Keine Marke von „{name}“ begann vor diesem Moment, also kann hier keine enden.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>“{words}” is none of the answers.</source>
   <translation>„{words}“ ist keine der Antworten.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>“{name}” lasts {duration_s:.1f} s; second {take_s:.1f} is not in it.</source>
   <translation>„{name}“ dauert {duration_s:.1f} s; Sekunde {take_s:.1f} liegt nicht darin.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>the place was confirmed by hand</source>
   <translation>die Stelle wurde von Hand bestätigt</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>“{name}” is placed by the song; its counts cannot be moved.</source>
   <translation>„{name}“ ist nach dem Song eingeordnet; seine Counts lassen sich nicht verschieben.</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Finding the beat</source>
   <translation>Der Beat wird gesucht</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>Finding the eights</source>
   <translation>Die Achter werden gesucht</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>it lasts {duration_s:.1f} s; a song needs at least 2 s to hold a beat.</source>
   <translation>es dauert {duration_s:.1f} s; ein Song braucht mindestens 2 s für einen Beat.</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>it is silent, so there is no beat to find.</source>
   <translation>es ist still, also ist kein Beat zu finden.</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>no beat was found in it.</source>
   <translation>es wurde kein Beat darin gefunden.</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>Choose another file, or set the beat by tapping.</source>
   <translation>Wähle eine andere Datei, oder setz den Beat durch Tippen.</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>Set the beat by tapping.</source>
   <translation>Setz den Beat durch Tippen.</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>MIDI file</source>
   <translation>MIDI-Datei</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>its first row must name the columns position and song_s.</source>
   <translation>die erste Zeile muss die Spalten position und song_s nennen.</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>it is not text in UTF-8.</source>
   <translation>es ist kein Text in UTF-8.</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>A count of {number:.1f} s is too long for a MIDI file (16.7 s at most).</source>
   <translation>Ein Count von {number:.1f} s ist zu lang für eine MIDI-Datei (höchstens 16,7 s).</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>it is no MIDI file, or a damaged one.</source>
   <translation>es ist keine MIDI-Datei oder eine beschädigte.</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>file of beats</source>
   <translation>Beat-Datei</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>row {number} cannot be read: a count and seconds are expected in it.</source>
   <translation>Zeile {number} ist nicht lesbar: ein Count und Sekunden gehören hinein.</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>beats are written as .csv, .mid or .otio, not “{ending}”.</source>
   <translation>Beats werden als .csv, .mid oder .otio geschrieben, nicht als „{ending}“.</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>{counts} danced</source>
   <translation>{counts} getanzt</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>1 beat</source>
   <translation>1 Schlag</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>{beats} beats</source>
   <translation>{beats} Schläge</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>held still</source>
   <translation>alle stehen still</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>{counts}, the last one held</source>
   <translation>{counts}, der letzte gehalten</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>The music stops at {minutes} for {beats}, {danced}.</source>
   <translation>Die Musik setzt bei {minutes} aus: {beats}, {danced}.</translation>
  </message>
  <message>
   <location filename="../core/grid/spectra.py" />
   <source>Listening to the song</source>
   <translation>Der Song wird angehört</translation>
  </message>
  <message>
   <location filename="../core/grid/tap.py" />
   <source>Tap at least {fewest} times; there were {number}.</source>
   <translation>Tippe mindestens {fewest}-mal; es waren {number}.</translation>
  </message>
  <message>
   <location filename="../core/grid/tap.py" />
   <source>The taps are too uneven to tell a tempo. Tap once on each count.</source>
   <translation>Die Tipper sind zu ungleichmäßig für ein Tempo. Tippe einmal auf jeden Count.</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>{busiest:.1f} moves a second where it is busiest</source>
   <translation>{busiest:.1f} Bewegungen pro Sekunde an der dichtesten Stelle</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>a full turn or more</source>
   <translation>eine ganze Drehung oder mehr</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>a half turn or more</source>
   <translation>eine halbe Drehung oder mehr</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <location filename="../core/lesson/schools.py" />
   <source>its moves are not written</source>
   <translation>seine Bewegungen sind nicht geschrieben</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>new: {words}{words2}</source>
   <translation>neu: {words}{words2}</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>comes {walls} times in the song</source>
   <translation>kommt {walls}-mal im Song</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>a turn whose direction is open</source>
   <translation>eine Drehung mit offener Richtung</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>touches after steps</source>
   <translation>Tippen nach Schritten</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>the same foot twice</source>
   <translation>zweimal derselbe Fuß</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>a weight that does not go on</source>
   <translation>ein Gewicht, das nicht weitergeht</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>starts between the counts</source>
   <translation>beginnt zwischen den Counts</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>changes of direction</source>
   <translation>Richtungswechsel</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <location filename="../core/lesson/material.py" />
   <source>work on the floor</source>
   <translation>Arbeit am Boden</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>a quarter turn</source>
   <translation>eine Vierteldrehung</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>dance your own sides; the picture is flipped for those who copy the screen</source>
   <translation>tanz deine eigenen Seiten; für alle, die den Bildschirm nachmachen, wird das Bild gespiegelt</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>{what}: {passes} good passes{start}</source>
   <translation>{what}: {passes} gute Durchgänge{start}</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>dance your own sides, back to the camera; nothing is flipped</source>
   <translation>tanz deine eigenen Seiten, mit dem Rücken zur Kamera; nichts wird gespiegelt</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>what there is has faults: {value}</source>
   <translation>was es gibt, hat Fehler: {value}</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <location filename="../core/plan/shots.py" />
   <source>no pass shows it</source>
   <translation>kein Durchgang zeigt es</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>{why}; for {words}{words2}</source>
   <translation>{why}; für {words}{words2}</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <location filename="../core/lesson/looking.py" />
   <source>{value} to {value2}</source>
   <translation>{value} bis {value2}</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>, the song from {minutes} ({lead_in} counts before)</source>
   <translation>, der Song ab {minutes} ({lead_in} Counts davor)</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <location filename="../core/plan/shots.py" />
   <source>What to film: {title}</source>
   <translation>Was zu filmen ist: {title}</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <location filename="../core/plan/shots.py" />
   <source>Nothing: all is there.</source>
   <translation>Nichts: alles ist da.</translation>
  </message>
  <message>
   <location filename="../core/lesson/looking.py" />
   <source>All {number} turns go to the {words}</source>
   <translation>Alle {number} Drehungen gehen nach {words}</translation>
  </message>
  <message>
   <location filename="../core/lesson/looking.py" />
   <source>All {number} hops are on the {words} foot</source>
   <translation>Alle {number} Hüpfer sind auf dem Fuß {words}</translation>
  </message>
  <message>
   <location filename="../core/lesson/material.py" />
   <source>jumps</source>
   <translation>Sprünge</translation>
  </message>
  <message>
   <location filename="../core/lesson/material.py" />
   <source>spins</source>
   <translation>Drehungen</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Heard: {sound}</source>
   <translation>Zu hören: {sound}</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Taught by then: {taught} of {counts} counts</source>
   <translation>Bis dahin gelehrt: {taught} von {counts} Counts</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Heard: each move by its name</source>
   <translation>Zu hören: jede Bewegung mit Namen</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Built as: {build}; {way}; the whole {shown}.</source>
   <translation>Aufbau: {build}; {way}; das Ganze {shown}.</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Lesson: {title}</source>
   <translation>Stunde: {title}</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>{build}; {way}; the whole {shown}</source>
   <translation>{build}; {way}; das Ganze {shown}</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>To practise at home</source>
   <translation>Zum Üben zu Hause</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Counts 1 to {counts} in a loop, at the speed that works.</source>
   <translation>Counts 1 bis {counts} als Schleife, in dem Tempo, das geht.</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Left out for the wanted length</source>
   <translation>Weggelassen für die gewünschte Länge</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Say: {words}</source>
   <translation>Sagen: {words}</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Why: {reason}</source>
   <translation>Warum: {reason}</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>What is good for you, a teacher or a physician can say.</source>
   <translation>Was dir guttut, sagt dir eine Lehrkraft oder ein Arzt.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>another view of an easy one</source>
   <translation>eine weitere Ansicht eines leichten</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>another run to the song</source>
   <translation>noch ein Lauf zum Song</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>repeats</source>
   <translation>Wiederholungen</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>variants</source>
   <translation>andere Formen</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>Warm up first, for: {words}. {defer}</source>
   <translation>Zuerst aufwärmen, für: {words}. {defer}</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>{sided}. Do them a few times to the other side, too. {defer}</source>
   <translation>{sided}. Tanz sie ein paarmal auch zur anderen Seite. {defer}</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <location filename="../ui/stops/lesson/steps_table.py" />
   <source>{number:.1f} min</source>
   <translation>{number:.1f} min</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>End of part 1</source>
   <translation>Ende von Teil 1</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>Part 2: last time</source>
   <translation>Teil 2: letztes Mal</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>Warm up</source>
   <translation>Aufwärmen</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>{minutes}: {minutes2} of dancing, {minutes3} of talking.</source>
   <translation>{minutes}: {minutes2} Tanzen, {minutes3} Reden.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>It is danced to {walls}.</source>
   <translation>Er wird zu {walls} getanzt.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>In part 2 it goes on from here.</source>
   <translation>In Teil 2 geht es von hier weiter.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>Last time we got to count {number}, the end of {name}.</source>
   <translation>Letztes Mal kamen wir bis Count {number}, dem Ende von {name}.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>learners come back days later</source>
   <translation>Lernende kommen nach Tagen wieder</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>before jumps, spins and floor work</source>
   <translation>vor Sprüngen, Drehungen und Arbeit am Boden</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>The other side</source>
   <translation>Die andere Seite</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>on {away} learners look away from the screen</source>
   <translation>auf {away} sehen die Lernenden vom Bildschirm weg</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>{titles}: under a third of the song’s tempo. Weight and balance are others there; start faster, or with a slower song.</source>
   <translation>{titles}: unter einem Drittel des Songtempos. Gewicht und Balance sind dort anders; beginne schneller oder mit einem langsameren Song.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source> in wall {wall}</source>
   <translation> in Wand {wall}</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>both sides</source>
   <translation>beide Seiten</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>It does not fit into {wanted}: {minutes} over, with all left out that may be.</source>
   <translation>Sie passt nicht in {wanted}: {minutes} zu viel, obwohl alles fehlt, was fehlen darf.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>It fits into {wanted}.</source>
   <translation>Sie passt in {wanted}.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>A break, and water</source>
   <translation>Eine Pause, und Wasser</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>a quarter of an hour is over</source>
   <translation>eine Viertelstunde ist um</translation>
  </message>
  <message>
   <location filename="../core/lesson/practice_log.py" />
   <source>the song from {minutes} to {minutes2}</source>
   <translation>der Song von {minutes} bis {minutes2}</translation>
  </message>
  <message>
   <location filename="../core/lesson/practice_log.py" />
   <source>Practice log: {title}</source>
   <translation>Übungsprotokoll: {title}</translation>
  </message>
  <message>
   <location filename="../core/lesson/practice_log.py" />
   <source>What was filmed</source>
   <translation>Was gefilmt wurde</translation>
  </message>
  <message>
   <location filename="../core/lesson/practice_log.py" />
   <source>To do again</source>
   <translation>Noch einmal</translation>
  </message>
  <message>
   <location filename="../core/lesson/practice_log.py" />
   <source>Nothing was filmed with the companion yet.</source>
   <translation>Mit dem Begleiter wurde noch nichts gefilmt.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>The lens sees {degrees:.0f}° across: {number:.1f} m at {at:.1f} m.</source>
   <translation>Das Objektiv sieht {degrees:.0f}° quer: {number:.1f} m auf {at:.1f} m.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>The dance goes {left:.1f} m to your left, {right:.1f} m to your right, {near:.1f} m towards the camera and {far:.1f} m away from it.</source>
   <translation>Der Tanz geht {left:.1f} m nach links, {right:.1f} m nach rechts, {near:.1f} m auf die Kamera zu und {far:.1f} m von ihr weg.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source> Held across, the phone sees more to the sides.</source>
   <translation> Quer gehalten sieht das Telefon mehr an den Seiten.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>In {room_m:g} m it does not fit: {distance:.1f} m are needed. Stay within {number:.1f} m of the start, or use a wider lens.{turn}</source>
   <translation>In {room_m:g} m passt er nicht: {distance:.1f} m sind nötig. Bleib innerhalb von {number:.1f} m um den Anfang, oder nimm ein weiteres Objektiv.{turn}</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>A room is 0.5 to 100 m deep, not {room_m:g}.</source>
   <translation>Ein Raum ist 0,5 bis 100 m tief, nicht {room_m:g}.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>Put the camera {distance:.1f} m from the start; all of it stays in the picture.</source>
   <translation>Stell die Kamera {distance:.1f} m vom Anfang auf; alles bleibt im Bild.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>Mark the floor {side:.1f} m to both sides of the start: by the steps of the sheet nobody goes beyond it.</source>
   <translation>Markier den Boden {side:.1f} m zu beiden Seiten des Anfangs: Nach den Schritten des Tanzblatts geht niemand darüber hinaus.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>A lens has 8 to 400 mm, not {focal_mm:g}.</source>
   <translation>Ein Objektiv hat 8 bis 400 mm, nicht {focal_mm:g}.</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>learners meet every join again and again; short dances</source>
   <translation>Lernende treffen jeden Übergang immer wieder; für kurze Tänze</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>less of the beginning, so that long dances stay fresh to their end</source>
   <translation>weniger vom Anfang, damit lange Tänze bis zum Schluss frisch bleiben</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>where the top is secure, the hard places get the time</source>
   <translation>wo der Anfang sitzt, bekommen die schweren Stellen die Zeit</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>who sees the whole first knows where each part belongs</source>
   <translation>wer zuerst das Ganze sieht, weiß, wohin jeder Teil gehört</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>most learners want to know what before when</source>
   <translation>die meisten wollen das Was vor dem Wann wissen</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>for those who count; rhythm before names</source>
   <translation>für alle, die zählen; Rhythmus vor Namen</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>for dances that sit on words or sounds of the song</source>
   <translation>für Tänze, die auf Worten oder Klängen des Songs sitzen</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>arms come easily once the feet know</source>
   <translation>die Arme kommen leicht, wenn die Füße es können</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name} to {name2}</source>
   <translation>{name} bis {name2}</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>four times, for it is hard: {words}</source>
   <translation>viermal, denn es ist schwer: {words}</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{reason}; it comes {comes} times in the song</source>
   <translation>{reason}; es kommt {comes}-mal im Song</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>slow enough for {busiest:.1f} moves a second</source>
   <translation>langsam genug für {busiest:.1f} Bewegungen pro Sekunde</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>at the pace of your counted pass</source>
   <translation>im Tempo deines gezählten Durchgangs</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name} on numbers</source>
   <translation>{name} auf Zahlen</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Over the end of the wall: 8 into 1</source>
   <translation>Über das Ende der Wand: 8 in die 1</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{comes} times</source>
   <translation>{comes}-mal</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Walls, tags, restarts</source>
   <translation>Wände, Brücken, Restarts</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>told once, and shown in the run</source>
   <translation>einmal gesagt, und im Durchlauf gezeigt</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Recap</source>
   <translation>Wiederholung</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Hello</source>
   <translation>Hallo</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Who you are, what it is called, what one needs.</source>
   <translation>Wer du bist, wie er heißt, was man braucht.</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>The whole dance with the song</source>
   <translation>Der ganze Tanz mit dem Song</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>everything in its place</source>
   <translation>alles an seinem Platz</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Goodbye</source>
   <translation>Auf Wiedersehen</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>What to practise until next time.</source>
   <translation>Was bis zum nächsten Mal zu üben ist.</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the dance goes on where a lesson stops</source>
   <translation>der Tanz geht weiter, wo eine Stunde aufhört</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Into {name} and out of it</source>
   <translation>In {name} hinein und heraus</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>names in a row, as one says them to oneself</source>
   <translation>Namen hintereinander, wie man sie sich selbst sagt</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>See it once</source>
   <translation>Sieh es einmal</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>learners see what it will become</source>
   <translation>die Lernenden sehen, was daraus wird</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>All of it, slowly, marking along</source>
   <translation>Alles, langsam, andeutend mitgetanzt</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Once more, in one go</source>
   <translation>Noch einmal, in einem Zug</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the second time is the one that sits</source>
   <translation>das zweite Mal ist das, das sitzt</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>from the top</source>
   <translation>von Anfang an</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>all landmarks in a row</source>
   <translation>alle Wegmarken hintereinander</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the parts make the whole again</source>
   <translation>die Teile ergeben wieder das Ganze</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name} from the back</source>
   <translation>{name} von hinten</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>an easy one</source>
   <translation>ein leichter</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name} in half-time</source>
   <translation>{name} in halbem Tempo</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name} at the song’s tempo</source>
   <translation>{name} im Tempo des Songs</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>The restart after count {count}</source>
   <translation>Der Restart nach Count {count}</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Wall {number}, facing {clock}</source>
   <translation>Wand {number}, Blick nach {clock}</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>it comes {times}, and nobody expects it</source>
   <translation>es kommt {times}, und niemand rechnet damit</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>every join is danced each time</source>
   <translation>jeder Übergang wird jedes Mal getanzt</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the join of the two</source>
   <translation>der Übergang der beiden</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the blocks together</source>
   <translation>die Blöcke zusammen</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>sides are the learner’s own</source>
   <translation>die Seiten sind die der Lernenden</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>each move named</source>
   <translation>jede Bewegung benannt</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the music keeps its speed, the dance is half as fast</source>
   <translation>die Musik behält ihr Tempo, der Tanz ist halb so schnell</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>twice as fast as before, to the same song</source>
   <translation>doppelt so schnell wie vorher, zum selben Song</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name}, quicker</source>
   <translation>{name}, schneller</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the feet want to go on there</source>
   <translation>die Füße wollen dort weiter</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the room looks different from here</source>
   <translation>von hier sieht der Raum anders aus</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name}, easier or harder</source>
   <translation>{name}, leichter oder schwerer</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>to the end of {name}</source>
   <translation>bis zum Ende von {name}</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>to a landmark one can find again</source>
   <translation>bis zu einer Wegmarke, die man wiederfindet</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>its words and sounds, said and danced</source>
   <translation>seine Worte und Klänge, gesagt und getanzt</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name}, the feet</source>
   <translation>{name}, die Füße</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>no rung more than a quarter quicker</source>
   <translation>keine Stufe mehr als ein Viertel schneller</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>it ends on the same foot</source>
   <translation>es endet auf demselben Fuß</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>quarter turn</source>
   <translation>Vierteldrehung</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>half turn</source>
   <translation>halbe Drehung</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>three quarter turn</source>
   <translation>Dreivierteldrehung</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>full turn</source>
   <translation>ganze Drehung</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>one and a half turn</source>
   <translation>anderthalb Drehung</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>double turn</source>
   <translation>doppelte Drehung</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>{words} before 1</source>
   <translation>{words} vor der 1</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>{number} on {count}</source>
   <translation>{number} auf {count}</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <location filename="../core/pack/verify_heard.py" />
   <source>all of it</source>
   <translation>alles</translation>
  </message>
  <message>
   <location filename="../core/lesson/step.py" />
   <source>half-time, {speeds}</source>
   <translation>halbes Tempo, {speeds}</translation>
  </message>
  <message>
   <location filename="../core/make.py" />
   <source>{name}: neither the song nor steady counting was found in it, and it could not be placed by its steps, so it is not placed. Place it by hand, or leave it out.</source>
   <translation>{name}: weder der Song noch gleichmäßiges Zählen wurde darin gefunden, und nach den Schritten ging es auch nicht; die Aufnahme ist also nicht eingeordnet. Ordne sie von Hand ein, oder lass sie weg.</translation>
  </message>
  <message>
   <location filename="../core/make.py" />
   <source>trouble, as its name says</source>
   <translation>Fehler, wie der Name sagt</translation>
  </message>
  <message>
   <location filename="../core/make.py" />
   <source>there is no sound in it, so it cannot be the song.</source>
   <translation>es ist kein Ton darin, also kann es nicht der Song sein.</translation>
  </message>
  <message>
   <location filename="../core/make.py" />
   <source>There is no song yet. Add one first; takes are placed on it.</source>
   <translation>Es gibt noch keinen Song. Füge zuerst einen hinzu; die Aufnahmen werden darauf eingeordnet.</translation>
  </message>
  <message>
   <location filename="../core/make.py" />
   <source>None of the takes can be used, so nothing was made.</source>
   <translation>Keine der Aufnahmen ist zu gebrauchen, also wurde nichts gemacht.</translation>
  </message>
  <message>
   <location filename="../core/media/frames.py" />
   <source>there is no picture in this file.</source>
   <translation>in dieser Datei ist kein Bild.</translation>
  </message>
  <message>
   <location filename="../core/media/frames.py" />
   <location filename="../core/media/probe.py" />
   <source>its picture cannot be decoded.</source>
   <translation>das Bild lässt sich nicht dekodieren.</translation>
  </message>
  <message>
   <location filename="../core/media/motion.py" />
   <location filename="../ui/stops/film/commands.py" />
   <source>Looking for movement</source>
   <translation>Bewegung wird gesucht</translation>
  </message>
  <message>
   <location filename="../core/media/peaks.py" />
   <location filename="../ui/preview/media.py" />
   <source>Drawing the song</source>
   <translation>Der Song wird gezeichnet</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>it cannot be read as sound or picture ({detail}).</source>
   <translation>es lässt sich weder als Ton noch als Bild lesen ({detail}).</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>there is no such file.</source>
   <translation>diese Datei gibt es nicht.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>this is a folder, not a file.</source>
   <translation>das ist ein Ordner, keine Datei.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>the file is empty (0 bytes).</source>
   <translation>die Datei ist leer (0 Byte).</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>the film is cut off: its index is missing, as when recording or copying was interrupted.</source>
   <translation>der Film ist abgeschnitten: sein Verzeichnis fehlt, wie wenn Aufnehmen oder Kopieren unterbrochen wurde.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>this is a text file under a media name.</source>
   <translation>das ist eine Textdatei mit dem Namen eines Films oder Songs.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>If it plays elsewhere, copy it again or save it as mp4 or wav.</source>
   <translation>Läuft es anderswo, kopiere es noch einmal oder speichere es als mp4 oder wav.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>Check the name.</source>
   <translation>Prüfe den Namen.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>Choose a file in it.</source>
   <translation>Wähle eine Datei darin.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>Copy it from the phone again.</source>
   <translation>Kopiere es noch einmal vom Telefon.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>you are not allowed to read it.</source>
   <translation>du darfst sie nicht lesen.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>Choose the recording itself.</source>
   <translation>Wähle die Aufnahme selbst.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>there is neither sound nor picture in it.</source>
   <translation>es ist weder Ton noch Bild darin.</translation>
  </message>
  <message>
   <location filename="../core/media/proxy.py" />
   <source>no small copy for watching could be made of it.</source>
   <translation>eine kleine Kopie zum Ansehen war davon nicht zu machen.</translation>
  </message>
  <message>
   <location filename="../core/media/proxy.py" />
   <source>A small copy of {name}</source>
   <translation>Eine kleine Kopie von {name}</translation>
  </message>
  <message>
   <location filename="../core/media/proxy.py" />
   <source>The film itself is used.</source>
   <translation>Der Film selbst wird benutzt.</translation>
  </message>
  <message>
   <location filename="../core/media/sound.py" />
   <source>there is no sound in this file.</source>
   <translation>in dieser Datei ist kein Ton.</translation>
  </message>
  <message>
   <location filename="../core/media/sound.py" />
   <source>its sound cannot be decoded.</source>
   <translation>der Ton lässt sich nicht dekodieren.</translation>
  </message>
  <message>
   <location filename="../core/media/sound.py" />
   <source>Reading {name}</source>
   <translation>{name} wird gelesen</translation>
  </message>
  <message>
   <location filename="../core/media/sound.py" />
   <source>Place it by hand, or choose the recording with sound.</source>
   <translation>Ordne sie von Hand ein, oder wähle die Aufnahme mit Ton.</translation>
  </message>
  <message>
   <location filename="../core/media/voice.py" />
   <source>The counting voice could not be started; its data is missing.</source>
   <translation>Die Zählstimme ließ sich nicht starten; ihre Daten fehlen.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <location filename="../core/model/take.py" />
   <source>song</source>
   <translation>Song</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>clicks</source>
   <translation>Klicks</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>counting voice</source>
   <translation>Zählstimme</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>room</source>
   <translation>Raum</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>for the hall</source>
   <translation>für den Saal</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>for the phone</source>
   <translation>für das Telefon</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>small</source>
   <translation>klein</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>with counts</source>
   <translation>mit Counts</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <location filename="../core/pack/students_page.py" />
   <source>to watch</source>
   <translation>zum Ansehen</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>one picture</source>
   <translation>ein Bild</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>front and back side by side</source>
   <translation>von vorn und von hinten nebeneinander</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>feet in a corner</source>
   <translation>die Füße in einer Ecke</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>The counting voice speaks {words}, not “{value}”.</source>
   <translation>Die Zählstimme spricht {words}, nicht „{value}“.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>An excerpt lasts 1 to 600 seconds, not {excerpt_s:g}.</source>
   <translation>Ein Ausschnitt dauert 1 bis 600 Sekunden, nicht {excerpt_s:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>The clip “{name}” has no counts.</source>
   <translation>Der Clip „{name}“ hat keine Counts.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>A run-through is seen from the front or from the back.</source>
   <translation>Ein Durchlauf wird von vorn oder von hinten gesehen.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>A run-through ends after it begins.</source>
   <translation>Ein Durchlauf endet nach seinem Anfang.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>A level is 0 to 1, not {level:g}.</source>
   <translation>Eine Lautstärke ist 0 bis 1, nicht {level:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>A card stands for 0 to {longest_card} counts, not {counts}.</source>
   <translation>Eine Karte steht 0 bis {longest_card} Counts, nicht {counts}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>R</source>
   <translation>R</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>L</source>
   <translation>L</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <location filename="../ui/stops/dance/paste_parts.py" />
   <source>both</source>
   <translation>both</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>step</source>
   <translation>step</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>touch</source>
   <translation>touch</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>hop</source>
   <translation>hop</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>breath</source>
   <translation>breath</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>free</source>
   <translation>free</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>only a name</source>
   <translation>nur ein Name</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>which foot</source>
   <translation>welcher Fuß</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>on which counts</source>
   <translation>auf welchen Counts</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>taught differently</source>
   <translation>verschieden unterrichtet</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>which side</source>
   <translation>welche Seite</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>turns each time</source>
   <translation>dreht jedes Mal</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>two readings</source>
   <translation>zwei Lesarten</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>weight said otherwise</source>
   <translation>Gewicht anders gesagt</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>a remark</source>
   <translation>eine Bemerkung</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>not understood</source>
   <translation>nicht verstanden</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>part</source>
   <translation>part</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>The sequence names section “{name}”; the dance has: {known}.</source>
   <translation>Die Abfolge nennt den Abschnitt „{name}“; der Tanz hat: {known}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>A move cannot last {length} counts.</source>
   <translation>Eine Bewegung kann nicht {length} Counts dauern.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>Section “{name}” needs at least one count, not {length}.</source>
   <translation>Abschnitt „{name}“ braucht mindestens einen Count, nicht {length}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>A stop keeps at least 1 count after at least 1, not {counts} after {after}.</source>
   <translation>Eine Pause behält mindestens 1 Count nach mindestens 1, nicht {counts} nach {after}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>A restart comes after at least 1 count, not {restart_after}.</source>
   <translation>Ein Restart kommt nach mindestens 1 Count, nicht {restart_after}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>A hold cannot last {counts} counts.</source>
   <translation>Ein Halt kann nicht {counts} Counts dauern.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>Two sections are called “{twice}”; each needs a name of its own.</source>
   <translation>Zwei Abschnitte heißen „{twice}“; jeder braucht einen eigenen Namen.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>Two sections have the same id.</source>
   <translation>Zwei Abschnitte haben dieselbe Kennung.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>The {where} names section “{unknown}”; the dance has: {written}.</source>
   <translation>{where} nennt den Abschnitt „{unknown}“; der Tanz hat: {written}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>part “{name}”</source>
   <translation>Teil „{name}“</translation>
  </message>
  <message>
   <location filename="../core/model/disagreement.py" />
   <source>all are right</source>
   <translation>alle sind richtig</translation>
  </message>
  <message>
   <location filename="../core/model/filmed.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>not said</source>
   <translation>nicht gesagt</translation>
  </message>
  <message>
   <location filename="../core/model/filmed.py" />
   <source>good</source>
   <translation>gut</translation>
  </message>
  <message>
   <location filename="../core/model/filmed.py" />
   <source>again</source>
   <translation>noch einmal</translation>
  </message>
  <message>
   <location filename="../core/model/filmed.py" />
   <source>A camera runs before the song is heard, and the song is heard before it stops.</source>
   <translation>Eine Kamera läuft, bevor der Song zu hören ist, und der Song ist zu hören, bevor sie stoppt.</translation>
  </message>
  <message>
   <location filename="../core/model/filmed.py" />
   <source>A song has no second {song_s:g}.</source>
   <translation>Ein Song hat keine Sekunde {song_s:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>one more each time: 1, 2, 1–2, 3, 1–3 …</source>
   <translation>1, 2, 1–2, 3, 1–3 …</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>two by two, then joined</source>
   <translation>je zwei, dann verbunden</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>to a landmark, then the whole</source>
   <translation>bis zu einer Wegmarke, dann das Ganze</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>the whole, its parts, the whole</source>
   <translation>das Ganze, seine Teile, das Ganze</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>words, then numbers</source>
   <translation>Worte, dann Zahlen</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>numbers, then words</source>
   <translation>Zahlen, dann Worte</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>by lyric or sound</source>
   <translation>nach Liedtext oder Klang</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>feet first, then arms</source>
   <translation>zuerst die Füße, dann die Arme</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>first</source>
   <translation>zuerst</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>last</source>
   <translation>zuletzt</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>first and last</source>
   <translation>zuerst und zuletzt</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>not at all</source>
   <translation>gar nicht</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>up front</source>
   <translation>am Anfang</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>where they come</source>
   <translation>wo sie vorkommen</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>after the steps</source>
   <translation>nach den Schritten</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>rung by rung to the song’s tempo</source>
   <translation>stufenweise zum Songtempo</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>half-time first, then at the song’s tempo</source>
   <translation>zuerst halbes Tempo, dann im Tempo des Songs</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>left to the learner’s player</source>
   <translation>dem Player der Lernenden überlassen</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>say</source>
   <translation>sagen</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>show</source>
   <translation>zeigen</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>do</source>
   <translation>tanzen</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>join</source>
   <translation>verbinden</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>quicker</source>
   <translation>schneller</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>recap</source>
   <translation>wiederholen</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>variant</source>
   <translation>Variante</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>whole</source>
   <translation>das Ganze</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>A step is danced 1 to 32 times, not {times}.</source>
   <translation>Ein Schritt wird 1- bis 32-mal getanzt, nicht {times}-mal.</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <location filename="../core/model/project.py" />
   <source>A speed must be 25 to 125 %, not {number:.0%}.</source>
   <translation>Ein Tempo muss 25 bis 125 % sein, nicht {number:.0%}.</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>A gap to practise has 0 to 64 counts, not {gap}.</source>
   <translation>Eine Lücke zum Üben hat 0 bis 64 Counts, nicht {gap}.</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>A lesson lasts 1 to 240 minutes, not {minutes:g}.</source>
   <translation>Eine Stunde dauert 1 bis 240 Minuten, nicht {minutes:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>&amp; and a</source>
   <translation>&amp; und a</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>next name</source>
   <translation>nächster Name</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <location filename="../core/pack/students/page.html" />
   <source>foot</source>
   <translation>Fuß</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>sound or lyric word</source>
   <translation>Klang oder Wort des Liedtexts</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>facing</source>
   <translation>Blickrichtung</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>section and wall</source>
   <translation>Abschnitt und Wand</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>what comes (tag in 4)</source>
   <translation>was kommt (Brücke in 4)</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>label</source>
   <translation>Beschriftung</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>corner plate</source>
   <translation>Schild in der Ecke</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>strip of the eight</source>
   <translation>Streifen des Achters</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>floor line</source>
   <translation>Zeile am Boden</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>as in the sheet</source>
   <translation>wie auf dem Tanzblatt</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>1 to 8 always</source>
   <translation>immer 1 bis 8</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>set numbers</source>
   <translation>Nummern der Achter</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <location filename="../core/pack/students_page.py" />
   <location filename="../core/pack/summary.py" />
   <location filename="../ui/preview/clip_preview.py" />
   <source>half-time</source>
   <translation>halbes Tempo</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>from 1 in each clip</source>
   <translation>in jedem Clip ab 1</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>5 6 7 8</source>
   <translation>5 6 7 8</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>6 7 8</source>
   <translation>6 7 8</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>5 6 7 go</source>
   <translation>5 6 7 und</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>two slow, then four</source>
   <translation>zwei langsame, dann vier</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>4 3 2 1</source>
   <translation>4 3 2 1</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <location filename="../core/pack/verify_picture.py" />
   <location filename="../core/plan/flip.py" />
   <location filename="../ui/preview/clip_preview.py" />
   <location filename="../ui/tasks/clips.py" />
   <source>as filmed</source>
   <translation>wie gefilmt</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>wide 16:9</source>
   <translation>breit 16:9</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>square</source>
   <translation>quadratisch</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>upright 9:16</source>
   <translation>hochkant 9:16</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>Counts are read from 0.3 to 10 m away, not {distance_m:g}.</source>
   <translation>Counts werden aus 0,3 bis 10 m gelesen, nicht aus {distance_m:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>What comes is called 1 to 32 counts ahead, not {call_ahead}.</source>
   <translation>Was kommt, wird 1 bis 32 Counts vorher angesagt, nicht {call_ahead}.</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>A version with other things over the picture needs a name, such as with feet.</source>
   <translation>Eine Fassung mit anderem über dem Bild braucht einen Namen, etwa mit Füßen.</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>“{value}” is no name for a version: up to 30 letters, digits, spaces and dashes.</source>
   <translation>„{value}“ ist kein Name für eine Fassung: bis zu 30 Buchstaben, Ziffern, Leerzeichen und Striche.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>There is no take “{take_id}” in this project.</source>
   <translation>In diesem Projekt gibt es keine Aufnahme „{take_id}“.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>Frames per second must be 1 to 240, not {rate}.</source>
   <translation>Bilder pro Sekunde müssen 1 bis 240 sein, nicht {rate}.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>The longest side must be 64 to 7680 pixels, not {longest_side}.</source>
   <translation>Die längste Seite muss 64 bis 7680 Pixel haben, nicht {longest_side}.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>A run-up has 0 to 64 counts, not {number:g}.</source>
   <translation>Ein Anlauf hat 0 bis 64 Counts, nicht {number:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>Two versions with other things over the picture have the same name.</source>
   <translation>Zwei Fassungen mit anderem über dem Bild haben denselben Namen.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>sections and ranges</source>
   <translation>Abschnitte und Bereiche</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>Two {what} have the same id, “{twice}”.</source>
   <translation>Zwei {what} haben dieselbe Kennung, „{twice}“.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>Beats must come one after another: count {second} at {song_s:.2f} s would not come after count {first} at {song_s2:.2f} s.</source>
   <translation>Beats müssen aufeinander folgen: Count {second} bei {song_s:.2f} s käme nicht nach Count {first} bei {song_s2:.2f} s.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A file has a size and a length; “{path}” says {size} and {duration_s}.</source>
   <translation>Eine Datei hat Größe und Länge; „{path}“ nennt {size} und {duration_s}.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A stop of the music lasts at least part of a beat; this one keeps {counts} counts.</source>
   <translation>Die Musik setzt mindestens einen Teil eines Schlags aus; hier bleiben {counts} Counts.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A line has 1 to {longest_line} counts; part “{name}” asks for {line}.</source>
   <translation>Eine Zeile hat 1 bis {longest_line} Counts; Teil „{name}“ verlangt {line}.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A reading counts {factor} times as fast in lines of {line}; both must be more.</source>
   <translation>Eine Lesart zählt {factor}-mal so schnell in Zeilen zu {line}; beides muss mehr sein.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A grid needs at least two beats; got {number}.</source>
   <translation>Ein Raster braucht mindestens zwei Beats; es waren {number}.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A line needs at least one count; got {line}.</source>
   <translation>Eine Zeile braucht mindestens einen Count; es waren {line}.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A lead-in cannot have {lead_in} counts.</source>
   <translation>Ein Vorlauf kann nicht {lead_in} Counts haben.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>Every beat needs a second of the song that is a number.</source>
   <translation>Jeder Beat braucht eine Sekunde des Songs, die eine Zahl ist.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>stops of the music</source>
   <translation>Pausen der Musik</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>Where a song begins and ends, and how long it fades, are seconds: numbers of 0 or more.</source>
   <translation>Anfang, Ende und Ausblendung eines Songs stehen in Sekunden: Zahlen ab 0.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>At least {seconds:.0f} s of a song must be used: put its end later, or its beginning earlier.</source>
   <translation>Mindestens {seconds:.0f} s eines Songs müssen benutzt werden: setze sein Ende später oder seinen Anfang früher.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>The {what} must stand in order, each at a count of its own.</source>
   <translation>Die {what} müssen der Reihe nach stehen, jede an einem eigenen Count.</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>front</source>
   <translation>von vorn</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>back</source>
   <translation>von hinten</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>left side</source>
   <translation>linke Seite</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>right side</source>
   <translation>rechte Seite</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>feet</source>
   <translation>Füße</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>own sides</source>
   <translation>eigene Seiten</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>performed mirrored</source>
   <translation>gespiegelt getanzt</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>no sides said</source>
   <translation>keine Seiten gesagt</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>the dancer's own sides</source>
   <translation>die eigenen Seiten der Tanzenden</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>the learner's sides</source>
   <translation>die Seiten der Lernenden</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>counted</source>
   <translation>gezählt</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>Take “{name}” says nothing of what it shows; it needs at least one stretch.</source>
   <translation>Aufnahme „{name}“ sagt nicht, was sie zeigt; sie braucht mindestens einen Abschnitt.</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>The marks on take “{name}” must stand in the order of its seconds.</source>
   <translation>Die Marken auf „{name}“ müssen in der Reihenfolge ihrer Sekunden stehen.</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>A loudspeaker stands 0 to {farthest_m:g} m away, not {speaker_m:g}.</source>
   <translation>Ein Lautsprecher steht 0 bis {farthest_m:g} m entfernt, nicht {speaker_m:g}.</translation>
  </message>
  <message>
   <location filename="../core/open_document/document.py" />
   <source>What was changed elsewhere</source>
   <translation>Was anderswo geändert wurde</translation>
  </message>
  <message>
   <location filename="../core/open_document/facts.py" />
   <source>This cannot be worked out: a fault of Vamos, not of yours. Everything else works on.</source>
   <translation>Das lässt sich nicht ausrechnen: ein Fehler von Vamos, nicht von dir. Alles andere geht weiter.</translation>
  </message>
  <message>
   <location filename="../core/pack/estimate.py" />
   <location filename="../ui/stops/lesson/picture.py" />
   <source>{number} min</source>
   <translation>{number} min</translation>
  </message>
  <message>
   <location filename="../core/pack/estimate.py" />
   <source>{files} films, {minutes} long together, up to about {large}</source>
   <translation>{files} Filme, zusammen {minutes} lang, bis etwa {large}</translation>
  </message>
  <message>
   <location filename="../core/pack/estimate.py" />
   <source>{films}; writing takes about {minutes} here</source>
   <translation>{films}; das Schreiben dauert hier etwa {minutes}</translation>
  </message>
  <message>
   <location filename="../core/pack/estimate.py" />
   <source>{number:.1f} GB</source>
   <translation>{number:.1f} GB</translation>
  </message>
  <message>
   <location filename="../core/pack/estimate.py" />
   <source>{number} MB</source>
   <translation>{number} MB</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>a pack cannot replace the folder one works in.</source>
   <translation>ein Paket kann nicht den Ordner ersetzen, in dem man arbeitet.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <location filename="../core/plan/said_sides.py" />
   <source> and {number} more</source>
   <translation> und {number} weitere</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>this folder holds an earlier pack and also {value}{more}, which Vamos did not write.</source>
   <translation>dieser Ordner enthält ein früheres Paket und auch {value}{more}, was Vamos nicht geschrieben hat.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>Name a folder in it, such as ./pack.</source>
   <translation>Nenne einen Ordner darin, etwa ./pack.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>it is a link to nothing.</source>
   <translation>das ist ein Verweis ins Leere.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>a file of this name exists.</source>
   <translation>eine Datei dieses Namens gibt es schon.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>this folder holds other files, such as {file}.</source>
   <translation>dieser Ordner enthält andere Dateien, etwa {file}.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>Nothing in it was touched.</source>
   <translation>Nichts darin wurde angerührt.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>Move that elsewhere, or choose a new name.</source>
   <translation>Leg das woandershin, oder wähle einen neuen Namen.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>It was not touched.</source>
   <translation>Er wurde nicht angerührt.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>Remove the link.</source>
   <translation>Entferne den Verweis.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>Choose an empty folder or a new name.</source>
   <translation>Wähle einen leeren Ordner oder einen neuen Namen.</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>{times} times at {words} of the song’s tempo. Stop when something hurts.</source>
   <translation>{times}-mal mit {words} des Song-Tempos. Hör auf, wenn etwas wehtut.</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>No clip shows any section yet. “What to film” at Lesson says what is missing.</source>
   <translation>Noch zeigt kein Clip einen Abschnitt. „Was zu filmen ist“ bei Stunde sagt, was fehlt.</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>No loop could be written. {words}</source>
   <translation>Es ließ sich keine Schleife schreiben. {words}</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>The wall</source>
   <translation>Die Wand</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>The wall: no pass shows it from end to end, so there is no loop of it</source>
   <translation>Die Wand: kein Durchgang zeigt sie von Anfang bis Ende, also gibt es keine Schleife davon</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>{name}: no pass shows it, so there is no loop of it</source>
   <translation>{name}: kein Durchgang zeigt es, also gibt es keine Schleife davon</translation>
  </message>
  <message>
   <location filename="../core/pack/joined_film.py" />
   <location filename="../core/render/clips.py" />
   <source>Writing {title}</source>
   <translation>{title} wird geschrieben</translation>
  </message>
  <message>
   <location filename="../core/pack/joined_film.py" />
   <source>{title} was not written: none of its films can be shown. {words}</source>
   <translation>{title} wurde nicht geschrieben: keiner der Filme darin lässt sich zeigen. {words}</translation>
  </message>
  <message>
   <location filename="../core/pack/joined_film.py" />
   <source>{title}: not shown, {error}</source>
   <translation>{title}: nicht gezeigt, {error}</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <location filename="../ui/stops/lesson/__init__.py" />
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Lesson</source>
   <translation>Stunde</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>No clip shows any step of the lesson yet. “What to film” at Lesson says what is missing.</source>
   <translation>Noch zeigt kein Clip einen Schritt der Stunde. „Was zu filmen ist“ bei Stunde sagt, was fehlt.</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>A lesson is filmed from a written dance, a song with its beat, and takes placed on it.</source>
   <translation>Eine Stunde entsteht aus einem geschriebenen Tanz, einem Song mit Beat und darauf eingeordneten Aufnahmen.</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>{title}: no pass shows it, so there is only its card</source>
   <translation>{title}: kein Durchgang zeigt es, also gibt es nur die Karte dazu</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>Until next time</source>
   <translation>Bis zum nächsten Mal</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>At home: counts 1 to {counts} in a loop, at the speed that works.</source>
   <translation>Zu Hause: Counts 1 bis {counts} als Schleife, in dem Tempo, das geht.</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>Your turn</source>
   <translation>Jetzt du</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>{gap} counts to practise.</source>
   <translation>{gap} Counts zum Üben.</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>{often} of the song’s tempo.</source>
   <translation>{often} des Song-Tempos.</translation>
  </message>
  <message>
   <location filename="../core/pack/live_step.py" />
   <source>This step is no longer in the plan.</source>
   <translation>Dieser Schritt steht nicht mehr im Plan.</translation>
  </message>
  <message>
   <location filename="../core/pack/live_step.py" />
   <source>No clip shows this step. What is missing stands under “What to film”.</source>
   <translation>Kein Clip zeigt diesen Schritt. Was fehlt, steht unter „Was zu filmen ist“.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>there is no such folder.</source>
   <translation>diesen Ordner gibt es nicht.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>this folder is no Vamos pack: its manifest.json is missing.</source>
   <translation>dieser Ordner ist kein Vamos-Paket: seine manifest.json fehlt.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>this pack is of version {vamos_pack}; this Vamos knows packs up to version {version}.</source>
   <translation>dieses Paket hat Version {vamos_pack}; dieses Vamos kennt Pakete bis Version {version}.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>Name the folder that “vamos pack” or “vamos make” wrote.</source>
   <translation>Nenne den Ordner, den „vamos pack“ oder „vamos make“ geschrieben hat.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>manifest</source>
   <translation>Verzeichnis</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>the manifest cannot be understood: {said}.</source>
   <translation>das Verzeichnis ist nicht zu verstehen: {said}.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>Verify it with the Vamos that wrote it, or a newer one.</source>
   <translation>Prüfe es mit dem Vamos, das es geschrieben hat, oder einem neueren.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>the manifest says something impossible of {file}: {field}.</source>
   <translation>das Manifest sagt von {file} etwas Unmögliches: {field}.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>the manifest names a file that cannot be: {name}.</source>
   <translation>das Manifest nennt eine Datei, die es nicht geben kann: {name}.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>the manifest names a file outside the pack: {name}.</source>
   <translation>das Manifest nennt eine Datei außerhalb des Pakets: {name}.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>the pack has no page for students.</source>
   <translation>das Paket hat keine Seite für Schüler.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>The page of the pack is not one that Vamos wrote; write the pack anew.</source>
   <translation>Die Seite des Pakets hat Vamos so nicht geschrieben; schreibe das Paket neu.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>The pack has no section “{name}”; it has {names}.</source>
   <translation>Das Paket hat keinen Abschnitt „{name}“; es hat {names}.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>it belongs to the pack and is gone; write the pack anew.</source>
   <translation>es gehört zum Paket und fehlt; schreibe das Paket neu.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>it was changed; write the pack anew.</source>
   <translation>sie wurde verändert; schreibe das Paket neu.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>What the page says of its films is damaged; write the pack anew.</source>
   <translation>Was die Seite über ihre Filme sagt, ist beschädigt; schreibe das Paket neu.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>page</source>
   <translation>Seite</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <location filename="../core/pack/verify_beside.py" />
   <source>it cannot be decoded</source>
   <translation>nicht zu entschlüsseln</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>its pictures cannot be read; write the pack anew.</source>
   <translation>seine Bilder sind nicht lesbar; schreibe das Paket neu.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <location filename="../core/pack/verify.py" />
   <location filename="../core/pack/verify_beside.py" />
   <source>it is missing</source>
   <translation>sie fehlt</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <location filename="../core/pack/verify.py" />
   <source>as written</source>
   <translation>wie geschrieben</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <location filename="../core/pack/verify.py" />
   <source>the file was changed</source>
   <translation>die Datei wurde verändert</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>the page does not name it</source>
   <translation>die Seite nennt es nicht</translation>
  </message>
  <message>
   <location filename="../core/pack/serve.py" />
   <source>Whoever is in the same network and has this address can watch this pack and nothing else: {address}. It ends when you stop it or close Vamos.</source>
   <translation>Wer im selben Netz ist und diese Adresse hat, kann dieses Paket sehen und sonst nichts: {address}. Es endet, wenn du es beendest oder Vamos schließt.</translation>
  </message>
  <message>
   <location filename="../core/pack/serve.py" />
   <source>this pack has no page for students; make it again.</source>
   <translation>dieses Paket hat keine Seite für Lernende; mach es neu.</translation>
  </message>
  <message>
   <location filename="../core/pack/serve.py" />
   <source>port {port} cannot be used ({error}); choose another one.</source>
   <translation>Port {port} geht nicht ({error}); wähl einen anderen.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/flows.js" />
   <source>From the first to {title}</source>
   <translation>Vom ersten bis {title}</translation>
  </message>
  <message>
   <location filename="../core/pack/students/flows.js" />
   <source>That was the lesson.</source>
   <translation>Das war die Stunde.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>To the film</source>
   <translation>Zum Film</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Sections</source>
   <translation>Abschnitte</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/stops/film/__init__.py" />
   <location filename="../ui/stops/film/actions.py" />
   <source>Film</source>
   <translation>Film</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Film of the section</source>
   <translation>Film des Abschnitts</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../core/pack/students/page.js" />
   <location filename="../ui/preview/result_player.py" />
   <location filename="../ui/stops/film/slate.py" />
   <location filename="../ui/window.py" />
   <source>Play</source>
   <translation>Abspielen</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/everywhere/watching.py" />
   <location filename="../ui/window.py" />
   <source>Loop</source>
   <translation>Schleife</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>From – to</source>
   <translation>Von – bis</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Ladder</source>
   <translation>Leiter</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Faster bit by bit</source>
   <translation>Nach und nach schneller</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Build-up</source>
   <translation>Aufbau</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../core/plan/profiles.py" />
   <location filename="../ui/everywhere/watching.py" />
   <source>From the top</source>
   <translation>Von Anfang an</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>Counts over the picture</source>
   <translation>Counts über dem Bild</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Say the moves</source>
   <translation>Schritte ansagen</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Full screen</source>
   <translation>Vollbild</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/stops/pack/files_table.py" />
   <source>Speed</source>
   <translation>Tempo</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Slower</source>
   <translation>Langsamer</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Faster</source>
   <translation>Schneller</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Place</source>
   <translation>Stelle</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Chapters</source>
   <translation>Kapitel</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>View and side</source>
   <translation>Ansicht und Seite</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Rounds at each speed</source>
   <translation>Runden je Tempo</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Volume</source>
   <translation>Lautstärke</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Sheet</source>
   <translation>Tanzblatt</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Counts of this section</source>
   <translation>Counts dieses Abschnitts</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>what</source>
   <translation>was</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>I can dance this</source>
   <translation>Das kann ich tanzen</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>The lesson, step by step</source>
   <translation>Die Stunde, Schritt für Schritt</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/frame/keys_page.py" />
   <source>Keys</source>
   <translation>Tasten</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Space plays. Left and right go a count back and on, 1 to 8 to that count. Minus and plus change the speed, V the view, C writes the counts over a plain film, L loops, R takes a stretch from a count to a count. T is the ladder of speeds, G gets faster bit by bit, S says each move a count before it comes, B is the build-up of all sections, J the next step of the lesson. N and P go to the next and previous section, K ticks what you can dance, F fills the screen.</source>
   <translation>Die Leertaste spielt. Links und rechts gehen einen Count zurück und weiter, 1 bis 8 zu diesem Count. Minus und Plus ändern das Tempo, V die Ansicht, C schreibt die Counts über einen Film ohne Counts, L wiederholt, R nimmt ein Stück von Count zu Count. T ist die Leiter der Tempi, G wird nach und nach schneller, S sagt jeden Schritt einen Count vorher an, B ist der Aufbau aller Abschnitte, J der nächste Schritt der Lektion. N und P gehen zum nächsten und vorigen Abschnitt, K hakt ab, was du kannst, F füllt den Bildschirm.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Print the sheet</source>
   <translation>Das Tanzblatt drucken</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>This browser has no way to play exact sound.</source>
   <translation>Dieser Browser kann keinen genauen Ton spielen.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <location filename="../ui/frame/status.py" />
   <location filename="../ui/preview/result_player.py" />
   <location filename="../ui/stops/film/slate.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <location filename="../ui/window.py" />
   <source>Stop</source>
   <translation>Anhalten</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>No sound device answers, so nothing can be heard or seen. Connect one and press Play again.</source>
   <translation>Kein Tongerät antwortet, darum ist nichts zu hören und zu sehen. Schließ eines an und drück noch einmal auf Spielen.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>This count is outside the loop.</source>
   <translation>Dieser Count liegt außerhalb der Wiederholung.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>From {count}. Now the count it goes to.</source>
   <translation>Von {count}. Nun den Count, bis zu dem es geht.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>From {first} to {last}</source>
   <translation>Von {first} bis {last}</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>All of the section.</source>
   <translation>Der ganze Abschnitt.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>Choose the first count, then the last one.</source>
   <translation>Wähl den ersten Count, dann den letzten.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>This film cannot be played: {file}. Keep this page in the folder it came in, with its folder clips.</source>
   <translation>Dieser Film lässt sich nicht abspielen: {file}. Lass diese Seite in dem Ordner, in dem sie kam, mit ihrem Ordner clips.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>This sound cannot be read: {file}. Keep this page in the folder it came in, with its folder sound.</source>
   <translation>Dieser Ton lässt sich nicht lesen: {file}. Lass diese Seite in ihrem Ordner, mit dem Ordner sound.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>{title}, you can dance it</source>
   <translation>{title}, das kannst du</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <location filename="../ui/preview/mirror.py" />
   <source>Count {count}</source>
   <translation>Count {count}</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>Film: {title}</source>
   <translation>Film: {title}</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>The ladder begins at {speed}; after {rounds} rounds it goes up.</source>
   <translation>Die Leiter beginnt bei {speed}; nach {rounds} Runden geht es höher.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>A little faster after every {rounds} rounds.</source>
   <translation>Nach je {rounds} Runden etwas schneller.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>Each move is said a count before it comes.</source>
   <translation>Jeder Schritt wird einen Count vorher angesagt.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>The moves are not said.</source>
   <translation>Die Schritte werden nicht angesagt.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>The whole dance from the top.</source>
   <translation>Der ganze Tanz von Anfang an.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>Counts over the picture.</source>
   <translation>Counts über dem Bild.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>The picture alone.</source>
   <translation>Das Bild allein.</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>Warm up, clear the floor, and go slowly into turns and jumps. Ask a teacher or a physician when unsure what is good for you.</source>
   <translation>Wärm dich auf, räum den Boden frei und geh langsam in Drehungen und Sprünge. Frag eine Lehrkraft oder einen Arzt, wenn du nicht sicher bist, was dir guttut.</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>The whole dance</source>
   <translation>Der ganze Tanz</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <location filename="../core/pack/summary.py" />
   <location filename="../ui/preview/clip_preview.py" />
   <source>double time</source>
   <translation>doppelte Zeit</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>to {}</source>
   <translation>zu {}</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>by {}</source>
   <translation>von {}</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>{} counts</source>
   <translation>{} Counts</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>, sound: {sound}</source>
   <translation>, Ton: {sound}</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>{films}, {long} long together, {number} MB.</source>
   <translation>{films}, zusammen {long} lang, {number} MB.</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>Take the whole folder and open “{page}” in a browser: it plays, loops and slows the films without a network.</source>
   <translation>Nimm den ganzen Ordner und öffne „{page}“ in einem Browser: dort laufen die Filme, als Schleife und langsamer, ohne Netz.</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>The whole dance, {view}, {minutes}, {heard}</source>
   <translation>Der ganze Tanz, {view}, {minutes}, {heard}</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>Warm up first, and stop when something hurts; ask your teacher, or a physician.</source>
   <translation>Wärm dich zuerst auf, und hör auf, wenn etwas wehtut; frag deine Lehrkraft oder einen Arzt.</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>{label} at {words}</source>
   <translation>{label} mit {words}</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>without counts</source>
   <translation>ohne Counts</translation>
  </message>
  <message>
   <location filename="../core/pack/verify.py" />
   <location filename="../ui/stops/pack/files_table.py" />
   <source>Checked</source>
   <translation>Geprüft</translation>
  </message>
  <message>
   <location filename="../core/pack/verify.py" />
   <source>Checking {file}</source>
   <translation>{file} wird geprüft</translation>
  </message>
  <message>
   <location filename="../core/pack/verify.py" />
   <source>{number:.0%}, said to be {speed:.0%}</source>
   <translation>{number:.0%}, angegeben sind {speed:.0%}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify.py" />
   <source>the manifest was changed after it was written</source>
   <translation>das Manifest wurde geändert, nachdem es geschrieben war</translation>
  </message>
  <message>
   <location filename="../core/pack/verify.py" />
   <source>this file is not in the manifest</source>
   <translation>diese Datei steht nicht im Manifest</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>it plays {number} of {number2} clips</source>
   <translation>sie spielt {number} von {number2} Clips</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>as the counts of the clip</source>
   <translation>wie die Counts des Clips</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>they say other counts, or at other times</source>
   <translation>sie sagen andere Counts, oder zu anderen Zeiten</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>where lines begin</source>
   <translation>wo Zeilen beginnen</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>where no line begins</source>
   <translation>wo keine Zeile beginnt</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>it is not as Vamos writes it</source>
   <translation>sie ist nicht so, wie Vamos sie schreibt</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>as Vamos writes it</source>
   <translation>wie Vamos es schreibt</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>it holds a script of somebody else’s</source>
   <translation>es enthält ein fremdes Skript</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <location filename="../core/pack/verify_sheets.py" />
   <source>as those of the clips</source>
   <translation>wie die der Clips</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>it says every move</source>
   <translation>sie sagt jeden Schritt</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <location filename="../core/pack/verify_sheets.py" />
   <source>it cannot be understood</source>
   <translation>sie ist nicht zu verstehen</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>as in the film</source>
   <translation>wie im Film</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>other ones than in the film</source>
   <translation>andere als im Film</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <source>{share:.0%} alike</source>
   <translation>{share:.0%} gleich</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <source>not from {at:.0f} s on</source>
   <translation>nicht ab {at:.0f} s</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <source>{ms:+.1f} ms</source>
   <translation>{ms:+.1f} ms</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <source>what it should sound like cannot be read</source>
   <translation>wie es klingen sollte, ist nicht zu lesen</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <location filename="../core/pack/verify_sound.py" />
   <source>{cents:+d} cents</source>
   <translation>{cents:+d} Cent</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <source>too even, and slowed, to tell its place</source>
   <translation>zu gleichmäßig, und verlangsamt, um seinen Platz zu erkennen</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{number} of {number2} stand where they should</source>
   <translation>{number} von {number2} stehen, wo sie sollen</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>“{number}” from frame {frame} ({off:.1f} levels off)</source>
   <translation>„{number}“ ab Bild {frame} ({off:.1f} Stufen daneben)</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{word} ({straight:.1f} against {mirrored:.1f})</source>
   <translation>{word} ({straight:.1f} gegen {mirrored:.1f})</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{number} of {frames}</source>
   <translation>{number} von {frames}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{matrix}, wanted {matrix2}</source>
   <translation>{matrix}, gewünscht {matrix2}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>frame times</source>
   <translation>Zeiten der Bilder</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>at most {number:.2f} ms off</source>
   <translation>höchstens {number:.2f} ms daneben</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{length:.3f} s, wanted {duration_s:.3f} s</source>
   <translation>{length:.3f} s, gewünscht {duration_s:.3f} s</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <location filename="../core/pack/verify_sound.py" />
   <source>none, as wished</source>
   <translation>keine, wie gewünscht</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>the manifest names no counts</source>
   <translation>das Manifest nennt keine Counts</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>first count</source>
   <translation>erster Count</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>last count</source>
   <translation>letzter Count</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>every count</source>
   <translation>jeder Count</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>order of counts</source>
   <translation>Reihenfolge der Counts</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>frame {frame} is missing</source>
   <translation>Bild {frame} fehlt</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>“{number}” is named at frame {frame}, where “{number2}” stands</source>
   <translation>„{number}“ ist für Bild {frame} angegeben, wo „{number2}“ steht</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>the middle frame is missing</source>
   <translation>das mittlere Bild fehlt</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>the picture is too even to tell its sides</source>
   <translation>das Bild ist zu gleichförmig, um seine Seiten zu erkennen</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>not at frame {frame}</source>
   <translation>nicht bei Bild {frame}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{number} looked at</source>
   <translation>{number} angesehen</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>there is no picture in it.</source>
   <translation>es ist kein Bild darin.</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>they go on</source>
   <translation>sie gehen weiter</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>they do not go on</source>
   <translation>sie gehen nicht weiter</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{words}: not at frame {value}</source>
   <translation>{words}: nicht in Bild {value}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>{number} of {number2} films</source>
   <translation>{number} von {number2} Filmen</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>as the table</source>
   <translation>wie die Tabelle</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>“{name}” is danced otherwise on it</source>
   <translation>„{name}“ wird darauf anders getanzt</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>as the films are</source>
   <translation>wie die Filme sind</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>it says something else than the films are</source>
   <translation>es sagt etwas anderes, als die Filme sind</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>it dances something else than the table</source>
   <translation>es tanzt etwas anderes als die Tabelle</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>{heard} of {number} heard, at most {number2:.1f} ms off</source>
   <translation>{heard} von {number} gehört, höchstens {number2:.1f} ms daneben</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>{level:.1f} LUFS, wanted {loudness_lufs:.1f}</source>
   <translation>{level:.1f} LUFS, gewünscht {loudness_lufs:.1f}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>true peak</source>
   <translation>wahrer Spitzenpegel</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>{peak:.1f} dBTP</source>
   <translation>{peak:.1f} dBTP</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>sound length</source>
   <translation>Länge des Tons</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>there should be none</source>
   <translation>es sollte keinen geben</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <source>{title}, {view}: the counts cover the dancer for {covered:.0%} of {file}; another style, or smaller counts, keep clear</source>
   <translation>{title}, {view}: in {file} verdecken die Counts die Tanzenden {covered:.0%} der Zeit; ein anderer Stil oder kleinere Counts bleiben frei</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <source>The rights of the music are yours to clear; this is no legal advice.</source>
   <translation>Die Rechte an der Musik klärst du selbst; dies ist keine Rechtsberatung.</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <source>{title}: the song is silent in this clip</source>
   <translation>{title}: der Song ist in diesem Clip still</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <source>No clip could be written. {problems}</source>
   <translation>Kein Clip ließ sich schreiben. {problems}</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <location filename="../core/render/clips.py" />
   <source>Wrote {title}</source>
   <translation>{title} ist geschrieben</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <source>{title}, {view}: not written, {error}</source>
   <translation>{title}, {view}: nicht geschrieben, {error}</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>still</source>
   <translation>still</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>says “&amp;”</source>
   <translation>sagt „&amp;“</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>says no “&amp;”</source>
   <translation>sagt kein „&amp;“</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>On {counts} of {title}, {words}. Which is right?</source>
   <translation>Auf {counts} von {title}: {words}. Was ist richtig?</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>say “&amp;”</source>
   <translation>sagen „&amp;“</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>say none</source>
   <translation>sagen keins</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>{first} to {last}</source>
   <translation>{first} bis {last}</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>are still</source>
   <translation>sind still</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>is still</source>
   <translation>ist still</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>says none</source>
   <translation>sagt keins</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>{words} on {counts} of {title}, where others {plain}</source>
   <translation>{words} auf {counts} von {title}, wo andere {plain}</translation>
  </message>
  <message>
   <location filename="../core/plan/by_steps.py" />
   <source> at {rate:.0%} of the song’s tempo</source>
   <translation> mit {rate:.0%} des Song-Tempos</translation>
  </message>
  <message>
   <location filename="../core/plan/by_steps.py" />
   <source>placed by its steps{tempo}, as danced in the other takes; nothing was heard: see whether it is right</source>
   <translation>nach den Schritten eingeordnet{tempo}, wie in den anderen Aufnahmen getanzt; zu hören war nichts: sieh nach, ob es stimmt</translation>
  </message>
  <message>
   <location filename="../core/plan/cards.py" />
   <source>the title stands for {counts} only: the song begins there</source>
   <translation>der Titel steht nur {counts}: dort beginnt der Song</translation>
  </message>
  <message>
   <location filename="../core/plan/cards.py" />
   <location filename="../core/plan/reasons.py" />
   <location filename="../core/plan/run_through.py" />
   <location filename="../core/plan/shots.py" />
   <location filename="../ui/stops/cut/compare.py" />
   <source>, wall {wall}</source>
   <translation>, Wand {wall}</translation>
  </message>
  <message>
   <location filename="../core/plan/conform.py" />
   <source>danced to “{title}”, laid on this song by its counts</source>
   <translation>getanzt zu „{title}“, nach seinen Counts auf diesen Song gelegt</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>trouble in this pass: {trouble}</source>
   <translation>Fehler in diesem Durchgang: {trouble}</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>remark</source>
   <translation>Hinweis</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>remarks</source>
   <translation>Hinweise</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>counted, not to the song</source>
   <translation>gezählt, nicht zum Song</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>placed with little confidence ({confidence:.0%})</source>
   <translation>mit wenig Sicherheit eingeordnet ({confidence:.0%})</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>hardly placed</source>
   <translation>kaum eingeordnet</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>seen after a turn</source>
   <translation>nach einer Drehung gesehen</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>far away, {tall:.0%} of the picture’s height</source>
   <translation>weit weg, {tall:.0%} der Bildhöhe</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>the pass does not hold the whole run-up</source>
   <translation>im Durchgang fehlt ein Teil des Anlaufs</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>no whole run-up</source>
   <translation>Anlauf nicht ganz</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>the pass ends before the run-out</source>
   <translation>der Durchgang endet vor dem Auslauf</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>no whole run-out</source>
   <translation>Auslauf nicht ganz</translation>
  </message>
  <message>
   <location filename="../core/plan/edges.py" />
   <source>run-up {run_up:g}, run-out {run_out:g}{words}</source>
   <translation>Anlauf {run_up:g}, Auslauf {run_out:g}{words}</translation>
  </message>
  <message>
   <location filename="../core/plan/edges.py" />
   <source>, nudged by {value:+d} and {value2:+d} frames</source>
   <translation>, um {value:+d} und {value2:+d} Bilder gerückt</translation>
  </message>
  <message>
   <location filename="../core/plan/edges.py" />
   <source>, to the end of the hold</source>
   <translation>, bis zum Ende des Halts</translation>
  </message>
  <message>
   <location filename="../core/plan/edges.py" />
   <source>the pickup begins {count} before 1 and is cut off</source>
   <translation>der Auftakt beginnt {count} vor der 1 und ist abgeschnitten</translation>
  </message>
  <message>
   <location filename="../core/plan/edges.py" />
   <source>the clip ends inside a hold</source>
   <translation>der Clip endet in einem Halt</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>mirrored: copy the screen</source>
   <translation>gespiegelt: den Bildschirm nachmachen</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>back view: same sides</source>
   <translation>von hinten: gleiche Seiten</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>flipped</source>
   <translation>gespiegelt</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>not flipped</source>
   <translation>nicht gespiegelt</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>{head}: you asked for it</source>
   <translation>{head}: du wolltest es so</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>{head}: {view} views keep their side unless asked</source>
   <translation>{head}: die Ansicht „{view}“ behält ihre Seite, wenn nichts anderes gewünscht ist</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>faces the camera</source>
   <translation>Blick zur Kamera</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>seen from behind</source>
   <translation>von hinten gesehen</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <location filename="../ui/page/content.py" />
   <source>danced mirrored</source>
   <translation>gespiegelt getanzt</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>danced on own sides</source>
   <translation>auf eigenen Seiten getanzt</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>filmed in a mirror</source>
   <translation>in einem Spiegel gefilmt</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>the file is already flipped</source>
   <translation>die Datei ist schon gespiegelt</translation>
  </message>
  <message>
   <location filename="../core/plan/leave_out.py" />
   <source>a cut list is written as .csv or .otio, not “{ending}”.</source>
   <translation>eine Schnittliste wird als .csv oder .otio geschrieben, nicht „{ending}“.</translation>
  </message>
  <message>
   <location filename="../core/plan/leave_out.py" />
   <source>No trouble is marked in any take, so nothing is to be left out. Mark it at Film, from where it begins.</source>
   <translation>In keiner Aufnahme ist ein Fehler markiert, also ist nichts wegzulassen. Markier ihn bei Film, ab wo er beginnt.</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>top</source>
   <translation>oben</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>bottom</source>
   <translation>unten</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>the hold on {count} of {title}</source>
   <translation>der Halt auf {count} von {title}</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source> in {title}</source>
   <translation> in {title}</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <location filename="../core/plan/pace.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>late</source>
   <translation>spät</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <location filename="../core/plan/pace.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>early</source>
   <translation>früh</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>movement leaves the picture at the {side}{name}</source>
   <translation>die Bewegung verlässt das Bild: {side}{name}</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>after {name}, the entry is {number:.2f} counts {word}</source>
   <translation>nach {name} kommt der Einsatz {number:.2f} Counts {word}</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>{name} is danced through</source>
   <translation>{name} wird durchgetanzt</translation>
  </message>
  <message>
   <location filename="../core/plan/own_profiles.py" />
   <source>Settings of your own, kept for all projects.</source>
   <translation>Eigene Einstellungen, für alle Projekte behalten.</translation>
  </message>
  <message>
   <location filename="../core/plan/own_profiles.py" />
   <source>A profile needs a name of up to {longest} letters, such as Tuesday class.</source>
   <translation>Ein Profil braucht einen Namen aus höchstens {longest} Buchstaben, etwa Dienstagskurs.</translation>
  </message>
  <message>
   <location filename="../core/plan/own_profiles.py" />
   <source>“{taken}” is one of Vamos’s own profiles; choose another name.</source>
   <translation>„{taken}“ ist eines von Vamos’ eigenen Profilen; wähle einen anderen Namen.</translation>
  </message>
  <message>
   <location filename="../core/plan/own_profiles.py" />
   <source>it is no file of profiles that Vamos knows.</source>
   <translation>es ist keine Profildatei, die Vamos kennt.</translation>
  </message>
  <message>
   <location filename="../core/plan/own_profiles.py" />
   <source>Move it away to keep new profiles.</source>
   <translation>Leg sie weg, um neue Profile zu behalten.</translation>
  </message>
  <message>
   <location filename="../core/plan/pace.py" />
   <location filename="../core/plan/profiles.py" />
   <source>line {number}</source>
   <translation>Zeile {number}</translation>
  </message>
  <message>
   <location filename="../core/plan/pace.py" />
   <source>{count} comes {number:.2f} s {words}</source>
   <translation>{count} kommt {number:.2f} s zu {words}</translation>
  </message>
  <message>
   <location filename="../core/plan/pace.py" />
   <source>{title} at {share:.0%} of the song</source>
   <translation>{title} mit {share:.0%} des Songs</translation>
  </message>
  <message>
   <location filename="../core/plan/problems.py" />
   <source>the dancer turns in this clip and is seen from {side} for {counts}; it is flipped for the way they face most of the time: please look</source>
   <translation>in diesem Clip dreht sich der Tänzer und ist {counts} lang {side} zu sehen; gespiegelt ist er für die Richtung, in die er die meiste Zeit schaut: bitte ansehen</translation>
  </message>
  <message>
   <location filename="../core/plan/problems.py" />
   <source>the {view}</source>
   <translation>{view}</translation>
  </message>
  <message>
   <location filename="../core/plan/problems.py" />
   <source>the lettering in the picture reads backwards</source>
   <translation>die Schrift im Bild ist spiegelverkehrt</translation>
  </message>
  <message>
   <location filename="../core/plan/problems.py" />
   <source>the front</source>
   <translation>von vorn</translation>
  </message>
  <message>
   <location filename="../core/plan/problems.py" />
   <source>behind</source>
   <translation>von hinten</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>from the top to</source>
   <translation>von Anfang bis</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>the next one</source>
   <translation>der nächste</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Practice pack</source>
   <translation>Übungspaket</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>For the page only</source>
   <translation>Nur für die Seite</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Dance-along</source>
   <translation>Zum Mittanzen</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Section posts</source>
   <translation>Abschnitte zum Zeigen</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Class set</source>
   <translation>Für die Stunde</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Editor’s set</source>
   <translation>Für den Schnitt</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Every section, mirrored and from the back, at full speed and slowed, and the whole dance.</source>
   <translation>Jeder Abschnitt, gespiegelt und von hinten, im vollen Tempo und verlangsamt, und der ganze Tanz.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Plain films at full speed: the page draws the counts and makes every other speed. Less than half the size.</source>
   <translation>Filme ohne Counts in vollem Tempo: die Seite zeichnet die Counts und macht jedes andere Tempo. Weniger als halb so groß.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>The whole dance with a title, a call before each tag, restart and stop; with the song, and with clicks.</source>
   <translation>Der ganze Tanz mit Titel und einer Ansage vor jeder Brücke, jedem Restart und jeder Pause; mit dem Song und mit Klicks.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>One upright clip for each section at full speed; the picture follows the dancer.</source>
   <translation>Ein hochkanter Clip je Abschnitt im vollen Tempo; das Bild folgt den Tanzenden.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>The sections, and from the top to the end of each: 1, 1 to 2, 1 to 3 … and the whole dance.</source>
   <translation>Die Abschnitte, und von Anfang bis zum Ende jedes einzelnen: 1, 1 bis 2, 1 bis 3 … und der ganze Tanz.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>For one lesson: what came before from the top, the new section slowed, and from the top with it.</source>
   <translation>Für eine Stunde: was vorher kam von Anfang an, der neue Abschnitt verlangsamt, und von Anfang an mit ihm.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Clean clips without counts in high quality, with clips, films and counts as OpenTimelineIO.</source>
   <translation>Saubere Clips ohne Counts in hoher Güte, mit Clips, Filmen und Counts als OpenTimelineIO.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>recap before {title}</source>
   <translation>Wiederholung vor {title}</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source>{name}, pass {number}</source>
   <translation>{name}, Durchgang {number}</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source>{name}: the best of {of}, {mark} of 100 ({number}{against})</source>
   <translation>{name}: der beste von {of}, {mark} von 100 ({number}{against})</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source> at {clock}, where the same camera sees the {view}</source>
   <translation> bei {clock}, wo dieselbe Kamera die Tanzenden {view} sieht</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source>{name}: you chose it</source>
   <translation>{name}: du hast es gewählt</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source>{name}: the only pass of this view</source>
   <translation>{name}: der einzige Durchgang dieser Ansicht</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source>; against it: {words}</source>
   <translation>; dagegen spricht: {words}</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>pass</source>
   <translation>Durchgang</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>passes</source>
   <translation>Durchgänge</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <source>missing, as it was not filmed: {words}</source>
   <translation>fehlt, weil es nicht gefilmt ist: {words}</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <source>{value}: all of it in one pass</source>
   <translation>{value}: alles in einem Durchgang</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <source>{number} pieces of {passes}, each where it is good</source>
   <translation>{number} Stücke aus {passes}, jedes, wo es gut ist</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <source>from {where}: {value}</source>
   <translation>ab {where}: {value}</translation>
  </message>
  <message>
   <location filename="../core/plan/said_sides.py" />
   <source>the sides said are wrong for who copies the screen{heard}; leave the room's sound out</source>
   <translation>die gesagten Seiten sind falsch für alle, die den Bildschirm nachmachen{heard}; lass den Ton des Raums weg</translation>
  </message>
  <message>
   <location filename="../core/plan/said_sides.py" />
   <source>the sides said in this take are wrong for who copies the screen; leave the room's sound out</source>
   <translation>die in dieser Aufnahme gesagten Seiten sind falsch für alle, die den Bildschirm nachmachen; lass den Ton des Raums weg</translation>
  </message>
  <message>
   <location filename="../core/plan/said_sides.py" />
   <source>, though none was understood here</source>
   <translation>, obwohl hier keine verstanden wurden</translation>
  </message>
  <message>
   <location filename="../core/plan/said_sides.py" />
   <source>“{side}” at {words}</source>
   <translation>„{side}“ bei {words}</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>filmed</source>
   <translation>gefilmt</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>only with trouble</source>
   <translation>nur mit Fehlern</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>missing</source>
   <translation>fehlt</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>Film the whole dance once in {view} view.</source>
   <translation>Filme den ganzen Tanz einmal {view}.</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>Film {section} again in {view} view: {why}.</source>
   <translation>Filme {section} noch einmal {view}: {why}.</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>Film in {view} view: {words}.</source>
   <translation>Filme {view}: {words}.</translation>
  </message>
  <message>
   <location filename="../core/plan/versions.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>with the song</source>
   <translation>mit dem Song</translation>
  </message>
  <message>
   <location filename="../core/plan/versions.py" />
   <source>with clicks</source>
   <translation>mit Klicks</translation>
  </message>
  <message>
   <location filename="../core/plan/versions.py" />
   <location filename="../ui/page/content.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>counted aloud</source>
   <translation>laut gezählt</translation>
  </message>
  <message>
   <location filename="../core/plan/versions.py" />
   <source>with the room</source>
   <translation>mit dem Raum</translation>
  </message>
  <message>
   <location filename="../core/plan/versions.py" />
   <source>silent</source>
   <translation>still</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>English</source>
   <translation>Englisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>German</source>
   <translation>Deutsch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Spanish</source>
   <translation>Spanisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>French</source>
   <translation>Französisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Italian</source>
   <translation>Italienisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Portuguese</source>
   <translation>Portugiesisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Dutch</source>
   <translation>Niederländisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Polish</source>
   <translation>Polnisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Czech</source>
   <translation>Tschechisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Swedish</source>
   <translation>Schwedisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Danish</source>
   <translation>Dänisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Finnish</source>
   <translation>Finnisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Hungarian</source>
   <translation>Ungarisch</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Turkish</source>
   <translation>Türkisch</translation>
  </message>
  <message>
   <location filename="../core/render/words.py" />
   <source>next: {name}</source>
   <translation>gleich: {name}</translation>
  </message>
  <message>
   <location filename="../core/render/words.py" />
   <source>music in {beats}</source>
   <translation>Musik in {beats}</translation>
  </message>
  <message>
   <location filename="../core/render/words.py" />
   <source>{name} in {counts}</source>
   <translation>{name} in {counts}</translation>
  </message>
  <message>
   <location filename="../core/silent.py" />
   <source>{words} and by its steps; nothing was heard: see whether it is right</source>
   <translation>{words} und nach den Schritten; zu hören war nichts: sieh nach, ob es stimmt</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>straight</source>
   <translation>gerade</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>swung</source>
   <translation>geswingt</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>rolling</source>
   <translation>rollend</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>{part_name} before 1</source>
   <translation>{part_name} vor der 1</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>{number} before 1</source>
   <translation>{number} vor der 1</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>“{text}” is no time; write 62.5 or 1:02.5.</source>
   <translation>„{text}“ ist keine Zeit; schreibe 62,5 oder 1:02,5.</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>A count must be a finite number, not {value}.</source>
   <translation>Ein Count muss eine endliche Zahl sein, nicht {value}.</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>“{value}” is not a count; expected a number such as 3, 7/2 or 3.5.</source>
   <translation>„{value}“ ist kein Count; erwartet wird eine Zahl wie 3, 7/2 oder 3.5.</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>“{text}” is no number of beats; write 3, 2½ or 2.5.</source>
   <translation>„{text}“ ist keine Zahl von Schlägen; schreibe 3, 2½ oder 2,5.</translation>
  </message>
  <message>
   <location filename="../core/time/ranges.py" />
   <source>A range must not end ({end}) before it starts ({start}).</source>
   <translation>Ein Bereich darf nicht enden ({end}), bevor er beginnt ({start}).</translation>
  </message>
  <message>
   <location filename="../core/time/ranges.py" />
   <source>A range must not end ({end_s}) before it starts ({start_s}).</source>
   <translation>Ein Bereich darf nicht enden ({end_s}), bevor er beginnt ({start_s}).</translation>
  </message>
  <message>
   <location filename="../core/time/rates.py" />
   <source>A frame rate must be above 0, not {per_second}.</source>
   <translation>Eine Bildrate muss über 0 liegen, nicht {per_second}.</translation>
  </message>
  <message>
   <location filename="../core/time/timemap.py" />
   <source>A time map needs as many x as y; got {number} and {number2}.</source>
   <translation>Eine Zeitabbildung braucht so viele x wie y; es waren {number} und {number2}.</translation>
  </message>
  <message>
   <location filename="../core/time/timemap.py" />
   <source>A time map needs at least two points; got {number}.</source>
   <translation>Eine Zeitabbildung braucht mindestens zwei Punkte; es waren {number}.</translation>
  </message>
  <message>
   <location filename="../core/time/timemap.py" />
   <source>A time map must increase; its slope is {slope}.</source>
   <translation>Eine Zeitabbildung muss steigen; ihre Steigung ist {slope}.</translation>
  </message>
  <message>
   <location filename="../core/time/timemap.py" />
   <source>A time map needs finite numbers; {name} has one that is not.</source>
   <translation>Eine Zeitabbildung braucht endliche Zahlen; in {name} ist eine, die es nicht ist.</translation>
  </message>
  <message>
   <location filename="../core/time/timemap.py" />
   <source>A time map must increase; {name} goes from {value} to {value2}.</source>
   <translation>Eine Zeitabbildung muss steigen; {name} geht von {value} nach {value2}.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Stopped.</source>
   <translation>Angehalten.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>there is no space left on the disk.</source>
   <translation>auf der Festplatte ist kein Platz mehr.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Free some space and try again.</source>
   <translation>Schaffe Platz und versuch es noch einmal.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>your disk quota is used up.</source>
   <translation>dein Speicherkontingent ist aufgebraucht.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>writing here is not allowed.</source>
   <translation>hier darf nicht geschrieben werden.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Choose another folder.</source>
   <translation>Wähle einen anderen Ordner.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>this disk can only be read.</source>
   <translation>dieser Datenträger kann nur gelesen werden.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Choose a folder on another disk.</source>
   <translation>Wähle einen Ordner auf einem anderen Datenträger.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>a file stands where a folder is needed.</source>
   <translation>wo ein Ordner sein muss, steht eine Datei.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Choose a shorter name.</source>
   <translation>Wähle einen kürzeren Namen.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>it could not be written ({number}).</source>
   <translation>es ließ sich nicht schreiben ({number}).</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Try another folder.</source>
   <translation>Versuch es mit einem anderen Ordner.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Nothing half-written was left.</source>
   <translation>Nichts Halbgeschriebenes ist liegen geblieben.</translation>
  </message>
  <message>
   <location filename="../ui/app.py" />
   <source>There is no screen here (DISPLAY and WAYLAND_DISPLAY are empty). The command line does the same work: see “vamos --help”.</source>
   <translation>Hier gibt es keinen Bildschirm (DISPLAY und WAYLAND_DISPLAY sind leer). Die Befehlszeile tut dasselbe: siehe „vamos --help“.</translation>
  </message>
  <message>
   <location filename="../ui/desk.py" />
   <source>{name} is there already. Replace it?</source>
   <translation>{name} gibt es schon. Ersetzen?</translation>
  </message>
  <message>
   <location filename="../ui/desk.py" />
   <source>Replace a file</source>
   <translation>Eine Datei ersetzen</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <location filename="../ui/stops/pack/picture.py" />
   <location filename="../ui/window.py" />
   <source>View</source>
   <translation>Ansicht</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>Evening light</source>
   <translation>Abendlicht</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>Dark surroundings for late nights.</source>
   <translation>Dunkle Umgebung für späte Abende.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>Single-letter keys on or off</source>
   <translation>Tasten aus einem Zeichen an oder aus</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>Off: single letters, digits and signs do nothing.</source>
   <translation>Aus: Einzelne Buchstaben, Ziffern und Zeichen tun nichts.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>A look around</source>
   <translation>Ein Rundgang</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>A few words about each stop, at its top, until you close them.</source>
   <translation>Ein paar Worte zu jeder Station, oben, bis du sie schließt.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>Another language</source>
   <translation>Andere Sprache</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>As the desktop, English, German, Spanish, in turn; it changes at the next start.</source>
   <translation>Wie der Desktop, Englisch, Deutsch, Spanisch, der Reihe nach; es gilt ab dem nächsten Start.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <location filename="../ui/frame/keys_page.py" />
   <source>Guide and keys</source>
   <translation>Anleitung und Tasten</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>What to do at this stop, and all keys.</source>
   <translation>Was an dieser Station zu tun ist, und alle Tasten.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Vamos projects (*{suffix})</source>
   <translation>Vamos-Projekte (*{suffix})</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Project</source>
   <translation>Projekt</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Edit</source>
   <translation>Bearbeiten</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>New project</source>
   <translation>Neues Projekt</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Start with an empty page; the open one stays saved.</source>
   <translation>Mit leerer Seite beginnen; das offene bleibt gespeichert.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Open…</source>
   <translation>Öffnen…</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Open a project file.</source>
   <translation>Eine Projektdatei öffnen.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Save as…</source>
   <translation>Speichern als…</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Keep the project under another name. It saves itself after each change.</source>
   <translation>Das Projekt unter anderem Namen behalten. Es speichert sich nach jeder Änderung selbst.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Open the demo</source>
   <translation>Die Demo öffnen</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>A song, a dance and six takes to try everything on.</source>
   <translation>Ein Song, ein Tanz und sechs Aufnahmen, um alles auszuprobieren.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Add song or takes…</source>
   <translation>Song oder Aufnahmen hinzufügen…</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Choose a song or takes; dropping files on the window does the same.</source>
   <translation>Einen Song oder Aufnahmen wählen; Dateien auf das Fenster ziehen tut dasselbe.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Quit</source>
   <translation>Beenden</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Close Vamos. What was open comes back.</source>
   <translation>Vamos schließen. Was offen war, kommt wieder.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <location filename="../ui/window.py" />
   <source>Undo</source>
   <translation>Rückgängig</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Take back the last change.</source>
   <translation>Die letzte Änderung zurücknehmen.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <location filename="../ui/window.py" />
   <source>Redo</source>
   <translation>Wiederherstellen</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Make the change again.</source>
   <translation>Die Änderung noch einmal machen.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Open a project</source>
   <translation>Ein Projekt öffnen</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Save the project as</source>
   <translation>Das Projekt speichern als</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Making the demo</source>
   <translation>Die Demo wird gemacht</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Add a song or takes</source>
   <translation>Song oder Aufnahmen hinzufügen</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Watch</source>
   <translation>Ansehen</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <location filename="../ui/window.py" />
   <source>Page</source>
   <translation>Seite</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Play or stop</source>
   <translation>Abspielen oder anhalten</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Play from where the page stands.</source>
   <translation>Abspielen, wo die Seite steht.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Go to the first count of the song.</source>
   <translation>Zum ersten Count des Songs.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Play this line, or at Cut this clip, again and again, 8 into 1.</source>
   <translation>Diese Zeile, oder bei Schnitt diesen Clip, immer wieder spielen, 8 in die 1.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Next speed</source>
   <translation>Nächstes Tempo</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>100, 75, 60, 50, 25, 125 % of the song.</source>
   <translation>100, 75, 60, 50, 25, 125 % des Songs.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>See it the other way round</source>
   <translation>Andersherum ansehen</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Turns the picture you watch, left for right. At Cut, M turns the clip itself.</source>
   <translation>Dreht das Bild, das du ansiehst, links gegen rechts. Bei Schnitt dreht M den Clip selbst.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Next view</source>
   <translation>Nächste Ansicht</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Front, back, side, feet: what was filmed.</source>
   <translation>Von vorn, von hinten, Seite, Füße: was gefilmt wurde.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Next version</source>
   <translation>Nächste Fassung</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>With counts, to watch, half-time, double time, two pictures in step.</source>
   <translation>Mit Zählen, zum Ansehen, halbe Zeit, doppelte Zeit, zwei Bilder im Takt.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Clicks on the counts</source>
   <translation>Klicks auf den Counts</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Hear a click on each count, higher on 1.</source>
   <translation>Auf jedem Count einen Klick hören, auf der 1 einen höheren.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Find in the dance…</source>
   <translation>Im Tanz suchen…</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>A section, a move, a count, a view: to the clip that shows it.</source>
   <translation>Ein Abschnitt, eine Bewegung, ein Count, eine Ansicht: zum Clip, der es zeigt.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Line up</source>
   <translation>Zeile nach oben</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>To the line above.</source>
   <translation>Zur Zeile darüber.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Line down</source>
   <translation>Zeile nach unten</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>To the line below.</source>
   <translation>Zur Zeile darunter.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>One frame back</source>
   <translation>Ein Bild zurück</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>A thirtieth of a second, or a frame of the film, earlier.</source>
   <translation>Eine Dreißigstelsekunde, oder ein Bild des Films, früher.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>One frame on</source>
   <translation>Ein Bild weiter</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>A thirtieth of a second, or a frame of the film, later.</source>
   <translation>Eine Dreißigstelsekunde, oder ein Bild des Films, später.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>There is no dance written yet to find something in.</source>
   <translation>Noch ist kein Tanz geschrieben, in dem sich etwas suchen ließe.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>There is no picture here to turn. Film and Cut show one.</source>
   <translation>Hier ist kein Bild zu drehen. Film und Schnitt zeigen eins.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>You see it the other way round; the clip stays as it is. At Cut, M turns the clip.</source>
   <translation>Du siehst es andersherum; der Clip bleibt, wie er ist. Bei Schnitt dreht M den Clip.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>You see it as it will be written again.</source>
   <translation>Du siehst es wieder so, wie es geschrieben wird.</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>Find in the dance</source>
   <translation>Im Tanz suchen</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>half turn, 5&amp;6, back view of the tag …</source>
   <translation>halbe Drehung, 5&amp;6, Brücke von hinten …</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>Find a section, a move, a count, a view</source>
   <translation>Einen Abschnitt, eine Bewegung, einen Count, eine Ansicht suchen</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>Places that fit</source>
   <translation>Stellen, die passen</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>Type what you look for. Up and Down choose, Return goes there.</source>
   <translation>Schreib, was du suchst. Auf und Ab wählen, Eingabe geht hin.</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>place</source>
   <translation>Stelle</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>places</source>
   <translation>Stellen</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>Nothing in the dance has this name.</source>
   <translation>Nichts im Tanz heißt so.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Press Space and listen, with clicks (K). Does count 1 fall where you would say it? If not, stand on the count that is a 1 and press Return. Hatched lines are those to look at first.</source>
   <translation>Drück die Leertaste und hör zu, mit Klicks (K). Fällt Count 1, wo du ihn sagen würdest? Wenn nicht, stell dich auf den Count, der eine 1 ist, und drück die Eingabetaste. Schraffierte Zeilen siehst du dir zuerst an.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Name a section and write what is danced, such as “side R 1, behind L 2, touch R 3”. Walls, facings and which foot is free follow from that. There is time for this later, too.</source>
   <translation>Benenne einen Abschnitt und schreib, was getanzt wird, etwa „side R 1, behind L 2, touch R 3“. Wände, Blickrichtungen und welcher Fuß frei ist, folgen daraus. Dafür ist auch später Zeit.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Drop your films anywhere. Each is placed on the song by its sound; where Vamos is not sure, it asks you. Say which view a film shows, and mark where something went wrong in it.</source>
   <translation>Zieh deine Filme irgendwohin. Jeder wird anhand seines Tons auf dem Song eingeordnet; wo Vamos unsicher ist, fragt es dich. Sag, welche Ansicht ein Film zeigt, und markier, wo darin etwas schiefging.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Each section is a clip in each view. Look at it as your students will: cards choose another pass, [ and ] say where it begins and ends.</source>
   <translation>Jeder Abschnitt ist in jeder Ansicht ein Clip. Sieh ihn dir an wie deine Lernenden: Karten wählen einen anderen Durchgang, [ und ] sagen, wo er beginnt und endet.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>In which pieces, how often, how slow, and why: change any row with keys or by dragging. What is still to be filmed stands on the left, and is played for you while you film it.</source>
   <translation>In welchen Stücken, wie oft, wie langsam und warum: ändere jede Zeile mit Tasten oder durch Ziehen. Was noch zu filmen ist, steht links und wird dir beim Filmen vorgespielt.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Choose what it is for, then write it. Every file is decoded again and compared with what it should be; hand out the whole folder.</source>
   <translation>Wähle, wofür es ist, dann schreib es. Jede Datei wird wieder dekodiert und mit dem verglichen, was sie sein soll; gib den ganzen Ordner weiter.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Got it</source>
   <translation>Verstanden</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Got it: close the words about {stop} for good</source>
   <translation>Verstanden: die Worte zu {stop} für immer schließen</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys.py" />
   <source>“{value}” works on the page. Esc goes there.</source>
   <translation>„{value}“ wirkt auf der Seite. Esc führt dorthin.</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys.py" />
   <source>“{value}” works where the page is: Ctrl+1 to Ctrl+4.</source>
   <translation>„{value}“ geht da, wo die Seite ist: Strg+1 bis Strg+4.</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys.py" />
   <source>These are words, so the keys did nothing. Click into a field to write them.</source>
   <translation>Das sind Wörter, deshalb haben die Tasten nichts getan. Klick in ein Feld, um sie zu schreiben.</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>To that count of this line</source>
   <translation>Zu diesem Count der Zeile</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>A count back or on</source>
   <translation>Einen Count zurück oder weiter</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>A page of lines up or down</source>
   <translation>Eine Seite Zeilen nach oben oder unten</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>End</source>
   <translation>Ende</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>To the last line</source>
   <translation>Zur letzten Zeile</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Esc</source>
   <translation>Esc</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>To the page, out of a field</source>
   <translation>Zur Seite, aus einem Feld heraus</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Stops</source>
   <translation>Stationen</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Search: clip, mirror, the 1 …</source>
   <translation>Suche: Clip, spiegeln, die 1 …</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Search the keys</source>
   <translation>Die Tasten durchsuchen</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Keys that change the song, the dance, takes or clips work at their stop, with the page in focus. Single-letter keys can be switched off in the menu View.</source>
   <translation>Tasten, die Song, Tanz, Aufnahmen oder Clips ändern, wirken an ihrer Station, wenn die Seite den Fokus hat. Tasten aus einem Zeichen lassen sich im Menü Ansicht abschalten.</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Here, at {n}</source>
   <translation>Hier, bei {n}</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>At {stop}</source>
   <translation>Bei {stop}</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>No key matches.</source>
   <translation>Keine Taste passt dazu.</translation>
  </message>
  <message>
   <location filename="../ui/frame/language_choice.py" />
   <source>as the desktop</source>
   <translation>wie der Desktop</translation>
  </message>
  <message>
   <location filename="../ui/frame/language_choice.py" />
   <source>Language from the next start on: {language}. Again takes the next.</source>
   <translation>Sprache ab dem nächsten Start: {language}. Noch einmal nimmt die nächste.</translation>
  </message>
  <message>
   <location filename="../ui/frame/language_choice.py" />
   <source>The language could not be kept: {error}.</source>
   <translation>Die Sprache ließ sich nicht merken: {error}.</translation>
  </message>
  <message>
   <location filename="../ui/frame/notify.py" />
   <source>{name}: finished.</source>
   <translation>{name}: fertig.</translation>
  </message>
  <message>
   <location filename="../ui/frame/route.py" />
   <source>The stops of the work, now {number} {stop}</source>
   <translation>Die Stationen der Arbeit, jetzt {number} {stop}</translation>
  </message>
  <message>
   <location filename="../ui/frame/side.py" />
   <source>{value}, key {value2}</source>
   <translation>{value}, Taste {value2}</translation>
  </message>
  <message>
   <location filename="../ui/frame/side.py" />
   <source>{help} Key: {keys}</source>
   <translation>{help} Taste: {keys}</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Drop the song here</source>
   <translation>Zieh den Song hierher</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>wav, flac, ogg, mp3 or m4a. Vamos finds the beat and the eights.</source>
   <translation>wav, flac, ogg, mp3 oder m4a. Vamos findet den Beat und die Achter.</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Drop your takes here</source>
   <translation>Zieh deine Aufnahmen hierher</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>mp4, mov, mkv or webm from the phone. They are placed on the song by their sound.</source>
   <translation>mp4, mov, mkv oder webm vom Telefon. Sie werden nach ihrem Ton auf dem Song eingeordnet.</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Look, then write the pack</source>
   <translation>Ansehen, dann das Paket schreiben</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Clips per eight: mirrored, back view, slowed, with the counts over the picture.</source>
   <translation>Clips je Achter: gespiegelt, von hinten, verlangsamt, mit den Counts über dem Bild.</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Choose files…</source>
   <translation>Dateien wählen…</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Try the demo</source>
   <translation>Die Demo ausprobieren</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Open a project…</source>
   <translation>Ein Projekt öffnen…</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Write a dance</source>
   <translation>Einen Tanz schreiben</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>From a song and phone films to clips your students can follow</source>
   <translation>Von einem Song und Telefonfilmen zu Clips, denen deine Lernenden folgen können</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>No song yet? Counts are written at an even pulse; the song can come later.</source>
   <translation>Noch kein Song? Counts werden in gleichmäßigem Puls geschrieben; der Song kann später kommen.</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Warm up, clear the floor, and dance within what a teacher or a physician says is good for you. The rights of the music you use are yours to clear.</source>
   <translation>Wärm dich auf, räum den Boden frei und tanz in dem Maß, das dir laut Lehrkraft oder Arzt guttut. Die Rechte an der Musik, die du benutzt, klärst du selbst.</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Open {stem}, open lately</source>
   <translation>{stem} öffnen, neulich offen</translation>
  </message>
  <message>
   <location filename="../ui/frame/status.py" />
   <source>F1 guide</source>
   <translation>F1 Anleitung</translation>
  </message>
  <message>
   <location filename="../ui/frame/status.py" />
   <source>, about {number} s left</source>
   <translation>, noch etwa {number} s</translation>
  </message>
  <message>
   <location filename="../ui/frame/status.py" />
   <source>Saved {time} · F1 guide</source>
   <translation>Gespeichert {time} · F1 Anleitung</translation>
  </message>
  <message>
   <location filename="../ui/page/content.py" />
   <source>{now:.0f} a minute</source>
   <translation>{now:.0f} pro Minute</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>before the dance</source>
   <translation>vor dem Tanz</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>tag, {length} counts</source>
   <translation>Brücke, {length} Counts</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>hold, {length} counts</source>
   <translation>Halt, {length} Counts</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>after the dance</source>
   <translation>nach dem Tanz</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>line {line}</source>
   <translation>Zeile {line}</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <location filename="../ui/stops/pack/picture.py" />
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>line</source>
   <translation>Zeile</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>count {section}</source>
   <translation>Count {section}</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <location filename="../ui/preview/mirror.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <source>facing {clock}</source>
   <translation>Blick nach {clock}</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <location filename="../ui/page/paint.py" />
   <source>weak beat</source>
   <translation>schwacher Beat</translation>
  </message>
  <message>
   <location filename="../ui/page/paint.py" />
   <source>the music stops</source>
   <translation>die Musik setzt aus</translation>
  </message>
  <message>
   <location filename="../ui/page/paint.py" />
   <source>{problems} to check</source>
   <translation>{problems} zu prüfen</translation>
  </message>
  <message>
   <location filename="../ui/page/spoken.py" />
   <source>{margin}, count {count}{words}</source>
   <translation>{margin}, Count {count}{words}</translation>
  </message>
  <message>
   <location filename="../ui/page/spoken.py" />
   <location filename="../ui/page/view.py" />
   <source>The page of eights</source>
   <translation>Die Seite der Achter</translation>
  </message>
  <message>
   <location filename="../ui/page/spoken.py" />
   <source>Lines and counts</source>
   <translation>Zeilen und Counts</translation>
  </message>
  <message>
   <location filename="../ui/parts/action.py" />
   <source>anywhere</source>
   <translation>überall</translation>
  </message>
  <message>
   <location filename="../ui/parts/action.py" />
   <source>watching</source>
   <translation>beim Ansehen</translation>
  </message>
  <message>
   <location filename="../ui/parts/action.py" />
   <source>changing</source>
   <translation>beim Ändern</translation>
  </message>
  <message>
   <location filename="../ui/parts/buttons.py" />
   <source>Press to go there.</source>
   <translation>Drück, um hinzugehen.</translation>
  </message>
  <message>
   <location filename="../ui/parts/buttons.py" />
   <source>{name}, chosen</source>
   <translation>{name}, gewählt</translation>
  </message>
  <message>
   <location filename="../ui/parts/buttons.py" />
   <source>{text}, folded</source>
   <translation>{text}, zugeklappt</translation>
  </message>
  <message>
   <location filename="../ui/parts/buttons.py" />
   <source>{text}, open</source>
   <translation>{text}, offen</translation>
  </message>
  <message>
   <location filename="../ui/parts/notation_field.py" />
   <source>Tab: {offer}</source>
   <translation>Tab: {offer}</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>No take shows {number}. It is on the list of what to film.</source>
   <translation>Keine Aufnahme zeigt {number}. Es steht auf der Liste dessen, was zu filmen ist.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>No takes yet. Space plays the song with its counts.</source>
   <translation>Noch keine Aufnahmen. Die Leertaste spielt den Song mit seinen Counts.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>Version shown: {kind}.</source>
   <translation>Gezeigte Fassung: {kind}.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>Here you will see the picture as your students see it.</source>
   <translation>Hier siehst du das Bild, wie deine Lernenden es sehen.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>There is nothing to play yet. Add a song first.</source>
   <translation>Noch ist nichts abzuspielen. Füge zuerst einen Song hinzu.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>Clicks on the counts.</source>
   <translation>Klicks auf den Counts.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>No clicks.</source>
   <translation>Keine Klicks.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>There is no clip here to be shown in another version.</source>
   <translation>Hier ist kein Clip, der in anderer Fassung zu zeigen wäre.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>This line was not filmed yet.</source>
   <translation>Diese Zeile wurde noch nicht gefilmt.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>this line</source>
   <translation>diese Zeile</translation>
  </message>
  <message>
   <location filename="../ui/preview/mirror.py" />
   <source>Line {line}</source>
   <translation>Zeile {line}</translation>
  </message>
  <message>
   <location filename="../ui/preview/mirror.py" />
   <source>facing not known</source>
   <translation>Blickrichtung nicht bekannt</translation>
  </message>
  <message>
   <location filename="../ui/preview/mirror.py" />
   <source>The mirror</source>
   <translation>Der Spiegel</translation>
  </message>
  <message>
   <location filename="../ui/preview/mirror.py" />
   <source>No count</source>
   <translation>Kein Count</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>Second of the film</source>
   <translation>Sekunde des Films</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>A film, played</source>
   <translation>Ein Film, abgespielt</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>{minutes} of {minutes2}</source>
   <translation>{minutes} von {minutes2}</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>As students get it</source>
   <translation>Wie es die Lernenden bekommen</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>As it was filmed</source>
   <translation>Wie es gefilmt wurde</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>The same moment of {name}</source>
   <translation>Derselbe Moment von {name}</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>Not beside a film: it is made of several, or its film is gone</source>
   <translation>Nicht neben einem Film: es besteht aus mehreren, oder sein Film ist weg</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>Reading a film</source>
   <translation>Ein Film wird gelesen</translation>
  </message>
  <message>
   <location filename="../ui/preview/side_by_side.py" />
   <source>Space plays them in step; the arrows and 1 to 8 go to a count, comma and full stop by frames.</source>
   <translation>Die Leertaste spielt sie im Takt; die Pfeile und 1 bis 8 gehen zu einem Count, Komma und Punkt bildweise.</translation>
  </message>
  <message>
   <location filename="../ui/preview/side_by_side.py" />
   <location filename="../ui/stops/film/slate.py" />
   <source>Back to the page</source>
   <translation>Zurück zur Seite</translation>
  </message>
  <message>
   <location filename="../ui/preview/side_by_side.py" />
   <source>This one is used</source>
   <translation>Dieser wird benutzt</translation>
  </message>
  <message>
   <location filename="../ui/preview/side_by_side.py" />
   <source>Use this one</source>
   <translation>Diesen benutzen</translation>
  </message>
  <message>
   <location filename="../ui/preview/tapping.py" />
   <source>, at least {fewest} are needed</source>
   <translation>, mindestens {fewest} sind nötig</translation>
  </message>
  <message>
   <location filename="../ui/preview/tapping.py" />
   <source>{number} taps{few}.</source>
   <translation>{number}-mal getippt{few}.</translation>
  </message>
  <message>
   <location filename="../ui/preview/tapping.py" />
   <source>Tap T on each count while {what} plays. Stop tapping when you have enough.</source>
   <translation>Tippe T auf jeden Count, während {what} läuft. Hör auf, wenn es genug sind.</translation>
  </message>
  <message>
   <location filename="../ui/preview/tapping.py" />
   <source>{number} taps are too few; at least {fewest} are needed. Nothing was changed.</source>
   <translation>{number}-mal getippt ist zu wenig; mindestens {fewest}-mal ist nötig. Nichts wurde geändert.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/__init__.py" />
   <location filename="../ui/stops/cut/actions.py" />
   <source>Cut</source>
   <translation>Schnitt</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>The clip begins here</source>
   <translation>Der Clip beginnt hier</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>From the count you stand on, run-up and all.</source>
   <translation>Ab dem Count, auf dem du stehst, mit Anlauf.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>The clip ends here</source>
   <translation>Der Clip endet hier</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Up to the count you stand on.</source>
   <translation>Bis zu dem Count, auf dem du stehst.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Begin a frame earlier</source>
   <translation>Ein Bild früher beginnen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>One frame earlier.</source>
   <translation>Ein Bild früher.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Begin a frame later</source>
   <translation>Ein Bild später beginnen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>One frame later.</source>
   <translation>Ein Bild später.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>End a frame earlier</source>
   <translation>Ein Bild früher enden</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>End a frame later</source>
   <translation>Ein Bild später enden</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <location filename="../ui/tasks/clips.py" />
   <source>Mirrored or as filmed</source>
   <translation>Gespiegelt oder wie gefilmt</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Flip this clip's picture, or take the flip back.</source>
   <translation>Das Bild dieses Clips spiegeln, oder es zurücknehmen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/compare.py" />
   <source>Another pass</source>
   <translation>Anderer Durchgang</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Use the next pass for this clip.</source>
   <translation>Für diesen Clip den nächsten Durchgang nehmen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Passes side by side</source>
   <translation>Durchgänge nebeneinander</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>The passes of this clip in step; again goes back.</source>
   <translation>Die Durchgänge dieses Clips im Takt; noch einmal führt zurück.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Leave this clip out</source>
   <translation>Diesen Clip weglassen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>It is not written; the panel offers to take it back.</source>
   <translation>Er wird nicht geschrieben; das Feld an der Seite holt ihn zurück.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>I looked, it is right</source>
   <translation>Angesehen, es stimmt</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Nothing speaks against this clip until it changes.</source>
   <translation>Nichts spricht gegen diesen Clip, bis er sich ändert.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Next clip to check</source>
   <translation>Nächster Clip zu prüfen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>To the next clip that asks for a look.</source>
   <translation>Zum nächsten Clip, der angesehen werden will.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>{title}, {label} is right as it is</source>
   <translation>{title}, {label} stimmt so, wie er ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Edge of the clip</source>
   <translation>Rand des Clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>{title}, {view}: {words} at {where}</source>
   <translation>{title}, {view}: {words} bei {where}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>{title}, {view}: {what} a frame {way}</source>
   <translation>{title}, {view}: {what} ein Bild {way}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/compare.py" />
   <source>{title}, {view}: {name}, pass {number} is used</source>
   <translation>{title}, {view}: {name}, Durchgang {number} wird benutzt</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>{title}, {view} is left out</source>
   <translation>{title}, {view} ist weggelassen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Back to Vamos’s choice</source>
   <translation>Zurück zur Wahl von Vamos</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Vamos decides about this clip again</source>
   <translation>Über diesen Clip entscheidet wieder Vamos</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Take a clip back</source>
   <translation>Einen Clip zurückholen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>The clip is written again</source>
   <translation>Der Clip wird wieder geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Looked at a clip</source>
   <translation>Clip angesehen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>A clip of your own</source>
   <translation>Ein eigener Clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Take a clip away</source>
   <translation>Einen Clip wegnehmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Where the counts stand</source>
   <translation>Wo die Counts stehen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>How counts are said</source>
   <translation>Wie die Counts heißen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Count-in</source>
   <translation>Einzählen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Counted in: {style}</source>
   <translation>Einzählen: {style}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Run-up of all clips</source>
   <translation>Anlauf aller Clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Read from</source>
   <translation>Gelesen aus</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Show {lane}</source>
   <translation>{lane} zeigen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Shape of the picture</source>
   <translation>Form des Bildes</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Follow the dancer</source>
   <translation>Den Tanzenden folgen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>There is no clip here; go to a line of the dance that was filmed.</source>
   <translation>Hier ist kein Clip; geh zu einer Zeile des Tanzes, die gefilmt ist.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>begins</source>
   <translation>beginnt</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>ends</source>
   <translation>endet</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Move an edge by a frame</source>
   <translation>Einen Rand um ein Bild verschieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>There is no other pass of this view.</source>
   <translation>Es gibt keinen anderen Durchgang dieser Ansicht.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Leave a clip out</source>
   <translation>Einen Clip weglassen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Nothing speaks against this clip.</source>
   <translation>Nichts spricht gegen diesen Clip.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>No clip asks for a look.</source>
   <translation>Kein Clip will angesehen werden.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/compare.py" />
   <source>{name}, pass {number}{wall}: {trouble}</source>
   <translation>{name}, Durchgang {number}{wall}: {trouble}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/compare.py" />
   <source>no trouble seen</source>
   <translation>kein Fehler zu sehen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/compare.py" />
   <source>There is only one pass of this view. Press V for another view, or film it again to compare.</source>
   <translation>Es gibt nur einen Durchgang dieser Ansicht. Drück V für eine andere Ansicht, oder filme sie zum Vergleich noch einmal.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/compare.py" />
   <source>{title}, {view}: which pass?</source>
   <translation>{title}, {view}: welcher Durchgang?</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{d:g} m away</source>
   <translation>{d:g} m entfernt</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>clip</source>
   <translation>Clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>clips</source>
   <translation>Clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{title}, {view}: {name}, {label}</source>
   <translation>{title}, {view}: {name}, {label}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{distance_m:g} m away</source>
   <translation>{distance_m:g} m entfernt</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>  {number} to check</source>
   <translation>  {number} zu prüfen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Drag the brackets on the page, or {key} and {key2} on a count; {words} by a frame.</source>
   <translation>Zieh die Klammern auf der Seite, oder {key} und {key2} auf einem Count; {words} bildweise.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Left out</source>
   <translation>Weggelassen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Clips of your own</source>
   <translation>Eigene Clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Over the picture</source>
   <translation>Über dem Bild</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Said</source>
   <translation>Gesagt</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>The picture</source>
   <translation>Das Bild</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Shape</source>
   <translation>Form</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Close to the dancer, following slowly</source>
   <translation>Nah an den Tanzenden, langsam folgend</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Version shown: {kind}. Shift+V shows the next one.</source>
   <translation>Gezeigte Fassung: {kind}. Umschalt+V zeigt die nächste.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{number:g} counts</source>
   <translation>{number:g} Counts</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Run-up</source>
   <translation>Anlauf</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>no clips yet</source>
   <translation>noch keine Clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{words}, {asking} to check</source>
   <translation>{words}, {asking} zu prüfen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Next clip to check ({asking})</source>
   <translation>Nächster Clip zu prüfen ({asking})</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Nothing to cut here</source>
   <translation>Hier ist nichts zu schneiden</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{name}, pass {number} · {mark} of 100</source>
   <translation>{name}, Durchgang {number} · {mark} von 100</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{name}, pass {number}: {mark} of 100</source>
   <translation>{name}, Durchgang {number}: {mark} von 100</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Leave out</source>
   <translation>Weglassen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Of this line</source>
   <translation>Aus dieser Zeile</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Stand on a danced line to cut two lines, a wall, or from the top to there.</source>
   <translation>Stell dich auf eine getanzte Zeile, um zwei Zeilen, eine Wand oder von Anfang bis dort zu schneiden.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>a phrase</source>
   <translation>eine Phrase</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>What the counts before the first show and say</source>
   <translation>Was die Counts vor dem ersten zeigen und sagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>This line is not danced. Go to a line of the dance.</source>
   <translation>Diese Zeile wird nicht getanzt. Geh zu einer Zeile des Tanzes.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>No take shows this line in this view. Press V for another view, or film it.</source>
   <translation>Keine Aufnahme zeigt diese Zeile in dieser Ansicht. Drück V für eine andere Ansicht, oder filme sie.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Also {words}{words2}.</source>
   <translation>Auch {words}{words2}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Another pass ({key})</source>
   <translation>Anderer Durchgang ({key})</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Side by side ({key})</source>
   <translation>Nebeneinander ({key})</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Back to Vamos’s choice for all</source>
   <translation>Überall zurück zur Wahl von Vamos</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Bring back {key}</source>
   <translation>{key} zurückholen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Take away</source>
   <translation>Wegnehmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Counts of this line as a clip</source>
   <translation>Counts dieser Zeile als Clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>3&amp; to 6; or 3&amp; up to 6&amp;</source>
   <translation>3&amp; to 6; oder 3&amp; up to 6&amp;</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>“to 6” ends with 6, “up to 6&amp;” where 6&amp; begins.</source>
   <translation>„to 6“ endet mit 6, „up to 6&amp;“, wo 6&amp; beginnt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/commands.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>New section</source>
   <translation>Neuer Abschnitt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>An empty section behind the one of this line.</source>
   <translation>Ein leerer Abschnitt hinter dem dieser Zeile.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Write on this count</source>
   <translation>Auf diesen Count schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>Type what is danced here; Tab goes on.</source>
   <translation>Schreib, was hier getanzt wird; Tab geht weiter.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>See it easier, harder, as written</source>
   <translation>Leichter, schwerer, wie geschrieben sehen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>The page shows the next variant; then none.</source>
   <translation>Die Seite zeigt die nächste Variante; dann keine.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <location filename="../ui/stops/dance/wall_map.py" />
   <source>Wall map</source>
   <translation>Wandkarte</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>The whole sequence as a picture; again goes back to the page.</source>
   <translation>Die ganze Abfolge als Bild; noch einmal führt zur Seite zurück.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Paste a sheet…</source>
   <translation>Tanzblatt einfügen…</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>A sheet from the clipboard: see what is understood, answer what is open, take it in.</source>
   <translation>Ein Tanzblatt aus der Zwischenablage: sehen, was verstanden ist, beantworten, was offen ist, übernehmen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Read a sheet…</source>
   <translation>Ein Tanzblatt lesen…</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>Take the dance from a CSV, JSON, Markdown or text file.</source>
   <translation>Den Tanz aus einer CSV-, JSON-, Markdown- oder Textdatei nehmen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Write the sheet…</source>
   <translation>Das Tanzblatt schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>Write PDF, Markdown, CSV or JSON, or the wall map as SVG.</source>
   <translation>PDF, Markdown, CSV oder JSON schreiben, oder die Wandkarte als SVG.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>Take answer {k}</source>
   <translation>Antwort {k} nehmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>What could be meant on this count, see the side.</source>
   <translation>Was auf diesem Count gemeint sein könnte, siehe an der Seite.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Starts on</source>
   <translation>Beginnt auf</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Stated walls</source>
   <translation>Angegebene Wände</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Stated counts</source>
   <translation>Angegebene Counts</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Stated tags</source>
   <translation>Angegebene Brücken</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Stated restarts</source>
   <translation>Angegebene Restarts</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>The card</source>
   <translation>Die Karte</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Suggested: {suggested_level} ({why_level}). You decide.</source>
   <translation>Vorschlag: {suggested_level} ({why_level}). Du entscheidest.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Not filled in: {names}.</source>
   <translation>Nicht ausgefüllt: {names}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>{title}: written</source>
   <translation>{title}: geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>“{value}” is not a whole number; leave it empty when nothing was said.</source>
   <translation>„{value}“ ist keine ganze Zahl; lass es leer, wenn nichts angegeben war.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Notation of the section</source>
   <translation>Schreibweise des Abschnitts</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Count {number} of {name}</source>
   <translation>Count {number} von {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>PDF (*.pdf);;Markdown (*.md);;CSV (*.csv);;JSON (*.json);;Wall map (*.svg)</source>
   <translation>PDF (*.pdf);;Markdown (*.md);;CSV (*.csv);;JSON (*.json);;Wandkarte (*.svg)</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Write a section</source>
   <translation>Einen Abschnitt schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>{name} is written</source>
   <translation>{name} ist geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <location filename="../ui/stops/dance/section.py" />
   <source>Sequence</source>
   <translation>Abfolge</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Question answered</source>
   <translation>Frage beantwortet</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>No line of the page dances that; look at the sequence.</source>
   <translation>Keine Zeile der Seite tanzt das; sieh dir die Abfolge an.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Read a sheet</source>
   <translation>Ein Tanzblatt lesen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Count sheets (*.csv *.json *.md *.txt)</source>
   <translation>Tanzblätter (*.csv *.json *.md *.txt)</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Write the sheet</source>
   <translation>Das Tanzblatt schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>The sheet is in {path}.</source>
   <translation>Das Tanzblatt ist in {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>It is danced {times} over the song, until you write the sequence.</source>
   <translation>Er wird über den Song {times} getanzt, bis du die Folge schreibst.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Read as {taken}</source>
   <translation>Gelesen als {taken}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Nothing is open on this count. What is open is listed under To check.</source>
   <translation>Auf diesem Count ist nichts offen. Was offen ist, steht unter Zu prüfen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>No variant is written. Write Easier or Harder beside a count, or other moves with “or”.</source>
   <translation>Keine Variante ist geschrieben. Schreib Leichter oder Schwerer neben einen Count, oder andere Bewegungen mit „or“.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>The page shows it {now}. E shows the next.</source>
   <translation>Die Seite zeigt es {now}. E zeigt die nächste.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>The page shows it as written.</source>
   <translation>Die Seite zeigt es wie geschrieben.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>This line is not danced. Go to a line of the dance, or begin a section (Ctrl+Return).</source>
   <translation>Diese Zeile wird nicht getanzt. Geh zu einer Zeile des Tanzes, oder beginne einen Abschnitt (Strg+Eingabe).</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Count {number} of {name} is written</source>
   <translation>Count {number} von {name} ist geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Write a count</source>
   <translation>Einen Count schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>There is no sequence to draw yet.</source>
   <translation>Es gibt noch keine Abfolge zu zeichnen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>The dance of {name} is read.</source>
   <translation>Der Tanz von {name} ist gelesen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>time</source>
   <translation>Mal</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>times</source>
   <translation>Mal</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{number:g} danced</source>
   <translation>{number:g} getanzt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{number:g} counts too few{where}</source>
   <translation>{number:g} Counts zu wenig{where}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{number:g} danced, {facing}{over}</source>
   <translation>{number:g} getanzt, {facing}{over}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>What follows</source>
   <translation>Was daraus folgt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>yes</source>
   <translation>ja</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>no, the first foot bears the weight</source>
   <translation>nein, auf dem ersten Fuß liegt das Gewicht</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>not known until all feet are written</source>
   <translation>nicht bekannt, bis alle Füße geschrieben sind</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>; {name} ends in time, {facing}: fade there</source>
   <translation>; {name} endet rechtzeitig, {facing}: blende dort aus</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>, {number:g} left over</source>
   <translation>, {number:g} übrig</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{walls} whichever way it turns</source>
   <translation>{walls}, wie auch gedreht wird</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>no turn in all</source>
   <translation>zusammen keine Drehung</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>facing unknown</source>
   <translation>Blickrichtung unbekannt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Care</source>
   <translation>Vorsicht</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>To learn</source>
   <translation>Zu lernen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Repeats on the right foot</source>
   <translation>Wiederholt sich mit dem richtigen Fuß</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Possible restarts</source>
   <translation>Mögliche Restarts</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{sentence} Ask a teacher or a physician when unsure.</source>
   <translation>{sentence} Frag im Zweifel eine Lehrkraft oder einen Arzt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>A wall</source>
   <translation>Eine Wand</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{walls_started} started, {tags}</source>
   <translation>{walls_started} begonnen, {tags}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>To finish at 12:00</source>
   <translation>Um bei 12:00 zu enden</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Song remaining</source>
   <translation>Rest des Songs</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Without optional parts</source>
   <translation>Ohne Teile, die wegfallen dürfen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Busiest</source>
   <translation>Am dichtesten</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{name}, {moves_per_s:.1f} moves a second</source>
   <translation>{name}, {moves_per_s:.1f} Bewegungen pro Sekunde</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Back to the screen</source>
   <translation>Zurück zum Bildschirm</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>tags</source>
   <translation>Brücken</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Cue word</source>
   <translation>Stichwort</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Lyric, sound</source>
   <translation>Liedtext, Klang</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Note</source>
   <translation>Notiz</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Easier</source>
   <translation>Leichter</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Harder</source>
   <translation>Schwerer</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Type what is danced on it; Tab goes on.</source>
   <translation>Schreib, was darauf getanzt wird; Tab geht weiter.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Keep as a step</source>
   <translation>Als Schritt behalten</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Count {number}</source>
   <translation>Count {number}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>What is meant? Each answer has a key.</source>
   <translation>Was ist gemeint? Jede Antwort hat eine Taste.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Sequence over the song</source>
   <translation>Abfolge über den Song</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>4 walls, tag 1, wall restart after 16, hold 4, A A B; wall@16+4 keeps 4 counts after 16.</source>
   <translation>4 walls, tag 1, wall restart after 16, hold 4, A A B; wall@16+4 behält 4 Counts nach 16.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Nothing to check</source>
   <translation>Nichts zu prüfen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Nothing is written yet</source>
   <translation>Noch ist nichts geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>not written</source>
   <translation>nicht geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Take it in</source>
   <translation>Übernehmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Undo takes it out again.</source>
   <translation>Rückgängig nimmt es wieder heraus.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Write the first section</source>
   <translation>Den ersten Abschnitt schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Write {name}</source>
   <translation>{name} schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>No dance written yet</source>
   <translation>Noch kein Tanz geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Write the counts of the first section, paste a sheet, or read one from a file.</source>
   <translation>Schreib die Counts des ersten Abschnitts, füg ein Tanzblatt ein oder lies eines aus einer Datei.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Without a sheet, every eight of the song becomes a clip.</source>
   <translation>Ohne Tanzblatt wird jeder Achter des Songs ein Clip.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>This line is not danced</source>
   <translation>Diese Zeile wird nicht getanzt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Go to a line of the dance to write on it.</source>
   <translation>Geh zu einer Zeile des Tanzes, um darauf zu schreiben.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Section {name}</source>
   <translation>Abschnitt {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Name of a section</source>
   <translation>Name eines Abschnitts</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Length of a section</source>
   <translation>Länge eines Abschnitts</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Feel of a section</source>
   <translation>Gefühl eines Abschnitts</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Again</source>
   <translation>Noch einmal</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Again mirrored</source>
   <translation>Noch einmal gespiegelt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>Mirror</source>
   <translation>Spiegeln</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>name of a step of your own</source>
   <translation>Name eines eigenen Schritts</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Your own: {words}.</source>
   <translation>Eigene: {words}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Nothing is written here. F2 writes on this count, Tab goes on to the next.</source>
   <translation>Hier ist nichts geschrieben. F2 schreibt auf diesen Count, Tab geht zum nächsten.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>{title} is written</source>
   <translation>{title} ist geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>  (Alt+{number})</source>
   <translation>  (Alt+{number})</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Fill the song with walls</source>
   <translation>Den Song mit Wänden füllen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>To check: {number}</source>
   <translation>Zu prüfen: {number}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>and {number} more.</source>
   <translation>und {number} weitere.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>, {wrong} to check</source>
   <translation>, {wrong} zu prüfen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Go on without a sheet</source>
   <translation>Ohne Tanzblatt weiter</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Keep a step</source>
   <translation>Einen Schritt behalten</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Again, mirrored</source>
   <translation>Noch einmal, gespiegelt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>{name} is mirrored</source>
   <translation>{name} ist gespiegelt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Take a section away</source>
   <translation>Einen Abschnitt wegnehmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Fill the song</source>
   <translation>Den Song füllen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <location filename="../ui/stops/film/shot_table.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>section</source>
   <translation>Abschnitt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>count {count}</source>
   <translation>Count {count}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Section 1: Lantern vine
1-4 Vine R, touch
5&amp;6 Shuffle fwd L, R, L
7-8 Rock fwd R, recover L</source>
   <translation>Abschnitt 1: Laternenranke
1-4 Weinranke R, Tap
5&amp;6 Shuffle vor L, R, L
7-8 Wiege vor R, zurück L</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>The sheet as it was pasted</source>
   <translation>Das Tanzblatt, wie es eingefügt wurde</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Paste a sheet</source>
   <translation>Tanzblatt einfügen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Leave all as it was</source>
   <translation>Alles lassen, wie es war</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Nothing changes before you take it in.</source>
   <translation>Nichts ändert sich, bevor du es übernimmst.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>As it was pasted</source>
   <translation>Wie eingefügt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>As it will stand on the page</source>
   <translation>Wie es auf der Seite stehen wird</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Paste the sheet here (Ctrl+V), or type it as in the example.</source>
   <translation>Füg das Tanzblatt hier ein (Strg+V) oder schreib es wie im Beispiel.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>{questions} open.</source>
   <translation>{questions} offen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>{known} of {all} words understood, {names} kept as names (dotted).</source>
   <translation>{known} von {all} Wörtern verstanden, {names} als Namen behalten (gepunktet).</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>{number} more remarks.</source>
   <translation>{number} weitere Bemerkungen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>There is no sheet here yet that could be taken in.</source>
   <translation>Hier ist noch kein Tanzblatt, das übernommen werden könnte.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>The sheet is taken in; Undo takes it out again.</source>
   <translation>Das Tanzblatt ist übernommen; Rückgängig nimmt es wieder heraus.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Every question is answered. Take it in?</source>
   <translation>Alle Fragen sind beantwortet. Übernehmen?</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>0   Later, on the page</source>
   <translation>0   Später, auf der Seite</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>question</source>
   <translation>Frage</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>questions</source>
   <translation>Fragen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste_parts.py" />
   <source>The counts as the page will show them</source>
   <translation>Die Counts, wie die Seite sie zeigen wird</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/section.py" />
   <source>Name of the section</source>
   <translation>Name des Abschnitts</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/section.py" />
   <source>Counts of the section</source>
   <translation>Counts des Abschnitts</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/section.py" />
   <source>Feel of the section</source>
   <translation>Gefühl des Abschnitts</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/section.py" />
   <source>What is suggested, or cannot be read</source>
   <translation>Was vorgeschlagen wird oder sich nicht lesen lässt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/section.py" />
   <source>2*wall tag1 wall/16 wall</source>
   <translation>2*wall tag1 wall/16 wall</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>as everyone</source>
   <translation>wie alle</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>the first move says</source>
   <translation>sagt die erste Bewegung</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>on the left, right is free</source>
   <translation>links, rechts ist frei</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>on the right, left is free</source>
   <translation>rechts, links ist frei</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>on both feet</source>
   <translation>auf beiden Füßen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>How it begins</source>
   <translation>Wie er beginnt</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Weight</source>
   <translation>Gewicht</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Weight at the start</source>
   <translation>Gewicht am Anfang</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Facing</source>
   <translation>Blick</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Facing at the start</source>
   <translation>Blickrichtung am Anfang</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Parts</source>
   <translation>Teile</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Another part</source>
   <translation>Noch ein Teil</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Start foot</source>
   <translation>Erster Fuß</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Weight: {words}</source>
   <translation>Gewicht: {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Start facing</source>
   <translation>Blickrichtung am Anfang</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>The dance begins facing {words}</source>
   <translation>Der Tanz beginnt mit Blick nach {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Partner's facing</source>
   <translation>Blick des Partners</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>The partner begins {words}</source>
   <translation>Der Partner beginnt {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Facing, {value}</source>
   <translation>Blick, {value}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Partner's facing at the start</source>
   <translation>Blickrichtung des Partners am Anfang</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Give each part its sections, then write the order, such as A A B.</source>
   <translation>Gib jedem Teil seine Abschnitte, dann schreib die Folge, etwa A A B.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Part {name}</source>
   <translation>Teil {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Part {name} is written</source>
   <translation>Teil {name} ist geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>The part is gone</source>
   <translation>Der Teil ist weg</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <location filename="../ui/tasks/placing.py" />
   <source>Place takes</source>
   <translation>Aufnahmen einordnen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Find each take's place on the song by its sound.</source>
   <translation>Die Stelle jeder Aufnahme auf dem Song nach ihrem Ton finden.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <location filename="../ui/stops/film/slate.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Match by eye</source>
   <translation>Von Hand einpassen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take with its sound: match a clap, a step or a count; again goes back.</source>
   <translation>Die Aufnahme mit ihrem Ton: einen Klatscher, Schritt oder Count einpassen; noch einmal führt zurück.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <location filename="../ui/stops/film/slate.py" />
   <source>Tap the counts</source>
   <translation>Die Counts tippen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>While a take plays by eye: tap on each count.</source>
   <translation>Während eine Aufnahme läuft: auf jeden Count tippen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: front</source>
   <translation>Ab hier: von vorn</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take shows the front from this count on.</source>
   <translation>Die Aufnahme zeigt ab diesem Count die Tanzenden von vorn.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: back</source>
   <translation>Ab hier: von hinten</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take shows the back from this count on.</source>
   <translation>Die Aufnahme zeigt ab diesem Count die Tanzenden von hinten.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: left side</source>
   <translation>Ab hier: linke Seite</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take shows the left side from this count on.</source>
   <translation>Die Aufnahme zeigt ab diesem Count die linke Seite.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: right side</source>
   <translation>Ab hier: rechte Seite</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take shows the right side from here on.</source>
   <translation>Die Aufnahme zeigt ab diesem Count die rechte Seite.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: feet</source>
   <translation>Ab hier: Füße</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take shows the feet from this count on.</source>
   <translation>Die Aufnahme zeigt ab diesem Count die Füße.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: other sides</source>
   <translation>Ab hier: andere Seiten</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Own sides, or opposite sides, from here on.</source>
   <translation>Ab hier eigene Seiten oder vertauschte.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: in a mirror</source>
   <translation>Ab hier: in einem Spiegel</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Filmed in a studio mirror from here on, or not.</source>
   <translation>Ab hier in einem Spiegel im Saal gefilmt, oder nicht.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: as before the mark</source>
   <translation>Ab hier: wie vor der Marke</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The current mark ends here.</source>
   <translation>Die jetzige Marke endet hier.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: sides said</source>
   <translation>Ab hier: gesagte Seiten</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Whose right and left are called, or nobody’s.</source>
   <translation>Wessen Rechts und Links angesagt werden, oder keines.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: lettering</source>
   <translation>Ab hier: Schrift</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>There is writing in the picture, or not; a flip turns it.</source>
   <translation>Im Bild ist Schrift, oder keine; Spiegeln dreht sie um.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: trouble</source>
   <translation>Ab hier: Fehler</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Trouble from here on, until all is well again.</source>
   <translation>Ab hier Fehler, bis alles wieder gut ist.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: all is well</source>
   <translation>Ab hier: alles gut</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>No trouble from this count on.</source>
   <translation>Ab diesem Count kein Fehler.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Split the take here</source>
   <translation>Die Aufnahme hier teilen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From this moment on it is a take of its own.</source>
   <translation>Ab diesem Moment ist es eine eigene Aufnahme.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>Look for movement</source>
   <translation>Nach Bewegung suchen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Holds danced through, entries early or late.</source>
   <translation>Durchgetanzte Halte, zu frühe oder späte Einsätze.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Counted pass a count earlier</source>
   <translation>Gezählter Durchgang einen Count früher</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Its 1 is the count before.</source>
   <translation>Seine 1 ist der Count davor.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Counted pass a count later</source>
   <translation>Gezählter Durchgang einen Count später</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Its 1 is the count after.</source>
   <translation>Seine 1 ist der Count danach.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Counted pass a line earlier</source>
   <translation>Gezählter Durchgang eine Zeile früher</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>It shows the line before.</source>
   <translation>Er zeigt die Zeile davor.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Counted pass a line later</source>
   <translation>Gezählter Durchgang eine Zeile später</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>It shows the line after.</source>
   <translation>Er zeigt die Zeile danach.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>Write what to leave out…</source>
   <translation>Schreiben, was wegzulassen ist…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Trouble in the takes as a cut list, for those who edit on.</source>
   <translation>Fehler in den Aufnahmen als Schnittliste, für alle, die weiterschneiden.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Write what to film…</source>
   <translation>Schreiben, was zu filmen ist…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The list of what exists and what is missing.</source>
   <translation>Die Liste dessen, was es gibt und was fehlt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Listened to in the film itself again; it is placed anew</source>
   <translation>Wieder im Film selbst angehört; neu eingeordnet</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>front from here on</source>
   <translation>ab hier von vorn</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>back from here on</source>
   <translation>ab hier von hinten</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>left side from here on</source>
   <translation>ab hier linke Seite</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>right side from here on</source>
   <translation>ab hier rechte Seite</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>feet from here on</source>
   <translation>ab hier die Füße</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{new} from here on</source>
   <translation>ab hier {new}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>End the mark</source>
   <translation>Die Marke beenden</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name}: as before from here on</source>
   <translation>{name}: ab hier wie vorher</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Split a take</source>
   <translation>Eine Aufnahme teilen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} is split at {take_s:.1f} s</source>
   <translation>{name} ist bei {take_s:.1f} s geteilt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>sides said: {new}</source>
   <translation>gesagte Seiten: {new}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>trouble from here on</source>
   <translation>ab hier Fehler</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>all is well from here on</source>
   <translation>ab hier alles gut</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Mark {name}</source>
   <translation>{name} markieren</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Place by hand</source>
   <translation>Von Hand einordnen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Loudspeaker</source>
   <translation>Lautsprecher</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Loudspeaker: {metres:g} m away</source>
   <translation>Lautsprecher: {metres:g} m entfernt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/film/compare_places.py" />
   <source>The other place</source>
   <translation>Die andere Stelle</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>The place is right</source>
   <translation>Die Stelle stimmt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Move a pass</source>
   <translation>Einen Durchgang rücken</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} lies {number} counts {way}</source>
   <translation>{name} liegt {number} Counts {way}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Name of a take</source>
   <translation>Name einer Aufnahme</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>It is called {name}</source>
   <translation>Sie heißt {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Take a film out</source>
   <translation>Einen Film herausnehmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} is out; its file is untouched</source>
   <translation>{name} ist draußen; die Datei ist unberührt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Where is this film now?</source>
   <translation>Wo ist dieser Film jetzt?</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Films ({kinds})</source>
   <translation>Filme ({kinds})</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>the same film, found again</source>
   <translation>derselbe Film, wiedergefunden</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>another film; it is placed anew</source>
   <translation>ein anderer Film; er wird neu eingeordnet</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Find the film</source>
   <translation>Film suchen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} is placed by its steps; see whether it is right</source>
   <translation>{name} ist nach den Schritten eingeordnet; sieh nach, ob es stimmt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Comparing steps</source>
   <translation>Schritte werden verglichen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>A recording of the same moment</source>
   <translation>Eine Tonaufnahme desselben Moments</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Recordings ({kinds})</source>
   <translation>Tonaufnahmen ({kinds})</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} is listened to in {name2}; it is placed anew</source>
   <translation>{name} wird in {name2} angehört; neu eingeordnet</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Laying the recording on the film</source>
   <translation>Die Tonaufnahme wird auf den Film gelegt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>The film’s own sound</source>
   <translation>Der eigene Ton des Films</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Which pass is right</source>
   <translation>Welcher Durchgang richtig ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Noted: {words}.</source>
   <translation>Notiert: {words}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Write what to leave out</source>
   <translation>Schreiben, was wegzulassen ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Cut list (*.csv);;OpenTimelineIO (*.otio)</source>
   <translation>Schnittliste (*.csv);;OpenTimelineIO (*.otio)</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>leave out</source>
   <translation>weglassen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>What to leave out is in {path}.</source>
   <translation>Was wegzulassen ist, steht in {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Write what to film</source>
   <translation>Schreiben, was zu filmen ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Markdown (*.md);;CSV (*.csv)</source>
   <translation>Markdown (*.md);;CSV (*.csv)</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>what to film</source>
   <translation>was zu filmen ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>What to film is in {path}.</source>
   <translation>Was zu filmen ist, steht in {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>no longer in a mirror</source>
   <translation>nicht mehr in einem Spiegel</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>in a mirror from here on</source>
   <translation>ab hier in einem Spiegel</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>No film is shown here whose mark could end.</source>
   <translation>Hier ist kein Film zu sehen, dessen Marke enden könnte.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>No film is shown here that could be split.</source>
   <translation>Hier ist kein Film zu sehen, der sich teilen ließe.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>no lettering from here on</source>
   <translation>ab hier keine Schrift</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>lettering from here on</source>
   <translation>ab hier Schrift</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>No take shows this count; there is nothing to mark.</source>
   <translation>Keine Aufnahme zeigt diesen Count; es ist nichts zu markieren.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Matching by eye needs a song with its beat and a take.</source>
   <translation>Zum Einpassen von Hand braucht es einen Song mit Beat und eine Aufnahme.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Press E to match the take by eye first; then T taps its counts.</source>
   <translation>Pass die Aufnahme zuerst mit E von Hand ein; dann tippt T ihre Counts.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>“{value}” is not a second; type a number such as 12.40.</source>
   <translation>„{value}“ ist keine Sekunde; schreib eine Zahl wie 12.40.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>“{value}” is not a distance; type metres such as 4.5.</source>
   <translation>„{value}“ ist keine Entfernung; schreib Meter wie 4.5.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>This pass follows the song. Only a pass that was counted aloud can be moved.</source>
   <translation>Dieser Durchgang folgt dem Song. Nur ein laut gezählter lässt sich verschieben.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} has no picture, so it cannot be {name2}. Nothing was changed.</source>
   <translation>{name} hat kein Bild, also kann es nicht {name2} sein. Nichts wurde geändert.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Another recording</source>
   <translation>Andere Tonaufnahme</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>Reason of trouble</source>
   <translation>Grund des Fehlers</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} is that very file already.</source>
   <translation>{name} ist schon genau diese Datei.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>The steps of {name} do not tell its place. Match it by eye, or leave it out.</source>
   <translation>Die Schritte von {name} verraten die Stelle nicht. Pass sie von Hand ein, oder lass sie weg.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Place by its steps</source>
   <translation>Nach den Schritten einordnen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/compare_places.py" />
   <source>at {minutes} of the song</source>
   <translation>bei {minutes} des Songs</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/compare_places.py" />
   <source>{name}, pass {number}: where is it?</source>
   <translation>{name}, Durchgang {number}: wo ist er?</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/compare_places.py" />
   <source>The pass lies there now</source>
   <translation>Der Durchgang liegt jetzt dort</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>{placed} of {takes} placed</source>
   <translation>{placed} von {takes}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>The moment in the middle of the wave is the count the page stands on.</source>
   <translation>Der Moment in der Mitte der Welle ist der Count, auf dem die Seite steht.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Nobody said what these takes show; they are taken for what stands beside them.</source>
   <translation>Niemand hat gesagt, was diese Takes zeigen; sie gelten als das, was daneben steht.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Add takes…</source>
   <translation>Aufnahmen hinzufügen…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Choose films; dropping them on the window does the same.</source>
   <translation>Filme wählen; auf das Fenster ziehen tut dasselbe.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Add takes</source>
   <translation>Aufnahmen hinzufügen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>What takes show</source>
   <translation>Was Takes zeigen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>What do these show?</source>
   <translation>Was zeigen diese?</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Their names do not say it, and clips are flipped by it. Choose with the keys 1 to 5.</source>
   <translation>Ihre Namen sagen es nicht, und danach werden Clips gespiegelt. Wähle mit den Tasten 1 bis 5.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>{name}, from {minutes} on</source>
   <translation>{name}, ab {minutes}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Keys: {words}. A mark holds until the next one.</source>
   <translation>Tasten: {words}. Eine Marke gilt bis zur nächsten.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>What there is</source>
   <translation>Was es gibt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Movement</source>
   <translation>Bewegung</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>no takes yet</source>
   <translation>noch keine Aufnahmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Place {takes}</source>
   <translation>{takes} einordnen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Yes, so they are filmed</source>
   <translation>Ja, so sind sie gefilmt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>No takes yet</source>
   <translation>Noch keine Aufnahmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Drop your phone's films on the window. They are never copied or changed.</source>
   <translation>Zieh die Filme deines Telefons auf das Fenster. Sie werden nie kopiert oder verändert.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>There is no song yet to place these takes on. Choose it at Song.</source>
   <translation>Es gibt noch keinen Song, auf den diese Takes gelegt werden können. Wähle ihn bei Song.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Other takes</source>
   <translation>Andere Takes</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>in a mirror</source>
   <translation>in einem Spiegel</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>already flipped</source>
   <translation>schon gespiegelt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>lettering in the picture</source>
   <translation>Schrift im Bild</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>the words mean {spoken}</source>
   <translation>die Worte meinen {spoken}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>trouble: {trouble}</source>
   <translation>Fehler: {trouble}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>What is wrong in {name}</source>
   <translation>Was in {name} schiefging</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/film/view_question.py" />
   <source>Front</source>
   <translation>Vorn</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/film/view_question.py" />
   <source>Back</source>
   <translation>Hinten</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/film/view_question.py" />
   <source>Left</source>
   <translation>Links</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/film/view_question.py" />
   <source>Right</source>
   <translation>Rechts</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/film/view_question.py" />
   <source>Feet</source>
   <translation>Füße</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Swap the sides</source>
   <translation>Seiten tauschen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Called sides</source>
   <translation>Angesagte Seiten</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Trouble</source>
   <translation>Fehler</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>All is well</source>
   <translation>Alles gut</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Lettering</source>
   <translation>Schrift</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>The mark ends here ({key})</source>
   <translation>Die Marke endet hier ({key})</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Match by eye ({key})</source>
   <translation>Von Hand einpassen ({key})</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>trouble</source>
   <translation>Fehler</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write the list…</source>
   <translation>Die Liste schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Vamos can look for holds that are danced through, and entries that are early or late.</source>
   <translation>Vamos kann nach Halten suchen, die durchgetanzt sind, und nach zu frühen oder späten Einsätzen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Every hold is still, and entries after holds are on time.</source>
   <translation>Jeder Halt ist still, und die Einsätze nach Halten kommen rechtzeitig.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/tasks/files.py" />
   <location filename="../ui/tasks/placing.py" />
   <source>take</source>
   <translation>Aufnahme</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/tasks/files.py" />
   <location filename="../ui/tasks/placing.py" />
   <source>takes</source>
   <translation>Aufnahmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>a person walks by</source>
   <translation>jemand läuft vorbei</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>still for {before:.1f} s before the dancing, {after:.1f} s after</source>
   <translation>still für {before:.1f} s vor dem Tanzen, {after:.1f} s danach</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>{name}, pass {number}: {still}.</source>
   <translation>{name}, Durchgang {number}: {still}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/shot_table.py" />
   <source>{section}, {view}: {state}</source>
   <translation>{section}, {view}: {state}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/shot_table.py" />
   <source>and {sections} more</source>
   <translation>und {sections} mehr</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/shot_table.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>sections</source>
   <translation>Abschnitte</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>{count} of line {line}{title}</source>
   <translation>{count} von Zeile {line}{title}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Go to a clap or a step with comma and full stop, stand on its count with 1 to 8 and the arrows, and press Return.</source>
   <translation>Geh mit Komma und Punkt zu einem Klatscher oder Schritt, stell dich mit 1 bis 8 und den Pfeilen auf seinen Count und drück die Eingabetaste.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Picture of the take</source>
   <translation>Bild der Aufnahme</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>the take</source>
   <translation>die Aufnahme</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>A take and its sound, to be matched by eye</source>
   <translation>Eine Aufnahme mit ihrem Ton, von Hand einzupassen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Take to match</source>
   <translation>Aufnahme zum Einpassen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Reading the take</source>
   <translation>Die Aufnahme wird gelesen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>{take_s:.3f} s of {duration_s:.1f}</source>
   <translation>{take_s:.3f} s von {duration_s:.1f}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>This is {place}</source>
   <translation>Das ist {place}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>This moment is this count</source>
   <translation>Hier ist dieser Count</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source> Drag a count to where it is said, or play and tap T on each count.</source>
   <translation> Zieh einen Count dorthin, wo er gesagt wird, oder spiel ab und tippe T auf jeden Count.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source> No sound was read; the picture alone will do.</source>
   <translation> Es wurde kein Ton gelesen; das Bild allein genügt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>this count</source>
   <translation>dieser Count</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>{name}: {at:.2f} s is {where} now</source>
   <translation>{name}: {at:.2f} s ist jetzt {where}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Move a count</source>
   <translation>Einen Count verschieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Counting</source>
   <translation>Zählen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Sound before this</source>
   <translation>Ton davor</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Frame before</source>
   <translation>Bild davor</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Frame after</source>
   <translation>Bild danach</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Next sound</source>
   <translation>Ton danach</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>There is no sudden sound further on. Comma and full stop go by frames.</source>
   <translation>Weiter vorn ist kein plötzlicher Laut. Komma und Punkt gehen bildweise.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>No pass counted aloud lies there. Play the take and tap T on each count to make one.</source>
   <translation>Dort liegt kein laut gezählter Durchgang. Spiel die Aufnahme ab und tippe T auf jeden Count, um einen zu machen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate_wave.py" />
   <source>Sound of the take</source>
   <translation>Ton der Aufnahme</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>, trouble</source>
   <translation>, Fehler</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Its name</source>
   <translation>Ihr Name</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Listened to in {name}, which was recorded beside it.</source>
   <translation>Angehört in {name}, daneben aufgenommen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>not placed yet</source>
   <translation>noch nicht eingeordnet</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>not placed: neither the song nor steady counting was heard</source>
   <translation>nicht eingeordnet: weder der Song noch gleichmäßiges Zählen war zu hören</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Shows</source>
   <translation>Zeigt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Danced</source>
   <translation>Getanzt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Sides are called: {calls}.</source>
   <translation>Seiten werden gesagt: {calls}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>The song is the same in several places. Where is this pass? Look at them, or say</source>
   <translation>Der Song ist an mehreren Stellen gleich. Wo ist dieser Durchgang? Sieh sie dir an, oder sag</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>not placed</source>
   <translation>nicht platziert</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Name of {id}</source>
   <translation>Name von {id}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>What you call the take; its file keeps its own name.</source>
   <translation>Wie du die Aufnahme nennst; die Datei behält ihren Namen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Another file…</source>
   <translation>Andere Datei…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Take it out</source>
   <translation>Herausnehmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Use the film’s own sound</source>
   <translation>Eigenen Ton des Films nehmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>with the song at {rate:.0%}</source>
   <translation>mit dem Song, {rate:.0%}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>{confidence:.0%} sure</source>
   <translation>{confidence:.0%} sicher</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>no pass at {words}</source>
   <translation>kein Durchgang bei {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>View of {name}</source>
   <translation>Ansicht von {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Sides danced in {name}</source>
   <translation>In {name} getanzte Seiten</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Look at them</source>
   <translation>Ansehen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>It is here, at {here}</source>
   <translation>Er ist hier, bei {here}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <location filename="../ui/stops/lesson/steps_table.py" />
   <source>At</source>
   <translation>Bei</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Place it by hand: a clap or a step matched by eye is enough. Or type its second.</source>
   <translation>Ordne sie von Hand ein: ein eingepasster Klatscher oder Schritt genügt. Oder schreib die Sekunde.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>This count is</source>
   <translation>Dieser Count ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>, please check</source>
   <translation>, bitte prüfen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Find the file…</source>
   <translation>Datei suchen…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Use another recording…</source>
   <translation>Andere Tonaufnahme…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>trouble: {t}</source>
   <translation>Fehler: {t}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Going by the count sheet, they mean {meaning}.</source>
   <translation>Nach dem Tanzblatt meinen sie {meaning}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Whose sides are said</source>
   <translation>Wessen Seiten gesagt werden</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Place of pass {number} of {name} in the song</source>
   <translation>Stelle von Durchgang {number} von {name} im Song</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>at {words_at} of the song</source>
   <translation>bei {words_at} des Songs</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Try its steps</source>
   <translation>Mit den Schritten versuchen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Second of {name} that is this count</source>
   <translation>Sekunde von {name}, die dieser Count ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>second, e.g. 12.40</source>
   <translation>Sekunde, z. B. 12.40</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Metres to the loudspeaker of {name}</source>
   <translation>Meter bis zum Lautsprecher von {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>metres; not corrected</source>
   <translation>Meter; nicht berichtigt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Sound takes {number:.1f} ms a metre; the picture is then moved earlier by as much.</source>
   <translation>Der Schall braucht {number:.1f} ms je Meter; um so viel rückt das Bild dann früher.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>They mean {spoken}</source>
   <translation>Sie meinen {spoken}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>{sentence} Please look, then confirm.</source>
   <translation>{sentence} Bitte sieh es dir an und bestätige es.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>It is right</source>
   <translation>Es stimmt</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/view_question.py" />
   <source>What does {name} show? {answers}</source>
   <translation>Was zeigt {name}? {answers}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/view_question.py" />
   <source>{name} shows: {view}</source>
   <translation>{name} zeigt: {view}</translation>
  </message>
  <message>
   <location filename="../ui/stops/leads.py" />
   <source>On to the song</source>
   <translation>Weiter zum Song</translation>
  </message>
  <message>
   <location filename="../ui/stops/leads.py" />
   <source>On to the dance</source>
   <translation>Weiter zum Tanz</translation>
  </message>
  <message>
   <location filename="../ui/stops/leads.py" />
   <source>On to the films</source>
   <translation>Weiter zu den Filmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/leads.py" />
   <source>On to the clips</source>
   <translation>Weiter zu den Clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/leads.py" />
   <source>On to the pack</source>
   <translation>Weiter zum Paket</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Once more</source>
   <translation>Einmal mehr</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step is danced once more.</source>
   <translation>Der Schritt wird einmal mehr getanzt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Once less</source>
   <translation>Einmal weniger</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step is danced once less.</source>
   <translation>Der Schritt wird einmal weniger getanzt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step at the next slower speed; ← on the picture.</source>
   <translation>Der Schritt im nächstlangsameren Tempo; ← auf dem Bild.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Quicker</source>
   <translation>Schneller</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step at the next quicker speed; → on the picture.</source>
   <translation>Der Schritt im nächstschnelleren Tempo; → auf dem Bild.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Earlier</source>
   <translation>Früher</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step one place earlier in the lesson.</source>
   <translation>Der Schritt einen Platz früher in der Stunde.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Later</source>
   <translation>Später</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step one place later in the lesson.</source>
   <translation>Der Schritt einen Platz später in der Stunde.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The lesson goes without the step.</source>
   <translation>Die Stunde kommt ohne den Schritt aus.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>As suggested</source>
   <translation>Wie vorgeschlagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step as Vamos suggests it.</source>
   <translation>Der Schritt, wie Vamos ihn vorschlägt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Play the step</source>
   <translation>Den Schritt abspielen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>As students will get it; P on the picture.</source>
   <translation>Wie ihn die Lernenden bekommen; P auf dem Bild.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Show it at Cut</source>
   <translation>Bei Schnitt zeigen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The clip of the step; Return on the picture.</source>
   <translation>Der Clip des Schritts; Eingabe auf dem Bild.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write the plan…</source>
   <translation>Den Plan schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>As PDF or Markdown, with what to say.</source>
   <translation>Als PDF oder Markdown, mit dem, was zu sagen ist.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write the film of the lesson…</source>
   <translation>Den Film der Stunde schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>All steps in one film, with a voice.</source>
   <translation>Alle Schritte in einem Film, mit einer Stimme.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write homework loops…</source>
   <translation>Schleifen für zu Hause schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>A loop of each section to practise with.</source>
   <translation>Von jedem Abschnitt eine Schleife zum Üben.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Write the list of what to film…</source>
   <translation>Die Liste schreiben, was zu filmen ist…</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>By view, the hardest first.</source>
   <translation>Nach Ansicht, das Schwerste zuerst.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write the practice log…</source>
   <translation>Das Übungsprotokoll schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>What was filmed, and how it was.</source>
   <translation>Was gefilmt wurde, und wie es war.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Page for a phone (*.html);;Markdown (*.md)</source>
   <translation>Seite für ein Telefon (*.html);;Markdown (*.md)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Wanted length</source>
   <translation>Gewünschte Länge</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>How often</source>
   <translation>Wie oft</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>How fast</source>
   <translation>Wie schnell</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Leave the step out</source>
   <translation>Den Schritt weglassen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Take the step back</source>
   <translation>Den Schritt zurückholen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Another order</source>
   <translation>Eine andere Reihenfolge</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Order as suggested</source>
   <translation>Reihenfolge wie vorgeschlagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Making “{title}”</source>
   <translation>„{title}“ wird gemacht</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>How it was</source>
   <translation>Wie es war</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>What went wrong</source>
   <translation>Was schiefging</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Forget the last</source>
   <translation>Den letzten vergessen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Taken out of the log; no film was touched.</source>
   <translation>Aus dem Protokoll genommen; kein Film wurde angerührt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Write the log</source>
   <translation>Das Protokoll schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Markdown (*.md)</source>
   <translation>Markdown (*.md)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>lesson</source>
   <translation>Stunde</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>homework</source>
   <translation>Übungsschleifen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Where should the {what} go? A folder is made in it.</source>
   <translation>Wohin mit: {what}? Darin wird ein Ordner gemacht.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Writing the {what}</source>
   <translation>Wird geschrieben: {what}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Write the plan</source>
   <translation>Den Plan schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>PDF (*.pdf);;Markdown (*.md)</source>
   <translation>PDF (*.pdf);;Markdown (*.md)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>The plan is in {path}.</source>
   <translation>Der Plan ist in {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>The list is in {path}.</source>
   <translation>Die Liste ist in {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>A gap to practise</source>
   <translation>Eine Lücke zum Üben</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>No clip shows this step by itself. What is missing stands under “What to film”.</source>
   <translation>Kein Clip zeigt diesen Schritt für sich. Was fehlt, steht unter „Was zu filmen ist“.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>There is no song with its beat yet.</source>
   <translation>Es gibt noch keinen Song mit Beat.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>The log is in {path}.</source>
   <translation>Das Protokoll ist in {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>“{value}” is no length; type minutes such as 12.</source>
   <translation>„{value}“ ist keine Länge; schreib Minuten wie 12.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>The {what} is in {out}.</source>
   <translation>Fertig, in {out}: {what}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>The {what} is in {out}; look at what does not hold.</source>
   <translation>Fertig, in {out}: {what}; sieh dir an, was nicht stimmt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>the whole dance</source>
   <translation>der ganze Tanz</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>Starts in {left_s}</source>
   <translation>Beginnt in {left_s}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>The song plays. Dance on count 1.</source>
   <translation>Der Song läuft. Tanz auf Count 1.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>Filmed</source>
   <translation>Gefilmt</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>Logged: {what}. How was it?</source>
   <translation>Notiert: {what}. Wie war es?</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>This is not in the song yet, so there is nothing to play for it.</source>
   <translation>Das gibt es im Song noch nicht, also ist dafür nichts abzuspielen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>The song is still being read, or its file is gone; try again in a moment.</source>
   <translation>Der Song wird noch gelesen, oder seine Datei ist weg; versuch es gleich noch einmal.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>the usual one (26 mm)</source>
   <translation>das übliche (26 mm)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>the wide one (13 mm)</source>
   <translation>das weite (13 mm)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>the long one (77 mm)</source>
   <translation>das lange (77 mm)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>, too long</source>
   <translation>, zu lang</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>about {number} min{over}</source>
   <translation>etwa {number} min{over}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>Length</source>
   <translation>Länge</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>{counts} in {sections}</source>
   <translation>{counts} in {sections}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Warm up first, and dance within what a teacher or a physician says is good for you.</source>
   <translation>Wärm dich zuerst auf, und tanz in dem Maß, das dir laut Lehrkraft oder Arzt guttut.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>How it is taught</source>
   <translation>Wie gelehrt wird</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Build it up {build}. Each section: {way}.</source>
   <translation>So wird aufgebaut: {build}. Jeder Abschnitt: {way}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Show the whole dance {shown}. Tell walls, tags and restarts {facts}.</source>
   <translation>Den ganzen Tanz {shown} zeigen. Wände, Tags und Restarts {facts} erklären.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>show them</source>
   <translation>zeigen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>leave them out</source>
   <translation>weglassen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Tempo: {slow}. Easier and harder forms: {variants}.</source>
   <translation>Tempo: {slow}. Leichtere und schwerere Formen: {variants}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Wanted length of the lesson in minutes</source>
   <translation>Gewünschte Länge der Stunde in Minuten</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>any number of</source>
   <translation>beliebig viele</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>in one go</source>
   <translation>in einem Stück</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Cut in two</source>
   <translation>In zwei geteilt</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>It may take {minutes} minutes, {parts}.</source>
   <translation>Es darf {minutes} Minuten dauern, {parts}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>What to film for it</source>
   <translation>Was dafür zu filmen ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Room and lens</source>
   <translation>Raum und Objektiv</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Room for the camera</source>
   <translation>Raum für die Kamera</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Lens</source>
   <translation>Objektiv</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>The phone is held upright</source>
   <translation>Das Telefon wird hochkant gehalten</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>The plan</source>
   <translation>Der Plan</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>As a list</source>
   <translation>Als Liste</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>no sheet yet</source>
   <translation>noch kein Tanzblatt</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write the dance</source>
   <translation>Den Tanz schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>The lesson is planned from the count sheet.</source>
   <translation>Die Stunde wird nach dem Tanzblatt geplant.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Left out: {title}, {what}: {number} s.</source>
   <translation>Weggelassen: {title}, {what}: {number} s.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>What was written last is in {value}.</source>
   <translation>Was zuletzt geschrieben wurde, ist in {value}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>It may take {minutes} minutes.</source>
   <translation>Es darf {minutes} Minuten dauern.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>in two parts, the second after {name}</source>
   <translation>in zwei Teilen, der zweite nach {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>It is long for one lesson; a good break is after {best}.</source>
   <translation>Für eine Stunde ist es lang; eine gute Teilung ist nach {best}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Nothing: every step has a clip that shows it.</source>
   <translation>Nichts: zu jedem Schritt gibt es einen Clip, der ihn zeigt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Film the whole dance</source>
   <translation>Den ganzen Tanz filmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>A gap of {gap} counts to practise after each time.</source>
   <translation>Nach jedem Mal eine Lücke von {gap} Counts zum Üben.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Play it here (P)</source>
   <translation>Hier abspielen (P)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Earlier (Alt+↑)</source>
   <translation>Früher (Alt+↑)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Later (Alt+↓)</source>
   <translation>Später (Alt+↓)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Leave out (Del)</source>
   <translation>Weglassen (Entf)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Built up</source>
   <translation>Aufgebaut</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Each section</source>
   <translation>Jeder Abschnitt</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Show the whole dance</source>
   <translation>Den ganzen Tanz zeigen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Easier and harder forms</source>
   <translation>Leichtere und schwerere Formen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Film it</source>
   <translation>Filmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Start the camera, press “Film it” and walk to your place: the song plays from the right second, with clicks before. When it was heard is logged, so that a take is placed even if its sound is bad.</source>
   <translation>Starte die Kamera, drück „Filmen“ und geh auf deinen Platz: der Song spielt ab der richtigen Sekunde, mit Klicks davor. Wann er zu hören war, wird notiert; so wird eine Aufnahme auch bei schlechtem Ton eingeordnet.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>What went wrong in number {number}</source>
   <translation>Was bei Nummer {number} schiefging</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>To do again: {words}.</source>
   <translation>Noch einmal: {words}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Nothing is to be done again.</source>
   <translation>Nichts ist noch einmal zu machen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>{value}: on {away} learners look away from the screen; show it from the back, or call it.</source>
   <translation>{value}: auf {away} sehen die Lernenden vom Bildschirm weg; zeig es von hinten, oder sag es an.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>The learner sees: {sides}</source>
   <translation>Zu sehen bekommen die Lernenden: {sides}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>More often (+)</source>
   <translation>Öfter (+)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Less often (−)</source>
   <translation>Seltener (−)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Show it at Cut (Return)</source>
   <translation>Bei Schnitt zeigen (Eingabe)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>{what}, number {number}: {verdict}</source>
   <translation>{what}, Nummer {number}: {verdict}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>No gap</source>
   <translation>Keine Lücke</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Take “{words}” back</source>
   <translation>„{words}“ zurücknehmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Variants</source>
   <translation>Varianten</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>, wanted {minutes:g}</source>
   <translation>, gewünscht {minutes:g}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>Length: {number:.1f} minutes{wanted}</source>
   <translation>Länge: {number:.1f} Minuten{wanted}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>talking</source>
   <translation>Gespräch</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>slow</source>
   <translation>langsam</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>at the song’s tempo</source>
   <translation>im Tempo des Songs</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>from the back</source>
   <translation>von hinten</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>talk</source>
   <translation>Gesprochen</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>joined</source>
   <translation>verbunden</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>not filmed yet</source>
   <translation>noch nicht gefilmt</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/steps_table.py" />
   <source>What</source>
   <translation>Was</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/steps_table.py" />
   <source>How often, how fast</source>
   <translation>Wie oft, wie schnell</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/steps_table.py" />
   <location filename="../ui/stops/pack/files_table.py" />
   <source>Long</source>
   <translation>Dauer</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/steps_table.py" />
   <source>Steps of the lesson</source>
   <translation>Schritte der Stunde</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/__init__.py" />
   <location filename="../ui/stops/pack/actions.py" />
   <source>Pack</source>
   <translation>Paket</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/actions.py" />
   <source>Write the pack</source>
   <translation>Das Paket schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/actions.py" />
   <source>Write clips, run-through, chapters and manifest, and check them.</source>
   <translation>Clips, Durchlauf, Kapitel und Manifest schreiben und prüfen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>Where should the pack go? A folder is made in it.</source>
   <translation>Wohin mit dem Paket? Darin wird ein Ordner gemacht.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>Writing the pack</source>
   <translation>Das Paket wird geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>; something does not hold, see Pack</source>
   <translation>; etwas stimmt nicht, siehe Paket</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>The pack is in {folder}{bad}.</source>
   <translation>Das Paket ist in {folder}{bad}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>How much of the song</source>
   <translation>Wie viel vom Song</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>“{name}” is forgotten; this project stays as it is.</source>
   <translation>„{name}“ ist vergessen; dieses Projekt bleibt, wie es ist.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>“{name}” is kept for all projects.</source>
   <translation>„{name}“ ist für alle Projekte behalten.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>The summary is copied; paste it where you write to your students.</source>
   <translation>Die Zusammenfassung ist kopiert; füg sie dort ein, wo du deinen Lernenden schreibst.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>“{value}” is no length; type seconds such as 20.</source>
   <translation>„{value}“ ist keine Länge; schreib Sekunden wie 20.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>{name} is not in {folder} any more; write the pack again.</source>
   <translation>{name} ist nicht mehr in {folder}; schreib das Paket noch einmal.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/files_table.py" />
   <source>File</source>
   <translation>Datei</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/files_table.py" />
   <source>Files of the pack</source>
   <translation>Dateien des Pakets</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/files_table.py" />
   <source>correct</source>
   <translation>stimmt</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/files_table.py" />
   <source>please check</source>
   <translation>bitte prüfen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>the whole pack</source>
   <translation>das ganze Paket</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>{size:.1f} MB, can be sent like a picture</source>
   <translation>{size:.1f} MB, lässt sich wie ein Bild verschicken</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>One file for a phone</source>
   <translation>Eine Datei fürs Telefon</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>{size:.0f} MB is much for a phone: choose one section.</source>
   <translation>{size:.0f} MB sind viel für ein Telefon: wähle einen Abschnitt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>Write the page as one file</source>
   <translation>Die Seite als eine Datei schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>Page (*.html)</source>
   <translation>Seite (*.html)</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>{path} is written, {size:.1f} MB. It opens without a network.</source>
   <translation>{path} ist geschrieben, {size:.1f} MB. Sie öffnet sich ohne Netz.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>Writing one file</source>
   <translation>Schreibt eine Datei</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>Write one file…</source>
   <translation>Eine Datei schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Steady beat where the song is not heard</source>
   <translation>Gleichmäßiger Beat, wo der Song nicht zu hören ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>clicks, softly</source>
   <translation>Klicks, leise</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>the counting voice, softly</source>
   <translation>die Zählstimme, leise</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>the counting voice</source>
   <translation>die Zählstimme</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>the film’s own sound, softly</source>
   <translation>der eigene Ton des Films, leise</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: to watch, without counts</source>
   <translation>Zusätzlich: zum Ansehen, ohne Counts</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: as filmed, where clips are mirrored</source>
   <translation>Zusätzlich: wie gefilmt, wo Clips gespiegelt sind</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Half-time: the dance half as fast, the music as it is</source>
   <translation>Halbes Tempo: der Tanz halb so schnell, die Musik, wie sie ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Double time: the dance twice as fast, the music as it is</source>
   <translation>Doppelte Zeit: der Tanz doppelt so schnell, die Musik wie sie ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>A clip for each section</source>
   <translation>Ein Clip je Abschnitt</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>From the top to the end of each section: 1, 1 to 2, 1 to 3 …</source>
   <translation>Von Anfang bis zum Ende jedes Abschnitts: 1, 1 bis 2, 1 bis 3 …</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: with the feet</source>
   <translation>Zusätzlich: mit den Füßen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: words, no counts</source>
   <translation>Zusätzlich: Worte, keine Counts</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: clean, nothing over it</source>
   <translation>Zusätzlich: sauber, nichts darüber</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>everybody’s</source>
   <translation>alle</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>my language</source>
   <translation>meine Sprache</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>all correct</source>
   <translation>alles stimmt</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Write the pack…</source>
   <translation>Das Paket schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Choose where; a folder is made there.</source>
   <translation>Wähle, wohin; dort wird ein Ordner gemacht.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>What is it for?</source>
   <translation>Wofür ist es?</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Also in the pack</source>
   <translation>Auch im Paket</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>a page for students, captions, a summary, the count sheet, the wall map, clips.otio</source>
   <translation>eine Seite für Lernende, Untertitel, eine Zusammenfassung, das Tanzblatt, die Wandkarte, clips.otio</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Speeds</source>
   <translation>Tempi</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Sound</source>
   <translation>Ton</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>The rights of the music are yours to clear. With “clicks” or “none”, clips carry the counts and no song.</source>
   <translation>Die Rechte an der Musik klärst du selbst. Mit „Klicks“ oder „nichts“ enthalten die Clips die Counts und keinen Song.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>New today</source>
   <translation>Heute neu</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>a mix of your own</source>
   <translation>eine eigene Mischung</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Over the song</source>
   <translation>Über dem Song</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Song excerpt</source>
   <translation>Ausschnitt des Songs</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Moves over the picture</source>
   <translation>Schritte über dem Bild</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Students read</source>
   <translation>Schüler lesen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>The voice speaks</source>
   <translation>Die Stimme spricht</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: {sound}</source>
   <translation>Zusätzlich: {sound}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>What was written</source>
   <translation>Was geschrieben wurde</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Hand out the whole folder: the page plays the clips beside it, without a network.</source>
   <translation>Gib den ganzen Ordner weiter: die Seite spielt die Clips daneben, ohne Netz.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>{files} in {folder}.</source>
   <translation>{files} in {folder}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>1 is wrong</source>
   <translation>1 stimmt nicht</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>{wrong} do not hold</source>
   <translation>{wrong} stimmen nicht</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Decoded again and compared: {figures}, {hold}.</source>
   <translation>Wieder dekodiert und verglichen: {figures}, {hold}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>not made yet</source>
   <translation>noch nicht gemacht</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>written and checked</source>
   <translation>geschrieben und geprüft</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>written, see problems</source>
   <translation>geschrieben, siehe Fehler</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <location filename="../ui/stops/pack/phones.py" />
   <source>Show it on phones in the room</source>
   <translation>Auf Telefonen im Raum zeigen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>In your own network only, and only these files.</source>
   <translation>Nur in deinem eigenen Netz, und nur diese Dateien.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Nothing to pack yet</source>
   <translation>Noch nichts für ein Paket</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>A pack needs a song with its beat and at least one placed take.</source>
   <translation>Ein Paket braucht einen Song mit Beat und mindestens eine eingeordnete Aufnahme.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: {arrangement}</source>
   <translation>Zusätzlich: {arrangement}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Sound of the clips</source>
   <translation>Ton der Clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Settings of your own.</source>
   <translation>Eigene Einstellungen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Keep these as</source>
   <translation>Behalten als</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Working out how much this comes to…</source>
   <translation>Wird ausgerechnet, wie viel das wird…</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>The section that is new</source>
   <translation>Der neue Abschnitt</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>A run-through from several films carries only the song.</source>
   <translation>Ein Durchlauf aus mehreren Filmen hat nur den Song.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Seconds of the song in each clip</source>
   <translation>Sekunden des Songs in jedem Clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>seconds of each clip’s song; all of it</source>
   <translation>Sekunden vom Song jedes Clips; alles</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Whose moves stand over the picture</source>
   <translation>Wessen Schritte über dem Bild stehen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Language that students read</source>
   <translation>Sprache, die die Schüler lesen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Language of the voice</source>
   <translation>Sprache der Stimme</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>The voice counts in {name}</source>
   <translation>Die Stimme zählt auf {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Language of the counting voice</source>
   <translation>Sprache der Zählstimme</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Also with another sound</source>
   <translation>Auch mit anderem Ton</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Also {arrangement}</source>
   <translation>Auch: {arrangement}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Also: {name}</source>
   <translation>Auch: {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Open in your video player</source>
   <translation>Im eigenen Videoplayer öffnen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Being written</source>
   <translation>Wird geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>What will be written</source>
   <translation>Was geschrieben wird</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Each picture is a film, with its length at each speed. All are checked once they are written.</source>
   <translation>Jedes Bild ist ein Film, mit seiner Länge in jedem Tempo. Alle werden geprüft, sobald sie geschrieben sind.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Return on a file, or a double click, plays it here beside the film it was cut from.</source>
   <translation>Eingabe auf einer Datei, oder ein Doppelklick, spielt sie hier neben dem Film, aus dem sie geschnitten ist.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Open the students’ page</source>
   <translation>Die Seite für Lernende öffnen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Open the folder</source>
   <translation>Den Ordner öffnen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Copy a summary to send along</source>
   <translation>Zusammenfassung zum Mitschicken kopieren</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <location filename="../ui/stops/pack/phones.py" />
   <source>Stop showing it</source>
   <translation>Nicht mehr zeigen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Speed {number} %</source>
   <translation>Tempo {number} %</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Name of a profile of your own</source>
   <translation>Name eines eigenen Profils</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>a name</source>
   <translation>ein Name</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Nothing would be written: choose sections, or the run-through.</source>
   <translation>Nichts würde geschrieben: wähle Abschnitte oder den Durchlauf.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Whose moves</source>
   <translation>Wessen Schritte</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Moves over the picture: {who}</source>
   <translation>Schritte über dem Bild: {who}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Language for students</source>
   <translation>Sprache für die Schüler</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>A film can be played as soon as its picture is clear.</source>
   <translation>Ein Film lässt sich abspielen, sobald sein Bild klar ist.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>file</source>
   <translation>Datei</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>files</source>
   <translation>Dateien</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>figure</source>
   <translation>Wert</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>figures</source>
   <translation>Werte</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Forget “{name}”</source>
   <translation>„{name}“ vergessen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/phones.py" />
   <source>Code with the address {address}</source>
   <translation>Code mit der Adresse {address}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/phones.py" />
   <source>Phones in the same network can open {address} now.</source>
   <translation>Telefone im selben Netz können jetzt {address} öffnen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/phones.py" />
   <source>Nobody can reach the pack any more.</source>
   <translation>Niemand kann das Paket mehr erreichen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/phones.py" />
   <source>Photograph this with the phone:</source>
   <translation>Fotografier das mit dem Telefon:</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>as the film, up to 1920</source>
   <translation>wie der Film, bis 1920</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>as the film</source>
   <translation>wie der Film</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>the view filmed most</source>
   <translation>die meistgefilmte Ansicht</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Title card</source>
   <translation>Titelkarte</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Card for each section</source>
   <translation>Karte für jeden Abschnitt</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Card for tags and restarts</source>
   <translation>Karte für Brücken und Restarts</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>End card</source>
   <translation>Schlusskarte</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Picture</source>
   <translation>Bild</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Longest side</source>
   <translation>Längste Seite</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Longest side in pixels</source>
   <translation>Längste Seite in Pixeln</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Frames per second</source>
   <translation>Bilder pro Sekunde</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Quality</source>
   <translation>Güte</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Quality of the picture</source>
   <translation>Güte des Bildes</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Upright and square clips are all 1080 wide, whatever was cut out of their films.</source>
   <translation>Hochkante und quadratische Clips sind alle 1080 breit, was auch aus ihren Filmen geschnitten wurde.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Run-through</source>
   <translation>Durchlauf</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>The whole dance in one film, with chapters</source>
   <translation>Der ganze Tanz in einem Film, mit Kapiteln</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>View of the run-through</source>
   <translation>Ansicht des Durchlaufs</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Announce tags, counts ahead</source>
   <translation>Brücken ansagen, Counts vorher</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Counts a tag is called ahead</source>
   <translation>Counts, die eine Brücke vorher angesagt wird</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>{number}, count {number2}</source>
   <translation>{number}, Count {number2}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Quality: {words}</source>
   <translation>Güte: {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Size of clips</source>
   <translation>Größe der Clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Rate of clips</source>
   <translation>Bildrate der Clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Run-through: {words}</source>
   <translation>Durchlauf: {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>What comes is called</source>
   <translation>Was kommt, wird angesagt</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Called {words} counts ahead</source>
   <translation>{words} Counts vorher angesagt</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>No pass shows enough of the dance to the song; film it once from top to end.</source>
   <translation>Kein Durchgang zeigt genug vom Tanz zum Song; filme ihn einmal von Anfang bis Ende.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>From</source>
   <translation>Von</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>To</source>
   <translation>Bis</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>count {now}</source>
   <translation>Count {now}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Run-through: {title}</source>
   <translation>Durchlauf: {title}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Card: {title}</source>
   <translation>Karte: {title}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Cards of the run-through</source>
   <translation>Karten des Durchlaufs</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>the beginning</source>
   <translation>der Anfang</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>The run-through would end before it begins. Nothing was changed.</source>
   <translation>Der Durchlauf würde enden, bevor er beginnt. Nichts wurde geändert.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/planned.py" />
   <source>written</source>
   <translation>geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/planned.py" />
   <source>to be written</source>
   <translation>wird noch geschrieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/planned.py" />
   <source>Play it</source>
   <translation>Abspielen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Count it the next way heard</source>
   <translation>Auf die nächste gehörte Weise zählen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The likeliest other way; again goes back.</source>
   <translation>Die wahrscheinlichste andere Weise; noch einmal führt zurück.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Count it the second way heard</source>
   <translation>Auf die zweite gehörte Weise zählen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The second likeliest other way.</source>
   <translation>Die zweitwahrscheinlichste andere Weise.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Count it the third way heard</source>
   <translation>Auf die dritte gehörte Weise zählen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The third likeliest other way.</source>
   <translation>Die drittwahrscheinlichste andere Weise.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The 1 a count earlier</source>
   <translation>Die 1 einen Count früher</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Count 1 falls one count earlier.</source>
   <translation>Count 1 fällt einen Count früher.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The 1 a count later</source>
   <translation>Die 1 einen Count später</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Count 1 falls one count later.</source>
   <translation>Count 1 fällt einen Count später.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Listen for the 1 in the takes</source>
   <translation>Die 1 in den Aufnahmen hören</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Where a voice counts over the song in your takes, it says where lines begin.</source>
   <translation>Wo in deinen Aufnahmen eine Stimme über den Song zählt, sagt sie, wo Zeilen beginnen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>This count is a 1</source>
   <translation>Dieser Count ist eine 1</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The count you stand on becomes count 1 of a line.</source>
   <translation>Der Count, auf dem du stehst, wird Count 1 einer Zeile.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>The dance starts here</source>
   <translation>Hier beginnt der Tanz</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The count you stand on becomes the first count danced; what is before it is the lead-in.</source>
   <translation>Der Count, auf dem du stehst, wird der erste getanzte; was davor liegt, ist der Vorlauf.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Dance starts a line earlier</source>
   <translation>Tanz beginnt eine Zeile früher</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The lead-in gets one line shorter.</source>
   <translation>Der Vorlauf wird eine Zeile kürzer.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Dance starts a line later</source>
   <translation>Tanz beginnt eine Zeile später</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The lead-in gets one line longer.</source>
   <translation>Der Vorlauf wird eine Zeile länger.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Count half as fast</source>
   <translation>Halb so schnell zählen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Every second count becomes a count.</source>
   <translation>Jeder zweite Count wird ein Count.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Count twice as fast</source>
   <translation>Doppelt so schnell zählen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Two counts where there was one.</source>
   <translation>Zwei Counts, wo einer war.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Count two thirds as fast</source>
   <translation>Zwei Drittel so schnell zählen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Three counts become two: for a beat that was found 1½ × too fast.</source>
   <translation>Aus drei Counts werden zwei: wenn der Beat 1½-mal zu schnell gefunden wurde.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Count 1½ × as fast</source>
   <translation>1½-mal so schnell zählen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Two counts become three: for a grid that is a third too slow.</source>
   <translation>Aus zwei Counts werden drei: für ein Raster, das ein Drittel zu langsam ist.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Half as fast from here</source>
   <translation>Ab hier halb so schnell</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>From the count you stand on, every second count becomes a count.</source>
   <translation>Ab dem Count, auf dem du stehst, wird jeder zweite Count ein Count.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Twice as fast from here</source>
   <translation>Ab hier doppelt so schnell</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>From the count you stand on, two counts where there was one.</source>
   <translation>Ab dem Count, auf dem du stehst, zwei Counts, wo einer war.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>A part of the song begins here</source>
   <translation>Hier beginnt ein Teil des Songs</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>A part with a name and its own lines.</source>
   <translation>Ein Teil mit einem Namen und eigenen Zeilen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Join this part to the one before</source>
   <translation>Diesen Teil mit dem davor verbinden</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Take the beginning of this part away.</source>
   <translation>Den Anfang dieses Teils wegnehmen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Another song for this dance…</source>
   <translation>Anderer Song für diesen Tanz…</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Keep a second song beside this one and see how it fits.</source>
   <translation>Einen zweiten Song daneben behalten und sehen, wie er passt.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Tap along</source>
   <translation>Mittippen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Tap on each count while it plays; from four taps on they make the beat.</source>
   <translation>Beim Abspielen auf jeden Count tippen; ab viermal ergeben sie den Beat.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/silences.py" />
   <source>The music stops here</source>
   <translation>Hier setzt die Musik aus</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>From this count on the music pauses for four counts; again takes it away.</source>
   <translation>Ab diesem Count pausiert die Musik vier Counts; noch einmal nimmt es weg.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Read beats…</source>
   <translation>Beats lesen…</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Take the beats from a CSV or MIDI file.</source>
   <translation>Die Beats aus einer CSV- oder MIDI-Datei nehmen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Write beats…</source>
   <translation>Beats schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Write the beats as CSV, MIDI or OpenTimelineIO, by the file's ending.</source>
   <translation>Die Beats nach der Endung der Datei als CSV, MIDI oder OpenTimelineIO schreiben.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Find the beat again</source>
   <translation>Den Beat neu suchen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Listen to the song again; corrections of yours are kept.</source>
   <translation>Den Song noch einmal anhören; deine Berichtigungen bleiben.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>the 1 is {counts} {words}</source>
   <translation>die 1 ist {counts} {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>on the beats between</source>
   <translation>auf den Beats dazwischen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>the dance starts {lines} {words}</source>
   <translation>der Tanz beginnt {lines} {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>the song</source>
   <translation>der Song</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Another way to count</source>
   <translation>Eine andere Zählweise</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Count along: is the high click where you count 1?</source>
   <translation>Zähl mit: Ist der hohe Klick da, wo du 1 zählst?</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>The 1 is right</source>
   <translation>Die 1 stimmt</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The 1 stays where it is.</source>
   <translation>Die 1 bleibt, wo sie ist.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The 1 is one count earlier</source>
   <translation>Die 1 ist einen Count früher</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The 1 is one count later</source>
   <translation>Die 1 ist einen Count später</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>What was {was} is a 1 now</source>
   <translation>Was {was} war, ist jetzt eine 1</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The dance starts a line earlier</source>
   <translation>Der Tanz beginnt eine Zeile früher</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The dance starts a line later</source>
   <translation>Der Tanz beginnt eine Zeile später</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Move the 1</source>
   <translation>Die 1 verschieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Listening to your takes</source>
   <translation>Deine Aufnahmen werden angehört</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>A part begins</source>
   <translation>Ein Teil beginnt</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Part {name} begins here</source>
   <translation>Teil {name} beginnt hier</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Join parts</source>
   <translation>Teile verbinden</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The music stops here for four counts</source>
   <translation>Die Musik setzt hier vier Counts aus</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>Another song for this dance</source>
   <translation>Ein anderer Song für diesen Tanz</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Songs ({kinds})</source>
   <translation>Songs ({kinds})</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Take a song away</source>
   <translation>Einen Song wegnehmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>{taps} at {number:.1f} a minute; {hand}</source>
   <translation>{taps} mit {number:.1f} pro Minute; {hand}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Fitting your taps</source>
   <translation>Dein Tippen wird eingepasst</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Read beats</source>
   <translation>Beats lesen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Beats (*.csv *.mid *.midi)</source>
   <translation>Beats (*.csv *.mid *.midi)</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Write beats</source>
   <translation>Beats schreiben</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>CSV (*.csv);;MIDI (*.mid);;OpenTimelineIO (*.otio)</source>
   <translation>CSV (*.csv);;MIDI (*.mid);;OpenTimelineIO (*.otio)</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>No other way to count this song was heard. T taps along, Shift and the arrows move the 1.</source>
   <translation>Keine andere Zählweise dieses Songs wurde gehört. T tippt mit, Umschalt und die Pfeile verschieben die 1.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>This count is a 1 already; so it stays.</source>
   <translation>Dieser Count ist schon eine 1; so bleibt es.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>There is no beat yet. Add a song first.</source>
   <translation>Es gibt noch keinen Beat. Füge zuerst einen Song hinzu.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The 1 is where the voice says it</source>
   <translation>Die 1 ist, wo die Stimme sie sagt</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Counted at {bpm:.0f} a minute now. Ctrl+Z takes it back.</source>
   <translation>Jetzt mit {bpm:.0f} pro Minute gezählt. Strg+Z nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/silences.py" />
   <source>Stop of the music</source>
   <translation>Pause der Musik</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/silences.py" />
   <source>The music goes on here</source>
   <translation>Die Musik geht hier weiter</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Dance to another song</source>
   <translation>Zu einem anderen Song tanzen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>There is no song to tap along with yet.</source>
   <translation>Es gibt noch keinen Song zum Mittippen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>your taps were {number} ms {side}; that is corrected</source>
   <translation>deine Anschläge waren {number} ms zu {side}; das ist ausgeglichen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>your hand was right on</source>
   <translation>deine Hand war genau richtig</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The beats are in {path}.</source>
   <translation>Die Beats sind in {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Move a beat</source>
   <translation>Einen Beat verschieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The beat is where you put it</source>
   <translation>Der Beat ist, wo du ihn hingelegt hast</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>in three</source>
   <translation>im Dreier</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>in four</source>
   <translation>im Vierer</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>lines</source>
   <translation>Zeilen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>tap</source>
   <translation>Tipper</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>taps</source>
   <translation>Tipper</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>Find the beat</source>
   <translation>Den Beat suchen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{lines} at {bpm:.0f}</source>
   <translation>{lines} mit {bpm:.0f}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{number:g} left over</source>
   <translation>{number:g} übrig</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{number:g} too short</source>
   <translation>{number:g} zu kurz</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>If it is not, stand on the count that is, and press “This count is a 1” beside the page.</source>
   <translation>Wenn nicht: Geh auf den Count, der es ist, und drücke neben der Seite „Dieser Count ist eine 1“.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Choose the song</source>
   <translation>Den Song wählen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{bpm:.1f} a minute</source>
   <translation>{bpm:.1f} pro Minute</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Meter</source>
   <translation>Takt</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{meter} beats a bar, lines of {line}</source>
   <translation>{meter} Beats im Takt, Zeilen zu {line}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Sure</source>
   <translation>Sicher</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{confidence:.0%} over all, {lines} weak</source>
   <translation>{confidence:.0%} im Ganzen, {lines} schwach</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{reading} (Alt+{number})</source>
   <translation>{reading} (Alt+{number})</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>If the 1 is wrong</source>
   <translation>Wenn die 1 falsch ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>If the tempo is wrong</source>
   <translation>Wenn das Tempo falsch ist</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>From the count you stand on:</source>
   <translation>Ab dem Count, auf dem du stehst:</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Or tap T along while it plays: four taps or more make the beat. A delay that is always the same is corrected.</source>
   <translation>Oder tippe beim Abspielen T mit: ab vier Anschlägen ergeben sie den Beat. Eine immer gleiche Verspätung wird ausgeglichen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Drag a beat mark to move it; its neighbours follow to the next one fixed by hand.</source>
   <translation>Zieh eine Beatmarke, um sie zu verschieben; ihre Nachbarn folgen bis zur nächsten von Hand gesetzten.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Parts of the song</source>
   <translation>Teile des Songs</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Tempo there</source>
   <translation>Tempo dort</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{bpm:.1f} a minute, {tempo_ratio:.0%} of this song</source>
   <translation>{bpm:.1f} pro Minute, {tempo_ratio:.0%} dieses Songs</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Lead-in there</source>
   <translation>Vorlauf dort</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{lead_in} counts, {lead_in_s:.1f} s</source>
   <translation>{lead_in} Counts, {lead_in_s:.1f} s</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{number:g} counts, {number2:g} danced, {left}</source>
   <translation>{number:g} Counts, {number2:g} getanzt, {left}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Dance ends</source>
   <translation>Tanz endet</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{words}, {weak} weak</source>
   <translation>{words}, {weak} schwach</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Choose the song…</source>
   <translation>Den Song wählen…</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Dropping it on the window does the same.</source>
   <translation>Ihn auf das Fenster zu ziehen tut dasselbe.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>The count you stand on becomes count 1.</source>
   <translation>Der Count, auf dem du stehst, wird die 1.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>The song from its first count on, with clicks: count along.</source>
   <translation>Der Song ab dem ersten Count, mit Klicks: Zähl mit.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Drop a song on the window, or choose one with Ctrl+I. Vamos finds its beat.</source>
   <translation>Zieh einen Song auf das Fenster, oder wähle einen mit Strg+I. Vamos findet seinen Beat.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>The beat has not been found yet.</source>
   <translation>Der Beat wurde noch nicht gefunden.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Not sure how this is counted. Each way is heard at once with clicks:</source>
   <translation>Nicht sicher, wie gezählt wird. Jede Weise ist sofort mit Klicks zu hören:</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Other ways to count</source>
   <translation>Andere Zählweisen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>1 earlier</source>
   <translation>1 früher</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>1 later</source>
   <translation>1 später</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>A line earlier</source>
   <translation>Eine Zeile früher</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>A line later</source>
   <translation>Eine Zeile später</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Half as fast</source>
   <translation>Halb so schnell</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Twice as fast</source>
   <translation>Doppelt so schnell</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>⅔ as fast</source>
   <translation>⅔ so schnell</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>1½ × as fast</source>
   <translation>1½-mal so schnell</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Heard to be alike: {parts}.</source>
   <translation>Klingen gleich: {parts}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>A part begins here</source>
   <translation>Hier beginnt ein Teil</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Name of the part</source>
   <translation>Name des Teils</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Length of lines</source>
   <translation>Länge der Zeilen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Name of this part</source>
   <translation>Name dieses Teils</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Counts in a line of this part</source>
   <translation>Counts in einer Zeile dieses Teils</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>lines of</source>
   <translation>Zeilen zu</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Add another song…</source>
   <translation>Noch einen Song hinzufügen…</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>A bar of {number:g} before line {line}.</source>
   <translation>Ein Takt von {number:g} vor Zeile {line}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>no song yet</source>
   <translation>noch kein Song</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>beat not found</source>
   <translation>Beat nicht gefunden</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Listen to the 1</source>
   <translation>Die 1 anhören</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Join to the one before</source>
   <translation>Mit dem davor verbinden</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Its beat is not known, so it cannot be compared.</source>
   <translation>Sein Beat ist nicht bekannt, also lässt er sich nicht vergleichen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Dance to this one</source>
   <translation>Dazu tanzen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Take it away</source>
   <translation>Wegnehmen</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Listen for it in the takes</source>
   <translation>In den Aufnahmen hören</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Move it there</source>
   <translation>Dorthin verschieben</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>At {minutes}: {danced}</source>
   <translation>Bei {minutes}: {danced}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>Where the music stops</source>
   <translation>Wo die Musik aussetzt</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>{number} more further away.</source>
   <translation>{number} weitere weiter weg.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>Beats the music stops for</source>
   <translation>Schläge, die die Musik aussetzt</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>Counts danced while it stops</source>
   <translation>Counts, die dabei getanzt werden</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>lasts</source>
   <translation>dauert</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>beats, danced</source>
   <translation>Schläge, getanzt</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>Title</source>
   <translation>Titel</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>What is used of the song</source>
   <translation>Was vom Song benutzt wird</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>Begins at</source>
   <translation>Beginnt bei</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>Ends at</source>
   <translation>Endet bei</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>Fade-out</source>
   <translation>Ausblenden</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>no fade</source>
   <translation>ohne Ausblenden</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>Title of the song</source>
   <translation>Titel des Songs</translation>
  </message>
  <message>
   <location filename="../ui/tasks/clips.py" />
   <source>mirrored</source>
   <translation>gespiegelt</translation>
  </message>
  <message>
   <location filename="../ui/tasks/clips.py" />
   <source>{title}, {view}: {words} now</source>
   <translation>{title}, {view}: jetzt {words}</translation>
  </message>
  <message>
   <location filename="../ui/tasks/clips.py" />
   <source>There is no clip here to flip; go to a line of the dance that was filmed.</source>
   <translation>Hier ist kein Clip zum Spiegeln; geh zu einer Zeile des Tanzes, die gefilmt ist.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Songs and films (</source>
   <translation>Songs und Filme (</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Nothing</source>
   <translation>Nichts</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>{name}: Vamos reads songs ({words}) and films ({words2}). Nothing was changed.</source>
   <translation>{name}: Vamos liest Songs ({words}) und Filme ({words2}). Nichts wurde geändert.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Adding files</source>
   <translation>Dateien werden hinzugefügt</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Added: {words}.</source>
   <translation>Hinzugefügt: {words}.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Looking at {name}</source>
   <translation>{name} wird angesehen</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>The folder could not be read: {number}. Nothing was changed.</source>
   <translation>Der Ordner ließ sich nicht lesen: {number}. Nichts wurde geändert.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Add files</source>
   <translation>Dateien hinzufügen</translation>
  </message>
  <message>
   <location filename="../ui/tasks/placing.py" />
   <source>Placing takes</source>
   <translation>Aufnahmen werden eingeordnet</translation>
  </message>
  <message>
   <location filename="../ui/tasks/placing.py" />
   <source>Add the song first; takes are placed on it.</source>
   <translation>Füge zuerst den Song hinzu; die Aufnahmen werden darauf eingeordnet.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/placing.py" />
   <source>All takes were looked at already.</source>
   <translation>Alle Aufnahmen wurden schon angesehen.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/placing.py" />
   <source>{takes} placed.</source>
   <translation>{takes} eingeordnet.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/songs.py" />
   <source>Listening to another song</source>
   <translation>Ein anderer Song wird angehört</translation>
  </message>
  <message>
   <location filename="../ui/tasks/songs.py" />
   <source>Another song</source>
   <translation>Ein anderer Song</translation>
  </message>
  <message>
   <location filename="../ui/tasks/songs.py" />
   <source>{title} is kept beside this song; how it fits stands at Song, below</source>
   <translation>{title} bleibt neben diesem Song; wie er passt, steht bei Song, unten</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>Press the main button</source>
   <translation>Die große Schaltfläche drücken</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>The large button at the bottom right.</source>
   <translation>Die große Schaltfläche unten rechts.</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>Single-letter keys are off. The menu View has them.</source>
   <translation>Tasten aus einem Zeichen sind aus. Das Menü Ansicht hat sie.</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>cannot be worked out</source>
   <translation>lässt sich nicht ausrechnen</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>Mirrored</source>
   <translation>Gespiegelt</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>Something went wrong in Vamos itself; your project is safe in its file. A report without anything private was copied: paste it into a message to the developers.</source>
   <translation>In Vamos selbst ging etwas schief; dein Projekt ist in seiner Datei sicher. Ein Bericht ohne Privates wurde kopiert: Füg ihn in eine Nachricht an die Entwickler ein.</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>{name} – Vamos</source>
   <translation>{name} – Vamos</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>Single-letter keys are on.</source>
   <translation>Tasten aus einem Zeichen sind an.</translation>
  </message>
  <message>
   <location filename="../ui/work/runner.py" />
   <source>{name}: stopped. Nothing half-written was left.</source>
   <translation>{name}: angehalten. Nichts Halbgeschriebenes ist liegen geblieben.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>{name} was not closed last time. All changes up to {when} are here.</source>
   <translation>{name} wurde letztes Mal nicht geschlossen. Alle Änderungen bis {when} sind da.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>The project</source>
   <translation>Das Projekt</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>{name} was changed by something else, which is taken over. Ctrl+Z goes back to yours.</source>
   <translation>{name} wurde von etwas anderem geändert; das ist übernommen. Strg+Z führt zu deinem zurück.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>Taken back: {name}. Ctrl+Shift+Z makes it again.</source>
   <translation>Zurückgenommen: {name}. Strg+Umschalt+Z macht es wieder.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>Made again: {name}. Ctrl+Z takes it back.</source>
   <translation>Wieder gemacht: {name}. Strg+Z nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>{name} is open in another window as well ({words}). What is saved there is taken over here; when both change something at once, both are kept.</source>
   <translation>{name} ist auch in einem anderen Fenster offen ({words}). Was dort gespeichert wird, wird hier übernommen; ändern beide zugleich etwas, bleibt beides.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>{told}. Ctrl+Z takes it back.</source>
   <translation>{told}. Strg+Z nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>Changed: {what}. Ctrl+Z takes it back.</source>
   <translation>Geändert: {what}. Strg+Z nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>There is nothing to take back.</source>
   <translation>Es gibt nichts zurückzunehmen.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>There is nothing to make again.</source>
   <translation>Es gibt nichts wiederherzustellen.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>{name} was changed by something else meanwhile and was left as it is. Your version is kept beside it as {name2}, and is what is open now.</source>
   <translation>{name} wurde inzwischen von etwas anderem geändert und blieb, wie es war. Deine Fassung liegt daneben als {name2}; sie ist jetzt offen.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>The project could not be saved. {error}</source>
   <translation>Das Projekt ließ sich nicht speichern. {error}</translation>
  </message>
 </context>
</TS>
