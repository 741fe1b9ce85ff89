import { randomStream } from '@renatus/core/math/random'
import { ROOM_FILE_FORMAT, ROOM_FILE_VERSION, type RoomFile } from '@renatus/core/formats/roomFile'
import { addDays, instantOf, localDateOf, toMs, type Instant } from '@renatus/core/time/localDate'
import { currentRound, roundsAround } from '@renatus/core/time/rounds'
import { loftAir, loftCultures, loftLives, loftPipette, weighedPipette } from './cultures'
import { countedBox, gelShelf } from './gelShelf'
import { idMaker } from './ids'
import { livedWeeks } from './livedWeeks'
import { HISTORY_DAYS, netLoft } from './netLoft'

/**
 * The demo room as it stands at an instant: records, and a log of eight weeks up to the round before the current one.
 * Same instant, zone and seed: same room.
 */
export function demoRoom(now: Instant, timeZone: string, seed = 7): RoomFile {
  const chance = randomStream(seed)
  const today = localDateOf(now, timeZone)
  const begun = instantOf(addDays(today, -HISTORY_DAYS), '06:00', timeZone)
  const id = idMaker(chance)
  const kitchen = idMaker(randomStream(seed + 2))
  const loft = netLoft(today, timeZone, begun, () => id(toMs(begun)))
  const records = [...loft, ...gelShelf(loft, begun, () => kitchen(toMs(begun) + 3))]
  const room = records.find(r => r.type === 'room')!
  const all = roundsAround(now, room.rounds, timeZone, HISTORY_DAYS, 1)
  const current = currentRound(now, all)
  const past = all.slice(0, all.indexOf(current))
  const more = idMaker(randomStream(seed + 1))
  const { cultures, set } = loftCultures(past, records, begun, () => more(toMs(begun) + 1))
  const pipette = loftPipette(begun, () => more(toMs(begun) + 2))
  const furnished = [...records, ...cultures, set, pipette]
  const lived = livedWeeks(furnished, loftLives(cultures, past), past, chance, id)
  return {
    format: ROOM_FILE_FORMAT,
    version: ROOM_FILE_VERSION,
    exportedAt: now,
    by: 'demo',
    records: lived.records,
    entries: [
      ...lived.entries,
      ...countedBox(lived.records, lived.entries, past, now, kitchen),
      ...loftAir(past, records, more),
      weighedPipette(pipette, past, more),
    ],
    kept: [],
  }
}
