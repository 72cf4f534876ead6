/**
 * Fruit, herbs and spices.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup and piece weights from
 * its household measures. All from memory.
 */
import { foodTable } from '../table';

export const FRUITS = foodTable(
  'fruit',
  `
dried-apricots | dried apricots, apricots | solid | 30.9 3.4 0.5 55.3 7.3 2.6 | 0.55 | each=7 piece=10 growth=1.4 robust keep=dry allergens=sulphites | SR
raisins      | raisins, sultanas, currants | solid | 15.4 3.1 0.5 75.5 3.7 1.9 | 0.65 | piece=5 growth=1.4 robust keep=dry | SR
prunes       | prunes, dried plums | solid | 30.9 2.2 0.4 56.8 7.1 2.6 | 0.7 | each=9 piece=12 growth=1.3 robust keep=dry | SR
dates        | dates | solid | 20.5 2.5 0.4 67 8 1.6 | 0.62 | each=8 piece=15 robust keep=dry | SR
figs         | dried figs, figs | solid | 30.1 3.3 0.9 54.1 9.8 1.9 | 0.63 | each=8 piece=20 robust keep=dry | SR
cranberries  | dried cranberries, cranberries | solid | 15.8 0.2 1.1 77.5 5.3 0.1 | 0.5 | piece=6 growth=1.3 robust keep=dry | SR
apple        | apple, apples | solid | 85.6 0.3 0.2 11.4 2.4 0.2 | 0.52 | each=182 piece=20 soft=2 | SR
pear         | pear, pears | solid | 84 0.4 0.1 12.1 3.1 0.3 | 0.65 | each=178 piece=30 through=0.7 | SR
quince       | quince, quinces | solid | 83.8 0.4 0.1 13.4 1.9 0.4 | 0.6 | each=250 piece=30 soften=firm-fruit soft=6 | SR
plum         | plum, plums | solid | 87.2 0.7 0.3 10 1.4 0.4 | 0.7 | each=66 piece=40 | SR
cherry       | cherries, cherry | solid | 82.3 1.1 0.2 13.9 2.1 0.5 | 0.65 | each=8 piece=20 | SR
rhubarb      | rhubarb | solid | 93.6 0.9 0.2 2.7 1.8 0.8 | 0.52 | piece=18 | SR
berries      | berries, blueberries, raspberries, strawberries | solid | 85 1 0.4 8.8 4.4 0.4 | 0.6 | piece=15 | SR
plantain     | plantain, plantains | solid | 65.3 1.3 0.4 29.6 2.3 1.2 | 0.62 | each=179 piece=20 | SR
banana       | banana, bananas | solid | 74.9 1.1 0.3 20.2 2.6 0.8 | 0.63 | each=118 piece=25 | SR
mango        | mango, mangoes | solid | 83.5 0.8 0.4 13.4 1.6 0.4 | 0.7 | each=336 piece=20 | SR
pineapple    | pineapple | solid | 86 0.5 0.1 11.7 1.4 0.2 | 0.7 | each=900 piece=20 | SR
lemon        | lemon, lemons, lime, limes | solid | 89 1.1 0.3 6.5 2.8 0.3 | 0.9 | each=85 piece=10 robust | SR
citrus       | tangerine, tangerines, clementine, clementines | solid | 85.2 0.8 0.3 11.5 1.8 0.4 | 0.82 | each=88 piece=25 | SR
avocado      | avocado, avocados | solid | 73.2 2 14.7 1.8 6.7 1.6 | 0.63 | each=200 piece=20 | SR
`,
);

