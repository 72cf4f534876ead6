/**
 * Grain, pulses, baking goods and nuts.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup weights from its
 * household measures; growth and water taken up are common practice. All from memory.
 */
import { foodTable } from '../table';

export const GRAINS = foodTable(
  'grain',
  `
rice         | rice, white rice, long grain rice, long-grain rice, basmati rice, jasmine rice | solid | 11.6 7.1 0.7 78.6 1.3 0.6 | 0.8 | piece=2 half growth=3 takes=1.2 soft=8 | SR
risotto-rice | risotto rice, arborio rice, short grain rice, sushi rice | solid | 12 6.6 0.6 78.5 1.6 0.6 | 0.85 | piece=3 half growth=3 takes=1.5 finicky soft=8 cover=1.2 | SR
brown-rice   | brown rice | solid | 11.8 7.5 3.2 72.7 3.6 1.2 | 0.8 | piece=2 half growth=2.8 takes=1.3 soft=26 | SR
wild-rice    | wild rice | solid | 7.8 14.7 1.1 68.7 6.2 1.5 | 0.68 | piece=2 half growth=3 takes=1.6 soft=28 | SR
bulgur       | bulgur, bulgur wheat, coarse bulgur | solid | 9 12.3 1.3 63.4 12.5 1.5 | 0.72 | piece=2 half growth=2.8 takes=1.5 allergens=gluten soft=6 | SR
barley       | barley, pearl barley, pearled barley | solid | 10.1 9.9 1.2 62.1 15.6 1.1 | 0.85 | piece=4 half growth=3.3 takes=2.4 allergens=gluten soft=26 | SR
wheat-berries| wheat berries, wheat grain, kamut | solid | 11 14.6 2.4 59.5 10.7 1.8 | 0.77 | piece=4 half growth=2.5 takes=1.3 allergens=gluten soft=34 | SR
farro        | farro, spelt, emmer, einkorn | solid | 10 14.6 2.4 60.5 10.7 1.8 | 0.77 | piece=4 half growth=2.4 takes=1.3 allergens=gluten soft=18 | SR
freekeh      | freekeh | solid | 10.5 14 2.5 59 12 1.9 | 0.75 | piece=3 half growth=2.6 takes=1.5 allergens=gluten soft=14 | CP
semolina     | semolina | solid | 12.7 12.7 1.1 68.9 3.9 0.8 | 0.71 | piece=1 half growth=3 takes=3 allergens=gluten soft=1 | SR
couscous     | couscous | solid | 8.6 12.8 0.6 72.4 5 0.6 | 0.73 | piece=1 half growth=2.6 takes=1.4 finicky allergens=gluten soft=1 | SR
polenta      | polenta, cornmeal, corn grits | solid | 10.3 8.1 3.6 69.6 7.3 1.1 | 0.66 | piece=1 half growth=3.5 takes=3.5 soft=12 | SR
millet       | millet | solid | 8.7 11 4.2 64.4 8.5 3.3 | 0.84 | piece=2 half growth=3 takes=1.8 soft=12 | SR
buckwheat    | buckwheat, kasha | solid | 9.8 13.3 3.4 61.5 10 2.1 | 0.72 | piece=3 half growth=2.8 takes=1.6 soft=7.5 | SR
quinoa       | quinoa | solid | 13.3 14.1 6.1 57.2 7 2.4 | 0.72 | piece=2 half growth=3 takes=1.4 soft=5 | SR
oats         | oats, rolled oats | solid | 10.8 13.2 6.5 57.6 10.1 1.8 | 0.38 | piece=2 half growth=2.2 takes=3 allergens=gluten soft=6.5 | SR
steel-oats   | steel cut oats, steel-cut oats, pinhead oats | solid | 8.2 16.9 6.9 55.7 10.6 1.7 | 0.68 | piece=2 half growth=2.8 takes=3 allergens=gluten soft=11 | SR
pasta        | pasta, macaroni, penne, fusilli, spaghetti | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.42 | piece=3 half growth=2 takes=1.3 finicky allergens=gluten soft=5 cover=0.8 | SR
orzo         | orzo, small pasta, risoni | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.75 | piece=2 half growth=2.3 takes=1.4 finicky allergens=gluten soft=4 cover=0.8 | SR
egg-noodles  | egg noodles, noodles | solid | 9.1 14.2 4.4 68 3.3 1 | 0.16 | piece=2 half growth=2 takes=1.3 finicky allergens=gluten+egg soft=3.5 cover=0.8 | SR
flatbread    | flatbread, flatbreads, pita, bread | solid | 32 9.1 1.2 53.5 2.2 2 | 0.3 | each=80 piece=10 keep=vegetable allergens=gluten | SR
breadcrumbs  | breadcrumbs, bread crumbs | solid | 6.5 13.4 5.3 67.5 4.5 2.8 | 0.46 | piece=2 allergens=gluten | SR
`,
);

