import { describe, expect, it } from 'vitest';
import { fruitsIn, productKey } from './product';

/** What a shop sells as one thing and as another: common practice. */
describe('what is one thing on the shelf', () => {
  it.each([
    ['tomatoes', 'large ripe tomatoes, chopped'],
    ['canned tomatoes', 'tomatoes, tinned'],
    ['canned chickpeas', 'tinned chickpeas'],
    ['chickpeas', 'dried chickpeas'],
    ['garlic cloves', 'head of garlic'],
    ['onions, peeled and sliced', 'yellow onion'],
    ['spring onions', 'scallions'],
    ['courgettes', 'zucchini'],
    ['fresh basil leaves', 'basil'],
    ['ground beef', 'lean minced beef'],
    ['chicken stock', 'hot chicken broth'],
    ['olive oil', 'extra virgin olive oil'],
    ['olive oil', 'EVOO'],
    ['unsalted butter', 'melted butter'],
    ['feta', 'feta cheese, crumbled'],
    ['celery stalks', 'celery'],
    ['fresh coriander', 'cilantro'],
    ['ground cumin', 'cumin'],
    ['sugar', 'granulated sugar'],
    ['sprigs thyme', 'fresh thyme'],
    ['juice of 2 lemons', 'lemon'],
    ['garlic powder', 'granulated garlic'],
    ['blorp', 'blorps'],
    ['green chillies', 'green chilli'],
    ['jeera', 'cumin seeds'],
    ['haldi', 'turmeric'],
    ['soured cream', 'sour cream'],
    ['milk', 'whole milk'],
    ['sea salt flakes', 'salt'],
    ['thyme sprigs', 'sprigs of thyme'],
    ['butter or goose fat', 'butter'],
    ['coriander powder', 'ground coriander'],
  ])('%s and %s', (a, b) => {
    expect(productKey(a)).toBe(productKey(b));
  });

  it.each([
    ['tomatoes', 'canned tomatoes'],
    ['tomatoes', 'tomato paste'],
    ['tomatoes', 'crushed tomatoes'],
    ['tomatoes', 'cherry tomatoes'],
    ['tomatoes', 'sun-dried tomatoes'],
    ['chickpeas', 'canned chickpeas'],
    ['canned chickpeas', 'cooked chickpeas'],
    ['chickpeas', 'chickpea flour'],
    ['canned black beans', 'canned kidney beans'],
    ['garlic', 'garlic powder'],
    ['ginger', 'ground ginger'],
    ['ginger', 'pickled ginger'],
    ['cloves', 'ground cloves'],
    ['thyme', 'fresh thyme'],
    ['dried basil', 'dried parsley'],
    ['basil', 'dried basil'],
    ['beef', 'ground beef'],
    ['chicken stock', 'vegetable stock'],
    ['red wine', 'white wine'],
    ['lemons', 'limes'],
    ['granulated sugar', 'powdered sugar'],
    ['lemon', 'lemon juice'],
    ['peas', 'frozen peas'],
    ['spinach', 'frozen spinach'],
    ['rice', 'cooked rice'],
    ['rice', 'basmati rice'],
    ['milk', 'coconut milk'],
    ['onion', 'red onion'],
    ['onion', 'onion powder'],
    ['beetroot', 'pickled beetroot'],
    ['cumin seeds', 'cumin'],
    ['coriander', 'fresh coriander'],
    ['salmon', 'smoked salmon'],
    ['frozen blorp', 'blorp'],
    ['thyme', 'sprigs of thyme'],
  ])('%s is not %s', (a, b) => {
    expect(productKey(a)).not.toBe(productKey(b));
  });

  it('the can, the drained bean and the freezer say the form that the name leaves out', () => {
    expect(productKey('tomatoes', { unit: 'can' })).toBe(productKey('canned tomatoes'));
    expect(productKey('black beans', { preparation: 'drained and rinsed' })).toBe(
      productKey('canned black beans'),
    );
    expect(productKey('black beans', { preparation: 'soaked overnight and drained' })).toBe(
      productKey('dried black beans'),
    );
    expect(productKey('peas', { isFrozen: true })).toBe(productKey('frozen peas'));
    // Sold in cans only: the unit is no other form of it.
    expect(productKey('coconut milk', { unit: 'can' })).toBe(productKey('coconut milk'));
  });

  it.each([
    ['juice of 2 lemons', { food: 'lemons', amount: 2 }],
    ['zest and juice of 1 lemon', { food: 'lemon', amount: 1 }],
    ['finely grated zest of half a lime', { food: 'lime', amount: 0.5 }],
    ['juice of an orange', { food: 'orange', amount: 1 }],
    ['lemon juice', null],
    ['head of garlic', null],
  ])('%s: %j', (name, fruits) => {
    expect(fruitsIn(name)).toEqual(fruits);
  });
});
