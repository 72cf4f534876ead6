<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';

  interface Props extends HTMLInputAttributes {
    name: string;
    label: string;
    /** What is wrong and what to do; nothing where all is well. */
    error?: string;
    /** Wrong together with a neighbour that carries the words. */
    invalid?: boolean;
    /** Shown after the box: a unit. */
    unit?: string;
    value?: string | number | null;
  }
  let {
    name,
    label,
    error,
    invalid = false,
    unit,
    value = $bindable(''),
    class: extra = '',
    ...rest
  }: Props = $props();
  const id = $derived(rest.id ?? `field-${name}`);
</script>

<div class={extra}>
  <label for={id} class="label">{label}</label>
  <div class="flex items-center gap-2">
    <input
      {...rest}
      {id}
      {name}
      bind:value
      class="field"
      aria-invalid={!!error || invalid}
      aria-describedby={error ? `${id}-error` : undefined}
    />
    {#if unit}<span class="text-muted">{unit}</span>{/if}
  </div>
  {#if error}<p id="{id}-error" class="mt-1 text-sm font-semibold text-pimento">{error}</p>{/if}
</div>
