<script setup lang="ts">
import { AILMENTS, type Ailment } from '@renatus/core/dynamics/contract'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import { cultureSubject } from '@renatus/core/estimation/learning/cultureSubject'
import { observationsOf } from '@renatus/core/estimation/observationsOf'
import { ownLossOf } from '@renatus/core/practice/ownLoss'
import type { CultureState } from '@renatus/core/stock/cultures'
import { hoursBetween } from '@renatus/core/time/localDate'
import { beginExercise, lastLearner } from '~/composables/beginExercise'
import { useRoomStore } from '~/stores/room'

/** A vessel that was lost is offered as an exercise: it stands again as it was believed to a week before. */
const props = defineProps<{ culture: CultureState; reading: CultureReading | undefined }>()
const room = useRoomStore()
const isAilment = (id: string): id is Ailment => (AILMENTS as readonly string[]).includes(id)
/** What is thought to have gone wrong; where nothing points anywhere, what most often does. */
const wentWrong = (): Ailment =>
  props.reading?.estimate.causes.map(c => c.id).find(isAilment) ?? 'contaminated'
function begin() {
  const { record, ended } = props.culture
  const { entries, learned, places } = room.state!
  const subject = cultureSubject(record)!
  const seen = observationsOf(record, entries, learned, places)
  const lostH = hoursBetween(record.startedAt, ended!.at)
  const own = ownLossOf(record.name, subject, seen, lostH, wentWrong())
  return beginExercise(lastLearner() ?? 'Me', 'own-loss', own)
}
</script>

<template>
  <button type="button" class="btn" @click="begin">Practise the week before it was lost</button>
</template>
