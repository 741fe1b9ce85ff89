/** Of a log, in the table of this device: written anew by what changes the log otherwise than by adding to its end. */
export const GENERATION_KEY = 'generation'
