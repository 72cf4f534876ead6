<script lang="ts">
  import { page } from '$app/state';
  import Tape from '$lib/ui/stores/tape.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>{data.item.name} · Olive Clock</title></svelte:head>

<h1 class="text-3xl font-extrabold tracking-tight">{data.item.name}</h1>
<p class="mt-1 mb-4 text-muted">
  {data.item.portions === 0
    ? 'All of it has been taken out.'
    : `${data.item.portions} portions in the ${data.item.place}.`}
</p>
<div class="max-w-xl"><Tape item={data.item} origin={page.url.origin} /></div>
<p class="mt-4 flex gap-2">
  <a class="btn" href="/stores">Stores</a>
  {#if data.item.dishId}<a class="btn" href="/dishes/{data.item.dishId}">The dish</a>{/if}
</p>
