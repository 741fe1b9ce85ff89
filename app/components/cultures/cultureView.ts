import type { FoodMethod } from '@renatus/core/foods/contract'
import { foodOf } from '@renatus/core/foods/index'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { CultureRecord } from '@renatus/core/records/records'
import { shapeFor, sizeOf, type VesselShape } from '~/components/vessel/vesselShape'
import { lookInShort, stageOf, STAGES } from '~/words/cultures'

const USUAL_CM = { depthCm: 12, widthCm: 12 }
function shapeOf(c: CultureRecord, method: FoodMethod | undefined): VesselShape {
  const { depthCm, widthCm } = method?.vessel ?? USUAL_CM
  return c.vesselKind ?? shapeFor(c.litres, c.depthCm ?? depthCm, c.widthCm ?? widthCm)
}

/** What every picture of a culture needs, worked out in one place. */
export function cultureView(c: CultureRecord, reading: CultureReading | undefined) {
  const food = foodOf(c.foodId)
  const method = food?.methods.find(m => m.id === c.methodId) ?? food?.methods[0]
  const stage = reading ? stageOf(reading.estimate) : null
  const words = food && reading ? lookInShort(food, reading.look) : ''
  const shape = shapeOf(c, method)
  return {
    food,
    method,
    stage,
    shape,
    size: sizeOf(shape, c.litres),
    family: food?.profile.family ?? ('logistic' as const),
    air: (food?.withoutAirH ?? null) !== null,
    plug: method?.plug === true,
    label: `${c.name}: ${stage ? `${STAGES[stage].word}; ${words}` : 'being read'}`,
    seed: [...c.id].reduce((s, ch) => s + ch.charCodeAt(0), 0),
  }
}
