<script lang="ts">
  import { formatDay, formatMinutes, formatTime } from '$core/units';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const clock = (minute: number): string =>
    formatTime(data.serveAt + minute * 60_000, data.kitchen);
  /** One page as long as it can be read: many lines are set smaller. */
  const size = $derived(Math.max(7.5, Math.min(11.5, 11.5 - (data.lines.length - 20) * 0.16)));
  const end = $derived(data.meal.batch ? 'all packed' : 'on the table');
  const before = $derived(data.lines.filter((l) => l.at < data.totals.ready));
  const after = $derived(data.lines.filter((l) => l.at >= data.totals.ready));
</script>

<svelte:head><title>Schedule: {data.meal.name}</title></svelte:head>

{#snippet row(line: (typeof data.lines)[number])}
  <tr class="border-t border-line align-baseline">
    <td class="py-[2.5px] pr-3 font-bold whitespace-nowrap">{clock(line.at)}</td>
    <td class="py-[2.5px] pr-3 font-semibold whitespace-nowrap">{line.place ?? ''}</td>
    <td class="py-[2.5px] pr-3">
      <b>{line.action}</b>
      <span class="text-muted"
        >{line.dish}{line.amounts.length ? `: ${line.amounts.join(', ')}` : ''}</span
      >
      {#if line.setting}<b> · {line.setting}</b>{/if}{#if line.detail}<span>
          · {line.detail}</span
        >{/if}
      {#if line.caution && line.caution.code === 'centre-temperature'}<b>
          · {line.caution.text} (USDA FSIS)</b
        >{/if}
    </td>
    <td class="py-[2.5px] text-right whitespace-nowrap text-muted"
      >{line.isHands && line.minutes > 0 ? `${line.minutes} min` : ''}</td
    >
    <td class="py-[2.5px] pl-3"
      ><span class="inline-block size-[1.1em] rounded-sm border border-ink align-[-0.15em]"
      ></span></td
    >
  </tr>
{/snippet}

<div class="mb-4 flex gap-3 print:hidden">
  <button class="btn btn-strong" onclick={() => print()}>Print this sheet</button>
  <a class="btn" href="/meals/{data.meal.id}">Back to the meal</a>
</div>

<article class="sheet card p-6 print:border-0 print:p-0" style:--size="{size}px">
  <header class="mb-2 flex flex-wrap items-baseline justify-between gap-x-6">
    <h1 class="text-2xl font-extrabold">{data.meal.name}</h1>
    <p>
      {formatDay(data.serveAt, data.kitchen)} · {data.meal.batch
        ? 'a batch day'
        : `${data.meal.servings} people`} ·
      <b>{end} {clock(data.totals.ready)}</b>
    </p>
  </header>
  <p class="mb-2">
    Start at {clock(data.totals.firstStart)}, {formatMinutes(data.totals.handsOn)} hands-on.
  </p>
  <table class="w-full text-left leading-snug">
    <thead class="sr-only"
      ><tr><th>Time</th><th>Where</th><th>What</th><th>Minutes</th><th>Done</th></tr></thead
    >
    <tbody>
      {#each before as line (line.stepId)}{@render row(line)}{/each}
      <tr class="border-y-2 border-ink"
        ><td class="py-1 font-extrabold">{clock(data.totals.ready)}</td><td
          colspan="4"
          class="py-1 font-extrabold first-letter:uppercase">{end}</td
        ></tr
      >
      {#each after as line (line.stepId)}{@render row(line)}{/each}
    </tbody>
  </table>
  <p class="mt-2 text-[0.95em] text-muted">
    Check valve, pin and ring before each cycle; never open while the pin is up; keep your hand
    beside the valve. The cooker’s manual, the thermometer and local food-safety advice come before
    this sheet.
  </p>
</article>

<style>
  @page {
    size: A4;
    margin: 12mm;
  }
  @media print {
    .sheet {
      font-size: var(--size);
    }
  }
</style>
