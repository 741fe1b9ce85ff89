import { assert, constantFrom, array, integer, property } from 'fast-check'
import { describe, expect, it } from 'vitest'
import * as w from '@renatus/core/round/walk'

const NOW = '2026-03-24T05:40:00.000Z'
const stop = (n: number) => ({
  key: `k${n}`,
  place: n < 3 ? 'Rack A' : 'Rack B',
  text: `Stop ${n}.`,
})
const stops = (...of: number[]) => of.map(stop)
const begun = (...of: number[]) => w.setOut(w.keepPace(w.beginWalk('r', NOW), stops(...of)))
const said = (walk: w.Walk, n: number) => w.answered(walk, `k${n}`, 'done', 'done.', NOW)

describe('a walk', () => {
  it('waits with its first stop until everything is at hand, and goes back to it', () => {
    const before = w.keepPace(w.beginWalk('r', NOW), stops(1, 2))
    expect(before).toMatchObject({ at: null, fetched: false })
    expect(w.goBy(before, -1)).toEqual(before)
    const out = w.goBy(before, 1)
    expect(out).toMatchObject({ at: 'k1', fetched: true })
    expect(w.goBy(out, -1)).toMatchObject({ at: null, fetched: false })
  })

  it('goes on to the next open stop, over the end to what was left open, and then to the end', () => {
    let walk = w.goBy(begun(1, 2, 3), 1)
    expect(walk.at).toBe('k2')
    walk = said(walk, 2)
    expect(walk.at).toBe('k3')
    walk = said(walk, 3)
    expect(walk.at).toBe('k1')
    walk = said(walk, 1)
    expect(walk.at).toBeNull()
    expect(w.openSteps(walk)).toEqual([])
  })

  it('a round that was built before the answer does not open its stop again; one asked anew later does', () => {
    let walk = said(begun(1, 2), 1)
    walk = w.keepPace(walk, stops(1, 2))
    expect(walk.steps[0]!.fate).toBe('done')
    walk = w.keepPace(walk, stops(2))
    walk = w.keepPace(walk, stops(1, 2))
    expect(walk.steps[0]!.fate).toBe('open')
  })

  it('what went without an answer keeps its place, and whoever stood there stands at the next', () => {
    const walk = w.keepPace(begun(1, 2, 3), stops(2, 3))
    expect(walk.steps.map(s => [s.key, s.fate])).toEqual([
      ['k1', 'gone'],
      ['k2', 'open'],
      ['k3', 'open'],
    ])
    expect(walk.at).toBe('k2')
    expect(w.placesOfWalk(walk)).toEqual([
      { name: 'Rack A', steps: 2, over: 1, here: true },
      { name: 'Rack B', steps: 1, over: 0, here: false },
    ])
  })

  it('who takes an answer back stands at its stop again', () => {
    const walk = w.reopened(said(said(begun(1, 2), 1), 2), 'k1')
    expect(walk).toMatchObject({ at: 'k1' })
    expect(walk.steps[0]).toMatchObject({ fate: 'open', said: null })
    expect(w.reopened(walk, 'nothing')).toEqual(walk)
  })

  it('whatever is tapped and however the round changes: no stop is lost or doubled, and one stands at an open one or at an end', () => {
    const acts = constantFrom('done', 'not-now', 'next', 'back', 'undo', 'round')
    assert(
      property(array(acts), array(integer({ min: 0, max: 63 })), (taps, rounds) => {
        let walk = begun(0, 1, 2, 3, 4, 5)
        const seen = new Set(walk.steps.map(s => s.key))
        taps.forEach((tap, i) => {
          const at = walk.at
          if (tap === 'next') walk = w.goBy(walk, 1)
          else if (tap === 'back') walk = w.goBy(walk, -1)
          else if (tap === 'undo') walk = w.reopened(walk, 'k3')
          else if (tap === 'round') {
            const mask = rounds[i] ?? 0
            walk = w.keepPace(
              walk,
              stops(0, 1, 2, 3, 4, 5).filter((_, n) => mask & (1 << n)),
            )
          } else if (at) walk = w.answered(walk, at, tap, 'said', NOW)
          const keys = walk.steps.map(s => s.key)
          expect(new Set(keys).size).toBe(keys.length)
          expect(new Set(keys)).toEqual(seen)
          const here = walk.steps.find(s => s.key === walk.at)
          if (walk.at !== null) expect(here?.fate).toBe('open')
          if (at && tap === 'done') expect(walk.at).not.toBe(at)
          expect(w.walk.safeParse(walk).success).toBe(true)
        })
      }),
    )
  })
})
