/** Prints what evenings teach simulated households about their pots. See docs/learning.md. */
import { householdSchema } from '$core/exchange';
import { demoHousehold } from '../src/demo/household';
import { judge, type Question } from '../tests/support/judge-learning';
import { meanRatio, noLearning, ours, smoothing } from '../tests/support/learners';

const HOUSEHOLDS = Number(process.argv[2] ?? 100);
const { kitchen } = householdSchema.parse(demoHousehold(Date.UTC(2026, 0, 1)));
const learners = [noLearning, meanRatio, smoothing, () => ours(kitchen)];
const percent = (n: number): string => (n * 100).toFixed(1).padStart(6);

const rows: [string, Omit<Question, 'households' | 'kind'>][] = [
  ['0 evenings', { evenings: 0, habits: { missing: 0 } }],
  ['1 evening', { evenings: 1, habits: { missing: 0 } }],
  ['5 evenings', { evenings: 5, habits: { missing: 0 } }],
  ['5, 60 % untapped', { evenings: 5, habits: { missing: 0.6 } }],
  ['30 evenings', { evenings: 30, habits: { missing: 0 } }],
  ['30, 60 % untapped', { evenings: 30, habits: { missing: 0.6 } }],
  [
    '5 after power −20 %',
    { evenings: 25, habits: { missing: 0, weaker: { evening: 20, share: 0.2 } } },
  ],
];
for (const kind of ['up', 'release'] as const) {
  console.log(
    `\n${kind === 'up' ? 'Time to pressure' : 'Natural release'}, ${HOUSEHOLDS} households, %`,
  );
  console.log(`${''.padEnd(40)}error: median   95 %   under p90   middle 90   worse`);
  for (const [name, question] of rows)
    for (const make of learners) {
      if (question.evenings === 0 && make !== learners[0] && make !== learners.at(-1)) continue;
      const j = judge(kitchen, make, noLearning, { ...question, kind, households: HOUSEHOLDS });
      console.log(
        `${name.padEnd(22)}${make().name.padEnd(18)}${percent(j.median).padStart(14)} ${percent(j.most)}      ${percent(j.underP90)}      ${percent(j.inside)}  ${percent(j.worse)}`,
      );
    }
}
