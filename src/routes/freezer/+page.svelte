<script lang="ts">
  import { page } from '$app/state';
  import { toast } from 'svelte-sonner';
  import { deserialize, enhance } from '$app/forms';
  import { goto, invalidateAll } from '$app/navigation';
  import { byDue, packedTogether, type StoreItem } from '$core/storage';
  import { formatDay } from '$core/units';
  import ItemGroup from '$lib/ui/storage/item-group.svelte';
  import ItemRow from '$lib/ui/storage/item-row.svelte';
  import PackForm from '$lib/ui/storage/pack-form.svelte';
  import PlaceRoom from '$lib/ui/storage/place-room.svelte';
  import { Menu } from '$lib/ui/controls';
  import ScanLabel from '$lib/ui/storage/scan-label.svelte';
  import Tape from '$lib/ui/storage/tape.svelte';
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
  /** Portions of dishes, and packs of raw food beside them. */
  function howMuch(items: readonly StoreItem[]): string {
    const sum = (list: readonly StoreItem[]): number => list.reduce((n, i) => n + i.portions, 0);
    const packs = sum(items.filter((i) => i.contents.kind === 'pack'));
    const portions = `${sum(items.filter((i) => i.contents.kind !== 'pack'))} portions`;
    return packs === 0 ? portions : `${portions}, ${packs} ${packs === 1 ? 'pack' : 'packs'}`;
  }
  const places = $derived(data.kitchen.places);
  /** So many are shown at first: a list of years stays quick. */
  const FIRST = 60;
  let open = $state<Record<string, boolean>>({});
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
    if (!(await send('?/take', fields))) return;
    toast.success(`${item.name}: ${portions} ${what === 'out' ? 'taken out' : 'thrown away'}.`, {
      action: { label: 'Undo', onClick: () => void send('?/putBack', fields) },
    });
  }
  const MOVE = { in: 'put in', out: 'taken out', moved: 'moved', thrown: 'thrown away' } as const;
</script>

{#snippet row(item: StoreItem)}
  <ItemRow
    {item}
    {places}
    today={data.today}
    ontake={(portions, what, note) => void take(item, portions, what, note)}
    onmove={(to) => void send('?/move', { id: item.id, to })}
  />
{/snippet}

<svelte:head><title>Freezer · Olive Clock</title></svelte:head>

<header class="flex flex-wrap items-end justify-between gap-3">
  <div>
    <h1 class="text-4xl font-extrabold tracking-tight">Freezer</h1>
    <p class="mt-1 text-muted">What is in the freezer and the fridge, soonest date first.</p>
  </div>
  <div class="flex flex-wrap items-end gap-2">
    <label class="label grid"
      >Find by name or code<input
        class="mt-1 field text-ink"
        bind:value={find}
        onkeydown={(e) => {
          const [only, another] = shown;
          if (e.key === 'Enter' && only && !another) void goto(`/s/${only.code}`);
        }}
      /></label
    >
    <label class="label grid"
      >Order<select class="mt-1 field text-ink" bind:value={order}
        >{#each Object.entries(ORDERS) as [key, { name }] (key)}<option value={key}>{name}</option
          >{/each}</select
      ></label
    >
    <ScanLabel />
    <a class="btn max-sm:hidden" href="/freezer/week">A week from stock</a>
    <a class="btn max-sm:hidden" href="/freezer/labels">Print labels</a>
    <span class="sm:hidden"
      ><Menu label="More" about="week and labels">
        <a class="menu-item" href="/freezer/week">A week from stock</a>
        <a class="menu-item" href="/freezer/labels">Print labels</a>
      </Menu></span
    >
  </div>
</header>

{#if data.lunches.length > 0}
  <section aria-labelledby="lunches" class="mt-4 banner banner-look">
    <h2 id="lunches" class="font-bold">Down into the fridge this evening</h2>
    <ul>
      {#each data.lunches as lunch (lunch.id)}<li>{lunch.name}</li>{/each}
    </ul>
    <form
      method="POST"
      action="?/moveLunches"
      use:enhance={() =>
        ({ update, result }) => {
          if (result.type === 'success')
            toast.success(
              data.lunches.length === 1
                ? 'The lunch is in the fridge.'
                : 'The lunches are in the fridge.',
            );
          return update();
        }}
    >
      <button class="mt-2 btn">Moved down</button>
    </form>
  </section>
{/if}

<div class="mt-6 grid gap-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
  <div class="grid h-fit gap-6">
    {#each kinds as place (place)}
      {@const own = shown.filter((i) => i.place === place)}
      {@const rooms = data.rooms.filter((r) => r.place.kind === place)}
      {@const groups = find.trim() === '' ? packedTogether(own) : own.map((i) => [i])}
      {@const listed = open[place] ? groups : groups.slice(0, FIRST)}
      <section aria-labelledby="place-{place}">
        <h2 id="place-{place}" class="mb-2 text-xl font-bold first-letter:uppercase">
          {place}
          <span class="font-normal text-muted">{howMuch(own)}</span>
        </h2>
        <p class="mb-2 flex flex-wrap gap-x-6 gap-y-1">
          {#each rooms as room (room.place.id)}<PlaceRoom {room} label={room.place.name} />{/each}
        </p>
        <ul class="card px-4">
          {#each listed as bags (bags[0]?.id)}
            {#if bags.length > 1}
              <ItemGroup
                bags={bags as [StoreItem, ...StoreItem[]]}
                today={data.today}
                ontake={(bag) => void take(bag, bag.portions, 'out')}
                each={row}
              />
            {:else if bags[0]}{@render row(bags[0])}{/if}
          {:else}
            <li class="py-4 text-muted">
              {find
                ? 'Nothing of that name here.'
                : `Nothing in the ${place}. Pack a dish, and its label and date appear here.`}
            </li>
          {/each}
          {#if listed.length < groups.length}
            <li class="border-t border-line py-2">
              <button type="button" class="btn btn-quiet" onclick={() => (open[place] = true)}
                >Show {groups.length - listed.length} more</button
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
    <section aria-labelledby="batch" class="card p-5">
      <h2 id="batch" class="mb-2 text-xl font-bold">Batch days</h2>
      <ul>
        {#each data.batchDays as day (day.id)}
          <li>
            <a
              class="flex min-h-11 flex-wrap items-center justify-between gap-x-3 hover:underline"
              href="/meals/{day.id}"
              ><b>{day.name}</b><span class="text-muted"
                >{formatDay(Date.parse(day.serveAt), data.kitchen)}, {day.bags}</span
              ></a
            >
          </li>
        {:else}
          <li class="text-muted">
            Cook dishes by the bag, a bulk ingredient or boxes for the week; planned like a meal.
          </li>
        {/each}
      </ul>
      <a class="mt-3 btn" href="/meals?ahead=1">Plan a batch day</a>
    </section>
    <PackForm kitchen={data.kitchen} dishes={data.dishes} {places} today={data.today} {errors} />
    {#if packed}<div aria-live="polite">
        <Tape item={packed} origin={page.url.origin} />
      </div>{/if}
  </div>
</div>
