import { chromium } from 'playwright-core';
const B = 'http://127.0.0.1:4990';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu','--disable-background-networking'] });
export { B, browser };
export async function make(o = {}) { const c = await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB', timezoneId: 'Europe/Athens', serviceWorkers: 'block', ...o }); const p = await c.newPage(); p.on('pageerror', (e) => console.log('PAGEERROR', e.message)); p.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text())); return p; }
const s = await import(process.argv[2]);
await s.default({ make, B, shot: (p, n, o = {}) => p.screenshot({ path: `/tmp/shots/${n}.png`, ...o }) });
await browser.close();
