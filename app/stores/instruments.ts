import { defineStore } from 'pinia'
import * as z from 'zod'
import { computed, ref, shallowRef } from 'vue'
import type { AlarmRule } from '@renatus/core/instruments/alarmRule'
import { alarmWatch, type AlarmEvent, type AlarmWatch } from '@renatus/core/instruments/alarms'
import { toCelsius, type Reading } from '@renatus/core/instruments/reading'
import { courseEntries, type Measured } from '@renatus/core/stock/measured'
import { nowInstant } from '~/composables/clock'
import { liveOn } from '~/composables/liveOn'
import { useRoomStore } from './room'

/** A line of a stream; anything else counts as missing. */
const line = z.object({
  at: z.iso.datetime({ offset: true }),
  /** Null: the bridge is there, its probe is silent. */
  value: z.number().nullable(),
  unit: z.enum(['C', 'F']).default('C'),
})
/** Readings that are drawn. */
const SHOWN = 180
/** Real readings are written down so often, ms. */
const WRITE_MS = 15 * 60_000

export interface LiveSource {
  /** Below /api/instruments. */
  path: string
  name: string
  /** Nothing of it is ever written. */
  simulated: boolean
  rules: AlarmRule[]
  /** What it stands in. */
  things: Measured[]
}
export interface Called extends AlarmEvent {
  /** When it was called here: a sped-up scenario has a clock of its own. */
  calledAt: string
  seen: boolean
}

/** The one live stream of this page, and what it calls, whichever view is open. */
export const useInstrumentsStore = defineStore('instruments', () => {
  const source = shallowRef<LiveSource | null>(null)
  const readings = shallowRef<readonly Reading[]>([])
  const events = shallowRef<readonly Called[]>([])
  const state = ref<'off' | 'waiting' | 'on' | 'lost'>('off')
  /** Lines of the stream that were no readings. */
  const odd = ref(0)
  let stream: EventSource | null = null
  let watch: AlarmWatch | null = null
  let silence: ReturnType<typeof setInterval> | undefined
  let unwritten: Reading[] = []
  let writtenMs = 0
  let heardMs = 0

  function call(found: readonly AlarmEvent[]) {
    if (found.length === 0) return
    const calledAt = nowInstant()
    const over = new Set(found.filter(e => e.kind === 'over').map(e => e.about))
    // What is over rings no more; what is not goes on.
    const before = events.value.map(e => (over.has(e.about) ? { ...e, seen: true } : e))
    events.value = [
      ...before,
      ...found.map(e => ({ ...e, calledAt, seen: e.kind === 'over' })),
    ].slice(-50)
    for (const e of found) notice(e)
  }
  function notice(e: AlarmEvent) {
    if (e.kind === 'over' || !('Notification' in window)) return
    if (Notification.permission === 'granted') new Notification('Renatus', { body: e.text })
  }

  function heard(text: string) {
    state.value = 'on'
    const found = parsed(text)
    // A stream that repeats itself or goes back in time says nothing new.
    if (!found || Date.parse(found.at) <= heardMs) {
      odd.value++
      return
    }
    heardMs = Date.parse(found.at)
    const c = found.value === null ? null : toCelsius(found.value, found.unit)
    call(watch!.see({ at: found.at, value: c }))
    if (c === null) return
    readings.value = [...readings.value, { at: found.at, c }].slice(-SHOWN)
    if (source.value?.simulated === false) void keep({ at: found.at, c })
  }
  /** Real readings go into the log of what they stand in, a quarter of an hour at a time. */
  async function keep(reading: Reading) {
    unwritten.push(reading)
    const now = Date.parse(reading.at)
    if (now - writtenMs < WRITE_MS) return
    writtenMs = now
    await writeDown(source.value!.things)
  }
  async function writeDown(things: readonly Measured[]) {
    const heard = unwritten
    unwritten = []
    if (heard.length === 0 || things.length === 0) return
    const { thinCourse } = await import('@renatus/core/instruments/thinCourse')
    await useRoomStore().write(courseEntries(things, 'live', thinCourse(heard)))
  }

  function stop() {
    stream?.close()
    stream = null
    clearInterval(silence)
    if (source.value) void writeDown(source.value.things)
    state.value = 'off'
    source.value = null
    liveOn.value = false
  }
  function start(from: LiveSource) {
    stop()
    source.value = from
    liveOn.value = true
    readings.value = []
    events.value = []
    odd.value = 0
    unwritten = []
    writtenMs = 0
    heardMs = 0
    watch = alarmWatch(from.rules, from.name)
    state.value = 'waiting'
    stream = new EventSource(`/api/instruments/${from.path}`)
    stream.onmessage = e => heard(String(e.data))
    stream.onerror = () => {
      // The browser tries again by itself.
      state.value = 'lost'
    }
    // A real probe that is silent is called by the clock of this device; a simulated one by its own.
    if (!from.simulated) silence = setInterval(() => call(watch!.wait(nowInstant())), 5000)
  }

  return {
    source,
    readings,
    events,
    state,
    odd,
    start,
    stop,
    ringing: computed(() =>
      events.value
        .filter(e => !e.seen && e.kind !== 'over')
        .map(e => ({ label: e.text, endsAt: e.calledAt })),
    ),
    seen: () => (events.value = events.value.map(e => ({ ...e, seen: true }))),
  }
})

function parsed(text: string): z.output<typeof line> | null {
  try {
    return line.safeParse(JSON.parse(text)).data ?? null
  } catch {
    return null
  }
}
