import { describe, expect, it } from 'vitest'
import { readIngredients, writeIngredients } from '~/composables/ingredientCsv'
import { kitchenIngredients } from '@renatus/core/stock/gelKitchen'

const problems = async (text: string) => {
  const read = await readIngredients(text)
  return read.ok ? [] : read.problems
}
const HEAD = 'name,protein,fat,fibre,ash,moisture'

describe('the table of ingredients', () => {
  it('goes out and comes back as it was', async () => {
    const list = kitchenIngredients([])
    const read = await readIngredients(await writeIngredients(list))
    if (!read.ok) throw new Error(read.problems.join('\n'))
    expect(
      read.rows.map(r => ({
        name: r.name,
        label: r.label,
        costPerKg: r.costPerKg,
        phosphorus: r.phosphorus,
        particleUm: r.particleUm,
        milling: r.milling,
        role: r.role,
        most: r.most,
        atHand: r.atHand,
      })),
    ).toEqual(
      list.map(i => ({
        name: i.name,
        label: i.label,
        costPerKg: i.costPerKg,
        phosphorus: i.phosphorus,
        particleUm: i.particleUm,
        milling: i.milling,
        role: i.role,
        most: i.most,
        atHand: false,
      })),
    )
  })

  it.each([
    [
      'semicolons and decimal commas',
      'name;protein;fat;fibre;ash;moisture\nMud;5,5;0,6;0,1;0,5;91,5',
    ],
    [
      'a byte-order mark and tabs',
      '\uFEFFName\tProtein\tFat\tFibre\tAsh\tMoisture\r\nMud\t5.5\t0.6\t0.1\t0.5\t91.5\r\n',
    ],
    [
      'quoted decimal commas, columns in another order, per cent signs, blank lines',
      'moisture,name,protein,fat,fibre,ash\n\n"91,5",Mud,"5,5 %","0,6","0,1","0,5"\n\n',
    ],
  ])('reads %s', async (_what, text) => {
    expect(await readIngredients(text)).toMatchObject({
      ok: true,
      rows: [
        {
          name: 'Mud',
          label: { protein: 5.5, fat: 0.6, fibre: 0.1, ash: 0.5, moisture: 91.5 },
          costPerKg: null,
          atHand: true,
        },
      ],
    })
  })

  it.each([
    ['', 'empty'],
    ['name,protein\nMud,1', 'Line 1: “fat”, “fibre”, “ash”, “moisture” are missing'],
    [`${HEAD},protein\nMud,1,1,1,1,1,1`, 'stands twice'],
    [HEAD, 'no ingredient'],
    [`${HEAD}\nMud,5,5,0,6,0,1,0,5,91,5`, 'Line 2 has 11 columns'],
    [`${HEAD}\nGood,1,1,1,1,1\nMud,1,-3,1,1,1`, 'Line 3, column “fat”: “-3”'],
    [`${HEAD}\nMud,140,1,1,1,1`, 'column “protein”: “140”'],
    [`${HEAD}\nMud,60,30,5,5,8`, 'Line 2: protein, fat, fibre, ash and moisture add up to 108 %'],
    [`${HEAD},price_per_kg\nMud,1,1,1,1,1,-4`, 'column “price_per_kg”: “-4”'],
    [`${HEAD},is\nMud,1,1,1,1,1,magic`, '“magic” is none of'],
    [`${HEAD}\n,1,1,1,1,1`, 'column “name”: it is empty'],
    [`${HEAD}\nMud,1,,1,1,1`, 'column “fat”: it is empty'],
    [`${HEAD}\nMud,1,1,1,1,1\nmud,1,1,1,1,1`, '“mud” stands twice'],
    [`${HEAD}\n"Mud,1,1,1,1,1`, 'quotation mark'],
    [`${HEAD}\nMud,0,0,0,0,100`, 'leaves nothing dry'],
  ])('refuses %j by line and column', async (text, said) => {
    expect((await problems(text)).join('\n')).toContain(said)
  })
})
