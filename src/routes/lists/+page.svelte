<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { formatDay } from '$core/units';
  import { ticksOf, type Ticks } from '$lib/client/ticks.svelte';
  import { Menu } from '$lib/ui/controls';
  import EveningLists from '$lib/ui/lists/evening-lists.svelte';
  import House from '$lib/ui/lists/house.svelte';
  import Shopping from '$lib/ui/lists/shopping.svelte';
  import { browser } from '$app/environment';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  const VIEWS = [
    ['shopping', 'Shopping'],
    ['lay-out', 'Lay out'],
    ['tools', 'Tools'],
    ['house', 'In the house'],
  ] as const;
  const view = $derived(
    VIEWS.find(([id]) => id === page.url.searchParams.get('view'))?.[0] ?? 'shopping',
  );
  const chosen = $derived(data.meals.filter((m) => m.isChosen).map((m) => m.id));
  const listName = $derived(chosen.join(','));
  const nothing: Ticks = {
    has: () => false,
    toggle: () => undefined,
    clear: () => undefined,
    isAlone: false,
    follow: () => () => undefined,
  };
  const ticks = $derived(browser ? ticksOf(listName) : nothing);
  $effect(() => ticks.follow());
  const onIt = $derived(data.meals.filter((m) => m.isChosen).map((m) => m.name));

  function href(to: string, meals: readonly string[] = chosen): string {
    return `/lists?view=${to}&meals=${meals.map(encodeURIComponent).join(',')}`;
  }
  function toggle(id: string, on: boolean): void {
    const next = on ? [...chosen, id] : chosen.filter((m) => m !== id);
    void goto(href(view, next), { noScroll: true, keepFocus: true });
  }
</script>

<svelte:head><title>Lists · Olive Clock</title></svelte:head>

<header class="flex flex-wrap items-end justify-between gap-3">
  <div>
    <h1 class="text-4xl font-extrabold tracking-tight">Lists</h1>
    <p class="mt-1 text-muted max-sm:hidden">
      One list for all the meals you choose, less what you have.
    </p>
  </div>
  {#if view === 'shopping'}
    <div class="flex gap-1 print:hidden">
      <button type="button" class="btn" onclick={() => window.print()}>Print</button>
      <Menu label="More" about="what else can be done with this list">
        <button type="button" class="menu-item" onclick={() => ticks.clear()}>Untick all</button>
        <a class="menu-item" href="/lists/shopping.txt?meals={listName}" download>As text</a>
        <a class="menu-item" href="/lists/shopping.csv?meals={listName}" download
          >As CSV, for a spreadsheet</a
        >
      </Menu>
    </div>
  {/if}
</header>

<nav aria-label="Which list" class="mt-4 flex flex-wrap gap-1 print:hidden">
  {#each VIEWS as [id, name] (id)}
    <a
      href={href(id)}
      aria-current={id === view ? 'page' : undefined}
      class="flex min-h-11 items-center rounded-lg px-2.5 sm:px-4 {id === view
        ? 'bg-olive font-bold text-on-olive'
        : 'hover:bg-leaf-soft'}">{name}</a
    >
  {/each}
</nav>

{#if view !== 'house'}
  <details class="mt-4 print:hidden" open={onIt.length === 0}>
    <summary class="flex min-h-11 cursor-pointer items-center gap-2">
      <span class="label">Meals on it</span>
      <b class="min-w-0 flex-1 truncate">{onIt.length === 0 ? 'none yet' : onIt.join(', ')}</b>
      <span class="underline underline-offset-4">Change</span>
    </summary>
    <fieldset class="mt-1 flex flex-wrap gap-2">
      <legend class="sr-only">Meals on it</legend>
      {#each data.meals as meal (meal.id)}
        <label
          class="flex min-h-11 cursor-pointer items-center gap-2 card px-3 {meal.isChosen
            ? 'border-olive'
            : ''}"
        >
          <input
            type="checkbox"
            class="tick"
            checked={meal.isChosen}
            onchange={(e) => toggle(meal.id, e.currentTarget.checked)}
          />
          <span
            ><b>{meal.name}</b>
            <span class="text-muted">{formatDay(Date.parse(meal.serveAt), data.kitchen)}</span
            ></span
          >
        </label>
      {:else}
        <p class="text-muted">
          No meal ahead. <a class="font-semibold underline" href="/meals">Plan one</a>, and its list
          is here.
        </p>
      {/each}
    </fieldset>
  </details>
{/if}

<div class="mt-5">
  {#if view === 'shopping'}
    <Shopping
      list={data.shopping}
      portions={data.portions}
      {ticks}
      priceProblem={form?.priceProblem}
    />
  {:else if view === 'house'}
    <House
      larder={data.larder}
      useUp={data.useUp}
      dueBags={data.dueBags}
      system={data.kitchen.system}
      form={form as { line?: string; problem?: string; useUpProblem?: string } | null}
    />
  {:else}
    {#if view === 'lay-out' && data.merged.length > 0}
      <section class="mb-6 card p-4" aria-labelledby="merged">
        <h2 id="merged" class="text-xl font-bold">Cut once, for several dishes</h2>
        <ul class="mt-1">
          {#each data.merged as cut (cut.id)}<li class="py-0.5">{cut.text}</li>{/each}
        </ul>
      </section>
    {/if}
    {#each data.evenings as evening (evening.id)}
      <EveningLists {evening} {view} style={data.kitchen} {ticks} />
    {/each}
  {/if}
</div>
