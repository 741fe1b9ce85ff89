import type { FileProblem } from '~/db/takeFile'

const mb = (bytes: number) => `${Math.round(bytes / 1024 / 1024)} MB`

/** Why a file was refused: what is wrong, that nothing changed, what to do. */
export function roomFileProblem(problem: FileProblem, mine = 'this room'): string {
  if (problem.code === 'other-room') return OTHER_ROOM(problem.name, mine)
  const what = {
    'huge': () =>
      `The file is ${mb((problem as { bytes: number }).bytes)}; a room is at most ${mb((problem as { maxBytes: number }).maxBytes)}. Choose the file this app exported.`,
    'empty': () => 'The file is empty. Export the room again on the other device.',
    'not-json': () =>
      'The file is damaged or not a room file: it is no readable JSON. Export the room again on the other device.',
    'foreign': () => 'This is not a room file of Renatus. Choose a file named renatus-….json.',
    'newer': () =>
      `The file was written by a newer Renatus (format ${(problem as { version: number }).version}, this one reads ${(problem as { known: number }).known}). Update this device first.`,
    'broken': () =>
      `The file is damaged at “${(problem as { path: string }).path}”: ${(problem as { message: string }).message}. Export the room again on the other device.`,
    'no-room': () => 'The file holds no room. Export the room again on the other device.',
    'sealed': () => 'The file is locked. Type its pass phrase.',
    'wrong-phrase': () =>
      'The pass phrase does not open this file. Type it again: capitals and spaces count.',
    'sealed-here': () =>
      'The file is locked, and over plain http the browser opens no lock. Open Renatus over https or on the machine it runs on (localhost).',
  }[problem.code]()
  return `${what} Nothing was changed here.`
}

export const OTHER_ROOM = (theirs: string, mine: string) =>
  `The file is of another room (“${theirs}”). Two rooms are not mixed, so nothing was changed. To open it here instead of “${mine}”, export this room first, then replace it.`

/** Somebody was quicker: who and when, so that nobody wonders. */
export function answeredElsewhere(
  result: { code: string; by?: string; at?: string; message?: string },
  timeZone: string,
): string {
  if (result.message) return result.message
  const at = result.at
    ? ` at ${new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', minute: '2-digit' }).format(new Date(result.at))}`
    : ''
  const by = result.by ? ` on ${result.by}` : ''
  return `This was answered already${at}${by}, perhaps in another tab. Nothing was written twice.`
}
export const VESSEL_BUSY = (vessel: string) =>
  `${vessel} still holds another hatch: harvest or empty it first.`

/** Of a tap that met no round. */
export const RECKONED_ANEW = 'The round was just being reckoned anew: tap once more.'
