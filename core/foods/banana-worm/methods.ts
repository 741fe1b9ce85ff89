import { nematodeMethods } from '../nematodeMethods'

/** Schools of practice, each with its own numbers. */
export const methods = nematodeMethods('banana worms')
