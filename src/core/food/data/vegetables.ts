/**
 * Vegetables and mushrooms.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup and piece weights from
 * its household measures; juice given off is common practice. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory.
 */
import { foodTable } from '../table';

export const VEGETABLES = foodTable(
  'vegetable',
  `
onion               | onion, onions, yellow onion, red onion, white onion, pyaz | solid | 89.1 1.1 0.1 7.6 1.7 0.4 | 0.68 | each=110 piece=10 gives=0.35 robust keep=root crisp=0.5 soft=2 through=0.5 most=30 | SR
shallot             | shallot, shallots | solid | 79.8 2.5 0.1 13.6 3.2 0.8 | 0.68 | each=30 piece=6 gives=0.3 robust keep=root | SR
spring-onion        | spring onion, spring onions, scallion, scallions, green onions | solid | 89.8 1.8 0.2 4.7 2.6 0.8 | 0.42 | each=15 piece=5 keep=herb | SR
garlic              | garlic, garlic clove, garlic cloves, lahsun | solid | 58.6 6.4 0.5 31 2.1 1.5 | 0.57 | each=3 piece=4 robust keep=root | SR
ginger              | ginger, fresh ginger, ginger root, adrak | solid | 78.9 1.8 0.8 15.8 2 0.8 | 0.42 | each=25 piece=4 robust keep=root | SR
carrot              | carrot, carrots, gajar | solid | 88.3 0.9 0.2 6.8 2.8 1 | 0.54 | each=61 piece=20 keep=root crisp=0.6 soft=2 | SR
parsnip             | parsnip, parsnips | solid | 79.5 1.2 0.3 13.1 4.9 1 | 0.56 | each=130 piece=20 keep=root crisp=0.6 soft=1.8 | SR
celeriac            | celeriac, celery root | solid | 88 1.5 0.3 7.4 1.8 1 | 0.66 | each=700 piece=20 keep=root allergens=celery crisp=0.6 soft=1.6 | SR
celery              | celery, celery stalk, celery stalks | solid | 95.4 0.7 0.2 1.4 1.6 0.8 | 0.43 | each=40 piece=12 allergens=celery | SR
turnip              | turnip, turnips | solid | 91.9 0.9 0.1 4.6 1.8 0.7 | 0.55 | each=120 piece=20 keep=root crisp=0.5 soft=1.5 | SR
swede               | swede, rutabaga | solid | 89.4 1.1 0.2 6.3 2.3 0.7 | 0.59 | each=400 piece=20 keep=root crisp=0.8 soft=2.5 | SR
kohlrabi            | kohlrabi | solid | 91 1.7 0.1 2.6 3.6 1 | 0.57 | each=250 piece=20 keep=root | SR
radish              | radish, radishes | solid | 95.3 0.7 0.1 1.8 1.6 0.6 | 0.49 | each=9 piece=20 | SR
leek                | leek, leeks | solid | 83 1.5 0.3 12.4 1.8 1 | 0.38 | each=150 piece=12 through=0.7 most=20 | SR
fennel              | fennel, fennel bulb | solid | 90.2 1.2 0.2 4.2 3.1 1.1 | 0.37 | each=240 piece=15 through=0.6 most=25 | SR
potato              | potato, potatoes, spuds, waxy potatoes, floury potatoes, aloo | solid | 79.3 2.1 0.1 15.4 2.1 1.1 | 0.64 | each=213 piece=40 keep=root crisp=0.6 soft=1.2 | SR
sweet-potato        | sweet potato, sweet potatoes, kumara | solid | 77.3 1.6 0.1 17.1 3 1 | 0.56 | each=130 piece=40 keep=root crisp=0.5 soft=1.2 | SR
beetroot            | beetroot, beet, beets, beetroots | solid | 87.6 1.6 0.2 6.8 2.8 1.1 | 0.57 | each=110 piece=55 robust keep=root crisp=2 soft=5 | SR
artichoke           | artichoke, artichokes, globe artichokes, cardoons | solid | 84.9 3.3 0.2 5.1 5.4 1.1 | 0.5 | each=128 piece=70 crisp=3 soft=6 through=0.5 most=38 | SR
asparagus           | asparagus | solid | 93.2 2.2 0.1 1.8 2.1 0.6 | 0.57 | each=16 piece=12 crisp=0.2 soft=0.8 pack=250 | SR
squash              | squash, winter squash, butternut squash, pumpkin | solid | 86.4 1 0.1 9.7 2 0.8 | 0.59 | each=900 piece=25 keep=root crisp=0.4 soft=1.8 through=0.65 most=48 | SR
spaghetti-squash    | spaghetti squash | solid | 91.6 0.6 0.6 5.4 1.5 0.3 | 0.43 | each=1200 piece=35 keep=root crisp=1 soft=2.6 through=0.65 most=27 | SR
courgette           | courgette, courgettes, zucchini | solid | 94.8 1.2 0.3 2.1 1 0.6 | 0.52 | each=196 piece=15 gives=0.2 crisp=0.1 soft=0.4 | SR
cucumber            | cucumber, cucumbers | solid | 95.2 0.7 0.1 3.1 0.5 0.4 | 0.44 | each=300 piece=10 | SR
red-cabbage         | red cabbage | solid | 90.4 1.4 0.2 5.3 2.1 0.7 | 0.38 | each=1000 piece=6 robust keep=root crisp=1 soft=4 most=25 | SR
cabbage             | cabbage, white cabbage, green cabbage, savoy cabbage | solid | 92.2 1.3 0.1 3.3 2.5 0.6 | 0.38 | each=900 piece=10 keep=root crisp=0.5 soft=2 through=0.35 most=25 | SR
sauerkraut          | sauerkraut | solid | 92.5 0.9 0.1 1.4 2.9 2.1 | 0.6 | piece=3 robust keep=opened | SR
kale                | kale, cavolo nero | solid | 89.6 2.9 1.5 0.3 4.1 1.6 | 0.28 | piece=3 growth=0.3 crisp=0.5 soft=2 keep=leafy pack=200 | SR
chard               | chard, swiss chard, silverbeet, rainbow chard | solid | 92.7 1.8 0.2 2.1 1.6 1.6 | 0.15 | piece=4 growth=0.25 keep=leafy | SR
collards            | collard greens, spring greens, greens | solid | 89.6 3 0.6 1.4 4 1.3 | 0.15 | piece=3 growth=0.3 crisp=1 soft=4 keep=leafy | SR
spinach             | spinach, baby spinach, spinach leaves, palak, saag | solid | 91.4 2.9 0.4 1.4 2.2 1.7 | 0.13 | piece=2 growth=0.15 gives=0.3 crisp=0.05 soft=0.2 keep=leafy pack=250 | SR
lettuce             | lettuce, salad leaves, romaine, cos lettuce, iceberg | solid | 95 1.2 0.3 2.1 1.2 0.6 | 0.2 | each=360 piece=2 keep=leafy through=0.3 most=10 | SR
cauliflower         | cauliflower, cauliflower florets, gobi | solid | 92.1 1.9 0.3 3 2 0.8 | 0.45 | each=600 piece=30 crisp=0.3 soft=1 through=0.5 most=30 | SR
broccoli            | broccoli, broccoli florets | solid | 89.3 2.8 0.4 4 2.6 0.9 | 0.38 | each=400 piece=25 crisp=0.3 soft=1 through=0.4 most=20 | SR
brussels            | brussels sprouts, sprouts | solid | 86 3.4 0.3 5.2 3.8 1.4 | 0.37 | each=19 piece=28 crisp=0.3 soft=1 through=0.8 most=25 pack=500 | SR
green-beans         | green beans, french beans, runner beans, snake beans, yardlong beans | solid | 90.3 1.8 0.2 4.3 2.7 0.7 | 0.43 | each=6 piece=8 crisp=0.8 soft=2.5 pack=250 | SR
moringa-pods        | drumstick pods, drumstick vegetable, moringa pods, moringa drumsticks | solid | 88.2 2.1 0.2 5.3 3.2 1 | 0.5 | each=60 piece=15 soft=3 | SR
okra                | okra | solid | 89.6 1.9 0.2 4.3 3.2 0.9 | 0.42 | each=12 piece=15 | SR
peas                | peas, green peas, matar | solid | 78.9 5.4 0.4 8.7 5.7 0.9 | 0.61 | piece=8 crisp=0.1 soft=0.5 pack=750 | SR
sweetcorn           | sweetcorn, corn, corn kernels | solid | 76.1 3.3 1.4 16.7 2 0.6 | 0.65 | piece=8 most=15 | SR
corn-cob            | corn on the cob, corn cob, corn cobs | solid | 76.1 3.3 1.4 16.7 2 0.6 | 0.5 | each=180 piece=45 soften=cob through=0.4 most=22 | SR
mushroom            | mushrooms, mushroom, button mushrooms, chestnut mushrooms | solid | 92.5 3.1 0.3 2.3 1 0.9 | 0.3 | each=18 piece=8 gives=0.4 robust keep=leafy soften=tender pack=250 | SR
dried-mushroom      | dried mushrooms, porcini, dried porcini | solid | 9.5 9.6 1 63.9 11.5 4.5 | 0.15 | piece=3 growth=2.5 takes=3 robust keep=dry | SR
bell-pepper         | bell pepper, pepper, peppers, red pepper, green pepper | solid | 92.2 1 0.3 3.9 2.1 0.5 | 0.63 | each=119 piece=8 through=0.8 most=9 | SR
chili               | chili, chilli, hot pepper, red chili, green chili | solid | 88 1.9 0.4 7.3 1.5 0.9 | 0.6 | each=15 piece=4 robust | SR
aubergine           | aubergine, aubergines, eggplant, baingan, brinjal | solid | 92.3 1 0.2 2.9 3 0.7 | 0.35 | each=400 piece=25 gives=0.15 soften=tender soft=0.6 | SR
tomato              | tomato, tomatoes, cherry tomatoes, plum tomatoes | solid | 94.5 0.9 0.2 2.7 1.2 0.5 | 0.76 | each=123 piece=30 gives=0.4 robust soft=0.3 through=0.6 most=25 | SR
green-olives        | green olives, olives, black olives | solid | 75.3 1 15.3 0.5 3.3 4.3 | 0.57 | each=4 piece=15 robust keep=opened | SR
capers              | capers | solid | 83.9 2.4 0.9 1.7 3.2 8 | 0.58 | piece=5 robust keep=opened | SR
baby-onion          | pearl onions, baby onions, pickling onions, silverskin onions, boiling onions | solid | 89.1 1.1 0.1 7.6 1.7 0.4 | 0.65 | each=15 piece=22 robust keep=root through=0.7 soft=2 | SR
sweet-onion         | sweet onion, sweet onions, spanish onion, brown onion, brown onions | solid | 91.2 0.8 0.1 6.6 0.9 0.3 | 0.68 | each=200 piece=10 gives=0.35 robust keep=root crisp=0.5 soft=2 through=0.5 | SR
chives              | chives, fresh chives | solid | 90.7 3.3 0.7 1.9 2.5 1 | 0.2 | piece=1 keep=herb | SR
wild-garlic         | wild garlic, ramps, ramsons, garlic scapes | solid | 88 2.5 0.4 5 2.5 1 | 0.2 | piece=2 keep=leafy | SR
galangal            | galangal, fresh turmeric, turmeric root | solid | 80 1.2 1 14 2.5 1 | 0.45 | each=30 piece=4 robust keep=root | CP
lemongrass          | lemongrass, lemon grass | solid | 70.6 1.8 0.5 23.3 2 1.8 | 0.28 | each=25 piece=8 robust keep=root | SR
daikon              | daikon, mooli, white radish, daikon radish | solid | 94.6 0.6 0.1 2.5 1.6 0.6 | 0.5 | each=340 piece=20 keep=root soft=1.5 | SR
jerusalem-artichoke | jerusalem artichoke, jerusalem artichokes, sunchoke, sunchokes | solid | 78 2 0 15.8 1.6 2.5 | 0.63 | each=60 piece=25 keep=root soft=1.5 | SR
salsify             | salsify, scorzonera, black salsify, burdock, burdock root, gobo | solid | 77 3.3 0.2 15.3 3.3 0.9 | 0.6 | each=80 piece=18 keep=root soft=2 | SR
yam                 | yam, yams | solid | 69.6 1.5 0.2 23.8 4.1 0.8 | 0.64 | each=300 piece=35 keep=root soft=1.6 | SR
taro                | taro, eddo, eddoes, cocoyam, malanga | solid | 69.6 1.5 0.2 23.8 4.1 0.8 | 0.64 | each=300 piece=35 keep=root soft=1.6 | SR
cassava             | cassava, yuca, manioc, tapioca root | solid | 59.7 1.4 0.3 36.3 1.8 0.6 | 0.85 | each=400 piece=40 keep=root soft=4 | SR
lotus-root          | lotus root | solid | 79.1 2.6 0.1 12.3 4.9 1 | 0.55 | each=115 piece=10 keep=root crisp=3 soft=7 | SR
jicama              | jicama, water chestnut, water chestnuts, bamboo shoots, bamboo shoot | solid | 90 0.9 0.1 4 4.7 0.4 | 0.55 | piece=10 robust keep=root | SR
new-potato          | new potatoes, baby potatoes, small potatoes, salad potatoes, fingerling potatoes, new potato, jersey royals | solid | 80 1.9 0.1 15 2 1 | 0.66 | each=45 piece=38 keep=root crisp=0.6 soft=1.2 | SR
baking-potato       | baking potatoes, baking potato, russet potatoes, russet potato, jacket potatoes, large potatoes | solid | 78.6 2.1 0.1 16.8 1.3 1.1 | 0.65 | each=280 piece=65 keep=root soft=1.2 | SR
frozen-potato       | hash browns, french fries, chips | solid | 70 2.3 5 20 2 1.2 | 0.45 | piece=10 keep=vegetable soft=0.5 | SR
mashed-potato       | mashed potato, mashed potatoes, potato mash | thick | 78 2 3.5 14.5 1.5 1.3 | 0.9 | keep=cooked-vegetable allergens=milk | SR
celery-heart        | celery heart, celery hearts, celery leaves | solid | 95.4 0.7 0.2 1.4 1.6 0.8 | 0.4 | piece=12 allergens=celery | SR
acorn-squash        | acorn squash, delicata squash, gem squash, carnival squash | solid | 88 1 0.1 8.5 1.7 0.8 | 0.6 | each=700 piece=25 keep=root crisp=0.4 soft=1.8 through=0.7 most=22 | SR
pumpkin             | kabocha, sugar pumpkin, hokkaido, red kuri squash, crown prince squash | solid | 88 1 0.1 8.5 1.7 0.8 | 0.6 | each=900 piece=28 keep=root crisp=0.4 soft=1.8 through=0.65 most=48 | SR
pumpkin-puree       | pumpkin puree, canned pumpkin, squash puree | thick | 90 1.1 0.3 5.2 2.9 0.8 | 1.02 | keep=opened | SR
summer-squash       | summer squash, patty pan squash, yellow squash, marrow, chayote, bottle gourd, lauki, opo squash, dudhi | solid | 94.6 1.1 0.2 2.3 1.1 0.6 | 0.5 | each=200 piece=18 gives=0.15 crisp=0.1 soft=0.5 | SR
bitter-gourd        | bitter gourd, bitter melon, karela, ridge gourd, snake gourd | solid | 94 1 0.2 1 2.8 1.1 | 0.4 | each=100 piece=12 soft=1.5 | SR
bok-choy            | bok choy, pak choi, pak choy | solid | 95.3 1.5 0.2 1.2 1 0.8 | 0.3 | each=250 piece=8 growth=0.5 gives=0.2 keep=leafy soften=leaf soft=0.5 through=0.4 | SR
choy-sum            | choy sum, tatsoi, yu choy | solid | 95.3 1.5 0.2 1.2 1 0.8 | 0.3 | each=250 piece=8 growth=0.5 gives=0.2 keep=leafy soften=leaf soft=0.5 through=0.4 | SR
napa-cabbage        | napa cabbage, chinese cabbage, chinese leaves | solid | 95.3 1.5 0.2 1.2 1 0.8 | 0.3 | each=250 piece=8 growth=0.5 gives=0.2 keep=leafy soften=leaf soft=0.5 through=0.4 | SR
savoy               | savoy, pointed cabbage, hispi cabbage, sweetheart cabbage | solid | 91 2 0.1 3 3.1 0.8 | 0.35 | each=800 piece=10 keep=root crisp=0.4 soft=1.8 through=0.35 most=25 | SR
coleslaw-mix        | coleslaw mix, shredded cabbage, cabbage mix | solid | 91.5 1.4 0.1 4 2.3 0.7 | 0.3 | piece=3 growth=0.5 crisp=0.3 soft=1.5 keep=cut-produce | SR
beet-greens         | beet greens | solid | 91 2.2 0.2 1 3.4 1.8 | 0.15 | piece=3 growth=0.25 keep=leafy soft=1.5 | SR
turnip-greens       | turnip greens | solid | 91 2.2 0.2 1 3.4 1.8 | 0.15 | piece=3 growth=0.25 keep=leafy soft=3 | SR
mustard-greens      | mustard greens, dandelion greens | solid | 91 2.2 0.2 1 3.4 1.8 | 0.15 | piece=3 growth=0.25 keep=leafy soft=3 | SR
methi               | methi, fenugreek leaves | solid | 91 2.2 0.2 1 3.4 1.8 | 0.15 | piece=3 growth=0.25 keep=leafy soft=1.5 | SR
amaranth-leaves     | amaranth leaves, callaloo, moringa leaves | solid | 91 2.2 0.2 1 3.4 1.8 | 0.15 | piece=3 growth=0.25 keep=leafy soft=1.5 | SR
rocket              | rocket, arugula | solid | 92.5 2.5 0.6 1.6 1.4 1.3 | 0.1 | piece=2 growth=0.15 gives=0.2 keep=leafy soften=leaf | SR
watercress          | watercress, cress | solid | 92.5 2.5 0.6 1.6 1.4 1.3 | 0.1 | piece=2 growth=0.15 gives=0.2 keep=leafy soften=leaf | SR
sorrel              | sorrel, purslane | solid | 92.5 2.5 0.6 1.6 1.4 1.3 | 0.1 | piece=2 growth=0.15 gives=0.2 keep=leafy soften=leaf | SR
little-gem          | little gem, little gem lettuce, baby gem, baby gem lettuce, gem lettuce | solid | 95 1.2 0.3 2.1 1.2 0.6 | 0.4 | each=150 piece=40 keep=leafy through=0.3 most=10 | SR
lamb-s-lettuce      | lamb's lettuce, mache | solid | 92.5 2.5 0.6 1.6 1.4 1.3 | 0.1 | piece=2 growth=0.15 gives=0.2 keep=leafy soften=leaf | SR
endive              | endive, chicory, witlof, puntarelle | solid | 93.8 1.3 0.2 1.2 2.5 1.2 | 0.3 | each=130 piece=20 keep=leafy through=0.4 soft=1 | SR
radicchio           | radicchio | solid | 93.8 1.3 0.2 1.2 2.5 1.2 | 0.3 | each=130 piece=20 keep=leafy through=0.4 soft=1 | SR
escarole            | escarole, frisee, belgian endive | solid | 93.8 1.3 0.2 1.2 2.5 1.2 | 0.3 | each=130 piece=20 keep=leafy through=0.4 soft=1 | SR
frozen-spinach      | frozen spinach, chopped frozen spinach, frozen chopped spinach, frozen leaf spinach | solid | 90.2 3.6 0.6 1.3 2.9 1.5 | 0.72 | piece=20 growth=0.8 gives=0.3 keep=leafy soften=leaf | SR
broccolini          | broccolini, tenderstem broccoli, purple sprouting broccoli, rapini, broccoli rabe, chinese broccoli, gai lan, tenderstem | solid | 91 3.2 0.5 1.5 2.7 1 | 0.35 | piece=12 crisp=0.2 soft=0.8 | SR
romanesco           | romanesco, whole cauliflower, cauliflower head | solid | 92 2 0.3 3 2 0.8 | 0.45 | each=700 piece=120 through=0.5 crisp=0.4 soft=1 most=30 | SR
riced-cauliflower   | cauliflower rice, riced cauliflower | solid | 92 2 0.3 3 2 0.8 | 0.5 | piece=4 crisp=0.1 soft=0.3 | SR
wax-beans           | wax beans, yellow beans, string beans, haricots verts, flat beans, snap beans | solid | 90 1.8 0.2 4.4 2.9 0.7 | 0.43 | each=6 piece=8 crisp=0.8 soft=2.5 | SR
snow-peas           | snow peas, mangetout, sugar snap peas, snap peas, sugar snaps | solid | 88.9 2.8 0.2 4.9 2.6 0.6 | 0.4 | each=3 piece=5 crisp=0.05 soft=0.5 | SR
frozen-peas         | petits pois, garden peas, shelled peas | solid | 79 5.2 0.4 9 5.5 0.8 | 0.6 | piece=8 crisp=0.05 soft=0.3 | SR
fresh-broad-beans   | fresh broad beans, young broad beans | solid | 72.6 7.9 0.7 10 7.5 1.1 | 0.65 | piece=12 soft=1.5 | SR
edamame             | edamame, shelled edamame, green soybeans | solid | 72.8 11.2 4.7 5.8 4.8 1.6 | 0.6 | piece=10 allergens=soy soft=1.5 | SR
mixed-vegetables    | mixed vegetables, vegetable mix, vegetables, stir-fry vegetables, peas and carrots | solid | 82 3 0.4 10 4 0.7 | 0.6 | piece=10 crisp=0.2 soft=1 | SR
soup-vegetables     | soup vegetables, soffritto, mirepoix, suppengrun, sofrito vegetables | solid | 89.5 1.2 0.2 6 2.2 0.8 | 0.55 | piece=8 allergens=celery soft=2 | CP
frozen-corn         | canned corn, tinned sweetcorn, canned sweetcorn, baby corn, creamed corn | solid | 75.5 2.8 1 17 2.4 0.6 | 0.65 | piece=8 soft=0.5 keep=opened | SR
hominy              | hominy, canned hominy, pozole corn | solid | 82.5 1.5 0.9 11.8 2.5 0.6 | 0.7 | piece=10 keep=opened soft=2 | SR
portobello          | portobello, portobello mushrooms, field mushrooms, large flat mushrooms | solid | 92.8 2.1 0.4 2.6 1.3 0.8 | 0.36 | each=84 piece=20 gives=0.4 robust keep=leafy soften=tender | SR
shiitake            | shiitake, shiitake mushrooms | solid | 90 2.4 0.5 4.1 2.4 0.8 | 0.35 | each=19 piece=8 gives=0.3 robust keep=leafy soften=tender | SR
oyster-mushrooms    | oyster mushrooms | solid | 90 2.4 0.5 4.1 2.4 0.8 | 0.35 | each=19 piece=8 gives=0.3 robust keep=leafy soften=tender | SR
chanterelles        | chanterelles, morels, girolles | solid | 90 2.4 0.5 4.1 2.4 0.8 | 0.35 | each=19 piece=8 gives=0.3 robust keep=leafy soften=tender | SR
enoki               | enoki, king oyster mushrooms, maitake | solid | 90 2.4 0.5 4.1 2.4 0.8 | 0.35 | each=19 piece=8 gives=0.3 robust keep=leafy soften=tender | SR
cremini             | cremini, cremini mushrooms | solid | 90 2.4 0.5 4.1 2.4 0.8 | 0.35 | each=19 piece=8 gives=0.3 robust keep=leafy soften=tender | SR
wild-mushrooms      | wild mushrooms, brown mushrooms, mixed mushrooms | solid | 90 2.4 0.5 4.1 2.4 0.8 | 0.35 | each=19 piece=8 gives=0.3 robust keep=leafy soften=tender | SR
dried-shiitake      | dried shiitake, dried shiitake mushrooms, dried wild mushrooms | solid | 9.5 9.6 1 63.9 11.5 4.5 | 0.15 | piece=4 growth=2.5 takes=3 robust keep=dry soft=6 | SR
canned-mushrooms    | canned mushrooms, tinned mushrooms, jarred mushrooms | solid | 91.1 1.9 0.3 2.7 2.4 1.4 | 0.65 | piece=6 keep=opened soft=0 | SR
green-pepper        | capsicum, capsicums, sweet pepper, sweet peppers, romano peppers, pointed pepper, yellow pepper, orange pepper, mini peppers | solid | 93 1 0.2 3.5 1.9 0.4 | 0.6 | each=130 piece=8 through=0.8 | SR
roasted-peppers     | jarred peppers, piquillo peppers, pimentos, pimientos | solid | 91 1 0.4 4.5 1.5 1.5 | 0.8 | piece=4 keep=opened soft=0 | SR
jalapeno            | jalapeno, jalapenos, serrano pepper, serrano, serranos, serrano chile, green chillies, green chilli, chillies, chilies, green chilies, red chillies, bird's eye chilies, thai chilies, poblano, poblanos, anaheim peppers, scotch bonnet, habanero | solid | 91 1 0.4 4 2.8 0.5 | 0.4 | each=14 piece=4 robust | SR
dried-chilies       | dried chilies, dried chillies, dried red chillies | solid | 15 11 8 40 21 5 | 0.2 | each=5 piece=2 robust keep=dry | SR
ancho               | ancho, ancho chiles | solid | 15 11 8 40 21 5 | 0.2 | each=5 piece=2 robust keep=dry | SR
guajillo            | guajillo, pasilla, arbol chiles | solid | 15 11 8 40 21 5 | 0.2 | each=5 piece=2 robust keep=dry | SR
kashmiri-chillies   | kashmiri chillies | solid | 15 11 8 40 21 5 | 0.2 | each=5 piece=2 robust keep=dry | SR
chipotle            | chipotle, chipotles | solid | 15 11 8 40 21 5 | 0.2 | each=5 piece=2 robust keep=dry | SR
chipotle-adobo      | chipotles in adobo, chipotle in adobo, chipotle chile in adobo, chipotle chiles in adobo, chipotle chilli in adobo, chipotle paste | thick | 80 1.5 3 8 4 3 | 1 | each=10 keep=opened | CP
tomatillo           | tomatillo, tomatillos | solid | 91.6 1 1 3.9 1.9 0.6 | 0.56 | each=34 piece=25 gives=0.3 | SR
cherry-tomato       | baby tomatoes, grape tomatoes, vine tomatoes, roma tomatoes, beef tomatoes, beefsteak tomato, heirloom tomatoes | solid | 94.5 0.9 0.2 2.7 1.2 0.5 | 0.72 | each=100 piece=25 gives=0.4 robust pack=250 | SR
sun-dried-tomato    | sun-dried tomatoes, sundried tomatoes, sun dried tomatoes | solid | 14.6 14.1 3 43.5 12.3 12.5 | 0.25 | each=3 piece=4 growth=1.6 robust keep=dry | SR
okra-frozen         | bhindi, lady's fingers, ladies fingers | solid | 90.5 1.7 0.3 4.1 2.2 0.9 | 0.45 | each=12 piece=14 | SR
plantain-green      | green plantain, green plantains, breadfruit, jackfruit, green jackfruit, young jackfruit | solid | 68 1.3 0.4 26 2.8 1 | 0.62 | piece=25 soft=2.5 | SR
heart-of-palm       | hearts of palm, artichoke hearts, marinated artichokes, canned artichokes, palm hearts | solid | 89 2 0.6 3 3 1.8 | 0.75 | each=15 piece=20 keep=opened soft=0 | SR
gherkin             | gherkin, gherkins, pickles, dill pickles, pickle, cornichons, pickled cucumber, pickled onions, pickled peppers, pepperoncini, pickled jalapenos | solid | 94 0.5 0.3 1.5 1 2.7 | 0.6 | each=30 piece=8 robust keep=opened | SR
kimchi              | kimchi, kimchee | solid | 94.3 1.1 0.5 0.8 1.6 1.7 | 0.65 | piece=4 robust keep=opened allergens=fish+crustaceans varies | SR
seaweed             | seaweed | solid | 81 2 0.6 8 1.3 6.7 | 0.15 | piece=2 growth=3 robust keep=dry | SR
nori                | nori | solid | 81 2 0.6 8 1.3 6.7 | 0.15 | piece=2 growth=3 robust keep=dry | SR
kombu               | kombu | solid | 81 2 0.6 8 1.3 6.7 | 0.15 | piece=2 growth=3 robust keep=dry | SR
wakame              | wakame, kelp, dulse | solid | 81 2 0.6 8 1.3 6.7 | 0.15 | piece=2 growth=3 robust keep=dry | SR
samphire            | samphire, dried seaweed | solid | 81 2 0.6 8 1.3 6.7 | 0.15 | piece=2 growth=3 robust keep=dry | SR
dried-onion         | dried onion, dried onions, onion flakes, minced onion flakes, dehydrated onion | solid | 4 9 0.5 74 9 3.4 | 0.35 | piece=2 growth=2 robust keep=dry | SR
bean-sprouts        | bean sprouts, mung bean sprouts, beansprouts, alfalfa sprouts | solid | 90.4 3 0.2 4.1 1.8 0.4 | 0.35 | piece=3 keep=leafy soften=leaf | SR
nettles             | nettles, nettle, vine leaves, grape leaves | solid | 87 2.7 0.2 1 6.9 3 | 0.12 | piece=2 keep=leafy | SR
cactus              | cactus, nopales, cactus paddles, aloe vera | solid | 94 1.3 0.1 1.1 2.2 1.1 | 0.45 | piece=8 soft=1.5 | SR
`,
);
