/**
 * Vegetables and mushrooms.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup and piece weights from
 * its household measures; juice given off is common practice. All from memory.
 */
import { foodTable } from '../table';

export const VEGETABLES = foodTable(
  'vegetable',
  `
onion        | onion, onions, yellow onion, red onion, white onion | solid | 89.1 1.1 0.1 7.6 1.7 0.4 | 0.68 | each=110 piece=10 gives=0.35 robust keep=root crisp=0.5 soft=2 through=0.5 | SR
shallot      | shallot, shallots | solid | 79.8 2.5 0.1 13.6 3.2 0.8 | 0.68 | each=30 piece=6 gives=0.3 robust keep=root | SR
spring-onion | spring onion, spring onions, scallion, scallions, green onions | solid | 89.8 1.8 0.2 4.7 2.6 0.8 | 0.42 | each=15 piece=5 keep=herb | SR
garlic       | garlic, garlic clove, garlic cloves | solid | 58.6 6.4 0.5 31 2.1 1.5 | 0.57 | each=3 piece=4 robust keep=root | SR
ginger       | ginger, fresh ginger, ginger root | solid | 78.9 1.8 0.8 15.8 2 0.8 | 0.42 | each=25 piece=4 robust keep=root | SR
carrot       | carrot, carrots | solid | 88.3 0.9 0.2 6.8 2.8 1 | 0.54 | each=61 piece=20 keep=root crisp=0.6 soft=2 | SR
parsnip      | parsnip, parsnips | solid | 79.5 1.2 0.3 13.1 4.9 1 | 0.56 | each=130 piece=20 keep=root crisp=0.6 soft=1.8 | SR
celeriac     | celeriac, celery root | solid | 88 1.5 0.3 7.4 1.8 1 | 0.66 | each=700 piece=20 keep=root allergens=celery crisp=0.6 soft=1.6 | SR
celery       | celery, celery stalk, celery stalks | solid | 95.4 0.7 0.2 1.4 1.6 0.8 | 0.43 | each=40 piece=12 allergens=celery | SR
turnip       | turnip, turnips | solid | 91.9 0.9 0.1 4.6 1.8 0.7 | 0.55 | each=120 piece=20 keep=root crisp=0.5 soft=1.5 | SR
swede        | swede, rutabaga | solid | 89.4 1.1 0.2 6.3 2.3 0.7 | 0.59 | each=400 piece=20 keep=root crisp=0.8 soft=2.5 | SR
kohlrabi     | kohlrabi | solid | 91 1.7 0.1 2.6 3.6 1 | 0.57 | each=250 piece=20 keep=root | SR
radish       | radish, radishes | solid | 95.3 0.7 0.1 1.8 1.6 0.6 | 0.49 | each=9 piece=20 | SR
leek         | leek, leeks | solid | 83 1.5 0.3 12.4 1.8 1 | 0.38 | each=150 piece=12 through=0.7 | SR
fennel       | fennel, fennel bulb | solid | 90.2 1.2 0.2 4.2 3.1 1.1 | 0.37 | each=240 piece=15 through=0.6 | SR
potato       | potato, potatoes, waxy potatoes, floury potatoes | solid | 79.3 2.1 0.1 15.4 2.1 1.1 | 0.64 | each=213 piece=40 keep=root crisp=0.6 soft=1.2 | SR
sweet-potato | sweet potato, sweet potatoes | solid | 77.3 1.6 0.1 17.1 3 1 | 0.56 | each=130 piece=40 keep=root crisp=0.5 soft=1.2 | SR
beetroot     | beetroot, beet, beets, beetroots | solid | 87.6 1.6 0.2 6.8 2.8 1.1 | 0.57 | each=110 piece=55 robust keep=root crisp=2 soft=5 | SR
artichoke    | artichoke, artichokes, globe artichokes | solid | 84.9 3.3 0.2 5.1 5.4 1.1 | 0.5 | each=128 piece=70 crisp=3 soft=6 through=0.5 | SR
asparagus    | asparagus | solid | 93.2 2.2 0.1 1.8 2.1 0.6 | 0.57 | each=16 piece=12 crisp=0.2 soft=0.8 | SR
squash       | squash, winter squash, butternut squash, pumpkin | solid | 86.4 1 0.1 9.7 2 0.8 | 0.59 | each=900 piece=25 keep=root crisp=0.4 soft=1.4 through=0.9 | SR
spaghetti-squash | spaghetti squash | solid | 91.6 0.6 0.6 5.4 1.5 0.3 | 0.43 | each=1200 piece=35 keep=root crisp=0.3 soft=1 through=0.75 | SR
courgette    | courgette, courgettes, zucchini | solid | 94.8 1.2 0.3 2.1 1 0.6 | 0.52 | each=196 piece=15 gives=0.2 crisp=0.1 soft=0.4 | SR
cucumber     | cucumber, cucumbers | solid | 95.2 0.7 0.1 3.1 0.5 0.4 | 0.44 | each=300 piece=10 | SR
red-cabbage  | red cabbage | solid | 90.4 1.4 0.2 5.3 2.1 0.7 | 0.38 | each=1000 piece=6 robust keep=root crisp=1 soft=4 | SR
cabbage      | cabbage, white cabbage, green cabbage, savoy cabbage | solid | 92.2 1.3 0.1 3.3 2.5 0.6 | 0.38 | each=900 piece=10 keep=root crisp=0.5 soft=2 through=0.35 | SR
sauerkraut   | sauerkraut | solid | 92.5 0.9 0.1 1.4 2.9 2.1 | 0.6 | piece=3 robust keep=opened | SR
kale         | kale, cavolo nero | solid | 89.6 2.9 1.5 0.3 4.1 1.6 | 0.28 | piece=3 growth=0.3 crisp=0.5 soft=2 keep=leafy | SR
chard        | chard, swiss chard | solid | 92.7 1.8 0.2 2.1 1.6 1.6 | 0.15 | piece=4 growth=0.25 keep=leafy | SR
collards     | collard greens, spring greens, greens | solid | 89.6 3 0.6 1.4 4 1.3 | 0.15 | piece=3 growth=0.3 crisp=1 soft=4 keep=leafy | SR
spinach      | spinach, baby spinach | solid | 91.4 2.9 0.4 1.4 2.2 1.7 | 0.13 | piece=2 growth=0.15 gives=0.3 crisp=0.05 soft=0.2 keep=leafy | SR
lettuce      | lettuce, salad leaves | solid | 95 1.2 0.3 2.1 1.2 0.6 | 0.2 | each=360 piece=2 keep=leafy through=0.3 | SR
cauliflower  | cauliflower, cauliflower florets | solid | 92.1 1.9 0.3 3 2 0.8 | 0.45 | each=600 piece=30 crisp=0.3 soft=1 through=0.5 | SR
broccoli     | broccoli, broccoli florets | solid | 89.3 2.8 0.4 4 2.6 0.9 | 0.38 | each=400 piece=25 crisp=0.3 soft=1 through=0.4 | SR
brussels     | brussels sprouts, sprouts | solid | 86 3.4 0.3 5.2 3.8 1.4 | 0.37 | each=19 piece=28 crisp=0.3 soft=1 through=0.8 | SR
green-beans  | green beans, french beans, runner beans | solid | 90.3 1.8 0.2 4.3 2.7 0.7 | 0.43 | each=6 piece=8 crisp=0.8 soft=2.5 | SR
okra         | okra | solid | 89.6 1.9 0.2 4.3 3.2 0.9 | 0.42 | each=12 piece=15 | SR
peas         | peas, green peas | solid | 78.9 5.4 0.4 8.7 5.7 0.9 | 0.61 | piece=8 crisp=0.1 soft=0.5 | SR
sweetcorn    | sweetcorn, corn, corn kernels | solid | 76.1 3.3 1.4 16.7 2 0.6 | 0.65 | piece=8 | SR
corn-cob     | corn on the cob, corn cob, corn cobs | solid | 76.1 3.3 1.4 16.7 2 0.6 | 0.5 | each=180 piece=45 soften=cob through=0.4 | SR
mushroom     | mushrooms, mushroom, button mushrooms, chestnut mushrooms | solid | 92.5 3.1 0.3 2.3 1 0.9 | 0.3 | each=18 piece=8 gives=0.4 robust keep=leafy soften=tender | SR
dried-mushroom | dried mushrooms, porcini, dried porcini | solid | 9.5 9.6 1 63.9 11.5 4.5 | 0.15 | piece=3 growth=2.5 takes=3 robust keep=dry | SR
bell-pepper  | bell pepper, pepper, peppers, red pepper, green pepper | solid | 92.2 1 0.3 3.9 2.1 0.5 | 0.63 | each=119 piece=8 through=0.8 | SR
chili        | chili, chilli, hot pepper, red chili, green chili | solid | 88 1.9 0.4 7.3 1.5 0.9 | 0.6 | each=15 piece=4 robust | SR
aubergine    | aubergine, aubergines, eggplant | solid | 92.3 1 0.2 2.9 3 0.7 | 0.35 | each=400 piece=25 gives=0.15 soften=tender | SR
tomato       | tomato, tomatoes, cherry tomatoes, plum tomatoes | solid | 94.5 0.9 0.2 2.7 1.2 0.5 | 0.76 | each=123 piece=30 gives=0.4 robust | SR
green-olives | green olives, olives, black olives | solid | 75.3 1 15.3 0.5 3.3 4.3 | 0.57 | each=4 piece=15 robust keep=opened | SR
capers       | capers | solid | 83.9 2.4 0.9 1.7 3.2 8 | 0.58 | piece=5 robust keep=opened | SR
`,
);
