import type { LibraryRecipe } from './one';

/** Saved pages and JSON-LD in the shapes that pages use. */
const jsonLd = (value: unknown): string => JSON.stringify(value);

export const TWO: readonly LibraryRecipe[] = [
  {
    text: jsonLd({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: 'Bulgur with tomato &amp; mint',
      recipeYield: '4 servings',
      recipeIngredient: [
        '1 cup coarse bulgur',
        '1 1/4 cups water',
        '2 tomatoes, diced',
        '1 handful mint',
      ],
      recipeInstructions: [
        { '@type': 'HowToStep', text: 'Put bulgur, water and tomatoes in the pot.' },
        { '@type': 'HowToStep', text: 'Cook on high pressure for 4 minutes, quick release.' },
        { '@type': 'HowToStep', text: 'Fluff and scatter the mint over it.' },
      ],
    }),
    serves: 4,
    amounts: '1 cup, 1.25 cup, 2, 1',
    cycles: 'high 4 quick',
    stages: 'pressure finish',
  },
  {
    text: jsonLd({
      '@context': 'https://schema.org',
      '@graph': [
        { '@type': 'WebSite', name: 'A page' },
        {
          '@type': ['Recipe', 'NewsArticle'],
          name: 'Black bean soup',
          recipeYield: ['6', '6 bowls'],
          recipeIngredient: ['500 g dry black beans', '2 l water', '1 onion', '2 tsp cumin'],
          recipeInstructions: [
            {
              '@type': 'HowToSection',
              name: 'Cook',
              itemListElement: [
                { '@type': 'HowToStep', text: 'Combine everything in the cooker.' },
                {
                  '@type': 'HowToStep',
                  text: 'Pressure cook 35 minutes at high, then leave it to release naturally.',
                },
              ],
            },
            {
              '@type': 'HowToSection',
              name: 'Finish',
              itemListElement: [
                { '@type': 'HowToStep', text: 'Blend half of it and stir back in.' },
              ],
            },
          ],
        },
      ],
    }),
    serves: 6,
    amounts: '500 g, 2 l, 1, 2 tsp',
    cycles: 'high 35 natural',
    stages: 'pressure finish',
  },
  {
    text: `<!doctype html><html><head><title>Squash soup | Our kitchen</title>
<script>alert('no')</script><style>p{color:red}</style>
<script type="application/ld+json">[{"@type":"BreadcrumbList"},{"@type":"Recipe","name":"Squash soup","recipeYield":4,
"recipeIngredient":"1 kg butternut squash, cubed\\n1 litre vegetable stock\\n100 ml coconut milk",
"recipeInstructions":"<p>Put the squash and stock into the pot.</p><p>Close, high pressure, 8 minutes.</p><p>Quick release.</p><p>Add the coconut milk &amp; blend.</p>"}]</script>
</head><body><p>Comments</p></body></html>`,
    serves: 4,
    amounts: '1 kg, 1 l, 100 ml',
    cycles: 'high 8 quick',
    stages: 'pressure finish',
  },
  {
    text: `<html><body><h1>Mushroom barley</h1><p>Serves 3</p>
<h2>Ingredients</h2><ul><li>150&nbsp;g pearl barley</li><li>300 g mushrooms, sliced</li><li>450 ml stock</li><li>1 tbsp oil</li></ul>
<h2>Method</h2><ol><li>Fry the mushrooms in the oil for 6&nbsp;minutes.</li><li>Add barley and stock.</li>
<li>18 minutes at high pressure; 10 minutes natural release, then release the remaining pressure.</li></ol>
<h2>Notes</h2><p onclick="x()">Keeps for 3 days.</p><script>document.write('20 minutes')</script></body></html>`,
    serves: 3,
    amounts: '150 g, 300 g, 450 ml, 1 tbsp',
    cycles: 'high 18 timed 10',
    stages: 'brown pressure',
  },
  {
    text: jsonLd([
      {
        '@type': 'WebPage',
        mainEntity: {
          '@type': 'http://schema.org/Recipe',
          name: 'Poached pears',
          recipeYield: { '@type': 'QuantitativeValue', name: 'serves 4' },
          recipeIngredient: [
            '4 pears, peeled',
            '1 1/2 cups red wine',
            '1/3 cup sugar',
            '1 cinnamon stick',
          ],
          recipeInstructions:
            'Dissolve the sugar in the wine on sauté. Add pears and cinnamon. Cook 3 minutes at low pressure. Wait 5 minutes, then release the rest of the steam. Chill for 2 hours in the syrup.',
        },
      },
    ]),
    serves: 4,
    amounts: '4, 1.5 cup, 0.333 cup, 1',
    cycles: 'low 3 timed 5',
    stages: 'pressure rest',
  },
  {
    text: jsonLd({
      '@type': 'Recipe',
      name: 'Split pea pot',
      yield: 'Serves six',
      ingredients: ['2 cups yellow split peas', '6 cups water', '1 cup diced ham', '1 tsp thyme'],
      recipeInstructions: [
        'Rinse the peas.',
        'Everything goes in, not over the half line.',
        'Press Pressure, High, 15. When the time is up leave the valve closed until the pin drops.',
        'Mash a little against the side to thicken.',
      ],
    }),
    serves: 6,
    amounts: '2 cup, 6 cup, 1 cup, 1 tsp',
    cycles: 'high 15 natural',
    stages: 'prep pressure thicken',
  },
  {
    text: `<div itemscope itemtype="http://schema.org/Recipe"><h1>Okra with tomatoes</h1><div>Servings: 4</div>
<h3>Ingredients</h3>
<p>500 g okra<br>1 can (400 g) chopped tomatoes<br>2 tbsp olive oil<br>120 ml water<br>1 lemon</p>
<h3>Instructions</h3>
<p>Warm the oil on sauté and brown the okra for 5 min.<br>Tomatoes and water on top, do not stir.<br>
3 min on low pressure, quick release.<br>Squeeze the lemon over it.</p></div>`,
    serves: 4,
    amounts: '500 g, 1 can, 2 tbsp, 120 ml, 1',
    cycles: 'low 3 quick',
    stages: 'brown pressure finish',
  },
  {
    text: `Semolina pudding in a pan (pot-in-pot)
Serves 8

Ingredients
1 litre whole milk
120 g semolina
100 g sugar
1 tsp vanilla
2 cups water for the liner

Method
Whisk milk, semolina, sugar and vanilla in an 18 cm pan and cover with foil.
Pour the water into the liner, set the pan on the rack.
High pressure for 30 minutes, then 10 minutes natural and vent.
Leave to stand 10 minutes before serving.`,
    serves: 8,
    amounts: '1 l, 120 g, 100 g, 1 tsp, 2 cup',
    cycles: 'high 30 timed 10',
    stages: 'prep pressure rest',
  },
  {
    text: `DUCK LEGS, CRISPED

4 duck legs
250 ml red wine
250 ml stock
1 sprig rosemary
6 shallots

FOR 4

Brown the legs skin side down for 10 minutes and pour off the fat.
Deglaze with the wine.
Add stock, rosemary, shallots. Seal. 40 minutes, high. Let go naturally.
Heat the oven to 220 C. Roast the legs on a tray for 12 minutes until crisp.
Meanwhile reduce the sauce by half, about 8 minutes.`,
    serves: 4,
    amounts: '4, 250 ml, 250 ml, 1, 6',
    cycles: 'high 40 natural',
    stages: 'brown loosen pressure oven simmer',
    oven: '220 12',
  },
  {
    text: `Corn on the cob
serves 4

4 corn cobs
1 cup water
2 tbsp butter

Place the cobs on the trivet over the water. Set to Manual, 2 minutes. Do a QR. Roll in butter.`,
    serves: 4,
    amounts: '4, 1 cup, 2 tbsp',
    cycles: 'high 2 quick',
    stages: 'pressure finish',
  },
];
