import { fish, type Species } from './species'

/** Catfish and cichlids: larger eggs, mostly guarded. */
export const catfishAndCichlids: readonly Species[] = [
  fish({
    id: 'cory', names: ['Bronze or peppered cory', 'armoured catfish'], latin: ['Corydoras aeneus', 'Corydoras paleatus'], guild: 'omnivore', zones: ['bottom'], birth: 'eggs', referenceC: 25,
    hatchDays: [4, 3, 5], swimDays: [2.5, 2, 3], firstFeedingMm: 6, gapePerLength: 0.072, length14Mm: 10, length30Mm: 16, adultMm: 62,
    firstFood: 'nauplii and microworms at once', timing: 'working estimate', shape: 1.2,
  }),
  fish({
    id: 'bristlenose', names: ['Bristlenose'], latin: ['Ancistrus'], guild: 'grazer', zones: ['bottom'], birth: 'eggs', referenceC: 26,
    hatchDays: [5, 4, 7], swimDays: [6, 5, 8], firstFeedingMm: 9.5, gapePerLength: 0.074, length14Mm: 14.5, length30Mm: 22, adultMm: 120,
    firstFood: 'biofilm, blanched vegetable, fibre gel', timing: 'working estimate',
  }),
  fish({
    id: 'angelfish', names: ['Freshwater angelfish'], latin: ['Pterophyllum scalare'], guild: 'carnivore', zones: ['column'], birth: 'eggs', referenceC: 28,
    hatchDays: [2.2, 1.7, 2.7], swimDays: [4.5, 4, 6], firstFeedingMm: 4.9, gapePerLength: 0.092, length14Mm: 9, length30Mm: 17, adultMm: 150,
    firstFood: 'nauplii at once', timing: 'larviculture papers', shape: 1.6, shapeFromMm: 12,
  }),
  fish({
    id: 'discus', names: ['Discus'], latin: ['Symphysodon'], guild: 'carnivore', zones: ['column'], birth: 'eggs', referenceC: 29.5,
    hatchDays: [2.5, 2, 3], swimDays: [3, 2.5, 3.5], firstFeedingMm: 5, gapePerLength: 0.084, length14Mm: 10, length30Mm: 21, adultMm: 160,
    firstFood: 'parental mucus; nauplii from day 4-5', timing: 'discus larval papers', shape: 1.6, shapeFromMm: 12,
  }),
  fish({
    id: 'convict-cichlid', names: ['Convict cichlid'], latin: ['Amatitlania nigrofasciata'], guild: 'omnivore', zones: ['bottom', 'column'], birth: 'eggs', referenceC: 26,
    hatchDays: [3, 2.5, 3.5], swimDays: [4.5, 4, 6], firstFeedingMm: 5.4, gapePerLength: 0.093, length14Mm: 9, length30Mm: 15, adultMm: 90,
    firstFood: 'nauplii at once', timing: 'working estimate',
  }),
  fish({
    id: 'kribensis', names: ['Kribensis'], latin: ['Pelvicachromis pulcher'], guild: 'omnivore', zones: ['bottom'], birth: 'eggs', referenceC: 26,
    hatchDays: [3, 2.5, 4], swimDays: [5, 4, 6], firstFeedingMm: 5, gapePerLength: 0.086, length14Mm: 8.5, length30Mm: 13.5, adultMm: 80,
    firstFood: 'nauplii or microworms at once', timing: 'working estimate',
  }),
  fish({
    id: 'ram', names: ['Ram'], latin: ['Mikrogeophagus ramirezi'], guild: 'omnivore', zones: ['bottom'], birth: 'eggs', referenceC: 28,
    hatchDays: [2.2, 1.7, 2.7], swimDays: [4, 3.5, 5], firstFeedingMm: 4.3, gapePerLength: 0.079, length14Mm: 7, length30Mm: 11.5, adultMm: 50,
    firstFood: 'rotifers/vinegar eels 1-3 d + SFB nauplii', timing: 'working estimate',
  }),
  fish({
    id: 'apistogramma', names: ['Dwarf cichlid, Apistogramma'], latin: ['Apistogramma'], guild: 'carnivore', zones: ['bottom'], birth: 'eggs', referenceC: 26.5,
    hatchDays: [3, 2.5, 4], swimDays: [5, 4, 6], firstFeedingMm: 4.6, gapePerLength: 0.08, length14Mm: 7.2, length30Mm: 12, adultMm: 65,
    firstFood: 'nauplii + microworms at once', timing: 'working estimate',
  }),
  fish({
    id: 'mbuna', names: ['Mbuna'], latin: ['Maylandia', 'Pseudotropheus'], guild: 'grazer', zones: ['bottom', 'column'], birth: 'mouth', referenceC: 27,
    hatchDays: [21, 18, 25], swimDays: [0, 0, 0], firstFeedingMm: 10.5, gapePerLength: 0.09, length14Mm: 15, length30Mm: 23, adultMm: 110,
    firstFood: 'nauplii, crumbled algal feed', timing: 'working estimate',
  }),
]
