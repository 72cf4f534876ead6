<script lang="ts">
  /** The inner pot cut open during one cycle, to scale: what lies where, rack and pan in their real size. */
  import type { Layer, PotContents } from '$core/dish';
  import type { Cooker } from '$core/kitchen';
  import { formatQuantity, type System } from '$core/units';

  interface Props {
    title: string;
    contents: PotContents;
    cooker: Cooker;
    pan: { diameterMm: number; heightMm: number } | null;
    rackMm: number | null;
    /** ml to the brim of what lies there, to the lines, and at least. */
    limitMl: number;
    leastMl: number;
    system: System;
  }
  let { title, contents, cooker, pan, rackMm, limitMl, leastMl, system }: Props = $props();

  const PX = 0.72;
  const w = $derived(cooker.diameterMm * PX);
  const h = $derived(cooker.heightMm * PX);
  const top = 14;
  const LOOK: Record<Layer['kind'], { fill: string; word: string }> = {
    thin: { fill: 'var(--brine-soft)', word: 'thin liquid' },
    solid: { fill: 'var(--leaf)', word: 'pieces' },
    starch: { fill: 'var(--straw)', word: 'grain' },
    thick: { fill: 'var(--ember-soft)', word: 'thick, on top' },
  };
  const levelOf = (ml: number): number => (h * ml) / (cooker.litres * 1000);
  /** Bottom and height of each layer, px from the pot's bottom. */
  function placed(layers: readonly Layer[], from: number, across: number | null) {
    let y = from;
    return layers.map((layer) => {
      const height = across
        ? ((layer.ml * 1000) / ((Math.PI / 4) * across ** 2)) * PX
        : levelOf(layer.ml);
      const at = y;
      y += height;
      return { layer, at, height };
    });
  }
  const loose = $derived(placed(contents.inside, 0, null));
  const looseTop = $derived(loose.reduce((sum, l) => sum + l.height, 0));
  const rackTop = $derived(rackMm === null ? 0 : Math.max(rackMm * PX, pan ? looseTop : 0));
  const above = $derived(placed(contents.above, rackTop + 2, pan ? pan.diameterMm : null));
  const lines = $derived([
    { name: 'not over', ml: limitMl, colour: 'var(--pimento)', dash: '' },
    { name: 'least liquid', ml: leastMl, colour: 'var(--brine)', dash: '2 3' },
  ]);
  const words = $derived(
    [...contents.above, ...[...contents.inside].reverse()].map(
      (l) =>
        `${l.foods.join(', ')}: ${formatQuantity({ amount: l.ml, unit: 'ml' }, system)}, ${LOOK[l.kind].word}`,
    ),
  );
</script>

<figure class="card p-4">
  <figcaption class="font-semibold">
    {title} <span class="text-muted">in the {cooker.name}</span>
  </figcaption>
  <div class="mt-2 grid gap-4 sm:grid-cols-[auto_1fr]">
    <svg
      width={w + 86}
      height={h + top + 10}
      viewBox="-8 0 {w + 86} {h + top + 10}"
      role="img"
      aria-label="{title}: from the top, {words.join('; ')}"
    >
      <g transform="translate(0 {top})">
        {#each loose as { layer, at, height }, index (index)}
          <rect
            x="2"
            y={h - at - height}
            width={w - 4}
            height={Math.max(1, height)}
            fill={LOOK[layer.kind].fill}
            stroke="var(--line-strong)"
            stroke-width="0.7"
          />
        {/each}
        {#if rackMm !== null}
          <path
            d="M{w * 0.16} {h - 2}V{h - rackTop}H{w * 0.84}V{h - 2}"
            fill="none"
            stroke="var(--ink)"
            stroke-width="2"
          />
        {/if}
        {#each above as { layer, at, height }, index (index)}
          {@const across = pan ? pan.diameterMm * PX : w * 0.86}
          <rect
            x={(w - across) / 2}
            y={h - at - height}
            width={across}
            height={Math.max(1, height)}
            fill={LOOK[layer.kind].fill}
            stroke="var(--line-strong)"
            stroke-width="0.7"
          />
        {/each}
        {#if pan}
          {@const across = pan.diameterMm * PX}
          <path
            d="M{(w - across) / 2} {h - rackTop - pan.heightMm * PX}v{pan.heightMm *
              PX}h{across}v-{pan.heightMm * PX}"
            fill="none"
            stroke="var(--ink)"
            stroke-width="2"
          />
        {/if}
        <path
          d="M0 0V{h - 10}Q0 {h} 10 {h}H{w - 10}Q{w} {h} {w} {h - 10}V0M-6 0H4M{w - 4} 0H{w + 6}"
          fill="none"
          stroke="var(--ink)"
          stroke-width="2.5"
          stroke-linecap="round"
        />
        {#each lines as line, index (index)}
          {@const y = h - levelOf(line.ml)}
          <line
            x1="-4"
            x2={w + 6}
            y1={y}
            y2={y}
            stroke={line.colour}
            stroke-width="1.6"
            stroke-dasharray={line.dash}
          />
          <text x={w + 9} y={y + 4} fill={line.colour} class="text-[12px] font-semibold"
            >{line.name}</text
          >
        {/each}
      </g>
    </svg>
    <ul class="grid h-fit gap-1.5 self-center text-[15px]" aria-hidden="true">
      {#each [...contents.above, ...[...contents.inside].reverse()] as layer, i (i)}
        <li class="flex items-baseline gap-2">
          <span
            class="mt-1 size-3.5 flex-none self-start rounded-sm border border-line-strong"
            style:background={LOOK[layer.kind].fill}
          ></span>
          <span
            >{layer.foods.join(', ')}
            <span class="text-muted"
              >{LOOK[layer.kind].word}, {formatQuantity(
                { amount: layer.ml, unit: 'ml' },
                system,
              )}{i < contents.above.length ? (pan ? ', in the pan' : ', on the rack') : ''}</span
            ></span
          >
        </li>
      {/each}
    </ul>
  </div>
</figure>
