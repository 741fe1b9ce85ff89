/** How often vessels were drawn since the page was opened: tests and the bench see by it that nothing is drawn twice. */
export const drawCount = { vessels: 0 }
Object.assign(globalThis, { renatusDrawn: drawCount })
