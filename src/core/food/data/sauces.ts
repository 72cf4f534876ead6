/**
 * Thick liquids: sauces, pastes, syrups, and whole dishes that are poured.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup weights from its
 * household measures. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory.
 */
import { foodTable } from '../table';

export const SAUCES = foodTable(
  'liquid',
  `
coconut-milk        | coconut milk | thick | 72.9 2 21.3 2.8 0.5 0.7 | 0.97 | pack=400 | SR
passata             | passata, tomato sauce, crushed tomatoes | thick | 91 1.2 0.2 4.5 1.5 1.5 | 1.03 | pack=500 | SR
tomato-paste        | tomato paste, tomato puree, tomato concentrate, double concentrate | thick | 73.5 4.3 0.5 14.8 4.1 2.8 | 1.1 | pack=140 | SR
canned-tomatoes     | canned tomatoes, chopped tomatoes, diced tomatoes, tinned tomatoes, whole peeled tomatoes | thick | 94 0.8 0.3 2.6 1 1 | 1.02 | pack=400 | SR
salsa               | salsa, tomato salsa | thick | 90 1.5 0.2 4.8 1.9 1.7 | 1.05 | | SR
condensed-soup      | condensed soup, condensed cream soup | thick | 81 1.7 7.5 7.5 0.5 1.8 | 1.05 | allergens=milk+gluten | SR
honey               | honey | thick | 17.1 0.3 0 82.2 0.2 0.2 | 1.42 | keep=dry pack=340 | SR
maple-syrup         | maple syrup, syrup | thick | 32.4 0 0.1 67 0 0.5 | 1.32 | keep=dry pack=250 | SR
molasses            | molasses, treacle, pomegranate molasses | thick | 21.9 0 0.1 74.7 0 3.3 | 1.42 | keep=dry | SR
jam                 | jam, jelly, preserves, apricot jam | thick | 30.5 0.4 0.1 67.8 1.1 0.2 | 1.35 | keep=dry | SR
mustard             | mustard, dijon mustard, dijon, english mustard, wholegrain mustard | thick | 83.7 3.7 3.3 1.8 4 3.5 | 1.05 | keep=dry allergens=mustard pack=200 | SR
harissa             | harissa, harissa paste, chili paste, chilli paste | thick | 78 2.5 6 7 3 3.5 | 1.05 | | CP
coconut-cream       | coconut cream, creamed coconut, full-fat coconut milk, light coconut milk, thick coconut milk | thick | 65 3 26 4 1 0.9 | 1 | | SR
plant-cream         | oat cream, soy cream, soya cream, vegan cream, oat fraiche, vegan yoghurt, soy yoghurt, coconut yoghurt | thick | 78 2 14 5 0.5 0.6 | 1 | allergens=soy+gluten varies | CP
oyster-sauce        | oyster sauce | thick | 60 2.5 1 30 1 6 | 1.15 | keep=opened allergens=soy+gluten+molluscs+sesame varies safety=ready | SR
hoisin-sauce        | hoisin sauce, hoisin | thick | 60 2.5 1 30 1 6 | 1.15 | keep=opened allergens=soy+gluten+molluscs+sesame varies safety=ready | SR
black-bean-sauce    | black bean sauce, char siu sauce, stir-fry sauce, plum sauce, sweet and sour sauce | thick | 60 2.5 1 30 1 6 | 1.15 | keep=opened allergens=soy+gluten+molluscs+sesame varies safety=ready | SR
kecap-manis         | kecap manis, sweet soy sauce, bulgogi sauce | thick | 60 2.5 1 30 1 6 | 1.15 | keep=opened allergens=soy+gluten+molluscs+sesame varies safety=ready | SR
hot-sauce           | hot sauce, pepper sauce, sriracha, buffalo sauce, cayenne sauce, piri piri sauce, chili sauce, sweet chili sauce, sweet chilli sauce, louisiana-style hot sauce | thick | 85 1 0.8 8 1 3.5 | 1.05 | keep=opened varies safety=ready | SR
ketchup             | ketchup, tomato ketchup, catsup | thick | 68.5 1 0.1 27 0.3 2.7 | 1.15 | keep=opened safety=ready pack=500 | SR
bbq-sauce           | barbecue sauce, bbq sauce, barbeque sauce, teriyaki-style glaze | thick | 54 0.8 0.6 40 0.9 3 | 1.15 | keep=opened allergens=mustard+fish varies safety=ready | SR
pasta-sauce         | pasta sauce, marinara, marinara sauce, spaghetti sauce, arrabbiata sauce, pizza sauce, tomato basil sauce, sugo | thick | 87 1.4 1.5 6 1.8 1.6 | 1.03 | keep=opened varies safety=ready pack=400 | SR
sofrito             | sofrito | thick | 82 1.3 7 6 2 1.7 | 1 | keep=opened varies safety=ready | CP
enchilada-sauce     | enchilada sauce, mole sauce, mole, adobo sauce, taco sauce, picante sauce, salsa verde, green salsa, green chile sauce | thick | 88 1 1.5 5.5 1.5 2.2 | 1.05 | keep=opened varies safety=ready | SR
curry-paste         | curry paste, red curry paste, green curry paste, thai curry paste, yellow curry paste, massaman paste, tikka paste, korma paste, rogan josh paste, vindaloo paste, laksa paste, tom yum paste | thick | 65 3 12 10 5 5 | 1.05 | keep=opened allergens=crustaceans+fish varies safety=ready pack=180 | CP
curry-sauce         | curry sauce, simmer sauce, korma sauce, tikka masala sauce, butter masala sauce, jar of sauce, cooking sauce | thick | 80 1.8 7 8 1.5 1.6 | 1.04 | keep=opened allergens=milk+nuts varies safety=ready | CP
ginger-garlic-paste | ginger garlic paste, ginger-garlic paste, garlic paste, ginger paste, minced garlic in a jar, jarred garlic, lazy garlic | thick | 74 4 1.5 16 2.5 2 | 1.05 | keep=opened | CP
pesto               | pesto, basil pesto, green pesto, red pesto, sun-dried tomato pesto | thick | 40 5 42 6 2 3.5 | 0.95 | keep=in-oil allergens=milk+nuts varies | SR
chimichurri         | chimichurri, zhoug, chermoula | thick | 45 2 42 6 2 3 | 0.95 | keep=in-oil varies | CP
miso                | miso, miso paste, white miso, red miso | thick | 47 11 4.5 22 5 11 | 1.15 | keep=opened allergens=soy+gluten varies safety=ready | SR
gochujang           | gochujang, doenjang | thick | 47 11 4.5 22 5 11 | 1.15 | keep=opened allergens=soy+gluten varies safety=ready | SR
doubanjiang         | doubanjiang, chili bean paste, black bean paste, fermented black beans, yellow bean sauce | thick | 47 11 4.5 22 5 11 | 1.15 | keep=opened allergens=soy+gluten varies safety=ready | SR
mayonnaise          | mayonnaise, mayo | thick | 22 1 73 1.5 0 2 | 0.93 | keep=opened allergens=egg+mustard varies safety=ready | SR
aioli               | aioli, salad cream, tartare sauce, thousand island | thick | 22 1 73 1.5 0 2 | 0.93 | keep=opened allergens=egg+mustard varies safety=ready | SR
ranch-dressing      | ranch dressing, caesar dressing | thick | 22 1 73 1.5 0 2 | 0.93 | keep=opened allergens=egg+mustard varies safety=ready | SR
salad-dressing      | salad dressing, italian dressing, vinaigrette, french dressing, balsamic dressing | thick | 55 0.5 32 9 0.3 3 | 1 | keep=opened varies safety=ready | SR
horseradish         | horseradish, horseradish sauce, prepared horseradish, wasabi, wasabi paste | thick | 85 1.2 0.7 8 3.3 1.8 | 1.03 | keep=opened allergens=mustard+sulphites varies | SR
chutney             | chutney, mango chutney | thick | 60 1 0.5 34 1.5 3 | 1.15 | keep=opened allergens=mustard+sulphites varies safety=ready | SR
lime-pickle         | lime pickle, brinjal pickle, piccalilli | thick | 60 1 0.5 34 1.5 3 | 1.15 | keep=opened allergens=mustard+sulphites varies safety=ready | SR
relish              | relish, onion marmalade, sweet pickle relish | thick | 60 1 0.5 34 1.5 3 | 1.15 | keep=opened allergens=mustard+sulphites varies safety=ready | SR
sambal-oelek        | sambal oelek, sambal | thick | 60 1 0.5 34 1.5 3 | 1.15 | keep=opened allergens=mustard+sulphites varies safety=ready | SR
cranberry-sauce     | cranberry sauce, cranberry jelly, redcurrant jelly, mint sauce, mint jelly | thick | 60 0.2 0.1 38 1.1 0.2 | 1.15 | keep=opened safety=ready | SR
golden-syrup        | golden syrup | thick | 22 0 0 77 0 0.4 | 1.38 | keep=dry | SR
corn-syrup          | corn syrup | thick | 22 0 0 77 0 0.4 | 1.38 | keep=dry | SR
agave               | agave, agave syrup, agave nectar | thick | 22 0 0 77 0 0.4 | 1.38 | keep=dry | SR
date-syrup          | date syrup, glucose syrup, rice syrup, simple syrup, grenadine, sugar syrup | thick | 22 0 0 77 0 0.4 | 1.38 | keep=dry | SR
marmalade           | marmalade, orange marmalade, raspberry jam, strawberry jam, plum jam, fruit preserves, apple butter | thick | 33 0.3 0.2 65 0.7 0.2 | 1.33 | keep=dry | SR
gravy               | gravy, beef gravy, chicken gravy, onion gravy, turkey gravy, pan juices, cooking juices | thick | 87 1.8 2.8 5.5 0.3 2 | 1.02 | keep=soup allergens=gluten varies safety=casserole | SR
white-sauce         | white sauce, bechamel, bechamel sauce, cheese sauce, alfredo sauce, alfredo | thick | 72 5 14 7 0.1 1.8 | 1.03 | keep=casserole allergens=milk+gluten+egg varies safety=casserole | SR
mushroom-soup       | mushroom soup, cream of mushroom soup, condensed mushroom soup, cream of mushroom, cream of celery soup, cream of onion soup, can of cream soup | thick | 82 1.6 6.5 7 0.3 1.9 | 1.04 | keep=soup allergens=milk+gluten+celery varies safety=casserole | SR
chicken-soup-can    | cream of chicken soup, condensed chicken soup, cream of chicken, chicken soup, chicken noodle soup | thick | 82 2.5 5.8 7.3 0.2 1.9 | 1.04 | keep=soup allergens=milk+gluten+celery from=flesh safety=casserole | SR
tomato-soup         | tomato soup, condensed tomato soup, cream of tomato soup | thick | 84 1.4 0.9 11 1 1.8 | 1.05 | keep=soup varies safety=casserole | SR
vegetable-soup      | vegetable soup | thick | 87 2.5 1.5 6.5 1.8 1.2 | 1.02 | keep=soup allergens=celery varies safety=casserole | SR
lentil-soup         | lentil soup | thick | 87 2.5 1.5 6.5 1.8 1.2 | 1.02 | keep=soup allergens=celery varies safety=casserole | SR
pea-soup            | pea soup, bean soup, pumpkin soup, squash soup, leek soup | thick | 87 2.5 1.5 6.5 1.8 1.2 | 1.02 | keep=soup allergens=celery varies safety=casserole | SR
minestrone          | minestrone | thick | 87 2.5 1.5 6.5 1.8 1.2 | 1.02 | keep=soup allergens=celery varies safety=casserole | SR
onion-soup          | onion soup, broccoli soup, carrot soup | thick | 87 2.5 1.5 6.5 1.8 1.2 | 1.02 | keep=soup allergens=celery varies safety=casserole | SR
soup                | soup | thick | 87 2.5 1.5 6.5 1.8 1.2 | 1.02 | keep=soup allergens=celery varies safety=casserole | SR
beef-soup           | beef soup, goulash soup, oxtail soup, ham soup, meat soup | thick | 84 5 3 5.5 1 1.3 | 1.03 | keep=soup allergens=celery+fish+gluten from=flesh safety=casserole | SR
borscht             | borscht | thick | 84 5 3 5.5 1 1.3 | 1.03 | keep=soup allergens=celery+fish+gluten from=flesh safety=casserole | SR
pho                 | pho, ramen | thick | 84 5 3 5.5 1 1.3 | 1.03 | keep=soup allergens=celery+fish+gluten from=flesh safety=casserole | SR
chowder             | chowder, clam chowder | thick | 84 5 3 5.5 1 1.3 | 1.03 | keep=soup allergens=celery+fish+gluten from=flesh safety=casserole | SR
fish-soup           | fish soup, bouillabaisse, seafood chowder | thick | 84 5 3 5.5 1 1.3 | 1.03 | keep=soup allergens=celery+fish+gluten from=flesh safety=casserole | SR
stew                | stew, beef stew, lamb stew, irish stew | thick | 76 9 6 6 1.2 1.3 | 1.03 | keep=soup allergens=celery+gluten varies safety=casserole | SR
goulash             | goulash, ragout | thick | 76 9 6 6 1.2 1.3 | 1.03 | keep=soup allergens=celery+gluten varies safety=casserole | SR
tagine              | tagine | thick | 76 9 6 6 1.2 1.3 | 1.03 | keep=soup allergens=celery+gluten varies safety=casserole | SR
casserole           | casserole, hotpot, boeuf bourguignon | thick | 76 9 6 6 1.2 1.3 | 1.03 | keep=soup allergens=celery+gluten varies safety=casserole | SR
curry               | curry, lamb curry, beef curry, chicken curry | thick | 76 9 6 6 1.2 1.3 | 1.03 | keep=soup allergens=celery+gluten varies safety=casserole | SR
stroganoff          | stroganoff | thick | 76 9 6 6 1.2 1.3 | 1.03 | keep=soup allergens=celery+gluten varies safety=casserole | SR
gumbo               | gumbo, jambalaya | thick | 76 9 6 6 1.2 1.3 | 1.03 | keep=soup allergens=celery+gluten varies safety=casserole | SR
cassoulet           | cassoulet | thick | 76 9 6 6 1.2 1.3 | 1.03 | keep=soup allergens=celery+gluten varies safety=casserole | SR
vegetable-stew      | vegetable stew, vegetable curry | thick | 80 4 3.5 8.5 3 1.2 | 1.03 | keep=soup varies safety=casserole | SR
ratatouille         | ratatouille, caponata, bean stew, chickpea curry | thick | 80 4 3.5 8.5 3 1.2 | 1.03 | keep=soup varies safety=casserole | SR
chana-masala        | chana masala, lentil curry, vegetable casserole | thick | 80 4 3.5 8.5 3 1.2 | 1.03 | keep=soup varies safety=casserole | SR
meat-sauce          | meat sauce, bolognese, bolognese sauce, ragu, ragu bolognese, beef ragu, sloppy joe mix, chili con carne | thick | 72 9.5 8 6.5 1.8 1.5 | 1.03 | keep=soup allergens=celery from=flesh safety=casserole | SR
porridge            | porridge, oatmeal porridge | thick | 82 2.8 1.5 12.5 0.8 0.5 | 1.03 | keep=cooked-rice allergens=gluten+milk varies safety=ready | SR
custard             | custard, creme anglaise, egg custard, pudding, creme caramel, panna cotta, flan | thick | 76 4.5 5 13.5 0 0.8 | 1.05 | keep=casserole allergens=milk+egg safety=egg | SR
cheesecake          | cheesecake, cheesecake batter, cheesecake filling | thick | 48 6 22 22 0.3 1.2 | 1.05 | keep=casserole allergens=milk+egg+gluten safety=egg | SR
batter              | batter, cake batter, pancake batter, brownie batter, bread pudding, clafoutis | thick | 45 6 12 34 1 1.5 | 1 | keep=casserole allergens=milk+egg+gluten safety=egg | SR
`,
);
