import type { AmountUnit } from '../dynamics/contract'
import { FAMILIES } from '../dynamics/index'
import type { CultureReading } from '../estimation/readCulture'
import { cultureParams } from '../foods/culture'
import type { FeedRule, Food, FoodMethod } from '../foods/contract'
import type { Reason } from '../reasons/reason'
import type { CultureState } from '../stock/cultures'
import { hoursBetween, type Instant } from '../time/localDate'

/** An amount with its reason. Shares are of the vessel. */
export interface Amount {
  value: number
  unit: 'g' | 'mL' | 'each' | 'share'
  why: Reason
}

export interface Tended {
  culture: CultureState
  food: Food
  method: FoodMethod
  reading: CultureReading
  now: Instant
}

/** Most that may be taken of a vessel in a day, whatever grows back. */
export const MOST_SHARE = 0.5
/** Water that leaves an open vessel, share a day (working estimate for a covered jar in a heated room). */
const EVAPORATION = 0.006
/** Grade of cloudiness from which there is still food in the water. */
export const STILL_FED_FROM = 0.8
/** Grade of smell from which it is sour. */
const SOUR_FROM = 1.8
const USUAL_CHANGE = 0.2
const CROWDED_CHANGE = 1 / 3
/** A fifth of the old goes into the fresh medium. */
const KEPT_AT_RENEWAL = 0.2

const litres = (v: Tended) => ({
  key: 'litres',
  label: 'what the vessel holds',
  value: v.culture.record.litres,
  unit: 'L',
  from: 'its record',
})

/** Whether air through the surface bounds how many live in it. */
export const livesBySurface = (food: Food): boolean => (food.parameters.surface?.median ?? 0) > 0

/** What one feed of it is; null where nothing is ever added. */
export function feedAmount(
  v: Tended,
): (Amount & { rule: FeedRule; /** Food still stands in the water. */ stillFed: boolean }) | null {
  const { feed } = v.method
  if (!feed) return null
  const cloud = v.reading.look.cloudiness ?? 0
  const sour = (v.reading.look.smell ?? 0) >= SOUR_FROM
  const stillFed = feed.when === 'clear' && (cloud >= STILL_FED_FROM || sour)
  const value = feed.perL * v.culture.record.litres
  const whole = feed.unit === 'each' ? Math.max(1, Math.round(value)) : value
  return {
    value: whole,
    unit: feed.unit,
    rule: feed,
    stillFed,
    why: {
      result: { label: feed.what, value, unit: feed.unit === 'each' ? '' : feed.unit },
      rule: v.method.feedingRule,
      formula: 'perL * litres',
      inputs: [
        {
          key: 'perL',
          label: 'a feed, per litre',
          value: feed.perL,
          unit: feed.unit === 'each' ? '/L' : `${feed.unit}/L`,
          from: `${v.method.name} card`,
        },
        litres(v),
      ],
      source: 'method card',
    },
  }
}

/** What a feed that was measured otherwise is to the model: in proportion to the usual one. Null: the usual one. */
export function feedInModel(v: Tended, given: number): { amount: number; unit: AmountUnit } | null {
  const proposed = feedAmount(v)
  const usual = FAMILIES[v.food.profile.family].usualFeed(
    cultureParams(v.food, v.method, v.culture.record.kind ?? undefined, null),
  )
  if (!proposed || !usual || proposed.value <= 0) return null
  return { amount: usual.amount * (given / proposed.value), unit: usual.unit }
}

