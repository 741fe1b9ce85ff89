import type { EntryData, EntryKind } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { MeasureSystem } from '@renatus/core/units/kitchenMeasures'

/** What a sentence needs to know besides its entry. */
export interface SentenceWords {
  records: readonly AnyRecord[]
  measures: MeasureSystem
  name(id: string): string
  /** A store that was used up has no record any more. */ source(id: string): string
}
export type Sentences<K extends EntryKind> = {
  readonly [P in K]: (data: EntryData<P>, w: SentenceWords) => string
}
