import { piecesText } from '../../../feeds/portionText'
import type { Draw } from '../../../planning/reckoning/draw'
import type { RoomState } from '../../../stock/roomState'
import { animalsText } from '../../../units/countable'
import { formatShare } from '../../../units/format'
import { dayText } from '../../../time/dayText'
import { addDays, type LocalDate } from '../../../time/localDate'
import { handText } from '../../handText'
import { foodNamed, namedAsFood, waysText } from '../../wayText'
import type { StopLine } from '../../stopKind'
import type { TankStop } from './find'
import { saltOfDraw } from './saltOfDraw'

type Measures = RoomState['room']['measures']

/** "12 mL of nauplii from Cone 1"; "a pinch of first powder food" out of the tin that has no other name. */
export function drawText(d: Pick<Draw, 'amount' | 'foodId' | 'source'>, measures: Measures) {
  const from = namedAsFood(d.source.name, d.foodId) ? '' : ` from ${d.source.name}`
  return `${handText(d.amount, measures)} of ${foodNamed(d.foodId)}${from}`
}

/** What makes one doubt a portion, or leaves the culture poorer. */
export function drawDoubt(d: Draw): string {
  if (d.overdrawn) return `More than ${d.source.name} spares: it takes longer to come back.`
  return d.source.doubtful ? `How much ${d.source.name} holds is doubtful: look first.` : ''
}

function mealLine(stop: TankStop, d: Draw, state: RoomState): StopLine {
  const { tank } = stop
  const { measures } = state.room
  const part = d.share < 0.95 && d.share > 0 ? `, ${formatShare(d.share)} of its meal` : ''
  const animals = `about ${animalsText(d.organisms, d.wanted.food.units)}`
  const broods = d.wanted.eating.map(e => e.brood.name).join(', ')
  const doubt = drawDoubt(d)
  return {
    subject: tank.name,
    verb: 'Feed',
    amount: d.amount.value,
    unit: d.amount.unit,
    big: handText(d.amount, measures),
    text: `Feed ${tank.name}: ${drawText(d, measures)}, ${animals}${part}.${saltOfDraw(d, tank, state)}`,
    why: `A meal of ${foodNamed(d.foodId)} for ${broods}: one food at a meal, the shares of their ladder over two days.${doubt ? ` ${doubt}` : ''}`,
  }
}

/** How a gap reads, with what comes first of what is under way here. */
export function gapText({ gap, tank }: TankStop, today: LocalDate): string {
  if (!gap) return ''
  const { late, share } = gap
  const lacks = share > 0.95 ? 'nothing' : `only ${formatShare(1 - share)} of its meal`
  const from = (days: number) =>
    days === 0 ? 'as soon as it is here' : `from ${dayText(addDays(today, days))}`
  const next = late ? ` What comes next here is ${foodNamed(late.foodId)}, ${from(late.days)}.` : ''
  return `${tank.name} has ${lacks} that fits and stands ready.${next}`
}

export function tankWords(stop: TankStop, state: RoomState): StopLine[] {
  const { measures } = state.room
  const subject = stop.tank.name
  const base = { subject, amount: null, unit: '' }
  const { gel, grown } = stop
  return [
    ...stop.draws.map(d => mealLine(stop, d, state)),
    ...(gel
      ? [
          {
            subject,
            verb: 'Feed',
            amount: gel.pieces,
            unit: 'piece',
            big: piecesText(gel.pieces),
            text: `Feed ${subject}: ${piecesText(gel.pieces)} of gel out of ${gel.box.name}.`,
            why: gel.why.rule,
          },
        ]
      : []),
    ...(grown
      ? [
          {
            subject,
            verb: 'Feed',
            amount: grown.amount.value,
            unit: grown.amount.unit,
            big: handText(grown.amount, measures),
            text: `Give the grown fish of ${subject} ${drawText(grown, measures)}: it is over.`,
            why: 'Grown fish get live food now and then, out of what the broods leave.',
          },
        ]
      : []),
    ...(stop.gap
      ? [
          {
            ...base,
            verb: 'Close',
            text: `${gapText(stop, state.today)}${waysText(stop.gap.ways, state.today)}`,
            why: 'Nothing else that fits is ready.',
          },
        ]
      : []),
    ...stop.tasks.map(t => ({
      ...base,
      verb: 'Do',
      text: t.text,
      why: 'The stage of its brood.',
    })),
    ...stop.looks.map(l => ({
      ...base,
      verb: 'Look at',
      text: `Look at the bellies of ${l.brood.name} after the meal.`,
      why: 'Once a day while they are small.',
    })),
    ...stop.weaning.map(w => ({
      ...base,
      verb: w.step === 'offer' ? 'Offer' : 'Decide',
      text:
        w.step === 'offer'
          ? `Offer ${w.brood.name} ${w.foodName.toLowerCase()} on trial.`
          : `Decide whether ${w.brood.name} takes ${w.foodName.toLowerCase()}.`,
      why: 'The next food of its ladder.',
    })),
  ]
}
