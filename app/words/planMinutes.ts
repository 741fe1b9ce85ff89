import type { Labour } from '@renatus/core/planning/plan/labour'
import { plural } from './round'

const whole = (minutes: number) => plural(Math.round(minutes), 'minute')

/** What a plan has to do without where the minutes of the rounds do not reach; null where they do. */
export function shortMinutes({ there, taken }: Labour): string | null {
  if (Math.round(taken) <= Math.round(there)) return null
  const have = Math.round(there) === 0 ? 'no minutes' : whole(there)
  return `Meals, hatches and what stands take about ${whole(taken)} a day; the rounds have ${have}. Only what hunger asks for is started.`
}
