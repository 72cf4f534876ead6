/** Prints what evenings teach simulated households about their pots. See docs/learning.md. */
import { householdSchema } from '$core/exchange';
import { planFor } from '$core/solve';
import { demoHousehold } from '../src/demo/household';
import { demoStarts } from '../tests/support/demo-evenings';
import { judge, type Question } from '../tests/support/judge-learning';
import { meanRatio, noLearning, ours, smoothing } from '../tests/support/learners';
import { onTimeInTruth } from '../tests/support/true-evenings';

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

console.log(
  '\n“Sure” and “likely” in truth: share of households whose table is ready when the plan says',
);
for (const { name, compiled, schedule } of demoStarts())
  for (const wanted of [0.8, 0.95]) {
    const plan = planFor(compiled.problem, { ...schedule, milliseconds: 0 }, wanted);
    const truth = onTimeInTruth(compiled, plan.schedule, kitchen, 1000);
    console.log(
      `${name.padEnd(22)}wanted ${wanted}, foretold ${plan.simulation.onTime.toFixed(3)}, true ${truth.toFixed(3)}`,
    );
  }
