import type { StopKind } from '../../stopKind'
import { vesselDone, vesselGiven, vesselTooMuch, type VesselGiven } from './answer'
import { vesselFetch } from './fetch'
import { findVessels, type VesselStop } from './find'

export const vesselStops: StopKind<VesselStop, VesselGiven> = {
  kind: 'vessel',
  find: findVessels,
  rank: s => ({ station: 'cultures', hygiene: s.hygiene }),
  fetch: vesselFetch,
  parts: s =>
    s.draws.length > 0 && s.act !== null
      ? {
          must: { ...s, act: null, feed: null, waitsH: 0 },
          may: { ...s, key: s.upkeepKey, draws: [], others: [], topUpMl: 0, must: false },
        }
      : null,
  given: vesselGiven,
  tooMuch: vesselTooMuch,
  done: vesselDone,
}
