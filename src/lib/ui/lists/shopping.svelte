<script lang="ts">
  /** The shopping list by aisle, each line with what it is for, ticked off in the shop. */
  import { enhance } from '$app/forms';
  import type { Ticks } from '$lib/client/ticks.svelte';
  import AisleOrder from './aisle-order.svelte';
  import Tick from './tick.svelte';
  import type { ListLine, ShopList } from './types';

  interface Props {
    list: ShopList;
    portions: number;
    ticks: Ticks;
    priceProblem: string | undefined;
  }
  let { list, portions, ticks, priceProblem }: Props = $props();

  const aisles = $derived(
    list.aisles.flatMap((aisle) => {
      const lines = list.lines.filter((l) => l.aisle === aisle);
      return lines.length > 0 ? [{ aisle, lines }] : [];
    }),
  );
  const left = $derived(list.lines.filter((l) => !ticks.has(l.key)).length);
  /** What stays when everything is cooked, of what has been bought. */
  const over = $derived(list.lines.filter((l) => l.overWords !== null && ticks.has(l.key)));
  const under = (line: ListLine): string =>
    [line.sold ? `${line.amount} needed` : '', line.overWords ? `${line.overWords} over` : '']
      .concat(line.because)
      .filter(Boolean)
      .join(' · ');
</script>

{#snippet inHouse()}
  {#if list.inHouse.length > 0}
    <p class="mt-3 text-[15px] text-muted">In the house: {list.inHouse.join(', ')}.</p>
  {/if}
  {#if list.beside.length > 0}
    <p class="mt-1 text-[15px] text-muted">Served with: {list.beside.join(', ')}.</p>
  {/if}
{/snippet}

{#if list.lines.length === 0}
  <div class="card border-dashed p-6">
    <p class="text-lg font-semibold">Nothing to buy.</p>
    <p class="text-muted">Choose meals with dishes in them; what you already have is left off.</p>
  </div>
  {@render inHouse()}
{:else}
  <p class="text-muted" role="status">
    {left === 0
      ? 'Everything is ticked.'
      : `${left} of ${list.lines.length} to go`}{#if list.total > 0}, about {list.total.toFixed(
        2,
      )}{list.unpriced > 0 ? ` for what has a price (${list.unpriced} have none)` : ''}, {(
        list.total / Math.max(1, portions)
      ).toFixed(2)} a serving{/if}{#if ticks.isAlone}. No connection: the others see your ticks when
      it is back{/if}
  </p>
  <div class="mt-3 gap-6 md:columns-2">
    {#each aisles as { aisle, lines } (aisle)}
      <section class="mb-5 break-inside-avoid card p-3" aria-labelledby="aisle-{aisle}">
        <h2 id="aisle-{aisle}" class="px-2 text-lg font-bold first-letter:uppercase">{aisle}</h2>
        <ul>
          {#each lines as line (line.key)}
            <li class="border-t border-line first:border-0">
              <Tick isDone={ticks.has(line.key)} ontoggle={() => ticks.toggle(line.key)}>
                <span class="flex flex-wrap items-baseline gap-x-2"
                  ><b class="whitespace-nowrap">{line.sold ?? line.amount}</b><span
                    class="font-semibold">{line.food}</span
                  >{#if line.cost !== null}<span class="ml-auto text-sm text-muted"
                      >{line.cost.toFixed(2)}</span
                    >{/if}</span
                >
                {#if under(line)}<span class="block text-sm">{under(line)}</span>{/if}
                <span class="block text-sm text-muted">{line.parts.join(' · ')}</span>
              </Tick>
            </li>
          {/each}
        </ul>
      </section>
    {/each}
  </div>
  {#if over.length > 0}
    <form method="POST" action="?/keepOver" use:enhance class="mb-3 card p-3 print:hidden">
      <p class="text-[15px]">
        Over when all is cooked: {over.map((l) => `${l.overWords} ${l.food}`).join(', ')}.
      </p>
      {#each over as line (line.key)}<input type="hidden" name="key" value={line.key} />{/each}
      <button class="mt-2 btn">Write it down as in the house</button>
    </form>
  {/if}
  {@render inHouse()}
  <details class="mt-4 print:hidden">
    <summary class="min-h-9 cursor-pointer text-muted">Write down a price</summary>
    <form method="POST" action="?/price" use:enhance class="mt-1 flex flex-wrap items-end gap-2">
      <label class="label"
        >Food<select name="food" class="mt-1 field text-ink"
          >{#each list.lines as line (line.key)}<option value={line.food}>{line.food}</option
            >{/each}</select
        ></label
      >
      <label class="label"
        >Price<input name="price" class="mt-1 field w-24 text-ink" inputmode="decimal" /></label
      >
      <label class="label"
        >for a<select name="per" class="mt-1 field text-ink"
          >{#each ['kg', 'l', 'piece', 'package', 'can'] as per (per)}<option value={per}
              >{per}</option
            >{/each}</select
        ></label
      >
      <button class="btn">Keep it</button>
    </form>
    {#if priceProblem}<p class="text-sm font-semibold text-pimento">{priceProblem}</p>{/if}
  </details>
  <AisleOrder aisles={list.aisles} />
{/if}
