<script lang="ts">
  import { foodByNumber } from '$core/food';
  import { goto } from '$app/navigation';
  import { isParted, sayPart, type Dish, type Stage } from '$core/dish';
  import type { UnreadKind } from '$core/recipe';
  import { takePiece } from '$lib/client/reader';
  import { writeDish } from '$lib/client/write-dish';
  import { isServedHot, stageMinutes } from '$core/cycle';
  import { sayKeeps, sayWater } from '$core/words';
  import { formatQuantity } from '$core/units';
  import {
    AskGroups,
    CyclePot,
    DishActions,
    DishLooks,
    MarkedText,
    RoomCard,
    ServingsStepper,
    placesOf,
    StackCard,
    StageCard,
    StageCards,
    Swap,
    UnreadList,
    Versions,
    WhatChanges,
  } from '$lib/ui/dish';
  import { valuesFrom } from '$lib/ui/answers';
  import Photo from '$lib/ui/photo/photo.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();

  const dish = $derived(data.dish);
  /** Stages with their holds for these servings. */
  const stages = $derived(data.scaled.dish.stages);
  const places = $derived(placesOf(data.scaled.dish));
  /** Where an ingredient goes in in parts. */
  function partsOf(id: string): string[] {
    if (!isParted(dish, id)) return [];
    return dish.stages
      .filter((s) => s.kind !== 'prep' && s.kind !== 'soak' && s.uses.includes(id))
      .map(
        (s) =>
          `${s.parts?.[id] === undefined ? 'the rest' : sayPart(s.parts[id])} in “${s.text.slice(0, 50)}${s.text.length > 50 ? '…' : ''}”`,
      );
  }
  const scaled = $derived(data.scaled);
  const inSteps = $derived(new Set(dish.stages.flatMap((s) => s.uses)));
  /** The first cooker that takes each stay, else the first that can be timed. */
  const chosen = $derived(
    data.cookers.map(
      (stay) =>
        stay.find((o) => o.refusals.length === 0) ??
        stay.find((o) => Object.keys(o.cycles).length > 0) ??
        null,
    ),
  );
  function cycleOf(stageId: string): { comeUp: number; release: number; name: string } | null {
    for (const offer of chosen) {
      const cycle = offer?.cycles[stageId];
      if (offer && cycle) return { comeUp: cycle.comeUp, release: cycle.release, name: offer.name };
    }
    return null;
  }
  /** The hold's question with the heaviest piece of the stage in it. */
  function benchHref(stage: Stage): string | null {
    if (stage.kind !== 'pressure') return null;
    const known = valuesFrom(dish, stage.id, scaled.servings);
    if (known.food === undefined) return null;
    return `/answers?${new URLSearchParams({ q: 'hold', ...known }).toString()}`;
  }
  const browning = $derived(
    Object.fromEntries(chosen.flatMap((offer) => Object.entries(offer?.browning ?? {}))),
  );
  const wait = $derived(sayKeeps(dish.wait.maxMinutes, isServedHot(dish)));
  /** Puts an unread piece where it belongs; the dish as it was is one tap away. */
  async function take(piece: string, as: UnreadKind): Promise<void> {
    const before = $state.snapshot(dish) as Dish;
    await writeDish(
      await takePiece(before, { piece, as }),
      `Now ${as === 'ingredient' ? 'an ingredient' : `a ${as}`}.`,
      before,
    );
  }
  function setServings(servings: number): void {
    void goto(`?servings=${servings}`, { replaceState: true, noScroll: true, keepFocus: true });
  }

  /** What is in it, rather than what it is not. */
  function sayDiet({ diet, fits, because }: (typeof data.diets)[number]): string {
    if (fits === null) return `not known: ${because.join(', ')}`;
    const isWithout = diet.startsWith('no ');
    if (fits) return isWithout ? 'none' : 'yes';
    return `${isWithout ? 'contains' : 'no, contains'} ${because.join(', ')}`;
  }
</script>

<svelte:head><title>{dish.name} · Olive Clock</title></svelte:head>

<header class="flex flex-wrap items-start justify-between gap-4">
  <div class="min-w-64 flex-1">
    <p class="text-sm">
      <a href="/dishes" class="text-muted underline-offset-4 hover:underline">Dishes</a>
    </p>
    <h1 class="text-4xl font-extrabold tracking-tight">{dish.name}</h1>
    <p class="mt-1 text-muted">{dish.summary} Written for {dish.servings}; {wait}.</p>
    <DishActions {dish} servings={scaled.servings} />
  </div>
  <ServingsStepper servings={scaled.servings} error={data.servingsError} onset={setServings} />
</header>

