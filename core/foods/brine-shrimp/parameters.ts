import { LOT_DEFAULTS } from '../../dynamics/hatch/parameters'
import type { HatchFamilyParams } from '../../dynamics/hatch/family'
import { parameter, type ParameterSet } from '../../dynamics/parameter'

/** Loose density of dry cysts, g/mL: working estimate (0.50 to 0.66), weigh your own spoon once. */
export const CYST_DENSITY_G_PER_ML = 0.58

/** Time a vessel needs after its last pull before it can be started again, h. */
export const CLEAN_UP_H = 1

/** How long shells need to rise and nauplii to sink after the air is off, minutes. */
export const SETTLE_MINUTES = 10

/** Longest hold in the fridge that still makes a meal, h (Lavens & Sorgeloos 1996: 24 to 48 h). */
export const CHILLED_HOLD_H = 24

/** A second pull must save at least this share of the cysts to be worth the extra work. */
export const SECOND_PULL_GAIN = 0.08

const LITERATURE = 'Lavens & Sorgeloos 1996; Vanhaecke & Sorgeloos 1982, 1983'

export const parameters: ParameterSet<HatchFamilyParams> = {
  hatchShare: parameter(LOT_DEFAULTS.hatch, 0.15, 'share', LITERATURE, 'medium'),
  cystsPerG: parameter(LOT_DEFAULTS.cystsPerG, 0.05, '/g', LITERATURE, 'medium'),
  speed: parameter(LOT_DEFAULTS.speed, 0.08, 'factor', LITERATURE, 'medium'),
  spread: parameter(LOT_DEFAULTS.spread, 0.15, 'log sd', 'working estimate'),
  cystsGL: parameter(2, 0, 'g/L', LITERATURE, 'high'),
  saltGL: parameter(25, 0, 'g/L', LITERATURE, 'high'),
  pH: parameter(8.2, 0, 'pH', LITERATURE, 'high'),
  lit: parameter(1, 0, 'flag', LITERATURE, 'high'),
  decapsulated: parameter(0, 0, 'flag', LITERATURE, 'high'),
  dryUg: parameter(2.42, 0, 'µg', LITERATURE, 'high'),
  failure: parameter(0.03, 0, 'share', 'working estimate'),
}
