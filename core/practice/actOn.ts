import type { Culture } from '../foods/culture'
import type { Act } from './decision'

const RENEW_KEEPS = 0.2
const CHANGE = 0.25
const THIN = 1 / 3

/** What an act is to the model; null for what is not one of the vessel alone. */
export function actionOf(c: Culture, act: Act, amount: number) {
  switch (act) {
    case 'feed': {
      const usual = c.family.usualFeed(c.params)
      return usual && { kind: 'feed' as const, amount: usual.amount * amount, unit: usual.unit }
    }
    case 'stir':
      return { kind: 'stir' as const }
    case 'change water':
      return { kind: 'waterChange' as const, amount: CHANGE, unit: 'share' as const }
    case 'thin out':
      return { kind: 'takeOut' as const, amount: THIN, unit: 'share' as const }
    case 'split':
      return { kind: 'takeOut' as const, amount: 0.5, unit: 'share' as const }
    case 'renew':
      return { kind: 'renew' as const, amount: RENEW_KEEPS, unit: 'share' as const }
    default:
      return null
  }
}

/** Does an act to a course; true where it changed it. Also what rollouts do. */
export function actOn(c: Culture, act: Act, amount = 1): boolean {
  const action = actionOf(c, act, amount)
  if (action) c.family.act(c.state, c.params, action)
  return action !== null
}

/** Draws a share; organisms that came. */
export function drawFrom(c: Culture, share: number): number {
  if (share <= 0) return 0
  const before = c.family.stock(c.state, c.params).organisms
  c.family.act(c.state, c.params, { kind: 'takeOut', amount: share, unit: 'share' })
  return Math.max(0, before - c.family.stock(c.state, c.params).organisms)
}
