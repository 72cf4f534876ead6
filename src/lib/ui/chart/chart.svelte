<script lang="ts">
  /** A curve. Plotly is loaded here and nowhere else. */
  import { mode } from 'mode-watcher';
  import type { Curve, Series } from './types';

  interface Props {
    curve: Curve;
  }
  let { curve }: Props = $props();

  let box = $state<HTMLDivElement>();

  /** A colour of the look as it is now. */
  function colour(name: string): string {
    return getComputedStyle(document.documentElement).getPropertyValue(name).trim();
  }
  /** Colour and shape together: neither alone has to be told apart. */
  const LOOKS = [
    ['--olive', 'circle'],
    ['--brine', 'square'],
    ['--ember', 'diamond'],
    ['--straw-ink', 'triangle-up'],
    ['--pimento', 'cross'],
    ['--ink', 'star'],
  ] as const;
  const lookOf = ({ look, faint }: Series, i: number): { color: string; symbol: string } => {
    const [name, symbol] = LOOKS[(look ?? i) % LOOKS.length] ?? LOOKS[0];
    return { color: colour(faint ? '--line-strong' : name), symbol };
  };

  async function draw(
    target: HTMLDivElement,
    { series, marks = [], ticks, ...titles }: Curve,
  ): Promise<void> {
    // In here, for it needs a window: on the server there is none.
    const { react } = (await import('plotly.js-basic-dist-min')).default;
    const [ink, line] = [colour('--ink'), colour('--line')];
    const axis = (text: string) => ({
      title: { text, standoff: 8 },
      gridcolor: line,
      zerolinecolor: line,
      linecolor: colour('--line-strong'),
      fixedrange: true,
      automargin: true,
    });
    await react(
      target,
      [
        ...series.map((s, i) => ({
          type: s.as === 'bars' ? ('bar' as const) : ('scatter' as const),
          mode: s.as === 'points' ? ('markers' as const) : ('lines' as const),
          name: s.name,
          ...(s.text ? { text: s.text } : {}),
          ...(s.as === 'bars' ? { textposition: 'none' as const } : {}),
          marker: { ...lookOf(s, i), size: 10 },
          x: s.x,
          y: s.y,
          ...(s.right ? { yaxis: 'y2' } : {}),
          line: {
            color: lookOf(s, i).color,
            width: s.faint ? 2 : 3,
            ...(s.dash ? { dash: 'dash' as const } : {}),
          },
          hovertemplate: s.text
            ? '%{text}<extra></extra>'
            : '%{y:.1f}<extra>%{fullData.name}</extra>',
        })),
        ...marks.map((m) => ({
          type: 'scatter' as const,
          mode: 'text+markers' as const,
          x: [m.x],
          y: [m.y],
          text: [m.text],
          textposition: 'top center' as const,
          cliponaxis: false,
          marker: { color: colour('--pimento'), size: 10 },
          showlegend: false,
          hoverinfo: 'skip' as const,
        })),
      ],
      {
        height: 340,
        margin: { l: 56, r: titles.rightTitle ? 60 : 24, t: 16, b: 48 },
        paper_bgcolor: 'transparent',
        plot_bgcolor: 'transparent',
        font: { color: ink, size: 13, family: getComputedStyle(target).fontFamily },
        xaxis: {
          ...axis(titles.xTitle),
          ...(series.some((s) => s.as === 'bars') ? { type: 'category' as const } : {}),
          ...(ticks ? { tickvals: ticks.at, ticktext: ticks.say } : {}),
        },
        yaxis: axis(titles.yTitle),
        ...(titles.rightTitle
          ? {
              yaxis2: {
                ...axis(titles.rightTitle),
                overlaying: 'y' as const,
                side: 'right' as const,
                showgrid: false,
                zeroline: false,
                tickmode: 'auto' as const,
                rangemode: 'tozero' as const,
              },
            }
          : {}),
        legend: { orientation: 'h', y: 1.12, x: 0 },
        hovermode: series.some((s) => s.as === 'points') ? 'closest' : 'x unified',
        hoverlabel: { bgcolor: colour('--salt'), font: { color: ink } },
      },
      { displayModeBar: false, responsive: true },
    );
  }

  $effect(() => {
    // Drawn again in the colours of the other theme.
    void mode.current;
    if (box) void draw(box, $state.snapshot(curve) as Curve);
  });
</script>

<svelte:head>
  <!-- Plotly would add its rules to a sheet of its own making, which the content policy forbids. -->
  <link id="plotly.js-style-global" rel="stylesheet" href="/plotly.css" />
</svelte:head>

<figure class="mt-4">
  <figcaption class="font-bold">{curve.title}</figcaption>
  <div bind:this={box} class="min-h-[340px] w-full" role="group" aria-label={curve.title}></div>
</figure>
