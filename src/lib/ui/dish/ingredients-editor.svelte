<script lang="ts">
  /** Ingredients with their role and the way they scale; new ones are typed as a line. */
  import { withoutUse, type Dish, type Ingredient } from '$core/dish';
  import { freshId, readIngredients } from '$core/recipe';
  import { UNIT_NAMES } from '$core/units';

  interface Props {
    dish: Dish;
    errors: Readonly<Record<string, string>>;
  }
  let { dish = $bindable(), errors }: Props = $props();
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
  function remove(id: string): void {
    dish.ingredients = dish.ingredients.filter((i) => i.id !== id);
    dish.stages = dish.stages.map((stage) => withoutUse(stage, id));
  }
</script>

<section aria-labelledby="ingredients" class="mt-6 card p-5">
  <h2 id="ingredients" class="text-xl font-bold">Ingredients</h2>
  <div
    aria-hidden="true"
    class="mt-3 hidden grid-cols-[5rem_6rem_1.3fr_1.2fr_5rem_7.5rem_7rem_9rem_5rem] gap-2 text-sm text-muted lg:grid"
  >
    <span>Amount</span><span>Unit</span><span>Food</span><span>Preparation</span><span
      >Thick, mm</span
    ><span>State</span><span>Role</span><span>Scales</span>
  </div>
  <ul class="mt-1 grid gap-2">
    {#each dish.ingredients as ingredient, i (ingredient.id)}
      {@const error = Object.entries(errors).find(([key]) =>
        key.startsWith(`ingredients.${i}.`),
      )?.[1]}
      <li
        class="grid grid-cols-2 gap-2 border-b border-line pb-2 lg:grid-cols-[5rem_6rem_1.3fr_1.2fr_5rem_7.5rem_7rem_9rem_5rem]"
      >
        <input
          class="field"
          type="number"
          step="any"
          aria-label="Amount of {ingredient.food}"
          placeholder="to taste"
          bind:value={ingredient.amount}
        />
        <select class="field" aria-label="Unit of {ingredient.food}" bind:value={ingredient.unit}>
          <option value={null}>–</option>
          {#each UNIT_NAMES as unit (unit)}<option value={unit}>{unit}</option>{/each}
        </select>
        <input class="field" aria-label="Food {i + 1}" bind:value={ingredient.food} />
        <input
          class="field"
          aria-label="Preparation of {ingredient.food}"
          placeholder="how it is cut"
          bind:value={ingredient.preparation}
        />
        <input
          class="field"
          type="number"
          aria-label="Thickness of {ingredient.food}, mm"
          placeholder="mm"
          bind:value={
            () => ingredient.pieceMm ?? null, (mm) => (ingredient.pieceMm = mm ?? undefined)
          }
        />
        <select
          class="field"
          aria-label="State of {ingredient.food}"
          value={ingredient.frozen ? (ingredient.thaw ? 'thawed' : 'frozen') : 'fresh'}
          onchange={(e) => setState(ingredient, e.currentTarget.value)}
        >
          <option value="fresh">not frozen</option>
          <option value="frozen">cooked frozen</option>
          <option value="thawed">thawed first</option>
        </select>
        <select class="field" aria-label="Role of {ingredient.food}" bind:value={ingredient.role}>
          {#each ROLES as [value, label] (value)}<option {value}>{label}</option>{/each}
        </select>
        <select
          class="field"
          aria-label="How {ingredient.food} scales"
          bind:value={ingredient.scaling}
        >
          {#each SCALINGS as [value, label] (value)}<option {value}>{label}</option>{/each}
        </select>
        <button type="button" class="btn btn-quiet px-2" onclick={() => remove(ingredient.id)}
          >Remove<span class="sr-only"> {ingredient.food}</span></button
        >
        {#if error}<p class="col-span-full text-sm font-semibold text-pimento">{error}</p>{/if}
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
