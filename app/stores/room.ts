import { deviceZone } from '~/composables/deviceZone'
import { useFailures } from '~/composables/useFailures'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import type { Answered } from '@renatus/core/round/answerStop'
import { DATABASES, type WhichRoom } from '~/db/databaseNames'
import type { Draft, WriteResult } from '~/db/logbook'
import { NOTHING_SETTLED } from '@renatus/core/stock/settled'
import { WORTH_SETTLING } from '~/db/worthSettling'
import { rememberId } from '~/db/newId'
import type { RecordDraft } from '~/db/registry'
import { overtakenWords } from '~/words/failures'
import { forgetMarker, hasMarker, readMarker, writeMarker } from '~/db/marker'
import { rememberRoom, whichRoom } from '~/db/whichRoom'
import { askEngine } from '~/engine/engineClient'
import type { StopQuestion } from '~/engine/roomQuestion'
import { learn } from '~/composables/learning'
import { fetchInParts } from '~/composables/fetchInParts'
import { useDatabase } from '~/composables/useDatabase'
import { useLive } from '~/composables/useLive'
import { useMinute } from '~/composables/useNow'
import { useRoomView } from '~/composables/useRoomView'
import { whenIdle } from '~/composables/whenIdle'

/** So long a first round waits for what the log has to teach. */
const FIRST_LEARNING_MS = 15_000
/** So long after the last tap the log is worked through again: a long one, which takes the disk for seconds, after the round. */
const LEARNS_AFTER_MS = { short: 3000, long: 45_000 }

/** What writes knows the shape of every entry and record: it comes after the first view stands. */
const logbook = () => import('~/db/logbook')
const registry = () => import('~/db/registry')
const WRITERS = [
  // The shapes of all records and entries at once take longer to set up than a page may stand still.
  () => import('@renatus/core/records/roomRecords'),
  () => import('@renatus/core/records/storeRecords'),
  () => import('@renatus/core/records/broodRecords'),
  () => import('@renatus/core/records/gelRecords'),
  () => import('@renatus/core/records/records'),
  () => import('@renatus/core/records/entryData/cultureEntries'),
  () => import('@renatus/core/records/entryData/storeEntries'),
  () => import('@renatus/core/records/entryData/materialEntries'),
  () => import('@renatus/core/records/entryData/planEntries'),
  () => import('@renatus/core/records/entries'),
  logbook,
  registry,
  () => import('~/db/markerSchema'),
  () => import('~/db/exportRoom'),
  () => import('~/keep/safekeeping'),
]

