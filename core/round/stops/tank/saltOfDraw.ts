import type { Draw } from '../../../planning/reckoning/draw'
import type { Tank } from '../../../records/records'
import { isRinsed } from '../../../stock/hatchPulls'
import type { RoomState } from '../../../stock/roomState'
import { numberText } from '../../../units/numberText'
import { carriedSalt } from '../../../water/carriedSalt'

/** "It goes in with its brine: 0.12 g of salt a day on each litre." Empty where the salt is nothing to speak of, or rinsed off. */
export function saltOfDraw(d: Draw, tank: Tank, state: RoomState): string {
  const from = state.stores.find(s => s.id === d.source.id)?.fromId ?? d.source.id
  const hatch = state.hatches.find(h => h.id === from && !isRinsed(h))
  if (!hatch || d.amount.unit !== 'mL') return ''
  const mlADay = d.amount.value * state.room.rounds.length
  const brineGL = hatch.setup.saltG / hatch.setup.waterL
  const salt = carriedSalt(brineGL, mlADay, tank.litres, tank.changePerDay)
  if (salt.level === 'none') return ''
  const grams = (gl: number) => numberText(Number(gl.toPrecision(2)))
  const goes = ` It goes in with its brine: ${grams(salt.perDayGL)} g of salt a day on each litre.`
  if (salt.level === 'note') return goes
  const stands = Number.isFinite(salt.standingGL)
    ? `it settles at ${grams(salt.standingGL)} g/L`
    : 'it heaps up, as no water is changed'
  return `${goes} With the water changed here ${stands}: too much for soft-water fish, fish without scales and plants. Rinse them.`
}
