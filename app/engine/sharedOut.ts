/** So few are read by one: a second reader has the room to read first. */
const FEW = 8

/** The same for the same text: what a reader remembers of a culture is asked of it again. */
const sumOf = (text: string) =>
  [...text].reduce((h, c) => (Math.imul(h, 31) + c.charCodeAt(0)) | 0, 7)

/**
 * Ids shared out among readers, always the same one to the same reader.
 * @returns a list for each reader, which may be empty
 */
export function sharedOut(ids: readonly string[], readers: number): string[][] {
  const shares = Array.from({ length: readers }, (): string[] => [])
  const used = ids.length <= FEW ? 1 : readers
  for (const id of ids) shares[Math.abs(sumOf(id)) % used]!.push(id)
  return shares
}
