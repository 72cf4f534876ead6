<script lang="ts">
  /** A freezer label as one would write it, with a code in letters and as QR. */
  import { page } from '$app/state';
  import { amountWords, type StoreItem } from '$core/storage';
  import { labelDay, shortDay, weekday } from '$core/units';
  import { conventionsOf } from '$lib/ui/controls';
  import QrCode from './qr-code.svelte';

  interface Props {
    item: StoreItem;
    /** Address of the app, in front of the code. */
    origin: string;
  }
  let { item, origin }: Props = $props();

  const system = $derived(conventionsOf(page.data).system);
  /** Of a lunch what is in it, for whose it is stands above. */
  const foods = $derived(item.name.slice(item.name.indexOf(': ') + 2));
  /** “Pressure high: …” is read first and from afar; what follows is for when it is in the hand. */
  const FIRST = /^(?:Pressure|Microwave|Heat|Thaw)\b/;
</script>

<article
  class="flow-root rounded-md border-2 border-black bg-white p-3 text-black print:rounded-none print:p-2"
  data-testid="tape"
>
  <div class="float-right ml-3 text-center">
    <QrCode text={`${origin}/s/${item.code}`} size={92} />
    <p class="font-head text-2xl leading-none font-extrabold tracking-widest">{item.code}</p>
  </div>
  {#if item.lunch}
    <h2 class="font-head text-[1.65rem] leading-[1.1] font-extrabold break-words">
      {item.lunch.person}, {weekday(item.lunch.day)}
      {shortDay(item.lunch.day, item.lunch.day)}
    </h2>
    <p class="mt-0.5 text-lg leading-tight font-bold">{foods}</p>
  {:else}
    <h2 class="font-head text-[1.65rem] leading-[1.1] font-extrabold break-words">{item.name}</h2>
  {/if}
  <p class="mt-0.5 text-lg leading-tight font-bold">
    {amountWords(item, system)} · {item.place}
  </p>
  <p class="mt-1 text-xl leading-tight">
    {item.why === 'safety' ? 'Use by' : 'Best by'}
    <b class="font-extrabold whitespace-nowrap">{labelDay(item.useBy, system)}</b>
    <span class="text-[15px] whitespace-nowrap">packed {labelDay(item.packedOn, system)}</span>
  </p>
  {#each item.cooking.split('\n').filter(Boolean) as line, i (i)}
    {@const at = line.indexOf(':')}
    <p class="mt-0.5 leading-snug {FIRST.test(line) ? 'text-lg font-semibold' : 'text-[15px]'}">
      {#if at > 0 && at < 16}<b>{line.slice(0, at + 1)}</b>{line.slice(at + 1)}{:else}{line}{/if}
    </p>
  {/each}
  {#if item.unknownFoods.length > 0}<p class="mt-1 text-sm font-bold">Allergens not known</p>{/if}
  {#if item.allergens.length > 0}<p class="mt-1 text-sm font-bold">
      Contains: {item.allergens.join(', ')}
    </p>{/if}
</article>
