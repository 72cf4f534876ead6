/** Composition after USDA FoodData Central (SR Legacy), densities from household measures there; from memory. */
import { group, row } from '../row';

export const LIQUIDS = group('liquid', [
  row('water', 'water', 'thin', [100, 0, 0, 0, 0, 0], 1),
  row(
    'broth',
    'broth, stock, chicken broth, beef broth, vegetable broth, vegetable stock, chicken stock, beef stock',
    'thin',
    [97.5, 0.6, 0.2, 0.5, 0, 1.2],
    1.01,
  ),
  row('wine', 'wine, white wine, red wine', 'thin', [87, 0.1, 0, 2.6, 0, 0.3], 0.99),
  row('stout', 'stout, beer, ale', 'thin', [92, 0.5, 0, 3.6, 0, 0.2], 1.01),
  row('juice', 'juice, apple juice, grape juice', 'thin', [88, 0.2, 0.1, 11, 0.2, 0.3], 1.04),
  row('lemon-juice', 'lemon juice, lime juice', 'thin', [92.3, 0.4, 0.2, 6.6, 0.3, 0.2], 1.03),
  row('vinegar', 'vinegar, wine vinegar, cider vinegar', 'thin', [94, 0, 0, 0.9, 0, 0.2], 1.01),
  row('coconut-milk', 'coconut milk', 'thick', [72.9, 2, 21.3, 2.8, 0.5, 0.7], 0.97),
  row(
    'passata',
    'passata, tomato sauce, crushed tomatoes',
    'thick',
    [91, 1.2, 0.2, 4.5, 1.5, 1.5],
    1.03,
  ),
  row('tomato-paste', 'tomato paste, tomato puree', 'thick', [73.5, 4.3, 0.5, 14.8, 4.1, 2.8], 1.1),
  row(
    'canned-tomatoes',
    'canned tomatoes, chopped tomatoes, diced tomatoes, tinned tomatoes',
    'thick',
    [94, 0.8, 0.3, 2.6, 1, 1],
    1.02,
  ),
  row('honey', 'honey', 'thick', [17.1, 0.3, 0, 82.2, 0.2, 0.2], 1.42),
]);
export const FATS = group('fat', [
  row(
    'olive-oil',
    'olive oil, oil, vegetable oil, sunflower oil',
    'thick',
    [0, 0, 100, 0, 0, 0],
    0.915,
  ),
  row('butter', 'butter', 'thick', [16.2, 0.9, 81.1, 0.1, 0, 2.1], 0.96),
]);
