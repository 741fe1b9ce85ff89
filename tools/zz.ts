import { benchStores } from './bench/stores'
benchStores('2026-03-24T05:34:00.000Z')
