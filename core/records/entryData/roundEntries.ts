import * as z from 'zod'
import { id, instant } from '../recordFields'
import { ANSWERS, HAND_UNITS } from '../vocabulary'
import { about } from './fields'

/** What a round said of a tank's meal: out of which source how much, and animals that made the whole meal. */
const saidMeal = z.object({
  tankId: id,
  /** The meal was whole with it. */
  whole: z.boolean(),
  draws: z
    .array(
      z.object({
        foodId: z.string().max(60),
        sourceId: id,
        unit: z.enum(HAND_UNITS),
        value: z.number().min(0).max(1e9),
        meal: z.number().min(0).max(1e12),
      }),
    )
    .max(40),
})

/** Answers, clocks, notes, and what was undone. */
export const roundEntries = {
  /** A stop of a round was answered, and how: nothing asks the same again at this round. */
  'stop.answered': z.object({
    key: z.string().max(160),
    roundKey: z.string().max(40),
    how: z.enum(ANSWERS),
    /** Minutes that such a stop takes, as they were reckoned. */
    minutes: z.number().min(0).max(1000).default(0),
    /** What the round said of the meals, where an answer says it first: it holds while the round is worked through. */
    meals: z.array(saidMeal).max(300).nullable().default(null),
  }),
  'clock.started': z.object({ clockId: id, label: z.string().max(120), endsAt: instant, about }),
  'clock.seen': z.object({ clockId: id }),
  'note': z.object({ text: z.string().trim().min(1).max(2000) }),
  /** Strikes out every entry of an act, another undo included. */
  'undone': z.object({ act: id }),
}
