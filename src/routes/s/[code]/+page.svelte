<script lang="ts">
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import Tape from '$lib/ui/stores/tape.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  const { item } = $derived(data);
  const isEmpty = $derived(item.portions === 0);
</script>

<svelte:head><title>{item.name} · Olive Clock</title></svelte:head>

<h1 class="text-3xl font-extrabold tracking-tight break-words">{item.name}</h1>
<p class="mt-1 mb-4 text-lg text-muted">
  {isEmpty
    ? 'All of it has been taken out.'
    : `${item.portions} ${item.portions === 1 ? 'portion' : 'portions'}, ${data.place}.`}
</p>

{#if form && 'problem' in form && form.problem}
  <p role="alert" class="mb-3 font-semibold text-pimento">{form.problem}</p>
{/if}
{#if form && 'taken' in form && form.taken}
  <form
    method="POST"
    action="?/putBack"
    use:enhance
    class="mb-3 flex items-center gap-3"
    role="status"
  >
    <span class="font-semibold text-leaf-ink">{form.taken} taken.</span>
    <button class="btn" name="portions" value={form.taken}>Undo</button>
  </form>
{/if}
{#if form && 'moved' in form && form.moved}
  <p role="status" class="mb-3 font-semibold text-leaf-ink">It is in {form.moved} now.</p>
{/if}

{#if !isEmpty}
  <form method="POST" action="?/take" use:enhance class="mb-3 flex flex-wrap gap-2">
    <button class="btn min-h-12 btn-strong" name="portions" value={Math.min(1, item.portions)}
      >Take {Math.min(1, item.portions)}</button
    >
    {#if item.portions > 1}
      <button class="btn min-h-12" name="portions" value={item.portions}
        >Take all {item.portions}</button
      >
    {/if}
  </form>
  <form method="POST" action="?/take" use:enhance class="mb-3 flex flex-wrap items-center gap-2">
    <input type="hidden" name="what" value="thrown" />
    <input type="hidden" name="portions" value={item.portions} />
    <label class="flex items-center gap-2"
      ><span class="text-muted">or throw it away:</span><select name="note" class="field w-auto"
        ><option>past its day</option><option>spoiled</option><option>freezer burn</option><option
          >nobody liked it</option
        ><option>label unreadable</option></select
      ></label
    >
    <button class="btn min-h-12 btn-quiet">Throw away</button>
  </form>
  {#if data.places.length > 0}
    <form method="POST" action="?/move" use:enhance class="mb-5 flex flex-wrap items-center gap-2">
      <label class="flex items-center gap-2"
        ><span class="text-muted">or move it to</span><select name="to" class="field w-auto"
          >{#each data.places as place (place.id)}<option value={place.id}>{place.name}</option
            >{/each}</select
        ></label
      >
      <button class="btn min-h-12 btn-quiet">Move</button>
    </form>
  {/if}
{/if}

<div class="max-w-xl"><Tape {item} origin={page.url.origin} /></div>
<p class="mt-4 flex flex-wrap gap-2">
  <a class="btn" href="/stores/labels?codes={item.code}">Print this label</a>
  <a class="btn" href="/stores">Stores</a>
  {#if item.dishId}<a class="btn" href="/dishes/{item.dishId}">The dish</a>{/if}
</p>
