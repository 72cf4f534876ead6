<script lang="ts">
  import { page } from '$app/state';
  import Tape from '$lib/ui/stores/tape.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  let columns = $state(2);
  let left = $state<string[]>([]);
  const shown = $derived(data.items.filter((i) => !left.includes(i.id)));
</script>

<svelte:head><title>Labels · Olive Clock</title></svelte:head>

<header class="mb-4 flex flex-wrap items-end justify-between gap-3 print:hidden">
  <div>
    <p class="text-sm"><a href="/stores" class="text-muted hover:underline">Stores</a></p>
    <h1 class="text-4xl font-extrabold tracking-tight">Labels</h1>
  </div>
  <div class="flex items-end gap-2">
    <label class="label"
      >Across the sheet<select class="mt-1 field text-ink" bind:value={columns}
        >{#each [1, 2, 3] as n (n)}<option value={n}>{n}</option>{/each}</select
      ></label
    >
    <button type="button" class="btn btn-strong" onclick={() => window.print()}>Print</button>
  </div>
</header>
<ul class="grid gap-3 print:gap-1" style:grid-template-columns="repeat({columns}, minmax(0, 1fr))">
  {#each shown as item (item.id)}
    <li class="break-inside-avoid">
      <Tape {item} origin={page.url.origin} />
      <button
        type="button"
        class="btn min-h-9 btn-quiet print:hidden"
        onclick={() => (left = [...left, item.id])}
        >Not this one<span class="sr-only">: {item.name}</span></button
      >
    </li>
  {:else}
    <li class="card border-dashed p-6 text-muted">
      No label to print: pack something in Stores first.
    </li>
  {/each}
</ul>
