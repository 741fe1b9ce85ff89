import { formatCount } from './format'

/** Plurals that do not end in s, and their singulars. */
const SINGULARS: Readonly<Record<string, string>> = {
  nauplii: 'nauplius',
  paramecia: 'paramecium',
  larvae: 'larva',
  daphnia: 'daphnia',
  moina: 'moina',
}

/** True where a number wants the singular: all of one, or a part of it. */
export const isSingular = (n: number): boolean => n > 0 && n <= 1

/** "1 nauplius", "12,400 nauplii". */
export function animalsText(n: number, units: string): string {
  const shown = formatCount(n)
  return `${shown} ${shown === '1' ? (SINGULARS[units] ?? units.replace(/s$/, '')) : units}`
}
