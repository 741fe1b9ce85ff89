import type { StartOn } from './problem'

/** One line for a day and a way: what is late is made beside what is due. */
export function together(lines: readonly StartOn[]): StartOn[] {
  const found = new Map<string, StartOn>()
  for (const l of lines) {
    const key = `${l.startable}\n${l.day}`
    found.set(key, { ...l, vessels: l.vessels + (found.get(key)?.vessels ?? 0) })
  }
  return [...found.values()]
}
