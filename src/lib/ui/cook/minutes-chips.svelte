<script lang="ts">
  /** Minutes at one tap, or any other number. */
  interface Props {
    /** What they are for, as a screen reader says it. */
    label: string;
    chips: readonly number[];
    /** What stands after the number on each chip. */
    unit?: string;
    /** The longest that can be said. */
    most?: number;
    onpick: (minutes: number) => void;
  }
  let { label, chips, unit = 'min', most = 240, onpick }: Props = $props();

  let other = $state('');
  let problem = $state('');
  const id = $props.id();

  function go(event: SubmitEvent): void {
    event.preventDefault();
    const minutes = Number(other);
    if (!Number.isInteger(minutes) || minutes < 1 || minutes > most) {
      problem = `Whole minutes from 1 to ${most}.`;
      return;
    }
    problem = '';
    other = '';
    onpick(minutes);
  }
</script>

<div class="flex flex-wrap items-center gap-2" role="group" aria-label={label}>
  {#each chips as minutes (minutes)}
    <button type="button" class="btn min-h-14 min-w-14 text-lg" onclick={() => onpick(minutes)}
      >{minutes} {unit}</button
    >
  {/each}
  <form class="flex items-center gap-2" onsubmit={go}>
    <input
      class="field min-h-14 w-24 text-lg"
      inputmode="numeric"
      bind:value={other}
      aria-label="{label}: other minutes"
      aria-invalid={problem ? 'true' : undefined}
      aria-describedby={problem ? `${id}-problem` : undefined}
      placeholder="other"
    />
    <button type="submit" class="btn min-h-14" disabled={other.trim() === ''}>Take it</button>
  </form>
  {#if problem}<p id="{id}-problem" role="alert" class="w-full text-pimento">{problem}</p>{/if}
</div>
