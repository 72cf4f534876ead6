<script lang="ts">
  /** The stage chain: kinds to add, order by drag or by buttons, and what goes in where. */
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import {
    isParted,
    partAt,
    sayPart,
    stagesBefore,
    withoutUse,
    type Dish,
    type StageKind,
  } from '$core/dish';
  import PartPicks from './part-picks.svelte';
  import { newStage, STAGE_NAMES } from './new-stage';
  import StageTimes from './stage-times.svelte';

  interface Props {
    dish: Dish;
    errors: Readonly<Record<string, string>>;
  }
  let { dish = $bindable(), errors }: Props = $props();
  let kind = $state<StageKind>('pressure');
  let dragged = $state<string | null>(null);

  const KINDS = Object.entries(STAGE_NAMES) as [StageKind, string][];

  function move(from: number, to: number): void {
    if (to < 0 || to >= dish.stages.length || from === to) return;
    const stages = [...dish.stages];
    const [stage] = stages.splice(from, 1);
    if (stage) stages.splice(to, 0, stage);
    dish.stages = stages;
  }
  function add(): void {
    dish.stages.push(newStage(kind, new Set(dish.stages.map((s) => s.id))));
  }
  /** Nothing waits for a stage that is gone. */
  function remove(id: string): void {
    dish.stages = dish.stages
      .filter((s) => s.id !== id)
      .map((s) => (s.after ? { ...s, after: s.after.filter((a) => a !== id) } : s));
    dish.products = dish.products.filter((p) => p.from !== id);
  }
  /** What a stage waits for: null for the one above it. */
  function setAfter(stage: Dish['stages'][number], after: string[] | null): void {
    stage.after = after ?? undefined;
  }
  function toggleAfter(stage: Dish['stages'][number], id: string, on: boolean): void {
    const now = stagesBefore(dish, stage);
    setAfter(stage, on ? [...now, id] : now.filter((a) => a !== id));
  }
  function sayAfter(stage: Dish['stages'][number], i: number): string {
    if (stage.after === undefined) return i === 0 ? 'nothing' : 'the stage above';
    if (stage.after.length === 0) return 'nothing: it begins on its own';
    const numbers = stage.after.map((id) => dish.stages.findIndex((s) => s.id === id) + 1);
    return `stage ${numbers.sort((a, b) => a - b).join(' and ')}`;
  }
  function toggle(stage: Dish['stages'][number], id: string, on: boolean): void {
    if (on) stage.uses.push(id);
    else Object.assign(stage, withoutUse(stage, id));
  }
  function sayUse(stage: Dish['stages'][number], id: string): string {
    const name = dish.ingredients.find((i) => i.id === id)?.food ?? id;
    const part = stage.parts?.[id];
    if (part !== undefined) return `${sayPart(part)} of the ${name}`;
    return isParted(dish, id) && partAt(dish, stage, id) < 1 ? `the rest of the ${name}` : name;
  }
</script>

