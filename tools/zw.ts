import { roomState } from '@renatus/core/stock/roomState'
import { cystUse } from '@renatus/core/provision/cystUse'
import { materialUse } from '@renatus/core/provision/materialUse'
import { demoAt } from './rooms/demoAt'
const now='2026-03-24T05:34:00.000Z'
const f = demoAt(now,'UTC')
const state = roomState(f.records, f.entries, now)!
for (const d of [7, 14, 28, 56]) { cystUse(state,d); const t=performance.now(); for(let i=0;i<5;i++) cystUse(state,d); console.log(d, ((performance.now()-t)/5).toFixed(1),'ms') }
const t=performance.now(); materialUse(state, new Array(28).fill(1)); console.log('mat', performance.now()-t)
