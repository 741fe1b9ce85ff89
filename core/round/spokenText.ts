/** Units as they are said, where a letter would be read out as one. */
const SAID: readonly (readonly [RegExp, string])[] = [
  [/(?<=\d)\s?mL\b/g, ' millilitres'],
  [/(?<=\d)\s?L\b/g, ' litres'],
  [/(?<=\d)\s?kg\b/g, ' kilograms'],
  [/(?<=\d)\s?mg\b/g, ' milligrams'],
  [/(?<=\d)\s?g\b/g, ' grams'],
  [/(?<=\d)\s?µm\b/g, ' micrometres'],
  [/(?<=\d)\s?mm\b/g, ' millimetres'],
  [/(?<=\d)\s?cm\b/g, ' centimetres'],
  [/(?<=\d)\s?h\b/g, ' hours'],
  [/(?<=\d)\s?°C/g, ' degrees'],
  [/(?<=\d) ?¼/g, ' and a quarter '],
  [/(?<=\d) ?½/g, ' and a half '],
  [/(?<=\d) ?¾/g, ' and three quarters '],
  [/¼/g, ' a quarter '],
  [/½/g, ' a half '],
  [/¾/g, ' three quarters '],
  [/(?<=\d),(?=\d{3})/g, ''],
]

/** A sentence of a stop as it is read aloud. */
export const spokenText = (text: string): string =>
  SAID.reduce((t, [sign, word]) => t.replace(sign, word), text)
    .replace(/\s+/g, ' ')
    .replace(/ (?=[.,;:?!])/g, '')
    .trim()
