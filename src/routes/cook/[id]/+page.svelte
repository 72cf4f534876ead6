<script lang="ts">
  import { onMount, tick, untrack } from 'svelte';
  import { toast } from 'svelte-sonner';
  import { totalsOf } from '$core/plan';
  import { isBatchDay } from '$core/menu';
  import { sayWater } from '$core/words';
  import { keepForOffline } from '$lib/client/keep-page';
  import {
    cooksOf,
    isPast,
    needsSomebody,
    placeName,
    readPot,
    shareSteps,
    stationsOf,
    strandedIn,
    TROUBLES,
    type LiveStep,
    type Station,
    type Trouble,
  } from '$core/run';
  import { formatDay, formatTime } from '$core/units';
  import { keepOnScreen, readScreen } from '$lib/client/this-screen';
  import { notice, say, sound, stayAwake, unlockSound } from '$lib/ui/cook/alarms';
  import Dial from '$lib/ui/cook/dial.svelte';
  import Doors from '$lib/ui/cook/doors.svelte';
  import { EveningState } from '$lib/ui/cook/evening-state.svelte';
  import FirstTime from '$lib/ui/cook/first-time.svelte';
  import ListenMenu from '$lib/ui/cook/listen-menu.svelte';
  import { Listening } from '$lib/ui/cook/listening.svelte';
  import Mishaps from '$lib/ui/cook/mishaps.svelte';
  import NextList from '$lib/ui/cook/next-list.svelte';
  import NowCard from '$lib/ui/cook/now-card.svelte';
  import PracticeBar from '$lib/ui/cook/practice-bar.svelte';
  import Said from '$lib/ui/cook/said.svelte';
  import StationRow from '$lib/ui/cook/station-row.svelte';
  import { Timeline } from '$lib/ui/timeline';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();

  const live = untrack(
    () =>
      new EveningState(data.evening, {
        ...{ events: data.events, now: data.now, canTap: data.canTap, kitchen: data.kitchen },
      }),
  );
  const listening = new Listening();
  const end = $derived(isBatchDay(live.evening.compiled) ? 'All packed' : 'Serve at');
  let showsTimeline = $state(false);
  let isLive = $state(false);
  onMount(() => {
    isLive = true;
    listening.read();
    const mine = cooks.length > 1 ? cooks.findIndex((c) => c.id === readScreen('cook')) : -1;
    if (mine >= 0) setMe(mine);
    const stop = live.start(data.now);
    void keepForOffline(location.pathname);
    const sleep = stayAwake();
    return () => {
      stop();
      sleep();
    };
  });

  const MINUTE = 60_000;
  const UNDO_MS = 30_000;
  const fold = $derived(live.state);
  const clock = (at: number): string => formatTime(at, data.kitchen);
  /** With its day where that is not this evening. */
  const when = (at: number): string =>
    at - live.now > 12 * 60 * MINUTE ? `${formatDay(at, data.kitchen)}, ${clock(at)}` : clock(at);
  /** The zone's minute hand against UTC's. */
  const shift = $derived(
    (Number(formatTime(live.now, { zone: data.kitchen.zone, hours: 24 }).slice(3)) -
      (Math.floor(live.now / MINUTE) % 60) +
      60) %
      60,
  );

  /** Hands, a switch to be turned, or food that is still in the heat when its time is up. */
  const stepsById = $derived(new Map(fold.steps.map((s) => [s.operation.id, s])));
  const waitsForTap = (s: LiveStep): boolean => needsSomebody(s, stepsById);

  const cooks = $derived(cooksOf(data.kitchen, fold.plan.hands));
  /** Dishes that were given to one cook, as the plan counts them. */
  const given = $derived(
    new Map(fold.plan.operations.flatMap((o) => (o.cook ? [[o.entryId, o.cook] as const] : []))),
  );
  const shares = $derived(shareSteps(fold.plan, cooks, given));
  /** Whose screen this is; null: everybody's. */
  let me = $state<number | null>(null);
  /** Whose screen it is stays with the screen; what is tapped on it counts as theirs. */
  function setMe(own: number | null): void {
    me = own;
    const cook = data.kitchen.cooks.find((c) => c.id === cooks[own ?? -1]?.id);
    live.cook = cook?.id ?? null;
    keepOnScreen('cook', live.cook ?? '');
  }
  const isOf = (s: LiveStep, cook: number | null): boolean =>
    cook === null || (shares.get(s.operation.id) ?? cook) === cook;

  /** What stays in the heat too long first, then what somebody is at, then what has waited longest. */
  const atNow = (work: readonly LiveStep[]): LiveStep | null =>
    (['over', 'running', 'due'] as const)
      .map((status) => work.find((s) => s.status === status))
      .find((s) => s !== undefined) ?? null;
  const open = $derived(
    fold.steps.filter((s) => waitsForTap(s) && !isPast(s) && s.operation.phase !== 'rinse'),
  );
  const work = $derived(open.filter((s) => isOf(s, me)));
  const current = $derived(atNow(work));
  /** Where everybody looks at one screen, what the other cooks are at. */
  const others = $derived(
    me !== null || cooks.length < 2
      ? []
      : cooks.flatMap((cook, i) => {
          const own = open.filter((s) => shares.get(s.operation.id) === i && s !== current);
          const isBusy = current !== null && shares.get(current.operation.id) === i;
          const step = isBusy ? null : atNow(own);
          return step ? [{ cook: cook.name, step }] : [];
        }),
  );
  const next = $derived(
    work.filter((s) => s !== current && !others.some((o) => o.step === s)).slice(0, 3),
  );
  const stations = $derived(stationsOf(fold, data.kitchen));
  /** The pot that is to be heard of next. */
  const awaited = $derived(
    stations
      .filter((s) => s.step?.status === 'running' && !s.step.operation.isHands)
      .sort((a, b) => (a.step?.end ?? 0) - (b.step?.end ?? 0))[0] ?? null,
  );
  /** What a virtual pot shows; a real one shows it itself. */
  const readingOf = (unit: string) =>
    live.evening.practice ? readPot(live.evening.practice, fold, live.all, unit, live.now) : null;
  /** Pots that what is in this one could go into. */
  function potsFor({ step, kind }: Station): { id: string; name: string }[] {
    if (!step || kind !== 'pot' || step.operation.stay === null) return [];
    const block = fold.compiled.problem.blocks?.find((b) => b.id === step.operation.stay);
    return data.kitchen.cookers.filter(
      (c) =>
        c.id !== step.operation.unit &&
        block?.units.includes(c.id) === true &&
        !fold.lost.has(c.id),
    );
  }
  const stops = $derived(fold.plan.findings.filter((n) => n.severity === 'stop'));
  const stopsOf = (step: LiveStep | null) =>
    stops.filter(
      (n) => step && n.subject.kind === 'entry' && n.subject.id === step.operation.entryId,
    );
  const stranded = $derived([...strandedIn(fold).dishes]);
  const isDone = $derived(open.length === 0 && !fold.steps.some((s) => s.isAgain));
  /** Against the moment that the guests are there. */
  const lateBy = $derived(
    Math.round((fold.readyAt - live.evening.serveAt) / MINUTE) - fold.guestsTold,
  );

  /** After each tap the focus is where one looks next. */
  async function lookAtNow(): Promise<void> {
    unlockSound();
    await tick();
    document.getElementById('now')?.focus({ preventScroll: true });
  }
  function tap(what: Parameters<EveningState['tap']>[0]): void {
    live.tap(what);
    void lookAtNow();
  }
  const done = (step: LiveStep): void => tap({ kind: 'done', step: step.operation.id });
  const start = (step: LiveStep): void => tap({ kind: 'started', step: step.operation.id });
  const more = (step: LiveStep, minutes: number): void =>
    tap({ kind: 'more', step: step.operation.id, minutes });
  const again = (step: LiveStep, minutes: number): void =>
    tap({ kind: 'again', step: step.operation.id, minutes });
  function trouble(step: LiveStep, what: Trouble): void {
    tap({ kind: 'trouble', step: step.operation.id, what });
    toast.warning(TROUBLES[what].remedy, { duration: 20_000 });
  }
  const place = (step: LiveStep): string =>
    placeName(step.operation.unit ?? undefined, data.kitchen) ?? 'Counter';
  /** What to press, and the water that the plan counts on beyond the dish’s. */
  function setting(step: LiveStep): string {
    const { setting: keys, topUp: water } = step.operation;
    if (keys === null) return '';
    return water ? `${keys}; ${sayWater(water.ml, data.kitchen)} more for this pot` : keys;
  }

  const NO_TAP = new Set(['undone', 'corrected', 'replanned', 'paced', 'resumed']);
  /** What was tapped last on this screen, and can be taken back. */
  const lastTap = $derived.by(() => {
    const undone = new Set(live.all.flatMap((e) => (e.kind === 'undone' ? [e.of] : [])));
    return live.all.findLast((e) => e.by === live.by && !NO_TAP.has(e.kind) && !undone.has(e.id));
  });
  const undo = $derived(
    lastTap && live.now - lastTap.at < UNDO_MS * Math.max(1, live.speed)
      ? () => tap({ kind: 'undone', of: lastTap.id })
      : null,
  );

  /** What has become due since, in words, for who does not see the page; with a sound where one is wanted. */
  let announced = $state('');
  const heard: string[] = [];
  $effect(() => {
    if (fold.isPaused) return;
    for (const step of fold.steps) {
      const isEnd = step.operation.phase === 'hold' && step.status === 'over';
      const key = `${step.operation.id}.${step.status}`;
      const isDue = (step.status === 'due' || step.status === 'over') && waitsForTap(step);
      if (!(isEnd || (isDue && !isPast(step) && isOf(step, me))) || heard.includes(key)) continue;
      heard.push(key);
      const { text, amounts, dishName, unit } = step.operation;
      announced = `${text}. ${dishName}.`;
      const pot = data.kitchen.cookers.findIndex((c) => c.id === unit);
      if (listening.sound) sound(Math.max(0, pot));
      if (listening.voice) say([text, ...amounts, dishName].join('. '));
      if (listening.notices) notice(step.tap, `${text} (${dishName})`);
    }
  });

  /** Single keys, where nothing is being written and no other key is held. */
  function onkeydown(event: KeyboardEvent): void {
    const { target, key } = event;
    const isElsewhere =
      event.altKey || event.ctrlKey || event.metaKey || event.shiftKey || event.repeat;
    const isWriting =
      target instanceof HTMLElement &&
      (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
    if (!listening.keys || isElsewhere || isWriting || !live.canTap) return;
    if (key === 'd' && current) done(current);
    if (key === 'b' && current?.status === 'due') start(current);
    if (key === 'm' && current) more(current, 3);
    if (key === 'p') tap({ kind: fold.isPaused ? 'resumed' : 'paused' });
    if (key === 'u' && lastTap) tap({ kind: 'undone', of: lastTap.id });
  }
</script>

<svelte:head><title>{live.evening.name}: cooking · Olive Clock</title></svelte:head>
<svelte:window {onkeydown} />

<!-- Until it answers, a tap would be lost in silence: then it is none. -->
<div inert={!isLive}>
  <header class="flex items-start justify-between gap-3">
    <div class="min-w-0">
      <h1 class="truncate text-xl font-extrabold tracking-tight md:text-3xl">
        {live.evening.name}
      </h1>
      <p class="text-lg" data-testid="table">
        {end} <b class:text-pimento={lateBy > 0}>{clock(fold.readyAt)}</b>{#if lateBy > 0}
          <span class="text-pimento">, {lateBy} min late</span>{/if}
      </p>
      <p class="text-ember-ink" role="status">
        {#if fold.isPaused}<b>Paused.</b> The pots carry on; nothing is called out.
        {:else if fold.awayUntil !== null}A cook is away until {clock(fold.awayUntil)}.{/if}
        {#if !live.isOnline}
          No server: clocks, taps and plans go on here{live.waiting.length > 0
            ? `, ${live.waiting.length} to send`
            : ''}.
        {/if}
      </p>
    </div>
    <ListenMenu {listening} {cooks} {me} onme={setMe} />
  </header>

  {#if live.evening.practice && live.canTap}
    <PracticeBar
      speed={live.speed}
      onspeed={(speed) => live.tap({ kind: 'paced', speed, real: Date.now() })}
    />
  {/if}
  <Doors {live} />
  {#if live.evening.isGuided}
    <FirstTime evening={live.evening} {fold} kitchen={data.kitchen} />
  {/if}

  <div
    class="mt-3 grid grid-cols-[minmax(0,1fr)] gap-5 lg:grid-cols-[minmax(0,1fr)_24rem] landscape:sm:max-lg:grid-cols-2"
  >
    <div
      class="grid h-fit grid-cols-[minmax(0,1fr)] gap-4 print:hidden {live.canTap
        ? ''
        : '[&_button]:hidden'}"
    >
      <NowCard
        {live}
        {fold}
        {current}
        {others}
        {awaited}
        coming={next[0] ?? null}
        {isDone}
        place={current ? place(current) : ''}
        setting={current ? setting(current) : ''}
        freeUntil={next[0] ? when(next[0].start) : null}
        {undo}
        overridden={stopsOf(current)}
        by={data.kitchen}
        {clock}
        ondone={done}
        onstart={start}
        onmore={more}
        onagain={again}
        onserved={() => tap({ kind: 'served' })}
      />
      <section aria-labelledby="stations">
        <h2 id="stations" class="sr-only">Pots, oven, stove</h2>
        <ul class="card">
          {#each stations as station (station.id)}
            <StationRow
              {station}
              reading={station.kind === 'pot' ? readingOf(station.id) : null}
              now={live.now}
              clockOf={clock}
              hasFailed={fold.lost.has(station.id)}
              isNow={station.step !== null && station.step === current}
              pots={potsFor(station)}
              overridden={station.step === current ? [] : stopsOf(station.step)}
              by={data.kitchen}
              ontap={done}
              onmore={more}
              onagain={again}
              ontrouble={trouble}
              onmove={(s, unit) => tap({ kind: 'moved', stay: s.operation.stay ?? '', unit })}
            />
          {/each}
        </ul>
        {#each stranded as [entry, { name, text, isWhole }] (entry)}
          <p role="alert" class="mt-2 flex flex-wrap items-center gap-3 banner banner-stop text-lg">
            <span class="flex-1"
              >{isWhole
                ? `Nothing that is left takes ${name}. Finish it by hand, or`
                : `Nothing that is left takes “${text}” of ${name}. Do that by hand, or`}</span
            >
            <button
              type="button"
              class="btn min-h-14"
              onclick={() => tap({ kind: 'dropped', entry })}>leave it out</button
            >
          </p>
        {/each}
      </section>
      <NextList steps={next} {when} {place} ondone={done} />
    </div>

    <div class="grid h-fit grid-cols-[minmax(0,1fr)] gap-4">
      <section aria-label="Dial" class="order-last lg:order-none">
        <Dial
          steps={fold.steps}
          kitchen={data.kitchen}
          now={live.now}
          readyAt={fold.readyAt}
          {clock}
          {shift}
        />
      </section>
      {#if live.canTap}
        <Mishaps
          {live}
          {fold}
          kitchen={data.kitchen}
          servings={data.servings}
          {lastTap}
          hasKeys={listening.keys && !listening.isTouched}
        />
      {/if}
    </div>
  </div>
  <Said {live} {fold} {listening} {announced} />

  <details class="mt-6 card p-4 print:hidden" bind:open={showsTimeline}>
    <summary class="min-h-14 cursor-pointer content-center text-lg font-bold"
      >The timeline now</summary
    >
    {#if showsTimeline}
      <Timeline
        plan={fold.plan}
        totals={totalsOf(fold.compiled.problem, fold.schedule)}
        kitchen={data.kitchen}
        serveAt={live.evening.serveAt}
        end={end.toLowerCase()}
        {cooks}
        {shares}
      />
    {/if}
  </details>
  <ol class="hidden print:block" aria-label="What is still to come">
    {#each open as step (step.operation.id)}
      <li>{when(step.start)} {step.operation.text} ({place(step)}, {step.operation.dishName})</li>
    {/each}
  </ol>
</div>
