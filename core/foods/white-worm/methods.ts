import { enchytraeidMethods } from '../enchytraeidMethods'

/** Schools of practice, each with its own numbers. */
export const methods = enchytraeidMethods('White worms', '10 to 18 °C', 300)
