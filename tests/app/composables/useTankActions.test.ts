import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick } from 'vue'
import type { TankStop } from '@renatus/core/round/tankStops'
import { useTankActions } from '~/composables/useTankActions'
import { useUndo } from '~/composables/useUndo'
import { importRoom } from '~/db/transfer'
import { useRoomStore } from '~/stores/room'
import { records } from '../../core/room'

const NOW = new Date('2026-03-20T05:34:00Z')
// The page's clock is read when its module loads: it must stand still before that.
vi.hoisted(() => vi.useFakeTimers({ now: new Date('2026-03-20T05:34:00Z'), toFake: ['Date'] }))
let serial = 0

/** A room of small fry that keeps infusoria and vinegar eels, open in a store of its own. */
async function open() {
  setActivePinia(createPinia())
  const room = effectScope().run(() => useRoomStore())!
  room.db.close()
  room.db = new (await import('~/db/database')).RenatusDatabase(`tank-actions-${serial++}`)
  await importRoom(
    room.db,
    {
      format: 'renatus-room',
      version: 2,
      exportedAt: NOW.toISOString(),
      by: 'x',
      records: records({
        foods: ['infusoria', 'vinegar-eel', 'brine-shrimp'],
        species: 'small',
        freeSwimmingOn: '2026-03-15',
        fry: 200,
      }),
      entries: [],
      kept: [],
    },
    'replace',
  )
  await vi.waitFor(() => {
    if (!room.state) throw new Error('not yet')
  })
  return room
}
const tankStop = (room: ReturnType<typeof useRoomStore>) =>
  room.round!.stops.find((s): s is TankStop => s.type === 'tank')!
const settled = async (room: ReturnType<typeof useRoomStore>, n: number) => {
  await vi.waitFor(() => {
    if ((room.entries?.length ?? 0) < n) throw new Error('not yet')
  })
  await nextTick()
}

describe('a tank in one pass', () => {
  it('Done logs foods and tasks as one act, the same stop cannot be answered twice, and Undo brings it back', async () => {
    const room = await open()
    const stop = tankStop(room)
    expect(stop.foods.length).toBeGreaterThan(0)
    const { done } = useTankActions()
    expect(await done(stop, room.round!.current.key, null)).toBeNull()
    await settled(room, 2)
    expect(new Set(room.entries!.map(e => e.act)).size).toBe(1)
    expect(room.entries!.map(e => e.kind).sort()).toEqual(
      ['tank.given', ...stop.tasks.map(() => 'tank.task')].sort(),
    )
    expect(await done(stop, room.round!.current.key, null)).toMatch(/answered already/)
    expect(tankStop(room)?.foods ?? []).toEqual([])
    await useUndo().take()
    await settled(room, room.entries!.length)
    await vi.waitFor(() => {
      if ((tankStop(room)?.foods.length ?? 0) === 0) throw new Error('not yet')
    })
  })

  it('Differs logs what really went in, nothing of a food that was left out, and leaves tasks open', async () => {
    const room = await open()
    const stop = tankStop(room)
    const [first, second] = stop.foods
    await useTankActions().done(stop, room.round!.current.key, {
      nauplii: 1,
      foods: { [first!.food.id]: 0.5, ...(second ? { [second.food.id]: 0 } : {}) },
      tasks: new Set(),
    })
    await settled(room, 1)
    const given = room.entries!.find(e => e.kind === 'tank.given')!
    expect(
      given.kind === 'tank.given' &&
        given.data.foods.find(f => f.foodId === first!.food.id)?.organisms,
    ).toBeCloseTo(first!.organisms / 2, 6)
    if (second)
      expect(
        given.kind === 'tank.given' && given.data.foods.some(f => f.foodId === second.food.id),
      ).toBe(false)
    expect(room.entries!.some(e => e.kind === 'tank.task')).toBe(false)
  })

  it('a look at bellies and a trial are facts of the brood', async () => {
    const room = await open()
    const stop = tankStop(room)
    const { look, trial } = useTankActions()
    await look(stop.looks[0]!, 'full')
    await settled(room, 1)
    expect(room.state!.broods[0]!.gape.looks).toBe(1)
    await trial(
      {
        brood: room.state!.broods[0]!,
        foodId: 'brine-shrimp',
        foodName: 'Brine shrimp nauplii',
        step: 'offer',
        good: true,
      },
      'start',
    )
    await settled(room, 2)
    expect(room.state!.broods[0]!.weaning.test).toMatchObject({ foodId: 'brine-shrimp', looks: [] })
    await trial(
      {
        brood: room.state!.broods[0]!,
        foodId: 'brine-shrimp',
        foodName: 'Brine shrimp nauplii',
        step: 'decide',
        good: false,
      },
      'wait',
    )
    await settled(room, 3)
    expect(room.state!.broods[0]!.weaning).toMatchObject({ test: null, waiting: ['brine-shrimp'] })
  })
})
