import { expose } from 'comlink'
import { exportTable, type TableName } from '@renatus/core/formats/tables/exportTable'
import { RenatusDatabase } from '~/db/database'
import { everything } from '~/db/exportRoom'

/** Makes tables of the whole log off the page. */
const maker = {
  async table(database: string, what: TableName): Promise<string> {
    const db = new RenatusDatabase(database)
    try {
      const { records, entries } = await everything(db)
      return exportTable(records, entries, what)
    } finally {
      db.close()
    }
  },
}

export type TableMaker = typeof maker
expose(maker)
