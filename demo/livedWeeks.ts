import { entry, type Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { RandomStream } from '@renatus/core/math/random'
import { gelDrafts } from './gelDrafts'
import { tankDrafts } from './tankDrafts'
import type { Context, Draft } from './draft'
import { HATCH } from '@renatus/core/dynamics/hatch/parameters'
import { SETTLE_MINUTES } from '@renatus/core/foods/brine-shrimp/parameters'
import { learnRoom } from '@renatus/core/estimation/learning/learnRoom'
import { buildRound, type Round } from '@renatus/core/round/round'
import type { Stop } from '@renatus/core/round/stop'
import { roomState, type RoomState } from '@renatus/core/stock/roomState'
import { addHours, toMs, type Instant } from '@renatus/core/time/localDate'
import type { RoundOccurrence } from '@renatus/core/time/rounds'

/** What is really in the tin: the counts of the history pull the estimate from the label down to this. */
const TRUE_HATCH = 0.73
/** Harvests whose surplus was frozen. */
const FROZEN: readonly number[] = [11, 34]
const CUP_ML = 200

/**
 * The log of some weeks, lived round by round: one person does what Renatus proposes, with the luck and the sloppiness of a person.
 * Uses the same planner as the page, so that the demo never shows what the app would not say.
 */
export function livedWeeks(
  records: readonly AnyRecord[],
  rounds: readonly RoundOccurrence[],
  chance: RandomStream,
  id: (ms: number) => string,
): Entry[] {
  const log: Entry[] = []
  let harvests = 0
  let known = learnRoom(records, log)!
  const write = (at: Instant, answers: string | null, drafts: readonly Draft[]) => {
    const act = id(toMs(at))
    for (const d of drafts)
      log.push(
        entry.parse({
          id: id(toMs(at)),
          at,
          by: 'phone loft',
          act,
          supersedes: null,
          answers,
          ...d,
        }),
      )
    if (drafts.some(d => d.kind === 'hatch.harvested'))
      known = learnRoom(records, log, known.cache)!
  }
  for (const occurrence of rounds) {
    // Stops are done one after another; each changes what the next one is.
    const done = new Set<string>()
    for (let step = 0; step < 24; step++) {
      const at = addHours(occurrence.at, 0.05 + step * 0.035)
      const state = roomState(
        records.map(r =>
          r.removedAt !== null && r.removedAt > at ? { ...r, removedAt: null } : r,
        ),
        log,
        at,
        known.learned,
      )
      const round = state && buildRound(state)
      const open = round?.stops.filter(s => !done.has(s.key)) ?? []
      if (!state || !round || round.current.key !== occurrence.key || open.length === 0) break
      // Tanks do not change each other: they are done in one pass when nothing else is left.
      const first = open.find(s => s.type !== 'tank')
      for (const stop of first ? [first] : open) {
        done.add(stop.key)
        if (stop.type === 'harvest') harvests++
        const drafts = draftsFor(stop, round, state, { at, chance, id, harvest: harvests })
        if (drafts.length > 0) write(at, stop.key, drafts)
      }
      if (!first) break
    }
    if (chance.next() < 0.12) {
      const run = roomState(records, log, occurrence.at)?.runs.findLast(r => r.endedAt === null)
      if (run)
        write(addHours(occurrence.at, 0.9), null, [
          {
            kind: 'hatch.temperature',
            subject: { type: 'hatch', id: run.id },
            data: { hatchId: run.id, temperatureC: Math.round(chance.normal(26, 0.5) * 10) / 10 },
          },
        ])
    }
  }
  return log
}

function draftsFor(stop: Stop, round: Round, state: RoomState, c: Context): Draft[] {
  const ms = toMs(c.at)
  switch (stop.type) {
    case 'start': {
      const { planned: p } = stop
      const subject = { type: 'hatch', id: c.id(ms) }
      return [
        {
          kind: 'hatch.started',
          subject,
          data: {
            hatchId: subject.id,
            vesselId: p.vessel.id,
            lotId: p.lot.id,
            saltId: p.salt!.id,
            waterL: p.waterL,
            saltG: p.saltG,
            cystsG: p.cystsG,
            sodaG: p.soda?.firstG ?? 0,
            temperatureC: p.vessel.temperatureC,
            lit: p.vessel.lit,
            decapsulated: false,
            pullsAt: p.pulls.map(x => x.at),
            proposed: null,
          },
        },
        {
          kind: 'clock.started',
          subject,
          data: {
            clockId: c.id(ms),
            label: `${p.vessel.name} to first pull`,
            endsAt: p.pulls[0]!.at,
            about: subject,
          },
        },
      ]
    }
    case 'harvest':
      return harvestDrafts(
        stop,
        round,
        state.lots[0]!.state.hatch,
        state.vessels.find(v => v.id === stop.pull.run.setup.vesselId)!.name,
        c,
      )
    case 'tank':
      return tankDrafts(stop, round, state, c)
    case 'empty':
      return [
        {
          kind: 'hatch.emptied',
          subject: { type: 'hatch', id: stop.run.id },
          data: { hatchId: stop.run.id, reason: 'spent' },
        },
      ]
    case 'discard':
      return [
        {
          kind: 'store.discarded',
          subject: { type: 'store', id: stop.store.id },
          data: { storeId: stop.store.id, reason: 'past its hours in the fridge' },
        },
      ]
    // Cultures lived their weeks apart (cultures.ts); no plan is kept while they did.
    case 'culture':
    case 'looks':
    case 'begin':
    case 'order':
    case 'restock':
      return []
    case 'tub':
    case 'cook':
    case 'old-gel':
      return gelDrafts(stop, c)
  }
}

function harvestDrafts(
  stop: Extract<Stop, { type: 'harvest' }>,
  round: Round,
  believedHatch: number,
  vesselName: string,
  c: Context,
): Draft[] {
  const { pull } = stop
  const hatchId = pull.run.id
  const failed = c.harvest === 17
  const counted = c.harvest % 5 === 2
  // The expectation already holds what earlier counts taught; the truth does not move with it.
  const truth = failed ? 0.06 : (TRUE_HATCH / believedHatch) * Math.exp(c.chance.normal(0, 0.1))
  const nauplii = Math.max(1, pull.nauplii * truth)
  const perMl = nauplii / CUP_ML
  const samples = 3
  const sampleMl = 0.1
  const animals = Math.max(
    0,
    Math.round(c.chance.normal(perMl * samples * sampleMl, Math.sqrt(perMl * samples * sampleMl))),
  )
  const found = counted
    ? Math.max(1, (animals / (samples * sampleMl)) * CUP_ML)
    : failed
      ? nauplii
      : pull.nauplii
  const wanted = stop.meals.reduce((n, m) => n + m.nauplii / pull.energy, 0)
  const scale = Math.min(1, found / Math.max(1, wanted))
  const last = pull.pullNo >= pull.ofPulls
  const drafts: Draft[] = [
    {
      kind: 'hatch.harvested',
      subject: { type: 'hatch', id: hatchId },
      data: {
        hatchId,
        seen: failed ? 'failed' : 'good',
        count: counted ? { animals, samples, sampleMl } : null,
        volumeMl: CUP_ML,
        nauplii: found,
        energy: pull.energy,
        finished: last,
      },
    },
  ]
  for (const meal of stop.meals) {
    const n = (meal.nauplii / pull.energy) * scale
    drafts.push({
      kind: 'tank.fed',
      subject: { type: 'tank', id: meal.tank.id },
      data: {
        tankId: meal.tank.id,
        roundKey: round.current.key,
        nauplii: n,
        ml: (n / found) * CUP_ML,
        cubes: null,
        energy: pull.energy,
        source: { kind: 'harvest', id: hatchId },
        partial: false,
      },
    })
  }
  const left = found - wanted * scale
  if (left > 200) {
    const storeId = c.id(toMs(c.at))
    const freeze = FROZEN.includes(c.harvest)
    if (!freeze) {
      const about = { type: 'store', id: storeId }
      drafts.push({
        kind: 'clock.started',
        subject: about,
        data: {
          clockId: c.id(toMs(c.at)),
          label: 'Fridge: feed out by',
          endsAt: addHours(c.at, HATCH.fridgeHoldH),
          about,
        },
      })
    }
    drafts.push({
      kind: 'nauplii.stored',
      subject: { type: 'store', id: storeId },
      data: {
        storeId,
        hatchId,
        form: freeze ? 'freezer' : 'fridge',
        nauplii: left,
        volumeMl: freeze ? null : (left / found) * CUP_ML,
        cubes: freeze ? 12 : null,
        energy: pull.energy,
      },
    })
  }
  const next = pull.run.setup.pullsAt[pull.pullNo]
  if (!last && next) {
    const about = { type: 'hatch', id: hatchId }
    drafts.push({
      kind: 'clock.started',
      subject: about,
      data: {
        clockId: c.id(toMs(c.at)),
        label: `${vesselName} to second pull`,
        endsAt: next,
        about,
      },
    })
  }
  const settle = c.id(toMs(c.at))
  if (c.harvest % 4 === 0) {
    const about = { type: 'harvest', id: hatchId }
    drafts.push(
      {
        kind: 'clock.started',
        subject: about,
        data: {
          clockId: settle,
          label: 'Shells rising',
          endsAt: addHours(c.at, SETTLE_MINUTES / 60),
          about,
        },
      },
      { kind: 'clock.seen', subject: about, data: { clockId: settle } },
    )
  }
  return drafts
}
