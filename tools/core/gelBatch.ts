import * as z from 'zod'
import { powderBatch, SOLID_SHARE, trayMl } from '@renatus/core/gel/batch'
import { measures, spoonCount } from './shared'

const mm = z.number().positive().max(1000)
const solid = z.number().min(0.01).max(1)

export const input = z
  .object({
    trays: z.number().positive().max(1000),
    trayMl: z.number().positive().max(20_000).optional(),
    cell: z
      .object({ n: z.number().int().min(1).max(5000), l: mm, w: mm, h: mm })
      .optional()
      .describe('number of cells, and length, width and height in mm'),
    parts: z.number().positive().max(20).describe('volumes of water on a volume of loose powder'),
    solidShare: solid
      .optional()
      .describe(
        'share of the powder volume that is not air; powderGPerMl / 1.35 where it is not given',
      ),
    airFactor: solid.optional().describe('another name of solidShare'),
    lossShare: z.number().min(0).max(0.5).describe('of the tray volume'),
    powderGPerMl: z.number().min(0.05).max(3),
    measures,
  })
  .refine(i => (i.trayMl === undefined) !== (i.cell === undefined), {
    path: ['trayMl'],
    message: 'give trayMl or cell, one of them',
  })
  .refine(
    i => i.solidShare === undefined || i.airFactor === undefined || i.solidShare === i.airFactor,
    { path: ['airFactor'], message: 'it is another name of solidShare, and the two differ' },
  )

export const output = z.object({
  powderMl: z.number(),
  powderG: z.number(),
  waterMl: z.number(),
  spoons: z.array(spoonCount),
  spoonErrorMl: z.number(),
  totalMl: z.number(),
})

export function run(i: z.output<typeof input>): z.input<typeof output> {
  const each = i.cell
    ? trayMl({ cells: i.cell.n, lengthMm: i.cell.l, widthMm: i.cell.w, heightMm: i.cell.h })
    : i.trayMl!
  const b = powderBatch({
    fillMl: i.trays * each,
    parts: i.parts,
    solidShare: i.solidShare ?? i.airFactor ?? SOLID_SHARE,
    lossShare: i.lossShare,
    gPerMl: i.powderGPerMl,
    measures: i.measures,
  })
  return {
    powderMl: b.powderMl,
    powderG: b.powderG,
    waterMl: b.waterMl,
    spoons: b.spoons,
    spoonErrorMl: b.spoonErrorMl,
    totalMl: b.totalMl,
  }
}
