<script lang="ts">
  /** The steps that were read, each with its kind and minutes to be corrected in place. */
  import { lanesOf } from '$core/cycle';
  import type { Dish } from '$core/dish';
  import { STEP_KINDS, type ReadEdit, type StepKind } from '$core/recipe';
  import { STAGE_NAMES } from './new-stage';

  interface Props {
    dish: Dish;
    onedit: (edit: ReadEdit) => void;
  }
  let { dish, onedit }: Props = $props();

  const LONGEST = 2880;
  /** What a step waits for, where that is not the one above it. */
  const waits = $derived(
    lanesOf(dish).map(({ after }) => {
      if (after === null) return '';
      const numbers = after.map((s) => dish.stages.indexOf(s) + 1);
      return numbers.length === 0 ? 'begins on its own' : `after ${numbers.join(' and ')}`;
    }),
  );
  const isStep = (kind: string): kind is StepKind => STEP_KINDS.some((k) => k === kind);
</script>

<details class="mt-2">
  <summary class="min-h-11 cursor-pointer py-2 font-bold">Correct the steps</summary>
  <ol class="grid gap-1.5">
    {#each dish.stages as stage, i (stage.id)}
      {@const minutes = stage.kind === 'pressure' ? stage.holdMinutes : stage.minutes}
      <li class="flex flex-wrap items-center gap-2">
        <span class="w-6 text-right text-muted">{i + 1}</span>
        <select
          class="field w-40"
          aria-label="Kind of step {i + 1}"
          value={stage.kind}
          disabled={!isStep(stage.kind)}
          onchange={(e) =>
            onedit({ of: 'kind', id: stage.id, kind: e.currentTarget.value as StepKind })}
        >
          {#if !isStep(stage.kind)}<option value={stage.kind}>{STAGE_NAMES[stage.kind]}</option
            >{/if}
          {#each STEP_KINDS as kind (kind)}<option value={kind}>{STAGE_NAMES[kind]}</option>{/each}
        </select>
        <input
          class="field w-20"
          type="number"
          min="0"
          max={LONGEST}
          aria-label="Minutes of step {i + 1}"
          value={minutes}
          onchange={(e) => {
            const value = Math.round(e.currentTarget.valueAsNumber);
            if (value >= 0 && value <= LONGEST)
              onedit({ of: 'minutes', id: stage.id, minutes: value });
            else e.currentTarget.value = String(minutes);
          }}
        />
        <span class="text-muted">min</span>
        <span class="min-w-0 flex-1 truncate text-[15px]"
          >{#if waits[i]}<b class="mr-1 text-leaf-ink">{waits[i]}:</b>
          {/if}{stage.text}</span
        >
      </li>
    {/each}
  </ol>
</details>
