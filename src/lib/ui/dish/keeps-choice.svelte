<script lang="ts">
  /** How well a dish keeps once it is done, in a cook's words; any other minutes can be given. */
  import type { Dish } from '$core/dish';
  import Field from '$lib/ui/fields/field.svelte';

  interface Props {
    wait: Dish['wait'];
    error?: string;
  }
  let { wait = $bindable(), error }: Props = $props();

  const CHOICES: readonly { name: string; wait: Dish['wait'] }[] = [
    { name: 'as long as you like', wait: { maxMinutes: null, cost: 0 } },
    { name: 'for hours', wait: { maxMinutes: 240, cost: 0 } },
    { name: 'half an hour', wait: { maxMinutes: 30, cost: 1 } },
    { name: 'eat at once', wait: { maxMinutes: 8, cost: 3 } },
  ];
  const current = $derived(
    CHOICES.findIndex((c) => c.wait.maxMinutes === wait.maxMinutes && c.wait.cost === wait.cost),
  );
  let isOther = $state(false);
  const showsMinutes = $derived(isOther || current < 0);

  function choose(index: number): void {
    const choice = CHOICES[index];
    isOther = !choice;
    if (choice) wait = { ...choice.wait };
  }
</script>

<div>
  <label class="label" for="keeps">How well it keeps</label>
  <select
    id="keeps"
    class="field"
    value={showsMinutes ? -1 : current}
    onchange={(e) => choose(Number(e.currentTarget.value))}
  >
    {#each CHOICES as choice, i (i)}<option value={i}>{choice.name}</option>{/each}
    <option value={-1}>other minutes</option>
  </select>
</div>
{#if showsMinutes}
  <Field
    name="wait"
    label="Keeps warm for at most"
    unit="min"
    type="number"
    bind:value={wait.maxMinutes}
    {error}
  />
{/if}
