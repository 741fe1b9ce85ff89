import * as z from 'zod'

const notices = z.array(
  z.object({ name: z.string(), version: z.string(), licence: z.string(), text: z.string() }),
)
export type Notice = z.infer<typeof notices>[number]

/** Licences of what ships in the browser, as the build wrote them down (tools/notices.ts); null where they cannot be read. */
export async function readNotices(): Promise<Notice[] | null> {
  try {
    const answer = await fetch('/_nuxt/notices.json')
    return notices.safeParse(await answer.json()).data ?? null
  } catch {
    return null
  }
}
