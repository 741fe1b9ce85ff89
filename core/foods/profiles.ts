import { profile as brineShrimp } from './brine-shrimp/profile'
import { profile as infusoria } from './infusoria/profile'
import { profile as paramecium } from './paramecium/profile'
import { profile as vinegarEel } from './vinegar-eel/profile'
import { profile as microworm } from './microworm/profile'
import { profile as bananaWorm } from './banana-worm/profile'
import { profile as walterWorm } from './walter-worm/profile'
import { profile as grindalWorm } from './grindal-worm/profile'
import { profile as whiteWorm } from './white-worm/profile'
import { profile as moina } from './moina/profile'
import { profile as daphniaPulex } from './daphnia-pulex/profile'
import { profile as daphniaMagna } from './daphnia-magna/profile'
import { profile as rotifer } from './rotifer/profile'
import { profile as copepod } from './copepod/profile'
import { profile as greenWater } from './green-water/profile'
import { profile as marinePhytoplankton } from './marine-phytoplankton/profile'
import { profile as mosquitoLarva } from './mosquito-larva/profile'
import { profile as blackworm } from './blackworm/profile'
import { profile as scud } from './scud/profile'
import type { FoodProfile } from './contract'

/** What fry know of every live food, in the order of a first ladder. A list of its own, so that a page that only feeds loads no method cards. */
export const foodProfiles: readonly FoodProfile[] = [
  brineShrimp,
  infusoria,
  paramecium,
  vinegarEel,
  microworm,
  bananaWorm,
  walterWorm,
  grindalWorm,
  whiteWorm,
  moina,
  daphniaPulex,
  daphniaMagna,
  rotifer,
  copepod,
  greenWater,
  marinePhytoplankton,
  mosquitoLarva,
  blackworm,
  scud,
]
