import { computed, reactive, ref } from 'vue'
import { useRoute } from '#app/composables/router'
import { leastWater } from '@renatus/core/gel/formulaBatch'
import { fillByPowder, fillByTrays, fillForDays } from '@renatus/core/stock/gelFill'
import type { GelFill, GelSettings } from '@renatus/core/stock/gelFill'
import {
  kitchenBatch,
  kitchenIngredients,
  kitchenLearned,
  powderLeft,
} from '@renatus/core/stock/gelKitchen'
import type { GelTray } from '@renatus/core/records/records'
import { toSpoons } from '@renatus/core/units/toSpoons'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField, orElse } from '~/words/fields'
import { filledByPowderWords, filledForDaysWords, noEaterWords } from '~/words/gel'

export type FillWay = 'trays' | 'powder' | 'days'
/** What is filled, how that came about in words, or what stands in the way. */
type Filled = GelFill & { said: string; problem: string }

const none = (problem: string): Filled => ({ ml: 0, trays: [], said: '', problem })
const POWDER = { label: 'Powder left', min: 0, max: 1_000_000, unit: 'g', above: true }
const firstProblem = (r: { error?: { issues: { message: string }[] } }) =>
  r.error!.issues[0]!.message

/** From trays to powder, from powder to trays, from days to trays: what stands in the fields, and what follows. */
export function useBatchKitchen() {
  const room = useRoomStore()
  const units = useUnits()
  const { query } = useRoute()
  const mixes = computed(() => room.state!.gel.mixes)
  const asked = mixes.value.find(m => m.id === query.mix)
  const mixId = ref((asked ?? mixes.value[0])?.id ?? '')
  const mix = computed(() => mixes.value.find(m => m.id === mixId.value) ?? null)
  const ingredients = computed(() => kitchenIngredients(room.state!.gel.ingredients))
  const trays = computed(() => room.state!.gel.trays)
  const way = ref<FillWay>('trays')
  const trayId = ref(trays.value[0]?.id ?? '')
  const counts = reactive<Record<string, string>>(
    Object.fromEntries(trays.value.map((t, i) => [t.id, i === 0 ? '1' : '0'])),
  )
  const entries = computed(() => room.state!.entries)
  const learned = computed(() => (mix.value ? kitchenLearned(entries.value, mix.value) : null))
  const left = computed(() => (mix.value ? powderLeft(entries.value, mix.value) : null))
  const powder = ref('')
  const days = ref('14')
  const own = reactive({ parts: '', air: '', loss: '' })

  const settings = computed((): GelSettings | { problem: string } | null => {
    const l = learned.value
    if (!l) return null
    const parts = orElse(own.parts, l.parts, { label: 'Parts of water', min: 0.2, max: 20 })
    const air = orElse(own.air, l.solid.value, {
      label: 'Share that is not air',
      min: 0.05,
      max: 1,
    })
    const loss = orElse(own.loss, l.loss.value * 100, { label: 'Loss', min: 0, max: 50, unit: '%' })
    const bad = [parts, air, loss].find(p => !p.success)
    if (bad) return { problem: firstProblem(bad) }
    return {
      parts: parts.data!,
      solidShare: air.data!,
      lossShare: loss.data! / 100,
      measures: units.measures.value,
    }
  })
  const set = computed(() => (settings.value && 'parts' in settings.value ? settings.value : null))

  function byTrays(): Filled {
    const found: [GelTray, number][] = []
    for (const t of trays.value) {
      const n = numberField({ label: t.name, min: 0, max: 200 }).safeParse(counts[t.id] ?? '0')
      if (!n.success) return none(firstProblem(n))
      found.push([t, n.data])
    }
    const fill = fillByTrays(found)
    if (fill.ml <= 0) return none('Say how many of which tray: at least one.')
    return { ...fill, said: '', problem: '' }
  }
  function byPowder(tray: GelTray, s: GelSettings): Filled {
    if (mix.value!.formula)
      return none('An own formula has no powder that is left: choose trays or days.')
    const text = powder.value.trim() === '' && left.value !== null ? left.value : powder.value
    const g = numberField(POWDER).safeParse(String(text))
    if (!g.success) return none(firstProblem(g))
    const fill = fillByPowder(mix.value!, tray, g.data, s)
    return { ...fill, said: filledByPowderWords(fill, g.data, tray.name), problem: '' }
  }
  function forDays(tray: GelTray, s: GelSettings): Filled {
    const d = numberField({ label: 'Days', min: 1, max: 60, whole: true }).safeParse(days.value)
    if (!d.success) return none(firstProblem(d))
    const fill = fillForDays(room.state!, mix.value!, ingredients.value, tray, d.data, s)
    if (!fill) return none(noEaterWords(mix.value!.name, d.data))
    return { ...fill, said: filledForDaysWords(fill, d.data), problem: '' }
  }
  const fill = computed((): Filled => {
    const s = settings.value
    if (!mix.value || !s) return none('')
    if ('problem' in s) return none(s.problem)
    if (way.value === 'trays') return byTrays()
    const tray = trays.value.find(t => t.id === trayId.value)
    if (!tray) return none('Name a tray first, in the Gel kitchen.')
    return way.value === 'powder' ? byPowder(tray, s) : forDays(tray, s)
  })
  const batch = computed(() => {
    const { ml, problem } = fill.value
    if (!mix.value || !set.value || problem !== '' || ml <= 0) return null
    return kitchenBatch(mix.value, ingredients.value, { ...set.value, fillMl: ml })
  })
  const known = (id: string) => ingredients.value.find(i => i.id === id)
  const missing = computed(
    () => mix.value?.formula?.shares.filter(s => !known(s.id)).map(s => s.id) ?? [],
  )
  const tooWet = computed(() =>
    mix.value?.formula && batch.value && batch.value.waterMl < 0
      ? leastWater(mix.value.formula.shares, id => known(id)!)
      : null,
  )
  const waterSpoons = computed(() => {
    const ml = batch.value?.waterMl ?? 0
    return ml > 0 ? toSpoons(ml, units.measures.value) : null
  })
  return {
    mixes,
    mixId,
    mix,
    trays,
    way,
    trayId,
    counts,
    learned,
    left,
    powder,
    days,
    own,
    set,
    fill,
    batch,
    missing,
    tooWet,
    waterSpoons,
  }
}
