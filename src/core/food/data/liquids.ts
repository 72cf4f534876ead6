/**
 * Thin liquids and fats.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, carbohydrate less fibre, cup weights from its
 * household measures. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory.
 */
import { foodTable } from '../table';

export const LIQUIDS = foodTable(
  'liquid',
  `
water               | water, liquid, cooking liquid, soaking liquid, soaking water, pasta water, cooking water | thin | 100 0 0 0 0 0 | 1 | keep=dry | SR
broth               | broth, stock, chicken broth, beef broth, vegetable broth, vegetable stock, chicken stock, beef stock, bouillon | thin | 97.5 0.6 0.2 0.5 0 1.2 | 1.01 | keep=soup allergens=celery pack=1000 | SR
wine                | wine, white wine, red wine, dry white wine, sherry, port, vermouth, marsala, mirin, sake | thin | 87 0.1 0 2.6 0 0.3 | 0.99 | allergens=sulphites pack=750 | SR
stout               | stout, beer, ale | thin | 92 0.5 0 3.6 0 0.2 | 1.01 | allergens=gluten pack=500 | SR
juice               | juice, apple juice, grape juice | thin | 88 0.2 0.1 11 0.2 0.3 | 1.04 | pack=1000 | SR
cola                | cola, lemonade, ginger ale, soda, fizzy drink, root beer, tonic water | thin | 89.5 0 0 10.4 0 0.1 | 1.04 | | SR
soda-water          | soda water, sparkling water, mineral water | thin | 100 0 0 0 0 0 | 1 | keep=dry | SR
cider               | cider, dry cider | thin | 93 0 0 2.6 0 0.2 | 1.01 | allergens=sulphites pack=500 | SR
lemon-juice         | lemon juice, lime juice | thin | 92.3 0.4 0.2 6.6 0.3 0.2 | 1.03 | | SR
vinegar             | vinegar, wine vinegar, cider vinegar, red wine vinegar, white wine vinegar | thin | 94 0 0 0.9 0 0.2 | 1.01 | keep=dry pack=500 | SR
verjuice            | verjuice, verjus | thin | 92 0.2 0 6 0 0.3 | 1.02 | keep=opened | CP
tomato-juice        | tomato juice, vegetable juice | thin | 94.2 0.9 0.3 3.1 0.4 1.1 | 1.03 | | SR
soy-sauce           | soy sauce, soy, tamari | thin | 71.2 8.1 0.6 4.1 0.8 15.2 | 1.08 | keep=dry allergens=soy+gluten pack=250 | SR
bone-broth          | bone broth, fish stock, fish broth, lamb stock, veal stock, veal broth, turkey stock, turkey broth, mushroom broth, mushroom stock, ham stock, dashi, clam juice, seafood stock, consomme, demi-glace, jus, chicken jus | thin | 97 1.2 0.3 0.5 0 1 | 1.01 | keep=soup allergens=celery+fish varies | SR
cooking-wine        | shaoxing wine, rice wine, cooking wine, madeira, prosecco, champagne, sparkling wine, rose wine, fruit wine | thin | 95.9 0.2 0 3.5 0 0.4 | 0.99 | allergens=sulphites | SR
brandy              | brandy | thin | 97 0 0 3 0 0 | 0.95 | keep=dry | SR
rum                 | rum | thin | 97 0 0 3 0 0 | 0.95 | keep=dry | SR
whisky              | whisky, whiskey, bourbon | thin | 97 0 0 3 0 0 | 0.95 | keep=dry | SR
vodka               | vodka, gin, cognac, calvados, grappa | thin | 97 0 0 3 0 0 | 0.95 | keep=dry | SR
liqueur             | liqueur, orange liqueur, dark rum | thin | 97 0 0 3 0 0 | 0.95 | keep=dry | SR
lager               | lager, pale ale, wheat beer, dark beer, porter, ginger beer | thin | 95.7 0.5 0 3.6 0 0.2 | 1.01 | allergens=gluten | SR
orange-juice        | orange juice | thin | 88 0.6 0.2 10.4 0.2 0.4 | 1.04 | pack=1000 | SR
pineapple-juice     | pineapple juice | thin | 88 0.6 0.2 10.4 0.2 0.4 | 1.04 | | SR
pomegranate-juice   | pomegranate juice | thin | 88 0.6 0.2 10.4 0.2 0.4 | 1.04 | | SR
cranberry-juice     | cranberry juice | thin | 88 0.6 0.2 10.4 0.2 0.4 | 1.04 | | SR
pear-juice          | pear juice, grapefruit juice, cherry juice, fruit juice | thin | 88 0.6 0.2 10.4 0.2 0.4 | 1.04 | | SR
apple-cider         | apple cider, hard cider, perry, kombucha | thin | 90 0.1 0.1 8 0.1 0.2 | 1.03 | allergens=sulphites | SR
rice-vinegar        | rice vinegar | thin | 93.5 0.2 0 6 0 0.3 | 1.02 | keep=dry allergens=sulphites+gluten | SR
balsamic-vinegar    | balsamic vinegar | thin | 93.5 0.2 0 6 0 0.3 | 1.02 | keep=dry allergens=sulphites+gluten | SR
sherry-vinegar      | sherry vinegar | thin | 93.5 0.2 0 6 0 0.3 | 1.02 | keep=dry allergens=sulphites+gluten | SR
malt-vinegar        | malt vinegar, distilled vinegar | thin | 93.5 0.2 0 6 0 0.3 | 1.02 | keep=dry allergens=sulphites+gluten | SR
apple-cider-vinegar | apple cider vinegar, white vinegar, black vinegar, chinkiang vinegar, balsamic glaze | thin | 93.5 0.2 0 6 0 0.3 | 1.02 | keep=dry allergens=sulphites+gluten | SR
coffee              | coffee, brewed coffee, strong coffee, espresso, tea, black tea, green tea | thin | 99.4 0.1 0 0.2 0 0.1 | 1 | keep=soup | SR
oat-milk            | oat milk | thin | 91 1.8 1.5 4.5 0.5 0.7 | 1.03 | keep=opened allergens=soy+nuts+gluten varies pack=1000 | SR
soy-milk            | soy milk, soya milk | thin | 91 1.8 1.5 4.5 0.5 0.7 | 1.03 | keep=opened allergens=soy+nuts+gluten varies | SR
almond-milk         | almond milk | thin | 91 1.8 1.5 4.5 0.5 0.7 | 1.03 | keep=opened allergens=soy+nuts+gluten varies | SR
rice-milk           | rice milk, oat drink, soy drink | thin | 91 1.8 1.5 4.5 0.5 0.7 | 1.03 | keep=opened allergens=soy+nuts+gluten varies | SR
plant-milk          | plant milk, cashew milk, hazelnut milk | thin | 91 1.8 1.5 4.5 0.5 0.7 | 1.03 | keep=opened allergens=soy+nuts+gluten varies | SR
coconut-water       | coconut water | thin | 95 0.7 0.2 2.6 1.1 0.4 | 1.02 | | SR
fish-sauce          | fish sauce, nam pla, nuoc mam, garum | thin | 71 5 0 3.6 0 20 | 1.2 | keep=opened allergens=fish safety=ready from=flesh | SR
worcestershire      | worcestershire sauce, worcester sauce, worcestershire | thin | 78.5 0 0 19.5 0 2 | 1.15 | keep=opened allergens=fish+gluten varies safety=ready | SR
brown-sauce         | brown sauce, steak sauce | thin | 72 1 0 24 1 2 | 1.15 | keep=opened varies safety=ready | CP
dark-soy            | dark soy sauce, light soy sauce, light soy, dark soy, liquid aminos, ponzu, shoyu, low-sodium soy sauce | thin | 70 7 0.3 7 0.5 14 | 1.1 | keep=dry allergens=soy+gluten | SR
coconut-aminos      | coconut aminos | thin | 72 1 0 22 0 5 | 1.1 | keep=dry | CP
liquid-smoke        | liquid smoke, food colouring, food coloring, bitters, truffle oil extract | thin | 95 0 0 2 0 1 | 1 | keep=dry varies | CP
`,
);

