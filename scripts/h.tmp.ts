import { importRecipe, summarise } from '../src/core/recipe';
import { readFileSync } from 'node:fs';
for (const f of process.argv.slice(2)) {
  const t = Date.now();
  const r = importRecipe(readFileSync(f,'utf8'));
  console.log('==', f, Date.now()-t, 'ms');
  if (!r.ok) { console.log('  REFUSED', r.problems[0]); continue; }
  const s = summarise(r.value);
  console.log(' ', s.name, '| serves', s.serves, '|', s.yield);
  for (const i of s.ingredients) console.log('    -', i.amount, i.amountTo ?? '', i.unit ?? '', '|', i.food, '|', i.preparation ?? '', i.optional ? 'OPT':'');
  for (const x of s.steps) console.log('   *', x.kind, x.minutes, x.to ?? '', x.celsius ?? '', x.place, '|', x.text.slice(0,110));
  for (const c of s.cycles) console.log('   @', c.level, c.holdMinutes, c.holdTo ?? '', JSON.stringify(c.release), c.pan ? 'PAN':'');
  console.log('   unread', s.unread); console.log('   q', s.questions);
}
