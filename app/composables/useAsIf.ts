import { computed } from 'vue'
import type { HeldStart } from '@renatus/core/planning/plan/aheadPicture'
import { stateIf } from '@renatus/core/planning/plan/whatIf'
import { useAheadStore } from '~/stores/ahead'
import { useRoomStore } from '~/stores/room'
import { whatIfWords } from '~/words/whatIf'
import { useUnits } from './useUnits'

const KELVIN_IN_F = 1.8

/** The room and its starts as a question to the plan would have them, while its answer stands. */
export function useAsIf() {
  const ahead = useAheadStore()
  const room = useRoomStore()
  const units = useUnits()
  const asked = computed(() => ahead.answer !== null)
  const state = computed(() => {
    const is = room.state
    return is && asked.value ? stateIf(is, ahead.whatIf) : is
  })
  const starts = computed(() =>
    (ahead.answer?.starts ?? []).map((s): HeldStart => ({
      id: `if ${s.food} ${s.on}`,
      kept: false,
      food: s.food,
      method: s.method,
      on: s.on,
      vessels: s.vessels,
      readyDays: s.chances.readyDays,
      orderBy: s.orderBy,
    })),
  )
  function name(id: string): string {
    const is = room.state
    const brood = is?.broods.find(b => b.id === id)?.name
    const culture = is?.cultureStates.find(c => c.id === id)?.record.name
    return brood ?? culture ?? is?.hatchVessels.find(v => v.id === id)?.name ?? 'something'
  }
  function degrees(kelvin: number): string {
    const by = Math.abs(kelvin) * (units.measures.value === 'us' ? KELVIN_IN_F : 1)
    return `${Math.round(by)}\u00a0${units.temperatureUnit.value}`
  }
  /** What was asked, as a sentence. */
  const words = computed(() => {
    const parts = whatIfWords(ahead.whatIf, { name, date: units.date, degrees })
    return `As it would be: ${parts.join(', ')}.`
  })
  const back = () => {
    ahead.answer = null
  }
  return { asked, state, starts, words, back }
}
