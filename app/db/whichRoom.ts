import type { WhichRoom } from './databaseNames'
import { local, tabOnly } from './local'

const KEY = 'renatus.which'

/** The room this tab shows: what a link asked of it, else what was chosen last on this device. */
export const whichRoom = (): WhichRoom =>
  (tabOnly.get(KEY) ?? local.get(KEY)) === 'demo' ? 'demo' : 'own'

/** Remembers a choice for later visits; a link holds for its own tab only. */
export function rememberRoom(which: WhichRoom, by: 'choice' | 'link'): void {
  if (by === 'link') return tabOnly.set(KEY, which)
  tabOnly.remove(KEY)
  local.set(KEY, which)
}
