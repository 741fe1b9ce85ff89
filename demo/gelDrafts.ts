import type { GelStop } from '@renatus/core/round/gelStops'
import { toMs } from '@renatus/core/time/localDate'
import type { Context, Draft } from './draft'

/** Cells of the loft's ice tray, and what one takes. */
export const TRAY = { cells: 40, lengthMm: 20, widthMm: 20, heightMm: 15 } as const
const TRAY_ML = (TRAY.cells * TRAY.lengthMm * TRAY.widthMm * TRAY.heightMm) / 1000
const LOSS = 0.04

/** What the person of the demo does in the kitchen: makes the tub, cooks a tray when it is asked for, throws out what is old. */
export function gelDrafts(stop: GelStop, c: Context): Draft[] {
  switch (stop.type) {
    case 'tub': return [{
      kind: 'gel.tubbed', subject: { type: 'gel-box', id: stop.box.id },
      data: { boxId: stop.box.id, boxName: stop.box.name, on: stop.key.slice(-10), tanks: stop.tanks.map(t => ({ tankId: t.tankId, pieces: t.pieces })), pieces: stop.pieces },
    }]
    case 'old-gel': return [{ kind: 'gel.discarded', subject: { type: 'gel-box', id: stop.box.id }, data: { boxId: stop.box.id, boxName: stop.box.name, pieces: stop.box.pieces, reason: 'past its days' } }]
    case 'cook': {
      const batchId = c.id(toMs(c.at))
      const { mix } = stop.cover
      // Eyes and jugs of a person: the fill is a little off what was reckoned.
      const powderMl = (TRAY_ML * (1 + LOSS)) / (mix.parts + 0.41)
      const filled = TRAY_ML * Math.min(1, Math.exp(c.chance.normal(-0.02, 0.02)))
      return [{
        kind: 'gel.cooked', subject: { type: 'gel-box', id: batchId },
        data: {
          batchId, mixId: mix.id, boxName: `Blue box ${1 + (c.harvest % 2)}`, store: 'freezer', form: 'tray', powderG: powderMl * mix.gPerMl, powderMl, waterMl: powderMl * mix.parts, filledMl: filled, leftMl: 0, landedG: null,
          pieces: TRAY.cells, pieceMm: 18, moisture: mix.label.moisture, solidShare: 0.41, lossShare: LOSS, protein: mix.label.protein / (1 - mix.label.moisture / 100),
        },
      }]
    }
  }
}
