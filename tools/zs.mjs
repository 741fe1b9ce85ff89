import { chromium } from '@playwright/test'
const [,, w, h, scheme, tag] = process.argv
const b=await chromium.launch({executablePath:'/usr/bin/chromium-headless-shell',args:['--no-sandbox']})
const p=await (await b.newContext({viewport:{width:+w,height:+h},colorScheme:scheme,locale:'en-GB',timezoneId:'Europe/Berlin'})).newPage()
await p.clock.install({ time: new Date('2026-03-24T05:34:00Z') })
await p.goto('http://localhost:3600/?room=demo')
await p.getByRole('article').first().waitFor({timeout:60000})
const go=to=>p.evaluate(t=>window.useNuxtApp().$router.push(t),to)
await go('/practice'); await p.getByTestId('next').waitFor(); await p.waitForTimeout(800)
await p.screenshot({path:`/tmp/w/${tag}-index.png`})
await p.getByRole('button',{name:'Begin A pure line'}).click()
for(let d=0;d<32;d++){
  if(d%3===1){await p.getByRole('button',{name:/Look at it/}).click();
   await p.locator('label').filter({hasText: d<9?'building':d<20?'ready':'tiring'}).first().click()
   if(d>9) await p.getByLabel('Draw for the mouths').selectOption({index:2})
   if(d===7) await p.screenshot({path:`/tmp/w/${tag}-day.png`})}
  await p.getByRole('button',{name:`On to day ${d+1}`,exact:true}).click()
}
await p.getByTestId('goal').waitFor({timeout:90000})
await p.screenshot({path:`/tmp/w/${tag}-account.png`,fullPage:true})
await b.close()
