<script lang="ts">
  import { isLate, sayOutcome } from '$core/words';
  import type { Operation } from '$core/plan';
  import { placeName } from '$core/run';
  import { formatDay, formatMinutes, formatTime } from '$core/units';
  import Photo from '$lib/ui/photo/photo.svelte';
  import VerdictForm from '$lib/ui/log/verdict-form.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const PORTIONS = [1, 2, 3, 4, 6] as const;
  let left = $state<Record<string, number>>({});
  const account = $derived(data.account);
  const clock = (minute: number): string =>
    formatTime(data.evening.serveAt + minute * 60_000, data.kitchen);
  const place = (unit: string | null): string => placeName(unit ?? undefined, data.kitchen) ?? '';
  /** Coming to pressure and its release: what the pot does, not the hands. */
  const isOfThePot = ({ phase }: Operation): boolean => phase === 'come-up' || phase === 'release';
  const pots = $derived(account.phases.filter((p) => isOfThePot(p.operation)));
  const hands = $derived(account.phases.filter((p) => !isOfThePot(p.operation) && p.real !== null));
  const cookName = (id: string | null): string[] =>
    data.kitchen.cooks.filter((c) => c.id === id).map((c) => c.name);
  const late = $derived(account.isServed ? account.late : null);
  const difference = (planned: number, real: number | null): string => {
    if (real === null) return '';
    const d = real - planned;
    return d === 0 ? 'as planned' : `${Math.abs(d)} min ${d > 0 ? 'more' : 'less'}`;
  };
</script>

<svelte:head><title>{data.evening.name}: how it went · Olive Clock</title></svelte:head>

