import { chromium } from 'playwright-core';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const shots = JSON.parse(process.argv[2]);
for (const { url, name, w = 1280, h = 800, full, dark, open, click } of shots) {
  const c = await b.newContext({ viewport: { width: w, height: h }, serviceWorkers: 'block', colorScheme: dark ? 'dark' : 'light' });
  const p = await c.newPage();
  p.on('pageerror', e => console.log('ERR', url, e.message));
  await p.goto('http://127.0.0.1:4990' + url); await p.waitForTimeout(1200);
  if (open) await p.evaluate(() => document.querySelectorAll('details').forEach((d) => (d.open = true)));
  if (click) { await p.locator(click).first().click(); await p.waitForTimeout(900); }
  await p.screenshot({ path: `/tmp/shots/${name}.png`, fullPage: !!full });
  await c.close();
}
await b.close();
