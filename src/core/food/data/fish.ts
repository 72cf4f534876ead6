/**
 * Fish and shellfish.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, raw, piece weights from its household measures. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory.
 * Keeping rows: FoodSafety.gov and FDA.
 */
import { foodTable } from '../table';

export const FISH = foodTable(
  'fish',
  `
white-fish    | white fish, cod, haddock, hake, pollock, cod loin, cod loins, hake loin, haddock loin | solid | 81.2 17.8 0.7 0 0 1.2 | 0.95 | each=150 piece=25 | SR
salmon        | salmon, trout, salmon side, side of salmon, salmon loin | solid | 64.9 20.4 13.4 0 0 1.1 | 0.95 | each=150 piece=25 keep=fatty-fish | SR
mackerel      | mackerel, sardines, herring | solid | 63.6 18.6 13.9 0 0 1.4 | 0.95 | each=120 piece=25 keep=fatty-fish | SR
tuna          | tuna, canned tuna | solid | 74.5 23.6 1 0 0 1.1 | 0.65 | piece=10 keep=cooked-fish pack=145 | SR
anchovies     | anchovies, anchovy fillets | solid | 50.3 28.9 9.7 0 0 11 | 0.9 | each=4 piece=3 keep=opened pack=50 | SR
bonito-flakes | bonito flakes, katsuobushi, dried bonito | solid | 15 77 3 0 0 5 | 0.05 | piece=1 keep=dry | CP
prawns        | prawns, shrimp, king prawns | solid | 78.5 20.1 0.5 0 0 1.2 | 0.6 | each=15 piece=15 allergens=crustaceans keep=shellfish soften=shellfish pack=250 | SR
mussels       | mussels, clams | solid | 80.6 11.9 2.2 3.7 0 1.6 | 0.63 | each=20 piece=20 allergens=molluscs keep=shellfish soften=shellfish | SR
squid         | squid, calamari, octopus, squid tubes, squid rings | solid | 78.6 15.6 1.4 3.1 0 1.4 | 0.9 | piece=15 robust allergens=molluscs keep=shellfish soften=cephalopod | SR
coley         | coley, saithe | solid | 81 18 0.8 0 0 1.2 | 0.95 | each=150 piece=22 | SR
whiting       | whiting, flathead | solid | 81 18 0.8 0 0 1.2 | 0.95 | each=150 piece=22 | SR
ling          | ling, hoki, pollack | solid | 81 18 0.8 0 0 1.2 | 0.95 | each=150 piece=22 | SR
halibut       | halibut | solid | 80.3 18.6 1.3 0 0 1.4 | 0.95 | each=180 piece=28 | SR
turbot        | turbot, brill | solid | 80.3 18.6 1.3 0 0 1.4 | 0.95 | each=180 piece=28 | SR
sole          | sole | solid | 82 15.2 1.9 0 0 1.2 | 0.95 | each=120 piece=12 | SR
plaice        | plaice | solid | 82 15.2 1.9 0 0 1.2 | 0.95 | each=120 piece=12 | SR
flounder      | flounder, dab, fluke | solid | 82 15.2 1.9 0 0 1.2 | 0.95 | each=120 piece=12 | SR
monkfish      | monkfish, monkfish tail, monkfish cheeks | solid | 83.2 14.5 1.5 0 0 1.2 | 0.95 | each=180 piece=30 | SR
sea-bass      | sea bass, bass, branzino | solid | 77.5 19.5 2 0 0 1.2 | 0.95 | each=150 piece=20 | SR
sea-bream     | sea bream, bream | solid | 77.5 19.5 2 0 0 1.2 | 0.95 | each=150 piece=20 | SR
snapper       | snapper, red snapper | solid | 77.5 19.5 2 0 0 1.2 | 0.95 | each=150 piece=20 | SR
barramundi    | barramundi | solid | 77.5 19.5 2 0 0 1.2 | 0.95 | each=150 piece=20 | SR
john-dory     | john dory, grouper | solid | 77.5 19.5 2 0 0 1.2 | 0.95 | each=150 piece=20 | SR
tilapia       | tilapia | solid | 78 18.5 2.5 0 0 1.1 | 0.95 | each=130 piece=18 | SR
basa          | basa, pangasius | solid | 78 18.5 2.5 0 0 1.1 | 0.95 | each=130 piece=18 | SR
catfish       | catfish | solid | 78 18.5 2.5 0 0 1.1 | 0.95 | each=130 piece=18 | SR
perch         | perch, zander | solid | 78 18.5 2.5 0 0 1.1 | 0.95 | each=130 piece=18 | SR
carp          | carp, pike | solid | 78 18.5 2.5 0 0 1.1 | 0.95 | each=130 piece=18 | SR
swordfish     | swordfish | solid | 76 19.7 4 0 0 1.5 | 0.95 | each=180 piece=25 | SR
marlin        | marlin | solid | 76 19.7 4 0 0 1.5 | 0.95 | each=180 piece=25 | SR
mahi-mahi     | mahi mahi | solid | 76 19.7 4 0 0 1.5 | 0.95 | each=180 piece=25 | SR
shark         | shark, kingfish | solid | 76 19.7 4 0 0 1.5 | 0.95 | each=180 piece=25 | SR
fresh-tuna    | tuna steak, tuna steaks, fresh tuna, ahi | solid | 71 24 4 0 0 1.3 | 0.95 | each=170 piece=25 keep=fatty-fish | SR
trout         | rainbow trout, sea trout, arctic char | solid | 71.4 20.5 6.2 0 0 1.3 | 0.95 | each=140 piece=20 keep=fatty-fish | SR
eel           | eel, eels | solid | 68.3 18.4 11.7 0 0 1.4 | 0.95 | piece=30 keep=fatty-fish | SR
skate         | skate, skate wing, skate wings, ray wing | solid | 79 20 0.7 0 0 1.2 | 0.95 | each=250 piece=20 | SR
canned-salmon | canned salmon, tinned salmon, canned mackerel, canned sardines, tinned sardines, tinned mackerel | solid | 68 21 9 0 0 2 | 0.8 | piece=10 keep=cooked-fish | SR
smoked-fish   | smoked haddock, smoked fish, smoked cod, undyed smoked haddock | solid | 72 25 1 0 0 3 | 0.95 | each=170 piece=20 | SR
smoked-salmon | smoked salmon, smoked trout, smoked mackerel, lox, kippers, kipper | solid | 72 18.3 4.3 0 0 5.4 | 0.9 | piece=3 keep=cooked-fish | SR
salt-cod      | salt cod, bacalhau, baccala, saltfish, salt fish | solid | 55 40 1 0 0 4 | 0.8 | piece=20 keep=fish soft=3 | CP
crab          | crab, crab meat, crabmeat, crab legs, lump crab, white crab meat, crab claws | solid | 79 18 1 0 0 1.8 | 0.6 | piece=15 allergens=crustaceans keep=shellfish soften=shellfish | SR
lobster       | lobster, lobster tail, lobster tails, crayfish, langoustines, crawfish, moreton bay bugs, rock lobster | solid | 80 16.5 0.8 0 0 1.7 | 0.7 | each=150 piece=30 through=0.7 allergens=crustaceans keep=shellfish soften=shellfish least=2 | SR
scallops      | scallops, scallop, sea scallops | solid | 82.5 12.1 0.5 3.2 0 1.7 | 0.9 | each=30 piece=22 allergens=molluscs keep=shellfish soften=shellfish | SR
oysters       | oysters, oyster, cockles, whelks, winkles | solid | 85 9 1.7 2.7 0 1.5 | 1 | each=15 piece=15 allergens=molluscs keep=shellfish soften=shellfish | SR
octopus       | baby octopus, cuttlefish | solid | 80.3 14.9 1 2.2 0 1.6 | 0.95 | piece=35 robust allergens=molluscs keep=shellfish soften=cephalopod | SR
snails        | snails, escargots | solid | 79 16 1.4 2 0 1.3 | 0.9 | each=8 piece=12 robust allergens=molluscs keep=shellfish soft=20 | SR
mixed-seafood | mixed seafood, seafood mix, seafood | solid | 79 16 1.3 1.5 0 1.5 | 0.65 | piece=15 allergens=crustaceans+molluscs+fish keep=shellfish soften=shellfish | CP
fish-fillet   | fish fillet, fish fillets, firm white fish | solid | 80 18 1.2 0 0 1.2 | 0.95 | each=150 piece=25 | SR
fish-roe      | fish roe, roe, caviar, tarama | solid | 67.7 22.3 6.4 1.5 0 1.4 | 1 | piece=3 keep=fish | SR
surimi        | surimi, crab sticks, imitation crab, fish balls | solid | 75 10 0.5 13 0 2 | 0.9 | each=17 piece=15 keep=cooked-fish allergens=fish+egg+gluten | SR
`,
);
