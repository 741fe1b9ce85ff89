import { mergeRooms } from '@renatus/core/formats/mergeRooms'
import { readRoomFile, type RoomFile } from '@renatus/core/formats/roomFile'
import { AHEAD_D, ofUnknownFish } from '@renatus/core/formats/setAside'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { speciesOf } from '@renatus/core/fry/species/speciesOf'
import { roomState } from '@renatus/core/stock/roomState'
import { addHours } from '@renatus/core/time/localDate'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { RandomStream } from '@renatus/core/math/random'
import { demoAt } from '../../rooms/demoAt'
import { mutateJson, mutateText } from '../mutate'
import type { Target } from '../target'

const NOW = '2026-03-24T05:34:00.000Z'
const OF_A_KIND = 2

/** A room with a little of everything: all that is set up, some entries of every kind. */
function sample(): RoomFile {
  const demo = demoAt(NOW, 'Europe/Berlin')
  const seen = new Map<string, number>()
  const entries = demo.entries.filter(e => {
    const n = (seen.get(e.kind) ?? 0) + 1
    seen.set(e.kind, n)
    return n <= OF_A_KIND
  })
  return { ...demo, entries }
}

type Known = ReadonlySet<string>
const LATEST = addHours(NOW, 24 * (AHEAD_D + 1))

function oddRecord(r: AnyRecord, ids: Known): string | null {
  if (r.id.length !== 26) return `a record with the id ${r.id.slice(0, 30)}`
  if (r.type === 'culture' && r.startedAt > LATEST) return `a culture of ${r.startedAt}`
  if ('litres' in r && !(r.litres > 0 && r.litres <= 20_000)) return `${r.litres} L`
  return r.type === 'brood' && !ids.has(r.tankId) ? 'a brood in no tank' : null
}

/** A brood of a fish that nobody knows must be named, and has no values made up for it. */
const oddFish = ({ records, entries }: RoomFile): string | null => {
  const own = records.filter(r => r.type === 'species')
  const known = (id: string) => speciesOf(id, own) !== null
  const alive = records.filter(r => r.type === 'brood' && r.removedAt === null)
  const lost = alive.filter(r => r.type === 'brood' && !known(r.speciesId)).length
  if (ofUnknownFish(records).length !== lost) return 'an unknown fish that is not named'
  const broods = roomState(records, entries, NOW)?.broods ?? []
  const made = broods.some(b => b.species !== null && !known(b.brood.speciesId))
  return made ? 'values for an unknown fish' : null
}

function oddEntry(e: Entry, ids: Known): string | null {
  if (e.at > LATEST) return `an entry of ${e.at}`
  const { cultureId, broodId } = e.data as { cultureId?: string; broodId?: string }
  const lost = [cultureId, broodId].some(id => id && /^[0-9A-Z]{26}$/.test(id) && !ids.has(id))
  return lost ? `${e.kind} about nothing` : null
}

/** What is never true of a room that was let in. Worked out apart from what lets it in. */
function nonsenseIn({ records, entries }: RoomFile): string | null {
  const ids = new Set(records.map(r => r.id))
  const odd = [...records.map(r => oddRecord(r, ids)), ...entries.map(e => oddEntry(e, ids))]
  return odd.find(x => x !== null) ?? null
}

/** Room files: refused in words, or a room that stands, says nothing that cannot be, and writes as it reads. */
export function roomFiles(): Target {
  const good = sample()
  const text = writeRoomFile(good)
  const mutated = (chance: RandomStream) =>
    chance.next() < 0.3 ? mutateText(chance, text) : JSON.stringify(mutateJson(chance, good))
  return {
    name: 'room files',
    try(chance) {
      const input = mutated(chance)
      const read = readRoomFile(input, NOW)
      if (!read.ok) return { outcome: 'refused', fault: null, input }
      const { file } = read
      mergeRooms(good, file)
      const again = readRoomFile(writeRoomFile(file), NOW)
      const same = again.ok && writeRoomFile(again.file) === writeRoomFile(file)
      const fault =
        nonsenseIn(file) ?? oddFish(file) ?? (same ? null : 'it does not write as it reads')
      return { outcome: 'taken', fault, input }
    },
  }
}
