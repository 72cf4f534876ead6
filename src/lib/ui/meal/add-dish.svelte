<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import { Dialog } from 'bits-ui';
  import type { Dish } from '$core/dish';
  import { bagOf, bulkOf } from '$core/stores';

  interface Props {
    dishes: readonly Dish[];
    taken: readonly string[];
    onadd: (dishId: string) => void;
  }
  let { dishes, taken, onadd }: Props = $props();

  let isOpen = $state(false);
  let wanted = $state('');
  /** Bags are listed once, the usual way; the way is chosen in the meal. */
  const found = $derived(
    dishes
      .filter((d) => !bagOf(d.id)?.method && !bulkOf(d.id))
      .filter((d) => `${d.name} ${d.summary}`.toLowerCase().includes(wanted.trim().toLowerCase())),
  );

  function add(id: string): void {
    onadd(id);
    isOpen = false;
    wanted = '';
  }
</script>

<Dialog.Root bind:open={isOpen}>
  <Dialog.Trigger class="btn btn-strong"
    ><Plus size={18} aria-hidden="true" />Add a dish</Dialog.Trigger
  >
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content
      class="fixed top-[6dvh] left-1/2 z-50 flex max-h-[86dvh] w-[min(36rem,94vw)] -translate-x-1/2 flex-col rounded-2xl bg-paper p-5 shadow-2xl"
    >
      <Dialog.Title class="font-head text-2xl font-bold">Add a dish</Dialog.Title>
      <form
        class="mt-3"
        onsubmit={(e) => {
          e.preventDefault();
          const [first] = found;
          if (first) add(first.id);
        }}
      >
        <label for="dish-search" class="label">Find by name; Enter takes the first</label>
        <input id="dish-search" bind:value={wanted} class="field" autocomplete="off" />
      </form>
      <ul class="mt-3 -mr-2 grid gap-1 overflow-y-auto pr-2">
        {#each found as dish (dish.id)}
          <li>
            <button
              class="w-full rounded-lg px-3 py-2 text-left hover:bg-leaf-soft"
              onclick={() => add(dish.id)}
            >
              <span class="font-semibold">{dish.name}</span>{#if bagOf(dish.id)}<span
                  class="ml-2 rounded bg-brine-soft px-1.5 py-0.5 text-sm font-semibold text-brine"
                  >{dish.servings} {dish.servings === 1 ? 'portion' : 'portions'} in stock</span
                >{/if}{#if taken.includes(dish.id)}<span class="text-sm text-muted">
                  · already in this meal</span
                >{/if}
              <span class="block text-[15px] text-muted">{dish.summary}</span>
            </button>
          </li>
        {:else}
          <li class="px-3 py-6 text-muted">
            {dishes.length === 0
              ? 'There are no dishes yet. Open a household file in Kitchen to bring some in.'
              : 'No dish is called that.'}
          </li>
        {/each}
      </ul>
      <Dialog.Close class="mt-4 btn self-end">Close</Dialog.Close>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
