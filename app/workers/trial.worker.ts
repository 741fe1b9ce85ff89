import { expose } from 'comlink'
import type { Spread, TrialMeasure } from '@renatus/core/trials/arms'
import { power, type Power } from '@renatus/core/trials/power'
import { trialState, type TrialState } from '@renatus/core/trials/trialState'
import type { TrialRoom } from '@renatus/core/trials/member'
import type { TrialRecord } from '@renatus/core/records/records'

/** Reads trials off the page: every vessel is worked through from its start. */
const reader = {
  state: (trial: TrialRecord, room: TrialRoom, spread: Spread): TrialState =>
    trialState(trial, room, spread),
  power: (measure: TrialMeasure, times: number, spread: Spread): Power[] =>
    power(measure, times, spread),
}

export type TrialReader = typeof reader
expose(reader)
