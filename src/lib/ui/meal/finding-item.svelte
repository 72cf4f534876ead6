<script lang="ts">
  /** One thing to look at: what it is, what helps, and the help as a button. */
  import type { Edit, Finding } from '$core/reason';
  import { sayEdit, sayFinding, type Conventions } from '$core/words';
  import { isMarked } from './marks';

  interface Props {
    note: Finding;
    by: Conventions;
    onedit: (edit: Edit) => void;
  }
  let { note, by, onedit }: Props = $props();
  const LOOK = {
    stop: 'banner-stop',
    look: 'banner-look',
    info: 'banner-note',
  } as const;
  const WORD = { stop: 'Stop', look: 'Look', info: 'Note' } as const;
  const said = $derived(sayFinding(note, by));
</script>

<li class="banner wrap-anywhere {LOOK[note.severity]}">
  <p>
    {#if isMarked(note)}
      <span
        class="mr-1 inline-flex size-5 items-center justify-center rounded-full bg-pimento text-[12px] leading-none font-bold text-on-pimento"
        aria-hidden="true">!</span
      >
    {/if}
    <b>{WORD[note.severity]}.</b>
    {said.text}
  </p>
  {#if said.remedy}<p class="mt-1 text-[15px]">{said.remedy}</p>{/if}
  {#if note.edits.length > 0}
    <p class="mt-2 flex flex-wrap gap-2">
      {#each note.edits as edit (edit)}
        {#if edit.kind === 'open-dish'}
          <a class="btn" href="/dishes/{encodeURIComponent(edit.dish)}">{sayEdit(edit, by)}</a>
        {:else}
          <button type="button" class="btn" onclick={() => onedit(edit)}>{sayEdit(edit, by)}</button
          >
        {/if}
      {/each}
    </p>
  {/if}
</li>
