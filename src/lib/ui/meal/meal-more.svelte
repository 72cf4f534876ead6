<script lang="ts">
  /** What else can be done with a meal as a whole. */
  import { toast } from 'svelte-sonner';
  import type { MealState } from './meal-state.svelte';

  let { model }: { model: MealState } = $props();

  async function beginNow(): Promise<void> {
    const problem = await model.beginNow();
    if (problem) toast.error(problem);
  }
</script>

{#if model.meal.entries.length > 0 && !model.meal.template}
  <button
    type="button"
    class="btn min-h-9 btn-quiet px-2 text-ink"
    disabled={model.isThinking}
    title="Begin now, and be ready as soon as it surely can be"
    onclick={() => void beginNow()}
    >{model.meal.batch ? 'As short as possible' : 'As soon as possible'}</button
  >
{/if}
<form method="POST" action="/meals?/copy" class="contents">
  <input type="hidden" name="id" value={model.meal.id} />
  <button class="btn min-h-9 btn-quiet px-2 text-ink" name="weeks" value="0">Variant</button>
  <button class="btn min-h-9 btn-quiet px-2 text-ink" name="weeks" value="1">Next week</button>
</form>
<a
  class="btn min-h-9 btn-quiet px-2 text-ink"
  href="/meals/compare?ids={encodeURIComponent(model.meal.id)}">Compare</a
>
<button
  type="button"
  class="btn min-h-9 btn-quiet px-2 text-ink"
  aria-pressed={model.meal.template}
  onclick={() => model.change((meal) => ({ ...meal, template: !meal.template }))}
  >{model.meal.template ? 'A pattern: make it a meal' : 'Keep as a pattern'}</button
>
