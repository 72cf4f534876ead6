<script lang="ts">
  /** One bag, box or pack: how many, until when, and what can be done with it. */
  import type { Place } from '$core/kitchen';
  import { page } from '$app/state';
  import { amountWords, packedWords, placeOfItem, type StoreItem } from '$core/storage';
  import { conventionsOf } from '$lib/ui/controls';
  import { dueOf } from './due';

  interface Props {
    item: StoreItem;
    places: readonly Place[];
    /** `2026-11-28` */
    today: string;
    ontake: (portions: number, what: 'out' | 'thrown', note?: string) => void;
    onmove: (to: string) => void;
  }
  let { item, places, today, ontake, onmove }: Props = $props();

  const REASONS = [
    'past its day',
    'spoiled',
    'freezer burn',
    'nobody liked it',
    'label unreadable',
  ];
  let isThrowing = $state(false);
  const own = $derived(placeOfItem(item, places));
  const spot = $derived(
    own?.id === places.find((p) => p.kind === item.place)?.id ? '' : (own?.name ?? ''),
  );
  const due = $derived(dueOf(item, today));
  const amount = $derived(amountWords(item, conventionsOf(page.data).system));
</script>

<li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-2.5 first:border-0">
  <span class="min-w-48 flex-1"
    ><a class="font-bold underline-offset-4 hover:underline" href="/s/{item.code}">{item.name}</a>
    <span class="text-[15px] text-muted">{item.code}</span>
    <span class="block text-[15px]"
      ><span class={due.look}>{due.text}</span>
      <span class="text-muted">· {packedWords(item, today)}{spot ? ` · ${spot}` : ''}</span></span
    ></span
  >
  <b class="tabular-nums">{amount}</b>
  <span class="flex flex-wrap gap-1">
    <button type="button" class="btn" onclick={() => ontake(Math.min(1, item.portions), 'out')}
      >Take {Math.min(1, item.portions)}<span class="sr-only"> of {item.name}</span></button
    >
    <button type="button" class="btn btn-quiet" onclick={() => ontake(item.portions, 'out')}
      >All<span class="sr-only"> of {item.name}</span></button
    >
    <label class="max-sm:hidden"
      ><span class="sr-only">Move {item.name}</span><select
        class="field w-auto max-w-32 text-[15px]"
        value=""
        onchange={(e) => onmove(e.currentTarget.value)}
      >
        <option value="">Move to…</option>
        {#each places.filter((p) => p.id !== own?.id) as other (other.id)}<option value={other.id}
            >{other.name}</option
          >{/each}
      </select></label
    >
    <button
      type="button"
      class="btn btn-quiet"
      aria-expanded={isThrowing}
      onclick={() => (isThrowing = !isThrowing)}
      >Throw away<span class="sr-only"> {item.name}</span></button
    >
  </span>
  {#if isThrowing}
    <span class="flex w-full flex-wrap items-center gap-1.5 pb-1" role="group"
      ><span class="text-[15px] text-muted">All of it, because it is</span>
      {#each REASONS as reason, index (index)}<button
          type="button"
          class="btn min-h-9 px-2.5 text-[15px]"
          onclick={() => {
            isThrowing = false;
            ontake(item.portions, 'thrown', reason);
          }}>{reason}</button
        >{/each}
    </span>
  {/if}
</li>
