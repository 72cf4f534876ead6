/**
 * Baking goods, nuts and seeds.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup weights from its
 * household measures. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory.
 */
import { foodTable } from '../table';

export const BAKING = foodTable(
  'baking',
  `
flour             | flour, plain flour, all-purpose flour, wheat flour, maida | solid | 11.9 10.3 1 73.6 2.7 0.5 | 0.53 | piece=1 allergens=gluten pack=1000 | SR
whole-flour       | whole wheat flour, wholemeal flour, whole-wheat flour, atta, chapati flour | solid | 10.7 13.2 2.5 61.3 10.7 1.6 | 0.51 | piece=1 allergens=gluten pack=1000 | SR
sugar             | sugar, white sugar, granulated sugar | solid | 0.1 0 0 99.9 0 0 | 0.85 | piece=1 pack=1000 | SR
brown-sugar       | brown sugar, light brown sugar, dark brown sugar | solid | 1.3 0.1 0 98.1 0 0.5 | 0.93 | piece=1 pack=500 | SR
cornstarch        | cornstarch, cornflour, starch, corn starch | solid | 8.3 0.3 0.1 90.4 0.9 0.1 | 0.54 | piece=1 pack=250 | SR
cocoa             | cocoa, cocoa powder | solid | 3 19.6 13.7 20.9 37 5.8 | 0.36 | piece=1 | SR
chocolate         | chocolate, dark chocolate | solid | 1.4 7.8 42.6 35 10.9 2.3 | 0.7 | piece=5 allergens=milk+soy pack=100 | SR
baking-powder     | baking powder | solid | 5 0 0 27 0.2 67.8 | 0.93 | piece=1 | SR
yeast             | yeast, dry yeast | solid | 5.1 40.4 7.6 14.4 26.9 5.6 | 0.63 | piece=1 | SR
bread-flour       | bread flour, strong flour, strong white flour, self-raising flour, self-rising flour, cake flour, pastry flour, spelt flour, rye flour, semolina flour | solid | 12 11 1.3 72 3 0.8 | 0.53 | piece=1 allergens=gluten | SR
rice-flour        | rice flour | solid | 10 4 2.5 78 4 0.8 | 0.6 | piece=1 varies | SR
tapioca-flour     | tapioca flour, tapioca starch | solid | 10 4 2.5 78 4 0.8 | 0.5 | piece=1 varies | SR
potato-starch     | potato starch, potato flour | solid | 10 4 2.5 78 4 0.8 | 0.68 | piece=1 varies | SR
arrowroot         | arrowroot, arrowroot powder, corn flour | solid | 10 4 2.5 78 4 0.8 | 0.54 | piece=1 varies | SR
almond-flour      | almond flour | solid | 10 4 2.5 78 4 0.8 | 0.45 | piece=1 varies | SR
coconut-flour     | coconut flour | solid | 10 4 2.5 78 4 0.8 | 0.48 | piece=1 varies | SR
gluten-free-flour | gluten-free flour, glutinous rice flour, buckwheat flour | solid | 10 4 2.5 78 4 0.8 | 0.6 | piece=1 varies | SR
icing-sugar       | icing sugar, powdered sugar | solid | 1 0 0 98.5 0 0.4 | 0.5 | piece=1 | SR
caster-sugar      | caster sugar, superfine sugar | solid | 1 0 0 98.5 0 0.4 | 0.85 | piece=1 | SR
demerara-sugar    | demerara sugar, demerara, muscovado sugar, raw sugar | solid | 1 0 0 98.5 0 0.4 | 0.9 | piece=1 | SR
palm-sugar        | palm sugar, coconut sugar | solid | 1 0 0 98.5 0 0.4 | 0.75 | piece=1 | SR
jaggery           | jaggery, gur, rock sugar, piloncillo, cane sugar, turbinado sugar, light muscovado sugar | solid | 11.2 1.9 0.2 84.9 0 1.9 | 0.75 | piece=1 | IF
sweetener         | sweetener, stevia, erythritol, xylitol, monk fruit sweetener, sugar substitute | solid | 1 0 0 98 0 0 | 0.8 | piece=1 | CP
baking-soda       | baking soda, bicarbonate of soda, bicarb, sodium bicarbonate | solid | 0.2 0 0 0 0 99.8 | 1.1 | piece=1 | SR
milk-chocolate    | milk chocolate | solid | 2 7 32 56 3 1.6 | 0.7 | piece=5 allergens=milk+soy+nuts varies | SR
white-chocolate   | white chocolate | solid | 2 7 32 56 3 1.6 | 0.7 | piece=5 allergens=milk+soy+nuts varies | SR
chocolate-chips   | chocolate chips, semisweet chocolate, chocolate spread, cacao nibs | solid | 2 7 32 56 3 1.6 | 0.7 | piece=5 allergens=milk+soy+nuts varies | SR
caramel           | caramel, dulce de leche, toffee, fudge | solid | 2 7 32 56 3 1.6 | 0.7 | piece=5 allergens=milk+soy+nuts varies | SR
marshmallows      | marshmallows, sprinkles | solid | 2 7 32 56 3 1.6 | 0.7 | piece=5 allergens=milk+soy+nuts varies | SR
malt              | malt extract, malted milk powder, barley malt, yeast extract | solid | 4 35 4 42 8 6 | 0.5 | piece=1 allergens=gluten varies | SR
nutritional-yeast | nutritional yeast, yeast flakes, nooch | solid | 5 50 5 12 22 6 | 0.35 | piece=1 | CP
custard-powder    | custard powder, instant pudding mix, cake mix, jelly powder, gelatine dessert, vanilla pudding mix, brownie mix, pancake mix | solid | 5 2 1 88 1 2 | 0.65 | piece=1 allergens=gluten+milk varies | SR
marzipan          | marzipan, almond paste, frangipane | solid | 14 9 27 45 4.5 1.5 | 0.95 | piece=5 allergens=nuts varies | SR
`,
);

