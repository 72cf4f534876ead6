import type { LibraryRecipe } from './one';

export const THREE: readonly LibraryRecipe[] = [
  {
    text: `Lamb shanks with white beans
Serves: 4

Ingredients
4 lamb shanks
1 1/2 cups dried white beans, soaked overnight
1 onion, diced
2 tsp cumin
3 cups chicken broth
2 Tbsp. tomato paste

Instructions
Season shanks generously. Using the sauté function, sear them on all sides, about 10 min. total.
Add onion and cumin and stir for 2 minutes.
Add the beans and broth; spoon tomato paste on top without stirring.
Lock lid. Select high pressure and set cook time for 45 minutes.
Once the cook time is complete, let pressure release naturally for 20 minutes. Release any remaining pressure manually.
Remove the shanks. Simmer the sauce on sauté for 5 to 8 minutes until it coats a spoon.`,
    serves: 4,
    amounts: '4, 1.5 cup, 1, 2 tsp, 3 cup, 2 tbsp',
    cycles: 'high 45 timed 20',
    stages: 'brown pressure simmer',
  },
  {
    text: `Potatoes and hake, one after the other
for 2

400 g potatoes, in 3 cm chunks
200 ml fish stock
2 hake fillets (150 g each)
1 tbsp olive oil
dill

Potatoes and stock in the pot. Bring to high pressure and hold for 4 minutes; release quickly.
Lay the fish on top. Seal again, 1 min at low. Vent immediately.
Oil and dill over everything.`,
    serves: 2,
    amounts: '400 g, 200 ml, 2, 1 tbsp, -',
    cycles: 'high 4 quick, low 1 quick',
    stages: 'pressure pressure finish',
  },
  {
    text: `Goulash the slow or the fast way
Serves 6

1 kg beef chuck, in 4 cm cubes
3 onions, sliced
3 tbsp paprika
400 ml beef stock
1 red pepper

Method
Sweat the onions for 8 minutes. Stir in the paprika, then the beef and stock.
Pressure cook for 30 to 35 minutes on high with a natural release.
Or slow cook on low for 8 hours.
Add the pepper and simmer for 5 minutes.`,
    serves: 6,
    amounts: '1 kg, 3, 3 tbsp, 400 ml, 1',
    cycles: 'high 30-35 natural',
    stages: 'brown pressure simmer',
  },
  {
    text: `Quinoa, plain
Makes 3 servings
1 cup quinoa, rinsed well
1 1/4 cups water
1/4 tsp salt
Add all to the pot, close the lid, pressure on high, 1 minute. NPR 10 min. Fluff with a fork.`,
    serves: 3,
    amounts: '1 cup, 1.25 cup, 0.25 tsp',
    cycles: 'high 1 timed 10',
    stages: 'pressure finish',
  },
  {
    text: `Beetroot, whole

What you need
6 medium beetroots, about 60 mm across
300 ml water

What to do
Scrub the beetroots. Set them on the rack over the water.
At high pressure they take 22 minutes. Release fast.
Slip the skins off under cold water.`,
    serves: null,
    amounts: '6, 300 ml',
    cycles: 'high 22 quick',
    stages: 'prep pressure finish',
  },
  {
    text: `Sausages with lentils and mustard
4 people

6 sausages
300 g green lentils
1 carrot, 1 celery stalk, 1 onion, all finely diced
900 ml stock
2 tsp Dijon mustard
a handful of parsley

Fry the sausages until coloured, 6 minutes; set aside.
In the fat left behind soften the vegetables (5 minutes).
Add lentils, stock and sausages. Cook under high pressure for 10 minutes.
Allow the pressure to drop on its own for a quarter of an hour, about 15 minutes, before opening.
Stir in mustard, top with parsley.`,
    serves: 4,
    amounts: '6, 300 g, 1, 900 ml, 2 tsp, 1',
    cycles: 'high 10 timed 15',
    stages: 'brown pressure finish',
  },
  {
    text: `Rice pudding with dates
Serves 5

3/4 cup short grain rice
3 cups milk
1 cup water
1/3 cup sugar
8 dates, pitted and chopped
1 egg, beaten
1/2 tsp cinnamon

Rinse the rice. Combine rice, milk, water and sugar in the cooker.
Lock lid, low pressure, 12 min. When finished, wait 10 minutes and then release the rest of the pressure.
Temper the egg with a ladle of pudding, stir it in, and simmer on low sauté for 2 minutes.
Stir in the dates, dust with cinnamon. Refrigerate for at least 1 hour if you like it cold.`,
    serves: 5,
    amounts: '0.75 cup, 3 cup, 1 cup, 0.333 cup, 8, 1, 0.5 tsp',
    cycles: 'low 12 timed 10',
    stages: 'prep pressure simmer finish rest',
  },
  {
    text: `Whole cauliflower with tahini

Serves 4 | Prep 10 min

1 cauliflower, leaves off
1 cup water
1/2 cup tahini
juice of 1 lemon
1 clove garlic, crushed

Set the cauliflower on the trivet with the water below. High pressure 3 minutes and quick release.
Preheat oven to 230°C. Move it to a tray, brush with oil and bake 15 minutes until browned at the edges.
While it is in the oven, whisk tahini, lemon and garlic.
Pour the sauce over and serve.`,
    serves: 4,
    amounts: '1, 1 cup, 0.5 cup, 1, 1 clove',
    cycles: 'high 3 quick',
    stages: 'pressure oven prep finish',
    oven: '230 15',
  },
  {
    text: `Polenta with mushrooms

Serves 4

1 cup polenta
4 cups water
1 tsp salt
2 tbsp butter
250 g mushrooms

Whisk polenta into the water in the pot with the salt.
Seal; eight minutes at high pressure; ten minutes natural release.
Fry the mushrooms in a skillet for 6 minutes.
Whisk the butter into the polenta and top with the mushrooms.`,
    serves: 4,
    amounts: '1 cup, 4 cup, 1 tsp, 2 tbsp, 250 g',
    cycles: 'high 8 timed 10',
    stages: 'prep pressure burner finish',
  },
  {
    text: `Bag supper: pork and prunes (from the freezer)
6 servings

1.2 kg pork shoulder, 5 cm cubes
200 g prunes
2 onions, sliced
300 ml cider
1 tbsp mustard

From frozen: put the block and the cider in the pot, pressure cook on high for 35 minutes, natural release 15 minutes.
Thawed: 25 minutes is enough.
Reduce on sauté for 10 minutes.`,
    serves: 6,
    amounts: '1.2 kg, 200 g, 2, 300 ml, 1 tbsp',
    cycles: 'high 35 timed 15',
    stages: 'pressure simmer',
  },
];
