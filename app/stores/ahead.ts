import { keepingFoods } from '@renatus/core/stock/keepingFoods'
import { local } from '~/db/local'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import {
  acceptChange,
  planDifference,
  refuseChange,
  type PlanChange,
} from '@renatus/core/planning/plan/planDifference'
import { factChanges, foodsFact, planFacts } from '@renatus/core/planning/plan/planFacts'
import {
  asKept,
  keptPlan,
  startsLeft,
  startStates,
  type KeptPlan,
  type KeptStart,
} from '@renatus/core/planning/plan/keptPlan'
import type { CulturePlan } from '@renatus/core/planning/plan/planRoom'
import type { PlanQuestion } from '@renatus/core/planning/plan/question'
import { HORIZON, type StartLine } from '@renatus/core/planning/plan/request'
import { isAsked, NOTHING_ELSE, type WhatIf } from '@renatus/core/planning/plan/whatIf'
import { learningNow } from '~/composables/learning'
import { usePlanner } from '~/composables/usePlanner'
import type { RecordDraft } from '~/db/registry'
import { useUndo } from '~/composables/useUndo'
import { useCulturesStore } from './cultures'
import { useRoomStore } from './room'

/** The horizon is this device's: a phone may look less far. */
const DAYS_KEY = 'renatus.ahead.days'
/** Eight weeks. */
const USUAL_DAYS = 56
const PROPOSAL_KEY = 'plan.proposal'
/** Raised when the way of planning changes: what an older version proposed is then not shown. */
const PROPOSAL_VERSION = 16
type Parts = Pick<KeptPlan, 'starts' | 'pins' | 'refused'>
interface Stored {
  version: number
  key: string
  plan: CulturePlan
}

