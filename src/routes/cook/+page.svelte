<script lang="ts">
  import { formatDay, formatTime } from '$core/units';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const running = $derived(new Map(data.evenings.map((e) => [e.mealId, e.id])));
  const isToday = (at: number): boolean => Math.abs(at - data.now) < 14 * 3_600_000;
</script>

<svelte:head><title>Cook · Olive Clock</title></svelte:head>

<h1 class="text-4xl font-extrabold tracking-tight">Cook</h1>
<p class="mt-1 max-w-prose text-muted">
  Goes along while you cook: says the next thing, keeps every clock, and plans again when something
  slips.
</p>

<ul class="mt-6 grid max-w-3xl gap-3">
  {#each data.meals as meal (meal.id)}
    {@const at = Date.parse(meal.serveAt)}
    <li
      class="flex flex-wrap items-center justify-between gap-3 card p-5 {isToday(at)
        ? 'border-olive'
        : ''}"
    >
      <div>
        <p class="font-head text-2xl font-bold">{meal.name}</p>
        <p class="text-muted">{formatDay(at, data.kitchen)}, {formatTime(at, data.kitchen)}</p>
      </div>
      {#if running.has(meal.id)}
        <a class="btn min-h-14 btn-strong px-6 text-lg" href="/cook/{running.get(meal.id)}"
          >Go on cooking</a
        >
      {:else if meal.isPlanned}
        <form method="POST" action="?/start">
          <input type="hidden" name="meal" value={meal.id} />
          <button class="btn min-h-14 btn-strong px-6 text-lg"
            >Start cooking<span class="sr-only"> {meal.name}</span></button
          >
        </form>
      {:else}
        <a class="btn" href="/meals/{meal.id}">Plan it first</a>
      {/if}
    </li>
  {:else}
    <li class="card border-dashed p-6">
      <p class="text-lg font-semibold">Nothing to cook yet.</p>
      <p class="text-muted">
        <a class="font-semibold underline" href="/meals">Plan a meal</a>; on its evening it starts
        here.
      </p>
    </li>
  {/each}
</ul>
