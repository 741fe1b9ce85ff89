import { measureFor, oneOf, some, type Thing } from '../../thing'
import type { TankStop } from './find'

/** Things that a task at a tank takes. */
const FOR_TASK: Readonly<Record<string, Thing>> = {
  'siphon': oneOf('siphon', 'thin siphon hose and a bucket'),
  'gel-out': oneOf('siphon', 'thin siphon hose and a bucket'),
  'fungus': oneOf('tweezers', 'tweezers'),
  'box': some('smaller rearing box', 1, 'each'),
}

/** What a meal is measured with, and what the tasks take. */
export function tankFetch(stop: TankStop): Thing[] {
  const ml = stop.draws.filter(d => d.amount.unit === 'mL').map(d => measureFor(d.amount.value))
  const cubes = stop.draws.filter(d => d.amount.unit === 'cube')
  const gel = stop.gel ? [oneOf('tweezers', 'tweezers')] : []
  const frozen = cubes.map(d => ({
    ...some('frozen cube', d.amount.value, 'cube'),
    what: `out of ${d.source.name}`,
    id: d.source.id,
  }))
  return [...ml, ...frozen, ...gel, ...stop.tasks.flatMap(t => FOR_TASK[t.id] ?? [])]
}
