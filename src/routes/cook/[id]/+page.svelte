<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { toast } from 'svelte-sonner';
  import { totalsOf } from '$core/plan';
  import { isBatchDay } from '$core/menu';
  import { sayWater } from '$core/words';
  import Stops from '$lib/ui/cook/stops.svelte';
  import { keepForOffline } from '$lib/client/keep-page';
  import {
    cooksOf,
    placeName,
    readPot,
    shareSteps,
    stationsOf,
    TROUBLES,
    type LiveStep,
  } from '$core/run';
  import { formatDay, formatTime } from '$core/units';
  import { keepOnScreen, readScreen } from '$lib/client/this-screen';
  import { askForNotices, notice, say, sound, stayAwake, unlockSound } from '$lib/ui/cook/alarms';
  import Dial from '$lib/ui/cook/dial.svelte';
  import { EveningState } from '$lib/ui/cook/evening-state.svelte';
  import NowCard from '$lib/ui/cook/now-card.svelte';
  import StationRow from '$lib/ui/cook/station-row.svelte';
  import { Timeline } from '$lib/ui/timeline';
  import PracticeBar from '$lib/ui/cook/practice-bar.svelte';
  import SomethingElse from '$lib/ui/cook/something-else.svelte';
  import TakenAsPlanned from '$lib/ui/cook/taken-as-planned.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();

  const live = new EveningState(
    untrack(() => data.evening),
    untrack(() => data.events),
    untrack(() => data.now),
    untrack(() => data.canTap),
  );
  const stops = $derived(live.state.plan.findings.filter((n) => n.severity === 'stop'));
  const end = $derived(isBatchDay(live.evening.compiled) ? 'All packed' : 'Serve at');
  let showsTimeline = $state(false);
  let hasSound = $state(false);
  let hasVoice = $state(false);
  let hasNotices = $state(false);
  /** Browsers notify only over https, or on this machine itself. */
  let canNotify = $state(false);
  let isLive = $state(false);
  onMount(() => {
    isLive = true;
    hasSound = readScreen('sound') === 'on';
    hasVoice = readScreen('voice') === 'on';
    const mine = cooks.length > 1 ? cooks.findIndex((c) => c.id === readScreen('cook')) : -1;
    if (mine >= 0) setMe(mine);
    canNotify = 'Notification' in window && window.isSecureContext;
    const stop = live.start(data.now);
    void keepForOffline(location.pathname);
    const sleep = stayAwake();
    return () => {
      stop();
      sleep();
    };
  });

  const MINUTE = 60_000;
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

  /** Hands, or a switch to be turned. */
  const needsSomebody = (s: LiveStep): boolean =>
    (s.operation.isHands && !s.isAgain) ||
    (s.operation.phase === 'preheat' && s.status !== 'running');

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
  const isMine = (s: LiveStep): boolean => me === null || (shares.get(s.operation.id) ?? me) === me;

  /** Work for hands that is due, the longest waiting first; then what comes next. */
  const open = $derived(
    fold.steps.filter(
      (s) => needsSomebody(s) && s.status !== 'done' && s.operation.phase !== 'rinse',
    ),
  );
  const work = $derived(open.filter(isMine));
  const current = $derived(
    work.find((s) => s.status === 'running') ?? work.find((s) => s.status === 'due') ?? null,
  );
  const next = $derived(work.filter((s) => s !== current).slice(0, 3));
  const stations = $derived(stationsOf(fold, data.kitchen));
  /** What a virtual pot shows; a real one shows it itself. */
  const readingOf = (unit: string) =>
    live.evening.practice
      ? readPot(live.evening.practice, fold, [...live.events, ...live.waiting], unit, live.now)
      : null;
  const assumed = $derived(fold.steps.filter((s) => s.isAssumed).slice(-3));
  const isDone = $derived(open.length === 0 && !fold.steps.some((s) => s.isAgain));
  const lateBy = $derived(Math.round((fold.readyAt - live.evening.serveAt) / MINUTE));

  function done(step: LiveStep): void {
    unlockSound();
    live.tap({ kind: 'done', step: step.operation.id });
  }
  function start(step: LiveStep): void {
    unlockSound();
    live.tap({ kind: 'started', step: step.operation.id });
  }
  const place = (step: LiveStep): string =>
    placeName(step.operation.unit ?? undefined, data.kitchen) ?? 'Counter';
  /** What to press, and the water that the plan counts on beyond the dish’s. */
  function setting(step: LiveStep): string {
    const { setting: keys, topUp: water } = step.operation;
    if (keys === null) return '';
    return water ? `${keys}; ${sayWater(water.ml, data.kitchen)} more for this pot` : keys;
  }

  /** What was tapped last, and can be taken back. */
  const lastTap = $derived(
    live.events
      .concat(live.waiting)
      .findLast(
        (e) =>
          e.by === live.by &&
          ['done', 'started', 'more', 'again', 'trouble', 'away', 'guests', 'dropped'].includes(
            e.kind,
          ),
      ),
  );
  const told = $derived(
    fold.lastReplan?.text && live.now - fold.lastReplan.at < 3 * MINUTE ? fold.lastReplan : null,
  );
  let kept = $state('');

  /** Sounds once for each thing that becomes due. */
  const heard: string[] = [];
  $effect(() => {
    if (fold.isPaused) return;
    for (const step of fold.steps) {
      const isEnd = step.operation.phase === 'hold' && step.status === 'done' && step.isAssumed;
      const key = `${step.operation.id}.${isEnd ? 'end' : step.status}`;
      const isNews = isEnd || (step.status === 'due' && needsSomebody(step) && isMine(step));
      if (!isNews || heard.includes(key)) continue;
      heard.push(key);
      const pot = data.kitchen.cookers.findIndex((c) => c.id === step.operation.unit);
      if (hasSound) sound(Math.max(0, pot));
      if (hasVoice) say(`${step.operation.text}. ${step.operation.dishName}.`);
      if (hasNotices) notice(step.tap, `${step.operation.text} (${step.operation.dishName})`);
    }
  });

  function onkeydown(event: KeyboardEvent): void {
    if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey) return;
    if (event.key === 'd' && current) done(current);
    if (event.key === 'b' && current?.status === 'due') start(current);
    if (event.key === 'm' && current)
      live.tap({ kind: 'more', step: current.operation.id, minutes: 3 });
    if (event.key === 'p') live.tap({ kind: fold.isPaused ? 'resumed' : 'paused' });
    if (event.key === 'u' && lastTap) live.tap({ kind: 'undone', of: lastTap.id });
  }
