import type * as z from 'zod'
import * as estimate from './estimate'
import * as foods from './foods'
import * as hatch from './hatch'
import * as ladder from './ladder'
import * as plan from './plan'
import * as round from './round'
import * as salt from './salt'
import * as saltOf from './saltOf'
import * as simulate from './simulate'
import * as species from './species'

/** A headless command: two schemas and a function between them. */
export interface Command { input: z.ZodType, output: z.ZodType, run(input: unknown): unknown, /** Needs no input document. */ list?: boolean }

const command = <I extends z.ZodType, O extends z.ZodType>(c: { input: I, output: O, run(input: z.output<I>): z.input<O> | Promise<z.input<O>> }): Command => c as unknown as Command

export const COMMANDS: Record<string, Command> = {
  'salt': command(salt),
  'salt-of': command(saltOf),
  'hatch': command(hatch),
  'species': { ...command(species), list: true },
  'ladder': command(ladder),
  'foods': { ...command(foods), list: true },
  'simulate': command(simulate),
  'plan': command(plan),
  'round': command(round),
  'estimate': command(estimate),
}

/** Commands that come with later parts of core. */
export const NOT_YET = new Set(['gel-formula', 'gel-batch'])
