import { foodProfiles } from './profiles'

/** The food that hatches from cysts, and the same animals frozen. */
export const hatchProfile = foodProfiles.find(p => p.family === 'hatch')!
export const NAUPLII = hatchProfile.id
