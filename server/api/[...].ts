import { noRoute } from '../utils/noRoute'

/** Without this an unknown address under /api would answer with the page itself. */
export default defineEventHandler(noRoute)
