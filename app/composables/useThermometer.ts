import { minMaxCourse } from '@renatus/core/instruments/minMaxCourse'
import type { Reading } from '@renatus/core/instruments/reading'
import { courseEntries, sinceLook, type Measured } from '@renatus/core/stock/measured'
import type { CourseSource } from '@renatus/core/records/vocabulary'
import { nowInstant } from '~/composables/clock'
import { useRoomStore } from '~/stores/room'
import { useUndo } from './useUndo'

/** Writes what thermometers showed. */
export function useThermometer() {
  const room = useRoomStore()
  const undo = useUndo()
  async function write(
    things: readonly Measured[],
    how: CourseSource,
    points: readonly Reading[],
  ): Promise<boolean> {
    const result = await room.write(courseEntries(things, how, points))
    if (!result.ok) return false
    const names = things.map(t => t.name).join(', ')
    undo.offer(result.act, `${names}: the thermometer is written down.`)
    return true
  }
  return {
    write,
    now: (thing: Measured, c: number) => write([thing], 'typed', [{ at: nowInstant(), c }]),
    /** What a thermometer shows that keeps its lowest and highest. */
    minMax: (thing: Measured, minC: number, maxC: number, nowC: number | null) => {
      const state = room.state!
      const { from, midnight } = sinceLook(thing, { ...state, now: nowInstant() })
      const to = nowInstant()
      const course = minMaxCourse({ from, to, minC, maxC, nowC }, midnight)
      return write([thing], 'min-max', course)
    },
  }
}
