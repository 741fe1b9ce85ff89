import { WEIGHTS, type Hatching, type PlanProblem } from './problem'
import { AID, type TakeOn, type Terms, type Writing } from './writing'

/** Price of the whole of the freezer, so that it is kept while a hatch can do it. */
const CUBES_LAST = 1

/** Nauplii are eaten within what hatches bring, what is kept and what is frozen. */
export class HatchWriting {
  private readonly cysts: Terms = []
  private readonly cubes: Terms = []
  /** A batch is eaten once, today or tomorrow. */
  private readonly batches = new Map<number, Terms>()

  constructor(
    private readonly w: Writing,
    private readonly p: PlanProblem,
    private readonly h: Hatching,
  ) {}

  take({ n, day, terms, scale }: TakeOn): void {
    const { w, p, h } = this
    const scaled = terms.map(t => ({ ...t, factor: t.factor / scale }))
    const fresh = p.idle.includes(day) ? 0 : (h.most[day] ?? 0)
    const standsFor = Math.max(...p.broodDays.filter(b => b.day === day).map(b => b.weight ?? 1))
    const price = standsFor * WEIGHTS.cost * h.gramsEach * h.costPerGram * scale
    const used = w.add(`h${n}`, price, fresh / scale, AID)
    // Cubes feed nothing that is alive: they close what a hatch cannot.
    const last = (CUBES_LAST * scale) / Math.max(1, h.frozen)
    const cubes = w.add(`c${n}`, last, h.frozen / scale, AID)
    const taken = [used, cubes].map(variable => ({ variable, factor: -1 }))
    w.limit(`hatch${n}`, [...scaled, ...taken, ...this.kept(day, scale)], '<=', 0)
    if (fresh > 0) this.cysts.push({ variable: used, factor: standsFor * h.gramsEach * scale })
    if (h.frozen > 0) this.cubes.push({ variable: cubes, factor: (standsFor * scale) / h.frozen })
  }

  private kept(day: number, scale: number): Terms {
    const { w, h } = this
    return h.onHand.flatMap((b, k) => {
      const left = leftOn(b.day, day, h.keeps)
      if (left === 0 || b.useful <= 0) return []
      const variable = w.add(`k${k}_${day - b.day}`, 0, 1, AID)
      this.batches.set(k, [...(this.batches.get(k) ?? []), { variable, factor: 1 }])
      return [{ variable, factor: (-b.useful * left) / scale }]
    })
  }

  end(): void {
    this.w.limit('cysts', this.cysts, '<=', this.h.gramsLeft)
    this.w.limit('cubes', this.cubes, '<=', 1)
    for (const [k, terms] of this.batches) this.w.limit(`batch${k}`, terms, '<=', 1)
  }
}

/** Share of what was ready on a day that is left on another: the next one only. */
function leftOn(readyDay: number, day: number, keeps: number): number {
  if (readyDay === day) return 1
  return readyDay + 1 === day ? keeps : 0
}

/** Most that hatches, fridge and freezer could bring on a day. */
export function hatchedBy({ hatching: h, idle }: PlanProblem, day: number): number {
  if (!h) return 0
  return (
    h.frozen +
    h.onHand.reduce((n, b) => n + b.useful * leftOn(b.day, day, h.keeps), 0) +
    (idle.includes(day) ? 0 : (h.most[day] ?? 0))
  )
}
