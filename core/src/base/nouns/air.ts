/** One hour outside. Cloud 0 clear … 1 overcast; rain mm. */
export interface OutdoorHour {
  readonly tempC: number
  readonly rh: number
  readonly windMs: number
  readonly cloud: number
  readonly rainMm: number
}

/** What an hour can be; wider than any record, so that only slips are refused. */
export const OUTDOOR_LIMITS = {
  tempC: [-40, 60],
  rh: [1, 100],
  windMs: [0, 60],
  cloud: [0, 1],
  rainMm: [0, 200],
} as const satisfies Record<keyof OutdoorHour, readonly [number, number]>

export const FANS = ['none', 'in-room', 'at-face'] as const
/** Air held in a room: °C, % relative humidity, and what moves it. */
export interface HeldAir {
  readonly tempC: number
  readonly rh: number
  readonly fan: (typeof FANS)[number]
}
