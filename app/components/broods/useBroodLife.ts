import { temperatureOn } from '@renatus/core/stock/tankTemperature'
import { computed, ref } from 'vue'
import type { LifeEvent } from '@renatus/core/fry/life'
import {
  broodCounted,
  broodEnded,
  broodLeft,
  broodSeen,
  broodSplit,
  tankRead,
} from '@renatus/core/stock/broodActs'
import type { BroodState } from '@renatus/core/stock/broodState'
import { useUndo } from '~/composables/useUndo'
import { useUnits } from '~/composables/useUnits'
import { newId } from '~/db/newId'
import { useRoomStore } from '~/stores/room'
import { numberField, RULES, temperatureField } from '~/words/fields'
import { EVENT_WORDS } from '~/words/log'
import { plural } from '~/words/round'

export type Asking = 'counted' | 'died' | 'moved on' | 'split' | 'temperature'
export const FIELDS: Record<Asking, { button: string; label: string }> = {
  'counted': { button: 'Count the fry', label: 'Fry counted' },
  'died': { button: 'Some died', label: 'Fry that died' },
  'moved on': { button: 'Some moved on', label: 'Fry sold, given away or grown out of this' },
  'split': { button: 'Split over tanks', label: 'Fry that go to the other tank' },
  'temperature': { button: 'Read the thermometer', label: 'Temperature of the tank' },
}
const NO_TANK = 'The other tank is not chosen: choose one, or add a tank in Setup first.'

/** A question about a brood: what is asked, what was typed, and what it writes. */
export function useBroodLife(props: { brood: BroodState }) {
  const room = useRoomStore()
  const units = useUnits()
  const undo = useUndo()
  const today = () => room.state!.today
  const asking = ref<Asking | null>(null)
  const typed = ref('')
  const tankId = ref('')
  const problem = ref<string | null>(null)
  const targets = computed(() => room.state!.tanks.filter(t => t.id !== props.brood.tank?.id))

  async function log(act: ReturnType<typeof broodSeen>, said: string) {
    const result = await room.write(act.entries, null, act.records)
    if (result.ok) undo.offer(result.act, said)
    return result.ok
  }
  const seen = (event: LifeEvent) =>
    log(
      broodSeen(props.brood, event, today()),
      `${props.brood.name}: ${EVENT_WORDS[event]} today. Its dates hang on that now.`,
    )
  const end = () => log(broodEnded(props.brood, today()), `${props.brood.name} has ended.`)

  function rule(kind: Exclude<Asking, 'temperature'>) {
    const { label } = FIELDS[kind]
    if (kind === 'counted') return { ...RULES.fry, label, min: 0 }
    const max = Math.max(1, Math.round(props.brood.fryNow))
    const hint = `About ${units.whole(max)} are in the tank; count them if there are more.`
    return { ...RULES.fry, label, max, hint }
  }
  /** The number that was typed; null when it cannot be read, and `problem` says why. */
  function readField(field: ReturnType<typeof numberField>): number | null {
    const parsed = field.safeParse(typed.value)
    problem.value = parsed.success ? null : parsed.error.issues[0]!.message
    return parsed.success ? parsed.data : null
  }
  async function readTemperature(): Promise<boolean> {
    const { brood } = props
    const c = readField(temperatureField(RULES.tankTemperature, units.measures.value))
    if (c === null || !brood.tank) return false
    const act = tankRead(brood.tank, c, temperatureOn(brood.water, today()))
    return log(act, `${brood.tank.name}: ${units.celsius(c)}. Dates and growth follow.`)
  }
  async function split(n: number): Promise<boolean> {
    const target = targets.value.find(t => t.id === tankId.value)
    if (!target) {
      problem.value = NO_TANK
      return false
    }
    const act = broodSplit(props.brood, n, today(), target, newId())
    const { name } = props.brood.brood
    return log(act, `${plural(n, 'fry', 'fry')} of ${name} are in ${target.name} now.`)
  }
  async function number(kind: Exclude<Asking, 'temperature'>): Promise<boolean> {
    const n = readField(numberField(rule(kind)))
    if (n === null) return false
    if (kind === 'split') return split(n)
    const { brood } = props
    const act =
      kind === 'counted' ? broodCounted(brood, n, today()) : broodLeft(brood, n, today(), kind)
    return log(act, `${brood.name}: ${plural(n, 'fry', 'fry')} ${kind}.`)
  }
  async function submit() {
    const kind = asking.value
    if (!kind) return
    const done = kind === 'temperature' ? await readTemperature() : await number(kind)
    if (done) asking.value = null
  }
  function ask(kind: Asking) {
    asking.value = kind
    typed.value = ''
    problem.value = null
    tankId.value = targets.value[0]?.id ?? ''
  }
  return { asking, typed, tankId, problem, targets, seen, end, submit, ask }
}
