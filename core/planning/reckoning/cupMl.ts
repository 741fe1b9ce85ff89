/** Cup into which a hatch is drawn, mL: until somebody writes down another. */
export const CUP_ML = 200
