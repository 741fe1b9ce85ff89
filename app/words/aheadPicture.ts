import type { Bar, Lane, Mouth } from '@renatus/core/planning/plan/aheadPicture'
import type { StartOrder } from '@renatus/core/planning/plan/startOrder'
import { numberText } from '@renatus/core/units/numberText'
import type { CultureFeed } from '@renatus/core/planning/plan/web'
import { foodInText, foodName } from './foods'
import { plural } from './round'

type DayWords = (day: number) => string

const list = (parts: readonly string[]) => (parts.length === 0 ? '' : `${parts.join('; ')}.`)

/** What a brood eats when, as a sentence for whoever does not see the picture. */
export function mouthWords(m: Mouth, date: DayWords): string {
  const free = m.free ? [`swims free about ${date(m.free.day)}`] : []
  const bands = [...m.bands]
    .sort((a, b) => a.from - b.from)
    .map(b => `${foodInText(b.food)} from ${date(b.from)} to ${date(b.to - 1)}`)
  const gaps = m.gaps.map(g => `short from ${date(g.from)} to ${date(g.to - 1)}`)
  return list([...free, ...bands, ...gaps]) || 'Nothing within these days.'
}

/** A start as its handle is called. */
export const startText = (b: Bar, food: string): string =>
  `Start of ${plural(b.vessels, 'vessel')} of ${foodName(food)}`

/** What is to be done about a starter, or what it is waited for. */
export function orderWords(state: StartOrder['state'], date: string): string {
  switch (state) {
    case 'to order':
      return `order its starter by ${date}`
    case 'ordered':
      return `its starter is ordered, due on ${date}`
    case 'due':
      return 'its starter is due today'
    case 'late':
      return `its starter is late: it was due on ${date}`
  }
}

/** A vessel that stands or a start, as part of a sentence. */
function barWords(b: Bar, date: DayWords): string {
  const until = `until ${date(b.to)}`
  if (b.kind !== 'stands') {
    const order = b.order ? `${orderWords(b.order.state, date(b.order.day))}, ` : ''
    return `${order}${plural(b.vessels, 'vessel')} to start on ${date(b.from)}, ready about ${date(b.ready)}, ${until}`
  }
  return b.ready <= 0
    ? `${b.name} gives ${until}`
    : `${b.name} is ready about ${date(b.ready)}, gives ${until}`
}

/** Vessels of a food and the days on which less comes than the ladders like best. */
export function laneWords(l: Lane, date: DayWords): string {
  const below = l.wanted.filter((w, d) => w > 0 && l.supply.p50[d]! < 0.95 * w).length
  const most = Math.max(...l.wanted)
  const supply =
    below === 0
      ? 'what is wanted is there on every day'
      : `on ${plural(below, 'day')} there is less than the ladders like best, and others step in`
  return list([...l.bars.map(b => barWords(b, date)), ...(most > 0 ? [supply] : [])])
}

/** What a vessel drinks of another one, and where that comes from. */
export function feedWords(f: CultureFeed, source: (id: string) => string): string {
  const litres = numberText(f.litres, { digits: 2 })
  const from = f.from
    ? `: from ${source(f.from)}`
    : '. None is kept here: feed yeast or powder, which foul sooner, or keep it'
  return `${f.name} drinks ${litres} L of ${foodInText(f.food)} a day${from}.`
}
