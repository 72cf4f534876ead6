<script lang="ts">
  /** What else can be done with a meal as a whole: the items of its menu. */
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
    class="menu-item"
    disabled={model.isThinking}
    title="Begin now, and be ready as soon as it surely can be"
    onclick={() => void beginNow()}
    >{model.meal.batch ? 'As short as possible' : 'As soon as possible'}</button
  >
{/if}
<a class="menu-item" href="/meals/{model.meal.id}/calendar.ics" download>Calendar, with alarms</a>
<form method="POST" action="/meals?/copy" class="contents">
  <input type="hidden" name="id" value={model.meal.id} />
  <button type="submit" class="menu-item" name="weeks" value="0">A variant of it</button>
  <button type="submit" class="menu-item" name="weeks" value="1">The same next week</button>
</form>
<a class="menu-item" href="/meals/compare?ids={encodeURIComponent(model.meal.id)}"
  >Compare with another</a
>
<button
  type="button"
  class="menu-item"
  aria-pressed={model.meal.template}
  onclick={() => model.change((meal) => ({ ...meal, template: !meal.template }))}
  >{model.meal.template ? 'A pattern: make it a meal' : 'Keep as a pattern'}</button
>
<a class="menu-item" href="/meals/{model.meal.id}/plan.json" download>Plan as JSON</a>
