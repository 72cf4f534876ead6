<script lang="ts">
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';

  interface Props {
    servings: number;
    error?: string;
    onset: (servings: number) => void;
  }
  let { servings, error, onset }: Props = $props();
</script>

<div class="print:hidden">
  <div class="flex items-center gap-1 card p-1">
    <button class="btn btn-quiet px-3" disabled={servings <= 1} onclick={() => onset(servings - 1)}
      ><Minus size={18} aria-hidden="true" /><span class="sr-only">One portion fewer</span></button
    >
    <label class="flex items-baseline gap-2">
      <input
        type="number"
        min="1"
        max="200"
        value={servings}
        aria-invalid={!!error}
        onchange={(e) =>
          onset(e.currentTarget.value === '' ? Number.NaN : e.currentTarget.valueAsNumber)}
        class="w-16 [appearance:textfield] bg-transparent text-right font-head text-2xl font-bold"
      />
      <span class="font-head text-xl font-bold">portions</span>
    </label>
    <button class="btn btn-quiet px-3" onclick={() => onset(servings + 1)}
      ><Plus size={18} aria-hidden="true" /><span class="sr-only">One portion more</span></button
    >
  </div>
  {#if error}<p class="mt-1 max-w-64 text-sm font-semibold text-pimento">{error}</p>{/if}
</div>
