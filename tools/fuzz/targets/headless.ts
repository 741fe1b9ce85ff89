import { runner } from '../../core/runner'
import { mutateJson, mutateText } from '../mutate'
import type { Target } from '../target'

/** Good questions of commands that answer at once. */
const GOOD: Record<string, object> = {
  'salt': { volumeL: 2, targetGL: 25, salt: 'coarse', measures: 'us' },
  'salt-of': { volumeL: 2, salt: 'fine', spoons: [{ measure: 'tbsp', count: 2 }] },
  'hatch': {
    ...{ vesselL: 2, cystsG: 3, saltGL: 25, temperatureC: [{ h: 0, c: 24 }], pullsAtH: [24, 36] },
    ...{ lot: { hatch: 0.8, cystsPerG: 270_000, speed: 1, spread: 0.17 } },
  },
  'ladder': {
    ...{ species: 'medaka', temperatureC: 26, fry: 100, tankL: 20, startOn: '2026-03-01' },
    ...{ days: 12 },
  },
  'simulate': {
    ...{ food: 'moina', method: 'yeast', setup: { volumeL: 10 }, temperatureC: 26, days: 8 },
    ...{ actions: [{ day: 2, kind: 'feed', amount: 1, unit: 'g' }], seed: 3 },
  },
  'gel-batch': {
    ...{ trays: 1, trayMl: 180, parts: 3, lossShare: 0.04, powderGPerMl: 0.55 },
    measures: 'metric',
  },
  'decapsulate': {
    ...{ cystsG: 20, bleach: { percent: 5, as: 'sodium-hypochlorite', by: 'mass', weeksOpen: 2 } },
  },
  'soda': { volumeL: 2, pH: 7.2, kHdeg: 4 },
  'dose': {
    volumeL: 10,
    want: { nitrogenMgL: 8 },
    product: { nitrogenPercent: 7, form: 'liquid' },
  },
  'temperatures': { text: 'time,c\n2026-03-01T06:00:00Z,24.5', timeZone: 'Europe/Berlin' },
  'alarms': {
    ...{ readings: [{ at: '2026-03-01T06:00:00Z', value: 31 }], rules: { low: 20, high: 30 } },
  },
  'trial': {
    measure: 'time',
    arms: [
      { id: 'a', values: [3, 4] },
      { id: 'b', values: [7, 8] },
    ],
  },
}

/** Headless commands: one document or one error that says code, path and message. */
export const headless = (): Target => ({
  name: 'headless commands',
  async try(chance) {
    const names = Object.keys(GOOD)
    const name = names[chance.integer(0, names.length - 1)]!
    const whole = chance.next() < 0.8
    const text = whole
      ? JSON.stringify(mutateJson(chance, GOOD[name]))
      : mutateText(chance, JSON.stringify(GOOD[name]))
    const input = `${name} ${text}`
    const answer = await runner([name], () => text)
    if (answer.exit === 2) {
      const { code, message } = answer.error
      return { outcome: 'refused', fault: code && message ? null : 'refused silently', input }
    }
    const said = JSON.parse(answer.out) as unknown
    return { outcome: 'taken', fault: said === null ? 'nothing was said' : null, input }
  },
})
