import { nearQuarter, portionText } from '../feeds/portionText'
import { foodOf } from '../foods/index'
import type { MeasureSystem } from '../units/kitchenMeasures'
import {
  formatCount,
  formatGrams,
  formatLitres,
  formatMillilitres,
  formatShare,
} from '../units/format'
import { dayText } from '../time/dayText'
import { localDateOf, type Instant } from '../time/localDate'
import type { RoomState } from '../stock/roomState'
import type { CultureTask } from './cultureStops'
import { minutesOf } from './minutes'
import { placeName } from './placeName'
import type { Stop } from './stop'

/** One thing to do, as a line of a sheet: for paper, calendars, tables and terminals. The parts make up the text. */
export interface RoundLine {
  key: string
  place: string
  subject: string
  verb: string
  amount: number | null
  unit: string
  text: string
  why: string
  cautions: string[]
  minutes: number
  /** A wait that starts with it. */
  clock?: { minutes: number; until: Instant }
}

type Part = Omit<RoundLine, 'key' | 'place' | 'cautions' | 'minutes'>

const piecesText = (n: number) => `${nearQuarter(n)} ${n > 1 ? 'pieces' : 'piece'}`

const VERBS: Record<CultureTask['kind'], string> = {
  'end': 'Start anew',
  'look': 'Look at',
  'thin out': 'Thin out',
  'feed': 'Feed',
  'take': 'Draw from',
  'split': 'Split',
  'change water': 'Change water of',
  'top up': 'Top up',
  'renew': 'Renew',
}

/** An amount of a task as a hand measures it. */
export function taskAmount(a: NonNullable<CultureTask['amount']>, measures: MeasureSystem): string {
  if (a.unit === 'g') return formatGrams(a.value)
  if (a.unit === 'each') return String(a.value)
  if (a.unit === 'share') return formatShare(a.value)
  return a.value >= 1000 ? formatLitres(a.value / 1000, measures) : formatMillilitres(a.value)
}

function cultureParts(stop: Extract<Stop, { type: 'culture' }>, measures: MeasureSystem): Part[] {
  const subject = stop.vat.culture.record.name
  return stop.tasks.map(t => {
    const verb = VERBS[t.kind]
    const with_ = t.amount
      ? t.kind === 'renew'
        ? `: keep ${taskAmount(t.amount, measures)} ${t.amount.what}`
        : t.kind === 'change water'
          ? `: ${taskAmount(t.amount, measures)}`
          : `: ${taskAmount(t.amount, measures)} ${t.amount.what}`
      : ''
    return {
      subject,
      verb,
      amount: t.amount?.value ?? null,
      unit: t.amount?.unit ?? '',
      text: `${verb} ${subject}${with_}.`,
      why: t.because,
    }
  })
}

