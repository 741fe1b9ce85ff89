import { breath } from './breath'

/**
 * Fetches scripts one after another, each set up in a task of its own: together they would hold the page up. One that does not
 * come is told by who needs it.
 */
export async function fetchInParts(parts: readonly (() => Promise<unknown>)[]): Promise<void> {
  for (const part of parts) {
    await breath()
    await part().catch(() => null)
  }
}
