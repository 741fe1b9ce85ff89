import { densityFactor, fullDensity } from '../dynamics/hatch/factors'
import { harvestWindow, type HatchWarning } from '../dynamics/hatch/hatch'
import type { Reason } from '../reasons/reason'
import type { SaltRecord } from '../records/records'
import type { HatchSchool } from '../records/vocabulary'
import { brineFor, type FromMix } from '../stock/fromMix'
import { saltInUse, type HatchVessel, type RoomState } from '../stock/roomState'
import { hoursBetween, type Instant } from '../time/localDate'
import type { RoundOccurrence } from '../time/rounds'
import { saltFor, type SaltRecipe } from '../water/salinity'
import { sodaFor, type SodaAdvice } from '../water/soda'
import {
  cystsFor,
  roundUpGrams,
  vesselModel,
  type HatchOption,
  type LotForPlan,
} from './hatchOption'
import { broughtBy, schoolOfHatch, type HatchWay } from './hatchWay'
import { HATCH_MARGIN, leastCysts } from './hatchMargin'
import { SPILL, type Meal } from './meals'

export interface PlannedPull {
  at: Instant
  h: number
  nauplii: number
  useful: number
}

/** A hatch Renatus proposes: everything that goes into the vessel, when, and why. */
export interface PlannedHatch {
  key: string
  vessel: HatchVessel
  lot: LotForPlan
  salt: SaltRecord | null
  startAt: Instant
  startRound: RoundOccurrence
  waterL: number
  saltG: number
  /** Stock brine that brings that salt, where enough of it stands. */
  brine: FromMix | null
  recipe: SaltRecipe | null
  cystsG: number
  /** How it is run. */
  school: HatchSchool
  lit: boolean
  decapsulated: boolean
  soda: SodaAdvice | null
  pulls: PlannedPull[]
  meals: Meal[]
  /** Share of the cysts lost to crowding, 0 to 1. */
  wasted: number
  warnings: HatchWarning[]
  why: { cysts: Reason; salt: Reason; time: Reason }
}

interface Context {
  lot: LotForPlan
  way: HatchWay
  meals: Meal[]
  rounds: readonly RoundOccurrence[]
  share: number
}

/** Turns the chosen option into amounts with their reasons. */
export function plannedHatch(
  state: RoomState,
  option: HatchOption,
  { lot, way, meals, rounds, share }: Context,
): PlannedHatch {
  const { vessel, startAt, pullsAt } = option
  const wantG = cystsFor(vessel, lot, way, HATCH_MARGIN * option.hatchable)
  const proposedG = Math.max(leastCysts(vessel.litres), roundUpGrams(wantG))
  const cystsG = Math.min(proposedG, Math.max(0.1, Math.floor(lot.gramsLeft * 10) / 10))
  const model = vesselModel(vessel, lot, way, cystsG)
  const salt = saltInUse(state)
  const lit = way.lit ?? vessel.lit
  const recipe = salt && saltFor(vessel.litres, way.saltGL, salt, state.room.measures)
  const hours = pullsAt.map(at => hoursBetween(startAt, at))
  const brought = broughtBy(way, model.curve, hours)
  const pulls = brought.map((pull, i): PlannedPull => ({
    at: pullsAt[i]!,
    h: pull.h,
    nauplii: pull.hatchedFraction * model.nauplii,
    useful: pull.useful * model.nauplii,
  }))
  const startRound = rounds.findLast(r => hoursBetween(r.at, startAt) >= -1e-6) ?? rounds[0]!
  return {
    key: `start:${vessel.id}:${startRound.key}`,
    vessel,
    lot,
    salt,
    startAt,
    startRound,
    waterL: vessel.litres,
    saltG: vessel.litres * way.saltGL,
    brine: brineFor(state.materials, vessel.litres, vessel.litres * way.saltGL),
    recipe,
    cystsG,
    school: schoolOfHatch(way, { lit, pulls: pulls.length }),
    lit,
    decapsulated: way.decapsulated,
    soda: sodaFor(vessel.litres, state.room.water, way.provenSodaGL ?? undefined),
    pulls,
    meals,
    wasted: 1 - densityFactor(cystsG, vessel.litres),
    warnings: model.warnings,
    why: {
      cysts: whyCysts(option, lot, model, { cystsG, wantG, lit, way }, share, meals),
      salt: whySalt(vessel, way, salt, state.room.hatchSaltGL),
      time: whyTime(vessel, option, model),
    },
  }
}

