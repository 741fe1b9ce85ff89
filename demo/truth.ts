import { READINESS, type Readiness, type Stage } from '@renatus/core/dynamics/contract'
import { actWorth, type ActWorth } from '@renatus/core/estimation/actWorth'
import type { Cloud } from '@renatus/core/estimation/cloud'
import { CRASH_D } from '@renatus/core/estimation/lookAhead'
import { meanLook } from '@renatus/core/estimation/meanLook'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import {
  copyCulture,
  runCulture,
  startCulture,
  withoutUpkeep,
  type Culture,
} from '@renatus/core/foods/culture'
import { foodOf } from '@renatus/core/foods/index'
import { randomStream, type RandomStream } from '@renatus/core/math/random'
import type { Entry } from '@renatus/core/records/entries'
import type { CultureRecord } from '@renatus/core/records/records'
import { hoursBetween, type Instant } from '@renatus/core/time/localDate'

/** Acts that the person of the loft does by hand: the model does not do them by itself. */
const BY_HAND = ['feed', 'waterChange', 'takeOut']

/** A culture as it really is, with its own luck; nobody in the loft sees it but by looking. */
export interface Truth {
  record: CultureRecord
  culture: Culture
  chance: RandomStream
  readyH: number | null
}

export function truthOf(record: CultureRecord, seed: number): Truth {
  const food = foodOf(record.foodId)!
  const method = food.methods.find(m => m.id === record.methodId)!
  const chance = randomStream(seed)
  const started = startCulture(food, method, { volumeL: record.litres }, chance)
  return { record, culture: withoutUpkeep(started, BY_HAND), chance, readyH: null }
}

const readinessOf = (c: Culture): Readiness => c.family.readiness(c.state, c.params)

/** Moves a culture on to an instant. */
export function liveUntil(t: Truth, at: Instant): void {
  const h = hoursBetween(t.record.startedAt, at)
  if (h <= t.culture.ageH) return
  runCulture(t.culture, h - t.culture.ageH, () => t.record.temperatureC, t.chance)
  if (t.readyH === null && readinessOf(t.culture) === 'ready') t.readyH = t.culture.ageH
}

/** What the log says was done to it, done. */
export function undergo(t: Truth, e: Entry): void {
  const { family, state, params } = t.culture
  if (e.kind === 'culture.harvested' && e.data.cultureId === t.record.id) {
    family.act(state, params, { kind: 'takeOut', amount: e.data.share, unit: 'share' })
  }
  if (e.kind === 'culture.did' && e.data.cultureId === t.record.id) {
    const { action, amount, unit } = e.data
    family.act(state, params, {
      kind: action,
      ...(amount === null ? {} : { amount, unit: unit ?? undefined }),
    })
  }
}

const point = (n: number) => ({ p10: n * 0.8, p50: n, p90: n * 1.2 })

/** Whether it is gone within three days when it goes on as it does. */
function crashes(t: Truth): boolean {
  const c = copyCulture(t.culture)
  runCulture(c, CRASH_D * 24, () => t.record.temperatureC, null)
  return c.family.stage(c.state, c.params) === 'crashed'
}

/** A reading of somebody who knows the vessel well: what it is, with a little doubt. */
export function knownReading(t: Truth): CultureReading {
  const { culture: c, record } = t
  const stock = c.family.stock(c.state, c.params)
  const readiness = readinessOf(c)
  const cloud: Cloud = [{ culture: c, lean: {}, blur: 1, logWeight: 0, readyH: t.readyH }]
  const surplus = c.family.surplusPerDay(c.state, c.params, { temperatureC: record.temperatureC })
  const stage: Stage = c.family.stage(c.state, c.params)
  // Worked out only where somebody asks: most vessels are left alone at most rounds.
  let worth: ActWorth | null = null
  const none = Object.fromEntries(READINESS.map(r => [r, 0])) as Record<Readiness, number>
  return {
    id: record.id,
    estimate: {
      per: stock.perCm2 === null ? 'mL' : 'cm2',
      density: point(stock.perCm2 ?? stock.perMl ?? 0),
      organisms: point(stock.organisms),
      surplusPerDay: point(surplus),
      stages: { [stage]: 1 },
      readiness: { ...none, [readiness]: 1 },
      readyH: t.readyH === null ? null : point(t.readyH),
      pFailed: readiness === 'failed' ? 1 : 0,
      get pCrash3d() {
        return crashes(t) ? 0.5 : 0
      },
      nextLook: null,
      moves: [],
      remarks: [],
      lean: {},
      causes: [],
    },
    look: meanLook(cloud),
    choices: [],
    why: [],
    whyAt: [],
    temperatureC: record.temperatureC,
    get acts() {
      return (worth ??= actWorth(cloud, () => record.temperatureC, 1))
    },
    ahead: null,
  }
}
