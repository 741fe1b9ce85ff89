/** npm run trust [-- KILLS]: what the room outlives, in a real browser over the build. Minutes long; printed. */
import { killCheckpoints, killTimes, killUpgrades } from './bench/kills'
import { benchLargeFile } from './bench/largeFile'

const kills = Number(process.argv[2] ?? 200)
await benchLargeFile()
if (kills > 0) {
  await killTimes(kills)
  await killUpgrades(Math.ceil(kills / 10))
  await killCheckpoints(Math.ceil(kills / 10))
}
