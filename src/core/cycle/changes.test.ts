import { describe, expect, it } from 'vitest';
import { demoHousehold, DEMO_KITCHEN } from '../../demo/household';
import { browningBatches, dishSchema, scaleDish, type Dish } from '../dish';
import { kitchenSchema } from '../kitchen';
import { changesAt, roomFor } from './changes';

const { dishes } = demoHousehold(Date.UTC(2026, 10, 25, 9));
const kitchen = kitchenSchema.parse(DEMO_KITCHEN);
const lamb = dishes.find((d) => d.id === 'lamb-apricots') as Dish;
const brown = lamb.stages.find((s) => s.kind === 'brown');
if (!brown) throw new Error('no browning');

describe('what changes with the servings', () => {
  it('nothing at the servings it is written for', () => {
    for (const dish of dishes) expect(changesAt(dish, dish.servings, kitchen)).toEqual([]);
  });

  it('salt, the way up, the release and the rounds of browning, each with its reason', () => {
    const changes = changesAt(lamb, 12, kitchen);
    const what = changes.map((c) => c.what);
    for (const wanted of ['salt', 'time to pressure', 'release', 'browning'])
      expect(what).toContain(wanted);
    for (const change of changes) {
      expect(change.because, change.what).not.toBe('');
      if (change.what !== 'pressure time of robust food')
        expect(change.before).not.toBe(change.after);
    }
    expect(what).not.toContain('lamb shoulder');
  });

  it('another cooker is explained by what refuses, not by a guess', () => {
    const why = (servings: number) =>
      changesAt(lamb, servings, kitchen).find((c) => c.what === 'cooker')?.because;
    // At four the large one has too little liquid; at nine it has enough.
    expect(why(9)).toMatch(/Large before: .*thin liquid/);
  });

  it('water under a rack does not move, and says so', () => {
    const steamed = dishes.find((d) => d.ingredients.some((i) => i.scaling === 'with-pot')) as Dish;
    const doubled = changesAt(steamed, 2 * steamed.servings, kitchen);
    const water = doubled.find((c) => /goes with the pot/.test(c.because));
    expect(water?.before).toBe(water?.after);
  });
});

describe('browning by surface', () => {
  const batches = (servings: number, diameterMm: number): number =>
    browningBatches(scaleDish(lamb, servings), brown, diameterMm);

  it('more meat takes more rounds, a wider bottom fewer', () => {
    expect(batches(12, 220)).toBeGreaterThan(batches(4, 220));
    expect(batches(12, 300)).toBeLessThan(batches(12, 180));
  });

  it('agrees with the area of cubes: 1.9 kg of 5 cm cubes cover 362 cm², three quarters of 22 cm is 285', () => {
    expect(batches(8, 220)).toBe(2);
  });
});

describe('room in the cookers', () => {
  it('the most that fits does, one more does not', () => {
    for (const room of roomFor(lamb, 8, kitchen)) {
      if (room.most === 0) continue;
      const again = (n: number) =>
        roomFor(lamb, n, kitchen).find((r) => r.cooker === room.cooker)?.runs;
      expect(again(room.most)).toBe(1);
      expect(again(room.most + 1)).not.toBe(1);
    }
  });

  it('a larger cooker takes at least as many, and twenty go in runs', () => {
    const rooms = roomFor(lamb, 20, kitchen);
    const most = (name: string): number => rooms.find((r) => r.cooker === name)?.most ?? -1;
    expect(most('Large')).toBeGreaterThan(most('Middle'));
    expect(most('Middle')).toBeGreaterThan(most('Small'));
    expect(rooms.find((r) => r.cooker === 'Large')?.runs).toBeGreaterThan(1);
  });

  it('a dish without pressure needs none', () => {
    const salad = dishSchema.parse({ ...lamb, stages: [], products: [] });
    expect(roomFor(salad, 4, kitchen)).toEqual([]);
  });
});
