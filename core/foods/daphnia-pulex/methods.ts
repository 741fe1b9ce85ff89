import { cladoceranMethods } from '../cladoceranMethods'

/** Schools of practice, each with its own numbers. */
export const methods = cladoceranMethods('calcium and carbonate hardness', {
  share: 0.25,
  words: 'a quarter',
})
