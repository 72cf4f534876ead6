/** Help in the order of an evening: short, each with the place where it is done. */
export const HELP_PARTS: readonly {
  id: string;
  title: string;
  href: string;
  lines: readonly string[];
}[] = [
  {
    id: 'kitchen',
    title: 'Once: your kitchen',
    href: '/kitchen',
    lines: [
      'Enter the size and watts of each cooker from the label underneath; the rest can come later.',
      'Ten minutes with a litre of water calibrate a cooker. Without that, its figures are learned from your evenings.',
    ],
  },
  {
    id: 'dishes',
    title: 'Dishes',
    href: '/dishes',
    lines: [
      'Paste a recipe or open a saved page. What it doesn’t say is asked; you can change every answer later.',
      'On its page, set the portions: see what changes, why, and how much fits each cooker.',
    ],
  },
  {
    id: 'meals',
    title: 'A meal',
    href: '/meals',
    lines: [
      'A name, a day, a time, how many; then add dishes. Every change is planned and saved; Ctrl+Z undoes it.',
      'The timeline shows the pots over time, the schedule says the same in words. Press a line to ask why.',
      'Late, too full or impossible? Every fix below the timeline has been planned for real.',
      'How sure to be on time: even (about 1 in 2), likely (4 in 5) or sure (19 in 20). Surer starts earlier.',
    ],
  },
  {
    id: 'lists',
    title: 'Before the evening',
    href: '/lists',
    lines: [
      'Shopping by aisle, less what you have; what to lay out, in order of use; tools; what to use up.',
      'Ticks are kept on this device, also without a network.',
    ],
  },
  {
    id: 'cook',
    title: 'The evening',
    href: '/cook',
    lines: [
      'Do what “Now” says, then tap it. Each pot shows the one tap it expects next.',
      'Late, not done, guests later, somebody away: tap it, and the rest is planned again; one line says what changes.',
      'You can undo a tap, or set it to an earlier minute. Several screens stay in step; one without a network sends its taps later.',
      'Practise first with simulated cookers, up to sixty times as fast, with a mishap if you like.',
    ],
  },
  {
    id: 'log',
    title: 'Afterwards',
    href: '/log',
    lines: [
      'Say with a tap how each dish was. Suggestions can go into the dish; the version before is kept.',
      'Leftovers go into the fridge or freezer in two taps, with a label and a date.',
      'What your evenings have taught is shown with its evenings, and you can reset it.',
    ],
  },
  {
    id: 'freezer',
    title: 'Freezer, fridge and batch days',
    href: '/freezer',
    lines: [
      'What is in the freezer can be a dish of any meal: thawed in time, heated to 74 °C all through, not bought again.',
      'Put raw food in under “Something else”; your dishes can use it: “made from”, under a dish’s “More”.',
      'A week from stock suggests suppers from what is due; move them to other days as you like.',
      'A label opens its bag: scan it, or type its four letters. Days are “use by” for safety, “best by” for quality.',
      'For a batch day: “Plan a batch day”, or tick it at a new meal.',
    ],
  },
  {
    id: 'care',
    title: 'Care',
    href: '/answers',
    lines: [
      'When cooking under pressure and handling food, the cooker’s manual, a thermometer and your local food-safety authority come before this program.',
      'Everything is copied each day; Kitchen says where, and how to restore a copy.',
    ],
  },
];
