import type { FoodProfile } from '../contract'

/** Newly hatched brine shrimp (Artemia), medium strain: the width is that of the body without antennae. */
export const profile: FoodProfile = {
  id: 'brine-shrimp',
  name: 'Brine shrimp nauplii',
  units: 'nauplii',
  family: 'hatch',
  lengthUm: 486,
  criticalWidthUm: 180,
  dryUg: 2.42,
  sizes: [],
  cutToGapeUm: null,
  worm: false,
  zone: 'suspended',
  nutrition: 1,
  nutritionSmall: 1,
  aliveInTankH: 4,
  aliveInSeaH: 999,
  captureShare: 0.75,
  floorPerMl: 0.5,
  protein: 0.54,
  uneatenShare: 0.15,
  portion: null,
  tips: [
    {
      when: 'surface',
      text: 'They swim to light: a lamp at one end, or feed just before lights-on so that they spread before they gather.',
    },
    {
      when: 'column',
      text: 'Feed just before lights-on, so that they spread before they gather at the light.',
    },
    {
      when: 'bottom',
      text: 'They gather at the light: a dim lamp low at the glass brings them down to fry near the bottom.',
    },
    {
      when: 'always',
      text: 'They die within hours in fresh water: give what is eaten in one go, siphon what is not.',
    },
    {
      when: 'marine',
      text: 'For marine fry hold the harvest until the second stage and enrich it: first-stage nauplii lack the long-chain fats these larvae need.',
    },
  ],
  source:
    'Vanhaecke & Sorgeloos 1980; Lavens & Sorgeloos 1996; hours alive in fresh water: sources disagree (1 to 6)',
}
