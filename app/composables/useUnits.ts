import { computed } from 'vue'
import { celsiusToFahrenheit, litresToGallons } from '@renatus/core/units/convert'
import { dayText, weekdayText } from '@renatus/core/time/dayText'
import * as f from '@renatus/core/units/format'
import { clockOf, daysBetween, localDateOf, type Instant } from '@renatus/core/time/localDate'
import { useRoomStore } from '~/stores/room'

/** Amounts and times in the room's measures and time zone. */
export function useUnits() {
  const room = useRoomStore()
  const measures = computed(() => room.measures)
  const dateOf = (at: Instant) => localDateOf(at, room.timeZone)
  const clock = (at: Instant) => clockOf(at, room.timeZone)
  const day = (at: Instant) => dayText(dateOf(at))
  /** "today", "tomorrow", "Thursday" of the days ahead, else "Thu 26 Nov". */
  function dayWord(at: Instant): string {
    const days = daysBetween(dateOf(room.now), dateOf(at))
    const named = days > 0 && days < 7 ? weekdayText(dateOf(at)) : day(at)
    return NEAR_DAYS[days] ?? named
  }
  /** "today 19:00", "Thursday 06:30" of the days ahead, else "Thu 26 Nov 06:30". */
  const when = (at: Instant): string => `${dayWord(at)} ${clock(at)}`
  return {
    measures,
    clock,
    day,
    when,
    dayWord,
    dateOf,
    date: dayText,
    litres: (l: number) => f.formatLitres(l, measures.value),
    /** The other system, small, beside a volume. */
    litresToo: (l: number) => f.formatLitres(l, measures.value === 'us' ? 'metric' : 'us'),
    celsius: (c: number) => f.formatTemperature(c, measures.value),
    /** What is poured: litres from one on, mL below. */
    volume: (ml: number) =>
      ml >= 1000 ? f.formatLitres(ml / 1000, measures.value) : f.formatMillilitres(ml),
    grams: f.formatGrams,
    ml: f.formatMillilitres,
    count: f.formatCount,
    whole: f.formatWhole,
    share: f.formatShare,
    duration: f.formatDuration,
    spoons: f.formatSpoons,
    volumeUnit: computed(() => (measures.value === 'us' ? 'gal' : 'L')),
    temperatureUnit: computed(() => (measures.value === 'us' ? '°F' : '°C')),
    toVolumeUnit: (l: number) => round3(measures.value === 'us' ? litresToGallons(l) : l),
    toTemperatureUnit: (c: number) => round3(measures.value === 'us' ? celsiusToFahrenheit(c) : c),
  }
}

const NEAR_DAYS: Record<number, string> = { [-1]: 'yesterday', 0: 'today', 1: 'tomorrow' }
const round3 = (x: number) => Number(x.toPrecision(4))
