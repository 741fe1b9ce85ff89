/** npm run lived [-- ROOMS FIRST]: rooms of fifty days kept by the plan and by rules of thumb, in worlds like the book and unlike it. */
import { benchLivedRooms } from './bench/livedRooms'

await benchLivedRooms(Number(process.argv[2] ?? 30), Number(process.argv[3] ?? 0))
