<script lang="ts">
  import type { Finding } from '$core/reason';
  import { isMarked } from './marks';

  interface Props {
    notes: readonly Finding[];
    onwater: (water: NonNullable<Finding['addWater']>) => void;
  }
  let { notes, onwater }: Props = $props();
  const LOOK = {
    stop: 'border-pimento bg-pimento-soft',
    look: 'border-ember bg-ember-soft',
    info: 'border-brine bg-brine-soft',
  } as const;
  const WORD = { stop: 'Stop', look: 'Look', info: 'Note' } as const;
</script>

<section aria-labelledby="needs-look">
  <h2 id="needs-look" class="mb-3 text-xl font-bold">Needs a look</h2>
  <ul class="grid gap-3">
    {#each notes as note, index (index)}
      <li class="rounded-lg border-l-4 px-4 py-3 wrap-anywhere {LOOK[note.severity]}">
        <p>
          {#if isMarked(note)}
            <span
              class="mr-1 inline-flex size-5 items-center justify-center rounded-full bg-pimento text-[12px] leading-none font-bold text-on-pimento"
              aria-hidden="true">!</span
            >
          {/if}
          <b>{WORD[note.severity]}.</b>
          {note.text}
        </p>
        {#if note.remedy}<p class="mt-1 text-[15px]">{note.remedy}</p>{/if}
        {#if note.addWater}
          {@const water = note.addWater}
          <button type="button" class="mt-2 btn" onclick={() => onwater(water)}
            >{water.label}</button
          >
        {/if}
      </li>
    {/each}
  </ul>
</section>
