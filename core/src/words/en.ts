/**
 * Every sentence the core says, in one place. `{name}` is filled from the facts that travel with the code,
 * so a second language needs only a second file like this one.
 */
export const EN = {
  // why a recipe was chosen
  'why.outside_kit': 'None of the tapes carried for this job is safe here, so one more is needed.',
  'why.own_choice': 'Chosen by hand: {reason}.',
  'why.choice_unsafe': 'The way chosen by hand ({school}, {tape}) is not safe now: {rule}.',
  'why.school': 'House way: {school}.',
  'why.school_fallback': 'House way ({school}) does not fit here, so {used}.',
  'why.press_enough': 'Pressing alone leaves about {bleeds} bleeds a metre here, so no seal.',
  'why.lift_safe': 'Grip {grip} N on {face}: lift risk {lift} % a metre (limit {limit} %).',
  'why.wait_for_cure': '{face} must cure until {when} before this grip goes on.',
  'why.cure_needed': '{face} must cure {hours} h at 23 °C before this grip goes on.',
  'why.texture_gap':
    '{texture} leaves gaps of about {gap} mm under the edge; this paint runs through anything over {critical} mm.',
  'why.seal_closes': '{seal} closes gaps up to {closes} mm.',
  'why.barrier_closes': 'The barrier edge gels and closes gaps up to {closes} mm.',
  'why.glaze_instead': 'The paint on {face} is not on the van, so clear glaze seals instead.',
  'why.sheen_wet': '{sheen} film stretches when dry: pull wet, or score first.',
  'why.cheapest': 'One of {count} safe ways: {cost}, of which {mending} is mending to expect.',
  'why.unknown_history': 'Nobody knows how old {face} is: treated as delicate.',
  // why a candidate was ruled out
  'out.retired': 'Taken off the shelf.',
  'out.not_in_kit': 'Not among the tapes carried for this job.',
  'out.lead_lift':
    'Grip {grip} N: {lift} % lift risk on {face}; over old paint that may hold lead only {limit} % is taken.',
  'out.lift': 'grip {grip} N would lift {face}: {lift} % a metre at laying',
  'out.never_safe': 'grip {grip} N is never safe on {face} ({soundness})',
  'out.stay': 'stays {need} d, label says {label} d',
  'out.barrier_solvent': 'a barrier edge needs water-based paint',
  'out.barrier_dust': 'dust stops a barrier edge on {face}',
  'out.full_skim': 'nothing may stay on full-skim {face}; a wiped bead does',
  'out.flat_cracks': 'flat paint over a wet bead cracks, and no paint-now sealant is on the shelf',
  'out.bead_dry': 'a dried bead tears the film when pulled dry',
  'out.no_sealant': 'no sealant is on the shelf',
  'out.bleeds': '{bleeds} bleeds a metre, over the house limit of {limit}',
  'out.not_barrier': 'this edge belongs to another way',
  'out.dearer': '{cost} against {best}',
  // nothing safe
  'none.title': 'Nothing safe on {face}.',
  'help.wait': 'Wait until {when}: then {tape} is safe.',
  'help.sound': 'Bind or prime {face} and let it cure: sound paint takes {tape}.',
  'help.seal': 'Allow a seal (own colour or clear glaze), or accept more than {limit} bleeds a metre.',
  'help.tape': 'Put a tape with {need} on the shelf.',
  'help.freehand': 'Or cut this line freehand with a proven hand.',
  // steps of a recipe
  'step.clean': 'Wipe {face} free of dust and let it dry.',
  'step.prep': 'Prepare {face} first: {how}. Let it dry.',
  'step.mark': 'Mark the line in pencil all round and see that it closes before any tape goes on.',
  'step.straighten':
    'Walk the whole run; the old edge wanders {wander} mm at its worst. Set a straight line just outside that.',
  'step.laps': 'Beside the laps: {strips} short strips on each side, one for each board; top and bottom single.',
  'step.panes': 'Pane by pane: {panes} panes, four strips each.',
  'step.lay': 'Lay {width} mm {tape} on {face}, setting {from} to {to} mm at a time; end each run with a tab.',
  'step.press': 'Press the paint-side edge with {press}{twice}.',
  'step.seal_own': 'Push a thin coat of {colour} under the edge; let it dry {minutes} min or more.',
  'step.seal_glaze': 'Quick thin pass of clear glaze along the edge, {from} to {to} min ahead of colour.',
  'step.seal_wiped': 'Thin bead of {sealant}, wiped almost off: finger, then damp rag.',
  'step.hold_first': '{which}: stay {gap} mm off the tape.',
  'step.press_again': 'Press the edge again before sealing.',
  'step.coat': '{coats} of {coating} by {tool}{stroke}.',
  'step.pull_wet': 'Pull wet, slowly, folded back at about {angle}°, before the edge skins.',
  'step.pull_dry': 'Pull once hard, slowly, folded back at about {angle}°{score}.',
  // cautions
  'care.lead':
    'Built {year}: paint may hold lead. Contain, do not sand or scrape; follow local codes and certified practice.',
  'care.breather': '{fitting} must breathe: list it when covered, sign it off uncovered the same day.',
  'care.dust_mask': 'Dust mask while sanding.',
  'care.damp': '{face} reads {reading} % moisture; let it dry below {limit} % first.',
  'care.solvent':
    'Solvent vapour: air the room, no flame or spark, suitable respirator. Follow the product sheet and local codes.',
  'care.power': 'Power off before a plate is loosened or masked inside.',
  'care.spray': 'Spraying: respirator and airflow; a skin injection is an emergency. Follow local codes.',
  'care.blade': 'Score with a fresh blade, cutting away from the hand.',
  // bench
  'bench.bleed': '{texture} leaves gaps of {gap} mm on average; gaps up to {shut} mm stay shut.',
  'bench.lift': 'The pull loads the finish with {load} N per 25 mm; it holds about {hold} N.',
  'bench.tear': 'Pulled when {film}; {sheen} film, {scored}.',
  'bench.residue': '{used} % of the {label} days it may stay are used up.',
  'bench.crack': 'The bead shrinks {shrink} %; {sheen} film over it.',
  'bench.no_bead': 'No bead that could shrink.',
  // rounds and schedule
  'round.whole': 'all of {step} in one round',
  'round.size': '{walls} in one round: sealed to pulled takes {need} min of a {window} min window',
  'round.too_long': '{place} needs {need} min from wet to pulled; the window is {window} min. {help}',
  'round.help_people': 'A crew working {times} times as fast would make it.',
  'round.help_dry': 'Pull this one dry instead.',
  'plan.no_shift':
    'Nobody is on shift long enough for {what} ({need} min without a break). Longest stretch: {have} min.',
  'plan.no_crew': 'No crew: add one under Site.',
  'plan.no_recipe': '{place}: nothing safe, so it is left out of the rounds.',
  'plan.late_room': '{room} is free {when}, {late} after it is needed.',
  'plan.dry_late': '{room}: tape must be off by {when}, but the plan reaches it {late} later.',
  'plan.air': '{room}, coat at {when}: {fault}',
  'order.empty': '{step} paints nothing.',
  'order.ceiling_late':
    'Ceiling after walls: with a {tool} it spatters walls that are done. Ceiling first, or spray it above hung film.',
  'order.floor_early': 'The floor is painted before the last colour, and people have to stand on it.',
  'order.bottom_first':
    '{band}: lower colour before the upper one. Drips and the line’s overlap want the top colour first.',
  'order.spray_late': '{step} is sprayed after {before}: everything done before it must be covered.',
  'order.coats': '{step}: about {coats} coats to hide {face}, {planned} planned.',
  'order.white_trap':
    '{step}: pure white over {face} wants about {coats} coats, {planned} planned. White with a touch of black hides in fewer.',
  'plan.rain': 'rain of {mm} mm in that hour.',
  'plan.windy': 'wind of {wind} m/s; the gun stops at {limit} m/s.',
  'plan.cold_paint': '{coating} needs {low} to {high} °C; the face is at {temp} °C.',
  'plan.damp_paint': '{coating} needs under {limit} % humidity; the air is at {rh} %.',
  'plan.near_dew': 'Faces are {margin} °C above dew point; {limit} °C is the least.',
} as const

export type WordCode = keyof typeof EN
