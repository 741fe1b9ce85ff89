import type { FoodProfile } from '../contract'

/** Newly hatched brine shrimp (Artemia), medium strain: the width is that of the body without antennae. */
export const profile: FoodProfile = {
  id: 'brine-shrimp',
  name: 'Brine shrimp nauplii',
  family: 'hatch',
  lengthUm: 486,
  criticalWidthUm: 180,
  dryUg: 2.42,
  zone: 'suspended',
  aliveInTankH: 6,
  captureShare: 0.75,
  floorPerMl: 0.5,
  source: 'Vanhaecke & Sorgeloos 1980; Lavens & Sorgeloos 1996; hours alive in fresh water: working estimate',
}
