import { brineShrimp } from './brine-shrimp/index'
import { infusoria } from './infusoria/index'
import { paramecium } from './paramecium/index'
import { vinegarEel } from './vinegar-eel/index'
import { microworm } from './microworm/index'
import { bananaWorm } from './banana-worm/index'
import { walterWorm } from './walter-worm/index'
import { grindalWorm } from './grindal-worm/index'
import { whiteWorm } from './white-worm/index'
import { moina } from './moina/index'
import { daphniaPulex } from './daphnia-pulex/index'
import { daphniaMagna } from './daphnia-magna/index'
import { rotifer } from './rotifer/index'
import { copepod } from './copepod/index'
import { greenWater } from './green-water/index'
import { marinePhytoplankton } from './marine-phytoplankton/index'
import { mosquitoLarva } from './mosquito-larva/index'
import { blackworm } from './blackworm/index'
import { scud } from './scud/index'
import type { Food } from './contract'

/** Every food Renatus knows, listed by hand: no file registers itself. */
export const foods: readonly Food[] = [
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

const byId = new Map(foods.map(f => [f.profile.id, f]))
export const foodOf = (id: string): Food | null => byId.get(id) ?? null
