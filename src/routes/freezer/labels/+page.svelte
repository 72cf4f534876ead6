<script lang="ts">
  import { page } from '$app/state';
  import { fitted } from '$lib/ui/storage/fit-label';
  import Tape from '$lib/ui/storage/tape.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();

  interface Sheet {
    name: string;
    columns: number;
    /** mm of one label; null on plain paper, where each is as high as it must be. */
    label: { width: number; height: number; gap: number } | null;
    page: string;
    margin: string;
  }
  /** Sizes that label sheets are sold in (common practice). */
  const SHEETS: readonly Sheet[] = [
    { name: 'plain paper, 2 across', columns: 2, label: null, page: 'A4', margin: '10mm' },
    { name: 'plain paper, 1 across', columns: 1, label: null, page: 'A4', margin: '10mm' },
    { name: 'plain paper, 3 across', columns: 3, label: null, page: 'A4', margin: '10mm' },
    {
      name: 'A4, 8 labels of 99.1 × 67.7 mm',
      columns: 2,
      label: { width: 99.1, height: 67.7, gap: 2.5 },
      page: 'A4',
      margin: '13.1mm 4.6mm',
    },
    {
      name: 'Letter, 10 labels of 4 × 2 in',
      columns: 2,
      label: { width: 101.6, height: 50.8, gap: 4.8 },
      page: 'Letter',
      margin: '12.7mm 4mm',
    },
  ];
  let chosen = $state(0);
  /** Labels of a sheet that was begun: so many places are empty already. */
  let skip = $state(0);
  let left = $state<string[]>([]);
  let tooLong = $state<Record<string, boolean>>({});
  const sheet = $derived(SHEETS[chosen] as Sheet);
  const shown = $derived(data.items.filter((i) => !left.includes(i.id)));
  const columns = $derived(
    sheet.label ? `repeat(2, ${sheet.label.width}mm)` : `repeat(${sheet.columns}, minmax(0, 1fr))`,
  );
  const cell = $derived(sheet.label ? `height:${sheet.label.height}mm;overflow:hidden` : '');

  /** The size of the paper follows the sheet. */
  $effect(() => {
    const rules = new CSSStyleSheet();
    rules.replaceSync(`@page { size: ${sheet.page}; margin: ${sheet.margin}; }`);
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, rules];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((s) => s !== rules);
    };
  });
</script>

<svelte:head><title>Labels · Olive Clock</title></svelte:head>

<header class="mb-4 flex flex-wrap items-end justify-between gap-3 print:hidden">
  <div>
    <p class="text-sm"><a href="/freezer" class="text-muted hover:underline">Freezer</a></p>
    <h1 class="text-4xl font-extrabold tracking-tight">Labels</h1>
  </div>
  <div class="flex flex-wrap items-end gap-2">
    <label class="label grid"
      >Sheet<select class="mt-1 field text-ink" bind:value={chosen}
        >{#each SHEETS as { name }, i (name)}<option value={i}>{name}</option>{/each}</select
      ></label
    >
    {#if sheet.label}
      <label class="label grid"
        >Begin after<select class="mt-1 field text-ink" bind:value={skip}
          >{#each { length: 10 } as _, n (n)}<option value={n}
              >{n === 0 ? 'a whole sheet' : `${n} used`}</option
            >{/each}</select
        ></label
      >
    {/if}
    <button type="button" class="btn btn-strong" onclick={() => window.print()}>Print</button>
  </div>
</header>
{#if data.full > 0}
  <p class="mb-3 banner banner-stop print:hidden">
    {data.full === 1 ? 'One of them has' : `${data.full} of them have`} no room in the freezers, by what
    is written down: make room, or eat or give away some.
  </p>
{/if}
{#if data.of > data.items.length}
  {@const { from, atOnce, of } = data}
  <p class="mb-3 flex flex-wrap items-center gap-x-4 text-muted print:hidden">
    Labels {from + 1}–{from + data.items.length} of {of}, packed last first.
    {#if from > 0}<a class="underline underline-offset-4" href="?from={Math.max(0, from - atOnce)}"
        >Packed later</a
      >{/if}
    {#if from + atOnce < of}<a class="underline underline-offset-4" href="?from={from + atOnce}"
        >Packed before</a
      >{/if}
  </p>
{/if}
<ul
  class="grid grid-cols-1 gap-3 sm:grid-cols-(--columns) print:grid-cols-(--columns) {sheet.label
    ? 'print:gap-y-0'
    : 'print:gap-1'}"
  style:--columns={columns}
  style:column-gap={sheet.label ? `${sheet.label.gap}mm` : undefined}
>
  {#if sheet.label}
    {#each { length: skip } as _, n (n)}<li
        class="rounded-md border-2 border-dashed border-line print:invisible"
        style={cell}
        aria-hidden="true"
      ></li>{/each}
  {/if}
  {#each shown as item (item.id)}
    <li class="break-inside-avoid">
      {#key chosen}
        <div
          style={cell}
          {@attach fitted(sheet.label !== null, (fits) => (tooLong[item.id] = !fits))}
        >
          <Tape {item} origin={page.url.origin} />
        </div>
      {/key}
      {#if tooLong[item.id]}<p class="text-sm font-semibold text-pimento print:hidden">
          Too much text for a label of this size: choose a larger one.
        </p>{/if}
      <button
        type="button"
        class="btn min-h-9 btn-quiet print:hidden"
        onclick={() => (left = [...left, item.id])}
        >Not this one<span class="sr-only">: {item.name}</span></button
      >
    </li>
  {:else}
    <li class="card border-dashed p-6 text-muted">
      No label to print: pack something in Freezer first.
    </li>
  {/each}
</ul>
