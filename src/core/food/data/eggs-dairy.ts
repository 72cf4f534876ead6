/**
 * Eggs and dairy.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, cup weights from its household measures. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory.
 */
import { foodTable } from '../table';

export const EGGS = foodTable(
  'egg',
  `
egg       | egg, eggs, large eggs | solid | 76.2 12.6 9.5 0.7 0 1.1 | 1.03 | each=50 piece=43 | SR
egg-yolk  | egg yolk, yolk, yolks, egg yolks | thick | 52.3 15.9 26.5 3.6 0 1.7 | 1.03 | keep=raw-egg each=17 | SR
egg-white | egg white, egg whites | thick | 87.6 10.9 0.2 0.7 0 0.6 | 1.03 | keep=raw-egg each=33 | SR
quail-egg | quail eggs, quail egg | solid | 74.4 13 11.1 0.4 0 1.1 | 1.03 | each=10 piece=24 | SR
duck-egg  | duck eggs, duck egg | solid | 70.8 12.8 13.8 1.5 0 1.1 | 1.03 | each=70 piece=46 | SR
`,
);

export const DAIRY = foodTable(
  'dairy',
  `
milk                 | milk, whole milk | thin | 88.1 3.2 3.3 4.8 0 0.7 | 1.03 | pack=1000 | SR
buttermilk           | buttermilk, kefir | thin | 87.9 3.2 3.3 4.9 0 0.7 | 1.03 | keep=cultured pack=500 | SR
cream                | cream, double cream, heavy cream, single cream | thick | 57.7 2.8 36 2.8 0 0.5 | 1 | pack=250 | SR
sour-cream           | sour cream, creme fraiche, crème fraîche, crema, mexican crema | thick | 73.1 2.4 19.4 4.6 0 0.5 | 0.97 | keep=cultured pack=200 | SR
yoghurt              | yoghurt, yogurt, plain yoghurt, greek yoghurt, dahi, natural yoghurt, set yoghurt, skyr | thick | 87.9 3.5 3.3 4.7 0 0.7 | 1.03 | keep=cultured pack=500 | SR
condensed-milk       | condensed milk, sweetened condensed milk | thick | 27.2 7.9 8.7 54.4 0 1.8 | 1.29 | pack=400 | SR
evaporated-milk      | evaporated milk, unsweetened condensed milk | thick | 74 6.8 7.6 10 0 1.6 | 1.06 | pack=400 | SR
hard-cheese          | hard cheese, grated cheese, parmesan cheese, parmesan, cheese | solid | 29.2 35.8 25.8 3.2 0 6 | 0.42 | piece=2 keep=hard-cheese pack=200 | SR
cheddar              | cheddar, gruyere, gouda, melting cheese | solid | 37 24 33.3 2.4 0 3.7 | 0.48 | piece=3 keep=hard-cheese pack=250 | SR
mozzarella           | mozzarella, burrata | solid | 50 22.2 22.4 2.2 0 3.3 | 0.48 | piece=5 pack=125 | SR
feta                 | feta, white cheese, cotija | solid | 55.2 14.2 21.3 4.1 0 5.2 | 0.63 | piece=10 keep=hard-cheese pack=200 | SR
paneer               | paneer, halloumi | solid | 52 19 20 6 0 2.5 | 0.7 | piece=15 pack=225 | SR
cream-cheese         | cream cheese, soft cream cheese | thick | 53 6 34 5.5 0 1.4 | 0.98 | pack=200 | SR
ricotta              | ricotta, curd cheese, khoya, mawa | thick | 71.7 11.3 13 3 0 1 | 1.05 | pack=250 | SR
skim-milk            | skimmed milk, semi-skimmed milk, low-fat milk, skim milk, 2% milk, goat milk, goat's milk, half-fat milk | thin | 90 3.4 1 4.9 0 0.7 | 1.03 | | SR
half-and-half        | half-and-half, half and half, cooking cream, light cream, table cream, whipping cream, pouring cream | thick | 75 3 16 4.5 0 0.6 | 1 | | SR
milk-powder          | milk powder, powdered milk, dry milk, skimmed milk powder | solid | 3 33 8 50 0 6.5 | 0.5 | piece=1 keep=dry aisle=baking | SR
mascarpone           | mascarpone, soft cheese, soft white cheese | thick | 54 6 34 4 0 1.4 | 1 | pack=250 | SR
cottage-cheese       | cottage cheese, quark, fresh cheese, fromage frais, curds, labneh | thick | 79.8 11.1 4.3 3.4 0 1.4 | 0.95 | | SR
goat-cheese          | goat cheese, goat's cheese, soft goat cheese, chevre | solid | 57.9 18.5 21.1 0.9 0 1.6 | 0.9 | piece=10 | SR
blue-cheese          | blue cheese | solid | 42.4 21.4 28.7 2.3 0 5.1 | 0.57 | piece=8 | SR
stilton              | stilton | solid | 42.4 21.4 28.7 2.3 0 5.1 | 0.57 | piece=8 | SR
gorgonzola           | gorgonzola, roquefort | solid | 42.4 21.4 28.7 2.3 0 5.1 | 0.57 | piece=8 | SR
brie                 | brie, camembert, taleggio | solid | 48.4 20.8 27.7 0.5 0 2.7 | 0.9 | piece=10 | SR
swiss-cheese         | swiss cheese | solid | 37.6 26.9 31 1.4 0 3.6 | 0.46 | piece=3 keep=hard-cheese pack=200 | SR
emmental             | emmental, comte, raclette, fontina | solid | 37.6 26.9 31 1.4 0 3.6 | 0.46 | piece=3 keep=hard-cheese | SR
provolone            | provolone, monterey jack, jack cheese | solid | 37.6 26.9 31 1.4 0 3.6 | 0.46 | piece=3 keep=hard-cheese pack=200 | SR
edam                 | edam, colby | solid | 37.6 26.9 31 1.4 0 3.6 | 0.46 | piece=3 keep=hard-cheese | SR
mexican-cheese-blend | mexican cheese blend, shredded cheese | solid | 37.6 26.9 31 1.4 0 3.6 | 0.46 | piece=3 keep=hard-cheese | SR
pecorino             | pecorino, pecorino romano | solid | 30.9 31.8 26.9 3.6 0 6.7 | 0.42 | piece=2 keep=hard-cheese | SR
manchego             | manchego, grana padano, asiago | solid | 30.9 31.8 26.9 3.6 0 6.7 | 0.42 | piece=2 keep=hard-cheese | SR
processed-cheese     | processed cheese, american cheese, cheese slices, cheese spread | solid | 40 18 27 8 0 5.6 | 1 | piece=3 | SR
halloumi             | grilling cheese, queso fresco, bread cheese | solid | 50 20 25 2 0 4 | 0.95 | piece=12 | SR
whey                 | whey | thin | 93.1 0.9 0.4 5.1 0 0.5 | 1.02 | | SR
ice-cream            | ice cream, vanilla ice cream | thick | 61 3.5 11 23 0.7 0.9 | 0.56 | | SR
whipped-cream        | whipped cream | thick | 61 3.2 22 12.5 0 0.6 | 0.25 | | SR
`,
);
