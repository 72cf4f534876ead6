<script lang="ts">
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import { toast } from 'svelte-sonner';
  import { deserialize } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import { byDue, daysLeft, type StoreItem } from '$core/stores';
  import { formatDay } from '$core/units';
  import Tape from '$lib/ui/stores/tape.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  const errors = $derived<Record<string, string>>(
    form && 'errors' in form ? (form.errors as Record<string, string>) : {},
  );
  const packed = $derived(form && 'packed' in form ? (form.packed as StoreItem) : null);
  let find = $state('');
  const shown = $derived(
    [...data.items]
      .sort(byDue)
      .filter((i) => `${i.name} ${i.code}`.toLowerCase().includes(find.trim().toLowerCase())),
  );
  const places = ['freezer', 'fridge'] as const;

  function due(item: StoreItem): { text: string; look: string } {
    const days = daysLeft(item, data.today);
    if (days < 0)
      return item.why === 'safety'
        ? { text: `${-days} d past its day: throw it away`, look: 'text-pimento font-bold' }
        : { text: `${-days} d past its best; still safe`, look: 'text-ember-ink font-semibold' };
    if (days <= (item.place === 'fridge' ? 1 : 14))
      return {
        text: days === 0 ? 'due today' : `due in ${days} d`,
        look: 'text-ember-ink font-semibold',
      };
    return { text: `use by ${item.useBy}`, look: 'text-muted' };
  }

  async function send(action: string, fields: Record<string, string>): Promise<boolean> {
    const body = new FormData();
    for (const [key, value] of Object.entries(fields)) body.set(key, value);
    const response = await fetch(action, { method: 'POST', body });
    const result = deserialize(await response.text());
    await invalidateAll();
    if (result.type === 'success') return true;
    toast.error(
      result.type === 'failure'
        ? String(result.data?.problem)
        : 'The server can’t be reached. Try again.',
    );
    return false;
  }
  async function take(item: StoreItem, portions: number, what: 'out' | 'thrown'): Promise<void> {
    const fields = { id: item.id, portions: String(portions), what };
    if (!(await send('?/take', fields))) return;
    toast.success(`${item.name}: ${portions} ${what === 'out' ? 'taken out' : 'thrown away'}.`, {
      action: { label: 'Undo', onClick: () => void send('?/putBack', fields) },
    });
  }
  const MOVE = { in: 'put in', out: 'taken out', moved: 'moved', thrown: 'thrown away' } as const;
</script>

<svelte:head><title>Stores · Olive Clock</title></svelte:head>

<header class="flex flex-wrap items-end justify-between gap-3">
  <div>
    <h1 class="text-4xl font-extrabold tracking-tight">Stores</h1>
    <p class="mt-1 text-muted">What lies in the freezer and the fridge, due first.</p>
  </div>
  <div class="flex items-end gap-2">
    <label class="label"
      >Find by name or code<input class="mt-1 field text-ink" bind:value={find} /></label
    >
    <a class="btn" href="/stores/labels">Print labels</a>
  </div>
</header>

