import { known, word, type Known, type Prep, type Skill, type Tape } from '../nouns'

const guess = (value: number, unit: string, source: string): Known =>
  known(value, unit, 'from-memory', word('source', source))

/** What decides of minutes and material beyond the house's own rates. */
export interface WorkParameters {
  /** Share of a tool's pressing time that a thumb takes. */
  readonly thumbShare: Known
  /** How many times longer a painter of a skill takes than a practised one. */
  readonly skillFactor: Readonly<Record<Skill, Known>>
  /** Setting a gun up for a step, and cleaning it after, min. */
  readonly gunSetUpMin: Known
  readonly gunCleanMin: Known
  /** Making a face ready, min/m²: by what has to be done. */
  readonly prepMinPerM2: Readonly<Record<Exclude<Prep, 'dust'>, Known>>
  /** The same for one side of a door, min. */
  readonly prepMinPerSide: Readonly<Record<Exclude<Prep, 'dust'>, Known>>
  /** At marked places, min/m, and for one at least, min: filling and sanding it, scraping what flakes, sealing a gap. */
  readonly fillMinPerM: Known
  readonly scrapeMinPerM: Known
  readonly sealGapMinPerM: Known
  readonly spotMin: Known
  /** Looking over primer and mending what it shows, min/m² or a side. */
  readonly lookOverMin: Known
  /** Reference minutes until filler is sanded. */
  readonly filledMin: Known
  /** Sheets, signs and cleaning where old paint that may hold lead is worked on, min for a room. */
  readonly leadMin: Known
  /** Days between the wash of a front and its first tape or coat. */
  readonly washDryDays: Known
  /** Reference minutes until a primed face, and one washed or degreased inside, takes tape or coat. */
  readonly primedMin: Known
  readonly washedMin: Known
  /** Marking and levelling a line, min/m, and checking once that it closes, min. */
  readonly markMinPerM: Known
  readonly closeMin: Known
  /** Looking along lines in raking light, min/m. */
  readonly lookMinPerM: Known
  /** How many times as long over a metre that a beginner may have laid or cut. */
  readonly beginnerLook: Known
  /** Tape in one tack, mm, and distance between tacks along a cover's outer edge, mm. */
  readonly tackTapeMm: Known
  readonly outerTackMm: Known
  /** What a gun puts on and beside a face, against what a roller puts on it. */
  readonly gunPaintShare: Known
  /** Width of a seal's pass along the edge, m; minutes for one tack. */
  readonly sealPassM: Known
  readonly tackMin: Known
  /** More minutes for each cut of a tape that does not tear straight by hand. */
  readonly cutMin: Readonly<Record<Tape['tears'], Known>>
  /** Places a mender touches on a metre at most, and the length and area of bleed at which most of them are reached. */
  readonly mendPlacesPerM: Known
  readonly mendLengthMm: Known
  readonly mendAreaMm2: Known
  /** Bagging a lantern or a tap, min each. */
  readonly bagMin: Known
  /** Carrying a piece of furniture to the middle of the room, or back, min each. */
  readonly gatherMin: Known
  /** Share of a fault's mending on glass, and of faults seen under a skirting. */
  readonly glassMendShare: Known
  readonly tuckedShare: Known
  /** Putting down the brush, taking up the roller and back, for one round more. */
  readonly roundMin: Known
  /** Share of the wet window a round may plan to use, and of open time in which a fresh edge still runs. */
  readonly wetMargin: Known
  readonly settleShare: Known
  /** How long the first coat on a ground that drinks stays open, as a share of its time on paint. */
  readonly drunkShare: Known
  /** Share of a tape's grip that holds in shear; pull of air on loose film, N per (m/s)² and m². */
  readonly holdShareOfGrip: Known
  readonly airPull: Known
}

