import { foodOf } from '@renatus/core/foods/index'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { CultureRecord } from '@renatus/core/records/records'
import { shapeFor, sizeOf } from '~/components/vessel/vesselShape'
import { lookInShort, stageOf, STAGES } from '~/words/cultures'

/** What every picture of a culture needs, worked out in one place. */
export function cultureView(c: CultureRecord, reading: CultureReading | undefined) {
  const food = foodOf(c.foodId)
  const method = food?.methods.find(m => m.id === c.methodId) ?? food?.methods[0]
  const vessel = method?.vessel ?? { depthCm: 12, widthCm: 12 }
  const stage = reading ? stageOf(reading.estimate) : null
  const words = food && reading ? lookInShort(food, reading.look) : ''
  const shape =
    c.vesselKind ?? shapeFor(c.litres, c.depthCm ?? vessel.depthCm, c.widthCm ?? vessel.widthCm)
  return {
    food,
    method,
    stage,
    shape,
    size: sizeOf(shape, c.litres),
    family: food?.profile.family ?? ('logistic' as const),
    air: food?.withoutAirH !== undefined && food.withoutAirH !== null,
    plug: method?.plug === true,
    label: `${c.name}: ${stage ? `${STAGES[stage].word}; ${words}` : 'being read'}`,
    seed: [...c.id].reduce((s, ch) => s + ch.charCodeAt(0), 0),
  }
}