export const PULSES = foodTable(
  'pulse',
  `
chickpea        | dry chickpeas, chickpeas, dried chickpeas, garbanzo beans | solid | 7.7 20.5 6 50.8 12.2 2.8 | 0.85 | piece=9 half growth=2.4 takes=1.1 soft=43 | SR
cooked-chickpea | canned chickpeas, cooked chickpeas | solid | 60.2 8.9 2.6 19.8 7.6 0.9 | 0.69 | piece=11 keep=cooked-pulse soft=0 | SR
black-bean      | dry black beans, black beans, dried black beans | solid | 11 21.6 1.4 46.9 15.5 3.6 | 0.82 | piece=7 half growth=2.4 takes=1.2 soft=29 | SR
kidney-bean     | dry kidney beans, kidney beans, dried kidney beans, red kidney beans | solid | 11.8 23.6 0.8 35.1 24.9 3.8 | 0.78 | piece=8 half growth=2.4 takes=1.2 soft=34 | SR
white-bean      | dry white beans, white beans, navy beans, haricot beans | solid | 11.3 23.4 0.9 45.1 15.2 4.2 | 0.86 | piece=8 half growth=2.4 takes=1.2 soft=31 | SR
cannellini-bean | dry cannellini beans, cannellini beans, cannellini, great northern beans | solid | 11.3 22.5 1 45.8 15.3 4.1 | 0.84 | piece=9 half growth=2.4 takes=1.2 soft=34 | SR
pinto-bean      | pinto beans, dry pinto beans, borlotti beans | solid | 11.3 21.4 1.2 47.1 15.5 3.5 | 0.82 | piece=8 half growth=2.4 takes=1.2 soft=32 | SR
butter-bean     | butter beans, lima beans, dry butter beans | solid | 10.2 21.5 0.7 44.4 19 4.3 | 0.75 | piece=10 half growth=2.4 takes=1.2 soft=24 | SR
black-eyed-pea  | black-eyed peas, black eyed peas, cowpeas | solid | 12 23.5 1.3 49.4 10.6 3.2 | 0.71 | piece=7 half growth=2.4 takes=1.2 soft=18 | SR
adzuki-bean     | adzuki beans, aduki beans | solid | 13.4 19.9 0.5 50.2 12.7 3.3 | 0.83 | piece=5 half growth=2.4 takes=1.2 soft=24 | SR
mung-bean       | mung beans, moong beans | solid | 9.1 23.9 1.2 46.3 16.3 3.3 | 0.87 | piece=4 half growth=2.4 takes=1.3 soft=15 | SR
mung-dal        | split mung beans, moong dal, yellow dal | solid | 9.8 23.9 1.4 52.5 9.4 3 | 0.85 | piece=3 half growth=2.6 takes=1.9 soft=8 cover=1 | SR
fava-bean       | dried broad beans, fava beans, broad beans | solid | 11 26.1 1.5 33.3 25 3.1 | 0.64 | piece=12 half growth=2.3 takes=1.2 soft=36 | SR
soybean         | soybeans, soya beans, dry soybeans | solid | 8.5 36.5 19.9 20.9 9.3 4.9 | 0.79 | piece=7 half growth=2.4 takes=1.2 allergens=soy soft=42 | SR
split-pea       | split peas, yellow split peas, green split peas | solid | 8.7 23.1 3.9 41.4 22.2 2.7 | 0.83 | piece=4 half growth=2.5 takes=1.9 soft=15 cover=1 | SR
red-lentil      | red lentils, split red lentils | solid | 7.8 23.9 2.2 52.3 10.8 2.5 | 0.81 | piece=2 half growth=2.5 takes=1.9 soft=8 cover=1 | SR
lentil          | brown lentils, lentils, green lentils | solid | 8.3 24.6 1.1 52.7 10.7 2.7 | 0.81 | piece=3 half growth=2.5 takes=1.3 soft=14 cover=1 | SR
cooked-beans    | canned beans, cooked beans, canned black beans, canned white beans, canned kidney beans | solid | 66 8.9 0.5 15 8 1.2 | 0.73 | piece=10 keep=cooked-pulse soft=0 | SR
tofu            | tofu, firm tofu | solid | 69.8 17.3 8.7 0.5 2.3 1.4 | 1 | piece=20 keep=opened allergens=soy soft=0 | SR
`,
);

