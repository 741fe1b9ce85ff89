import * as z from 'zod'
import { postBox } from '../../utils/postBox'

const parcelId = z.string().regex(/^[0-9a-f]{24}$/)

/** Hands a parcel out, once; later or to anybody else there is none. */
export default defineEventHandler(event => {
  const id = parcelId.safeParse(getRouterParam(event, 'id'))
  const bytes = id.success ? postBox.take(id.data) : null
  if (!bytes) throw createError({ statusCode: 404, statusMessage: 'Nothing waits here' })
  setHeader(event, 'cache-control', 'no-store')
  setHeader(event, 'content-type', 'application/octet-stream')
  return bytes
})
