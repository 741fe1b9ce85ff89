import type { SaidDraw } from './saidMeals'
import type { Source } from './source'

/** What is left of the sources while meals are drawn. */
export class Larder {
  private readonly left: Map<Source, { easy: number; most: number }>
  private readonly opened = new Set<Source>()

  constructor(sources: readonly Source[]) {
    const ready = sources.filter(s => s.ready)
    this.left = new Map(ready.map(s => [s, { easy: s.easy, most: s.gives.p50 }]))
  }

  /** Ready sources of a food for a tank that still hold something, the first to draw from first. */
  of(foodId: string, tankId: string, over: boolean): Source[] {
    const mine = [...this.left.keys()].filter(
      s => s.foodId === foodId && (s.tankIds === null || s.tankIds.includes(tankId)),
    )
    return mine.filter(s => this.has(s, over) >= 1).sort(inTurn)
  }

  /** What of a food was said to be drawn for a tank, as it stands now: in a cup, in its vessel, or put by out of a hatch. */
  said(d: SaidDraw, tankId: string): Source | null {
    const mine = this.of(d.foodId, tankId, true).filter(s => s.unit === d.unit)
    const here = mine.filter(s => s.id === d.sourceId || s.fromId === d.sourceId)
    return here.find(s => s.inHand) ?? here[0] ?? null
  }

  has(s: Source, over: boolean): number {
    const left = this.left.get(s)!
    return Math.max(0, over ? left.most : left.easy)
  }

  /** Animals with full yolk that are left of a food for anybody. */
  useful(foodId: string, tankId: string, over: boolean): number {
    return this.of(foodId, tankId, over).reduce((sum, s) => sum + this.has(s, over) * s.energy, 0)
  }

  take(s: Source, organisms: number): void {
    const left = this.left.get(s)!
    left.easy -= organisms
    left.most -= organisms
    this.opened.add(s)
  }

  /** Somebody draws from it already, or it is in the hand. */
  isOpen(s: Source): boolean {
    return s.inHand || this.opened.has(s)
  }

  most(s: Source): number {
    return Math.max(0, this.left.get(s)!.most)
  }
}

/**
 * In the hand already, then what must go first, then stores by their date, then the fuller and surer vessel: as it
 * stood before anything was drawn, so that one vessel serves as many tanks as it can.
 */
const inTurn = (a: Source, b: Source): number =>
  Number(b.inHand) - Number(a.inHand) ||
  Number(b.first) - Number(a.first) ||
  (a.useBy ?? '\uffff').localeCompare(b.useBy ?? '\uffff') ||
  Number(a.due) - Number(b.due) ||
  Number(a.doubtful) - Number(b.doubtful) ||
  b.easy - a.easy ||
  (a.id < b.id ? -1 : 1)
