<script lang="ts">
  /** Bars under a lane with their labels, in red, and in the shape of a bracket: colour is never alone. */
  import { toX, type Scale } from './geometry';
  import { WAIT_ROOM, WORK_ROOM, type MarkBar } from './marks';

  interface Props {
    bars: readonly MarkBar[];
    scale: Scale;
    /** Foot of the lane. */
    base: number;
  }
  let { bars, scale, base }: Props = $props();

  const BADGE = 17;
  /** Work lies close under the lane, each wait on a line of its own; labels that would meet move on. */
  const placed = $derived.by(() => {
    let lastBadge = -Infinity;
    let waits = 0;
    return [...bars]
      .sort((a, b) => a.from - b.from)
      .map((bar) => {
        const x = toX(scale, bar.from);
        const y = base + WORK_ROOM - 6 + (bar.isWait ? ++waits * WAIT_ROOM : 0);
        const free = bar.isWait ? x : Math.max(x, lastBadge + BADGE / 2);
        const badge = Math.min(free + BADGE / 2, scale.right - BADGE / 2);
        if (!bar.isWait) lastBadge = badge;
        return { bar, x, badge, y };
      });
  });
</script>

{#each placed as { bar, x, badge, y }, i (i)}
  {@const over = toX(scale, bar.over)}
  {@const end = Math.min(toX(scale, bar.to), scale.right)}
  {#if bar.isWait && over > x}
    <line
      x1={x}
      x2={over}
      y1={y}
      y2={y}
      stroke="var(--straw-ink)"
      stroke-width="2"
      stroke-dasharray="2 3"
    />
  {/if}
  {#if end > over}
    <path
      d="M{over} {y - 5}V{y}H{Math.max(end, over + 2)}V{y - 5}"
      fill="none"
      stroke="var(--pimento)"
      stroke-width={bar.isWait ? 4 : 2.5}
    />
  {/if}
  <circle cx={badge} cy={y} r="8" fill="var(--pimento)" />
  <text x={badge} y={y + 4} text-anchor="middle" class="fill-on-pimento text-[11px] font-bold"
    >{bar.label}</text
  >
{/each}
