/** What a plan says of rounds, and where it falls short. */
export const EN_PLAN = {
  // rounds and schedule
  'round.whole': 'all of {step} in one round',
  'round.size':
    '{count, plural, one {Wall {walls}} other {Walls {walls}}} in one round: sealed to pulled takes {need} min of a {window} min window',
  'round.pair':
    '{count, plural, one {Wall {walls}} other {Walls {walls}}} in one round: one cuts in and takes the tape off, one rolls right behind, so each line is still open. Sealed to pulled takes {need} min of a {window} min window',
  'round.too_long':
    '{room}, wall {walls} needs {need} min from wet to pulled; the window is {window} min. Divide its longest line into {parts}, at a corner, an opening or a mark.',
  'plan.no_shift':
    'Nobody is on shift long enough for {what} ({need} min without a break). Longest stretch: {have} min.',
  'plan.no_crew': 'No crew: add one under Site.',
  'plan.holding_short':
    'Papers and films lie for {days, plural, one {# day} other {# days}}, but of what is here to hold them nothing may stay longer than {stay} ({tape}). Hold them with a tape that may stay, or renew it in time.',
  'plan.no_recipe': '{room}, {place}: nothing safe, so it is left out of the rounds.',
  'plan.late_room': '{room} is free {when}, {late} after it is needed.',
  'plan.air': '{room}, {step}, coat at {when}: {fault}',
  'plan.air_tape': '{room}, {step}, tape at {when}: {fault}',
  'plan.caught':
    '{room}, {step}, coat {coat}: caught at {when} before it was safe: {fault} Its state is doubtful: look at it and try it by hand before more goes on or tape comes off.',
  'plan.will_catch':
    '{room}, {step}, coat {coat} is on and not safe yet at {when}: {fault} Keep it from it if you can; from then on its state is doubtful.',
  'message.first_plan':
    '{count, plural, one {One piece of work is} other {# pieces of work are}} yours. It begins with this:',
  'message.added': 'New: {what}, {after}.',
  'message.dropped': 'Not yours any more: {what}, {before}.',
  'message.given': '{crew} does it now: {what}, {before}.',
  'message.gone': '{count} tasks in {rooms} are off the plan.',
  'message.gone_to': '{count} tasks in {rooms} are {crew}’s now.',
  'message.slips': '{count, plural, one {One more moves} other {# more move}} by {minutes} min at most.',
  'message.moved': '{what} moved from {before} to {after}.',
  'message.more': 'And {count} more, in the plan.',
  'doubt.not_laid': 'No tape is ticked as laid on {count, plural, one {# of these edges} other {# of these edges}}.',
  'doubt.coat_missing':
    'Coat {coat} is not ticked on {count, plural, one {# of these edges} other {# of these edges}}.',
  'doubt.not_coated':
    'The last coat is not ticked on {count, plural, one {# of these edges} other {# of these edges}}. Tape that is off cannot be coated up to again.',
  'doubt.too_wet': 'The card says leave it alone: paint this wet runs when the tape moves.',
  'doubt.kept':
    'The card says leave it on: walls or a ceiling above it are still to be painted, and drip on the floor.',
  'doubt.tacky': 'The card says leave it alone: half-dry paint pulls into strings and tears.',
  'doubt.mask': 'The liquid mask is not ready: cut now, it comes off in strings.',
  'doubt.next': 'It may come off {when}.',
  'evening.mask_stays': '{what} {when}: the liquid mask stays on until then.',
  'plan.wet_passed':
    '{what}: the wet window closed {due} and the tape is still on. Wait until the film is hard, score the edge, then pull; or put the pull on another time by hand.',
  'evening.wet_passed':
    '{what}: its wet window closed {due}. Decide tonight: leave it to harden and score it, or mend.',
  'evening.off_today': '{what}: still on the wall, pull planned {when}. Take it off, or put it on another day.',
  'evening.open': '{what}: planned for {when}, not ticked.',
  'evening.must_be_off': '{what}: off by {due}, before anybody goes home.',
  'evening.gun': '{what}: not planned before tonight. Paint dries in it overnight: clean it before anybody goes.',
  'evening.stays': '{what} {when}: safe, this tape may stay until {due}.',
  'evening.stays_long': '{what} {when}: safe, its stay ends later than the air is known.',
  'evening.stays_too_long': '{what} {when}: too late, this tape may stay only until {due}. Pull it sooner.',
  'evening.covers_stay': '{room}: {tape} holds its covers, and may stay until {due}.',
  'evening.covers_too_long': '{room}: {tape} holds its covers, and should have been off by {due}. Renew it.',
  'evening.first': '{when}: {what}',
  'why.dries': '{when}, {what}: until then {other} dries.',
  'why.after': '{when}, {what}: it follows {other}.',
  'why.crew': '{when}, {what}: until then the crew is at {other}.',
  'why.shared': '{when}, {what}: until then the gun or the tower is at {other}.',
  'why.mist': '{when}, {what}: until then {other} goes on in the same room, and nobody else works where a gun sprays.',
  'why.ready': '{when}, {what}: just before it sprays.',
  'why.way': '{when}, {what}: on the way from {other}.',
  'why.shift': '{when}, {what}: nobody is at work before, or what is left of the shift is too short.',
  'why.air': '{when}, {what}: before then the air would spoil the coat.',
  'why.release': '{when}, {what}: it must not begin before.',
  'why.now': '{when}, {what}: it begins at once.',
  'why.together': '{when}, {what}: without a break after {other}.',
  'why.by_hand': '{when}, {what}: put there by hand.',
  'why.free': '{when}, {what}: nothing keeps it from an earlier start.',
  'plan.no_air':
    '{room}, {step}: as far ahead as the air is known it is never fit for this coat. At {when}: {fault} {help}',
  'plan.no_air_tape': '{room}, {step}: as far ahead as the air is known no tape can go on. At {when}: {fault} {help}',
  'help.air_paint': 'These from the shelf could go on: {paints}.',
  'help.air_room': 'Heat and dry the room, and enter under Site what is held there.',
  'help.air_front': 'Wait for other weather, or put a heated shelter over it.',
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
  'plan.wet_face': 'The face is wet.',
  'plan.damp_ground':
    '{room}, {step}: {face} reads {reading} % on the meter and wants {limit} % or less. No coat is planned on it until it has dried and been read again.',
  'plan.cold_tape': 'Tape grips from {limit} °C; it is {temp} °C there.',
  'plan.near_dew': 'Faces are {margin} °C above dew point; {limit} °C is the least.',

  'step.coats': '{count, plural, one {One coat} other {# coats}}',
  'step.coats_last': 'Last coat',
  'step.coats_to_tape': '{count, plural, one {Up to the tape: one coat} other {Up to the tape: # coats}}',
  'change.spares': '{money} less',
  'change.becomes_safe': 'and something is safe',
  'tape.wide': '{tape} {width}',
  'round.name_whole': '{step}, all round',
  'round.name_part': '{step}, wall {walls}, part {part}',
  'round.name': '{step}, {count, plural, one {wall {walls}} other {walls {walls}}}',
  'task.of_round': '{room}, {round}: {acts}',
  'task.of_room': '{room}: {acts}',
  'task.of_step': '{room}, {step}: {acts}',

  // where a plan falls short, and what would help
  'miss.no_crew': 'Nobody works on {what}. Give its crew people and a shift.',
  'miss.never_ready':
    '{what} never begins: in this air what {before} left never dries. Warm or dry the air, or wait for other weather.',
  'miss.past_horizon': '{what} finds no time within {days} days. More shifts, or a second crew, would.',
  'miss.waits':
    '{room}: {count, plural, one {one more task has} other {# more tasks have}} no time either, because of that.',
  'work.nobody_practised':
    '{room}: a line is cut by hand there, and no crew has anybody practised. Tape it, or send somebody who can.',
  'work.lead':
    '{room}: making {faces} ready sands or scrapes old paint, and the house is from {year}: it may hold lead. Have it tested, work wet or with a stripper, or leave it to a licensed hand. Follow local codes.',
  'miss.not_published': 'Not published yet: {what}.',
  'miss.lost': '{what} is published for {due}, but the job no longer needs it. Publish the plan again.',
  'plan.person_away':
    '{person} is away until {until}. {crew} is planned without {person}: plan again when {person} is back.',
  'plan.person_away_why':
    '{person} is away until {until} ({why}). {crew} is planned without {person}: plan again when {person} is back.',
  'plan.room_left_out':
    '{room} is left out of the plan: something in its survey stops the planning ({why}). Undo the last change there.',
  'miss.before_time': '{what} at {start} comes before its time, {due}. Move it back.',
  'miss.outside_shift': '{what} at {start} lies outside the shifts of {crew}. Move it, or lengthen the shift.',
  'miss.wrong_length': '{what} at {start} has the wrong length by {minutes} min. Publish the plan anew.',
  'miss.broken_up': '{what} at {start} goes over a break and may not. Move it behind the break.',
  'miss.crew_twice': '{crew} is wanted in two places at {due}: {what}. Move one, or give it to another crew.',
  'miss.in_mist': '{what}: a gun sprays in {room} at {due}, and nobody works in its mist. One after the other.',
  'miss.resource_twice': '{thing} is wanted in two places at {due}: {what}. A second one, or one after the other.',
  'miss.on_the_way': '{what} at {start} comes {late} too soon: {crew} is still on the way from {before}. Move it back.',
  'miss.not_brought': '{what} at {start} comes {late} too soon: {thing} has still to be brought there. Move it back.',
  'miss.lag_short': '{what} at {start} comes {late} too soon after {before}. Move it back.',
  'miss.lag_long': '{what} at {start} comes {late} too late after {before}. Move both together.',
  'miss.pull_soon': '{what} at {start} comes {late} before its tape may come off. Move it back.',
  'miss.wet_overrun':
    '{what} at {start} ends {late} after the edge has skinned. Divide the round at a corner, an opening or a mark.',
  'miss.no_wet_span':
    '{what} at {start} has no wet span: the edge skins at {due}. Cooler or damper air, or a round divided at a corner, an opening or a mark.',
  'miss.wet_missed':
    '{what} misses its wet span, which shut at {due}, and comes off dry at {start}. Score the edge first.',
  'miss.pull_tacky':
    '{what} at {start} pulls tacky paint: the edge skinned at {due}. Pull before that, or once it is hard.',
  'miss.off_in_spray':
    '{what} starts {start}, but the room is sprayed until {due}: mist would land on what is uncovered. Spray to the end, then strip.',
  'miss.bare_floor':
    '{what} starts {start}, before this is done: {before}. It drips on the bare floor. Leave tape, paper and cloth until then.',
  'miss.filled_early':
    '{what} {start}: filled {late} before it sprays ({before}). The paint would set in it: fill it just before.',
  'miss.stood_filled':
    '{what} {start}: the gun has stood filled for {late} since it last sprayed ({before}). The paint sets in it: clean it between, or spray on.',
  'miss.sprayed_open':
    '{what} starts {start}, before this is done: {before}. Mist would land on what is open. Cover and mask the room first.',
  'miss.band_set':
    '{what} {start}: the line beside it has set by {due}, {late} before. A smooth band may show{mend, plural, =0 {} one { (about # min of rolling out)} other { (about # min of rolling out)}}: roll before the pull, make the rounds smaller, or start earlier.',
  'miss.past_stay':
    '{what} at {start} comes {late} too late: the tape had to be off by {due}. A tape that may stay longer, or a shift before then.',
} as const
