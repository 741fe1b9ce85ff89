/** Shorter logs are read whole: there is nothing to be won. */
export const WORTH_SETTLING = 3000
