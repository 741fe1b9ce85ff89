import type { TendingKind } from '@renatus/core/planning/tending'
import type { RefusalId } from '@renatus/core/records/vocabulary'
import type { Backup } from '@renatus/core/stock/lines'
import type { RollingRole } from '@renatus/core/stock/rollingSets'
import type { CleanRule } from '@renatus/core/records/vocabulary'

/** What a culture wants, verb first. */
export const WANTS: Record<TendingKind, string> = {
  'end': 'Start it anew',
  'look': 'Look at it',
  'thin out': 'Thin it out',
  'feed': 'Feed it',
  'split': 'Split it',
  'change water': 'Change water',
  'stir': 'Stir it',
  'top up': 'Top it up',
  'renew': 'Renew it',
}

export const REFUSED: Record<RefusalId, string> = {
  'cloudy': 'still cloudy',
  'unready': 'not ready',
  'still-fed': 'not clear yet',
  'too-much': 'more than grows back',
  'fresh-conditioner': 'harmful water',
  'bleach-near-acid': 'bleach near vinegar',
  'mother': 'mother of the line',
  'quarantine': 'stands apart',
  'pupae': 'pupae due',
}

export const CLEAN_WORDS: Record<CleanRule, string> = {
  'shared-tool': 'a tool of another line touched it',
  'tank-water': 'tank water came in',
  'fed-from-mother': 'the mother was fed from',
  'quarantine': 'it stood apart',
  'after-dirtier-line': 'it was worked after a dirtier one',
  'wild-starter': 'it began wild',
}

/** "the only vessel of this line". */
export function backupWords(b: Backup): { word: string; text: string } {
  const names = b.others.map(c => c.record.name).join(', ')
  switch (b.code) {
    case 'only':
      return {
        word: 'Only vessel of this line',
        text: `${b.lost ? `${b.lost.record.name} is gone: ${b.lost.ended?.how ?? ''}. ` : ''}One accident ends it. Split it as soon as it is ready, and stand the second one elsewhere.`,
      }
    case 'other-line':
      return {
        word: 'Only vessel of this line',
        text: `Of another line there ${b.others.length === 1 ? 'is' : 'are'} ${names}. What this line has and they lack would be gone.`,
      }
    case 'same-place':
      return {
        word: 'Backup at the same place',
        text: `${names} ${b.others.length === 1 ? 'stands' : 'stand'} beside it: one heater, one spill takes all. Move one.`,
      }
    case 'safe':
      return { word: 'Has a backup', text: `${names}, not all at one place.` }
  }
}

/** When a harvest has grown back, to end a sentence. */
export function backWords(days: number | null): string {
  if (days === null) return 'it is not expected to grow back: use it while it is there'
  const whole = Math.round(days)
  return whole <= 1 ? 'it is back tomorrow' : `it is back in about ${whole} days`
}

export const ROLE_WORDS: Record<RollingRole, string> = {
  'reset': 'just reset',
  'half way': 'half way',
  'feeding out': 'feeding out',
}
export const LEVEL_WORDS = { top: 'top', middle: 'middle', bottom: 'bottom' } as const

/** How long something has been due. */
export function sinceWords(lateH: number): string {
  if (lateH < 12) return ''
  const days = Math.round(lateH / 24)
  if (days < 1) return 'Due since the last round.'
  return days === 1 ? 'Due since yesterday.' : `Due for ${days} days; once is enough.`
}
