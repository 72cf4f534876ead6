<script lang="ts">
  /** What would go wrong with a dish, each with a remedy at one click and the way back. */
  import { toast } from 'svelte-sonner';
  import { deserialize } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import type { Dish } from '$core/dish';
  import type { DishCheck } from '$core/plan';

  interface Props {
    dish: Dish;
    checks: readonly DishCheck[];
  }
  let { dish, checks }: Props = $props();

  async function write(next: Dish, told: string, back: Dish | null): Promise<void> {
    const body = new FormData();
    body.set('dish', JSON.stringify(next));
    const response = await fetch(`/dishes/${dish.id}?/replace`, { method: 'POST', body });
    const result = deserialize(await response.text());
    if (result.type !== 'success') {
      toast.error('Not saved: the server can’t be reached. Try again.');
      return;
    }
    await invalidateAll();
    toast.success(
      told,
      back
        ? { action: { label: 'Undo', onClick: () => void write(back, 'As it was.', null) } }
        : {},
    );
  }
</script>

{#if checks.length > 0}
  <section aria-labelledby="looks">
    <h2 id="looks" class="mb-2 text-xl font-bold">Needs a look</h2>
    <ul class="grid gap-2">
      {#each checks as check (check.code + check.remedy)}
        <li class="rounded-lg border-l-4 border-ember bg-ember-soft px-4 py-3">
          <p class="first-letter:uppercase">{check.text}</p>
          <button
            type="button"
            class="mt-2 btn"
            onclick={() =>
              void write(check.fixed, `${check.remedy}: done.`, $state.snapshot(dish) as Dish)}
            >{check.remedy}</button
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}
