<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { formatDay, formatMinutes, formatTime, sayChance } from '$core/units';
  import { FindField, Pager } from '$lib/ui/controls';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  type Variant = (typeof data.variants)[number];

  const chosen = $derived(data.variants.map((v) => v.id));
  function toggle(id: string, on: boolean): void {
    const ids = on ? [...chosen, id].slice(-data.most) : chosen.filter((c) => c !== id);
    void goto(`?${withIds(ids)}`, {
      noScroll: true,
      keepFocus: true,
    });
  }
  /** What is looked for among the meals stays in the address. */
  function withIds(ids: string[]): string {
    const others = [...page.url.searchParams].filter(([name]) => name !== 'ids');
    return new URLSearchParams([['ids', ids.join(',')], ...others]).toString();
  }
  const clock = (v: Variant, minute: number): string =>
    formatTime(Date.parse(v.serveAt) + minute * 60_000, data.kitchen);
  const rows: [string, (v: Variant, o: NonNullable<Variant['outlook']>) => string][] = [
    ['Start', (v, o) => clock(v, o.start)],
    ['Ready', (v, o) => clock(v, o.delay)],
    ['From start to table', (_, o) => formatMinutes(o.delay - o.start)],
    ['Hands', (_, o) => formatMinutes(o.handsOn)],
    ['Longest free stretch', (_, o) => formatMinutes(o.longestGap)],
    ['Longest work', (_, o) => formatMinutes(o.longestWork)],
    ['Chance of being on time', (_, o) => (o.delay > 0 ? 'late' : sayChance(o.chance))],
    ['Over the line', (_, o) => (o.stops === 0 ? 'nothing' : `${o.stops} dishes`)],
  ];
  const waits = (v: Variant): [string, number][] =>
    Object.entries(v.outlook?.waits ?? {})
      .filter(([, minutes]) => minutes > 0)
      .map(([id, minutes]): [string, number] => [v.dishes[id] ?? id, minutes])
      .sort((a, b) => b[1] - a[1]);
</script>

<svelte:head><title>Compare meals · Olive Clock</title></svelte:head>

<h1 class="text-4xl font-extrabold tracking-tight">Side by side</h1>
<p class="mt-1 text-muted">
  Up to {data.most} meals, or variants of one: make one with “Variant” on the meal’s page.
</p>

<fieldset class="mt-4 flex flex-wrap gap-2">
  <legend class="label">Which</legend>
  {#each data.meals as meal (meal.id)}
    <label
      class="flex min-h-11 cursor-pointer items-center gap-2 card px-3 {chosen.includes(meal.id)
        ? 'border-olive'
        : ''}"
      ><input
        type="checkbox"
        class="tick"
        checked={chosen.includes(meal.id)}
        onchange={(e) => toggle(meal.id, e.currentTarget.checked)}
      /><span
        ><b>{meal.name}</b>
        <span class="text-muted">{formatDay(Date.parse(meal.serveAt), data.kitchen)}</span></span
      ></label
    >
  {/each}
</fieldset>
{#if data.behind.all > data.behind.size || data.find}
  <div class="mt-3 max-w-80"><FindField label="Find a meal that is behind by its name" /></div>
  <Pager shelf={data.behind} about="meals behind" />
{/if}

{#if data.variants.length === 0}
  <p class="mt-6 card border-dashed p-6 text-muted">Choose two meals to see them side by side.</p>
{:else}
  <div class="mt-6 overflow-x-auto card p-4">
    <table class="w-full text-left">
      <thead>
        <tr>
          <td></td>
          {#each data.variants as variant (variant.id)}
            <th class="min-w-44 px-3 pb-2 align-bottom text-lg"
              ><a class="underline-offset-4 hover:underline" href="/meals/{variant.id}"
                >{variant.name}</a
              ></th
            >
          {/each}
        </tr>
      </thead>
      <tbody>
        {#each rows as [label, read] (label)}
          <tr class="border-t border-line">
            <th scope="row" class="py-2 pr-3 font-normal text-muted">{label}</th>
            {#each data.variants as variant (variant.id)}
              <td class="px-3 py-2 font-semibold"
                >{variant.outlook ? read(variant, variant.outlook) : 'not planned yet'}</td
              >
            {/each}
          </tr>
        {/each}
        <tr class="border-t border-line align-top">
          <th scope="row" class="py-2 pr-3 font-normal text-muted">Kept warm</th>
          {#each data.variants as variant (variant.id)}
            <td class="px-3 py-2 text-[15px]">
              {#each waits(variant) as [dish, minutes] (dish)}<p>
                  {dish}: {formatMinutes(minutes)}
                </p>{:else}nothing{/each}
            </td>
          {/each}
        </tr>
      </tbody>
    </table>
  </div>
{/if}
