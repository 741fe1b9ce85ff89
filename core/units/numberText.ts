/** How many digits are shown: after the point at the most, or that count at the most. */
export interface Digits {
  decimals?: number
  digits?: number
}

/** Making a formatter costs forty times what using one does: each is made once. */
const kept = new Map<string, Intl.NumberFormat>()
function formatter({ decimals, digits }: Digits): Intl.NumberFormat {
  const key = `${decimals} ${digits}`
  const known = kept.get(key)
  if (known) return known
  const options = digits
    ? { maximumSignificantDigits: digits }
    : { maximumFractionDigits: decimals }
  const made = new Intl.NumberFormat('en-GB', options)
  kept.set(key, made)
  return made
}

/** A number as the app writes it: 12,400 and 0.5; three digits after the point at the most unless told otherwise. */
export const numberText = (n: number, how: Digits = {}): string => formatter(how).format(n)
