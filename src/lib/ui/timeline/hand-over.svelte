<script lang="ts">
  /** A by-product on its way from one pot to the next. */
  interface Props {
    x0: number;
    y0: number;
    x1: number;
    y1: number;
    /** Taken under its lane by what is marked there, px. */
    room: number;
    text: string;
  }
  let { x0, y0, x1, y1, room, text }: Props = $props();
  const low = $derived(Math.max(y0, y1) + 12);
  const endX = $derived(Math.max(x1, x0 + 6));
</script>

<path
  d="M{x0} {y0 + 2}C{x0} {low} {endX} {low} {endX} {y1 + 3}"
  fill="none"
  stroke="var(--brine)"
  stroke-width="2"
  marker-end="url(#arrow)"
/>
<!-- With a rim of the ground's colour, so that lines behind it don't cross the letters. -->
<text
  x={x0 - 5}
  y={y0 + 14 + room}
  text-anchor="end"
  stroke="var(--paper)"
  stroke-width="4"
  paint-order="stroke"
  class="fill-brine text-[12px] font-semibold">{text}</text
>
