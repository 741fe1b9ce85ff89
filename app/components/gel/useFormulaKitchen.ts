import { computed, reactive, ref, watch, type Ref } from 'vue'
import { useRoute } from '#app/composables/router'
import { PARTS, POWDER_G_PER_ML } from '@renatus/core/gel/batch'
import { binderFor, binderOf, shapeHours, type Firmness } from '@renatus/core/gel/binders'
import type { Guild } from '@renatus/core/fry/species/species'
import type { Clash } from '@renatus/core/gel/formulate'
import type { Objective } from '@renatus/core/gel/formulaProgram'
import type { GelBrood } from '@renatus/core/planning/gelBrood'
import { grainSieve, jobOf, type Job } from '@renatus/core/gel/particles'
import { stageAt, targetsFor } from '@renatus/core/gel/targets'
import { kitchenIngredients, type KitchenIngredient } from '@renatus/core/stock/gelKitchen'
import { boundsWith, choicesOf, densityOfMix } from '@renatus/core/stock/larder'
import { useFormula, type FormulaQuestion } from '~/composables/useFormula'
import type { RecordDraft } from '~/db/registry'
import { useRoomStore } from '~/stores/room'
import { numberField, optionalNumber, textField } from '~/words/fields'
import { readTargets, relaxedTargets, targetTexts } from './targetFields'
import { useFormulaFish } from './useFormulaFish'

const WATER = { label: 'Water', min: 0.5, max: 8 }
const USUAL_WATER = 2.5
const USUAL_MM = 12
const USUAL_GAPE_UM = 900

/** What a new diet begins with. */
const usual = (guild: Guild, binder: string) => ({
  binder,
  firmness: 'standard' as const,
  job: jobOf(guild),
  name: '',
})

