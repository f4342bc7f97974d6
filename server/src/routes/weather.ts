import type { FastifyPluginAsync } from 'fastify'
import { number } from 'yup'
import { parseInstant, type WeatherProvider } from '@crisp-hem/core'
import { exact, instant, needs, shapeFaults, text, wholeNumber } from '@crisp-hem/core/wire'
import { forRoles, LEADS } from '../people/access'
import { refuseFaults } from '../errors'

const within = (low: number, high: number) =>
  number()
    .required(needs('number'))
    .typeError(needs('number'))
    .min(low, needs('at_least', { least: low }))
    .max(high, needs('at_most', { most: high }))
const question = exact({
  place: text(200),
  lat: within(-90, 90),
  lon: within(-180, 180),
  from: instant(),
  hours: wholeNumber(1, 24 * 31),
})

/** GET /weather — hours outside from the weather service the server was given. */
export const weatherRoutes: FastifyPluginAsync<{ weather: WeatherProvider }> = async (app, { weather }) => {
  app.get<{ Querystring: Record<string, string> }>('/weather', forRoles(LEADS), async ({ query }) => {
    const asked = { ...query, lat: numberOf(query.lat), lon: numberOf(query.lon), hours: numberOf(query.hours) }
    refuseFaults(shapeFaults(question, asked))
    const place = { name: query.place!, latDeg: asked.lat!, lonDeg: asked.lon! }
    return { hours: await weather.hourly(place, Math.floor(parseInstant(query.from!) / 60) * 60, asked.hours!) }
  })
}

/** An address is text; what is no number there stays undefined and is refused with its name. */
const numberOf = (value: string | undefined): number | undefined =>
  value === undefined || value.trim() === '' || Number.isNaN(Number(value)) ? undefined : Number(value)
