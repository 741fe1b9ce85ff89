import { AILMENTS } from '@renatus/core/dynamics/contract'
import { adviceOn } from '@renatus/core/estimation/advice'
import { CAUTIONS } from '@renatus/core/foods/cautions'
import type { Food, FoodMethod } from '@renatus/core/foods/contract'
import { foods } from '@renatus/core/foods/index'
import { fahrenheitToCelsius } from '@renatus/core/units/convert'
import { formatTemperature } from '@renatus/core/units/format'
import type { MeasureSystem } from '@renatus/core/units/kitchenMeasures'
import { foodInText } from '~/words/foods'
import { findable, type Findable } from './findable'

type Rule = 'waterRule' | 'airRule' | 'vesselRule' | 'feedingRule' | 'harvestRule' | 'renewRule'
/** What a rule of a method is about. */
const RULES: Readonly<Record<Rule, string>> = {
  waterRule: 'water',
  airRule: 'air',
  vesselRule: 'vessel',
  feedingRule: 'feeding it',
  harvestRule: 'harvest',
  renewRule: 'renewing it',
}

/** What the schools of a food say on one matter; what several say alike stands once. */
function ruleOf(food: Food, rule: Rule, about: string): Findable[] {
  const said = new Map<string, FoodMethod[]>()
  for (const m of food.methods) said.set(m[rule], [...(said.get(m[rule]) ?? []), m])
  return [...said].map(([text, methods]) => {
    const school = said.size > 1 ? `, ${methods.map(m => m.name.toLowerCase()).join(', ')}` : ''
    return findable({
      key: `${food.profile.id}-${rule}-${methods[0]!.id}`,
      kind: 'advice',
      name: `${food.profile.name}: ${about}`,
      what: `advice${school}`,
      to: `/methods/${food.profile.id}/${methods[0]!.id}`,
      answer: text,
    })
  })
}

/** What may be wrong with a culture of a food, how it is told and what to do. */
const troubleOf = (food: Food): Findable[] =>
  AILMENTS.map(cause => {
    const { name, action, confirm } = adviceOn(cause, food)
    return findable({
      key: `${food.profile.id}-${cause}`,
      kind: 'advice',
      name: `${food.profile.name}: ${name}`,
      what: 'when something is wrong',
      to: '/methods',
      answer: `${action} To be sure: ${confirm}`,
      more: 'trouble sick dying dead crash problem help',
    })
  })

/** All that Renatus has to say in sentences: methods, trouble, tips, cautions. */
export const ADVICE: readonly Findable[] = [
  ...foods.flatMap(f => [
    ...(Object.keys(RULES) as Rule[]).flatMap(rule => ruleOf(f, rule, RULES[rule])),
    ...(f.profile.family === 'hatch' ? [] : troubleOf(f)),
    ...f.profile.tips.map((t, i) =>
      findable({
        key: `${f.profile.id}-tip-${i}`,
        kind: 'advice',
        name: `${f.profile.name}: giving it`,
        what: 'advice',
        to: `/methods/${f.profile.id}/${f.methods[0]!.id}`,
        answer: t.text,
      }),
    ),
  ]),
  ...Object.values(CAUTIONS).map(c =>
    findable({
      key: `caution-${c.id}`,
      kind: 'advice',
      name: `Caution: ${c.id.replaceAll('-', ' ')}`,
      what: 'caution',
      to: '/methods',
      answer: c.text,
      more: 'danger safe safety',
    }),
  ),
]

const DEGREES = /(-?\d{1,3}(?:[.,]\d)?)\s*(?:°|deg(?:rees?)?)?\s*([cf])?\b/i
const SAYS_DEGREES = /°|\bdeg|\d\s*[cf]\b|warm|cold|hot|heat/i

/** Degrees Celsius that a question is about; null where it is about none. */
export function degreesIn(question: string): number | null {
  const found = DEGREES.exec(question)
  if (!found || !SAYS_DEGREES.test(question)) return null
  const n = Number(found[1]!.replace(',', '.'))
  const fahrenheit = found[2]?.toLowerCase() === 'f' || (!found[2] && n > 45)
  const c = fahrenheit ? fahrenheitToCelsius(n) : n
  return c > -30 && c < 60 ? c : null
}

/** Who bears a temperature and who does not: of the foods that stand in the room, or of all where none does. */
export function bears(c: number, here: ReadonlySet<string>, measures: MeasureSystem): Findable {
  const asked = foods.filter(f => here.size === 0 || here.has(f.profile.id))
  const names = (of: readonly Food[]) => of.map(f => foodInText(f.profile.id)).join(', ')
  const warm = asked.filter(f => c > f.rangeC[1])
  const cold = asked.filter(f => c < f.rangeC[0])
  const well = asked.filter(f => !warm.includes(f) && !cold.includes(f))
  const parts = [
    warm.length > 0 ? `Too warm for ${names(warm)}: a cooler place, or shade.` : '',
    cold.length > 0 ? `Too cold for ${names(cold)}: it is slow before it is lost.` : '',
    well.length > 0 ? `Bearable for ${names(well)}.` : '',
  ]
  return findable({
    key: 'degrees',
    kind: 'advice',
    name: `At ${formatTemperature(c, measures)}`,
    what: here.size === 0 ? 'of all foods' : 'of the foods in this room',
    to: warm.length + cold.length > 0 ? '/firstaid' : '/methods',
    answer: parts.filter(Boolean).join(' '),
  })
}
