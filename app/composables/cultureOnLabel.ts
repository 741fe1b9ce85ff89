/** The culture that a code on a label names; null where it is a code of something else. */
export const cultureOnLabel = (text: string): string | null =>
  /\/shelf\/([0-9A-Z]{26})(?![0-9A-Z])/.exec(text)?.[1] ?? null
