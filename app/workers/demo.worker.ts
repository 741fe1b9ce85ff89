import { expose } from 'comlink'
import type { RoomFile } from '@renatus/core/formats/roomFile'
import { demoRoom } from '@demo/demoRoom'

/** Lives the demo's eight weeks off the page: it takes a second or more. */
const maker = {
  make: (now: string, timeZone: string): RoomFile => demoRoom(now, timeZone),
}

export type DemoMaker = typeof maker
expose(maker)
