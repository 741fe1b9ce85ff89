import { lossScenario } from './ownLoss'
import type { PlayedGame } from './playedGame'
import type { Scenario } from './scenario'
import { scenarioOf } from './scenarios/index'

/** What a saved game plays: one of the exercises, or a loss of somebody's own; null where this version knows neither. */
export const scenarioFor = (g: Pick<PlayedGame, 'scenario' | 'own'>): Scenario | null =>
  g.own ? lossScenario(g.own) : scenarioOf(g.scenario)
