import { computed, ref, watch } from 'vue'
import * as d from '@renatus/core/water/decapsulationCourse'
import type { Draft } from '@renatus/core/records/draft'
import type { NakedCysts } from '@renatus/core/records/vocabulary'
import { nowInstant } from '~/composables/clock'
import { local } from '~/db/local'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'
import { useUndo } from './useUndo'

const keyOf = (room: string) => `renatus.decapsulation.${room}`
/** Cysts of a pinch: as `decapsulated-cysts` is fed. */
const CYSTS_A_PINCH = 20_000

/** The decapsulation that was begun, as it was left; null where there is none, or it cannot be read. */
export function keptCourse(text: string | null): d.DecapsulationCourse | null {
  if (text === null) return null
  try {
    return d.decapsulationCourse.safeParse(JSON.parse(text)).data ?? null
  } catch {
    return null
  }
}

/** Taking shells off, one step at a time. How far one is outlives the page. */
export function useDecapsulation() {
  const room = useRoomStore()
  const undo = useUndo()
  const course = ref(keptCourse(local.get(keyOf(room.which))))
  watch(course, is => {
    if (is) local.set(keyOf(room.which), JSON.stringify(is))
    else local.remove(keyOf(room.which))
  })
  const change = (to: (c: d.DecapsulationCourse, now: string) => d.DecapsulationCourse) => {
    if (course.value) course.value = to(course.value, nowInstant())
  }
  /** A clock that rings wherever one is; the one of the step before is done with. */
  async function ring(clock: { label: string; endsAt: string } | null) {
    const before = course.value?.clockId
    const clockId = clock ? newId() : null
    const about = { type: 'decapsulation', id: newId() }
    if (course.value) course.value = { ...course.value, clockId }
    const drafts: Draft[] = [
      ...(before
        ? [{ kind: 'clock.seen', subject: about, data: { clockId: before } } as Draft]
        : []),
      ...(clock && clockId
        ? [{ kind: 'clock.started', subject: about, data: { clockId, ...clock, about } } as Draft]
        : []),
    ]
    if (drafts.length > 0) await room.write(drafts)
  }
  const lookFrom = (bleachAt: string) => new Date(Date.parse(bleachAt) + 3 * 60_000).toISOString()

  /** The clock of the step that has just begun. */
  function clockOf(c: d.DecapsulationCourse) {
    if (c.step === 'bleach')
      return { label: 'Cysts in bleach: look at the colour', endsAt: lookFrom(c.bleachAt!) }
    return c.step === 'dip' ? { label: 'Cysts in the dip: rinse', endsAt: c.dippedAt! } : null
  }
  async function step(to: (c: d.DecapsulationCourse, now: string) => d.DecapsulationCourse) {
    const before = course.value?.step
    change(to)
    if (course.value && course.value.step !== before) await ring(clockOf(course.value))
  }

  /** What is written when it is over: what was taken of the lot, and where it stands. */
  function written(c: d.DecapsulationCourse, outcome: NakedCysts, cystsPerG: number): Draft[] {
    const { minutes, warmestC } = d.bathOf(c)
    const taken: Draft = {
      kind: 'lot.decapsulated',
      subject: { type: 'lot', id: c.lotId },
      data: { lotId: c.lotId, grams: c.cystsG, outcome, minutes, warmestC },
    }
    if (outcome !== 'store' && outcome !== 'feed') return [taken]
    const storeId = newId()
    const organisms = c.cystsG * cystsPerG
    return [
      taken,
      {
        kind: 'store.filled',
        subject: { type: 'store', id: storeId },
        data: {
          storeId,
          name: `Bare cysts, ${c.cystsG} g dry`,
          foodId: 'decapsulated-cysts',
          keep: outcome === 'store' ? 'brine' : 'fridge',
          unit: 'pinch',
          amount: organisms / CYSTS_A_PINCH,
          organisms,
          energy: 1,
          fromId: null,
          useBy: null,
        },
      },
    ]
  }

  async function end(outcome: NakedCysts, said: string): Promise<boolean> {
    const c = course.value
    if (!c) return false
    const lot = room.state?.lots.find(l => l.lot.id === c.lotId)?.lot
    const result = await room.write(written(c, outcome, lot?.cystsPerG ?? 0))
    if (!result.ok) return false
    course.value = null
    undo.offer(result.act, said)
    return true
  }

  return {
    course,
    begin: async (amounts: Parameters<typeof d.beginDecapsulation>[0]) => {
      course.value = d.beginDecapsulation(amounts, nowInstant())
      await ring({ label: 'Cysts are swollen: chill them', endsAt: course.value.hydratedAt })
    },
    next: () => step(d.nextStep),
    seen: (colour: d.CystColour) => step((c, now) => d.seeColour(c, colour, now)),
    read: (celsius: number) => change((c, now) => d.readBath(c, celsius, now)),
    stop: async () => {
      change(c => d.stopDecapsulation(c))
      await ring(null)
    },
    /** Nothing of it is written: no bleach touched them. */
    drop: () => (course.value = null),
    end,
    killed: computed(() => (course.value ? d.bathOf(course.value).killed : false)),
  }
}
