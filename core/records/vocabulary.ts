/** Words that the log and the models share. */

/** What is seen, heard and smelt; each graded from 0. core/foods/<food>/signs.ts puts it in words. */
export const SIGNS = [
  'cloudiness',
  'tint',
  'movers',
  'gathering',
  'film',
  'smell',
  'sediment',
  'climbing',
  'size',
  'pupae',
] as const
export type Sign = (typeof SIGNS)[number]

/** What somebody does to a vessel. */
export const ACTION_KINDS = [
  'feed',
  'dose',
  'stir',
  'topUp',
  'waterChange',
  'takeOut',
  'split',
  'lower',
  'renew',
  'poison',
] as const
export type ActionKind = (typeof ACTION_KINDS)[number]
export const AMOUNT_UNITS = ['g', 'mL', 'share', 'mgPerL'] as const
export type AmountUnit = (typeof AMOUNT_UNITS)[number]

/** What else may swim in a vessel beside what is grown in it. */
export const STRANGERS = [
  'worms',
  'copepods',
  'fleas',
  'rotifers',
  'ciliates',
  'larvae',
  'yeast',
] as const
export type Stranger = (typeof STRANGERS)[number]

/** How a harvest looked in the cup. */
export const HARVEST_GRADES = ['good', 'thin', 'failed'] as const
export type HarvestGrade = (typeof HARVEST_GRADES)[number]

/** Kinds of vessels, by how they are built. */
export const VESSEL_KINDS = [
  'cone',
  'bottle',
  'jar',
  'tub',
  'bucket',
  'tank',
  'tray',
  'box',
] as const
export type VesselKind = (typeof VESSEL_KINDS)[number]

/** How cysts are kept: frozen, cool and dry, at room temperature, or where it is damp too. */
export const LOT_KEEPS = ['freezer', 'fridge', 'room', 'humid'] as const
export type LotKeep = (typeof LOT_KEEPS)[number]

/** How a hatch is run; core/foods/brine-shrimp/methods.ts says what each does. */
export const HATCH_SCHOOLS = [
  'one-pull',
  'two-pulls',
  'keep-and-draw',
  'dark',
  'room-temperature',
  'decapsulated',
  'unrinsed',
] as const
export type HatchSchool = (typeof HATCH_SCHOOLS)[number]

/** Which lot is opened next: the one that loses most by waiting, or the newest, for a brood that must not fail. */
export const LOT_ORDERS = ['ages-first', 'newest-first'] as const

/** Heights of a place, from warm to cool. */
export const LEVELS = ['top', 'middle', 'bottom'] as const
export type Level = (typeof LEVELS)[number]

/** What may not be done to a culture without saying so. */
export const REFUSALS = [
  'cloudy',
  'unready',
  'still-fed',
  'too-much',
  'fresh-conditioner',
  'bleach-near-acid',
  'mother',
  'quarantine',
  'pupae',
] as const
export type RefusalId = (typeof REFUSALS)[number]

/** Where a starter comes from. */
export const ORIGINS = ['bought', 'wild', 'cultures', 'unknown'] as const

/** Rules whose breach ends the cleanliness of a line. */
export const CLEAN_RULES = [
  'shared-tool',
  'tank-water',
  'fed-from-mother',
  'quarantine',
  'after-dirtier-line',
  'wild-starter',
] as const
export type CleanRule = (typeof CLEAN_RULES)[number]

/** What water comes from, and what a vessel is cleaned with. */
export const WATERS = ['aged', 'tank', 'conditioned', 'tap', 'boiled', 'salt', 'medium'] as const
export type Water = (typeof WATERS)[number]
export const CLEANERS = ['hot water', 'bleach'] as const
export type Cleaner = (typeof CLEANERS)[number]

/** What an ingredient of a gel diet is for, and how it gets fine. */
export const INGREDIENT_ROLES = ['feed', 'binder', 'premix', 'pigment'] as const
export type IngredientRole = (typeof INGREDIENT_ROLES)[number]
export const MILLINGS = ['dissolves', 'mill', 'blend'] as const
export type Milling = (typeof MILLINGS)[number]

/** What a gel is poured into or onto, and where it is kept. */
export const GEL_FORMS = ['tray', 'bag', 'coating'] as const
export type GelForm = (typeof GEL_FORMS)[number]
export const COLD_STORES = ['freezer', 'fridge'] as const
export type ColdStore = (typeof COLD_STORES)[number]

/** Whatever a meal can be drawn from. */
export const SOURCE_KINDS = ['culture', 'store'] as const
export type SourceKind = (typeof SOURCE_KINDS)[number]

/** How a store is kept: what it loses a day hangs on it. */
export const STORE_KEEPS = ['fridge', 'freezer', 'brine', 'dry'] as const
export type StoreKeep = (typeof STORE_KEEPS)[number]

/** What a hand measures food by. `each`: single animals; `share`: a part of a vessel. */
export const HAND_UNITS = [
  'mL',
  'cube',
  'pinch',
  'wipe',
  'worm',
  'piece',
  'each',
  'share',
  'g',
] as const
export type HandUnit = (typeof HAND_UNITS)[number]

/** How a stop of a round is answered. */
export const ANSWERS = ['done', 'not-now', 'enough'] as const
export type Answer = (typeof ANSWERS)[number]

/** What can be ordered. */
export const ORDERS = ['starter', 'cysts', 'food', 'material'] as const
export type OrderKind = (typeof ORDERS)[number]

/** How readings of an instrument come in: typed, as its lowest and highest since the last look, from its file, live. */
export const COURSE_SOURCES = ['typed', 'min-max', 'file', 'live'] as const
export type CourseSource = (typeof COURSE_SOURCES)[number]

/** What becomes of cysts whose shells are off. */
export const NAKED_CYSTS = ['hatch', 'feed', 'store', 'lost'] as const
export type NakedCysts = (typeof NAKED_CYSTS)[number]

/** How a culture ends. */
export const ENDINGS = ['used up', 'failed', 'given away', 'discarded', 'reset'] as const
export type Ending = (typeof ENDINGS)[number]

/** Materials that the recipes of foods take; core/foods/materials.ts says what each is. */
export const MATERIALS = [
  'salt',
  'soda',
  'sea-salt',
  'yeast',
  'spirulina',
  'oatmeal',
  'bread',
  'cereal',
  'dry-feed',
  'pellets',
  'dry-leaf',
  'wheat',
  'cider-vinegar',
  'apple',
  'plant-food',
  'f2',
  'algae-paste',
  'coral',
  'gravel',
  'coir',
  'scrub-pads',
  'paper',
  'bleach',
  'thiosulphate',
  'stock-brine',
  'vinegar-mix',
] as const
export type MaterialId = (typeof MATERIALS)[number]

/** What a material is measured by. */
export const MATERIAL_UNITS = ['g', 'mL', 'each'] as const
export type MaterialUnit = (typeof MATERIAL_UNITS)[number]

/** What a trial asks of each of its vessels; core/trials/asks.ts says what each is. */
export const TRIAL_ASKS = [
  'ready-day',
  'density',
  'per-gram',
  'per-cost',
  'hatched',
  'nauplius-size',
  'pull-hours',
  'growth',
  'survival',
  'kept-whole',
  'box-days',
  'minutes',
] as const
export type TrialAsk = (typeof TRIAL_ASKS)[number]

/** How a trial ends: one is best, they are alike, or nobody goes on with it. */
export const TRIAL_ENDS = ['settled', 'alike', 'stopped'] as const
export type TrialEnd = (typeof TRIAL_ENDS)[number]