export const FATS = foodTable(
  'fat',
  `
olive-oil              | olive oil, evoo, oil, vegetable oil, sunflower oil, rapeseed oil | thick | 0 0 100 0 0 0 | 0.915 | pack=500 | SR
sesame-oil             | sesame oil | thick | 0 0 100 0 0 0 | 0.92 | allergens=sesame | SR
butter                 | butter, unsalted butter | thick | 16.2 0.9 81.1 0.1 0 2.1 | 0.96 | keep=butter aisle=dairy allergens=milk pack=250 | SR
ghee                   | ghee, clarified butter | thick | 0.2 0.3 99.5 0 0 0 | 0.91 | allergens=milk | SR
lard                   | lard, dripping, duck fat | thick | 0 0 100 0 0 0 | 0.87 | | SR
canola-oil             | canola oil | thick | 0 0 100 0 0 0 | 0.92 | | SR
corn-oil               | corn oil | thick | 0 0 100 0 0 0 | 0.92 | | SR
peanut-oil             | peanut oil, groundnut oil | thick | 0 0 100 0 0 0 | 0.92 | | SR
grapeseed-oil          | grapeseed oil, avocado oil | thick | 0 0 100 0 0 0 | 0.92 | | SR
neutral-oil            | neutral oil, cooking oil, frying oil | thick | 0 0 100 0 0 0 | 0.92 | | SR
extra-virgin-olive-oil | extra virgin olive oil, light olive oil, soybean oil, safflower oil, rice bran oil | thick | 0 0 100 0 0 0 | 0.92 | | SR
walnut-oil             | walnut oil, flavourless oil | thick | 0 0 100 0 0 0 | 0.92 | | SR
coconut-oil            | coconut oil, virgin coconut oil, palm oil, copha | thick | 0 0 100 0 0 0 | 0.92 | | SR
mustard-oil            | mustard oil | thick | 0 0 100 0 0 0 | 0.91 | allergens=mustard | SR
chili-oil              | chili oil, chilli oil, infused oil, truffle oil, garlic oil, herb oil | thick | 0.5 0.5 98 0.5 0.2 0.2 | 0.92 | keep=in-oil varies | CP
margarine              | margarine, vegan butter, plant butter, baking spread, shortening, vegetable shortening | thick | 16 0.2 80 0.7 0 1.5 | 0.95 | keep=butter aisle=dairy varies | SR
duck-fat               | goose fat, chicken fat, schmaltz, beef dripping, tallow | thick | 1 0.5 98.5 0 0 0 | 0.88 | from=flesh | SR
suet                   | suet, beef suet, shredded suet | thick | 4 1.5 94 0 0 0.1 | 0.55 | from=flesh allergens=gluten varies | SR
cooking-spray          | cooking spray, oil spray, baking spray oil, nonstick spray | thick | 1 0 98 1 0 0 | 0.9 | varies | SR
`,
);
