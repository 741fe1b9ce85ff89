import { computed, ref, watch, type Ref } from 'vue'
import { fetchFirst } from '@renatus/core/round/fetchFirst'
import { placeName } from '@renatus/core/round/placeName'
import type { Round } from '@renatus/core/round/round'
import { wordsOf } from '@renatus/core/round/roundLines'
import * as w from '@renatus/core/round/walk'
import type { Answer } from '@renatus/core/records/vocabulary'
import { nowInstant } from '~/composables/clock'
import { local } from '~/db/local'
import { useRoomStore } from '~/stores/room'
import { useUndo } from './useUndo'

const keyOf = (room: string) => `renatus.walk.${room}`

/** The walk that was begun at a round, as it was left; null where there is none, or it cannot be read. */
export function keptWalk(text: string | null, roundKey: string): w.Walk | null {
  if (text === null) return null
  try {
    const found = w.walk.safeParse(JSON.parse(text)).data
    return found?.roundKey === roundKey ? found : null
  } catch {
    return null
  }
}

/** A round walked one stop at a time. Where one stands outlives the page. */
export function useWalk(round: Ref<Round>) {
  const room = useRoomStore()
  const undo = useUndo()
  const key = computed(() => round.value.current.key)
  const begun = (): w.Walk =>
    keptWalk(local.get(keyOf(room.which)), key.value) ?? w.beginWalk(key.value, nowInstant())
  const walk = ref(begun())
  const asked = computed(() => {
    const state = room.roundState
    return round.value.stops.map(stop => ({
      key: stop.key,
      place: placeName(stop, room.state?.places ?? []),
      text: state ? (wordsOf(stop, state)[0]?.text ?? stop.subject.name) : stop.subject.name,
    }))
  })
  const things = computed(() =>
    room.roundState ? fetchFirst(round.value.stops, room.roundState) : [],
  )
  watch(
    [key, asked],
    ([is], before) => {
      if (before[0] !== undefined && is !== before[0]) walk.value = begun()
      walk.value = w.keepPace(walk.value, asked.value)
      // Where nothing is to be fetched the first stop is the first card.
      if (!walk.value.fetched && things.value.length === 0) walk.value = w.setOut(walk.value)
    },
    { immediate: true },
  )
  watch(walk, is => local.set(keyOf(room.which), JSON.stringify(is)))
  const open = computed(() => w.openSteps(walk.value))
  const stop = computed(() => round.value.stops.find(s => s.key === walk.value.at) ?? null)
  /** The open stop behind the one that is looked at. */
  const next = computed(() => {
    const i = open.value.findIndex(s => s.key === walk.value.at)
    return walk.value.at === null ? null : (open.value[i + 1] ?? null)
  })
  return {
    walk,
    stop,
    next,
    open,
    things,
    number: computed(() => walk.value.steps.findIndex(s => s.key === walk.value.at) + 1),
    places: computed(() => w.placesOfWalk(walk.value)),
    setOut: () => {
      walk.value = w.setOut(walk.value)
    },
    go: (by: 1 | -1) => {
      walk.value = w.goBy(walk.value, by)
    },
    answered: (stopKey: string, how: Answer, said: string) => {
      walk.value = w.answered(walk.value, stopKey, how, said, nowInstant())
    },
    /** Takes the last answer back and stands at its stop again. */
    takeBack: async () => {
      const stopKey = undo.last.value?.stop
      if ((await undo.take()) && stopKey) walk.value = w.reopened(walk.value, stopKey)
    },
  }
}
