<script lang="ts">
  import Stops from '$lib/ui/cook/stops.svelte';
  import { formatDay, formatTime } from '$core/units';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const MINUTES = [0, 4, 8, 10, 15, 20, 30, 45] as const;
  let minutes = $state('10');
  const running = $derived(new Map(data.evenings.map((e) => [e.mealId, e.id])));
  const isToday = (at: number): boolean => Math.abs(at - data.now) < 14 * 3_600_000;
</script>

<svelte:head><title>Cook · Olive Clock</title></svelte:head>

<h1 class="text-4xl font-extrabold tracking-tight">Cook</h1>
<p class="mt-1 max-w-prose text-muted">
  Follows you while you cook: says what comes next, runs every timer, and plans again when something
  slips.
</p>

<div class="mt-6 grid gap-6 xl:grid-cols-[minmax(0,1fr)_27rem] xl:items-start">
  <ul class="grid max-w-3xl gap-3 xl:max-w-none">
    {#each data.meals as meal, i (meal.id)}
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
        {#if form?.stops?.mealId === meal.id}
          <Stops notes={form.stops.notes} by={data.kitchen} />
        {/if}
        <div class="flex flex-wrap gap-2">
          {#if running.has(meal.id)}
            <a class="btn min-h-14 btn-strong px-6 text-lg" href="/cook/{running.get(meal.id)}"
              >Go on cooking</a
            >
          {:else if meal.isPlanned}
            <form method="POST" action="/cook?/start">
              <input type="hidden" name="meal" value={meal.id} />
              {#if form?.stops?.mealId === meal.id}
                <input type="hidden" name="seen" value="yes" />
                <button class="btn min-h-14 px-6 text-lg"
                  >Start all the same<span class="sr-only"> {meal.name}</span></button
                >
              {:else}
                <!-- One thing to do next: the others are for their own day. -->
                <button class="btn min-h-14 px-6 text-lg" class:btn-strong={i === 0 || isToday(at)}
                  >Start cooking<span class="sr-only"> {meal.name}</span></button
                >
              {/if}
            </form>
          {:else}
            <a class="btn" href="/meals/{meal.id}">Plan it first</a>
          {/if}
          {#if form?.stops?.mealId === meal.id}
            <a class="btn min-h-14 btn-strong px-6 text-lg" href="/meals/{meal.id}"
              >Change the plan</a
            >
          {/if}
          {#if meal.isPlanned}
            <a class="btn min-h-14 btn-quiet" href="/cook/practice?meal={meal.id}"
              >Practise<span class="sr-only"> {meal.name}</span></a
            >
          {/if}
        </div>
      </li>
    {:else}
      <li class="card border-dashed p-6">
        <p class="text-lg font-semibold">Nothing to cook yet.</p>
        <p class="text-muted">
          <a class="font-semibold underline" href="/meals">Plan a meal</a>; start it here on the
          day.
        </p>
      </li>
    {/each}
  </ul>

  {#if data.kitchen.cookers.length > 0}
    <div class="grid max-w-3xl gap-6">
      <section aria-labelledby="one" class="card p-5">
        <h2 id="one" class="text-2xl font-bold">One pot, without a plan</h2>
        <p class="text-muted">Lid on? Choose the pot and the minutes, and go.</p>
        <form method="POST" action="?/pot" class="mt-3 grid gap-4" novalidate>
          <div class="flex flex-wrap gap-2" role="group" aria-label="Which pot?">
            {#each data.kitchen.cookers as cooker, i (cooker.id)}
              <label
                class="btn min-h-14 px-5 text-lg has-checked:border-olive has-checked:bg-leaf-soft"
                ><input
                  type="radio"
                  name="cooker"
                  value={cooker.id}
                  checked={i === 0}
                  class="tick"
                />{cooker.name}</label
              >
            {/each}
          </div>
          <div
            class="grid grid-cols-4 gap-2 max-[350px]:grid-cols-2"
            role="group"
            aria-label="How long?"
          >
            {#each MINUTES as value (value)}
              <button
                type="button"
                class="btn min-h-14 px-2 text-lg"
                class:btn-strong={minutes === String(value)}
                aria-pressed={minutes === String(value)}
                onclick={() => (minutes = String(value))}>{value} min</button
              >
            {/each}
          </div>
          <div class="grid grid-cols-[6rem_minmax(0,1fr)] gap-2">
            <label class="label grid"
              >minutes<input
                class="mt-1 field w-full"
                name="minutes"
                inputmode="numeric"
                bind:value={minutes}
              /></label
            >
            <label class="label"
              >then<select class="mt-1 field w-full" name="release"
                ><option value="natural">natural release</option><option value="timed"
                  >natural release 10 min, then quick</option
                ><option value="quick">quick release</option></select
              ></label
            >
          </div>
          {#if form?.pot}<p role="alert" class="font-semibold text-pimento">{form.pot}</p>{/if}
          <div><button class="btn min-h-16 btn-strong px-8 text-xl">Lid is on: go</button></div>
        </form>
      </section>

      <section aria-labelledby="water" class="card p-5">
        <h2 id="water" class="text-2xl font-bold">Never used a pressure cooker?</h2>
        <p class="text-muted">
          A first cycle with nothing but water: what each sound and the pin mean, and both releases.
          First simulated, five times as fast; then with the real pot beside the screen.
        </p>
        <form method="POST" action="?/water" class="mt-3 flex flex-wrap items-end gap-3">
          <label class="label"
            >Which pot?<select class="mt-1 field min-h-14" name="cooker">
              {#each data.kitchen.cookers as cooker (cooker.id)}
                <option value={cooker.id}>{cooker.name}</option>
              {/each}
            </select></label
          >
          <button class="btn min-h-14 px-5" name="how" value="simulated">Simulated first</button>
          <button class="btn min-h-14 px-5" name="how" value="real">With the real pot</button>
        </form>
      </section>
    </div>
  {/if}
</div>
