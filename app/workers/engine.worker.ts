import { expose } from 'comlink'
import { RoomEngine } from '~/engine/roomEngine'

expose(new RoomEngine())