<section aria-labelledby="stages" class="mt-6">
  <h2 id="stages" class="sr-only">Stages</h2>
  <StageCards
    {stages}
    {places}
    empty="No steps yet: add at least one, or the dish can’t be planned."
  >
    {#snippet card(stage, place)}
      {@const cycle = cycleOf(stage.id)}
      <StageCard
        {stage}
        {place}
        scale={data.kitchen.scale}
        {cycle}
        benchHref={benchHref(stage)}
        cookerName={cycle?.name ?? null}
        minutes={stageMinutes(stage, scaled.factor, browning)}
      />
    {/snippet}
  </StageCards>
</section>

<div class="mt-5 grid grid-cols-[minmax(0,1fr)] gap-8 lg:grid-cols-[minmax(0,1fr)_380px]">
  <section aria-labelledby="ingredients">
    <h2 id="ingredients" class="mb-2 text-xl font-bold">Ingredients for {scaled.servings}</h2>
    <table class="w-full text-left">
      <thead class="sr-only"><tr><th>Amount</th><th>Food</th><th>Because</th></tr></thead>
      <tbody>
        {#each scaled.ingredients as { ingredient, quantity, because } (ingredient.id)}
          <tr class="border-t border-line align-baseline">
            <td class="w-20 py-2 pr-3 font-bold sm:w-32 sm:pr-4 sm:whitespace-nowrap"
              >{quantity
                ? formatQuantity(quantity, data.kitchen.system)
                : /to taste/i.test(ingredient.preparation) || ingredient.role === 'seasoning'
                  ? 'to taste'
                  : '–'}</td
            >
            <td class="py-2 pr-4"
              >{quantity?.unit === 'piece'
                ? foodByNumber(
                    ingredient.food,
                    quantity.amount,
                    formatQuantity(quantity, data.kitchen.system),
                  )
                : ingredient.food}{#if ingredient.preparation}<span class="text-muted"
                  >, {ingredient.preparation}</span
                >{/if}{#if ingredient.frozen}<span class="font-semibold text-brine">
                  frozen{ingredient.thaw ? ', thawed first' : ''}</span
                >{/if}
              {#if because}<span class="block text-sm text-muted">{because}</span>{/if}
              {#if !inSteps.has(ingredient.id)}<span
                  class="block text-sm font-semibold text-ember-ink">in no step</span
                >{/if}
              {#each partsOf(ingredient.id) as part, p (p)}<span class="block text-sm text-muted"
                  >{part}</span
                >{/each}
              {#if ingredient.takes}<span class="block text-sm font-semibold text-brine"
                  >taken from another dish if it is in the meal too</span
                >{/if}
              <Swap {dish} {ingredient} factor={scaled.factor} system={data.kitchen.system} />
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
    <WhatChanges changes={data.changes} written={dish.servings} servings={scaled.servings} />
    {#if data.pots.length > 0}
      <h2 class="mt-8 mb-2 text-xl font-bold">What goes where in the pot</h2>
      <div class="grid gap-3">
        {#each data.pots as { stageId, ...pot } (stageId)}
          <CyclePot {...pot} system={data.kitchen.system} />
        {/each}
      </div>
    {/if}
    <section aria-labelledby="allergens" class="mt-8">
      <h2 id="allergens" class="mb-1 text-xl font-bold">Allergens and diets</h2>
      {#each data.allergens.contains as { allergen, from } (allergen)}
        <p>
          <b class="capitalize">{allergen}</b> <span class="text-muted">in {from.join(', ')}</span>
        </p>
      {:else}
        <p>
          {data.allergens.isKnown
            ? 'None of the fourteen, judging by its kinds of ingredients.'
            : 'Not known.'}
        </p>
      {/each}
      {#if !data.allergens.isKnown}
        <p class="font-semibold text-ember-ink">
          {#if data.allergens.unknown.length > 0}
            Not known, because of {data.allergens.unknown.join(', ')}: anything may be in it.
          {:else}
            The dish has no ingredients yet: anything may be in it.
          {/if}
        </p>
      {/if}
      <dl class="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-0.5">
        {#each data.diets as answer (answer.diet)}
          <dt class="first-letter:uppercase">{answer.diet.replace(/^no /, '')}</dt>
          <dd class={answer.fits === false ? 'text-pimento' : answer.fits ? '' : 'text-ember-ink'}>
            {sayDiet(answer)}
          </dd>
        {/each}
      </dl>
      <p class="mt-2 text-sm text-muted">
        Judged by the kind of food (Regulation (EU) 1169/2011, Annex II). The labels on what you buy
        come first.
      </p>
    </section>
  </section>

  <div class="grid h-fit grid-cols-[minmax(0,1fr)] gap-6">
    {#if data.photoAt !== null}<Photo
        address="/dishes/{dish.id}/photo"
        name={dish.name}
        at={data.photoAt}
      />{/if}
    <UnreadList pieces={dish.unread} ontake={take} />
    <AskGroups foods={data.unknownFoods} action="?/remember" />
    {#if data.isHigh}
      <section aria-labelledby="altitude" class="banner banner-note">
        <h2 id="altitude" class="font-bold">Your altitude</h2>
        <p class="text-[15px]">
          {dish.heldHere
            ? 'Its pressure times are for this kitchen: plans use them unchanged.'
            : 'Plans lengthen its pressure times for your altitude.'}
        </p>
        <button
          type="button"
          class="mt-2 btn"
          onclick={() => {
            const before = $state.snapshot(dish) as Dish;
            const heldHere = !dish.heldHere;
            void writeDish(
              { ...before, heldHere },
              heldHere ? 'Taken as they are.' : 'Lengthened in plans.',
              before,
            );
          }}
          >{dish.heldHere
            ? 'They are for sea level: lengthen them'
            : 'They are for this kitchen already'}</button
        >
      </section>
    {/if}
    <DishLooks {dish} checks={data.checks} kitchen={data.kitchen} />
    <RoomCard rooms={data.rooms} {scaled} system={data.kitchen.system} onservings={setServings} />
    {#if data.cookers.length > 0}
      <section aria-labelledby="cookers">
        <h2 id="cookers" class="mb-2 text-xl font-bold">In which cooker?</h2>
        {#each data.cookers as stay, i (i)}
          <ul class="grid gap-2">
            {#each stay as offer, o (o)}
              <li class="banner {offer.refusals.length === 0 ? 'banner-good' : 'banner-stop'}">
                <p class="font-bold">
                  {offer.name}{offer.refusals.length === 0 ? ': fits' : ': no'}
                </p>
                {#each Object.values(offer.cycles) as cycle, c (c)}
                  {#if offer.refusals.length === 0}<p class="text-[15px]">
                      {cycle.comeUp} min to pressure, {cycle.release} min to release
                    </p>{/if}
                {/each}
                {#if offer.water > 0}<p class="text-[15px] font-semibold text-ember-ink">
                    with {sayWater(offer.water, data.kitchen)} more than the recipe has
                  </p>{/if}
                {#each offer.refusals as refusal, r (r)}<p class="text-[15px]">
                    {refusal.message}; {refusal.remedy}.
                  </p>{/each}
              </li>
            {/each}
          </ul>
        {/each}
      </section>
    {/if}
    <StackCard dishId={dish.id} servings={scaled.servings} others={data.others} {...data.stack} />
    {#if dish.slow}
      <section aria-labelledby="slow">
        <h2 id="slow" class="mb-1 text-xl font-bold">In a slow cooker</h2>
        <p>{dish.slow.hours} h on {dish.slow.setting}. Never from frozen meat.</p>
        <form method="POST" action="?/keepSlow" class="mt-2 print:hidden">
          <button class="btn">Keep a slow-cooked version</button>
        </form>
      </section>
    {/if}
    {#if data.cautions.length > 0}
      <section aria-labelledby="care" class="banner banner-look">
        <h2 id="care" class="font-bold">Care</h2>
        {#each data.cautions as caution, index (index)}
          <p class="first-letter:uppercase">
            {caution.text}.
            <span class="text-sm"
              >({caution.source}. The thermometer, the manual and local advice come first.)</span
            >
          </p>
        {/each}
      </section>
    {/if}
    {#if dish.products.length > 0}
      <section aria-labelledby="products">
        <h2 id="products" class="mb-1 text-xl font-bold">Leaves behind</h2>
        {#each dish.products as product (product.id)}
          <p>
            about {formatQuantity(
              { amount: product.ml * scaled.factor, unit: 'ml' },
              data.kitchen.system,
            )}
            {product.food}, for another dish
          </p>
        {/each}
      </section>
    {/if}
    <Versions {dish} versions={data.versions} style={data.kitchen} />
    {#if dish.source}<details class="print:hidden">
        <summary class="min-h-11 cursor-pointer py-2 font-bold">The original recipe text</summary>
        <MarkedText text={dish.source} unread={dish.unread} />
      </details>{/if}
    {#if dish.notes}<section>
        <h2 class="mb-1 text-xl font-bold">Notes</h2>
        <p class="whitespace-pre-line">{dish.notes}</p>
      </section>{/if}
    {#if data.photoAt === null}<Photo
        address="/dishes/{dish.id}/photo"
        name={dish.name}
        at={null}
      />{/if}
  </div>
</div>
