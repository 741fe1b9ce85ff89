import * as z from 'zod'
import { local } from '~/db/local'
import type { FileProblem } from '~/db/takeFile'
import { NOT_MET, type Met } from './syncFolder'

const hasCode = z.object({ code: z.string() })
const KEY = 'renatus.met'
const met = z.object({
  folder: z.string(),
  seen: z.record(z.string(), z.string()),
  wrote: z.object({ mark: z.string(), stamp: z.string() }).nullable(),
  left: z.record(
    z.string(),
    z.custom<FileProblem>(p => hasCode.safeParse(p).success),
  ),
})

/** What this device remembers of the folder it is tied to; of another folder it remembers nothing. */
export function metIn(folder: string): Met {
  const text = local.get(KEY)
  try {
    const known = met.safeParse(JSON.parse(text ?? 'null'))
    return known.success && known.data.folder === folder ? known.data : NOT_MET
  } catch {
    return NOT_MET
  }
}
export const rememberMet = (folder: string, known: Met) =>
  local.set(KEY, JSON.stringify({ folder, ...known }))
export const forgetMet = () => local.remove(KEY)
