/** What other workspaces may use of the core, in the order of the chain. Files have the rest for themselves. */
export { type Coded } from './units/errors'
export { EXPECTATIONS, type Fault, type Place } from './units/faults'
export { groupedBy } from './units/groupedBy'
export { formatLength, formatRun, parseMm, UNIT_SYSTEMS, type UnitSystem } from './units/length'
export { PEEL_UNITS, type PeelUnit } from './units/peel'
export { seededNumbers, seedOf } from './units/seeded'
export { checkZone, formatInstant, fromLocal, MIN_PER_DAY, parseInstant, toLocal } from './units/time'
export {
  actOf,
  type Band,
  BAND_KINDS,
  BREATHER_KINDS,
  coatOf,
  type Constant,
  CoreError,
  type CoreErrorCode,
  type Crew,
  type Drive,
  type EdgeKey,
  edgeOfHem,
  type ErrorFacts,
  type Face,
  face,
  FACE_SCOPES,
  type Fact,
  FANS,
  type Facts,
  listed,
  type Fitting,
  FITTING_KINDS,
  FITTING_SCOPES,
  type FootStretch,
  type Glazing,
  type HandHem,
  type HeldAir,
  type HemChoice,
  type HemId,
  type HouseRules,
  type HouseWay,
  isFace,
  type Job,
  JOB_VERSION,
  type KitKind,
  known,
  type LastCoat,
  LINE_WAYS,
  type LogEvent,
  MATERIALS,
  type Opening,
  OPENING_KINDS,
  type OpeningKind,
  type OutdoorHour,
  type OutsideAir,
  type PaintStep,
  type Piece,
  type PlaceName,
  PIECE_KINDS,
  PLAN_GOALS,
  type PieceKind,
  type PlanChange,
  type PlanGoal,
  type Planning,
  PREPS,
  PRESS_RULES,
  PRESSINGS,
  type PublishedPlan,
  FIELD_ORDERS,
  type Hold,
  HOUSE_WAYS,
  PULL_OPINIONS,
  readEdge,
  readFace,
  readSubject,
  type Room,
  RUBS,
  RUN_WAYS,
  type Said,
  type School,
  SCHOOLS,
  SEAL_DRYNESS,
  SEALANT_COLOURS,
  SEALS,
  SHEENS,
  type Shelf,
  type Shift,
  type Site,
  type SiteAir,
  SKILLS,
  SOUNDNESS,
  STROKES,
  TARGET_GROUPS,
  type Texture,
  TEXTURES,
  thingOf,
  TOOLS,
  type TopPoint,
  type Wall,
  wholeEdge,
  WINDOWS,
  writeEdge,
  writeHem,
  writeSubject,
  USUAL_PLANNING,
  UNSAID,
} from './ground'
export { faceAreaMm2, skirtingMm } from './survey/areas'
export { closeOutline } from './survey/closeOutline'
export {
  coatsBelow,
  faceKeys,
  faceName,
  faceOf,
  facesOfStep,
  groupOf,
  hasFace,
  lastCoatOf,
  scopeOf,
  stepOf,
  stepsOf,
  swatchBelow,
} from './survey/faces'
export { panesOf } from './survey/glazing'
export { coatsToHide } from './survey/hiding'
export { STARTER_HOUSE } from './survey/houseDefaults'
export { leadRisk } from './survey/lead'
export { inOrder, ORDER_PRESETS, orderFaults } from './survey/orders'
export {
  closingGapMm,
  type Leg,
  moveCorner,
  outlineAreaMm2,
  type PlanPoint,
  resizeWall,
  traceOutline,
} from './survey/outline'
export { copyRoom, mirrorRoom } from './survey/roomOps'
export {
  type ElevationAnswers,
  newElevation,
  newRoom,
  OUTLINE_TEMPLATES,
  USUAL_FACES,
  USUAL_SIZES,
  wallName,
} from './survey/roomTemplate'
export { SPREAD_RATIO, spreadClosure } from './survey/spreadClosure'
export { highestMm, topLine } from './survey/wallTop'
export { type CellValue, type Column, readCell, readRow, type ShelfRow, writeCell } from './catalogue/columns'
export { coatingOf, coverOf, liquidOf, tapeOf } from './catalogue/find'
export { minorDigits } from './units/currency'
export { readRatesCsv, readShelfCsv, writeRatesCsv, writeShelfCsv } from './catalogue/shelfCsv'
export { SHELF_COLUMNS, SHELF_KINDS, type ShelfKind, shelfRows, withShelfRows } from './catalogue/shelfTables'
export { STARTER_SHELF } from './catalogue/starterShelf'
export { RATE_COLUMNS, rateRows, ratesOfRows } from './catalogue/tables/ratesTable'
export { readAirCsv, writeAirCsv } from './air/airCsv'
export { workStretches } from './calendar/calendar'
export { airAt, type AirSeries } from './air/airSeries'
export { skyBetween, type SkyStretch } from './air/sky'
export { areaAir } from './air/areaAir'
export { roomAir } from './air/siteAir'
export { aboveDewC, DEW_MARGIN, dewPointC } from './air/vapour'
export { madeUpHours, standInWeather, type WeatherProvider } from './air/weather'
export { dryingRate } from './cure/clocks'
export { type PullSpan, spanAt, type SpanKind } from './cure/pullWindow'
export { rowSplits } from './hems/byHand'
export { type BareEdge, deriveHems, type Hem } from './hems/deriveHems'
export { type EdgeSegment } from './hems/edge'
export { closedGapUm, type EdgeSetup, meanGapUm } from './risk/bleed'
export { type Estimate, Z90 } from './risk/normal'
export { crewSpeed } from './calendar/calendar'
export { compareSchools, type SchoolOutcome } from './recipes/compareSchools'
export { jobRecipes } from './recipes/jobRecipes'
export { type Layer } from './recipes/layer'
export {
  type CostParts,
  type NoRecipe,
  type OtherWay,
  type Recipe,
  type RecipeAnswer,
  type RuledOut,
} from './recipes/recipe'
export { recipeRestsOn } from './recipes/recipeRestsOn'
export { type Setting } from './recipes/setting'
export { whatWouldChange, type WouldChange } from './recipes/whatWouldChange'
export { chooseKit } from './kit/chooseKit'
export { type JobKit, jobKit, type JobKitPoint } from './kit/jobKit'
export { type SupplyLine } from './load/supplies'
export { type Load, takeLoad } from './load/takeLoad'
export { isThrough, TICK_OF } from './progress/activityProgress'
export { foldLog, type HemState, type LogState, UNTOUCHED } from './progress/hemStates'
export { placeFirst } from './plan/placeFirst'
export { type PlacedTask, type Placement } from './plan/placement'
export { type PullPlan } from './windows/pullPlans'
export { asBegun } from './published/asBegun'
export { planChanges, publishedTasks } from './published/planChanges'
export { planAnyway } from './chain/planAnyway'
export { tickDoubts, type TickAsked } from './chain/tickDoubts'
export { type Plan, planJob, planWithProblem, problemOf } from './chain/planJob'
export { type Chances, chancesOf } from './chance/chances'
export type { EventOrigin } from './ground/log'
export { asTagCode, TAG_SIGNS, tagCodes } from './published/tagCodes'
export { type HemPicture, picturesOf } from './progress/pictures'
export { type CoverLine, coverRegister, type DayClosed, daysClosed } from './progress/coverRegister'
export { readHem } from './ground/hemId'
export { boundedClock, clockMs, isTooFarAhead, laterClock, nextClock, type HybridClock } from './units/hybridClock'
export { type Edit, type FactChange, fieldOf } from './edits/edit'
export { applyEdits, valueAt } from './edits/applyEdits'
export { backOf } from './edits/backOf'
export { changesBetween } from './edits/changesBetween'
export { expects } from './units/faults'
export { inWages, isPriceField } from './ground/inWages'
export { needsTower } from './work'
export {
  holdsOf,
  moveDesk,
  type MoveDesk,
  type Reach,
  REACHES,
  type Tried,
  withHolds,
  withoutHolds,
} from './chain/moveWork'
export { newBreaks, partly } from './chain/acceptPart'
export { evening, type Evening } from './chain/evening'
export { vanPlanOf } from './chain/vanPlanOf'
export { activityName, type CrewMessage, crewMessages, timesChanged } from './published/crewMessages'
export { type CsvTask, tasksCsv } from './published/tasksCsv'
export { roomToSlip } from './chain/roomToSlip'
export { tellLink, whyThen } from './chain/whyThen'
export { otherWays, SMALLER_ROUNDS, type OtherWays } from './chain/otherWays'
export { isOnlyWeather, type Outcome, outcomeOf, type Supposed, supposed } from './chain/whatIf'
export { type SaferPulls, saferPulls } from './chain/saferPulls'
export { type Change, type Help, whatWouldHelp } from './chain/whatWouldHelp'
export { type Demand, whyLate } from './chain/whyLate'
export { type Better, betterPlan, type BetterWays } from './chain/betterPlan'
export { type Task } from './chain/task'
export { type Standing } from './chain/workedBy'
export { benchOfHem, choiceOfBench } from './bench/benchOfHem'
export { BENCH_RANGES, type BenchSetup, type BenchSun, starterBench } from './bench/benchSetup'
export { type BenchAnswer, benchEdge, judgeBench, type JudgedRisk, RISKS } from './bench/judgeBench'
export { restsOn } from './bench/restsOn'
export { type Reveal, REVEAL_MM, revealEdge, sampleValleys, type Valley } from './bench/reveal'
export { type Curve, overKeepAge, overPullTime } from './bench/sweeps'
export { partsOf, readOpeningsCsv, writeOpeningsCsv } from './exchange/openingsCsv'
export { DRAWING_UNITS, type DrawingUnit, outlinesOf, type RawDrawing } from './exchange/outlines'
export { DEFAULT_PARAMETERS } from './parameters/parameters'
export { CROSS_CUT_CLASSES } from './parameters/soundness'
export { PAINTED_HOWS, PAINTED_PARTS, paintedAlready, type PaintedHow, type PaintedPart } from './survey/paintedAlready'
export { hardeningRate, PAINT_CLOCKS, type PaintClock, solventRate } from './cure/paintClocks'
export { hangsOn, type HangsOn, type TrialWish, worthMeasuring } from './recipes/hangsOn'
export { ARTICLE_KINDS, type Article, articleKey, type ArticleKey, type Remnant } from './ground/stock'
export { type Coating, type Cover } from './ground/shelf'
export { GRADES, type Grade, type Quote, QUOTE_LINES, type QuoteLine, type QuoteOffer } from './ground/quote'
export { type CoverLine as CoverTaken } from './load/coverLines'
export { type CutRoll, KEPT_MM, type PanelCut, rollCuts, type RollCuts } from './load/rollCuts'
export { floorPlan, type FloorPlan } from './covers/floorPlan'
export { clothShelves } from './covers/clothShelves'
export { gatheredIn, type Gathered } from './covers/gather'
export { lengthOf, type Laid } from './covers/layFloor'
export { fieldSprays } from './covers/mist'
export { SUNDRIES, type Sundry, type SundryLine } from './van/sundries'
export { KEEPS_DAYS, takenFirst, type Lot, type Lots, type Stock } from './van/lots'
export { sharedShortages, type OtherTaking, type SharedShortage } from './van/sharedVan'
export { cutsDone, panelsCut, type CutDone } from './progress/cuts'
export { type VanItem, VAN_UNITS } from './van/vanItems'
export { orderKey, type Shortage, type VanList, type VanPlan } from './van/vanLists'
export { orderLines, type OrderLine, ordersCsv } from './van/orders'
export { type Outlay } from './ways/outlay'
export { compareWays, WAYS, type WayOutcome, type WaysScope, type WorkWay } from './ways/compareWays'
export { breakEven, type BreakEven, SWEEPS, type Sweep } from './ways/breakEven'
export { offersFor } from './quotes/offers'
export { isOutdated, quoteBasis } from './quotes/quoteBasis'
export { type Customer, type Firm, NO_CUSTOMER, NO_FIRM } from './ground/firm'
export { type Took, tookSoFar } from './quotes/tookSoFar'
export { writeCsv } from './units/csvText'
export { type Selling } from './ground/selling'
