import type { Instant } from '../time/localDate'
import { numberText } from '../units/numberText'
import type { AlarmRule } from './alarmRule'
import { caller } from './caller'
import { isBelieved } from './reading'
import { TREND_MIN, trendOf, type TimedReading, type Trend } from './trend'

export type AlarmKind = 'warning' | 'alarm' | 'dead' | 'over'
export interface AlarmEvent {
  at: Instant
  kind: AlarmKind
  /** What it is about: the probe, or a side of a rule. `over` ends what was called about the same. */
  about: string
  /** What is wrong, and what to do first. */
  text: string
}
/** What an instrument sent; anything that is no number counts as missing. */
export interface SentReading {
  at: Instant
  value: unknown
}

/** A warning is given where the course leads to harm within so many hours. */
const AHEAD_H = 12
/** A course wears off as a vessel comes near to what warms or cools it: by 1 - 1/e in so many hours (working estimate, small vessels). */
const WEARS_OFF_H = 3
/** What is called stays called until it is so far inside again, °C: at the limit it would flap. */
const BACK_C = 0.5
/** A sensor is dead when so many readings are missing. */
const MISSED = 3
/** Readings by which the usual time between two is known. */
const STEPS_KEPT = 15

const PROBE = 'probe'
const FIRST_STEP = {
  high: 'First: heater and lamp out of the socket, lid open, air on. No ice into a tank.',
  low: 'First: see whether plug, thermostat and lamp are on; then a towel round it, a lid on it.',
  dead: 'First: look at a thermometer there, then at battery, cable and probe.',
  fast: 'First: see what changed: door, window, heater, lamp.',
} as const

const degrees = (c: number) => `${numberText(Math.round(c * 10) / 10)} °C`

/** Where a course ends in twelve hours when it wears off. */
const leadsTo = (c: number, perHour: number) =>
  c + perHour * WEARS_OFF_H * (1 - Math.exp(-AHEAD_H / WEARS_OFF_H))
/** Hours until a limit is reached on that course. */
const hoursTo = (c: number, perHour: number, limit: number) =>
  -WEARS_OFF_H * Math.log(1 - (limit - c) / (perHour * WEARS_OFF_H))

function soon(hours: number): string {
  if (hours < 1.5) return `in ${Math.max(1, Math.round(hours * 60))} min`
  return `in ${Math.round(hours)} h`
}

type Caller = ReturnType<typeof caller>

export interface AlarmWatch {
  /** What a reading calls. One that is older than the last, or is no number, is as if it had not come. */
  see(reading: SentReading): AlarmEvent[]
  /** What the time calls while no reading comes. */
  wait(now: Instant): AlarmEvent[]
}

/**
 * Watches one instrument by rules. It holds what it has called, so that nothing is called twice and nothing flaps.
 * @param place where the instrument is, for the texts
 */
