import { describe, expect, it } from 'vitest'
import { gelBroods } from '@renatus/core/planning/gelBrood'
import { answerStop } from '@renatus/core/round/answerStop'
import { buildRound, roundState } from '@renatus/core/round/round'
import { roomState } from '@renatus/core/stock/roomState'
import { RenatusDatabase } from '~/db/database'
import { keepLearning } from '~/db/learned'
import { writeAct } from '~/db/logbook'
import { RoomEngine } from '~/engine/roomEngine'
import type { RoomQuestion, RoomTold } from '~/engine/roomQuestion'
import { withTold, type RoomView } from '~/engine/roomView'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { demoAt } from '../../../tools/rooms/demoAt'

const NOW = '2026-03-24T05:34:00.000Z'
const LATER = '2026-03-24T05:35:00.000Z'
const demo = demoAt(NOW, 'Europe/Berlin')

let serial = 0
async function opened() {
  const db = new RenatusDatabase(`engine ${++serial}`)
  await db.records.bulkPut(demo.records)
  await db.entries.bulkPut(demo.entries)
  await keepLearning(db, { learned: NOTHING_LEARNED, cache: { lots: {}, vessels: {} } })
  const question: RoomQuestion = {
    database: db.name,
    now: NOW,
    hasty: false,
    wide: false,
    readings: 1,
    held: null,
  }
  return { db, question }
}
/** As it comes over to the page: by value. */
async function told(engine: RoomEngine, q: RoomQuestion): Promise<RoomTold> {
  const answer = structuredClone(await engine.look(q))
  if (!answer.lacks) return answer
  engine.take(q.readings, new Map())
  return told(engine, q)
}
const note = (db: RenatusDatabase, text: string) =>
  writeAct(db, [{ kind: 'note', subject: { type: 'room', id: 'x' }, data: { text } }])

describe('the engine of a room', () => {
  it('tells what the reckoning says, entry by entry, and asks for readings that it lacks', async () => {
    const { db, question } = await opened()
    const engine = new RoomEngine()
    expect(await engine.look(question)).toEqual({ lacks: true })
    const view = withTold(null, await told(engine, question))!
    const state = roundState(demo.records, demo.entries, NOW)!
    expect(view.state).toEqual(structuredClone(roomState(demo.records, demo.entries, NOW)))
    expect(view.roundState).toEqual(structuredClone(state))
    expect(view.round).toEqual(structuredClone(buildRound(state, new Map())))
    expect(view.log.count).toBe(demo.entries.length)
    db.close()
  })
  it('says for a view that asks what a view of the state would work out, and nothing before it has looked', async () => {
    const { db, question } = await opened()
    const engine = new RoomEngine()
    expect(await engine.gelBroods()).toBeNull()
    await told(engine, question)
    const state = roomState(demo.records, demo.entries, NOW)!
    const broods = structuredClone(await engine.gelBroods())
    expect(broods).toEqual(structuredClone(gelBroods(state)))
    expect(broods!.some(b => b.dryMg > 0)).toBe(true)
    db.close()
  })
  it('hands over what has changed: a minute is a state, an entry is one entry', async () => {
    const { db, question } = await opened()
    const engine = new RoomEngine()
    const first = withTold(null, await told(engine, question))!
    const minute = await told(engine, { ...question, now: LATER, held: first.held })
    expect(minute).toMatchObject({ log: null, round: null })
    expect(minute.state!.now!.now).toBe(LATER)
    const second = withTold(first, minute)!
    expect(second.round).toBe(first.round)
    await note(db, 'foam')
    const entry = await told(engine, { ...question, now: LATER, held: second.held })
    expect(entry.log!.entries.tail).toHaveLength(1)
    const third = withTold(second, entry)!
    const log = (await db.entries.toArray()).sort((a, b) => (a.id < b.id ? -1 : 1))
    expect(third.state).toEqual(structuredClone(roomState(demo.records, log, LATER)))
    const nothing = await told(engine, { ...question, now: LATER, held: third.held })
    expect(nothing).toMatchObject({ log: null, state: null, round: null })
    db.close()
  })
  it('begins anew where another one stood before it, and after an answer that did not arrive', async () => {
    const { db, question } = await opened()
    const engine = new RoomEngine()
    const first = withTold(null, await told(engine, question))!
    await note(db, 'one')
    await told(engine, { ...question, held: first.held })
    await note(db, 'two')
    const after = withTold(first, await told(engine, { ...question, held: first.held }))!
    const another = withTold(
      after,
      await told(new RoomEngine(), { ...question, held: after.held }),
    )!
    expect(another.entries).toEqual(after.entries)
    expect(after.entries).toHaveLength(first.entries.length + 2)
    expect(another.round).toEqual(after.round)
    db.close()
  })
  it('has no round while nothing is learned or read, unless it is hasty', async () => {
    const { db, question } = await opened()
    const engine = new RoomEngine()
    const unread = withTold(null, await told(engine, { ...question, readings: 0 } as RoomQuestion))!
    expect(unread).toMatchObject({ round: null, untaught: false })
    expect(unread.roundState).not.toBeNull()
    await db.meta.clear()
    const held = unread.held
    const untaught = withTold(unread, await told(engine, { ...question, held }))!
    expect(untaught).toMatchObject({ round: null, roundState: null, untaught: true })
    const hasty: RoomView = withTold(
      untaught,
      await told(engine, { ...question, hasty: true, held: untaught.held }),
    )!
    expect(hasty.round).not.toBeNull()
    db.close()
  })
  it('words an answer as the round does, and has none without a round', async () => {
    const { db, question } = await opened()
    const engine = new RoomEngine()
    const none = new RoomEngine()
    const view = withTold(null, await told(engine, question))!
    const stop = view.round!.stops[0]!
    const said = { stop, how: 'not-now' as const, given: null, roundKey: 'r', now: NOW }
    expect(none.answer(said)).toBeNull()
    const state = roundState(demo.records, demo.entries, NOW)!
    const { reckoning } = view.round!
    const context = { state, roundKey: 'r', reckoning, now: NOW, newId: () => 'x' }
    expect(engine.answer(said)).toEqual(answerStop(stop, said, context))
    db.close()
  })
})