/** The room on screen: its records and log, live, and what core makes of them. Everything shown is a projection. */
export const useRoomStore = defineStore('room', () => {
  const which = ref<WhichRoom>(whichRoom())
  const target = shallowRef({ name: DATABASES[which.value] as string })
  // A full room on a device is remembered beside its database; where that is gone, it is missed.
  const marked = () => hasMarker() || which.value === 'demo'
  const { db, blank, database: opened } = useDatabase(target, marked)
  let unwritten: Promise<unknown> = Promise.resolve()
  /** Opened where it is not yet; while a room that stands is still being written it is waited for. */
  const database = async () => {
    await unwritten
    return opened()
  }
  const now = useMinute()
  const isEmpty = useLive(async d => (await d.records.limit(1).count()) === 0, db)
  const empty = computed(() => isEmpty.value ?? (blank.value ? true : undefined))
  /** Somebody looks at what lies back too far for what is at hand. */
  const wide = ref(false)
  /** What is believed of all that grows, at the hour of the round; set once everything was read (stores/cultures.ts). */
  const readings = shallowRef<ReadonlyMap<string, CultureReading> | null>(null)
  /** A round reckoned before the log has taught anything would jump a moment later: it waits, for a while. */
  const hasty = ref(false)
  // An empty room is told without what a full one needs: species, foods, the reckoning.
  const on = computed(() => marked() || empty.value === false)
  const { view, ask } = useRoomView({ target, db, on, now, hasty, wide, readings })
  const records = computed(() => view.value?.records)
  const log = computed(() => view.value?.log)
  const settled = computed(() => log.value?.settled ?? NOTHING_SETTLED)
  const count = computed(() => log.value?.count ?? 0)
  const began = ref(false)
  watch([view, empty], () => (began.value ||= view.value !== null || empty.value === true), {
    immediate: true,
  })
  const left = computed(() => new Set(log.value?.left))
  const state = computed(() => view.value?.state ?? null)
  const roundState = computed(() => view.value?.roundState ?? null)
  const round = computed(() => view.value?.round ?? null)
  const untaught = computed(() => view.value?.untaught ?? false)
  watch(
    [target, untaught],
    ([, waits], _, onCleanup) => {
      if (!waits) return
      const timer = setTimeout(() => (hasty.value = true), FIRST_LEARNING_MS)
      onCleanup(() => clearTimeout(timer))
    },
    { immediate: true },
  )
  // A tap is written at once, also where the network has gone meanwhile.
  watch(on, is => is && whenIdle(() => void fetchInParts(WRITERS)), { immediate: true })
  const measures = computed(() => state.value?.room.measures ?? 'metric')
  const timeZone = computed(() => state.value?.room.timeZone ?? deviceZone())
  /** The newest entry lies ahead of this device's clock: the clock was set back, or another device runs fast. */
  const clockBehind = computed(() => {
    const newest = log.value?.newestAt ?? ''
    return newest !== '' && Date.parse(newest) > Date.parse(now.value) + 10 * 60_000 ? newest : null
  })
  watch(log, l => {
    if (l?.last) rememberId(l.last)
  })

  /** Entries that stood here and are gone: a log only grows. */
  const lost = ref(0)
  /** Beside the database it is remembered that there is one, and how much is in it. */
  async function mark(name: string, entries: number): Promise<void> {
    const { lastExport } = await import('~/db/exportRoom')
    const exportedAt = await lastExport(await database())
    // An export may have been made meanwhile.
    const known = await readMarker()
    lost.value = Math.max(0, (known?.entries ?? 0) - entries)
    if (lost.value === 0)
      writeMarker({ name, entries, exportedAt: exportedAt ?? known?.exportedAt ?? null })
  }
  watch([() => state.value?.room.name, count], ([name, entries]) => {
    if (which.value === 'own' && name !== undefined) void mark(name, entries)
  })

  // The log is worked through again when something was written that teaches.
  const position = computed(() => (state.value ? log.value!.teaches : null))
  let later: ReturnType<typeof setTimeout> | undefined
  const learns = () => {
    clearTimeout(later)
    // Nobody waits for more of what is known already: it comes when the taps have come to rest.
    const length = count.value < WORTH_SETTLING ? 'short' : 'long'
    const wait = log.value?.taught ? LEARNS_AFTER_MS[length] : 0
    later = setTimeout(() => void learn(DATABASES[which.value], now.value), wait)
  }
  watch(position, p => p !== null && learns())
  // A long log that reaches back is folded anew, in a worker.
  watch(
    () => log.value?.stale,
    stale => stale && learns(),
  )

  let prepared: Promise<unknown> | null = null
  /** To be waited for before an empty room is filled, so that nothing on the screen goes for as long as it takes. */
  const prepare = () => (prepared ??= askEngine(async engine => engine.ready()))

  const { attempt, report, notice } = useFailures()
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
    hasty.value = wide.value = began.value = false
    lost.value = 0
    target.value = { name: DATABASES[room] }
  }

  return {
    which,
    /** Null until it is open: of an empty room it comes once somebody reaches for it. */
    db,
    database,
    now,
    records,
    /** Changes with what is known of the room: entries, records, what was learned. */
    version: computed(() => view.value?.held.log ?? 0),
    settled,
    count,
    lost,
    /** Goes on with what is there. */
    acceptLoss: () => {
      forgetMarker()
      return mark(state.value!.room.name, count.value)
    },
    loaded: began,
    state,
    round,
    untaught,
    roundState,
    readings,
    /** What an earlier visit had read, while it holds for the round that is on. */
    begun: computed(() => {
      const begun = view.value?.begun
      const holds = begun?.log === view.value?.held.log && begun?.at === roundState.value?.now
      return begun && holds ? begun.readings : null
    }),
    measures,
    timeZone,
    clockBehind,
    open,
    /** Its database, where nothing is waited for: for who makes the room. */
    opened,
    /** Shows a room that the engine has made, and then has it written: who writes in it or reads its tables waits. */
    beginWith: async (write: () => Promise<void>) => {
      // What was read of one that stood here before is of other vessels: this one brings its own.
      readings.value = null
      const shown = ask()
      const writing = write()
      // Where it cannot be written none stands.
      unwritten = writing.catch(ask)
      await Promise.all([shown, writing])
    },
    /** Whether something is known that lies back too far for what is at hand. */
    leavesOut: (id: string) => left.value.has(id),
    /** Reads the whole log from now on. */
    widen: () => {
      wide.value = true
    },
    prepare,
    save: async (drafts: readonly RecordDraft[]) => {
      const { records, overtaken } = await attempt(async () => {
        await prepare()
        return (await registry()).saveRecords(await database(), drafts)
      })
      for (const r of overtaken) notice(overtakenWords(r))
      return records
    },
    remove: (id: string) =>
      attempt(async () => (await registry()).removeRecord(await database(), id)),
    bringBack: (id: string) =>
      attempt(async () => (await registry()).removeRecord(await database(), id, false)),
    write: (
      drafts: readonly Draft[],
      answers: string | null = null,
      records: readonly RecordDraft[] = [],
    ) =>
      written(async () => (await logbook()).writeAct(await database(), drafts, answers, records)),
    /** As write, for those who go on to something else: where it cannot be written they are stopped. */
    writeOrStop: (
      drafts: readonly Draft[],
      answers: string | null = null,
      records: readonly RecordDraft[] = [],
    ) =>
      attempt(async () => (await logbook()).writeAct(await database(), drafts, answers, records)),
    larder: (days: number, certainty: number) =>
      attempt(() => askEngine(async engine => engine.larder(days, certainty))),
    costs: () => attempt(() => askEngine(async engine => engine.costs())),
    gelBroods: () => attempt(() => askEngine(async engine => engine.gelBroods())),
    gelCover: () => attempt(() => askEngine(async engine => engine.gelCover())),
    /** What a tap on a stop writes, as the engine words it; null where no round stands. */
    answer: async (said: StopQuestion): Promise<Answered | null> => {
      try {
        return await askEngine(async engine => engine.answer(said))
      } catch (error) {
        return { ok: false, code: 'bad-given', message: report(error).text }
      }
    },
    undo: (act: string) => written(async () => (await logbook()).undoAct(await database(), act)),
  }
})
