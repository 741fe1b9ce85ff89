/**
 * Version 6 to 7: one system of cultures and stores. A hatch becomes a culture, hatch vessels and
 * jars become vessels, what a tank was given and what was put by are of one kind each.
 * Entries keep their ids, acts and order, so that undos, corrections and merges still meet them.
 */
type Raw = Record<string, unknown>

const NAUPLII = 'brine-shrimp'
const FROZEN = 'frozen-nauplii'
const ofType = (subject: unknown, from: string, to: string): unknown => {
  const s = subject as Raw | null | undefined
  return s?.type === from ? { ...s, type: to } : subject
}
const about7 = (subject: unknown) => ofType(ofType(subject, 'hatch', 'culture'), 'gel-box', 'store')

function portion7(d: Raw): Raw {
  const source = d.source as Raw
  const frozen = source.kind === 'freezer'
  const measured =
    (d.cubes ?? null) === null ? { value: d.ml, unit: 'mL' } : { value: d.cubes, unit: 'cube' }
  return {
    foodId: frozen ? FROZEN : NAUPLII,
    organisms: d.nauplii,
    energy: d.energy,
    amount: (measured.value ?? null) === null ? null : measured,
    source: { kind: source.kind === 'harvest' ? 'culture' : 'store', id: source.id },
  }
}

const culture7 = (data: Raw): Raw => {
  const { hatchId, ...rest } = data
  return { cultureId: hatchId, ...rest }
}

type Change = (d: Raw) => { kind: string; data: Raw }

/** What became of each kind; what is not here only had its subject renamed. */
const CHANGES: Readonly<Record<string, Change>> = {
  'hatch.started': d => {
    const { hatchId, vesselId: _v, ...hatch } = d
    return {
      kind: 'culture.started',
      data: {
        cultureId: hatchId,
        origin: 'bought',
        parentIds: [],
        starterMl: null,
        despite: [],
        hatch,
      },
    }
  },
  'hatch.temperature': d => ({ kind: 'culture.temperature', data: culture7(d) }),
  'hatch.harvested': d => ({
    kind: 'culture.harvested',
    data: {
      cultureId: d.hatchId,
      seen: d.seen,
      share: 1,
      ml: null,
      organisms: d.nauplii,
      energy: d.energy,
      count: d.count,
      cupMl: d.volumeMl,
      finished: d.finished,
      roundKey: null,
      portions: [],
      despite: [],
    },
  }),
  'hatch.emptied': d => ({
    kind: 'culture.ended',
    data: {
      cultureId: d.hatchId,
      how: 'discarded',
      cleaner: null,
      reason: d.reason,
      despite: [],
    },
  }),
  'culture.harvested': d => {
    const { tankIds, ...rest } = d
    const portions = ((tankIds as string[] | undefined) ?? []).map(tankId => ({
      tankId,
      organisms: null,
      ml: null,
    }))
    return { kind: 'culture.harvested', data: { portions, ...rest } }
  },
  'tank.fed': d => ({
    kind: 'tank.fed',
    data:
      'portions' in d
        ? d
        : {
            tankId: d.tankId,
            roundKey: d.roundKey,
            portions: [portion7(d)],
            partial: d.partial ?? false,
          },
  }),
  'tank.given': d => ({
    kind: 'tank.fed',
    data: {
      tankId: d.tankId,
      roundKey: d.roundKey,
      portions: (d.foods as Raw[]).map(f => ({ ...f, energy: 1, amount: null, source: null })),
      partial: d.partial ?? false,
    },
  }),
  'nauplii.stored': d => {
    const chilled = d.form === 'fridge'
    return {
      kind: 'store.filled',
      data: {
        storeId: d.storeId,
        name: chilled ? 'Nauplii, chilled' : 'Nauplii, frozen',
        foodId: chilled ? NAUPLII : FROZEN,
        keep: d.form,
        unit: chilled ? 'mL' : 'cube',
        amount: chilled ? d.volumeMl : d.cubes,
        organisms: d.nauplii,
        energy: d.energy,
        fromId: d.hatchId,
        useBy: null,
      },
    }
  },
  'gel.counted': d => ({
    kind: 'store.counted',
    data: { storeId: d.boxId, name: d.boxName, amount: d.pieces },
  }),
  'gel.discarded': d => ({
    kind: 'store.discarded',
    data: { storeId: d.boxId, name: d.boxName, amount: d.pieces, reason: d.reason },
  }),
  'gel.tubbed': d => ({
    kind: 'store.portioned',
    data: {
      storeId: d.boxId,
      name: d.boxName,
      on: d.on,
      amount: d.pieces,
      tanks: (d.tanks as Raw[]).map(t => ({ tankId: t.tankId, amount: t.pieces })),
    },
  }),
  'stop.postponed': d => ({
    kind: 'stop.answered',
    data: { key: d.key, roundKey: d.roundKey, how: 'not-now', minutes: 0 },
  }),
}

