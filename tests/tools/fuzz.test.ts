import { describe, expect, it } from 'vitest'
import { loggerFile } from '@renatus/core/instruments/loggerFile'
import { fuzz } from '../../tools/fuzz/fuzz'
import { headless } from '../../tools/fuzz/targets/headless'
import { pictures } from '../../tools/fuzz/targets/pictures'
import { roomFiles } from '../../tools/fuzz/targets/roomFiles'
import { ingredientTables, loggerFiles } from '../../tools/fuzz/targets/tables'
import type { Target } from '../../tools/fuzz/target'

/** A short run of `npm run fuzz`: the seeds are fixed, so that what fails here fails again. */
const short = (target: Target, times: number) => fuzz(target, 1, tried => tried < times)

describe('what comes from outside is refused in words or taken whole', () => {
  it.each<[string, () => Target, number]>([
    ['room files', roomFiles, 400],
    ['headless commands', headless, 400],
    ['tables of ingredients', ingredientTables, 400],
    ['logger files', loggerFiles, 400],
    ['pictures', pictures, 12],
  ])('%s', async (_, target, times) => {
    const { faults, taken, refused } = await short(target(), times)
    expect(faults).toEqual([])
    expect(Math.min(taken, refused)).toBeGreaterThan(0)
  })
})

describe('what was found once', () => {
  it('a logger file whose heading alone looks like a time', () => {
    const wounded = 'Date:00;25:00;25-124.03.2026;06:20;25,55'
    const { readings, guessed } = loggerFile(wounded, 'Europe/Berlin')
    expect([readings, guessed.problem]).toEqual([[], 'no-time'])
  })
})
