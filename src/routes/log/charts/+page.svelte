<script lang="ts">
  import { G_PER_LB } from '$core/facts';
  import { monthName, shortDay } from '$core/units';
  import Chart from '$lib/ui/chart/chart.svelte';
  import type { Curve } from '$lib/ui/chart/types';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();

  const charts = $derived(data.charts);
  const pots = $derived(
    charts.cookers
      .map((name, look) => ({ name, look, own: charts.comeUps.filter((c) => c.cooker === name) }))
      .filter(({ own }) => own.length > 0),
  );
  const isUs = $derived(data.conventions.system === 'us');
  /** A weight in the household's unit, in which the axis is. */
  const weight = (kg: number): number =>
    Math.round((isUs ? (kg * 1000) / G_PER_LB : kg) * 100) / 100;
  const unit = $derived(isUs ? 'lb' : 'kg');
  /** So many days stand under bars without touching. */
  const MOST_DAYS = 8;
  const most = $derived(Math.max(10, ...charts.comeUps.flatMap((c) => [c.planned, c.real])));
  const predicted = $derived<Curve>({
    title: data.titles.comeUps,
    xTitle: 'planned, min',
    yTitle: 'real, min',
    series: [
      { name: 'as planned', x: [0, most], y: [0, most], dash: true, faint: true },
      ...pots.map(({ name, look, own }) => ({
        name,
        look,
        as: 'points' as const,
        x: own.map((c) => c.planned),
        y: own.map((c) => c.real),
        text: own.map((c) => `${c.evening}: ${c.planned} planned, ${c.real} real`),
      })),
    ],
  });
  const byFill = $derived<Curve>({
    title: data.titles.filling,
    xTitle: `in the pot, ${unit}`,
    yTitle: 'time to pressure, min',
    series: pots.map(({ name, look, own }) => {
      const known = own.flatMap((c) => (c.kg === null ? [] : [{ ...c, weight: weight(c.kg) }]));
      return {
        name,
        look,
        as: 'points' as const,
        x: known.map((c) => c.weight),
        y: known.map((c) => c.real),
        text: known.map((c) => `${c.evening}: ${c.weight} ${unit}, ${c.real} min`),
      };
    }),
  });
  /** Two evenings of one day are two bars. */
  const keyOf = (e: { day: string; name: string }): string => `${e.day} ${e.name}`;
  const days = $derived.by(() => {
    const each = Math.ceil(charts.evenings.length / MOST_DAYS);
    const shown = charts.evenings.filter((_, i) => i % each === 0);
    return { at: shown.map(keyOf), say: shown.map((e) => shortDay(e.day, data.today)) };
  });
  const record = $derived<Curve>({
    title: data.titles.lateness,
    xTitle: '',
    yTitle: 'late (under 0: early), min',
    ticks: days,
    series: [
      {
        name: 'late',
        as: 'bars',
        x: charts.evenings.map(keyOf),
        y: charts.evenings.map((e) => e.late),
        text: charts.evenings.map(
          (e) => `${e.name}, ${shortDay(e.day, data.today)}: ${e.late} min`,
        ),
      },
    ],
  });
  const freezer = $derived<Curve>({
    title: data.titles.held,
    xTitle: '',
    yTitle: 'portions',
    ticks: {
      at: charts.freezer.map((f) => f.month),
      say: charts.freezer.map((f) => monthName(f.month)),
    },
    series: [
      {
        name: 'portions',
        as: 'bars',
        x: charts.freezer.map((f) => f.month),
        y: charts.freezer.map((f) => f.portions),
      },
    ],
  });
</script>

<svelte:head><title>Charts · Log · Olive Clock</title></svelte:head>

<p class="text-sm"><a href="/log" class="text-muted hover:underline">Log</a></p>
<h1 class="text-4xl font-extrabold tracking-tight">Charts</h1>
<p class="mt-1 text-muted">
  What was planned and what happened. The same in numbers:
  <a class="underline" href="/log/log.csv" download>everything as CSV</a>.
</p>

<div class="mt-6 grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-2">
  {#each [{ curve: predicted, has: charts.comeUps.length > 0, none: 'No cycle has been tapped yet.' }, { curve: byFill, has: charts.comeUps.some((c) => c.kg !== null), none: 'No cycle with a known filling yet.' }, { curve: record, has: charts.evenings.length > 0, none: 'No evening has been served yet.' }, { curve: freezer, has: charts.freezer.length > 0, none: 'Nothing was put into the freezer yet.' }] as { curve, has, none } (curve.title)}
    {#if has}
      <Chart {curve} />
    {:else}
      <section class="card border-dashed p-5">
        <h2 class="font-bold">{curve.title}</h2>
        <p class="text-muted">{none}</p>
      </section>
    {/if}
  {/each}
</div>
