<script lang="ts">
  /** A batch day in bags: what goes into each and in which order, its shape, freezing and thawing. */
  import { dishKey } from '$core/dish';
  import { bagLater, bagSheet, servingsInBag } from '$core/menu';
  import { LITRES_PER_KG } from '$core/storage';
  import { formatMinutes, formatQuantity } from '$core/units';
  import { sayLength } from '$core/words';
  import LunchesCard from './lunches-card.svelte';
  import type { MealState } from './meal-state.svelte';

  interface Props {
    model: MealState;
    /** In all freezers; null where there is none. */
    freeLitres: number | null;
  }
  let { model, freeLitres }: Props = $props();

  const dishes = $derived(new Map(model.dishes.map((d) => [d.id, d])));
  const sheets = $derived(
    model.meal.entries.flatMap((entry) => {
      const dish = dishes.get(dishKey(entry.what.dish));
      if (!dish || !entry.what.bags) return [];
      const { bags } = entry.what;
      const servings = servingsInBag(entry, model.meal, dish);
      return [
        {
          entry,
          servings,
          sheet: bagSheet(dish, servings, bags, model.kitchen),
          later: bagLater(dish, servings, bags, model.kitchen),
        },
      ];
    }),
  );
  const litres = $derived(
    sheets.reduce((sum, { entry, sheet }) => {
      const frozen = sheet.copies - (entry.what.bags?.inFridge ?? 0);
      return sum + (frozen * sheet.gramsEach * LITRES_PER_KG) / 1000;
    }, 0),
  );
  const parts = $derived(model.meal.entries.filter((e) => !e.what.bags).length);
  /** What it will need when it is cooked: minutes, water, and whether it goes in as it is. */
  function laterWords({ later, servings }: (typeof sheets)[number]): string[] {
    if (!later) return [];
    const { frozenMin, thawedMin, addMl, most, isTooWide } = later;
    return [
      frozenMin === null ? '' : `${frozenMin} min from frozen, ${thawedMin} min thawed`,
      addMl > 0
        ? `add ${formatQuantity({ amount: addMl, unit: 'ml' }, model.kitchen.system)} water`
        : '',
      most !== null && most < servings
        ? `too large for any pot: one takes ${Math.floor(most * 10) / 10} servings`
        : '',
      isTooWide ? 'flat it does not lie down in a pot until it bends' : '',
    ].filter(Boolean);
  }
  const weight = (grams: number): string =>
    formatQuantity({ amount: grams, unit: 'g' }, model.kitchen.system);
  const people = (servings: number): string =>
    `enough for ${Math.round(servings * 10) / 10 || 'less than one'}`;
  const mm = (length: number): string => sayLength(length, model.kitchen);
  const hours = (h: number | null): string =>
    h === null ? 'never' : h < 1 ? '1 h' : `${Math.round(h)} h`;
  const line = (items: readonly { amount: string; food: string; cut?: string }[]): string =>
    items.map((c) => `${c.amount} ${c.food}${c.cut ? `, ${c.cut}` : ''}`.trim()).join(' · ');
  const WORDS = { raw: 'raw', browned: 'browned', cooked: 'cooked' } as const;
</script>

