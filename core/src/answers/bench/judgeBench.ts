import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { nth, sure } from '../../base/units/sure'
import { decimals, type Coating, said, type Said, type Sealant, type Shelf, word, figureOf } from '../../base/nouns'
import { cureClock, stayClock } from '../../nature/cure/clocks'
import { dryRateOf, filmClockOf, paintClocks, surfaceClockOf } from '../../nature/cure/paintClocks'
import { type AirPoint, type AirSeries } from '../../nature/air/airSeries'
import { faceAtRestC } from '../../nature/air/faceHeat'
import { skyTempC, solarHour } from '../../nature/air/nightSky'
import { absorptance, sunOnFaceWm2, sunPosition } from '../../nature/air/sun'
import { aboveDewC, DEW_MARGIN, dewPointC } from '../../nature/air/vapour'
import { coatingOf, sealantOf, tapeOf } from '../../survey/shelf/find'
import { sequenceWindows, type SequenceCoat } from '../../nature/cure/coatSequence'
import { filmOf } from '../../nature/cure/film'
import { spanAt, type PullSpan, type SpanKind } from '../../nature/cure/pullWindow'
import { gainedBetween, rateAt } from '../../nature/cure/rateClock'
import { lightness, visibility } from '../../survey/rooms/contrast'
import { bleedSize } from '../../nature/risk/bleedSize'
import { closedGapUm, criticalGapUm, meanGapUm, type EdgeSetup } from '../../nature/risk/bleed'
import { crackPerMetre } from '../../nature/risk/crack'
import { builtGripN25, holdN25, liftPerMetre, pullFactor, type KeepFinish } from '../../nature/risk/lift'
import { Z90, type Estimate } from '../../nature/risk/normal'
import { drawnParameters, withDoubt } from '../../nature/risk/drawn'
import { offBy, residuePerMetre, stayDaysOf, stayUsed } from '../../nature/risk/residue'
import { tearPerMetre, type FilmAtPull } from '../../nature/risk/tear'
import type { BenchSetup } from './benchSetup'

export const RISKS = ['bleed', 'lift', 'tear', 'residue', 'crack'] as const
export type RiskName = (typeof RISKS)[number]

/** One risk per metre with its interval and what decides it. Bleed is a count, the others are chances. */
export interface JudgedRisk {
  readonly name: RiskName
  readonly perMetre: Estimate
  readonly decides: Said
}

export interface BenchAnswer {
  readonly risks: readonly JudgedRisk[]
  readonly spans: readonly PullSpan[]
  readonly pulledAt: number
  /** The span the pull falls in. */
  readonly pullSpan: SpanKind
  readonly faceC: number
  readonly aboveDewC: number
  readonly dewOk: boolean
  readonly meanGapUm: number
  readonly criticalGapUm: number
  readonly closedGapUm: number
  readonly stayUsed: number
  /** Visibility of a defect between the two colours; 1 at strong contrast. */
  readonly visibility: number
}

const HOURS_BEFORE = 24 * 42
const HOURS_AFTER = 24 * 4

/** The air of a setup, hour by hour: steady, with the sun's warmth on the face while it is up. */
export function benchAir(setup: BenchSetup): AirSeries {
  const base: AirPoint = { tempC: setup.tempC, rh: setup.rh, windMs: setup.windMs }
  const { sun } = setup
  if (!sun) return { startMin: 0, hours: [base] }
  const startMin = Math.floor(setup.coatedAt / 60) * 60 - 60 * HOURS_BEFORE
  const absorbs = absorptance(lightness(setup.coatSwatch))
  const dewC = dewPointC(setup.tempC, setup.rh)
  const hours = Array.from({ length: HOURS_BEFORE + HOURS_AFTER }, (_, i) => {
    const at = startMin + 60 * i + 30
    const faceC = faceAtRestC({
      tempC: setup.tempC,
      skyC: skyTempC(setup.tempC, dewC, sun.cloud, solarHour(at, sun.lonDeg)),
      windMs: setup.windMs,
      sunWm2: sunOnFaceWm2(sunPosition(at, sun.latDeg, sun.lonDeg), sun.facingDeg, sun.cloud),
      absorbs,
    })
    return { ...base, faceC }
  })
  return { startMin, hours }
}

