<script lang="ts">
  import { page } from '$app/state';
  import Week from '$lib/ui/meal/week.svelte';
  import { FindField, Pager } from '$lib/ui/controls';
  import MealCard from '$lib/ui/meal/meal-card.svelte';
  import NewMeal from '$lib/ui/meal/new-meal.svelte';
  import { formatDay } from '$core/units';
  import { dayAfter } from '$lib/client/moments';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  const isWeek = $derived(page.url.searchParams.has('week'));
  /** A day of cooking ahead, as Freezer asks for it. */
  const isAhead = $derived(page.url.searchParams.has('ahead'));
  /** The next meal is the largest where it is so near, ms. */
  const SOON_MS = 24 * 3_600_000;
  const tomorrow = $derived(dayAfter(data.now, data.kitchen.zone));
</script>

<svelte:head><title>Meals · Olive Clock</title></svelte:head>

<header class="flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
  <div>
    <h1 class="text-4xl font-extrabold tracking-tight">Meals</h1>
    <p class="mt-1 hidden max-w-prose text-muted sm:block">
      Who eats what, and when. The plan says what to do, in which pot, at which minute.
    </p>
  </div>
  {#key page.url.search}<NewMeal
      asked={{
        isOpen: page.url.searchParams.has('new') || isAhead || form?.errors !== undefined,
        day: page.url.searchParams.get('day') ?? tomorrow,
        isBatch: isAhead,
      }}
      typed={form?.typed}
      errors={form?.errors}
    />{/key}
</header>

<nav aria-label="How meals are shown" class="mt-4 flex flex-wrap gap-1">
  {#each [['/meals', 'Ahead', !isWeek], ['/meals?week=0', 'Week', isWeek], ['/meals/compare', 'Compare', false]] as const as [href, name, here] (href)}
    <a
      {href}
      aria-current={here ? 'page' : undefined}
      class="flex min-h-11 items-center rounded-lg px-4 {here
        ? 'bg-olive font-bold text-on-olive'
        : 'hover:bg-leaf-soft'}">{name}</a
    >
  {/each}
</nav>

{#if data.unreadable.length > 0}
  <p role="status" class="mt-4 max-w-3xl banner banner-look">
    <b
      >{data.unreadable.length === 1 ? 'One meal' : `${data.unreadable.length} meals`} can’t be read:</b
    >
    {data.unreadable.map((m) => m.name || m.id).join(', ')}. It stays in the database as it is; you
    can restore an older copy in
    <a class="font-semibold underline" href="/kitchen">Kitchen</a>.
  </p>
{/if}
{#if isWeek}<Week week={data.week} style={data.kitchen} />{/if}

{#if data.isPlaying}
  <p class="mt-4 max-w-3xl banner banner-note">
    This is the made-up household, to look around in. <a
      class="font-semibold underline"
      href="/?begin">Begin with your own</a
    >.
  </p>
{/if}

<div class="mt-6" class:hidden={isWeek}>
  <section aria-labelledby="ahead">
    <h2 id="ahead" class="sr-only">Ahead</h2>
    <div class="grid gap-4 md:grid-cols-2">
      {#each data.ahead as meal, i (meal.id)}
        <MealCard
          {meal}
          hours={data.kitchen.hours}
          isNext={i === 0 && Date.parse(meal.serveAt) - data.now < SOON_MS}
        />
      {:else}
        <div class="card border-dashed p-6 md:col-span-2">
          <p class="text-lg font-semibold">No meal ahead.</p>
          {#if data.needs.length > 0}
            <p class="text-muted">
              Before the first one there has to be {data.needs.join(' and ')}.
            </p>
            <a class="mt-3 btn btn-strong" href="/?begin">Begin</a>
          {:else}
            <p class="text-muted">
              Give it a name, a time and the number of people; dishes come next.
            </p>
          {/if}
        </div>
      {/each}
    </div>

    {#if data.patterns.length > 0}
      <h2 class="mt-8 mb-3 text-xl font-bold">Patterns</h2>
      <ul class="grid gap-2">
        {#each data.patterns as meal (meal.id)}
          <li class="flex flex-wrap items-center justify-between gap-2 card px-4 py-2">
            <a href="/meals/{meal.id}" class="min-w-0 flex-1"
              ><b>{meal.name}</b>
              <span class="text-muted">{meal.dishes.join(' · ')}</span></a
            >
            <form method="POST" action="?/copy">
              <input type="hidden" name="id" value={meal.id} />
              <button class="btn" name="weeks" value="1"
                >Use it<span class="sr-only">: {meal.name}</span></button
              >
            </form>
          </li>
        {/each}
      </ul>
    {/if}
    {#if data.behind.all > 0}
      <div class="mt-8 mb-3 flex flex-wrap items-end justify-between gap-3">
        <h2 class="text-xl font-bold">Behind</h2>
        {#if data.behind.all > data.behind.size || data.find}<div class="max-w-80 flex-1">
            <FindField label="Find a meal by its name" />
          </div>{/if}
      </div>
      <ul class="divide-y divide-line">
        {#each data.behind.items as meal (meal.id)}
          {@const at = Date.parse(meal.serveAt)}
          <li class="flex flex-wrap items-center justify-between gap-2">
            <a
              href="/meals/{meal.id}"
              class="flex flex-1 flex-wrap justify-between gap-2 rounded-lg px-2 py-3 hover:bg-leaf-soft"
            >
              <span class="font-semibold">{meal.name}</span>
              <span class="text-muted"
                >{formatDay(at, { zone: meal.zone, hours: data.kitchen.hours })}</span
              >
            </a>
            <form method="POST" action="?/copy">
              <input type="hidden" name="id" value={meal.id} />
              <button class="btn btn-quiet" name="weeks" value="1"
                >Once more<span class="sr-only">: {meal.name}</span></button
              >
            </form>
          </li>
        {:else}
          <li class="py-3 text-muted">No meal has “{data.find}” in its name.</li>
        {/each}
      </ul>
      <Pager shelf={data.behind} about="meals behind" />
    {/if}
  </section>
</div>
