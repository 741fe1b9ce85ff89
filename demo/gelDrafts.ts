import type { GelStop } from '@renatus/core/round/gelStops'
import { toMs } from '@renatus/core/time/localDate'
import type { Context, Draft } from './draft'
import { loftBatch } from './gelShelf'

/** What the person of the demo does in the kitchen: makes the tub, cooks a tray when it is asked for, throws out what is old. */
export function gelDrafts(stop: GelStop, c: Context): Draft[] {
  switch (stop.type) {
    case 'tub':
      return [
        {
          kind: 'gel.tubbed',
          subject: { type: 'gel-box', id: stop.box.id },
          data: {
            boxId: stop.box.id,
            boxName: stop.box.name,
            on: stop.key.slice(-10),
            tanks: stop.tanks.map(t => ({ tankId: t.tankId, pieces: t.pieces })),
            pieces: stop.pieces,
          },
        },
      ]
    case 'old-gel':
      return [
        {
          kind: 'gel.discarded',
          subject: { type: 'gel-box', id: stop.box.id },
          data: {
            boxId: stop.box.id,
            boxName: stop.box.name,
            pieces: stop.box.pieces,
            reason: 'past its days',
          },
        },
      ]
    case 'cook': {
      const batchId = c.id(toMs(c.at))
      const { mix } = stop.cover
      const batch = loftBatch()
      return [
        {
          kind: 'gel.cooked',
          subject: { type: 'gel-box', id: batchId },
          data: {
            batchId,
            mixId: mix.id,
            boxName: 'Blue box',
            store: 'freezer',
            form: 'tray',
            powderG: batch.powderMl * mix.gPerMl,
            powderMl: batch.powderMl,
            waterMl: batch.waterMl,
            filledMl: batch.filledMl,
            leftMl: 0,
            landedG: null,
            pieces: batch.pieces,
            pieceMm: null,
            moisture: mix.label.moisture,
            solidShare: 0.41,
            lossShare: 0.04,
            protein: mix.label.protein / (1 - mix.label.moisture / 100),
          },
        },
      ]
    }
  }
}
