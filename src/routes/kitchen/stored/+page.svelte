<script lang="ts">
  /** What is kept of the household, where, and how to be rid of it. */
  import { enhance } from '$app/forms';
  import type { StoredKind } from '$lib/server/stored';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  const SAID: Readonly<Record<StoredKind, { name: string; what: string }>> = {
    kitchen: {
      name: 'Kitchen',
      what: 'Cookers and what was learned of them, places, and people with what they can’t eat.',
    },
    dishes: {
      name: 'Dishes',
      what: 'Dishes with the texts they came from, and what they were before.',
    },
    photos: { name: 'Photos', what: 'Of dishes and of plates.' },
    meals: { name: 'Meals', what: 'Meals with their plans and guests.' },
    evenings: {
      name: 'Evenings',
      what: 'Who tapped what and when, what was said of the food, and what follows for pots and hands.',
    },
    stores: { name: 'Freezer and fridge', what: 'What lies there, and what was taken out when.' },
    lists: { name: 'Lists', what: 'What is in the house, prices, and what was ticked off.' },
    devices: {
      name: 'Devices',
      what: 'Names of the devices that came in, when they were seen, and from where a wrong passcode came. Removed, each has to come in again.',
    },
    copies: { name: 'Copies', what: 'Files with everything, made once a day or by hand.' },
  };
  const size = (bytes: number): string =>
    bytes < 1e6 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1e6).toFixed(1)} MB`;
  const isCooking = $derived(data.stored.some((s) => s.kind === 'evenings' && s.count > 0));
  const removedName = $derived(
    form?.removed && form.removed !== 'all' ? SAID[form.removed].name : null,
  );
</script>

<svelte:head><title>What is stored · Kitchen · Olive Clock</title></svelte:head>

<p class="text-sm"><a href="/kitchen" class="text-muted hover:underline">Kitchen</a></p>
<h1 class="text-4xl font-extrabold tracking-tight">What is stored</h1>
<p class="mt-1 max-w-2xl text-muted">
  All of it stays on the machine that serves this page{#if data.file}, in
    <code class="break-all">{data.file}</code>{/if}. Nothing is sent anywhere, and nothing is
  counted. Each browser keeps its own settings, and the evening it cooks, until the browser’s data
  is cleared.
</p>
<p class="mt-2">
  <a class="underline" href="/kitchen#household">Save a household file first</a>: what is removed
  here does not come back.
</p>

<div role="status" aria-live="polite" class="mt-3 min-h-6 font-semibold text-leaf-ink">
  {#if form?.removed === 'all'}{isCooking
      ? 'Everything was removed but the evening that is under way.'
      : 'Everything was removed.'}{:else if removedName}{removedName}: removed.{/if}
</div>

<ul class="mt-2 max-w-3xl divide-y divide-line card px-5">
  {#each data.stored as { kind, count, bytes } (kind)}
    {@const { name, what } = SAID[kind]}
    <li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-3">
      <div class="min-w-0 basis-full sm:flex-1 sm:basis-72">
        <h2 class="font-bold">{name}</h2>
        <p class="text-[15px] text-muted">{what}</p>
      </div>
      <span class="tabular-nums sm:w-28 sm:text-right" data-testid="count-{kind}"
        >{count}{bytes ? `, ${size(bytes)}` : ''}</span
      >
      <form
        method="POST"
        action="?/remove"
        use:enhance={({ cancel }) => {
          if (!confirm(`${name}: all ${count} are removed for good. Go on?`)) cancel();
        }}
      >
        <input type="hidden" name="kind" value={kind} />
        <button class="btn btn-quiet" disabled={count === 0} aria-label="Remove: {name}"
          >Remove</button
        >
      </form>
    </li>
  {/each}
</ul>
<p class="mt-2 max-w-3xl text-[15px] text-muted">
  An evening that was begun within the last twelve hours stays, for somebody may be cooking it.
</p>

<section aria-labelledby="all" class="mt-8 max-w-3xl card p-5">
  <h2 id="all" class="text-xl font-bold">Everything at once, with its copies</h2>
  <form method="POST" action="?/removeAll" use:enhance class="mt-2 flex flex-wrap items-end gap-3">
    <label class="text-[15px] text-muted"
      >Write “remove” to be sure<input
        class="mt-1 block field w-40 text-ink"
        name="sure"
        autocomplete="off"
      /></label
    >
    <button class="btn">Remove everything</button>
  </form>
  {#if form?.problem}<p class="mt-2 font-semibold text-pimento" role="alert">{form.problem}</p>{/if}
  <p class="mt-2 text-[15px] text-muted">
    The passcode stays; take it away on the machine: <code>npm run passcode -- --off</code>.
  </p>
</section>
