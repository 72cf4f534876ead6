/**
 * Meat, poultry, fish, eggs and dairy.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, raw and without bone unless said, cup and piece
 * weights from its household measures. All from memory. Keeping rows: FoodSafety.gov.
 */
import { foodTable } from '../table';

export const MEATS = foodTable(
  'meat',
  `
lamb-shoulder | lamb shoulder, lamb | solid | 63 16.8 19.3 0 0 0.9 | 0.95 | piece=50 soften=young-meat soft=15 shred=15 | SR
lamb-shank    | lamb shank, lamb shanks | solid | 72 19 8 0 0 1 | 0.9 | each=400 piece=70 | SR
lamb-leg      | leg of lamb, lamb leg | solid | 64.3 17.9 17.1 0 0 0.9 | 0.95 | piece=90 | SR
goat          | goat, goat meat, mutton | solid | 75.8 20.6 2.3 0 0 1.1 | 0.95 | piece=40 soft=25 shred=27 | SR
beef-cheek    | beef cheek, beef cheeks, ox cheek | solid | 70 19.5 9.5 0 0 1 | 0.95 | each=350 piece=60 | SR
beef-chuck    | beef chuck, stewing beef, beef, stew meat | solid | 69 20 10 0 0 1 | 0.95 | piece=40 | SR
beef-round    | beef round, topside, silverside | solid | 71.8 22.5 4.4 0 0 1.1 | 0.95 | piece=80 | SR
brisket       | brisket, beef brisket | solid | 63 18 18 0 0 0.9 | 0.95 | piece=60 | SR
short-ribs    | short ribs, beef short ribs | solid | 48.3 14.4 36.2 0 0 0.7 | 0.8 | each=250 piece=45 | SR
oxtail        | oxtail | solid | 62 19 18 0 0 0.9 | 0.8 | each=150 piece=45 soft=28 shred=30 | SR
ground-beef   | ground beef, minced beef, ground meat, mince | solid | 62 17.2 20 0 0 0.9 | 0.95 | piece=20 keep=ground-meat soften=ground | SR
ground-lamb   | ground lamb, minced lamb | solid | 59.5 16.6 23.4 0 0 0.9 | 0.95 | piece=20 keep=ground-meat soften=ground | SR
ground-pork   | ground pork, minced pork | solid | 61.1 16.9 21.2 0 0 0.9 | 0.95 | piece=20 keep=ground-meat soften=ground | SR
veal          | veal, veal shoulder, veal shin | solid | 75 19.4 4.9 0 0 1.1 | 0.95 | piece=40 soften=young-meat | SR
pork-shoulder | pork shoulder, pork, pork butt | solid | 64.2 17.2 17.5 0 0 0.9 | 0.95 | piece=50 soften=young-meat | SR
pork-loin     | pork loin, pork chop, pork chops | solid | 69.2 21.1 8.3 0 0 1.1 | 0.95 | each=180 piece=25 soften=tender-meat | SR
pork-belly    | pork belly | solid | 36.7 9.3 53 0 0 0.5 | 0.95 | piece=40 soften=young-meat | SR
pork-ribs     | pork ribs, spare ribs, ribs | solid | 59.5 15.5 23.4 0 0 0.8 | 0.6 | piece=25 | SR
ham           | ham, cooked ham, diced ham | solid | 68.3 19.4 8.4 0.5 0 3.2 | 0.6 | piece=12 keep=ham soften=cooked-meat | SR
bacon         | bacon, pancetta, lardons | solid | 40.2 11.6 45 0.7 0 2.5 | 0.6 | each=28 piece=6 keep=bacon soften=cooked-meat | SR
sausage       | sausage, sausages, chorizo, merguez | solid | 56 15 26 1.2 0 2.6 | 0.6 | each=90 piece=28 keep=sausage soften=ground | SR
rabbit        | rabbit | solid | 72.8 20.1 5.6 0 0 1 | 0.9 | each=250 piece=40 soften=young-meat | SR
venison       | venison | solid | 73.6 23 2.4 0 0 1.2 | 0.95 | piece=40 soft=22 shred=24 | SR
tongue        | beef tongue, ox tongue, tongue | solid | 64.5 14.9 16.1 3.7 0 0.8 | 1 | each=1400 piece=75 keep=giblets soften=tough-offal | SR
heart         | beef heart, ox heart, lamb heart, heart | solid | 77.1 17.7 3.9 0.1 0 1.1 | 1 | piece=30 keep=giblets soften=tough-offal | SR
kidney        | kidney, kidneys, beef kidney, lamb kidney | solid | 77.9 17.4 3.1 0.3 0 1.3 | 1 | each=60 piece=20 keep=giblets soften=tender-meat | SR
tripe         | tripe, beef tripe | solid | 84.2 12.1 3.7 0 0 0.6 | 1 | piece=8 keep=giblets soften=tough-offal | SR
liver         | liver, chicken livers, calf liver | solid | 76.5 16.9 4.8 0.7 0 1.1 | 1 | piece=20 finicky keep=giblets soften=ground | SR
cooked-ground-meat | cooked ground meat, cooked ground beef, cooked ground lamb, cooked ground pork, cooked crumbled meat | solid | 56 25.8 16.5 0 0 1.1 | 0.7 | piece=6 keep=cooked-meat gives=0 soften=cooked-meat | SR
`,
);

