<script lang="ts">
  /** A number that is kept in one unit and read in the household's: mm as inches, litres as quarts, metres as feet. */
  import type { HTMLInputAttributes } from 'svelte/elements';
  import { MEASURES, type Measure } from './measures';
  import Field from './field.svelte';

  interface Props extends Omit<HTMLInputAttributes, 'value'> {
    name: string;
    label: string;
    measure: Measure;
    system: 'us' | 'metric';
    /** As it is kept; null or NaN for none. */
    value: number | null | undefined;
    error?: string;
    /** Told the new value, as it is kept; NaN where the field is empty. */
    onvalue?: (value: number) => void;
  }
  let {
    name,
    label,
    measure,
    system,
    value = $bindable(),
    error,
    onvalue,
    ...rest
  }: Props = $props();

  const by = $derived(MEASURES[measure][system]);
  /** What somebody is typing stands as it is typed; it is not rounded under their fingers. */
  let typed = $state<string | null>(null);
  const shown = $derived(
    value == null || Number.isNaN(value)
      ? ''
      : String(Number((value / by.size).toFixed(by.digits))),
  );
</script>

<Field
  {...rest}
  {name}
  {label}
  {error}
  unit={by.unit}
  type="number"
  step="any"
  value={typed ?? shown}
  oninput={(e) => {
    typed = e.currentTarget.value;
    const number = e.currentTarget.valueAsNumber;
    const kept = Number.isNaN(number) ? number : Number((number * by.size).toFixed(by.kept));
    value = kept;
    onvalue?.(kept);
  }}
  onblur={() => (typed = null)}
/>