<p class="text-sm"><a href="/log" class="text-muted hover:underline">Log</a></p>
<h1 class="text-4xl font-extrabold tracking-tight break-words">{data.evening.name}</h1>
<p class="mt-1 text-lg text-muted">
  {formatDay(data.evening.serveAt, data.kitchen)}, wanted at {clock(0)}.
  {#if late === null}
    Not on the table yet: <a class="font-semibold underline" href="/cook/{data.evening.id}"
      >go on cooking</a
    >.
  {:else}
    <b class="inline-block first-letter:uppercase {isLate(late) ? 'text-pimento' : 'text-leaf-ink'}"
      >{sayOutcome(late)}.</b
    >
  {/if}
</p>

<section aria-labelledby="better" class="mt-6 max-w-3xl">
  <h2 id="better" class="text-xl font-bold">Next time</h2>
  <ul class="mt-2 grid gap-2">
    {#if account.isTappedThrough}
      <li class="banner banner-look">
        It was tapped through in a fraction of the time that it takes: nothing is learned from it.
      </li>
    {/if}
    {#each account.advice as line, index (index)}
      <li class="banner banner-look">{line}</li>
    {:else}
      <li class="banner banner-good">
        {late === null
          ? 'Nothing to say yet.'
          : 'As far as the clocks can tell, nothing went wrong.'}
      </li>
    {/each}
  </ul>
</section>

{#if account.isServed && !data.evening.isPractice}
  <section aria-labelledby="verdicts" class="mt-6 max-w-3xl card p-5">
    <h2 id="verdicts" class="text-xl font-bold">How was it?</h2>
    {#each account.dishes as dish (dish.entryId)}
      <VerdictForm
        entryId={dish.entryId}
        dishId={data.dishIds[dish.entryId] ?? ''}
        name={dish.name}
        waited={dish.waited}
        verdict={data.verdicts[dish.entryId] ?? null}
      />
      <div class="max-w-64">
        <Photo
          address="/log/{data.evening.id}/photo/{dish.entryId}"
          entry={dish.entryId}
          name={dish.name}
          at={data.photos[dish.entryId] ?? null}
        />
      </div>
    {/each}
    {#if form && 'improved' in form}
      <p role="status" class="mt-2 font-semibold text-leaf-ink">
        {form.improved}: taken into <a class="underline" href="/dishes/{form.dishId}">the dish</a>;
        the version before is kept there.
      </p>
    {/if}
    {#if data.suggestions.length > 0}
      <h3 class="mt-4 font-bold">For next time</h3>
      <ul class="mt-1 grid gap-2">
        {#each data.suggestions as suggestion, index (index)}
          <li class="flex flex-wrap items-center justify-between gap-3 banner banner-note">
            <span
              ><b>{suggestion.dish}:</b>
              {suggestion.text}
              <span class="text-[15px] text-muted">({suggestion.because})</span></span
            >
            <form method="POST" action="?/improve">
              <input type="hidden" name="dish" value={suggestion.dishId} />
              <button class="btn" name="suggestion" value={suggestion.id}
                >Put it into the dish<span class="sr-only">: {suggestion.text}</span></button
              >
            </form>
          </li>
        {/each}
      </ul>
    {/if}
  </section>
  <section aria-labelledby="left" class="mt-6 max-w-3xl card p-5">
    <h2 id="left" class="text-xl font-bold">What is left</h2>
    <p class="text-[15px] text-muted">
      Cool it within two hours, shallow (USDA FSIS); two taps give it a label and a date.
    </p>
    {#if form && 'problem' in form}<p role="alert" class="mt-2 font-semibold text-pimento">
        {form.problem}
      </p>{/if}
    {#if form && 'packed' in form && form.packed}<p
        role="status"
        class="mt-2 font-semibold text-leaf-ink"
      >
        {form.packed.portions}
        {form.packed.name} in the {form.packed.place}, code {form.packed.code}, use by {form.packed
          .useBy}.
      </p>{/if}
    <ul class="mt-2">
      {#each account.dishes as dish (dish.entryId)}
        <li class="flex flex-wrap items-center gap-2 border-t border-line py-2">
          <b class="min-w-48 flex-1">{dish.name}</b>
          <span class="flex gap-1" role="group" aria-label="Portions left of {dish.name}">
            {#each PORTIONS as n (n)}
              <button
                type="button"
                class="btn min-h-12 px-4"
                class:btn-strong={left[dish.entryId] === n}
                aria-pressed={left[dish.entryId] === n}
                onclick={() => (left[dish.entryId] = n)}>{n}</button
              >
            {/each}
          </span>
          <form method="POST" action="?/leftover" class="flex gap-1">
            <input type="hidden" name="dish" value={data.dishIds[dish.entryId] ?? ''} />
            <input type="hidden" name="portions" value={left[dish.entryId] ?? ''} />
            {#each ['fridge', 'freezer'] as place (place)}
              <button
                class="btn min-h-12"
                name="place"
                value={place}
                disabled={left[dish.entryId] === undefined}
                >{place}<span class="sr-only">: {dish.name}</span></button
              >
            {/each}
          </form>
        </li>
      {/each}
    </ul>
    {#each data.bags as bag (bag.id)}
      <form method="POST" action="?/eaten" class="mt-2 flex flex-wrap items-center gap-2">
        <input type="hidden" name="id" value={bag.id} />
        <span class="flex-1"
          ><b>{bag.name}</b>
          <span class="text-muted">{bag.code}: {bag.portions} still in stock</span></span
        >
        <label class="flex items-center gap-2"
          >eaten<input
            class="field w-20"
            type="number"
            name="portions"
            min="0.5"
            step="0.5"
            value={Math.min(bag.portions, Math.ceil(2 * bag.used) / 2)}
            aria-label="Portions eaten of {bag.name}"
          /></label
        >
        <button class="btn min-h-12" disabled={bag.portions === 0}>Take out of stock</button>
      </form>
    {/each}
  </section>
{/if}

<div class="mt-8 grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-2">
  <section aria-labelledby="dishes">
    <h2 id="dishes" class="text-xl font-bold">Dishes</h2>
    <table class="mt-1 w-full text-left max-sm:table-fixed max-sm:text-[15px] max-sm:break-words">
      <thead class="text-sm text-muted"
        ><tr
          ><th class="font-normal max-sm:w-2/5">Dish</th><th class="font-normal">Planned</th><th
            class="font-normal">Ready</th
          ><th class="font-normal">Waited</th></tr
        ></thead
      >
      <tbody>
        {#each account.dishes as dish (dish.entryId)}
          <tr class="border-t border-line">
            <td class="py-1.5 pr-3 font-semibold">{dish.name}</td>
            <td class="pr-3">{clock(dish.plannedReady)}</td>
            <td class="pr-3">{dish.ready === null ? '–' : clock(dish.ready)}</td>
            <td class={dish.isOverheld ? 'font-bold text-pimento' : ''}
              >{dish.waited === null
                ? '–'
                : dish.waited === 0
                  ? 'not at all'
                  : formatMinutes(dish.waited)}{dish.isOverheld ? ', too long' : ''}</td
            >
          </tr>
        {/each}
      </tbody>
    </table>
  </section>
  <section aria-labelledby="pots">
    <h2 id="pots" class="text-xl font-bold">Pots</h2>
    <table class="mt-1 w-full text-left max-sm:table-fixed max-sm:text-[15px] max-sm:break-words">
      <thead class="text-sm text-muted"
        ><tr
          ><th class="font-normal max-sm:w-1/6">Pot</th><th class="font-normal max-sm:w-1/3"
            >What</th
          ><th class="font-normal">Planned</th><th class="font-normal">Real</th><th
            class="font-normal">Differs</th
          ></tr
        ></thead
      >
      <tbody>
        {#each pots as phase, index (index)}
          <tr class="border-t border-line">
            <td class="py-1.5 pr-3 font-semibold">{place(phase.operation.unit)}</td>
            <td class="pr-3"
              >{phase.operation.phase === 'come-up' ? 'coming to pressure' : 'natural release'}
              <span class="text-muted">{phase.operation.dishName}</span></td
            >
            <td class="pr-3 sm:whitespace-nowrap">{phase.planned} min</td>
            <td class="pr-3 sm:whitespace-nowrap"
              >{phase.real === null ? 'not told' : `${phase.real} min`}</td
            >
            <td class="text-muted sm:whitespace-nowrap">{difference(phase.planned, phase.real)}</td>
          </tr>
        {:else}
          <tr><td class="py-1.5 text-muted">No pot at pressure.</td></tr>
        {/each}
      </tbody>
    </table>
    {#each account.troubles as trouble, i (i)}
      <p class="mt-1 text-ember-ink">
        {place(trouble.unit)}: {trouble.what.toLowerCase()} ({trouble.dish}).
      </p>
    {/each}
  </section>
  {#if account.changes.length > 0}
    <section aria-labelledby="changes">
      <h2 id="changes" class="text-xl font-bold">Changed at the stove</h2>
      <ul class="mt-1">
        {#each account.changes as change, i (i)}
          <li class="flex gap-3 border-t border-line py-1.5">
            <span class="text-muted tabular-nums">{formatTime(change.at, data.kitchen)}</span>
            <span>{change.text}</span>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  {#if hands.length > 0}
    <section aria-labelledby="hands">
      <h2 id="hands" class="text-xl font-bold">Hands-on work, oven and rests</h2>
      <table class="mt-1 w-full text-left max-sm:table-fixed max-sm:text-[15px] max-sm:break-words">
        <thead class="text-sm text-muted"
          ><tr
            ><th class="font-normal max-sm:w-[44%]">Work</th><th class="font-normal">Planned</th><th
              class="font-normal">Real</th
            ><th class="font-normal">Differs</th></tr
          ></thead
        >
        <tbody>
          {#each hands as phase, index (index)}
            <tr class="border-t border-line">
              <td class="py-1.5 pr-3"
                >{phase.operation.text}
                <span class="text-muted"
                  >{[phase.operation.dishName, ...cookName(phase.cook)].join(' · ')}</span
                ></td
              >
              <td class="pr-3 sm:whitespace-nowrap">{phase.planned} min</td>
              <td class="pr-3 sm:whitespace-nowrap">{phase.real} min</td>
              <td class="text-muted sm:whitespace-nowrap"
                >{difference(phase.planned, phase.real)}</td
              >
            </tr>
          {/each}
        </tbody>
      </table>
    </section>
  {/if}
</div>
