import type { Job, OwnCount } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { sumOf } from '../../base/units/sumOf'
import { formatInstant } from '../../base/units/time'
import { uChart, type ChartPoint, type UChart } from '../../nature/learn/uChart'
import { foldLog } from '../../planning/progress/hemStates'
import type { Plan } from '../chain/planJob'
import { expectedOf } from './expectedOf'
import { tapedLines } from './tapedLines'

/** What a chart follows: all lines, one tape, one kind of surface, or one crew. */
export const CHART_GROUPS = ['all', 'tape', 'texture', 'crew'] as const
export type ChartGroup = (typeof CHART_GROUPS)[number]

/** A point of a house's chart: one job of the record, or one room of the job at hand. */
export interface HousePoint extends ChartPoint {
  readonly name: string
  readonly at: string
}

/** Bleeds counted for each that was expected, one point after another. Its exposure is what was expected, so that easy and hard walls are comparable. */
export interface HouseChart extends Omit<UChart, 'points'> {
  readonly of: ChartGroup
  /** Id of the tape or crew, code of the texture; empty for all. */
  readonly key: string
  readonly points: readonly HousePoint[]
}

interface Seen {
  readonly name: string
  readonly at: string
  readonly tapeId: string
  readonly texture: string
  /** Null for counts of the record: it does not say which crew. */
  readonly crewId: string | null
  readonly counted: number
  readonly expected: number
  /** The job, or the room of the job at hand. */
  readonly part: string
}

/** Fewer points than this make no chart. */
const LEAST_POINTS = 4

/**
 * Charts of what was found beside what was expected: over everything, by tape, by texture, by crew. The record gives a point for each job, the
 * job at hand one for each room; crews are known of the job at hand alone. A chart of fewer than four points is left out.
 */
export function recordCharts(job: Job, plan: Pick<Plan, 'hems' | 'recipes'>): HouseChart[] {
  const own = [...ofRecord(job), ...ofJob(job, plan)]
  return CHART_GROUPS.flatMap((of) => {
    const groups = groupedBy(own, (seen) => keyOf(of, seen))
    return [...groups].flatMap(([key, seen]): HouseChart[] => {
      const points = key === null ? [] : pointsOf(seen)
      if (key === null || points.length < LEAST_POINTS) return []
      const chart = uChart(points.map(({ counted, expected }) => ({ events: counted, exposure: expected })))
      return [
        {
          ...chart,
          of,
          key,
          points: chart.points.map((point, i) => ({ ...point, name: points[i]?.name ?? '', at: points[i]?.at ?? '' })),
        },
      ]
    })
  })
}

function keyOf(of: ChartGroup, { tapeId, texture, crewId }: Seen): string | null {
  switch (of) {
    case 'all':
      return ''
    case 'tape':
      return tapeId
    case 'texture':
      return texture
    case 'crew':
      return crewId
  }
}

/** One point for each job or room, in the order of time. */
function pointsOf(seen: readonly Seen[]): Seen[] {
  return [...groupedBy(seen, ({ part }) => part).values()]
    .flatMap((own) => {
      const last = own.reduce((a, b) => (a.at > b.at ? a : b))
      return [{ ...last, counted: sumOf(own, (each) => each.counted), expected: sumOf(own, (each) => each.expected) }]
    })
    .filter(({ expected }) => expected > 0)
    .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
}

const ofRecord = ({ id, house }: Job): Seen[] =>
  house.own.counts
    // What the job at hand showed is told room by room.
    .filter(({ fault, jobId }) => fault === 'bleeds' && jobId !== id)
    .map(({ jobId, job, at, tapeId, texture, counted, expected }: OwnCount) => ({
      name: job,
      at,
      tapeId,
      texture,
      crewId: null,
      counted,
      expected,
      part: `job ${jobId}`,
    }))

function ofJob(job: Job, plan: Pick<Plan, 'hems' | 'recipes'>): Seen[] {
  const { hems: states } = foldLog(job.log)
  const roomOf = new Map(plan.hems.map(({ id, roomId }) => [id, roomId]))
  const rooms = new Map(job.rooms.map((room) => [room.id, room]))
  return tapedLines(job, plan).flatMap(({ recipe, metres, tapeId, texture }): Seen[] => {
    const state = states.get(recipe.hemId)
    const room = rooms.get(roomOf.get(recipe.hemId) ?? '')
    if (!room || !state || state.foundBleeds === null) return []
    const at = formatInstant(state.inspectedAt ?? 0)
    const expected = expectedOf(recipe, 'bleeds') * metres
    const { name, crewId } = room
    return [{ name, at, tapeId, texture, crewId, counted: state.foundBleeds, expected, part: `room ${room.id}` }]
  })
}
