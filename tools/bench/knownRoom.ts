/** Whether a food that was never kept in a room is foreseen better for what other foods have told of the room. */
import { estimate } from '@renatus/core/estimation/estimate'
import { roleKey } from '@renatus/core/estimation/learning/foods'
import { handedOn, roomGrowth } from '@renatus/core/estimation/learning/roomGrowth'
import { vesselEvidence } from '@renatus/core/estimation/learning/vesselEvidence'
import { roomLogSd } from '@renatus/core/estimation/subject'
import { median } from '../../tests/core/estimation/figures'
import { fixedDayRule, sloppyCulture, WORLDS, type World } from '../../tests/core/estimation/sloppy'

/** What is new to the room, and what was kept before it: two vessels each, to half as long again as the card says. */
const NEW = ['green-water', 'thinned-daily'] as const
const BEFORE = [
  ['microworm', 'oats'],
  ['infusoria', 'scalded-leaf'],
  ['moina', 'yeast-and-spirulina'],
  ['paramecium', 'boiled-grain'],
] as const
const SEEDS = 300_000

/** By how much the room's growth is believed to lie off the book, as the vessels kept before tell. */
function shiftOf(world: World, seed: number): number {
  const told = BEFORE.map(([food, method]) => {
    const days = Math.round(fixedDayRule(food, method).readyDay * 1.5)
    const vessels = [0, 1].flatMap(i => {
      const at = SEEDS + seed + 1000 * i
      const v = sloppyCulture(food, method, days, at, undefined, {}, world)
      const key = roleKey(v.subject.food, 'growth')!
      return vesselEvidence(v.subject, v.observations, [key], undefined)?.parameters[key] ?? []
    })
    return { food, vessels }
  })
  return handedOn(roomGrowth(told))
}

/** Errors of the ready day, d: by the card, by a filter that knows the book alone, and by one that knows the room. */
export function benchKnownRoom(rooms = 60): void {
  const [food, method] = NEW
  const { readyDay } = fixedDayRule(food, method)
  for (const [name, world] of Object.entries(WORLDS)) {
    const errors = Array.from({ length: rooms }, (_, i) => {
      const k = sloppyCulture(food, method, Math.round(readyDay), 100_001 + i, undefined, {}, world)
      const key = roleKey(k.subject.food, 'growth')!
      const logSd = roomLogSd(k.subject.food.parameters[key]!)
      const known = { [key]: { logShift: shiftOf(world, i + 1), logSd } }
      const off = (priors?: typeof known) => {
        const { readyH } = estimate({ ...k.subject, priors }, k.observations, k.atH).estimate
        return readyH && k.readyH !== null ? Math.abs(readyH.p50 - k.readyH) / 24 : null
      }
      const [book, room] = [off(), off(known)]
      if (book === null || room === null) return []
      return [{ card: Math.abs(readyDay - k.readyH! / 24), book, room }]
    }).flat()
    const said = (of: 'card' | 'book' | 'room') => {
      const all = errors.map(e => e[of])
      const mean = all.reduce((a, b) => a + b, 0) / all.length
      return `${median(all).toFixed(2)} (mean ${mean.toFixed(2)})`
    }
    console.log(
      `known room: ${name.padEnd(15)} ${food} ready day off by ${said('room')} d, by the book alone ${said('book')} d, the card ${said('card')} d; ${errors.length} rooms`,
    )
  }
}
