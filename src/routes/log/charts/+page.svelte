<script lang="ts">
  import Chart from '$lib/ui/chart/chart.svelte';
  import type { Curve } from '$lib/ui/chart/types';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();

  const charts = $derived(data.charts);
  const cookers = $derived([...new Set(charts.comeUps.map((c) => c.cooker))]);
  const most = $derived(Math.max(10, ...charts.comeUps.flatMap((c) => [c.planned, c.real])));
  const predicted = $derived<Curve>({
    title: 'Time to pressure: planned and real, min',
    xTitle: 'planned, min',
    yTitle: 'real, min',
    series: [
      { name: 'as planned', x: [0, most], y: [0, most], dash: true },
      ...cookers.map((name) => {
        const own = charts.comeUps.filter((c) => c.cooker === name);
        return {
          name,
          as: 'points' as const,
          x: own.map((c) => c.planned),
          y: own.map((c) => c.real),
          text: own.map((c) => `${c.evening}: ${c.planned} planned, ${c.real} real`),
        };
      }),
    ],
  });
  const byFill = $derived<Curve>({
    title: 'Time to pressure by what is in the pot',
    xTitle: 'in the pot, kg',
    yTitle: 'time to pressure, min',
    series: cookers.map((name) => {
      const own = charts.comeUps.filter((c) => c.cooker === name && c.kg !== null);
      return {
        name,
        as: 'points' as const,
        x: own.map((c) => c.kg ?? 0),
        y: own.map((c) => c.real),
        text: own.map((c) => `${c.evening}: ${c.kg} kg, ${c.real} min`),
      };
    }),
  });
  const record = $derived<Curve>({
    title: 'On time: minutes late (over 0) or early, evening by evening',
    xTitle: '',
    yTitle: 'late, min',
    series: [
      {
        name: 'late',
        as: 'bars',
        x: charts.evenings.map((e) => `${e.day} ${e.name}`.slice(0, 40)),
        y: charts.evenings.map((e) => e.late),
        text: charts.evenings.map((e) => `${e.name}, ${e.day}: ${e.late} min`),
      },
    ],
  });
  const freezer = $derived<Curve>({
    title: 'Portions in the freezer at the end of each month',
    xTitle: '',
    yTitle: 'portions',
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
