import { expect, it } from 'vitest'
import type { KeptPlan } from '@renatus/core/planning/plan/keptPlan'
import { secondVesselOn, tendingIn } from '@renatus/core/planning/tendingIn'
import type { Entry } from '@renatus/core/records/entries'
import { roomState } from '@renatus/core/stock/roomState'
import { cultureOf, tendedOf } from '../cultureRoom'
import { log, NAMED, records } from '../room'

const NOW = '2026-03-12T06:00:00.000Z'
const worm = cultureOf('microworm', '2026-03-01T06:00:00Z')
const start = (food: string, on: string): KeptPlan['starts'][number] => ({
  ...{ id: `${food}-1`, food, method: 'oats', on, vessels: 1, placeId: null, litres: 0.3 },
  ...{ orderBy: null, forBrood: NAMED.brood!, neededOn: '2026-04-09', failure: 0.1 },
  ...{ readyDays: 5, readyLogSd: 0.2, why: 'For Angels.' },
})
const kept = (starts: KeptPlan['starts']) =>
  log('2026-03-12T05:00:00Z', 'plan.kept', {
    ...{ from: '2026-03-12', days: 60, certainty: 0.95, starts },
    facts: { broods: [], cultures: [], rounds: '', foods: '', warmth: '' },
  })
const wants = (entries: Entry[]) => {
  const state = roomState([...records(), worm], entries, NOW)!
  const splits = tendingIn(state, tendedOf(worm, NOW, entries)).some(t => t.kind === 'split')
  return { splits, second: secondVesselOn(state, 'microworm') }
}

it('a lone vessel is split, unless the kept plan begins a second of its food: then the plan has the day', () => {
  expect(wants([])).toEqual({ splits: true, second: null })
  const other = kept([start('vinegar-eel', '2026-03-20')])
  expect(wants([other])).toEqual({ splits: true, second: null })
  const mine = kept([start('microworm', '2026-03-25'), start('microworm', '2026-03-20')])
  expect(wants([other, mine])).toEqual({ splits: false, second: '2026-03-20' })
})
