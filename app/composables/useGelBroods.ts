import type { Ref } from 'vue'
import type { GelBrood } from '@renatus/core/planning/gelBrood'
import { useRoomStore } from '~/stores/room'
import { useEngineAnswer } from './useEngineAnswer'

/** Every brood that feeds, with its gel; null until the engine has said it. */
export const useGelBroods = (): Ref<GelBrood[] | null> => useEngineAnswer(useRoomStore().gelBroods)
