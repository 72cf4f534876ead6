<script lang="ts">
  /** What evenings have taught, each figure with the evenings that it comes from. */
  import { enhance } from '$app/forms';
  import { sayEvidence, sayFigure, type Figure, type Observation } from '$core/learn';
  import { formatDay, type ClockStyle } from '$core/units';

  interface Props {
    /** With the latest of their evenings. */
    figures: readonly Figure[];
    /** In how many evenings each was seen, by its id. */
    times: Readonly<Record<string, number>>;
    /** Figures that were reset. */
    reset: readonly Pick<Observation, 'figure' | 'about' | 'kind'>[];
    /** Ids of those that somebody said had not changed. */
    steady: readonly string[];
    style: ClockStyle;
  }
  let { figures, times, reset, steady, style }: Props = $props();

  const GROUPS: readonly { kind: Figure['kind']; title: string }[] = [
    { kind: 'power', title: 'Heat that reaches the pot' },
    { kind: 'loss', title: 'Heat that it loses' },
    { kind: 'pace', title: 'Hands' },
    { kind: 'stage', title: 'Stages of dishes' },
    { kind: 'wait', title: 'How long dishes keep' },
    { kind: 'hold', title: 'Pressure times, never shorter than the recipe says' },
  ];
  const percent = (n: number): string => `${Math.round(n * 100)} %`;

  /** What may be behind a change, by what it is of. */
  const ASKED: Partial<Record<Figure['kind'], string>> = {
    power: 'A new ring or element, another socket, another kitchen?',
    loss: 'A new ring or lid, another kitchen, keep-warm left on?',
    pace: 'Another knife, somebody else cooking?',
    stage: 'Another pan, another stove?',
  };
  /** How it differs, in minutes: a weaker pot takes longer. */
  function howElse(kind: Figure['kind'], by: number): string {
    const isPot = kind === 'power' || kind === 'loss';
    const longer = Math.expm1(isPot ? -by : by);
    const to =
      kind === 'power' ? ' to come to pressure' : kind === 'loss' ? ' to let the pressure go' : '';
    return `takes about ${percent(Math.abs(longer))} ${longer > 0 ? 'longer' : 'less time'}${to}`;
  }
  const gone = $derived(reset.filter((r) => !figures.some((f) => f.id === r.figure)));
</script>

