/** What other workspaces may use of the core, in the order of the chain. Files have the rest for themselves. */
export { type Coded } from './base/units/errors'
export { EXPECTATIONS, type Fault, type Place } from './base/units/faults'
export { groupedBy } from './base/units/groupedBy'
export { keptParts } from './base/units/keptParts'
export { formatLength, formatRun, parseMm, UNIT_SYSTEMS, type UnitSystem } from './base/units/length'
export { PEEL_UNITS, type PeelUnit } from './base/units/peel'
export { seededNumbers, seedOf, shuffled } from './base/units/seeded'
export { checkZone, formatInstant, fromLocal, MIN_PER_DAY, parseInstant, toLocal } from './base/units/time'
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
  FITTING_PLACES,
  FITTING_SCOPES,
  type FootStretch,
  type Glazing,
  type Defect,
  DEFECT_KINDS,
  type HandHem,
  type HeldAir,
  type HemChoice,
  type ActivityId,
  type HemId,
  type SubjectKey,
  type HouseRules,
  type HouseWay,
  isFace,
  type Job,
  JOB_VERSION,
  type KitKind,
  known,
  length,
  type LastCoat,
  LINE_WAYS,
  type LineFit,
  type Lump,
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
  roughLength,
  type PlanChange,
  type PlanGoal,
  type Planning,
  PREPS,
  PRESS_RULES,
  PRESSINGS,
  type PublishedPlan,
  type PublishedTask,
  FIELD_RULES,
  type Hold,
  HOUSE_WAYS,
  PULL_OPINIONS,
  readActivity,
  readEdge,
  readFace,
  readRound,
  readSubject,
  type Room,
  roomOfActivity,
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
} from './base/nouns'
export { faceAreaMm2, skirtingMm } from './survey/rooms/areas'
export { closeOutline } from './survey/rooms/closeOutline'
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
} from './survey/rooms/faces'
export { panesOf } from './survey/rooms/glazing'
export { coatsToHide } from './survey/rooms/hiding'
export { STARTER_HOUSE } from './survey/rooms/houseDefaults'
export { leadRisk } from './survey/ready/lead'
export { RATE_RANGES } from './survey/rooms/rateRanges'
export { inOrder, ORDER_PRESETS, orderFaults } from './survey/rooms/orders'
export {
  closingGapMm,
  type Leg,
  moveCorner,
  outlineAreaMm2,
  type PlanPoint,
  resizeWall,
  traceOutline,
} from './survey/rooms/outline'
export { copyRoom, mirrorRoom } from './survey/rooms/roomOps'
export {
  type ElevationAnswers,
  newElevation,
  newRoom,
  OUTLINE_TEMPLATES,
  USUAL_FACES,
  USUAL_SIZES,
  wallName,
} from './survey/rooms/roomTemplate'
export { SPREAD_RATIO, spreadClosure } from './survey/rooms/spreadClosure'
export { leastPrice, type LeastPrice } from './planning/price/leastPrice'
export { priceOfPlans } from './answers/chain/priceOfPlans'
export { sprayedFronts } from './answers/chain/cheaperIn'
export { isByPrice } from './base/nouns/planning'
export {
  metresOfPulls,
  PRICE_PARTS,
  priceBeside,
  pricerOf,
  type PartPrice,
  type PlanPrice,
  type PriceOf,
  type PricePart,
} from './planning/price/planPrice'
export { type CrewDay } from './planning/price/crewDays'
export { withFace } from './survey/rooms/withFace'
export { highestMm, topAtMm, topLine } from './survey/rooms/wallTop'
export { type CellValue, type Column, readCell, readRow, type ShelfRow, writeCell } from './survey/shelf/columns'
export { coatingOf, coverOf, liquidOf, tapeOf } from './survey/shelf/find'
export { minorDigits } from './base/units/currency'
export { readRatesCsv, readShelfCsv, writeRatesCsv, writeShelfCsv } from './survey/shelf/shelfCsv'
export { SHELF_COLUMNS, SHELF_KINDS, type ShelfKind, shelfRows, withShelfRows } from './survey/shelf/shelfTables'
export { STARTER_SHELF } from './survey/shelf/starterShelf'
export { RATE_COLUMNS, rateRows, ratesOfRows } from './survey/shelf/tables/ratesTable'
export { readAirCsv, writeAirCsv } from './nature/air/airCsv'
export { workStretches, dayEndsOf, shiftEndsAt, type ShiftEnds } from './nature/calendar/calendar'
export { airAt, type AirSeries } from './nature/air/airSeries'
export { skyBetween, type SkyStretch } from './nature/air/sky'
export { areaAir } from './nature/air/areaAir'
export { roomAir } from './nature/air/siteAir'
export { aboveDewC, DEW_MARGIN, dewPointC } from './nature/air/vapour'
export { madeUpHours, standInWeather, type WeatherProvider } from './nature/air/weather'
export { dryingRate } from './nature/cure/clocks'
export { type PullSpan, spanAt, type SpanKind } from './nature/cure/pullWindow'
export { rowSplits } from './survey/hems/byHand'
export { type BareEdge, deriveHems, type Hem } from './survey/hems/deriveHems'
export { type EdgeSegment } from './survey/hems/edge'
export { closedGapUm, type EdgeSetup, meanGapUm } from './nature/risk/bleed'
export { type Estimate, Z90 } from './nature/risk/normal'
export { UNSEEN, ownFactors, type OwnFactor } from './nature/learn/ownFactors'
export { mendingPlaces } from './nature/risk/bleedSize'
export { type CapillaryFlow, capillaryRunM, jurinM, peelN } from './nature/risk/capillary'
export { CURE_ACTIVATION, doublingC } from './nature/cure/clocks'
export { crewSpeed } from './nature/calendar/calendar'
export { compareSchools, type SchoolOutcome } from './masking/recipes/compareSchools'
export { jobRecipes, rankerOf } from './masking/recipes/jobRecipes'
export { type Layer } from './masking/recipes/layer'
export {
  type CostParts,
  type NoRecipe,
  type OtherWay,
  type Recipe,
  type RecipeAnswer,
  type RuledOut,
} from './masking/recipes/recipe'
export { recipeRestsOn } from './masking/recipes/recipeRestsOn'
export { type Setting } from './masking/recipes/setting'
export { whatWouldChange, type WouldChange } from './masking/recipes/whatWouldChange'
export { chooseKit } from './masking/kit/chooseKit'
export { type JobKit, jobKit, type JobKitPoint } from './masking/kit/jobKit'
export { type SupplyLine } from './masking/load/supplies'
export { type Load, takeLoad } from './masking/load/takeLoad'
export { isThrough, TICK_OF } from './planning/progress/activityProgress'
export { foldLog, isMended, type HemState, type LogState, UNTOUCHED } from './planning/progress/hemStates'
export { placeFirst } from './planning/plan/placeFirst'
export { placementOf, type PlacedTask, type Placement } from './planning/plan/placement'
export { type PullPlan } from './planning/windows/pullPlans'
export { asBegun } from './planning/published/asBegun'
export { planChanges, publishedTasks } from './planning/published/planChanges'
export { planAnyway } from './answers/chain/planAnyway'
export { missedPull, type MissedCost, type MissedWay } from './answers/tell/missedPull'
export { wetPassedAt } from './planning/windows/wetPassed'
export { tickDoubts, type TickAsked } from './answers/why/tickDoubts'
export { type Plan, planJob, planWithProblem, problemOf } from './answers/chain/planJob'
export { type Chances, chancesOf } from './planning/chance/chances'
export type { EventOrigin } from './base/nouns/log'
export { asTagCode, TAG_SIGNS, tagCodes } from './planning/published/tagCodes'
export { type HemPicture, picturesOf } from './planning/progress/pictures'
export { type RegisterLine, coverRegister, type DayClosed, daysClosed } from './planning/progress/coverRegister'
export { readHem } from './base/nouns/hemId'
export { boundedClock, clockMs, isTooFarAhead, laterClock, nextClock, type HybridClock } from './base/units/hybridClock'
export { type Edit, type FactChange, fieldOf } from './base/edits/edit'
export { applyEdits, valueAt } from './base/edits/applyEdits'
export { changesBetween } from './base/edits/changesBetween'
export { expects } from './base/units/faults'
export { inWages, isPriceField } from './base/nouns/inWages'
export { activityName, needsTower } from './planning/work'
export {
  holdsOf,
  moveTrial,
  type MoveTrial,
  type Reach,
  REACHES,
  type Tried,
  withHolds,
  withoutHolds,
} from './answers/try/moveWork'
export { newBreaks, partly } from './answers/try/acceptPart'
export { stockKept, stockReceived, type StockKept } from './answers/van/stockKept'
export type { Gaps } from './base/nouns/gaps'
export { evening, type Evening } from './answers/why/evening'
export { vanPlanOf } from './answers/chain/vanPlanOf'
export { type CrewMessage, crewMessages, timesChanged } from './planning/published/crewMessages'
export { asPlaced } from './planning/published/standingPlan'
export { whoDoes } from './planning/published/whoDoes'
export { type CsvTask, tasksCsv } from './planning/published/tasksCsv'
export { roomToSlip } from './answers/why/roomToSlip'
export { tellLink, whyThen } from './answers/tell/whyThen'
export { crewsOfRounds, helpGiven, type HelpGiven } from './answers/tell/helpGiven'
export { tellFloor } from './answers/tell/tellFloor'
export { tellReadied } from './answers/tell/tellReadied'
export { otherWays, SMALLER_ROUNDS, type OtherWays } from './answers/try/otherWays'
export { isOnlyWeather, type WhatIfOutcome, outcomeOf, type Supposed, supposed } from './answers/try/whatIf'
export { type SaferPulls, saferPulls } from './answers/try/saferPulls'
export { type Change, type Help, whatWouldHelp } from './answers/try/whatWouldHelp'
export { type Demand, whyLate } from './answers/why/whyLate'
export { type Better, betterPlan, type BetterWays } from './answers/try/betterPlan'
export { type Task } from './answers/tell/task'
export { type Standing } from './answers/chain/workedBy'
export { benchOfHem, choiceOfBench } from './answers/bench/benchOfHem'
export { BENCH_RANGES, type BenchSetup, type BenchSun, starterBench } from './answers/bench/benchSetup'
export {
  type BenchAnswer,
  benchEdge,
  judgeBench,
  judgeWithDoubt,
  type JudgedRisk,
  RISKS,
} from './answers/bench/judgeBench'
export {
  LESSON_AGES_DAYS,
  LESSON_CHOICES,
  LESSON_LEVELS,
  lessonWall,
  scoreOrder,
  scoreWall,
  type Lesson,
  type LessonChoice,
  type LessonCost,
  type LessonLevel,
  type OrderLesson,
  type WallLesson,
  type WallScore,
} from './answers/bench/lesson'
export { restsOn } from './answers/bench/restsOn'
export { type Reveal, REVEAL_MM, revealEdge, sampleValleys, type Valley } from './answers/bench/reveal'
export { type Curve, overKeepAge, overPullTime } from './answers/bench/sweeps'
export { partsOf, readOpeningsCsv, writeOpeningsCsv } from './survey/exchange/openingsCsv'
export { DRAWING_UNITS, type DrawingUnit, outlinesOf, type RawDrawing } from './survey/exchange/outlines'
export { DEFAULT_PARAMETERS } from './base/parameters/parameters'
export { CROSS_CUT_CLASSES } from './base/parameters/soundness'
export {
  PAINTED_HOWS,
  PAINTED_PARTS,
  paintedAlready,
  type PaintedHow,
  type PaintedPart,
} from './survey/rooms/paintedAlready'
export { hardeningRate, PAINT_CLOCKS, type PaintClock, solventRate } from './nature/cure/paintClocks'
export { recipeDoubt, type RecipeDoubt } from './masking/recipes/recipeDoubt'
export { hangsOn, type HangsOn, type TrialWish, worthMeasuring } from './masking/recipes/hangsOn'
export {
  ARTICLE_KINDS,
  type Article,
  articleKey,
  type ArticleKey,
  orderKey,
  readArticle,
  type Remnant,
} from './base/nouns/stock'
export { type Coating, type Cover } from './base/nouns/shelf'
export { GRADES, type Grade, type Quote, QUOTE_LINES, type QuoteLine, type QuoteOffer } from './base/nouns/quote'
export { type CoverLine as CoverTaken } from './masking/load/coverLines'
export { type CutRoll, KEPT_MM, type PanelCut, rollCuts, type RollCuts } from './masking/load/rollCuts'
export { floorPlan, type FloorPlan } from './masking/covers/floorPlan'
export { clothShelves } from './masking/covers/clothShelves'
export { gatheredIn, type GatheredNeeds } from './masking/covers/gather'
export { lengthOf, type Laid } from './masking/covers/layFloor'
export { fieldSprays } from './masking/covers/mist'
export { SUNDRIES, type Sundry, type SundryLine } from './answers/van/sundries'
export { KEEPS_DAYS, takenFirst, type Lot, type Lots, type Stock } from './answers/van/lots'
export { sharedShortages, type OtherTaking, type SharedShortage } from './answers/van/sharedVan'
export { cutsDone, panelsCut, type CutDone } from './planning/progress/cuts'
export { type VanItem, VAN_UNITS } from './answers/van/vanItems'
export { type Shortage, type VanList, type VanPlan } from './answers/van/vanLists'
export { orderLines, type OrderLine, ordersCsv } from './answers/van/orders'
export { type Outlay } from './answers/ways/outlay'
export { compareWays, WAYS, type WayOutcome, type WaysScope, type WorkWay } from './answers/ways/compareWays'
export { breakEven, type BreakEven, SWEEPS, type Sweep } from './answers/ways/breakEven'
export { offersFor } from './answers/quotes/offers'
export { isOutdated, quoteBasis } from './answers/quotes/quoteBasis'
export { type Customer, type Firm, NO_CUSTOMER, NO_FIRM } from './base/nouns/firm'
export { type LinesTally, linesSay } from './answers/record/linesSay'
export { forgotten, learnedFrom, mergedRecords, showsMore, takenIn } from './answers/record/learnedFrom'
export { type ChosenBy, recordChanges, type RecordChange, type RecordDoes } from './answers/record/recordChanges'
export { movedMost, type MovedFigure } from './answers/record/movedMost'
export { worthKnowing, worthLooking, type WorthKnowing, type WorthLooking } from './answers/record/worthKnowing'
export { type Took, tookSoFar } from './answers/quotes/tookSoFar'
export { writeCsv } from './base/units/csvText'
export { type Selling } from './base/nouns/selling'

