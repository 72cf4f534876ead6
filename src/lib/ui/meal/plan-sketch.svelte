<script lang="ts">
  /** A plan at the size of a card: the shape of the evening, for the eye alone. */
  import type { PlanSketch } from '$core/plan';

  interface Props {
    sketch: PlanSketch;
    /** Height of one lane, px. */
    lane?: number;
  }
  let { sketch, lane = 16 }: Props = $props();

  const WIDTH = 1000;
  const GAP = 5;
  const height = $derived(sketch.lanes.length * (lane + GAP));
  const x = (minute: number): number =>
    ((minute - sketch.from) / Math.max(1, sketch.to - sketch.from)) * WIDTH;
  const base = (i: number): number => i * (lane + GAP) + lane;
</script>

<svg
  viewBox="0 0 {WIDTH} {height + GAP}"
  preserveAspectRatio="none"
  class="block w-full"
  style:height="{height + GAP}px"
  aria-hidden="true"
>
  {#each sketch.lanes as { id, bits }, i (id)}
    <path
      d="M0 {base(i) + 0.5}H{WIDTH}"
      stroke="var(--line)"
      stroke-width="1"
      vector-effect="non-scaling-stroke"
    />
    {#each bits as bit, n (n)}
      {@const from = x(bit.start)}
      {@const to = Math.max(from + 2, x(bit.end))}
      {@const top = base(i) - lane}
      {#if bit.kind === 'up'}
        <path d="M{from} {base(i)}L{to} {top}V{base(i)}Z" fill="var(--brine)" opacity="0.55" />
      {:else if bit.kind === 'hold'}
        <rect x={from} y={top} width={to - from} height={lane} fill="var(--olive)" />
      {:else if bit.kind === 'release'}
        <path d="M{from} {top}L{to} {base(i)}H{from}Z" fill="var(--leaf)" />
      {:else}
        <rect
          x={from}
          y={base(i) - lane * 0.55}
          width={to - from}
          height={lane * 0.55}
          fill={bit.kind === 'hands' ? 'var(--ember)' : 'var(--straw)'}
        />
      {/if}
    {/each}
  {/each}
  <path
    d="M{Math.min(WIDTH - 1, x(sketch.table))} 0V{height + GAP}"
    stroke="var(--pimento)"
    stroke-width="2"
    vector-effect="non-scaling-stroke"
  />
</svg>
