import { cladoceranMethods } from '../cladoceranMethods'

/** Schools of practice, each with its own numbers. */
export const methods = cladoceranMethods('stand conditioned water for a day', {
  share: 0.5,
  words: 'half',
})