<div class="mt-6 grid gap-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
  <div class="grid h-fit gap-6">
    {#each places as place (place)}
      {@const own = shown.filter((i) => i.place === place)}
      <section aria-labelledby="place-{place}">
        <h2 id="place-{place}" class="mb-2 text-xl font-bold first-letter:uppercase">
          {place}
          <span class="font-normal text-muted"
            >{own.reduce((sum, i) => sum + i.portions, 0)} portions</span
          >
        </h2>
        <ul class="card px-4">
          {#each own as item (item.id)}
            {@const state = due(item)}
            <li
              class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-2.5 first:border-0"
            >
              <span class="min-w-48 flex-1"
                ><b>{item.name}</b>
                <span class="block text-[15px]"
                  ><span class={state.look}>{state.text}</span>
                  <span class="text-muted">· packed {item.packedOn} · {item.code}</span></span
                ></span
              >
              <b class="tabular-nums">{item.portions}</b>
              <span class="flex flex-wrap gap-1">
                <button
                  type="button"
                  class="btn"
                  onclick={() => void take(item, Math.min(1, item.portions), 'out')}
                  >Take 1<span class="sr-only"> of {item.name}</span></button
                >
                <button
                  type="button"
                  class="btn btn-quiet"
                  onclick={() => void take(item, item.portions, 'out')}
                  >All<span class="sr-only"> of {item.name}</span></button
                >
                <button
                  type="button"
                  class="btn btn-quiet"
                  onclick={() =>
                    void send('?/move', {
                      id: item.id,
                      to: item.place === 'freezer' ? 'fridge' : 'freezer',
                    })}
                  >{item.place === 'freezer' ? 'To the fridge' : 'Freeze'}<span class="sr-only"
                    >: {item.name}</span
                  ></button
                >
                <button
                  type="button"
                  class="btn btn-quiet"
                  onclick={() => void take(item, item.portions, 'thrown')}
                  >Throw away<span class="sr-only"> {item.name}</span></button
                >
              </span>
            </li>
          {:else}
            <li class="py-4 text-muted">
              {find
                ? 'Nothing of that name here.'
                : `Nothing in the ${place}. Pack a dish, and its label and day are here.`}
            </li>
          {/each}
        </ul>
      </section>
    {/each}
    {#if data.moves.length > 0}
      <details>
        <summary class="min-h-9 cursor-pointer font-bold">What happened</summary>
        <ul>
          {#each data.moves as move (move.seq)}
            <li class="py-0.5 text-[15px]">
              {formatDay(move.at, data.kitchen)}: {move.portions}
              {move.name}, {MOVE[move.what as keyof typeof MOVE]}{move.note
                ? ` (${move.note})`
                : ''}
            </li>
          {/each}
        </ul>
      </details>
    {/if}
  </div>

  <div class="grid h-fit gap-5">
    <section aria-labelledby="pack" class="card p-5">
      <h2 id="pack" class="mb-3 text-xl font-bold">Pack a dish</h2>
      <form method="POST" action="?/pack" use:enhance novalidate class="grid gap-3">
        <label class="label"
          >What<select name="dish" class="mt-1 field text-ink"
            >{#each data.dishes as dish (dish.id)}<option value={dish.id}>{dish.name}</option
              >{/each}</select
          ></label
        >
        {#if errors.dish}<p class="text-sm font-semibold text-pimento">{errors.dish}</p>{/if}
        <div class="grid grid-cols-2 gap-3">
          <label class="label"
            >Portions<input
              name="portions"
              type="number"
              min="0.5"
              step="0.5"
              value="4"
              aria-invalid={!!errors.portions}
              class="mt-1 field text-ink"
            /></label
          >
          <label class="label"
            >Into the<select name="place" class="mt-1 field text-ink"
              ><option value="freezer">freezer</option><option value="fridge">fridge</option
              ></select
            ></label
          >
          <label class="label"
            >It is<select name="state" class="mt-1 field text-ink"
              ><option value="cooked">cooked</option><option value="raw">still to cook</option
              ></select
            ></label
          >
          <label class="label"
            >Packed on<input
              name="packedOn"
              type="date"
              value={data.today}
              aria-invalid={!!errors.packedOn}
              class="mt-1 field text-ink"
            /></label
          >
        </div>
        {#each Object.values(errors).slice(0, 1) as error (error)}
          <p class="text-sm font-semibold text-pimento" role="alert">{error}</p>
        {/each}
        <button class="btn btn-strong">Pack it</button>
        <p class="text-sm text-muted">
          Cool it within two hours first, shallow (USDA FSIS); <a
            class="underline"
            href="/bench?q=cool">ask the Bench how fast</a
          >. Write the label before filling.
        </p>
      </form>
    </section>
    {#if packed}<div aria-live="polite">
        <Tape item={packed} origin={page.url.origin} />
      </div>{/if}
  </div>
</div>
