import type { Food } from './contract'

/**
 * By how much parameters mostly lie off the book in a room that has taught nothing yet, as shifts of their logarithms:
 * those of which the food says so, and no others.
 */
export function roomLogShifts({ parameters }: Pick<Food, 'parameters'>): Record<string, number> {
  const shifts: Record<string, number> = {}
  for (const [key, { roomLogShift }] of Object.entries(parameters))
    if (roomLogShift) shifts[key] = roomLogShift
  return shifts
}
