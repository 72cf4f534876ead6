/**
 * Fruit.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup and piece weights from
 * its household measures. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory.
 */
import { foodTable } from '../table';

export const FRUITS = foodTable(
  'fruit',
  `
dried-apricots    | dried apricots, apricots | solid | 30.9 3.4 0.5 55.3 7.3 2.6 | 0.55 | each=7 piece=10 growth=1.4 robust keep=dry soften=dried-fruit allergens=sulphites pack=250 | SR
raisins           | raisins, sultanas, currants | solid | 15.4 3.1 0.5 75.5 3.7 1.9 | 0.65 | piece=5 growth=1.4 robust keep=dry pack=500 | SR
prunes            | prunes, dried plums | solid | 30.9 2.2 0.4 56.8 7.1 2.6 | 0.7 | each=9 piece=12 growth=1.3 robust keep=dry soften=dried-fruit pack=250 | SR
dates             | dates | solid | 20.5 2.5 0.4 67 8 1.6 | 0.62 | each=8 piece=15 robust keep=dry pack=250 | SR
figs              | dried figs, figs | solid | 30.1 3.3 0.9 54.1 9.8 1.9 | 0.63 | each=8 piece=20 robust keep=dry soften=dried-fruit | SR
cranberries       | dried cranberries, cranberries | solid | 15.8 0.2 1.1 77.5 5.3 0.1 | 0.5 | piece=6 growth=1.3 robust keep=dry | SR
apple             | apple, apples | solid | 85.6 0.3 0.2 11.4 2.4 0.2 | 0.52 | each=182 piece=20 soft=2 through=0.7 most=28 | SR
pear              | pear, pears | solid | 84 0.4 0.1 12.1 3.1 0.3 | 0.65 | each=178 piece=30 through=0.7 | SR
quince            | quince, quinces | solid | 83.8 0.4 0.1 13.4 1.9 0.4 | 0.6 | each=250 piece=30 soften=firm-fruit soft=6 | SR
plum              | plum, plums | solid | 87.2 0.7 0.3 10 1.4 0.4 | 0.7 | each=66 piece=40 soft=0.3 through=0.8 | SR
cherry            | cherries, cherry | solid | 82.3 1.1 0.2 13.9 2.1 0.5 | 0.65 | each=8 piece=20 | SR
rhubarb           | rhubarb | solid | 93.6 0.9 0.2 2.7 1.8 0.8 | 0.52 | piece=18 | SR
berries           | berries, blueberries | solid | 85 1 0.4 8.8 4.4 0.4 | 0.6 | piece=15 pack=150 | SR
plantain          | plantain, plantains | solid | 65.3 1.3 0.4 29.6 2.3 1.2 | 0.62 | each=179 piece=20 | SR
banana            | banana, bananas | solid | 74.9 1.1 0.3 20.2 2.6 0.8 | 0.63 | each=118 piece=25 | SR
mango             | mango, mangoes | solid | 83.5 0.8 0.4 13.4 1.6 0.4 | 0.7 | each=336 piece=20 | SR
pineapple         | pineapple | solid | 86 0.5 0.1 11.7 1.4 0.2 | 0.7 | each=900 piece=20 | SR
lemon             | lemon, lemons, lime, limes | solid | 89 1.1 0.3 6.5 2.8 0.3 | 0.9 | each=85 piece=10 robust | SR
citrus            | tangerine, tangerines, clementine, clementines | solid | 85.2 0.8 0.3 11.5 1.8 0.4 | 0.82 | each=88 piece=25 | SR
avocado           | avocado, avocados | solid | 73.2 2 14.7 1.8 6.7 1.6 | 0.63 | each=200 piece=20 | SR
cooking-apple     | cooking apple, cooking apples, bramley apples, baking apples, granny smith apples, tart apples | solid | 87 0.3 0.2 9.5 2.3 0.2 | 0.55 | each=230 piece=22 soft=1.2 | SR
applesauce        | applesauce, apple sauce, apple puree, fruit puree | thick | 88 0.2 0.1 10.2 1.2 0.2 | 1.03 | keep=opened | SR
fresh-apricot     | fresh apricots, fresh apricot | solid | 86.4 1.4 0.4 9.1 2 0.8 | 0.65 | each=35 piece=30 soft=0.4 | SR
peach             | peach, peaches | solid | 88.9 0.9 0.3 8 1.5 0.4 | 0.65 | each=150 piece=35 through=0.8 | SR
nectarine         | nectarine, nectarines | solid | 88.9 0.9 0.3 8 1.5 0.4 | 0.65 | each=150 piece=35 through=0.8 | SR
canned-fruit      | canned peaches, tinned peaches, canned pears, canned apricots, fruit cocktail, canned pineapple, tinned pineapple, crushed pineapple, pineapple chunks | solid | 84 0.5 0.1 13.5 1.3 0.3 | 0.95 | piece=15 keep=opened soft=0 | SR
damson            | damson, damsons, greengages, mirabelles, sloes | solid | 86 0.6 0.2 10.5 1.8 0.5 | 0.65 | each=20 piece=25 soft=0.3 | SR
blackberries      | blackberries, blackberry | solid | 86 1.2 0.4 5.5 5 0.5 | 0.6 | piece=15 | SR
mixed-berries     | mixed berries | solid | 86 1.2 0.4 5.5 5 0.5 | 0.6 | piece=15 | SR
blackcurrants     | blackcurrants, redcurrants | solid | 86 1.2 0.4 5.5 5 0.5 | 0.6 | piece=15 | SR
gooseberries      | gooseberries | solid | 86 1.2 0.4 5.5 5 0.5 | 0.6 | piece=15 | SR
elderberries      | elderberries, mulberries | solid | 86 1.2 0.4 5.5 5 0.5 | 0.6 | piece=15 | SR
fresh-cranberry   | fresh cranberries | solid | 87.3 0.5 0.1 7.6 3.6 0.1 | 0.42 | piece=12 soft=0.5 | SR
raspberries       | raspberries, raspberry, loganberries, tayberries | solid | 85.8 1.2 0.7 5.4 6.5 0.5 | 0.52 | piece=15 pack=150 | SR
strawberry        | strawberry, strawberries | solid | 91 0.7 0.3 5.7 2 0.4 | 0.68 | each=12 piece=22 | SR
grape             | grapes, grape | solid | 80.5 0.7 0.2 17.2 0.9 0.5 | 0.65 | each=5 piece=18 | SR
fresh-fig         | fresh figs, fresh fig | solid | 79.1 0.8 0.3 16.3 2.9 0.7 | 0.65 | each=50 piece=35 | SR
orange            | orange, oranges, blood orange, blood oranges, navel orange | solid | 86.8 0.9 0.1 9.4 2.4 0.4 | 0.75 | each=140 piece=60 robust | SR
mandarin          | mandarin, mandarins, satsumas | solid | 86.8 0.9 0.1 9.4 2.4 0.4 | 0.75 | each=140 piece=60 robust | SR
grapefruit        | grapefruit, seville oranges | solid | 86.8 0.9 0.1 9.4 2.4 0.4 | 0.75 | each=140 piece=60 robust | SR
preserved-lemon   | preserved lemon, preserved lemons, dried lime, dried limes, black lime, black limes, loomi | solid | 80 1 0.5 6 4 8.5 | 0.9 | each=60 piece=5 robust keep=opened | CP
lime-leaf         | kaffir lime leaves, makrut lime leaves, lime leaves | solid | 60 4 1.5 25 8 1.5 | 0.1 | each=0.5 piece=1 robust keep=herb | CP
melon             | melon, rockmelon | solid | 90.5 0.8 0.2 7.2 0.8 0.5 | 0.65 | each=1500 piece=25 | SR
watermelon        | watermelon, cantaloupe, honeydew, honeydew melon | solid | 90.5 0.8 0.2 7.2 0.8 0.5 | 0.65 | each=1500 piece=25 | SR
winter-melon      | winter melon | solid | 90.5 0.8 0.2 7.2 0.8 0.5 | 0.65 | each=1500 piece=25 | SR
papaya            | papaya, green papaya | solid | 86 0.8 0.4 9.5 2.4 0.5 | 0.65 | each=200 piece=20 | SR
guava             | guava | solid | 86 0.8 0.4 9.5 2.4 0.5 | 0.65 | each=200 piece=20 | SR
lychee            | lychee, lychees | solid | 86 0.8 0.4 9.5 2.4 0.5 | 0.65 | each=200 piece=20 | SR
passion-fruit     | passion fruit | solid | 86 0.8 0.4 9.5 2.4 0.5 | 0.65 | each=200 piece=20 | SR
kiwi              | kiwi, kiwis, dragon fruit, star fruit | solid | 86 0.8 0.4 9.5 2.4 0.5 | 0.65 | each=200 piece=20 | SR
pomegranate       | pomegranate, pomegranate seeds, pomegranate arils | solid | 77.9 1.7 1.2 14.7 4 0.5 | 0.7 | each=280 piece=6 | SR
persimmon         | persimmon, persimmons, kaki | solid | 80.3 0.6 0.2 15 3.6 0.3 | 0.65 | each=168 piece=40 | SR
fresh-coconut     | coconut, fresh coconut, grated coconut, coconut flakes, coconut flesh | solid | 47 3.3 33.5 6.2 9 1 | 0.34 | piece=3 robust | SR
dried-apple       | dried apple, dried apples | solid | 30 1.2 0.4 58 8.5 1.2 | 0.5 | piece=6 growth=1.5 robust keep=dry allergens=sulphites soften=dried-fruit | SR
dried-pears       | dried pears, dried fruit | solid | 30 1.2 0.4 58 8.5 1.2 | 0.5 | piece=6 growth=1.5 robust keep=dry allergens=sulphites soften=dried-fruit | SR
mixed-dried-fruit | mixed dried fruit | solid | 30 1.2 0.4 58 8.5 1.2 | 0.5 | piece=6 growth=1.5 robust keep=dry allergens=sulphites soften=dried-fruit | SR
dried-mango       | dried mango | solid | 30 1.2 0.4 58 8.5 1.2 | 0.5 | piece=6 growth=1.5 robust keep=dry allergens=sulphites soften=dried-fruit | SR
dried-cherries    | dried cherries, dried berries | solid | 30 1.2 0.4 58 8.5 1.2 | 0.5 | piece=6 growth=1.5 robust keep=dry allergens=sulphites soften=dried-fruit | SR
golden-raisins    | golden raisins, craisins, barberries, dried sour cherries, goji berries | solid | 15 2 0.6 76 5 1.5 | 0.62 | piece=5 growth=1.4 robust keep=dry allergens=sulphites | SR
tamarind          | tamarind, tamarind paste, tamarind pulp, tamarind concentrate, imli, tamarind block | thick | 20.8 2.9 0.2 67.4 5.3 3.4 | 1.1 | keep=dry | IF
candied-peel      | candied peel, mixed peel, candied orange peel, glace cherries, candied ginger, crystallised ginger, stem ginger, stem ginger in syrup, preserved ginger, maraschino cherries | solid | 17 0.3 0.1 79 2 0.4 | 0.75 | piece=5 robust keep=dry allergens=sulphites | SR
`,
);
