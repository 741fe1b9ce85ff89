import { describe, expect, it, vi } from 'vitest'
import { demoRoom } from '@demo/demoRoom'
import { buildRound, roundState } from '@renatus/core/round/round'
import { running } from '@renatus/core/stock/cultures'
import { RenatusDatabase } from '~/db/database'
import { keepBeliefs } from '~/db/keepBeliefs'
import { keepLearning } from '~/db/learned'
import { writeAct } from '~/db/logbook'
import { putRoom } from '~/db/putRoom'
import { RoomEngine } from '~/engine/roomEngine'
import type { RoomQuestion, RoomTold } from '~/engine/roomQuestion'
import { withTold } from '~/engine/roomView'
import { loftText } from '../../../tools/rooms/demoAt'

const NOW = '2026-03-24T05:34:00.000Z'
const NEXT_ROUND = '2026-03-24T18:34:00.000Z'
const lived = loftText()
const made = demoRoom(lived, NOW, 'Europe/Berlin')
const { learned } = made.learning
const state = roundState(made.file.records, made.file.entries, NOW, learned)!
const all = new Map(made.readings.readings.map(r => [r.id, r]))

const QUESTION: RoomQuestion = {
  database: '',
  now: NOW,
  hasty: false,
  wide: false,
  readings: 0,
  held: null,
}

let serial = 0
async function visited() {
  const db = new RenatusDatabase(`begun ${++serial}`)
  await keepLearning(db, made.learning)
  await keepBeliefs(db, made.file, made.readings)
  await putRoom(db, made.file)
  return { db, question: { ...QUESTION, database: db.name } }
}
const told = async (engine: RoomEngine, q: RoomQuestion) =>
  structuredClone(await engine.look(q)) as RoomTold

describe('a round that was read in an earlier visit', () => {
  it('stands at the first look, with what was believed then', async () => {
    const { db, question } = await visited()
    const engine = new RoomEngine()
    const view = withTold(null, await told(engine, question))!
    expect(view.round).toEqual(structuredClone(buildRound(state, all)))
    expect(view.round!.stops.length).toBeGreaterThan(5)
    const { begun } = view
    expect(begun!.readings).toEqual(all)
    expect(begun).toMatchObject({ at: state.now, log: view.held.log })
    // Named again it is what the engine has: nothing is reckoned anew.
    const again = { ...question, readings: begun!.number, held: view.held }
    expect(await told(engine, again)).toMatchObject({ begun: null, round: null, state: null })
    db.close()
  })
  it('goes on with what it began with while what was written is read, and says for which log it held', async () => {
    const { db, question } = await visited()
    const engine = new RoomEngine()
    const first = withTold(null, await told(engine, question))!
    const cultureId = running(state.cultureStates)[0]!.id
    const subject = { type: 'culture' as const, id: cultureId }
    await writeAct(db, [{ kind: 'culture.gravity', subject, data: { cultureId, sg: 1.02 } }])
    const readings = first.begun!.number
    const second = withTold(first, await told(engine, { ...question, readings, held: first.held }))!
    expect(second.round).not.toBeNull()
    expect(second.begun!.log).toBe(first.held.log)
    expect(second.held.log).toBe(first.held.log + 1)
    // Who begins now has one vessel to read first.
    const another = await told(new RoomEngine(), question)
    expect(another.begun).toBeNull()
    expect(another.round!.round).toBeNull()
    db.close()
  })
  it('holds at its own round alone', async () => {
    const { db, question } = await visited()
    const later = await told(new RoomEngine(), { ...question, now: NEXT_ROUND })
    expect(later.begun).toBeNull()
    db.close()
  })
})

describe('a demo room that is made here', () => {
  const asking = () => {
    const database = `made ${++serial}`
    const asked = { database, now: NOW, timeZone: 'Europe/Berlin', lived }
    return { asked, question: { ...QUESTION, database } }
  }
  it('stands before it is written, and nothing changes when it is', async () => {
    const { asked, question } = asking()
    const engine = new RoomEngine()
    expect(await told(engine, question)).toMatchObject({ state: { now: null }, begun: null })
    engine.readyDemo(asked)
    engine.beginDemo(asked)
    const first = withTold(null, await told(engine, question))!
    const db = new RenatusDatabase(asked.database)
    expect(await db.entries.count()).toBe(0)
    expect(first.round).toEqual(structuredClone(buildRound(state, all)))
    await engine.writeDemo(asked)
    const named = { ...question, readings: first.begun!.number }
    const after = await told(engine, { ...named, held: first.held })
    expect(after).toMatchObject({ log: null, state: null, round: null })
    // What is written then is one entry more, and another engine reads the same room.
    const subject = { type: 'room' as const, id: 'x' }
    await writeAct(db, [{ kind: 'note', subject, data: { text: 'one' } }])
    const noted = await told(engine, { ...named, held: first.held })
    expect(noted.log!.entries).toMatchObject({ keep: first.entries.length })
    expect(noted.log!.entries.tail).toHaveLength(1)
    const another = withTold(null, await told(new RoomEngine(), question))!
    expect(another.entries).toEqual(withTold(first, noted)!.entries)
    expect(another.records).toEqual(first.records)
    expect(another.begun!.readings).toEqual(all)
    db.close()
  })
  it('stands no more where it cannot be written, and can be made again', async () => {
    const { asked, question } = asking()
    const engine = new RoomEngine()
    engine.beginDemo(asked)
    expect((await told(engine, question)).state!.now).not.toBeNull()
    const full = vi.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    await expect(engine.writeDemo(asked)).rejects.toThrow('full')
    full.mockRestore()
    expect((await told(engine, question)).state!.now).toBeNull()
    engine.beginDemo(asked)
    await engine.writeDemo(asked)
    expect((await told(engine, question)).round!.round).not.toBeNull()
  })
})
