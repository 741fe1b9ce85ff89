import { wrap, type Remote } from 'comlink'
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
  let worker: Worker | null = null
  let kitchen: Remote<GelKitchen> | null = null
  let turn = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  async function solve(q: FormulaQuestion) {
    const mine = ++turn
    busy.value = true
    problem.value = ''
    try {
      worker ??= new Worker(new URL('../workers/gel.worker.ts', import.meta.url), {
        type: 'module',
      })
      kitchen ??= wrap<GelKitchen>(worker)
      const plain = JSON.parse(JSON.stringify(q)) as FormulaQuestion
      const found = await kitchen.formulate(
        plain.choices,
        plain.targets,
        plain.objective,
        plain.candidates,
      )
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
    worker?.terminate()
  })
  return { answer, busy, problem }
}
