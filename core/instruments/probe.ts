import { randomStream } from '../math/random'

/** What a simulated thermometer goes through. */
export const PROBE_SCENARIOS = [
  'steady',
  'night-drop',
  'thermostat-stuck-on',
  'lamp-off',
  'door-open',
  'sensor-gone',
  'battery-low',
] as const
export type ProbeScenario = (typeof PROBE_SCENARIOS)[number]

/** Degrees C at which a watched bottle stands when nothing happens. */
const USUAL_C = 26
const NOISE_C = 0.06
const DAY_MIN = 1440
/** From when on something happens in the scenarios in which something does, min. */
const BEGINS_MIN = 10

/** Nearer to where it is drawn to, by 1 - 1/e in so many minutes. */
const toward = (from: number, to: number, minutes: number, wearsOff: number) =>
  to + (from - to) * Math.exp(-Math.max(0, minutes) / wearsOff)

/** The night setback: falls from 22:00, rises from 6:00; minutes are counted from noon. */
function nightDrop(min: number): number {
  const inDay = min % DAY_MIN
  const FALLS = 600
  const RISES = 1080
  const LOW_C = 23.5
  if (inDay < FALLS) {
    // The first noon is warm; every later one has the night before it behind itself.
    const before = min < DAY_MIN ? USUAL_C : toward(LOW_C, USUAL_C, DAY_MIN - RISES, 150)
    return toward(before, USUAL_C, inDay, 150)
  }
  const low = toward(USUAL_C, LOW_C, inDay - FALLS, 150)
  if (inDay < RISES) return low
  const lowest = toward(USUAL_C, LOW_C, RISES - FALLS, 150)
  return toward(lowest, USUAL_C, inDay - RISES, 150)
}

const COURSES: Record<ProbeScenario, (min: number) => number | null> = {
  'steady': () => USUAL_C,
  'night-drop': nightDrop,
  // 0.1 degrees a minute, until the heater can warm it no further.
  'thermostat-stuck-on': min => Math.min(USUAL_C + 0.1 * Math.max(0, min - BEGINS_MIN), 42),
  'lamp-off': min => toward(USUAL_C, 17, min - BEGINS_MIN, 240),
  'door-open': min => {
    const opened = toward(USUAL_C, 14, min - BEGINS_MIN, 120)
    const SHUT_MIN = 40
    if (min < BEGINS_MIN + SHUT_MIN) return opened
    return toward(toward(USUAL_C, 14, SHUT_MIN, 120), USUAL_C, min - BEGINS_MIN - SHUT_MIN, 120)
  },
  'sensor-gone': min => (min < BEGINS_MIN ? USUAL_C : null),
  // It misses more and more of its readings before it is silent.
  'battery-low': min => (min > 60 || (min > 20 && min % 5 > 1) ? null : USUAL_C - min / 120),
}

/**
 * What the simulated thermometer shows so many minutes into its scenario, degrees C to a tenth; null where it sends nothing.
 * @param minute whole; @param seed of its trembling
 */
export function probeReading(scenario: ProbeScenario, minute: number, seed: number): number | null {
  const c = COURSES[scenario](minute)
  if (c === null) return null
  const noise = randomStream(seed * 1_000_003 + minute).normal(0, NOISE_C)
  return Math.round((c + noise) * 10) / 10
}
