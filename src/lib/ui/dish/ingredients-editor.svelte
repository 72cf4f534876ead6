<script lang="ts">
  /** Ingredients as lines of text; what a line does not say (thickness, role, how it scales) is folded behind it. */
  import { withoutUse, type Dish, type Ingredient } from '$core/dish';
  import Trash2 from '@lucide/svelte/icons/trash-2';
  import { SvelteMap, SvelteSet } from 'svelte/reactivity';
  import { freshId, lineOf, readIngredients, rewriteIngredient } from '$core/recipe';
  import type { System } from '$core/units';
  import { sayLength } from '$core/words';
  import { focusNear } from '$lib/client/focus';
  import DraftInput from '$lib/ui/fields/draft-input.svelte';
  import MeasureField from '$lib/ui/fields/measure-field.svelte';

  interface Props {
    dish: Dish;
    errors: Readonly<Record<string, string>>;
    system: System;
  }
  let { dish = $bindable(), errors, system }: Props = $props();
  /** Those whose other facts are shown. */
  const open = new SvelteSet<string>();
  /** Lines that say no food, by ingredient: they stay as typed, and the ingredient as it was. */
  const refused = new SvelteMap<string, string>();
  let line = $state('');

  const ROLES: readonly (readonly [Ingredient['role'], string])[] = [
    ['main', 'main'],
    ['liquid', 'liquid'],
    ['base', 'base'],
    ['seasoning', 'seasoning'],
    ['finish', 'for the end'],
  ];
  const SCALINGS: readonly (readonly [Ingredient['scaling'], string])[] = [
    ['proportional', 'with servings'],
    ['with-pot', 'with the pot'],
    ['whole', 'whole pieces'],
    ['to-taste', 'to taste'],
    ['packages', 'whole packages'],
  ];

  /** What a line does not say and is not as usual, in a word each. */
  function chipsOf({ role, scaling, pieceMm, thaw, takes }: Ingredient): string[] {
    return [
      ...(pieceMm === undefined ? [] : [`${sayLength(pieceMm, { system })} thick`]),
      ...(thaw ? ['thawed first'] : []),
      ...(role === 'main' || role === 'liquid' || role === 'finish'
        ? [ROLES.find(([id]) => id === role)?.[1] ?? role]
        : []),
      ...(scaling === 'proportional'
        ? []
        : [SCALINGS.find(([id]) => id === scaling)?.[1] ?? scaling]),
      ...(takes ? ['from another dish'] : []),
    ];
  }
  /** The line as somebody has changed it. */
  function rewrite(i: number, text: string): void {
    const before = dish.ingredients[i];
    if (!before) return;
    const ids = new Set(dish.ingredients.map((own) => own.id));
    const made = rewriteIngredient($state.snapshot(before), text, ids);
    if (!made.ok) {
      const [problem] = made.problems;
      refused.set(before.id, `${problem?.message}; ${problem?.remedy}.`);
      return;
    }
    refused.delete(before.id);
    dish.ingredients.splice(i, 1, ...made.value);
  }

  let list = $state<HTMLElement>();
  let lineField = $state<HTMLElement>();
  function add(): void {
    for (const { ingredient } of readIngredients(line.split('\n'))) {
      const id = freshId(ingredient.id, new Set(dish.ingredients.map((i) => i.id)));
      dish.ingredients.push({ ...ingredient, id });
    }
    line = '';
  }
  function setState(ingredient: Ingredient, state: string): void {
    ingredient.frozen = state === 'fresh' ? undefined : true;
    ingredient.thaw = state === 'thawed' ? true : undefined;
  }
  /** Taken out of the list, it is taken out of every stage too. */
  function remove(id: string, index: number): void {
    void focusNear(list, index, lineField);
    dish.ingredients = dish.ingredients.filter((i) => i.id !== id);
    dish.stages = dish.stages.map((stage) => withoutUse(stage, id));
  }
</script>

