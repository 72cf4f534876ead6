<script lang="ts">
  /** What may stand in for an ingredient, with what that does, at one click. */
  import { substitute, substitutesFor, type Dish, type Ingredient } from '$core/dish';
  import { formatQuantity, type System } from '$core/units';
  import { writeDish } from '$lib/client/write-dish';

  interface Props {
    dish: Dish;
    ingredient: Ingredient;
    /** Servings shown over servings written: what is exchanged is the dish as written. */
    factor: number;
    system: System;
  }
  let { dish, ingredient, factor, system }: Props = $props();
  const choices = $derived(substitutesFor(ingredient));
</script>

{#if choices.length > 0}
  <details class="print:hidden">
    <summary class="min-h-7 cursor-pointer text-sm text-muted"
      >Use instead<span class="sr-only">: {ingredient.food}</span></summary
    >
    <ul class="mt-1 mb-2 grid gap-2">
      {#each choices as choice, index (index)}
        <li class="rounded-lg bg-paper px-3 py-2">
          <p class="flex flex-wrap items-center justify-between gap-x-3">
            <span
              ><b>{formatQuantity({ amount: choice.amount * factor, unit: choice.unit }, system)}</b
              >
              {choice.food}{choice.preparation ? `, ${choice.preparation}` : ''}</span
            >
            <button
              type="button"
              class="btn"
              onclick={() =>
                void writeDish(
                  substitute($state.snapshot(dish) as Dish, ingredient.id, choice),
                  `${choice.food} instead of ${ingredient.food}.`,
                  $state.snapshot(dish) as Dish,
                )}>Take it</button
            >
          </p>
          {#each choice.consequences as line, index (index)}<p
              class="text-sm text-muted first-letter:uppercase"
            >
              {line}.
            </p>{/each}
          <p class="text-sm text-muted">({choice.source})</p>
        </li>
      {/each}
    </ul>
  </details>
{/if}
