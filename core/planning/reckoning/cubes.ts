import { frozenNauplii } from '../../feeds/frozenNauplii'
import type { RoomState } from '../../stock/roomState'
import { allocate, type Batch, type Want } from '../allocate'
import { SPILL, type Meal } from '../meals'
import { liveBatches, type ExpectedPull } from '../supply'

/** Nauplii that a cube of the usual tray holds, where none was frozen yet (working estimate). */
export const NAUPLII_PER_CUBE = 5000

/** Part of a pull that is frozen, for cubes that are wanted by a date. */
export interface Freezing {
  cubes: number
  nauplii: number
  /** Cubes in the freezer, and that are wanted. */
  have: number
  wanted: number
}

const cubesIn = (state: RoomState) =>
  state.stores.filter(s => s.foodId === frozenNauplii.id && s.keep === 'freezer')

/** Nauplii in a cube, as they were frozen here last. */
export const naupliiPerCube = (state: RoomState): number =>
  cubesIn(state).findLast(s => s.unit === 'cube' && s.perUnit !== null)?.perUnit ?? NAUPLII_PER_CUBE

/** Full-yolk nauplii of a pull that no meal needs: neither now nor while it keeps in the fridge. */
function spareOf(
  state: RoomState,
  pulls: readonly ExpectedPull[],
  pull: ExpectedPull,
  meals: readonly Meal[],
) {
  const id = `${pull.hatch.id}:${pull.pullNo}`
  const batches: Batch[] = liveBatches(state, pulls)
  const mine = batches.find(b => b.id === id)
  if (!mine) return 0
  const wants = meals.map((m, i): Want => ({
    key: `${i}`,
    at: m.at,
    useful: m.nauplii * (1 + SPILL),
  }))
  const others = batches.filter(b => b.id !== id)
  const lackingWithout = allocate(wants, others)
  const open = wants.map(w => ({ ...w, useful: lackingWithout.get(w.key)! }))
  const lackingStill = allocate(open, [mine])
  const serves = open.reduce((n, w) => n + w.useful - lackingStill.get(w.key)!, 0)
  return Math.max(0, mine.useful - serves)
}

/**
 * Whole cubes of what a pull has over, towards those that are wanted by a date: an eater of the lowest rank.
 * Null where none are wanted any more, or nothing is over.
 */
export function freezingOf(
  state: RoomState,
  pulls: readonly ExpectedPull[],
  pull: ExpectedPull,
  meals: readonly Meal[],
): Freezing | null {
  const wish = state.room.cubesWanted
  if (!wish || state.today > wish.by || pull.energy <= 0) return null
  const have = cubesIn(state).reduce((n, s) => n + (s.amount ?? 0), 0)
  const missing = Math.ceil(wish.cubes - have - 1e-9)
  const each = naupliiPerCube(state)
  const spare = spareOf(state, pulls, pull, meals) / pull.energy
  const cubes = Math.min(missing, Math.floor(spare / each))
  return cubes > 0 ? { cubes, nauplii: cubes * each, have, wanted: wish.cubes } : null
}
