/** What a recipe tells the hand to do: steps, cautions, covers. */
export const EN_STEPS = {
  // steps of a recipe
  'step.clean': 'Wipe {face} free of dust and let it dry.',
  'step.prep': 'Make {face} ready first: {how}. Let it dry.',
  'step.mark':
    'Mark the line in pencil{hardness, select, hard {, barely touching, since a hard point scores the paint,} soft {, thin and on the side to be painted, since a soft one smears and shows through light paint,} other {}} all round and see that it closes before any tape goes on.',
  'step.carry_past': '{colour} goes on first, at least {by} past where the line will be.',
  'step.set_out': 'Set the line out with the {tool}: over {over} it may be {off} off, so check it from the other end.',
  'step.set_out_by_hand':
    'Set the line out with the {tool}, turned end for end at every move: over {over} it may be {off} off.',
  'step.no_chalk': 'No chalk line on these walls: the dust bleeds through light paint, and tape does not hold on it.',
  'step.turns': 'At a corner end the strip, lap the next one over it, and brush away from the corner on both sides.',
  'step.snap':
    'Snap a straight line over the old edge: {left} off the reference at the left end, {right} at the right. It covers {most} at most.',
  'step.snap_two':
    'Snap two lines over the old edge that meet {joint} from the left: {left} off the reference at the left end, {there} where they meet, {right} at the right. They cover {most} at most.',
  'step.lump_press':
    '{at} from the left the face {shape, select, lump {stands out} other {lies back}} {high} over {long}: press the tape down on it.',
  'step.lump_pieces':
    '{at} from the left the face {shape, select, lump {stands out} other {lies back}} {high} over {long}: lay pieces of {every}, press each down into it, and seal the edge.',
  'step.lump_cuts':
    '{at} from the left the face {shape, select, lump {stands out} other {lies back}} {high} over {long}: cut into the free edge of the tape every {every}, press it down from the top outward, and seal the edge.',
  'step.lump_joint':
    '{at} from the left the face steps by {high}, as at a joint of sheets or the edge of a panel: end the strip there, begin the next one on the other side, fill the notch with sealant and brush away from it on both sides.',
  'step.lump_mend':
    '{at} from the left the face {shape, select, lump {stands out} other {lies back}} {high} over {long}: fill or scrape it first, since no tape lies down on it.',
  'step.straighten':
    'Walk the whole run; the old edge wanders {wander} at its worst. Set a straight line just outside that.',
  'step.curve_bent':
    'Bend the tape round the curve ({radius} radius) in one run: hold the roll close, stretch the outer edge a little and press the inner one down as you go.',
  'step.curve_pieces':
    'Round the curve ({radius} radius) in {n} straight pieces of {long}, each lapping the last; trim the corners between with a blade. A tape that bends more would take one run.',
  'step.laps': 'Beside the laps: {strips} short strips on each side, one for each board; top and bottom single.',
  'step.panes': 'Pane by pane: {panes} panes, four strips each.',
  'step.lay': 'Lay {width} {tape} on {face}, setting {set} at a time; end each run with a tab.',
  'step.sag':
    'Do not draw all {long} out at once: free in the air it hangs {low} low in the middle. Set it to the marks at least every {set}.',
  'step.lay_carpet': 'Tuck {width} {tape} half under the skirting with a scraper; no barrier edge on carpet.',
  'step.clean_joint': 'Brush and vacuum the joint: dust there lets go under tape.',
  'step.lay_pieces': 'Push {width} {tape} into the joint in short lapped pieces with a scraper, until no floor shows.',
  'step.lay_joint': 'Push one long run of {width} {tape} into the joint with a scraper, until no floor shows.',
  'step.lay_foot':
    'At the foot of the casing a short piece of {width} {tape}, torn to a point, pushed into the joint with a scraper.',
  'step.lay_lining': 'Hold the outer edge of the paper down with {width} {tape}.',
  'step.lay_plate': 'Strips of {width} {tape} over the whole plate, lapped; trim round it with a fresh blade.',
  'step.slide_under': 'Slide {paper} into the {gap} gap under the skirting first.',
  'step.rounded': 'The line runs along the middle of the curve; most of the tape lies on the keep side.',
  'step.run_one': 'One long run: two pass the roll; alone, leave slack, move the ladder, take up the line again.',
  'step.run_one_low': 'One long run: two pass the roll; alone, leave slack and take up the line again.',
  'step.run_short': 'Pieces of about {piece}, each lapped {lap}, trued up by eye.',
  'step.fix_overlaps': 'This tape hardly holds on itself: a bit of plain tape over each overlap and corner.',
  'step.paper_over': '{cover} over the tape by its own tape edge: two runs of tape in all.',
  'step.lay_round': 'Lay {width} {tape} round {face} where it meets the wall, in short pieces.',
  'step.bag': 'A bag or {cover} over it, gathered and taped behind; it comes off with the tape.',
  'step.by_hand': 'Where the dispenser cannot reach, in corners and behind pipes, tape by hand and close the gap.',
  'step.paper_mouths': '{cover} over each opening; contents stay. Paper, since dried paint flakes off film.',
  'step.film_taut': '{cover} cut to the opening between the strips, taut, every edge pressed.',
  'step.film_over': '{cover} over it for this one coat; fresh before another, dried paint flakes off.',
  'step.film_across':
    '{cover} opened across the ceiling from the tape, a tack every {tack} along it and along its far edge.',
  'step.film_hung': '{cover} hung from the tape, a tack every {tack}, sides and foot taped down.',
  'step.cloths': '{cover} on top; it stays there until the walls are done.',
  'step.ladder': 'From a step ladder on firm ground, not on film.',
  'step.tower': 'From a tower or a platform: the line runs {high} up. If there is none, hire one for these days.',
  'step.hand': 'Cut the line by hand: loaded sash brush, one slow stroke along the edge, no going back.',
  'step.liquid_brush': 'Brush a generous, even coat of {mask} on {panes} panes and a little over the bars.',
  'step.liquid_can': 'Spray {mask} on {panes} panes from {away} away, generous and even.',
  'step.liquid_prime': 'Where it laps over bare wood prime that first: it yellows there.',
  'step.liquid_pools': 'While it is still milky look for drips and pools and brush them out.',
  'step.liquid_clear': 'Let it go clear, about {minutes} min; a few white spots may stay.',
  'step.liquid_cut':
    '{hours} h after the last coat cut round each pane with a fresh blade at {angle}°, away from the hand, and peel it in one sheet. Strings: scrape to the edge and wad it.',
  'step.press':
    'Press the paint-side edge with {press, select, tool {a plastic tool} other {the thumb}}{twice, select, yes {, twice} other {}}; again if it waits {wait} min.',
  'step.seal_own': 'Push a thin smear of {colour} under the edge, without lumps: dry in about {minutes} min.',
  'step.seal_glaze': 'Quick thin pass of {glaze} along the edge, {from} to {to} min ahead of colour.',
  'step.seal_glaze_through': 'Quick thin pass of {glaze} along the edge; let it dry through, {minutes} min.',
  'step.seal_wiped': 'Thin bead of {sealant}, wiped almost off: finger, then damp rag.',
  'step.hold_first': '{held, plural, one {First coat} other {Coats 1 to #}} of {colour}: stay {gap} off the tape.',
  'step.press_again': 'Press the edge again before sealing.',
  'step.press_again_coat': 'Press the edge again before the next coat.',
  'step.coat': '{coats} of {colour} ({coating}) by {tool}{stroke}.',
  'step.to_door': 'Paint towards the door, and shut it behind you until the floor can be walked on.',
  'step.roll_after':
    'Roll the rest up to the line while the brushed strip is still wet; once it has set, the strip shows.',
  'step.pull_wet': 'Pull wet, slowly, folded back at about {angle}°, before the edge skins.',
  'step.pull_dry':
    'Pull once hard, slowly, folded back at about {angle}°{score, select, yes {, after scoring the edge} other {}}.',

  // making ready
  'ready.scrape': 'scrape off what flakes{places}',
  'ready.wash': 'wash',
  'ready.degrease': 'degrease',
  'ready.seal-gaps': 'seal open joints{places}{line}',
  'ready.fill': 'fill{places}{line}',
  'ready.sand': 'sand with {grit}{places}',
  'ready.wipe': 'wipe off the dust',
  'ready.prime': 'prime',
  'ready.look-over': 'look over the primer and mend what it shows',
  'ready.of_face': '{face}: {how}',
  'ready.places': ' ({where})',
  'ready.line': ', {long} along the line',
  'ready.place': '{at} from the left and {height} up',

  // how it is done well
  'craft.gap': 'Where the skirting has come off the wall, seal the gap before you tape.',
  'craft.ends': 'Press the end of a run into the corner with the scraper and tear it there.',
  'craft.seal':
    'Push the seal in generously, then brush out what stands proud: a lump that ties tape to wall tears when it comes off.',
  'craft.bead_late':
    'If the bead has skinned before its coat is on, pull that length, clean the edge and tape it again.',
  'craft.bead_crack': 'If the coat cracks over the bead, let it dry, rub it flat, fill the crack and touch it up.',
  'craft.brush':
    'Angled line brush for the line, a fine one in the corners. Load a third of the bristles and press lightly.',
  'craft.skirting_top': 'The top edge of the skirting is painted too: brush it before the front.',
  'craft.lay_off': 'Coat one piece at a time, keep all of it wet, and finish with light strokes, all one way.',
  'craft.passes': 'Even passes, each half over the last. Start and stop the gun off the work, over the masking.',
  'craft.corners': 'Brush the corners that the fan does not reach before you spray.',
  'craft.liquid_stir': 'Stir or shake the mask well first.',
  'craft.liquid_creases':
    'Hold the can square to the pane, then from both sides, so that it gets into the creases along the bars.',
  'craft.liquid_drift': 'Its mist drifts: paper over the sill and the wall within arm’s reach.',
  'craft.liquid_smear': 'Where it stands thick, smear it out over the pane before it skins.',
  'craft.liquid_blade': 'Hold the blade upright against the bar and off the new paint.',
  'craft.liquid_stuck': 'Where the sheet sticks, do not tug: cut there once more.',
  'craft.liquid_bled': 'Scrape off the glass what got under.',

  // cautions
  'care.lead':
    'Built {year}: paint may hold lead. Contain, do not sand or scrape; follow local codes and certified practice.',
  'care.dust_mask': 'Dust mask while sanding.',
  'care.damp': '{face} reads {reading} % moisture; let it dry below {limit} % first.',
  'care.solvent':
    'Solvent vapour: air the room, no flame or spark, suitable respirator. Follow the product sheet and local codes.',
  'care.half_trim':
    'The straight line takes {wander} of {width} of trim: less than half is left. Think about mending the edge first.',
  'care.wander':
    'The old edge wanders {wander}, but the trim is only {width} wide: nothing is left to hide it in. Coat the trim too.',
  'care.day_tape':
    '{tape} is made for a day, and {face} is flat and nobody has tested it: try a strip in a corner first, and never leave it on over night.',
  'care.tower':
    'Tower put up by somebody trained, level, locked, with its rails on, checked before use and never moved with anybody on it. Follow local codes.',
  'care.sprinkler':
    'Sprinkler: bag it only while somebody sprays or sands in this room, never paint it, and take the bag off before you leave. A head with paint on it is replaced. Follow local codes.',
  'care.alarm':
    'Alarm: cover it only while somebody sprays or sands in this room, tell whoever watches it, and uncover it before you leave. Follow local codes.',
  'care.exit':
    'Exit sign: it must be seen. Cover it only while somebody sprays here, and uncover it before the room is left or used.',
  'care.breathes':
    'Something breathes through this: appliance off before it is covered, cover off before people leave or it runs again. Follow local codes.',
  'care.power': 'Power off before a plate is loosened or masked inside.',
  'care.spray': 'Spraying: respirator and airflow; a skin injection is an emergency. Follow local codes.',
  'care.film_wind': 'Wind takes film and whoever hangs it: not from a ladder in a breeze, and tack it as you go.',
  'care.film': 'Film is slippery on floors and a suffocation hazard for children and pets; no flame near it.',
  'care.blade': 'Score with a fresh blade, cutting away from the hand.',

  // clearing
  'clear.room': 'Clear the room first: pictures, curtains and all that can be carried go out; sweep or vacuum.',
  'clear.front': 'Clear the foot of the wall first: bins, pots and what leans on it; tie plants back.',
  'clear.gather': '{things}: together in the middle, under one sheet.',
  'clear.from_walls': '{things}: off the walls, or sheeted where they stand.',
  'floor.boards': 'Boards end to end along the way people take; step off them onto the doubled cloth.',
  'floor.middle':
    'Film in the middle, tape all round and along its seams; paper where you stand and walk. Film is slippery: keep off it.',
  'floor.ladder': 'The ladder stands on a runner, not on loose cloth, paper or film.',
  'clear.take_off': '{things}: off, each screw taped to its plate.',

  // covers
  'cover.beside': 'beside the line, as its recipe has it',
  'cover.lines': '{count, plural, one {# line} other {# lines}}',
  'cover.mist': 'mist falls on it',
  'cover.floor_middle': 'middle of the floor',
  'cover.open_middle': 'away from the gun: film, taped all round and along its seams, so that it lies taut',
  'cover.fall_out': 'fall-out settles on it',
  'cover.drips': 'drips and spilled paint',
  'cover.knocks': 'people pass: boards against knocks',
  'cover.soles': 'doubled, cleans soles',
  'cover.at_ladder': 'floor under the ladder',
  'cover.ladder': 'a runner does not slip under a ladder',
  'cover.gathered': '{count, plural, one {# piece} other {# pieces}} of furniture, gathered',
  'cover.falls': 'a knocked-over bucket, a falling pole',
  'cover.taut_again': 'the gun goes over it twice: taped all round and taut, or it flakes',
  'cover.contents': 'contents stay; paper, since paint flakes off film',
  'cover.spatter': 'spatter on it',
  'cover.paper_again': 'the gun goes over it twice: paper, since paint flakes off loose film',
  'cover.feet': 'feet; a runner that does not slip',
  'cover.bag': 'stands out from the wall: a bag or film, gathered and taped behind',
  'cover.taut': 'the gun reaches it; taut, taped all round',
  'cover.hung': 'hangs below the sprayed ceiling',
  'cover.across': 'opened {wide} across, as far as mist drifts',

  // bench
  'bench.bleed': '{texture} leaves gaps of {gap} mm on average; gaps up to {shut} mm stay shut.',
  'bench.lift': 'The pull loads the finish with {load} N per 25 mm; it holds about {hold} N.',
  'bench.tear': 'Pulled when {film}; {sheen} film, {scored}.',
  'bench.residue': '{used} % of its stay of {label, plural, one {# day} other {# days}} is used up.',
  'bench.crack': 'The bead shrinks {shrink} %; {sheen} film over it.',
  'bench.no_bead': 'No bead that could shrink.',
} as const