</script>

<svelte:head><title>{live.evening.name}: cooking · Olive Clock</title></svelte:head>
<svelte:window {onkeydown} />

<!-- Until it answers, a tap would be lost in silence: then it is none. -->
<div inert={!isLive}>
  <header class="flex flex-wrap items-center justify-between gap-3">
    <div>
      <h1 class="text-3xl font-extrabold tracking-tight">{live.evening.name}</h1>
      <p class="text-lg" data-testid="table">
        {end} <b class:text-pimento={lateBy > 0}>{clock(fold.readyAt)}</b>{#if lateBy > 0}
          <span class="text-pimento">, {lateBy} min later than planned</span>{/if}
      </p>
    </div>
    <div class="flex flex-wrap items-center gap-2">
      {#if !live.isOnline}
        <p class="rounded-lg bg-ember-soft px-3 py-2 font-semibold text-ember-ink" role="status">
          No server: clocks and taps go on here{live.waiting.length > 0
            ? `, ${live.waiting.length} to send`
            : ''}
        </p>
      {/if}
      <button
        type="button"
        class="btn min-h-14"
        aria-pressed={hasSound}
        onclick={() => {
          unlockSound();
          hasSound = !hasSound;
          if (hasSound) setTimeout(() => sound(0), 100);
        }}>Sound {hasSound ? 'on' : 'off'}</button
      >
      <button
        type="button"
        class="btn min-h-14"
        aria-pressed={hasVoice}
        onclick={() => (hasVoice = !hasVoice)}>Voice {hasVoice ? 'on' : 'off'}</button
      >
      {#if canNotify}
        <button
          type="button"
          class="btn min-h-14"
          aria-pressed={hasNotices}
          onclick={async () => (hasNotices = !hasNotices && (await askForNotices()))}
          >Notices {hasNotices ? 'on' : 'off'}</button
        >
      {/if}
    </div>
  </header>

  {#if live.evening.practice && live.canTap}
    <PracticeBar
      speed={live.speed}
      onspeed={(speed) => live.tap({ kind: 'paced', speed, real: Date.now() })}
    />
  {/if}
  {#if cooks.length > 1}
    <div
      class="mt-3 flex flex-wrap items-center gap-2"
      role="group"
      aria-label="Whose screen is this?"
    >
      {#each [{ id: '', name: 'Everybody' }, ...cooks] as cook, i (cook.id)}
        {@const own = i === 0 ? null : i - 1}
        <button
          type="button"
          class="btn min-h-12"
          class:btn-strong={me === own}
          aria-pressed={me === own}
          onclick={() => setMe(own)}>{cook.name}</button
        >
      {/each}
      {#if live.cook !== null}
        <p class="text-[15px] text-muted">What you tap here teaches your own pace.</p>
      {/if}
    </div>
  {/if}
  {#if fold.isPaused}
    <div
      role="status"
      class="mt-3 flex flex-wrap items-center justify-between gap-3 banner banner-look text-lg"
    >
      <p><b>Paused.</b> The pots carry on; nothing is called out.</p>
      <button
        type="button"
        class="btn min-h-14 btn-strong"
        onclick={() => live.tap({ kind: 'resumed' })}>Go on</button
      >
    </div>
  {:else if fold.awayUntil !== null}
    <p role="status" class="mt-3 banner banner-note text-lg">
      A cook is away until <b>{clock(fold.awayUntil)}</b>; the plan counts on it.
    </p>
  {/if}
  {#if stops.length > 0}<div class="mt-3"><Stops notes={stops} by={data.kitchen} /></div>{/if}
  {#if !live.canTap}
    <p role="status" class="mt-3 banner banner-note text-lg">
      This screen is read-only.
      <a class="font-semibold underline" href="/access?to=/cook/{live.evening.id}"
        >Give the passcode</a
      >
      to tap here.
    </p>
  {:else if live.refusal}
    <p role="alert" class="mt-3 banner banner-stop text-lg">
      <b>The server doesn’t accept this screen.</b>
      {live.refusal.text}{#if live.waiting.length > 0}
        {live.waiting.length === 1 ? 'One tap is' : `${live.waiting.length} taps are`} kept here until
        then.{/if}
      {#if live.refusal.status === 401 || live.refusal.status === 403}<a
          class="font-semibold underline"
          href="/access?to=/cook/{live.evening.id}">Give the passcode</a
        >{/if}
    </p>
  {/if}
  {#if live.problem}
    <p role="alert" class="mt-3 banner banner-stop">
      {live.problem}
    </p>
  {/if}
  {#if told && kept !== told.id}
    <div
      role="status"
      data-testid="replanned"
      class="mt-3 flex flex-wrap items-center justify-between gap-3 banner banner-note text-lg"
    >
      <p><b>Planned again:</b> {told.text}.</p>
      <span class="flex gap-2">
        <button type="button" class="btn min-h-14" onclick={() => (kept = told.id)}>Keep</button>
        <button
          type="button"
          class="btn min-h-14"
          onclick={() => live.tap({ kind: 'undone', of: told.id })}>As before</button
        >
      </span>
    </div>
  {/if}

  <div class="mt-4 grid grid-cols-[minmax(0,1fr)] gap-5 lg:grid-cols-[minmax(0,1fr)_22rem]">
    <div
      class="grid h-fit grid-cols-[minmax(0,1fr)] gap-4 {live.canTap
        ? ''
        : '[&_button]:hidden [&_details]:hidden'}"
    >
      <NowCard
        {live}
        {fold}
        {current}
        {isDone}
        place={current ? place(current) : ''}
        setting={current ? setting(current) : ''}
        freeUntil={next[0] ? when(next[0].start) : null}
        {clock}
        ondone={done}
        onstart={start}
      />

      {#if next.length > 0}
        <section aria-labelledby="next" class="card p-4">
          <h2 id="next" class="text-lg font-bold">Next</h2>
          <ol>
            {#each next as step (step.operation.id)}
              <li
                class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-2 text-xl first:border-0"
              >
                <b class="w-16 tabular-nums">{clock(step.start)}</b>
                <span class="min-w-48 flex-1"
                  >{step.operation.text}
                  <span class="block text-base text-muted"
                    >{place(step)} · {step.operation.dishName}</span
                  ></span
                >
                <button type="button" class="btn min-h-14" onclick={() => done(step)}
                  >Done already<span class="sr-only">: {step.operation.text}</span></button
                >
              </li>
            {/each}
          </ol>
        </section>
      {/if}

      <ul class="grid gap-3" aria-label="Pots, oven, stove">
        {#each stations as station (station.id)}
          <StationRow
            {station}
            reading={station.kind === 'pot' ? readingOf(station.id) : null}
            now={live.now}
            clockOf={clock}
            ontap={done}
            onmore={(s, minutes) => live.tap({ kind: 'more', step: s.operation.id, minutes })}
            onagain={(s, minutes) => live.tap({ kind: 'again', step: s.operation.id, minutes })}
            ontrouble={(s, what) => {
              live.tap({ kind: 'trouble', step: s.operation.id, what });
              toast.warning(TROUBLES[what].remedy, { duration: 20_000 });
            }}
          />
        {/each}
      </ul>
    </div>

    <div class="grid h-fit grid-cols-[minmax(0,1fr)] gap-4">
      <Dial
        steps={fold.steps}
        cookers={data.kitchen.cookers}
        now={live.now}
        readyAt={fold.readyAt}
        clock={clock(live.now)}
        {shift}
      />
      {#if assumed.length > 0 && live.canTap}
        <TakenAsPlanned
          steps={assumed}
          {clock}
          onnotyet={(s) => live.tap({ kind: 'more', step: s.operation.id, minutes: 3 })}
        />
      {/if}
      {#if live.canTap}<SomethingElse {live} {fold} {lastTap} {clock} />{/if}
    </div>
  </div>

  <details class="mt-6 card p-4" bind:open={showsTimeline}>
    <summary class="min-h-10 cursor-pointer content-center text-lg font-bold"
      >The timeline now</summary
    >
    {#if showsTimeline}
      <Timeline
        plan={fold.plan}
        totals={totalsOf(live.evening.compiled.problem, fold.schedule)}
        kitchen={data.kitchen}
        serveAt={live.evening.serveAt}
        end={end.toLowerCase()}
        {cooks}
        {shares}
      />
    {/if}
  </details>
</div>
