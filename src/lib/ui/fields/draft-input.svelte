<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';

  interface Props extends Omit<HTMLInputAttributes, 'value'> {
    /** What the document holds; it replaces what is typed only when it changes itself. */
    value: string | number;
    /** Told what was typed once the field is left or Enter is pressed; it may refuse it. */
    oncommit: (typed: string) => void;
  }
  let { value, oncommit, ...rest }: Props = $props();

  /** Stays as typed while it is refused. */
  let draft = $derived<string | number | null>(value);
</script>

<input {...rest} bind:value={draft} onchange={() => oncommit(String(draft ?? ''))} />
