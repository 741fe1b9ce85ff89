import { enchytraeidMethods } from '../enchytraeidMethods'

/** Schools of practice, each with its own numbers. */
export const methods = enchytraeidMethods('Grindal worms', '20 to 26 °C', 180)
