import { fish, type Species } from './species'

/** Labyrinth fish, and small perch-like fish of weed and moss. */
export const labyrinthAndPerch: readonly Species[] = [
  fish({
    id: 'betta', names: ['Betta'], latin: ['Betta splendens'], guild: 'carnivore', zones: ['surface'], birth: 'eggs', referenceC: 27.5,
    hatchDays: [1.5, 1, 2], swimDays: [2.7, 2, 3.5], firstFeedingMm: 3.7, gapePerLength: 0.076, length14Mm: 6.5, length30Mm: 11.5, adultMm: 60,
    firstFood: 'vinegar eels/ciliates/rotifers 2-4 d, then nauplii', timing: 'betta larviculture papers',
  }),
  fish({
    id: 'dwarf-gourami', names: ['Dwarf gourami'], latin: ['Trichogaster lalius'], guild: 'omnivore', zones: ['surface'], birth: 'eggs', referenceC: 28,
    hatchDays: [0.8, 0.6, 1.2], swimDays: [3, 2, 4], firstFeedingMm: 2.9, gapePerLength: 0.045, length14Mm: 4.8, length30Mm: 9, adultMm: 75,
    firstFood: 'ciliates, green water 7-10 d; S rotifers day 3-4', timing: 'working estimate', shape: 1.1,
  }),
  fish({
    id: 'pearl-gourami', names: ['Pearl or blue gourami'], latin: ['Trichopodus'], guild: 'omnivore', zones: ['surface'], birth: 'eggs', referenceC: 27.5,
    hatchDays: [1, 0.8, 1.3], swimDays: [3, 2, 4], firstFeedingMm: 3.1, gapePerLength: 0.048, length14Mm: 5.2, length30Mm: 10, adultMm: 110,
    firstFood: 'ciliates 5-8 d, rotifers, nauplii day 8-10', timing: 'working estimate', shape: 1.1,
  }),
  fish({
    id: 'scarlet-badis', names: ['Scarlet badis'], latin: ['Dario dario'], guild: 'carnivore', zones: ['bottom', 'column'], birth: 'eggs', referenceC: 24,
    hatchDays: [2.5, 2, 3.5], swimDays: [5, 4, 6], firstFeedingMm: 2.9, gapePerLength: 0.052, length14Mm: 5, length30Mm: 8, adultMm: 20,
    firstFood: 'ciliates, vinegar eels; nauplii in the second or third week', timing: 'working estimate',
  }),
  fish({
    id: 'pygmy-sunfish', names: ['Everglades pygmy sunfish'], latin: ['Elassoma evergladei'], guild: 'carnivore', zones: ['column'], birth: 'eggs', referenceC: 22,
    hatchDays: [3, 2.5, 4], swimDays: [4, 3, 5], firstFeedingMm: 3.2, gapePerLength: 0.062, length14Mm: 5.5, length30Mm: 9, adultMm: 30,
    firstFood: 'ciliates, vinegar eels; nauplii from the second week', timing: 'working estimate',
  }),
  fish({
    id: 'peacock-gudgeon', names: ['Peacock gudgeon'], latin: ['Tateurndina ocellicauda'], guild: 'carnivore', zones: ['bottom', 'column'], birth: 'eggs', referenceC: 26,
    hatchDays: [6.5, 5, 8], swimDays: [1.5, 1, 2.5], firstFeedingMm: 4.6, gapePerLength: 0.072, length14Mm: 7.5, length30Mm: 12, adultMm: 65,
    firstFood: 'nauplii within days, microworms before', timing: 'working estimate',
  }),
]
