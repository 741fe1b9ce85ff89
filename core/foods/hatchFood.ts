import { foods } from './index'

/** The food that hatches, with its schools. */
export const hatchFood = foods.find(f => f.profile.family === 'hatch')!
