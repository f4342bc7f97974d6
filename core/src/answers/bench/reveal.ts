import { nth, sure } from '../../base/units/sure'
import type { Shelf } from '../../base/nouns'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { openShareOf, runMm, type EdgeSetup } from '../../nature/risk/bleed'
import { loosePlaces, spreadOfHand } from '../../nature/risk/hand'
import { normalQuantile } from '../../nature/risk/normal'
import { seededNumbers } from '../../base/units/seeded'
import { benchEdge, judgeBench } from './judgeBench'
import type { BenchSetup } from './benchSetup'

/** Length of pulled edge that is shown, mm. */
export const REVEAL_MM = 300

/** A valley that meets the edge: where, how deep, how high the gap over it is, how far paint ran in it. */
export interface Valley {
  readonly atMm: number
  readonly depthUm: number
  readonly gapUm: number
  readonly runMm: number
}

/** What one looks at after the pull. Positions and lengths along the edge, mm. */
export interface Reveal {
  readonly valleys: readonly Valley[]
  /** Valleys in which paint ran far enough to show. */
  readonly bleeds: readonly Valley[]
  /** Grain lines that wicked under the tape. */
  readonly grain: readonly { readonly atMm: number; readonly runMm: number }[]
  readonly teeth: readonly { readonly atMm: number; readonly widthMm: number }[]
  readonly lifts: readonly { readonly atMm: number; readonly widthMm: number; readonly deepMm: number }[]
}

/**
 * A stretch of pulled edge drawn from the same numbers the risks are made of; the same seed shows the same edge.
 * Valleys stand at the texture's pitch, their depths by Rayleigh's law; a valley bleeds when its own gap runs visibly
 * far. Teeth and lifts come as chances per metre, each at its own place.
 */
export function revealEdge(setup: BenchSetup, shelf: Shelf, parameters: Parameters = DEFAULT_PARAMETERS): Reveal {
  const isBleed = (valley: Valley): boolean => valley.runMm > parameters.bleed.visibleMm.value
  const edge = benchEdge(setup, shelf)
  const random = seededNumbers(setup.seed * 7919 + 17)
  const valleys = [...sampleValleys(edge, random, REVEAL_MM, parameters), ...sampleLoose(edge, random, parameters)]
  const answer = judgeBench(setup, shelf, parameters)
  const chance = (name: 'tear' | 'lift') => sure(answer.risks.find((risk) => risk.name === name)).perMetre.mean
  const metres = REVEAL_MM / 1000
  const grainPerM = edge.openGrain
    ? Math.max(0, nth(answer.risks, 0).perMetre.mean - (1000 * valleys.filter(isBleed).length) / REVEAL_MM)
    : 0
  return {
    valleys,
    bleeds: valleys.filter(isBleed),
    grain: scatter(random, grainPerM * metres, (atMm) => ({ atMm, runMm: 0.6 + 3 * random() })),
    // A torn metre shows a tooth every few centimetres.
    teeth: scatter(random, 25 * chance('tear') * metres, (atMm) => ({ atMm, widthMm: 1 + 3 * random() })),
    lifts: scatter(random, -Math.log(1 - Math.min(0.999, chance('lift'))) * 3 * metres, (atMm) => ({
      atMm,
      widthMm: 4 + 18 * random(),
      deepMm: 2 + 6 * random(),
    })),
  }
}

/** Valleys along a stretch of edge, drawn from the law the bleed model counts with. @param lengthMm of edge */
export function sampleValleys(
  edge: EdgeSetup,
  random: () => number,
  lengthMm: number,
  parameters: Parameters,
): Valley[] {
  const texture = parameters.textures[edge.texture]
  const openShare = openShareOf(edge, parameters)
  return Array.from({ length: Math.floor(lengthMm / texture.pitchMm.value) }, (_, i): Valley | null => {
    const [place, deep, meets, pressed] = [random(), random(), random(), random()]
    if (meets >= texture.voidShare) return null
    const depthUm = texture.valleyUm.value * rayleigh(deep)
    // Pressed here better and there worse.
    const off = spreadOfHand(edge.hand ?? 'practised', normalQuantile(within(pressed)), parameters.bleed)
    const gapUm = depthUm * Math.min(1, openShare * Math.exp(off))
    return {
      atMm: (i + 0.2 + 0.6 * place) * texture.pitchMm.value,
      depthUm,
      gapUm,
      runMm: runMm(edge, gapUm, parameters),
    }
  }).filter((valley) => valley !== null)
}

/** Places where the tape is not down, drawn as often and as high as the bleed model has them. */
function sampleLoose(edge: EdgeSetup, random: () => number, parameters: Parameters): Valley[] {
  const { perM, gapUm: middle, spread } = loosePlaces(edge, parameters)
  return scatter(random, (perM * REVEAL_MM) / 1000, (atMm) => {
    const gapUm = middle * Math.exp(spread * normalQuantile(within(random())))
    return { atMm, depthUm: gapUm, gapUm, runMm: runMm(edge, gapUm, parameters) }
  })
}

/** A draw kept off 0 and 1, whose normal quantiles are endless. */
const within = (draw: number): number => Math.min(1 - 1e-6, Math.max(1e-6, draw))

/** A Rayleigh depth with mean 1. */
const rayleigh = (u: number): number => Math.sqrt((-4 / Math.PI) * Math.log(1 - u))

/** A Poisson number of things at even chance along the edge (Knuth's product of uniforms). */
function scatter<T>(random: () => number, expected: number, make: (atMm: number) => T): T[] {
  const things: T[] = []
  const floor = Math.exp(-Math.min(60, expected))
  for (let product = random(); product > floor; product *= random()) things.push(make(random() * REVEAL_MM))
  return things
}
