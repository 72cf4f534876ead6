/**
 * Liquids and fats.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup weights from its
 * household measures; CP common practice. All from memory.
 */
import { foodTable } from '../table';

export const LIQUIDS = foodTable(
  'liquid',
  `
water           | water | thin | 100 0 0 0 0 0 | 1 | keep=dry | SR
broth           | broth, stock, chicken broth, beef broth, vegetable broth, vegetable stock, chicken stock, beef stock, bouillon | thin | 97.5 0.6 0.2 0.5 0 1.2 | 1.01 | keep=soup allergens=celery | SR
wine            | wine, white wine, red wine, dry white wine, sherry, port, vermouth, marsala, mirin, sake | thin | 87 0.1 0 2.6 0 0.3 | 0.99 | allergens=sulphites | SR
stout           | stout, beer, ale | thin | 92 0.5 0 3.6 0 0.2 | 1.01 | allergens=gluten | SR
juice           | juice, apple juice, grape juice | thin | 88 0.2 0.1 11 0.2 0.3 | 1.04 | | SR
cola            | cola, lemonade, ginger ale, soda, fizzy drink, root beer, tonic water | thin | 89.5 0 0 10.4 0 0.1 | 1.04 | | SR
soda-water      | soda water, sparkling water, mineral water | thin | 100 0 0 0 0 0 | 1 | keep=dry | SR
cider           | cider, dry cider | thin | 93 0 0 2.6 0 0.2 | 1.01 | allergens=sulphites | SR
lemon-juice     | lemon juice, lime juice | thin | 92.3 0.4 0.2 6.6 0.3 0.2 | 1.03 | | SR
vinegar         | vinegar, wine vinegar, cider vinegar, red wine vinegar, white wine vinegar | thin | 94 0 0 0.9 0 0.2 | 1.01 | keep=dry | SR
tomato-juice    | tomato juice, vegetable juice | thin | 94.2 0.9 0.3 3.1 0.4 1.1 | 1.03 | | SR
soy-sauce       | soy sauce, tamari | thin | 71.2 8.1 0.6 4.1 0.8 15.2 | 1.08 | keep=dry allergens=soy+gluten | SR
coconut-milk    | coconut milk | thick | 72.9 2 21.3 2.8 0.5 0.7 | 0.97 | | SR
passata         | passata, tomato sauce, crushed tomatoes | thick | 91 1.2 0.2 4.5 1.5 1.5 | 1.03 | | SR
tomato-paste    | tomato paste, tomato puree | thick | 73.5 4.3 0.5 14.8 4.1 2.8 | 1.1 | | SR
canned-tomatoes | canned tomatoes, chopped tomatoes, diced tomatoes, tinned tomatoes, whole peeled tomatoes | thick | 94 0.8 0.3 2.6 1 1 | 1.02 | | SR
salsa           | salsa, tomato salsa | thick | 90 1.5 0.2 4.8 1.9 1.7 | 1.05 | | SR
condensed-soup  | condensed soup, condensed cream soup | thick | 81 1.7 7.5 7.5 0.5 1.8 | 1.05 | allergens=milk+gluten | SR
honey           | honey | thick | 17.1 0.3 0 82.2 0.2 0.2 | 1.42 | keep=dry | SR
maple-syrup     | maple syrup, syrup | thick | 32.4 0 0.1 67 0 0.5 | 1.32 | keep=dry | SR
molasses        | molasses, treacle, pomegranate molasses | thick | 21.9 0 0.1 74.7 0 3.3 | 1.42 | keep=dry | SR
jam             | jam, jelly, preserves, apricot jam | thick | 30.5 0.4 0.1 67.8 1.1 0.2 | 1.35 | keep=dry | SR
mustard         | mustard, dijon mustard, wholegrain mustard | thick | 83.7 3.7 3.3 1.8 4 3.5 | 1.05 | keep=dry allergens=mustard | SR
harissa         | harissa, chili paste, chilli paste | thick | 78 2.5 6 7 3 3.5 | 1.05 | | CP
`,
);

export const FATS = foodTable(
  'fat',
  `
olive-oil   | olive oil, oil, vegetable oil, sunflower oil, rapeseed oil | thick | 0 0 100 0 0 0 | 0.915 | | SR
sesame-oil  | sesame oil | thick | 0 0 100 0 0 0 | 0.92 | allergens=sesame | SR
butter      | butter, unsalted butter | thick | 16.2 0.9 81.1 0.1 0 2.1 | 0.96 | keep=butter aisle=dairy allergens=milk | SR
ghee        | ghee, clarified butter | thick | 0.2 0.3 99.5 0 0 0 | 0.91 | allergens=milk | SR
lard        | lard, dripping, duck fat | thick | 0 0 100 0 0 0 | 0.87 | | SR
`,
);
