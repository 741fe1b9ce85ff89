import type { Scenario } from '../scenario'
import { broods } from './broods'
import { hands } from './hands'
import { jars } from './jars'
import { looks } from './looks'

/** Every exercise there is, from the shortest kind on. */
export const scenarios: readonly Scenario[] = [...looks, ...jars, ...broods, ...hands]
export const scenarioOf = (id: string): Scenario | null => scenarios.find(s => s.id === id) ?? null
