import { foods } from '@renatus/core/foods/index'
import type { RoomState } from '@renatus/core/stock/roomState'
import { foodName } from '~/words/foods'
import { VIEWS } from '~/words/nav'

/** Something that can be asked for by name, by the letters on its tape, or by what it is. */
export interface Findable {
  key: string
  name: string
  what: string
  to: string
  code: string | null
  text: string
}

const plain = (s: string) => s.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '')
const one = (
  key: string,
  name: string,
  what: string,
  to: string,
  code: string | null = null,
  more = '',
): Findable => ({ key, name, what, to, code, text: plain(`${name} ${what} ${more}`) })

/** Everything of a room, its running cultures first. */
export function findables(state: RoomState): Findable[] {
  return [
    ...state.cultureStates
      .filter(c => c.ended === null)
      .map(c =>
        one(
          c.id,
          c.record.name,
          foodName(c.record.foodId),
          `/shelf/${c.id}`,
          c.record.code,
          'culture vessel',
        ),
      ),
    ...state.broods.map(b =>
      one(b.id, b.name, `brood${b.tank ? ` in ${b.tank.name}` : ''}`, `/broods/${b.id}`),
    ),
    ...state.hatchVessels.map(v => one(v.id, v.name, 'hatch vessel', '/bench')),
    ...state.lots.map(l => one(l.lot.id, l.lot.name, 'cysts', '/setup')),
    ...state.gel.mixes.map(m =>
      one(m.id, m.name, 'gel diet', `/gel/batch?mix=${m.id}`, null, 'cook batch'),
    ),
    ...state.gel.boxes.map(b => one(b.id, b.name, `gel in the ${b.store}`, '/gel')),
    one('act-start', 'Start a culture', 'action', '/shelf/start'),
    one('act-brood', 'Add a brood', 'action', '/broods?new=1'),
    one('act-aid', 'Power cut, heater off', 'first aid', '/firstaid'),
    ...VIEWS.map(v => one(v.to, v.name, 'view', v.to)),
    ...foods.flatMap(f =>
      f.methods.map(m =>
        one(
          `${f.profile.id}/${m.id}`,
          `${f.profile.name}: ${m.name.toLowerCase()}`,
          'method',
          `/methods/${f.profile.id}/${m.id}`,
        ),
      ),
    ),
    ...state.cultureStates
      .filter(c => c.ended !== null)
      .map(c => one(c.id, c.record.name, `${foodName(c.record.foodId)}, ended`, `/shelf/${c.id}`)),
  ]
}

const MOST = 12

/** What a question finds: letters from a tape first, then names that begin with it, then all that hold every word. */
export function find(list: readonly Findable[], query: string): Findable[] {
  const q = plain(query).trim()
  if (q === '') return list.slice(0, MOST)
  const words = q.split(/\s+/)
  const rank = (f: Findable) => {
    if (f.code?.toLowerCase() === q) return 0
    if (plain(f.name).startsWith(q)) return 1
    return words.every(w => f.text.includes(w)) ? 2 : 3
  }
  return list
    .map((f, i) => ({ f, i, r: rank(f) }))
    .filter(x => x.r < 3)
    .sort((a, b) => a.r - b.r || a.i - b.i)
    .slice(0, MOST)
    .map(x => x.f)
}