<section aria-labelledby="bags">
  <h2 id="bags" class="mb-3 text-xl font-bold">Bags and boxes</h2>
  <div class="grid gap-3">
    {#each sheets as packed (packed.entry.id)}
      {@const { entry, sheet } = packed}
      <article class="card p-4" data-testid="bag-sheet">
        <h3 class="font-semibold">
          {sheet.copies} × {sheet.name}, {WORDS[sheet.state]}
        </h3>
        <p class="text-[15px] text-muted">
          about {weight(sheet.gramsEach)} each{#if entry.what.bags?.size}, {people(
              packed.servings,
            )}{/if}{#if sheet.yields}; {sheet.yields}{/if}{#if sheet.standsFor};
            {sheet.standsFor}{/if}
        </p>
        {#if sheet.contents.length > 0}
          <p class="mt-2 text-[15px]">
            <span class="text-muted">Into each, in this order:</span>
            {line(sheet.contents)}
          </p>
        {/if}
        {#if sheet.madeOnce.length > 0}
          <p class="mt-1 text-[15px]">
            <span class="text-muted">Make once, divide by {sheet.copies}:</span>
            {line(sheet.madeOnce)}
          </p>
        {/if}
        {#if sheet.staysOut.length > 0}
          <p class="mt-1 text-[15px]">
            <span class="text-muted">Keep out, for later:</span>
            {sheet.staysOut.join(', ')}
          </p>
        {/if}
        {#if laterWords(packed).length > 0}
          <p class="mt-1 text-[15px]">
            <span class="text-muted">When it is cooked:</span>
            {laterWords(packed).join('; ')}
          </p>
        {/if}
        {#if sheet.marinade}
          <p class="mt-1 text-[15px]">
            <span class="text-muted">In its marinade</span>
            {formatMinutes(sheet.marinade.least)} at least{#if sheet.marinade.most !== null},
              {formatMinutes(sheet.marinade.most)} at most before it is frozen{/if}
          </p>
        {/if}
        <fieldset class="mt-3 grid gap-1 print:hidden">
          <legend class="sr-only">Shape of the bags of {sheet.name}</legend>
          {#each sheet.shapes as shape (shape.shape)}
            <label
              class="flex min-h-11 items-center gap-2.5 rounded-lg px-2 text-[15px] has-checked:bg-leaf-soft"
              ><input
                type="radio"
                name="shape-{entry.id}"
                class="tick"
                value={shape.shape}
                checked={entry.what.bags?.shape === shape.shape}
                onchange={() =>
                  entry.what.bags &&
                  model.changeEntry(entry.id, {
                    what: { bags: { ...entry.what.bags, shape: shape.shape } },
                  })}
              />
              <span
                ><b
                  >{shape.shape === 'flat'
                    ? `Flat, ${mm(shape.thicknessMm)}`
                    : `Round, ${mm(shape.acrossMm ?? 0)} wide, ${mm(shape.thicknessMm)} high`}</b
                >: frozen in {hours(shape.freezeHours)}, thawed in the fridge in {hours(
                  shape.thawHours,
                )}</span
              ></label
            >
          {/each}
        </fieldset>
      </article>
    {/each}
    <div class="grid gap-3 print:hidden">
      <LunchesCard {model} />
      {#if !model.meal.lunches}
        <div class="card p-4">
          <label class="flex flex-wrap items-center gap-2"
            >One set of boxes, with a portion of each dish that isn’t bagged:
            <select
              class="field w-32"
              value={model.meal.boxes ?? 0}
              onchange={(e) => {
                const boxes = Number(e.currentTarget.value);
                model.change((meal) => ({ ...meal, boxes: boxes > 0 ? boxes : null }));
              }}
            >
              {#each [0, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20] as n (n)}<option value={n}
                  >{n === 0 ? 'none' : `${n} boxes`}</option
                >{/each}
            </select></label
          >
        </div>
      {/if}
      {#if model.meal.boxes !== null && parts === 0}
        <p class="text-[15px] text-pimento">
          Every dish is bagged; to box one instead, set its bags to 0 under its “More”.
        </p>
      {/if}
    </div>
    {#if freeLitres !== null && litres > 0}
      <p class={litres > freeLitres ? 'font-semibold text-pimento' : 'text-[15px] text-muted'}>
        About {Math.ceil(litres)} l go into the freezer, and {Math.floor(freeLitres)} l are free{litres >
        freeLitres
          ? ': make room, or fewer bags'
          : ''}.
      </p>
    {/if}
    <p class="text-sm text-muted">
      Freezing and thawing times are estimates; the published thawing rule is a day in the fridge
      for every 4 to 5 lb, one day at least (USDA FSIS).
    </p>
  </div>
</section>
