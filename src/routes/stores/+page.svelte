<script lang="ts">
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import { toast } from 'svelte-sonner';
  import { deserialize } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import { byDue, daysLeft, placeOfItem, type StoreItem } from '$core/stores';
  import { formatDay, shortDay } from '$core/units';
  import PlaceRoom from '$lib/ui/stores/place-room.svelte';
  import Tape from '$lib/ui/stores/tape.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  const errors = $derived<Record<string, string>>(
    form && 'errors' in form ? (form.errors as Record<string, string>) : {},
  );
  const packed = $derived(form && 'packed' in form ? (form.packed as StoreItem) : null);
  let find = $state('');
  let order = $state<keyof typeof ORDERS>('due');
  const ORDERS = {
    due: { name: 'due first', by: byDue },
    name: { name: 'by name', by: (a: StoreItem, b: StoreItem) => a.name.localeCompare(b.name) },
    packed: {
      name: 'packed last first',
      by: (a: StoreItem, b: StoreItem) => b.packedOn.localeCompare(a.packedOn),
    },
  };
  const ordered = $derived([...data.items].sort(ORDERS[order].by));
  const shown = $derived.by(() => {
    const wanted = find.trim().toLowerCase();
    return ordered.filter((i) => `${i.name} ${i.code}`.toLowerCase().includes(wanted));
  });
  const kinds = ['freezer', 'fridge'] as const;
  const places = $derived(data.kitchen.places);
  /** So many are shown at first: a list of years stays quick. */
  const FIRST = 60;
  let open = $state<Record<string, boolean>>({});
  const spotOf = (item: StoreItem): string =>
    placeOfItem(item, places)?.id === places.find((p) => p.kind === item.place)?.id
      ? ''
      : (placeOfItem(item, places)?.name ?? '');
  let throwing = $state<StoreItem | null>(null);
  const REASONS = [
    'past its day',
    'spoiled',
    'freezer burn',
    'nobody liked it',
    'label unreadable',
  ];

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
    return { text: `use by ${shortDay(item.useBy, data.today)}`, look: 'text-muted' };
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
  async function take(
    item: StoreItem,
    portions: number,
    what: 'out' | 'thrown',
    note = '',
  ): Promise<void> {
    const fields = { id: item.id, portions: String(portions), what, note };
    throwing = null;
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
  <div class="flex flex-wrap items-end gap-2">
    <label class="label"
      >Find by name or code<input class="mt-1 field text-ink" bind:value={find} /></label
    >
    <label class="label"
      >Order<select class="mt-1 field text-ink" bind:value={order}
        >{#each Object.entries(ORDERS) as [key, { name }] (key)}<option value={key}>{name}</option
          >{/each}</select
      ></label
    >
    <a class="btn" href="/stores/week">A week from stock</a>
    <a class="btn" href="/stores/labels">Print labels</a>
  </div>
</header>

<div class="mt-6 grid gap-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
  <div class="grid h-fit gap-6">
    {#each kinds as place (place)}
      {@const own = shown.filter((i) => i.place === place)}
      {@const rooms = data.rooms.filter((r) => r.place.kind === place)}
      {@const listed = open[place] ? own : own.slice(0, FIRST)}
      <section aria-labelledby="place-{place}">
        <h2 id="place-{place}" class="mb-2 text-xl font-bold first-letter:uppercase">
          {place}
          <span class="font-normal text-muted"
            >{own.reduce((sum, i) => sum + i.portions, 0)} portions</span
          >
        </h2>
        <p class="mb-2 flex flex-wrap gap-x-6 gap-y-1">
          {#each rooms as room (room.place.id)}<PlaceRoom {room} label={room.place.name} />{/each}
        </p>
        <ul class="card px-4">
          {#each listed as item (item.id)}
            {@const state = due(item)}
            <li
              class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-2.5 first:border-0"
            >
              <span class="min-w-48 flex-1"
                ><b>{item.name}</b> <span class="text-[15px] text-muted">{item.code}</span>
                <span class="block text-[15px]"
                  ><span class={state.look}>{state.text}</span>
                  <span class="text-muted"
                    >· packed {shortDay(item.packedOn, data.today)}{spotOf(item)
                      ? ` · ${spotOf(item)}`
                      : ''}</span
                  ></span
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
                <label
                  ><span class="sr-only">Move {item.name}</span><select
                    class="field w-auto max-w-32 text-[15px]"
                    value=""
                    onchange={(e) =>
                      void send('?/move', { id: item.id, to: e.currentTarget.value })}
                  >
                    <option value="">Move to…</option>
                    {#each places.filter((p) => p.id !== placeOfItem(item, places)?.id) as other (other.id)}<option
                        value={other.id}>{other.name}</option
                      >{/each}
                  </select></label
                >
                <button
                  type="button"
                  class="btn btn-quiet"
                  aria-expanded={throwing?.id === item.id}
                  onclick={() => (throwing = throwing?.id === item.id ? null : item)}
                  >Throw away<span class="sr-only"> {item.name}</span></button
                >
              </span>
              {#if throwing?.id === item.id}
                <span class="flex w-full flex-wrap items-center gap-1.5 pb-1" role="group"
                  ><span class="text-[15px] text-muted">All of it, because it is</span>
                  {#each REASONS as reason (reason)}<button
                      type="button"
                      class="btn min-h-9 px-2.5 text-[15px]"
                      onclick={() => void take(item, item.portions, 'thrown', reason)}
                      >{reason}</button
                    >{/each}
                </span>
              {/if}
            </li>
          {:else}
            <li class="py-4 text-muted">
              {find
                ? 'Nothing of that name here.'
                : `Nothing in the ${place}. Pack a dish, and its label and day are here.`}
            </li>
          {/each}
          {#if listed.length < own.length}
            <li class="border-t border-line py-2">
              <button type="button" class="btn btn-quiet" onclick={() => (open[place] = true)}
                >Show {own.length - listed.length} more</button
              >
            </li>
          {/if}
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
              >{#each places as p (p.id)}<option value={p.id}>{p.name}</option>{:else}<option
                  value="freezer">freezer</option
                ><option value="fridge">fridge</option>{/each}</select
            ></label
          >
          <label class="label"
            >It is<select name="state" class="mt-1 field text-ink"
              ><option value="cooked">cooked</option><option value="raw">still to cook</option
              ></select
            ></label
          >
          <label class="label"
            >Shape<select name="shape" class="mt-1 field text-ink"
              ><option value="flat">flat or in a box</option><option value="mound"
                >round, for the liner</option
              ></select
            ></label
          >
          <label class="label"
            >Thick, mm<input
              name="thicknessMm"
              type="number"
              min="5"
              max="200"
              value="40"
              aria-invalid={!!errors.thicknessMm}
              class="mt-1 field text-ink"
            /></label
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
