import { readFileSync } from 'node:fs';
import { linesOf } from '../src/core/recipe/lines/split';
import { featuresOf } from '../src/core/recipe/lines/features';
import { labelLines } from '../src/core/recipe/lines/label';
import { fromText } from '../src/core/recipe/text';
for (const file of process.argv.slice(2)) {
  const t = readFileSync(file, 'utf8');
  const f = linesOf(t).map(featuresOf);
  const l = labelLines(f);
  f.forEach((x, i) =>
    console.log(
      (l[i] ?? '').padEnd(11),
      (x.chatty ? 'C' : ' ') +
        (x.keeping ? 'K' : ' ') +
        (x.verb ? 'v' : ' ') +
        (x.verbFirst ? 'V' : ' '),
      x.line.text.slice(0, 110),
    ),
  );
  const r = fromText(t);
  console.log('NOTES', r.notes, 'ASIDE', r.aside, 'LEFT', r.leftOver);
}
