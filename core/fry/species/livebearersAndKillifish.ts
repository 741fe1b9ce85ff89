import { fish, type Species } from './species'

/** Live-bearers, rice fish, killifish and rainbowfish. */
export const livebearersAndKillifish: readonly Species[] = [
  fish({
    id: 'guppy', names: ['Guppy'], latin: ['Poecilia reticulata'], guild: 'omnivore', zones: ['surface'], birth: 'live', referenceC: 25,
    hatchDays: [27, 22, 32], swimDays: [0, 0, 0], firstFeedingMm: 7, gapePerLength: 0.074, length14Mm: 11, length30Mm: 17, adultMm: 45,
    firstFood: 'nauplii, fine crumb at once', timing: 'live-bearer literature',
  }),
  fish({
    id: 'molly', names: ['Molly'], latin: ['Poecilia sphenops', 'Poecilia latipinna'], guild: 'grazer', zones: ['surface', 'column'], birth: 'live', referenceC: 26,
    hatchDays: [30, 26, 42], swimDays: [0, 0, 0], firstFeedingMm: 9, gapePerLength: 0.072, length14Mm: 13, length30Mm: 20, adultMm: 90,
    firstFood: 'crumb with algae, nauplii', timing: 'working estimate',
  }),
  fish({
    id: 'platy-swordtail', names: ['Platy or swordtail'], latin: ['Xiphophorus'], guild: 'omnivore', zones: ['column'], birth: 'live', referenceC: 25,
    hatchDays: [28, 24, 35], swimDays: [0, 0, 0], firstFeedingMm: 8, gapePerLength: 0.074, length14Mm: 12, length30Mm: 18, adultMm: 70,
    firstFood: 'nauplii, crumb at once', timing: 'working estimate',
  }),
  fish({
    id: 'medaka', names: ['Medaka'], latin: ['Oryzias latipes'], guild: 'omnivore', zones: ['surface'], birth: 'eggs', referenceC: 26,
    hatchDays: [9, 7, 11], swimDays: [0.3, 0, 1], firstFeedingMm: 4.7, gapePerLength: 0.06, length14Mm: 7.2, length30Mm: 12, adultMm: 34,
    firstFood: 'Paramecium/fine dry 3-5 d, then nauplii', timing: 'medaka husbandry literature',
  }),
  fish({
    id: 'killifish', names: ['Non-annual killifish', 'lyretail killifish'], latin: ['Aphyosemion', 'Fundulopanchax'], guild: 'carnivore', zones: ['surface', 'column'], birth: 'eggs', referenceC: 23,
    hatchDays: [16, 12, 21], swimDays: [0.2, 0, 1], firstFeedingMm: 5, gapePerLength: 0.08, length14Mm: 8, length30Mm: 13, adultMm: 55,
    firstFood: 'nauplii at once (vinegar eels for small species)', timing: 'working estimate',
  }),
  fish({
    id: 'annual-killifish', names: ['Annual killifish', 'nothos'], latin: ['Nothobranchius'], guild: 'carnivore', zones: ['column'], birth: 'diapause', referenceC: 26,
    hatchDays: [90, 30, 240], swimDays: [0.2, 0, 1], firstFeedingMm: 5, gapePerLength: 0.084, length14Mm: 14, length30Mm: 35, adultMm: 60,
    firstFood: 'nauplii at once', timing: 'annual killifish husbandry literature',
  }),
  fish({
    id: 'rainbowfish', names: ['Rainbowfish'], latin: ['Melanotaenia boesemani', 'Glossolepis incisus'], guild: 'omnivore', zones: ['surface'], birth: 'eggs', referenceC: 26,
    hatchDays: [7, 6, 9], swimDays: [0.5, 0.3, 1], firstFeedingMm: 4.4, gapePerLength: 0.05, length14Mm: 6.5, length30Mm: 10.5, adultMm: 95,
    firstFood: 'rotifers/ciliates, vinegar eels 7 d', timing: 'rainbowfish larval papers', shape: 0.8, shapeToMm: 15,
  }),
  fish({
    id: 'blue-eyes', names: ['Blue-eyes'], latin: ['Pseudomugil'], guild: 'carnivore', zones: ['surface'], birth: 'eggs', referenceC: 26,
    hatchDays: [14, 10, 18], swimDays: [0.3, 0, 1], firstFeedingMm: 4.7, gapePerLength: 0.051, length14Mm: 7, length30Mm: 11, adultMm: 35,
    firstFood: 'rotifers, vinegar eels 5-7 d', timing: 'working estimate',
  }),
]
