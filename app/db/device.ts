import { local } from './local'

const NAME_KEY = 'renatus.device'

/** Every browser is a device with a database of its own. Its name stands in the entries it writes. */
export function deviceName(): string {
  let name = local.get(NAME_KEY)
  if (!name) {
    const tail = Array.from(crypto.getRandomValues(new Uint8Array(2)), b =>
      b.toString(16).padStart(2, '0'),
    ).join('')
    name = `${/Android|iPhone|iPad|Mobile/.test(navigator.userAgent) ? 'phone' : 'computer'} ${tail}`
    local.set(NAME_KEY, name)
  }
  return name
}

export const renameDevice = (name: string) => local.set(NAME_KEY, name.trim().slice(0, 60))

const PLAN_KEY = 'renatus.plan.where'

/** Where plans are worked out: on this device, or on the server for a phone that is too weak. */
export const planPlace = (): 'device' | 'server' =>
  local.get(PLAN_KEY) === 'server' ? 'server' : 'device'
export const setPlanPlace = (where: 'device' | 'server') => local.set(PLAN_KEY, where)
