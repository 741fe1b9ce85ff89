import { NAUPLII } from '../foods/hatchProfile'
import { randomStream } from '../math/random'
import type { Draft, RecordDraft } from '../records/draft'
import type { EntryData } from '../records/entries'
import type { Level, TrialAsk } from '../records/vocabulary'
import { newCultures, type NewCulture } from '../stock/newCultures'
import type { RoomState } from '../stock/roomState'
import { addHours, type Instant } from '../time/localDate'
import { ASKS } from '../trials/asks'
import { deal, type Dealt } from '../trials/deal'
import { factorOf, type FactorId } from '../trials/factors'

/** One way of those that are compared, as it was chosen. */
export interface ArmChoice {
  name: string
  methodId: string | null
  lotId: string | null
  hours: number | null
}
/** A place at a height where vessels of a trial may stand. */
export interface Spot {
  placeId: string | null
  level: Level
  name: string
}
export interface TrialDesign {
  name: string
  asks: TrialAsk
  factor: FactorId
  foodId: string | null
  methodId: string | null
  arms: readonly ArmChoice[]
  each: number
  spots: readonly Spot[]
  untilDays: number
  onDay: number | null
  vessel: { litres: number; temperatureC: number; warmth: 'own' | 'place' }
  /** Where a starter comes from, and how much each vessel gets; null where none is needed. */
  starter: Pick<EntryData<'culture.started'>, 'origin' | 'parentIds' | 'starterMl'> | null
  /** Share of the mother that all of it takes. */
  motherShare: number
  /** What every bottle gets; null for what does not hatch. */
  hatch: { lotId: string; saltId: string; saltGL: number; cystsG: number } | null
  /** Broods that are put on the diets. */
  broodIds: readonly string[]
}
export interface StartedTrial {
  trialId: string
  entries: Draft[]
  records: RecordDraft[]
}

const DAY_PULL_H = 24
const armId = (i: number) => 'ABCDEF'[i]!
const madeNothing = { matter: '', water: '', medium: '', remark: '' }

interface Setting {
  state: RoomState
  design: TrialDesign
  now: Instant
  label: (d: Dealt) => string
}
const armOf = ({ design }: Setting, d: Dealt) =>
  design.arms[design.arms.findIndex((_, i) => armId(i) === d.armId)]!

/** The record of a vessel: its name tells a number and nothing of its arm. */
function vesselFor(s: Setting, d: Dealt): NewCulture {
  const { design, now } = s
  const arm = armOf(s, d)
  const spot = design.spots[d.spot]
  const isHatch = design.hatch !== null
  return {
    name: s.label(d),
    foodId: isHatch ? NAUPLII : design.foodId!,
    methodId: arm.methodId ?? design.methodId!,
    kind: null,
    placeId: spot?.placeId ?? null,
    level: spot?.level ?? 'middle',
    vesselId: null,
    vesselKind: 'jar',
    startedAt: now,
    litres: design.vessel.litres as never,
    starter: 1,
    temperatureC: design.vessel.temperatureC as never,
    warmth: isHatch ? 'own' : design.vessel.warmth,
    setId: null,
    mother: false,
  }
}

function hatchFor(s: Setting, d: Dealt): EntryData<'culture.started'>['hatch'] {
  const { hatch, vessel } = s.design
  if (!hatch) return null
  const arm = armOf(s, d)
  return {
    lotId: arm.lotId ?? hatch.lotId,
    saltId: hatch.saltId,
    waterL: vessel.litres as never,
    saltG: (vessel.litres * hatch.saltGL) as never,
    cystsG: hatch.cystsG as never,
    sodaG: 0 as never,
    temperatureC: vessel.temperatureC as never,
    lit: true,
    decapsulated: false,
    pullsAt: [addHours(s.now, arm.hours ?? DAY_PULL_H)],
    proposed: null,
  }
}

/** What a start says of itself: the one thing in which the arms differ, in the room's own words. */
function startedData(s: Setting, d: Dealt, cultureId: string): EntryData<'culture.started'> {
  const { made } = factorOf(s.design.factor)
  const origin = s.design.starter ?? {
    origin: 'unknown' as const,
    parentIds: [],
    starterMl: null,
  }
  return {
    cultureId,
    ...origin,
    despite: [],
    taken: null,
    made: made ? { ...madeNothing, [made]: armOf(s, d).name } : null,
    hatch: hatchFor(s, d),
  }
}

