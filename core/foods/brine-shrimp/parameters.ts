import { LOT_DEFAULTS } from '../../dynamics/hatch/parameters'
import type { HatchFamilyParams } from '../../dynamics/hatch/family'
import { parameter, type ParameterSet } from '../../dynamics/parameter'

const LITERATURE = 'Lavens & Sorgeloos 1996; Vanhaecke & Sorgeloos 1982, 1983'

export const parameters: ParameterSet<HatchFamilyParams> = {
  hatchShare: parameter(LOT_DEFAULTS.hatch, 0.15, 'share', LITERATURE, 'medium'),
  cystsPerG: parameter(LOT_DEFAULTS.cystsPerG, 0.05, '/g', LITERATURE, 'medium'),
  speed: { ...parameter(LOT_DEFAULTS.speed, 0.08, 'factor', LITERATURE, 'medium'), roomLogSd: 0.2 },
  spread: parameter(LOT_DEFAULTS.spread, 0.15, 'log sd', 'working estimate'),
  cystsGL: parameter(2, 0, 'g/L', LITERATURE, 'high'),
  saltGL: parameter(25, 0, 'g/L', LITERATURE, 'high'),
  pH: parameter(8.2, 0, 'pH', LITERATURE, 'high'),
  lit: parameter(1, 0, 'flag', LITERATURE, 'high'),
  decapsulated: parameter(0, 0, 'flag', LITERATURE, 'high'),
  dryUg: parameter(2.42, 0, 'µg', LITERATURE, 'high'),
  failure: parameter(0.03, 0, 'share', 'working estimate'),
}
