import { readInstructions } from '../src/core/recipe/method/read';
import { toSentences, toClauses } from '../src/core/recipe/sentences';
for (const t of process.argv.slice(2)) {
  for (const s of toSentences([t])) console.log('S', JSON.stringify(toClauses(s)));
  const r = readInstructions([t]);
  for (const s of r.stages)
    console.log(
      s.kind,
      s.minutes,
      s.to ?? '',
      s.cycle ? JSON.stringify(s.cycle) : '',
      JSON.stringify(s.sentences),
      s.from ?? '',
      s.words ?? '',
    );
  console.log('kept', r.kept, 'slow', r.slow, 'left', r.left, 'cases', r.cases);
}
