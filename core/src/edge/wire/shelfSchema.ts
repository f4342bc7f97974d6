import {
  BACKINGS,
  COVER_KINDS,
  EDGES,
  HAND_TOOL_KINDS,
  PENCIL_HARDNESSES,
  LIQUID_HOWS,
  MARKS,
  SHEENS,
  TEARINGS,
  TOUGHNESS,
  WEATHERS,
} from '../../base/nouns'
import { decimal, exact, flag, id, list, oneOf, text, wholeNumber } from './fields'

const MONEY = () => wholeNumber(0, 100_000_000)

const tape = exact({
  id: id(),
  name: text(),
  gripN25: decimal(0.1, 50),
  edge: oneOf(EDGES),
  backing: oneOf(BACKINGS),
  thickUm: wholeNumber(10, 2000),
  bendTimes: decimal(1, 1000),
  stayDays: decimal(0.1, 400),
  sunStayDays: decimal(0.1, 400),
  dye: flag(),
  tough: oneOf(TOUGHNESS),
  tears: oneOf(TEARINGS),
  holdsIn: oneOf(WEATHERS),
  rollLengthMm: wholeNumber(1000, 1_000_000),
  rolls: list(
    exact({
      widthMm: wholeNumber(3, 300),
      priceMinor: MONEY(),
      packOf: wholeNumber(1, 1000),
      packPriceMinor: MONEY(),
      stockMm: wholeNumber(0, 100_000_000),
    }),
    1,
  ),
  retired: flag(),
  defaults: list(text(40), 0, 40),
  mark: oneOf(MARKS),
})

const coating = exact({
  id: id(),
  name: text(),
  sheen: oneOf(SHEENS),
  base: oneOf(['water', 'solvent'] as const),
  primer: flag(),
  openMin: decimal(1, 1440),
  touchDryMin: decimal(1, 10_000),
  recoatMin: decimal(1, 50_000),
  hardDryMin: decimal(1, 100_000),
  filmFormingC: decimal(-20, 40),
  maxC: decimal(0, 80),
  maxRh: decimal(1, 100),
  spreadM2PerL: decimal(0.5, 100),
  priceMinorPerL: MONEY(),
  restPas: decimal(0.0001, 100_000),
  shearedPas: decimal(0.0001, 1000),
  surfaceNm: decimal(0.001, 0.1),
  retired: flag(),
  defaults: list(text(40), 0, 40),
  mark: oneOf(MARKS),
})

const cover = exact({
  id: id(),
  name: text(),
  kind: oneOf(COVER_KINDS),
  widthMm: wholeNumber(50, 20_000),
  lengthMm: wholeNumber(50, 1_000_000),
  gramsPerM2: decimal(1, 5000),
  priceMinor: MONEY(),
  reusable: flag(),
  owned: wholeNumber(0, 10_000),
  retired: flag(),
})

const sealant = exact({
  id: id(),
  name: text(),
  colour: oneOf(['clear', 'white'] as const),
  skinMin: decimal(1, 1440),
  shrinkPct: decimal(0, 90),
  paintAtOnce: flag(),
  metresPerTube: decimal(1, 1000),
  priceMinor: MONEY(),
  retired: flag(),
  mark: oneOf(MARKS),
})

const glaze = exact({
  id: id(),
  name: text(),
  litres: decimal(0.05, 25),
  spreadM2PerL: decimal(0.5, 100),
  touchDryMin: decimal(1, 1440),
  throughMin: decimal(1, 10_000),
  priceMinor: MONEY(),
  retired: flag(),
  defaults: list(text(40), 0, 40),
  mark: oneOf(MARKS),
})

const liquid = exact({
  id: id(),
  name: text(),
  how: oneOf(LIQUID_HOWS),
  spreadM2: decimal(0.1, 100),
  clearMin: decimal(1, 1440),
  cutAfterH: decimal(0, 240),
  yellows: flag(),
  priceMinor: MONEY(),
  retired: flag(),
  defaults: list(text(40), 0, 40),
  mark: oneOf(MARKS),
})

const handTool = exact({
  id: id(),
  name: text(),
  kind: oneOf(HAND_TOOL_KINDS),
  widthMm: wholeNumber(0, 5000),
  airMs: decimal(0, 50),
  reachMm: wholeNumber(0, 5000),
  offMmPerM: decimal(0, 20),
  hardness: oneOf(PENCIL_HARDNESSES),
  count: wholeNumber(0, 10_000),
  retired: flag(),
  defaults: list(text(40), 0, 40),
  mark: oneOf(MARKS),
})

export const shelfSchema = exact({
  tapes: list(tape, 0, 500),
  coatings: list(coating, 0, 500),
  covers: list(cover, 0, 500),
  sealants: list(sealant, 0, 500),
  glazes: list(glaze, 0, 100),
  liquids: list(liquid, 0, 100),
  tools: list(handTool, 0, 500),
  remnants: list(exact({ id: id(), coverId: id(), lengthMm: wholeNumber(1, 1_000_000) }), 0, 500),
  articles: list(
    exact({ id: text(200), supplier: text(80), number: text(80), leadDays: wholeNumber(0, 100) }),
    0,
    3000,
  ),
})
