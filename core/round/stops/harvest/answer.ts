import { waysOf } from '../../../stock/hatchPulls'
import * as z from 'zod'
import { HATCH } from '../../../dynamics/hatch/parameters'
import { hatchFood } from '../../../foods/hatchFood'
import { frozenNauplii } from '../../../feeds/frozenNauplii'
import { NAUPLII } from '../../../foods/hatchProfile'
import { ofKind } from '../../../records/effectiveEntries'
import type { Draft } from '../../../records/draft'
import { HARVEST_GRADES } from '../../../records/vocabulary'
import { CUP_ML } from '../../../planning/reckoning/cupMl'
import { addHours } from '../../../time/localDate'
import type { AnswerContext, Written } from '../../stopKind'
import type { HarvestStop } from './find'
import { freezeMl } from './freezeMl'

/** What came: as it looked in the cup, or counted; how large the cup is, and whether the vessel is empty now. */
export const harvestGiven = z.object({
  seen: z.enum(HARVEST_GRADES).default('good'),
  /** Nauplii in the cup; by the look where nobody counted. */
  nauplii: z.number().min(0).max(1e10).optional(),
  count: z
    .object({
      animals: z.number().int().min(0).max(100_000),
      samples: z.number().int().min(1).max(1000),
      sampleMl: z.number().positive().max(100),
    })
    .optional(),
  cupMl: z.number().positive().max(20_000).optional(),
  finished: z.boolean().optional(),
  /** So much of the cup is frozen at once, as so many cubes. */
  frozen: z
    .object({ ml: z.number().positive().max(20_000), cubes: z.number().int().min(1).max(2000) })
    .optional(),
})
export type HarvestGiven = z.infer<typeof harvestGiven>

const FROZEN_NAUPLII = frozenNauplii.id
/** A cup of less is not worth keeping, nauplii. */
const LEAST_KEPT = 1

/** Nauplii that tanks were given out of this hatch before it was written down as harvested. */
function givenBefore(stop: HarvestStop, c: AnswerContext): number {
  return ofKind(c.state.entries, 'tank.fed')
    .filter(e => e.data.roundKey === c.roundKey)
    .flatMap(e => e.data.portions)
    .filter(p => p.source?.id === stop.pull.hatch.id)
    .reduce((n, p) => n + p.organisms, 0)
}

const yieldOf = (seen: HarvestGiven['seen']): number =>
  hatchFood.harvestSigns.find(s => s.id === seen)?.yieldShare ?? 1

function clock(
  c: AnswerContext,
  label: string,
  endsAt: string,
  about: { type: string; id: string },
): Draft {
  return {
    kind: 'clock.started',
    subject: about,
    data: { clockId: c.newId(), label, endsAt, about },
  }
}

/** Nauplii go into a cup and the cup into the fridge; tanks are fed out of it. */
/** A part of the cup goes into the freezer at once. */
function frozen(stop: HarvestStop, nauplii: number, cubes: number, c: AnswerContext): Draft[] {
  const storeId = c.newId()
  return [
    {
      kind: 'store.filled',
      subject: { type: 'store', id: storeId },
      data: {
        storeId,
        name: `Cubes of ${stop.subject.name}`.slice(0, 60),
        foodId: FROZEN_NAUPLII,
        keep: 'freezer',
        unit: 'cube',
        amount: cubes,
        organisms: nauplii,
        energy: stop.pull.energy,
        fromId: stop.pull.hatch.id,
        useBy: null,
      },
    },
  ]
}

/** Two cups of one vessel stand beside each other in the fridge: each has a name of its own for its tape. */
function cupName(vessel: string, { state }: AnswerContext): string {
  const used = new Set(state.stores.map(s => s.name))
  const nameOf = (n: number) => `${n === 1 ? 'Cup' : `Cup ${n}`} of ${vessel}`.slice(0, 60)
  let n = 1
  while (used.has(nameOf(n))) n++
  return nameOf(n)
}

function chilled(stop: HarvestStop, nauplii: number, cupMl: number, c: AnswerContext): Draft[] {
  if (nauplii < LEAST_KEPT) return []
  const storeId = c.newId()
  const about = { type: 'store', id: storeId }
  return [
    {
      kind: 'store.filled',
      subject: about,
      data: {
        storeId,
        name: cupName(stop.subject.name, c),
        foodId: NAUPLII,
        keep: 'fridge',
        unit: 'mL',
        amount: cupMl,
        organisms: nauplii,
        energy: stop.pull.energy,
        fromId: stop.pull.hatch.id,
        useBy: null,
      },
    },
    clock(c, `Fridge: feed ${stop.subject.name} out by`, addHours(c.now, HATCH.fridgeHoldH), about),
  ]
}

/** What was proposed to be frozen, where it came as expected. */
function proposedIce({ freeze, pull }: HarvestStop, given: HarvestGiven | null) {
  if (!freeze || given !== null) return null
  return { ml: freezeMl(freeze, pull), cubes: freeze.cubes }
}

/** What came out, as it was seen or else as it was foretold. */
function pulled({ pull }: HarvestStop, given: HarvestGiven | null) {
  const { seen = 'good', cupMl = CUP_ML, nauplii, finished, count = null } = given ?? {}
  return {
    seen,
    cupMl,
    count,
    nauplii: nauplii ?? pull.nauplii * yieldOf(seen),
    finished: finished ?? pull.pullNo >= pull.ofPulls,
  }
}

/** Of what swims now: all of it, or its part where the bottle is kept. */
const shareOf = ({ pull }: HarvestStop) =>
  waysOf(pull.hatch).pulls === 'each' ? 1 / Math.max(1, pull.ofPulls - pull.pullNo + 1) : 1

export function harvestDone(
  stop: HarvestStop,
  given: HarvestGiven | null,
  c: AnswerContext,
): Written {
  const { pull, subject } = stop
  const { seen, cupMl, nauplii, finished, count } = pulled(stop, given)
  const next = pull.hatch.setup.pullsAt[pull.pullNo]
  const about = { type: 'culture', id: pull.hatch.id }
  const ice = given?.frozen ?? proposedIce(stop, given)
  const iced = ice && cupMl > 0 ? nauplii * Math.min(1, ice.ml / cupMl) : 0
  const left = Math.max(0, nauplii - iced - givenBefore(stop, c))
  const leftMl = Math.max(0.1, cupMl - (ice?.ml ?? 0))
  return {
    said: `${subject.name} is harvested.`,
    records: [],
    entries: [
      {
        kind: 'culture.harvested',
        subject: about,
        data: {
          cultureId: pull.hatch.id,
          seen,
          share: shareOf(stop),
          ml: null,
          organisms: nauplii,
          energy: pull.energy,
          count,
          cupMl,
          finished,
          roundKey: c.roundKey,
          portions: [],
          despite: [],
        },
      },
      ...(ice && iced >= LEAST_KEPT ? frozen(stop, iced, ice.cubes, c) : []),
      ...chilled(stop, left, leftMl, c),
      ...(!finished && next ? [clock(c, `${subject.name} to second pull`, next, about)] : []),
    ],
  }
}