/** The edge of a setup as the bleed model sees it. */
export function benchEdge(setup: BenchSetup, shelf: Shelf): EdgeSetup {
  const tape = tapeOf(shelf, setup.tapeId)
  return {
    texture: setup.texture,
    dusty: setup.dusty,
    edge: tape.edge,
    backing: tape.backing,
    gripN25: tape.gripN25,
    pressing: setup.pressing,
    seal: setup.seal,
    stroke: setup.stroke,
    openGrain: setup.soundness === 'bare-wood',
    hand: setup.hand,
    thickUm: tape.thickUm,
    onMin: setup.laidBeforeMin,
    laidAtC: setup.tempC,
    wiped: setup.wiped,
    filmShare: setup.filmShare,
    dryRate: dryRateOf(coatingOf(shelf, setup.coatingId), { tempC: setup.tempC, rh: setup.rh, windMs: setup.windMs }),
    coating: coatingOf(shelf, setup.coatingId),
  }
}

/**
 * What a setup does: all risks as figures, the pull window, and what decides each.
 * @throws CoreError catalogue.unknown for things not on the shelf
 */
export function judgeBench(setup: BenchSetup, shelf: Shelf, parameters: Parameters = DEFAULT_PARAMETERS): BenchAnswer {
  const { judged, ...answer } = judgedOf(setup, shelf, parameters)
  return { ...answer, risks: risksOf(judged, parameters) }
}

/** The same, with the span of every risk that holds nine of ten of what it would be, were all figures as far off as they may be. */
export function judgeWithDoubt(
  setup: BenchSetup,
  shelf: Shelf,
  parameters: Parameters = DEFAULT_PARAMETERS,
): BenchAnswer {
  const { judged, ...answer } = judgedOf(setup, shelf, parameters)
  const under = new Map(drawnParameters(parameters).map((by) => [by, risksOf(judged, by)]))
  const risks = risksOf(judged, parameters).map((risk, i) => ({
    ...risk,
    perMetre: withDoubt(parameters, (by) => (under.get(by)?.[i] ?? risk).perMetre.mean),
  }))
  return { ...answer, risks }
}

function judgedOf(
  setup: BenchSetup,
  shelf: Shelf,
  parameters: Parameters,
): Omit<BenchAnswer, 'risks'> & { readonly judged: Judged } {
  const tape = tapeOf(shelf, setup.tapeId)
  const coating = filmOf(coatingOf(shelf, setup.coatingId), setup.filmShare)
  const sealant = setup.seal === 'wiped-sealant' && setup.sealantId ? sealantOf(shelf, setup.sealantId) : null
  const air = benchAir(setup)
  const edge = benchEdge(setup, shelf)
  const stay = stayClock(air)
  const stayDays = stayDaysOf(tape, setup.sun !== null)
  const laidAt = setup.coatedAt - setup.laidBeforeMin
  const pulledAt = setup.coatedAt + setup.pullAfterMin
  const keepCoatedAt = setup.ageDays === null ? null : laidAt - setup.ageDays * 1440
  const finish: KeepFinish = {
    soundness: setup.soundness,
    tool: setup.keepTool,
    crossCut: setup.crossCut,
    // The pull tries the finish, so it is as old as the pull.
    ageRefMin:
      keepCoatedAt === null ? null : gainedBetween(cureClock(air, coating.filmFormingC), keepCoatedAt, pulledAt),
  }
  const paint = paintClocks(air)
  const spans = sequenceWindows(
    {
      drying: paint(surfaceClockOf(coating)),
      hardening: paint(filmClockOf(coating)),
      beadDrying: paint('drying'),
    },
    coatsOf({ setup, coating, sealant, air, parameters }),
    offBy(stay, stayDays, laidAt),
  )
  const span = spanAt(spans, pulledAt)?.kind ?? 'too-wet'
  const used = stayUsed(stay, stayDays, laidAt, pulledAt)
  const now = air.hours.length === 1 ? nth(air.hours, 0) : sure(air.hours[HOURS_BEFORE])
  const faceC = now.faceC ?? now.tempC
  const margin = aboveDewC(faceC, setup.tempC, setup.rh)
  return {
    spans,
    pulledAt,
    pullSpan: span,
    faceC,
    aboveDewC: margin,
    dewOk: margin >= DEW_MARGIN.value,
    meanGapUm: meanGapUm(edge, parameters),
    criticalGapUm: criticalGapUm(edge, parameters),
    closedGapUm: closedGapUm(edge, parameters),
    stayUsed: used,
    visibility: visibility(setup.keepSwatch, setup.coatSwatch),
    judged: { setup, edge, tapeGripN25: tape.gripN25, stayDays, sealant, coating, finish, span, used },
  }
}

