/** Composition after USDA FoodData Central (SR Legacy), densities from household measures there; from memory. */
import { group, row } from '../row';

export const MEATS = group('meat', [
  row('lamb-shoulder', 'lamb shoulder, lamb', 'solid', [63, 16.8, 19.3, 0, 0, 0.9], 0.95, {
    pieceMm: 50,
  }),
  row('beef-cheek', 'beef cheek, beef cheeks, ox cheek', 'solid', [70, 19.5, 9.5, 0, 0, 1], 0.95, {
    pieceG: 350,
    pieceMm: 60,
  }),
  row('beef-chuck', 'beef chuck, stewing beef, beef', 'solid', [69, 20, 10, 0, 0, 1], 0.95, {
    pieceMm: 40,
  }),
  row(
    'ground-beef',
    'ground beef, minced beef, ground meat',
    'solid',
    [62, 17.2, 20, 0, 0, 0.9],
    0.95,
    { pieceMm: 20 },
  ),
  row('pork-shoulder', 'pork shoulder, pork', 'solid', [64.2, 17.2, 17.5, 0, 0, 0.9], 0.95, {
    pieceMm: 50,
  }),
  row('ham', 'ham, cooked ham, diced ham', 'solid', [68.3, 19.4, 8.4, 0.5, 0, 3.2], 0.6, {
    pieceMm: 12,
  }),
  row('sausage', 'sausage, sausages', 'solid', [56, 15, 26, 1.2, 0, 2.6], 0.6, {
    pieceG: 90,
    pieceMm: 28,
  }),
]);
export const POULTRY = group('poultry', [
  row(
    'chicken-thigh',
    'chicken thigh, chicken thighs',
    'solid',
    [76.7, 19.7, 4.1, 0, 0, 1.1],
    0.95,
    { pieceG: 110, pieceMm: 30 },
  ),
  row(
    'chicken-breast',
    'chicken breast, chicken breasts, chicken',
    'solid',
    [73.9, 22.5, 2.6, 0, 0, 1.1],
    0.95,
    { pieceG: 200, pieceMm: 35 },
  ),
  row('duck-leg', 'duck leg, duck legs', 'solid', [70, 18, 11, 0, 0, 1], 0.95, {
    pieceG: 250,
    pieceMm: 45,
  }),
]);
export const FISH = group('fish', [
  row('white-fish', 'white fish, cod, haddock, hake', 'solid', [81.2, 17.8, 0.7, 0, 0, 1.2], 0.95, {
    pieceG: 150,
    pieceMm: 25,
  }),
  row('salmon', 'salmon', 'solid', [64.9, 20.4, 13.4, 0, 0, 1.1], 0.95, {
    pieceG: 150,
    pieceMm: 25,
  }),
]);
export const EGGS = group('egg', [
  row('egg', 'egg, eggs', 'solid', [76.2, 12.6, 9.5, 0.7, 0, 1.1], 1.03, {
    pieceG: 50,
    pieceMm: 43,
  }),
]);
export const DAIRY = group('dairy', [
  row('milk', 'milk, whole milk', 'thin', [88.1, 3.2, 3.3, 4.8, 0, 0.7], 1.03),
  row('cream', 'cream, double cream, heavy cream', 'thick', [57.7, 2.8, 36, 2.8, 0, 0.5], 1),
  row('yoghurt', 'yoghurt, yogurt, plain yoghurt', 'thick', [87.9, 3.5, 3.3, 4.7, 0, 0.7], 1.03),
  row(
    'hard-cheese',
    'hard cheese, grated cheese, parmesan cheese, cheese',
    'solid',
    [29.2, 35.8, 25.8, 3.2, 0, 6],
    0.42,
    { pieceMm: 2 },
  ),
  row('feta', 'feta, white cheese', 'solid', [55.2, 14.2, 21.3, 4.1, 0, 5.2], 0.63, {
    pieceMm: 10,
  }),
]);
