import * as z from 'zod'
import { DECAPSULATION_C, DECAPSULATION_MIN } from './decapsulation'

/** Steps of taking shells off, in order. */
export const DECAPSULATION_STEPS = [
  'hydrate',
  'chill',
  'cautions',
  'bleach',
  'rinse',
  'dip',
  'after',
] as const
export type DecapsulationStep = (typeof DECAPSULATION_STEPS)[number]

/** Colours of the cysts in the bath, as they go. */
export const CYST_COLOURS = ['brown', 'white', 'orange'] as const
export type CystColour = (typeof CYST_COLOURS)[number]

/** Minutes in water before, in the dip after. */
export const HYDRATE_MIN = 60
export const DIP_MIN = 5
/** The bath is read once a minute. */
const READ_EVERY_MIN = 1
/** Readings that are kept of a bath. */
const READINGS_MOST = 200

const instant = z.iso.datetime()

/**
 * A decapsulation as far as it has gone: plain data that outlives the page. Its clocks are end instants.
 */
export const decapsulationCourse = z.object({
  lotId: z.string().max(60),
  cystsG: z.number().positive().max(20),
  bleachMl: z.number().positive(),
  waterMl: z.number().min(0),
  hydrateMl: z.number().positive(),
  dipMl: z.number().positive(),
  thiosulphateG: z.number().positive(),
  step: z.enum(DECAPSULATION_STEPS),
  hydratedAt: instant,
  /** When the bleach went in, and when they came out of it. */
  bleachAt: instant.nullable(),
  outAt: instant.nullable(),
  dippedAt: instant.nullable(),
  readings: z.array(z.object({ at: instant, c: z.number() })).max(READINGS_MOST),
  colour: z.enum(CYST_COLOURS).nullable(),
  /** The clock that runs for this step. */
  clockId: z.string().max(60).nullable(),
  /** Stopped before its end: at that step. */
  stoppedAt: z.enum(DECAPSULATION_STEPS).nullable(),
})
export type DecapsulationCourse = z.infer<typeof decapsulationCourse>

type Amounts = Pick<
  DecapsulationCourse,
  'lotId' | 'cystsG' | 'bleachMl' | 'waterMl' | 'hydrateMl' | 'dipMl' | 'thiosulphateG'
>

const MS_A_MIN = 60_000
const minutes = (from: string, to: string) => (Date.parse(to) - Date.parse(from)) / MS_A_MIN
const later = (at: string, min: number) => new Date(Date.parse(at) + min * MS_A_MIN).toISOString()

/** Cysts go into water. */
export const beginDecapsulation = (amounts: Amounts, now: string): DecapsulationCourse => ({
  ...amounts,
  step: 'hydrate',
  hydratedAt: later(now, HYDRATE_MIN),
  bleachAt: null,
  outAt: null,
  dippedAt: null,
  readings: [],
  colour: null,
  clockId: null,
  stoppedAt: null,
})

/** On to the next step; the last one stays. What begins with a step begins now. */
export function nextStep(c: DecapsulationCourse, now: string): DecapsulationCourse {
  const step = DECAPSULATION_STEPS[DECAPSULATION_STEPS.indexOf(c.step) + 1] ?? c.step
  const begun = { ...c, step }
  if (step === 'bleach') return { ...begun, bleachAt: now, colour: 'brown' }
  if (step === 'rinse') return { ...begun, outAt: now }
  return step === 'dip' ? { ...begun, dippedAt: later(now, DIP_MIN) } : begun
}

/** A reading of the bath. */
export const readBath = (c: DecapsulationCourse, celsius: number, now: string) => ({
  ...c,
  readings: [...c.readings, { at: now, c: celsius }].slice(-READINGS_MOST),
})

/** The colour that is seen; at orange they come out at once. */
export const seeColour = (
  c: DecapsulationCourse,
  colour: CystColour,
  now: string,
): DecapsulationCourse => (colour === 'orange' ? nextStep({ ...c, colour }, now) : { ...c, colour })

export const stopDecapsulation = (c: DecapsulationCourse): DecapsulationCourse => ({
  ...c,
  stoppedAt: c.step,
})

/** What the bath asks for now. */
export interface BathAdvice {
  /** Minutes in the bleach. */
  minutes: number
  /** `wait` for the colour to turn, `look` now, it is `usual` by now, they must come out: `latest`. */
  clock: 'wait' | 'look' | 'usual' | 'latest'
  warmth: 'unread' | 'cool' | 'ice' | 'limit' | 'killed'
  /** A minute has passed since it was read. */
  readAgain: boolean
}

function clockOf(min: number): BathAdvice['clock'] {
  if (min < DECAPSULATION_MIN.lookFrom) return 'wait'
  if (min < DECAPSULATION_MIN.usualFrom) return 'look'
  return min < DECAPSULATION_MIN.latest ? 'usual' : 'latest'
}

function warmthOf(c: number | undefined): BathAdvice['warmth'] {
  if (c === undefined) return 'unread'
  if (c >= DECAPSULATION_C.kills) return 'killed'
  if (c >= DECAPSULATION_C.most) return 'limit'
  return c >= DECAPSULATION_C.ice ? 'ice' : 'cool'
}

export function bathAdvice(c: DecapsulationCourse, now: string): BathAdvice {
  const min = c.bleachAt === null ? 0 : Math.max(0, minutes(c.bleachAt, now))
  const last = c.readings.at(-1)
  const since = last ? minutes(last.at, now) : Infinity
  return {
    minutes: min,
    clock: clockOf(min),
    warmth: warmthOf(last?.c),
    readAgain: since >= READ_EVERY_MIN,
  }
}

/** Minutes that they were in the bleach, the warmest that was read of it, and whether that killed them. */
export function bathOf(c: DecapsulationCourse): {
  minutes: number | null
  warmestC: number | null
  killed: boolean
} {
  const warmestC = c.readings.length > 0 ? Math.max(...c.readings.map(r => r.c)) : null
  return {
    warmestC,
    minutes: c.bleachAt && c.outAt ? minutes(c.bleachAt, c.outAt) : null,
    killed: warmestC !== null && warmestC >= DECAPSULATION_C.kills,
  }
}
