import type * as z from 'zod'

/** A headless command: two schemas and a function between them. */
export interface Command {
  input: z.ZodType
  output: z.ZodType
  run(input: unknown): unknown
}

interface Typed<I extends z.ZodType, O extends z.ZodType> {
  input: I
  output: O
  run(input: z.output<I>): z.input<O> | Promise<z.input<O>>
}
const command = async <I extends z.ZodType, O extends z.ZodType>(
  module: Promise<Typed<I, O>>,
): Promise<Command> => (await module) as unknown as Command

/** Each is loaded when it is asked for: a script that weighs salt does not wait for the solver. */
export const COMMANDS: Record<string, () => Promise<Command>> = {
  'salt': () => command(import('./salt')),
  'salt-of': () => command(import('./saltOf')),
  'decapsulate': () => command(import('./decapsulate')),
  'soda': () => command(import('./soda')),
  'dose': () => command(import('./dose')),
  'temperatures': () => command(import('./temperatures')),
  'alarms': () => command(import('./alarms')),
  'hatch': () => command(import('./hatch')),
  'species': () => command(import('./species')),
  'ladder': () => command(import('./ladder')),
  'foods': () => command(import('./foods')),
  'simulate': () => command(import('./simulate')),
  'plan': () => command(import('./plan')),
  'round': () => command(import('./round')),
  'sources': () => command(import('./sources')),
  'answer': () => command(import('./answer')),
  'estimate': () => command(import('./estimate')),
  'stores': () => command(import('./stores')),
  'trial': () => command(import('./trial')),
  'export': () => command(import('./export')),
  'practice': () => command(import('./practice')),
  'scenarios': () => command(import('./scenarios')),
  'merge': () => command(import('./merge')),
  'gel-formula': () => command(import('./gelFormula')),
  'gel-batch': () => command(import('./gelBatch')),
}

/** Commands that need no input document. */
export const LISTS = new Set(['species', 'foods', 'scenarios'])
