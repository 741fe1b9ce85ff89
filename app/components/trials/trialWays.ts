import { ASKS } from '@renatus/core/trials/asks'
import type { TrialRecord } from '@renatus/core/records/records'
import { numberOf } from '~/words/fields'
import type { InlineWay } from '~/components/shared/inlineWay'
import { ASK_WORDS } from '~/words/trials'

const subject = (t: TrialRecord) => ({ type: 'trial', id: t.id })
const MOST = 50

/** "5.5" or "480, 492, 500": readings above 0, parted by semicolons or spaces; a comma between digits is a decimal one. */
function readingsOf(text: string): number[] | null {
  const parts = text.trim().split(/\s*;\s*|,?\s+/)
  const found = parts.map(numberOf)
  const fits = found.length <= MOST && found.every(n => n !== null && n > 0)
  return fits ? (found as number[]) : null
}

const valued = (t: TrialRecord, memberId: string): InlineWay => {
  const label = ASK_WORDS[t.asks].hand
  if (ASKS[t.asks].measure !== 'share')
    return {
      name: 'Measured',
      fields: [{ label, hint: 'Several readings: with spaces between' }],
      read([text = '']) {
        const values = readingsOf(text)
        if (!values) return `“${text.trim()}” cannot be read: enter numbers above 0, such as 5.5.`
        const data = { trialId: t.id, memberId, values, hits: null }
        return [{ kind: 'trial.valued', subject: subject(t), data }]
      },
    }
  return {
    name: 'Counted',
    fields: [{ label }, { label: 'Of so many' }],
    read([some = '', all = '']) {
      const [hit, of] = [numberOf(some), numberOf(all)]
      const isCount = (n: number | null): n is number => n !== null && Number.isInteger(n) && n >= 0
      if (!isCount(hit) || !isCount(of) || of === 0 || hit > of)
        return 'Enter two whole numbers: how many, and of how many; the second is not the smaller.'
      const data = { trialId: t.id, memberId, values: null, hits: { hit, of } }
      return [{ kind: 'trial.valued', subject: subject(t), data }]
    },
  }
}

/** What can be written down of one vessel of a trial. */
export const waysOfMember = (t: TrialRecord, memberId: string): InlineWay[] => [
  valued(t, memberId),
  {
    name: 'Lost',
    fields: [{ label: 'What happened', hint: 'It died, it was spilled' }],
    read([reason = '']) {
      const data = { trialId: t.id, memberId, reason: reason.trim().slice(0, 120) }
      return [{ kind: 'trial.lost', subject: subject(t), data }]
    },
  },
]
