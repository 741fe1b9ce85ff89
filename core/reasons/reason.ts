/** One number that went into a result, as the interface shows it. */
export interface ReasonInput {
  /** Stable name, used in the rule's formula. */
  key: string
  /** What it is, in a breeder's words. */
  label: string
  value: number
  unit: string
  /** Where the value came from: a setting, an entry, the literature. */
  from: string
}

/** Why a number is what it is: the inputs, the rule that joins them, and who says so. */
export interface Reason {
  result: { label: string; value: number; unit: string }
  /** The rule in words. */
  rule: string
  /** The rule in symbols: arithmetic over the input keys, so that anyone can recompute the result. */
  formula: string
  inputs: ReasonInput[]
  source: string
}
