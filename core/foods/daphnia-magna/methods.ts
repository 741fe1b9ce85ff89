import { cladoceranMethods } from '../cladoceranMethods'

/** Schools of practice, each with its own numbers. */
export const methods = cladoceranMethods(
  'calcium and carbonate hardness, over 100 mg CaCO3 per litre',
  { share: 0.25, words: 'a quarter' },
)
