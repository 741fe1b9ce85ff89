import { computed, ref } from 'vue'
import { ofDryMatter } from '@renatus/core/gel/composition'
import { cubesOf, landedBalance, readyPieces, weighsTooMuch } from '@renatus/core/gel/landing'
import type { GelMix } from '@renatus/core/records/records'
import type { GelForm } from '@renatus/core/records/vocabulary'
import type { KitchenBatch } from '@renatus/core/stock/gelKitchen'
import { useGelActions } from '~/composables/useGelActions'
import { useGelBroods } from '~/composables/useGelBroods'
import { useUnits } from '~/composables/useUnits'
import { useRoomStore } from '~/stores/room'
import { numberField, optionalNumber, textField } from '~/words/fields'
import { crumbWords } from '~/words/gel'

export interface LandingProps {
  mix: GelMix
  batch: KitchenBatch
  trays: readonly { n: number; cells: number | null; form: string }[]
  fillMl: number
  solidShare: number
  lossShare: number
}

const LARGE = 1_000_000
const FILLED = { label: 'Filled', min: 0, max: LARGE, unit: 'mL', above: true }
const LEFT = { label: 'Left in the bowl', min: 0, max: LARGE, unit: 'mL' }
const WEIGHED = { label: 'Weighed', min: 0, max: LARGE, unit: 'g', above: true }
const EDGE = { label: 'Edge of a cube', min: 0.5, max: 200, unit: 'mm' }
const PIECES = { label: 'Pieces', min: 1, max: 100_000, whole: true }
const USUAL_EDGE = '5'

/** Where a batch landed: fields, what follows from them, and the entry of it. */
export function useBatchLanding(props: LandingProps) {
  const room = useRoomStore()
  const units = useUnits()
  const gel = useGelActions()
  const cells = computed(() => readyPieces(props.trays))
  const filled = ref(String(Math.round(props.fillMl * 10) / 10))
  const left = ref('0')
  const weighed = ref('')
  const edge = ref(cells.value === null ? USUAL_EDGE : '')
  const count = ref(cells.value === null ? '' : String(cells.value))
  const store = ref<'freezer' | 'fridge'>('freezer')
  const box = ref('')
  const proposedName = computed(() => {
    const before = room.state!.gel.made.filter(b => b.mixId === props.mix.id).length
    return `${props.mix.name} ${before + 1}`.slice(0, 60)
  })
  const boxName = computed(() => box.value.trim() || proposedName.value)

  /** What the fry that eat of it want a piece to be. */
  const broods = useGelBroods()
  const advice = computed(() =>
    (broods.value ?? [])
      .filter(b => b.mix?.id === props.mix.id && b.dryMg > 0)
      .map(b =>
        b.edgeMm !== null
          ? `${b.brood.name} grazes: edges of ${b.edgeMm} mm at most, so that all find a face.`
          : `${b.brood.name} swallows ${crumbWords(b.diet.crumb!)}: grate a thawed piece.`,
      ),
  )
  const read = computed(() => {
    const f = numberField(FILLED).safeParse(filled.value)
    const l = numberField(LEFT).safeParse(left.value)
    const w = optionalNumber(WEIGHED).safeParse(weighed.value)
    const e = optionalNumber(EDGE).safeParse(edge.value)
    const name = textField('Name of the box').safeParse(boxName.value)
    const cut = f.success && e.data ? cubesOf(f.data, e.data) : null
    const n = numberField(PIECES).safeParse(count.value.trim() || String(cut ?? ''))
    const bad = [f, l, w, e, name, n].find(p => !p.success)
    if (bad) return { ok: false as const, problem: bad.error!.issues[0]!.message }
    return {
      ok: true as const,
      filledMl: f.data!,
      leftMl: l.data!,
      landedG: w.data!,
      pieceMm: e.data!,
      pieces: n.data!,
      boxName: name.data!,
      cut,
    }
  })
  const balance = computed(() =>
    read.value.ok ? landedBalance(props.batch, read.value, props.lossShare) : null,
  )
  const odd = computed(() =>
    balance.value && weighsTooMuch(balance.value)
      ? `It weighs ${units.grams(balance.value.landedG)}, more than went in (${units.grams(balance.value.inG)}): look at the scale and at the fill.`
      : '',
  )
  const problem = ref('')

  /** Writes it down; what is wrong stands in `problem`. */
  async function save(): Promise<boolean> {
    const r = read.value
    problem.value = r.ok ? odd.value : r.problem
    if (!r.ok || problem.value !== '') return false
    const { cut: _, ...landed } = r
    const { powderG, powderMl, allWaterMl, moisture } = props.batch
    const wrong = await gel.cooked({
      ...landed,
      mixId: props.mix.id,
      store: store.value,
      form: (props.trays[0]?.form ?? 'tray') as GelForm,
      powderG,
      powderMl,
      waterMl: allWaterMl,
      moisture,
      solidShare: props.solidShare,
      lossShare: props.lossShare,
      protein: ofDryMatter(props.mix.label).protein,
    })
    problem.value = wrong ?? ''
    return wrong === null
  }
  const fields = { filled, left, weighed, edge, count, store, box }
  return { cells, ...fields, boxName, advice, read, balance, problem, save }
}
