import { expect, it } from 'vitest';
import { changeAt, turn, type Kind } from './turns';

const queue = async (...crowds: [kind: Kind, count: number][]): Promise<string[]> => {
  const order: string[] = [];
  const waits = crowds.flatMap(([kind, count]) =>
    Array.from({ length: count }, (_, i) => turn(kind).then(() => void order.push(`${kind} ${i}`))),
  );
  await Promise.all(waits);
  return order;
};

it('of a crowd of readers a change waits for one at most, and the readers go on between changes', async () => {
  expect(await queue(['page', 4], ['change', 6])).toEqual([
    ...['change 0', 'change 1', 'change 2', 'change 3', 'page 0'],
    ...['change 4', 'change 5', 'page 1', 'page 2', 'page 3'],
  ]);
});

it('a tap of a live evening waits for nobody', async () => {
  expect(await queue(['page', 1], ['change', 5], ['live', 2])).toEqual([
    ...['live 0', 'live 1', 'change 0', 'change 1', 'change 2', 'change 3', 'page 0'],
    'change 4',
  ]);
});

it('only what changes a live evening is a tap', () => {
  expect(changeAt('/api/evenings/e1/events')).toBe('live');
  expect(changeAt('/api/meals/m1')).toBe('change');
});