/** What the risks of one setup are judged from. */
interface Judged {
  readonly setup: BenchSetup
  readonly edge: EdgeSetup
  readonly tapeGripN25: number
  readonly stayDays: number
  readonly sealant: Sealant | null
  readonly coating: Coating
  readonly finish: KeepFinish
  readonly span: SpanKind
  readonly used: number
}

function risksOf(judged: Judged, parameters: Parameters): JudgedRisk[] {
  const { setup, edge, sealant, coating, finish, span, used } = judged
  const manner = { foldDeg: setup.foldDeg, speed: setup.speed }
  const gripN25 = builtGripN25(judged.tapeGripN25, used * judged.stayDays * 1440, parameters)
  const film: FilmAtPull = span === 'dry' || span === 'past' ? 'dry' : span === 'tacky' ? 'tacky' : 'wet'
  const tear = tearPerMetre({
    sheen: coating.sheen,
    seal: setup.seal,
    film,
    scored: setup.scored,
    skins: setup.earlierCoats,
    parameters,
  })
  return [
    {
      name: 'bleed',
      perMetre: bleedSize(edge, parameters).lengthMm,
      decides: said('bench.bleed', {
        gap: mm(meanGapUm(edge, parameters)),
        shut: mm(closedGapUm(edge, parameters)),
        texture: word('texture', setup.texture),
      }),
    },
    {
      name: 'lift',
      perMetre: liftPerMetre(gripN25, finish, parameters, manner),
      decides: said('bench.lift', {
        load: figureOf(gripN25 * pullFactor(manner, parameters)),
        hold: figureOf(holdN25(finish, parameters)),
      }),
    },
    {
      name: 'tear',
      perMetre: spread(tear, TEAR_SPREAD),
      decides: said('bench.tear', {
        film: word('span', span),
        sheen: word('sheen', coating.sheen),
        scored: word('scored', setup.scored ? 'yes' : 'no'),
      }),
    },
    {
      name: 'residue',
      perMetre: residue(used, parameters),
      decides: said('bench.residue', { used: figureOf(used * 100), label: judged.stayDays }),
    },
    {
      name: 'crack',
      perMetre: spread(crackPerMetre(sealant, coating.sheen, parameters), TEAR_SPREAD),
      decides: sealant
        ? said('bench.crack', { shrink: sealant.shrinkPct, sheen: word('sheen', coating.sheen) })
        : said('bench.no_bead'),
    },
  ]
}

interface CoatsSetup {
  readonly setup: BenchSetup
  readonly coating: Coating
  readonly sealant: Sealant | null
  readonly air: AirSeries
  readonly parameters: Parameters
}

/** The coats on the tape, first to last; earlier ones went on a recoat time apart in the air of the last. */
function coatsOf({ setup, coating, sealant, air, parameters: { work } }: CoatsSetup): SequenceCoat[] {
  const film = paintClocks(air)(filmClockOf(coating))
  const rate = rateAt(film, setup.coatedAt)
  // In air that dries nothing no earlier coat can have gone before.
  const count = rate > 0 ? setup.earlierCoats : 0
  const apart = rate > 0 ? coating.recoatMin / rate : 0
  const ofPaint = { coating, settleShare: work.settleShare.value }
  return Array.from({ length: count + 1 }, (_, i) => {
    const at = setup.coatedAt - (count - i) * apart
    // A bead is wiped just ahead of the last coat.
    const bead = i === count ? sealant : null
    return { ...ofPaint, coatedFrom: at, coatedTo: at, sealant: bead, sealedAt: bead && at - BEAD_AHEAD_MIN }
  })
}

/** Minutes from wiping the bead to the coat. From memory. */
const BEAD_AHEAD_MIN = 5

const mm = (um: number) => decimals(um / 1000, 3)

/** How far chances of tearing and cracking may be off (log odds). From memory. */
const TEAR_SPREAD = 0.6

/** An interval round a chance, even on both sides in log odds. */
function spread(mean: number, sigma: number): Estimate {
  if (mean <= 0 || mean >= 1) return { mean, low: mean, high: mean }
  const odds = mean / (1 - mean)
  const at = (shift: number) => (odds * Math.exp(shift)) / (1 + odds * Math.exp(shift))
  return { mean, low: at(-Z90 * sigma), high: at(Z90 * sigma) }
}

/** Stay clocks may be off by a quarter either way. From memory. */
const residue = (used: number, by: Parameters): Estimate => ({
  mean: residuePerMetre(used, by),
  low: residuePerMetre(used / 1.25, by),
  high: residuePerMetre(used * 1.25, by),
})
