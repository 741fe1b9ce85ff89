import { demoRoom } from '/work/main/demo/demoRoom'
import { roomState } from '@renatus/core/stock/roomState'
const t0 = performance.now()
const file = demoRoom('2026-03-24T05:34:00.000Z', 'Europe/Berlin')
console.log('demo', performance.now() - t0, file.entries.length)
const t1 = performance.now()
for (let i = 0; i < 20; i++) roomState(file.records, file.entries, '2026-03-24T05:34:00.000Z')
console.log('roomState', (performance.now() - t1) / 20)
