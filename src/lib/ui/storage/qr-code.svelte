<script lang="ts">
  /** An address as QR, for a phone's camera; black on white, whatever the look is. */
  import qrcode from 'qrcode-generator';

  interface Props {
    text: string;
    /** px of a side */
    size: number;
    /** What it leads to; not given where it stands beside in letters. */
    label?: string;
  }
  let { text, size, label }: Props = $props();

  const CELL = 2;
  const code = $derived.by(() => {
    const qr = qrcode(0, 'M');
    qr.addData(text);
    qr.make();
    return qr;
  });
  const cells = $derived(
    Array.from({ length: code.getModuleCount() }, (_, y) =>
      Array.from({ length: code.getModuleCount() }, (_, x) => code.isDark(y, x)),
    ),
  );
  const path = $derived(
    cells
      .flatMap((row, y) => row.map((dark, x) => (dark ? `M${x * CELL} ${y * CELL}h2v2h-2z` : '')))
      .join(''),
  );
  const side = $derived(code.getModuleCount() * CELL);
</script>

<svg
  viewBox="-4 -4 {side + 8} {side + 8}"
  width={size}
  height={size}
  {...label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true }}
  ><rect x="-4" y="-4" width={side + 8} height={side + 8} fill="#fff" /><path
    d={path}
    fill="#000"
  /></svg
>
