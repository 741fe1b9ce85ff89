import type { H3Event } from 'h3'
import * as z from 'zod'
import { FIELD_KINDS, type FieldKind } from '@renatus/core/estimation/picture/renderField'

const address = z.object({
  field: z.coerce.number().int().min(1).max(1_000_000_000),
  kind: z.enum(Object.keys(FIELD_KINDS) as [FieldKind, ...FieldKind[]]).default('nauplii'),
})

/** Number and kind of a practice field, as the address names them. */
export function fieldOf(event: H3Event): { seed: number; kind: FieldKind } {
  const parsed = address.safeParse({
    field: getRouterParam(event, 'field'),
    kind: getQuery(event).kind,
  })
  if (!parsed.success) {
    throw createError({
      statusCode: 400,
      statusMessage:
        'No such field: a whole number from 1 to 1000000000 and a kind of nauplii, ciliates or daphnids',
    })
  }
  return { seed: parsed.data.field, kind: parsed.data.kind }
}
