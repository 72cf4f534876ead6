import { chromium } from 'playwright-core';
import { readFileSync } from 'node:fs';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu','--disable-background-networking'] });
for (const [name,w,h,dark] of [['wide',1280,800,false],['phone',390,844,true]]) {
  const c = await b.newContext({ viewport: { width: w, height: h }, serviceWorkers: 'block', colorScheme: dark?'dark':'light' });
  const p = await c.newPage(); p.on('console', m => m.type()==='error' && console.log(m.text())); p.on('pageerror', e => console.log('ERR', e.message));
  await p.goto('http://localhost:4990/dishes/new'); 
  await p.getByLabel('The recipe’s text').fill(readFileSync('/tmp/own/'+(process.argv[2]??'b')+'.txt','utf8'));
  await p.waitForTimeout(1500);
  const li = p.getByRole('list',{name:'The text, piece by piece'}).locator('li').nth(5);
  if (name==='wide') await li.hover();
  await p.screenshot({ path: `/tmp/shot-${name}.png`, fullPage: true });
  await c.close();
}
await b.close();
