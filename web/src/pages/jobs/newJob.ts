import {
  JOB_VERSION,
  NO_CUSTOMER,
  STARTER_HOUSE,
  STARTER_SHELF,
  USUAL_PLANNING,
  type UnitSystem,
} from '@crisp-hem/core'
import type { ContractorAnswer, JobFacts } from '@crisp-hem/core/wire'

interface NewJobAnswers {
  readonly name: string
  readonly place: string
  readonly zone: string
  readonly units: UnitSystem
  readonly currency: string
}

type Own = Pick<ContractorAnswer, 'house' | 'shelf'>
const STARTER: Own = { house: STARTER_HOUSE, shelf: STARTER_SHELF }

/** A job as a contractor starts it: their house rules and shelf, one crew on ordinary hours, no rooms yet. */
export function newJob(id: string, answers: NewJobAnswers, now: Date, own: Own | null = null): JobFacts {
  const { house, shelf } = own ?? STARTER
  return {
    format: 'crisp-hem/job',
    version: JOB_VERSION,
    id,
    name: answers.name,
    site: {
      place: answers.place,
      zone: answers.zone,
      units: answers.units,
      currency: answers.currency,
      yearBuilt: null,
      country: '',
      latDeg: null,
      lonDeg: null,
      places: [],
      drives: [],
      customer: NO_CUSTOMER,
    },
    start: `${now.toISOString().slice(0, 16)}:00Z`,
    air: { tempC: 20, rh: 50, windows: 'shut', outside: null },
    house,
    crews: [
      {
        id: 'c1',
        name: 'Crew 1',
        people: [{ name: 'Painter 1', skill: 'practised' }],
        shifts: [{ days: [0, 1, 2, 3, 4], from: '07:30', to: '16:00', breaks: [{ from: '12:00', to: '12:30' }] }],
      },
    ],
    shelf,
    kit: null,
    rooms: [],
    planning: USUAL_PLANNING,
    quotes: [],
    trials: [],
  }
}
