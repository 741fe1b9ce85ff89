import type { Instant } from '../time/localDate'

/** What the settled part of a log, which no state hangs on any more, leaves behind in figures. */
export interface Settled {
  /** All that lies from this instant on is among the entries; empty where nothing is left out. */
  before: Instant
  /** Entries that are left out, and the instant of the first of them. */
  entries: number
  firstAt: Instant | null
  /** Cysts of hatches that are left out and were started since their lot was last weighed before that, g by lot. */
  cystsG: Readonly<Record<string, number>>
  /** Of those, the ones since the lot's working box was last filled. */
  boxG: Readonly<Record<string, number>>
  /** What was left of materials at the border, by record; below 0 where more was used than came. */
  materials: Readonly<Record<string, number>>
  /** Of hatches that are left out, when the first out of each lot was started. */
  openedAt: Readonly<Record<string, Instant>>
  /** Hatches that are left out, by vessel. */
  hatches: Readonly<Record<string, number>>
  /** Of those, the ones that ended since their vessel was last cleaned before the border. */
  uncleaned: Readonly<Record<string, number>>
  /** Boxes of gel that are empty, of which what was taken is left out. */
  emptied: readonly string[]
}

export const NOTHING_SETTLED: Settled = {
  before: '',
  entries: 0,
  firstAt: null,
  cystsG: {},
  boxG: {},
  materials: {},
  openedAt: {},
  hatches: {},
  uncleaned: {},
  emptied: [],
}
