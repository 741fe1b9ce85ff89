import { expose } from 'comlink'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { workerClient, WorkerFailed, WorkerStopped } from '~/engine/workerClient'

const helper = {
  double: (n: number) => n * 2,
  refuse: () => {
    throw new Error('no such culture')
  },
  never: () => new Promise<number>(() => {}),
}
type Helper = typeof helper

/** A worker on the same thread: what is posted arrives at the other end; it can be broken by hand. */
class FakeWorker extends EventTarget {
  static made: FakeWorker[] = []
  private readonly channel = new MessageChannel()
  terminated = false
  constructor(answers: boolean) {
    super()
    FakeWorker.made.push(this)
    if (answers) expose(helper, this.channel.port2)
    this.channel.port1.addEventListener('message', e =>
      this.dispatchEvent(new MessageEvent('message', { data: (e as MessageEvent).data })),
    )
    this.channel.port1.start()
  }
  postMessage(message: unknown, transfer: Transferable[] = []) {
    this.channel.port1.postMessage(message, transfer)
  }
  terminate() {
    this.terminated = true
    this.channel.port1.close()
    this.channel.port2.close()
  }
  break() {
    this.dispatchEvent(new Event('error'))
  }
}
const client = (answers: boolean[] = [], silentMs = 60_000) =>
  workerClient<Helper>(
    'counting',
    () => new FakeWorker(answers[FakeWorker.made.length] ?? true) as unknown as Worker,
    silentMs,
  )

beforeEach(() => {
  FakeWorker.made = []
})
afterEach(() => {
  vi.useRealTimers()
  for (const w of FakeWorker.made) w.terminate()
})

describe('a worker that is asked', () => {
  it('answers, and is started once', async () => {
    const c = client()
    expect([await c.call(w => w.double(4)), await c.call(w => w.double(5))]).toEqual([8, 10])
    expect(FakeWorker.made).toHaveLength(1)
  })
  it('what the work itself throws is thrown on, and not tried again', async () => {
    const c = client()
    await expect(c.call(w => w.refuse())).rejects.toThrow('no such culture')
    expect(FakeWorker.made).toHaveLength(1)
  })
  it('one that breaks under a call is started once more, and the call goes on', async () => {
    const c = client([false, true])
    const asked = c.call(w => w.double(21))
    await vi.waitFor(() => expect(FakeWorker.made).toHaveLength(1))
    FakeWorker.made[0]!.break()
    expect(await asked).toBe(42)
    expect(FakeWorker.made[0]!.terminated).toBe(true)
  })
  it('one that breaks ten times in a row fails ten times, each in words, and the next works', async () => {
    const c = client(Array.from({ length: 20 }, () => false))
    for (let i = 1; i <= 10; i++) {
      const asked = c.call(w => w.double(1))
      for (const n of [2 * i - 1, 2 * i]) {
        await vi.waitFor(() => expect(FakeWorker.made).toHaveLength(n))
        FakeWorker.made.at(-1)!.break()
      }
      await expect(asked).rejects.toMatchObject({ name: 'WorkerFailed', how: 'broken' })
    }
    expect(await c.call(w => w.double(3))).toBe(6)
  })
  it('one that cannot be made at all fails in words', async () => {
    const c = workerClient<Helper>('counting', () => {
      throw new DOMException('denied', 'SecurityError')
    })
    await expect(c.call(w => w.double(1))).rejects.toBeInstanceOf(WorkerFailed)
  })
  it('one that says nothing is not waited for without end', async () => {
    const c = client([true, true], 40)
    await expect(c.call(w => w.never())).rejects.toMatchObject({ how: 'silent' })
    expect(FakeWorker.made).toHaveLength(2)
  })
  it('one that gives signs of life may take as long as it needs', async () => {
    const c = client([], 60)
    const long = c.call(async (w, alive) => {
      for (let i = 0; i < 6; i++) {
        await new Promise(r => setTimeout(r, 25))
        alive()
      }
      return w.double(2)
    })
    expect(await long).toBe(4)
    expect(FakeWorker.made).toHaveLength(1)
  })
  it('stopped on purpose, nobody waits, and nothing is tried again', async () => {
    const c = client()
    const asked = c.call(w => w.never())
    await vi.waitFor(() => expect(FakeWorker.made).toHaveLength(1))
    c.stop()
    await expect(asked).rejects.toBeInstanceOf(WorkerStopped)
    expect(FakeWorker.made).toHaveLength(1)
    expect(await c.call(w => w.double(1))).toBe(2)
  })
})
