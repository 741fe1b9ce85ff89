import { CAUTIONS } from './cautions'
import type { FoodMethod } from './contract'
import { school } from './method'

/**
 * Schools of water fleas: by food, by water, by how they are harvested and renewed.
 * @param water what this species asks of it, to end a sentence
 * @param pours share of the water that may be poured off daily: no more than grows back
 */
export function cladoceranMethods(
  water: string,
  pours: { share: number; words: string },
): readonly FoodMethod[] {
  const usual: FoodMethod = {
    id: 'yeast',
    name: 'Yeast',
    about: 'Proofed baker’s yeast, until the water is just cloudy, again once it has cleared.',
    materials: [
      'tub or tank of 10 L or more',
      'crushed coral',
      'baker’s yeast',
      'fine net',
      'a cup for each tank',
    ],
    vesselRule: '10 L or more, glass or plastic, no bare metal or copper.',
    airRule: 'Coarse bubbles or none: fine ones strand the animals.',
    waterRule: `Aged, filtered or established tank water; ${water}.`,
    measures: [
      { what: 'aged or tank water', unit: 'mL', perL: 1000 },
      { what: 'animals', starter: true, unit: 'each', perL: 2, buy: true },
      { what: 'crushed coral', takes: { coral: 1 }, unit: 'g', perL: 2, buy: true },
      {
        what: 'yeast, a feed',
        takes: { yeast: 1 },
        unit: 'g',
        perL: 0.01,
        gPerMl: 0.63,
        buy: true,
      },
    ],
    starterShare: 0.05,
    leastStarterShare: 0.01,
    start: [
      {
        text: 'Fill with aged or tank water. Copper, chlorine and fresh conditioner kill.',
        cautions: [CAUTIONS.copper],
      },
      {
        text: '20 animals or more, looked through for hydra and dragonfly larvae.',
        cautions: [CAUTIONS.wild],
      },
      { text: 'Coarse bubbles or none, dim to moderate light.' },
      {
        text: 'Yeast in a glass of warm water, proof it, pour until just cloudy.',
        clockMinutes: 10,
        cautions: [CAUTIONS.foul, CAUTIONS.dust],
      },
    ],
    harvest: [
      { text: 'Net or siphon a measured share, rinse.' },
      { text: 'Push them out of the pipette above the water of the tank.' },
      {
        text: 'Never back into the culture. Surplus is frozen.',
        cautions: [CAUTIONS.release, CAUTIONS.kitchen],
      },
    ],
    feed: {
      what: 'yeast, proofed',
      takes: { yeast: 1 },
      unit: 'g',
      perL: 0.008,
      gPerMl: 0.63,
      when: 'clear',
    },
    feedingRule:
      'To just cloudy (8 mg/L), again when it has cleared, at most once a round. Clear water with animals at walls and edges, or see-through yellow water: hungry, feed now. Hold back only while it is cloudy or smells sour.',
    harvestRule: 'A fifth to a third a day at most.',
    renewRule:
      'When the walls are overgrown: 20 to 50 clean animals into a clean vessel; bleach the old one every second or third time, rinse, dry.',
    renewAfterDays: 60,
    hygiene: 'cladocerans',
    failure: 0.2,
    factors: {},
    sets: { assimilation: 0.42, settling: 1.0, rotting: 0.3, risk: 1.1 },
    upkeep: [{ action: 'feed', everyH: 12, fromDay: 0, whenBelow: { key: 'f', value: 3 } }],
    vessel: { volumeL: 10, depthCm: 20, widthCm: 22, matterGPerL: 0 },
  }

  return [
    usual,
    school(
      usual,
      'green-water',
      'Green water',
      'As much green water as fits: it is alive and does not rot.',
      {
        failure: 0.15,
        measures: [
          { what: 'aged or tank water', unit: 'mL', perL: 500 },
          { what: 'green water', unit: 'mL', perL: 500 },
          { what: 'animals', starter: true, unit: 'each', perL: 2, buy: true },
        ],
        feed: { what: 'green water', unit: 'mL', perL: 200, when: 'clear', foodId: 'green-water' },
        feedingRule: 'Green water whenever it has cleared; feed out first, top up after.',
        sets: {
          assimilation: 0.5,
          settling: 0.1,
          rotting: 0.05,
          overfed: 1000000000.0,
          risk: 0.5,
        },
      },
    ),
    school(
      usual,
      'yeast-and-spirulina',
      'Yeast with spirulina',
      'Two parts of yeast, one of spirulina: better than yeast, simpler than algae.',
      {
        failure: 0.18,
        measures: [
          { what: 'aged or tank water', unit: 'mL', perL: 1000 },
          { what: 'animals', starter: true, unit: 'each', perL: 2, buy: true },
          {
            what: 'yeast, a feed',
            takes: { yeast: 1 },
            unit: 'g',
            perL: 0.007,
            gPerMl: 0.63,
            buy: true,
          },
          {
            what: 'spirulina, a feed',
            takes: { spirulina: 1 },
            unit: 'g',
            perL: 0.003,
            gPerMl: 0.47,
            buy: true,
          },
        ],
        feed: {
          what: 'yeast and spirulina, two parts and one',
          takes: { yeast: 2 / 3, spirulina: 1 / 3 },
          unit: 'g',
          perL: 0.008,
          gPerMl: 0.57,
          when: 'clear',
        },
        sets: { assimilation: 0.46, settling: 0.6, rotting: 0.2, risk: 0.8 },
      },
    ),
    school(
      usual,
      'conditioned-water',
      'Conditioned tap water',
      'Tap water with conditioner, stood a day: quick to hand, and a risk at every change.',
      {
        failure: 0.3,
        waterRule: 'Conditioned, stood a day; straight tap only as a last resort in a small share.',
        sets: { assimilation: 0.42, settling: 1.0, rotting: 0.3, badWater: 0.1, risk: 1.3 },
        upkeep: [
          { action: 'feed', everyH: 12, fromDay: 0, whenBelow: { key: 'f', value: 3 } },
          { action: 'waterChange', amount: 0.15, unit: 'share', everyH: 168, fromDay: 7 },
        ],
      },
    ),
    school(
      usual,
      'pour-off',
      `Pour ${pours.words} off daily`,
      `Every day ${pours.words} is poured off and made up with dense green water: needs warmth and much green water, and gives most.`,
      {
        failure: 0.14,
        measures: [
          { what: 'green water of 30 mg/L', unit: 'mL', perL: 1000 },
          { what: 'animals', starter: true, unit: 'each', perL: 50, buy: true },
        ],
        feed: {
          what: 'dense green water',
          unit: 'mL',
          perL: 1000 * pours.share,
          when: 'every',
          everyDays: 1,
          foodId: 'green-water',
        },
        harvestRule: `Each day ${pours.words}, all of it fed out.`,
        sets: {
          assimilation: 0.5,
          settling: 0.1,
          rotting: 0.05,
          overfed: 1000000000.0,
          risk: 0.25,
        },
        upkeep: [
          { action: 'takeOut', amount: pours.share, unit: 'share', everyH: 24, fromDay: 14 },
          { action: 'feed', amount: 30 * pours.share, unit: 'mgPerL', everyH: 24, fromDay: 0 },
        ],
      },
    ),
    school(
      usual,
      'rolling-three',
      'Three vessels in turn',
      'One just reset, one half way, one being fed out: the water is always young.',
      {
        failure: 0.08,
        renewRule: 'Every four weeks the next vessel is reset with 20 to 50 clean animals.',
        renewAfterDays: 28,
        sets: { assimilation: 0.42, settling: 1.0, rotting: 0.3, tanLoss: 0.7, risk: 0.4 },
        upkeep: [
          { action: 'feed', everyH: 12, fromDay: 0, whenBelow: { key: 'f', value: 3 } },
          { action: 'waterChange', amount: 0.3, unit: 'share', everyH: 168, fromDay: 7 },
        ],
      },
    ),
  ]
}
