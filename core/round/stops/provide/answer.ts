import * as z from 'zod'
import type { Written } from '../../stopKind'
import type { ProvideStop } from './find'

/** There is nothing to say but that it is seen to: what was started or ordered stands in the log by itself. */
export const provideGiven = z.object({})
export type ProvideGiven = z.infer<typeof provideGiven>

export const provideDone = (stop: ProvideStop): Written => ({
  said: `${stop.subject.name} is seen to.`,
  records: [],
  entries: [],
})
