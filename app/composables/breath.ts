/** Lets the browser paint and answer a finger between two pieces of work: two short tasks instead of a long one. */
export const breath = (): Promise<void> => new Promise(resolve => setTimeout(resolve))
