import { entriesByCulture } from '@renatus/core/estimation/entriesByCulture'
import { readCulture, type CultureReading } from '@renatus/core/estimation/readCulture'
import type { ReplayMemory } from '@renatus/core/estimation/replay'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import type { Entry } from '@renatus/core/records/entries'
import type { CultureRecord, Place } from '@renatus/core/records/records'
import { NOTHING_LEARNED, type Learned } from '@renatus/core/stock/learned'
import { RenatusDatabase } from '~/db/database'
import { keepReadings, knownReadings, type KeptReading } from '~/db/keptReadings'
import { lastLearned } from '~/db/learned'
import { placesOf, readingSignature } from '~/db/readingSignature'
import { WorkingRoom, type RoomRead } from '~/db/workingRoom'
import type { ReadingQuestion } from './readingQuestion'

interface Open {
  db: RenatusDatabase
  working: WorkingRoom
  /** Effective entries by culture, of the log that they were made of. */
  by: { log: readonly Entry[]; of: (id: string) => readonly Entry[] } | null
  memories: Map<string, ReplayMemory>
}

/** The room as far as the cultures that are asked for hang on it. */
async function roomFor(room: Open, ids: readonly string[]): Promise<RoomRead> {
  const read = await room.working.read()
  if (!ids.some(id => room.working.leavesOut(id))) return read
  room.working.widen()
  return room.working.read()
}

function byCulture(room: Open, log: readonly Entry[]): (id: string) => readonly Entry[] {
  if (room.by?.log !== log) room.by = { log, of: entriesByCulture(effectiveEntries(log)) }
  return room.by.of
}

/** Handed over together after so long, ms. */
const BATCH_MS = 150

type HandOver = (batch: readonly CultureReading[]) => void
interface Asked {
  record: CultureRecord
  signature: string
}
/** What the readings of a question are made of. */
interface Made {
  room: Open
  of: (id: string) => readonly Entry[]
  learned: Learned
  places: Place[]
}

/**
 * Reads cultures one after another, in a worker. What is known of an earlier visit comes at once; of what it has read itself it
 * remembers where it stood.
 */
export class CultureReader {
  private readonly rooms = new Map<string, Open>()
  private readonly turns = new Map<string, number>()

  /** Answers as soon as it is loaded. */
  awake(): boolean {
    return true
  }

  /** What an asker asked last is not wanted any more. */
  callOff(asker: string): void {
    this.nextTurn(asker)
  }

  async read(q: ReadingQuestion, onReadings: HandOver): Promise<void> {
    const mine = this.nextTurn(q.asker)
    const room = this.open(q.database)
    const [{ records, entries }, learned] = await Promise.all([
      roomFor(room, q.ids),
      lastLearned(room.db),
    ])
    const of = byCulture(room, entries)
    const byId = new Map(records.map(r => [r.id, r]))
    const signature = readingSignature(records, of, learned, q.now)
    const asked = q.ids.flatMap(id => {
      const record = byId.get(id)
      if (record?.type !== 'culture') return []
      return [{ record, signature: signature(record) }]
    })
    const mayStand = q.kept ? asked.map(a => ({ id: a.record.id, ...a })) : []
    const kept = await knownReadings(room.db, mayStand, q.ahead)
    if (kept.size > 0) onReadings([...kept.values()])
    const made = { room, of, learned: learned ?? NOTHING_LEARNED, places: placesOf(records) }
    const rest = asked.filter(a => !kept.has(a.record.id))
    await this.readNew(rest, made, q, onReadings, () => this.turns.get(q.asker) === mine)
  }

  /** Ends what an asker asked before: a number is never given twice. */
  private nextTurn(asker: string): number {
    const turn = (this.turns.get(asker) ?? 0) + 1
    this.turns.set(asker, turn)
    return turn
  }

  private open(name: string): Open {
    const known = this.rooms.get(name)
    if (known?.db.isOpen() || (known && !known.db.hasFailed())) return known
    const db = new RenatusDatabase(name, 'relaxed')
    const fresh = { db, working: new WorkingRoom(db), by: null, memories: new Map() }
    this.rooms.set(name, fresh)
    return fresh
  }

  private async readNew(
    asked: readonly Asked[],
    { room, of, learned, places }: Made,
    { now, ahead, kept }: ReadingQuestion,
    onReadings: HandOver,
    wanted: () => boolean,
  ): Promise<void> {
    const read: KeptReading[] = []
    let handed = 0
    let since = performance.now()
    const hand = () => {
      if (handed < read.length) onReadings(read.slice(handed).map(b => b.reading))
      handed = read.length
      since = performance.now()
    }
    for (const { record, signature } of asked) {
      // Lets a newer call in.
      await new Promise(resolve => setTimeout(resolve))
      if (!wanted()) break
      const { id } = record
      const more = { places, ahead }
      const result = readCulture(record, of(id), learned, now, room.memories.get(id), more)
      if (!result) continue
      room.memories.set(id, result.memory)
      read.push({ id, ahead, signature, reading: result.reading })
      if (performance.now() - since > BATCH_MS) hand()
    }
    if (wanted()) hand()
    // Nobody waits for the disk.
    if (kept) void keepReadings(room.db, read)
  }
}