/** What may be taken today: what grows in a day, or, where it only dwindles, its usual draw. When it is back is another matter (afterHarvest). */
export function takeShare(v: Tended): Amount {
  const { surplusPerDay, organisms } = v.reading.estimate
  const share = organisms.p50 > 0 ? surplusPerDay.p50 / organisms.p50 : 0
  const value = Math.min(MOST_SHARE, share)
  return {
    value,
    unit: 'share',
    why: {
      result: { label: 'share of the vessel', value, unit: '' },
      rule:
        share > MOST_SHARE
          ? 'What grows in a day over what is there, at most half of it.'
          : 'What grows in a day over what is there.',
      formula: share > MOST_SHARE ? 'most' : 'surplus / organisms',
      inputs: [
        {
          key: 'surplus',
          label: `${v.food.profile.units} that grow back in a day`,
          value: surplusPerDay.p50,
          unit: '/d',
          from: 'what is believed of this vessel',
        },
        {
          key: 'organisms',
          label: `${v.food.profile.units} there are`,
          value: organisms.p50,
          unit: '',
          from: 'what is believed of this vessel',
        },
        ...(share > MOST_SHARE
          ? [
              {
                key: 'most',
                label: 'most that is taken at once',
                value: MOST_SHARE,
                unit: '',
                from: 'rule of this app',
              },
            ]
          : []),
      ],
      source: 'maximum sustainable yield (Schaefer 1954)',
    },
  }
}

/** What was drawn since it was last made up; where nothing was, what has dried away. */
export function topUpMl(v: Tended): Amount {
  const since = v.culture.changedAt ?? v.culture.record.startedAt
  const days = Math.min(7, Math.max(0, hoursBetween(since, v.now) / 24))
  const drawn = Math.min(v.culture.drawnMl, v.culture.record.litres * 900)
  const dry = drawn > 0 ? 0 : EVAPORATION
  const value = drawn + dry * days * v.culture.record.litres * 1000
  return {
    value,
    unit: 'mL',
    why: {
      result: { label: 'to make up', value, unit: 'mL' },
      rule: 'What was drawn since it was last made up; where nothing was, what has dried away.',
      formula: 'drawn + dry * days * litres * 1000',
      inputs: [
        { key: 'drawn', label: 'drawn since', value: drawn, unit: 'mL', from: 'your log' },
        {
          key: 'dry',
          label: 'dries away in a day',
          value: dry,
          unit: '',
          from: drawn > 0 ? 'not counted beside a draw' : 'working estimate, covered vessel',
        },
        {
          key: 'days',
          label: 'days since water was changed, at most 7',
          value: days,
          unit: 'd',
          from: 'your log',
        },
        litres(v),
      ],
      source: 'working estimate',
    },
  }
}

/** A change of water: as the method has it, a third where it is near its limit. */
export function changeShare(v: Tended): Amount {
  const own = v.method.upkeep.find(u => u.action === 'waterChange')?.amount ?? USUAL_CHANGE
  const crowded = v.reading.estimate.pCrash3d > 0.1
  const value = crowded ? Math.max(own, CROWDED_CHANGE) : own
  return {
    value,
    unit: 'share',
    why: {
      result: { label: 'share of the water', value, unit: '' },
      rule: crowded
        ? 'A third: a crash within three days is possible, and ammonia with it.'
        : 'As the method has it.',
      formula: 'change',
      inputs: [
        {
          key: 'change',
          label: 'change',
          value,
          unit: '',
          from: crowded
            ? `chance of a crash ${Math.round(v.reading.estimate.pCrash3d * 100)} %`
            : `${v.method.name} card`,
        },
      ],
      source: crowded ? 'ammonia in dense cultures (Lavens & Sorgeloos 1996)' : 'method card',
    },
  }
}

/** Share that moves into a second vessel, so that both are alike afterwards; and what stays when it is renewed. */
export const splitShare = (vessels: number): Amount => ({
  value: vessels / (vessels + 1),
  unit: 'share',
  why: {
    result: { label: 'share that leaves', value: vessels / (vessels + 1), unit: '' },
    rule: 'All vessels alike afterwards.',
    formula: 'new / (new + 1)',
    inputs: [{ key: 'new', label: 'new vessels', value: vessels, unit: '', from: 'your choice' }],
    source: 'arithmetic',
  },
})
export const renewKept = (v: Tended): Amount => ({
  value: KEPT_AT_RENEWAL,
  unit: 'share',
  why: {
    result: { label: 'of the old that goes into the new', value: KEPT_AT_RENEWAL, unit: '' },
    rule: v.method.renewRule,
    formula: 'kept',
    inputs: [
      {
        key: 'kept',
        label: 'kept as starter',
        value: KEPT_AT_RENEWAL,
        unit: '',
        from: `${v.method.name} card`,
      },
    ],
    source: 'method card',
  },
})
