import { expose } from 'comlink'
import type { Decision } from '@renatus/core/practice/decision'
import { practise, type Practised } from '@renatus/core/practice/practise'
import { scenarioOf } from '@renatus/core/practice/scenarios/index'

/** Makes accounts off the page: every decision is tried against what could have been known. */
const teacher = {
  account: (scenario: string, seed: number, decisions: readonly Decision[]): Practised | null => {
    const s = scenarioOf(scenario)
    return s && practise(s, seed, decisions)
  },
}

export type Teacher = typeof teacher
expose(teacher)