export const POULTRY = foodTable(
  'poultry',
  `
chicken-thigh  | chicken thigh, chicken thighs, boneless chicken thighs | solid | 76.7 19.7 4.1 0 0 1.1 | 0.95 | each=110 piece=30 keep=poultry-pieces soften=dark | SR
chicken-breast | chicken breast, chicken breasts, chicken | solid | 73.9 22.5 2.6 0 0 1.1 | 0.95 | each=200 piece=35 | SR
chicken-leg    | chicken leg, chicken legs, drumstick, drumsticks, chicken drumsticks, leg quarter, leg quarters, chicken leg quarters, chicken quarters | solid | 72.5 18.2 8.6 0 0 0.9 | 0.8 | each=180 piece=45 keep=poultry-pieces soften=dark | SR
chicken-wing   | chicken wings, chicken wing | solid | 66.2 18.3 16 0 0 0.8 | 0.7 | each=90 piece=30 keep=poultry-pieces soften=dark | SR
whole-chicken  | whole chicken, whole bird | solid | 66 18.6 15.1 0 0 0.8 | 0.85 | each=1500 piece=110 keep=whole-poultry | SR
ground-chicken | ground chicken, ground turkey, minced turkey | solid | 73.2 17.4 8.1 0 0 1.2 | 0.95 | piece=20 keep=ground-meat soften=ground | SR
turkey-thigh   | turkey thigh, turkey thighs, turkey leg, turkey legs, turkey drumstick, turkey drumsticks | solid | 74.5 19.5 4.4 0 0 1 | 0.95 | each=500 piece=60 keep=poultry-pieces soften=dark soft=4 shred=6 | SR
turkey-breast  | turkey breast, turkey | solid | 74 23.7 1.5 0.1 0 1.2 | 0.95 | each=1200 piece=90 | SR
duck-leg       | duck leg, duck legs, duck, goose leg, goose legs | solid | 70 18 11 0 0 1 | 0.95 | each=250 piece=45 keep=poultry-pieces soften=tough-bird | SR
cooked-chicken | cooked chicken, cooked turkey | solid | 65.3 31 3.6 0 0 1.1 | 0.6 | piece=10 keep=cooked-meat gives=0 soften=cooked-meat | SR
`,
);

export const FISH = foodTable(
  'fish',
  `
white-fish | white fish, cod, haddock, hake, pollock | solid | 81.2 17.8 0.7 0 0 1.2 | 0.95 | each=150 piece=25 | SR
salmon     | salmon, trout | solid | 64.9 20.4 13.4 0 0 1.1 | 0.95 | each=150 piece=25 keep=fatty-fish | SR
mackerel   | mackerel, sardines, herring | solid | 63.6 18.6 13.9 0 0 1.4 | 0.95 | each=120 piece=25 keep=fatty-fish | SR
tuna       | tuna, canned tuna | solid | 74.5 23.6 1 0 0 1.1 | 0.65 | piece=10 keep=cooked-fish | SR
anchovies  | anchovies, anchovy fillets | solid | 50.3 28.9 9.7 0 0 11 | 0.9 | each=4 piece=3 keep=opened | SR
prawns     | prawns, shrimp, king prawns | solid | 78.5 20.1 0.5 0 0 1.2 | 0.6 | each=15 piece=15 allergens=crustaceans keep=shellfish soften=shellfish | SR
mussels    | mussels, clams | solid | 80.6 11.9 2.2 3.7 0 1.6 | 0.63 | each=20 piece=20 allergens=molluscs keep=shellfish soften=shellfish | SR
squid      | squid, calamari, octopus | solid | 78.6 15.6 1.4 3.1 0 1.4 | 0.9 | piece=15 robust allergens=molluscs keep=shellfish soften=cephalopod | SR
`,
);

export const EGGS = foodTable(
  'egg',
  `
egg       | egg, eggs, large eggs | solid | 76.2 12.6 9.5 0.7 0 1.1 | 1.03 | each=50 piece=43 | SR
egg-yolk  | egg yolk, egg yolks | thick | 52.3 15.9 26.5 3.6 0 1.7 | 1.03 | each=17 | SR
egg-white | egg white, egg whites | thick | 87.6 10.9 0.2 0.7 0 0.6 | 1.03 | each=33 | SR
`,
);

export const DAIRY = foodTable(
  'dairy',
  `
milk           | milk, whole milk | thin | 88.1 3.2 3.3 4.8 0 0.7 | 1.03 | | SR
buttermilk     | buttermilk, kefir | thin | 87.9 3.2 3.3 4.9 0 0.7 | 1.03 | | SR
cream          | cream, double cream, heavy cream, single cream | thick | 57.7 2.8 36 2.8 0 0.5 | 1 | | SR
sour-cream     | sour cream, creme fraiche, crème fraîche | thick | 73.1 2.4 19.4 4.6 0 0.5 | 0.97 | | SR
yoghurt        | yoghurt, yogurt, plain yoghurt, greek yoghurt | thick | 87.9 3.5 3.3 4.7 0 0.7 | 1.03 | | SR
condensed-milk | condensed milk, evaporated milk | thick | 74 6.8 7.6 10 0 1.6 | 1.06 | | SR
hard-cheese    | hard cheese, grated cheese, parmesan cheese, parmesan, cheese | solid | 29.2 35.8 25.8 3.2 0 6 | 0.42 | piece=2 keep=hard-cheese | SR
cheddar        | cheddar, gruyere, gouda, melting cheese | solid | 37 24 33.3 2.4 0 3.7 | 0.48 | piece=3 keep=hard-cheese | SR
mozzarella     | mozzarella | solid | 50 22.2 22.4 2.2 0 3.3 | 0.48 | piece=5 | SR
feta           | feta, white cheese | solid | 55.2 14.2 21.3 4.1 0 5.2 | 0.63 | piece=10 keep=hard-cheese | SR
paneer         | paneer, halloumi | solid | 52 19 20 6 0 2.5 | 0.7 | piece=15 | SR
ricotta        | ricotta, curd cheese, cream cheese | thick | 71.7 11.3 13 3 0 1 | 1.05 | | SR
`,
);
