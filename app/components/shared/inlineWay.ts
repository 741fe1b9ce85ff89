import type { Draft } from '~/db/logbook'

/** Something that can be written down of a thing in place: what is asked for, and what it becomes. */
export interface InlineWay {
  name: string
  fields: readonly {
    label: string
    hint?: string
    /** What stands in the field at first. */
    initial?: string
    options?: readonly { value: string; label: string }[]
  }[]
  /** What is written, or what is wrong with the texts. */
  read(texts: readonly string[]): readonly Draft[] | string
}
