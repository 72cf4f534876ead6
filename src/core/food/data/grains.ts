/**
 * Grain, pasta and bread.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup weights from its
 * household measures; growth and water taken up are common practice. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory.
 */
import { foodTable } from '../table';

export const GRAINS = foodTable(
  'grain',
  `
rice             | rice, white rice, long grain rice, long-grain rice, basmati rice, jasmine rice | solid | 11.6 7.1 0.7 78.6 1.3 0.6 | 0.8 | piece=2 half growth=3 takes=1.2 soft=8 pack=1000 | SR
risotto-rice     | risotto rice, arborio rice, arborio, carnaroli, carnaroli rice, vialone nano, vialone nano rice | solid | 12 6.6 0.6 78.5 1.6 0.6 | 0.85 | piece=3 half growth=3 takes=1.5 finicky soft=8 cover=1.2 pack=500 | SR
brown-rice       | brown rice | solid | 11.8 7.5 3.2 72.7 3.6 1.2 | 0.8 | piece=2 half growth=2.8 takes=1.3 soft=26 pack=1000 | SR
wild-rice        | wild rice | solid | 7.8 14.7 1.1 68.7 6.2 1.5 | 0.68 | piece=2 half growth=3 takes=1.6 cover=1.2 soft=28 | SR
bulgur           | bulgur, bulgur wheat, coarse bulgur | solid | 9 12.3 1.3 63.4 12.5 1.5 | 0.72 | piece=2 half growth=2.8 takes=1.5 allergens=gluten soft=6 pack=500 | SR
barley           | barley, pearl barley, pearled barley | solid | 10.1 9.9 1.2 62.1 15.6 1.1 | 0.85 | piece=4 half growth=3.3 takes=2.4 allergens=gluten soft=26 pack=500 | SR
wheat-berries    | wheat berries, wheat grain, kamut | solid | 11 14.6 2.4 59.5 10.7 1.8 | 0.77 | piece=4 half growth=2.5 takes=1.3 cover=1.2 allergens=gluten soft=34 | SR
farro            | farro, spelt, emmer, einkorn, spelt berries, spelt grain, pearled spelt | solid | 10 14.6 2.4 60.5 10.7 1.8 | 0.77 | piece=4 half growth=2.4 takes=1.3 cover=1 allergens=gluten soft=18 | SR
freekeh          | freekeh | solid | 10.5 14 2.5 59 12 1.9 | 0.75 | piece=3 half growth=2.6 takes=1.5 allergens=gluten soft=14 | CP
semolina         | semolina, rava, sooji, suji | solid | 12.7 12.7 1.1 68.9 3.9 0.8 | 0.71 | piece=1 half growth=3 takes=3 allergens=gluten soft=1 pack=500 | SR
couscous         | couscous | solid | 8.6 12.8 0.6 72.4 5 0.6 | 0.73 | piece=1 half growth=2.6 takes=1.4 finicky allergens=gluten soft=1 pack=500 | SR
polenta          | polenta, cornmeal, corn grits, mealie meal | solid | 10.3 8.1 3.6 69.6 7.3 1.1 | 0.66 | piece=1 half growth=3.5 takes=3.5 soft=12 pack=500 | SR
millet           | millet | solid | 8.7 11 4.2 64.4 8.5 3.3 | 0.84 | piece=2 half growth=3 takes=1.8 soft=12 pack=500 | SR
buckwheat        | buckwheat, kasha, buckwheat groats, buckwheat kernels | solid | 9.8 13.3 3.4 61.5 10 2.1 | 0.72 | piece=3 half growth=2.8 takes=1.6 soft=7.5 | SR
quinoa           | quinoa | solid | 13.3 14.1 6.1 57.2 7 2.4 | 0.72 | piece=2 half growth=3 takes=1.4 soft=5 pack=500 | SR
oats             | oats, rolled oats | solid | 10.8 13.2 6.5 57.6 10.1 1.8 | 0.38 | piece=2 half growth=2.2 takes=3 allergens=gluten soft=6.5 pack=500 | SR
steel-oats       | steel cut oats, steel-cut oats, pinhead oats, pinhead oatmeal | solid | 8.2 16.9 6.9 55.7 10.6 1.7 | 0.68 | piece=2 half growth=2.8 takes=3 allergens=gluten soft=11 | SR
pasta            | pasta, macaroni, penne, fusilli, spaghetti | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.42 | piece=3 half growth=2 takes=1.3 finicky allergens=gluten soft=5 cover=0.8 pack=500 | SR
orzo             | orzo, small pasta, risoni | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.75 | piece=2 half growth=2.3 takes=1.4 finicky allergens=gluten soft=4 cover=0.8 pack=500 | SR
egg-noodles      | egg noodles, noodles | solid | 9.1 14.2 4.4 68 3.3 1 | 0.16 | piece=2 half growth=2 takes=1.3 finicky allergens=gluten+egg soft=3.5 cover=0.8 pack=250 | SR
flatbread        | flatbread, flatbreads, pita, bread | solid | 32 9.1 1.2 53.5 2.2 2 | 0.3 | each=80 piece=10 keep=bread allergens=gluten | SR
breadcrumbs      | breadcrumbs, bread crumbs | solid | 6.5 13.4 5.3 67.5 4.5 2.8 | 0.46 | piece=2 allergens=gluten pack=400 | SR
basmati          | basmati, jasmine, fragrant rice, thai rice, parboiled rice, easy-cook rice, carolina rice, sona masoori, brown basmati-style rice | solid | 11.6 7.5 0.7 78.2 1.2 0.6 | 0.82 | piece=2 half growth=3 takes=1.2 soft=8 pack=1000 | SR
sushi-rice       | sushi rice, short grain rice, short-grain rice, japanese rice | solid | 12 6.6 0.6 78.5 1.6 0.6 | 0.85 | piece=3 half growth=2.8 takes=1.2 soft=8 pack=1000 | SR
pudding-rice     | pudding rice, paella rice, bomba rice, medium grain rice, calrose rice, sticky rice, glutinous rice, sweet rice | solid | 12 6.6 0.6 78.5 1.6 0.6 | 0.85 | piece=3 half growth=3 takes=1.3 cover=0.6 soft=8 | SR
brown-basmati    | brown basmati, brown basmati rice, brown jasmine rice, red rice, black rice, forbidden rice, wholegrain rice, short grain brown rice, camargue red rice | solid | 11.5 8 3 71.5 4 1.4 | 0.8 | piece=2 half growth=2.8 takes=1.4 soft=26 | SR
rice-mix         | rice blend, wild rice blend, long grain and wild rice, rice mix, mixed rice | solid | 11 9 1.2 74 2.8 1 | 0.8 | piece=2 half growth=2.9 takes=1.4 soft=26 | CP
cooked-rice      | cooked rice, boiled rice, steamed rice, precooked rice, microwave rice, cooked brown rice | solid | 68.5 2.7 0.3 27.8 0.4 0.4 | 0.67 | piece=3 keep=cooked-rice soften=none soft=0 | SR
instant-rice     | instant rice, quick rice | solid | 8 7.8 0.9 81 1.7 0.5 | 0.42 | piece=3 half growth=2.3 takes=1.2 finicky soft=2 | SR
rice-flakes      | poha, flattened rice, puffed rice, rice flakes | solid | 11 6.5 1.2 78 2 1 | 0.35 | piece=2 growth=1.8 takes=1 finicky soft=1 | SR
pot-barley       | pot barley, hulled barley, hull-less barley, whole barley, scotch barley | solid | 9.4 12.5 2.3 56.2 17.3 2.3 | 0.85 | piece=4 half growth=3 takes=2.2 allergens=gluten soft=36 | SR
rye-berries      | rye berries, rye, triticale, oat groats, whole oats, sorghum, wholegrain wheat, cracked rye | solid | 10.6 10.3 1.6 60.8 15.1 1.6 | 0.75 | piece=4 half growth=2.4 takes=1.3 cover=1.2 allergens=gluten soft=34 | SR
cracked-wheat    | cracked wheat, fine bulgur, dalia, broken wheat | solid | 9 12.3 1.3 63.4 12.5 1.5 | 0.75 | piece=2 half growth=2.6 takes=1.5 allergens=gluten soft=7 | SR
pearl-couscous   | pearl couscous, israeli couscous, giant couscous, fregola, ptitim, moghrabieh | solid | 9 12.5 0.8 73 3.5 0.7 | 0.75 | piece=5 half growth=2.3 takes=1.4 finicky allergens=gluten soft=6 | SR
amaranth         | amaranth, teff, fonio | solid | 11 13.5 6 58 7 2.8 | 0.82 | piece=1 half growth=2.6 takes=2 soft=9 | SR
dried-hominy     | dried hominy, dry hominy, dried pozole corn, mote, samp, mealie rice | solid | 10 8 2.3 69 8 1 | 0.75 | piece=10 half growth=2.4 takes=1.4 cover=1 soft=60 | CP
jobs-tears       | job's tears, jobs tears, adlay, hato mugi, coix seed | solid | 11 14 5 62 6 1.6 | 0.8 | piece=4 half growth=2.6 takes=1.6 cover=1 soft=30 | CP
grits            | grits, hominy grits, instant polenta, masa harina, masa, cream of wheat, fine cornmeal | solid | 10.5 8 2 74 3.5 1 | 0.68 | piece=1 half growth=3.5 takes=3.5 soft=12 | SR
quick-oats       | quick oats, instant oats, oat flakes, jumbo oats, porridge oats, old-fashioned oats, oat bran, oatmeal | solid | 10.5 13 6.5 58 10 1.8 | 0.38 | piece=2 half growth=2.2 takes=3 allergens=gluten soft=4 | SR
muesli           | muesli, granola, corn flakes, cornflakes, breakfast cereal, wheat bran, bran, wheat germ, popcorn | solid | 6 9 6 68.5 8 2.5 | 0.35 | piece=4 allergens=gluten+nuts varies | SR
linguine         | linguine, fettuccine | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.35 | piece=2 half growth=2 takes=1.3 cover=0.8 finicky allergens=gluten soft=4.5 pack=500 | SR
tagliatelle      | tagliatelle, bucatini | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.35 | piece=2 half growth=2 takes=1.3 cover=0.8 finicky allergens=gluten soft=4.5 | SR
angel-hair       | angel hair, capellini, pappardelle, vermicelli pasta, long pasta, whole wheat spaghetti | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.35 | piece=2 half growth=2 takes=1.3 cover=0.8 finicky allergens=gluten soft=4.5 | SR
rigatoni         | rigatoni, short pasta | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.4 | piece=3 half growth=2 takes=1.3 cover=0.8 finicky allergens=gluten soft=5 pack=500 | SR
farfalle         | farfalle, rotini, ziti, cavatappi, conchiglie | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.4 | piece=3 half growth=2 takes=1.3 cover=0.8 finicky allergens=gluten soft=5 | SR
pasta-shells     | pasta shells, shells | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.4 | piece=3 half growth=2 takes=1.3 cover=0.8 finicky allergens=gluten soft=5 pack=500 | SR
elbow-macaroni   | elbow macaroni, elbows, bow ties, orecchiette, campanelle, gemelli, cellentani, bow-tie pasta | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.4 | piece=3 half growth=2 takes=1.3 cover=0.8 finicky allergens=gluten soft=5 pack=500 | SR
wholewheat-pasta | wholewheat pasta, whole wheat pasta, wholemeal pasta, spelt pasta, lentil pasta, chickpea pasta, gluten-free pasta, gluten free pasta, rice pasta | solid | 9.5 14 2 64.1 9 1.4 | 0.42 | piece=3 half growth=2 takes=1.4 cover=0.8 finicky allergens=gluten soft=6 varies pack=500 | SR
soup-pasta       | stelline, ditalini, alphabet pasta, acini di pepe, soup pasta, broken vermicelli, broken spaghetti, soup noodles, acini de pepe | solid | 9.9 13 1.5 71.5 3.2 0.9 | 0.7 | piece=2 half growth=2.3 takes=1.4 cover=0.8 finicky allergens=gluten soft=3 pack=500 | SR
lasagne-sheets   | lasagne sheets, lasagna sheets, lasagna noodles, lasagne noodles, no-boil lasagna noodles, cannelloni tubes, pasta sheets | solid | 10 13 1.6 71 3 1 | 0.5 | each=18 piece=2 growth=1.6 takes=1 allergens=gluten+egg soft=5 pack=500 | SR
fresh-pasta      | fresh pasta, fresh tagliatelle, fresh noodles, spaetzle, spatzle, egg spaetzle | solid | 31 11.5 2.3 52 2.5 0.8 | 0.45 | piece=3 growth=1.4 takes=0.6 finicky allergens=gluten+egg soft=1.5 keep=dairy | SR
gnocchi          | gnocchi, potato gnocchi, schupfnudeln | solid | 58 4 0.8 33 2 1.5 | 0.65 | each=6 piece=15 finicky allergens=gluten+egg soft=0.5 keep=dairy varies | SR
ravioli          | ravioli, tortellini, tortelloni, agnolotti, filled pasta, cheese ravioli, cheese tortellini, meat ravioli, spinach ravioli, mezzelune | solid | 45 11 7 32 2 1.5 | 0.55 | each=9 piece=12 growth=1.3 takes=0.4 finicky allergens=gluten+egg+milk soft=1.5 least=1 keep=ground-meat safety=casserole varies | SR
dumplings        | dumplings, gyoza, potstickers, wontons, pierogi, pelmeni, momos, dim sum, shumai, bao, steamed buns | solid | 52 9 8 27 1.5 1.3 | 0.6 | each=22 piece=20 finicky allergens=gluten+egg+soy+sesame soft=1.5 least=1 keep=ground-meat safety=casserole varies | CP
cabbage-rolls    | cabbage rolls, stuffed cabbage, stuffed cabbage rolls, cabbage roll, golabki, sarma, dolmas, dolmades, stuffed vine leaves, stuffed grape leaves | solid | 68 9 8 11 2 1.5 | 0.9 | each=110 piece=45 least=12 keep=ground-meat safety=casserole varies | CP
rice-noodles     | rice noodles, rice vermicelli, vermicelli, rice paper, rice paper wrappers | solid | 12 5 0.5 80 1.6 0.6 | 0.2 | piece=2 half growth=2 takes=1.2 cover=0.8 finicky soft=1.5 | SR
glass-noodles    | glass noodles, cellophane noodles, rice sticks, pad thai noodles, bean thread noodles, sweet potato noodles, pho noodles | solid | 12 5 0.5 80 1.6 0.6 | 0.2 | piece=2 half growth=2 takes=1.2 cover=0.8 finicky soft=1.5 | SR
ramen-noodles    | ramen noodles, instant noodles | solid | 10 11 6 68 3 2.5 | 0.2 | piece=3 half growth=2 takes=1.3 cover=0.8 finicky allergens=gluten soft=3 | SR
udon             | udon, udon noodles | solid | 10 11 6 68 3 2.5 | 0.2 | piece=3 half growth=2 takes=1.3 cover=0.8 finicky allergens=gluten soft=3 | SR
soba             | soba, soba noodles, chow mein noodles, lo mein noodles, wheat noodles | solid | 10 11 6 68 3 2.5 | 0.2 | piece=3 half growth=2 takes=1.3 cover=0.8 finicky allergens=gluten soft=3 | SR
cooked-pasta     | cooked pasta, cooked noodles, cooked spaghetti, cooked macaroni | solid | 62 5.8 0.9 29 1.8 0.5 | 0.6 | piece=4 keep=cooked-vegetable allergens=gluten soft=0 safety=ready | SR
cooked-grain     | cooked quinoa, cooked barley, cooked bulgur, cooked couscous, cooked grain, cooked grains, cooked farro | solid | 71 4 1.5 20 2.8 0.7 | 0.75 | piece=3 keep=cooked-vegetable allergens=gluten soft=0 safety=ready | SR
tapioca          | tapioca, tapioca pearls, sago, pearl tapioca, sabudana, instant tapioca | solid | 11 0.2 0 87.8 0.9 0.1 | 0.75 | piece=3 half growth=3 takes=3 soft=5 least=4 | SR
tortilla         | tortilla, tortillas, corn tortillas, flour tortillas, wraps | solid | 33 8 6 47 4 2 | 0.35 | each=45 piece=2 keep=bread allergens=gluten | SR
taco-shells      | taco shells, tostadas | solid | 33 8 6 47 4 2 | 0.35 | each=45 piece=2 keep=bread allergens=gluten | SR
naan             | naan, roti, chapati, chapatis, lavash | solid | 33 8 6 47 4 2 | 0.35 | each=45 piece=2 keep=bread allergens=gluten | SR
white-bread      | white bread, sourdough, sourdough bread | solid | 36 9 3.5 46 3.5 2 | 0.25 | each=40 piece=15 keep=bread allergens=gluten varies | SR
brioche          | brioche, stale bread | solid | 36 9 3.5 46 3.5 2 | 0.25 | each=40 piece=15 keep=bread allergens=gluten varies | SR
rye-bread        | rye bread, wholemeal bread | solid | 36 9 3.5 46 3.5 2 | 0.25 | each=40 piece=15 keep=bread allergens=gluten varies | SR
bread-rolls      | bread rolls, buns, burger buns | solid | 36 9 3.5 46 3.5 2 | 0.25 | each=40 piece=15 keep=bread allergens=gluten varies | SR
baguette         | baguette, ciabatta, focaccia, bread cubes, crusty bread, english muffins, bagels, challah | solid | 36 9 3.5 46 3.5 2 | 0.25 | each=40 piece=15 keep=bread allergens=gluten varies | SR
croutons         | croutons | solid | 6 9 9 68 4 2.8 | 0.4 | piece=5 allergens=gluten+milk+egg varies | SR
panko            | panko, panko breadcrumbs | solid | 6 9 9 68 4 2.8 | 0.24 | piece=3 allergens=gluten+milk+egg varies | SR
crackers         | crackers, rusks | solid | 6 9 9 68 4 2.8 | 0.4 | piece=5 allergens=gluten+milk+egg varies | SR
biscuit-crumbs   | biscuit crumbs, graham crackers, digestive biscuits, digestives, cookie crumbs, oyster crackers, saltines | solid | 6 9 9 68 4 2.8 | 0.4 | piece=5 allergens=gluten+milk+egg varies | SR
pretzels         | pretzels | solid | 6 9 9 68 4 2.8 | 0.4 | piece=5 allergens=gluten+milk+egg varies | SR
cornbread        | cornbread, cornbread mix | solid | 6 9 9 68 4 2.8 | 0.4 | piece=5 allergens=gluten+milk+egg varies | SR
wrappers         | wonton wrappers, dumpling wrappers, gyoza wrappers, egg roll wrappers, spring roll wrappers, wonton skins | solid | 28.7 9.8 1.5 56.1 1.8 2.2 | 0.6 | each=8 piece=1 keep=dairy allergens=gluten+egg varies | SR
pastry           | pastry, puff pastry, shortcrust pastry, pie crust, filo pastry, phyllo, crescent rolls, refrigerated biscuits | solid | 28 6.5 22 41 1.5 1.2 | 0.9 | piece=4 keep=dairy allergens=gluten+milk varies | SR
ladyfingers      | ladyfingers, sponge fingers, amaretti, gingersnaps | solid | 18 8 10 60 1.5 1.3 | 0.3 | each=11 piece=15 allergens=gluten+egg+milk+nuts varies | SR
sorghum | jowar, sorghum grain, jowar flour | solid | 9 10 1.7 67.7 10.2 1.4 | 0.78 | piece=3 half growth=2.5 takes=1.5 soft=28 | IF
bajra | bajra, pearl millet, bajra flour | solid | 9 11 5.4 61.8 11.5 1.4 | 0.8 | piece=2 half growth=2.6 takes=1.7 soft=16 | IF
ragi | ragi, finger millet, ragi flour | solid | 10.9 7.2 1.9 66.8 11.2 2 | 0.75 | piece=1 half growth=3 takes=2 soft=8 | IF
little-millet | little millet, samai, foxtail millet, kodo millet, barnyard millet | solid | 11.4 10.1 3.9 65.6 7.7 1.3 | 0.82 | piece=2 half growth=2.8 takes=1.8 soft=9 | IF
`,
);