/** A formula for a brood, or for fish of a size: what stands in the fields, the mix that follows, and keeping it. */
export function useFormulaKitchen(broods: Ref<readonly GelBrood[]>) {
  const room = useRoomStore()
  const { query } = useRoute()
  const old = room.state?.gel.mixes.find(m => m.id === query.id && m.formula !== null) ?? null
  const formula = old?.formula ?? null
  const ingredients = computed(() => kitchenIngredients(room.state?.gel.ingredients ?? []))
  const asked = typeof query.brood === 'string' ? query.brood : null
  const { broodId, brood, hand, fish, fishProblem } = useFormulaFish(
    broods,
    asked ?? old?.broodIds[0] ?? '',
  )
  const guild = () => fish.value?.guild ?? 'omnivore'

  const proposal = () => targetTexts(targetsFor(fish.value?.lengthMm ?? USUAL_MM, guild()))
  const targets = ref(formula ? targetTexts(formula.targets) : proposal())
  const propose = () => {
    if (fish.value) targets.value = proposal()
  }
  const proposed = computed(
    () => fish.value !== null && JSON.stringify(targets.value) === JSON.stringify(proposal()),
  )
  const read = computed(() => readTargets(targets.value))

  const bestBinder = () => (fish.value ? binderFor(fish.value.temperatureC).id : 'agar')
  const at = { ...usual(guild(), bestBinder()), ...(old ?? {}) }
  const binder = ref(at.binder)
  const firmness = ref<Firmness>(at.firmness)
  const water = ref(String(formula?.waterByMass ?? USUAL_WATER))
  const readWater = computed(() => numberField(WATER).safeParse(water.value))
  const job = ref<Job>(at.job)
  const objective = ref<Objective>(formula?.objective ?? 'nearest')
  const gel = computed(() => ({
    binder: binder.value,
    firmness: firmness.value,
    waterByMass: readWater.value.success ? readWater.value.data : USUAL_WATER,
  }))
  const sieveUm = computed(() => grainSieve(fish.value?.gapeUm ?? USUAL_GAPE_UM))
  watch(broodId, () => {
    propose()
    if (!fish.value) return
    job.value = jobOf(fish.value.guild)
    binder.value = bestBinder()
  })

  /** Ticked ones; of a formula that is changed its own, else what is at hand. Limits a person set stand beside the table's. */
  const feeds = computed(() => ingredients.value.filter(i => i.role !== 'binder'))
  const inFormula = (i: KitchenIngredient) => formula?.shares.some(s => s.id === i.id) ?? i.atHand
  const ticked = ref<string[]>(feeds.value.filter(inFormula).map(i => i.id))
  const limits = reactive<Record<string, { min: string; max: string }>>(
    Object.fromEntries(ingredients.value.map(i => [i.id, { min: '', max: '' }])),
  )
  const limitOf = (i: KitchenIngredient, side: 'min' | 'max') => {
    const label = `${i.name}, ${side === 'min' ? 'at least' : 'at most'}`
    const rule = { label, min: 0, max: 100, unit: '%' }
    return optionalNumber(rule).safeParse(limits[i.id]?.[side] ?? '')
  }
  const bounded = (i: KitchenIngredient) => {
    const [min, max] = [limitOf(i, 'min'), limitOf(i, 'max')]
    const share = (r: typeof min) => (r.success && r.data !== null ? r.data / 100 : null)
    return boundsWith(i, gel.value, { min: share(min), max: share(max) })
  }
  function limitProblem(i: KitchenIngredient): string {
    const bad = [limitOf(i, 'min'), limitOf(i, 'max')].find(r => !r.success)
    if (bad) return bad.error!.issues[0]!.message
    const { min, max } = bounded(i)!
    const percent = (x: number) => Math.round(x * 1000) / 10
    if (min <= max) return ''
    return `${i.name}: at least ${percent(min)} % is more than at most ${percent(max)} %.`
  }
  const problem = computed(() => {
    if (!read.value.ok) return read.value.problem
    if (!readWater.value.success) return readWater.value.error.issues[0]!.message
    const used = feeds.value.filter(i => ticked.value.includes(i.id))
    return used.map(limitProblem).find(p => p !== '') ?? ''
  })
  const question = computed((): FormulaQuestion | null => {
    if (problem.value !== '' || !read.value.ok) return null
    const { choices, candidates } = choicesOf(ingredients.value, ticked.value, gel.value, bounded)
    const found = { targets: read.value.targets, objective: objective.value }
    if (choices.length === 0) return { ...found, choices, targets: {}, candidates: [] }
    return { ...found, choices, candidates }
  })
  const { answer, busy, problem: failed } = useFormula(question)
  const relax = (clashes: readonly Clash[]) => {
    targets.value = relaxedTargets(targets.value, clashes)
  }
  const warmC = () => fish.value?.temperatureC ?? null
  const shape = computed(() => {
    const temperatureC = warmC()
    if (temperatureC === null) return 24
    return shapeHours(binderOf(binder.value), { temperatureC, crowded: false })
  })
  const softens = computed(() => (warmC() ?? 0) > binderOf(binder.value).warmestC)

  const name = ref(at.name)
  const nameProblem = ref('')
  const proposedName = computed(() => {
    const b = brood.value
    return (b ? `${b.brood.name}, ${stageAt(b.day.lengthMm).id}` : 'Own formula').slice(0, 60)
  })
  /** Keeps the diet; false while there is none, or its name cannot be read. */
  async function save(): Promise<boolean> {
    const a = answer.value
    if (!read.value.ok || !a || !('mix' in a)) return false
    const parsed = textField('Name of the diet').safeParse(name.value.trim() || proposedName.value)
    nameProblem.value = parsed.success ? '' : parsed.error.issues[0]!.message
    if (!parsed.success) return false
    const { protein, fat, fibre, ash } = a.composition
    const broodIds = broodId.value ? [broodId.value] : []
    const fresh = { broodIds, grams: null, weighedAt: null, parts: PARTS.standard }
    const record = {
      ...fresh,
      ...old,
      type: 'gel-mix',
      name: parsed.data,
      label: { protein, fat, fibre, ash, moisture: 0 },
      gPerMl: densityOfMix(a.mix, ingredients.value, POWDER_G_PER_ML),
      costPerKg: a.costPerKg,
      particleUm: sieveUm.value,
      binder: binder.value,
      firmness: firmness.value,
      job: job.value,
      formula: {
        shares: a.mix,
        waterByMass: gel.value.waterByMass,
        sieveUm: sieveUm.value,
        objective: objective.value,
        targets: read.value.targets,
      },
    }
    await room.save([record as unknown as RecordDraft])
    return true
  }
  const forWhom = { broodId, brood, hand, fish, fishProblem, job }
  const wanted = { targets, propose, proposed, read, objective }
  const gelFields = { binder, firmness, water, gel, shape, softens, sieveUm }
  const larder = { ingredients, feeds, ticked, limits }
  const found = { problem, answer, busy, failed, relax, name, nameProblem, proposedName, save }
  return { old, ...forWhom, ...wanted, ...gelFields, ...larder, ...found }
}