function partsOf(stop: Stop, state: RoomState): Part[] {
  const { measures } = state.room
  const name = (id: string) => state.vessels.find(v => v.id === id)?.name ?? 'the vessel'
  switch (stop.type) {
    case 'culture':
      return cultureParts(stop, measures)
    case 'looks':
      return stop.vats.map(v => ({
        subject: v.culture.record.name,
        verb: 'Look at',
        amount: null,
        unit: '',
        text: `Look at ${v.culture.record.name}.`,
        why: 'Nobody has looked since.',
      }))
    case 'begin': {
      const food = foodOf(stop.start.food)!.profile
      return [
        {
          subject: food.name,
          verb: 'Start',
          amount: stop.start.left,
          unit: stop.start.left === 1 ? 'vessel' : 'vessels',
          text: `Start ${stop.start.left} ${stop.start.left === 1 ? 'vessel' : 'vessels'} of ${food.name.toLowerCase()}, ${formatLitres(stop.start.litres, measures)} each${stop.late.code === 'on time' ? '' : ` (${stop.late.code})`}.`,
          why: stop.start.why,
        },
      ]
    }
    case 'order': {
      const food = foodOf(stop.start.food)!.profile
      return [
        {
          subject: food.name,
          verb: 'Order',
          amount: 1,
          unit: 'starter',
          text: `Order a starter of ${food.name.toLowerCase()}, to start on ${dayText(stop.start.on)}.`,
          why: stop.start.why,
        },
      ]
    }
    case 'harvest': {
      const vessel = name(stop.pull.run.setup.vesselId)
      return [
        {
          subject: vessel,
          verb: 'Harvest',
          amount: stop.pull.nauplii,
          unit: 'nauplii',
          text: `Harvest ${vessel}: about ${formatCount(stop.pull.nauplii)} nauplii, pull ${stop.pull.pullNo} of ${stop.pull.ofPulls}.`,
          why: stop.pull.why?.rule ?? 'It is due at this round.',
        },
      ]
    }
    case 'start': {
      const p = stop.planned
      const until = p.pulls[0]!.at
      return [
        {
          subject: p.vessel.name,
          verb: 'Start',
          amount: p.cystsG,
          unit: 'g',
          text: `Start ${p.vessel.name}: ${formatLitres(p.waterL, measures)} water, ${formatGrams(p.saltG)} salt, ${formatGrams(p.cystsG)} cysts.`,
          why: p.why.cysts.rule,
          clock: { minutes: Math.round(p.pulls[0]!.h * 60), until },
        },
      ]
    }
    case 'empty':
      return [
        {
          subject: name(stop.run.setup.vesselId),
          verb: 'Empty',
          amount: null,
          unit: '',
          text: `Empty ${name(stop.run.setup.vesselId)}.`,
          why: 'Nothing in it is worth feeding any more.',
        },
      ]
    case 'discard':
      return [
        {
          subject: 'Fridge',
          verb: 'Pour away',
          amount: stop.store.nauplii,
          unit: 'nauplii',
          text: `Pour away ${formatCount(stop.store.nauplii)} nauplii from the fridge.`,
          why: 'A day is what they stand.',
        },
      ]
    case 'tank':
      return tankParts(stop, measures)
    case 'tub':
      return [
        {
          subject: stop.box.name,
          verb: 'Take out',
          amount: stop.pieces,
          unit: 'pieces',
          text: `Take ${piecesText(stop.pieces)} out of ${stop.box.name} into the day’s tub: ${stop.tanks.map(t => `${t.tankName} ${nearQuarter(t.pieces)}`).join(', ')}.`,
          why: 'What the tanks are given of gel today, to thaw; the box goes back at once.',
        },
      ]
    case 'cook':
      return [
        {
          subject: stop.cover.mix.name,
          verb: 'Cook',
          amount: 1,
          unit: 'batch',
          text: `Cook gel, ${stop.cover.mix.name}: the boxes are empty on ${dayText(stop.cover.emptyOn!)}.`,
          why: 'It sets and freezes over a night.',
        },
      ]
    case 'old-gel':
      return [
        {
          subject: stop.box.name,
          verb: 'Throw out',
          amount: stop.box.pieces,
          unit: 'pieces',
          text: `Throw out what is left in ${stop.box.name}: ${piecesText(stop.box.pieces)}.`,
          why: `It was to be used by ${dayText(localDateOf(stop.box.useBy, state.room.timeZone))}.`,
        },
      ]
    case 'restock':
      return [
        {
          subject: 'Cysts',
          verb: 'Order',
          amount: 1,
          unit: 'tin',
          text: `Order cysts: ${formatGrams(stop.grams)} are left, ${Math.floor(stop.days)} days at ${formatGrams(stop.gramsPerDay)} a day.`,
          why: 'A parcel takes days, and a new lot is tried before the old one ends.',
        },
      ]
  }
}

function tankParts(stop: Extract<Stop, { type: 'tank' }>, measures: MeasureSystem): Part[] {
  const subject = stop.tank.name
  const feed = stop.feed
  return [
    ...stop.tasks.map((t): Part => ({
      subject,
      verb: 'Do',
      amount: null,
      unit: '',
      text: t.text,
      why: 'The stage of its brood.',
    })),
    ...(feed
      ? [
          {
            subject,
            verb: 'Feed',
            amount: feed.ml ?? feed.cubes ?? feed.nauplii,
            unit: feed.ml !== null ? 'mL' : feed.cubes !== null ? 'cubes' : 'nauplii',
            text: `Feed ${subject}: ${feed.ml !== null ? `${formatMillilitres(feed.ml)} of nauplii` : feed.cubes !== null ? `${Math.max(0.5, Math.round(feed.cubes * 2) / 2)} cubes of nauplii` : `${formatCount(feed.nauplii)} nauplii`}.`,
            why: feed.why.rule,
          },
        ]
      : []),
    ...stop.foods.map((f): Part => ({
      subject,
      verb: 'Feed',
      amount: f.organisms,
      unit: f.food.units,
      text: `Feed ${subject}: ${portionText(f.food, f.portion, measures)} of ${f.food.name.toLowerCase()}${f.food.portion?.unit === 'piece' ? '' : `, about ${formatCount(f.organisms)} ${f.food.units}`}.`,
      why: f.why[0]?.rule ?? '',
    })),
    ...stop.looks.map((l): Part => ({
      subject,
      verb: 'Look at',
      amount: null,
      unit: '',
      text: `Look at the bellies of ${l.brood.name} after the meal.`,
      why: 'Once a day while they are small.',
    })),
    ...stop.weaning.map((w): Part => ({
      subject,
      verb: w.step === 'offer' ? 'Offer' : 'Decide',
      amount: null,
      unit: '',
      text:
        w.step === 'offer'
          ? `Offer ${w.brood.name} ${w.foodName.toLowerCase()} on trial.`
          : `Decide whether ${w.brood.name} takes ${w.foodName.toLowerCase()}.`,
      why: 'The next food of its ladder.',
    })),
  ]
}

/** Lines of the stops of a round, in their order. Minutes of a stop stand on its first line. */
export function roundLines(stops: readonly Stop[], state: RoomState): RoundLine[] {
  return stops.flatMap(stop => {
    const place = placeName(stop, state.places)
    return partsOf(stop, state).map((part, i): RoundLine => ({
      key: `${stop.key}#${i}`,
      place,
      ...part,
      cautions: i === 0 ? stop.cautions.map(c => c.text) : [],
      minutes: i === 0 ? minutesOf(stop) : 0,
    }))
  })
}
