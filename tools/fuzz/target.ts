import type { RandomStream } from '@renatus/core/math/random'

/** What was tried, and what became of it. */
interface Tried {
  /** `taken`: it still read well. `refused`: it was refused in words. */
  outcome: 'taken' | 'refused'
  /** What must not be: a crash is thrown and counts by itself. */
  fault: string | null
  input: string
}

/** Something that takes what comes from outside. */
export interface Target {
  name: string
  try(chance: RandomStream): Promise<Tried> | Tried
  end?(): Promise<void> | void
}
