<script lang="ts">
  /** Help in the order of an evening: short, each with the place where it is done. */
  const PARTS: readonly {
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
        'Size and watts of each cooker stand on the label underneath; everything else may wait.',
        'Ten minutes with a litre of water calibrate a cooker. Without that, evenings teach its figures by and by.',
      ],
    },
    {
      id: 'dishes',
      title: 'Dishes',
      href: '/dishes',
      lines: [
        'Paste a recipe or open a saved page. What its text does not say is asked; every answer can be changed.',
        'On its page, set the portions: what changes, why, and how much each cooker takes.',
      ],
    },
    {
      id: 'meals',
      title: 'A meal',
      href: '/meals',
      lines: [
        'A name, a day, a time, how many; then add dishes. Every change plans again and is saved; Ctrl+Z takes it back.',
        'The runway shows the pots over time, the run sheet says the same in words. Press a line to ask why.',
        'Late, over a line or impossible: the ways out below the runway have each been planned for real.',
        'How sure: even, likely or sure to be ready in time. Surer starts earlier.',
      ],
    },
    {
      id: 'lists',
      title: 'Before the evening',
      href: '/lists',
      lines: [
        'Shopping by aisle, less what is in the house; laying out in the order of use; tools; what to use up.',
        'Ticks stay on this device, without a network too.',
      ],
    },
    {
      id: 'cook',
      title: 'The evening',
      href: '/cook',
      lines: [
        'Do what “Now” says, then tap it. Each pot has the one tap that is expected of it.',
        'Late, not done, guests later, somebody away: tap that, and the rest is planned again and told in one line.',
        'A tap can be taken back, or put to an earlier minute. Several screens stay in step; one without a network sends later.',
        'Practise first: virtual cookers, up to sixty times as fast, with a mishap if you like.',
      ],
    },
    {
      id: 'log',
      title: 'Afterwards',
      href: '/log',
      lines: [
        'Say with a tap how each dish was; what follows can be taken into the dish, and the version before is kept.',
        'What is left goes into fridge or freezer in two taps, with its label and its day.',
        'What evenings have taught is shown with the evenings it comes from, and can be set back.',
      ],
    },
    {
      id: 'stores',
      title: 'Freezer, fridge and batch days',
      href: '/stores',
      lines: [
        'What lies there is a dish of any meal: thawed in time, heated to 74 °C all through, not bought again.',
        'Raw food is put in under “Something else”, and is an ingredient of your dishes: “made from”, under a dish’s “More”.',
        'A week from stock proposes suppers from what is due; put them on other days as you like.',
        'A label opens its bag: scan it, or type its four letters. Days are “use by” for safety, “best by” for quality.',
        'For a batch day: “Plan a batch day”, or “Cook ahead” at a new meal.',
      ],
    },
    {
      id: 'care',
      title: 'Care',
      href: '/bench',
      lines: [
        'Under pressure and with food, the cooker’s manual, a thermometer and your local food-safety authority come before this program.',
        'Copies of everything are made each day; Kitchen says where, and how to bring one back.',
      ],
    },
  ];
</script>

<svelte:head><title>Help · Olive Clock</title></svelte:head>

<h1 class="text-4xl font-extrabold tracking-tight">Help</h1>
<p class="mt-1 max-w-prose text-muted">
  In the order of an evening. The same with pictures is <code>docs/guide.md</code> in the program’s folder.
</p>
<div class="mt-6 grid max-w-5xl gap-4 md:grid-cols-2">
  {#each PARTS as part (part.id)}
    <section id={part.id} aria-labelledby="{part.id}-title" class="card p-5">
      <h2 id="{part.id}-title" class="text-xl font-bold">
        <a class="underline-offset-4 hover:underline" href={part.href}>{part.title}</a>
      </h2>
      <ul class="mt-2 grid list-disc gap-1.5 pl-5">
        {#each part.lines as line, index (index)}<li>{line}</li>{/each}
      </ul>
    </section>
  {/each}
</div>
<section aria-labelledby="keys" class="mt-6 max-w-5xl card p-5">
  <h2 id="keys" class="text-xl font-bold">Keys</h2>
  <dl class="mt-2 grid grid-cols-[9rem_1fr] gap-y-1.5">
    <dt><kbd>Tab</kbd>, <kbd>Enter</kbd></dt>
    <dd>through everything; the first Tab offers to skip to the page</dd>
    <dt><kbd>Ctrl</kbd>+<kbd>Z</kbd></dt>
    <dd>takes the last change of a meal back; with <kbd>Shift</kbd> does it again</dd>
    <dt><kbd>Enter</kbd> in a search</dt>
    <dd>takes the first that is found</dd>
  </dl>
</section>