/** The plan of the room: what is kept, what the planner would do now, and questions to it that are not saved. */
export const useAheadStore = defineStore('ahead', () => {
  const room = useRoomStore()
  const cultures = useCulturesStore()
  const undo = useUndo()
  const main = usePlanner()
  const side = usePlanner()

  const shownDays = ref(Number(local.get(DAYS_KEY)) || USUAL_DAYS)
  watch(shownDays, n => local.set(DAYS_KEY, String(n)))
  /** No plan is made for less: what is started today shows in four weeks. */
  const days = computed(() => Math.max(HORIZON.least, shownDays.value))
  const certainty = ref(0.95)
  const proposal = shallowRef<CulturePlan | null>(null)
  const proposalKey = ref('')

  const kept = computed(() => (room.state ? keptPlan(room.state.entries) : null))
  const states = computed(() =>
    room.state ? startStates(room.state.entries, room.state.cultureStates) : [],
  )
  const left = computed(() => (room.state ? startsLeft(states.value, room.state.today) : []))
  /** Nothing is planned while the log is still being worked through: what it teaches changes the odds. */
  const facts = computed(() =>
    room.state && cultures.complete && !learningNow.value
      ? planFacts(room.state, cultures.readings)
      : null,
  )
  const changesOfFacts = computed(() =>
    kept.value && facts.value ? factChanges(kept.value.plan.facts, facts.value) : [],
  )
  watch(
    () => kept.value?.at,
    () => {
      if (kept.value) certainty.value = kept.value.plan.certainty
    },
    { immediate: true },
  )

  /** What a proposal hangs on: the same key, the same plan. */
  const key = computed(() =>
    facts.value && room.state
      ? JSON.stringify([
          room.state.today,
          days.value,
          certainty.value,
          facts.value,
          kept.value?.plan.pins ?? [],
          left.value.map(s => [s.id, s.on, s.vessels]),
        ])
      : '',
  )
  const stale = computed(() => key.value !== '' && proposalKey.value !== key.value)
  const changes = computed(() =>
    proposal.value
      ? planDifference(
          left.value,
          proposal.value.starts,
          changesOfFacts.value,
          kept.value?.plan.refused,
        )
      : [],
  )

  const question = (more: Partial<PlanQuestion> = {}): PlanQuestion => ({
    seed: 1,
    days: days.value,
    certainty: certainty.value,
    pins: [],
    onlyPinned: false,
    whatIf: NOTHING_ELSE,
    ...more,
  })

  /** What is being planned for. */
  let asking = ''
  async function propose(): Promise<void> {
    const mine = key.value
    const isAsked = asking === mine && main.busy.value
    if (mine === '' || isAsked) return
    const db = await room.database()
    const stored = (await db.meta.get(PROPOSAL_KEY))?.value as Stored | undefined
    if (stored?.version === PROPOSAL_VERSION && stored.key === mine) {
      proposal.value = stored.plan
      proposalKey.value = mine
      return
    }
    asking = mine
    const plan = await main.ask(question())
    // Facts that are being read again while it is worked out may well be the same.
    const holds = key.value === mine || key.value === ''
    if (!plan || !holds || room.db !== db) return
    proposal.value = plan
    proposalKey.value = mine
    await db.meta.put({
      key: PROPOSAL_KEY,
      value: { version: PROPOSAL_VERSION, key: mine, plan } satisfies Stored,
    })
  }

  /** What a kept plan starts is kept in the room from then on; with its last line also what bridges. */
  function keepsMore(starts: Parts['starts']): RecordDraft[] {
    const whole = changes.value.every(c => starts.some(s => s.food === c.is?.food))
    const more = [...starts.map(s => s.food), ...(whole ? (proposal.value?.takesUp ?? []) : [])]
    return keepingFoods(room.state!, more)
  }

  const foodsOf = ([room]: readonly RecordDraft[]): string | null =>
    room?.type === 'room' ? foodsFact(room.foods) : null

  /** Writes the plan that is worked by from now on. */
  async function keep(part: Parts, said: string): Promise<void> {
    if (!room.state || !facts.value) return
    const more = keepsMore(part.starts)
    const data: KeptPlan = {
      from: room.state.today,
      days: days.value,
      certainty: certainty.value,
      ...part,
      // What the plan itself brings into the room is no news to it.
      facts: { ...facts.value, foods: foodsOf(more) ?? facts.value.foods },
    }
    const result = await room.write(
      [{ kind: 'plan.kept', subject: { type: 'room', id: room.state.room.id }, data }],
      null,
      more,
    )
    if (result.ok) undo.offer(result.act, said)
  }
  const parts = (): Parts => ({
    starts: kept.value?.plan.starts ?? [],
    pins: kept.value?.plan.pins ?? [],
    refused: kept.value?.plan.refused ?? [],
  })
  const acceptAll = () => keep(changes.value.reduce(acceptChange, parts()), 'The plan is kept.')
  const accept = (c: PlanChange) => keep(acceptChange(parts(), c), 'The line is in the plan.')
  const refuse = (c: PlanChange) => keep(refuseChange(parts(), c), 'The line stays as it was.')
  // Judging a plan as somebody holds it in the hand: nothing is written, nothing else is started.
  const tried = shallowRef<CulturePlan | null>(null)
  /** A kept start as it was put: with its chances as they were judged there, where they were. */
  function asMoved(s: KeptStart, to: Omit<StartLine, 'food'>): KeptStart {
    const judged = tried.value?.starts.find(
      x => x.food === s.food && x.on === to.on && x.method === to.method,
    )
    const as = judged ? { ...asKept(judged, new Set()), forBrood: s.forBrood } : s
    return { ...as, ...to, id: s.id, neededOn: s.neededOn }
  }
  /**
   * Starts are moved by hand, made more or fewer, or given up (null): each is pinned as it was put. Lines that are only proposed are kept
   * with it, all of them: a plan is kept or it is not.
   */
  function change(
    moves: readonly {
      line: StartLine & { id?: string }
      to: Omit<StartLine, 'food'> | null
    }[],
    said: string,
  ): Promise<void> {
    const known = (p: Parts, line: StartLine & { id?: string }) =>
      p.starts.find(s => s.id === line.id || (s.food === line.food && s.on === line.on))
    const first = parts()
    const base = moves.every(m => known(first, m.line))
      ? first
      : changes.value.reduce(acceptChange, first)
    return keep(
      moves.reduce((p, { line, to }): Parts => {
        const was = known(p, line)
        if (!was) return p
        const asLine = { food: was.food, method: was.method, vessels: was.vessels }
        const pins = p.pins.filter(x => !(x.food === was.food && x.on === was.on))
        return to === null
          ? {
              starts: p.starts.filter(s => s.id !== was.id),
              pins,
              refused: [...p.refused, { ...asLine, on: was.on }],
            }
          : {
              ...p,
              starts: p.starts.map(s => (s.id === was.id ? asMoved(s, to) : s)),
              pins: [...pins, { ...asLine, ...to }],
            }
      }, base),
      said,
    )
  }

  async function tryStarts(lines: readonly StartLine[]) {
    const plan = await side.ask(question({ pins: [...lines], onlyPinned: true }))
    if (plan) tried.value = plan
  }

  const whatIf = ref<WhatIf>({ ...NOTHING_ELSE })
  const answer = shallowRef<CulturePlan | null>(null)
  async function ask() {
    answer.value = null
    if (!isAsked(whatIf.value)) return
    answer.value = await side.ask(question({ whatIf: whatIf.value }))
  }
  watch(
    () => room.which,
    () => {
      main.stop()
      side.stop()
      proposal.value = tried.value = answer.value = null
      proposalKey.value = ''
    },
  )

  return {
    days,
    shownDays,
    certainty,
    proposal,
    kept,
    states,
    left,
    facts,
    changesOfFacts,
    key,
    stale,
    changes,
    tried,
    whatIf,
    answer,
    main,
    side,
    propose,
    acceptAll,
    accept,
    refuse,
    change,
    tryStarts,
    ask,
    forget: () => {
      tried.value = null
    },
  }
})
