/**
 * Herbs, spices and seasonings.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup weights from its
 * household measures. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory.
 */
import { foodTable } from '../table';

export const SEASONINGS = foodTable(
  'seasoning',
  `
salt                   | salt, sea salt, kosher salt, fine salt | solid | 0.2 0 0 0 0 99.8 | 1.2 | piece=1 | SR
black-pepper           | black pepper, ground pepper, peppercorns | solid | 12.5 10.4 3.3 38.7 25.3 4.5 | 0.47 | piece=1 | SR
cumin                  | cumin, ground cumin, cumin seeds | solid | 8.1 17.8 22.3 33.7 10.5 7.6 | 0.43 | piece=1 | SR
coriander              | ground coriander, coriander seeds, dhania, dhania powder, coriander powder | solid | 8.9 12.4 17.8 13.1 41.9 6 | 0.34 | piece=1 | SR
turmeric               | turmeric, ground turmeric | solid | 12.9 9.7 3.3 44.4 22.7 7.1 | 0.6 | piece=1 | SR
paprika                | paprika, smoked paprika, sweet paprika | solid | 11.2 14.1 12.9 19.1 34.9 7.7 | 0.47 | piece=1 | SR
chili-flakes           | chili flakes, chilli flakes, cayenne, cayenne pepper | solid | 8.1 12 17.3 29.4 27.2 6 | 0.36 | piece=1 | SR
cinnamon               | cinnamon, ground cinnamon, cinnamon stick, dalchini, cassia bark | solid | 10.6 4 1.2 27.5 53.1 3.6 | 0.53 | each=3 piece=1 | SR
cloves                 | cloves, ground cloves, whole cloves, laung | solid | 9.9 6 13 31.6 33.9 5.6 | 0.44 | each=0.1 piece=1 | SR
allspice               | allspice, ground allspice, allspice berries, allspice berry | solid | 8.5 6.1 8.7 50.5 21.6 4.7 | 0.4 | each=0.1 piece=1 | SR
nutmeg                 | nutmeg | solid | 6.2 5.8 36.3 28.5 20.8 2.3 | 0.47 | each=5 piece=1 | SR
cardamom               | cardamom, cardamom pods, elaichi, green cardamom, black cardamom | solid | 8.3 10.8 6.7 40.5 28 5.8 | 0.4 | each=0.2 piece=1 | SR
star-anise             | star anise, aniseed, anise seed | solid | 9.5 17.6 15.9 35.4 14.6 7 | 0.43 | each=1 piece=1 | SR
fennel-seed            | fennel seeds, fennel seed, saunf, fennel powder, ground fennel | solid | 8.8 15.8 14.9 12.5 39.8 8.2 | 0.39 | piece=1 | SR
mustard-seed           | mustard seeds, mustard seed, rai | solid | 5.3 26.1 36.2 15.9 12.2 4.3 | 0.69 | piece=1 allergens=mustard | SR
saffron                | saffron, saffron threads | solid | 11.9 11.4 5.9 61.5 3.9 5.4 | 0.14 | piece=1 | SR
sumac                  | sumac, amchur, dried mango powder, anardana | solid | 11 5 10 44 26 4 | 0.45 | piece=1 | CP
dill                   | dill, fresh dill | solid | 86 3.5 1.1 4.9 2.1 2.5 | 0.04 | piece=1 keep=herb | SR
parsley                | parsley, fresh parsley, flat-leaf parsley | solid | 87.7 3 0.8 3 3.3 2.2 | 0.25 | piece=1 keep=herb | SR
cilantro               | cilantro, fresh coriander, coriander leaves, coriander stalks, coriander stems, cilantro stems, cilantro stalks | solid | 92.2 2.1 0.5 0.9 2.8 1.5 | 0.07 | piece=1 keep=herb | SR
mint                   | mint, fresh mint, pudina | solid | 85.6 3.3 0.7 1.6 6.8 2 | 0.11 | piece=1 keep=herb | SR
basil                  | basil, fresh basil | solid | 92.1 3.2 0.6 1.1 1.6 1.5 | 0.1 | piece=1 keep=herb | SR
thyme                  | thyme, dried thyme, fresh thyme | solid | 7.8 9.1 7.4 27 37 11.7 | 0.18 | piece=1 | SR
rosemary               | rosemary, dried rosemary, fresh rosemary | solid | 9.3 4.9 15.2 21.5 42.6 6.5 | 0.22 | piece=1 | SR
oregano                | oregano, dried oregano | solid | 9.9 9 4.3 26.4 42.5 7.9 | 0.2 | piece=1 | SR
sage                   | sage, dried sage | solid | 8 10.6 12.8 20.4 40.3 8 | 0.14 | piece=1 | SR
bay-leaf               | bay leaf, bay leaves, bay, tej patta | solid | 5.4 7.6 8.4 48.7 26.3 3.6 | 0.13 | each=0.3 piece=1 | SR
white-pepper           | white pepper, pink peppercorns, green peppercorns, sichuan pepper, sichuan peppercorns, mixed peppercorns, lemon pepper | solid | 11.4 10.4 2.1 48.3 26.2 1.6 | 0.48 | piece=1 | SR
garlic-powder          | garlic powder, garlic granules, granulated garlic, dried garlic | solid | 6.5 16.6 0.7 63.7 9 3.5 | 0.65 | piece=1 | SR
onion-powder           | onion powder, onion granules, granulated onion | solid | 5.4 10.4 1 63.9 15.2 4 | 0.48 | piece=1 | SR
ginger-powder          | ground ginger, ginger powder, dried ginger | solid | 9.9 9 4.2 57.5 14.1 5.2 | 0.36 | piece=1 | SR
celery-salt            | celery salt, celery seed, celery seeds | solid | 5 10 14 18 7 46 | 0.6 | piece=1 allergens=celery | SR
garlic-salt            | garlic salt, onion salt, seasoned salt, herb salt, seasoning salt, all-purpose seasoning, vegetable seasoning | solid | 3 4 0.3 15 2 75 | 0.95 | piece=1 varies | CP
mustard-powder         | mustard powder, dry mustard, english mustard powder | solid | 5.3 26.1 36.2 15.9 12.2 4.3 | 0.45 | piece=1 allergens=mustard | SR
curry-powder           | curry powder, madras curry powder, mild curry powder, hot curry powder | solid | 8.8 14.3 14 2.6 53.2 7 | 0.42 | piece=1 allergens=mustard varies | SR
garam-masala           | garam masala, chaat masala, sambar powder, rasam powder, biryani masala, chana masala powder, pav bhaji masala, kitchen king masala, meat masala | solid | 9 12 12 30 30 7 | 0.42 | piece=1 varies | CP
ras-el-hanout          | ras el hanout | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
baharat                | baharat | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
za-atar                | za'atar, zaatar | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
dukkah                 | dukkah | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
advieh                 | advieh | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
berbere                | berbere | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
five-spice             | five spice, chinese five spice, five-spice powder, pumpkin pie spice | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
mixed-spice            | mixed spice, apple pie spice, quatre epices | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
cajun-seasoning        | cajun seasoning, creole seasoning | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
jerk-seasoning         | jerk seasoning | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
old-style-seafood-seasoning | old-style seafood seasoning | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
shawarma-spice         | shawarma spice | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
fajita-seasoning       | fajita seasoning, taco seasoning, adobo seasoning, sazon, sazón | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
chili-seasoning        | chili seasoning | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
ranch-seasoning        | ranch seasoning | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
italian-seasoning      | italian seasoning, herbes de provence | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
poultry-seasoning      | poultry seasoning, mixed herbs, dried mixed herbs | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
bouquet-garni          | bouquet garni, steak seasoning | solid | 9 10 9 40 24 8 | 0.4 | each=2 piece=1 varies | CP
cumin-seed             | jeera, cumin powder, roasted cumin, black cumin | solid | 8.1 17.8 22.3 33.7 10.5 7.6 | 0.43 | piece=1 | SR
caraway                | caraway, caraway seeds, caraway seed, shahjeera, shahi jeera, shah jeera | solid | 9.9 19.8 14.6 11.9 38 5.9 | 0.44 | piece=1 | SR
ajwain                 | ajwain, carom seeds | solid | 9.9 19.8 14.6 11.9 38 5.9 | 0.44 | piece=1 | SR
nigella-seeds          | nigella seeds, kalonji, dill seed | solid | 9.9 19.8 14.6 11.9 38 5.9 | 0.44 | piece=1 | SR
fenugreek              | fenugreek, fenugreek seeds, kasuri methi, dried fenugreek leaves | solid | 8.8 23 6.4 33.8 24.6 3.4 | 0.7 | piece=1 | SR
haldi                  | haldi, turmeric powder | solid | 12.9 9.7 3.3 44.4 22.7 7.1 | 0.6 | piece=1 | SR
hing                   | hing, asafoetida, asafetida | solid | 9.4 6.3 1.3 72 5.1 5.9 | 0.5 | piece=1 allergens=gluten varies | IF
chili-powder           | chili powder, chilli powder, red chilli powder, red chili powder, mirch, mirchi, mirchi powder, mirch powder, lal mirch, lal mirchi, kashmiri chilli powder, gochugaru, aleppo pepper, ancho powder, hot paprika, chipotle powder, crushed red pepper, red pepper flakes | solid | 10 13 14 20 34 7 | 0.45 | piece=1 | SR
juniper                | juniper berries, juniper | solid | 12 6 15 35 28 4 | 0.4 | each=0.3 piece=1 | CP
mace                   | mace, mace blades, vanilla pod, vanilla pods, vanilla bean, vanilla beans | solid | 8.2 6.7 32.4 30.3 20.2 2.2 | 0.36 | each=2 piece=1 | SR
vanilla                | vanilla, vanilla extract, vanilla essence, vanilla paste | thin | 86.9 0.1 0.1 12.6 0 0.3 | 0.88 | | SR
almond-extract         | almond extract | thin | 86.9 0.1 0.1 12.6 0 0.3 | 0.88 | | SR
rose-water             | rose water, orange blossom water | thin | 86.9 0.1 0.1 12.6 0 0.3 | 0.88 | | SR
curry-leaf             | curry leaves, curry leaf, pandan leaves, pandan leaf | solid | 70.2 6.1 1 12.3 6.4 4 | 0.1 | each=0.1 piece=1 keep=herb | SR
tarragon               | tarragon, fresh tarragon, dried tarragon | solid | 40 10 4 28 12 6 | 0.15 | piece=1 keep=herb | SR
chervil                | chervil | solid | 40 10 4 28 12 6 | 0.15 | piece=1 keep=herb | SR
marjoram               | marjoram | solid | 40 10 4 28 12 6 | 0.15 | piece=1 keep=herb | SR
savory                 | savory, summer savory | solid | 40 10 4 28 12 6 | 0.15 | piece=1 keep=herb | SR
lovage                 | lovage | solid | 40 10 4 28 12 6 | 0.15 | piece=1 keep=herb | SR
epazote                | epazote | solid | 40 10 4 28 12 6 | 0.15 | piece=1 keep=herb | SR
thai-basil             | thai basil | solid | 40 10 4 28 12 6 | 0.15 | piece=1 keep=herb | SR
dried-dill             | dried dill, dried parsley, dried basil, dried mint | solid | 40 10 4 28 12 6 | 0.15 | piece=1 keep=herb | SR
herbs                  | herbs, fresh herbs, dried herbs, soft herbs, mixed fresh herbs | solid | 40 10 4 28 12 6 | 0.15 | piece=1 keep=herb | SR
bouillon-powder        | bouillon powder, stock powder, stock cube, stock cubes, bouillon cube, bouillon cubes, broth powder, dashi powder, soup base, chicken bouillon, beef bouillon, vegetable bouillon, stock pot, stock concentrate, bouillon paste | solid | 3 16 14 16 0 50 | 0.9 | each=10 piece=1 allergens=celery varies | SR
onion-soup-mix         | onion soup mix, dry onion soup mix, gravy granules, gravy mix, gravy powder, soup mix, sauce mix, packet soup | solid | 4 7 3 60 4 22 | 0.6 | each=30 piece=1 allergens=gluten+milk varies | SR
msg                    | msg, citric acid, tenderizer, meat tenderizer, cream of tartar, pectin, gelatine, gelatin, powdered gelatine, gelatine powder, gelatin powder, powdered gelatin, agar, agar-agar | solid | 10 10 0 30 10 40 | 0.64 | each=2 piece=1 aisle=baking varies | CP
lavender               | lavender, dried lavender, dried rose petals, rose petals, hibiscus, saffron powder, sumac powder, annatto, achiote | solid | 10 8 6 45 26 5 | 0.2 | piece=1 | CP
`,
);
