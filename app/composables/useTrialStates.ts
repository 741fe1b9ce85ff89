import { ref, shallowRef, watch, type Ref } from 'vue'
import { spreadOf, type TrialState } from '@renatus/core/trials/trialState'
import { partOf } from '@renatus/core/trials/partOf'
import type { TrialRecord } from '@renatus/core/records/records'
import { trialClient } from '~/engine/trialClient'
import { useRoomStore } from '~/stores/room'
import { useFailures } from './useFailures'

/** Where running trials stand; read again, off the page, whenever the room changes. */
export function useTrialStates(trials: Ref<readonly TrialRecord[]>) {
  const room = useRoomStore()
  const states = shallowRef<ReadonlyMap<string, TrialState>>(new Map())
  const busy = ref(false)
  let asked = 0
  async function read() {
    const turn = ++asked
    const state = room.state
    if (!state) return
    busy.value = true
    try {
      for (const trial of trials.value) {
        const spread = spreadOf(trial.asks, state.trials, state.entries)
        const part = partOf(state, trial)
        const read = await trialClient.call(r => r.state(trial, part, spread))
        if (turn !== asked) return
        states.value = new Map(states.value).set(trial.id, read)
      }
    } catch (error) {
      useFailures().report(error)
    }
    busy.value = false
  }
  watch([trials, () => room.version, () => room.state?.today], read, { immediate: true })
  return { states, busy }
}
