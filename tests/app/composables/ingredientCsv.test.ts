import { describe, expect, it } from 'vitest'
import { readIngredients, writeIngredients } from '~/composables/ingredientCsv'
import { textOf } from '~/composables/textOf'
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
          atHand: null,
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

  it('asks where a comma may be a thousand or a fraction, and reads where it cannot', async () => {
    const line = (price: string) =>
      `${HEAD.replaceAll(',', ';')};price_per_kg\nMud;5;1;1;1;90;${price}`
    expect((await problems(line('1,234')))[0]).toMatch(/line 2.*1234 or 1\.234/i)
    expect(await problems(line('0,234'))).toEqual([])
    expect(await problems(line('12,34'))).toEqual([])
  })
  it('a table that says nothing of what is at hand changes nothing of it', async () => {
    const read = await readIngredients(`${HEAD}\nMud,5,1,1,1,90`)
    expect(read.ok && read.rows[0]!.atHand).toBeNull()
  })
  it('a name that a spreadsheet would take for a formula comes back as it was', async () => {
    const [first] = kitchenIngredients([])
    const list = [
      { ...first!, name: '=SUM(A1)' },
      { ...first!, name: '-5 mesh' },
    ]
    const text = await writeIngredients(list)
    expect(text).toContain("'=SUM(A1)")
    const read = await readIngredients(text)
    expect(read.ok && read.rows.map(r => r.name)).toEqual(['=SUM(A1)', '-5 mesh'])
  })
  it('text of an older spreadsheet is read as it was meant', async () => {
    const windows = new Uint8Array([0x4d, 0xe9, 0x6c, 0x61, 0x6e, 0x67, 0x65])
    const utf16 = new Uint8Array([0xff, 0xfe, 0x4d, 0x00, 0xe9, 0x00])
    expect(await textOf(new Blob([windows]))).toBe('M\u00e9lange')
    expect(await textOf(new Blob([utf16]))).toBe('M\u00e9')
    expect(await textOf(new Blob(['M\u00e9lange']))).toBe('M\u00e9lange')
  })
})
