import { goalOf } from '@renatus/core/practice/game'
import { playThrough, PLAYERS } from '@renatus/core/practice/practise'
import { scenarioOf } from '@renatus/core/practice/scenarios/index'
for (const id of ['first-brood','early-spawn']) for (const [n,p] of Object.entries(PLAYERS)) { const gs = Array.from({length:8},(_, i)=>playThrough(scenarioOf(id) as never, i+1, p)); const m=(f:(g:any)=>number)=>(gs.reduce((a,g)=>a+f(g),0)/gs.length).toFixed(3)
 console.log(id,n,'goal',m(goalOf),'bad',m(g=>g.tank.badDays),'tan',m(g=>g.tank.tanMgL),'minutes',m(g=>g.minutes), 'fed', m(g=>g.fed.filter((f:any)=>f!==null).reduce((a:number,b:number)=>a+b,0)), 'changes', m(g=>g.decisions.filter((d:any)=>d.vessel===20&&d.act==='change water').length)) }
