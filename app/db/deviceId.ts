import { local } from './local'

const KEY = 'renatus.device.id'

/** What this browser is known by to files, whatever it is called: two devices of one name stay two. */
export function deviceId(): string {
  return local.get(KEY) ?? newDeviceId()
}

/** Another one, where a copy of this browser goes about under the same. */
export function newDeviceId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(6))
  const id = Array.from(bytes, b => b.toString(16).padStart(2, '0')).join('')
  local.set(KEY, id)
  return id
}
