import * as z from 'zod'

/** What is remembered of the room outside of its database. */
export const marker = z.object({
  name: z.string(),
  entries: z.number().int().min(0),
  exportedAt: z.string().nullable(),
})
