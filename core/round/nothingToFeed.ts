import type { Round } from './round'
import type { TankStop } from './stops/tank/find'

const feeds = ({ draws, gel, grown }: TankStop) =>
  draws.length > 0 || gel !== null || grown !== null

/** Whether tanks wait at this round and nothing stands ready for any of them. */
export function nothingToFeed({ stops }: Pick<Round, 'stops'>): boolean {
  const tanks = stops.filter((s): s is TankStop => s.kind === 'tank')
  return tanks.length > 0 && !tanks.some(feeds)
}
