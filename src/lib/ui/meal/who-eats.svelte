<script lang="ts">
  /** Who eats: appetites, diets and allergens; the servings follow. */
  import { freshId } from '$lib/client/fresh-id';
  import Trash2 from '@lucide/svelte/icons/trash-2';
  import { DIETS } from '$core/dish';
  import { ALLERGENS } from '$core/food';
  import { portionsOf, type Eater } from '$core/meal';
  import type { MealState } from './meal-state.svelte';

  let { model }: { model: MealState } = $props();
  let name = $state('');
  const APPETITES = [
    [0.5, 'half a portion'],
    [1, 'one portion'],
    [1.5, 'one and a half'],
    [2, 'two portions'],
  ] as const;

  function set(eaters: Eater[]): void {
    model.change((meal) => ({
      ...meal,
      eaters,
      servings: portionsOf(eaters) ?? meal.servings,
    }));
  }
  function add(): void {
    const given = name.trim() || `Guest ${model.meal.eaters.length + 1}`;
    name = '';
    const id = freshId(8);
    set([...model.meal.eaters, { id, name: given, appetite: 1, diets: [], allergens: [] }]);
  }
  function change(id: string, more: Partial<Eater>): void {
    set(model.meal.eaters.map((e) => (e.id === id ? { ...e, ...more } : e)));
  }
  function toggle<T>(list: readonly T[], item: T, on: boolean): T[] {
    return on ? [...list, item] : list.filter((x) => x !== item);
  }
</script>

<section aria-labelledby="who" class="print:hidden">
  <h2 id="who" class="mb-2 text-xl font-bold">Who eats</h2>
  <ul class="grid grid-cols-[minmax(0,1fr)] gap-2">
    {#each model.meal.eaters as eater (eater.id)}
      <li class="card p-3">
        <div class="flex items-center gap-2">
          <b class="min-w-0 flex-1 truncate">{eater.name}</b>
          <select
            class="field w-40"
            aria-label="Appetite of {eater.name}"
            value={eater.appetite}
            onchange={(e) => change(eater.id, { appetite: Number(e.currentTarget.value) })}
          >
            {#each APPETITES as [portions, label] (portions)}<option value={portions}
                >{label}</option
              >{/each}
          </select>
          <button
            type="button"
            class="btn min-h-9 btn-quiet px-2"
            onclick={() => set(model.meal.eaters.filter((e) => e.id !== eater.id))}
            ><Trash2 size={17} aria-hidden="true" /><span class="sr-only"
              >{eater.name} does not come</span
            ></button
          >
        </div>
        <details>
          <summary class="min-h-8 cursor-pointer text-[15px] text-muted"
            >{[...eater.diets, ...eater.allergens.map((a) => `no ${a}`)].join(', ') ||
              'eats everything'}</summary
          >
          <div class="flex flex-wrap gap-x-4">
            {#each DIETS as diet (diet)}
              <label class="flex min-h-9 items-center gap-2"
                ><input
                  type="checkbox"
                  class="tick"
                  checked={eater.diets.includes(diet)}
                  onchange={(e) =>
                    change(eater.id, { diets: toggle(eater.diets, diet, e.currentTarget.checked) })}
                />{diet}</label
              >
            {/each}
          </div>
          <p class="mt-1 text-sm text-muted">Allergic to</p>
          <div class="flex flex-wrap gap-x-4">
            {#each ALLERGENS as allergen (allergen)}
              <label class="flex min-h-9 items-center gap-2"
                ><input
                  type="checkbox"
                  class="tick"
                  checked={eater.allergens.includes(allergen)}
                  onchange={(e) =>
                    change(eater.id, {
                      allergens: toggle(eater.allergens, allergen, e.currentTarget.checked),
                    })}
                />{allergen}</label
              >
            {/each}
          </div>
        </details>
      </li>
    {/each}
  </ul>
  <form
    class="mt-2 flex gap-2"
    onsubmit={(e) => {
      e.preventDefault();
      add();
    }}
  >
    <input
      class="field min-w-0 flex-1"
      aria-label="Name of somebody who eats"
      placeholder="a name, or nothing for a guest"
      maxlength="60"
      bind:value={name}
    />
    <button class="btn">Add</button>
  </form>
</section>
