import type { RoomState } from './roomState'

/** What a room's log says today, as one text: two ways to work it out must agree in it. */
export function toldOf(state: RoomState): string {
  const { broods, stores, clocks, lots } = state
  const runs = state.cultureStates.filter(c => c.ended === null)
  const grams = lots.map(l => l.state.gramsLeft.toFixed(6))
  return JSON.stringify({ broods, stores, clocks, grams, runs })
}
