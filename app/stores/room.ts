import { useFailures } from '~/composables/useFailures'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { Round } from '@renatus/core/round/round'
import type { RoomState } from '@renatus/core/stock/roomState'
import { DATABASES, RenatusDatabase, type WhichRoom } from '~/db/database'
import type { Draft, WriteResult } from '~/db/logbook'
import { NOTHING_SETTLED } from '@renatus/core/stock/settled'
import { WORTH_SETTLING, WorkingRoom } from '~/db/workingRoom'
import { rememberId } from '~/db/newId'
import type { RecordDraft } from '~/db/registry'
import { HELD_ELSEWHERE, overtakenWords } from '~/words/failures'
import { hasMarker, readMarker, writeMarker } from '~/db/marker'
import { rememberRoom, whichRoom } from '~/db/whichRoom'
import { lastExport } from '~/db/exportRoom'
import { lastLearned } from '~/db/learned'
import { learn, learningPosition } from '~/composables/learning'
import { useLive } from '~/composables/useLive'
import { useLater } from '~/composables/useLater'
import { useMinute } from '~/composables/useNow'

/** So long a first round waits for what the log has to teach. */
const FIRST_LEARNING_MS = 15_000
/** So long after the last tap the log is worked through again: a long one, which takes the disk for seconds, after the round. */
const LEARNS_AFTER_MS = { short: 3000, long: 45_000 }

/** What writes knows the shape of every entry and record: it comes after the first view stands. */
const logbook = () => import('~/db/logbook')
const registry = () => import('~/db/registry')

