import type { LibraryRecipe } from './one';

export const FOUR: readonly LibraryRecipe[] = [
  {
    text: `Millet with raisins
Portions: 4
Ingredients: 
* 1 1/2 cups millet
* 2 1/4 cups water
* 1/2 cup raisins
* 1/4 cup toasted pine nuts
Directions: 
* Toast the millet dry on sauté for 3 minutes.
* Add water and raisins. Close the lid and steam valve.
* Cook at high pressure, 9 minutes.
* Let sit for 10 minutes before venting.
* Fluff, scatter nuts.`,
    serves: 4,
    amounts: '1.5 cup, 2.25 cup, 0.5 cup, 0.25 cup',
    cycles: 'high 9 timed 10',
    stages: 'brown pressure finish',
  },
  {
    text: `Chicken thighs with fennel and olives

Serves 4–5

8 bone-in chicken thighs
2 fennel bulbs, in wedges
1 cup green olives
3/4 cup white wine
1 lemon, sliced
2 tbsp olive oil

1. Heat the oil on sauté; brown the thighs skin side down, 6–7 minutes. Remove.
2. Deglaze the pot with wine, scraping well.
3. Layer fennel, olives, lemon; thighs on top, skin up.
4. High pressure, 11 minutes. Natural release 5 minutes, quick release rest.
5. If you want crisp skin, air fry at 200 C for 5 minutes.`,
    serves: 4,
    amounts: '8, 2, 1 cup, 0.75 cup, 1, 2 tbsp',
    cycles: 'high 11 timed 5',
    stages: 'brown loosen pressure crisp',
    oven: '200 5',
  },
  {
    text: `Overnight wheat berries

Serves 6

2 cups wheat berries
5 cups water
1 tsp salt

Soak the wheat berries for 8 hours, then drain. Put them in with the water and salt, seal the lid, and press Pressure: High: 25 min. The pressure may go down by itself or be released quickly, either way is fine. Drain what water is left.`,
    serves: 6,
    amounts: '2 cup, 5 cup, 1 tsp',
    cycles: 'high 25 either',
    stages: 'soak pressure finish',
  },
  {
    text: `Ground lamb with bulgur and aubergine
Serves 5

500 g minced lamb
1 aubergine, 2 cm dice
200 g bulgur
350 ml water
2 tbsp tomato paste
1 tsp cinnamon

Brown the lamb with the cinnamon for 7 mins, breaking it up.
Add the aubergine and cook 3 mins more.
Stir in bulgur and water; tomato paste on top. Lid on, valve to seal.
5 mins high pressure, 5 mins natural release, then vent.`,
    serves: 5,
    amounts: '500 g, 1, 200 g, 350 ml, 2 tbsp, 1 tsp',
    cycles: 'high 5 timed 5',
    stages: 'brown pressure',
  },
  {
    text: `Eggs for a picnic
6 eggs
1 cup water
Put the eggs on the rack, water beneath. Set the pressure to low for 5 minutes. Leave for 5 minutes, then release the pressure. Straight into an ice bath for 5 minutes.`,
    serves: null,
    amounts: '6, 1 cup',
    cycles: 'low 5 timed 5',
    stages: 'pressure finish',
  },
  {
    text: `Kidney bean and plantain pot
Serves six

1 lb dried red kidney beans
2 plantains, sliced
1 can coconut milk (13.5 oz)
4 cups water
1 tbsp thyme
1 green pepper, chopped

Soak the beans 10 hours; drain and rinse. Boil them hard for 10 minutes in fresh water and drain again.
Beans and 4 cups water: 22 minutes at high pressure, natural release.
Plantain, pepper, thyme and coconut milk in; seal again for 4 minutes at high pressure; quick release.`,
    serves: 6,
    amounts: '1 lb, 2, 1 can, 4 cup, 1 tbsp, 1',
    cycles: 'high 22 natural, high 4 quick',
    stages: 'soak simmer pressure pressure',
  },
  {
    text: `Salmon over potatoes
Serves 2

2 salmon fillets, 1 inch thick
350 g small potatoes
250 ml water
1 tbsp butter
1/2 lemon

Potatoes in the water at the bottom, 5 minutes at maximum pressure, quick release.
Salmon on a rack above them; lid back on; cook 3 minutes at low pressure; quick release.
Melt the butter, squeeze in lemon, spoon over.`,
    serves: 2,
    amounts: '2, 350 g, 250 ml, 1 tbsp, 0.5',
    cycles: 'max 5 quick, low 3 quick',
    stages: 'pressure pressure finish',
  },
  {
    text: `Oxtail, for a Sunday
Servings 6

2 kg oxtail
2 tbsp flour
3 tbsp oil
500 ml red wine
2 carrots
1 onion
2 bay leaves

Toss the oxtail in flour. Sear in batches in the oil, about 12 minutes in all.
Pour in the wine and boil for 3 minutes, scraping the bottom.
Vegetables and bay in. Close, and give it 1 hour and 10 minutes on high pressure.
Natural release, about 30 minutes.
Skim the fat. Boil the sauce down for a quarter of its volume, 10 minutes.`,
    serves: 6,
    amounts: '2 kg, 2 tbsp, 3 tbsp, 500 ml, 2, 1, 2',
    cycles: 'high 70 natural',
    stages: 'prep brown simmer pressure simmer',
  },
  {
    text: `Courgette soup
serves 4
3 courgettes (600 g), sliced
1 potato, diced
700 ml vegetable stock
small bunch mint
100 g feta
All but the mint and feta into the cooker. Lock. Cook for 5 minutes on high. Quick-release the pressure. Blend with the mint until smooth. Crumble the feta over each bowl.`,
    serves: 4,
    amounts: '3, 1, 700 ml, -, 100 g',
    cycles: 'high 5 quick',
    stages: 'pressure finish',
  },
  {
    text: `Stuffed peppers in the basket
Serves 4

4 bell peppers
200 g cooked rice
250 g ground beef
1 egg
1 1/2 cups water

Mix rice, beef and egg and fill the peppers.
Water in the pot, peppers in the basket, lid locked.
Cook for 10-12 minutes on HIGH PRESSURE. Natural pressure release (about 10 minutes).
Grill under a hot grill for 3 minutes with cheese if you like.`,
    serves: 4,
    amounts: '4, 200 g, 250 g, 1, 1.5 cup',
    cycles: 'high 10-12 natural',
    stages: 'prep pressure crisp',
    oven: '? 3',
  },
];
