import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { FOUL_FROM, LOOK_POWER } from '@renatus/core/estimation/observation'
import { BLUR_SD, MOOD_SD, SIGN_SD } from '@renatus/core/estimation/observer'
import { LESS_PER_LOOK, SAID_READY_FROM, UNSEEN_READY_FROM } from '@renatus/core/estimation/saidStage'
import { NOISE_PER_DAY } from '@renatus/core/estimation/advance'
import { PARTICLES } from '@renatus/core/estimation/replay'
import { OWN_THERMOMETER_SD_C, ROOM_THERMOMETER_SD_C } from '@renatus/core/estimation/thermometer'
import { ROOM_FACTOR, ROOM_RATE_SD } from '@renatus/core/estimation/subject'
import { FOUL_PRIOR, ONE_IN } from '@renatus/core/estimation/trouble'
import { READY, LEAST_MATTER } from '@renatus/core/dynamics/succession/parameters'
import { TIRED_Q } from '@renatus/core/dynamics/logistic/read'
import { foodOf } from '@renatus/core/foods/index'
import { HATCH } from '@renatus/core/dynamics/hatch/parameters'
import { SECOND_PULL_GAIN } from '@renatus/core/dynamics/hatch/handling'
import { profile } from '@renatus/core/foods/brine-shrimp/profile'
import { LIT_HOURS, LIVES_H } from '@renatus/core/fry/suitability'
import { GAPE_LOG_SD } from '@renatus/core/fry/gapeFit'
import { GROWTH_LOG_SD, LENGTH_LOG_SD, LENGTHS_TO_REPLACE } from '@renatus/core/fry/growthFit'
import { DEVELOPMENT_Q10 } from '@renatus/core/fry/life'
import { SHARE_FROM, SMOOTH_DAYS, SUITABLE } from '@renatus/core/fry/shares'
import { TAN } from '@renatus/core/fry/tankLoad'
import { TEST_MEALS, WAIT_DAYS } from '@renatus/core/stock/weaning'
import { GROSS_EFFICIENCY, RATION_Q10 } from '@renatus/core/fry/ration'
import { FIT_ENOUGH } from '@renatus/core/fry/sizeFit'
import { HATCH_MARGIN } from '@renatus/core/planning/hatchMargin'
import { MOST_CYSTS_GL } from '@renatus/core/planning/hatchWay'
import { SHARES_OVER_DAYS, WORTH_A_MEAL } from '@renatus/core/planning/reckoning/chooseFoods'
import { SPILL } from '@renatus/core/planning/meals'
import { COUNT_LOG_SD } from '@renatus/core/estimation/learning/hatchSubject'
import { TIN_LOG_SD } from '@renatus/core/estimation/learning/lotChain'
import { LOSS_SHARE, SOLID_G_PER_ML, SOLID_SHARE } from '@renatus/core/gel/batch'
import { GRAIN_OF_GAPE } from '@renatus/core/gel/particles'
import { CROWDED_PER_L } from '@renatus/core/planning/gelMeal'
import { GRAIN_VARIANCE, RATE_VARIANCE, USE_LOG_SD } from '@renatus/core/provision/useDoubt'
import { SETTLED_FROM } from '@renatus/core/trials/arms'
import { KEEPS_DAYS } from '@renatus/core/stock/gelBoxes'

const medians = (id: string) => Object.fromEntries(Object.entries(foodOf(id)!.parameters).map(([k, p]) => [k, p.median]))
const constants: Record<string, unknown> = { HATCH, profile, SECOND_PULL_GAIN, LIT_HOURS, RATION_Q10, FIT_ENOUGH, HATCH_MARGIN, MOST_CYSTS_GL, SPILL, WORTH_A_MEAL, SHARES_OVER_DAYS, COUNT_LOG_SD, TIN_LOG_SD, GAPE_LOG_SD, GROWTH_LOG_SD, LENGTH_LOG_SD, LENGTHS_TO_REPLACE, DEVELOPMENT_Q10, SHARE_FROM, SMOOTH_DAYS, SUITABLE, TAN, TEST_MEALS, WAIT_DAYS, PARTICLES, READY, LEAST_MATTER, TIRED_Q,
  LIVES_H, GROSS_EFFICIENCY, FOUL_FROM, LOOK_POWER, MOOD_SD, SIGN_SD, BLUR_SD, SAID_READY_FROM, UNSEEN_READY_FROM, LESS_PER_LOOK, ROOM_THERMOMETER_SD_C, OWN_THERMOMETER_SD_C, NOISE_PER_DAY, ROOM_FACTOR, ROOM_RATE_SD, FOUL_PRIOR, ONE_IN,
  LOSS_SHARE, SOLID_SHARE, SOLID_G_PER_ML, GRAIN_OF_GAPE, CROWDED_PER_L, KEEPS_DAYS, USE_LOG_SD, RATE_VARIANCE, GRAIN_VARIANCE, SETTLED_FROM,
  mosquito: medians('mosquito-larva'), eel: medians('vinegar-eel'), infusoria: medians('infusoria'), blackworm: medians('blackworm') }
const quoted = [...readFileSync('docs/models.md', 'utf8').matchAll(/`([\d.]+)` <!-- ([\w.]+) -->/g)].map(m => [m[2]!, Number(m[1])] as const)

describe('docs/models.md', () => {
  it.each(quoted)('%s is %d in the code too', (path, value) => {
    expect(path.split('.').reduce<unknown>((o, key) => (o as Record<string, unknown>)[key], constants)).toBe(value)
  })
  it('quotes every number of the hatch family', () => {
    const named = new Set(quoted.map(([path]) => path))
    expect(Object.keys(HATCH).filter(key => !['energyReferenceC', 'horizonH', 'factorWindowH'].includes(key) && !named.has(`HATCH.${key}`))).toEqual([])
    expect(quoted.length).toBeGreaterThan(20)
  })
})
