<script lang="ts">
  /** One dish on one small sheet, to stand beside the pot. */
  import { foodByNumber } from '$core/food';
  import { isServedHot } from '$core/cycle';
  import { heatOf, isParted, partAt, sayPart, type Stage } from '$core/dish';
  import { retime } from '$core/recipe';
  import { sayHeat, sayKeeps } from '$core/words';
  import { formatMinutes, formatQuantity } from '$core/units';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const { scaled, kitchen } = $derived(data);
  const dish = $derived(scaled.dish);
  /** As large as the longest list lets it be. */
  const size = $derived(
    Math.max(
      8,
      Math.min(12.5, 12.5 - (dish.stages.length * 2 + scaled.ingredients.length - 18) * 0.2),
    ),
  );

  function letGo(stage: Extract<Stage, { kind: 'pressure' }>): string {
    const { release } = stage;
    if (release.kind === 'timed') return `${release.minutes} min natural release, then quick`;
    return release.kind === 'natural' ? 'natural release' : 'quick release';
  }
  function partsIn(stage: Stage): string {
    return scaled.ingredients
      .filter(({ ingredient: { id } }) => stage.uses.includes(id) && isParted(dish, id))
      .map(({ ingredient }) => {
        const part = partAt(dish, stage, ingredient.id);
        return part < 1 ? `${sayPart(part)} of the ${ingredient.food}` : '';
      })
      .filter(Boolean)
      .join(', ');
  }
</script>

<svelte:head><title>Card: {dish.name}</title></svelte:head>

<div class="mb-4 flex gap-3 print:hidden">
  <button class="btn btn-strong" onclick={() => print()}>Print this card</button>
  <a class="btn" href="/dishes/{dish.id}?servings={scaled.servings}">Back to the dish</a>
</div>

<article
  class="card-sheet mx-auto max-w-[860px] card p-6 print:max-w-none print:border-0 print:p-0"
  style:--size="{size}px"
>
  <header class="flex items-baseline justify-between gap-4 border-b-4 border-olive pb-2">
    <h1 class="text-3xl leading-tight font-extrabold">{dish.name}</h1>
    <p class="font-head text-xl font-bold whitespace-nowrap">for {scaled.servings}</p>
  </header>
  <div class="mt-3 grid gap-6 sm:grid-cols-[minmax(0,2fr)_minmax(0,3fr)] print:grid-cols-[2fr_3fr]">
    <section aria-labelledby="what">
      <h2 id="what" class="mb-1 font-bold text-muted">What goes in</h2>
      <ul>
        {#each scaled.ingredients as { ingredient, quantity } (ingredient.id)}
          <li class="border-b border-line py-[3px] leading-snug">
            <b>{quantity ? formatQuantity(quantity, kitchen.system) : ''}</b>
            {quantity?.unit === 'piece'
              ? foodByNumber(
                  ingredient.food,
                  quantity.amount,
                  formatQuantity(quantity, kitchen.system),
                )
              : ingredient.food}{#if ingredient.preparation}<span class="text-muted"
                >, {ingredient.preparation}</span
              >{/if}
          </li>
        {/each}
      </ul>
    </section>
    <section aria-labelledby="how">
      <h2 id="how" class="mb-1 font-bold text-muted">How it goes</h2>
      <ol class="grid gap-1.5">
        {#each dish.stages as stage, i (stage.id)}
          {@const cycle = data.cycles[stage.id]}
          {@const parts = partsIn(stage)}
          {@const minutes = data.minutes[stage.id] ?? 0}
          <li
            class="grid grid-cols-[1.6em_1fr] gap-1 leading-snug {stage.kind === 'pressure'
              ? 'border-y-2 border-ink py-1.5'
              : ''}"
          >
            <span class="font-head font-bold">{i + 1}</span>
            <div>
              {#if stage.kind === 'pressure'}
                <p class="font-head text-[1.5em] leading-tight font-extrabold">
                  {stage.guessed ? '__ min' : `${stage.holdMinutes} min`}
                  {stage.level} · {letGo(stage)}
                </p>
              {/if}
              <p>
                {stage.guessed
                  ? stage.text
                  : stage.kind === 'pressure'
                    ? retime(stage.text, null, stage.holdMinutes)
                    : retime(stage.text, stage.minutes, Math.round(minutes))}
                {#if stage.kind !== 'pressure' && minutes > 0}
                  <b class="whitespace-nowrap"
                    >· {formatMinutes(minutes)}{sayHeat(heatOf(stage), kitchen.scale)}</b
                  >{/if}
              </p>
              {#if parts}<p class="font-semibold">{parts}</p>{/if}
              {#if cycle}<p class="text-muted">
                  {cycle.cooker}: {cycle.comeUp} min to pressure, {cycle.release} to release
                </p>{/if}
            </div>
          </li>
        {/each}
      </ol>
    </section>
  </div>
  <footer class="mt-3 border-t border-line pt-2 text-[0.95em]">
    <p>
      {#if data.allergens.length > 0}<b>Contains {data.allergens.join(', ')}.</b>{/if}
      {#if data.unknown}<b
          >Allergens not known{data.unknown.length > 0 ? `: ${data.unknown.join(', ')}` : ''}.</b
        >{/if}
      <span class="inline-block first-letter:uppercase"
        >{sayKeeps(dish.wait.maxMinutes, isServedHot(dish))}.</span
      >
      {#each data.cautions as caution, index (index)}
        <b class="inline-block first-letter:uppercase">{caution.text} ({caution.source}).</b>{/each}
    </p>
    <p class="text-muted">
      Check valve, pin and ring before the lid goes on. The cooker’s manual and the thermometer come
      before this card.
    </p>
  </footer>
</article>

<style>
  @page {
    size: A5 landscape;
    margin: 9mm;
  }
  @media print {
    .card-sheet {
      font-size: var(--size);
    }
  }
</style>
