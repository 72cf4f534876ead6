<script lang="ts">
  /** The meal's dishes beside its timeline: each with what is to be looked at, and the fix in place. */
  import { dishKey, type Dish } from '$core/dish';
  import type { Edit, Finding } from '$core/reason';
  import { focusNear } from '$lib/client/focus';
  import AddDish from './add-dish.svelte';
  import FindingItem from './finding-item.svelte';
  import type { MealState } from './meal-state.svelte';

  interface Props {
    model: MealState;
    notes: readonly Finding[];
    onedit: (edit: Edit) => void;
  }
  let { model, notes, onedit }: Props = $props();

  const dishes = $derived(new Map<string, Dish>(model.dishes.map((d) => [d.id, d])));
  const LOOK = { stop: 'bg-pimento', look: 'bg-ember', info: 'bg-brine' } as const;
  const of = (entry: string): Finding[] =>
    notes.filter((n) => n.subject.kind === 'entry' && n.subject.id === entry);
  const base = $props.id();
  /** The entry whose findings are read: only those are on the page. */
  let open = $state('');

  let list = $state<HTMLElement>();

  function takeOut(id: string, index: number): void {
    model.removeEntry(id);
    void focusNear(list, index);
  }
  /** To the dish's own card, with the keyboard on its first field. */
  function openCard(id: string): void {
    const card = document.getElementById(`entry-${id}`);
    card?.scrollIntoView({ block: 'center', behavior: 'smooth' });
    card?.querySelector<HTMLElement>('select, input')?.focus({ preventScroll: true });
  }
</script>

<ul
  bind:this={list}
  class="relative mt-3 flex items-center gap-2 max-sm:-mx-4 max-sm:overflow-x-auto max-sm:px-4 max-sm:py-1 sm:flex-wrap print:hidden"
  aria-label="Dishes of this meal"
>
  {#each model.meal.entries as entry, i (entry.id)}
    {@const name = dishes.get(dishKey(entry.what.dish))?.name ?? 'A dish that was removed'}
    {@const own = of(entry.id)}
    {@const worst = own[0]?.severity}
    <li class="max-w-full flex-none">
      <button
        type="button"
        class="btn min-h-11 max-w-full rounded-full px-4"
        popovertarget="{base}-{entry.id}"
      >
        {#if worst}<span
            class="flex size-5 flex-none items-center justify-center rounded-full text-[12px] font-bold text-salt {LOOK[
              worst
            ]}"
            aria-hidden="true">{worst === 'info' ? 'i' : '!'}</span
          >{/if}
        <span class="truncate">{name}</span>
        {#if own.length > 0}<span class="sr-only"
            >, {own.length === 1 ? '1 thing' : `${own.length} things`} to look at</span
          >{/if}
      </button>
      <div
        popover
        id="{base}-{entry.id}"
        class="menu w-[min(26rem,92vw)] p-4"
        ontoggle={(e) => (open = e.newState === 'open' ? entry.id : open === entry.id ? '' : open)}
      >
        {#if open === entry.id}
          <p class="font-head text-lg font-bold">{name}</p>
          {#if own.length > 0}
            <ul class="mt-2 grid gap-3">
              {#each own as note, n (n)}<FindingItem {note} by={model.kitchen} {onedit} />{/each}
            </ul>
          {:else}<p class="mt-1 text-muted">Nothing to look at.</p>{/if}
          <p class="mt-3 flex flex-wrap gap-2">
            <button
              type="button"
              class="btn"
              popovertarget="{base}-{entry.id}"
              popovertargetaction="hide"
              onclick={() => openCard(entry.id)}>Pot, portions, when</button
            >
            <button
              type="button"
              class="btn btn-quiet"
              popovertarget="{base}-{entry.id}"
              popovertargetaction="hide"
              onclick={() => takeOut(entry.id, i)}
              >Take out<span class="sr-only"> {name}</span></button
            >
          </p>
        {/if}
      </div>
    </li>
  {/each}
  <li class="flex-none max-sm:order-first">
    <AddDish
      from="/api/meals/{encodeURIComponent(model.meal.id)}/picks"
      taken={model.meal.entries.map((e) => dishKey(e.what.dish))}
      onadd={(dish) => model.addDish(dish)}
    />
  </li>
</ul>
