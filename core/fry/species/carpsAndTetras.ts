import { fish, type Species } from './species'

/** Danios, barbs, carps and tetras: eggs scattered, small mouths. */
export const carpsAndTetras: readonly Species[] = [
  fish({
    id: 'zebrafish', names: ['Zebrafish', 'zebra danio'], latin: ['Danio rerio'], guild: 'omnivore', zones: ['column', 'surface'], birth: 'eggs', referenceC: 28.5,
    hatchDays: [2.7, 2, 3.5], swimDays: [2.3, 2, 3], firstFeedingMm: 3.8, gapePerLength: 0.066, length14Mm: 6.8, length30Mm: 12, adultMm: 38,
    firstFood: 'Paramecium or S rotifers 3-5 d, then nauplii', timing: 'zebrafish husbandry literature',
  }),
  fish({
    id: 'celestial-pearl-danio', names: ['Celestial pearl danio'], latin: ['Danio margaritatus'], guild: 'carnivore', zones: ['column'], birth: 'eggs', referenceC: 25,
    hatchDays: [3, 2.5, 4], swimDays: [3, 2, 4], firstFeedingMm: 3.5, gapePerLength: 0.054, length14Mm: 5.8, length30Mm: 9.5, adultMm: 22,
    firstFood: 'ciliates, vinegar eels; nauplii day 7-10', timing: 'working estimate',
  }),
  fish({
    id: 'white-cloud', names: ['White cloud minnow'], latin: ['Tanichthys albonubes'], guild: 'omnivore', zones: ['surface'], birth: 'eggs', referenceC: 22,
    hatchDays: [2, 1.5, 3], swimDays: [3, 2, 4], firstFeedingMm: 3.8, gapePerLength: 0.055, length14Mm: 6, length30Mm: 10, adultMm: 38,
    firstFood: 'ciliates, vinegar eels, fine dry; nauplii day 7-8', timing: 'working estimate',
  }),
  fish({
    id: 'harlequin-rasbora', names: ['Harlequin rasbora'], latin: ['Trigonostigma heteromorpha'], guild: 'omnivore', zones: ['column'], birth: 'eggs', referenceC: 26,
    hatchDays: [1, 0.8, 1.3], swimDays: [4, 3, 5], firstFeedingMm: 3.5, gapePerLength: 0.051, length14Mm: 5.6, length30Mm: 9, adultMm: 40,
    firstFood: 'ciliates, rotifers; nauplii day 8-10', timing: 'working estimate',
  }),
  fish({
    id: 'tiger-barb', names: ['Tiger barb'], latin: ['Puntigrus tetrazona'], guild: 'omnivore', zones: ['column'], birth: 'eggs', referenceC: 26,
    hatchDays: [1.3, 1, 1.6], swimDays: [3.5, 3, 5], firstFeedingMm: 4, gapePerLength: 0.068, length14Mm: 6.8, length30Mm: 12, adultMm: 60,
    firstFood: 'rotifers/ciliates 2-4 d; small nauplii early', timing: 'ornamental extension manuals',
  }),
  fish({
    id: 'cherry-barb', names: ['Cherry barb'], latin: ['Puntius titteya'], guild: 'omnivore', zones: ['column'], birth: 'eggs', referenceC: 26,
    hatchDays: [1.2, 1, 2], swimDays: [3, 2, 4], firstFeedingMm: 3.7, gapePerLength: 0.057, length14Mm: 6, length30Mm: 10, adultMm: 45,
    firstFood: 'ciliates, vinegar eels; nauplii day 6-8', timing: 'working estimate',
  }),
  fish({
    id: 'goldfish', names: ['Goldfish'], latin: ['Carassius auratus'], guild: 'omnivore', zones: ['column'], birth: 'eggs', referenceC: 22,
    hatchDays: [4, 3, 5], swimDays: [2, 1.5, 3], firstFeedingMm: 5.8, gapePerLength: 0.066, length14Mm: 9.5, length30Mm: 17, adultMm: 180,
    firstFood: 'nauplii or small Moina at once', timing: 'larviculture papers',
  }),
  fish({
    id: 'carp', names: ['Koi, common carp'], latin: ['Cyprinus carpio'], guild: 'omnivore', zones: ['column'], birth: 'eggs', referenceC: 23,
    hatchDays: [3.5, 2.5, 4.5], swimDays: [2.5, 2, 3.5], firstFeedingMm: 6.4, gapePerLength: 0.066, length14Mm: 12, length30Mm: 23, adultMm: 600,
    firstFood: 'nauplii or rotifers + nauplii at once', timing: 'Bryant & Matty 1980, carp larviculture papers',
  }),
  fish({
    id: 'neon-tetra', names: ['Neon tetra'], latin: ['Paracheirodon innesi'], guild: 'carnivore', zones: ['column'], birth: 'eggs', referenceC: 25,
    hatchDays: [1, 0.9, 1.3], swimDays: [4.5, 4, 5.5], firstFeedingMm: 3.4, gapePerLength: 0.047, length14Mm: 5, length30Mm: 8, adultMm: 32,
    firstFood: 'ciliates, S rotifers 5-8 d, then nauplii', timing: 'ornamental extension literature',
  }),
  fish({
    id: 'cardinal-tetra', names: ['Cardinal tetra'], latin: ['Paracheirodon axelrodi'], guild: 'carnivore', zones: ['column'], birth: 'eggs', referenceC: 27,
    hatchDays: [0.9, 0.7, 1.1], swimDays: [4.5, 3.5, 5.5], firstFeedingMm: 3.5, gapePerLength: 0.049, length14Mm: 5.2, length30Mm: 8.5, adultMm: 38,
    firstFood: 'ciliates, S rotifers 5-8 d', timing: 'working estimate',
  }),
  fish({
    id: 'black-tetra', names: ['Black tetra'], latin: ['Gymnocorymbus ternetzi'], guild: 'omnivore', zones: ['column'], birth: 'eggs', referenceC: 26,
    hatchDays: [0.9, 0.7, 1.2], swimDays: [4, 3, 5], firstFeedingMm: 3.9, gapePerLength: 0.064, length14Mm: 6.5, length30Mm: 12, adultMm: 55,
    firstFood: 'ciliates/rotifers 3-4 d, then nauplii', timing: 'working estimate',
  }),
  fish({
    id: 'small-tetras', names: ['Lemon and ember tetras'], latin: ['Hyphessobrycon'], guild: 'carnivore', zones: ['column'], birth: 'eggs', referenceC: 26,
    hatchDays: [1, 0.8, 1.3], swimDays: [4.5, 3.5, 5.5], firstFeedingMm: 3.5, gapePerLength: 0.051, length14Mm: 5.4, length30Mm: 9, adultMm: 35,
    firstFood: 'ciliates, S rotifers 5-7 d', timing: 'working estimate',
  }),
]
