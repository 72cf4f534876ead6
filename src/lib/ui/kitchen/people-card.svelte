<script lang="ts">
  /** Who cooks and how quickly, and what hangs on which breaker. */
  import type { Kitchen } from '$core/kitchen';
  import Field from '$lib/ui/fields/field.svelte';
  import Fold from './fold.svelte';
  import Told, { type ToldFigure } from './told.svelte';

  interface Props {
    kitchen: Kitchen;
    errors: Record<string, string>;
    isWrong: boolean;
    freshId: (name: string, taken: readonly { id: string }[]) => string;
    /** What evenings have told of hands. */
    told: readonly ToldFigure[];
  }
  let { kitchen = $bindable(), errors, isWrong, freshId, told }: Props = $props();

  const said = $derived(
    [
      kitchen.cooks.length > 0
        ? kitchen.cooks.map((c) => `${c.name} (pace × ${c.pace})`).join(', ')
        : kitchen.hands === 1
          ? 'One cook, at the pace of the recipes'
          : `${kitchen.hands} cooks, at the pace of the recipes`,
      kitchen.circuits.length > 0
        ? kitchen.circuits.map((c) => `${c.name}: ${c.watts} W`).join(', ')
        : 'no circuits: all cookers may heat at once',
    ].join(' · '),
  );

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

<Fold id="people" title="Cooks and circuits" {said} {isWrong}>
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
</Fold>
