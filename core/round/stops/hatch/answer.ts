import * as z from 'zod'
import { NAUPLII } from '../../../foods/hatchProfile'
import type { Draft, RecordDraft } from '../../../records/draft'
import { HATCH_SCHOOLS } from '../../../records/vocabulary'
import type { HatchSetup } from '../../../records/entries'
import { brineFor, type FromMix } from '../../../stock/fromMix'
import type { AnswerContext, Written } from '../../stopKind'
import type { HatchStop } from './find'

/** What really went in; whatever is left out is as proposed. */
export const hatchGiven = z.object({
  lotId: z.string().optional(),
  saltId: z.string().optional(),
  waterL: z.number().positive().max(200).optional(),
  saltG: z.number().min(0).max(20_000).optional(),
  cystsG: z.number().min(0).max(2000).optional(),
  sodaG: z.number().min(0).max(400).optional(),
  temperatureC: z.number().min(-5).max(60).optional(),
  lit: z.boolean().optional(),
  decapsulated: z.boolean().optional(),
  pullsAt: z.array(z.iso.datetime()).max(15).optional(),
  school: z.enum(HATCH_SCHOOLS).optional(),
  startedAt: z.iso.datetime().optional(),
  /** False: salted anew, though stock brine stands. */
  brine: z.boolean().optional(),
})
export type HatchGiven = z.infer<typeof hatchGiven>

/** A hatch as it is put down: the record of its culture, its start and its clock. */
export interface NewHatch {
  vessel: { id: string; name: string; placeId: string | null; kind: 'cone' | 'bottle' | string }
  school: string
  setup: HatchSetup
  startedAt: string
  /** Stock brine instead of salt. */
  brine?: FromMix | null
}

/** What starting a hatch writes, from whatever page. */
export function startHatch(
  h: NewHatch,
  newId: () => string,
): { entries: Draft[]; records: RecordDraft[] } {
  const cultureId = newId()
  const about = { type: 'culture', id: cultureId }
  const clockAt = h.setup.pullsAt[0]
  return {
    records: [
      {
        id: cultureId,
        type: 'culture',
        name: h.vessel.name,
        foodId: NAUPLII,
        methodId: h.school,
        kind: null,
        placeId: h.vessel.placeId,
        startedAt: h.startedAt,
        litres: h.setup.waterL,
        depthCm: null,
        widthCm: null,
        starter: 1,
        matterGPerL: null,
        temperatureC: h.setup.temperatureC,
        warmth: 'own',
        level: 'middle',
        vesselId: h.vessel.id,
        vesselKind: h.vessel.kind as 'cone',
        code: null,
        order: 0,
        setId: null,
        mother: false,
        logged: true,
      },
    ],
    entries: [
      {
        kind: 'culture.started',
        subject: about,
        at: h.startedAt,
        data: {
          cultureId,
          origin: 'bought',
          parentIds: [],
          starterMl: null,
          despite: [],
          taken: h.brine ? [{ materialId: h.brine.materialId, amount: h.brine.ml }] : null,
          hatch: h.setup,
        },
      },
      ...(clockAt
        ? [
            {
              kind: 'clock.started' as const,
              subject: about,
              data: {
                clockId: newId(),
                label: `${h.vessel.name} to first pull`,
                endsAt: clockAt,
                about,
              },
            },
          ]
        : []),
    ],
  }
}

/** A bottle that is still full is emptied for the next. */
const emptied = (stop: HatchStop): Draft[] =>
  stop.after === null
    ? []
    : [
        {
          kind: 'culture.ended',
          subject: { type: 'culture', id: stop.after.id },
          data: {
            cultureId: stop.after.id,
            how: 'discarded',
            cleaner: 'hot water',
            reason: 'emptied for the next hatch',
            despite: [],
          },
        },
      ]

function setupOf(stop: HatchStop, given: HatchGiven | null): HatchSetup {
  const p = stop.planned
  const proposed = { waterL: p.waterL, saltG: p.saltG, cystsG: p.cystsG }
  const is = { ...asProposed(stop), ...definedOf(given ?? {}) }
  const differs = is.waterL !== p.waterL || is.saltG !== p.saltG || is.cystsG !== p.cystsG
  return { ...is, proposed: differs ? proposed : null } as HatchSetup
}

const asProposed = ({ planned: p }: HatchStop) => ({
  lotId: p.lot.id,
  saltId: p.salt?.id ?? p.vessel.id,
  waterL: p.waterL,
  saltG: p.saltG,
  cystsG: p.cystsG,
  sodaG: p.soda?.firstG ?? 0,
  temperatureC: p.vessel.temperatureC,
  lit: p.lit,
  decapsulated: p.decapsulated,
  pullsAt: p.pulls.map(x => x.at),
})

/** What was given, without what was left open and what is not of the water. */
function definedOf({ startedAt: _, school: __, brine: ___, ...given }: Partial<HatchGiven>) {
  return Object.fromEntries(Object.entries(given).filter(([, v]) => v !== undefined))
}

export function hatchDone(stop: HatchStop, given: HatchGiven | null, c: AnswerContext): Written {
  const { vessel } = stop.planned
  const setup = setupOf(stop, given)
  const startedAt = given?.startedAt ?? c.now
  const school = given?.school ?? stop.planned.school
  const brine =
    given?.brine === false ? null : brineFor(c.state.materials, setup.waterL, setup.saltG)
  const hatch = { vessel, school, setup, startedAt, brine }
  const { entries, records } = startHatch(hatch, c.newId)
  return {
    said: `${vessel.name} is started. Its clock runs.`,
    records,
    entries: [...emptied(stop), ...entries],
  }
}
