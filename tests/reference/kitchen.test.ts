import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { ask } from '$core/ask';

/**
 * A thousand plain facts about foods and cuts of every kind, asked as the command line asks. Holds and water: common
 * practice; temperatures: USDA FSIS, Safe Minimum Internal Temperature Chart; days: FoodSafety.gov, Cold Food Storage
 * Chart, and FoodKeeper; cups: USDA FoodData Central household measures. All from memory, as ranges of what good
 * kitchens and the charts allow; a tenth of each bound, or half a minute, is the room of a kitchen clock.
 */
function rows(name: string): string[][] {
  const [, ...lines] = readFileSync(`tests/reference/${name}.csv`, 'utf8').trim().split('\n');
  return lines.map((line) => line.split(','));
}

function answer(question: string, input: object): Record<string, unknown> {
  const found = ask(question, input);
  if (!found.ok) throw new Error(found.problems.map((p) => p.message).join('; '));
  return found.value as unknown as Record<string, unknown>;
}

const COOKER = { litres: 5.7, watts: 1000 };

describe('foods of every kind', () => {
  it('hold for as long as cooks hold them', () => {
    const misses = rows('kitchen-holds').flatMap((row) => {
      const [food, shape, mm, grams, pieces, target, level, release, state, treated, from, to] =
        row;
      const { minutes } = answer('hold', {
        food,
        cut: { shape, thicknessMm: Number(mm) },
        grams: Number(grams),
        pieces: Number(pieces),
        target,
        level,
        release: release === '10' ? 10 : release,
        state,
        altitudeM: 0,
        cooker: COOKER,
        ...(treated ? { treated } : {}),
      }) as { minutes?: [number, number] };
      if (!minutes) return [`${food}: no minutes`];
      const middle = (minutes[0] + minutes[1]) / 2;
      const room = (bound: number): number => Math.max(0.5, bound / 10);
      const [low, high] = [Number(from), Number(to)];
      return middle >= low - room(low) && middle <= high + room(high)
        ? []
        : [`${food}, ${mm} mm, ${target}: ${minutes.join('–')} for ${low}–${high}`];
    });
    expect(misses).toEqual([]);
  }, 240_000);

  it('are safe at the temperature of what their name says is in them, and keep as long as that', () => {
    const misses = rows('kitchen-names').flatMap(
      ([question = '', food = '', place, wanted = '']) => {
        const got = answer(question, place ? { food, place } : { food });
        if (wanted === 'unknown') return got.unknown === true ? [] : [`${food} is not asked for`];
        const said = question === 'safe' ? got.thermometerC : got.days;
        if (wanted === 'none') return said === undefined ? [] : [`${food}: ${String(said)} °C`];
        const [low, high] = [said].flat() as [number, number?];
        const [from, to] = wanted.split('..');
        const isIn =
          low >= (from ? Number(from) : -Infinity) &&
          (high ?? low) <= (to ? Number(to) * (place === 'counter' ? 1.01 : 1) : Infinity);
        return isIn ? [] : [`${question} ${food}: ${String(said)} for ${wanted}`];
      },
    );
    expect(misses).toEqual([]);
  });

  it('weigh by the cup what the tables weigh', () => {
    const misses = rows('kitchen-cups').flatMap(([food, from, to]) => {
      const got = Number(answer('convert', { amount: 1, unit: 'cup', to: 'g', food }).amount);
      return got >= Number(from) * 0.98 && got <= Number(to) * 1.02 ? [] : [`${food}: ${got} g`];
    });
    expect(misses).toEqual([]);
  });

  it('drink as much water as cooks give them', () => {
    const misses = rows('kitchen-water').flatMap(([food, grams, vessel, treated, from, to]) => {
      const ml = Number(answer('water', { food, grams: Number(grams), vessel, treated }).ml);
      return ml >= Number(from) * 0.9 && ml <= Number(to) * 1.1
        ? []
        : [`${food}, ${vessel}: ${ml} ml`];
    });
    expect(misses).toEqual([]);
  });
});
