<script lang="ts">
  import { formatDay, formatTime } from '$core/units';
  import { isLate, sayOutcome } from '$core/words';
  import Figures from '$lib/ui/log/figures.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Log · Olive Clock</title></svelte:head>

<h1 class="text-4xl font-extrabold tracking-tight">Log</h1>
<p class="mt-1 max-w-prose text-muted">
  Every evening you cooked, and every practice: the plan against what happened.
</p>
<p class="mt-3 flex flex-wrap gap-2">
  <a class="btn" href="/log/charts">Charts</a>
  <a class="btn" href="/log/log.csv" download>Everything as CSV</a>
</p>

<ul class="mt-6 grid max-w-3xl gap-2">
  {#each data.evenings as evening (evening.id)}
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
      <p class="text-lg font-semibold">No evening yet.</p>
      <p class="text-muted">
        Start one in <a class="font-semibold underline" href="/cook">Cook</a>, or practise: it is
        recorded here automatically.
      </p>
    </li>
  {/each}
</ul>

<Figures figures={data.figures} reset={data.reset} steady={data.steady} style={data.kitchen} />
