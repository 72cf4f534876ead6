<script lang="ts">
  /** What would go wrong with a dish, each with a remedy at one click and the way back. */
  import type { Dish } from '$core/dish';
  import type { Kitchen } from '$core/kitchen';
  import type { DishCheck } from '$core/review';
  import { sayDishFinding } from '$core/words';
  import { writeDish } from '$lib/client/write-dish';

  interface Props {
    dish: Dish;
    checks: readonly DishCheck[];
    kitchen: Kitchen;
  }
  let { dish, checks, kitchen }: Props = $props();
</script>

{#if checks.length > 0}
  <section aria-labelledby="looks">
    <h2 id="looks" class="mb-2 text-xl font-bold">Needs a look</h2>
    <ul class="grid gap-2">
      {#each checks as check, i (i)}
        {@const { text, remedy } = sayDishFinding(check, kitchen)}
        <li class="banner banner-look">
          <p class="first-letter:uppercase">{text}</p>
          <button
            type="button"
            class="mt-2 btn"
            onclick={() =>
              void writeDish(check.fixed, `${remedy}: done.`, $state.snapshot(dish) as Dish)}
            >{remedy}</button
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}
