/**
 * Pulses and what is made of them.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup weights from its
 * household measures; growth and water taken up are common practice. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory.
 */
import { foodTable } from '../table';

export const PULSES = foodTable(
  'pulse',
  `
chickpea         | dry chickpeas, chickpeas, dried chickpeas, garbanzo beans, kabuli chana, kabuli chole, chole, chhole, chana | solid | 7.7 20.5 6 50.8 12.2 2.8 | 0.85 | piece=9 half growth=2.4 takes=1.1 soft=43 pack=500 | SR
cooked-chickpea  | canned chickpeas, cooked chickpeas | solid | 60.2 8.9 2.6 19.8 7.6 0.9 | 0.69 | piece=11 keep=cooked-pulse soft=0 pack=400 | SR
black-bean       | dry black beans, black beans, dried black beans, black turtle beans, turtle beans | solid | 11 21.6 1.4 46.9 15.5 3.6 | 0.82 | piece=7 half growth=2.4 takes=1.2 soft=29 pack=500 | SR
kidney-bean      | dry kidney beans, kidney beans, dried kidney beans, red kidney beans, light red kidney beans, dark red kidney beans, rajma | solid | 11.8 23.6 0.8 35.1 24.9 3.8 | 0.78 | piece=8 half growth=2.4 takes=1.2 soft=34 pack=500 | SR
white-bean       | dry white beans, white beans, navy beans, haricot beans | solid | 11.3 23.4 0.9 45.1 15.2 4.2 | 0.86 | piece=8 half growth=2.4 takes=1.2 soft=31 pack=500 | SR
cannellini-bean  | dry cannellini beans, cannellini beans, cannellini, great northern beans | solid | 11.3 22.5 1 45.8 15.3 4.1 | 0.84 | piece=9 half growth=2.4 takes=1.2 soft=34 pack=500 | SR
pinto-bean       | pinto beans, dry pinto beans, borlotti beans | solid | 11.3 21.4 1.2 47.1 15.5 3.5 | 0.82 | piece=8 half growth=2.4 takes=1.2 soft=32 pack=500 | SR
butter-bean      | butter beans, lima beans, dry butter beans | solid | 10.2 21.5 0.7 44.4 19 4.3 | 0.75 | piece=10 half growth=2.4 takes=1.2 soft=24 pack=500 | SR
black-eyed-pea   | black-eyed peas, black eyed peas, cowpeas | solid | 12 23.5 1.3 49.4 10.6 3.2 | 0.71 | piece=7 half growth=2.4 takes=1.2 soft=18 | SR
adzuki-bean      | adzuki beans, aduki beans | solid | 13.4 19.9 0.5 50.2 12.7 3.3 | 0.83 | piece=5 half growth=2.4 takes=1.2 soft=24 | SR
mung-bean        | mung beans, moong beans, moong, whole moong, sabut moong, green gram, mung, whole mung, green mung, whole green mung, green moong | solid | 9.1 23.9 1.2 46.3 16.3 3.3 | 0.87 | piece=4 half growth=2.4 takes=1.3 soft=15 pack=500 | SR
mung-dal         | split mung beans, moong dal, yellow dal, mung dal, mung daal, moong daal | solid | 9.8 23.9 1.4 52.5 9.4 3 | 0.85 | piece=3 half growth=2.6 takes=1.9 soft=8 cover=1 | SR
fava-bean        | dried broad beans, fava beans, broad beans | solid | 11 26.1 1.5 33.3 25 3.1 | 0.64 | piece=12 half growth=2.3 takes=1.2 soft=36 | SR
soybean          | soybeans, soya beans, dry soybeans | solid | 8.5 36.5 19.9 20.9 9.3 4.9 | 0.79 | piece=7 half growth=2.4 takes=1.2 allergens=soy soft=42 | SR
split-pea        | split peas, yellow split peas, green split peas | solid | 8.7 23.1 3.9 41.4 22.2 2.7 | 0.83 | piece=4 half growth=2.5 takes=1.9 soft=15 cover=1 pack=500 | SR
red-lentil       | red lentils, split red lentils | solid | 7.8 23.9 2.2 52.3 10.8 2.5 | 0.81 | piece=2 half growth=2.5 takes=1.9 soft=8 cover=1 pack=500 | SR
lentil           | brown lentils, lentils, green lentils | solid | 8.3 24.6 1.1 52.7 10.7 2.7 | 0.81 | piece=3 half growth=2.5 takes=1.3 soft=14 cover=1 pack=500 | SR
cooked-beans     | canned beans, cooked beans, canned black beans, canned white beans, canned kidney beans | solid | 66 8.9 0.5 15 8 1.2 | 0.73 | piece=10 keep=cooked-pulse soft=0 pack=400 | SR
tofu             | tofu, firm tofu | solid | 69.8 17.3 8.7 0.5 2.3 1.4 | 1 | piece=20 keep=opened allergens=soy soft=0 pack=400 | SR
soaked-bean-mix  | mixed beans, bean mix, 15 bean mix, soup bean mix, dried mixed beans, dried beans, dry beans | solid | 11.3 22.5 1.2 46 15.3 3.7 | 0.8 | piece=8 half growth=2.4 takes=1.2 soft=33 | SR
brown-chickpea   | kala chana, brown chickpeas, black chickpeas, bengal gram, desi chickpeas | solid | 8.6 19.5 5.1 40 25 2.8 | 0.82 | piece=7 half growth=2.3 takes=1.1 soft=46 | IF
chana-dal        | chana dal, split chickpeas, gram dal, bengal gram dal | solid | 9 21.5 5.3 46.7 15.2 2.2 | 0.83 | piece=4 half growth=2.4 takes=1.6 cover=1 soft=17 pack=500 | IF
toor-dal         | toor dal, tuvar dal, arhar dal, pigeon pea dal, split pigeon peas, red gram dal | solid | 9.2 21.7 1.6 55.2 9.1 3.3 | 0.84 | piece=3 half growth=2.6 takes=1.9 cover=1 soft=12 pack=500 | IF
pigeon-pea       | pigeon peas, gandules, gungo peas | solid | 10.6 21.7 1.5 47.8 15 3.5 | 0.8 | piece=6 half growth=2.3 takes=1.2 soft=26 | SR
urad             | urad, urad beans, whole urad, black gram, black urad, urad whole, sabut urad | solid | 9 22.2 1.6 44 20 3.2 | 0.83 | piece=4 half growth=2.4 takes=1.3 soft=32 | IF
urad-dal         | urad dal, split urad, white urad dal, black gram dal | solid | 9.2 23.1 1.7 51 11.9 3.1 | 0.84 | piece=3 half growth=2.6 takes=1.9 cover=1 soft=18 pack=500 | IF
red-bean         | red beans, dried red beans | solid | 11.8 22.5 1 38 23 3.8 | 0.78 | piece=9 half growth=2.4 takes=1.2 soft=34 pack=500 | IF
moth-beans       | moth beans, matki | solid | 9.7 22.9 1.6 47 15 3.2 | 0.82 | piece=6 half growth=2.3 takes=1.2 soft=20 | IF
horse-gram       | horse gram | solid | 9.7 22.9 1.6 47 15 3.2 | 0.82 | piece=6 half growth=2.3 takes=1.2 soft=20 | IF
vaal             | vaal, vaal dal, val beans, field beans | solid | 9.7 22.9 1.6 47 15 3.2 | 0.82 | piece=6 half growth=2.3 takes=1.2 soft=20 | IF
hyacinth-beans   | hyacinth beans, lobia | solid | 9.7 22.9 1.6 47 15 3.2 | 0.82 | piece=6 half growth=2.3 takes=1.2 soft=20 | IF
borlotti         | borlotti, cranberry beans, roman beans, dried borlotti beans | solid | 12 22.5 1.2 36 24.7 3.6 | 0.8 | piece=8 half growth=2.4 takes=1.2 soft=32 | SR
flageolet-beans  | flageolet beans, flageolets, mayocoba beans, peruano beans | solid | 12 22.5 1.2 36 24.7 3.6 | 0.8 | piece=8 half growth=2.4 takes=1.2 soft=32 | SR
pink-beans       | pink beans, small red beans, anasazi beans | solid | 12 22.5 1.2 36 24.7 3.6 | 0.8 | piece=8 half growth=2.4 takes=1.2 soft=32 | SR
navy-bean        | navy bean, pea beans, small white beans, soldier beans, yellow-eye beans | solid | 12.1 22.3 1.5 45.5 15.3 3.3 | 0.86 | piece=7 half growth=2.4 takes=1.2 soft=29 | SR
gigante-bean     | gigante beans, giant beans, large lima beans, large butter beans, christmas lima beans, corona beans | solid | 10.2 21.5 0.7 44.4 19 4.3 | 0.72 | piece=12 half growth=2.4 takes=1.2 soft=28 | SR
baby-lima        | baby lima beans, small lima beans, dried baby limas | solid | 12.1 20.6 0.9 42.2 20.6 3.6 | 0.8 | piece=8 half growth=2.4 takes=1.2 soft=20 | SR
black-eyed-bean  | black-eyed beans, black eyed beans, dried black-eyed peas, dry black-eyed peas | solid | 12 23.5 1.3 49.4 10.6 3.2 | 0.71 | piece=7 half growth=2.4 takes=1.2 soft=18 | SR
whole-pea        | dried peas, marrowfat peas, whole dried peas, dried whole peas, whole green peas, dried whole green peas, dried green peas, yellow peas, vatana | solid | 9 23.8 1.2 37 25.5 2.7 | 0.8 | piece=7 half growth=2.4 takes=1.3 soft=24 | SR
puy-lentil       | puy lentils, french lentils, french green lentils, beluga lentils, black lentils, castelluccio lentils, small green lentils, umbrian lentils | solid | 8.5 24.5 1.2 50 13 2.8 | 0.83 | piece=3 half growth=2.3 takes=1.3 cover=1 soft=15 | SR
masoor           | masoor, masoor dal, whole masoor, sabut masoor, orange lentils, yellow lentils, split lentils | solid | 9 24 1 54 9.5 2.5 | 0.83 | piece=3 half growth=2.5 takes=1.9 cover=1 soft=8 | IF
lupini           | lupini beans, lupins, dried lupini | solid | 10.4 36.2 9.7 21.5 18.9 3.3 | 0.75 | piece=10 half growth=2.2 takes=1.2 allergens=lupin soft=45 | SR
cooked-lentils   | canned lentils, cooked lentils, tinned lentils, pouch of lentils, ready lentils | solid | 70 9 0.4 12 7.9 0.8 | 0.75 | piece=4 keep=cooked-pulse soft=0 | SR
canned-chickpeas | tinned chickpeas, jarred chickpeas, tin of chickpeas, can of chickpeas | solid | 68.8 7 2.6 14 6.4 1.2 | 0.69 | piece=11 keep=cooked-pulse soft=0 | SR
canned-beans     | tinned beans, tinned kidney beans, canned pinto beans, tinned black beans, tinned white beans, canned navy beans, canned cannellini beans, tinned cannellini beans, tinned butter beans, canned butter beans, can of beans, cooked black beans, cooked white beans, cooked kidney beans, cooked pinto beans | solid | 68 7.5 0.5 14 7 1.3 | 0.73 | piece=10 keep=cooked-pulse soft=0 | SR
baked-beans      | baked beans, chili beans, chilli beans, beans in tomato sauce, canned baked beans | thick | 72 5 0.4 15.5 5 1.8 | 1.05 | keep=cooked-pulse varies | SR
refried-beans    | refried beans, bean puree, hummus, houmous, bean dip, bean paste | thick | 72 6 5 10 5.5 1.7 | 1 | keep=opened varies safety=ready | SR
silken-tofu      | silken tofu, soft tofu, smoked tofu, extra firm tofu, extra-firm tofu, tofu puffs, marinated tofu | solid | 80.5 10 5.5 2 0.8 1.2 | 1 | piece=20 keep=opened allergens=soy soft=0 | SR
tempeh           | tempeh, seitan | solid | 62 19 9 7 2 1.5 | 0.9 | piece=15 keep=opened allergens=soy+gluten soft=0 | SR
tvp              | tvp, textured vegetable protein, soy mince, soya mince, soy chunks, soya chunks, meat substitute | solid | 8 44.5 1.5 25 15 6 | 0.35 | piece=5 growth=2.2 takes=2 allergens=soy+gluten soft=2 varies | SR
falafel          | falafel, veggie burger, vegetable burger, lentil burgers, bean burgers, vegan sausages, vegetarian sausages, plant-based burgers | solid | 50 10 12 20 6 2 | 0.7 | each=60 piece=22 keep=casserole allergens=gluten+soy+sesame soft=0 varies | SR
boondi           | boondi | solid | 4 14 32 42 5 3 | 0.25 | piece=5 varies | CP
chickpea-flour   | chickpea flour, gram flour, besan | solid | 10.3 22.4 6.7 47 10.8 2.8 | 0.4 | piece=1 | SR
`,
);
