import { inject, type InjectionKey } from 'vue'
import type { Answer } from '@renatus/core/records/vocabulary'

/** Who shows stops and wants to know of answers: a walk, which goes on to the next. */
export interface OnAnswer {
  answered(key: string, how: Answer, said: string): void
}
/** A stop among others in a list, or the only one on the screen. */
export type StopFace = 'list' | 'walk'
export const STOP_FACE: InjectionKey<StopFace> = Symbol('face of a stop')
export const useStopFace = (): StopFace => inject(STOP_FACE, 'list')

export const ON_ANSWER: InjectionKey<OnAnswer> = Symbol('answer of a stop')
export const useOnAnswer = (): OnAnswer | null => inject(ON_ANSWER, null)