export function alarmWatch(rules: readonly AlarmRule[], place = ''): AlarmWatch {
  const sides = rules.map(() => ({ low: caller(), high: caller(), fast: caller() }))
  const kept: TimedReading[] = []
  const steps: number[] = []
  let dead = false
  const where = place ? `${place}: ` : ''

  const usualStep = () => [...steps].sort((a, b) => a - b)[steps.length >> 1] ?? null
  const toward = (way: 'low' | 'high', rule: AlarmRule) =>
    `${way === 'high' ? 'too warm' : 'too cold'}${rule.harms ? ` for ${rule.harms}` : ''}`

  /** What one of the limits calls. */
  function limit(side: Caller, way: 'low' | 'high', rule: AlarmRule, c: number, trend: Trend) {
    const at = rule[way]
    if (at === null) return null
    const sign = way === 'high' ? 1 : -1
    const over = sign * (c - at)
    const comes = over <= 0 && sign * (leadsTo(c, trend.surely) - at) > 0
    const holds = { beyond: over > 0, coming: comes, well: over <= -BACK_C && !comes }
    const kind = side(holds, usualStep() ?? 0)
    if (!kind) return null
    const harm = toward(way, rule)
    const goes = `${sign > 0 ? 'rising' : 'falling'} by ${degrees(Math.abs(trend.perHour))} an hour`
    const texts = {
      alarm: () => `${degrees(c)}, ${harm} (${degrees(at)}). ${FIRST_STEP[way]}`,
      warning: () =>
        `${degrees(c)} and ${goes}: ${harm} ${soon(hoursTo(c, trend.perHour, at))}. ${FIRST_STEP[way]}`,
      over: () => `${degrees(c)}, within its limits again.`,
    }
    return { kind, text: where + texts[kind]() }
  }

  function pace(side: Caller, rule: AlarmRule, c: number, trend: Trend) {
    if (rule.perHour === null) return null
    const fast = Math.abs(trend.perHour)
    const holds = {
      beyond: false,
      coming: Math.abs(trend.surely) > rule.perHour,
      well: fast < rule.perHour / 2,
    }
    const kind = side(holds, usualStep() ?? 0)
    if (!kind) return null
    const changing = `changing by ${degrees(fast)} an hour, more than ${degrees(rule.perHour)}`
    const text = kind === 'over' ? 'steady again.' : `${changing}. ${FIRST_STEP.fast}`
    return { kind, text: `${where}${degrees(c)}, ${text}` }
  }

  const minuteOf = (at: Instant) => Date.parse(at) / 60_000

  function wait(now: Instant): AlarmEvent[] {
    const last = kept.at(-1)
    const step = usualStep()
    if (!last || step === null || dead) return []
    const missed = Math.floor((minuteOf(now) - last.min) / step + 1e-6)
    if (missed < MISSED) return []
    dead = true
    const at = new Date((last.min + MISSED * step) * 60_000).toISOString()
    const text = `${where}no reading for ${numberText(Math.round(MISSED * step * 10) / 10)} min; the last was ${degrees(last.c)}. ${FIRST_STEP.dead}`
    return [{ at, kind: 'dead', about: PROBE, text }]
  }

  /** The probe is silent, or reads again. */
  function silence(at: Instant, min: number, c: number): AlarmEvent[] {
    const step = usualStep() ?? 0
    // The reading that comes now is not missing: what is, came before it.
    const events = wait(new Date((min - step / 2) * 60_000).toISOString())
    if (!dead) return events
    dead = false
    kept.length = 0
    return [
      ...events,
      { at, kind: 'over', about: PROBE, text: `${where}the probe reads again: ${degrees(c)}.` },
    ]
  }

  function keep(min: number, c: number) {
    const last = kept.at(-1)
    if (last) steps.push(min - last.min)
    if (steps.length > STEPS_KEPT) steps.shift()
    kept.push({ min, c })
    const horizon = Math.max(TREND_MIN, 4 * (usualStep() ?? 0)) + 1
    while (kept[0]!.min < min - horizon) kept.shift()
  }

  function see({ at, value }: SentReading): AlarmEvent[] {
    const min = minuteOf(at)
    if (Number.isNaN(min)) return []
    if (typeof value !== 'number' || !isBelieved(value)) return wait(at)
    if (min <= (kept.at(-1)?.min ?? -Infinity)) return []
    const events = silence(at, min, value)
    keep(min, value)
    const trend = trendOf(kept)
    const calls = rules.flatMap((rule, i) => [
      { about: `high ${i}`, call: limit(sides[i]!.high, 'high', rule, value, trend) },
      { about: `low ${i}`, call: limit(sides[i]!.low, 'low', rule, value, trend) },
      { about: `pace ${i}`, call: pace(sides[i]!.fast, rule, value, trend) },
    ])
    return [
      ...events,
      ...calls.flatMap(({ about, call }) => (call ? [{ at, about, ...call }] : [])),
    ]
  }
  return { see, wait }
}

/** What a run of readings calls. @param until the instant it is looked at; null: the last reading */
export function alarms(
  readings: readonly SentReading[],
  rules: readonly AlarmRule[],
  { place = '', until = null }: { place?: string; until?: Instant | null } = {},
): AlarmEvent[] {
  const watch = alarmWatch(rules, place)
  const events = readings.flatMap(r => watch.see(r))
  return until ? [...events, ...watch.wait(until)] : events
}