/** Vessels of a trial with their starts, in the order they were dealt. */
function vessels(s: Setting, dealt: readonly Dealt[], newId: () => string) {
  const cultures = newCultures(
    s.state,
    dealt.map(d => vesselFor(s, d)),
    newId,
  )
  const entries = cultures.map((c, i): Draft => ({
    kind: 'culture.started',
    subject: { type: 'culture', id: c.id },
    data: startedData(s, dealt[i]!, c.id),
  }))
  return { cultures, entries }
}

/** Taken out of the mother for all vessels together. */
function motherTaken({ starter, motherShare }: TrialDesign, label: string): Draft[] {
  const [cultureId] = starter?.parentIds ?? []
  if (!cultureId || motherShare <= 0) return []
  return [
    {
      kind: 'culture.did',
      subject: { type: 'culture', id: cultureId },
      data: {
        cultureId,
        action: 'takeOut',
        amount: motherShare,
        unit: 'share',
        what: `starter for ${label}`,
        agent: null,
        proposed: null,
        despite: [],
      },
    },
  ]
}

/**
 * A trial from its plan to its vessels, in one act: places dealt, labels that tell nothing, every start written down.
 * @param seed of the dealing
 */
export function startTrial(
  state: RoomState,
  design: TrialDesign,
  now: Instant,
  newId: () => string,
  seed: number,
): StartedTrial {
  const trialId = newId()
  const code = `T${state.trials.length + 1}`
  const isDiet = ASKS[design.asks].kind === 'diet'
  const ids = design.arms.map((_, i) => armId(i))
  const count = isDiet ? Math.ceil(design.broodIds.length / ids.length) : design.each
  const dealt = deal(ids, count, design.spots.length, randomStream(seed))
  const s: Setting = { state, design, now, label: d => `${code}-${d.number}` }
  const standsInVessels = ['culture', 'hatch'].includes(ASKS[design.asks].kind)
  const made = standsInVessels ? vessels(s, dealt, newId) : { cultures: [], entries: [] }
  const used = isDiet ? dealt.slice(0, design.broodIds.length) : dealt
  const members = used.map((d, i) => ({
    id: newId(),
    armId: d.armId,
    label: isDiet
      ? (state.broods.find(b => b.brood.id === design.broodIds[i])?.brood.name ?? s.label(d))
      : s.label(d),
    place: standsInVessels ? (design.spots[d.spot]?.name ?? '') : '',
    of: ofMember(isDiet ? design.broodIds[i] : undefined, made.cultures[i]?.id),
  }))
  const trial: RecordDraft = {
    id: trialId,
    type: 'trial',
    name: design.name,
    asks: design.asks,
    factor: factorOf(design.factor).name,
    foodId: design.foodId,
    methodId: design.methodId,
    onDay: design.onDay,
    untilDays: design.untilDays,
    startedAt: now,
    planned: true,
    arms: design.arms.map((a, i) => ({ id: armId(i), name: a.name })),
    members,
  }
  return {
    trialId,
    entries: [...motherTaken(design, code), ...made.entries],
    records: [trial, ...made.cultures],
  }
}

function ofMember(broodId: string | undefined, cultureId: string | undefined) {
  if (broodId) return { type: 'brood' as const, id: broodId }
  return cultureId ? { type: 'culture' as const, id: cultureId } : null
}

/** A comparison of what stood already: nothing is started, and it is marked as what it is. */
export function compareStanding(
  design: Pick<TrialDesign, 'name' | 'asks' | 'factor' | 'foodId' | 'onDay' | 'untilDays'>,
  arms: readonly {
    name: string
    cultures: readonly { id: string; name: string; startedAt: string }[]
  }[],
  now: Instant,
  newId: () => string,
): StartedTrial {
  const trialId = newId()
  const { factor, ...rest } = design
  const trial: RecordDraft = {
    id: trialId,
    type: 'trial',
    ...rest,
    methodId: null,
    factor: factorOf(factor).name,
    startedAt: now,
    planned: false,
    arms: arms.map((a, i) => ({ id: armId(i), name: a.name })),
    members: arms.flatMap((a, i) =>
      a.cultures.map(c => ({
        id: newId(),
        armId: armId(i),
        label: c.name,
        place: '',
        of: { type: 'culture' as const, id: c.id },
      })),
    ),
  }
  return { trialId, entries: [], records: [trial] }
}
