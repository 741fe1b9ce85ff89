import { ROOM_FILE_MAX_BYTES } from '@renatus/core/formats/roomFile'
import { OneAtATime } from '../utils/oneAtATime'
import { planThread } from '../utils/planThread'
import { readLimited } from '../utils/readLimited'

const LIMIT_MS = 120_000
/** A plan fills a core: two at once are all that a small machine bears. */
const plans = new OneAtATime(2)

/** Plans a room that is sent along, for a phone that is too weak for it. Nothing of it is kept here. */
export default defineEventHandler(event =>
  plans.run(event, async () => {
    const body = (await readLimited(event, ROOM_FILE_MAX_BYTES)).toString('utf8')
    const gone = new AbortController()
    event.node.res.once('close', () => gone.abort())
    const { status, message, plan } = await planThread(body, LIMIT_MS, gone.signal)
    if (status !== 200)
      throw createError({
        statusCode: status,
        statusMessage: 'Cannot plan',
        data: { message: message ?? '' },
      })
    return plan
  }),
)
