import { workerClient } from '~/engine/workerClient'
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import type { Formula } from '@renatus/core/gel/formulate'
import type { Choice, Objective } from '@renatus/core/gel/formulaProgram'
import type { Targets } from '@renatus/core/gel/targets'
import type { GelKitchen } from '~/workers/gel.worker'

export interface FormulaQuestion {
  choices: Choice[]
  targets: Targets
  objective: Objective
  candidates: Choice[]
}

/** Solves a formula in a worker whenever its question changes; the newest question wins. */
export function useFormula(question: Ref<FormulaQuestion | null>) {
  const answer = shallowRef<Formula | null>(null)
  const busy = ref(false)
  const problem = ref('')
  const kitchen = workerClient<GelKitchen>(
    'working out the formula',
    () => new Worker(new URL('../workers/gel.worker.ts', import.meta.url), { type: 'module' }),
  )
  let turn = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  async function solve(q: FormulaQuestion) {
    const mine = ++turn
    busy.value = true
    problem.value = ''
    try {
      const plain = JSON.parse(JSON.stringify(q)) as FormulaQuestion
      const { choices, targets, objective, candidates } = plain
      const found = await kitchen.call(k => k.formulate(choices, targets, objective, candidates))
      if (mine === turn) answer.value = found
    } catch (error) {
      if (mine === turn)
        problem.value = `The formula could not be worked out: ${error instanceof Error ? error.message : String(error)}. Nothing was lost; change something, and it is tried again.`
    } finally {
      if (mine === turn) busy.value = false
    }
  }
  const key = computed(() => (question.value === null ? '' : JSON.stringify(question.value)))
  watch(
    key,
    () => {
      clearTimeout(timer)
      const q = question.value
      if (q === null) {
        turn++
        answer.value = null
        busy.value = false
      } else timer = setTimeout(() => void solve(q), 150)
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    clearTimeout(timer)
    kitchen.stop()
  })
  return { answer, busy, problem }
}