export const BAKING = foodTable(
  'baking',
  `
flour         | flour, plain flour, all-purpose flour, wheat flour | solid | 11.9 10.3 1 73.6 2.7 0.5 | 0.53 | piece=1 allergens=gluten | SR
whole-flour   | whole wheat flour, wholemeal flour, whole-wheat flour | solid | 10.7 13.2 2.5 61.3 10.7 1.6 | 0.51 | piece=1 allergens=gluten | SR
sugar         | sugar, white sugar, granulated sugar | solid | 0.1 0 0 99.9 0 0 | 0.85 | piece=1 | SR
brown-sugar   | brown sugar, light brown sugar, dark brown sugar | solid | 1.3 0.1 0 98.1 0 0.5 | 0.93 | piece=1 | SR
cornstarch    | cornstarch, cornflour, starch, corn starch | solid | 8.3 0.3 0.1 90.4 0.9 0.1 | 0.54 | piece=1 | SR
cocoa         | cocoa, cocoa powder | solid | 3 19.6 13.7 20.9 37 5.8 | 0.36 | piece=1 | SR
chocolate     | chocolate, dark chocolate | solid | 1.4 7.8 42.6 35 10.9 2.3 | 0.7 | piece=5 allergens=milk+soy | SR
baking-powder | baking powder | solid | 5 0 0 27 0.2 67.8 | 0.93 | piece=1 | SR
yeast         | yeast, dry yeast | solid | 5.1 40.4 7.6 14.4 26.9 5.6 | 0.8 | piece=1 | SR
`,
);

export const NUTS = foodTable(
  'nut',
  `
almonds        | almonds, flaked almonds, sliced almonds, ground almonds | solid | 4.4 21.2 49.9 9.1 12.5 3 | 0.48 | piece=5 | SR
walnuts        | walnuts, walnut halves | solid | 4.1 15.2 65.2 7 6.7 1.8 | 0.46 | piece=8 | SR
hazelnuts      | hazelnuts | solid | 5.3 15 60.8 7 9.7 2.3 | 0.57 | piece=8 | SR
pistachios     | pistachios | solid | 4.4 20.2 45.3 16.6 10.6 3 | 0.52 | piece=7 | SR
cashews        | cashews, cashew nuts | solid | 5.2 18.2 43.9 26.9 3.3 2.5 | 0.55 | piece=8 | SR
pine-nuts      | pine nuts | solid | 2.3 13.7 68.4 9.4 3.7 2.6 | 0.57 | piece=4 | SR
chestnuts      | chestnuts, cooked chestnuts | solid | 40.5 3.2 2.2 47.9 5.1 1.4 | 0.6 | piece=18 soft=6 | SR
peanuts        | peanuts | solid | 6.5 25.8 49.2 7.6 8.5 2.3 | 0.62 | piece=7 allergens=peanut | SR
peanut-butter  | peanut butter | thick | 1.2 22.2 51.4 17.3 5 3 | 1.09 | allergens=peanut | SR
tahini         | tahini, sesame paste | thick | 3 17 53.8 11.9 9.3 5 | 1.01 | allergens=sesame | SR
sesame-seeds   | sesame seeds, sesame | solid | 4.7 17.7 49.7 11.7 11.8 4.5 | 0.61 | piece=1 allergens=sesame | SR
pumpkin-seeds  | pumpkin seeds | solid | 5.2 30.2 49.1 4.7 6 4.8 | 0.55 | piece=4 | SR
shredded-coconut | desiccated coconut, shredded coconut | solid | 3 6.9 64.5 7.4 16.3 1.9 | 0.35 | piece=2 allergens=sulphites | SR
`,
);
