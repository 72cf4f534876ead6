<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import { Dialog } from 'bits-ui';
  import type { DishRef } from '$core/dish';
  import type { DishPick } from '$core/meal';

  interface Props {
    /** The address that says what there is. */
    from: string;
    taken: readonly string[];
    /** Says why it can't be put in; null where it is. */
    onadd: (dish: DishRef) => Promise<string | null>;
  }
  let { from, taken, onadd }: Props = $props();

  /** More than these are found by typing. */
  const MOST_SHOWN = 60;
  const NO_ANSWER = 'The server does not answer. Close this and try again once it is back.';

  let isOpen = $state(false);
  /** Null until they are here: a household of years has thousands, and most visits add none. */
  let picks = $state.raw<readonly DishPick[] | null>(null);
  let wanted = $state('');
  let problem = $state('');
  let asked: Promise<void> = Promise.resolve();
  let isAdding = false;
  const found = $derived.by(() => {
    const words = wanted.trim().toLowerCase();
    return (picks ?? []).filter((p) => `${p.name} ${p.summary}`.toLowerCase().includes(words));
  });

  /** What is in stock changes: it is asked for each time, and what was there is shown meanwhile. */
  async function look(): Promise<void> {
    problem = '';
    try {
      const response = await fetch(from);
      const body = (await response.json()) as { picks?: DishPick[]; message?: string };
      if (body.picks) picks = body.picks;
      else problem = body.message ?? NO_ANSWER;
    } catch {
      problem = NO_ANSWER;
    }
  }

  /** Whoever types faster than the server answers gets what they typed. */
  async function addFirst(): Promise<void> {
    await asked;
    const [first] = found;
    if (first) await add(first.dish);
  }

  async function add(dish: DishRef): Promise<void> {
    if (isAdding) return;
    isAdding = true;
    problem = (await onadd(dish)) ?? '';
    isAdding = false;
    if (problem) return;
    isOpen = false;
    wanted = '';
  }
</script>

<Dialog.Root
  bind:open={isOpen}
  onOpenChange={(open) => {
    if (open) asked = look();
  }}
>
  <Dialog.Trigger class="btn {taken.length === 0 ? 'btn-strong' : ''}"
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
          void addFirst();
        }}
      >
        <label for="dish-search" class="label">Find by name; Enter takes the first</label>
        <input id="dish-search" bind:value={wanted} class="field" autocomplete="off" />
      </form>
      <ul class="mt-3 -mr-2 grid gap-1 overflow-y-auto pr-2">
        {#each found.slice(0, MOST_SHOWN) as dish (dish.id)}
          <li>
            <button
              class="w-full rounded-lg px-3 py-2 text-left hover:bg-leaf-soft"
              onclick={() => void add(dish.dish)}
            >
              <span class="font-semibold">{dish.name}</span>{#if dish.portions !== null}<span
                  class="ml-2 rounded bg-brine-soft px-1.5 py-0.5 text-sm font-semibold text-brine"
                  >{dish.portions} {dish.portions === 1 ? 'portion' : 'portions'} in stock</span
                >{/if}{#if taken.includes(dish.id)}<span class="text-sm text-muted"
                  >&nbsp;· already in this meal</span
                >{/if}
              <span class="block text-[15px] text-muted">{dish.summary}</span>
            </button>
          </li>
        {:else}
          <li class="px-3 py-6 text-muted">
            {picks === null
              ? problem
                ? ''
                : 'Looking what there is …'
              : picks.length === 0
                ? 'There are no dishes yet. Add a recipe, or open a household file in Kitchen.'
                : 'No dish is called that.'}
          </li>
        {/each}
        {#if found.length > MOST_SHOWN}
          <li class="px-3 py-2 text-muted">
            {found.length - MOST_SHOWN} more; type a part of the name, or a code.
          </li>
        {/if}
      </ul>
      {#if problem}<p role="alert" class="mt-3 font-semibold text-pimento">{problem}</p>{/if}
      <Dialog.Close class="mt-4 btn self-end">Close</Dialog.Close>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
