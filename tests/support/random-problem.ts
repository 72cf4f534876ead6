/** Small random plan problems that use every feature of the contract. */
import fc from 'fast-check';
import type { Problem } from '$core/solve';

const UNITS = ['u', 'v'] as const;

function stepArbitrary(i: number, blocks: number) {
  return fc
    .record({
      minutes: fc.oneof(
        fc.integer({ min: 0, max: 3 }),
        fc.record({ u: fc.integer({ min: 0, max: 3 }), v: fc.integer({ min: 0, max: 3 }) }),
      ),
      block: fc.option(fc.integer({ min: 0, max: Math.max(0, blocks - 1) }), {
        nil: null,
        freq: 3,
      }),
      hands: fc.integer({ min: 0, max: 1 }),
      watts: fc.integer({ min: 0, max: 2 }),
      from: fc.option(fc.integer({ min: -7, max: -1 }), { nil: null, freq: 8 }),
      by: fc.option(fc.integer({ min: -4, max: 3 }), { nil: null, freq: 8 }),
      aside: fc.boolean(),
    })
    .map((s) => ({ id: `s${i}`, ...s }));
}

/** A problem of up to `most` steps on an axis of about ten minutes. */
export function smallProblem(most = 4): fc.Arbitrary<Problem> {
  return fc
    .tuple(fc.integer({ min: 1, max: most }), fc.integer({ min: 0, max: 2 }))
    .chain(([steps, blocks]) =>
      fc.record({
        steps: fc.tuple(...Array.from({ length: steps }, (_, i) => stepArbitrary(i, blocks))),
        blocks: fc.array(
          fc.record({
            units: fc.constantFrom<string[][]>(['u'], ['v'], ['u', 'v'], ['v', 'u']),
            turnaround: fc.integer({ min: 0, max: 2 }),
            tools: fc.constantFrom<string[][]>([], [], ['t'], ['t', 't']),
          }),
          { minLength: blocks, maxLength: blocks },
        ),
        links: fc.array(
          fc.record({
            from: fc.integer({ min: 0, max: steps - 1 }),
            to: fc.integer({ min: 0, max: steps - 1 }),
            min: fc.integer({ min: -1, max: 1 }),
            slack: fc.option(fc.integer({ min: 0, max: 3 }), { nil: null }),
            soft: fc.option(fc.integer({ min: -1, max: 2 }), { nil: null }),
            overCost: fc.integer({ min: 0, max: 3 }),
          }),
          { maxLength: 3 },
        ),
        dishes: fc.array(
          fc.record({
            ready: fc.integer({ min: 0, max: steps - 1 }),
            dueAt: fc.option(fc.integer({ min: -2, max: 1 }), { nil: null, freq: 3 }),
            holdMax: fc.option(fc.integer({ min: 0, max: 4 }), { nil: null }),
            holdCost: fc.integer({ min: 0, max: 3 }),
            holdSoft: fc.option(fc.integer({ min: 0, max: 2 }), { nil: null }),
            overCost: fc.integer({ min: 0, max: 3 }),
          }),
          { maxLength: 2 },
        ),
        hands: fc.integer({ min: 1, max: 2 }),
        capacity: fc.integer({ min: 1, max: 2 }),
        toolCount: fc.integer({ min: 1, max: 2 }),
        watts: fc.integer({ min: 2, max: 3 }),
        spanCost: fc.integer({ min: 0, max: 2 }),
        apart: fc.boolean(),
        away: fc.option(fc.constant({ from: -3, to: -1, hands: 1 }), { nil: null, freq: 4 }),
        busy: fc.option(fc.constant({ from: -4, to: -2 }), { nil: null, freq: 4 }),
        earliest: fc.integer({ min: -8, max: -4 }),
      }),
    )
    .map((raw): Problem => {
      const used = new Set(raw.steps.map((s) => s.block));
      const blocks = raw.blocks
        .map((b, i) => ({ id: `b${i}`, ...b }))
        .filter((_, i) => used.has(i));
      const blockId = (i: number | null): string | null =>
        i !== null && blocks.some((b) => b.id === `b${i}`) ? `b${i}` : null;
      return {
        format: 'olive-clock/problem@1',
        serveAt: 0,
        earliest: raw.earliest,
        hands: raw.hands,
        spanCost: raw.spanCost,
        ...(raw.away ? { away: [raw.away] } : {}),
        units: UNITS.map((id) => ({
          id,
          ...(id === 'v' ? { capacity: raw.capacity } : raw.busy ? { busy: [raw.busy] } : {}),
        })),
        tools: [{ id: 't', count: raw.toolCount }],
        resources: [{ id: 'w', capacity: raw.watts }],
        apart: raw.apart && blocks.length === 2 ? [['b0', 'b1']] : [],
        blocks,
        steps: raw.steps.map(({ watts, block, minutes, ...step }) => {
          const inBlock = blockId(block);
          const plain = typeof minutes === 'object' && inBlock === null ? minutes.u : minutes;
          return { ...step, minutes: plain, block: inBlock, uses: { w: watts } };
        }),
        links: raw.links
          .filter((l) => l.from !== l.to)
          .map((l) => ({
            from: `s${l.from}`,
            to: `s${l.to}`,
            min: l.min,
            max: l.slack === null ? null : l.min + l.slack,
            soft: l.soft,
            overCost: l.overCost,
          })),
        dishes: raw.dishes.map((d, i) => ({ ...d, id: `d${i}`, ready: `s${d.ready}` })),
      };
    });
}