function whyCysts(
  option: HatchOption,
  lot: LotForPlan,
  model: ReturnType<typeof vesselModel>,
  { cystsG, wantG, lit, way }: { cystsG: number; wantG: number; lit: boolean; way: HatchWay },
  share: number,
  meals: Meal[],
): Reason {
  const f = model.factors
  const most = way.mostCystsGL * option.vessel.litres
  const least =
    wantG < leastCysts(option.vessel.litres) ? ' Less than half a gram is not worth a vessel.' : ''
  const byDensity = wantG > most - 0.01 ? ` Held to ${way.mostCystsGL} g per litre.` : ''
  const held =
    cystsG < wantG - 0.05 ? ' It would take more: held to what the lot has left.' : byDensity
  return {
    result: { label: 'cysts', value: cystsG, unit: 'g' },
    rule: `Nauplii wanted at the mouth, over what a gram of this lot brings there. With a margin: cysts are cheap, hunger is not. Rounded up to 0.1 g.${least}${held}`,
    formula:
      'Math.max(least, margin * need / (cystsPerG * hatch * salinity * pH * crowding * light * warmth * useful))',
    inputs: [
      {
        key: 'need',
        label: `full-yolk nauplii for ${meals.length} ${meals.length === 1 ? 'meal' : 'meals'}, ${Math.round(SPILL * 100)} % spill with it${share < 0.999 ? ", this vessel's part" : ''}`,
        value: option.hatchable * option.yieldShare,
        unit: 'nauplii',
        from: 'your broods',
      },
      {
        key: 'margin',
        label: 'margin for hatch, count and appetite',
        value: HATCH_MARGIN,
        unit: '',
        from: 'one that lacks weighs as much as twenty that are over',
      },
      {
        key: 'least',
        label: 'fewest that are worth a vessel',
        value: leastCysts(option.vessel.litres),
        unit: 'g',
        from: option.vessel.name,
      },
      {
        key: 'cystsPerG',
        label: 'cysts per gram',
        value: lot.cystsPerG,
        unit: '/g',
        from: lot.name,
      },
      {
        key: 'hatch',
        label: 'share that hatches',
        value: lot.hatch,
        unit: '',
        from: `${lot.name}, corrected by your counts`,
      },
      { key: 'salinity', label: 'salt factor', value: f.salinity, unit: '', from: 'model' },
      { key: 'pH', label: 'pH factor', value: f.pH, unit: '', from: 'model' },
      {
        key: 'crowding',
        label: `crowding factor (full up to ${fullDensity(option.vessel.litres)} g/L)`,
        value: f.density,
        unit: '',
        from: 'model',
      },
      {
        key: 'light',
        label: 'light factor',
        value: f.light,
        unit: '',
        from: lit ? 'lit' : 'dark',
      },
      {
        key: 'warmth',
        label: `temperature factor at ${option.vessel.temperatureC} °C`,
        value: f.temperature,
        unit: '',
        from: option.vessel.name,
      },
      {
        key: 'useful',
        label: 'share of the yolk left at the mouth',
        value: option.yieldShare,
        unit: '',
        from: `pulled after ${option.pullsAt.map(at => hoursBetween(option.startAt, at).toFixed(1)).join(' and ')} h`,
      },
    ],
    source: 'Vanhaecke & Sorgeloos 1983, 1989; Lavens & Sorgeloos 1996; Benijts et al. 1976',
  }
}

function whySalt(
  vessel: HatchVessel,
  way: HatchWay,
  salt: SaltRecord | null,
  roomGL: number,
): Reason {
  return {
    result: { label: 'salt', value: vessel.litres * way.saltGL, unit: 'g' },
    rule: 'Litres of water put in times the salt wanted per litre.',
    formula: 'litres * target',
    inputs: [
      {
        key: 'litres',
        label: 'water in the vessel',
        value: vessel.litres,
        unit: 'L',
        from: vessel.name,
      },
      {
        key: 'target',
        label: 'salt wanted',
        value: way.saltGL,
        unit: 'g/L',
        from: way.saltGL === roomGL ? 'Setup; 15 to 35 g/L do no harm' : 'how this school hatches',
      },
      ...(salt
        ? [
            {
              key: 'density',
              label: 'your salt, loose, for the spoons',
              value: salt.gPerMl as number,
              unit: 'g/mL',
              from: salt.name,
            },
          ]
        : []),
    ],
    source: 'Lavens & Sorgeloos 1996: best at 25 g/L',
  }
}

function whyTime(
  vessel: HatchVessel,
  option: HatchOption,
  model: ReturnType<typeof vesselModel>,
): Reason {
  const window = harvestWindow(model.curve)
  const h = hoursBetween(option.startAt, option.pullsAt[0]!)
  return {
    result: { label: 'hours to the first pull', value: h, unit: 'h' },
    rule: 'Start and pull both fall on rounds. Of all pairs the one is taken that brings most yolk to the mouth for the fewest cysts.',
    formula: 'hours',
    inputs: [
      { key: 'hours', label: 'from start to first pull', value: h, unit: 'h', from: 'your rounds' },
      {
        key: 'temperature',
        label: 'temperature',
        value: vessel.temperatureC,
        unit: '°C',
        from: vessel.name,
      },
      {
        key: 't50',
        label: 'half has hatched after',
        value: model.curve.t50h ?? NaN,
        unit: 'h',
        from: 'model',
      },
      {
        key: 't90',
        label: 'nine tenths after',
        value: model.curve.t90h ?? NaN,
        unit: 'h',
        from: 'model',
      },
      {
        key: 'from',
        label: 'best window for a single pull, from',
        value: window?.fromH ?? NaN,
        unit: 'h',
        from: '95 % of the best yield',
      },
      {
        key: 'to',
        label: 'best window, to',
        value: window?.toH ?? NaN,
        unit: 'h',
        from: '95 % of the best yield',
      },
    ].filter(i => Number.isFinite(i.value)),
    source: 'Vanhaecke & Sorgeloos 1982, household figures: 250 degree-hours above 14 °C',
  }
}
