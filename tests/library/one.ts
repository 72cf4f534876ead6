/** Recipes of our own, written in many ways, with what a reader would find in them. */
export interface LibraryRecipe {
  text: string;
  serves: number | null;
  /** Amounts with their units in order; `-` where a line gives none. */
  amounts: string;
  /** Level, hold (`-to` for a range, `/lb` by weight), release; cycles apart by commas. */
  cycles: string;
  /** Kinds of stage in order. */
  stages: string;
  /** Oven and grill: °C and minutes, `?` where not told. */
  oven?: string;
}

export const ONE: readonly LibraryRecipe[] = [
  {
    text: `Lentil supper with a golden top
Serves 6

Ingredients
1 1/2 cups brown lentils, rinsed
2 tbsp olive oil
1 large onion, chopped
2–3 cloves garlic
4 cups vegetable broth
1 (14 oz) can diced tomatoes
salt to taste

Directions
1. Set the cooker to sauté. Heat the oil and cook the onion until soft, about 5 minutes. Add the garlic.
2. Pour in a splash of broth and scrape up the browned bits.
3. Add lentils, tomatoes and remaining broth. Lock the lid and cook on high pressure for 12 minutes.
4. Let the pressure release naturally for 10 minutes, then quick release the rest.
5. Stir and season. Bake at 400°F for 10 minutes until bubbling.`,
    serves: 6,
    amounts: '1.5 cup, 2 tbsp, 1, 2-3 clove, 4 cup, 1 can, -',
    cycles: 'high 12 timed 10',
    stages: 'brown loosen pressure finish oven',
    oven: '204 10',
  },
  {
    text: `# Barley with leeks and white beans

Makes 4 servings

- 200 g pearl barley
- 2 leeks, sliced
- 30 g butter
- 700 ml chicken stock
- 1 can (400 g) white beans, drained
- parsley, to serve

Method

Melt the butter on sauté and soften the leeks for 4 minutes.
Stir in the barley and stock, close the lid, valve to seal. 20 minutes at high pressure.
Natural release.
Fold in the beans, let them warm through, and serve with parsley.`,
    serves: 4,
    amounts: '200 g, 2, 30 g, 700 ml, 1 can, -',
    cycles: 'high 20 natural',
    stages: 'brown pressure finish',
  },
  {
    text: `Steamed green beans with almonds (for 3)

You will need:
1 lb green beans, trimmed
1 cup water
2 tablespoons sliced almonds
1 tsp butter

Steps:
Pour the water into the pot and set the basket on the trivet with the beans in it.
Seal the lid and cook on low pressure for 0 minutes.
Quick release as soon as it beeps.
Toast the almonds in a dry skillet for 3 minutes and scatter over with the butter.`,
    serves: 3,
    amounts: '1 lb, 1 cup, 2 tbsp, 1 tsp',
    cycles: 'low 0 quick',
    stages: 'pressure burner',
  },
  {
    text: `Beef cheeks in stout

Serves 4 to 6.

INGREDIENTS
4 beef cheeks (about 3 lb)
1 bottle stout
2 onions, sliced
3 carrots, cut in 2-inch pieces
2 tbsp flour
1/4 cup cold water
salt and pepper

INSTRUCTIONS
Season the cheeks and brown them in two batches, 5 minutes a side.
Take them out, add the onions and cook until golden, 6 minutes.
Deglaze with the stout.
Return the meat, add the carrots, secure the lid, and pressure cook on high for one hour.
Let it come down by itself.
Mix the flour with the cold water; whisk the slurry into the sauce and simmer 3 minutes until thickened.`,
    serves: 4,
    amounts: '4, 1, 2, 3, 2 tbsp, 0.25 cup, -',
    cycles: 'high 60 natural',
    stages: 'brown loosen pressure thicken',
  },
  {
    text: `Quick saffron risotto
4 portions

1½ cups arborio rice
1 shallot, minced
½ cup dry white wine
3½ cups hot chicken broth
a pinch of saffron
50 g grated parmesan
1 tbsp butter

On sauté, sweat the shallot in half the butter for 2 minutes, add the rice and toast it 1 minute.
Pour in the wine and let it bubble away.
Add broth and saffron; lid on; 6 minutes, high pressure, then vent at once.
Beat in the cheese and the rest of the butter. Eat immediately.`,
    serves: 4,
    amounts: '1.5 cup, 1, 0.5 cup, 3.5 cup, 1 pinch, 50 g, 1 tbsp',
    cycles: 'high 6 quick',
    stages: 'brown simmer pressure finish',
  },
  {
    text: `Dried chickpeas for the week

Yield: about 6 cups, 8 servings

Ingredients:
1 pound dried chickpeas
8 cups water
2 bay leaves
1 teaspoon salt

Preparation:
Soak the chickpeas overnight in plenty of water, 12 hours. Drain.
Put everything into the cooker. Cook at high pressure for 15 minutes (or 45 minutes if you did not soak them).
Allow a natural pressure release, which takes about 20 minutes.`,
    // Cups are no people.
    serves: 8,
    amounts: '1 lb, 8 cup, 2, 1 tsp',
    cycles: 'high 15 natural',
    stages: 'soak pressure',
  },
  {
    text: `Pork ribs with plum glaze
Feeds 4

2 racks pork ribs, cut into sections
1 cup apple juice
1/2 cup cider vinegar
3/4 cup plum jam
1 tbsp mustard

Rub the ribs with salt. Pour juice and vinegar into the pot and stand the ribs on the trivet.
Close the lid and set the timer to 25 minutes on High. Natural release for 15 min, then open the valve.
Meanwhile, preheat the broiler. Brush the ribs with jam and mustard and broil for 4 minutes until sticky.`,
    serves: 4,
    amounts: '2, 1 cup, 0.5 cup, 0.75 cup, 1 tbsp',
    cycles: 'high 25 timed 15',
    stages: 'prep pressure crisp',
    oven: '? 4',
  },
  {
    text: `Stew with dumplings on top (two cycles)

Serves 6

Ingredients

900 g stewing beef, cubed
2 tbsp oil
500 ml beef stock
4 carrots
For the dumplings:
150 g flour
2 tsp baking powder
100 ml milk
150 g frozen peas

Method

1) Brown the beef in the oil on high sauté, 8 minutes.
2) Add stock and carrots. Pressure cook at high for 15 minutes. Quick release.
3) Mix flour, baking powder and milk to a soft dough and drop spoonfuls on top.
4) Lock the lid again and cook for another 10 minutes at high pressure. Quick release again.
5) Stir in the peas and serve.`,
    serves: 6,
    amounts: '900 g, 2 tbsp, 500 ml, 4, 150 g, 2 tsp, 100 ml, 150 g',
    cycles: 'high 15 quick, high 10 quick',
    stages: 'brown pressure pressure finish',
  },
  {
    text: `Bone-in turkey thigh, by weight
for 4 people

1 turkey thigh, about 2.5 lb
1 cup water
1 tsp paprika
1 tsp salt

Rub the thigh with paprika and salt and set it on a rack over the water.
Pressure cook on high for 8 minutes per pound. Let the pressure drop naturally.
Check that a thermometer shows 165°F in the thickest part. Rest for 5 minutes before slicing.`,
    serves: 4,
    amounts: '1, 1 cup, 1 tsp, 1 tsp',
    cycles: 'high 8/lb natural',
    stages: 'prep pressure finish rest',
  },
  {
    text: `Red cabbage with apple
6 servings

1 small red cabbage, shredded
2 apples, peeled and sliced
60 ml red wine vinegar
120 ml apple juice
2 tbsp brown sugar
3 cloves
Salt

Put everything in the liner, cabbage last, press down.
Seal and pressure cook for 5 minutes on low, natural or quick release.
Stir, taste for vinegar and sugar.`,
    serves: 6,
    amounts: '1, 2, 60 ml, 120 ml, 2 tbsp, 3, -',
    cycles: 'low 5 either',
    stages: 'pressure finish',
  },
];
