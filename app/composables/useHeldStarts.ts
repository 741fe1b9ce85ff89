import { computed, reactive, watch } from 'vue'
import type { HeldStart } from '@renatus/core/planning/plan/aheadPicture'
import type { PlanChange } from '@renatus/core/planning/plan/planDifference'
import { addDays, daysBetween } from '@renatus/core/time/localDate'
import { useAheadStore } from '~/stores/ahead'

/** A start as it is kept or proposed, with what it is for and why. */
export interface PlanStart extends HeldStart {
  forBrood: string
  neededOn: string
  readyBy: string | null
  litres: number
  /** The line that would keep it; null where it is kept already. */
  change: PlanChange | null
}
/** As a hand holds it: another day, another number, another school; null: given up. */
export type Held = { on: string; vessels: number; method: string } | null

/** A moment after the last key the cover is worked out as it would be. */
const SETTLES_MS = 600
const MOST_VESSELS = 20
const KEYS = ['on', 'vessels', 'method'] as const

/** Starts of the kept plan and proposed ones, and what somebody does with them before it is kept. */
export function useHeldStarts() {
  const ahead = useAheadStore()
  const starts = computed((): PlanStart[] => {
    if (!ahead.proposal) return []
    const kept = ahead.left.map((s): PlanStart => ({
      id: s.id,
      kept: true,
      food: s.food,
      method: s.method,
      on: s.on,
      vessels: s.vessels,
      readyDays: s.readyDays,
      forBrood: s.forBrood,
      neededOn: s.neededOn,
      readyBy: null,
      orderBy: s.orderBy,
      litres: s.litres,
      change: ahead.changes.find(c => c.was?.id === s.id) ?? null,
    }))
    const fresh = ahead.changes.flatMap((change): PlanStart[] => {
      if (change.kind !== 'new' || !change.is) return []
      const s = change.is
      return [
        {
          id: `new ${s.food} ${s.on}`,
          kept: false,
          food: s.food,
          method: s.method,
          on: s.on,
          vessels: s.vessels,
          readyDays: s.chances.readyDays,
          forBrood: s.forBrood,
          neededOn: s.neededOn,
          readyBy: s.readyBy,
          orderBy: s.orderBy,
          litres: s.litres,
          change,
        },
      ]
    })
    return [...kept, ...fresh]
  })

  const hand = reactive<Record<string, Held>>({})
  const forget = () => {
    for (const id of Object.keys(hand)) Reflect.deleteProperty(hand, id)
  }
  watch(() => starts.value.map(s => `${s.id} ${s.on} ${s.vessels}`).join(), forget)
  const asHeld = (s: PlanStart): PlanStart | null => {
    const held = hand[s.id]
    if (held === null) return null
    if (held === undefined) return s
    const judged = ahead.tried?.starts.find(
      x => x.food === s.food && x.on === held.on && x.method === held.method,
    )
    const { readyDays, orderBy } = judged ? { ...judged, ...judged.chances } : s
    return { ...s, ...held, readyDays, orderBy }
  }
  /** As they would be. */
  const shown = computed(() => starts.value.flatMap(s => asHeld(s) ?? []))
  const touched = computed(() => starts.value.filter(s => hand[s.id] !== undefined))

  let settle: ReturnType<typeof setTimeout> | undefined
  function tried() {
    clearTimeout(settle)
    if (touched.value.length === 0) return ahead.forget()
    const lines = shown.value.map(({ food, method, on, vessels }) => ({
      food,
      method,
      on,
      vessels,
    }))
    settle = setTimeout(() => void ahead.tryStarts(lines), SETTLES_MS)
  }
  function hold(s: PlanStart, to: Held) {
    const same = to !== null && KEYS.every(key => to[key] === s[key])
    if (same) Reflect.deleteProperty(hand, s.id)
    else hand[s.id] = to
    tried()
  }
  const heldOf = (s: PlanStart): Held & object => {
    const { on, vessels, method } = hand[s.id] ?? s
    return { on, vessels, method }
  }
  const original = (id: string) => starts.value.find(s => s.id === id)
  const dayOf = (s: PlanStart) => daysBetween(ahead.proposal!.from, s.on)
  function moveTo(id: string, day: number) {
    const s = original(id)
    const plan = ahead.proposal
    if (!s || !plan) return
    const within = Math.max(0, Math.min(plan.days - 1, Math.round(day)))
    hold(s, { ...heldOf(s), on: addDays(plan.from, within) })
  }
  function number(id: string, vessels: number) {
    const s = original(id)
    if (!s) return
    const to = Math.max(1, Math.min(MOST_VESSELS, vessels))
    hold(s, { ...heldOf(s), vessels: to })
  }
  /** A food has one school: all its starts go by the one that is chosen. */
  function school(id: string, method: string) {
    const food = original(id)?.food
    for (const s of starts.value) if (s.food === food) hold(s, { ...heldOf(s), method })
  }
  const giveUp = (id: string) => {
    const s = original(id)
    if (s) hold(s, null)
  }
  function putBack() {
    forget()
    tried()
  }
  async function keep() {
    const moves = touched.value.map(line => ({ line, to: hand[line.id] ?? null }))
    const gone = moves.every(m => m.to === null)
    await ahead.change(moves, gone ? 'The start is given up.' : 'The start is pinned there.')
    forget()
    ahead.forget()
  }
  return {
    starts,
    shown,
    touched,
    hand,
    dayOf,
    moveTo,
    number,
    school,
    giveUp,
    putBack,
    keep,
    original,
  }
}
