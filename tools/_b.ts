import { benchPlanning } from './bench/planning'
await benchPlanning()
