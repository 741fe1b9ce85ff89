/** Answers when the server serves. Tests and the demo wait for it. */
export default defineEventHandler(() => ({ ok: true }))
