<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
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
   <translation>tiempo</translation>
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
   <translation>tiempos</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>The demo project: {project}</source>
   <translation>El proyecto de demostración: {project}</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <source>a turn is still open</source>
   <translation>un giro sigue sin decidir</translation>
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
   <translation>pared</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../core/dance/checks.py" />
   <location filename="../core/dance/offers.py" />
   <location filename="../core/lesson/plan.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>walls</source>
   <translation>paredes</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{learned} to learn</source>
   <translation>{learned} por aprender</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{head}; {number:g} danced</source>
   <translation>{head}; se bailan {number:g}</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>Verified: {number} comparisons, {number2} do not hold.</source>
   <translation>Comprobado: {number} comparaciones, {number2} no se cumplen.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{clips} clips in {folder}</source>
   <translation>{clips} clips en {folder}</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{value:.1f} a minute, {number} beats, meter {value2}, lead-in {value3} counts, confidence {value4:.0%}</source>
   <translation>{value:.1f} por minuto, {number} pulsos, compás {value2}, introducción de {value3} tiempos, seguridad {value4:.0%}</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>the project has no song with a beat grid to compare with.</source>
   <translation>el proyecto no tiene una canción con pulso con la que comparar.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{bpm:.1f} a minute, {tempo_ratio:.0%} of the song of the project; lead-in {lead_in} counts, {lead_in_s:.1f} s</source>
   <translation>{bpm:.1f} por minuto, {tempo_ratio:.0%} de la canción del proyecto; introducción {lead_in} tiempos, {lead_in_s:.1f} s</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{at}count {number:4d}  {name}, facing {facing}</source>
   <translation>{at}tiempo {number:4d}  {name}, mirando a {facing}</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>there is something under this name.</source>
   <translation>ya hay algo con ese nombre.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../core/pack/write.py" />
   <source>There is nothing to cut yet: a pack needs a song with its grid and a take placed on it.</source>
   <translation>Todavía no hay nada que cortar: un paquete necesita una canción con su pulso y una toma colocada sobre ella.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{files} files, {number} comparisons, {number2} do not hold</source>
   <translation>{files} archivos, {number} comparaciones, {number2} no se cumplen</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{number:g} counts for {number2:g} danced; the dance ends at {ends_at_s:.1f} s of {song_ends_at_s:.1f} s, facing </source>
   <translation>{number:g} tiempos para {number2:g} bailados; el baile acaba en {ends_at_s:.1f} s de {song_ends_at_s:.1f} s, mirando a </translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>It fits.</source>
   <translation>Encaja.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>Vamos is out of the menu of {share}.</source>
   <translation>Vamos ya no está en el menú de {share}.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>Vamos was not in the menu of {share}.</source>
   <translation>Vamos no estaba en el menú de {share}.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>{value}: {value2}, {number} passes, confidence {value3:.0%}</source>
   <translation>{value}: {value2}, {number} pasadas, seguridad {value3:.0%}</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <location filename="../core/disk/atomic.py" />
   <location filename="../core/disk/outputs.py" />
   <location filename="../core/plan/own_profiles.py" />
   <source>It was not changed.</source>
   <translation>No se cambió.</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>Choose a new name for the project, or write its pack with “vamos pack”.</source>
   <translation>Elige otro nombre para el proyecto, o escribe su paquete con «vamos pack».</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>unknown</source>
   <translation>desconocido</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>not readable</source>
   <translation>no se puede leer</translation>
  </message>
  <message>
   <location filename="../cli/commands.py" />
   <source>    the song is the same at {places}: which of these it is cannot be heard</source>
   <translation>    la canción es igual en {places}: no se oye cuál de ellos es</translation>
  </message>
  <message>
   <location filename="../cli/footage.py" />
   <source>{take} is split at {second:g} s; the second part is “{name}”.</source>
   <translation>{take} queda dividida en {second:g} s; la segunda parte es «{name}».</translation>
  </message>
  <message>
   <location filename="../cli/footage.py" />
   <source>There is no take “{name}”; there are: {names}.</source>
   <translation>No hay ninguna toma «{name}»; hay: {names}.</translation>
  </message>
  <message>
   <location filename="../cli/footage.py" />
   <source>{name}, {start_s:.1f} to {end_s:.1f} s: {reason}</source>
   <translation>{name}, de {start_s:.1f} a {end_s:.1f} s: {reason}</translation>
  </message>
  <message>
   <location filename="../cli/footage.py" />
   <source>The 1 was moved there.</source>
   <translation>El 1 se movió allí.</translation>
  </message>
  <message>
   <location filename="../cli/footage.py" />
   <source>{name}: sides are called: {calls}</source>
   <translation>{name}: se dicen los lados: {calls}</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>{films} in {out}: {number} comparisons, {number2} do not hold.</source>
   <translation>{films} en {out}: {number} comparaciones, {number2} no se cumplen.</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>the wanted length; says what is left out</source>
   <translation>la duración deseada; dice qué se omite</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>in which pieces it is put together</source>
   <translation>en qué trozos se monta</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>how a section is met first</source>
   <translation>cómo se presenta primero una sección</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>when the whole dance is shown</source>
   <translation>cuándo se enseña el baile entero</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>where walls, tags and restarts are told</source>
   <translation>dónde se explican paredes, puentes y reinicios</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>how it gets quicker</source>
   <translation>cómo se va haciendo más rápido</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>keep what was said in the project</source>
   <translation>guardar lo dicho en el proyecto</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>write the plan as .md or .pdf</source>
   <translation>escribir el plan como .md o .pdf</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>write the film of the lesson there, and verify it</source>
   <translation>escribir allí la película de la clase y comprobarla</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>write a loop of each section there, and verify them</source>
   <translation>escribir allí un bucle de cada sección y comprobarlos</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>write what to film for it as .md or .html</source>
   <translation>escribir lo que hay que filmar para ella como .md o .html</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>There is no dance to teach yet. Write its sections at Dance, or read a sheet.</source>
   <translation>Todavía no hay baile que enseñar. Escribe sus secciones en Baile, o lee una hoja.</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>A take is logged with --rolled, --heard and --stopped, such as 2026-05-01T18:30:12.5.</source>
   <translation>Una toma se anota con --rolled, --heard y --stopped, como 2026-05-01T18:30:12.5.</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>log a take; the moments are ISO 8601</source>
   <translation>anotar una toma; los momentos van en ISO 8601</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>when the camera ran</source>
   <translation>cuándo empezó a grabar la cámara</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>when the song was heard first</source>
   <translation>cuándo se oyó primero la canción</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>when it stopped</source>
   <translation>cuándo paró</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>the song's second heard first</source>
   <translation>el segundo de la canción que se oyó primero</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>how it was</source>
   <translation>cómo salió</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>what went wrong</source>
   <translation>qué salió mal</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>from the start to where a camera can stand</source>
   <translation>desde el punto de inicio hasta donde puede estar la cámara</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>focal length for a frame of 36 × 24 mm</source>
   <translation>distancia focal para un cuadro de 36 × 24 mm</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>the phone is held upright</source>
   <translation>el móvil se sujeta en vertical</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>how high the camera stands</source>
   <translation>a qué altura está la cámara</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>how far arms and what they hold reach</source>
   <translation>hasta dónde llegan los brazos y lo que sostienen</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>the length of a step</source>
   <translation>la longitud de un paso</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <location filename="../core/pack/summary.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>film</source>
   <translation>vídeo</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <location filename="../core/pack/summary.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>films</source>
   <translation>vídeos</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>--{name} “{value}” is no moment; write it as 2026-05-01T18:30:12.5.</source>
   <translation>--{name} «{value}» no es un momento; escríbelo como 2026-05-01T18:30:12.5.</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <source>{name}: on {away} learners look away from the screen.</source>
   <translation>{name}: en {away} quien aprende no ve la pantalla.</translation>
  </message>
  <message>
   <location filename="../cli/lessons.py" />
   <location filename="../ui/frame/find_page.py" />
   <source>no clip shows it</source>
   <translation>ningún clip lo muestra</translation>
  </message>
  <message>
   <location filename="../cli/main.py" />
   <source>Stopped. Nothing half-written was left.</source>
   <translation>Parado. No quedó nada a medio escribir.</translation>
  </message>
  <message>
   <location filename="../cli/main.py" />
   <location filename="../ui/work/runner.py" />
   <source>There is not enough memory for this. Close other programs and try again.</source>
   <translation>No hay memoria suficiente para esto. Cierra otros programas e inténtalo de nuevo.</translation>
  </message>
  <message>
   <location filename="../cli/main.py" />
   <source>This is a fault of Vamos, not of yours. What was written before stands; nothing else was changed. A report without anything private is in {log_path}.</source>
   <translation>Esto es un fallo de Vamos, no tuyo. Lo que ya estaba escrito sigue ahí; no se cambió nada más. Hay un informe sin nada privado en {log_path}.</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>settings for a purpose: {names}, or one of your own</source>
   <translation>ajustes para un fin: {names}, o uno tuyo</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>keep these settings under a name, for all projects</source>
   <translation>guardar estos ajustes con un nombre, para todos los proyectos</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>the section that a class set teaches</source>
   <translation>la sección que enseña un juego para clase</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>25 to 125, such as 100 75 50</source>
   <translation>de 25 a 125, como 100 75 50</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>what is heard</source>
   <translation>qué se oye</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>more sounds to write</source>
   <translation>más sonidos que escribir</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>clicks over the song, 0 to 1</source>
   <translation>clics sobre la canción, de 0 a 1</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>the counting voice over the song, 0 to 1</source>
   <translation>la voz que cuenta sobre la canción, de 0 a 1</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>what the film heard under the song, 0 to 1</source>
   <translation>lo que oyó la película bajo la canción, de 0 a 1</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>what the counting voice speaks</source>
   <translation>qué idioma habla la voz que cuenta</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>whose moves stand over the picture, of partners or groups</source>
   <translation>de quién son los movimientos que se ven sobre la imagen, en parejas o grupos</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>what students read; without it as you do</source>
   <translation>qué idioma leen los alumnos; si no, el tuyo</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>so much of the song in each clip, from its 1 on</source>
   <translation>cuánto de la canción en cada clip, desde su 1</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>where the counts stand</source>
   <translation>dónde se ven los tiempos</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>the picture's shape</source>
   <translation>la forma de la imagen</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>go close to the dancer and follow slowly</source>
   <translation>acercarse a quien baila y seguirle despacio</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>longest side; without it as the film, up to 1920</source>
   <translation>lado más largo; si no, como la película, hasta 1920</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>pictures a second; without it as the film</source>
   <translation>imágenes por segundo; si no, como la película</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>for the hall, for the phone, small</source>
   <translation>para la sala, para el móvil, pequeño</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>counts before each clip: 0 to 64, or phrase</source>
   <translation>tiempos antes de cada clip: de 0 a 64, o phrase</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>what they show and say</source>
   <translation>qué muestran y qué dicen</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>how counts are said</source>
   <translation>cómo se dicen los tiempos</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>counts ahead that a tag or restart is called</source>
   <translation>cuántos tiempos antes se avisa de un puente o reinicio</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>the view of the run-through, or none</source>
   <translation>la vista del pase completo, o none</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>counts of the run-through, from FROM up to TO; 0 is the first danced</source>
   <translation>tiempos del pase completo, desde FROM hasta TO; 0 es el primero que se baila</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>cards in the run-through: title=8 section=4 tag=4 end=8; 0 is none</source>
   <translation>rótulos del pase completo: title=8 section=4 tag=4 end=8; 0 es ninguno</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>count evenly where the song is not heard</source>
   <translation>contar de forma regular donde no se oye la canción</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>more versions: as filmed, to progress, half-time, double time, front and back side by side, feet in a corner</source>
   <translation>más versiones: como se filmó, avanzando, a medio tiempo, a doble tiempo, frente y espalda juntos, pies en una esquina</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>There is no profile “{name}”. There are: {words}.</source>
   <translation>No hay perfil «{name}». Hay: {words}.</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>“{words}” is no card. Say title=8, section=4, tag=4 or end=8; 0 is none.</source>
   <translation>«{words}» no es un rótulo. Di title=8, section=4, tag=4 o end=8; 0 es ninguno.</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>“{value}” in “{words}”</source>
   <translation>«{value}» en «{words}»</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>{what} is not known. Say {words}, or NAME=LANE,LANE… with lanes of {words2}.</source>
   <translation>{what} no se conoce. Di {words}, o NAME=LANE,LANE… con carriles de {words2}.</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>more versions with other things over the picture: feet, words, clean, or NAME=LANE,LANE… of </source>
   <translation>más versiones con otras cosas sobre la imagen: feet, words, clean, o NAME=LANE,LANE… de </translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>There is no section “{new_section}”; the dance has: {known}.</source>
   <translation>No hay sección «{new_section}»; el baile tiene: {known}.</translation>
  </message>
  <message>
   <location filename="../cli/output.py" />
   <source>Nobody is called “{role}” in this dance; it has: {known}.</source>
   <translation>Nadie se llama «{role}» en este baile; tiene: {known}.</translation>
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
   <translation>ninguno</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>put Vamos into the desktop’s menu; projects open with it</source>
   <translation>poner Vamos en el menú del escritorio; los proyectos se abren con él</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>open the window, with files or what was open last</source>
   <translation>abrir la ventana, con archivos o con lo último abierto</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>make the demo project, then open it</source>
   <translation>hacer el proyecto de demostración y abrirlo</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>find the beat grid of a song</source>
   <translation>encontrar el pulso de una canción</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>what is known of a project’s song; its title, what is used of it, where it stops</source>
   <translation>lo que se sabe de la canción de un proyecto; su título, qué se usa de ella, dónde para</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>see how another song fits the dance of a project</source>
   <translation>ver cómo encaja otra canción con el baile de un proyecto</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>read a count sheet and say all that follows from it</source>
   <translation>leer una hoja de baile y decir todo lo que se deduce de ella</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the count sheet of a project or sheet</source>
   <translation>escribir la hoja de baile de un proyecto o de una hoja</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>place takes on a song by their sound</source>
   <translation>colocar tomas sobre una canción por su sonido</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>the whole main job: a pack from a song and takes, without questions</source>
   <translation>todo el trabajo: un paquete desde una canción y tomas, sin preguntas</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>list the clips that would be cut, with reasons and problems</source>
   <translation>la lista de los clips que se cortarían, con motivos y problemas</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>what exists in which view, and what to film next</source>
   <translation>qué hay en cada vista, y qué filmar después</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>plan the lesson: steps, how often, how slow, how long, what to film</source>
   <translation>planear la clase: pasos, cuántas veces, a qué velocidad, cuánto dura, qué filmar</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>where something is danced, and which clips show it</source>
   <translation>dónde se baila algo, y qué clips lo muestran</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>does the dancer stay in the picture: room, lens, travel, reach</source>
   <translation>si quien baila queda dentro de la imagen: sala, objetivo, recorrido, alcance</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>what was filmed when, and what is to be done again; it places takes</source>
   <translation>qué se filmó y cuándo, y qué hay que repetir; coloca tomas</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>look for holds danced through, late entries, hands out of the picture</source>
   <translation>buscar paradas bailadas, entradas tarde, manos fuera de la imagen</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>listen to the takes: where the voice says “one” over the song</source>
   <translation>escuchar las tomas: dónde dice la voz «uno» sobre la canción</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>listen to a take in a recording made beside it, and place it anew</source>
   <translation>escuchar una toma en una grabación hecha al lado, y colocarla de nuevo</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>treat what a film shows from a second on as a take of its own</source>
   <translation>tratar lo que una película muestra desde un segundo como una toma propia</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the pack of a project</source>
   <translation>escribir el paquete de un proyecto</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>decode a pack and compare it with its manifest; or a page in one file</source>
   <translation>descodificar un paquete y compararlo con su manifiesto; o una página en un archivo</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the page of a pack as one file that holds its films</source>
   <translation>escribir la página de un paquete como un solo archivo con sus películas</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>let phones in the same network watch a pack</source>
   <translation>dejar que los móviles de la misma red vean un paquete</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>Dance tutorials from a song and phone footage.</source>
   <translation>Tutoriales de baile a partir de una canción y de vídeos del móvil.</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>Exit status: 0 done, 1 finished with problems that are listed, 2 cannot.</source>
   <translation>Estado de salida: 0 hecho, 1 acabado con problemas en la lista, 2 no se puede.</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>no progress on standard error</source>
   <translation>sin avance en la salida de errores</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>take it out again</source>
   <translation>quitarlo otra vez</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>the share folder; yours (~/.local/share) without it</source>
   <translation>la carpeta compartida; si no, la tuya (~/.local/share)</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>where to make it</source>
   <translation>dónde hacerlo</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>only make it and say where it is</source>
   <translation>solo hacerlo y decir dónde está</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>film its takes and play its song anew instead of copying</source>
   <translation>filmar sus tomas y tocar su canción de nuevo en vez de copiarlas</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the demo's pack there as well, and verify it</source>
   <translation>escribir allí también el paquete de la demostración y comprobarlo</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the beats as well, as .csv, .mid or .otio</source>
   <translation>escribir también los pulsos, como .csv, .mid o .otio</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>a sheet as .csv, .json or .md, or a project</source>
   <translation>una hoja como .csv, .json o .md, o un proyecto</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>a project, or a sheet as .csv, .json or .md</source>
   <translation>un proyecto, o una hoja como .csv, .json o .md</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>.pdf, .md, .csv or .json; .svg is the wall map</source>
   <translation>.pdf, .md, .csv o .json; .svg es el mapa de paredes</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>keep the project in this file as well</source>
   <translation>guardar el proyecto también en este archivo</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>first add a clip of your own to the project: counts from FROM up to TO, 0 is the first danced</source>
   <translation>primero añadir al proyecto un clip propio: tiempos desde FROM hasta TO, 0 es el primero que se baila</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>first take a clip of your own out of the project</source>
   <translation>primero quitar del proyecto un clip propio</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the list as .md or .csv</source>
   <translation>escribir la lista como .md o .csv</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write what to leave out of the takes as .csv or .otio</source>
   <translation>escribir lo que hay que omitir de las tomas como .csv o .otio</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>such as: half turn; 5&amp;6; back view of the tag</source>
   <translation>como: half turn; 5&amp;6; back view of the tag</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>move the 1 of the song to where it is said</source>
   <translation>mover el 1 de la canción a donde se dice</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>its name</source>
   <translation>su nombre</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>such as a voice memo of the same moment</source>
   <translation>como una nota de voz del mismo momento</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>the film’s own sound</source>
   <translation>el sonido propio de la película</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>say how many files, how long and how large, write none</source>
   <translation>decir cuántos archivos, cuánto duran y cuánto ocupan; no escribir ninguno</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>only this section; again for more</source>
   <translation>solo esta sección; repetir para más</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>a port of this machine; 0 takes a free one</source>
   <translation>un puerto de esta máquina; 0 toma uno libre</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>listen on this address of the machine only</source>
   <translation>escuchar solo en esta dirección de la máquina</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>end by itself after so many minutes</source>
   <translation>terminar solo después de tantos minutos</translation>
  </message>
  <message>
   <location filename="../cli/parser.py" />
   <source>write the result as JSON; - is standard output</source>
   <translation>escribir el resultado como JSON; - es la salida estándar</translation>
  </message>
  <message>
   <location filename="../cli/serving.py" />
   <source>Nobody can reach it any more.</source>
   <translation>Ya nadie puede llegar a él.</translation>
  </message>
  <message>
   <location filename="../cli/serving.py" />
   <source>{path}: {size:.1f} MB, opens in any browser without a network</source>
   <translation>{path}: {size:.1f} MB, se abre en cualquier navegador sin red</translation>
  </message>
  <message>
   <location filename="../cli/serving.py" />
   <source>Ctrl+C ends it.</source>
   <translation>Ctrl+C lo termina.</translation>
  </message>
  <message>
   <location filename="../cli/serving.py" />
   <source>About {size:.0f} MB: phones may refuse so large a page; --section takes one section.</source>
   <translation>Unos {size:.0f} MB: los móviles pueden rechazar una página tan grande; --section toma una sección.</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>Used from {start} to {end}, of {length}.</source>
   <translation>Se usa de {start} a {end}, de {length}.</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>what the song is called where students read it</source>
   <translation>cómo se llama la canción donde la leen los alumnos</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>use the song from here on, such as 0:07.5</source>
   <translation>usar la canción desde aquí, como 0:07.5</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>use the song up to here; 0 is to its end</source>
   <translation>usar la canción hasta aquí; 0 es hasta su final</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>fade it out over so many seconds</source>
   <translation>bajarla poco a poco durante tantos segundos</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>the music stops from COUNT on (0 is the first danced), COUNTS are danced, it lasts BEATS, such as 2½</source>
   <translation>la música para desde COUNT (0 es el primero que se baila), se bailan COUNTS, dura BEATS, como 2½</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>Song without a title</source>
   <translation>Canción sin título</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>Fades out over {seconds:g} s.</source>
   <translation>Se apaga durante {seconds:g} s.</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>{bpm:.1f} a minute; count 1 after {lead_in} counts, at {time}.</source>
   <translation>{bpm:.1f} por minuto; el tiempo 1 tras {lead_in} tiempos, en {time}.</translation>
  </message>
  <message>
   <location filename="../cli/song.py" />
   <source>“{value}” is not a whole number of counts.</source>
   <translation>«{value}» no es un número entero de tiempos.</translation>
  </message>
  <message>
   <location filename="../core/align/better_sound.py" />
   <source>there is no sound in it.</source>
   <translation>no hay sonido en él.</translation>
  </message>
  <message>
   <location filename="../core/align/better_sound.py" />
   <source>the film has no sound of its own, so a recording cannot be laid on it.</source>
   <translation>la película no tiene sonido propio, así que no se le puede poner una grabación.</translation>
  </message>
  <message>
   <location filename="../core/align/better_sound.py" />
   <source>it does not fit the sound of {name}: they do not seem to hear the same.</source>
   <translation>no encaja con el sonido de {name}: no parecen oír lo mismo.</translation>
  </message>
  <message>
   <location filename="../core/align/better_sound.py" />
   <source>Place the take by its steps or by eye.</source>
   <translation>Coloca la toma por sus pasos o a ojo.</translation>
  </message>
  <message>
   <location filename="../core/align/better_sound.py" />
   <location filename="../core/dance/sheets/files.py" />
   <location filename="../core/disk/alone.py" />
   <source>Nothing was changed.</source>
   <translation>No se cambió nada.</translation>
  </message>
  <message>
   <location filename="../core/align/by_log.py" />
   <source>{reason}; which of {number} places that sound alike: by the filming log</source>
   <translation>{reason}; cuál de {number} lugares que suenan igual: por el registro de rodaje</translation>
  </message>
  <message>
   <location filename="../core/align/by_log.py" />
   <source>placed by the filming log ({what}), to about a second; nothing was heard: slide it into step</source>
   <translation>colocada por el registro de rodaje ({what}), a un segundo más o menos; no se oyó nada: ajústala a los pasos</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>the song is heard, placed within {within:.1f} ms</source>
   <translation>se oye la canción, colocada con {within:.1f} ms de margen</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>counted aloud, no music; which count is 1 was heard</source>
   <translation>contado en voz alta, sin música; se oyó cuál es el 1</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>Placed {name}</source>
   <translation>{name} colocada</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>the song is heard at {rate:.0%}, placed within {within:.0f} ms</source>
   <translation>la canción se oye al {rate:.0%}, colocada con {within:.0f} ms de margen</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>; the song repeats exactly, so it may also be elsewhere</source>
   <translation>; la canción se repite exactamente, así que también puede ser otro lugar</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>a steady voice without the song, perhaps counting: see whether it is, and say which count is 1</source>
   <translation>una voz constante sin la canción, quizá contando: mira si lo es, y di qué tiempo es el 1</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <location filename="../core/make.py" />
   <source>there is no picture in it, so it cannot be a take.</source>
   <translation>no hay imagen en él, así que no puede ser una toma.</translation>
  </message>
  <message>
   <location filename="../core/align/place.py" />
   <source>{reason}; the recorder lost a moment at {cut:.1f} s, which is kept in mind</source>
   <translation>{reason}; la grabadora perdió un momento en {cut:.1f} s, que se tiene en cuenta</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>({votes} of {heard} numbers)</source>
   <translation>({votes} de {heard} números)</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>The voice says “one” {counts} {later} than lines begin {votes}.</source>
   <translation>La voz dice «uno» {counts} {later} de donde empiezan las líneas {votes}.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>In {words} no voice was understood that counts over the song; nothing was changed.</source>
   <translation>En {words} no se entendió ninguna voz que cuente sobre la canción; no se cambió nada.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>The voice says “one” where lines begin {votes}.</source>
   <translation>La voz dice «uno» donde empiezan las líneas {votes}.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>later</source>
   <translation>después</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>earlier</source>
   <translation>antes</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>There is no beat yet to compare a voice with. Add the song at Song first.</source>
   <translation>Todavía no hay pulso con el que comparar una voz. Añade primero la canción en Canción.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>No take is placed on the song yet, so there is no voice to listen to. Add takes at Film first.</source>
   <translation>No hay ninguna toma colocada sobre la canción, así que no hay voz que escuchar. Añade primero tomas en Rodaje.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>Spoken numbers cannot be recognised here: pocketsphinx is not installed. Start Vamos by ./run, or move the 1 by hand.</source>
   <translation>Aquí no se pueden reconocer números hablados: falta pocketsphinx. Inicia Vamos con ./run, o mueve el 1 a mano.</translation>
  </message>
  <message>
   <location filename="../core/align/said_one.py" />
   <source>Listening to {name}</source>
   <translation>Escuchando {name}</translation>
  </message>
  <message>
   <location filename="../core/align/slowed.py" />
   <source>Looking for the song at another speed</source>
   <translation>Buscando la canción a otra velocidad</translation>
  </message>
  <message>
   <location filename="../core/align/song_in_room.py" />
   <source>Placing by its sound</source>
   <translation>Colocando por su sonido</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>first steps</source>
   <translation>primeros pasos</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>beginner</source>
   <translation>principiante</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>improver</source>
   <translation>básico</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>intermediate</source>
   <translation>intermedio</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>advanced</source>
   <translation>avanzado</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>at {facing}</source>
   <translation>a las {facing}</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>; {turn_to_front} to finish at 12:00</source>
   <translation>; {turn_to_front} para acabar a las 12:00</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/dance/wall_map.py" />
   <source>{counts} counts</source>
   <translation>{counts} tiempos</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>turns of a half or more</source>
   <translation>giros de media vuelta o más</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{between} moves between the counts</source>
   <translation>{between} movimientos entre los tiempos</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>{number:.0f} a minute</source>
   <translation>{number:.0f} por minuto</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>tags, restarts or parts</source>
   <translation>puentes, reinicios o partes</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>many moves a count</source>
   <translation>muchos movimientos por tiempo</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>after {lead_in} counts, {value:.1f} s</source>
   <translation>tras {lead_in} tiempos, {value:.1f} s</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>with the first count</source>
   <translation>con el primer tiempo</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/dance/sheets/pdf.py" />
   <location filename="../ui/stops/dance/__init__.py" />
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>Dance</source>
   <translation>Baile</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/pack/students_page.py" />
   <location filename="../ui/stops/song/__init__.py" />
   <location filename="../ui/stops/song/actions.py" />
   <source>Song</source>
   <translation>Canción</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>Starts</source>
   <translation>Empieza</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/pack/students_page.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>By</source>
   <translation>De</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/pack/students_page.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>Level</source>
   <translation>Nivel</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/pack/students/page.html" />
   <location filename="../core/pack/students_page.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Counts</source>
   <translation>Tiempos</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../core/dance/sheets/pdf.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <source>Walls</source>
   <translation>Paredes</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>Lead-in</source>
   <translation>Introducción</translation>
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
   <translation>Puentes</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>Restarts</source>
   <translation>Reinicios</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>Ending</source>
   <translation>Final</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>Links</source>
   <translation>Enlaces</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>Rights</source>
   <translation>Derechos</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>short, slow, few turns</source>
   <translation>corto, lento, pocos giros</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{lead_in} counts</source>
   <translation>{lead_in} tiempos</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{bpm:.0f} a minute</source>
   <translation>{bpm:.0f} por minuto</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{name} at {facing}</source>
   <translation>{name} a las {facing}</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{name}, facing {facing}</source>
   <translation>{name}, mirando a las {facing}</translation>
  </message>
  <message>
   <location filename="../core/dance/card.py" />
   <source>{counts_to_learn} to learn</source>
   <translation>{counts_to_learn} por aprender</translation>
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
   <translation>derecha</translation>
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
   <translation>izquierda</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>both feet</source>
   <translation>ambos pies</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>“{name}” ({count} to {count2})</source>
   <translation>«{name}» ({count} a {count2})</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>Between {value} and {value2}</source>
   <translation>Entre {value} y {value2}</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>After the restart ({restart_after} counts of {whose})</source>
   <translation>Tras el reinicio ({restart_after} tiempos de {whose})</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <location filename="../core/dance/facts.py" />
   <location filename="../core/edit/clips.py" />
   <location filename="../core/render/words.py" />
   <location filename="../ui/page/model.py" />
   <source>wall {wall}</source>
   <translation>pared {wall}</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>{number} “{number2}” on {count} turn</source>
   <translation>{number} «{number2}» en el tiempo {count} giran</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>{where} does not fit its {length} counts.</source>
   <translation>{where} no cabe en sus {length} tiempos.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>no turn</source>
   <translation>ningún giro</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>{where} turns {value}, the written moves {value2}.</source>
   <translation>{where} gira {value}; los movimientos escritos, {value2}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>{where} ends with the weight on the {value}, the written moves on the {value2}.</source>
   <translation>{where} acaba con el peso en: {value}; los movimientos escritos, en: {value2}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>The dance ends with the weight on the {value}, but begins with that foot; it started with the weight on the {side}.</source>
   <translation>El baile acaba con el peso en: {value}, pero empieza con ese pie; empezó con el peso en: {side}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>It is said to have {counts}; the sheet has {counts2}.</source>
   <translation>Se dice que tiene {counts}; la hoja tiene {counts2}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>It is said to have {walls}; the turns on the sheet give {given}.</source>
   <translation>Se dice que tiene {walls}; los giros de la hoja dan {given}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>It is said to start after {counts}; the song has {number} before its 1.</source>
   <translation>Se dice que empieza tras {counts}; la canción tiene {number} antes de su 1.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>The sequence is {number:g} counts longer than the song.</source>
   <translation>La secuencia es {number:g} tiempos más larga que la canción.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>Nothing is written on {word} {words}. If it is held, write hold.</source>
   <translation>No hay nada escrito en {word} {words}. Si se para ahí, escribe hold.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>Two moves begin on {count}.</source>
   <translation>Dos movimientos empiezan en el {count}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>“{name}” on {count} is after the section's {length} counts.</source>
   <translation>«{name}» en el {count} queda después de los {length} tiempos de la sección.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <location filename="../core/dance/typed/taken.py" />
   <location filename="../core/lesson/search.py" />
   <location filename="../core/model/dance.py" />
   <location filename="../core/pack/students/page.html" />
   <source>turn</source>
   <translation>girar</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>It is said to have {said}; the sequence has {number}.</source>
   <translation>Se dice que tiene {said}; la secuencia tiene {number}.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>The music stops at count {number} of the dance for {number2:g} counts; the sequence holds nothing there.</source>
   <translation>La música para en el tiempo {number} del baile durante {number2:g} tiempos; la secuencia no para ahí.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>The sequence holds {length} counts at count {number}, where the music goes on.</source>
   <translation>La secuencia para {length} tiempos en el tiempo {number}, donde la música sigue.</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>How far does</source>
   <translation>Cuánto</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>How far and which way does</source>
   <translation>Cuánto y hacia dónde</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>no counts</source>
   <translation>ningún tiempo</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>no walls</source>
   <translation>ninguna pared</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>Which way does</source>
   <translation>Hacia dónde</translation>
  </message>
  <message>
   <location filename="../core/dance/checks.py" />
   <source>, right or left?</source>
   <translation>, ¿derecha o izquierda?</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <location filename="../ui/stops/pack/picture.py" />
   <source>the end</source>
   <translation>el final</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>At character {number}: found {found}, expected {expected}.
{value}
{number2}^</source>
   <translation>En el carácter {number}: hay {found}, se esperaba {expected}.
{value}
{number2}^</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>a count such as 5, &amp;, 5-6 or hold 7</source>
   <translation>un tiempo como 5, &amp;, 5-6 o hold 7</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>how many counts are held, such as hold for 4</source>
   <translation>cuántos tiempos se para, como hold for 4</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>a count after {count}</source>
   <translation>un tiempo después de {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>a count; numbers go to 999</source>
   <translation>un tiempo; los números llegan a 999</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>the count it lasts until, such as 5-6</source>
   <translation>el tiempo hasta el que dura, como 5-6</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>{words}; a {feel} count has no “{name}”</source>
   <translation>{words}; un tiempo {feel} no tiene «{name}»</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>0&amp; only at the front, for the pickup</source>
   <translation>0&amp; solo al principio, para la anacrusa</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>“)” for the one opened at character {at}</source>
   <translation>«)» para el abierto en el carácter {at}</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>a part of a count, such as +1/3</source>
   <translation>una parte de un tiempo, como +1/3</translation>
  </message>
  <message>
   <location filename="../core/dance/counts_typed.py" />
   <source>a count; nothing was opened</source>
   <translation>un tiempo; no se abrió nada</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count} is taken only as a name. Is that so?</source>
   <translation>«{words}» en el {count} se toma solo como nombre. ¿Es así?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count}: no foot is said. Is it {foot}?</source>
   <translation>«{words}» en el {count}: no se dice qué pie. ¿Es {foot}?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count}: on which counts is it danced?</source>
   <translation>«{words}» en el {count}: ¿en qué tiempos se baila?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count} is taught in more than one way. Is this how you teach it?</source>
   <translation>«{words}» en el {count} se enseña de varias maneras. ¿Lo enseñas así?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count}: again on the other side, or the same?</source>
   <translation>«{words}» en el {count}: ¿otra vez por el otro lado, o igual?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count} comes several times. Does it turn each time?</source>
   <translation>«{words}» en el {count} viene varias veces. ¿Gira cada vez?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>“{words}” on {count} can be read in two ways. Is this the one?</source>
   <translation>«{words}» en el {count} se puede leer de dos maneras. ¿Es esta?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>After “{words}” on {count} the line says that the weight is on the other foot. Which is it?</source>
   <translation>Tras «{words}» en el {count} la línea dice que el peso está en el otro pie. ¿Cuál es?</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>A remark stands behind “{words}” on {count}; it was left beside the moves.</source>
   <translation>Hay una nota detrás de «{words}» en el {count}; se dejó aparte de los movimientos.</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>This line was not understood; “{words}” on {count} is the likeliest reading.</source>
   <translation>Esta línea no se entendió; «{words}» en el {count} es la lectura más probable.</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>from {count} on</source>
   <translation>desde el {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it is right so</source>
   <translation>está bien así</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it takes no weight</source>
   <translation>no lleva peso</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it takes the weight</source>
   <translation>lleva el peso</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>so</source>
   <translation>así</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>the other side, {where}</source>
   <translation>el otro lado, {where}</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it turns once</source>
   <translation>gira una vez</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it ends on the right foot</source>
   <translation>acaba en el pie derecho</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it ends on the left foot</source>
   <translation>acaba en el pie izquierdo</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>it keeps the weight</source>
   <translation>el peso se queda</translation>
  </message>
  <message>
   <location filename="../core/dance/doubts.py" />
   <source>its foot is not known</source>
   <translation>no se sabe su pie</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>full</source>
   <translation>entero</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>double</source>
   <translation>doble</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>{size} right</source>
   <translation>{size} der.</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>{size} left</source>
   <translation>{size} izq.</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>“{clock}” is no facing; write 12:00, 1:30, 3:00 and so on, every hour and a half.</source>
   <translation>«{clock}» no es una dirección; escribe 12:00, 1:30, 3:00 y así, cada hora y media.</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <source>{size} turn ?</source>
   <translation>giro de {size} ?</translation>
  </message>
  <message>
   <location filename="../core/dance/facing.py" />
   <location filename="../ui/stops/dance/paste_parts.py" />
   <source>turn ?</source>
   <translation>giro ?</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>{whose} after {restart_after} counts</source>
   <translation>{whose} tras {restart_after} tiempos</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>end</source>
   <translation>final</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>end of the dance</source>
   <translation>final del baile</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>stop</source>
   <translation>pausa</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>{length} counts</source>
   <translation>{length} tiempos</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>early end</source>
   <translation>final temprano</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <source>cut</source>
   <translation>corte</translation>
  </message>
  <message>
   <location filename="../core/dance/facts.py" />
   <location filename="../core/dance/sheets/read_as.py" />
   <source>restart</source>
   <translation>reinicio</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>It is counted in lines of {line}, the dance in lines of {line2}.</source>
   <translation>Se cuenta en líneas de {line}; el baile, en líneas de {line2}.</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>faster</source>
   <translation>más rápida</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>slower</source>
   <translation>más lenta</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>It is {number:.0%} {word}: {bpm:.0f} a minute instead of {bpm2:.0f}.</source>
   <translation>Es un {number:.0%} {word}: {bpm:.0f} por minuto en vez de {bpm2:.0f}.</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>half as fast</source>
   <translation>la mitad de rápido</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>twice as fast</source>
   <translation>el doble de rápido</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>; the last whole wall is wall {wall}</source>
   <translation>; la última pared entera es la {wall}</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>It is {counts} too short{where}.</source>
   <translation>Es {counts} demasiado corta{where}.</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>Counted {words}, its tempo would be the same.</source>
   <translation>Contada {words}, su tempo sería el mismo.</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>Its music stops for {counts} at count {number} of the dance, where the sequence holds nothing.</source>
   <translation>Su música para {counts} en el tiempo {number} del baile, donde la secuencia no para.</translation>
  </message>
  <message>
   <location filename="../core/dance/fit.py" />
   <source>The dance holds {counts} at count {number}; the song goes on.</source>
   <translation>El baile para {counts} en el tiempo {number}; la canción sigue.</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>lead-in</source>
   <translation>introducción</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>dance</source>
   <translation>baile</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <location filename="../core/dance/sheets/read_as.py" />
   <location filename="../core/model/dance.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>tag</source>
   <translation>puente</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <location filename="../core/dance/said.py" />
   <location filename="../core/model/dance.py" />
   <source>hold</source>
   <translation>parada</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <location filename="../core/model/dance.py" />
   <location filename="../ui/page/model.py" />
   <source>ending</source>
   <translation>final</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>after</source>
   <translation>después</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>three</source>
   <translation>tres</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>four</source>
   <translation>cuatro</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>six</source>
   <translation>seis</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>eight</source>
   <translation>ocho</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>twelve</source>
   <translation>doce</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <source>sixteen</source>
   <translation>dieciséis</translation>
  </message>
  <message>
   <location filename="../core/dance/lines.py" />
   <location filename="../ui/page/paint.py" />
   <source>part {name}</source>
   <translation>parte {name}</translation>
  </message>
  <message>
   <location filename="../core/dance/move_counts.py" />
   <source>the counts of “{name}”, which has {moves} moves, such as {usual}; here stand {count}</source>
   <translation>los tiempos de «{name}», que tiene {moves} movimientos, como {usual}; aquí hay {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/move_counts.py" />
   <source>as many counts as feet; {number} feet stand on {number2} counts</source>
   <translation>tantos tiempos como pies; hay {number} pies en {number2} tiempos</translation>
  </message>
  <message>
   <location filename="../core/dance/move_counts.py" />
   <source>counts that {number} moves share evenly, not {number2:g}</source>
   <translation>tiempos que {number} movimientos repartan por igual, no {number2:g}</translation>
  </message>
  <message>
   <location filename="../core/dance/move_words.py" />
   <source>one foot for one move; “{words}” names more than one. Write each move with its own count</source>
   <translation>un pie por movimiento; «{words}» nombra más. Escribe cada movimiento con su tiempo</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>no bracket left open in a name</source>
   <translation>ningún paréntesis sin cerrar en un nombre</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>a name, or a part of a count behind its count</source>
   <translation>un nombre, o una parte de un tiempo detrás de su tiempo</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>x2 behind one move, or a comma and twice behind all of them</source>
   <translation>x2 detrás de un movimiento, o coma y twice detrás de todos</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>moves before they can be danced again</source>
   <translation>movimientos antes de poder repetirlos</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>at most {most} moves in a line</source>
   <translation>como mucho {most} movimientos en una línea</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <location filename="../core/dance/typed/lane.py" />
   <location filename="../core/dance/typed/reading.py" />
   <source>the counts of “{number}”</source>
   <translation>los tiempos de «{number}»</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>a name, a count, a comma or the end</source>
   <translation>un nombre, un tiempo, una coma o el final</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>a count before the move, as before the others</source>
   <translation>un tiempo antes del movimiento, como en los demás</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>counts in their order, such as repeat 1-4</source>
   <translation>tiempos en su orden, como repeat 1-4</translation>
  </message>
  <message>
   <location filename="../core/dance/notation.py" />
   <source>counts on which something is danced</source>
   <translation>tiempos en los que se baila algo</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>the rest stays as it is</source>
   <translation>el resto se queda como está</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>a wall ends at {facings}, {walls} {words}{open_ones}</source>
   <translation>una pared acaba a las {facings}, {walls} {words}{open_ones}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>“{name}” turns {turn}</source>
   <translation>«{name}» gira {turn}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>where a wall ends stays open: how far another turn goes is not said</source>
   <translation>no se sabe dónde acaba una pared: no se dice cuánto gira otro giro</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>, as other open turns go</source>
   <translation>, según vayan otros giros sin decidir</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>touch instead of {number} on {count}</source>
   <translation>toque en vez de {number} en el {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>step instead of {number} on {count}</source>
   <translation>paso en vez de {number} en el {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>the whole section</source>
   <translation>toda la sección</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>everything from {count} on</source>
   <translation>todo desde el {count}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>nothing else is wrong then</source>
   <translation>entonces no queda nada más mal</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>{left} to check left</source>
   <translation>queda por revisar: {left}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>{name} {foot} on {count}, not {foot2}</source>
   <translation>{name} {foot} en el {count}, no {foot2}</translation>
  </message>
  <message>
   <location filename="../core/dance/offers.py" />
   <source>{where} on the other side</source>
   <translation>{where} por el otro lado</translation>
  </message>
  <message>
   <location filename="../core/dance/parts.py" />
   <source>none is written yet</source>
   <translation>todavía no hay ninguna escrita</translation>
  </message>
  <message>
   <location filename="../core/dance/parts.py" />
   <source>There is no section “{name}”. Sections: {known}.</source>
   <translation>No hay sección «{name}». Secciones: {known}.</translation>
  </message>
  <message>
   <location filename="../core/dance/parts.py" />
   <source>A part is written as its name, a colon and its sections, such as A: Gate walk, Fan sweep.</source>
   <translation>Una parte se escribe con su nombre, dos puntos y sus secciones, como A: Gate walk, Fan sweep.</translation>
  </message>
  <message>
   <location filename="../core/dance/parts.py" />
   <source>Which sections does part {name} dance? Write their names behind the colon.</source>
   <translation>¿Qué secciones baila la parte {name}? Escribe sus nombres detrás de los dos puntos.</translation>
  </message>
  <message>
   <location filename="../core/dance/range_words.py" />
   <source>{number} to {number2}</source>
   <translation>{number} a {number2}</translation>
  </message>
  <message>
   <location filename="../core/dance/range_words.py" />
   <source>“{typed}” is no part of a line. Say 3&amp; to 6 (with 6), or 3&amp; up to 6&amp; (without).</source>
   <translation>«{typed}» no es parte de una línea. Di 3&amp; to 6 (con el 6), o 3&amp; up to 6&amp; (sin él).</translation>
  </message>
  <message>
   <location filename="../core/dance/range_words.py" />
   <source>“{typed}” ends before it begins.</source>
   <translation>«{typed}» acaba antes de empezar.</translation>
  </message>
  <message>
   <location filename="../core/dance/range_words.py" />
   <source>This line has counts {counts}; {number}{part} is none of them.</source>
   <translation>Esta línea tiene los tiempos {counts}; {number}{part} no es ninguno de ellos.</translation>
  </message>
  <message>
   <location filename="../core/dance/said.py" />
   <source>{move} turning {turn}</source>
   <translation>{move} girando {turn}</translation>
  </message>
  <message>
   <location filename="../core/dance/section_text.py" />
   <source>moves of another role before it, which are danced later</source>
   <translation>antes, movimientos de otro papel que se bailan después</translation>
  </message>
  <message>
   <location filename="../core/dance/section_text.py" />
   <source>Only what is danced on count {number} can be written here.</source>
   <translation>Aquí solo se puede escribir lo que se baila en el tiempo {number}.</translation>
  </message>
  <message>
   <location filename="../core/dance/section_text.py" />
   <source>hold {at}</source>
   <translation>parada {at}</translation>
  </message>
  <message>
   <location filename="../core/dance/section_text.py" />
   <source>counts in their order before the colon, not {first}-{last}</source>
   <translation>tiempos en su orden antes de los dos puntos, no {first}-{last}</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>how many times</source>
   <translation>cuántas veces</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>1 to {most} times</source>
   <translation>de 1 a {most} veces</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>wall, hold:4, or the name of a part or section</source>
   <translation>wall, hold:4, o el nombre de una parte o sección</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>wall or one of: {names}</source>
   <translation>wall o uno de: {names}</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>counts inside it, 1 to {number}</source>
   <translation>tiempos dentro de ella, de 1 a {number}</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>+ and the counts that are kept, such as @16+4</source>
   <translation>+ y los tiempos que se mantienen, como @16+4</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>the counts that are kept</source>
   <translation>los tiempos que se mantienen</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>a number: {what}</source>
   <translation>un número: {what}</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>1 to 4096 counts</source>
   <translation>de 1 a 4096 tiempos</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>the counts that are held</source>
   <translation>los tiempos en que se para</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>“]” for the one opened at character {number}</source>
   <translation>«]» para el abierto en el carácter {number}</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>at most {most} entries</source>
   <translation>como mucho {most} entradas</translation>
  </message>
  <message>
   <location filename="../core/dance/sequence.py" />
   <source>(no section is written yet)</source>
   <translation>(todavía no hay ninguna sección escrita)</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is not {what}; write a whole number, {least} to {most}.</source>
   <translation>«{short}» no es {what}; escribe un número entero, de {least} a {most}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>{number} is not {what}; it is {least} to {most}.</source>
   <translation>{number} no es {what}; va de {least} a {most}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>the {what} is missing; write it in counts, such as 0, 3 or 7/2.</source>
   <translation>falta: {what}; escríbelo en tiempos, como 0, 3 o 7/2.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is not a {what}; write it in counts, such as 0, 3, 7/2 or 3.5.</source>
   <translation>«{short}» no es: {what}; escríbelo en tiempos, como 0, 3, 7/2 o 3.5.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is not a foot; write R, L or both, or leave it empty.</source>
   <translation>«{short}» no es un pie; escribe R, L o both, o déjalo vacío.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>section “{name}” has {length} counts; at most {longest_section} can be read.</source>
   <translation>la sección «{name}» tiene {length} tiempos; se pueden leer {longest_section} como mucho.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>it has more than {most_events} moves; that is no count sheet.</source>
   <translation>tiene más de {most_events} movimientos; eso no es una hoja de baile.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>its sequence dances {total} counts; at most {most_counts} can be read.</source>
   <translation>su secuencia baila {total} tiempos; se pueden leer {most_counts} como mucho.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is not a kind of move; the kinds are {known}.</source>
   <translation>«{short}» no es un tipo de movimiento; los tipos son {known}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is no question that Vamos asks.</source>
   <translation>«{short}» no es una pregunta que haga Vamos.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/cells.py" />
   <source>“{short}” is not a feel; it is {words}.</source>
   <translation>«{short}» no es un pulso; es {words}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <location filename="../core/dance/sheets/markdown.py" />
   <location filename="../core/dance/sheets/table.py" />
   <source>The column “{value}” is not known and was left aside.</source>
   <translation>La columna «{value}» no se conoce y se dejó aparte.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>{number} more columns are not known.</source>
   <translation>{number} columnas más no se conocen.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>a number of eighths</source>
   <translation>un número de octavos</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>the column {column} is empty here, and is needed.</source>
   <translation>la columna {column} está vacía aquí y hace falta.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>the column {column} holds more than an entry can have.</source>
   <translation>la columna {column} tiene más de lo que cabe en una entrada.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>the column note of a part holds the names of its sections, such as ["A", "B"].</source>
   <translation>la columna note de una parte tiene los nombres de sus secciones, como ["A", "B"].</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>a number of {what}</source>
   <translation>un número de {what}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>“{words}” above the table was left aside.</source>
   <translation>«{words}» encima de la tabla se dejó aparte.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>it cannot be read as a table: a cell is too long, or holds signs of no text.</source>
   <translation>no se puede leer como tabla: una celda es demasiado larga o tiene signos que no son texto.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>a cell has more than {most_cell} letters.</source>
   <translation>una celda tiene más de {most_cell} letras.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>“{value}” is not known of a dance and was left aside.</source>
   <translation>«{value}» no se conoce en un baile y se dejó aparte.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>the column {column} holds no entry that can be read.</source>
   <translation>la columna {column} no tiene ninguna entrada que se pueda leer.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <location filename="../core/dance/sheets/markdown.py" />
   <source>a number of counts</source>
   <translation>un número de tiempos</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>row {row}: {what}</source>
   <translation>fila {row}: {what}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>the set “{mine}” has no row of its own before this one (what: set, with start and length).</source>
   <translation>el juego «{mine}» no tiene una fila propia antes de esta (what: set, con start y length).</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/csv.py" />
   <source>“{value}” is not one of dance, section, event, set, part, step, item.</source>
   <translation>«{value}» no es uno de dance, section, event, set, part, step, item.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>count sheet</source>
   <translation>hoja de baile</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>a sheet is read from .csv, .json, .md or .txt.</source>
   <translation>una hoja se lee de .csv, .json, .md o .txt.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>a sheet is written as .csv, .json, .md, .txt, .pdf or, the wall map, .svg.</source>
   <translation>una hoja se escribe como .csv, .json, .md, .txt, .pdf o, el mapa de paredes, .svg.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>it holds a number of {number} digits; no count sheet does.</source>
   <translation>tiene un número de {number} cifras; ninguna hoja de baile lo tiene.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>this is not JSON; line {line}, column {column} cannot be read.</source>
   <translation>esto no es JSON; la línea {line}, columna {column} no se puede leer.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>this is not JSON of a count sheet; it is nested too deeply.</source>
   <translation>esto no es JSON de una hoja de baile; está anidado con demasiada profundidad.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>this is not a count sheet (the field “vamos_sheet” with 1 is missing).</source>
   <translation>esto no es una hoja de baile (falta el campo «vamos_sheet» con 1).</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>it is not text.</source>
   <translation>no es texto.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/files.py" />
   <source>It is not UTF-8; its letters were read as Western European. Look at the accents.</source>
   <translation>No es UTF-8; sus letras se leyeron como de Europa occidental. Mira los acentos.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/heads.py" />
   <source>“{said}” is not a number of counts; it is 1 to {most}.</source>
   <translation>«{said}» no es un número de tiempos; va de 1 a {most}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <source>A restart at the end of a wall was left aside: the next wall begins there.</source>
   <translation>Un reinicio al final de una pared se dejó aparte: ahí empieza la pared siguiente.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <source>A restart was left aside: after which count is not known.</source>
   <translation>Un reinicio se dejó aparte: no se sabe tras qué tiempo.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <source>A tag was left aside: its moves are not written.</source>
   <translation>Un puente se dejó aparte: sus movimientos no están escritos.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <source>the sheet faces {said} here, the turns lead to {found}</source>
   <translation>aquí la hoja mira a las {said}; los giros llevan a las {found}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <source>The sequence “{said}” was left aside: {error}</source>
   <translation>La secuencia «{said}» se dejó aparte: {error}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/made.py" />
   <location filename="../core/dance/sheets/markdown.py" />
   <location filename="../core/dance/sheets/text.py" />
   <source>line {number}: {what}</source>
   <translation>línea {number}: {what}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>The sheet was changed after Vamos wrote it: what stood in none of its columns was left aside.</source>
   <translation>La hoja se cambió después de que Vamos la escribiera: se dejó aparte lo que no estaba en ninguna de sus columnas.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>“{value}” is not one count; write one row for each move.</source>
   <translation>«{value}» no es un solo tiempo; escribe una fila por movimiento.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>“{value}” is not a foot and a kind, such as R touch; the kinds are {words}.</source>
   <translation>«{value}» no es un pie y un tipo, como R touch; los tipos son {words}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>a section begins with its name and its counts, such as “## Gate walk (8 counts)”.</source>
   <translation>una sección empieza con su nombre y sus tiempos, como «## Gate walk (8 counts)».</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>no section was found; one begins with a line such as “## Gate walk (8 counts)”.</source>
   <translation>no se encontró ninguna sección; empieza con una línea como «## Gate walk (8 counts)».</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>line {number}, column {number2}: expected {expected}.</source>
   <translation>línea {number}, columna {number2}: se esperaba {expected}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>the table needs a column “count”; its columns are {words}.</source>
   <translation>la tabla necesita una columna «count»; sus columnas son {words}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/markdown.py" />
   <source>the sequence, character {number}: expected {expected}.</source>
   <translation>la secuencia, carácter {number}: se esperaba {expected}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/moved.py" />
   <source>column {number}: expected {expected}.</source>
   <translation>columna {number}: se esperaba {expected}.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/pasted.py" />
   <source>it has more than {most} letters, which is no sheet of one dance.</source>
   <translation>tiene más de {most} letras, y eso no es la hoja de un baile.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/pdf.py" />
   <source>{length} counts{feel}</source>
   <translation>{length} tiempos{feel}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/pdf.py" />
   <source>. Ask a teacher or a physician when unsure.</source>
   <translation>. Si dudas, pregunta a un profesor o a un médico.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/pdf.py" />
   <source>everybody</source>
   <translation>todos</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <source>empty</source>
   <translation>vacía</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <location filename="../core/dance/typed/taken.py" />
   <location filename="../core/model/look.py" />
   <source>name</source>
   <translation>nombre</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <source>fact</source>
   <translation>dato</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <source>head</source>
   <translation>título</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <location filename="../core/plan/agree.py" />
   <source>moves</source>
   <translation>movimientos</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <source>aside</source>
   <translation>aparte</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/read_as.py" />
   <source>open</source>
   <translation>sin leer</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/table.py" />
   <source>Row {row} has more cells than the first row has names: “{value}” was left aside.</source>
   <translation>La fila {row} tiene más celdas que nombres la primera: «{value}» se dejó aparte.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/table.py" />
   <source>its first row must name at least the columns section and start, or one of counts and one of moves.</source>
   <translation>su primera fila debe nombrar al menos las columnas section y start, o una de tiempos y una de movimientos.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>line {number}, “{words}”, was left aside.</source>
   <translation>la línea {number}, «{words}», se dejó aparte.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <location filename="../core/edit/dance.py" />
   <source>Section {number}</source>
   <translation>Sección {number}</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>no moves with counts were found; write them such as “1-4 vine R” or “side R 1, touch L 2”.</source>
   <translation>no se encontraron movimientos con tiempos; escríbelos como «1-4 vine R» o «side R 1, touch L 2».</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>It says what to do, without moves on counts.</source>
   <translation>Dice qué hacer, sin movimientos en tiempos.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>On which wall is the restart?</source>
   <translation>¿En qué pared es el reinicio?</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>What is danced in it is not understood.</source>
   <translation>No se entiende lo que se baila en él.</translation>
  </message>
  <message>
   <location filename="../core/dance/sheets/text.py" />
   <source>The dance begins again.</source>
   <translation>El baile vuelve a empezar.</translation>
  </message>
  <message>
   <location filename="../core/dance/turn_words.py" />
   <source>“{cell}” is not understood as a turn; write it as ½ left, 1/4 R, half, left, or ? when it is open.</source>
   <translation>«{cell}» no se entiende como giro; escríbelo como ½ left, 1/4 R, half, left, o ? si está sin decidir.</translation>
  </message>
  <message>
   <location filename="../core/dance/typed/reading.py" />
   <source>a count after the one before, or 1 for the next set</source>
   <translation>un tiempo después del anterior, o 1 para el grupo siguiente</translation>
  </message>
  <message>
   <location filename="../core/dance/typed/taken.py" />
   <location filename="../core/plan/agree.py" />
   <source>move</source>
   <translation>movimiento</translation>
  </message>
  <message>
   <location filename="../core/dance/typed/taken.py" />
   <source>link</source>
   <translation>enlace</translation>
  </message>
  <message>
   <location filename="../core/dance/wall_map.py" />
   <source>no sequence yet</source>
   <translation>todavía no hay secuencia</translation>
  </message>
  <message>
   <location filename="../core/dance/wall_map.py" />
   <source>wall {label}</source>
   <translation>pared {label}</translation>
  </message>
  <message>
   <location filename="../core/dance/wall_map.py" />
   <source>{name}, {counts} counts from {at}</source>
   <translation>{name}, {counts} tiempos desde el {at}</translation>
  </message>
  <message>
   <location filename="../core/dance/weight.py" />
   <source>“{name}” needs the {value} foot, which bears the weight</source>
   <translation>«{name}» necesita el pie {value}, que lleva el peso</translation>
  </message>
  <message>
   <location filename="../core/dance/weight.py" />
   <source>“{name}” hops on the {value} foot, but the weight is on the {value2}</source>
   <translation>«{name}» salta sobre el pie {value}, pero el peso está en el {value2}</translation>
  </message>
  <message>
   <location filename="../core/dance/with_song.py" />
   <source>No tag and no restart is needed: every part of the song begins with a line of the dance.</source>
   <translation>No hace falta ningún puente ni reinicio: cada parte de la canción empieza con una línea del baile.</translation>
  </message>
  <message>
   <location filename="../core/dance/with_song.py" />
   <source>Part {part} of the song begins at {minutes}, {counts} into {where}. A tag of {counts} before that line, or a restart, brings the dance back to the song.</source>
   <translation>La parte {part} de la canción empieza en {minutes}, {counts} después del comienzo de {where}. Un puente de {counts} antes de esa línea, o un reinicio, devuelve el baile a la canción.</translation>
  </message>
  <message>
   <location filename="../core/dance/with_song.py" />
   <source>The music stops where the sequence holds nothing; see To check.</source>
   <translation>La música para donde la secuencia no para; mira Por revisar.</translation>
  </message>
  <message>
   <location filename="../core/dance/with_song.py" />
   <source>With its tags and restarts every part of the song begins with a line of the dance.</source>
   <translation>Con sus puentes y reinicios, cada parte de la canción empieza con una línea del baile.</translation>
  </message>
  <message>
   <location filename="../core/dance/with_song.py" />
   <location filename="../core/pack/chapters.py" />
   <source>{name}, wall {wall}</source>
   <translation>{name}, pared {wall}</translation>
  </message>
  <message>
   <location filename="../core/disk/alone.py" />
   <source>another Vamos has been writing here for a long time.</source>
   <translation>otro Vamos lleva mucho tiempo escribiendo aquí.</translation>
  </message>
  <message>
   <location filename="../core/disk/alone.py" />
   <source>Close it, then try again.</source>
   <translation>Ciérralo e inténtalo de nuevo.</translation>
  </message>
  <message>
   <location filename="../core/disk/atomic.py" />
   <source>it is write-protected.</source>
   <translation>está protegido contra escritura.</translation>
  </message>
  <message>
   <location filename="../core/disk/atomic.py" />
   <location filename="../core/disk/outputs.py" />
   <location filename="../core/pack/free_place.py" />
   <source>Choose another name.</source>
   <translation>Elige otro nombre.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>you may not read it.</source>
   <translation>no tienes permiso para leerlo.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>this is a folder.</source>
   <translation>esto es una carpeta.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>it is a link that leads round in a circle.</source>
   <translation>es un enlace que lleva en círculo.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <location filename="../errors.py" />
   <source>the name is too long.</source>
   <translation>el nombre es demasiado largo.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>it cannot be read: {why}.</source>
   <translation>no se puede leer: {why}.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>its name is none that a file can have.</source>
   <translation>su nombre no es uno que pueda tener un archivo.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>this is a folder, not a {what}.</source>
   <translation>esto es una carpeta, no {what}.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>this is a pipe or a device, not a {what}.</source>
   <translation>esto es una tubería o un dispositivo, no {what}.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>it is {size} MB large; a {what} is at most {most} MB.</source>
   <translation>ocupa {size} MB; {what} ocupa como mucho {most} MB.</translation>
  </message>
  <message>
   <location filename="../core/disk/inputs.py" />
   <source>there is no such {what}.</source>
   <translation>no existe: {what}.</translation>
  </message>
  <message>
   <location filename="../core/disk/outputs.py" />
   <source>a project</source>
   <translation>un proyecto</translation>
  </message>
  <message>
   <location filename="../core/disk/outputs.py" />
   <source>a song or a film</source>
   <translation>una canción o una película</translation>
  </message>
  <message>
   <location filename="../core/disk/outputs.py" />
   <source>this is one of the files it would be made from.</source>
   <translation>este es uno de los archivos con los que se haría.</translation>
  </message>
  <message>
   <location filename="../core/disk/outputs.py" />
   <source>{what} is in this file.</source>
   <translation>{what} está en este archivo.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <location filename="../core/media/probe.py" />
   <location filename="../core/media/sound.py" />
   <location filename="../core/open_document/reading.py" />
   <source>The file was not changed.</source>
   <translation>El archivo no se cambió.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>project</source>
   <translation>proyecto</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>this is not a Vamos project (the field “vamos” with its version is missing).</source>
   <translation>esto no es un proyecto de Vamos (falta el campo «vamos» con su versión).</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>it was written by a newer Vamos (format {version}, this one reads up to {version2}).</source>
   <translation>lo escribió un Vamos más nuevo (formato {version}, este lee hasta el {version2}).</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>it cannot be understood: {said}.</source>
   <translation>no se entiende: {said}.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>this is not a Vamos project: {said}.</source>
   <translation>esto no es un proyecto de Vamos: {said}.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>Open it with the newer Vamos.</source>
   <translation>Ábrelo con el Vamos más nuevo.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>If it was edited by hand, undo that edit.</source>
   <translation>Si se editó a mano, deshaz ese cambio.</translation>
  </message>
  <message>
   <location filename="../core/document/files.py" />
   <source>Choose a file that ends in .vamos, or start a new project.</source>
   <translation>Elige un archivo que acabe en .vamos, o empieza un proyecto nuevo.</translation>
  </message>
  <message>
   <location filename="../core/document/lock.py" />
   <source>{user}{where}, since {since}</source>
   <translation>{user}{where}, desde {since}</translation>
  </message>
  <message>
   <location filename="../core/document/lock.py" />
   <source> on {host}</source>
   <translation> en {host}</translation>
  </message>
  <message>
   <location filename="../core/document/paths.py" />
   <source>this file is not where it was.</source>
   <translation>este archivo no está donde estaba.</translation>
  </message>
  <message>
   <location filename="../core/document/paths.py" />
   <source>this is another file than the one Vamos knows under this name.</source>
   <translation>este no es el archivo que Vamos conoce con este nombre.</translation>
  </message>
  <message>
   <location filename="../core/document/paths.py" />
   <source>Everything else in the project works on.</source>
   <translation>Todo lo demás del proyecto sigue funcionando.</translation>
  </message>
  <message>
   <location filename="../core/document/paths.py" />
   <source>Put it back, place it next to the project file under any name, or point to it at Film.</source>
   <translation>Ponlo otra vez en su sitio, ponlo junto al archivo del proyecto con cualquier nombre, o señálalo en Rodaje.</translation>
  </message>
  <message>
   <location filename="../core/document/paths.py" />
   <source>Put the old one back, or say at Film that this is the one to use; it is then placed again.</source>
   <translation>Pon otra vez el anterior, o di en Rodaje que este es el que vale; entonces se coloca de nuevo.</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>a list</source>
   <translation>una lista</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>words</source>
   <translation>palabras</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>a whole number</source>
   <translation>un número entero</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>a number</source>
   <translation>un número</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>true or false</source>
   <translation>verdadero o falso</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>fields with names</source>
   <translation>campos con nombres</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <location filename="../core/lesson/paper.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>nothing</source>
   <translation>nada</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>{place} is not as expected</source>
   <translation>{place} no es como se espera</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>{place} is {found}, where {wanted} is expected</source>
   <translation>{place} es {found}, donde se espera {wanted}</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>{place} has no field “{name}”</source>
   <translation>{place} no tiene el campo «{name}»</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>{place} has a value that Vamos does not know: {value}</source>
   <translation>{place} tiene un valor que Vamos no conoce: {value}</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>what stands at sign {number} of it does not belong there</source>
   <translation>lo que está en su signo {number} no va ahí</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>it ends in the middle</source>
   <translation>acaba a la mitad</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>its fields lie too deep in each other</source>
   <translation>sus campos están metidos demasiado unos en otros</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>the field {name}</source>
   <translation>el campo {name}</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>the file</source>
   <translation>el archivo</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source>something else</source>
   <translation>otra cosa</translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source> or </source>
   <translation> o </translation>
  </message>
  <message>
   <location filename="../core/document/said.py" />
   <source> of {outer}</source>
   <translation> de {outer}</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <location filename="../core/model/clip.py" />
   <source>A clip of your own needs a name, such as chorus or the join.</source>
   <translation>Un clip propio necesita un nombre, como estribillo o el enlace.</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>A clip needs at least half a count.</source>
   <translation>Un clip necesita al menos medio tiempo.</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>Nothing is danced there; choose counts of the dance.</source>
   <translation>Ahí no se baila nada; elige tiempos del baile.</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>There is no clip of your own called “{range_id}”.</source>
   <translation>No hay ningún clip propio llamado «{range_id}».</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>{value} and {value2}</source>
   <translation>{value} y {value2}</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>from the top to here</source>
   <translation>desde arriba hasta aquí</translation>
  </message>
  <message>
   <location filename="../core/edit/clips.py" />
   <source>walls {wall} and {number}</source>
   <translation>paredes {wall} y {number}</translation>
  </message>
  <message>
   <location filename="../core/edit/counted.py" />
   <location filename="../core/edit/takes.py" />
   <source>placed by hand</source>
   <translation>colocada a mano</translation>
  </message>
  <message>
   <location filename="../core/edit/counted.py" />
   <source>“{name}” has no count said there that could be moved.</source>
   <translation>«{name}» no tiene ahí ningún tiempo dicho que se pueda mover.</translation>
  </message>
  <message>
   <location filename="../core/edit/counted.py" />
   <source>A count stays between the one before and the one after it.</source>
   <translation>Un tiempo se queda entre el anterior y el siguiente.</translation>
  </message>
  <message>
   <location filename="../core/edit/counted.py" />
   <source>Counts need at least two moments.</source>
   <translation>Los tiempos necesitan al menos dos momentos.</translation>
  </message>
  <message>
   <location filename="../core/edit/counted.py" />
   <source>counts tapped by hand</source>
   <translation>tiempos marcados a mano</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>A section of {end} counts is too long; at most {longest}.</source>
   <translation>Una sección de {end} tiempos es demasiado larga; como mucho {longest}.</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>A section needs a name.</source>
   <translation>Una sección necesita un nombre.</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>There is already a section called “{new}”.</source>
   <translation>Ya hay una sección llamada «{new}».</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>{name} mirrored</source>
   <translation>{name} en espejo</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>{name} again</source>
   <translation>{name} otra vez</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>This needs a song with its beat, and a section.</source>
   <translation>Esto necesita una canción con su pulso y una sección.</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>A step needs a name and at least one move.</source>
   <translation>Un paso necesita un nombre y al menos un movimiento.</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>A section has 1 to {longest} counts, not {length}.</source>
   <translation>Una sección tiene de 1 a {longest} tiempos, no {length}.</translation>
  </message>
  <message>
   <location filename="../core/edit/dance.py" />
   <source>Nothing is danced on {count} of “{name}” yet. Write it first.</source>
   <translation>Todavía no se baila nada en el {count} de «{name}». Escríbelo primero.</translation>
  </message>
  <message>
   <location filename="../core/edit/filmed.py" />
   <source>The filming log holds {most} takes already; forget some.</source>
   <translation>El registro de rodaje ya tiene {most} tomas; olvida algunas.</translation>
  </message>
  <message>
   <location filename="../core/edit/filmed.py" />
   <source>There is no number {number} in the filming log; it has {number2}.</source>
   <translation>No hay número {number} en el registro de rodaje; tiene {number2}.</translation>
  </message>
  <message>
   <location filename="../core/edit/lesson.py" />
   <source>There is no such step in the plan.</source>
   <translation>No hay tal paso en el plan.</translation>
  </message>
  <message>
   <location filename="../core/edit/parts.py" />
   <source>There is already a part called “{name}”.</source>
   <translation>Ya hay una parte llamada «{name}».</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>The song is {seconds:.0f} s long; it cannot begin after that.</source>
   <translation>La canción dura {seconds:.0f} s; no puede empezar después.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>The fade is longer than what is used of the song.</source>
   <translation>El apagado es más largo que lo que se usa de la canción.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>The dance starts at {minutes}, which would be cut off. Move the start of the dance first.</source>
   <translation>El baile empieza en {minutes}, y eso se cortaría. Mueve primero el inicio del baile.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>The 1 cannot be moved to before the first beat of the song.</source>
   <translation>El 1 no se puede mover antes del primer pulso de la canción.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>Counts cannot be scaled by {factor}.</source>
   <translation>Los tiempos no se pueden multiplicar por {factor}.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>A lead-in cannot have {counts} counts.</source>
   <translation>Una introducción no puede tener {counts} tiempos.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>There is no other reading number {number}; {number2} were heard.</source>
   <translation>No hay otra lectura número {number}; se oyeron {number2}.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>A part needs a name, such as A or chorus.</source>
   <translation>Una parte necesita un nombre, como A o estribillo.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>There is no other song number {number}; the project has {number2}.</source>
   <translation>No hay otra canción número {number}; el proyecto tiene {number2}.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>There is no song yet. Add one first.</source>
   <translation>Todavía no hay canción. Añade una primero.</translation>
  </message>
  <message>
   <location filename="../core/edit/song.py" />
   <source>The song has no beat grid yet. Let Vamos find it first.</source>
   <translation>La canción todavía no tiene pulso. Deja que Vamos lo encuentre primero.</translation>
  </message>
  <message>
   <location filename="../core/edit/split.py" />
   <source>“{name}” can be split between {first:.1f} and {last:.1f} s; each part needs {shortest_s:g} seconds.</source>
   <translation>«{name}» se puede dividir entre {first:.1f} y {last:.1f} s; cada parte necesita {shortest_s:g} segundos.</translation>
  </message>
  <message>
   <location filename="../core/edit/split.py" />
   <source>{name}, second part</source>
   <translation>{name}, segunda parte</translation>
  </message>
  <message>
   <location filename="../core/edit/stops.py" />
   <source>A stop of {counts} counts over {heard} cannot be.</source>
   <translation>Una pausa de {counts} tiempos sobre {heard} no puede ser.</translation>
  </message>
  <message>
   <location filename="../core/edit/stops.py" />
   <source>The music does not stop there; mark a stop on that count first.</source>
   <translation>La música no para ahí; marca primero una pausa en ese tiempo.</translation>
  </message>
  <message>
   <location filename="../core/edit/stops.py" />
   <source>A stop lasts up to {longest} beats, with up to as many counts danced in it.</source>
   <translation>Una pausa dura hasta {longest} pulsos, con otros tantos tiempos bailados como mucho.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>marked while watching</source>
   <translation>marcado al mirar</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <location filename="../core/model/take.py" />
   <source>A take needs a name.</source>
   <translation>Una toma necesita un nombre.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>There is already a take called “{name}”.</source>
   <translation>Ya hay una toma llamada «{name}».</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>No trouble is marked here. Press “Trouble” where it begins.</source>
   <translation>Aquí no hay ningún fallo marcado. Pulsa «Fallo» donde empieza.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>No mark of “{name}” began before this moment, so none can end here.</source>
   <translation>Ninguna marca de «{name}» empezó antes de este momento, así que aquí no puede acabar ninguna.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>“{words}” is none of the answers.</source>
   <translation>«{words}» no es ninguna de las respuestas.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>“{name}” lasts {duration_s:.1f} s; second {take_s:.1f} is not in it.</source>
   <translation>«{name}» dura {duration_s:.1f} s; el segundo {take_s:.1f} no está en ella.</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>the place was confirmed by hand</source>
   <translation>el lugar se confirmó a mano</translation>
  </message>
  <message>
   <location filename="../core/edit/takes.py" />
   <source>“{name}” is placed by the song; its counts cannot be moved.</source>
   <translation>«{name}» está colocada por la canción; sus tiempos no se pueden mover.</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Finding the beat</source>
   <translation>Buscando el pulso</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>Finding the eights</source>
   <translation>Buscando los ochos</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>it lasts {duration_s:.1f} s; a song needs at least 2 s to hold a beat.</source>
   <translation>dura {duration_s:.1f} s; una canción necesita al menos 2 s para tener pulso.</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>it is silent, so there is no beat to find.</source>
   <translation>está en silencio, así que no hay pulso que encontrar.</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>no beat was found in it.</source>
   <translation>no se encontró pulso en ella.</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>Choose another file, or set the beat by tapping.</source>
   <translation>Elige otro archivo, o marca el pulso a golpes.</translation>
  </message>
  <message>
   <location filename="../core/grid/detect.py" />
   <source>Set the beat by tapping.</source>
   <translation>Marca el pulso a golpes.</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>MIDI file</source>
   <translation>archivo MIDI</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>its first row must name the columns position and song_s.</source>
   <translation>su primera fila debe nombrar las columnas position y song_s.</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>it is not text in UTF-8.</source>
   <translation>no es texto en UTF-8.</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>A count of {number:.1f} s is too long for a MIDI file (16.7 s at most).</source>
   <translation>Un tiempo de {number:.1f} s es demasiado largo para un archivo MIDI (16,7 s como mucho).</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>it is no MIDI file, or a damaged one.</source>
   <translation>no es un archivo MIDI, o está dañado.</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>file of beats</source>
   <translation>archivo de pulsos</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>row {number} cannot be read: a count and seconds are expected in it.</source>
   <translation>la fila {number} no se puede leer: se esperan un tiempo y segundos.</translation>
  </message>
  <message>
   <location filename="../core/grid/exchange.py" />
   <source>beats are written as .csv, .mid or .otio, not “{ending}”.</source>
   <translation>los pulsos se escriben como .csv, .mid o .otio, no «{ending}».</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>{counts} danced</source>
   <translation>{counts} bailados</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>1 beat</source>
   <translation>1 pulso</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>{beats} beats</source>
   <translation>{beats} pulsos</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>held still</source>
   <translation>quietos</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>{counts}, the last one held</source>
   <translation>{counts}, el último sostenido</translation>
  </message>
  <message>
   <location filename="../core/grid/said.py" />
   <source>The music stops at {minutes} for {beats}, {danced}.</source>
   <translation>La música para en {minutes} durante {beats}, {danced}.</translation>
  </message>
  <message>
   <location filename="../core/grid/spectra.py" />
   <source>Listening to the song</source>
   <translation>Escuchando la canción</translation>
  </message>
  <message>
   <location filename="../core/grid/tap.py" />
   <source>Tap at least {fewest} times; there were {number}.</source>
   <translation>Da al menos {fewest} golpes; hubo {number}.</translation>
  </message>
  <message>
   <location filename="../core/grid/tap.py" />
   <source>The taps are too uneven to tell a tempo. Tap once on each count.</source>
   <translation>Los golpes son demasiado desiguales para saber un tempo. Da uno en cada tiempo.</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>{busiest:.1f} moves a second where it is busiest</source>
   <translation>{busiest:.1f} movimientos por segundo donde hay más</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>a full turn or more</source>
   <translation>un giro entero o más</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>a half turn or more</source>
   <translation>media vuelta o más</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <location filename="../core/lesson/schools.py" />
   <source>its moves are not written</source>
   <translation>sus movimientos no están escritos</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>new: {words}{words2}</source>
   <translation>nuevo: {words}{words2}</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>comes {walls} times in the song</source>
   <translation>viene {walls} veces en la canción</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>a turn whose direction is open</source>
   <translation>un giro sin dirección decidida</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>touches after steps</source>
   <translation>toques después de pasos</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>the same foot twice</source>
   <translation>el mismo pie dos veces</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>a weight that does not go on</source>
   <translation>un peso que no sigue</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>starts between the counts</source>
   <translation>empieza entre los tiempos</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>changes of direction</source>
   <translation>cambios de dirección</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <location filename="../core/lesson/material.py" />
   <source>work on the floor</source>
   <translation>trabajo de suelo</translation>
  </message>
  <message>
   <location filename="../core/lesson/difficulty.py" />
   <source>a quarter turn</source>
   <translation>un cuarto de giro</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>dance your own sides; the picture is flipped for those who copy the screen</source>
   <translation>baila tus propios lados; la imagen se pone en espejo para quien copia la pantalla</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>{what}: {passes} good passes{start}</source>
   <translation>{what}: {passes} pasadas buenas{start}</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>dance your own sides, back to the camera; nothing is flipped</source>
   <translation>baila tus propios lados, de espaldas a la cámara; no se refleja nada</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>what there is has faults: {value}</source>
   <translation>lo que hay tiene fallos: {value}</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <location filename="../core/plan/shots.py" />
   <source>no pass shows it</source>
   <translation>ninguna pasada lo muestra</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>{why}; for {words}{words2}</source>
   <translation>{why}; para {words}{words2}</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <location filename="../core/lesson/looking.py" />
   <source>{value} to {value2}</source>
   <translation>{value} a {value2}</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <source>, the song from {minutes} ({lead_in} counts before)</source>
   <translation>, la canción desde {minutes} ({lead_in} tiempos antes)</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <location filename="../core/plan/shots.py" />
   <source>What to film: {title}</source>
   <translation>Qué filmar: {title}</translation>
  </message>
  <message>
   <location filename="../core/lesson/filming.py" />
   <location filename="../core/plan/shots.py" />
   <source>Nothing: all is there.</source>
   <translation>Nada: está todo.</translation>
  </message>
  <message>
   <location filename="../core/lesson/looking.py" />
   <source>All {number} turns go to the {words}</source>
   <translation>Los {number} giros van hacia la {words}</translation>
  </message>
  <message>
   <location filename="../core/lesson/looking.py" />
   <source>All {number} hops are on the {words} foot</source>
   <translation>Los {number} saltos son sobre el pie {words}</translation>
  </message>
  <message>
   <location filename="../core/lesson/material.py" />
   <source>jumps</source>
   <translation>saltos</translation>
  </message>
  <message>
   <location filename="../core/lesson/material.py" />
   <source>spins</source>
   <translation>vueltas</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Heard: {sound}</source>
   <translation>Se oye: {sound}</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Taught by then: {taught} of {counts} counts</source>
   <translation>Enseñado hasta ahí: {taught} de {counts} tiempos</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Heard: each move by its name</source>
   <translation>Se oye: cada movimiento con su nombre</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Built as: {build}; {way}; the whole {shown}.</source>
   <translation>Montado así: {build}; {way}; el baile entero, {shown}.</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Lesson: {title}</source>
   <translation>Clase: {title}</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>{build}; {way}; the whole {shown}</source>
   <translation>{build}; {way}; el baile entero, {shown}</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>To practise at home</source>
   <translation>Para practicar en casa</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Counts 1 to {counts} in a loop, at the speed that works.</source>
   <translation>Tiempos 1 a {counts} en bucle, a la velocidad que salga bien.</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Left out for the wanted length</source>
   <translation>Omitido por la duración deseada</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Say: {words}</source>
   <translation>Decir: {words}</translation>
  </message>
  <message>
   <location filename="../core/lesson/paper.py" />
   <source>Why: {reason}</source>
   <translation>Por qué: {reason}</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>What is good for you, a teacher or a physician can say.</source>
   <translation>Lo que te hace bien te lo puede decir un profesor o un médico.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>another view of an easy one</source>
   <translation>otra vista de una fácil</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>another run to the song</source>
   <translation>otro pase con la canción</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>repeats</source>
   <translation>repeticiones</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>variants</source>
   <translation>variantes</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>Warm up first, for: {words}. {defer}</source>
   <translation>Calienta primero, por: {words}. {defer}</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>{sided}. Do them a few times to the other side, too. {defer}</source>
   <translation>{sided}. Hazlos algunas veces también hacia el otro lado. {defer}</translation>
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
   <translation>Fin de la parte 1</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>Part 2: last time</source>
   <translation>Parte 2: la última vez</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>Warm up</source>
   <translation>Calentamiento</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>{minutes}: {minutes2} of dancing, {minutes3} of talking.</source>
   <translation>{minutes}: {minutes2} bailando, {minutes3} hablando.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>It is danced to {walls}.</source>
   <translation>Se baila hacia {walls}.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>In part 2 it goes on from here.</source>
   <translation>En la parte 2 sigue desde aquí.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>Last time we got to count {number}, the end of {name}.</source>
   <translation>La última vez llegamos al tiempo {number}, el final de {name}.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>learners come back days later</source>
   <translation>quien aprende vuelve días después</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>before jumps, spins and floor work</source>
   <translation>antes de saltos, vueltas y trabajo de suelo</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>The other side</source>
   <translation>El otro lado</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>on {away} learners look away from the screen</source>
   <translation>en {away} quien aprende no ve la pantalla</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>{titles}: under a third of the song’s tempo. Weight and balance are others there; start faster, or with a slower song.</source>
   <translation>{titles}: menos de un tercio del tempo de la canción. Ahí el peso y el equilibrio son otros; empieza más rápido, o con una canción más lenta.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source> in wall {wall}</source>
   <translation> en la pared {wall}</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>both sides</source>
   <translation>ambos lados</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>It does not fit into {wanted}: {minutes} over, with all left out that may be.</source>
   <translation>No cabe en {wanted}: sobran {minutes}, con todo lo que se puede omitir fuera.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>It fits into {wanted}.</source>
   <translation>Cabe en {wanted}.</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>A break, and water</source>
   <translation>Una pausa, y agua</translation>
  </message>
  <message>
   <location filename="../core/lesson/plan.py" />
   <source>a quarter of an hour is over</source>
   <translation>ha pasado un cuarto de hora</translation>
  </message>
  <message>
   <location filename="../core/lesson/practice_log.py" />
   <source>the song from {minutes} to {minutes2}</source>
   <translation>la canción de {minutes} a {minutes2}</translation>
  </message>
  <message>
   <location filename="../core/lesson/practice_log.py" />
   <source>Practice log: {title}</source>
   <translation>Registro de práctica: {title}</translation>
  </message>
  <message>
   <location filename="../core/lesson/practice_log.py" />
   <source>What was filmed</source>
   <translation>Lo que se filmó</translation>
  </message>
  <message>
   <location filename="../core/lesson/practice_log.py" />
   <source>To do again</source>
   <translation>Para repetir</translation>
  </message>
  <message>
   <location filename="../core/lesson/practice_log.py" />
   <source>Nothing was filmed with the companion yet.</source>
   <translation>Todavía no se filmó nada con el acompañante.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>The lens sees {degrees:.0f}° across: {number:.1f} m at {at:.1f} m.</source>
   <translation>El objetivo ve {degrees:.0f}° de ancho: {number:.1f} m a {at:.1f} m.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>The dance goes {left:.1f} m to your left, {right:.1f} m to your right, {near:.1f} m towards the camera and {far:.1f} m away from it.</source>
   <translation>El baile va {left:.1f} m a tu izquierda, {right:.1f} m a tu derecha, {near:.1f} m hacia la cámara y {far:.1f} m alejándose.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source> Held across, the phone sees more to the sides.</source>
   <translation> En horizontal, el móvil ve más a los lados.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>In {room_m:g} m it does not fit: {distance:.1f} m are needed. Stay within {number:.1f} m of the start, or use a wider lens.{turn}</source>
   <translation>En {room_m:g} m no cabe: hacen falta {distance:.1f} m. Quédate a menos de {number:.1f} m del inicio, o usa un objetivo más ancho.{turn}</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>A room is 0.5 to 100 m deep, not {room_m:g}.</source>
   <translation>Una sala tiene de 0,5 a 100 m de fondo, no {room_m:g}.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>Put the camera {distance:.1f} m from the start; all of it stays in the picture.</source>
   <translation>Pon la cámara a {distance:.1f} m del inicio; todo queda dentro de la imagen.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>Mark the floor {side:.1f} m to both sides of the start: by the steps of the sheet nobody goes beyond it.</source>
   <translation>Marca el suelo {side:.1f} m a ambos lados del inicio: según los pasos de la hoja nadie va más allá.</translation>
  </message>
  <message>
   <location filename="../core/lesson/room.py" />
   <source>A lens has 8 to 400 mm, not {focal_mm:g}.</source>
   <translation>Un objetivo tiene de 8 a 400 mm, no {focal_mm:g}.</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>learners meet every join again and again; short dances</source>
   <translation>quien aprende pasa por cada unión una y otra vez; bailes cortos</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>less of the beginning, so that long dances stay fresh to their end</source>
   <translation>menos veces el principio, para que los bailes largos lleguen frescos al final</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>where the top is secure, the hard places get the time</source>
   <translation>cuando el principio está seguro, el tiempo es para lo difícil</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>who sees the whole first knows where each part belongs</source>
   <translation>quien ve primero el todo sabe dónde va cada parte</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>most learners want to know what before when</source>
   <translation>la mayoría quiere saber qué antes de cuándo</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>for those who count; rhythm before names</source>
   <translation>para quien cuenta; el ritmo antes que los nombres</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>for dances that sit on words or sounds of the song</source>
   <translation>para bailes que van sobre palabras o sonidos de la canción</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>arms come easily once the feet know</source>
   <translation>los brazos vienen solos cuando los pies saben</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name} to {name2}</source>
   <translation>{name} a {name2}</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>four times, for it is hard: {words}</source>
   <translation>cuatro veces, porque es difícil: {words}</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{reason}; it comes {comes} times in the song</source>
   <translation>{reason}; viene {comes} veces en la canción</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>slow enough for {busiest:.1f} moves a second</source>
   <translation>lo bastante lento para {busiest:.1f} movimientos por segundo</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>at the pace of your counted pass</source>
   <translation>al paso de tu pasada contada</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name} on numbers</source>
   <translation>{name} con números</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Over the end of the wall: 8 into 1</source>
   <translation>Por encima del final de la pared: del 8 al 1</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{comes} times</source>
   <translation>{comes} veces</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Walls, tags, restarts</source>
   <translation>Paredes, puentes, reinicios</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>told once, and shown in the run</source>
   <translation>dicho una vez, y mostrado en el pase</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Recap</source>
   <translation>Repaso</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Hello</source>
   <translation>Hola</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Who you are, what it is called, what one needs.</source>
   <translation>Quién eres, cómo se llama, qué hace falta.</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>The whole dance with the song</source>
   <translation>El baile entero con la canción</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>everything in its place</source>
   <translation>cada cosa en su sitio</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Goodbye</source>
   <translation>Adiós</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>What to practise until next time.</source>
   <translation>Qué practicar hasta la próxima vez.</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the dance goes on where a lesson stops</source>
   <translation>el baile sigue donde una clase para</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Into {name} and out of it</source>
   <translation>Entrar en {name} y salir</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>names in a row, as one says them to oneself</source>
   <translation>nombres seguidos, como se los dice uno mismo</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>See it once</source>
   <translation>Míralo una vez</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>learners see what it will become</source>
   <translation>se ve en qué se va a convertir</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>All of it, slowly, marking along</source>
   <translation>Entero, despacio, marcándolo</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Once more, in one go</source>
   <translation>Otra vez, de un tirón</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the second time is the one that sits</source>
   <translation>la segunda vez es la que se queda</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>from the top</source>
   <translation>desde arriba</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>all landmarks in a row</source>
   <translation>todos los puntos de apoyo seguidos</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the parts make the whole again</source>
   <translation>las partes vuelven a formar el todo</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name} from the back</source>
   <translation>{name} de espaldas</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>an easy one</source>
   <translation>una fácil</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name} in half-time</source>
   <translation>{name} a medio tiempo</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name} at the song’s tempo</source>
   <translation>{name} al tempo de la canción</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>The restart after count {count}</source>
   <translation>El reinicio tras el tiempo {count}</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>Wall {number}, facing {clock}</source>
   <translation>Pared {number}, mirando a las {clock}</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>it comes {times}, and nobody expects it</source>
   <translation>viene {times}, y nadie lo espera</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>every join is danced each time</source>
   <translation>cada unión se baila cada vez</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the join of the two</source>
   <translation>la unión de los dos</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the blocks together</source>
   <translation>los bloques juntos</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>sides are the learner’s own</source>
   <translation>los lados son los de quien aprende</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>each move named</source>
   <translation>cada movimiento con su nombre</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the music keeps its speed, the dance is half as fast</source>
   <translation>la música mantiene su velocidad, el baile va a la mitad</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>twice as fast as before, to the same song</source>
   <translation>el doble de rápido que antes, con la misma canción</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name}, quicker</source>
   <translation>{name}, más rápido</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the feet want to go on there</source>
   <translation>ahí los pies quieren seguir</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>the room looks different from here</source>
   <translation>desde aquí la sala se ve distinta</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name}, easier or harder</source>
   <translation>{name}, más fácil o más difícil</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>to the end of {name}</source>
   <translation>hasta el final de {name}</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>to a landmark one can find again</source>
   <translation>hasta un punto de apoyo que se vuelve a encontrar</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>its words and sounds, said and danced</source>
   <translation>sus palabras y sonidos, dichos y bailados</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>{name}, the feet</source>
   <translation>{name}, los pies</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>no rung more than a quarter quicker</source>
   <translation>ningún peldaño más de un cuarto más rápido</translation>
  </message>
  <message>
   <location filename="../core/lesson/schools.py" />
   <source>it ends on the same foot</source>
   <translation>acaba en el mismo pie</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>quarter turn</source>
   <translation>cuarto de giro</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>half turn</source>
   <translation>media vuelta</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>three quarter turn</source>
   <translation>tres cuartos de giro</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>full turn</source>
   <translation>giro entero</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>one and a half turn</source>
   <translation>giro y medio</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>double turn</source>
   <translation>giro doble</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>{words} before 1</source>
   <translation>{words} antes del 1</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <source>{number} on {count}</source>
   <translation>{number} en el {count}</translation>
  </message>
  <message>
   <location filename="../core/lesson/search.py" />
   <location filename="../core/pack/verify_heard.py" />
   <source>all of it</source>
   <translation>todo</translation>
  </message>
  <message>
   <location filename="../core/lesson/step.py" />
   <source>half-time, {speeds}</source>
   <translation>a medio tiempo, {speeds}</translation>
  </message>
  <message>
   <location filename="../core/make.py" />
   <source>{name}: neither the song nor steady counting was found in it, and it could not be placed by its steps, so it is not placed. Place it by hand, or leave it out.</source>
   <translation>{name}: no se encontró en ella ni la canción ni un conteo constante, y no se pudo colocar por sus pasos, así que no está colocada. Colócala a mano, o déjala fuera.</translation>
  </message>
  <message>
   <location filename="../core/make.py" />
   <source>trouble, as its name says</source>
   <translation>fallo, como dice su nombre</translation>
  </message>
  <message>
   <location filename="../core/make.py" />
   <source>there is no sound in it, so it cannot be the song.</source>
   <translation>no hay sonido en él, así que no puede ser la canción.</translation>
  </message>
  <message>
   <location filename="../core/make.py" />
   <source>There is no song yet. Add one first; takes are placed on it.</source>
   <translation>Todavía no hay canción. Añade una primero; las tomas se colocan sobre ella.</translation>
  </message>
  <message>
   <location filename="../core/make.py" />
   <source>None of the takes can be used, so nothing was made.</source>
   <translation>No se puede usar ninguna de las tomas, así que no se hizo nada.</translation>
  </message>
  <message>
   <location filename="../core/media/frames.py" />
   <source>there is no picture in this file.</source>
   <translation>no hay imagen en este archivo.</translation>
  </message>
  <message>
   <location filename="../core/media/frames.py" />
   <location filename="../core/media/probe.py" />
   <source>its picture cannot be decoded.</source>
   <translation>su imagen no se puede descodificar.</translation>
  </message>
  <message>
   <location filename="../core/media/motion.py" />
   <location filename="../ui/stops/film/commands.py" />
   <source>Looking for movement</source>
   <translation>Buscando movimiento</translation>
  </message>
  <message>
   <location filename="../core/media/peaks.py" />
   <location filename="../ui/preview/media.py" />
   <source>Drawing the song</source>
   <translation>Dibujando la canción</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>it cannot be read as sound or picture ({detail}).</source>
   <translation>no se puede leer como sonido ni imagen ({detail}).</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>there is no such file.</source>
   <translation>no existe ese archivo.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>this is a folder, not a file.</source>
   <translation>esto es una carpeta, no un archivo.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>the file is empty (0 bytes).</source>
   <translation>el archivo está vacío (0 bytes).</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>the film is cut off: its index is missing, as when recording or copying was interrupted.</source>
   <translation>la película está cortada: falta su índice, como cuando se interrumpe la grabación o la copia.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>this is a text file under a media name.</source>
   <translation>esto es un archivo de texto con nombre de vídeo o sonido.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>If it plays elsewhere, copy it again or save it as mp4 or wav.</source>
   <translation>Si se reproduce en otro sitio, cópialo otra vez o guárdalo como mp4 o wav.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>Check the name.</source>
   <translation>Revisa el nombre.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>Choose a file in it.</source>
   <translation>Elige un archivo de dentro.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>Copy it from the phone again.</source>
   <translation>Cópiala otra vez del móvil.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>you are not allowed to read it.</source>
   <translation>no tienes permiso para leerlo.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>Choose the recording itself.</source>
   <translation>Elige la grabación misma.</translation>
  </message>
  <message>
   <location filename="../core/media/probe.py" />
   <source>there is neither sound nor picture in it.</source>
   <translation>no hay ni sonido ni imagen en él.</translation>
  </message>
  <message>
   <location filename="../core/media/proxy.py" />
   <source>no small copy for watching could be made of it.</source>
   <translation>no se pudo hacer una copia pequeña para mirar.</translation>
  </message>
  <message>
   <location filename="../core/media/proxy.py" />
   <source>A small copy of {name}</source>
   <translation>Una copia pequeña de {name}</translation>
  </message>
  <message>
   <location filename="../core/media/proxy.py" />
   <source>The film itself is used.</source>
   <translation>Se usa la película misma.</translation>
  </message>
  <message>
   <location filename="../core/media/sound.py" />
   <source>there is no sound in this file.</source>
   <translation>no hay sonido en este archivo.</translation>
  </message>
  <message>
   <location filename="../core/media/sound.py" />
   <source>its sound cannot be decoded.</source>
   <translation>su sonido no se puede descodificar.</translation>
  </message>
  <message>
   <location filename="../core/media/sound.py" />
   <source>Reading {name}</source>
   <translation>Leyendo {name}</translation>
  </message>
  <message>
   <location filename="../core/media/sound.py" />
   <source>Place it by hand, or choose the recording with sound.</source>
   <translation>Colócala a mano, o elige la grabación con sonido.</translation>
  </message>
  <message>
   <location filename="../core/media/voice.py" />
   <source>The counting voice could not be started; its data is missing.</source>
   <translation>La voz que cuenta no se pudo iniciar; faltan sus datos.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <location filename="../core/model/take.py" />
   <source>song</source>
   <translation>canción</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>clicks</source>
   <translation>clics</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>counting voice</source>
   <translation>voz que cuenta</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>room</source>
   <translation>sala</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>for the hall</source>
   <translation>para la sala</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>for the phone</source>
   <translation>para el móvil</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>small</source>
   <translation>pequeño</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>with counts</source>
   <translation>con tiempos</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <location filename="../core/pack/students_page.py" />
   <source>to watch</source>
   <translation>para mirar</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>one picture</source>
   <translation>una imagen</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>front and back side by side</source>
   <translation>frente y espalda juntos</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>feet in a corner</source>
   <translation>pies en una esquina</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>The counting voice speaks {words}, not “{value}”.</source>
   <translation>La voz que cuenta habla {words}, no «{value}».</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>An excerpt lasts 1 to 600 seconds, not {excerpt_s:g}.</source>
   <translation>Un extracto dura de 1 a 600 segundos, no {excerpt_s:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>The clip “{name}” has no counts.</source>
   <translation>El clip «{name}» no tiene tiempos.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>A run-through is seen from the front or from the back.</source>
   <translation>Un pase completo se ve de frente o de espaldas.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>A run-through ends after it begins.</source>
   <translation>Un pase completo acaba después de empezar.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>A level is 0 to 1, not {level:g}.</source>
   <translation>Un nivel va de 0 a 1, no {level:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>A card stands for 0 to {longest_card} counts, not {counts}.</source>
   <translation>Un rótulo está de 0 a {longest_card} tiempos, no {counts}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>R</source>
   <translation>D</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>L</source>
   <translation>I</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <location filename="../ui/stops/dance/paste_parts.py" />
   <source>both</source>
   <translation>ambos</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>step</source>
   <translation>paso</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>touch</source>
   <translation>toque</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>hop</source>
   <translation>salto</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>breath</source>
   <translation>respiración</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>free</source>
   <translation>libre</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>only a name</source>
   <translation>solo un nombre</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>which foot</source>
   <translation>qué pie</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>on which counts</source>
   <translation>en qué tiempos</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>taught differently</source>
   <translation>se enseña distinto</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>which side</source>
   <translation>qué lado</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>turns each time</source>
   <translation>gira cada vez</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>two readings</source>
   <translation>dos lecturas</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>weight said otherwise</source>
   <translation>el peso se dice de otro modo</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>a remark</source>
   <translation>una nota</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>not understood</source>
   <translation>no entendido</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>part</source>
   <translation>parte</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>The sequence names section “{name}”; the dance has: {known}.</source>
   <translation>La secuencia nombra la sección «{name}»; el baile tiene: {known}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>A move cannot last {length} counts.</source>
   <translation>Un movimiento no puede durar {length} tiempos.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>Section “{name}” needs at least one count, not {length}.</source>
   <translation>La sección «{name}» necesita al menos un tiempo, no {length}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>A stop keeps at least 1 count after at least 1, not {counts} after {after}.</source>
   <translation>Una pausa mantiene al menos 1 tiempo después de al menos 1, no {counts} después de {after}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>A restart comes after at least 1 count, not {restart_after}.</source>
   <translation>Un reinicio viene tras al menos 1 tiempo, no {restart_after}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>A hold cannot last {counts} counts.</source>
   <translation>Una parada no puede durar {counts} tiempos.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>Two sections are called “{twice}”; each needs a name of its own.</source>
   <translation>Dos secciones se llaman «{twice}»; cada una necesita su propio nombre.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>Two sections have the same id.</source>
   <translation>Dos secciones tienen la misma identidad.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>The {where} names section “{unknown}”; the dance has: {written}.</source>
   <translation>La {where} nombra la sección «{unknown}»; el baile tiene: {written}.</translation>
  </message>
  <message>
   <location filename="../core/model/dance.py" />
   <source>part “{name}”</source>
   <translation>parte «{name}»</translation>
  </message>
  <message>
   <location filename="../core/model/disagreement.py" />
   <source>all are right</source>
   <translation>todas están bien</translation>
  </message>
  <message>
   <location filename="../core/model/filmed.py" />
   <location filename="../ui/stops/dance/card.py" />
   <source>not said</source>
   <translation>sin decir</translation>
  </message>
  <message>
   <location filename="../core/model/filmed.py" />
   <source>good</source>
   <translation>buena</translation>
  </message>
  <message>
   <location filename="../core/model/filmed.py" />
   <source>again</source>
   <translation>repetir</translation>
  </message>
  <message>
   <location filename="../core/model/filmed.py" />
   <source>A camera runs before the song is heard, and the song is heard before it stops.</source>
   <translation>Una cámara graba antes de que se oiga la canción, y la canción se oye antes de que pare.</translation>
  </message>
  <message>
   <location filename="../core/model/filmed.py" />
   <source>A song has no second {song_s:g}.</source>
   <translation>Una canción no tiene un segundo {song_s:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>one more each time: 1, 2, 1–2, 3, 1–3 …</source>
   <translation>una más cada vez: 1, 2, 1–2, 3, 1–3 …</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>two by two, then joined</source>
   <translation>de dos en dos, luego unidas</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>to a landmark, then the whole</source>
   <translation>hasta un punto de apoyo, luego el todo</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>the whole, its parts, the whole</source>
   <translation>el todo, sus partes, el todo</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>words, then numbers</source>
   <translation>palabras, luego números</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>numbers, then words</source>
   <translation>números, luego palabras</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>by lyric or sound</source>
   <translation>por letra o sonido</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>feet first, then arms</source>
   <translation>primero los pies, luego los brazos</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>first</source>
   <translation>primero</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>last</source>
   <translation>al final</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>first and last</source>
   <translation>primero y al final</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>not at all</source>
   <translation>nunca</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>up front</source>
   <translation>al principio</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>where they come</source>
   <translation>donde vienen</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>after the steps</source>
   <translation>después de los pasos</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>rung by rung to the song’s tempo</source>
   <translation>peldaño a peldaño al tempo de la canción</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>half-time first, then at the song’s tempo</source>
   <translation>primero a medio tiempo, luego al tempo de la canción</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>left to the learner’s player</source>
   <translation>se deja al reproductor de quien aprende</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>say</source>
   <translation>decir</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>show</source>
   <translation>mostrar</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>do</source>
   <translation>hacer</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>join</source>
   <translation>unir</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>quicker</source>
   <translation>más rápido</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>recap</source>
   <translation>repaso</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>variant</source>
   <translation>variante</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>whole</source>
   <translation>entero</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>A step is danced 1 to 32 times, not {times}.</source>
   <translation>Un paso se baila de 1 a 32 veces, no {times}.</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <location filename="../core/model/project.py" />
   <source>A speed must be 25 to 125 %, not {number:.0%}.</source>
   <translation>Una velocidad va de 25 a 125 %, no {number:.0%}.</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>A gap to practise has 0 to 64 counts, not {gap}.</source>
   <translation>Un hueco para practicar tiene de 0 a 64 tiempos, no {gap}.</translation>
  </message>
  <message>
   <location filename="../core/model/lesson.py" />
   <source>A lesson lasts 1 to 240 minutes, not {minutes:g}.</source>
   <translation>Una clase dura de 1 a 240 minutos, no {minutes:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>&amp; and a</source>
   <translation>&amp; y a</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>next name</source>
   <translation>nombre siguiente</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <location filename="../core/pack/students/page.html" />
   <source>foot</source>
   <translation>pie</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>sound or lyric word</source>
   <translation>sonido o palabra de la letra</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>facing</source>
   <translation>dirección</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>section and wall</source>
   <translation>sección y pared</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>what comes (tag in 4)</source>
   <translation>lo que viene (puente en 4)</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>label</source>
   <translation>etiqueta</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>corner plate</source>
   <translation>placa en la esquina</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>strip of the eight</source>
   <translation>tira del ocho</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>floor line</source>
   <translation>línea del suelo</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>as in the sheet</source>
   <translation>como en la hoja</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>1 to 8 always</source>
   <translation>siempre de 1 a 8</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>set numbers</source>
   <translation>números de grupo</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <location filename="../core/pack/students_page.py" />
   <location filename="../core/pack/summary.py" />
   <location filename="../ui/preview/clip_preview.py" />
   <source>half-time</source>
   <translation>medio tiempo</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>from 1 in each clip</source>
   <translation>desde 1 en cada clip</translation>
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
   <translation>5 6 7 ya</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>two slow, then four</source>
   <translation>dos lentos, luego cuatro</translation>
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
   <translation>como se filmó</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>wide 16:9</source>
   <translation>apaisada 16:9</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>square</source>
   <translation>cuadrada</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>upright 9:16</source>
   <translation>vertical 9:16</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>Counts are read from 0.3 to 10 m away, not {distance_m:g}.</source>
   <translation>Los tiempos se leen desde 0,3 a 10 m, no {distance_m:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>What comes is called 1 to 32 counts ahead, not {call_ahead}.</source>
   <translation>Lo que viene se avisa de 1 a 32 tiempos antes, no {call_ahead}.</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>A version with other things over the picture needs a name, such as with feet.</source>
   <translation>Una versión con otras cosas sobre la imagen necesita un nombre, como con pies.</translation>
  </message>
  <message>
   <location filename="../core/model/look.py" />
   <source>“{value}” is no name for a version: up to 30 letters, digits, spaces and dashes.</source>
   <translation>«{value}» no es nombre para una versión: hasta 30 letras, cifras, espacios y guiones.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>There is no take “{take_id}” in this project.</source>
   <translation>No hay ninguna toma «{take_id}» en este proyecto.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>Frames per second must be 1 to 240, not {rate}.</source>
   <translation>Las imágenes por segundo van de 1 a 240, no {rate}.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>The longest side must be 64 to 7680 pixels, not {longest_side}.</source>
   <translation>El lado más largo va de 64 a 7680 píxeles, no {longest_side}.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>A run-up has 0 to 64 counts, not {number:g}.</source>
   <translation>Una entrada tiene de 0 a 64 tiempos, no {number:g}.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>Two versions with other things over the picture have the same name.</source>
   <translation>Dos versiones con otras cosas sobre la imagen tienen el mismo nombre.</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>sections and ranges</source>
   <translation>secciones y tramos</translation>
  </message>
  <message>
   <location filename="../core/model/project.py" />
   <source>Two {what} have the same id, “{twice}”.</source>
   <translation>Dos {what} tienen la misma identidad, «{twice}».</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>Beats must come one after another: count {second} at {song_s:.2f} s would not come after count {first} at {song_s2:.2f} s.</source>
   <translation>Los pulsos van uno tras otro: el tiempo {second} en {song_s:.2f} s no vendría después del tiempo {first} en {song_s2:.2f} s.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A file has a size and a length; “{path}” says {size} and {duration_s}.</source>
   <translation>Un archivo tiene un tamaño y una duración; «{path}» dice {size} y {duration_s}.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A stop of the music lasts at least part of a beat; this one keeps {counts} counts.</source>
   <translation>Una pausa de la música dura al menos parte de un pulso; esta mantiene {counts} tiempos.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A line has 1 to {longest_line} counts; part “{name}” asks for {line}.</source>
   <translation>Una línea tiene de 1 a {longest_line} tiempos; la parte «{name}» pide {line}.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A reading counts {factor} times as fast in lines of {line}; both must be more.</source>
   <translation>Una lectura cuenta {factor} veces más rápido en líneas de {line}; ambos deben ser más.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A grid needs at least two beats; got {number}.</source>
   <translation>Un pulso necesita al menos dos golpes; hay {number}.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A line needs at least one count; got {line}.</source>
   <translation>Una línea necesita al menos un tiempo; hay {line}.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>A lead-in cannot have {lead_in} counts.</source>
   <translation>Una introducción no puede tener {lead_in} tiempos.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>Every beat needs a second of the song that is a number.</source>
   <translation>Cada pulso necesita un segundo de la canción que sea un número.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>stops of the music</source>
   <translation>pausas de la música</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>Where a song begins and ends, and how long it fades, are seconds: numbers of 0 or more.</source>
   <translation>Dónde empieza y acaba una canción, y cuánto tarda en apagarse, son segundos: números de 0 o más.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>At least {seconds:.0f} s of a song must be used: put its end later, or its beginning earlier.</source>
   <translation>Se deben usar al menos {seconds:.0f} s de una canción: pon su final más tarde, o su inicio antes.</translation>
  </message>
  <message>
   <location filename="../core/model/song.py" />
   <source>The {what} must stand in order, each at a count of its own.</source>
   <translation>Las {what} deben ir en orden, cada una en su propio tiempo.</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>front</source>
   <translation>frente</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>back</source>
   <translation>espalda</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>left side</source>
   <translation>lado izquierdo</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>right side</source>
   <translation>lado derecho</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>feet</source>
   <translation>pies</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>own sides</source>
   <translation>lados propios</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>performed mirrored</source>
   <translation>bailado en espejo</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>no sides said</source>
   <translation>no se dicen lados</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>the dancer's own sides</source>
   <translation>los lados de quien baila</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>the learner's sides</source>
   <translation>los lados de quien aprende</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>counted</source>
   <translation>contada</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>Take “{name}” says nothing of what it shows; it needs at least one stretch.</source>
   <translation>La toma «{name}» no dice nada de lo que muestra; necesita al menos un trozo.</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>The marks on take “{name}” must stand in the order of its seconds.</source>
   <translation>Las marcas de la toma «{name}» deben ir en el orden de sus segundos.</translation>
  </message>
  <message>
   <location filename="../core/model/take.py" />
   <source>A loudspeaker stands 0 to {farthest_m:g} m away, not {speaker_m:g}.</source>
   <translation>Un altavoz está de 0 a {farthest_m:g} m, no {speaker_m:g}.</translation>
  </message>
  <message>
   <location filename="../core/open_document/document.py" />
   <source>What was changed elsewhere</source>
   <translation>Lo que se cambió en otro sitio</translation>
  </message>
  <message>
   <location filename="../core/open_document/facts.py" />
   <source>This cannot be worked out: a fault of Vamos, not of yours. Everything else works on.</source>
   <translation>Esto no se puede calcular: es un fallo de Vamos, no tuyo. Todo lo demás sigue funcionando.</translation>
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
   <translation>{files} películas, {minutes} en total, hasta unos {large}</translation>
  </message>
  <message>
   <location filename="../core/pack/estimate.py" />
   <source>{films}; writing takes about {minutes} here</source>
   <translation>{films}; escribirlo tarda aquí unos {minutes}</translation>
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
   <translation>un paquete no puede sustituir la carpeta en la que se trabaja.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <location filename="../core/plan/said_sides.py" />
   <source> and {number} more</source>
   <translation> y {number} más</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>this folder holds an earlier pack and also {value}{more}, which Vamos did not write.</source>
   <translation>esta carpeta tiene un paquete anterior y también {value}{more}, que Vamos no escribió.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>Name a folder in it, such as ./pack.</source>
   <translation>Nombra una carpeta dentro, como ./pack.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>it is a link to nothing.</source>
   <translation>es un enlace a nada.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>a file of this name exists.</source>
   <translation>ya existe un archivo con ese nombre.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>this folder holds other files, such as {file}.</source>
   <translation>esta carpeta tiene otros archivos, como {file}.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>Nothing in it was touched.</source>
   <translation>No se tocó nada de ella.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>Move that elsewhere, or choose a new name.</source>
   <translation>Muévelo a otro sitio, o elige otro nombre.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>It was not touched.</source>
   <translation>No se tocó.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>Remove the link.</source>
   <translation>Quita el enlace.</translation>
  </message>
  <message>
   <location filename="../core/pack/free_place.py" />
   <source>Choose an empty folder or a new name.</source>
   <translation>Elige una carpeta vacía u otro nombre.</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>{times} times at {words} of the song’s tempo. Stop when something hurts.</source>
   <translation>{times} veces al {words} del tempo de la canción. Para si algo duele.</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>No clip shows any section yet. “What to film” at Lesson says what is missing.</source>
   <translation>Ningún clip muestra todavía ninguna sección. «Qué filmar», en Clase, dice qué falta.</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>No loop could be written. {words}</source>
   <translation>No se pudo escribir ningún bucle. {words}</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>The wall</source>
   <translation>La pared</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>The wall: no pass shows it from end to end, so there is no loop of it</source>
   <translation>La pared: ninguna pasada la muestra de principio a fin, así que no hay bucle</translation>
  </message>
  <message>
   <location filename="../core/pack/homework.py" />
   <source>{name}: no pass shows it, so there is no loop of it</source>
   <translation>{name}: ninguna pasada la muestra, así que no hay bucle</translation>
  </message>
  <message>
   <location filename="../core/pack/joined_film.py" />
   <location filename="../core/render/clips.py" />
   <source>Writing {title}</source>
   <translation>Escribiendo {title}</translation>
  </message>
  <message>
   <location filename="../core/pack/joined_film.py" />
   <source>{title} was not written: none of its films can be shown. {words}</source>
   <translation>{title} no se escribió: no se puede mostrar ninguna de sus películas. {words}</translation>
  </message>
  <message>
   <location filename="../core/pack/joined_film.py" />
   <source>{title}: not shown, {error}</source>
   <translation>{title}: no se muestra, {error}</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <location filename="../ui/stops/lesson/__init__.py" />
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Lesson</source>
   <translation>Clase</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>No clip shows any step of the lesson yet. “What to film” at Lesson says what is missing.</source>
   <translation>Ningún clip muestra todavía ningún paso de la clase. «Qué filmar», en Clase, dice qué falta.</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>A lesson is filmed from a written dance, a song with its beat, and takes placed on it.</source>
   <translation>Una clase se filma con un baile escrito, una canción con su pulso y tomas colocadas sobre ella.</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>{title}: no pass shows it, so there is only its card</source>
   <translation>{title}: ninguna pasada lo muestra, así que solo está su rótulo</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>Until next time</source>
   <translation>Hasta la próxima</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>At home: counts 1 to {counts} in a loop, at the speed that works.</source>
   <translation>En casa: tiempos 1 a {counts} en bucle, a la velocidad que salga bien.</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>Your turn</source>
   <translation>Te toca</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>{gap} counts to practise.</source>
   <translation>{gap} tiempos para practicar.</translation>
  </message>
  <message>
   <location filename="../core/pack/lesson_film.py" />
   <source>{often} of the song’s tempo.</source>
   <translation>{often} del tempo de la canción.</translation>
  </message>
  <message>
   <location filename="../core/pack/live_step.py" />
   <source>This step is no longer in the plan.</source>
   <translation>Este paso ya no está en el plan.</translation>
  </message>
  <message>
   <location filename="../core/pack/live_step.py" />
   <source>No clip shows this step. What is missing stands under “What to film”.</source>
   <translation>Ningún clip muestra este paso. Lo que falta está en «Qué filmar».</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>there is no such folder.</source>
   <translation>no existe esa carpeta.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>this folder is no Vamos pack: its manifest.json is missing.</source>
   <translation>esta carpeta no es un paquete de Vamos: falta su manifest.json.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>this pack is of version {vamos_pack}; this Vamos knows packs up to version {version}.</source>
   <translation>este paquete es de la versión {vamos_pack}; este Vamos conoce paquetes hasta la versión {version}.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>Name the folder that “vamos pack” or “vamos make” wrote.</source>
   <translation>Nombra la carpeta que escribió «vamos pack» o «vamos make».</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>manifest</source>
   <translation>manifiesto</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>the manifest cannot be understood: {said}.</source>
   <translation>el manifiesto no se entiende: {said}.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>Verify it with the Vamos that wrote it, or a newer one.</source>
   <translation>Compruébalo con el Vamos que lo escribió, o con uno más nuevo.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>the manifest says something impossible of {file}: {field}.</source>
   <translation>el manifiesto dice algo imposible de {file}: {field}.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>the manifest names a file that cannot be: {name}.</source>
   <translation>el manifiesto nombra un archivo que no puede ser: {name}.</translation>
  </message>
  <message>
   <location filename="../core/pack/manifest.py" />
   <source>the manifest names a file outside the pack: {name}.</source>
   <translation>el manifiesto nombra un archivo fuera del paquete: {name}.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>the pack has no page for students.</source>
   <translation>el paquete no tiene página para los alumnos.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>The page of the pack is not one that Vamos wrote; write the pack anew.</source>
   <translation>La página del paquete no la escribió Vamos; escribe el paquete de nuevo.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>The pack has no section “{name}”; it has {names}.</source>
   <translation>El paquete no tiene la sección «{name}»; tiene {names}.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>it belongs to the pack and is gone; write the pack anew.</source>
   <translation>es parte del paquete y ya no está; escribe el paquete de nuevo.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>it was changed; write the pack anew.</source>
   <translation>se cambió; escribe el paquete de nuevo.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>What the page says of its films is damaged; write the pack anew.</source>
   <translation>Lo que la página dice de sus películas está dañado; escribe el paquete de nuevo.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>page</source>
   <translation>página</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <location filename="../core/pack/verify_beside.py" />
   <source>it cannot be decoded</source>
   <translation>no se puede descodificar</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>its pictures cannot be read; write the pack anew.</source>
   <translation>sus imágenes no se pueden leer; escribe el paquete de nuevo.</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <location filename="../core/pack/verify.py" />
   <location filename="../core/pack/verify_beside.py" />
   <source>it is missing</source>
   <translation>falta</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <location filename="../core/pack/verify.py" />
   <source>as written</source>
   <translation>como se escribió</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <location filename="../core/pack/verify.py" />
   <source>the file was changed</source>
   <translation>el archivo se cambió</translation>
  </message>
  <message>
   <location filename="../core/pack/one_file.py" />
   <source>the page does not name it</source>
   <translation>la página no lo nombra</translation>
  </message>
  <message>
   <location filename="../core/pack/serve.py" />
   <source>Whoever is in the same network and has this address can watch this pack and nothing else: {address}. It ends when you stop it or close Vamos.</source>
   <translation>Quien esté en la misma red y tenga esta dirección puede ver este paquete y nada más: {address}. Termina cuando lo paras o cierras Vamos.</translation>
  </message>
  <message>
   <location filename="../core/pack/serve.py" />
   <source>this pack has no page for students; make it again.</source>
   <translation>este paquete no tiene página para los alumnos; hazlo de nuevo.</translation>
  </message>
  <message>
   <location filename="../core/pack/serve.py" />
   <source>port {port} cannot be used ({error}); choose another one.</source>
   <translation>el puerto {port} no se puede usar ({error}); elige otro.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/flows.js" />
   <source>From the first to {title}</source>
   <translation>De la primera a {title}</translation>
  </message>
  <message>
   <location filename="../core/pack/students/flows.js" />
   <source>That was the lesson.</source>
   <translation>Esa fue la clase.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>To the film</source>
   <translation>A la película</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Sections</source>
   <translation>Secciones</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/stops/film/__init__.py" />
   <location filename="../ui/stops/film/actions.py" />
   <source>Film</source>
   <translation>Rodaje</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Film of the section</source>
   <translation>Película de la sección</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../core/pack/students/page.js" />
   <location filename="../ui/preview/result_player.py" />
   <location filename="../ui/stops/film/slate.py" />
   <location filename="../ui/window.py" />
   <source>Play</source>
   <translation>Reproducir</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/everywhere/watching.py" />
   <location filename="../ui/window.py" />
   <source>Loop</source>
   <translation>Bucle</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>From – to</source>
   <translation>De – a</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Ladder</source>
   <translation>Escalera</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Faster bit by bit</source>
   <translation>Poco a poco más rápido</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Build-up</source>
   <translation>Montaje</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../core/plan/profiles.py" />
   <location filename="../ui/everywhere/watching.py" />
   <source>From the top</source>
   <translation>Desde arriba</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>Counts over the picture</source>
   <translation>Tiempos sobre la imagen</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Say the moves</source>
   <translation>Decir los movimientos</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Full screen</source>
   <translation>Pantalla completa</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/stops/pack/files_table.py" />
   <source>Speed</source>
   <translation>Velocidad</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Slower</source>
   <translation>Más lento</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Faster</source>
   <translation>Más rápido</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Place</source>
   <translation>Lugar</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Chapters</source>
   <translation>Capítulos</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>View and side</source>
   <translation>Vista y lado</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Rounds at each speed</source>
   <translation>Vueltas a cada velocidad</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Volume</source>
   <translation>Volumen</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Sheet</source>
   <translation>Hoja</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Counts of this section</source>
   <translation>Tiempos de esta sección</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>what</source>
   <translation>qué</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>I can dance this</source>
   <translation>Esto ya lo sé bailar</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>The lesson, step by step</source>
   <translation>La clase, paso a paso</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <location filename="../ui/frame/keys_page.py" />
   <source>Keys</source>
   <translation>Teclas</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Space plays. Left and right go a count back and on, 1 to 8 to that count. Minus and plus change the speed, V the view, C writes the counts over a plain film, L loops, R takes a stretch from a count to a count. T is the ladder of speeds, G gets faster bit by bit, S says each move a count before it comes, B is the build-up of all sections, J the next step of the lesson. N and P go to the next and previous section, K ticks what you can dance, F fills the screen.</source>
   <translation>La barra espaciadora reproduce. Izquierda y derecha van un tiempo atrás y adelante, 1 a 8 van a ese tiempo. Menos y más cambian la velocidad, V la vista, C escribe los tiempos sobre una película limpia, L repite, R toma un trozo de un tiempo a otro. T es la escalera de velocidades, G va poco a poco más rápido, S dice cada movimiento un tiempo antes, B es el montaje de todas las secciones, J el paso siguiente de la clase. N y P van a la sección siguiente y a la anterior, K marca lo que ya sabes bailar, F llena la pantalla.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.html" />
   <source>Print the sheet</source>
   <translation>Imprimir la hoja</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>This browser has no way to play exact sound.</source>
   <translation>Este navegador no puede reproducir sonido exacto.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <location filename="../ui/frame/status.py" />
   <location filename="../ui/preview/result_player.py" />
   <location filename="../ui/stops/film/slate.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <location filename="../ui/window.py" />
   <source>Stop</source>
   <translation>Parar</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>No sound device answers, so nothing can be heard or seen. Connect one and press Play again.</source>
   <translation>No responde ningún aparato de sonido, así que no se oye ni se ve nada. Conecta uno y pulsa Reproducir otra vez.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>This count is outside the loop.</source>
   <translation>Este tiempo está fuera del bucle.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>From {count}. Now the count it goes to.</source>
   <translation>Desde el {count}. Ahora el tiempo hasta el que va.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>From {first} to {last}</source>
   <translation>Del {first} al {last}</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>All of the section.</source>
   <translation>Toda la sección.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>Choose the first count, then the last one.</source>
   <translation>Elige el primer tiempo, luego el último.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>This film cannot be played: {file}. Keep this page in the folder it came in, with its folder clips.</source>
   <translation>Esta película no se puede reproducir: {file}. Deja esta página en la carpeta en que venía, con su carpeta clips.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>This sound cannot be read: {file}. Keep this page in the folder it came in, with its folder sound.</source>
   <translation>Este sonido no se puede leer: {file}. Deja esta página en la carpeta en que venía, con su carpeta sound.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>{title}, you can dance it</source>
   <translation>{title}, la sabes bailar</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <location filename="../ui/preview/mirror.py" />
   <source>Count {count}</source>
   <translation>Tiempo {count}</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>Film: {title}</source>
   <translation>Película: {title}</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>The ladder begins at {speed}; after {rounds} rounds it goes up.</source>
   <translation>La escalera empieza al {speed}; sube después de {rounds} vueltas.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>A little faster after every {rounds} rounds.</source>
   <translation>Un poco más rápido después de cada {rounds} vueltas.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>Each move is said a count before it comes.</source>
   <translation>Cada movimiento se dice un tiempo antes de que llegue.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>The moves are not said.</source>
   <translation>Los movimientos no se dicen.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>The whole dance from the top.</source>
   <translation>El baile entero desde arriba.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>Counts over the picture.</source>
   <translation>Tiempos sobre la imagen.</translation>
  </message>
  <message>
   <location filename="../core/pack/students/page.js" />
   <source>The picture alone.</source>
   <translation>Solo la imagen.</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>Warm up, clear the floor, and go slowly into turns and jumps. Ask a teacher or a physician when unsure what is good for you.</source>
   <translation>Calienta, despeja el suelo y entra despacio en giros y saltos. Si no sabes qué te hace bien, pregunta a un profesor o a un médico.</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>The whole dance</source>
   <translation>El baile entero</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <location filename="../core/pack/summary.py" />
   <location filename="../ui/preview/clip_preview.py" />
   <source>double time</source>
   <translation>doble tiempo</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>to {}</source>
   <translation>con {}</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>by {}</source>
   <translation>de {}</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>{} counts</source>
   <translation>{} tiempos</translation>
  </message>
  <message>
   <location filename="../core/pack/students_page.py" />
   <source>, sound: {sound}</source>
   <translation>, sonido: {sound}</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>{films}, {long} long together, {number} MB.</source>
   <translation>{films}, {long} en total, {number} MB.</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>Take the whole folder and open “{page}” in a browser: it plays, loops and slows the films without a network.</source>
   <translation>Toma la carpeta entera y abre «{page}» en un navegador: reproduce, repite y ralentiza las películas sin red.</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>The whole dance, {view}, {minutes}, {heard}</source>
   <translation>El baile entero, {view}, {minutes}, {heard}</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>Warm up first, and stop when something hurts; ask your teacher, or a physician.</source>
   <translation>Calienta primero, y para si algo duele; pregunta a tu profesor o a un médico.</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>{label} at {words}</source>
   <translation>{label} al {words}</translation>
  </message>
  <message>
   <location filename="../core/pack/summary.py" />
   <source>without counts</source>
   <translation>sin tiempos</translation>
  </message>
  <message>
   <location filename="../core/pack/verify.py" />
   <location filename="../ui/stops/pack/files_table.py" />
   <source>Checked</source>
   <translation>Comprobado</translation>
  </message>
  <message>
   <location filename="../core/pack/verify.py" />
   <source>Checking {file}</source>
   <translation>Comprobando {file}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify.py" />
   <source>{number:.0%}, said to be {speed:.0%}</source>
   <translation>{number:.0%}, se dice que {speed:.0%}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify.py" />
   <source>the manifest was changed after it was written</source>
   <translation>el manifiesto se cambió después de escribirse</translation>
  </message>
  <message>
   <location filename="../core/pack/verify.py" />
   <source>this file is not in the manifest</source>
   <translation>este archivo no está en el manifiesto</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>it plays {number} of {number2} clips</source>
   <translation>reproduce {number} de {number2} clips</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>as the counts of the clip</source>
   <translation>como los tiempos del clip</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>they say other counts, or at other times</source>
   <translation>dicen otros tiempos, o en otros momentos</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>where lines begin</source>
   <translation>donde empiezan las líneas</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>where no line begins</source>
   <translation>donde no empieza ninguna línea</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>it is not as Vamos writes it</source>
   <translation>no es como lo escribe Vamos</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>as Vamos writes it</source>
   <translation>como lo escribe Vamos</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>it holds a script of somebody else’s</source>
   <translation>tiene un programa de otra persona</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <location filename="../core/pack/verify_sheets.py" />
   <source>as those of the clips</source>
   <translation>como los de los clips</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>it says every move</source>
   <translation>dice todos los movimientos</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <location filename="../core/pack/verify_sheets.py" />
   <source>it cannot be understood</source>
   <translation>no se entiende</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>as in the film</source>
   <translation>como en la película</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_beside.py" />
   <source>other ones than in the film</source>
   <translation>otros que en la película</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <source>{share:.0%} alike</source>
   <translation>{share:.0%} iguales</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <source>not from {at:.0f} s on</source>
   <translation>desde {at:.0f} s no</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <source>{ms:+.1f} ms</source>
   <translation>{ms:+.1f} ms</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <source>what it should sound like cannot be read</source>
   <translation>no se puede leer cómo debería sonar</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <location filename="../core/pack/verify_sound.py" />
   <source>{cents:+d} cents</source>
   <translation>{cents:+d} céntimos</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_heard.py" />
   <source>too even, and slowed, to tell its place</source>
   <translation>demasiado uniforme y lento para saber su lugar</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{number} of {number2} stand where they should</source>
   <translation>{number} de {number2} están donde deben</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>“{number}” from frame {frame} ({off:.1f} levels off)</source>
   <translation>«{number}» desde la imagen {frame} ({off:.1f} niveles de diferencia)</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{word} ({straight:.1f} against {mirrored:.1f})</source>
   <translation>{word} ({straight:.1f} frente a {mirrored:.1f})</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{number} of {frames}</source>
   <translation>{number} de {frames}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{matrix}, wanted {matrix2}</source>
   <translation>{matrix}, se quería {matrix2}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>frame times</source>
   <translation>tiempos de las imágenes</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>at most {number:.2f} ms off</source>
   <translation>como mucho {number:.2f} ms de diferencia</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{length:.3f} s, wanted {duration_s:.3f} s</source>
   <translation>{length:.3f} s, se querían {duration_s:.3f} s</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <location filename="../core/pack/verify_sound.py" />
   <source>none, as wished</source>
   <translation>ninguno, como se quería</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>the manifest names no counts</source>
   <translation>el manifiesto no nombra tiempos</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>first count</source>
   <translation>primer tiempo</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>last count</source>
   <translation>último tiempo</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>every count</source>
   <translation>cada tiempo</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>order of counts</source>
   <translation>orden de los tiempos</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>frame {frame} is missing</source>
   <translation>falta la imagen {frame}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>“{number}” is named at frame {frame}, where “{number2}” stands</source>
   <translation>«{number}» se nombra en la imagen {frame}, donde está «{number2}»</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>the middle frame is missing</source>
   <translation>falta la imagen del medio</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>the picture is too even to tell its sides</source>
   <translation>la imagen es demasiado uniforme para distinguir sus lados</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>not at frame {frame}</source>
   <translation>no en la imagen {frame}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{number} looked at</source>
   <translation>{number} miradas</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>there is no picture in it.</source>
   <translation>no hay imagen en él.</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>they go on</source>
   <translation>siguen</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>they do not go on</source>
   <translation>no siguen</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_picture.py" />
   <source>{words}: not at frame {value}</source>
   <translation>{words}: no en la imagen {value}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>{number} of {number2} films</source>
   <translation>{number} de {number2} películas</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>as the table</source>
   <translation>como la tabla</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>“{name}” is danced otherwise on it</source>
   <translation>«{name}» se baila de otro modo en ella</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>as the films are</source>
   <translation>como son las películas</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>it says something else than the films are</source>
   <translation>dice otra cosa que las películas</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sheets.py" />
   <source>it dances something else than the table</source>
   <translation>baila otra cosa que la tabla</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>{heard} of {number} heard, at most {number2:.1f} ms off</source>
   <translation>se oyen {heard} de {number}, como mucho {number2:.1f} ms de diferencia</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>{level:.1f} LUFS, wanted {loudness_lufs:.1f}</source>
   <translation>{level:.1f} LUFS, se querían {loudness_lufs:.1f}</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>true peak</source>
   <translation>pico real</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>{peak:.1f} dBTP</source>
   <translation>{peak:.1f} dBTP</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>sound length</source>
   <translation>duración del sonido</translation>
  </message>
  <message>
   <location filename="../core/pack/verify_sound.py" />
   <source>there should be none</source>
   <translation>no debería haber ninguno</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <source>{title}, {view}: the counts cover the dancer for {covered:.0%} of {file}; another style, or smaller counts, keep clear</source>
   <translation>{title}, {view}: los tiempos tapan a quien baila en un {covered:.0%} de {file}; con otro estilo, o tiempos más pequeños, queda libre</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <source>The rights of the music are yours to clear; this is no legal advice.</source>
   <translation>Los derechos de la música los tienes que aclarar tú; esto no es asesoría legal.</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <source>{title}: the song is silent in this clip</source>
   <translation>{title}: la canción está en silencio en este clip</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <source>No clip could be written. {problems}</source>
   <translation>No se pudo escribir ningún clip. {problems}</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <location filename="../core/render/clips.py" />
   <source>Wrote {title}</source>
   <translation>Escrito {title}</translation>
  </message>
  <message>
   <location filename="../core/pack/write.py" />
   <source>{title}, {view}: not written, {error}</source>
   <translation>{title}, {view}: no escrito, {error}</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>still</source>
   <translation>quieto</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>says “&amp;”</source>
   <translation>dice «&amp;»</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>says no “&amp;”</source>
   <translation>no dice «&amp;»</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>On {counts} of {title}, {words}. Which is right?</source>
   <translation>En los {counts} de {title}, {words}. ¿Qué es correcto?</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>say “&amp;”</source>
   <translation>decir «&amp;»</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>say none</source>
   <translation>no decirlo</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>{first} to {last}</source>
   <translation>{first} a {last}</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>are still</source>
   <translation>están quietas</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>is still</source>
   <translation>está quieta</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>says none</source>
   <translation>no lo dice</translation>
  </message>
  <message>
   <location filename="../core/plan/agree.py" />
   <source>{words} on {counts} of {title}, where others {plain}</source>
   <translation>{words} en los {counts} de {title}, donde otras {plain}</translation>
  </message>
  <message>
   <location filename="../core/plan/by_steps.py" />
   <source> at {rate:.0%} of the song’s tempo</source>
   <translation> al {rate:.0%} del tempo de la canción</translation>
  </message>
  <message>
   <location filename="../core/plan/by_steps.py" />
   <source>placed by its steps{tempo}, as danced in the other takes; nothing was heard: see whether it is right</source>
   <translation>colocada por sus pasos{tempo}, como se baila en las otras tomas; no se oyó nada: mira si está bien</translation>
  </message>
  <message>
   <location filename="../core/plan/cards.py" />
   <source>the title stands for {counts} only: the song begins there</source>
   <translation>el título está solo {counts}: ahí empieza la canción</translation>
  </message>
  <message>
   <location filename="../core/plan/cards.py" />
   <location filename="../core/plan/reasons.py" />
   <location filename="../core/plan/run_through.py" />
   <location filename="../core/plan/shots.py" />
   <location filename="../ui/stops/cut/compare.py" />
   <source>, wall {wall}</source>
   <translation>, pared {wall}</translation>
  </message>
  <message>
   <location filename="../core/plan/conform.py" />
   <source>danced to “{title}”, laid on this song by its counts</source>
   <translation>bailada con «{title}», puesta sobre esta canción por sus tiempos</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>trouble in this pass: {trouble}</source>
   <translation>fallo en esta pasada: {trouble}</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>remark</source>
   <translation>nota</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>remarks</source>
   <translation>notas</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>counted, not to the song</source>
   <translation>contada, no con la canción</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>placed with little confidence ({confidence:.0%})</source>
   <translation>colocada con poca seguridad ({confidence:.0%})</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>hardly placed</source>
   <translation>colocada apenas</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>seen after a turn</source>
   <translation>vista tras un giro</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>far away, {tall:.0%} of the picture’s height</source>
   <translation>lejos, {tall:.0%} de la altura de la imagen</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>the pass does not hold the whole run-up</source>
   <translation>la pasada no tiene la entrada entera</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>no whole run-up</source>
   <translation>sin entrada entera</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>the pass ends before the run-out</source>
   <translation>la pasada acaba antes de la salida</translation>
  </message>
  <message>
   <location filename="../core/plan/coverage.py" />
   <source>no whole run-out</source>
   <translation>sin salida entera</translation>
  </message>
  <message>
   <location filename="../core/plan/edges.py" />
   <source>run-up {run_up:g}, run-out {run_out:g}{words}</source>
   <translation>entrada {run_up:g}, salida {run_out:g}{words}</translation>
  </message>
  <message>
   <location filename="../core/plan/edges.py" />
   <source>, nudged by {value:+d} and {value2:+d} frames</source>
   <translation>, corrida {value:+d} y {value2:+d} imágenes</translation>
  </message>
  <message>
   <location filename="../core/plan/edges.py" />
   <source>, to the end of the hold</source>
   <translation>, hasta el final de la parada</translation>
  </message>
  <message>
   <location filename="../core/plan/edges.py" />
   <source>the pickup begins {count} before 1 and is cut off</source>
   <translation>la anacrusa empieza {count} antes del 1 y se corta</translation>
  </message>
  <message>
   <location filename="../core/plan/edges.py" />
   <source>the clip ends inside a hold</source>
   <translation>el clip acaba dentro de una parada</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>mirrored: copy the screen</source>
   <translation>en espejo: copia la pantalla</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>back view: same sides</source>
   <translation>de espaldas: mismos lados</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>flipped</source>
   <translation>reflejado</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>not flipped</source>
   <translation>no reflejado</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>{head}: you asked for it</source>
   <translation>{head}: lo pediste tú</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>{head}: {view} views keep their side unless asked</source>
   <translation>{head}: las vistas {view} mantienen su lado si no se pide otra cosa</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>faces the camera</source>
   <translation>mira a la cámara</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>seen from behind</source>
   <translation>visto por detrás</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <location filename="../ui/page/content.py" />
   <source>danced mirrored</source>
   <translation>bailado en espejo</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>danced on own sides</source>
   <translation>bailado con lados propios</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>filmed in a mirror</source>
   <translation>filmado en un espejo</translation>
  </message>
  <message>
   <location filename="../core/plan/flip.py" />
   <source>the file is already flipped</source>
   <translation>el archivo ya está reflejado</translation>
  </message>
  <message>
   <location filename="../core/plan/leave_out.py" />
   <source>a cut list is written as .csv or .otio, not “{ending}”.</source>
   <translation>una lista de cortes se escribe como .csv o .otio, no «{ending}».</translation>
  </message>
  <message>
   <location filename="../core/plan/leave_out.py" />
   <source>No trouble is marked in any take, so nothing is to be left out. Mark it at Film, from where it begins.</source>
   <translation>No hay ningún fallo marcado en ninguna toma, así que no hay nada que omitir. Márcalo en Rodaje, desde donde empieza.</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>top</source>
   <translation>arriba</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>bottom</source>
   <translation>abajo</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>the hold on {count} of {title}</source>
   <translation>la parada en el {count} de {title}</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source> in {title}</source>
   <translation> en {title}</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <location filename="../core/plan/pace.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>late</source>
   <translation>tarde</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <location filename="../core/plan/pace.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>early</source>
   <translation>pronto</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>movement leaves the picture at the {side}{name}</source>
   <translation>el movimiento sale de la imagen por: {side}{name}</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>after {name}, the entry is {number:.2f} counts {word}</source>
   <translation>tras {name}, la entrada llega {number:.2f} tiempos {word}</translation>
  </message>
  <message>
   <location filename="../core/plan/movement.py" />
   <source>{name} is danced through</source>
   <translation>{name} se baila sin parar</translation>
  </message>
  <message>
   <location filename="../core/plan/own_profiles.py" />
   <source>Settings of your own, kept for all projects.</source>
   <translation>Ajustes tuyos, guardados para todos los proyectos.</translation>
  </message>
  <message>
   <location filename="../core/plan/own_profiles.py" />
   <source>A profile needs a name of up to {longest} letters, such as Tuesday class.</source>
   <translation>Un perfil necesita un nombre de hasta {longest} letras, como clase del martes.</translation>
  </message>
  <message>
   <location filename="../core/plan/own_profiles.py" />
   <source>“{taken}” is one of Vamos’s own profiles; choose another name.</source>
   <translation>«{taken}» es uno de los perfiles de Vamos; elige otro nombre.</translation>
  </message>
  <message>
   <location filename="../core/plan/own_profiles.py" />
   <source>it is no file of profiles that Vamos knows.</source>
   <translation>no es un archivo de perfiles que Vamos conozca.</translation>
  </message>
  <message>
   <location filename="../core/plan/own_profiles.py" />
   <source>Move it away to keep new profiles.</source>
   <translation>Quítalo de ahí para guardar perfiles nuevos.</translation>
  </message>
  <message>
   <location filename="../core/plan/pace.py" />
   <location filename="../core/plan/profiles.py" />
   <source>line {number}</source>
   <translation>línea {number}</translation>
  </message>
  <message>
   <location filename="../core/plan/pace.py" />
   <source>{count} comes {number:.2f} s {words}</source>
   <translation>{count} llega {number:.2f} s {words}</translation>
  </message>
  <message>
   <location filename="../core/plan/pace.py" />
   <source>{title} at {share:.0%} of the song</source>
   <translation>{title} al {share:.0%} de la canción</translation>
  </message>
  <message>
   <location filename="../core/plan/problems.py" />
   <source>the dancer turns in this clip and is seen from {side} for {counts}; it is flipped for the way they face most of the time: please look</source>
   <translation>quien baila gira en este clip y se ve desde {side} durante {counts}; se refleja según hacia donde mira la mayor parte: míralo, por favor</translation>
  </message>
  <message>
   <location filename="../core/plan/problems.py" />
   <source>the {view}</source>
   <translation>la vista de {view}</translation>
  </message>
  <message>
   <location filename="../core/plan/problems.py" />
   <source>the lettering in the picture reads backwards</source>
   <translation>las letras de la imagen se leen al revés</translation>
  </message>
  <message>
   <location filename="../core/plan/problems.py" />
   <source>the front</source>
   <translation>delante</translation>
  </message>
  <message>
   <location filename="../core/plan/problems.py" />
   <source>behind</source>
   <translation>detrás</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>from the top to</source>
   <translation>desde arriba hasta</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>the next one</source>
   <translation>el siguiente</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Practice pack</source>
   <translation>Paquete de práctica</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>For the page only</source>
   <translation>Solo para la página</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Dance-along</source>
   <translation>Para bailar a la vez</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Section posts</source>
   <translation>Publicaciones por sección</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Class set</source>
   <translation>Juego para clase</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Editor’s set</source>
   <translation>Juego de edición</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Every section, mirrored and from the back, at full speed and slowed, and the whole dance.</source>
   <translation>Cada sección, en espejo y de espaldas, a toda velocidad y más lenta, y el baile entero.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Plain films at full speed: the page draws the counts and makes every other speed. Less than half the size.</source>
   <translation>Películas limpias a toda velocidad: la página dibuja los tiempos y hace las demás velocidades. Menos de la mitad de tamaño.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>The whole dance with a title, a call before each tag, restart and stop; with the song, and with clicks.</source>
   <translation>El baile entero con título y avisos; con la canción, y con clics.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>One upright clip for each section at full speed; the picture follows the dancer.</source>
   <translation>Un clip vertical por sección a toda velocidad; la imagen sigue a quien baila.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>The sections, and from the top to the end of each: 1, 1 to 2, 1 to 3 … and the whole dance.</source>
   <translation>Las secciones, y desde arriba hasta el final de cada una: 1, 1 a 2, 1 a 3 … y el baile entero.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>For one lesson: what came before from the top, the new section slowed, and from the top with it.</source>
   <translation>Para una clase: lo anterior desde arriba, la sección nueva más lenta, y desde arriba con ella.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>Clean clips without counts in high quality, with clips, films and counts as OpenTimelineIO.</source>
   <translation>Clips limpios sin tiempos en alta calidad, con clips, películas y tiempos como OpenTimelineIO.</translation>
  </message>
  <message>
   <location filename="../core/plan/profiles.py" />
   <source>recap before {title}</source>
   <translation>repaso antes de {title}</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source>{name}, pass {number}</source>
   <translation>{name}, pasada {number}</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source>{name}: the best of {of}, {mark} of 100 ({number}{against})</source>
   <translation>{name}: la mejor de {of}, {mark} de 100 ({number}{against})</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source> at {clock}, where the same camera sees the {view}</source>
   <translation> a las {clock}, donde la misma cámara ve: {view}</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source>{name}: you chose it</source>
   <translation>{name}: la elegiste tú</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source>{name}: the only pass of this view</source>
   <translation>{name}: la única pasada de esta vista</translation>
  </message>
  <message>
   <location filename="../core/plan/reasons.py" />
   <source>; against it: {words}</source>
   <translation>; en contra: {words}</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>pass</source>
   <translation>pasada</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>passes</source>
   <translation>pasadas</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <source>missing, as it was not filmed: {words}</source>
   <translation>falta, porque no se filmó: {words}</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <source>{value}: all of it in one pass</source>
   <translation>{value}: todo en una pasada</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <source>{number} pieces of {passes}, each where it is good</source>
   <translation>{number} trozos de {passes}, cada uno donde está bien</translation>
  </message>
  <message>
   <location filename="../core/plan/run_through.py" />
   <source>from {where}: {value}</source>
   <translation>desde {where}: {value}</translation>
  </message>
  <message>
   <location filename="../core/plan/said_sides.py" />
   <source>the sides said are wrong for who copies the screen{heard}; leave the room's sound out</source>
   <translation>los lados dichos son los contrarios para quien copia la pantalla{heard}; deja fuera el sonido de la sala</translation>
  </message>
  <message>
   <location filename="../core/plan/said_sides.py" />
   <source>the sides said in this take are wrong for who copies the screen; leave the room's sound out</source>
   <translation>los lados dichos en esta toma son los contrarios para quien copia la pantalla; deja fuera el sonido de la sala</translation>
  </message>
  <message>
   <location filename="../core/plan/said_sides.py" />
   <source>, though none was understood here</source>
   <translation>, aunque aquí no se entendió ninguno</translation>
  </message>
  <message>
   <location filename="../core/plan/said_sides.py" />
   <source>“{side}” at {words}</source>
   <translation>«{side}» en los {words}</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>filmed</source>
   <translation>filmado</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>only with trouble</source>
   <translation>fallos</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>missing</source>
   <translation>falta</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>Film the whole dance once in {view} view.</source>
   <translation>Filma el baile entero una vez en vista: {view}.</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>Film {section} again in {view} view: {why}.</source>
   <translation>Filma {section} otra vez en vista {view}: {why}.</translation>
  </message>
  <message>
   <location filename="../core/plan/shots.py" />
   <source>Film in {view} view: {words}.</source>
   <translation>Filma en vista {view}: {words}.</translation>
  </message>
  <message>
   <location filename="../core/plan/versions.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>with the song</source>
   <translation>con la canción</translation>
  </message>
  <message>
   <location filename="../core/plan/versions.py" />
   <source>with clicks</source>
   <translation>con clics</translation>
  </message>
  <message>
   <location filename="../core/plan/versions.py" />
   <location filename="../ui/page/content.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>counted aloud</source>
   <translation>contado en voz alta</translation>
  </message>
  <message>
   <location filename="../core/plan/versions.py" />
   <source>with the room</source>
   <translation>con la sala</translation>
  </message>
  <message>
   <location filename="../core/plan/versions.py" />
   <source>silent</source>
   <translation>en silencio</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>English</source>
   <translation>inglés</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>German</source>
   <translation>alemán</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Spanish</source>
   <translation>español</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>French</source>
   <translation>francés</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Italian</source>
   <translation>italiano</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Portuguese</source>
   <translation>portugués</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Dutch</source>
   <translation>neerlandés</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Polish</source>
   <translation>polaco</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Czech</source>
   <translation>checo</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Swedish</source>
   <translation>sueco</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Danish</source>
   <translation>danés</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Finnish</source>
   <translation>finés</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Hungarian</source>
   <translation>húngaro</translation>
  </message>
  <message>
   <location filename="../core/render/languages.py" />
   <source>Turkish</source>
   <translation>turco</translation>
  </message>
  <message>
   <location filename="../core/render/words.py" />
   <source>next: {name}</source>
   <translation>luego: {name}</translation>
  </message>
  <message>
   <location filename="../core/render/words.py" />
   <source>music in {beats}</source>
   <translation>música en {beats}</translation>
  </message>
  <message>
   <location filename="../core/render/words.py" />
   <source>{name} in {counts}</source>
   <translation>{name} en {counts}</translation>
  </message>
  <message>
   <location filename="../core/silent.py" />
   <source>{words} and by its steps; nothing was heard: see whether it is right</source>
   <translation>{words} y por sus pasos; no se oyó nada: mira si está bien</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>straight</source>
   <translation>recto</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>swung</source>
   <translation>con swing</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>rolling</source>
   <translation>ternario</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>{part_name} before 1</source>
   <translation>{part_name} antes del 1</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>{number} before 1</source>
   <translation>{number} antes del 1</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>“{text}” is no time; write 62.5 or 1:02.5.</source>
   <translation>«{text}» no es un momento; escribe 62.5 o 1:02.5.</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>A count must be a finite number, not {value}.</source>
   <translation>Un tiempo debe ser un número finito, no {value}.</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>“{value}” is not a count; expected a number such as 3, 7/2 or 3.5.</source>
   <translation>«{value}» no es un tiempo; se esperaba un número como 3, 7/2 o 3.5.</translation>
  </message>
  <message>
   <location filename="../core/time/counts.py" />
   <source>“{text}” is no number of beats; write 3, 2½ or 2.5.</source>
   <translation>«{text}» no es un número de pulsos; escribe 3, 2½ o 2.5.</translation>
  </message>
  <message>
   <location filename="../core/time/ranges.py" />
   <source>A range must not end ({end}) before it starts ({start}).</source>
   <translation>Un tramo no debe acabar ({end}) antes de empezar ({start}).</translation>
  </message>
  <message>
   <location filename="../core/time/ranges.py" />
   <source>A range must not end ({end_s}) before it starts ({start_s}).</source>
   <translation>Un tramo no debe acabar ({end_s}) antes de empezar ({start_s}).</translation>
  </message>
  <message>
   <location filename="../core/time/rates.py" />
   <source>A frame rate must be above 0, not {per_second}.</source>
   <translation>Las imágenes por segundo deben ser más de 0, no {per_second}.</translation>
  </message>
  <message>
   <location filename="../core/time/timemap.py" />
   <source>A time map needs as many x as y; got {number} and {number2}.</source>
   <translation>Un mapa de tiempos necesita tantos x como y; hay {number} y {number2}.</translation>
  </message>
  <message>
   <location filename="../core/time/timemap.py" />
   <source>A time map needs at least two points; got {number}.</source>
   <translation>Un mapa de tiempos necesita al menos dos puntos; hay {number}.</translation>
  </message>
  <message>
   <location filename="../core/time/timemap.py" />
   <source>A time map must increase; its slope is {slope}.</source>
   <translation>Un mapa de tiempos debe subir; su pendiente es {slope}.</translation>
  </message>
  <message>
   <location filename="../core/time/timemap.py" />
   <source>A time map needs finite numbers; {name} has one that is not.</source>
   <translation>Un mapa de tiempos necesita números finitos; {name} tiene uno que no lo es.</translation>
  </message>
  <message>
   <location filename="../core/time/timemap.py" />
   <source>A time map must increase; {name} goes from {value} to {value2}.</source>
   <translation>Un mapa de tiempos debe subir; {name} va de {value} a {value2}.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Stopped.</source>
   <translation>Parado.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>there is no space left on the disk.</source>
   <translation>no queda espacio en el disco.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Free some space and try again.</source>
   <translation>Libera espacio e inténtalo de nuevo.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>your disk quota is used up.</source>
   <translation>tu cuota de disco está agotada.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>writing here is not allowed.</source>
   <translation>aquí no se permite escribir.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Choose another folder.</source>
   <translation>Elige otra carpeta.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>this disk can only be read.</source>
   <translation>este disco solo se puede leer.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Choose a folder on another disk.</source>
   <translation>Elige una carpeta en otro disco.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>a file stands where a folder is needed.</source>
   <translation>hay un archivo donde hace falta una carpeta.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Choose a shorter name.</source>
   <translation>Elige un nombre más corto.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>it could not be written ({number}).</source>
   <translation>no se pudo escribir ({number}).</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Try another folder.</source>
   <translation>Prueba con otra carpeta.</translation>
  </message>
  <message>
   <location filename="../errors.py" />
   <source>Nothing half-written was left.</source>
   <translation>No quedó nada a medio escribir.</translation>
  </message>
  <message>
   <location filename="../ui/app.py" />
   <source>There is no screen here (DISPLAY and WAYLAND_DISPLAY are empty). The command line does the same work: see “vamos --help”.</source>
   <translation>Aquí no hay pantalla (DISPLAY y WAYLAND_DISPLAY están vacíos). La línea de órdenes hace el mismo trabajo: mira «vamos --help».</translation>
  </message>
  <message>
   <location filename="../ui/desk.py" />
   <source>{name} is there already. Replace it?</source>
   <translation>{name} ya está ahí. ¿Sustituirlo?</translation>
  </message>
  <message>
   <location filename="../ui/desk.py" />
   <source>Replace a file</source>
   <translation>Sustituir un archivo</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <location filename="../ui/stops/pack/picture.py" />
   <location filename="../ui/window.py" />
   <source>View</source>
   <translation>Vista</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>Evening light</source>
   <translation>Luz de noche</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>Dark surroundings for late nights.</source>
   <translation>Entorno oscuro para las noches largas.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>Single-letter keys on or off</source>
   <translation>Teclas de una letra sí o no</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>Off: single letters, digits and signs do nothing.</source>
   <translation>No: letras, cifras y signos sueltos no hacen nada.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>A look around</source>
   <translation>Una vuelta</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>A few words about each stop, at its top, until you close them.</source>
   <translation>Unas palabras sobre cada parada, arriba, hasta que las cierres.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>Another language</source>
   <translation>Otro idioma</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>As the desktop, English, German, Spanish, in turn; it changes at the next start.</source>
   <translation>Como el escritorio, inglés, alemán, español, por turno; cambia al próximo inicio.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <location filename="../ui/frame/keys_page.py" />
   <source>Guide and keys</source>
   <translation>Guía y teclas</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/look.py" />
   <source>What to do at this stop, and all keys.</source>
   <translation>Qué hacer en esta parada, y todas las teclas.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Vamos projects (*{suffix})</source>
   <translation>Proyectos de Vamos (*{suffix})</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Project</source>
   <translation>Proyecto</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Edit</source>
   <translation>Editar</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>New project</source>
   <translation>Proyecto nuevo</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Start with an empty page; the open one stays saved.</source>
   <translation>Empezar con una página vacía; el abierto queda guardado.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Open…</source>
   <translation>Abrir…</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Open a project file.</source>
   <translation>Abrir un archivo de proyecto.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Save as…</source>
   <translation>Guardar como…</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Keep the project under another name. It saves itself after each change.</source>
   <translation>Guardar el proyecto con otro nombre. Se guarda solo después de cada cambio.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Open the demo</source>
   <translation>Abrir la demostración</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>A song, a dance and six takes to try everything on.</source>
   <translation>Una canción, un baile y seis tomas para probarlo todo.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Add song or takes…</source>
   <translation>Añadir canción o tomas…</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Choose a song or takes; dropping files on the window does the same.</source>
   <translation>Elegir una canción o tomas; soltar archivos en la ventana hace lo mismo.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Quit</source>
   <translation>Salir</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Close Vamos. What was open comes back.</source>
   <translation>Cerrar Vamos. Lo que estaba abierto vuelve.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <location filename="../ui/window.py" />
   <source>Undo</source>
   <translation>Deshacer</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Take back the last change.</source>
   <translation>Retirar el último cambio.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <location filename="../ui/window.py" />
   <source>Redo</source>
   <translation>Rehacer</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Make the change again.</source>
   <translation>Hacer el cambio otra vez.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Open a project</source>
   <translation>Abrir un proyecto</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Save the project as</source>
   <translation>Guardar el proyecto como</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Making the demo</source>
   <translation>Haciendo la demostración</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/project.py" />
   <source>Add a song or takes</source>
   <translation>Añadir una canción o tomas</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Watch</source>
   <translation>Mirar</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <location filename="../ui/window.py" />
   <source>Page</source>
   <translation>Página</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Play or stop</source>
   <translation>Reproducir o parar</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Play from where the page stands.</source>
   <translation>Reproducir desde donde está la página.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Go to the first count of the song.</source>
   <translation>Ir al primer tiempo de la canción.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Play this line, or at Cut this clip, again and again, 8 into 1.</source>
   <translation>Reproducir esta línea, o en Corte este clip, una y otra vez, del 8 al 1.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Next speed</source>
   <translation>Velocidad siguiente</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>100, 75, 60, 50, 25, 125 % of the song.</source>
   <translation>100, 75, 60, 50, 25, 125 % de la canción.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>See it the other way round</source>
   <translation>Verlo al revés</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Turns the picture you watch, left for right. At Cut, M turns the clip itself.</source>
   <translation>Gira la imagen que miras, de izquierda a derecha. En Corte, M gira el clip mismo.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Next view</source>
   <translation>Vista siguiente</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Front, back, side, feet: what was filmed.</source>
   <translation>Frente, espalda, lado, pies: lo que se filmó.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Next version</source>
   <translation>Versión siguiente</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>With counts, to watch, half-time, double time, two pictures in step.</source>
   <translation>Con tiempos, para mirar, medio tiempo, doble tiempo, dos imágenes a la vez.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Clicks on the counts</source>
   <translation>Clics en los tiempos</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Hear a click on each count, higher on 1.</source>
   <translation>Oír un clic en cada tiempo, más agudo en el 1.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Find in the dance…</source>
   <translation>Buscar en el baile…</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>A section, a move, a count, a view: to the clip that shows it.</source>
   <translation>Una sección, un movimiento, un tiempo, una vista: al clip que lo muestra.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Line up</source>
   <translation>Línea arriba</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>To the line above.</source>
   <translation>A la línea de encima.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>Line down</source>
   <translation>Línea abajo</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>To the line below.</source>
   <translation>A la línea de debajo.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>One frame back</source>
   <translation>Una imagen atrás</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>A thirtieth of a second, or a frame of the film, earlier.</source>
   <translation>Un treintavo de segundo, o una imagen de la película, antes.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>One frame on</source>
   <translation>Una imagen adelante</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>A thirtieth of a second, or a frame of the film, later.</source>
   <translation>Un treintavo de segundo, o una imagen de la película, después.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>There is no dance written yet to find something in.</source>
   <translation>Todavía no hay un baile escrito en el que buscar.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>There is no picture here to turn. Film and Cut show one.</source>
   <translation>Aquí no hay imagen que girar. Rodaje y Corte muestran una.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>You see it the other way round; the clip stays as it is. At Cut, M turns the clip.</source>
   <translation>Lo ves al revés; el clip se queda como está. En Corte, M gira el clip.</translation>
  </message>
  <message>
   <location filename="../ui/everywhere/watching.py" />
   <source>You see it as it will be written again.</source>
   <translation>Lo ves otra vez como se escribirá.</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>Find in the dance</source>
   <translation>Buscar en el baile</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>half turn, 5&amp;6, back view of the tag …</source>
   <translation>half turn, 5&amp;6, back view of the tag …</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>Find a section, a move, a count, a view</source>
   <translation>Buscar una sección, un movimiento, un tiempo, una vista</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>Places that fit</source>
   <translation>Lugares que encajan</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>Type what you look for. Up and Down choose, Return goes there.</source>
   <translation>Escribe lo que buscas. Arriba y abajo eligen, Intro va allí.</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>place</source>
   <translation>lugar</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>places</source>
   <translation>lugares</translation>
  </message>
  <message>
   <location filename="../ui/frame/find_page.py" />
   <source>Nothing in the dance has this name.</source>
   <translation>Nada del baile se llama así.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Press Space and listen, with clicks (K). Does count 1 fall where you would say it? If not, stand on the count that is a 1 and press Return. Hatched lines are those to look at first.</source>
   <translation>Pulsa espacio y escucha, con clics (K). ¿Cae el tiempo 1 donde tú lo dirías? Si no, ponte en el tiempo que es un 1 y pulsa Intro. Las líneas rayadas son las que hay que mirar primero.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Name a section and write what is danced, such as “side R 1, behind L 2, touch R 3”. Walls, facings and which foot is free follow from that. There is time for this later, too.</source>
   <translation>Pon nombre a una sección y escribe lo que se baila, como «side R 1, behind L 2, touch R 3». De ahí salen paredes, direcciones y qué pie está libre. También hay tiempo para esto más tarde.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Drop your films anywhere. Each is placed on the song by its sound; where Vamos is not sure, it asks you. Say which view a film shows, and mark where something went wrong in it.</source>
   <translation>Suelta tus películas donde sea. Cada una se coloca sobre la canción por su sonido; donde Vamos no está seguro, te pregunta. Di qué vista muestra una película, y marca dónde salió algo mal.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Each section is a clip in each view. Look at it as your students will: cards choose another pass, [ and ] say where it begins and ends.</source>
   <translation>Cada sección es un clip en cada vista. Míralo como lo verán tus alumnos: las tarjetas eligen otra pasada, [ y ] dicen dónde empieza y acaba.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>In which pieces, how often, how slow, and why: change any row with keys or by dragging. What is still to be filmed stands on the left, and is played for you while you film it.</source>
   <translation>En qué trozos, cuántas veces, a qué velocidad, y por qué: cambia cualquier fila con teclas o arrastrando. Lo que falta por filmar está a la izquierda, y suena para ti mientras lo filmas.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Choose what it is for, then write it. Every file is decoded again and compared with what it should be; hand out the whole folder.</source>
   <translation>Elige para qué es, luego escríbelo. Cada archivo se descodifica otra vez y se compara con lo que debe ser; entrega la carpeta entera.</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Got it</source>
   <translation>Entendido</translation>
  </message>
  <message>
   <location filename="../ui/frame/guide.py" />
   <source>Got it: close the words about {stop} for good</source>
   <translation>Entendido: cerrar para siempre las palabras sobre {stop}</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys.py" />
   <source>“{value}” works on the page. Esc goes there.</source>
   <translation>«{value}» funciona en la página. Esc va allí.</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys.py" />
   <source>“{value}” works where the page is: Ctrl+1 to Ctrl+4.</source>
   <translation>«{value}» funciona donde está la página: Ctrl+1 a Ctrl+4.</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys.py" />
   <source>These are words, so the keys did nothing. Click into a field to write them.</source>
   <translation>Eso son palabras, así que las teclas no hicieron nada. Pulsa en un campo para escribirlas.</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>To that count of this line</source>
   <translation>A ese tiempo de esta línea</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>A count back or on</source>
   <translation>Un tiempo atrás o adelante</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>A page of lines up or down</source>
   <translation>Una página de líneas arriba o abajo</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>End</source>
   <translation>Fin</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>To the last line</source>
   <translation>A la última línea</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Esc</source>
   <translation>Esc</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>To the page, out of a field</source>
   <translation>A la página, fuera de un campo</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Stops</source>
   <translation>Paradas</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Search: clip, mirror, the 1 …</source>
   <translation>Buscar: clip, espejo, el 1 …</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Search the keys</source>
   <translation>Buscar en las teclas</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Keys that change the song, the dance, takes or clips work at their stop, with the page in focus. Single-letter keys can be switched off in the menu View.</source>
   <translation>Las teclas que cambian la canción, el baile, las tomas o los clips funcionan en su parada, con la página activa. Las teclas de una letra se pueden apagar en el menú Vista.</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>Here, at {n}</source>
   <translation>Aquí, en {n}</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>At {stop}</source>
   <translation>En {stop}</translation>
  </message>
  <message>
   <location filename="../ui/frame/keys_page.py" />
   <source>No key matches.</source>
   <translation>Ninguna tecla coincide.</translation>
  </message>
  <message>
   <location filename="../ui/frame/language_choice.py" />
   <source>as the desktop</source>
   <translation>como el escritorio</translation>
  </message>
  <message>
   <location filename="../ui/frame/language_choice.py" />
   <source>Language from the next start on: {language}. Again takes the next.</source>
   <translation>Idioma desde el próximo inicio: {language}. Otra vez pasa al siguiente.</translation>
  </message>
  <message>
   <location filename="../ui/frame/language_choice.py" />
   <source>The language could not be kept: {error}.</source>
   <translation>No se pudo guardar el idioma: {error}.</translation>
  </message>
  <message>
   <location filename="../ui/frame/notify.py" />
   <source>{name}: finished.</source>
   <translation>{name}: terminado.</translation>
  </message>
  <message>
   <location filename="../ui/frame/route.py" />
   <source>The stops of the work, now {number} {stop}</source>
   <translation>Las paradas del trabajo, ahora {number} {stop}</translation>
  </message>
  <message>
   <location filename="../ui/frame/side.py" />
   <source>{value}, key {value2}</source>
   <translation>{value}, tecla {value2}</translation>
  </message>
  <message>
   <location filename="../ui/frame/side.py" />
   <source>{help} Key: {keys}</source>
   <translation>{help} Tecla: {keys}</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Drop the song here</source>
   <translation>Suelta aquí la canción</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>wav, flac, ogg, mp3 or m4a. Vamos finds the beat and the eights.</source>
   <translation>wav, flac, ogg, mp3 o m4a. Vamos encuentra el pulso y los ochos.</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Drop your takes here</source>
   <translation>Suelta aquí tus tomas</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>mp4, mov, mkv or webm from the phone. They are placed on the song by their sound.</source>
   <translation>mp4, mov, mkv o webm del móvil. Se colocan sobre la canción por su sonido.</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Look, then write the pack</source>
   <translation>Mira, y escribe el paquete</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Clips per eight: mirrored, back view, slowed, with the counts over the picture.</source>
   <translation>Clips por ochos: en espejo, de espaldas, más lentos, con los tiempos sobre la imagen.</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Choose files…</source>
   <translation>Elegir archivos…</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Try the demo</source>
   <translation>Probar la demostración</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Open a project…</source>
   <translation>Abrir un proyecto…</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Write a dance</source>
   <translation>Escribir un baile</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>From a song and phone films to clips your students can follow</source>
   <translation>De una canción y vídeos del móvil a clips que tus alumnos pueden seguir</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>No song yet? Counts are written at an even pulse; the song can come later.</source>
   <translation>¿Aún sin canción? Los tiempos se escriben a un pulso regular; la canción puede llegar después.</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Warm up, clear the floor, and dance within what a teacher or a physician says is good for you. The rights of the music you use are yours to clear.</source>
   <translation>Calienta, despeja el suelo y baila dentro de lo que un profesor o un médico diga que te hace bien. Los derechos de la música que usas los tienes que aclarar tú.</translation>
  </message>
  <message>
   <location filename="../ui/frame/start.py" />
   <source>Open {stem}, open lately</source>
   <translation>Abrir {stem}, abierto hace poco</translation>
  </message>
  <message>
   <location filename="../ui/frame/status.py" />
   <source>F1 guide</source>
   <translation>F1 guía</translation>
  </message>
  <message>
   <location filename="../ui/frame/status.py" />
   <source>, about {number} s left</source>
   <translation>, faltan unos {number} s</translation>
  </message>
  <message>
   <location filename="../ui/frame/status.py" />
   <source>Saved {time} · F1 guide</source>
   <translation>Guardado {time} · F1 guía</translation>
  </message>
  <message>
   <location filename="../ui/page/content.py" />
   <source>{now:.0f} a minute</source>
   <translation>{now:.0f} por minuto</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>before the dance</source>
   <translation>antes del baile</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>tag, {length} counts</source>
   <translation>puente, {length} tiempos</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>hold, {length} counts</source>
   <translation>parada, {length} tiempos</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>after the dance</source>
   <translation>después del baile</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>line {line}</source>
   <translation>línea {line}</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <location filename="../ui/stops/pack/picture.py" />
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>line</source>
   <translation>línea</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <source>count {section}</source>
   <translation>tiempo {section}</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <location filename="../ui/preview/mirror.py" />
   <location filename="../ui/stops/dance/follows.py" />
   <source>facing {clock}</source>
   <translation>mirando a las {clock}</translation>
  </message>
  <message>
   <location filename="../ui/page/model.py" />
   <location filename="../ui/page/paint.py" />
   <source>weak beat</source>
   <translation>pulso débil</translation>
  </message>
  <message>
   <location filename="../ui/page/paint.py" />
   <source>the music stops</source>
   <translation>la música para</translation>
  </message>
  <message>
   <location filename="../ui/page/paint.py" />
   <source>{problems} to check</source>
   <translation>{problems} por revisar</translation>
  </message>
  <message>
   <location filename="../ui/page/spoken.py" />
   <source>{margin}, count {count}{words}</source>
   <translation>{margin}, tiempo {count}{words}</translation>
  </message>
  <message>
   <location filename="../ui/page/spoken.py" />
   <location filename="../ui/page/view.py" />
   <source>The page of eights</source>
   <translation>La página de ochos</translation>
  </message>
  <message>
   <location filename="../ui/page/spoken.py" />
   <source>Lines and counts</source>
   <translation>Líneas y tiempos</translation>
  </message>
  <message>
   <location filename="../ui/parts/action.py" />
   <source>anywhere</source>
   <translation>en cualquier sitio</translation>
  </message>
  <message>
   <location filename="../ui/parts/action.py" />
   <source>watching</source>
   <translation>mirando</translation>
  </message>
  <message>
   <location filename="../ui/parts/action.py" />
   <source>changing</source>
   <translation>cambiando</translation>
  </message>
  <message>
   <location filename="../ui/parts/buttons.py" />
   <source>Press to go there.</source>
   <translation>Pulsa para ir allí.</translation>
  </message>
  <message>
   <location filename="../ui/parts/buttons.py" />
   <source>{name}, chosen</source>
   <translation>{name}, elegida</translation>
  </message>
  <message>
   <location filename="../ui/parts/buttons.py" />
   <source>{text}, folded</source>
   <translation>{text}, plegado</translation>
  </message>
  <message>
   <location filename="../ui/parts/buttons.py" />
   <source>{text}, open</source>
   <translation>{text}, abierto</translation>
  </message>
  <message>
   <location filename="../ui/parts/notation_field.py" />
   <source>Tab: {offer}</source>
   <translation>Tab: {offer}</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>No take shows {number}. It is on the list of what to film.</source>
   <translation>Ninguna toma muestra {number}. Está en la lista de lo que hay que filmar.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>No takes yet. Space plays the song with its counts.</source>
   <translation>Todavía no hay tomas. Espacio reproduce la canción con sus tiempos.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>Version shown: {kind}.</source>
   <translation>Versión que se ve: {kind}.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>Here you will see the picture as your students see it.</source>
   <translation>Aquí verás la imagen como la ven tus alumnos.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>There is nothing to play yet. Add a song first.</source>
   <translation>Todavía no hay nada que reproducir. Añade primero una canción.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>Clicks on the counts.</source>
   <translation>Clics en los tiempos.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>No clicks.</source>
   <translation>Sin clics.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>There is no clip here to be shown in another version.</source>
   <translation>Aquí no hay ningún clip que mostrar en otra versión.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>This line was not filmed yet.</source>
   <translation>Esta línea todavía no se filmó.</translation>
  </message>
  <message>
   <location filename="../ui/preview/controller.py" />
   <source>this line</source>
   <translation>esta línea</translation>
  </message>
  <message>
   <location filename="../ui/preview/mirror.py" />
   <source>Line {line}</source>
   <translation>Línea {line}</translation>
  </message>
  <message>
   <location filename="../ui/preview/mirror.py" />
   <source>facing not known</source>
   <translation>dirección desconocida</translation>
  </message>
  <message>
   <location filename="../ui/preview/mirror.py" />
   <source>The mirror</source>
   <translation>El espejo</translation>
  </message>
  <message>
   <location filename="../ui/preview/mirror.py" />
   <source>No count</source>
   <translation>Ningún tiempo</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>Second of the film</source>
   <translation>Segundo de la película</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>A film, played</source>
   <translation>Una película, reproducida</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>{minutes} of {minutes2}</source>
   <translation>{minutes} de {minutes2}</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>As students get it</source>
   <translation>Como la reciben los alumnos</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>As it was filmed</source>
   <translation>Como se filmó</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>The same moment of {name}</source>
   <translation>El mismo momento de {name}</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>Not beside a film: it is made of several, or its film is gone</source>
   <translation>No junto a una película: está hecho de varias, o su película no está</translation>
  </message>
  <message>
   <location filename="../ui/preview/result_player.py" />
   <source>Reading a film</source>
   <translation>Leyendo una película</translation>
  </message>
  <message>
   <location filename="../ui/preview/side_by_side.py" />
   <source>Space plays them in step; the arrows and 1 to 8 go to a count, comma and full stop by frames.</source>
   <translation>Espacio las reproduce a la vez; las flechas y 1 a 8 van a un tiempo, coma y punto por imágenes.</translation>
  </message>
  <message>
   <location filename="../ui/preview/side_by_side.py" />
   <location filename="../ui/stops/film/slate.py" />
   <source>Back to the page</source>
   <translation>A la página</translation>
  </message>
  <message>
   <location filename="../ui/preview/side_by_side.py" />
   <source>This one is used</source>
   <translation>Se usa esta</translation>
  </message>
  <message>
   <location filename="../ui/preview/side_by_side.py" />
   <source>Use this one</source>
   <translation>Usar esta</translation>
  </message>
  <message>
   <location filename="../ui/preview/tapping.py" />
   <source>, at least {fewest} are needed</source>
   <translation>, hacen falta al menos {fewest}</translation>
  </message>
  <message>
   <location filename="../ui/preview/tapping.py" />
   <source>{number} taps{few}.</source>
   <translation>{number} golpes{few}.</translation>
  </message>
  <message>
   <location filename="../ui/preview/tapping.py" />
   <source>Tap T on each count while {what} plays. Stop tapping when you have enough.</source>
   <translation>Pulsa T en cada tiempo mientras suena {what}. Para cuando tengas bastantes.</translation>
  </message>
  <message>
   <location filename="../ui/preview/tapping.py" />
   <source>{number} taps are too few; at least {fewest} are needed. Nothing was changed.</source>
   <translation>{number} golpes son muy pocos; hacen falta al menos {fewest}. No se cambió nada.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/__init__.py" />
   <location filename="../ui/stops/cut/actions.py" />
   <source>Cut</source>
   <translation>Corte</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>The clip begins here</source>
   <translation>El clip empieza aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>From the count you stand on, run-up and all.</source>
   <translation>Desde el tiempo en que estás, con entrada y todo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>The clip ends here</source>
   <translation>El clip acaba aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Up to the count you stand on.</source>
   <translation>Hasta el tiempo en que estás.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Begin a frame earlier</source>
   <translation>Empezar una imagen antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>One frame earlier.</source>
   <translation>Una imagen antes.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Begin a frame later</source>
   <translation>Empezar una imagen después</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>One frame later.</source>
   <translation>Una imagen después.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>End a frame earlier</source>
   <translation>Acabar una imagen antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>End a frame later</source>
   <translation>Acabar una imagen después</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <location filename="../ui/tasks/clips.py" />
   <source>Mirrored or as filmed</source>
   <translation>En espejo o como se filmó</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Flip this clip's picture, or take the flip back.</source>
   <translation>Reflejar la imagen de este clip, o deshacer el reflejo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/compare.py" />
   <source>Another pass</source>
   <translation>Otra pasada</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Use the next pass for this clip.</source>
   <translation>Usar la pasada siguiente para este clip.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Passes side by side</source>
   <translation>Pasadas una junto a otra</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>The passes of this clip in step; again goes back.</source>
   <translation>Las pasadas de este clip a la vez; otra vez vuelve.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Leave this clip out</source>
   <translation>Omitir este clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>It is not written; the panel offers to take it back.</source>
   <translation>No se escribe; el panel ofrece recuperarlo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>I looked, it is right</source>
   <translation>Lo miré, está bien</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Nothing speaks against this clip until it changes.</source>
   <translation>Nada habla en contra de este clip hasta que cambie.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>Next clip to check</source>
   <translation>Siguiente clip por revisar</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/actions.py" />
   <source>To the next clip that asks for a look.</source>
   <translation>Al siguiente clip que pide una mirada.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>{title}, {label} is right as it is</source>
   <translation>{title}, {label} está bien como está</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Edge of the clip</source>
   <translation>Borde del clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>{title}, {view}: {words} at {where}</source>
   <translation>{title}, {view}: {words} en {where}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>{title}, {view}: {what} a frame {way}</source>
   <translation>{title}, {view}: {what} una imagen {way}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/compare.py" />
   <source>{title}, {view}: {name}, pass {number} is used</source>
   <translation>{title}, {view}: se usa {name}, pasada {number}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>{title}, {view} is left out</source>
   <translation>{title}, {view} se omite</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Back to Vamos’s choice</source>
   <translation>Volver a la elección de Vamos</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Vamos decides about this clip again</source>
   <translation>Vamos decide otra vez sobre este clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Take a clip back</source>
   <translation>Recuperar un clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>The clip is written again</source>
   <translation>El clip se escribe otra vez</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Looked at a clip</source>
   <translation>Clip mirado</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>A clip of your own</source>
   <translation>Un clip propio</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Take a clip away</source>
   <translation>Quitar un clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Where the counts stand</source>
   <translation>Dónde se ven los tiempos</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>How counts are said</source>
   <translation>Cómo se dicen los tiempos</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Count-in</source>
   <translation>Cuenta de entrada</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Counted in: {style}</source>
   <translation>Se cuenta de entrada: {style}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Run-up of all clips</source>
   <translation>Entrada de todos los clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Read from</source>
   <translation>Se lee desde</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Show {lane}</source>
   <translation>Mostrar {lane}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Shape of the picture</source>
   <translation>Forma de la imagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <location filename="../ui/stops/cut/panel.py" />
   <source>Follow the dancer</source>
   <translation>Seguir a quien baila</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>There is no clip here; go to a line of the dance that was filmed.</source>
   <translation>Aquí no hay clip; ve a una línea del baile que se filmó.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>begins</source>
   <translation>empieza</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>ends</source>
   <translation>acaba</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Move an edge by a frame</source>
   <translation>Mover un borde una imagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>There is no other pass of this view.</source>
   <translation>No hay otra pasada de esta vista.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Leave a clip out</source>
   <translation>Omitir un clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>Nothing speaks against this clip.</source>
   <translation>Nada habla en contra de este clip.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/commands.py" />
   <source>No clip asks for a look.</source>
   <translation>Ningún clip pide una mirada.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/compare.py" />
   <source>{name}, pass {number}{wall}: {trouble}</source>
   <translation>{name}, pasada {number}{wall}: {trouble}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/compare.py" />
   <source>no trouble seen</source>
   <translation>no se ve ningún fallo</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/compare.py" />
   <source>There is only one pass of this view. Press V for another view, or film it again to compare.</source>
   <translation>Solo hay una pasada de esta vista. Pulsa V para otra vista, o fílmala otra vez para comparar.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/compare.py" />
   <source>{title}, {view}: which pass?</source>
   <translation>{title}, {view}: ¿qué pasada?</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{d:g} m away</source>
   <translation>a {d:g} m</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>clip</source>
   <translation>clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>clips</source>
   <translation>clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{title}, {view}: {name}, {label}</source>
   <translation>{title}, {view}: {name}, {label}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{distance_m:g} m away</source>
   <translation>a {distance_m:g} m</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>  {number} to check</source>
   <translation>  {number} por revisar</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Drag the brackets on the page, or {key} and {key2} on a count; {words} by a frame.</source>
   <translation>Arrastra los corchetes de la página, o {key} y {key2} en un tiempo; {words} por una imagen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Left out</source>
   <translation>Omitidos</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Clips of your own</source>
   <translation>Clips propios</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Over the picture</source>
   <translation>Sobre la imagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Said</source>
   <translation>Dicho</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>The picture</source>
   <translation>La imagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Shape</source>
   <translation>Forma</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Close to the dancer, following slowly</source>
   <translation>Cerca de quien baila, siguiéndole despacio</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Version shown: {kind}. Shift+V shows the next one.</source>
   <translation>Versión que se ve: {kind}. Mayús+V muestra la siguiente.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{number:g} counts</source>
   <translation>{number:g} tiempos</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Run-up</source>
   <translation>Entrada</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>no clips yet</source>
   <translation>todavía no hay clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{words}, {asking} to check</source>
   <translation>{words}, {asking} por revisar</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Next clip to check ({asking})</source>
   <translation>Siguiente clip por revisar ({asking})</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Nothing to cut here</source>
   <translation>Aquí no hay nada que cortar</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{name}, pass {number} · {mark} of 100</source>
   <translation>{name}, pasada {number} · {mark} de 100</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>{name}, pass {number}: {mark} of 100</source>
   <translation>{name}, pasada {number}: {mark} de 100</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Leave out</source>
   <translation>Omitir</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Of this line</source>
   <translation>De esta línea</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Stand on a danced line to cut two lines, a wall, or from the top to there.</source>
   <translation>Ponte en una línea bailada para cortar dos líneas, una pared, o desde arriba hasta ahí.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>a phrase</source>
   <translation>una frase</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>What the counts before the first show and say</source>
   <translation>Qué muestran y dicen los tiempos antes del primero</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>This line is not danced. Go to a line of the dance.</source>
   <translation>Esta línea no se baila. Ve a una línea del baile.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>No take shows this line in this view. Press V for another view, or film it.</source>
   <translation>Ninguna toma muestra esta línea en esta vista. Pulsa V para otra vista, o fílmala.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Also {words}{words2}.</source>
   <translation>También {words}{words2}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Another pass ({key})</source>
   <translation>Otra pasada ({key})</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Side by side ({key})</source>
   <translation>Una junto a otra ({key})</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Back to Vamos’s choice for all</source>
   <translation>Volver a la elección de Vamos en todos</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Bring back {key}</source>
   <translation>Recuperar {key}</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Take away</source>
   <translation>Quitar</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>Counts of this line as a clip</source>
   <translation>Tiempos de esta línea como clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>3&amp; to 6; or 3&amp; up to 6&amp;</source>
   <translation>3&amp; to 6; o 3&amp; up to 6&amp;</translation>
  </message>
  <message>
   <location filename="../ui/stops/cut/panel.py" />
   <source>“to 6” ends with 6, “up to 6&amp;” where 6&amp; begins.</source>
   <translation>«to 6» acaba con el 6, «up to 6&amp;» donde empieza 6&amp;.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/commands.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <location filename="../ui/stops/pack/panel.py" />
   <source>New section</source>
   <translation>Sección nueva</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>An empty section behind the one of this line.</source>
   <translation>Una sección vacía detrás de la de esta línea.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Write on this count</source>
   <translation>Escribir en este tiempo</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>Type what is danced here; Tab goes on.</source>
   <translation>Escribe lo que se baila aquí; Tab sigue.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>See it easier, harder, as written</source>
   <translation>Verlo más fácil, más difícil, como está escrito</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>The page shows the next variant; then none.</source>
   <translation>La página muestra la variante siguiente; luego ninguna.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <location filename="../ui/stops/dance/wall_map.py" />
   <source>Wall map</source>
   <translation>Mapa de paredes</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>The whole sequence as a picture; again goes back to the page.</source>
   <translation>Toda la secuencia como dibujo; otra vez vuelve a la página.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Paste a sheet…</source>
   <translation>Pegar una hoja…</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>A sheet from the clipboard: see what is understood, answer what is open, take it in.</source>
   <translation>Una hoja del portapapeles: ver qué se entiende, responder lo que queda abierto, tomarla.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Read a sheet…</source>
   <translation>Leer una hoja…</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>Take the dance from a CSV, JSON, Markdown or text file.</source>
   <translation>Tomar el baile de un archivo CSV, JSON, Markdown o de texto.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Write the sheet…</source>
   <translation>Escribir la hoja…</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>Write PDF, Markdown, CSV or JSON, or the wall map as SVG.</source>
   <translation>Escribir PDF, Markdown, CSV o JSON, o el mapa de paredes como SVG.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>Take answer {k}</source>
   <translation>Tomar la respuesta {k}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/actions.py" />
   <source>What could be meant on this count, see the side.</source>
   <translation>Qué se puede querer decir en este tiempo: mira al lado.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Starts on</source>
   <translation>Empieza en</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Stated walls</source>
   <translation>Paredes que se dicen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Stated counts</source>
   <translation>Tiempos que se dicen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Stated tags</source>
   <translation>Puentes que se dicen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Stated restarts</source>
   <translation>Reinicios que se dicen</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>The card</source>
   <translation>La ficha</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Suggested: {suggested_level} ({why_level}). You decide.</source>
   <translation>Propuesta: {suggested_level} ({why_level}). Decides tú.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>Not filled in: {names}.</source>
   <translation>Sin rellenar: {names}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>{title}: written</source>
   <translation>{title}: escrito</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/card.py" />
   <source>“{value}” is not a whole number; leave it empty when nothing was said.</source>
   <translation>«{value}» no es un número entero; déjalo vacío si no se dijo nada.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Notation of the section</source>
   <translation>Notación de la sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Count {number} of {name}</source>
   <translation>Tiempo {number} de {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>PDF (*.pdf);;Markdown (*.md);;CSV (*.csv);;JSON (*.json);;Wall map (*.svg)</source>
   <translation>PDF (*.pdf);;Markdown (*.md);;CSV (*.csv);;JSON (*.json);;Mapa de paredes (*.svg)</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Write a section</source>
   <translation>Escribir una sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>{name} is written</source>
   <translation>{name} está escrita</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <location filename="../ui/stops/dance/section.py" />
   <source>Sequence</source>
   <translation>Secuencia</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Question answered</source>
   <translation>Pregunta respondida</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>No line of the page dances that; look at the sequence.</source>
   <translation>Ninguna línea de la página baila eso; mira la secuencia.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Read a sheet</source>
   <translation>Leer una hoja</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Count sheets (*.csv *.json *.md *.txt)</source>
   <translation>Hojas de baile (*.csv *.json *.md *.txt)</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Write the sheet</source>
   <translation>Escribir la hoja</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>The sheet is in {path}.</source>
   <translation>La hoja está en {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>It is danced {times} over the song, until you write the sequence.</source>
   <translation>Se baila {times} sobre la canción, hasta que escribas la secuencia.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Read as {taken}</source>
   <translation>Leído como {taken}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Nothing is open on this count. What is open is listed under To check.</source>
   <translation>En este tiempo no queda nada abierto. Lo abierto está en la lista Por revisar.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>No variant is written. Write Easier or Harder beside a count, or other moves with “or”.</source>
   <translation>No hay ninguna variante escrita. Escribe Más fácil o Más difícil junto a un tiempo, u otros movimientos con «or».</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>The page shows it {now}. E shows the next.</source>
   <translation>La página lo muestra {now}. E muestra el siguiente.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>The page shows it as written.</source>
   <translation>La página lo muestra como está escrito.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>This line is not danced. Go to a line of the dance, or begin a section (Ctrl+Return).</source>
   <translation>Esta línea no se baila. Ve a una línea del baile, o empieza una sección (Ctrl+Intro).</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Count {number} of {name} is written</source>
   <translation>El tiempo {number} de {name} está escrito</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>Write a count</source>
   <translation>Escribir un tiempo</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>There is no sequence to draw yet.</source>
   <translation>Todavía no hay secuencia que dibujar.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>The dance of {name} is read.</source>
   <translation>El baile de {name} está leído.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>time</source>
   <translation>vez</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/commands.py" />
   <source>times</source>
   <translation>veces</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{number:g} danced</source>
   <translation>se bailan {number:g}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{number:g} counts too few{where}</source>
   <translation>faltan {number:g} tiempos{where}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{number:g} danced, {facing}{over}</source>
   <translation>se bailan {number:g}, {facing}{over}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>What follows</source>
   <translation>Qué se deduce</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>yes</source>
   <translation>sí</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>no, the first foot bears the weight</source>
   <translation>no, el primer pie lleva el peso</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>not known until all feet are written</source>
   <translation>no se sabe hasta que estén escritos todos los pies</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>; {name} ends in time, {facing}: fade there</source>
   <translation>; {name} acaba a tiempo, {facing}: apaga ahí</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>, {number:g} left over</source>
   <translation>, sobran {number:g}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{walls} whichever way it turns</source>
   <translation>{walls} gire hacia donde gire</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>no turn in all</source>
   <translation>ningún giro en total</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>facing unknown</source>
   <translation>dirección desconocida</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>Care</source>
   <translation>Cuidado</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>To learn</source>
   <translation>Por aprender</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Repeats on the right foot</source>
   <translation>Se repite con el pie correcto</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Possible restarts</source>
   <translation>Reinicios posibles</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{sentence} Ask a teacher or a physician when unsure.</source>
   <translation>{sentence} Si dudas, pregunta a un profesor o a un médico.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>A wall</source>
   <translation>Una pared</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{walls_started} started, {tags}</source>
   <translation>{walls_started} empezadas, {tags}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>To finish at 12:00</source>
   <translation>Para acabar a las 12:00</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Song remaining</source>
   <translation>Canción que queda</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Without optional parts</source>
   <translation>Sin partes opcionales</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Busiest</source>
   <translation>Donde hay más</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>{name}, {moves_per_s:.1f} moves a second</source>
   <translation>{name}, {moves_per_s:.1f} movimientos por segundo</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <source>Back to the screen</source>
   <translation>De espaldas a la pantalla</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/follows.py" />
   <location filename="../ui/stops/dance/panel.py" />
   <source>tags</source>
   <translation>puentes</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Cue word</source>
   <translation>Palabra de aviso</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Lyric, sound</source>
   <translation>Letra, sonido</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Note</source>
   <translation>Nota</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Easier</source>
   <translation>Más fácil</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Harder</source>
   <translation>Más difícil</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Type what is danced on it; Tab goes on.</source>
   <translation>Escribe lo que se baila en él; Tab sigue.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Keep as a step</source>
   <translation>Guardar como paso</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Count {number}</source>
   <translation>Tiempo {number}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>What is meant? Each answer has a key.</source>
   <translation>¿Qué se quiere decir? Cada respuesta tiene una tecla.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Sequence over the song</source>
   <translation>Secuencia sobre la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>4 walls, tag 1, wall restart after 16, hold 4, A A B; wall@16+4 keeps 4 counts after 16.</source>
   <translation>4 walls, tag 1, wall restart after 16, hold 4, A A B; wall@16+4 mantiene 4 tiempos después de 16.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Nothing to check</source>
   <translation>Nada por revisar</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Nothing is written yet</source>
   <translation>Todavía no hay nada escrito</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>not written</source>
   <translation>sin escribir</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Take it in</source>
   <translation>Tomarla</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Undo takes it out again.</source>
   <translation>Deshacer la saca otra vez.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Write the first section</source>
   <translation>Escribir la primera sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Write {name}</source>
   <translation>Escribir {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>No dance written yet</source>
   <translation>Todavía no hay un baile escrito</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Write the counts of the first section, paste a sheet, or read one from a file.</source>
   <translation>Escribe los tiempos de la primera sección, pega una hoja, o lee una de un archivo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Without a sheet, every eight of the song becomes a clip.</source>
   <translation>Sin hoja, cada ocho de la canción es un clip.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>This line is not danced</source>
   <translation>Esta línea no se baila</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Go to a line of the dance to write on it.</source>
   <translation>Ve a una línea del baile para escribir en ella.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Section {name}</source>
   <translation>Sección {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Name of a section</source>
   <translation>Nombre de una sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Length of a section</source>
   <translation>Longitud de una sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Feel of a section</source>
   <translation>Pulso de una sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Again</source>
   <translation>Otra vez</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Again mirrored</source>
   <translation>Otra vez en espejo</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>Mirror</source>
   <translation>Espejo</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>name of a step of your own</source>
   <translation>nombre de un paso propio</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Your own: {words}.</source>
   <translation>Propios: {words}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Nothing is written here. F2 writes on this count, Tab goes on to the next.</source>
   <translation>Aquí no hay nada escrito. F2 escribe en este tiempo, Tab pasa al siguiente.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>{title} is written</source>
   <translation>{title} está escrito</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>  (Alt+{number})</source>
   <translation>  (Alt+{number})</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Fill the song with walls</source>
   <translation>Llenar la canción con paredes</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>To check: {number}</source>
   <translation>Por revisar: {number}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>and {number} more.</source>
   <translation>y {number} más.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>, {wrong} to check</source>
   <translation>, {wrong} por revisar</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Go on without a sheet</source>
   <translation>Seguir sin hoja</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Keep a step</source>
   <translation>Guardar un paso</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Again, mirrored</source>
   <translation>Otra vez, en espejo</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>{name} is mirrored</source>
   <translation>{name} está en espejo</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Take a section away</source>
   <translation>Quitar una sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>Fill the song</source>
   <translation>Llenar la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <location filename="../ui/stops/film/shot_table.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>section</source>
   <translation>sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/panel.py" />
   <source>count {count}</source>
   <translation>tiempo {count}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Section 1: Lantern vine
1-4 Vine R, touch
5&amp;6 Shuffle fwd L, R, L
7-8 Rock fwd R, recover L</source>
   <translation>Section 1: Lantern vine
1-4 Vine R, touch
5&amp;6 Shuffle fwd L, R, L
7-8 Rock fwd R, recover L</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>The sheet as it was pasted</source>
   <translation>La hoja como se pegó</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Paste a sheet</source>
   <translation>Pegar una hoja</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Leave all as it was</source>
   <translation>Dejar todo como estaba</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Nothing changes before you take it in.</source>
   <translation>Nada cambia antes de que la tomes.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>As it was pasted</source>
   <translation>Como se pegó</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>As it will stand on the page</source>
   <translation>Como quedará en la página</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Paste the sheet here (Ctrl+V), or type it as in the example.</source>
   <translation>Pega la hoja aquí (Ctrl+V), o escríbela como en el ejemplo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>{questions} open.</source>
   <translation>{questions} abiertas.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>{known} of {all} words understood, {names} kept as names (dotted).</source>
   <translation>{known} de {all} palabras entendidas, {names} guardadas como nombres (punteadas).</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>{number} more remarks.</source>
   <translation>{number} notas más.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>There is no sheet here yet that could be taken in.</source>
   <translation>Todavía no hay aquí ninguna hoja que se pueda tomar.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>The sheet is taken in; Undo takes it out again.</source>
   <translation>La hoja está tomada; Deshacer la saca otra vez.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>Every question is answered. Take it in?</source>
   <translation>Todas las preguntas están respondidas. ¿Tomarla?</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>0   Later, on the page</source>
   <translation>0   Más tarde, en la página</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>question</source>
   <translation>pregunta</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste.py" />
   <source>questions</source>
   <translation>preguntas</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/paste_parts.py" />
   <source>The counts as the page will show them</source>
   <translation>Los tiempos como los mostrará la página</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/section.py" />
   <source>Name of the section</source>
   <translation>Nombre de la sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/section.py" />
   <source>Counts of the section</source>
   <translation>Tiempos de la sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/section.py" />
   <source>Feel of the section</source>
   <translation>Pulso de la sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/section.py" />
   <source>What is suggested, or cannot be read</source>
   <translation>Lo que se propone, o no se puede leer</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/section.py" />
   <source>2*wall tag1 wall/16 wall</source>
   <translation>2*wall tag1 wall/16 wall</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>as everyone</source>
   <translation>como todos</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>the first move says</source>
   <translation>lo dice el primer movimiento</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>on the left, right is free</source>
   <translation>en el izquierdo, el derecho está libre</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>on the right, left is free</source>
   <translation>en el derecho, el izquierdo está libre</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>on both feet</source>
   <translation>en ambos pies</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>How it begins</source>
   <translation>Cómo empieza</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Weight</source>
   <translation>Peso</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Weight at the start</source>
   <translation>Peso al principio</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Facing</source>
   <translation>Dirección</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Facing at the start</source>
   <translation>Dirección al principio</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Parts</source>
   <translation>Partes</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Another part</source>
   <translation>Otra parte</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Start foot</source>
   <translation>Pie inicial</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Weight: {words}</source>
   <translation>Peso: {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Start facing</source>
   <translation>Dirección inicial</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>The dance begins facing {words}</source>
   <translation>El baile empieza mirando a {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Partner's facing</source>
   <translation>Dirección de la pareja</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>The partner begins {words}</source>
   <translation>La pareja empieza {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Facing, {value}</source>
   <translation>Dirección, {value}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Partner's facing at the start</source>
   <translation>Dirección de la pareja al principio</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Give each part its sections, then write the order, such as A A B.</source>
   <translation>Da a cada parte sus secciones, luego escribe el orden, como A A B.</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Part {name}</source>
   <translation>Parte {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>Part {name} is written</source>
   <translation>La parte {name} está escrita</translation>
  </message>
  <message>
   <location filename="../ui/stops/dance/starts.py" />
   <source>The part is gone</source>
   <translation>La parte ya no está</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <location filename="../ui/tasks/placing.py" />
   <source>Place takes</source>
   <translation>Colocar tomas</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Find each take's place on the song by its sound.</source>
   <translation>Encontrar el lugar de cada toma en la canción por su sonido.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <location filename="../ui/stops/film/slate.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Match by eye</source>
   <translation>Ajustar a ojo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take with its sound: match a clap, a step or a count; again goes back.</source>
   <translation>La toma con su sonido: une una palmada, un paso o un tiempo; otra vez vuelve.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <location filename="../ui/stops/film/slate.py" />
   <source>Tap the counts</source>
   <translation>Marcar los tiempos</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>While a take plays by eye: tap on each count.</source>
   <translation>Mientras suena una toma a ojo: golpea en cada tiempo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: front</source>
   <translation>Desde aquí: frente</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take shows the front from this count on.</source>
   <translation>La toma muestra el frente desde este tiempo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: back</source>
   <translation>Desde aquí: espalda</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take shows the back from this count on.</source>
   <translation>La toma muestra la espalda desde este tiempo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: left side</source>
   <translation>Desde aquí: lado izquierdo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take shows the left side from this count on.</source>
   <translation>La toma muestra el lado izquierdo desde este tiempo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: right side</source>
   <translation>Desde aquí: lado derecho</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take shows the right side from here on.</source>
   <translation>La toma muestra el lado derecho desde aquí.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: feet</source>
   <translation>Desde aquí: pies</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The take shows the feet from this count on.</source>
   <translation>La toma muestra los pies desde este tiempo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: other sides</source>
   <translation>Desde aquí: otros lados</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Own sides, or opposite sides, from here on.</source>
   <translation>Lados propios, o los contrarios, desde aquí.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: in a mirror</source>
   <translation>Desde aquí: en un espejo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Filmed in a studio mirror from here on, or not.</source>
   <translation>Filmado en un espejo del estudio desde aquí, o no.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: as before the mark</source>
   <translation>Desde aquí: como antes de la marca</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The current mark ends here.</source>
   <translation>La marca actual acaba aquí.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: sides said</source>
   <translation>Desde aquí: lados dichos</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Whose right and left are called, or nobody’s.</source>
   <translation>De quién son la derecha y la izquierda que se dicen, o de nadie.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: lettering</source>
   <translation>Desde aquí: letras</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>There is writing in the picture, or not; a flip turns it.</source>
   <translation>Hay letras en la imagen, o no; un espejo las da la vuelta.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: trouble</source>
   <translation>Desde aquí: fallo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Trouble from here on, until all is well again.</source>
   <translation>Fallo desde aquí, hasta que todo vuelva a estar bien.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From here: all is well</source>
   <translation>Desde aquí: todo bien</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>No trouble from this count on.</source>
   <translation>Ningún fallo desde este tiempo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Split the take here</source>
   <translation>Dividir la toma aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>From this moment on it is a take of its own.</source>
   <translation>Desde este momento es una toma propia.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>Look for movement</source>
   <translation>Buscar movimiento</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Holds danced through, entries early or late.</source>
   <translation>Paradas bailadas, entradas antes o después.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Counted pass a count earlier</source>
   <translation>Pasada contada un tiempo antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Its 1 is the count before.</source>
   <translation>Su 1 es el tiempo anterior.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Counted pass a count later</source>
   <translation>Pasada contada un tiempo después</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Its 1 is the count after.</source>
   <translation>Su 1 es el tiempo siguiente.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Counted pass a line earlier</source>
   <translation>Pasada contada una línea antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>It shows the line before.</source>
   <translation>Muestra la línea anterior.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Counted pass a line later</source>
   <translation>Pasada contada una línea después</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>It shows the line after.</source>
   <translation>Muestra la línea siguiente.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>Write what to leave out…</source>
   <translation>Escribir lo que se omite…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Trouble in the takes as a cut list, for those who edit on.</source>
   <translation>Los fallos de las tomas como lista de cortes, para quien siga editando.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>Write what to film…</source>
   <translation>Escribir qué filmar…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/actions.py" />
   <source>The list of what exists and what is missing.</source>
   <translation>La lista de lo que hay y lo que falta.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Listened to in the film itself again; it is placed anew</source>
   <translation>Se escucha otra vez en la película misma; se coloca de nuevo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>front from here on</source>
   <translation>frente desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>back from here on</source>
   <translation>espalda desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>left side from here on</source>
   <translation>lado izquierdo desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>right side from here on</source>
   <translation>lado derecho desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>feet from here on</source>
   <translation>pies desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{new} from here on</source>
   <translation>{new} desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>End the mark</source>
   <translation>Acabar la marca</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name}: as before from here on</source>
   <translation>{name}: como antes desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Split a take</source>
   <translation>Dividir una toma</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} is split at {take_s:.1f} s</source>
   <translation>{name} está dividida en {take_s:.1f} s</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>sides said: {new}</source>
   <translation>lados dichos: {new}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>trouble from here on</source>
   <translation>fallo desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>all is well from here on</source>
   <translation>todo bien desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Mark {name}</source>
   <translation>Marcar {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Place by hand</source>
   <translation>Colocar a mano</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Loudspeaker</source>
   <translation>Altavoz</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Loudspeaker: {metres:g} m away</source>
   <translation>Altavoz: a {metres:g} m</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/film/compare_places.py" />
   <source>The other place</source>
   <translation>El otro lugar</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>The place is right</source>
   <translation>El lugar es correcto</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Move a pass</source>
   <translation>Mover una pasada</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} lies {number} counts {way}</source>
   <translation>{name} está {number} tiempos {way}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Name of a take</source>
   <translation>Nombre de una toma</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>It is called {name}</source>
   <translation>Se llama {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Take a film out</source>
   <translation>Sacar una película</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} is out; its file is untouched</source>
   <translation>{name} está fuera; su archivo no se toca</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Where is this film now?</source>
   <translation>¿Dónde está ahora esta película?</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Films ({kinds})</source>
   <translation>Películas ({kinds})</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>the same film, found again</source>
   <translation>la misma película, encontrada</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>another film; it is placed anew</source>
   <translation>otra película; se coloca de nuevo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Find the film</source>
   <translation>Buscar la película</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} is placed by its steps; see whether it is right</source>
   <translation>{name} está colocada por sus pasos; mira si está bien</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Comparing steps</source>
   <translation>Comparando pasos</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>A recording of the same moment</source>
   <translation>Una grabación del mismo momento</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Recordings ({kinds})</source>
   <translation>Grabaciones ({kinds})</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} is listened to in {name2}; it is placed anew</source>
   <translation>{name} se escucha en {name2}; se coloca de nuevo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Laying the recording on the film</source>
   <translation>Poniendo la grabación sobre la película</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>The film’s own sound</source>
   <translation>El sonido propio de la película</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Which pass is right</source>
   <translation>Qué pasada es la buena</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Noted: {words}.</source>
   <translation>Anotado: {words}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Write what to leave out</source>
   <translation>Escribir lo que se omite</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Cut list (*.csv);;OpenTimelineIO (*.otio)</source>
   <translation>Lista de cortes (*.csv);;OpenTimelineIO (*.otio)</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>leave out</source>
   <translation>omitir</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>What to leave out is in {path}.</source>
   <translation>Lo que se omite está en {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Write what to film</source>
   <translation>Escribir qué filmar</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Markdown (*.md);;CSV (*.csv)</source>
   <translation>Markdown (*.md);;CSV (*.csv)</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>what to film</source>
   <translation>qué filmar</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>What to film is in {path}.</source>
   <translation>Qué filmar está en {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>no longer in a mirror</source>
   <translation>ya no en un espejo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>in a mirror from here on</source>
   <translation>en un espejo desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>No film is shown here whose mark could end.</source>
   <translation>Aquí no se ve ninguna película cuya marca pueda acabar.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>No film is shown here that could be split.</source>
   <translation>Aquí no se ve ninguna película que se pueda dividir.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>no lettering from here on</source>
   <translation>sin letras desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>lettering from here on</source>
   <translation>letras desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>No take shows this count; there is nothing to mark.</source>
   <translation>Ninguna toma muestra este tiempo; no hay nada que marcar.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Matching by eye needs a song with its beat and a take.</source>
   <translation>Ajustar a ojo necesita una canción con su pulso y una toma.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Press E to match the take by eye first; then T taps its counts.</source>
   <translation>Pulsa E para ajustar primero la toma a ojo; luego T marca sus tiempos.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>“{value}” is not a second; type a number such as 12.40.</source>
   <translation>«{value}» no es un segundo; escribe un número como 12.40.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>“{value}” is not a distance; type metres such as 4.5.</source>
   <translation>«{value}» no es una distancia; escribe metros como 4.5.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>This pass follows the song. Only a pass that was counted aloud can be moved.</source>
   <translation>Esta pasada sigue la canción. Solo se puede mover una pasada contada en voz alta.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} has no picture, so it cannot be {name2}. Nothing was changed.</source>
   <translation>{name} no tiene imagen, así que no puede ser {name2}. No se cambió nada.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Another recording</source>
   <translation>Otra grabación</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <location filename="../ui/stops/film/panel.py" />
   <source>Reason of trouble</source>
   <translation>Motivo del fallo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>{name} is that very file already.</source>
   <translation>{name} ya es ese mismo archivo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>The steps of {name} do not tell its place. Match it by eye, or leave it out.</source>
   <translation>Los pasos de {name} no dicen su lugar. Ajústala a ojo, o déjala fuera.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/commands.py" />
   <source>Place by its steps</source>
   <translation>Colocar por sus pasos</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/compare_places.py" />
   <source>at {minutes} of the song</source>
   <translation>en {minutes} de la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/compare_places.py" />
   <source>{name}, pass {number}: where is it?</source>
   <translation>{name}, pasada {number}: ¿dónde está?</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/compare_places.py" />
   <source>The pass lies there now</source>
   <translation>La pasada está ahora ahí</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>{placed} of {takes} placed</source>
   <translation>{placed} de {takes} colocadas</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>The moment in the middle of the wave is the count the page stands on.</source>
   <translation>El momento en el centro de la onda es el tiempo en que está la página.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Nobody said what these takes show; they are taken for what stands beside them.</source>
   <translation>Nadie dijo qué muestran estas tomas; se toman por lo que pone al lado.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Add takes…</source>
   <translation>Añadir tomas…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Choose films; dropping them on the window does the same.</source>
   <translation>Elegir películas; soltarlas en la ventana hace lo mismo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Add takes</source>
   <translation>Añadir tomas</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>What takes show</source>
   <translation>Lo que muestran las tomas</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>What do these show?</source>
   <translation>¿Qué muestran estas?</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Their names do not say it, and clips are flipped by it. Choose with the keys 1 to 5.</source>
   <translation>Sus nombres no lo dicen, y según eso se invierten los clips. Elige con las teclas 1 a 5.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>{name}, from {minutes} on</source>
   <translation>{name}, desde {minutes}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Keys: {words}. A mark holds until the next one.</source>
   <translation>Teclas: {words}. Una marca vale hasta la siguiente.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>What there is</source>
   <translation>Lo que hay</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Movement</source>
   <translation>Movimiento</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>no takes yet</source>
   <translation>todavía no hay tomas</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Place {takes}</source>
   <translation>Colocar {takes}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Yes, so they are filmed</source>
   <translation>Sí, están filmadas así</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>No takes yet</source>
   <translation>Todavía no hay tomas</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Drop your phone's films on the window. They are never copied or changed.</source>
   <translation>Suelta en la ventana los vídeos de tu móvil. Nunca se copian ni se cambian.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>There is no song yet to place these takes on. Choose it at Song.</source>
   <translation>Todavía no hay canción sobre la que colocar estas tomas. Elígela en Canción.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Other takes</source>
   <translation>Otras tomas</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>in a mirror</source>
   <translation>en un espejo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>already flipped</source>
   <translation>ya reflejado</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>lettering in the picture</source>
   <translation>letras en la imagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>the words mean {spoken}</source>
   <translation>las palabras son de: {spoken}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>trouble: {trouble}</source>
   <translation>fallo: {trouble}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>What is wrong in {name}</source>
   <translation>Qué está mal en {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/film/view_question.py" />
   <source>Front</source>
   <translation>Frente</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/film/view_question.py" />
   <source>Back</source>
   <translation>Espalda</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/film/view_question.py" />
   <source>Left</source>
   <translation>Izquierda</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/film/view_question.py" />
   <source>Right</source>
   <translation>Derecha</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/film/view_question.py" />
   <source>Feet</source>
   <translation>Pies</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Swap the sides</source>
   <translation>Cambiar los lados</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Called sides</source>
   <translation>Lados dichos</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Trouble</source>
   <translation>Fallo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>All is well</source>
   <translation>Todo bien</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Lettering</source>
   <translation>Letras</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>The mark ends here ({key})</source>
   <translation>La marca acaba aquí ({key})</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Match by eye ({key})</source>
   <translation>Ajustar a ojo ({key})</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>trouble</source>
   <translation>fallo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write the list…</source>
   <translation>Escribir la lista…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Vamos can look for holds that are danced through, and entries that are early or late.</source>
   <translation>Vamos puede buscar paradas que se bailan, y entradas antes o después de tiempo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>Every hold is still, and entries after holds are on time.</source>
   <translation>Cada parada está quieta, y las entradas tras ellas llegan a tiempo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/tasks/files.py" />
   <location filename="../ui/tasks/placing.py" />
   <source>take</source>
   <translation>toma</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <location filename="../ui/tasks/files.py" />
   <location filename="../ui/tasks/placing.py" />
   <source>takes</source>
   <translation>tomas</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>a person walks by</source>
   <translation>pasa una persona</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>still for {before:.1f} s before the dancing, {after:.1f} s after</source>
   <translation>quieto {before:.1f} s antes de bailar, {after:.1f} s después</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/panel.py" />
   <source>{name}, pass {number}: {still}.</source>
   <translation>{name}, pasada {number}: {still}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/shot_table.py" />
   <source>{section}, {view}: {state}</source>
   <translation>{section}, {view}: {state}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/shot_table.py" />
   <source>and {sections} more</source>
   <translation>y {sections} más</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/shot_table.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>sections</source>
   <translation>secciones</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>{count} of line {line}{title}</source>
   <translation>{count} de la línea {line}{title}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Go to a clap or a step with comma and full stop, stand on its count with 1 to 8 and the arrows, and press Return.</source>
   <translation>Ve a una palmada o un paso con coma y punto, ponte en su tiempo con 1 a 8 y las flechas, y pulsa Intro.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Picture of the take</source>
   <translation>Imagen de la toma</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>the take</source>
   <translation>la toma</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>A take and its sound, to be matched by eye</source>
   <translation>Una toma y su sonido, para ajustar a ojo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Take to match</source>
   <translation>Toma que ajustar</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Reading the take</source>
   <translation>Leyendo la toma</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>{take_s:.3f} s of {duration_s:.1f}</source>
   <translation>{take_s:.3f} s de {duration_s:.1f}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>This is {place}</source>
   <translation>Esto es {place}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>This moment is this count</source>
   <translation>Este momento es este tiempo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source> Drag a count to where it is said, or play and tap T on each count.</source>
   <translation> Arrastra un tiempo a donde se dice, o reproduce y golpea T en cada tiempo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source> No sound was read; the picture alone will do.</source>
   <translation> No se leyó ningún sonido; la imagen sola bastará.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>this count</source>
   <translation>este tiempo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>{name}: {at:.2f} s is {where} now</source>
   <translation>{name}: {at:.2f} s es ahora {where}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Move a count</source>
   <translation>Mover un tiempo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Counting</source>
   <translation>Contar</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Sound before this</source>
   <translation>Sonido antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Frame before</source>
   <translation>Imagen antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Frame after</source>
   <translation>Imagen luego</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>Next sound</source>
   <translation>Sonido luego</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>There is no sudden sound further on. Comma and full stop go by frames.</source>
   <translation>No hay más sonidos repentinos. Coma y punto van por imágenes.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate.py" />
   <source>No pass counted aloud lies there. Play the take and tap T on each count to make one.</source>
   <translation>Ahí no hay ninguna pasada contada en voz alta. Reproduce la toma y golpea T en cada tiempo para hacer una.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/slate_wave.py" />
   <source>Sound of the take</source>
   <translation>Sonido de la toma</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>, trouble</source>
   <translation>, fallo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Its name</source>
   <translation>Su nombre</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Listened to in {name}, which was recorded beside it.</source>
   <translation>Se escucha en {name}, que se grabó al lado.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>not placed yet</source>
   <translation>sin colocar todavía</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>not placed: neither the song nor steady counting was heard</source>
   <translation>sin colocar: no se oyó ni la canción ni un conteo constante</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Shows</source>
   <translation>Muestra</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Danced</source>
   <translation>Bailado</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Sides are called: {calls}.</source>
   <translation>Se dicen los lados: {calls}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>The song is the same in several places. Where is this pass? Look at them, or say</source>
   <translation>La canción es igual en varios lugares. ¿Dónde está esta pasada? Míralos, o di</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>not placed</source>
   <translation>sin colocar</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Name of {id}</source>
   <translation>Nombre de {id}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>What you call the take; its file keeps its own name.</source>
   <translation>Cómo llamas tú a la toma; su archivo conserva su nombre.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Another file…</source>
   <translation>Otro archivo…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Take it out</source>
   <translation>Sacarla</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Use the film’s own sound</source>
   <translation>Usar el sonido propio de la película</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>with the song at {rate:.0%}</source>
   <translation>con la canción al {rate:.0%}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>{confidence:.0%} sure</source>
   <translation>{confidence:.0%} seguro</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>no pass at {words}</source>
   <translation>ninguna pasada en {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>View of {name}</source>
   <translation>Vista de {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Sides danced in {name}</source>
   <translation>Lados bailados en {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Look at them</source>
   <translation>Míralos</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>It is here, at {here}</source>
   <translation>Está aquí, en {here}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <location filename="../ui/stops/lesson/steps_table.py" />
   <source>At</source>
   <translation>En</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Place it by hand: a clap or a step matched by eye is enough. Or type its second.</source>
   <translation>Colócala a mano: basta una palmada o un paso ajustado a ojo. O escribe su segundo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>This count is</source>
   <translation>Este tiempo es</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>, please check</source>
   <translation>, revísalo, por favor</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Find the file…</source>
   <translation>Buscar el archivo…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Use another recording…</source>
   <translation>Usar otra grabación…</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>trouble: {t}</source>
   <translation>fallo: {t}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Going by the count sheet, they mean {meaning}.</source>
   <translation>Según la hoja de baile, son de: {meaning}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Whose sides are said</source>
   <translation>De quién son los lados que se dicen</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Place of pass {number} of {name} in the song</source>
   <translation>Lugar de la pasada {number} de {name} en la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>at {words_at} of the song</source>
   <translation>en {words_at} de la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Try its steps</source>
   <translation>Probar con sus pasos</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Second of {name} that is this count</source>
   <translation>Segundo de {name} que es este tiempo</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>second, e.g. 12.40</source>
   <translation>segundo, p. ej. 12.40</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Metres to the loudspeaker of {name}</source>
   <translation>Metros hasta el altavoz de {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>metres; not corrected</source>
   <translation>metros; sin corregir</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>Sound takes {number:.1f} ms a metre; the picture is then moved earlier by as much.</source>
   <translation>El sonido tarda {number:.1f} ms por metro; la imagen se adelanta otro tanto.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>They mean {spoken}</source>
   <translation>Son de: {spoken}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>{sentence} Please look, then confirm.</source>
   <translation>{sentence} Míralo, por favor, y confirma.</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/take_fields.py" />
   <source>It is right</source>
   <translation>Está bien</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/view_question.py" />
   <source>What does {name} show? {answers}</source>
   <translation>¿Qué muestra {name}? {answers}</translation>
  </message>
  <message>
   <location filename="../ui/stops/film/view_question.py" />
   <source>{name} shows: {view}</source>
   <translation>{name} muestra: {view}</translation>
  </message>
  <message>
   <location filename="../ui/stops/leads.py" />
   <source>On to the song</source>
   <translation>Ahora, la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/leads.py" />
   <source>On to the dance</source>
   <translation>Ahora, el baile</translation>
  </message>
  <message>
   <location filename="../ui/stops/leads.py" />
   <source>On to the films</source>
   <translation>Ahora, las películas</translation>
  </message>
  <message>
   <location filename="../ui/stops/leads.py" />
   <source>On to the clips</source>
   <translation>Ahora, los clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/leads.py" />
   <source>On to the pack</source>
   <translation>Ahora, el paquete</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Once more</source>
   <translation>Una vez más</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step is danced once more.</source>
   <translation>El paso se baila una vez más.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Once less</source>
   <translation>Una vez menos</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step is danced once less.</source>
   <translation>El paso se baila una vez menos.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step at the next slower speed; ← on the picture.</source>
   <translation>El paso a la siguiente velocidad más lenta; ← en el dibujo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Quicker</source>
   <translation>Más rápido</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step at the next quicker speed; → on the picture.</source>
   <translation>El paso a la siguiente velocidad más rápida; → en el dibujo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Earlier</source>
   <translation>Antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step one place earlier in the lesson.</source>
   <translation>El paso un lugar antes en la clase.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Later</source>
   <translation>Después</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step one place later in the lesson.</source>
   <translation>El paso un lugar después en la clase.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The lesson goes without the step.</source>
   <translation>La clase sigue sin el paso.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>As suggested</source>
   <translation>Como se propuso</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The step as Vamos suggests it.</source>
   <translation>El paso como lo propone Vamos.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Play the step</source>
   <translation>Reproducir el paso</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>As students will get it; P on the picture.</source>
   <translation>Como lo recibirán los alumnos; P en el dibujo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Show it at Cut</source>
   <translation>Mostrarlo en Corte</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>The clip of the step; Return on the picture.</source>
   <translation>El clip del paso; Intro en el dibujo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write the plan…</source>
   <translation>Escribir el plan…</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>As PDF or Markdown, with what to say.</source>
   <translation>Como PDF o Markdown, con lo que hay que decir.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write the film of the lesson…</source>
   <translation>Escribir la película de la clase…</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>All steps in one film, with a voice.</source>
   <translation>Todos los pasos en una película, con voz.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write homework loops…</source>
   <translation>Escribir bucles para casa…</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>A loop of each section to practise with.</source>
   <translation>Un bucle de cada sección para practicar.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>Write the list of what to film…</source>
   <translation>Escribir la lista de lo que hay que filmar…</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>By view, the hardest first.</source>
   <translation>Por vistas, lo más difícil primero.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write the practice log…</source>
   <translation>Escribir el registro de práctica…</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/actions.py" />
   <source>What was filmed, and how it was.</source>
   <translation>Lo que se filmó, y cómo salió.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Page for a phone (*.html);;Markdown (*.md)</source>
   <translation>Página para un móvil (*.html);;Markdown (*.md)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Wanted length</source>
   <translation>Duración deseada</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>How often</source>
   <translation>Cuántas veces</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>How fast</source>
   <translation>A qué velocidad</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Leave the step out</source>
   <translation>Omitir el paso</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Take the step back</source>
   <translation>Recuperar el paso</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Another order</source>
   <translation>Otro orden</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Order as suggested</source>
   <translation>Orden como se propuso</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Making “{title}”</source>
   <translation>Haciendo «{title}»</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>How it was</source>
   <translation>Cómo salió</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>What went wrong</source>
   <translation>Qué salió mal</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Forget the last</source>
   <translation>Olvidar el último</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Taken out of the log; no film was touched.</source>
   <translation>Sacado del registro; no se tocó ninguna película.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Write the log</source>
   <translation>Escribir el registro</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Markdown (*.md)</source>
   <translation>Markdown (*.md)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>lesson</source>
   <translation>clase</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>homework</source>
   <translation>tarea para casa</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Where should the {what} go? A folder is made in it.</source>
   <translation>¿Dónde va: {what}? Se hace una carpeta ahí.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Writing the {what}</source>
   <translation>Escribiendo: {what}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>Write the plan</source>
   <translation>Escribir el plan</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>PDF (*.pdf);;Markdown (*.md)</source>
   <translation>PDF (*.pdf);;Markdown (*.md)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>The plan is in {path}.</source>
   <translation>El plan está en {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>The list is in {path}.</source>
   <translation>La lista está en {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <location filename="../ui/stops/lesson/panel.py" />
   <source>A gap to practise</source>
   <translation>Un hueco para practicar</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>No clip shows this step by itself. What is missing stands under “What to film”.</source>
   <translation>Ningún clip muestra este paso solo. Lo que falta está en «Qué filmar».</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>There is no song with its beat yet.</source>
   <translation>Todavía no hay una canción con su pulso.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>The log is in {path}.</source>
   <translation>El registro está en {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>“{value}” is no length; type minutes such as 12.</source>
   <translation>«{value}» no es una duración; escribe minutos como 12.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>The {what} is in {out}.</source>
   <translation>{what}: en {out}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/commands.py" />
   <source>The {what} is in {out}; look at what does not hold.</source>
   <translation>{what}: en {out}; mira lo que no se cumple.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>the whole dance</source>
   <translation>el baile entero</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>Starts in {left_s}</source>
   <translation>Empieza en {left_s}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>The song plays. Dance on count 1.</source>
   <translation>Suena la canción. Baila en el tiempo 1.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>Filmed</source>
   <translation>Filmado</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>Logged: {what}. How was it?</source>
   <translation>Anotado: {what}. ¿Cómo salió?</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>This is not in the song yet, so there is nothing to play for it.</source>
   <translation>Esto todavía no está en la canción, así que no hay nada que reproducir.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/companion.py" />
   <source>The song is still being read, or its file is gone; try again in a moment.</source>
   <translation>La canción aún se está leyendo, o su archivo no está; prueba de nuevo en un momento.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>the usual one (26 mm)</source>
   <translation>el normal (26 mm)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>the wide one (13 mm)</source>
   <translation>el ancho (13 mm)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>the long one (77 mm)</source>
   <translation>el largo (77 mm)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>, too long</source>
   <translation>, demasiado largo</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>about {number} min{over}</source>
   <translation>unos {number} min{over}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>Length</source>
   <translation>Duración</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>{counts} in {sections}</source>
   <translation>{counts} en {sections}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Warm up first, and dance within what a teacher or a physician says is good for you.</source>
   <translation>Calienta primero, y baila dentro de lo que un profesor o un médico diga que te hace bien.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>How it is taught</source>
   <translation>Cómo se enseña</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Build it up {build}. Each section: {way}.</source>
   <translation>Se construye así: {build}. Cada sección: {way}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Show the whole dance {shown}. Tell walls, tags and restarts {facts}.</source>
   <translation>Mostrar el baile entero {shown}. Explicar paredes, tags y restarts {facts}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>show them</source>
   <translation>mostrarlas</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>leave them out</source>
   <translation>dejarlas fuera</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Tempo: {slow}. Easier and harder forms: {variants}.</source>
   <translation>Tempo: {slow}. Formas más fáciles y más difíciles: {variants}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Wanted length of the lesson in minutes</source>
   <translation>Duración deseada de la clase en minutos</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>any number of</source>
   <translation>cualquier número de</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>in one go</source>
   <translation>de una vez</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Cut in two</source>
   <translation>Partir en dos</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>It may take {minutes} minutes, {parts}.</source>
   <translation>Puede durar {minutes} minutos, {parts}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>What to film for it</source>
   <translation>Qué filmar para ella</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Room and lens</source>
   <translation>Sala y objetivo</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Room for the camera</source>
   <translation>Sitio para la cámara</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Lens</source>
   <translation>Objetivo</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>The phone is held upright</source>
   <translation>El móvil se sujeta en vertical</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>The plan</source>
   <translation>El plan</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>As a list</source>
   <translation>Como lista</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>no sheet yet</source>
   <translation>todavía no hay hoja</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Write the dance</source>
   <translation>Escribir el baile</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>The lesson is planned from the count sheet.</source>
   <translation>La clase se planea a partir de la hoja de baile.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Left out: {title}, {what}: {number} s.</source>
   <translation>Omitido: {title}, {what}: {number} s.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>What was written last is in {value}.</source>
   <translation>Lo último escrito está en {value}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>It may take {minutes} minutes.</source>
   <translation>Puede durar {minutes} minutos.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>in two parts, the second after {name}</source>
   <translation>en dos partes, la segunda después de {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>It is long for one lesson; a good break is after {best}.</source>
   <translation>Es larga para una clase; una buena pausa es después de {best}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Nothing: every step has a clip that shows it.</source>
   <translation>Nada: cada paso tiene un clip que lo muestra.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Film the whole dance</source>
   <translation>Filmar el baile entero</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>A gap of {gap} counts to practise after each time.</source>
   <translation>Un hueco de {gap} tiempos para practicar después de cada vez.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Play it here (P)</source>
   <translation>Reproducirlo aquí (P)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Earlier (Alt+↑)</source>
   <translation>Antes (Alt+↑)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Later (Alt+↓)</source>
   <translation>Después (Alt+↓)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Leave out (Del)</source>
   <translation>Omitir (Supr)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Built up</source>
   <translation>Montaje</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Each section</source>
   <translation>Cada sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Show the whole dance</source>
   <translation>Mostrar el baile entero</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Easier and harder forms</source>
   <translation>Formas más fáciles y más difíciles</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Film it</source>
   <translation>Filmarlo</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Start the camera, press “Film it” and walk to your place: the song plays from the right second, with clicks before. When it was heard is logged, so that a take is placed even if its sound is bad.</source>
   <translation>Pon la cámara a grabar, pulsa «Filmarlo» y ve a tu sitio: la canción suena desde el segundo correcto, con clics antes. Se anota cuándo se oyó, para que una toma se coloque aunque su sonido sea malo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>What went wrong in number {number}</source>
   <translation>Qué salió mal en el número {number}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>To do again: {words}.</source>
   <translation>Para repetir: {words}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Nothing is to be done again.</source>
   <translation>No hay nada que repetir.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>{value}: on {away} learners look away from the screen; show it from the back, or call it.</source>
   <translation>{value}: en {away} quien aprende no ve la pantalla; muéstralo de espaldas, o avísalo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>The learner sees: {sides}</source>
   <translation>Quien aprende ve: {sides}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>More often (+)</source>
   <translation>Más veces (+)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Less often (−)</source>
   <translation>Menos veces (−)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Show it at Cut (Return)</source>
   <translation>Mostrarlo en Corte (Intro)</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>{what}, number {number}: {verdict}</source>
   <translation>{what}, número {number}: {verdict}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>No gap</source>
   <translation>Sin hueco</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Take “{words}” back</source>
   <translation>Retirar «{words}»</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/panel.py" />
   <source>Variants</source>
   <translation>Variantes</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>, wanted {minutes:g}</source>
   <translation>, deseada {minutes:g}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>Length: {number:.1f} minutes{wanted}</source>
   <translation>Duración: {number:.1f} minutos{wanted}</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>talking</source>
   <translation>hablar</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>slow</source>
   <translation>lento</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>at the song’s tempo</source>
   <translation>al tempo de la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>from the back</source>
   <translation>de espaldas</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>talk</source>
   <translation>hablar</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>joined</source>
   <translation>unido</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/picture.py" />
   <source>not filmed yet</source>
   <translation>sin filmar todavía</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/steps_table.py" />
   <source>What</source>
   <translation>Qué</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/steps_table.py" />
   <source>How often, how fast</source>
   <translation>Cuántas veces, a qué velocidad</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/steps_table.py" />
   <location filename="../ui/stops/pack/files_table.py" />
   <source>Long</source>
   <translation>Dura</translation>
  </message>
  <message>
   <location filename="../ui/stops/lesson/steps_table.py" />
   <source>Steps of the lesson</source>
   <translation>Pasos de la clase</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/__init__.py" />
   <location filename="../ui/stops/pack/actions.py" />
   <source>Pack</source>
   <translation>Paquete</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/actions.py" />
   <source>Write the pack</source>
   <translation>Escribir el paquete</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/actions.py" />
   <source>Write clips, run-through, chapters and manifest, and check them.</source>
   <translation>Escribir clips, pase completo, capítulos y manifiesto, y comprobarlos.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>Where should the pack go? A folder is made in it.</source>
   <translation>¿Dónde va el paquete? Se hace una carpeta ahí.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>Writing the pack</source>
   <translation>Escribiendo el paquete</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>; something does not hold, see Pack</source>
   <translation>; algo no se cumple, mira en Paquete</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>The pack is in {folder}{bad}.</source>
   <translation>El paquete está en {folder}{bad}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>How much of the song</source>
   <translation>Cuánto de la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>“{name}” is forgotten; this project stays as it is.</source>
   <translation>«{name}» está olvidado; este proyecto se queda como está.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>“{name}” is kept for all projects.</source>
   <translation>«{name}» se guarda para todos los proyectos.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>The summary is copied; paste it where you write to your students.</source>
   <translation>El resumen está copiado; pégalo donde escribes a tus alumnos.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>“{value}” is no length; type seconds such as 20.</source>
   <translation>«{value}» no es una duración; escribe segundos como 20.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/commands.py" />
   <source>{name} is not in {folder} any more; write the pack again.</source>
   <translation>{name} ya no está en {folder}; escribe el paquete otra vez.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/files_table.py" />
   <source>File</source>
   <translation>Archivo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/files_table.py" />
   <source>Files of the pack</source>
   <translation>Archivos del paquete</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/files_table.py" />
   <source>correct</source>
   <translation>correcto</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/files_table.py" />
   <source>please check</source>
   <translation>revisar, por favor</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>the whole pack</source>
   <translation>el paquete entero</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>{size:.1f} MB, can be sent like a picture</source>
   <translation>{size:.1f} MB, se puede enviar como una foto</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>One file for a phone</source>
   <translation>Un archivo para el móvil</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>{size:.0f} MB is much for a phone: choose one section.</source>
   <translation>{size:.0f} MB es mucho para un móvil: elige una sección.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>Write the page as one file</source>
   <translation>Escribir la página como un archivo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>Page (*.html)</source>
   <translation>Página (*.html)</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>{path} is written, {size:.1f} MB. It opens without a network.</source>
   <translation>{path} está escrito, {size:.1f} MB. Se abre sin red.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>Writing one file</source>
   <translation>Escribiendo un archivo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/one_page.py" />
   <source>Write one file…</source>
   <translation>Escribir un archivo…</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Steady beat where the song is not heard</source>
   <translation>Pulso constante donde no se oye la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>clicks, softly</source>
   <translation>clics, suaves</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>the counting voice, softly</source>
   <translation>la voz que cuenta, suave</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>the counting voice</source>
   <translation>la voz que cuenta</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>the film’s own sound, softly</source>
   <translation>el sonido propio de la película, suave</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: to watch, without counts</source>
   <translation>Además: para mirar, sin tiempos</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: as filmed, where clips are mirrored</source>
   <translation>Además: como se filmó, donde los clips van en espejo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Half-time: the dance half as fast, the music as it is</source>
   <translation>Medio tiempo: el baile a la mitad, la música como es</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Double time: the dance twice as fast, the music as it is</source>
   <translation>Doble tiempo: el baile al doble, la música como es</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>A clip for each section</source>
   <translation>Un clip por sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>From the top to the end of each section: 1, 1 to 2, 1 to 3 …</source>
   <translation>Desde arriba hasta el final de cada sección: 1, 1 a 2, 1 a 3 …</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: with the feet</source>
   <translation>Además: con los pies</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: words, no counts</source>
   <translation>Además: palabras, sin tiempos</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: clean, nothing over it</source>
   <translation>Además: limpia, sin nada encima</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>everybody’s</source>
   <translation>los de todos</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>my language</source>
   <translation>mi idioma</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>all correct</source>
   <translation>todo correcto</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Write the pack…</source>
   <translation>Escribir el paquete…</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Choose where; a folder is made there.</source>
   <translation>Elegir dónde; ahí se hace una carpeta.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>What is it for?</source>
   <translation>¿Para qué es?</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Also in the pack</source>
   <translation>También en el paquete</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>a page for students, captions, a summary, the count sheet, the wall map, clips.otio</source>
   <translation>una página para los alumnos, subtítulos, un resumen, la hoja de baile, el mapa de paredes, clips.otio</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Speeds</source>
   <translation>Velocidades</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Sound</source>
   <translation>Sonido</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>The rights of the music are yours to clear. With “clicks” or “none”, clips carry the counts and no song.</source>
   <translation>Los derechos de la música los tienes que aclarar tú. Con «clics» o «ninguno», los clips llevan los tiempos y ninguna canción.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>New today</source>
   <translation>Nuevo hoy</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>a mix of your own</source>
   <translation>una mezcla propia</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Over the song</source>
   <translation>Sobre la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Song excerpt</source>
   <translation>Extracto de la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Moves over the picture</source>
   <translation>Movimientos sobre la imagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Students read</source>
   <translation>Los alumnos leen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>The voice speaks</source>
   <translation>La voz habla</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: {sound}</source>
   <translation>Además: {sound}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>What was written</source>
   <translation>Lo que se escribió</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Hand out the whole folder: the page plays the clips beside it, without a network.</source>
   <translation>Entrega la carpeta entera: la página reproduce los clips que tiene al lado, sin red.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>{files} in {folder}.</source>
   <translation>{files} en {folder}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>1 is wrong</source>
   <translation>1 está mal</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>{wrong} do not hold</source>
   <translation>{wrong} no se cumplen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Decoded again and compared: {figures}, {hold}.</source>
   <translation>Descodificado otra vez y comparado: {figures}, {hold}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>not made yet</source>
   <translation>sin hacer todavía</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>written and checked</source>
   <translation>escrito y comprobado</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>written, see problems</source>
   <translation>escrito, mira los problemas</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <location filename="../ui/stops/pack/phones.py" />
   <source>Show it on phones in the room</source>
   <translation>Mostrarlo en los móviles de la sala</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>In your own network only, and only these files.</source>
   <translation>Solo en tu propia red, y solo estos archivos.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Nothing to pack yet</source>
   <translation>Todavía no hay nada que empaquetar</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>A pack needs a song with its beat and at least one placed take.</source>
   <translation>Un paquete necesita una canción con su pulso y al menos una toma colocada.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Extra: {arrangement}</source>
   <translation>Además: {arrangement}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Sound of the clips</source>
   <translation>Sonido de los clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Settings of your own.</source>
   <translation>Ajustes tuyos.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Keep these as</source>
   <translation>Guardar estos como</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Working out how much this comes to…</source>
   <translation>Calculando cuánto sale…</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>The section that is new</source>
   <translation>La sección que es nueva</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>A run-through from several films carries only the song.</source>
   <translation>Un pase completo de varias películas solo lleva la canción.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Seconds of the song in each clip</source>
   <translation>Segundos de la canción en cada clip</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>seconds of each clip’s song; all of it</source>
   <translation>segundos de canción en cada clip; toda</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Whose moves stand over the picture</source>
   <translation>De quién son los movimientos sobre la imagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Language that students read</source>
   <translation>Idioma que leen los alumnos</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Language of the voice</source>
   <translation>Idioma de la voz</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>The voice counts in {name}</source>
   <translation>La voz cuenta en {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Language of the counting voice</source>
   <translation>Idioma de la voz que cuenta</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Also with another sound</source>
   <translation>También con otro sonido</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Also {arrangement}</source>
   <translation>También {arrangement}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Also: {name}</source>
   <translation>También: {name}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Open in your video player</source>
   <translation>Abrir en tu reproductor de vídeo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Being written</source>
   <translation>Escribiéndose</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>What will be written</source>
   <translation>Lo que se escribirá</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Each picture is a film, with its length at each speed. All are checked once they are written.</source>
   <translation>Cada imagen es una película, con su duración a cada velocidad. Todas se comprueban una vez escritas.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Return on a file, or a double click, plays it here beside the film it was cut from.</source>
   <translation>Intro sobre un archivo, o doble clic, lo reproduce aquí junto a la película de la que se cortó.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Open the students’ page</source>
   <translation>Abrir la página de los alumnos</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Open the folder</source>
   <translation>Abrir la carpeta</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Copy a summary to send along</source>
   <translation>Copiar un resumen para enviarlo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <location filename="../ui/stops/pack/phones.py" />
   <source>Stop showing it</source>
   <translation>Dejar de mostrarlo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Speed {number} %</source>
   <translation>Velocidad {number} %</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Name of a profile of your own</source>
   <translation>Nombre de un perfil propio</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>a name</source>
   <translation>un nombre</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Nothing would be written: choose sections, or the run-through.</source>
   <translation>No se escribiría nada: elige secciones, o el pase completo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Whose moves</source>
   <translation>Movimientos de quién</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Moves over the picture: {who}</source>
   <translation>Movimientos sobre la imagen: {who}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Language for students</source>
   <translation>Idioma para los alumnos</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>A film can be played as soon as its picture is clear.</source>
   <translation>Una película se puede reproducir en cuanto su imagen se ve clara.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>file</source>
   <translation>archivo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>files</source>
   <translation>archivos</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>figure</source>
   <translation>cifra</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>figures</source>
   <translation>cifras</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/panel.py" />
   <source>Forget “{name}”</source>
   <translation>Olvidar «{name}»</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/phones.py" />
   <source>Code with the address {address}</source>
   <translation>Código con la dirección {address}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/phones.py" />
   <source>Phones in the same network can open {address} now.</source>
   <translation>Los móviles de la misma red ya pueden abrir {address}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/phones.py" />
   <source>Nobody can reach the pack any more.</source>
   <translation>Ya nadie puede llegar al paquete.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/phones.py" />
   <source>Photograph this with the phone:</source>
   <translation>Fotografía esto con el móvil:</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>as the film, up to 1920</source>
   <translation>como la película, hasta 1920</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>as the film</source>
   <translation>como la película</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>the view filmed most</source>
   <translation>la vista más filmada</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Title card</source>
   <translation>Rótulo del título</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Card for each section</source>
   <translation>Rótulo por sección</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Card for tags and restarts</source>
   <translation>Rótulo para puentes y reinicios</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>End card</source>
   <translation>Rótulo final</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Picture</source>
   <translation>Imagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Longest side</source>
   <translation>Lado más largo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Longest side in pixels</source>
   <translation>Lado más largo en píxeles</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Frames per second</source>
   <translation>Imágenes por segundo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Quality</source>
   <translation>Calidad</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Quality of the picture</source>
   <translation>Calidad de la imagen</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Upright and square clips are all 1080 wide, whatever was cut out of their films.</source>
   <translation>Los clips verticales y cuadrados tienen todos 1080 de ancho, se recortara lo que se recortara de sus películas.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Run-through</source>
   <translation>Pase completo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>The whole dance in one film, with chapters</source>
   <translation>El baile entero en una película, con capítulos</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>View of the run-through</source>
   <translation>Vista del pase completo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Announce tags, counts ahead</source>
   <translation>Avisar de los puentes, tiempos antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Counts a tag is called ahead</source>
   <translation>Tiempos antes de que se avise de un puente</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>{number}, count {number2}</source>
   <translation>{number}, tiempo {number2}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Quality: {words}</source>
   <translation>Calidad: {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Size of clips</source>
   <translation>Tamaño de los clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Rate of clips</source>
   <translation>Imágenes por segundo de los clips</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Run-through: {words}</source>
   <translation>Pase completo: {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>What comes is called</source>
   <translation>Se avisa de lo que viene</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Called {words} counts ahead</source>
   <translation>Se avisa {words} tiempos antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>No pass shows enough of the dance to the song; film it once from top to end.</source>
   <translation>Ninguna pasada muestra bastante del baile con la canción; fílmalo una vez de arriba al final.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>From</source>
   <translation>De</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>To</source>
   <translation>A</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>count {now}</source>
   <translation>tiempo {now}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Run-through: {title}</source>
   <translation>Pase completo: {title}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Card: {title}</source>
   <translation>Rótulo: {title}</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>Cards of the run-through</source>
   <translation>Rótulos del pase completo</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>the beginning</source>
   <translation>el principio</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/picture.py" />
   <source>The run-through would end before it begins. Nothing was changed.</source>
   <translation>El pase completo acabaría antes de empezar. No se cambió nada.</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/planned.py" />
   <source>written</source>
   <translation>escrito</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/planned.py" />
   <source>to be written</source>
   <translation>por escribir</translation>
  </message>
  <message>
   <location filename="../ui/stops/pack/planned.py" />
   <source>Play it</source>
   <translation>Reproducirlo</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Count it the next way heard</source>
   <translation>Contarla de la siguiente manera que se oye</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The likeliest other way; again goes back.</source>
   <translation>La otra manera más probable; otra vez vuelve.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Count it the second way heard</source>
   <translation>Contarla de la segunda manera que se oye</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The second likeliest other way.</source>
   <translation>La segunda otra manera más probable.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Count it the third way heard</source>
   <translation>Contarla de la tercera manera que se oye</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The third likeliest other way.</source>
   <translation>La tercera otra manera más probable.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The 1 a count earlier</source>
   <translation>El 1 un tiempo antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Count 1 falls one count earlier.</source>
   <translation>El tiempo 1 cae un tiempo antes.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The 1 a count later</source>
   <translation>El 1 un tiempo después</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Count 1 falls one count later.</source>
   <translation>El tiempo 1 cae un tiempo después.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Listen for the 1 in the takes</source>
   <translation>Escuchar el 1 en las tomas</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Where a voice counts over the song in your takes, it says where lines begin.</source>
   <translation>Donde una voz cuenta sobre la canción en tus tomas, dice dónde empiezan las líneas.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>This count is a 1</source>
   <translation>Este tiempo es un 1</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The count you stand on becomes count 1 of a line.</source>
   <translation>El tiempo en que estás pasa a ser el 1 de una línea.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>The dance starts here</source>
   <translation>El baile empieza aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The count you stand on becomes the first count danced; what is before it is the lead-in.</source>
   <translation>El tiempo en que estás pasa a ser el primero que se baila; lo anterior es la introducción.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Dance starts a line earlier</source>
   <translation>El baile empieza una línea antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The lead-in gets one line shorter.</source>
   <translation>La introducción tiene una línea menos.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Dance starts a line later</source>
   <translation>El baile empieza una línea después</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>The lead-in gets one line longer.</source>
   <translation>La introducción tiene una línea más.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Count half as fast</source>
   <translation>Contar a la mitad</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Every second count becomes a count.</source>
   <translation>De cada dos tiempos queda uno.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Count twice as fast</source>
   <translation>Contar al doble</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Two counts where there was one.</source>
   <translation>Dos tiempos donde había uno.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Count two thirds as fast</source>
   <translation>Contar a dos tercios</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Three counts become two: for a beat that was found 1½ × too fast.</source>
   <translation>De tres tiempos quedan dos: para un pulso encontrado 1½ × demasiado rápido.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Count 1½ × as fast</source>
   <translation>Contar 1½ × más rápido</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Two counts become three: for a grid that is a third too slow.</source>
   <translation>Dos tiempos pasan a ser tres: para un pulso un tercio demasiado lento.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Half as fast from here</source>
   <translation>A la mitad desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>From the count you stand on, every second count becomes a count.</source>
   <translation>Desde el tiempo en que estás, de cada dos tiempos queda uno.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Twice as fast from here</source>
   <translation>Al doble desde aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>From the count you stand on, two counts where there was one.</source>
   <translation>Desde el tiempo en que estás, dos tiempos donde había uno.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>A part of the song begins here</source>
   <translation>Aquí empieza una parte de la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>A part with a name and its own lines.</source>
   <translation>Una parte con nombre y líneas propias.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Join this part to the one before</source>
   <translation>Unir esta parte a la anterior</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Take the beginning of this part away.</source>
   <translation>Quitar el comienzo de esta parte.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Another song for this dance…</source>
   <translation>Otra canción para este baile…</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Keep a second song beside this one and see how it fits.</source>
   <translation>Guardar una segunda canción junto a esta y ver cómo encaja.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/commands.py" />
   <source>Tap along</source>
   <translation>Seguir a golpes</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Tap on each count while it plays; from four taps on they make the beat.</source>
   <translation>Golpea en cada tiempo mientras suena; desde cuatro golpes forman el pulso.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <location filename="../ui/stops/song/silences.py" />
   <source>The music stops here</source>
   <translation>La música para aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>From this count on the music pauses for four counts; again takes it away.</source>
   <translation>Desde este tiempo la música calla cuatro tiempos; otra vez lo quita.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Read beats…</source>
   <translation>Leer pulsos…</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Take the beats from a CSV or MIDI file.</source>
   <translation>Tomar los pulsos de un archivo CSV o MIDI.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Write beats…</source>
   <translation>Escribir pulsos…</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Write the beats as CSV, MIDI or OpenTimelineIO, by the file's ending.</source>
   <translation>Escribir los pulsos como CSV, MIDI u OpenTimelineIO, según el final del archivo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Find the beat again</source>
   <translation>Encontrar el pulso otra vez</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/actions.py" />
   <source>Listen to the song again; corrections of yours are kept.</source>
   <translation>Escuchar la canción otra vez; tus correcciones se mantienen.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>the 1 is {counts} {words}</source>
   <translation>el 1 está {counts} {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>on the beats between</source>
   <translation>en los pulsos de en medio</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>the dance starts {lines} {words}</source>
   <translation>el baile empieza {lines} {words}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>the song</source>
   <translation>la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Another way to count</source>
   <translation>Otra manera de contar</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Count along: is the high click where you count 1?</source>
   <translation>Cuenta tú también: ¿el clic agudo está donde dices 1?</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>The 1 is right</source>
   <translation>El 1 está bien</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The 1 stays where it is.</source>
   <translation>El 1 se queda donde está.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The 1 is one count earlier</source>
   <translation>El 1 está un tiempo antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The 1 is one count later</source>
   <translation>El 1 está un tiempo después</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>What was {was} is a 1 now</source>
   <translation>Lo que era {was} es ahora un 1</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The dance starts a line earlier</source>
   <translation>El baile empieza una línea antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The dance starts a line later</source>
   <translation>El baile empieza una línea después</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Move the 1</source>
   <translation>Mover el 1</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Listening to your takes</source>
   <translation>Escuchando tus tomas</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>A part begins</source>
   <translation>Empieza una parte</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Part {name} begins here</source>
   <translation>La parte {name} empieza aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Join parts</source>
   <translation>Unir partes</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The music stops here for four counts</source>
   <translation>La música para aquí cuatro tiempos</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>Another song for this dance</source>
   <translation>Otra canción para este baile</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Songs ({kinds})</source>
   <translation>Canciones ({kinds})</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Take a song away</source>
   <translation>Quitar una canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>{taps} at {number:.1f} a minute; {hand}</source>
   <translation>{taps} a {number:.1f} por minuto; {hand}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Fitting your taps</source>
   <translation>Ajustando tus golpes</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Read beats</source>
   <translation>Leer pulsos</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Beats (*.csv *.mid *.midi)</source>
   <translation>Pulsos (*.csv *.mid *.midi)</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Write beats</source>
   <translation>Escribir pulsos</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>CSV (*.csv);;MIDI (*.mid);;OpenTimelineIO (*.otio)</source>
   <translation>CSV (*.csv);;MIDI (*.mid);;OpenTimelineIO (*.otio)</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>No other way to count this song was heard. T taps along, Shift and the arrows move the 1.</source>
   <translation>No se oyó otra manera de contar esta canción. T sigue a golpes, Mayús y las flechas mueven el 1.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>This count is a 1 already; so it stays.</source>
   <translation>Este tiempo ya es un 1; así se queda.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>There is no beat yet. Add a song first.</source>
   <translation>Todavía no hay pulso. Añade primero una canción.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The 1 is where the voice says it</source>
   <translation>El 1 está donde lo dice la voz</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Counted at {bpm:.0f} a minute now. Ctrl+Z takes it back.</source>
   <translation>Ahora se cuenta a {bpm:.0f} por minuto. Ctrl+Z lo retira.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/silences.py" />
   <source>Stop of the music</source>
   <translation>Pausa de la música</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/silences.py" />
   <source>The music goes on here</source>
   <translation>La música sigue aquí</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Dance to another song</source>
   <translation>Bailar con otra canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>There is no song to tap along with yet.</source>
   <translation>Todavía no hay canción que seguir a golpes.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>your taps were {number} ms {side}; that is corrected</source>
   <translation>tus golpes iban {number} ms {side}; está corregido</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>your hand was right on</source>
   <translation>tu mano iba justa</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The beats are in {path}.</source>
   <translation>Los pulsos están en {path}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>Move a beat</source>
   <translation>Mover un pulso</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>The beat is where you put it</source>
   <translation>El pulso está donde lo pusiste</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>in three</source>
   <translation>de tres</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>in four</source>
   <translation>de cuatro</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>lines</source>
   <translation>líneas</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>tap</source>
   <translation>golpe</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <source>taps</source>
   <translation>golpes</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/commands.py" />
   <location filename="../ui/stops/song/panel.py" />
   <source>Find the beat</source>
   <translation>Encontrar el pulso</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{lines} at {bpm:.0f}</source>
   <translation>{lines} a {bpm:.0f}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{number:g} left over</source>
   <translation>sobran {number:g}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{number:g} too short</source>
   <translation>faltan {number:g}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>If it is not, stand on the count that is, and press “This count is a 1” beside the page.</source>
   <translation>Si no lo es, ponte en el que sí, y pulsa «Este tiempo es un 1» junto a la página.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Choose the song</source>
   <translation>Elegir la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{bpm:.1f} a minute</source>
   <translation>{bpm:.1f} por minuto</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Meter</source>
   <translation>Compás</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{meter} beats a bar, lines of {line}</source>
   <translation>{meter} pulsos por compás, líneas de {line}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Sure</source>
   <translation>Seguridad</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{confidence:.0%} over all, {lines} weak</source>
   <translation>{confidence:.0%} en total, {lines} débiles</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{reading} (Alt+{number})</source>
   <translation>{reading} (Alt+{number})</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>If the 1 is wrong</source>
   <translation>Si el 1 está mal</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>If the tempo is wrong</source>
   <translation>Si el tempo está mal</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>From the count you stand on:</source>
   <translation>Desde el tiempo en que estás:</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Or tap T along while it plays: four taps or more make the beat. A delay that is always the same is corrected.</source>
   <translation>O sigue con T mientras suena: cuatro golpes o más forman el pulso. Un retraso siempre igual se corrige.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Drag a beat mark to move it; its neighbours follow to the next one fixed by hand.</source>
   <translation>Arrastra una marca de pulso para moverla; las vecinas la siguen hasta la siguiente fijada a mano.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Parts of the song</source>
   <translation>Partes de la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Tempo there</source>
   <translation>Tempo allí</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{bpm:.1f} a minute, {tempo_ratio:.0%} of this song</source>
   <translation>{bpm:.1f} por minuto, {tempo_ratio:.0%} de esta canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Lead-in there</source>
   <translation>Introducción allí</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{lead_in} counts, {lead_in_s:.1f} s</source>
   <translation>{lead_in} tiempos, {lead_in_s:.1f} s</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{number:g} counts, {number2:g} danced, {left}</source>
   <translation>{number:g} tiempos, {number2:g} bailados, {left}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Dance ends</source>
   <translation>El baile acaba</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>{words}, {weak} weak</source>
   <translation>{words}, {weak} débiles</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Choose the song…</source>
   <translation>Elegir la canción…</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Dropping it on the window does the same.</source>
   <translation>Soltarla en la ventana hace lo mismo.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>The count you stand on becomes count 1.</source>
   <translation>El tiempo en que estás pasa a ser el 1.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>The song from its first count on, with clicks: count along.</source>
   <translation>La canción desde su primer tiempo, con clics: cuenta tú también.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Drop a song on the window, or choose one with Ctrl+I. Vamos finds its beat.</source>
   <translation>Suelta una canción en la ventana, o elige una con Ctrl+I. Vamos encuentra su pulso.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>The beat has not been found yet.</source>
   <translation>El pulso todavía no se encontró.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Not sure how this is counted. Each way is heard at once with clicks:</source>
   <translation>No es seguro cómo se cuenta esto. Cada manera se oye al momento con clics:</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Other ways to count</source>
   <translation>Otras maneras de contar</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>1 earlier</source>
   <translation>El 1 antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>1 later</source>
   <translation>El 1 después</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>A line earlier</source>
   <translation>Una línea antes</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>A line later</source>
   <translation>Una línea después</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Half as fast</source>
   <translation>A la mitad</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Twice as fast</source>
   <translation>Al doble</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>⅔ as fast</source>
   <translation>A ⅔</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>1½ × as fast</source>
   <translation>A 1½ ×</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Heard to be alike: {parts}.</source>
   <translation>Suenan iguales: {parts}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>A part begins here</source>
   <translation>Aquí empieza una parte</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Name of the part</source>
   <translation>Nombre de la parte</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Length of lines</source>
   <translation>Longitud de las líneas</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Name of this part</source>
   <translation>Nombre de esta parte</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Counts in a line of this part</source>
   <translation>Tiempos en una línea de esta parte</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>lines of</source>
   <translation>líneas de</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Add another song…</source>
   <translation>Añadir otra canción…</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>A bar of {number:g} before line {line}.</source>
   <translation>Un compás de {number:g} antes de la línea {line}.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>no song yet</source>
   <translation>todavía no hay canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>beat not found</source>
   <translation>pulso sin encontrar</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Listen to the 1</source>
   <translation>Escuchar el 1</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Join to the one before</source>
   <translation>Unir a la anterior</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Its beat is not known, so it cannot be compared.</source>
   <translation>No se conoce su pulso, así que no se puede comparar.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Dance to this one</source>
   <translation>Bailar con esta</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Take it away</source>
   <translation>Quitarla</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Listen for it in the takes</source>
   <translation>Buscarlo oyendo las tomas</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/panel.py" />
   <source>Move it there</source>
   <translation>Moverlo allí</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>At {minutes}: {danced}</source>
   <translation>En {minutes}: {danced}</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>Where the music stops</source>
   <translation>Dónde para la música</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>{number} more further away.</source>
   <translation>{number} más, más lejos.</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>Beats the music stops for</source>
   <translation>Pulsos que para la música</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>Counts danced while it stops</source>
   <translation>Tiempos que se bailan mientras para</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>lasts</source>
   <translation>dura</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/silences.py" />
   <source>beats, danced</source>
   <translation>pulsos; se bailan</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>Title</source>
   <translation>Título</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>What is used of the song</source>
   <translation>Lo que se usa de la canción</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>Begins at</source>
   <translation>Empieza en</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>Ends at</source>
   <translation>Acaba en</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>Fade-out</source>
   <translation>Apagado</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>no fade</source>
   <translation>sin apagado</translation>
  </message>
  <message>
   <location filename="../ui/stops/song/whole.py" />
   <source>Title of the song</source>
   <translation>Título de la canción</translation>
  </message>
  <message>
   <location filename="../ui/tasks/clips.py" />
   <source>mirrored</source>
   <translation>en espejo</translation>
  </message>
  <message>
   <location filename="../ui/tasks/clips.py" />
   <source>{title}, {view}: {words} now</source>
   <translation>{title}, {view}: ahora {words}</translation>
  </message>
  <message>
   <location filename="../ui/tasks/clips.py" />
   <source>There is no clip here to flip; go to a line of the dance that was filmed.</source>
   <translation>Aquí no hay clip que reflejar; ve a una línea del baile que se filmó.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Songs and films (</source>
   <translation>Canciones y películas (</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Nothing</source>
   <translation>Nada</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>{name}: Vamos reads songs ({words}) and films ({words2}). Nothing was changed.</source>
   <translation>{name}: Vamos lee canciones ({words}) y películas ({words2}). No se cambió nada.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Adding files</source>
   <translation>Añadiendo archivos</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Added: {words}.</source>
   <translation>Añadido: {words}.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Looking at {name}</source>
   <translation>Mirando {name}</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>The folder could not be read: {number}. Nothing was changed.</source>
   <translation>No se pudo leer la carpeta: {number}. No se cambió nada.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/files.py" />
   <source>Add files</source>
   <translation>Añadir archivos</translation>
  </message>
  <message>
   <location filename="../ui/tasks/placing.py" />
   <source>Placing takes</source>
   <translation>Colocando tomas</translation>
  </message>
  <message>
   <location filename="../ui/tasks/placing.py" />
   <source>Add the song first; takes are placed on it.</source>
   <translation>Añade primero la canción; las tomas se colocan sobre ella.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/placing.py" />
   <source>All takes were looked at already.</source>
   <translation>Ya se miraron todas las tomas.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/placing.py" />
   <source>{takes} placed.</source>
   <translation>{takes} colocadas.</translation>
  </message>
  <message>
   <location filename="../ui/tasks/songs.py" />
   <source>Listening to another song</source>
   <translation>Escuchando otra canción</translation>
  </message>
  <message>
   <location filename="../ui/tasks/songs.py" />
   <source>Another song</source>
   <translation>Otra canción</translation>
  </message>
  <message>
   <location filename="../ui/tasks/songs.py" />
   <source>{title} is kept beside this song; how it fits stands at Song, below</source>
   <translation>{title} se guarda junto a esta canción; cómo encaja está en Canción, abajo</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>Press the main button</source>
   <translation>Pulsar el botón principal</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>The large button at the bottom right.</source>
   <translation>El botón grande de abajo a la derecha.</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>Single-letter keys are off. The menu View has them.</source>
   <translation>Las teclas de una letra están apagadas. Están en el menú Vista.</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>cannot be worked out</source>
   <translation>no se puede calcular</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>Mirrored</source>
   <translation>En espejo</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>Something went wrong in Vamos itself; your project is safe in its file. A report without anything private was copied: paste it into a message to the developers.</source>
   <translation>Algo salió mal en Vamos mismo; tu proyecto está seguro en su archivo. Se copió un informe sin nada privado: pégalo en un mensaje a los desarrolladores.</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>{name} – Vamos</source>
   <translation>{name} – Vamos</translation>
  </message>
  <message>
   <location filename="../ui/window.py" />
   <source>Single-letter keys are on.</source>
   <translation>Las teclas de una letra están encendidas.</translation>
  </message>
  <message>
   <location filename="../ui/work/runner.py" />
   <source>{name}: stopped. Nothing half-written was left.</source>
   <translation>{name}: parado. No quedó nada a medio escribir.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>{name} was not closed last time. All changes up to {when} are here.</source>
   <translation>{name} no se cerró la última vez. Están todos los cambios hasta {when}.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>The project</source>
   <translation>El proyecto</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>{name} was changed by something else, which is taken over. Ctrl+Z goes back to yours.</source>
   <translation>{name} se cambió desde otro sitio, y eso se toma. Ctrl+Z vuelve a lo tuyo.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>Taken back: {name}. Ctrl+Shift+Z makes it again.</source>
   <translation>Retirado: {name}. Ctrl+Mayús+Z lo hace otra vez.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>Made again: {name}. Ctrl+Z takes it back.</source>
   <translation>Hecho otra vez: {name}. Ctrl+Z lo retira.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>{name} is open in another window as well ({words}). What is saved there is taken over here; when both change something at once, both are kept.</source>
   <translation>{name} está abierto también en otra ventana ({words}). Lo que se guarda allí se toma aquí; si ambas cambian algo a la vez, se guardan las dos cosas.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>{told}. Ctrl+Z takes it back.</source>
   <translation>{told}. Ctrl+Z lo retira.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>Changed: {what}. Ctrl+Z takes it back.</source>
   <translation>Cambiado: {what}. Ctrl+Z lo retira.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>There is nothing to take back.</source>
   <translation>No hay nada que retirar.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>There is nothing to make again.</source>
   <translation>No hay nada que hacer otra vez.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>{name} was changed by something else meanwhile and was left as it is. Your version is kept beside it as {name2}, and is what is open now.</source>
   <translation>{name} se cambió desde otro sitio y se dejó como está. Tu versión se guarda al lado como {name2}, y es la que está abierta ahora.</translation>
  </message>
  <message>
   <location filename="../ui/work/session.py" />
   <source>The project could not be saved. {error}</source>
   <translation>El proyecto no se pudo guardar. {error}</translation>
  </message>
 </context>
</TS>