/** The room on screen: its records and log, live, and what core makes of them. Everything shown is a projection. */
export const useRoomStore = defineStore('room', () => {
  const which = ref<WhichRoom>(whichRoom())
  const db = shallowRef(new RenatusDatabase(DATABASES[which.value]))
  const now = useMinute()
  /** Records and log as far as anything of today hangs on them, of which only what came is read again. */
  const working = computed(() => new WorkingRoom(db.value))
  const widened = ref(0)
  const read = useLive(() => working.value.read(), db, widened)
  const records = computed(() => read.value?.records)
  const entries = computed(() => read.value?.entries)
  const settled = computed(() => read.value?.settled ?? NOTHING_SETTLED)
  const count = computed(() => read.value?.count ?? 0)
  const learned = useLive(() => lastLearned(db.value), db)
  // An empty room is told without what a full one needs: species, foods, the reckoning.
  const { projector, reckoner, prepare } = useLater(
    () => hasMarker() || which.value === 'demo' || records.value?.length,
  )
  const loaded = computed(
    () =>
      records.value !== undefined &&
      entries.value !== undefined &&
      learned.value !== undefined &&
      (records.value.length === 0 || projector.value !== null),
  )
  const project = (at: string): RoomState | null =>
    records.value && entries.value && projector.value && learned.value !== undefined
      ? projector.value.roomState(
          records.value,
          entries.value,
          at,
          learned.value ?? undefined,
          settled.value,
        )
      : null
  const state = computed(() => project(now.value))
  /** What is believed of all that grows, at the hour of the round; set once everything was read (stores/cultures.ts). */
  const readings = shallowRef<ReadonlyMap<string, CultureReading> | null>(null)
  /** The hour of the round that is on: a minute that passes changes nothing. */
  const roundHour = computed(() =>
    reckoner.value && state.value ? reckoner.value.roundAt(state.value.room, now.value).at : null,
  )
  /** A round reckoned before the log has taught anything would jump a moment later: it waits, for a while. */
  const patient = ref(true)
  const untaught = computed(() => learned.value === null && patient.value)
  watch(
    [db, untaught],
    ([, waits], _, onCleanup) => {
      if (!waits) return
      const timer = setTimeout(() => (patient.value = false), FIRST_LEARNING_MS)
      onCleanup(() => clearTimeout(timer))
    },
    { immediate: true },
  )
  const roundState = computed((): RoomState | null =>
    roundHour.value && !untaught.value ? project(roundHour.value) : null,
  )
  const round = computed((): Round | null =>
    reckoner.value && roundState.value && readings.value
      ? reckoner.value.buildRound(roundState.value, readings.value)
      : null,
  )
  const measures = computed(() => state.value?.room.measures ?? 'metric')
  const timeZone = computed(
    () => state.value?.room.timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone,
  )
  /** The newest entry lies ahead of this device's clock: the clock was set back, or another device runs fast. */
  const clockBehind = computed(() => {
    const newest = entries.value?.reduce((at, e) => (e.at > at ? e.at : at), '') ?? ''
    return newest !== '' && Date.parse(newest) > Date.parse(now.value) + 10 * 60_000 ? newest : null
  })
  watch(entries, list => {
    // In order of the ids: the last is the newest.
    const newest = list?.at(-1)?.id
    if (newest) rememberId(newest)
  })

  // Beside the database it is remembered that there is one.
  watch([() => state.value?.room.name, count], async ([name, entries]) => {
    if (which.value !== 'own' || name === undefined) return
    const exportedAt = await lastExport(db.value)
    // An export may have been made meanwhile.
    writeMarker({
      name,
      entries,
      exportedAt: exportedAt ?? (await readMarker())?.exportedAt ?? null,
    })
  })

  // The log is worked through again when something was written that teaches.
  const position = computed(() =>
    records.value?.length && entries.value ? learningPosition(records.value, entries.value) : null,
  )
  let later: ReturnType<typeof setTimeout> | undefined
  const learns = () => {
    clearTimeout(later)
    // Nobody waits for more of what is known already: it comes when the taps have come to rest.
    const length = count.value < WORTH_SETTLING ? 'short' : 'long'
    const wait = learned.value ? LEARNS_AFTER_MS[length] : 0
    later = setTimeout(() => void learn(DATABASES[which.value], now.value), wait)
  }
  watch([position, () => learned.value === undefined], ([p, opening]) => {
    if (p !== null && !opening) learns()
  })
  // A long log that reaches back is folded anew, in a worker.
  watch(
    () => read.value?.stale,
    stale => stale && learns(),
  )

  const { attempt, report, notice } = useFailures()
  /** A database that does not open is told: queries that wait for it say nothing. */
  watch(
    db,
    opened => {
      // One that was left for another room is closed while it opens: that is no failure.
      opened.open().catch((e: unknown) => db.value === opened && report(e))
      opened.on('blocked', () => notice(HELD_ELSEWHERE))
    },
    { immediate: true },
  )
  /** A write that fails is a result with a face, as any other refusal. */
  const written = async (act: () => Promise<WriteResult>): Promise<WriteResult> => {
    try {
      return await act()
    } catch (error) {
      return { ok: false, code: 'failed', message: report(error).text }
    }
  }

  function open(room: WhichRoom, by: 'choice' | 'link' = 'choice') {
    rememberRoom(room, by)
    which.value = room
    readings.value = null
    patient.value = true
    db.value.close()
    db.value = new RenatusDatabase(DATABASES[room])
  }

  return {
    which,
    db,
    now,
    records,
    entries,
    settled,
    count,
    loaded,
    state,
    round,
    untaught,
    roundState,
    readings,
    measures,
    timeZone,
    clockBehind,
    open,
    /** Whether something is known that lies back too far for what is at hand. */
    leavesOut: (id: string) => read.value !== undefined && working.value.leavesOut(id),
    /** Reads the whole log from now on. */
    widen: () => {
      working.value.widen()
      widened.value++
    },
    prepare,
    save: async (drafts: readonly RecordDraft[]) => {
      const { records, overtaken } = await attempt(async () => {
        await prepare()
        return (await registry()).saveRecords(db.value, drafts)
      })
      for (const r of overtaken) notice(overtakenWords(r))
      return records
    },
    remove: (id: string) => attempt(async () => (await registry()).removeRecord(db.value, id)),
    bringBack: (id: string) =>
      attempt(async () => (await registry()).removeRecord(db.value, id, false)),
    write: (
      drafts: readonly Draft[],
      answers: string | null = null,
      records: readonly RecordDraft[] = [],
    ) => written(async () => (await logbook()).writeAct(db.value, drafts, answers, records)),
    /** As write, for those who go on to something else: where it cannot be written they are stopped. */
    writeOrStop: (
      drafts: readonly Draft[],
      answers: string | null = null,
      records: readonly RecordDraft[] = [],
    ) => attempt(async () => (await logbook()).writeAct(db.value, drafts, answers, records)),
    undo: (act: string) => written(async () => (await logbook()).undoAct(db.value, act)),
  }
})