<section aria-labelledby="stages" class="mt-6 card p-5">
  <h2 id="stages" class="text-xl font-bold">Stages, in order</h2>
  <ol class="mt-3 grid gap-3">
    {#each dish.stages as stage, i (stage.id)}
      {@const error = Object.entries(errors).find(([key]) => key.startsWith(`stages.${i}.`))?.[1]}
      <li
        class="grid gap-3 rounded-lg border border-line p-3 md:grid-cols-[9rem_minmax(0,1fr)_auto] {dragged ===
        stage.id
          ? 'opacity-60'
          : ''}"
        draggable={dragged === stage.id}
        ondragover={(e) => {
          if (dragged) e.preventDefault();
        }}
        ondrop={(e) => {
          e.preventDefault();
          move(
            dish.stages.findIndex((s) => s.id === dragged),
            i,
          );
          dragged = null;
        }}
        ondragend={() => (dragged = null)}
      >
        <div>
          <p
            class="cursor-grab font-bold"
            role="presentation"
            onpointerdown={() => (dragged = stage.id)}
            onpointerup={() => (dragged = null)}
          >
            {i + 1}. {STAGE_NAMES[stage.kind]}
          </p>
          <div class="mt-1 flex gap-1">
            <button
              type="button"
              class="btn btn-quiet px-2"
              disabled={i === 0}
              aria-label="Move stage {i + 1} up"
              onclick={() => move(i, i - 1)}><ArrowUp size={18} aria-hidden="true" /></button
            >
            <button
              type="button"
              class="btn btn-quiet px-2"
              disabled={i === dish.stages.length - 1}
              aria-label="Move stage {i + 1} down"
              onclick={() => move(i, i + 1)}><ArrowDown size={18} aria-hidden="true" /></button
            >
          </div>
        </div>
        <div class="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-2">
          <input class="field" aria-label="What to do in stage {i + 1}" bind:value={stage.text} />
          <StageTimes bind:stage={dish.stages[i] as Dish['stages'][number]} number={i + 1} />
          {#if stage.sentence && stage.sentence !== stage.text}
            <p class="text-sm text-muted">From the recipe: “{stage.sentence}”</p>
          {/if}
          <details>
            <summary class="min-h-8 cursor-pointer text-[15px] text-muted">
              Goes in: {stage.uses.length === 0
                ? 'nothing'
                : stage.uses.map((id) => sayUse(stage, id)).join(', ')}
            </summary>
            <div class="mt-1 flex flex-wrap gap-x-4">
              {#each dish.ingredients as ingredient (ingredient.id)}
                <label class="flex min-h-9 items-center gap-2"
                  ><input
                    type="checkbox"
                    class="tick"
                    checked={stage.uses.includes(ingredient.id)}
                    onchange={(e) => toggle(stage, ingredient.id, e.currentTarget.checked)}
                  />{ingredient.food}</label
                >
              {/each}
            </div>
            <PartPicks
              bind:stage={dish.stages[i] as Dish['stages'][number]}
              number={i + 1}
              {dish}
            />
          </details>
          {#if i > 0}
            <details>
              <summary class="min-h-8 cursor-pointer text-[15px] text-muted">
                Waits for: {sayAfter(stage, i)}
              </summary>
              <div class="mt-1 grid grid-cols-[minmax(0,1fr)]">
                {#each dish.stages as other, n (other.id)}
                  {#if other.id !== stage.id}
                    <label class="flex min-h-9 min-w-0 items-center gap-2"
                      ><input
                        type="checkbox"
                        class="tick"
                        checked={stagesBefore(dish, stage).includes(other.id)}
                        onchange={(e) => toggleAfter(stage, other.id, e.currentTarget.checked)}
                      /><span class="truncate">{n + 1}. {other.text}</span></label
                    >
                  {/if}
                {/each}
                <p class="text-sm text-muted">
                  With nothing ticked it goes on beside the others, in a pot or pan of its own.
                </p>
                {#if stage.after !== undefined}
                  <button
                    type="button"
                    class="btn w-fit btn-quiet px-2"
                    onclick={() => setAfter(stage, null)}>Only the stage above</button
                  >
                {/if}
              </div>
            </details>
          {/if}
          {#if error}<p class="text-sm font-semibold text-pimento">{error}</p>{/if}
        </div>
        <button type="button" class="btn h-fit btn-quiet px-2" onclick={() => remove(stage.id)}
          >Remove<span class="sr-only"> stage {i + 1}</span></button
        >
      </li>
    {:else}
      <li class="text-muted">No steps yet: a dish needs at least one to be planned.</li>
    {/each}
  </ol>
  <div class="mt-3 flex flex-wrap items-end gap-3">
    <label class="text-sm text-muted"
      >Another stage<select class="mt-1 field text-ink" bind:value={kind}
        >{#each KINDS as [value, label] (value)}<option {value}>{label}</option>{/each}</select
      ></label
    >
    <button type="button" class="btn" onclick={add}>Add it</button>
  </div>
</section>