export const WORK: WorkParameters = {
  thumbShare: guess(0.8, '', 'share-of-the-time-a-tool-takes'),
  skillFactor: {
    beginner: guess(1.9, '', 'a-beginner-against-a-practised-hand'),
    practised: guess(1, '', 'reference'),
  },
  gunSetUpMin: guess(15, 'min', 'set-up-and-clean-up-take-20-to-40'),
  gunCleanMin: guess(15, 'min', 'set-up-and-clean-up-take-20-to-40'),
  prepMinPerM2: {
    wash: guess(0.8, 'min/m²', 'a-wide-brush-and-a-rinse'),
    degrease: guess(1, 'min/m²', 'a-cloth-and-a-rinse'),
    fill: guess(1.5, 'min/m²', 'a-few-holes-a-square-metre'),
    sand: guess(1.5, 'min/m²', 'a-pole-sander-or-a-block'),
    prime: guess(3, 'min/m²', 'as-rolling-a-wall'),
  },
  prepMinPerSide: {
    wash: guess(1.5, 'min', 'a-cloth-and-a-rinse'),
    degrease: guess(2, 'min', 'a-cloth-and-a-rinse'),
    fill: guess(2, 'min', 'dents-and-old-handle-holes'),
    sand: guess(5, 'min', 'faces-edges-and-moulding-by-hand'),
    prime: guess(6, 'min', 'as-a-coat-of-a-cabinet-door'),
  },
  fillMinPerM: guess(4, 'min/m', 'opened-filled-and-struck-off'),
  scrapeMinPerM: guess(6, 'min/m', 'until-the-edge-holds'),
  sealGapMinPerM: guess(0.7, 'min/m', 'a-bead-run-and-smoothed'),
  spotMin: guess(1.5, 'min', 'one-place-with-its-tools'),
  lookOverMin: guess(0.4, 'min', 'primer-shows-what-is-left'),
  filledMin: guess(90, 'min', 'light-filler-sands-in-one-to-two-hours'),
  leadMin: guess(60, 'min', 'sheets-down-signs-up-wet-cleaning-after'),
  washDryDays: known(3, 'd', 'common-practice', word('source', 'caulk-and-wash-about-three-days-before')),
  primedMin: guess(240, 'min', 'as-a-wall-paint-is-coated-over'),
  washedMin: guess(60, 'min', 'a-wiped-wall-is-dry-in-an-hour'),
  markMinPerM: guess(0.6, 'min/m', 'marks-each-arms-length-two-people-with-a-level'),
  closeMin: guess(10, 'min', 'once-round-and-back'),
  lookMinPerM: guess(0.1, 'min/m', 'a-slow-walk-with-a-lamp'),
  beginnerLook: guess(2, '', 'more-to-find-where-a-beginner-was'),
  tackTapeMm: guess(100, 'mm', 'a-hand-wide'),
  outerTackMm: known(600, 'mm', 'common-practice', word('source', 'fits-tacks-about-every-60-cm-under')),
  gunPaintShare: guess(1.2, '', 'a-fifth-is-lost-as-mist'),
  sealPassM: guess(0.025, 'm', 'a-sash-brush-along-the-edge'),
  tackMin: guess(0.15, 'min', 'nine-seconds-from-the-roll'),
  cutMin: {
    'by-hand': guess(0, 'min', 'reference'),
    'in-slivers': guess(0.05, 'min', 'a-blade-for-every-cut'),
    'by-blade': guess(0.1, 'min', 'a-blade-for-every-cut'),
  },
  mendPlacesPerM: guess(10, '/m', 'then-the-whole-line-is-cut-anew'),
  mendLengthMm: guess(60, 'mm', 'one-touch-mends-6-mm'),
  mendAreaMm2: guess(200, 'mm²', 'wide-runs-take-a-second-touch'),
  bagMin: guess(1.5, 'min', 'a-bag-gathered-and-taped-behind'),
  gatherMin: guess(3, 'min', 'two-lift-it-across-half-a-room'),
  glassMendShare: guess(0.2, '', 'a-blade-mends-glass-fast'),
  tuckedShare: guess(0.0005, '', 'the-skirting-hides-the-edge'),
  roundMin: guess(2, 'min', 'brush-down-roller-up-and-back'),
  wetMargin: guess(0.8, '', 'keeps-a-fifth-of-the-window-in'),
  settleShare: guess(0.08, '', 'a-minute-or-two-for-wall-paint'),
  drunkShare: guess(0.7, '', 'a-bare-ground-takes-water-out-of-the-first-coat'),
  holdShareOfGrip: known(0.04, '', 'common-practice', word('source', 'fits-tacks-about-every-60-cm-under')),
  airPull: guess(0.35, 'N·s²/m⁴', 'half-air-density-times-a-flapping-coefficient'),
}
