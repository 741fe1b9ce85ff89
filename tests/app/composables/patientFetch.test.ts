import { afterEach, describe, expect, it, vi } from 'vitest'
import { patientFetch } from '~/composables/patientFetch'

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('a route that is busy', () => {
  const asked = async (statuses: number[]) => {
    vi.useFakeTimers()
    const fetched = vi.fn(async () => ({ status: statuses.shift() ?? 429 }))
    vi.stubGlobal('fetch', fetched)
    const answer = patientFetch('/a')
    await vi.runAllTimersAsync()
    return { status: (await answer).status, times: fetched.mock.calls.length }
  }
  it('is asked again until it answers, and not for ever', async () => {
    expect(await asked([429, 429, 200])).toEqual({ status: 200, times: 3 })
    expect(await asked([500])).toEqual({ status: 500, times: 1 })
    expect(await asked([])).toEqual({ status: 429, times: 5 })
  })
})
