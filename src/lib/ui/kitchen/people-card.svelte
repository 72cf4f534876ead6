<script lang="ts">
  /** Who cooks and how quickly, and what hangs on which breaker. */
  import type { Kitchen } from '$core/kitchen';
  import Field from '$lib/ui/fields/field.svelte';
  import Told, { type ToldFigure } from './told.svelte';

  interface Props {
    kitchen: Kitchen;
    errors: Record<string, string>;
    freshId: (name: string, taken: readonly { id: string }[]) => string;
    /** What evenings have told of hands. */
    told: readonly ToldFigure[];
  }
  let { kitchen = $bindable(), errors, freshId, told }: Props = $props();

  /** Named cooks are the hands of the kitchen. */
  function addCook(): void {
    kitchen.cooks.push({
      id: freshId('cook', kitchen.cooks),
      name: `Cook ${kitchen.cooks.length + 1}`,
      pace: 1,
    });
    kitchen.hands = kitchen.cooks.length;
  }
  function removeCook(id: string): void {
    kitchen.cooks = kitchen.cooks.filter((c) => c.id !== id);
    kitchen.hands = Math.max(1, kitchen.cooks.length);
  }
  function addCircuit(): void {
    kitchen.circuits.push({ id: freshId('circuit', kitchen.circuits), name: '', watts: 3680 });
  }
  function removeCircuit(id: string): void {
    kitchen.circuits = kitchen.circuits.filter((c) => c.id !== id);
    for (const cooker of kitchen.cookers) if (cooker.circuit === id) cooker.circuit = null;
  }
</script>

<section aria-labelledby="people" class="grid h-fit gap-3 card p-5">
  <h2 id="people" class="text-xl font-bold">Cooks and circuits</h2>
  {#each kitchen.cooks as cook, i (cook.id)}
    <div class="grid grid-cols-[1fr_5.5rem_auto] items-end gap-2">
      <Field
        name="cook-{i}"
        label="Cook"
        bind:value={cook.name}
        error={errors[`cooks.${i}.name`]}
      />
      <Field
        name="pace-{i}"
        label="Pace, ×"
        type="number"
        step="0.1"
        bind:value={cook.pace}
        error={errors[`cooks.${i}.pace`]}
      />
      <button type="button" class="btn btn-quiet px-2" onclick={() => removeCook(cook.id)}
        >Remove<span class="sr-only"> {cook.name}</span></button
      >
    </div>
  {:else}
    <p class="text-sm text-muted">
      No cooks named: {kitchen.hands === 1 ? 'one cook' : `${kitchen.hands} cooks`} at the pace of the
      recipes. Above 1 is slower, below 1 quicker.
    </p>
  {/each}
  <button type="button" class="btn" disabled={kitchen.cooks.length >= 4} onclick={addCook}
    >Name a cook</button
  >
  <Told figures={told} />
  <hr class="border-line" />
  {#each kitchen.circuits as circuit, i (circuit.id)}
    <div class="grid grid-cols-[1fr_6rem_auto] items-end gap-2">
      <Field
        name="circuit-{i}"
        label="Circuit"
        bind:value={circuit.name}
        error={errors[`circuits.${i}.name`]}
      />
      <Field
        name="limit-{i}"
        label="Limit, W"
        type="number"
        bind:value={circuit.watts}
        error={errors[`circuits.${i}.watts`]}
      />
      <button type="button" class="btn btn-quiet px-2" onclick={() => removeCircuit(circuit.id)}
        >Remove<span class="sr-only"> {circuit.name}</span></button
      >
    </div>
  {:else}
    <p class="text-sm text-muted">
      No circuits: all cookers may heat at once. Add one where a breaker trips.
    </p>
  {/each}
  <button type="button" class="btn" onclick={addCircuit}>Add a circuit</button>
</section>
