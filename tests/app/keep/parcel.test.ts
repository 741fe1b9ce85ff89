import { describe, expect, it } from 'vitest'
import { packParcel, parcelAddress, parcelIn, unpackParcel } from '~/keep/parcel'

const text = JSON.stringify({ room: 'My fishroom', notes: 'foam — “brown” '.repeat(200) })

describe('a parcel', () => {
  it('opens with its key and with no other, and is not readable on the way', async () => {
    const { parcel, key } = await packParcel(new Blob([text]))
    const bytes = await parcel.arrayBuffer()
    expect(await (await unpackParcel(bytes, key))!.text()).toBe(text)
    expect(new TextDecoder().decode(bytes)).not.toContain('foam')
    const wrong = key.replace(/^./, c => (c === '0' ? '1' : '0'))
    expect(await unpackParcel(bytes, wrong)).toBeNull()
    const changed = new Uint8Array(bytes)
    changed[40]! ^= 1
    expect(await unpackParcel(changed.buffer, key)).toBeNull()
    for (const bad of [new ArrayBuffer(0), new ArrayBuffer(30)])
      expect(await unpackParcel(bad, key)).toBeNull()
  })
  it('its address carries id and key behind the mark that no server sees', async () => {
    const { key } = await packParcel(new Blob(['x']))
    const address = parcelAddress('http://10.0.0.2:3000/', 'ab'.repeat(12), key)
    expect(address.split('#')[0]).toBe('http://10.0.0.2:3000/setup')
    expect(parcelIn(address)).toEqual({ id: 'ab'.repeat(12), key })
    expect(parcelIn('http://10.0.0.2:3000/setup#data')).toBeNull()
  })
})