export {
  FITS,
  type Fit,
  fitOver,
  type FittedLine,
  proofOf,
  type SplitLine,
  splitOver,
} from './survey/lines/crookedEdge'
export { type StraightLine, type WanderPoint } from './survey/lines/oneSided'
export {
  readLengths,
  readLumps,
  readReadings,
  type ReadingsFrom,
  writeLumps,
  writeReadings,
} from './survey/lines/readings'
export {
  COVERED_FROM_MM,
  heightOf,
  type LineMark,
  marksOf,
  straightened,
  wanderShows,
} from './survey/lines/straightened'
export { marksCsv, marksDxf, piecesDxf, type WallMark, wallMarksCsv } from './survey/lines/marksFile'
export { stepLitres } from './masking/load/supplies'
export { wayCosts, type WayCost } from './masking/recipes/wayCost'
export { meetsAnother } from './survey/ready/lineReady'
export { lineToMake, type LineToMake } from './survey/hems/placeMarks'
export { hemMarks, type HemMarks, STUDS_MM } from './survey/hems/hemMarks'
export { levelLoop } from './survey/lines/levelLoop'
export { levelErrorMmPerM, slipsIn, twoPegErrorMmPerM } from './survey/lines/levelNet'
export { lineThrough, type ThroughLine } from './survey/lines/lineThrough'
export { lumpAnswer } from './survey/lines/lumps'
export { tellLump } from './masking/recipes/tellLump'
export { type AcrossReading, readAcross, roomNet, sightsMm } from './survey/lines/roomNet'
export { heightsFor, linesRound } from './survey/lines/roundRoom'
export { type StripesOver, stripesOver } from './survey/lines/stripesOver'
export { levelBands, shapeBands, withPattern, type PatternBand } from './survey/rooms/wallPattern'
export * from './survey/lines/patterns'
export { liesIn, ringOf } from './survey/rooms/bandShape'
export { trimWidthMm } from './survey/rooms/trim'
export {
  bleedsOf,
  FAULT_SIZES,
  FAULTS,
  type FaultKind,
  type FaultSize,
  type Find,
  type Inspection,
  LIGHTS,
  type Light,
  MEND_WAYS,
  type Mended,
  type MendWay,
} from './base/nouns/inspection'
export {
  NO_RECORD,
  OWN_USES,
  type LearnedFault,
  type OwnCount,
  type OwnRecord,
  type OwnUse,
} from './base/nouns/ownRecord'
export { LEAST_WAYS, MOST_WAYS, type Trial, type TrialWay } from './base/nouns/trial'
export {
  expectedPerM,
  piecesFound,
  trialCounts,
  trialNeeds,
  trialVerdict,
  type TrialAgainst,
  type TrialSum,
  type TrialVerdict,
} from './answers/record/trialVerdict'
export {
  proveFaces,
  provenBy,
  PROOFS,
  type FaceProof,
  type Proof,
  type ProofOutcome,
} from './answers/record/proveFaces'
export {
  recordCharts,
  CHART_GROUPS,
  type ChartGroup,
  type HouseChart,
  type HousePoint,
} from './answers/record/recordCharts'
export type { ChartSignal } from './nature/learn/uChart'
export { trialOrder } from './nature/learn/trialOrder'
export { drawnNormal, poisson } from './nature/learn/poisson'
