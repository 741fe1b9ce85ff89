import Dexie from 'dexie'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope, shallowRef } from 'vue'
import { useDatabase } from '~/composables/useDatabase'
import { RenatusDatabase } from '~/db/database'

let end = () => {}
function room(name: string, marked = false) {
  const scope = effectScope()
  const target = shallowRef({ name })
  const d = scope.run(() => useDatabase(target, () => marked))!
  end = () => {
    d.db.value?.close()
    scope.stop()
  }
  return { ...d, target }
}
afterEach(() => end())
const stand = async (name: string) => {
  const made = new RenatusDatabase(name)
  await made.open()
  made.close()
}

describe('the database of the room on screen', () => {
  it('is opened at once where one stands', async () => {
    await stand('one-stands')
    const r = room('one-stands')
    await vi.waitFor(() => expect(r.db.value?.isOpen()).toBe(true))
    expect(r.blank.value).toBe(false)
  })

  it('is opened at once where one is missed', async () => {
    const r = room('is-missed', true)
    await vi.waitFor(() => expect(r.db.value?.isOpen()).toBe(true))
    expect(r.blank.value).toBe(false)
  })

  it('of a blank room comes when somebody reaches for the page', async () => {
    const r = room('blank-until-touched')
    await vi.waitFor(() => expect(r.blank.value).toBe(true))
    expect(r.db.value).toBe(null)
    expect(await Dexie.exists('blank-until-touched')).toBe(false)
    globalThis.dispatchEvent(new Event('pointerdown'))
    await vi.waitFor(() => expect(r.db.value?.isOpen()).toBe(true))
  })

  it('of a blank room comes for who asks for it, once', async () => {
    const r = room('blank-until-asked')
    const [one, other] = await Promise.all([r.database(), r.database()])
    expect(one).toBe(other)
    expect(r.db.value).toBe(one)
  })

  it('is of the room that is on screen in the end, however fast it is changed', async () => {
    const r = room('left-at-once')
    const asked = r.database()
    r.target.value = { name: 'stayed-in' }
    expect((await asked).name).toBe('stayed-in')
    expect((await r.database()).name).toBe('stayed-in')
    expect(r.db.value?.name).toBe('stayed-in')
  })

  it('is one, also for who asks in the moment in which the room is changed', async () => {
    await stand('changed-to')
    const r = room('changed-from')
    await vi.waitFor(() => expect(r.blank.value).toBe(true))
    r.target.value = { name: 'changed-to' }
    const asked = await r.database()
    await vi.waitFor(() => expect(r.db.value?.isOpen()).toBe(true))
    expect(asked).toBe(r.db.value)
    expect(await r.database()).toBe(asked)
  })

  it('is opened where the browser does not say what stands', async () => {
    const { databases } = indexedDB
    indexedDB.databases = () => Promise.reject(new Error('not told'))
    const r = room('not-told')
    await vi.waitFor(() => expect(r.db.value?.isOpen()).toBe(true))
    indexedDB.databases = databases
  })
})
