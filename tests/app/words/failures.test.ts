import { describe, expect, it, vi } from 'vitest'
import * as z from 'zod'
import { WorkerFailed } from '~/engine/workerClient'
import { failureOf } from '~/words/failures'

const named = (name: string, more: object = {}) => Object.assign(new Error('x'), { name, ...more })

describe('failures in words', () => {
  it('what the browser says is told by what it means, also where it is wrapped', () => {
    const code = (e: unknown) => failureOf(e).code
    expect(code(named('QuotaExceededError'))).toBe('full')
    expect(code(named('AbortError', { inner: named('QuotaExceededError') }))).toBe('full')
    expect(code(named('BulkError', { failures: [named('QuotaExceededError')] }))).toBe('full')
    expect(code(named('AbortError'))).toBe('closed')
    expect(code(named('DatabaseClosedError'))).toBe('closed')
    expect(code(named('OpenFailedError', { inner: named('UnknownError') }))).toBe('unreadable')
    expect(code(named('VersionError'))).toBe('newer')
    expect(code(named('OpenFailedError', { inner: named('VersionError') }))).toBe('newer')
    expect(code(named('MissingAPIError'))).toBe('missing')
    expect(code(named('SecurityError'))).toBe('denied')
    expect(code(new TypeError('Failed to fetch dynamically imported module: /a.js'))).toBe('gone')
    expect(code(named('FetchFailed'))).toBe('unfetched')
    expect(code(new Error('no idea'))).toBe('bug')
  })
  it('a chunk that does not come without a connection is not called an old version', () => {
    vi.stubGlobal('navigator', { onLine: false })
    const told = failureOf(new TypeError('Failed to fetch dynamically imported module: /a.js'))
    vi.unstubAllGlobals()
    expect(told.code).toBe('offline')
    expect(told.text).toMatch(/no connection.*Go on/)
  })
  it('each says what became of it and what to do; a bug names itself', () => {
    expect(failureOf(named('QuotaExceededError')).text).toMatch(/not written.*Free some space/)
    expect(failureOf(new Error('no idea')).text).toContain('no idea')
    const wrong = z.object({ litres: z.number() }).safeParse({ litres: 'x' }).error
    expect(failureOf(wrong).text).toContain('litres')
    expect(failureOf(new WorkerFailed('planning', 'silent')).text).toContain('planning')
  })
})
