/** Composition after USDA FoodData Central (SR Legacy), piece and cup weights from household measures there; from memory. */
import { group, row } from '../row';

export const VEGETABLES = group('vegetable', [
  row(
    'onion',
    'onion, onions, yellow onion, red onion',
    'solid',
    [89.1, 1.1, 0.1, 7.6, 1.7, 0.4],
    0.68,
    { pieceG: 150, pieceMm: 10 },
  ),
  row('garlic', 'garlic, garlic clove', 'solid', [58.6, 6.4, 0.5, 31, 2.1, 1.5], 0.57, {
    pieceG: 4,
    pieceMm: 4,
  }),
  row('ginger', 'ginger, fresh ginger', 'solid', [78.9, 1.8, 0.8, 15.8, 2, 0.8], 0.42, {
    pieceG: 25,
    pieceMm: 4,
  }),
  row('carrot', 'carrot, carrots', 'solid', [88.3, 0.9, 0.2, 6.8, 2.8, 1], 0.54, {
    pieceG: 70,
    pieceMm: 20,
  }),
  row('celery', 'celery', 'solid', [95.4, 0.7, 0.2, 1.4, 1.6, 0.8], 0.43, {
    pieceG: 50,
    pieceMm: 12,
  }),
  row('leek', 'leek, leeks', 'solid', [83, 1.5, 0.3, 12.4, 1.8, 1], 0.38, {
    pieceG: 150,
    pieceMm: 12,
  }),
  row('fennel', 'fennel', 'solid', [90.2, 1.2, 0.2, 4.2, 3.1, 1.1], 0.37, {
    pieceG: 240,
    pieceMm: 15,
  }),
  row('potato', 'potato, potatoes', 'solid', [79.3, 2.1, 0.1, 15.4, 2.1, 1.1], 0.64, {
    pieceG: 180,
    pieceMm: 40,
  }),
  row('sweet-potato', 'sweet potato, sweet potatoes', 'solid', [77.3, 1.6, 0.1, 17.1, 3, 1], 0.56, {
    pieceG: 180,
    pieceMm: 40,
  }),
  row('beetroot', 'beetroot, beet, beets', 'solid', [87.6, 1.6, 0.2, 6.8, 2.8, 1.1], 0.57, {
    pieceG: 110,
    pieceMm: 55,
  }),
  row(
    'squash',
    'squash, winter squash, butternut squash, pumpkin',
    'solid',
    [86.4, 1, 0.1, 9.7, 2, 0.8],
    0.59,
    { pieceG: 900, pieceMm: 25 },
  ),
  row('red-cabbage', 'red cabbage, cabbage', 'solid', [90.4, 1.4, 0.2, 5.3, 2.1, 0.7], 0.38, {
    pieceG: 1000,
    pieceMm: 6,
  }),
  row('cauliflower', 'cauliflower', 'solid', [92.1, 1.9, 0.3, 3, 2, 0.8], 0.45, {
    pieceG: 600,
    pieceMm: 30,
  }),
  row('broccoli', 'broccoli', 'solid', [89.3, 2.8, 0.4, 4, 2.6, 0.9], 0.38, {
    pieceG: 400,
    pieceMm: 25,
  }),
  row('green-beans', 'green beans', 'solid', [90.3, 1.8, 0.2, 4.3, 2.7, 0.7], 0.43, {
    pieceG: 6,
    pieceMm: 8,
  }),
  row('peas', 'peas, green peas', 'solid', [78.9, 5.4, 0.4, 8.7, 5.7, 0.9], 0.61, { pieceMm: 8 }),
  row('mushroom', 'mushrooms, mushroom', 'solid', [92.5, 3.1, 0.3, 2.3, 1, 0.9], 0.3, {
    pieceG: 18,
    pieceMm: 8,
  }),
  row(
    'bell-pepper',
    'bell pepper, pepper, peppers, red pepper',
    'solid',
    [92.2, 1, 0.3, 3.9, 2.1, 0.5],
    0.63,
    { pieceG: 150, pieceMm: 8 },
  ),
  row('aubergine', 'aubergine, eggplant', 'solid', [92.3, 1, 0.2, 2.9, 3, 0.7], 0.35, {
    pieceG: 400,
    pieceMm: 25,
  }),
  row('tomato', 'tomato, tomatoes', 'solid', [94.5, 0.9, 0.2, 2.7, 1.2, 0.5], 0.76, {
    pieceG: 120,
    pieceMm: 30,
  }),
  row('spinach', 'spinach', 'solid', [91.4, 2.9, 0.4, 1.4, 2.2, 1.7], 0.13, {
    pieceMm: 2,
    growth: 0.15,
  }),
  row('green-olives', 'green olives, olives', 'solid', [75.3, 1, 15.3, 0.5, 3.3, 4.3], 0.57, {
    pieceG: 4,
    pieceMm: 15,
  }),
]);
export const FRUITS = group('fruit', [
  row(
    'dried-apricots',
    'dried apricots, apricots',
    'solid',
    [30.9, 3.4, 0.5, 55.3, 7.3, 2.6],
    0.55,
    { pieceG: 7, pieceMm: 10, growth: 1.4 },
  ),
  row('raisins', 'raisins, sultanas', 'solid', [15.4, 3.1, 0.5, 75.5, 3.7, 1.9], 0.65, {
    pieceMm: 5,
    growth: 1.4,
  }),
  row('prunes', 'prunes, dried plums', 'solid', [30.9, 2.2, 0.4, 56.8, 7.1, 2.6], 0.7, {
    pieceG: 9,
    pieceMm: 12,
    growth: 1.3,
  }),
  row('apple', 'apple, apples', 'solid', [85.6, 0.3, 0.2, 11.4, 2.4, 0.2], 0.52, {
    pieceG: 180,
    pieceMm: 20,
  }),
  row('pear', 'pear, pears', 'solid', [84, 0.4, 0.1, 12.1, 3.1, 0.3], 0.65, {
    pieceG: 180,
    pieceMm: 30,
  }),
  row('plantain', 'plantain, plantains', 'solid', [65.3, 1.3, 0.4, 29.6, 2.3, 1.2], 0.62, {
    pieceG: 180,
    pieceMm: 20,
  }),
  row('lemon', 'lemon, lemons', 'solid', [89, 1.1, 0.3, 6.5, 2.8, 0.3], 0.9, {
    pieceG: 85,
    pieceMm: 10,
  }),
]);
export const SEASONINGS = group('seasoning', [
  row('salt', 'salt, sea salt', 'solid', [0.2, 0, 0, 0, 0, 99.8], 1.2, { pieceMm: 1 }),
  row(
    'black-pepper',
    'black pepper, ground pepper',
    'solid',
    [12.5, 10.4, 3.3, 38.7, 25.3, 4.5],
    0.47,
    { pieceMm: 1 },
  ),
  row(
    'cumin',
    'cumin, ground cumin, cumin seeds',
    'solid',
    [8.1, 17.8, 22.3, 33.7, 10.5, 7.6],
    0.43,
    { pieceMm: 1 },
  ),
  row('paprika', 'paprika, smoked paprika', 'solid', [11.2, 14.1, 12.9, 19.1, 34.9, 7.7], 0.47, {
    pieceMm: 1,
  }),
  row(
    'cinnamon',
    'cinnamon, ground cinnamon, cinnamon stick',
    'solid',
    [10.6, 4, 1.2, 27.5, 53.1, 3.6],
    0.53,
    { pieceG: 3, pieceMm: 1 },
  ),
  row('saffron', 'saffron, saffron threads', 'solid', [11.9, 11.4, 5.9, 61.5, 3.9, 5.4], 0.14, {
    pieceMm: 1,
  }),
  row('dill', 'dill, fresh dill', 'solid', [86, 3.5, 1.1, 4.9, 2.1, 2.5], 0.04, { pieceMm: 1 }),
  row(
    'parsley',
    'parsley, fresh parsley, flat-leaf parsley',
    'solid',
    [87.7, 3, 0.8, 3, 3.3, 2.2],
    0.25,
    { pieceMm: 1 },
  ),
  row('thyme', 'thyme, dried thyme', 'solid', [7.8, 9.1, 7.4, 27, 37, 11.7], 0.18, { pieceMm: 1 }),
  row('bay-leaf', 'bay leaf, bay leaves', 'solid', [5.4, 7.6, 8.4, 48.7, 26.3, 3.6], 0.13, {
    pieceG: 0.3,
    pieceMm: 1,
  }),
]);
