<script lang="ts">
  import { sayLength } from '$core/words';
  import type { Kitchen } from '$core/kitchen';
  import type { DrawnPiece } from './types';

  interface Props {
    piece: DrawnPiece;
    by: Kitchen;
  }
  let { piece, by }: Props = $props();

  /** Room around the pot in the drawing, mm. */
  const MARGIN = 14;
  const width = $derived(piece.pot.diameterMm + 2 * MARGIN);
  const height = $derived(piece.pot.heightMm + 2 * MARGIN);
  const floor = $derived(MARGIN + piece.pot.heightMm);
  const isTooLong = $derived(piece.widthMm > piece.pot.diameterMm);
  /** Lying on its flat side, seen from the front. */
  const across = $derived(Math.min(piece.lengthMm, piece.pot.diameterMm));
  /** As a cook would measure it: half a centimetre or half an inch is fine enough. */
  const inRound = (mm: number): string => {
    if (by.system === 'us') return sayLength(Math.max(1, Math.round(mm / 6.35)) * 6.35, by);
    return mm < 20 ? `${Math.round(mm)} mm` : `${Math.round(mm / 5) / 2} cm`;
  };
  const said = $derived(
    `${inRound(piece.thicknessMm)} thick, about ${inRound(piece.widthMm)} wide and ${inRound(piece.lengthMm)} long`,
  );
</script>

<figure class="mt-5 max-w-sm">
  <svg
    viewBox="0 0 {width} {height}"
    class="block h-44 w-full"
    role="img"
    aria-label="One piece to scale in the {piece.pot.name}: {said}"
  >
    <path
      d="M {MARGIN} {MARGIN} V {floor} H {MARGIN + piece.pot.diameterMm} V {MARGIN}"
      fill="none"
      class="stroke-ink"
      stroke-width="4"
      stroke-linejoin="round"
    />
    <ellipse
      cx={width / 2}
      cy={floor - 3 - piece.thicknessMm / 2}
      rx={across / 2}
      ry={piece.thicknessMm / 2}
      class="fill-ember stroke-ink"
      fill-opacity="0.55"
      stroke-width="1.5"
    />
  </svg>
  <figcaption class="mt-1 text-sm text-muted">
    {piece.count === 1 ? 'The piece' : `One of ${piece.count} pieces`}, to scale in the
    {piece.pot.name}: {said}.{#if isTooLong}
      It is wider than the pot: check the weight, or cut it.{/if}
  </figcaption>
</figure>
