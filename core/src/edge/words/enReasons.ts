/** Why a recipe was chosen, what would change it, why others were ruled out. */
export const EN_REASONS = {
  // why a recipe was chosen
  'why.outside_kit': 'None of the tapes carried for this job is safe here, so one more is needed.',
  'why.own_choice': 'Chosen by hand: {reason}.',
  'why.choice_unsafe': 'The way chosen by hand ({school}, {tape}) is not safe now: {rule}.',
  'why.choice_gone': 'The way chosen by hand ({school}) is not to be had here any more.',
  'why.school': 'House way: {school}.',
  'why.school_fallback': 'House way ({school}) does not fit here, so {used}.',
  'why.press_cheaper': 'Pressed with the {press}: {spares} less than with the {other}, work and mending together.',
  'why.press_safe': 'Pressed with the {press}: with the {other} more would bleed than the house accepts.',
  'why.least_cost': 'Of all that is safe this is expected to cost least: {school}.',
  'why.sealed_always': 'Every edge is sealed in this house; this way is expected to cost least: {school}.',
  'why.few_kinds':
    'The job gets by with {kinds, plural, one {# kind} other {# kinds}} of tape: one more would cost more to carry than it spares.',
  'why.stacked': 'Textured: barrier edge and {seal} together, as the house wants it.',
  'why.few_tins': 'Takes no tin or tube of its own: the room needs {tins} open for its other hems.',
  'why.liquid_cheaper': '{panes} panes: a liquid mask saves {saved} against taping them.',
  'why.own':
    'Your own walls: bleeds came {times} times as often as expected, from {run} looked along{tape, select, yes {, {ofTape} of them with this tape on such a face} other {}}.',
  'why.liquid': 'Cut and peeled after {hours} h: about {bleeds} nicks a metre.',
  'why.hand': 'A proven hand: about {slips} slips a metre that show at {contrast} % contrast.',
  'why.leftover': '{tape}: {metres} m lie on the van and are used up here; safe, and {spares} of tape less to buy.',
  'why.learner_wide': '{width} wide where {usual} would do: half of this crew are beginners.',
  'why.in_stock': '{metres} m of it are on the van already.',
  'why.reach': 'Mist reaches {reach} beside the edge; {cover}, {width} wide, catches it.',
  'why.tacks': 'The film pulls with {load} N a metre; {grip} N of grip holds it with a tack every {tack}.',
  'why.at_its_hour':
    'Judged for when the plan lays it, {when}: what lies below has cured by then, and a first guess at an earlier hour found nothing safe.',
  'why.pull_floor': 'Nobody stands on a wet floor to pull: the tape comes off once it can be walked on.',
  'why.pull_kept':
    'On the floor: tape, paper and cloth stay until {step} is done, which drips on them. Scored, then pulled.',
  'why.pull_pass':
    'The room is sprayed to the end before anything comes off: {pass} min, and an edge stays wet for {minutes}. So the tape comes off once the film is hard.',
  'why.pull_front_by_hand':
    'In this sun and wind its edge skins in about {minutes} min, before a part of it could be cut in and pulled: unmasked once it is hard.',
  'why.pull_front_soft':
    'A front is sprayed from end to end and unmasked the same day, once it is dry to touch: the film is soft and may tear in places.',
  'why.pull_front': 'A front is sprayed from end to end and unmasked once it is hard.',
  'why.rolled_within':
    'A brushed band in {sheen} {colour} would show, and mending it costs more than rolling this face by itself: line and field go on together, then the tape comes off.',
  'why.pull_soonest': 'House rule: off as soon as may be, so wet.',
  'why.pull_snaps': 'Thin {sheen} film snaps cleanly once hard, so timing hardly matters: pulled dry.',
  'why.pull_stretches': '{sheen} film stretches once dry: pulled wet.',
  'why.lift_safe': 'Grip {grip} N on {face}: lift risk {lift} % a metre (limit {limit} %).',
  'why.cure_needed': '{face} must cure {hours} h at 23 °C before this grip goes on.',
  'why.bead_cracks': '{sheen} over a bead of {sealant} that is still wet cracks on about {crack} % of metres.',
  'why.dye': 'Its dye may stay on white: about {dyed} % of metres for {days, plural, one {# day} other {# days}} on.',
  'why.texture_gap':
    '{texture} leaves gaps of about {gap} mm under the edge; this paint runs through anything over {critical} mm.',
  'why.seal_closes': '{seal} closes gaps up to {closes} mm.',
  'why.barrier_closes': 'The barrier edge gels and closes gaps up to {closes} mm.',
  'why.glaze_instead': 'The paint on {face} is not on the van, so clear glaze seals instead.',
  'why.sheen_wet': '{sheen} film stretches when dry: pull wet, or score first.',
  'why.cheapest': 'One of {count} safe ways: {cost}, of which {mending} is mending to expect.',
  'why.unknown_history': 'Nobody knows how old {face} is: treated as delicate.',

  // what would change the answer
  'change.wait': 'From {when} on: {to}, {spares}.',
  'change.press': 'Pressed with the {press}: {to}, {spares}.',
  'change.pull': 'Pulled {pull}: {to}, {spares}.',
  'change.clean': '{face} wiped clean first: {to}, {spares}.',
  'change.paint': 'With {colour} on the van: {to}, {spares}.',
  'change.stack': 'If a barrier edge may be sealed as well: {to}, {spares}.',
  'change.where_needed': 'Sealed only where needed: {to}, {spares}.',
  'change.hand': 'With a proven hand: {to}, {spares}.',
  'change.kit': 'With every tape of the shelf on the van: {to}, {spares}.',
  'change.spray': 'Sprayed instead: {to}, {spares}, cover beside it counted.',
  'hangs.on':
    'Holds unless {what} is {side, select, under {less than} other {more than}} {times} times what we think; then: {to}.',
  'change.nothing': 'nothing safe',
  'change.limit': 'Accepting {limit} mm of bleed a metre instead of {now}: {to}, {spares}.',

  // why a candidate was ruled out
  'out.retired': 'Taken off the shelf.',
  'out.not_in_kit': 'Not among the tapes carried for this job.',
  'out.lead_lift': 'Grip {grip} N: {lift} % lift risk; over old paint that may hold lead only {limit} % is taken.',
  'out.lift': 'grip {grip} N would lift the finish: {lift} % a metre at laying',
  'out.never_safe': 'grip {grip} N is never safe on this finish ({soundness})',
  'out.stay': 'stays {need} d, label says {label} d',
  'out.barrier_solvent': 'a barrier edge needs water-based paint',
  'out.barrier_dust': 'dust stops a barrier edge',
  'out.full_skim': 'nothing may stay on a full skim; a wiped bead does',
  'out.wet': '{wet} is to come while it is on, and it holds in {holds}',
  'out.damp': 'the meter reads {reading} %, and no tape goes on over {limit} %: let it dry and read it again',
  'out.bead_cracks':
    '{sheen} over a wet bead of {sealant} cracks on about {crack} % of metres: take one that may be painted at once, or choose this by hand',
  'out.bead_dry': 'a dried bead tears the film when pulled dry',
  'out.no_sealant': 'no sealant is on the shelf',
  'out.bleeds': '{bleed} mm of each metre would show bleed, over the house limit of {limit} mm',
  'out.no_stack': 'house rule: a barrier edge is not sealed as well',
  'out.no_glaze': 'no clear glaze is on the shelf',
  'out.bead_below': 'all {coats} coats go onto the tape, and a bead below the first is dry at the pull',
  'out.no_own_paint': 'nobody here holds the paint of the keep side',
  'out.barrier_carpet': 'a barrier edge has nothing to gel against on carpet',
  'out.seal_carpet': 'on carpet the tape is tucked under; there is no edge to seal',
  'out.cant_carry': 'grip {grip} N does not hold the film here; {floor} N would',
  'out.liquid_textured': 'a liquid mask is not proven on textured glass',
  'out.liquid_yellows': 'it would yellow the bare wood it laps',
  'out.no_hand': 'house rule: nobody here cuts a proven line by hand',
  'out.hand_spray': 'a sprayed coat cannot be cut by hand',
  'out.slips': '{bleed} mm of each metre would be out of line, over the house limit of {limit} mm',

  // beside the way chosen
  'other.alike': 'costs much the same',
  'other.more': '{part}: {cost} more',
  'other.less': '{part}: {cost} less',

  // nothing safe
  'none.title': 'Nothing safe on {face}.',
  'help.wait': 'Wait until {when}: then {tape} is safe.',
  'help.sound': 'Bind or prime {face} and let it cure: sound paint takes {tape}.',
  'help.seal': 'Allow a seal (own colour or clear glaze), or accept more than {limit} mm of bleed a metre.',
  'help.tape': 'Put a tape with {need} on the shelf.',
  'help.freehand': 'Or cut this line freehand with a proven hand.',
  'help.two_tapes': 'Hang the film from a tape of more grip laid on the gentle one, or take paper.',
} as const
