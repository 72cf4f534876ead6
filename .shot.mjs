import { chromium } from 'playwright-core';
const [,, url, out, w='1280', h='800', dark] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const c = await b.newContext({ viewport: { width: +w, height: +h }, serviceWorkers: 'block', colorScheme: dark ? 'dark':'light', reducedMotion:'reduce', timezoneId:'Europe/Athens', locale:'en-GB' });
const p = await c.newPage(); p.on('console', m => m.type()==='error' && console.log('ERR', m.text())); p.on('pageerror', e=>console.log('PERR', e.message));
await p.goto('http://localhost:4990'+url); await p.waitForTimeout(2500); await p.screenshot({ path: out, fullPage: w<600 }); await b.close();
