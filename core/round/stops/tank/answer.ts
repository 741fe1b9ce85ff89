import * as z from 'zod'
import { edible } from '../../../fry/edibles'
import { ofKind } from '../../../records/effectiveEntries'
import type { Portion } from '../../../records/entries'
import type { Draft } from '../../../records/draft'
import { tubOf } from '../../../stock/gelBoxes'
import { GEL_ID } from '../../../stock/gelNeed'
import type { Draw } from '../../../planning/reckoning/draw'
import type { OtherDraw } from '../../../planning/reckoning/eaters'
import { overdrawn } from '../../overdrawn'
import type { AnswerContext, Written } from '../../stopKind'
import type { TankStop } from './find'

/** What really went in, as shares of what was proposed; which tasks were done; the other looks stay open. */
export const tankGiven = z.object({
  /** By food id: 1 is as proposed. */
  foods: z.record(z.string(), z.number().min(0).max(1e6)).default({}),
  tasks: z.array(z.string()).optional(),
  /** More than there is was really given. */
  insist: z.boolean().default(false),
})
export type TankGiven = z.infer<typeof tankGiven>

function portionOf(d: Draw | OtherDraw, share: number): Portion {
  return {
    foodId: d.foodId,
    organisms: d.organisms * share,
    energy: d.source.energy,
    amount: { value: d.amount.value * share, unit: d.amount.unit },
    source: { kind: d.source.kind, id: d.source.id },
  }
}

/** Gel out of the day's tub where it is made, else out of its box. */
function gelPortion(stop: TankStop, share: number, c: AnswerContext): Portion[] {
  const { gel, tank } = stop
  if (!gel || share <= 0) return []
  const tub = tubOf(c.state.entries, c.state.today).find(t => t.tankId === tank.id)
  const pieces = gel.pieces * share
  return [
    {
      foodId: GEL_ID,
      organisms: (pieces * gel.box.pieceDryMg * 1000) / (edible(GEL_ID)?.dryUg ?? 1),
      energy: 1,
      amount: { value: pieces, unit: 'piece' },
      source: { kind: 'store', id: tub?.tubId ?? gel.box.id },
    },
  ]
}

/** Whether what is given of a culture was drawn before, at the stop of its vessel. */
function wasDrawn(c: AnswerContext, cultureId: string, tankId: string): boolean {
  return ofKind(c.state.entries, 'culture.harvested').some(
    e =>
      e.data.cultureId === cultureId &&
      e.data.roundKey === c.roundKey &&
      e.data.portions.some(p => p.tankId === tankId),
  )
}

/** A culture that nobody drew from before is drawn from with the meal. */
function drawnNow(stop: TankStop, share: (id: string) => number, c: AnswerContext): Draft[] {
  const draws = [...stop.draws, ...(stop.grown ? [stop.grown] : [])]
  return draws.flatMap((d): Draft[] => {
    const { source } = d
    const part = share(d.foodId)
    if (source.kind !== 'culture' || source.due || part <= 0) return []
    if (wasDrawn(c, source.id, stop.tank.id)) return []
    const organisms = d.organisms * part
    const holds = source.gives.p50 * 2
    const ml = d.amount.unit === 'mL' ? d.amount.value * part : null
    return [
      {
        kind: 'culture.harvested',
        subject: { type: 'culture', id: source.id },
        data: {
          cultureId: source.id,
          seen: null,
          share: holds > 0 ? Math.min(1, organisms / holds) : 0,
          ml,
          organisms,
          energy: 1,
          count: null,
          cupMl: null,
          finished: false,
          roundKey: c.roundKey,
          portions: [{ tankId: stop.tank.id, organisms, ml }],
          despite: organisms > source.gives.p50 * 1.01 ? ['too-much'] : [],
        },
      },
    ]
  })
}

/** The first source that cannot give so much, in words. */
export function tankTooMuch(stop: TankStop, given: TankGiven): string | null {
  const refusals = stop.draws.map(d =>
    overdrawn(d.source, d.organisms * (given.foods[d.foodId] ?? 1)),
  )
  return refusals.find(r => r !== null) ?? null
}

export function tankDone(stop: TankStop, given: TankGiven | null, c: AnswerContext): Written {
  const { tank } = stop
  const subject = { type: 'tank', id: tank.id }
  const share = (id: string) => given?.foods[id] ?? 1
  const grown = stop.grown ? [portionOf(stop.grown, share(stop.grown.foodId))] : []
  const portions = [
    ...stop.draws.map(d => portionOf(d, share(d.foodId))),
    ...gelPortion(stop, share(GEL_ID), c),
    ...grown,
  ].filter(p => p.organisms > 0)
  const done = given?.tasks
  const tasks = stop.tasks.filter(t => done === undefined || done.includes(t.id))
  return {
    said: `${tank.name} is ${portions.length > 0 ? 'fed' : 'done'}.`,
    records: [],
    entries: [
      ...drawnNow(stop, share, c),
      ...(portions.length > 0
        ? [
            {
              kind: 'tank.fed' as const,
              subject,
              data: { tankId: tank.id, roundKey: c.roundKey, portions, partial: false },
            },
          ]
        : []),
      ...tasks.map((t): Draft => ({
        kind: 'tank.task',
        subject,
        data: { tankId: tank.id, broodId: t.broodId, task: t.id, on: c.state.today },
      })),
    ],
  }
}
