import type { TableName } from '@renatus/core/formats/tables/exportTable'

/** Tables of a room, as they are called. */
export const TABLE_WORDS: Readonly<Record<TableName, string>> = {
  harvests: 'Harvests',
  hatches: 'Hatches',
  looks: 'Looks',
  counts: 'Counts',
  feeds: 'What was fed',
  temperatures: 'Temperatures',
  broods: 'Broods',
  purchases: 'What was bought',
  trials: 'Trials',
  log: 'The whole log',
}
