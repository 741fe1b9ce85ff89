/** Without this an unknown address under /api would answer with the page itself. */
export default defineEventHandler(() => {
  throw createError({ statusCode: 404, statusMessage: 'No such route' })
})
