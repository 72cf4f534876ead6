/**
 * Published job shops with their known optima. Values from memory; a proved optimum that equals the
 * published one says that they were remembered right.
 *
 * @source ft10: H. Fisher, G. Thompson, Probabilistic learning combinations of local job-shop
 *   scheduling rules (1963); la01–la05: S. Lawrence, Resource constrained project scheduling (1984)
 */
import { parseProblem, type Problem } from '$core/solve';

interface JobShop {
  name: string;
  optimum: number;
  /** One line a job: machine and minutes in turn. */
  jobs: string[];
}

export const FT10: JobShop = {
  name: 'ft10',
  optimum: 930,
  jobs: [
    '0 29 1 78 2 9 3 36 4 49 5 11 6 62 7 56 8 44 9 21',
    '0 43 2 90 4 75 9 11 3 69 1 28 6 46 5 46 7 72 8 30',
    '1 91 0 85 3 39 2 74 8 90 5 10 7 12 6 89 9 45 4 33',
    '1 81 2 95 0 71 4 99 6 9 8 52 7 85 3 98 9 22 5 43',
    '2 14 0 6 1 22 5 61 3 26 4 69 8 21 7 49 9 72 6 53',
    '2 84 1 2 5 52 3 95 8 48 9 72 0 47 6 65 4 6 7 25',
    '1 46 0 37 3 61 2 13 6 32 5 21 9 32 8 89 7 30 4 55',
    '2 31 0 86 1 46 5 74 4 32 6 88 8 19 9 48 7 36 3 79',
    '0 76 1 69 3 76 5 51 2 85 9 11 6 40 7 89 4 26 8 74',
    '1 85 0 13 2 61 6 7 8 64 9 76 5 47 3 52 4 90 7 45',
  ],
};

export const TEN_BY_FIVE: JobShop[] = [
  {
    name: 'la01',
    optimum: 666,
    jobs: [
      '1 21 0 53 4 95 3 55 2 34',
      '0 21 3 52 4 16 2 26 1 71',
      '3 39 4 98 1 42 2 31 0 12',
      '1 77 0 55 4 79 2 66 3 77',
      '0 83 3 34 2 64 1 19 4 37',
      '1 54 2 43 4 79 0 92 3 62',
      '3 69 4 77 1 87 2 87 0 93',
      '2 38 0 60 1 41 3 24 4 83',
      '3 17 1 49 4 25 0 44 2 98',
      '4 77 3 79 2 43 1 75 0 96',
    ],
  },
  {
    name: 'la02',
    optimum: 655,
    jobs: [
      '0 20 3 87 1 31 4 76 2 17',
      '4 25 2 32 0 24 1 18 3 81',
      '1 72 2 23 4 28 0 58 3 99',
      '2 86 1 76 4 97 0 45 3 90',
      '4 27 0 42 3 48 2 17 1 46',
      '1 67 0 98 4 48 3 27 2 62',
      '4 28 1 12 3 19 0 80 2 50',
      '1 63 0 94 2 98 3 50 4 80',
      '4 14 0 75 2 50 1 41 3 55',
      '4 72 2 18 1 37 3 79 0 61',
    ],
  },
  {
    name: 'la03',
    optimum: 597,
    jobs: [
      '1 23 2 45 0 82 4 84 3 38',
      '2 21 1 29 0 18 4 41 3 50',
      '2 38 3 54 4 16 0 52 1 52',
      '4 37 0 54 2 74 1 62 3 57',
      '4 57 0 81 1 61 3 68 2 30',
      '4 81 0 79 1 89 2 89 3 11',
      '3 33 2 20 0 91 4 20 1 66',
      '4 24 1 84 0 32 2 55 3 8',
      '4 56 0 7 3 54 2 64 1 39',
      '4 40 1 83 0 19 2 8 3 7',
    ],
  },
  {
    name: 'la04',
    optimum: 590,
    jobs: [
      '0 12 2 94 3 92 4 91 1 7',
      '1 19 3 11 4 66 2 21 0 87',
      '1 14 0 75 3 13 4 16 2 20',
      '2 95 4 66 0 7 3 7 1 77',
      '1 45 3 6 4 89 0 15 2 34',
      '3 77 2 20 0 76 4 88 1 53',
      '2 74 1 88 0 52 3 27 4 9',
      '1 88 3 69 0 62 4 98 2 52',
      '2 61 4 9 0 62 1 52 3 90',
      '2 54 4 5 3 59 1 15 0 88',
    ],
  },
  {
    name: 'la05',
    optimum: 593,
    jobs: [
      '1 72 0 87 4 95 2 66 3 60',
      '4 5 3 35 0 48 2 39 1 54',
      '1 46 3 20 2 21 0 97 4 55',
      '0 59 3 19 4 46 1 34 2 37',
      '4 23 2 73 3 25 1 24 0 28',
      '3 28 0 45 4 5 1 78 2 83',
      '0 53 3 71 1 37 4 29 2 12',
      '4 12 2 87 3 33 1 55 0 38',
      '2 49 3 83 1 40 0 48 4 7',
      '2 65 3 17 0 90 4 27 1 23',
    ],
  },
];

/** A job shop as a plan problem: every operation a stay on its machine, the span is the cost. */
export function toProblem({ jobs }: JobShop): Problem {
  const operations = jobs.flatMap((line, j) => {
    const numbers = line.split(' ').map(Number);
    return Array.from({ length: numbers.length / 2 }, (_, k) => ({
      id: `${j}.${k}`,
      machine: `m${numbers[2 * k]}`,
      minutes: numbers[2 * k + 1] ?? 0,
      before: k === 0 ? null : `${j}.${k - 1}`,
      isLast: k === numbers.length / 2 - 1,
    }));
  });
  const parsed = parseProblem({
    format: 'olive-clock/problem@1',
    serveAt: 0,
    earliest: -operations.reduce((sum, o) => sum + o.minutes, 0),
    units: [...new Set(operations.map((o) => o.machine))].map((id) => ({ id })),
    blocks: operations.map((o) => ({ id: `b${o.id}`, units: [o.machine] })),
    steps: operations.map((o) => ({ id: o.id, minutes: o.minutes, block: `b${o.id}` })),
    links: operations.flatMap((o) => (o.before ? [{ from: o.before, to: o.id }] : [])),
    dishes: operations
      .filter((o) => o.isLast)
      .map((o) => ({ id: `d${o.id}`, ready: o.id, holdCost: 0 })),
  });
  if (!parsed.ok) throw new Error(parsed.message);
  return parsed.problem;
}
