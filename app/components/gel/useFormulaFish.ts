import { temperatureOn } from '@renatus/core/stock/tankTemperature'
import { computed, reactive, ref, type Ref } from 'vue'
import type { Guild } from '@renatus/core/fry/species/species'
import type { GelBrood } from '@renatus/core/planning/gelBrood'
import { useRoomStore } from '~/stores/room'
import { numberField } from '~/words/fields'

const LENGTH = { label: 'Length of the fish', min: 2, max: 500, unit: 'mm' }
const MOUTH = { label: 'Mouth', min: 0.1, max: 40, unit: 'mm' }
const WARMTH = { label: 'Temperature', min: 5, max: 36, unit: '°C' }
const UNREADABLE =
  'Length 2 to 500 mm, mouth 0.1 to 40 mm, temperature 5 to 36 °C, please: one of them cannot be read.'

/** For whom a formula is: a brood of the room, or fish of a size that was typed. */
export function useFormulaFish(broods: Ref<readonly GelBrood[]>, first: string) {
  const room = useRoomStore()
  const broodId = ref(first)
  const brood = computed(() => broods.value.find(b => b.brood.id === broodId.value) ?? null)
  const hand = reactive({
    lengthMm: '12',
    guild: 'omnivore' as Guild,
    gapeMm: '0.9',
    temperatureC: '25',
  })
  const typed = computed(() => {
    const length = numberField(LENGTH).safeParse(hand.lengthMm)
    const gape = numberField(MOUTH).safeParse(hand.gapeMm)
    const warm = numberField(WARMTH).safeParse(hand.temperatureC)
    if (!length.success || !gape.success || !warm.success) return null
    return {
      lengthMm: length.data,
      gapeUm: gape.data * 1000,
      guild: hand.guild,
      temperatureC: warm.data,
    }
  })
  const fish = computed(() => {
    const b = brood.value
    if (!b) return typed.value
    return {
      lengthMm: b.day.lengthMm,
      gapeUm: b.day.gapeUm,
      guild: b.brood.species!.guild,
      temperatureC: temperatureOn(b.brood.water, room.state!.today),
    }
  })
  const fishProblem = computed(() => (fish.value ? '' : UNREADABLE))
  return { broodId, brood, hand, fish, fishProblem }
}