export const NUTS = foodTable(
  'nut',
  `
almonds          | almonds, whole almonds, blanched almonds, toasted almonds | solid | 4.4 21.2 49.9 9.1 12.5 3 | 0.6 | piece=8 pack=200 | SR
cut-almonds      | flaked almonds, sliced almonds, slivered almonds, ground almonds, almond meal, almond flakes, almond slivers | solid | 4.4 21.2 49.9 9.1 12.5 3 | 0.42 | piece=2 pack=200 | SR
walnuts          | walnuts, walnut halves | solid | 4.1 15.2 65.2 7 6.7 1.8 | 0.46 | piece=8 pack=200 | SR
hazelnuts        | hazelnuts | solid | 5.3 15 60.8 7 9.7 2.3 | 0.57 | piece=8 | SR
pistachios       | pistachios | solid | 4.4 20.2 45.3 16.6 10.6 3 | 0.52 | piece=7 | SR
cashews          | cashews, cashew nuts | solid | 5.2 18.2 43.9 26.9 3.3 2.5 | 0.55 | piece=8 pack=200 | SR
pine-nuts        | pine nuts | solid | 2.3 13.7 68.4 9.4 3.7 2.6 | 0.57 | piece=4 pack=100 | SR
chestnuts        | chestnuts, cooked chestnuts | solid | 40.5 3.2 2.2 47.9 5.1 1.4 | 0.6 | piece=18 soft=6 | SR
raw-peanuts      | raw peanuts, peanuts in shell, peanuts in the shell, green peanuts, boiling peanuts | solid | 6.5 25.8 49.2 7.6 8.5 2.3 | 0.5 | piece=15 allergens=peanut soft=70 | CP
peanuts          | peanuts | solid | 6.5 25.8 49.2 7.6 8.5 2.3 | 0.62 | piece=7 allergens=peanut | SR
peanut-butter    | peanut butter | thick | 1.2 22.2 51.4 17.3 5 3 | 1.09 | allergens=peanut pack=340 | SR
tahini           | tahini, sesame paste | thick | 3 17 53.8 11.9 9.3 5 | 1.01 | allergens=sesame pack=300 | SR
sesame-seeds     | sesame seeds, sesame | solid | 4.7 17.7 49.7 11.7 11.8 4.5 | 0.61 | piece=1 allergens=sesame | SR
pumpkin-seeds    | pumpkin seeds | solid | 5.2 30.2 49.1 4.7 6 4.8 | 0.55 | piece=4 | SR
shredded-coconut | desiccated coconut, shredded coconut | solid | 3 6.9 64.5 7.4 16.3 1.9 | 0.35 | piece=2 allergens=sulphites | SR
pecans           | pecans, pecan halves | solid | 3.5 9.2 72 4.3 9.6 1.5 | 0.46 | piece=8 | SR
brazil-nuts      | brazil nuts | solid | 3.5 9.2 72 4.3 9.6 1.5 | 0.46 | piece=8 | SR
macadamia-nuts   | macadamia nuts, macadamias | solid | 3.5 9.2 72 4.3 9.6 1.5 | 0.46 | piece=8 | SR
mixed-nuts       | mixed nuts, nuts, chopped nuts | solid | 3.5 9.2 72 4.3 9.6 1.5 | 0.46 | piece=8 | SR
nut-butter       | nut butter, almond butter, cashew butter, hazelnut butter | thick | 1.6 21 55.5 8.5 10.3 3.1 | 1.06 | pack=170 | SR
sunflower-seeds  | sunflower seeds | solid | 5.5 20 45 12 14 3.5 | 0.6 | piece=2 allergens=none | SR
flax-seeds       | flax seeds, flaxseed, linseed | solid | 5.5 20 45 12 14 3.5 | 0.6 | piece=2 allergens=none | SR
chia-seeds       | chia seeds, chia | solid | 5.5 20 45 12 14 3.5 | 0.7 | piece=2 allergens=none | SR
hemp-seeds       | hemp seeds | solid | 5.5 20 45 12 14 3.5 | 0.6 | piece=2 allergens=none | SR
poppy-seeds      | poppy seeds, mixed seeds | solid | 5.5 20 45 12 14 3.5 | 0.6 | piece=2 allergens=none | SR
pepitas          | pepitas, melon seeds | solid | 5.5 20 45 12 14 3.5 | 0.6 | piece=2 allergens=none | SR
`,
);
