import * as z from 'zod'
import {
  kitchenBatch,
  kitchenIngredients,
  kitchenLearned,
  trayVolume,
} from '../../../stock/gelKitchen'
import { GEL_FORMS } from '../../../records/vocabulary'
import type { EntryData } from '../../../records/entries'
import type { AnswerContext, Written } from '../../stopKind'
import type { CookStop } from './find'

/** How many of which tray were filled. */
export const cookGiven = z.object({
  trays: z.number().int().min(1).max(200),
  form: z.enum(GEL_FORMS),
})
export type CookGiven = z.infer<typeof cookGiven>

/** Pieces of a bag or a coated thing are cut by hand; of a tray they are its cells. */
const PIECES_PER_ML = 0.5

/** A batch of the usual tray as it is proposed; null where no tray is named yet. */
function usualBatch(
  stop: CookStop,
  trays: number,
  c: AnswerContext,
): EntryData<'gel.cooked'> | null {
  const { mix } = stop.cover
  const tray = c.state.gel.trays[0]
  if (!tray) return null
  const learned = kitchenLearned(c.state.entries, mix)
  const fillMl = trayVolume(tray) * trays
  const batch = kitchenBatch(mix, kitchenIngredients(c.state.gel.ingredients), {
    fillMl,
    parts: learned.parts,
    solidShare: learned.solid.value,
    lossShare: learned.loss.value,
    measures: c.state.room.measures,
  })
  const cells =
    'cells' in tray.fill ? tray.fill.cells * trays : Math.max(1, Math.round(fillMl * PIECES_PER_ML))
  const { moisture, protein } = mix.label
  return {
    batchId: c.newId(),
    mixId: mix.id,
    boxName: `${mix.name} box`.slice(0, 60),
    store: 'freezer',
    form: tray.form,
    powderG: batch.powderG,
    powderMl: batch.powderMl,
    waterMl: batch.allWaterMl,
    filledMl: fillMl,
    leftMl: 0,
    landedG: null,
    pieces: cells,
    pieceMm: null,
    moisture: batch.moisture,
    solidShare: learned.solid.value,
    lossShare: learned.loss.value,
    protein: Math.min(100, protein / (1 - Math.min(0.99, moisture / 100))),
  }
}

export function cookDone(stop: CookStop, given: CookGiven | null, c: AnswerContext): Written {
  const batch = usualBatch(stop, given?.trays ?? 1, c)
  const said = batch ? `${batch.boxName}: ${batch.pieces} pieces in the freezer.` : 'Noted.'
  return {
    said,
    records: [],
    entries: batch
      ? [{ kind: 'gel.cooked', subject: { type: 'store', id: batch.batchId }, data: batch }]
      : [],
  }
}
