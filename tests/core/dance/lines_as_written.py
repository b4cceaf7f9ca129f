"""Lines as teachers write them: what each means, or what is asked for; none is read wrongly without a word.

Right of the bar: count, move, foot, (kind) where it is not the usual one, the turn in eighths (``turn ?4``: half a turn whose
direction is asked). ``!!`` is a refusal and what it expects. The meanings are common practice, no source.
"""

LINES = """
walk R 1, walk L 2 | 1 walk R; 2 walk L
walk R 1 2 3 4 | 1 walk R; 2 walk L; 3 walk R; 4 walk L
walk L 1 2 | 1 walk L; 2 walk R
walk R 1-4 | 1 walk R; 2 walk L; 3 walk R; 4 walk L
walks R 5-8 | 5 walks R; 6 walks L; 7 walks R; 8 walks L
march R 1-8 | 1 march R; 2 march L; 3 march R; 4 march L; 5 march R; 6 march L; 7 march R; 8 march L
run R 1&2& | 1 run R; & run L; 2 run R; & run L
step R 1, step L 2 | 1 step R; 2 step L
step R 1 2 | 1 step R; 2 step L
step right 1, step left 2 | 1 step R; 2 step L
R step 1 | 1 step R
L walk 2 | 2 walk L
right foot step 1 | 1 step R
left step 3 | 3 step L
walk r 1, walk l 2 | 1 walk R; 2 walk L
step RF 1, step LF 2 | 1 step R; 2 step L
step both 3 | 3 step both
both feet stomp 5 | 5 stomp both
stomp both feet 5 | 5 stomp both
walk fwd R 1 2 | 1 walk fwd R; 2 walk fwd L
walk back L 1 2 3 | 1 walk back L; 2 walk back R; 3 walk back L
step forward R 1 | 1 step forward R
side R 1, close L 2 | 1 side R; 2 close L
side R 1, touch L 2 | 1 side R; 2 touch L (touch)
side L 1, together R 2 | 1 side L; 2 together R
triple R 1&2 | 1 step R; & close L; 2 step R
triple step R 1&2 | 1 step R; & close L; 2 step R
triple L 3&4 | 3 step L; & close R; 4 step L
shuffle R 1&2 | 1 step R; & close L; 2 step R
shuffle fwd L 3 & 4 | 3 step L; & close R; 4 step L
shuffle back R 5&6 | 5 step R; & close L; 6 step R
side shuffle R 1&2 | 1 side R; & close L; 2 side R
sailor R 1&2 | 1 behind R; & side L; 2 side R
sailor step R 1&2 | 1 behind R; & side L; 2 side R
sailor steps L 3&4 | 3 behind L; & side R; 4 side L
coaster R 1&2 | 1 back R; & close L; 2 forward R
coaster step L 3&4 | 3 back L; & close R; 4 forward L
turning sailor R 1&2 | 1 behind R turn +2; & side L; 2 side R
vine R 1 2 3 4 | 1 side R; 2 behind L; 3 side R; 4 touch L (touch)
vine R 1-4 | 1 side R; 2 behind L; 3 side R; 4 touch L (touch)
vine right 1-4 | 1 side R; 2 behind L; 3 side R; 4 touch L (touch)
vine left 1 2 3 4 | 1 side L; 2 behind R; 3 side L; 4 touch R (touch)
vine R 1 2 3 | 1 side R; 2 behind L; 3 side R
vine R 1-8 | 1 side R; 2 behind L; 3 side R; 4 touch L (touch); 5 side L; 6 behind R; 7 side L; 8 touch R (touch)
grapevine R 1-4 | 1 side R; 2 behind L; 3 side R; 4 touch L (touch)
grapevine L 5-8 | 5 side L; 6 behind R; 7 side L; 8 touch R (touch)
rolling vine R 1-4 | 1 side R turn +2; 2 step L turn +4; 3 side R turn +2; 4 touch L (touch)
weave R 1-4 | 1 side R; 2 behind L; 3 side R; 4 cross L
weave in front R 1-4 | 1 cross R; 2 side L; 3 behind R; 4 side L
weave behind L 1-4 | 1 behind L; 2 side R; 3 cross L; 4 side R
rock R 1, recover L 2 | 1 rock R; 2 recover L
rock step R 1 2 | 1 rock R; 2 recover L
rock back R 1, recover L 2 | 1 rock back R; 2 recover L
rock back R 1 2 | 1 rock back R; 2 recover L
rock forward R 1, recover L 2 | 1 rock forward R; 2 recover L
side rock R 1 2 | 1 rock side R; 2 recover L
rock side L 3, recover R 4 | 3 rock side L; 4 recover R
cross rock R 1 2 | 1 rock across R; 2 recover L
rocking chair R 1-4 | 1 rock forward R; 2 recover L; 3 rock back R; 4 recover L
rocking chair L 1 2 3 4 | 1 rock forward L; 2 recover R; 3 rock back L; 4 recover R
mambo R 1&2 | 1 rock forward R; & recover L; 2 back R
mambo forward R 1&2 | 1 rock forward R; & recover L; 2 back R
mambo back L 3&4 | 3 rock back L; & recover R; 4 forward L
jazz box R 1-4 | 1 cross R; 2 back L; 3 side R; 4 forward L
jazz box R 1 2 3 4 | 1 cross R; 2 back L; 3 side R; 4 forward L
jazz box L 5-8 | 5 cross L; 6 back R; 7 side L; 8 forward R
jazz box ¼ turn right R 1-4 | 1 cross R; 2 back L; 3 side R; 4 forward L turn +2
jazz box with a quarter R 1-4 | 1 cross R; 2 back L; 3 side R turn +2; 4 forward L
kick ball change R 1&2 | 1 kick R (touch); & ball R; 2 step L
kick ball change L 3 & 4 | 3 kick L (touch); & ball L; 4 step R
kick ball cross R 1&2 | 1 kick R (touch); & ball R; 2 cross L
kick ball change R 1&2 x2 | 1 kick R (touch); & ball R; 2 step L; 3 kick R (touch); & ball R; 4 step L
kick R 1, kick R 2 | 1 kick R (touch); 2 kick R (touch)
heel R 1, toe R 2 | 1 heel R (touch); 2 toe R (touch)
heel strut R 1 2 | 1 heel R (touch); 2 drop R
toe strut L 3 4 | 3 toe L (touch); 4 drop L
heel switches R 1&2& | 1 heel R (touch); & close R; 2 heel L (touch); & close L
heel switch R 1&2& | 1 heel R (touch); & close R; 2 heel L (touch); & close L
monterey half R 1-4 | 1 touch side R (touch); 2 close R turn +4; 3 touch side L (touch); 4 close L
monterey ½ R 1-4 | 1 touch side R (touch); 2 close R turn +4; 3 touch side L (touch); 4 close L
monterey 1/4 L 1-4 | 1 touch side L (touch); 2 close L turn -2; 3 touch side R (touch); 4 close R
rumba box R 1-8 | 1 side R; 2 close L; 3 forward R; 5 side L; 6 close R; 7 back L
V-step R 1-4 | 1 out R; 2 out L; 3 in R; 4 in L
v step R 1 2 3 4 | 1 out R; 2 out L; 3 in R; 4 in L
K step R 1-8 | 1 forward out R; 2 touch L (touch); 3 back in L; 4 touch R (touch); 5 back out R; 6 touch L (touch); 7 forward in L; 8 touch R (touch)
charleston R 1-4 | 1 forward R; 2 kick L (touch); 3 back L; 4 touch R (touch)
charleston R 1-8 | 1 forward R; 2 kick L (touch); 3 back L; 4 touch R (touch); 5 forward R; 6 kick L (touch); 7 back L; 8 touch R (touch)
step touch R 1 2, step touch L 3 4 | 1 side R; 2 touch L (touch); 3 side L; 4 touch R (touch)
step lock step R 1&2 | 1 forward R; & lock behind L; 2 forward R
lock step L 3&4 | 3 forward L; & lock behind R; 4 forward L
hip bumps R 1&2 | 1 bump R; & bump L; 2 bump R
sway R 1, sway L 2 | 1 sway R; 2 sway L
sway R L R L 1 2 3 4 | 1 sway R; 2 sway L; 3 sway R; 4 sway L
stomp R 1, stomp L 2 | 1 stomp R; 2 stomp L
stomp up R 3 | 3 stomp up R (touch)
scuff L 4 | 4 scuff L (touch)
hitch R 4 | 4 hitch R (touch)
flick L 2 | 2 flick L (touch)
sweep R 3 | 3 sweep R (touch)
brush L 4 | 4 brush L (touch)
point R 1 | 1 point R (touch)
tap L 2 | 2 tap L (touch)
touch R 1, touch L 2 | 1 touch R (touch); 2 touch L (touch)
touch l 4 | 4 touch L (touch)
hold 4 | 4 hold (hold)
hold 7-8 | 7-8 hold (hold)
(hold 7 8) | 7 hold (hold); 8 hold (hold)
hold for 4 | 1-4 hold (hold)
walk R 1, hold 2, walk L 3 | 1 walk R; 2 hold (hold); 3 walk L
walk R 1 2, hold for 2, walk R 5 6 | 1 walk R; 2 walk L; 3-4 hold (hold); 5 walk R; 6 walk L
pause 4 | 4 pause
clap 4 | 4 clap
clap 2 4 6 8 | 2 clap; 4 clap; 6 clap; 8 clap
snap fingers 4 | 4 snap fingers
hips round 1-4 | 1-4 hips round
look over shoulder 5 | 5 look over shoulder
big smile 5 | 5 big smile
shimmy R 1-4 | 1-4 shimmy R
body roll 5-8 | 5-8 body roll
arms up 1 | 1 arms up
½ turn left 1 | 1 ½ turn turn -4
1/2 turn right 1 | 1 1/2 turn turn +4
half turn left 5 | 5 half turn turn -4
half turn right R 2 | 2 half turn R turn +4
quarter turn left L 4 | 4 quarter turn L turn -2
¼ left 1 | 1 · turn -2
¼ right R 4 | 4 · R turn +2
¾ turn right 1 | 1 ¾ turn turn +6
3/4 turn left L 5 | 5 3/4 turn L turn -6
full turn right 7 | 7 full turn turn +8
full turn R 1 2 | 1 step R turn +4; 2 step L turn +4
1¼ turn right 1 | 1 1¼ turn turn +10
1 1/4 turn right 1-2 | 1-2 1 1/4 turn turn +10
turn left ¼ 1 | 1 turn turn -2
turn ¼ left R 1 | 1 turn R turn -2
turn right half 2 | 2 turn turn +4
turn L 1/4 3 | 3 turn turn -2
pivot ½ left L 2 | 2 pivot L (turn) turn -4
pivot half left L 2 | 2 pivot L (turn) turn -4
pivot left ½ L 2 | 2 pivot L (turn) turn -4
step R 1, pivot ½ left L 2 | 1 step R; 2 pivot L (turn) turn -4
pivot half R 1 2 | 1 forward R; 2 pivot L (turn) turn -4
pivot ½ R 1 2 | 1 forward R; 2 pivot L (turn) turn -4
step R 1, pivot quarter left L 2 | 1 step R; 2 pivot L (turn) turn -2
pivot 1/4 R 1 2 | 1 forward R; 2 pivot L (turn) turn -2
paddle quarter R 1&2 | 1 touch R (touch) turn -1; & hitch R (touch); 2 touch R (touch) turn -1
unwind half left 1 | 1 unwind (turn) turn -4
unwind full turn left 1-2 | 1-2 unwind full turn (turn) turn -8
spin full right 1 | 1 spin (turn) turn +8
full spin over left shoulder 5 6 | 5 full spin (turn) turn -8; 6 full spin (turn)
full spin over the right shoulder L 5 | 5 full spin L (turn) turn +8
half turn over left shoulder 3 | 3 half turn turn -4
½ turn clockwise 1 | 1 ½ turn turn +4
¼ turn counter-clockwise 2 | 2 ¼ turn turn -2
¾ ccw 3 | 3 · turn -6
half turn 5 | 5 half turn turn ?4
¼ turn R 5 | 5 ¼ turn R turn ?2
½ L 4 | 4 · L turn ?4
turn left R 3 | 3 turn left R turn ?
turn right 3 | 3 turn right turn ?
turn R 3 | 3 turn R turn ?
spin 5 | 5 spin (turn) turn ?
pivot R 5 | 5 pivot R (turn) turn ?
turn to face 3:00 R 5 | 5 turn to face 3:00 R turn ?
half turn to 6:00 3 | 3 half turn to 6:00 turn ?4
step R 1 1/4 turn L 2 | 1 step R; 2 1/4 turn L turn ?2
cross R over L 1, side L 2 | 1 cross over L R; 2 side L
cross L over R 5 | 5 cross over R L
cross R 1, back L 2, side R 3, forward L 4 | 1 cross R; 2 back L; 3 side R; 4 forward L
behind R 1, side L 2, cross R 3 | 1 behind R; 2 side L; 3 cross R
cross R behind L 1 | 1 cross behind L R
rock R forward 1 recover L 2 | 1 rock forward R; 2 recover L
step R to the side 1 | 1 step to the side R
1 walk R, 2 walk L | 1 walk R; 2 walk L
1 walk R 2 walk L 3 step R | 1 walk R; 2 walk L; 3 step R
1: step R, 2: touch L | 1 step R; 2 touch L (touch)
1-2 rock back R, 3&4 shuffle L | 1 rock back R; 2 recover L; 3 step L; & close R; 4 step L
1&2 shuffle R | 1 step R; & close L; 2 step R
& close L, 1 step R | & close L; 1 step R
5-8 vine L | 5 side L; 6 behind R; 7 side L; 8 touch R (touch)
1 2 walk R | 1 walk R; 2 walk L
walk R one, walk L two | 1 walk R; 2 walk L
one two three four | 1 ·; 2 ·; 3 ·; 4 ·
1 and 2 | 1 ·; & ·; 2 ·
step R 1 and close L | !! the counts of “and close”.
1 & 2 3 & 4 | 1 ·; & ·; 2 ·; 3 ·; & ·; 4 ·
1&2&3&4& | 1 ·; & ·; 2 ·; & ·; 3 ·; & ·; 4 ·; & ·
&5&6 | & ·; 5 ·; & ·; 6 ·
& 1 & 2 | & ·; 1 ·; & ·; 2 ·
a1 a2 | a ·; 1 ·; a ·; 2 ·
1 e & a 2 | 1 ·; e ·; & ·; a ·; 2 ·
5 6 7 8 & 1 | 5 ·; 6 ·; 7 ·; 8 ·; & ·; 9 ·
7-8 | 7-8 ·
7 8 | 7 ·; 8 ·
1 to 4 | 1-4 ·
1 – 4 | 1-4 ·
5 thru 8 | 5-8 ·
123 456 | 1 ·; 2 ·; 3 ·; 4 ·; 5 ·; 6 ·
1234 | 1 ·; 2 ·; 3 ·; 4 ·
5678 | 5 ·; 6 ·; 7 ·; 8 ·
1 2 3 4 5 6 7 8 9 10 11 12 | 1 ·; 2 ·; 3 ·; 4 ·; 5 ·; 6 ·; 7 ·; 8 ·; 9 ·; 10 ·; 11 ·; 12 ·
2 2 3 4 | 1 ·; 2 ·; 3 ·; 4 ·
[3] & 4 | & ·; 4 ·
8 walks 1-16 | 1-2 walks; 3-4 walks; 5-6 walks; 7-8 walks; 9-10 walks; 11-12 walks; 13-14 walks; 15-16 walks
8 walks R 1-16 | 1-2 walks R; 3-4 walks L; 5-6 walks R; 7-8 walks L; 9-10 walks R; 11-12 walks L; 13-14 walks R; 15-16 walks L
4 stomps R 1-4 | 1 stomp R; 2 stomp L; 3 stomp R; 4 stomp L
2 shuffles R 1&2 3&4 | 1 step R; & close L; 2 step R; 3 step L; & close R; 4 step L
3 walks R 1 2 3 | 1 walks R; 2 walks L; 3 walks R
rock R 1, recover L 2, again | 1 rock R; 2 recover L; 3 rock R; 4 recover L
walk R 1, walk L 2, again mirrored | 1 walk R; 2 walk L; 3 walk L; 4 walk R
walk R 1, step L 2, touch R 3, hold 4, repeat 1-4 | 1 walk R; 2 step L; 3 touch R (touch); 4 hold (hold); 5 walk R; 6 step L; 7 touch R (touch); 8 hold (hold)
vine R 1-4, again mirrored 5-8 | 1 side R; 2 behind L; 3 side R; 4 touch L (touch); 5 side L; 6 behind R; 7 side L; 8 touch R (touch)
side R 1, close L 2, x2 | 1 side R; 2 close L; 3 side R; 4 close L
rock R 1, recover L 2 twice | !! x2 behind one move, or a comma and twice behind all of them.
vine R 1-4 on the other side | !! the counts of “on the other side”.
shoulders: roll 1 2 | 1 shoulders: roll; 2 shoulders: roll
step R (slow) 1-2 | 1-2 step (slow) R
step R (touch) 1 | 1 step R (touch)
walk R (small) 1, walk L 2 | 1 walk (small) R; 2 walk L
on 3 clap | 3 clap
counts 5-8 hold | 5-8 hold (hold)
fan open 1, fan close 5 | 1 fan open; 5 fan close
ball change & R 1 | !! the counts of “ball change”, which has 2 moves, such as & 1; here stand 1.
ball R &, step L 2 | & ball R; 2 step L
out R &, out L 1, in R &, in L 2 | & out R; 1 out L; & in R; 2 in L
jump both 1 | 1 jump both
hop L 3 | 3 hop L (hop)
bounce both 1 2 | 1 bounce both (hop); 2 bounce both (hop)
vine R 1 2 3 4 5 | !! the counts of “vine”, which has 4 moves, such as 1 2 3 4; here stand 5.
shuffle R 1 | !! the counts of “shuffle”, which has 3 moves, such as 1 & 2; here stand 1.
shuffle R | !! the counts of “shuffle”.
4 3 2 1 | !! a count after 4.
1 2 2 | !! a count after 2.
walk R 1, walk L 1 | !! a count after 1.
5-4 | !! a count after 5.
rock R forward recover L 1-2 | !! one foot for one move; “rock R forward recover” names more than one. Write each move with its own count
sway R L 1 2 3 | !! as many counts as feet; 2 feet stand on 3 counts.
repeat 1-4 | !! moves before they can be danced again.
step R 1 & close L & step R 2 | !! a count after &.
walk R 1, , walk L 2 | 1 walk R; 2 walk L
"""