function entry7(entry: unknown): unknown {
  const e = entry as Raw
  if (!e || typeof e !== 'object' || typeof e.kind !== 'string') return entry
  const data = (e.data ?? {}) as Raw
  const change = CHANGES[e.kind]
  const next = change && Object.keys(data).length > 0 ? change(data) : { kind: e.kind, data }
  const renamed: Raw = { ...e, kind: next.kind, subject: about7(e.subject), data: next.data }
  const d = renamed.data as Raw
  if (d.about) renamed.data = { ...d, about: about7(d.about) }
  if (d.of) renamed.data = { ...d, of: about7(d.of) }
  return renamed
}

export const upgradeEntries6 = (entries: readonly unknown[]): unknown[] => entries.map(entry7)

function record7(record: unknown): unknown {
  const r = record as Raw
  switch (r?.type) {
    case 'vessel': {
      if (r.shape === undefined) return record
      const { shape, ...rest } = r
      return { ...rest, kind: shape, hatching: true }
    }
    case 'container':
      return { ...r, type: 'vessel', temperatureC: null, lit: false, hatching: false }
    case 'culture': {
      if (!('containerId' in r)) return record
      const { containerId, ...rest } = r
      return { ...rest, vesselId: containerId }
    }
    default:
      return record
  }
}

/** The school that a hatch of the older log was run by. */
function hatchSchool(d: Raw): string {
  if (d.decapsulated) return 'decapsulated'
  if (!d.lit) return 'dark'
  return (d.pullsAt as unknown[] | undefined)?.length === 2 ? 'two-pulls' : 'one-pull'
}

/** A hatch of the log as the record of a culture; corrections of its start share the record. */
function hatchRecord(entry: Raw, vessels: ReadonlyMap<unknown, Raw>): Raw {
  const d = entry.data as Raw
  const vessel = vessels.get(d.vesselId)
  return {
    id: d.hatchId,
    type: 'culture',
    updatedAt: entry.at,
    removedAt: null,
    name: vessel?.name ?? 'Hatch vessel',
    foodId: NAUPLII,
    methodId: hatchSchool(d),
    kind: null,
    placeId: vessel?.placeId ?? null,
    startedAt: entry.at,
    litres: d.waterL,
    depthCm: null,
    widthCm: null,
    starter: 1,
    matterGPerL: null,
    temperatureC: d.temperatureC,
    warmth: 'own',
    level: 'middle',
    vesselId: d.vesselId,
    vesselKind: vessel?.shape ?? vessel?.kind ?? 'cone',
    code: null,
    order: 0,
    setId: null,
    mother: false,
    logged: true,
  }
}

/** Records of version 7: those of before, and one culture for each hatch of the log. */
export function upgradeRecords6(
  records: readonly unknown[],
  entries: readonly unknown[],
): unknown[] {
  const vessels = new Map((records as Raw[]).map(r => [r?.id, r]))
  const hatches = new Map<unknown, Raw>()
  for (const e of entries as Raw[]) {
    if (e?.kind !== 'hatch.started') continue
    const id = (e.data as Raw | undefined)?.hatchId
    if (id !== undefined && !hatches.has(id)) hatches.set(id, hatchRecord(e, vessels))
  }
  return [...records.map(record7), ...hatches.values()]
}
