/** What holds at a reading. */
export interface Holds {
  /** Past the limit. */
  beyond: boolean
  /** On its way there. */
  coming: boolean
  /** Well inside of it. */
  well: boolean
}
export type Call = 'alarm' | 'warning' | 'over'

/** So many readings in a row make a call; one does where they are so many minutes apart. */
const IN_A_ROW: Record<Call, number> = { alarm: 2, warning: 3, over: 3 }
const SPARSE_MIN = 10

/**
 * Calls once when something begins to hold, and once when it is over: nothing flaps, nothing is called twice. A warning may be followed by an alarm.
 */
export function caller(): (holds: Holds, everyMin: number) => Call | null {
  const rows: Record<Call, number> = { alarm: 0, warning: 0, over: 0 }
  let called: Call = 'over'
  return ({ beyond, coming, well }, everyMin) => {
    const now: Record<Call, boolean> = { alarm: beyond, warning: coming, over: well }
    const isCalled = (call: Call) => {
      rows[call] = now[call] ? rows[call] + 1 : 0
      return rows[call] >= (everyMin >= SPARSE_MIN ? 1 : IN_A_ROW[call])
    }
    const [alarm, warning, over] = [isCalled('alarm'), isCalled('warning'), isCalled('over')]
    const next: [boolean, Call][] = [
      [alarm && called !== 'alarm', 'alarm'],
      [warning && called === 'over', 'warning'],
      [over && called !== 'over', 'over'],
    ]
    const call = next.find(([is]) => is)?.[1] ?? null
    called = call ?? called
    return call
  }
}
