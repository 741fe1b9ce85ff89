import * as z from 'zod'
import { id, instant } from '../records'
import { ANSWERS } from '../vocabulary'
import { about } from './fields'

/** Answers, clocks, notes, and what was undone. */
export const roundEntries = {
  /** A stop of a round was answered, and how: nothing asks the same again at this round. */
  'stop.answered': z.object({
    key: z.string().max(160),
    roundKey: z.string().max(40),
    how: z.enum(ANSWERS),
    /** Minutes that such a stop takes, as they were reckoned. */
    minutes: z.number().min(0).max(1000).default(0),
  }),
  'clock.started': z.object({ clockId: id, label: z.string().max(120), endsAt: instant, about }),
  'clock.seen': z.object({ clockId: id }),
  'note': z.object({ text: z.string().trim().min(1).max(2000) }),
  /** Strikes out every entry of an act, another undo included. */
  'undone': z.object({ act: id }),
}
