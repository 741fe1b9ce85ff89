import type { CultureTask } from '@renatus/core/round/cultureStops'
import type { Lateness } from '@renatus/core/round/planStops'

/** Words of the stops of cultures and of the plan. */
export const TASK_VERBS: Record<CultureTask['kind'], string> = {
  'end': 'Start anew',
  'look': 'Look at',
  'thin out': 'Take out a third of',
  'feed': 'Feed',
  'take': 'Draw from',
  'split': 'Split',
  'change water': 'Change water of',
  'top up': 'Top up',
  'renew': 'Renew',
}

/** How late a task is, and what that means for it. */
export function lateWords(t: CultureTask): string {
  if (t.lateH === 0) return ''
  const days = Math.round(t.lateH / 24)
  const since =
    days < 1
      ? 'Due since the last round.'
      : days === 1
        ? 'Due since yesterday.'
        : `Due for ${days} days.`
  const sense: Partial<Record<CultureTask['kind'], string>> = {
    'feed': 'One feed, not two: what was missed is not made up for.',
    'look': 'The longer nobody looks, the less is known.',
    'change water': 'Once is enough.',
    'renew': 'It still gives, but less each day.',
    'top up': '',
    'take': '',
  }
  return `${since} ${sense[t.kind] ?? ''}`.trim()
}

/** Whether a late start still matters. */
export function startLateWords(late: Lateness, brood: string, readyBy: string): string {
  const days = late.days === 1 ? 'a day' : `${late.days} days`
  switch (late.code) {
    case 'on time':
      return ''
    case 'late, still good':
      return `${days} late, and still good: ${Math.round(late.likely * 100)} % sure to be ready for ${brood}.`
    case 'late, doubtful':
      return `${days} late: ${Math.round(late.likely * 100)} % sure to be ready for ${brood} in time, nine in ten by ${readyBy}. Start it today, and have something that bridges.`
    case 'too late':
      return `Too late for the first meals of ${brood}: nine in ten are ready by ${readyBy} only. Start it if it is wanted after that; for now another food must do.`
  }
}
