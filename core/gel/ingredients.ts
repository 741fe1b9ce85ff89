import type { IngredientRole, Milling } from '../records/vocabulary'
import type { Ingredient } from './ingredient'

const FCT = 'food composition tables'
const NRC = 'NRC 2011'
const ESTIMATE = 'working estimate'

type Row = readonly [
  id: string, name: string, protein: number, fat: number, fibre: number, ash: number, moisture: number, calcium: number | null, phosphorus: number | null,
  costPerKg: number, particleUm: number | null, milling: Milling, gPerMl: number, most: number, source: string, role?: IngredientRole, dose?: number,
]

/**
 * Percent as bought, rounded from food composition tables (NRC 2011 for the meals). Prices, grain and density are working estimates,
 * to be replaced by what the user's own bag says. Nori and the meals vary most.
 */
const ROWS: readonly Row[] = [
  ['fish-meal', 'Fish meal', 67, 9.5, 0.5, 15, 8, 4, 2.5, 8, 400, 'mill', 0.56, 0.6, NRC],
  ['krill-meal', 'Krill meal', 58, 16, 5, 11, 7, null, null, 28, 500, 'mill', 0.45, 0.4, `${NRC}, ${ESTIMATE}`],
  ['spirulina', 'Spirulina powder', 57.5, 7.7, 3.6, 6.2, 4.7, 0.12, 0.118, 30, 60, 'mill', 0.5, 0.4, FCT],
  ['soy-flour', 'Soy flour, defatted', 50, 1.2, 17, 6.2, 7.3, 0.24, 0.67, 4, 100, 'mill', 0.5, 0.3, FCT],
  ['yeast', 'Dry yeast', 40.4, 7.6, 26.9, 6, 5.1, 0.03, 0.637, 12, 700, 'mill', 0.6, 0.15, FCT],
  ['wheat-germ', 'Wheat germ', 23.2, 9.7, 13.2, 4.2, 11.1, 0.039, 0.842, 6, 1500, 'mill', 0.4, 0.3, FCT],
  ['oats', 'Rolled oats', 13.2, 6.5, 10.1, 1.9, 10.8, 0.052, 0.41, 2, 3000, 'mill', 0.4, 0.3, FCT],
  ['wheat-flour', 'Wheat flour, white', 10.3, 1, 2.7, 0.5, 11.9, 0.015, 0.108, 1.5, 150, 'mill', 0.55, 0.3, FCT],
  ['nori', 'Nori, dried', 38, 2.5, 34, 9.5, 6, null, null, 60, 3000, 'mill', 0.2, 0.25, `${FCT}, ${ESTIMATE}`],
  ['shrimp', 'Shrimp, raw, peeled', 20.1, 1, 0, 1.4, 76.5, 0.054, 0.244, 14, 500, 'blend', 1, 0.8, FCT],
  ['cod', 'Cod, raw', 17.8, 0.7, 0, 1.2, 80.3, 0.016, 0.203, 16, 500, 'blend', 1, 0.8, FCT],
  ['salmon', 'Salmon, raw', 20.4, 13.4, 0, 1.1, 64.9, 0.009, 0.24, 20, 500, 'blend', 1, 0.5, FCT],
  ['mussel', 'Mussel, raw', 11.9, 2.2, 0, 1.6, 80.6, 0.026, 0.197, 10, 500, 'blend', 1, 0.6, FCT],
  ['squid', 'Squid, raw', 15.6, 1.4, 0, 1.4, 78.6, 0.032, 0.221, 12, 500, 'blend', 1, 0.6, FCT],
  ['beef-heart', 'Beef heart, raw, trimmed', 17.7, 3.9, 0, 1.1, 77.1, 0.007, 0.212, 9, 500, 'blend', 1, 0.5, FCT],
  ['egg', 'Whole egg, raw', 12.6, 9.5, 0, 1.1, 76.2, 0.056, 0.198, 5, null, 'dissolves', 1.03, 0.3, FCT],
  ['egg-yolk', 'Egg yolk, raw', 15.9, 26.5, 0, 1.7, 52.3, 0.129, 0.39, 9, null, 'dissolves', 1.03, 0.3, FCT],
  ['peas', 'Garden peas, skinned', 5.3, 0.4, 4.5, 0.8, 79.5, 0.025, 0.108, 4, 500, 'blend', 1, 0.3, FCT],
  ['spinach', 'Spinach, raw', 2.9, 0.4, 2.2, 1.7, 91.4, 0.099, 0.049, 6, 500, 'blend', 1, 0.25, FCT],
  ['courgette', 'Courgette, raw', 1.2, 0.3, 1, 0.6, 94.8, 0.016, 0.038, 4, 500, 'blend', 1, 0.25, FCT],
  ['fish-oil', 'Fish oil', 0, 100, 0, 0, 0, 0, 0, 25, null, 'dissolves', 0.92, 0.1, FCT],
  ['paprika', 'Paprika, ground', 14.1, 12.9, 34.9, 7.7, 11.2, 0.229, 0.314, 20, 300, 'mill', 0.46, 0.03, FCT, 'pigment', 0.0075],
  ['vitamins', 'Vitamin and mineral premix', 0, 0, 10, 30, 5, null, null, 40, 150, 'mill', 0.6, 0.03, `${ESTIMATE}: the label has the last word`, 'premix', 0.01],
  ['chalk', 'Calcium carbonate', 0, 0, 0, 99, 0.5, 40, 0, 5, 40, 'mill', 0.9, 0.03, 'chemistry', 'premix'],
  ['gelatin', 'Gelatin, dry', 85.6, 0.1, 0, 1.3, 13, 0.055, 0.039, 25, null, 'dissolves', 0.7, 0.25, FCT, 'binder'],
  ['agar', 'Agar, dry', 6.2, 0.3, 7.7, 3.6, 8.7, 0.625, 0.052, 60, null, 'dissolves', 0.55, 0.08, `${FCT}: the rest is mostly undigested gum`, 'binder'],
  ['carrageenan', 'Carrageenan, kappa, dry', 1, 0.2, 5, 25, 10, null, null, 45, null, 'dissolves', 0.7, 0.08, ESTIMATE, 'binder'],
]

/** Collagen: no tryptophan, little that builds a fish. */
const COLLAGEN: readonly string[] = ['gelatin']

export const INGREDIENTS: readonly Ingredient[] = ROWS.map(([id, name, protein, fat, fibre, ash, moisture, calcium, phosphorus, costPerKg, particleUm, milling, gPerMl, most, source, role = 'feed', dose = null]) => ({
  id, name, label: { protein, fat, fibre, ash, moisture }, calcium, phosphorus, costPerKg, particleUm, milling, gPerMl, most, dose, role, collagen: COLLAGEN.includes(id), source,
}))

const byId = new Map(INGREDIENTS.map(i => [i.id, i]))
export const ingredient = (id: string): Ingredient | null => byId.get(id) ?? null
