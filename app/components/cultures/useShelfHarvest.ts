import { numberText } from '@renatus/core/units/numberText'
import { computed, reactive, ref } from 'vue'
import { takeShare } from '@renatus/core/planning/amounts'
import { afterHarvest, culturePortions, MOST_DRAWN } from '@renatus/core/planning/culturePortions'
import { acidRefusal, harvestRefusals } from '@renatus/core/planning/refusals'
import type { HarvestGrade, RefusalId } from '@renatus/core/records/vocabulary'
import { useCultureActions } from '~/composables/useCultureActions'
import { useTended } from '~/composables/useTended'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField } from '~/words/fields'

/** A harvest of a culture: what each tank wants of it, what was typed, what speaks against it, and writing it down. */
export function useShelfHarvest(id: string) {
  const room = useRoomStore()
  const units = useUnits()
  const actions = useCultureActions()
  const { state: culture, reading, view, tended } = useTended(id)
  const round = computed(() => room.round?.current ?? null)
  const plan = computed(() => {
    if (!tended.value || !room.round) return null
    const { density, per } = tended.value.reading.estimate
    const portions = culturePortions(room.round.reckoning, tended.value)
    const wanted = portions.reduce((s, p) => s + p.share, 0)
    return { density, per, portions, wanted, most: MOST_DRAWN }
  })
  const vesselMl = computed(() => (culture.value?.record.litres ?? 0) * 1000)
  const liquid = computed(() => plan.value?.per === 'mL')
  /** The pipette that was weighed, else the first one there is. */
  const pipettes = computed(() =>
    (room.state?.tools ?? [])
      .filter(t => t.kind === 'pipette')
      .map(t => ({
        id: t.id,
        name: t.name,
        ml: room.state!.learned.tools[t.id]?.ml.value ?? t.ml,
        weighed: room.state!.learned.tools[t.id] !== undefined,
      })),
  )
  const pipetteId = ref('')
  const pipette = computed(
    () =>
      pipettes.value.find(p => p.id === pipetteId.value) ??
      pipettes.value.find(p => p.weighed) ??
      pipettes.value[0] ??
      null,
  )
  /** Full pipettes, where the volume is one for a pipette. */
  const fills = (ml: number) =>
    pipette.value && ml / pipette.value.ml <= 60
      ? ` (${numberText(Math.max(0.5, Math.round((ml / pipette.value.ml) * 2) / 2))} × ${pipette.value.name})`
      : ''
  const typed = reactive<Record<string, string>>({})
  const extra = ref('')
  const seen = ref<HarvestGrade>('good')
  const problem = ref<string | null>(null)
  /** What is asked for at each tank, in mL or % of the surface, scaled where there is not enough. */
  const scale = computed(() =>
    plan.value && plan.value.wanted > plan.value.most ? plan.value.most / plan.value.wanted : 1,
  )
  const amountOf = (share: number) => (liquid.value ? share * vesselMl.value : share * 100)
  const unit = computed(() => (liquid.value ? 'mL' : '%'))
  const whole = computed(() => (liquid.value ? vesselMl.value : 100))
  /** An amount as typed, or as proposed where nothing is: in mL or %, and as a share of the vessel. */
  function amountFrom(label: string, typedText: string, proposed: number) {
    const text = typedText.trim()
    if (text === '') return { given: proposed, share: proposed / whole.value, problem: null }
    const rule = { label, min: 0, max: whole.value, unit: unit.value }
    const parsed = numberField(rule).safeParse(text)
    if (!parsed.success) return { given: 0, share: 0, problem: parsed.error.issues[0]!.message }
    return { given: parsed.data, share: parsed.data / whole.value, problem: null }
  }
  const rows = computed(() =>
    (plan.value?.portions ?? []).map(p => {
      const proposed = amountOf(p.share) * scale.value
      const read = amountFrom(p.tank.name, typed[p.tank.id] ?? '', proposed)
      return { p, proposed, ...read }
    }),
  )
  const elsewhere = computed(() => amountFrom('Beside the tanks', extra.value, 0))
  const total = computed(() => rows.value.reduce((s, r) => s + r.share, 0) + elsewhere.value.share)
  const advised = computed(() => (tended.value ? takeShare(tended.value) : null))
  const after = computed(() => (tended.value ? afterHarvest(tended.value, total.value) : null))
  const against = computed(() => {
    if (!tended.value) return []
    const acid = acidRefusal(tended.value.food, room.state!.entries, room.now)
    return [...(acid ? [acid] : []), ...harvestRefusals(tended.value, total.value)]
  })
  const density = (x: number) => (x >= 100 ? units.count(x) : numberText(x, { digits: 2 }))

  function wrong(): string | null {
    const typedWrong = rows.value.find(r => r.problem)?.problem ?? elsewhere.value.problem
    if (typedWrong) return typedWrong
    if (total.value <= 0) return 'Nothing is drawn: enter what was taken, or go back.'
    if (total.value <= 1 + 1e-9) return null
    const holds = liquid.value ? units.volume(vesselMl.value) : '100 %'
    return `That is ${Math.round(total.value * 100)} % of the vessel: it holds ${holds}. Lower a portion.`
  }

  /** Writes the harvest down; false where something speaks against it, and `problem` says what. */
  async function log(despite: RefusalId[]): Promise<boolean> {
    problem.value = wrong()
    if (problem.value || !tended.value) return false
    const organisms = total.value * tended.value.reading.estimate.organisms.p50
    return actions.harvested(tended.value.culture.record, {
      share: total.value,
      seen: seen.value,
      ml: liquid.value ? total.value * vesselMl.value : null,
      organisms,
      despite,
      roundKey: round.value!.key,
      portions: rows.value
        .filter(r => r.share > 0)
        .map(r => ({
          tankId: r.p.tank.id,
          organisms: r.share * tended.value!.reading.estimate.organisms.p50,
          ml: liquid.value ? r.given : null,
          partial: r.p.partial || r.given < 0.95 * r.proposed,
        })),
    })
  }

  const seenNow = { culture, reading, view, tended, round, plan, liquid, vesselMl, density }
  const tools = { pipettes, pipetteId, fills }
  const fields = { typed, extra, seen, rows, scale, unit }
  return { ...seenNow, ...tools, ...fields, total, advised, after, against, problem, log }
}
