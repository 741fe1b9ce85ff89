import { describe, expect, it } from 'vitest'
import { BOX_KEEPS_MS, PARCEL_MAX_BYTES, PostBox } from '../../server/utils/postBox'

const bytes = (n = 3) => Buffer.alloc(n, 7)

describe('the post box', () => {
  it('hands a parcel out once, and not after ten minutes', () => {
    let now = 0
    const box = new PostBox(() => now)
    const id = box.leave('a', bytes())!
    expect(box.take(id)).toEqual(bytes())
    expect(box.take(id)).toBeNull()
    const late = box.leave('a', bytes())!
    now = BOX_KEEPS_MS
    expect(box.take(late)).toBeNull()
  })
  it('keeps one parcel a client, so many in all, and none that is too large', () => {
    const box = new PostBox(() => 0)
    const first = box.leave('a', bytes())!
    const second = box.leave('a', bytes(5))!
    expect([box.take(first), box.take(second)?.length]).toEqual([null, 5])
    expect(box.leave('b', bytes(PARCEL_MAX_BYTES + 1))).toBeNull()
    const large = [1, 2, 3, 4, 5].map(n => box.leave(`c${n}`, bytes(PARCEL_MAX_BYTES)))
    expect(large.map(id => id !== null)).toEqual([true, true, true, true, false])
    const many = new PostBox(() => 0)
    const left = Array.from({ length: 50 }, (_, n) => many.leave(`d${n}`, bytes()))
    expect(left.filter(id => id !== null)).toHaveLength(40)
  })
})
