import { fish, type Species } from './species'

/** Marine fish that are bred at home. */
export const marine: readonly Species[] = [
  fish({
    id: 'clownfish', names: ['Clownfish'], latin: ['Amphiprion ocellaris'], guild: 'omnivore', zones: ['column'], birth: 'eggs', referenceC: 27,
    hatchDays: [7.5, 6.5, 9], swimDays: [0, 0, 0], firstFeedingMm: 4.2, gapePerLength: 0.083, length14Mm: 8.5, length30Mm: 14, adultMm: 85,
    firstFood: 'L or S rotifers 8-12 d; nauplii from day 5-7', timing: 'clownfish larviculture papers', marine: true,
  }),
  fish({
    id: 'orchid-dottyback', names: ['Orchid dottyback'], latin: ['Pseudochromis fridmani'], guild: 'carnivore', zones: ['column'], birth: 'eggs', referenceC: 26.5,
    hatchDays: [4.5, 4, 6], swimDays: [0.5, 0, 1], firstFeedingMm: 3.6, gapePerLength: 0.064, length14Mm: 6.5, length30Mm: 12, adultMm: 60,
    firstFood: 'S rotifers 10-14 d, then nauplii', timing: 'working estimate', marine: true,
  }),
  fish({
    id: 'neon-goby', names: ['Neon goby'], latin: ['Elacatinus'], guild: 'carnivore', zones: ['column'], birth: 'eggs', referenceC: 26,
    hatchDays: [6.5, 5, 8], swimDays: [0.5, 0, 1], firstFeedingMm: 3.3, gapePerLength: 0.058, length14Mm: 5.5, length30Mm: 10, adultMm: 45,
    firstFood: 'SS/S rotifers 15-20 d', timing: 'working estimate', marine: true,
  }),
  fish({
    id: 'banggai-cardinal', names: ['Banggai cardinalfish'], latin: ['Pterapogon kauderni'], guild: 'carnivore', zones: ['column'], birth: 'mouth', referenceC: 27,
    hatchDays: [30, 26, 34], swimDays: [0, 0, 0], firstFeedingMm: 9, gapePerLength: 0.111, length14Mm: 14, length30Mm: 20, adultMm: 75,
    firstFood: 'enriched nauplii at once', timing: 'Banggai larval papers', marine: true,
  }),
  fish({
    id: 'seahorse', names: ['Seahorse'], latin: ['Hippocampus kuda', 'Hippocampus reidi', 'Hippocampus erectus'], guild: 'carnivore', zones: ['column'], birth: 'live', referenceC: 26,
    hatchDays: [14, 11, 21], swimDays: [0, 0, 0], firstFeedingMm: 7.5, gapePerLength: 0.06, length14Mm: 15, length30Mm: 30, adultMm: 140,
    firstFood: 'copepods or enriched nauplii at once (reidi: rotifers, copepods)', timing: 'seahorse rearing papers', shape: 0.35, marine: true,
  }),
]
