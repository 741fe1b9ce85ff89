import { loggerFile } from '@renatus/core/instruments/loggerFile'
import { thinCourse } from '@renatus/core/instruments/thinCourse'
import { readIngredients } from '../../../app/composables/ingredientCsv'
import { mutateText } from '../mutate'
import type { Target } from '../target'

const INGREDIENTS = [
  'name,protein,fat,fibre,ash,moisture,price_per_kg,is',
  'Fish meal,62,9,1,15,8,4.2,',
  '"Peas, dried",23,1.5,6,3,11,1.1,',
  'Spirulina,60,7,3,8,6,,',
].join('\n')

/** Tables of ingredients. */
export const ingredientTables = (): Target => ({
  name: 'tables of ingredients',
  async try(chance) {
    const input = mutateText(chance, INGREDIENTS)
    const read = await readIngredients(input)
    if (!read.ok) {
      const fault = read.problems.length === 0 ? 'refused without a word' : null
      return { outcome: 'refused', fault, input }
    }
    const odd = read.rows.find(r => Object.values(r.label).some(v => !Number.isFinite(v)))
    return { outcome: 'taken', fault: odd ? `${odd.name} has no numbers` : null, input }
  },
})

const LOGGERS = [
  'Date;Time;Temp (C)\n24.03.2026;06:00;25,4\n24.03.2026;06:10;25,6\n24.03.2026;06:20;25,5',
  'timestamp,temperature_f,battery\n2026-03-24T06:00:00Z,77.2,98\n2026-03-24T06:05:00Z,77.4,98',
  'sep=\t\n"epoch"\t"value"\n1774332000\t24.9\n1774332600\t24.8\n1774333200\t24.8',
]

/** Files of temperature loggers. */
export const loggerFiles = (): Target => ({
  name: 'logger files',
  try(chance) {
    const input = mutateText(chance, LOGGERS[chance.integer(0, LOGGERS.length - 1)]!)
    const { readings, guessed, skipped } = loggerFile(input, 'Europe/Berlin', {})
    thinCourse(readings)
    const odd = readings.find(r => !Number.isFinite(r.c) || Number.isNaN(Date.parse(r.at)))
    const silent = readings.length === 0 && guessed.problem === null && skipped.length === 0
    const fault = odd ? `a reading of ${odd.c} at ${odd.at}` : null
    return {
      outcome: readings.length > 0 ? 'taken' : 'refused',
      fault: fault ?? (silent ? 'nothing read and nothing said' : null),
      input,
    }
  },
})
