import type { Food } from '../foods/contract'
import { foodOf } from '../foods/index'
import type { Entry } from '../records/entries'
import type { Cleaner, RefusalId, Water } from '../records/vocabulary'
import type { CultureState } from '../stock/cultures'
import { hoursBetween, type Instant } from '../time/localDate'
import { feedAmount, takeShare, type Tended } from './amounts'

/** Something that does harm, and why. It may be done all the same; the log then says so. */
export interface Refusal {
  id: RefusalId
  why: string
}

/** Bleach and acid keep this far apart in time, h. */
const APART_H = 2
/** A harvest may take this much more than grows back before it is held up. */
const TOO_MUCH = 2
/** Chance from which it counts as still growing. */
const GROWING_FROM = 0.7

const isAcid = (c: CultureState) => foodOf(c.record.foodId)?.acid === true

const work = [
  'culture.harvested',
  'culture.did',
  'culture.started',
  'culture.ended',
  'culture.looked',
]
const lastWork = (entries: readonly Entry[], test: (e: Entry) => boolean) =>
  entries.findLast(e => work.includes(e.kind) && test(e))
const bleached = (e: Entry) =>
  (e.kind === 'culture.did' && e.data.agent === 'bleach') ||
  (e.kind === 'culture.ended' && e.data.cleaner === 'bleach')

/** Whether bleach would meet acid: in this vessel, at its place, or within two hours of acid work anywhere. */
export function bleachRefusal(
  c: CultureState,
  states: readonly CultureState[],
  entries: readonly Entry[],
  now: Instant,
): Refusal | null {
  const why = (what: string): Refusal => ({
    id: 'bleach-near-acid',
    why: `${what}. Bleach and acid make chlorine gas: do one today and the other tomorrow, in another place.`,
  })
  if (isAcid(c)) return why(`${c.record.name} holds vinegar`)
  const acid = states.filter(s => s.ended === null && isAcid(s))
  const near = acid.find(s => s.placeId !== null && s.placeId === c.placeId)
  if (near) return why(`${near.record.name} with vinegar stands at the same place`)
  const ids = new Set(states.filter(isAcid).map(s => s.id))
  const last = lastWork(entries, e => 'cultureId' in e.data && ids.has(e.data.cultureId))
  return last && hoursBetween(last.at, now) < APART_H
    ? why('Vinegar work was done within the last two hours')
    : null
}

/** Whether acid work would follow bleach. */
export function acidRefusal(
  food: Pick<Food, 'acid'>,
  entries: readonly Entry[],
  now: Instant,
): Refusal | null {
  const last = food.acid ? lastWork(entries, bleached) : undefined
  return last && hoursBetween(last.at, now) < APART_H
    ? {
        id: 'bleach-near-acid',
        why: 'Bleach was used within the last two hours. Bleach and vinegar make chlorine gas: wait, and air the room.',
      }
    : null
}

/** What speaks against feeding this culture out today. */
export function harvestRefusals(v: Tended, share: number): Refusal[] {
  const {
    food,
    reading: { look, estimate: e },
    culture,
  } = v
  const words: Partial<Record<RefusalId, string>> = {
    cloudy:
      'It is believed to be cloudy still: that is bacteria, and it fouls the tank and harms fry. Wait until it has cleared and specks swim; if it is clear in your hand, log that look first.',
    pupae:
      'Pupae are due: what hatches bites. Empty it on dry ground now, and feed out only what is counted into the tank.',
  }
  const found = (food.foul ?? [])
    .filter(f => (look[f.sign] ?? 0) >= f.from)
    .map((f): Refusal => ({ id: f.refusal, why: words[f.refusal] ?? '' }))
  const growing = e.readiness.resting + e.readiness.building
  if (found.length === 0 && growing > GROWING_FROM)
    found.push({
      id: 'unready',
      why: `It is still growing (${Math.round(growing * 100)} % sure): what is taken now is missing from its growth.`,
    })
  const grows = takeShare(v).value
  if (found.length === 0 && share > Math.max(1 / 3, TOO_MUCH * grows) + 1e-9)
    found.push({
      id: 'too-much',
      why: `That is ${Math.round(share * 100)} % of it, and ${Math.round(grows * 100)} % grow back in a day: it may take weeks to come back.`,
    })
  if (culture.record.mother)
    found.push({
      id: 'mother',
      why: 'It is the mother of its line, kept clean and never fed from: take a daughter.',
    })
  if (culture.quarantine)
    found.push({
      id: 'quarantine',
      why: `It stands apart (${culture.quarantine.reason || 'no reason written'}): what is in it would go to the fry.`,
    })
  return found
}

/** What speaks against feeding the culture now. */
export const feedRefusals = (v: Tended): Refusal[] =>
  feedAmount(v)?.stillFed
    ? [
        {
          id: 'still-fed',
          why: 'The water is believed to be cloudy with food still, or sour: more of it rots, and crashes a culture overnight. Feed when it has cleared.',
        },
      ]
    : []

/** What speaks against this water. */
export const waterRefusals = (v: Pick<Tended, 'food'>, water: Water): Refusal[] =>
  (v.food.harmfulWater ?? []).includes(water)
    ? [
        {
          id: 'fresh-conditioner',
          why:
            water === 'tap'
              ? 'Water straight from the tap carries chlorine and copper: it kills them. Let it stand a day with air, or take aged or tank water.'
              : 'Fresh conditioner harms them: let conditioned water stand a day, then it counts as aged.',
        },
      ]
    : []

/** What speaks against cleaning a vessel with this. */
export const cleanRefusals = (
  c: CultureState,
  cleaner: Cleaner,
  states: readonly CultureState[],
  entries: readonly Entry[],
  now: Instant,
): Refusal[] => {
  const r = cleaner === 'bleach' ? bleachRefusal(c, states, entries, now) : null
  return r ? [r] : []
}
