/** Composition after USDA FoodData Central (SR Legacy), densities from household measures there; growth is common practice; from memory. */
import { group, row } from '../row';

export const GRAINS = group('grain', [
  row(
    'rice',
    'rice, white rice, long grain rice, basmati rice, jasmine rice',
    'solid',
    [11.6, 7.1, 0.7, 78.6, 1.3, 0.6],
    0.8,
    { pieceMm: 2, swells: true, growth: 3 },
  ),
  row('brown-rice', 'brown rice', 'solid', [11.8, 7.5, 3.2, 72.7, 3.6, 1.2], 0.8, {
    pieceMm: 2,
    swells: true,
    growth: 2.8,
  }),
  row(
    'bulgur',
    'bulgur, bulgur wheat, coarse bulgur',
    'solid',
    [9, 12.3, 1.3, 63.4, 12.5, 1.5],
    0.72,
    { pieceMm: 2, swells: true, growth: 2.8 },
  ),
  row(
    'barley',
    'barley, pearl barley, pearled barley',
    'solid',
    [10.1, 9.9, 1.2, 62.1, 15.6, 1.1],
    0.85,
    { pieceMm: 4, swells: true, growth: 3.3 },
  ),
  row('semolina', 'semolina', 'solid', [12.7, 12.7, 1.1, 68.9, 3.9, 0.8], 0.71, {
    pieceMm: 1,
    swells: true,
    growth: 3,
  }),
  row('pasta', 'pasta, macaroni, penne', 'solid', [9.9, 13, 1.5, 71.5, 3.2, 0.9], 0.42, {
    pieceMm: 3,
    swells: true,
    growth: 2,
  }),
  row(
    'oats',
    'oats, rolled oats, steel cut oats',
    'solid',
    [10.8, 13.2, 6.5, 57.6, 10.1, 1.8],
    0.38,
    { pieceMm: 2, swells: true, growth: 2.2 },
  ),
  row('quinoa', 'quinoa', 'solid', [13.3, 14.1, 6.1, 57.2, 7, 2.4], 0.72, {
    pieceMm: 2,
    swells: true,
    growth: 3,
  }),
  row(
    'flour',
    'flour, plain flour, all-purpose flour, wheat flour',
    'solid',
    [11.9, 10.3, 1, 73.6, 2.7, 0.5],
    0.53,
    { pieceMm: 1 },
  ),
  row(
    'flatbread',
    'flatbread, flatbreads, pita, bread',
    'solid',
    [32, 9.1, 1.2, 53.5, 2.2, 2],
    0.3,
    { pieceG: 80, pieceMm: 10 },
  ),
  row('breadcrumbs', 'breadcrumbs, bread crumbs', 'solid', [6.5, 13.4, 5.3, 67.5, 4.5, 2.8], 0.46, {
    pieceMm: 2,
  }),
]);
export const PULSES = group('pulse', [
  row(
    'chickpea',
    'dry chickpeas, chickpeas, dried chickpeas, garbanzo beans',
    'solid',
    [7.7, 20.5, 6, 50.8, 12.2, 2.8],
    0.85,
    { pieceMm: 9, swells: true, growth: 2.4 },
  ),
  row(
    'cooked-chickpea',
    'canned chickpeas, cooked chickpeas',
    'solid',
    [60.2, 8.9, 2.6, 19.8, 7.6, 0.9],
    0.69,
    { pieceMm: 11 },
  ),
  row(
    'black-bean',
    'dry black beans, black beans, dried black beans',
    'solid',
    [11, 21.6, 1.4, 46.9, 15.5, 3.6],
    0.82,
    { pieceMm: 7, swells: true, growth: 2.4 },
  ),
  row(
    'kidney-bean',
    'dry kidney beans, kidney beans, dried kidney beans',
    'solid',
    [11.8, 23.6, 0.8, 35.1, 24.9, 3.8],
    0.78,
    { pieceMm: 8, swells: true, growth: 2.4 },
  ),
  row('cooked-beans', 'canned beans, cooked beans', 'solid', [66, 8.9, 0.5, 15, 8, 1.2], 0.73, {
    pieceMm: 10,
  }),
  row(
    'red-lentil',
    'red lentils, split red lentils',
    'solid',
    [7.8, 23.9, 2.2, 52.3, 10.8, 2.5],
    0.81,
    { pieceMm: 2, swells: true, growth: 2.5 },
  ),
  row(
    'lentil',
    'brown lentils, lentils, green lentils',
    'solid',
    [8.3, 24.6, 1.1, 52.7, 10.7, 2.7],
    0.81,
    { pieceMm: 3, swells: true, growth: 2.5 },
  ),
]);
export const BAKING = group('baking', [
  row('sugar', 'sugar, white sugar, brown sugar', 'solid', [0.1, 0, 0, 99.9, 0, 0], 0.85, {
    pieceMm: 1,
  }),
  row(
    'cornstarch',
    'cornstarch, cornflour, starch',
    'solid',
    [8.3, 0.3, 0.1, 90.4, 0.9, 0.1],
    0.54,
    { pieceMm: 1 },
  ),
  row(
    'almonds',
    'almonds, flaked almonds, sliced almonds',
    'solid',
    [4.4, 21.2, 49.9, 9.1, 12.5, 3],
    0.48,
    { pieceMm: 5 },
  ),
]);
