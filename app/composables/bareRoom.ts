import { deviceZone } from '~/composables/deviceZone'
import { HATCH_SALT } from '@renatus/core/water/salinity'
import { newId } from '~/db/newId'
import type { RecordDraft } from '~/db/registry'

/** A room of which only the rounds are known: vessels, salt and cysts are asked for where they are first needed. */
export const bareRoom = (): RecordDraft[] =>
  [
    {
      type: 'room',
      name: 'My fishroom',
      timeZone: deviceZone(),
      measures: 'metric',
      rounds: [
        { name: 'Morning round', at: '06:30' },
        { name: 'Evening round', at: '19:00' },
      ],
      water: { pH: null, soft: false },
      hatchSaltGL: HATCH_SALT.bestGL,
    },
    { type: 'place', id: newId(), name: 'Fishroom' },
  ] as RecordDraft[]
