import { foods } from '@renatus/core/foods/index'
import type { RoomState } from '@renatus/core/stock/roomState'
import { foodInText, foodName } from '~/words/foods'
import { ASKED } from '~/words/asked'
import { VIEWS } from '~/words/nav'

/** What is found: a thing of the room, something to do, advice, a method, a view. */
export type FoundKind = 'thing' | 'act' | 'advice' | 'method' | 'view'

/** Something that can be asked for by name, by the letters on its tape, or by what it is; advice says what it is at once. */
export interface Findable {
  key: string
  kind: FoundKind
  name: string
  what: string
  to: string
  code: string | null
  /** What it says, where the answer is a sentence. */
  answer: string | null
  /** Other words for it. */
  more: string
}

type Given = Pick<Findable, 'key' | 'kind' | 'name' | 'what' | 'to'>
export const findable = (is: Given & Partial<Findable>): Findable => ({
  code: null,
  answer: null,
  more: '',
  ...is,
})
const thing = (key: string, name: string, what: string, to: string, rest: Partial<Findable> = {}) =>
  findable({ key, kind: 'thing', name, what, to, ...rest })

/** Everything of a room, its running cultures first. */
function things(state: RoomState): Findable[] {
  const cultures = state.cultureStates.filter(c => c.ended === null)
  return [
    ...cultures.map(c =>
      thing(c.id, c.record.name, foodName(c.record.foodId), `/shelf/${c.id}`, {
        code: c.record.code,
        more: 'culture vessel',
      }),
    ),
    ...state.broods.map(b =>
      thing(b.id, b.name, `brood${b.tank ? ` in ${b.tank.name}` : ''}`, `/broods/${b.id}`),
    ),
    ...state.hatchVessels.map(v => thing(v.id, v.name, 'hatch vessel', '/bench')),
    ...state.lots.map(l => thing(l.lot.id, l.lot.name, 'cysts', '/setup#lot')),
    ...state.gel.mixes.map(m =>
      thing(m.id, m.name, 'gel diet', `/gel/batch?mix=${m.id}`, { more: 'cook batch' }),
    ),
    ...state.gel.boxes.map(b => thing(b.id, b.name, `gel in the ${b.store}`, '/gel')),
  ]
}

const ended = (state: RoomState): Findable[] =>
  state.cultureStates
    .filter(c => c.ended !== null)
    .map(c => thing(c.id, c.record.name, `${foodName(c.record.foodId)}, ended`, `/shelf/${c.id}`))

/** Things to do, whatever stands in the room. */
const ACTS: readonly Findable[] = [
  ...ASKED.map(a => findable({ kind: 'act', what: 'to do', ...a })),
  ...foods.map(f =>
    findable({
      key: `start-${f.profile.id}`,
      kind: 'act',
      name: `Start ${foodInText(f.profile.id)}`,
      what: 'to do',
      to: f.profile.family === 'hatch' ? '/bench' : `/shelf/start?food=${f.profile.id}`,
      more: 'new culture',
    }),
  ),
  ...VIEWS.map(v => findable({ key: v.to, kind: 'view', name: v.name, what: 'view', to: v.to })),
]

const METHODS: readonly Findable[] = foods.flatMap(f =>
  f.methods.map(m =>
    findable({
      key: `${f.profile.id}/${m.id}`,
      kind: 'method',
      name: `${f.profile.name}: ${m.name.toLowerCase()}`,
      what: 'method',
      to: `/methods/${f.profile.id}/${m.id}`,
    }),
  ),
)

export const findables = (state: RoomState): Findable[] => [
  ...things(state),
  ...ACTS,
  ...METHODS,
  ...ended(state),
]
