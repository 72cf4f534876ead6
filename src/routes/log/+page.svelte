<script lang="ts">
  import { formatDay, formatTime } from '$core/units';
  import { isLate, sayOutcome } from '$core/words';
  import { FindField, Pager } from '$lib/ui/controls';
  import Figures from '$lib/ui/log/figures.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Log · Olive Clock</title></svelte:head>

<h1 class="text-4xl font-extrabold tracking-tight">Log</h1>
<p class="mt-1 max-w-prose text-muted">
  Every evening you cooked, and every practice: the plan against what happened.
</p>
<div class="mt-3 flex max-w-3xl flex-wrap items-end gap-2">
  {#if data.shelf.pages > 1 || data.find}<FindField label="Find an evening by its name" />{/if}
  <a class="btn" href="/log/charts">Charts</a>
  <a class="btn" href="/log/log.csv" download>Everything as CSV</a>
</div>

<ul class="mt-6 grid max-w-3xl gap-2">
  {#each data.shelf.items as evening (evening.id)}
    {@const late = data.late.get(evening.id)}
    <li>
      <a
        class="flex flex-wrap items-baseline justify-between gap-x-4 card px-5 py-3 hover:border-olive"
        href="/log/{evening.id}"
        ><span class="min-w-0"
          ><b class="font-head text-xl break-words">{evening.name}</b>{#if evening.isPractice}<span
              class="chip ml-2 align-middle">practice</span
            >{/if}{#if late !== undefined}<span
              class="block {late !== null && isLate(late) ? 'text-pimento' : ''}"
              >{sayOutcome(late)}</span
            >{/if}</span
        ><span class="text-muted"
          >{formatDay(evening.startedAt, data.kitchen)}, {formatTime(
            evening.startedAt,
            data.kitchen,
          )}</span
        ></a
      >
    </li>
  {:else}
    <li class="card border-dashed p-6">
      {#if data.find}
        <p>No evening has “{data.find}” in its name.</p>
      {:else}
        <p class="text-lg font-semibold">No evening yet.</p>
        <p class="text-muted">
          Start one in <a class="font-semibold underline" href="/cook">Cook</a>, or practise: it is
          recorded here automatically.
        </p>
      {/if}
    </li>
  {/each}
</ul>
<Pager shelf={data.shelf} about="evenings" />

<Figures
  figures={data.figures}
  times={data.times}
  reset={data.reset}
  steady={data.steady}
  style={data.kitchen}
/>
