import { chromium } from '@playwright/test';
const [,, script] = process.argv;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync'] });
const make = async (o = {}) => { const c = await browser.newContext({ viewport: { width: 1280, height: 800 }, ...o }); const p = await c.newPage(); p.on('pageerror', (e) => console.log('PAGEERROR', e.message)); p.on('console', (m) => { if (m.type() === 'error') console.log('CONSOLE', m.text().slice(0, 200)); }); return p; };
const B = 'http://127.0.0.1:4811';
const shot = (p, n, o = {}) => p.screenshot({ path: `/tmp/shots/${n}.png`, ...o });
try { await (await import(script)).default({ make, B, shot, browser }); } catch (e) { console.log('ERR', e.message); }
await browser.close();
