import { WATER_NAMES, usualWater } from '../../../planning/usualWater'
import type { TendingKind } from '../../../planning/tending'
import type { RoomState } from '../../../stock/roomState'
import { formatShare } from '../../../units/format'
import { handText } from '../../handText'
import type { StopLine } from '../../stopKind'
import type { ActAmount, VesselStop, VesselTask } from './find'

type Measures = RoomState['room']['measures']

export const ACT_VERBS: Record<TendingKind, string> = {
  'end': 'Start anew',
  'look': 'Look at',
  'thin out': 'Thin out',
  'feed': 'Feed',
  'split': 'Split',
  'change water': 'Change water of',
  'stir': 'Stir',
  'top up': 'Top up',
  'renew': 'Renew',
}

/** An amount of an act as a hand measures it. */
export const amountText = (a: ActAmount, measures: Measures): string =>
  a.unit === 'each' ? String(Math.round(a.value)) : handText(a, measures)

/** What is drawn in all, in the unit of the vessel. */
export function drawnInAll(stop: VesselStop): { value: number; unit: ActAmount['unit'] } | null {
  const all = [...stop.draws, ...stop.others]
  const first = all[0]
  if (!first) return null
  const same = all.filter(d => d.amount.unit === first.amount.unit)
  return { value: same.reduce((n, d) => n + d.amount.value, 0), unit: first.amount.unit }
}

const eaterName = (o: VesselStop['others'][number]) =>
  o.eater.kind === 'grown' ? `${o.eater.tank.name}, grown fish` : o.eater.culture.record.name

/** For whom: "Moss box 12 mL, Weed tray 8 mL". */
export const forWhom = (stop: VesselStop, measures: Measures): string =>
  [
    ...stop.draws.map(d => `${d.tank.name} ${handText(d.amount, measures)}`),
    ...stop.others.map(o => `${eaterName(o)} ${handText(o.amount, measures)}`),
  ].join(', ')

/** What comes behind the verb and the vessel: with what, or how much stays. */
export function actRest(stop: VesselStop, task: VesselTask, measures: Measures): string {
  const water = WATER_NAMES[usualWater(stop.tended)]
  const { amount, kind } = task
  if (stop.feed) {
    return `: ${handText(stop.feed.amount, measures)} of ${stop.feed.source.name}`
  }
  if (kind === 'thin out') return `: take ${formatShare(1 / 3)} out`
  if (kind === 'split') return ': half of it into a second vessel'
  if (!amount) return ''
  const text = amountText(amount, measures)
  if (kind === 'renew') return `: keep ${text} ${amount.what}`
  return kind === 'change water' ? `: ${text}, ${water}` : `: ${text} ${amount.what}`
}

/** Amount of an act that has none of its own: shares are told. */
const actValue = (task: VesselTask): { amount: number | null; unit: string } => {
  if (task.amount) return { amount: task.amount.value, unit: task.amount.unit }
  if (task.kind === 'thin out') return { amount: 1 / 3, unit: 'share' }
  return task.kind === 'split' ? { amount: 0.5, unit: 'share' } : { amount: null, unit: '' }
}

/** The amount of an act as it stands in its sentence. */
function actBig(stop: VesselStop, task: VesselTask, measures: Measures): { big?: string } {
  if (stop.feed) return { big: handText(stop.feed.amount, measures) }
  if (task.kind === 'thin out') return { big: formatShare(1 / 3) }
  return task.amount ? { big: amountText(task.amount, measures) } : {}
}

export function vesselWords(stop: VesselStop, state: RoomState): StopLine[] {
  const { measures } = state.room
  const subject = stop.tended.culture.record.name
  const lines: StopLine[] = []
  const drawn = drawnInAll(stop)
  if (drawn) {
    const cups = stop.draws.length + stop.others.length
    const cup = cups > 1 ? 'a cup each' : 'into a cup'
    lines.push({
      subject,
      verb: 'Draw from',
      amount: drawn.value,
      unit: drawn.unit,
      big: handText(drawn, measures),
      text: `Draw ${handText(drawn, measures)} from ${subject}, ${cup}: ${forWhom(stop, measures)}.`,
      why: 'It is ready, and this is what they are given of it at this round.',
    })
  }
  if (stop.act) {
    const verb = ACT_VERBS[stop.act.kind]
    lines.push({
      subject,
      verb,
      ...actValue(stop.act),
      ...actBig(stop, stop.act, measures),
      text: `${verb} ${subject}${actRest(stop, stop.act, measures)}.`,
      why: stop.act.because,
    })
  }
  if (stop.topUpMl > 0) {
    const text = handText({ value: Math.round(stop.topUpMl), unit: 'mL' }, measures)
    lines.push({
      subject,
      verb: 'Top up',
      amount: Math.round(stop.topUpMl),
      unit: 'mL',
      big: text,
      text: `Top up ${subject}: ${text} of ${WATER_NAMES[usualWater(stop.tended)]}.`,
      why: 'What was drawn is made up, so that its level stays.',
    })
  }
  return lines
}
