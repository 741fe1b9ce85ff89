import { interpolate, type Knot } from '../../math/interpolate'

/** Temperature of a vessel over the hours since start: a constant, or points joined linearly, held after the last. */
export type TemperatureCourse = number | readonly { h: number; c: number }[]

/** Turns a course into a function of hours. Points may come in any order. */
export function temperatureAt(course: TemperatureCourse): (h: number) => number {
  if (typeof course === 'number') return () => course
  const knots: Knot[] = [...course].sort((a, b) => a.h - b.h).map(p => [p.h, p.c])
  if (knots.length === 0) throw new Error('a temperature course needs at least one point')
  return h => interpolate(knots, h)
}
