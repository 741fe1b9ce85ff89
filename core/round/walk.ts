import * as z from 'zod'
import { ANSWERS, type Answer } from '../records/vocabulary'
import { instant } from '../records/recordFields'
import type { Instant } from '../time/localDate'

/** What became of a stop on a walk: not answered yet, answered, or no longer asked without an answer here. */
const FATES = ['open', ...ANSWERS, 'gone'] as const

const walkStep = z.object({
  key: z.string(),
  place: z.string(),
  /** Its first sentence. */
  text: z.string(),
  fate: z.enum(FATES),
  /** What its answer did, in a few words. */
  said: z.string().nullable(),
  /** It was answered, and the round has been built since: when it is asked again it is open again. */
  left: z.boolean(),
})
export type WalkStep = z.infer<typeof walkStep>

/** A round that is walked, one stop at a time. It outlives the page: whoever comes back stands at the same stop. */
export const walk = z.object({
  roundKey: z.string(),
  startedAt: instant,
  /** When the last stop was answered. */
  lastAt: instant.nullable(),
  /** Key of the stop that is looked at; null before the first and after the last. */
  at: z.string().nullable(),
  /** What the round takes is at hand. */
  fetched: z.boolean(),
  steps: z.array(walkStep),
})
export type Walk = z.infer<typeof walk>

type Asked = Pick<WalkStep, 'key' | 'place' | 'text'>

export const beginWalk = (roundKey: string, startedAt: Instant): Walk => ({
  roundKey,
  startedAt,
  lastAt: null,
  at: null,
  fetched: false,
  steps: [],
})

export const openSteps = (w: Walk): WalkStep[] => w.steps.filter(s => s.fate === 'open')

/** A step as the round has it now: what was answered and is asked again after the round was built is open again. */
function asAsked(before: WalkStep | undefined, asked: Asked): WalkStep {
  const answered = before && before.fate !== 'open' && before.fate !== 'gone' && !before.left
  return answered ? { ...before, ...asked } : { ...asked, fate: 'open', said: null, left: false }
}

/** A step that the round no longer asks. */
const asGone = (s: WalkStep): WalkStep =>
  s.fate === 'open' ? { ...s, fate: 'gone', left: true } : { ...s, left: true }

/** The next open step behind a place among the steps, or the first of all; null when none is left. */
function nextOpen(steps: readonly WalkStep[], from: number): string | null {
  const open = (s: WalkStep) => s.fate === 'open'
  return (steps.slice(from).find(open) ?? steps.find(open))?.key ?? null
}

/**
 * Takes the stops of the round as it stands now into a walk: those that went keep their place among the steps, new ones get theirs,
 * and whoever stood at one that went stands at the next.
 */
export function keepPace(w: Walk, asked: readonly Asked[]): Walk {
  const known = new Map(w.steps.map(s => [s.key, s]))
  const now = new Set(asked.map(a => a.key))
  const steps = asked.map(a => asAsked(known.get(a.key), a))
  w.steps.forEach((s, i) => {
    if (now.has(s.key)) return
    const before = w.steps[i - 1]
    const at = before ? steps.findIndex(x => x.key === before.key) + 1 : 0
    steps.splice(at, 0, asGone(s))
  })
  const here = steps.find(s => s.key === w.at)
  if (!w.fetched || w.at === null || here?.fate === 'open') return { ...w, steps }
  const from = steps.findIndex(s => s.key === w.at) + 1
  return { ...w, steps, at: nextOpen(steps, from) }
}

/** What the round takes is at hand: to the first stop. */
export const setOut = (w: Walk): Walk => ({ ...w, fetched: true, at: nextOpen(w.steps, 0) })

/** A stop was answered: on to the next. */
export function answered(w: Walk, key: string, fate: Answer, said: string, now: Instant): Walk {
  const steps = w.steps.map(s => (s.key === key ? { ...s, fate, said, left: false } : s))
  const here = w.at === key
  const from = steps.findIndex(s => s.key === key) + 1
  return { ...w, steps, lastAt: now, at: here ? nextOpen(steps, from) : w.at }
}

/** An answer was taken back: whoever took it back stands at its stop again. */
export function reopened(w: Walk, key: string): Walk {
  if (!w.steps.some(s => s.key === key)) return w
  const steps = w.steps.map((s): WalkStep =>
    s.key === key ? { ...s, fate: 'open', said: null, left: false } : s,
  )
  return { ...w, steps, at: key, fetched: true }
}

/** On to the next open stop, or back to the one before; behind the last is the end, before the first what is to be fetched. */
export function goBy(w: Walk, by: 1 | -1): Walk {
  const open = openSteps(w)
  if (!w.fetched) return by === 1 ? setOut(w) : w
  const i = w.at === null ? open.length : open.findIndex(s => s.key === w.at)
  const to = Math.min(open.length, i + by)
  if (to < 0) return { ...w, fetched: false, at: null }
  return { ...w, at: open[to]?.key ?? null }
}

export interface WalkPlace {
  name: string
  steps: number
  /** Of them answered, or gone. */
  over: number
  here: boolean
}

/** The places of a walk in a row. */
export function placesOfWalk(w: Walk): WalkPlace[] {
  const places: WalkPlace[] = []
  for (const s of w.steps) {
    if (places.at(-1)?.name !== s.place)
      places.push({ name: s.place, steps: 0, over: 0, here: false })
    const place = places.at(-1)!
    place.steps++
    if (s.fate !== 'open') place.over++
    if (s.key === w.at) place.here = true
  }
  return places
}
