<script lang="ts">
  /** The clock of a practice evening: stop it, or let it run faster. */
  interface Props {
    speed: number;
    onspeed: (speed: number) => void;
  }
  let { speed, onspeed }: Props = $props();
  const SPEEDS = [
    [0, 'Stop'],
    [1, '1×'],
    [5, '5×'],
    [20, '20×'],
    [60, '60×'],
  ] as const;
</script>

<div
  class="mt-3 flex flex-wrap items-center justify-between gap-3 banner border-straw-ink bg-straw"
  data-testid="practice"
>
  <p>
    <b>Practice</b> with simulated cookers: nothing gets hot. {speed === 0
      ? 'The clock is stopped.'
      : ''}
  </p>
  <div class="flex flex-wrap gap-1" role="group" aria-label="Speed of the clock">
    {#each SPEEDS as [value, label] (value)}
      <button
        type="button"
        class="btn min-h-12 px-4"
        class:btn-strong={speed === value}
        aria-pressed={speed === value}
        onclick={() => onspeed(value)}>{label}</button
      >
    {/each}
  </div>
</div>