<section aria-labelledby="ingredients" class="mt-6 card p-5">
  <h2 id="ingredients" class="text-xl font-bold">Ingredients</h2>
  <p class="mt-1 text-[15px] text-muted">
    One line each, as a recipe says it. What a line doesn’t say is behind it.
  </p>
  <ul class="mt-3 grid gap-1" bind:this={list}>
    {#each dish.ingredients as ingredient, i (ingredient.id)}
      {@const error =
        refused.get(ingredient.id) ??
        Object.entries(errors).find(([key]) => key.startsWith(`ingredients.${i}.`))?.[1]}
      <li class="border-b border-line py-1 last:border-0">
        <div class="flex flex-wrap items-center gap-x-2 gap-y-1">
          <DraftInput
            class="field min-w-0 flex-[1_1_18rem]"
            aria-label="Ingredient {i + 1}"
            aria-invalid={!!error}
            value={lineOf(ingredient)}
            oncommit={(text) => rewrite(i, text)}
          />
          <span class="flex flex-wrap items-center gap-1.5">
            {#each chipsOf(ingredient) as chip (chip)}<span
                class="rounded-full bg-leaf-soft px-2.5 py-0.5 text-[14px] text-leaf-ink"
                >{chip}</span
              >{/each}
          </span>
          <button
            type="button"
            class="ml-auto btn btn-quiet px-2.5"
            aria-expanded={open.has(ingredient.id)}
            onclick={() =>
              open.has(ingredient.id) ? open.delete(ingredient.id) : open.add(ingredient.id)}
            >{open.has(ingredient.id) ? 'Fold' : 'More'}<span class="sr-only">
              about {ingredient.food}</span
            ></button
          >
          <button type="button" class="btn btn-quiet px-2" onclick={() => remove(ingredient.id, i)}
            ><Trash2 size={17} aria-hidden="true" /><span class="sr-only"
              >Remove {ingredient.food}</span
            ></button
          >
        </div>
        {#if error}<p class="mt-1 text-sm font-semibold text-pimento">{error}</p>{/if}
        {#if open.has(ingredient.id)}
          <div class="mt-2 mb-3 grid grid-cols-2 gap-2 md:grid-cols-4">
            <MeasureField
              name="thick-{ingredient.id}"
              label="Thickest part"
              aria-label="Thickness of {ingredient.food}"
              measure="length"
              {system}
              value={ingredient.pieceMm}
              onvalue={(mm) => (ingredient.pieceMm = mm || undefined)}
            />
            <label class="label"
              >Frozen<select
                class="mt-1 field text-ink"
                aria-label="State of {ingredient.food}"
                value={ingredient.frozen ? (ingredient.thaw ? 'thawed' : 'frozen') : 'fresh'}
                onchange={(e) => setState(ingredient, e.currentTarget.value)}
              >
                <option value="fresh">not frozen</option>
                <option value="frozen">cooked frozen</option>
                <option value="thawed">thawed first</option>
              </select></label
            >
            <label class="label"
              >What it is for<select
                class="mt-1 field text-ink"
                aria-label="Role of {ingredient.food}"
                bind:value={ingredient.role}
              >
                {#each ROLES as [value, label] (value)}<option {value}>{label}</option>{/each}
              </select></label
            >
            <label class="label"
              >For more people<select
                class="mt-1 field text-ink"
                aria-label="How {ingredient.food} scales"
                bind:value={ingredient.scaling}
              >
                {#each SCALINGS as [value, label] (value)}<option {value}>{label}</option>{/each}
              </select></label
            >
          </div>
        {/if}
      </li>
    {:else}
      <li class="text-muted">No ingredients yet: type one below, as a recipe would say it.</li>
    {/each}
  </ul>
  <div class="mt-3 flex flex-wrap items-end gap-3">
    <div class="min-w-64 flex-1">
      <label for="line" class="label">Another ingredient, as a line</label>
      <input
        id="line"
        bind:this={lineField}
        class="field"
        placeholder="2 leeks, sliced 1 cm thick"
        bind:value={line}
        onkeydown={(e) => {
          if (e.key !== 'Enter') return;
          e.preventDefault();
          add();
        }}
      />
    </div>
    <button type="button" class="btn" disabled={line.trim() === ''} onclick={add}>Add it</button>
  </div>
</section>
