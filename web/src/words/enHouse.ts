/** Words of the house rules: each way with what speaks for it and against it. */
export const HOUSE_WORDS = {
  house: {
    title: 'House rules',
    edge: 'The edge',
    off: 'Taking it off',
    laying: 'Laying and coating',
    limits: 'Limits and money',
    for: 'For it',
    against: 'Against it',
    sealant: 'Sealant',
    sealDry: 'Dried seal before colour',
    stack: 'Barrier edge on texture',
    stackYes: 'sealed as well',
    stackNo: 'left to itself',
    panes: 'Many-paned glass',
    panesYes: 'liquid mask where it costs less',
    panesNo: 'taped',
    hand: 'Cutting by hand',
    handYes: 'somebody here has a proven hand',
    handNo: 'nobody yet',
    roller: 'Roller at the tape',
    rollerOver: 'over the edge',
    rollerOff: 'kept off; a band is brushed',
    runs: 'Long edges',
    band: 'Rolling out a metre of band',
    tin: 'Opening one more tin in a room',
    keepTitle: 'For new jobs',
    same: 'These are the rules new jobs begin with.',
    differs:
      '{n, plural, one {One rule differs from what new jobs begin with.} other {# rules differ from what new jobs begin with.}}',
    none: 'Nothing is kept for new jobs yet; they begin with the starter’s rules and shelf.',
    keep: 'Keep these and this shelf',
    take: 'Take the kept rules',
    kept: 'Kept for new jobs.',
    options: {
      'by-colour': 'white between whites, else clear',
      clear: 'clear always',
      touch: 'touch-dry',
      through: 'dry through',
      'one-run': 'one long run',
      'short-pieces': 'short pieces',
    },
    presses: { thumb: 'thumb', tool: 'tool', either: 'whichever costs less' },
    pulls: {
      wet: 'wet, before the edge skins',
      dry: 'dry, once it is hard',
      soonest: 'as soon as may be',
      either: 'whichever the film allows',
    },
    schools: {
      'wiped-sealant': {
        how: 'a thin bead, wiped almost off, coated and pulled while wet',
        for: 'Fills deep texture; suits paints with sheen.',
        against:
          'Bead and paint must both still be wet at the pull; leaves a rim on a full skim; flat paint cracks over an ordinary bead.',
      },
      'own-colour-seal': {
        how: 'the kept colour pushed under the tape, left to dry, then the new colour',
        for: 'What creeps under cannot be seen; the brush may go freely over it.',
        against: 'Somebody must hold that paint; thick globs glue the tape to the wall.',
      },
      'clear-glaze': {
        how: 'one quick clear pass, a quarter of an hour ahead of colour',
        for: 'One tin does for every colour in the room.',
        against: 'One pass more, and a little shine where it is put on thick.',
      },
      'barrier-edge': {
        how: 'a tape edge that gels in water-based paint, and nothing else',
        for: 'No sealing step; crisp on smooth and lightly textured faces.',
        against: 'Dust stops it, deep texture beats it, solvent paint does not set it off; dearer.',
      },
      'press-only': {
        how: 'pressed hard, nothing more',
        for: 'The least work; enough on glass and smooth faces.',
        against: 'Bleeds on any texture under a brush.',
      },
      'plain-sprayed': {
        how: 'plain tape under a gun, which lays paint on without pressing',
        for: 'Practically no bleed on smooth hard faces, at the lowest price.',
        against: 'Only where the gun paints; rough block still wants a seal.',
      },
      'liquid-mask': {
        how: 'brushed or sprayed on glass, cut round when the paint is dry, peeled',
        for: 'Many panes in the time tape does one or two; a neat edge.',
        against: 'Glass only, and not textured glass; a thin coat comes off in strings; the doors wait a day.',
      },
      freehand: {
        how: 'no tape: a steady brush',
        for: 'Nothing to lay or pull; quick along ceilings and between close colours.',
        against: 'Takes years to learn; straight trim shows every waver; a brushed band beside a rolled field.',
      },
    },
    pullViews: {
      wet: {
        for: 'The film parts softly and leaves no teeth.',
        against: 'A round has to fit between the first stroke and the skin.',
      },
      dry: {
        for: 'No hurry; flat, thin films snap cleanly.',
        against: 'Sheen stretches and wants scoring; a dried bead tears the film.',
      },
      soonest: {
        for: 'Tape endangers young paint below it: the less time, the better.',
        against: 'As wet, without the choice.',
      },
      either: {
        for: 'Where no thick film joins tape and wall, timing hardly matters.',
        against: 'A house of two habits: who pulls has to look at the board.',
      },
    },
    switches: {
      sealAlways: [
        'Every edge: insurance, a sealed edge forgives.',
        'Where needed: no time spent on edges that would not bleed.',
      ],
      stackSeals: ['Sealed as well: two closures on deep texture.', 'Left to itself: half the price of the edge.'],
      sealantColour: [
        'Clear: no white rim in the tape’s shadow.',
        'White: shrinks less, and is cheaper between whites.',
      ],
      sealDry: ['Dry through: nothing can be pushed on under a brush.', 'Touch-dry: colour follows hours sooner.'],
      press: ['Tool: a harder, evener edge.', 'Thumb: no scratches, a little faster.'],
      holdFirstCoat: ['Held off: less film to part from the tape.', 'Both coats onto it: no second look at the line.'],
      rollOverEdge: ['Over it: no band that catches the light.', 'Kept off: no roller presses paint under.'],
      runs: ['One run: the truest line.', 'Pieces: easier to true up by eye, for a lap each.'],
      liquidOnPanes: [
        'Mask: a can beats tape by far on many panes.',
        'Tape: the panes need not wait a day for the blade.',
      ],
      provenHand: ['By hand: no tape at all where contrast is low.', 'Tape: learnt in weeks, a free line in years.'],
    },
  },
} as const
