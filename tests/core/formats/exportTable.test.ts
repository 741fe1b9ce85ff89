import papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { exportTable, TABLE_NAMES, type TableName } from '@renatus/core/formats/tables/exportTable'
import { effectiveEntries } from '@renatus/core/records/effectiveEntries'
import { ofKind } from '@renatus/core/records/effectiveEntries'
import { demoAt } from '../../../tools/rooms/demoAt'
import { log } from '../room'

const demo = demoAt('2026-03-24T05:34:00.000Z', 'Europe/Berlin')
const standing = effectiveEntries(demo.entries)
const read = (what: TableName, entries = demo.entries) =>
  papa.parse<Record<string, string>>(exportTable(demo.records, entries, what).trimEnd(), {
    header: true,
  })

/** Columns that somebody's spreadsheet hangs on: a change here is a change of the format (docs/files.md). */
const COLUMNS: Record<TableName, string> = {
  harvests: 'at culture food share drawn_mL animals energy seen finished round',
  hatches:
    'started_at bottle school lot water_L salt_g cysts_g soda_g temperature_C lit decapsulated pulls first_pull_h nauplii',
  looks: 'at culture food sign grade by',
  counts: 'at of food drops animals drop_mL per_mL how',
  feeds: 'at tank food animals energy amount unit source round',
  temperatures: 'at kind what height temperature_C how',
  broods: 'on brood fish what fry length_mm',
  purchases: 'at kind name amount unit price currency months',
  trials:
    'started question asks unit differs_in planned arm label place measured hit of lost ended how arm_mean arm_p10 arm_p90 arm_best',
  log: 'at by kind about says',
}

describe('tables for spreadsheets', () => {
  it.each(TABLE_NAMES)(
    '%s: the columns are those of the docs, and every row has them all',
    what => {
      const { meta, data, errors } = read(what)
      expect(errors).toEqual([])
      expect(meta.fields!.join(' ')).toBe(COLUMNS[what])
      expect(data.length).toBeGreaterThan(0)
      for (const row of data) expect(Object.keys(row)).toHaveLength(meta.fields!.length)
    },
  )

  it('hold everything that the log holds, and sums agree with it', () => {
    expect(read('harvests').data).toHaveLength(ofKind(standing, 'culture.harvested').length)
    const fed = ofKind(standing, 'tank.fed').flatMap(e => e.data.portions)
    const rows = read('feeds').data
    expect(rows).toHaveLength(fed.length)
    const sum = (xs: readonly number[]) => xs.reduce((a, b) => a + b, 0)
    expect(sum(rows.map(r => Number(r.animals)))).toBeCloseTo(sum(fed.map(p => p.organisms)), 0)
    expect(sum(read('hatches').data.map(r => Number(r.cysts_g)))).toBeCloseTo(
      sum(
        standing.flatMap(e =>
          e.kind === 'culture.started' && e.data.hatch ? [e.data.hatch.cystsG] : [],
        ),
      ),
      6,
    )
    expect(rows.every(r => r.tank !== '')).toBe(true)
  })

  it('leave out what was undone, and write what looks like a formula as text', () => {
    const note = log('2026-03-23T10:00:00.000Z', 'note', { text: '=1+1' })
    const bought = log('2026-03-23T10:00:00.000Z', 'purchase.made', {
      purchaseId: demo.records[0]!.id,
      of: { type: 'thing', id: 'x' },
      name: '=cmd()',
      amount: 1,
      unit: 'each',
      price: 3,
    })
    const undo = log('2026-03-23T10:01:00.000Z', 'undone', { act: bought.act })
    const with_ = read('purchases', [...demo.entries, note, bought])
    expect(with_.data.at(-1)!.name).toBe("'=cmd()")
    expect(read('purchases', [...demo.entries, bought, undo]).data).toHaveLength(
      with_.data.length - 1,
    )
  })
})
