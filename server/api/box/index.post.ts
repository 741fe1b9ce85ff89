import { OneAtATime } from '../../utils/oneAtATime'
import { PARCEL_MAX_BYTES, postBox } from '../../utils/postBox'
import { readLimited } from '../../utils/readLimited'

const leaving = new OneAtATime(4)

/** Leaves a locked parcel for another device; answers with the id that takes it. */
export default defineEventHandler(event =>
  leaving.run(event, async () => {
    const bytes = await readLimited(event, PARCEL_MAX_BYTES)
    if (bytes.length === 0)
      throw createError({ statusCode: 400, statusMessage: 'Nothing to pass on' })
    const id = postBox.leave(getRequestIP(event) ?? 'unknown', bytes)
    if (id === null)
      throw createError({
        statusCode: 429,
        statusMessage: 'The post box is full',
        data: { message: 'The post box is full: try again in ten minutes, or pass on a file.' },
      })
    setHeader(event, 'cache-control', 'no-store')
    return { id }
  }),
)
