<script lang="ts">
  /** The shopping list by aisle, each line with what it is for, ticked off in the shop. */
  import { enhance } from '$app/forms';
  import { AISLES, type ShoppingLine, type ShoppingList } from '$core/lists';
  import { formatQuantity, type System } from '$core/units';
  import type { ticksOf } from '$lib/client/ticks.svelte';
  import Tick from './tick.svelte';

  interface Props {
    list: ShoppingList;
    system: System;
    portions: number;
    ticks: ReturnType<typeof ticksOf>;
    priceProblem: string | undefined;
  }
  let { list, system, portions, ticks, priceProblem }: Props = $props();

  const aisles = $derived(
    AISLES.flatMap((aisle) => {
      const lines = list.lines.filter((l) => l.aisle === aisle);
      return lines.length > 0 ? [{ aisle, lines }] : [];
    }),
  );
  const left = $derived(list.lines.filter((l) => !ticks.has(l.key)).length);
  /** “2 packs of 400 g”, as they are usually sold. */
  const sayPacks = ({ count, each }: NonNullable<ShoppingLine['packs']>): string =>
    `usually ${count === 1 ? 'a pack' : `${count} packs`} of ${formatQuantity(each, system)}`;
  const forWhat = (line: ShoppingLine): string =>
    [...new Set(line.parts.map((p) => p.dish))].join(', ');
</script>

{#if list.lines.length === 0}
  <div class="card border-dashed p-6">
    <p class="text-lg font-semibold">Nothing to buy.</p>
    <p class="text-muted">Choose meals with dishes in them; what you already have is left off.</p>
  </div>
{:else}
  <p class="text-muted" role="status">
    {left === 0
      ? 'Everything is ticked.'
      : `${left} of ${list.lines.length} to go`}{#if list.total > 0}, about {list.total.toFixed(
        2,
      )}{list.unpriced > 0 ? ` for what has a price (${list.unpriced} have none)` : ''}, {(
        list.total / Math.max(1, portions)
      ).toFixed(2)} a serving{/if}
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
                  ><b class="whitespace-nowrap"
                    >{line.buy ? formatQuantity(line.buy, system) : ''}</b
                  ><span class="font-semibold">{line.food}</span>{#if line.cost !== null}<span
                      class="ml-auto text-sm text-muted">{line.cost.toFixed(2)}</span
                    >{/if}</span
                >
                <span class="block text-sm text-muted"
                  >{forWhat(line)}{line.packs ? ` · ${sayPacks(line.packs)}` : ''}{line.because
                    .length > 0
                    ? ` · ${line.because.join(', ')}`
                    : ''}</span
                >
              </Tick>
            </li>
          {/each}
        </ul>
      </section>
    {/each}
  </div>
  {#if list.inHouse.length > 0}
    <p class="text-[15px] text-muted">
      In the house: {list.inHouse.map((l) => l.food).join(', ')}.
    </p>
  {/if}
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
{/if}
