import type { StopKind } from '../../stopKind'
import { foodOf } from '../../../foods/index'
import { coolDone, coolGiven, type CoolGiven } from './answer'
import { findCools, type CoolStop } from './find'

export const coolStops: StopKind<CoolStop, CoolGiven> = {
  kind: 'cool',
  find: findCools,
  rank: stop => ({ station: 'cultures', hygiene: hygieneOf(stop) }),
  fetch: () => [],
  given: coolGiven,
  done: coolDone,
}

const hygieneOf = ({ culture }: CoolStop) =>
  foodOf(culture.foodId)?.methods.find(m => m.id === culture.methodId)?.hygiene ?? null