<section aria-labelledby="taught" class="mt-10 max-w-4xl">
  <h2 id="taught" class="text-2xl font-bold">What evenings have taught</h2>
  <p class="mt-1 max-w-prose text-muted">
    Plans use these figures. A few evenings change them a little; an evening that is far off hardly
    counts.
  </p>
  {#each GROUPS as { kind, title } (kind)}
    {@const own = figures.filter((f) => f.kind === kind)}
    {#if own.length > 0}
      <h3 class="mt-5 mb-1 text-lg font-bold">{title}</h3>
      <ul class="card px-4">
        {#each own as figure (figure.id)}
          <li class="border-t border-line py-2 first:border-0">
            {#if figure.change}
              {@const { by, at } = figure.change}
              <div class="my-2 banner banner-look">
                <p>
                  <b>{figure.about} is not as it was.</b> Since {formatDay(at, style)} it {howElse(
                    figure.kind,
                    by,
                  )}. {ASKED[kind] ?? ''} Plans follow the evenings since then.
                </p>
                <form method="POST" use:enhance class="mt-2 flex flex-wrap gap-2">
                  <input type="hidden" name="figure" value={figure.id} />
                  <input type="hidden" name="from" value={at} />
                  <button class="btn" formaction="?/setBack"
                    >Yes, forget what was before<span class="sr-only">: {figure.about}</span
                    ></button
                  >
                  <button class="btn" formaction="?/steady"
                    >No, nothing changed<span class="sr-only">: {figure.about}</span></button
                  >
                </form>
              </div>
            {/if}
            <details>
              <summary class="flex min-h-11 cursor-pointer flex-wrap items-center gap-x-4">
                <b class="min-w-0 flex-1 basis-full break-words sm:basis-0">{figure.about}</b>
                <span>{sayFigure(figure)}</span>
                <span class="text-[15px] text-muted">{sayEvidence(figure, times[figure.id])}</span>
              </summary>
              <table class="mt-1 w-full text-left text-[15px]">
                <thead class="text-muted"
                  ><tr
                    ><th class="font-normal">Evening</th><th class="font-normal"
                      >{kind === 'wait' ? 'Keeps' : 'Planned'}</th
                    ><th class="font-normal">{kind === 'wait' ? 'Kept' : 'Real'}</th><th
                      class="font-normal">Counts</th
                    ></tr
                  ></thead
                >
                <tbody>
                  {#each figure.evidence as seen, i (i)}
                    <tr class="border-t border-line">
                      <td class="py-1"
                        ><a
                          class="underline underline-offset-4"
                          href="/log/{encodeURIComponent(seen.evening)}">{seen.eveningName}</a
                        >
                        <span class="text-muted">{formatDay(seen.at, style)}</span></td
                      >
                      <td>{seen.planned} min</td>
                      <td
                        >{seen.real} min{seen.stood === undefined
                          ? ''
                          : kind === 'hold'
                            ? seen.stood
                              ? ', enough'
                              : ', not enough'
                            : seen.stood
                              ? ', stood it'
                              : ', suffered'}</td
                      >
                      <td
                        >{figure.change && seen.at < figure.change.at
                          ? 'no longer: before the change'
                          : seen.weight > 0.6
                            ? 'fully'
                            : seen.weight > 0.25
                              ? 'in part'
                              : 'hardly: far from the others'}</td
                      >
                    </tr>
                  {/each}
                  {#if (times[figure.id] ?? 0) > figure.evidence.length}
                    <tr class="border-t border-line text-muted">
                      <td class="py-1" colspan="4"
                        >and {(times[figure.id] ?? 0) - figure.evidence.length} before, all of them in
                        the <a class="underline" href="/log/log.csv" download>CSV</a></td
                      >
                    </tr>
                  {/if}
                </tbody>
              </table>
              <form method="POST" action="?/setBack" use:enhance class="mt-1 mb-2">
                <input type="hidden" name="figure" value={figure.id} />
                <button class="btn btn-quiet px-2"
                  >Reset: learn it again<span class="sr-only"> ({figure.about})</span></button
                >
                {#if reset.some((r) => r.figure === figure.id)}
                  <button class="btn btn-quiet px-2" name="undo" value="1"
                    >Count the older evenings again</button
                  >
                {/if}
                {#if steady.includes(figure.id)}
                  <button class="btn btn-quiet px-2" formaction="?/steady" name="undo" value="1"
                    >Look again whether it has changed</button
                  >
                {/if}
              </form>
            </details>
          </li>
        {/each}
      </ul>
    {/if}
  {/each}
  {#if figures.length === 0}
    <p class="mt-3 card border-dashed p-5 text-muted">
      Nothing yet. Once you have tapped the start and end of something on two evenings, this shows
      how your cookers, your hands and your dishes really behave.
    </p>
  {/if}
  {#if gone.length > 0}
    <div class="mt-4">
      <h3 class="font-bold">Reset</h3>
      <ul>
        {#each gone as { figure, about, kind } (figure)}
          <li class="flex flex-wrap items-center gap-3">
            <span class="text-muted"
              ><b>{about}</b>: {GROUPS.find((g) => g.kind === kind)?.title.toLowerCase()}</span
            >
            <form method="POST" action="?/setBack" use:enhance>
              <input type="hidden" name="figure" value={figure} />
              <button class="btn btn-quiet px-2" name="undo" value="1">Count them again</button>
            </form>
          </li>
        {/each}
      </ul>
    </div>
  {/if}
</section>
