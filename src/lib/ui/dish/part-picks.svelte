<script lang="ts">
  /** How much of each ingredient goes in at one stage: all of it, or a part. */
  import { PARTS, type Dish } from '$core/dish';

  interface Props {
    stage: Dish['stages'][number];
    number: number;
    dish: Dish;
  }
  let { stage = $bindable(), number, dish }: Props = $props();

  const used = $derived(dish.ingredients.filter((i) => stage.uses.includes(i.id)));
  /** What other stages have left of it. */
  function restOf(id: string): number {
    return dish.stages.reduce(
      (rest, s) => (s.id === stage.id ? rest : rest - (s.parts?.[id] ?? 0)),
      1,
    );
  }
  function choose(id: string, value: string): void {
    const { [id]: _, ...others } = stage.parts ?? {};
    const parts = value === '' ? others : { ...others, [id]: Number(value) };
    stage.parts = Object.keys(parts).length > 0 ? parts : undefined;
  }
</script>

{#if used.length > 0 && stage.kind !== 'prep' && stage.kind !== 'soak'}
  <div class="mt-2 flex flex-wrap gap-x-4 gap-y-2 border-t border-line pt-2">
    {#each used as ingredient (ingredient.id)}
      {@const rest = restOf(ingredient.id)}
      <label class="flex min-h-9 items-center gap-2 text-sm"
        >{ingredient.food}<select
          class="field w-36"
          aria-label="How much of {ingredient.food} in stage {number}"
          value={String(stage.parts?.[ingredient.id] ?? '')}
          onchange={(e) => choose(ingredient.id, e.currentTarget.value)}
          ><option value="">{rest < 1 ? 'the rest' : 'all of it'}</option
          >{#each PARTS.filter(([value]) => value <= rest + 0.001) as [value, words] (value)}<option
              value={String(value)}>{words}</option
            >{/each}</select
        ></label
      >
    {/each}
  </div>
{/if}
