<script lang="ts">
  import { DateField, TimeField } from '$lib/ui/controls';
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import { untrack } from 'svelte';
  import Week from '$lib/ui/meal/week.svelte';
  import { formatDay, formatTime, dayKey } from '$core/units';
  import Field from '$lib/ui/fields/field.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  const evenings = $derived(data.meals.filter((m) => !m.template));
  const templates = $derived(data.meals.filter((m) => m.template));
  const ahead = $derived(evenings.filter((m) => Date.parse(m.serveAt) > data.now).toReversed());
  const behind = $derived(evenings.filter((m) => Date.parse(m.serveAt) <= data.now));
  const isWeek = $derived(page.url.searchParams.has('week'));
  /** A day of cooking ahead, as Stores asks for it. */
  let isAhead = $state(untrack(() => form?.typed?.batch ?? page.url.searchParams.has('ahead')));
  const tomorrow = $derived(dayKey(data.now + 86_400_000, data.kitchen.zone));
</script>

<svelte:head><title>Meals · Olive Clock</title></svelte:head>

<h1 class="text-4xl font-extrabold tracking-tight">Meals</h1>
<p class="mt-1 max-w-prose text-muted">
  Who eats what, and when. The plan says what to do, in which pot, at which minute.
</p>

<nav aria-label="How meals are shown" class="mt-4 flex flex-wrap gap-1">
  {#each [['/meals', 'List', !isWeek], ['/meals?week=0', 'Week', isWeek], ['/meals/compare', 'Compare', false]] as const as [href, name, here] (href)}
    <a
      {href}
      aria-current={here ? 'page' : undefined}
      class="flex min-h-11 items-center rounded-lg px-4 {here
        ? 'bg-olive font-bold text-on-olive'
        : 'hover:bg-leaf-soft'}">{name}</a
    >
  {/each}
  <a href="/help" class="ml-auto flex min-h-11 items-center rounded-lg px-4 md:hidden">Help</a>
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

<div class="mt-6 grid gap-8 lg:grid-cols-[minmax(0,1fr)_340px]" class:hidden={isWeek}>
  <section aria-labelledby="ahead">
    <h2 id="ahead" class="mb-3 text-xl font-bold">Ahead</h2>
    {#each ahead as meal (meal.id)}
      {@const at = Date.parse(meal.serveAt)}
      {@const style = { zone: meal.zone, hours: data.kitchen.hours }}
      <a
        href="/meals/{meal.id}"
        class="mb-3 grid gap-x-6 gap-y-1 card p-5 hover:border-olive sm:grid-cols-[1fr_auto]"
      >
        <span class="font-head text-2xl font-bold">{meal.name}</span>
        <span class="font-head text-2xl font-bold sm:text-right">{formatTime(at, style)}</span>
        <span class="text-muted"
          >{formatDay(at, style)} · {meal.batch ? 'a batch day' : `${meal.servings} people`}</span
        >
        <span class="text-muted sm:text-right">
          {meal.firstStart === null
            ? 'not planned yet'
            : `start at ${formatTime(at + meal.firstStart * 60_000, style)}`}
        </span>
        <span class="sm:col-span-2">{meal.dishes.join(' · ') || 'no dishes yet'}</span>
      </a>
    {:else}
      <div class="card border-dashed p-6">
        <p class="text-lg font-semibold">No meal ahead.</p>
        <p class="text-muted">Give it a name, a time and the number of people; dishes come next.</p>
      </div>
    {/each}

    {#if templates.length > 0}
      <h2 class="mt-8 mb-3 text-xl font-bold">Patterns</h2>
      <ul class="grid gap-2">
        {#each templates as meal (meal.id)}
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
    {#if behind.length > 0}
      <h2 class="mt-8 mb-3 text-xl font-bold">Behind</h2>
      <ul class="divide-y divide-line">
        {#each behind as meal (meal.id)}
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
        {/each}
      </ul>
    {/if}
  </section>

  <section aria-labelledby="new" class="h-fit card p-5">
    <h2 id="new" class="mb-4 text-xl font-bold">{isAhead ? 'New batch day' : 'New meal'}</h2>
    <form
      method="POST"
      action="?/create"
      use:enhance={() =>
        ({ update }) =>
          update({ reset: false })}
      class="grid gap-4"
      novalidate
    >
      <Field
        name="name"
        label="What is it called?"
        value={form?.typed?.name ?? ''}
        error={form?.errors?.name}
        placeholder={isAhead ? 'Freezer day' : 'Sunday lunch'}
      />
      <div class="flex flex-wrap gap-3 *:first:flex-[2_1_13rem] *:last:flex-[1_1_5.5rem]">
        <DateField
          name="day"
          label="Day"
          value={form?.typed?.day ?? tomorrow}
          error={form?.errors?.serveAt}
        />
        <TimeField
          name="time"
          label={isAhead ? 'Packed by' : 'Serve at'}
          value={form?.typed?.time ?? '18:30'}
          invalid={!!form?.errors?.serveAt}
        />
      </div>
      <Field
        name="servings"
        label={isAhead ? 'Portions in a bag' : 'How many eat?'}
        type="number"
        min="1"
        max="200"
        value={form?.typed?.servings ?? '4'}
        error={form?.errors?.servings}
      />
      <label class="flex min-h-11 items-center gap-2"
        ><input type="checkbox" name="batch" class="tick" bind:checked={isAhead} /><span
          >Batch day: cook for the freezer</span
        ></label
      >
      <button class="btn btn-strong">Plan it</button>
    </form>
  </section>
</div>
