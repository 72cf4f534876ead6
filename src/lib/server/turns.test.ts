import { expect, it } from 'vitest';
import { turn } from './turns';

it('of a crowd of readers a change waits for one at most, and nobody waits for ever', async () => {
  const order: string[] = [];
  const take = (name: string, isChange: boolean): Promise<void> =>
    turn(isChange).then(() => void order.push(name));
  const pages = Array.from({ length: 6 }, (_, i) => take(`page ${i}`, false));
  const changes = Array.from({ length: 3 }, (_, i) => take(`change ${i}`, true));
  await Promise.all([...pages, ...changes]);
  expect(order).toEqual([
    'change 0',
    'page 0',
    'change 1',
    'page 1',
    'change 2',
    'page 2',
    'page 3',
    'page 4',
    'page 5',
  ]);
});