export const SEASONINGS = foodTable(
  'seasoning',
  `
salt         | salt, sea salt, kosher salt, fine salt | solid | 0.2 0 0 0 0 99.8 | 1.2 | piece=1 | SR
black-pepper | black pepper, ground pepper, peppercorns | solid | 12.5 10.4 3.3 38.7 25.3 4.5 | 0.47 | piece=1 | SR
cumin        | cumin, ground cumin, cumin seeds | solid | 8.1 17.8 22.3 33.7 10.5 7.6 | 0.43 | piece=1 | SR
coriander    | ground coriander, coriander seeds | solid | 8.9 12.4 17.8 13.1 41.9 6 | 0.34 | piece=1 | SR
turmeric     | turmeric, ground turmeric | solid | 12.9 9.7 3.3 44.4 22.7 7.1 | 0.6 | piece=1 | SR
paprika      | paprika, smoked paprika, sweet paprika | solid | 11.2 14.1 12.9 19.1 34.9 7.7 | 0.47 | piece=1 | SR
chili-flakes | chili flakes, chilli flakes, cayenne, cayenne pepper, chili powder | solid | 8.1 12 17.3 29.4 27.2 6 | 0.36 | piece=1 | SR
cinnamon     | cinnamon, ground cinnamon, cinnamon stick | solid | 10.6 4 1.2 27.5 53.1 3.6 | 0.53 | each=3 piece=1 | SR
cloves       | cloves, ground cloves, whole cloves | solid | 9.9 6 13 31.6 33.9 5.6 | 0.44 | each=0.1 piece=1 | SR
allspice     | allspice, ground allspice | solid | 8.5 6.1 8.7 50.5 21.6 4.7 | 0.4 | piece=1 | SR
nutmeg       | nutmeg | solid | 6.2 5.8 36.3 28.5 20.8 2.3 | 0.47 | each=5 piece=1 | SR
cardamom     | cardamom, cardamom pods | solid | 8.3 10.8 6.7 40.5 28 5.8 | 0.4 | each=0.2 piece=1 | SR
star-anise   | star anise, aniseed, anise seed | solid | 9.5 17.6 15.9 35.4 14.6 7 | 0.43 | each=1 piece=1 | SR
fennel-seed  | fennel seeds, fennel seed | solid | 8.8 15.8 14.9 12.5 39.8 8.2 | 0.39 | piece=1 | SR
mustard-seed | mustard seeds, mustard seed | solid | 5.3 26.1 36.2 15.9 12.2 4.3 | 0.69 | piece=1 allergens=mustard | SR
saffron      | saffron, saffron threads | solid | 11.9 11.4 5.9 61.5 3.9 5.4 | 0.14 | piece=1 | SR
sumac        | sumac | solid | 11 5 10 44 26 4 | 0.45 | piece=1 | CP
dill         | dill, fresh dill | solid | 86 3.5 1.1 4.9 2.1 2.5 | 0.04 | piece=1 keep=herb | SR
parsley      | parsley, fresh parsley, flat-leaf parsley | solid | 87.7 3 0.8 3 3.3 2.2 | 0.25 | piece=1 keep=herb | SR
cilantro     | cilantro, fresh coriander, coriander leaves | solid | 92.2 2.1 0.5 0.9 2.8 1.5 | 0.07 | piece=1 keep=herb | SR
mint         | mint, fresh mint | solid | 85.6 3.3 0.7 1.6 6.8 2 | 0.11 | piece=1 keep=herb | SR
basil        | basil, fresh basil | solid | 92.1 3.2 0.6 1.1 1.6 1.5 | 0.1 | piece=1 keep=herb | SR
thyme        | thyme, dried thyme, fresh thyme | solid | 7.8 9.1 7.4 27 37 11.7 | 0.18 | piece=1 | SR
rosemary     | rosemary, dried rosemary, fresh rosemary | solid | 9.3 4.9 15.2 21.5 42.6 6.5 | 0.22 | piece=1 | SR
oregano      | oregano, dried oregano | solid | 9.9 9 4.3 26.4 42.5 7.9 | 0.2 | piece=1 | SR
sage         | sage, dried sage | solid | 8 10.6 12.8 20.4 40.3 8 | 0.14 | piece=1 | SR
bay-leaf     | bay leaf, bay leaves | solid | 5.4 7.6 8.4 48.7 26.3 3.6 | 0.13 | each=0.3 piece=1 | SR
`,
);
