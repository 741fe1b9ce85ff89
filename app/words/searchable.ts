/** Text as it is searched: without capitals and accents. */
export const searchable = (text: string): string =>
  text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '')
