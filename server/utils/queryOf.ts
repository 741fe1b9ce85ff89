import type { H3Event } from 'h3'
import type * as z from 'zod'

/** The query of a request, checked; 400 with what, where and why when it does not fit. */
export function queryOf<S extends z.ZodType>(event: H3Event, schema: S): z.output<S> {
  const parsed = schema.safeParse(getQuery(event))
  if (parsed.success) return parsed.data
  const issue = parsed.error.issues[0]!
  throw createError({
    statusCode: 400,
    statusMessage: 'Bad query',
    data: { message: `${issue.path.join('.')}: ${issue.message}` },
  })
}
