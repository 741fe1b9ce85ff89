import { expose } from 'comlink'
import { demoRoom, type DemoRoom } from '@demo/demoRoom'

/** Moves the demo's eight weeks to today, off the page. They were lived when the app was built. */
const maker = {
  async make(now: string, timeZone: string): Promise<DemoRoom> {
    const answer = await fetch(new URL('/loft.json', self.location.origin))
    if (!answer.ok) throw new Error(`the weeks of the demo room did not come (${answer.status})`)
    return demoRoom(await answer.text(), now, timeZone)
  },
}

export type DemoMaker = typeof maker
expose(maker)
