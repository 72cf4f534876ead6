<script lang="ts">
  import { lanesOf } from '$core/cycle';
  import type { Dish, Stage } from '$core/dish';

  /**
   * A dish's stages in little: one mark each, as wide as it is long (by its square root). What goes on side by side
   * lies in rows of its own.
   */
  let { dish }: { dish: Dish } = $props();

  const minutesOf = (stage: Stage): number =>
    stage.kind === 'pressure' ? stage.holdMinutes + 20 : stage.minutes;
  const LOOK: Record<Stage['kind'], string> = {
    slow: 'border border-ember',
    prep: 'bg-ember',
    brown: 'bg-ember',
    loosen: 'bg-ember',
    thicken: 'bg-ember',
    finish: 'bg-ember',
    simmer: 'bg-ember',
    burner: 'bg-ember',
    pressure: 'bg-olive',
    oven: 'border-ember border bg-salt',
    crisp: 'border-ember border bg-salt',
    rest: 'bg-straw',
    soak: 'bg-brine-soft border border-brine',
  };
  const placed = $derived(lanesOf(dish));
  const lanes = $derived(1 + Math.max(0, ...placed.map((p) => p.lane)));
  const words = $derived(
    dish.stages.map((s) => s.kind).join(', ') + (lanes > 1 ? `; ${lanes} side by side` : ''),
  );
</script>

<span class="mt-3 grid w-fit items-end gap-[3px]" role="img" aria-label="Stages: {words}">
  {#each placed as { stage, lane, column } (stage.id)}
    <span
      class="rounded-sm {stage.kind === 'pressure' ? 'h-5' : 'h-2.5'} {LOOK[stage.kind]}"
      style:grid-row={lane + 1}
      style:grid-column={column + 1}
      style:width="{6 + 5 * Math.sqrt(Math.min(120, minutesOf(stage)))}px"
    ></span>
  {/each}
</span>
