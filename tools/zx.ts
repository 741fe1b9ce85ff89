import { killTimes } from './bench/zzkills'
await killTimes(200)
