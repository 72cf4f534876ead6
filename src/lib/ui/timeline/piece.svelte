<script lang="ts">
  import { textFits, toX, type Scale } from './geometry';
  import type { Lane, LanePiece } from './lanes';

  interface Props {
    piece: LanePiece;
    kind: Lane['kind'];
    scale: Scale;
    base: number;
    isSelected: boolean;
    onselect?: (stepId: string) => void;
  }
  let { piece, kind, scale, base, isSelected, onselect }: Props = $props();

  const x0 = $derived(toX(scale, piece.start));
  const width = $derived(Math.max(2, toX(scale, piece.end) - x0));
  /** Words for work in the pot, where there is room for them. */
  const WORDS: Partial<Record<LanePiece['phase'], string>> = {
    brown: 'brown',
    loosen: 'deglaze',
    simmer: 'reduce',
    thicken: 'thicken',
    finish: 'finish',
    rinse: 'rinse',
    burner: 'burner',
  };
  const word = $derived(
    textFits(WORDS[piece.phase] ?? '', width - 6, 6.5) ? (WORDS[piece.phase] ?? '') : '',
  );
  /** Drawn as part of the cycle's outline. */
  const isCycle = $derived(['come-up', 'hold', 'release', 'vent'].includes(piece.phase));
  const height = $derived(
    kind === 'hands' ? 18 : piece.phase === 'seal' || piece.phase === 'open' ? 10 : 22,
  );
</script>

<!-- Drawn for the eye and the mouse; the schedule is the same for keyboard and screen reader. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
<g
  onclick={() => onselect?.(piece.stepId)}
  class={onselect && 'cursor-pointer'}
  data-step={piece.stepId}
>
  {#if kind === 'ahead'}
    <rect
      x={x0}
      y={base - 24}
      {width}
      height="24"
      rx="4"
      fill="var(--brine-soft)"
      stroke={isSelected ? 'var(--ink)' : 'var(--brine)'}
      stroke-width={isSelected ? 2.5 : 1}
    />
    {#if textFits(piece.dish, width - 12, 7)}<text
        x={x0 + 7}
        y={base - 8}
        class="fill-ink text-[12px] font-semibold">{piece.dish}</text
      >{/if}
  {:else if kind === 'hands'}
    <rect
      x={x0}
      y={base - 21}
      {width}
      {height}
      rx="2.5"
      fill="var(--ember)"
      stroke={isSelected ? 'var(--ink)' : 'var(--salt)'}
      stroke-width={isSelected ? 2.5 : 0.8}
    />
  {:else if kind === 'oven'}
    {#if piece.phase === 'preheat'}
      <path
        d="M{x0} {base}L{x0 + width} {base - 26}V{base}Z"
        fill="url(#tex-oven)"
        stroke="var(--ember)"
      />
      {#if textFits(piece.text, width + 60)}<text
          x={x0}
          y={base - 30}
          class="fill-ember-ink text-[12px]">{piece.text}</text
        >{/if}
    {:else}
      <rect
        x={x0}
        y={base - 26}
        {width}
        height="26"
        fill="var(--salt)"
        stroke="var(--ember)"
        stroke-width={isSelected ? 2.5 : 1.2}
      />
    {/if}
  {:else if !isCycle}
    {#if piece.isHands}
      <rect
        x={x0}
        y={base - height}
        {width}
        {height}
        rx="3"
        fill="var(--ember)"
        stroke={isSelected ? 'var(--ink)' : 'var(--salt)'}
        stroke-width={isSelected ? 2.5 : 0.8}
      />
      {#if word}<text
          x={x0 + width / 2}
          y={base - 7}
          text-anchor="middle"
          class="fill-on-ember text-[12px] font-semibold">{word}</text
        >{/if}
    {:else}
      <rect
        x={x0}
        y={base - 22}
        {width}
        height="22"
        rx="3"
        fill="var(--salt)"
        stroke="var(--line-strong)"
      />
    {/if}
  {/if}
</g>
