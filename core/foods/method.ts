import type { FoodMethod } from './contract'

/** A method from what differs to a base: schools of one food share most of their card. */
export const school = (
  base: FoodMethod,
  id: string,
  name: string,
  about: string,
  more: Partial<FoodMethod>,
): FoodMethod => ({ ...base, id, name, about, ...more })
