import { READINESS } from '../../dynamics/contract'
import { ACTS } from '../decision'
import { atTank, doing, type Player } from './player'

const TAKES_MOST = 0.5
const ACTS_IN = 0.5
const WATER_IN = 0.2

/** Does anything. */
export const random: Player = {
  decide: (g, _memory, chance) => [
    ...g.vessels.map((_v, i) =>
      doing(g, i, {
        look: chance.next() < 0.5,
        take: chance.next() < 0.5 ? chance.next() * TAKES_MOST : 0,
        act: chance.next() < ACTS_IN ? ACTS[chance.integer(0, ACTS.length - 1)]! : 'wait',
        saw: READINESS[chance.integer(0, READINESS.length - 1)]!,
        sure: chance.integer(1, 5),
      }),
    ),
    ...(g.tank ? [atTank(g, { act: chance.next() < WATER_IN ? 'change water' : 'wait' })] : []),
  ],
}
