<script lang="ts">
  import { untrack } from 'svelte';
  import { goto, replaceState } from '$app/navigation';
  import { page } from '$app/state';
  import { toast } from 'svelte-sonner';
  import {
    pageQuestions,
    startsIn,
    valuesFrom,
    usesOf,
    type PageQuestion,
    type Values,
  } from '$lib/ui/answers';
  import PieceDrawing from '$lib/ui/answers/piece-drawing.svelte';
  import QuestionForm from '$lib/ui/answers/question-form.svelte';
  import Chart from '$lib/ui/chart/chart.svelte';
  import { AskGroups } from '$lib/ui/dish';
  import UseInDish from '$lib/ui/answers/use-in-dish.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const questions = $derived(pageQuestions(data.kitchen));

  /** What the address asks. */
  function fromAddress(): { id: string; values: Values } {
    const { q, ...rest } = Object.fromEntries(page.url.searchParams);
    const found = questions.find((x) => x.id === q) ?? questions[0];
    const start = { ...found?.start(data.kitchen), ...rest };
    // Only a dish is named: it says what it knows, as it does where it is chosen here.
    const [first] = data.dish ? startsIn([data.dish]) : [];
    const isDishAlone = Object.keys(rest).every((key) => key === 'stage');
    const known = data.dish && first && isDishAlone ? valuesFrom(data.dish, first.stageId) : {};
    return {
      id: found?.id ?? 'fit',
      values: { ...start, ...(found ? fitting(found, known) : {}) },
    };
  }
  /** Those of the values that the question has a field for. */
  function fitting(asked: PageQuestion, known: Values): Values {
    return Object.fromEntries(
      Object.entries(known).filter(
        ([key, value]) =>
          key === 'stage' ||
          asked.fields.some(
            (f) =>
              f.key === key &&
              (f.kind !== 'choice' || f.options.some(([option]) => option === value)) &&
              (f.kind !== 'food' || f.suggestions.includes(value)),
          ),
      ),
    );
  }
  let current = $state(untrack(fromAddress));
  const question = $derived(questions.find((x) => x.id === current.id) as PageQuestion);

  const outcome = $derived(question.show(current.values, data.kitchen));
  const shown = $derived(outcome.ok ? outcome.value : null);
  const said = $derived(shown?.said ?? null);
  const drawn = $derived(question.drawn(current.values, data.kitchen));
  const uses = $derived(
    shown?.said && data.dish ? usesOf(question.title, shown.uses, shown.said, [data.dish]) : [],
  );
  const starts = $derived(data.dish ? startsIn([data.dish]) : []);
  const problems = $derived(outcome.ok ? [] : outcome.problems);

  function choose(id: string): void {
    const next = questions.find((x) => x.id === id);
    if (!next) return;
    // What both questions ask is carried over: the same food in the same pot.
    const kept = Object.entries(current.values).filter(
      ([key, value]) =>
        key === 'stage' ||
        next.fields.some(
          (f) =>
            f.key === key &&
            f.kind !== 'choice' &&
            (f.kind !== 'food' || f.suggestions.includes(value)),
        ),
    );
    current = { id, values: { ...next.start(data.kitchen), ...Object.fromEntries(kept) } };
    remember();
  }
  /** A dish of that name is there: its first cycle fills the question. Without a name it is none any more. */
  async function chooseDish(name: string): Promise<void> {
    const id = name.trim() === '' ? '' : data.names.find((n) => n.name === name)?.id;
    if (id === undefined) return;
    clearTimeout(later);
    current = { ...current, values: { ...current.values, stage: id } };
    await goto(address(), { replaceState: true, keepFocus: true, noScroll: true });
    const [first] = starts;
    if (first) startFrom(first.id);
  }
  /** Fills the question with what a dish knows; the rest stays as it was. */
  function startFrom(id: string): void {
    const start = starts.find((s) => s.id === id);
    const { dish } = data;
    if (!start || !dish) return;
    const known = fitting(question, valuesFrom(dish, start.stageId));
    current = { ...current, values: { ...current.values, ...known } };
    remember();
  }
  function change(key: string, value: string): void {
    current = { ...current, values: { ...current.values, [key]: value } };
    remember();
  }
  /** The address of the question as it stands. */
  function address(): string {
    const filled = Object.entries(current.values).filter(([, value]) => value !== '');
    return `?${new URLSearchParams({ q: current.id, ...Object.fromEntries(filled) }).toString()}`;
  }
  let later: ReturnType<typeof setTimeout> | undefined;
  function remember(): void {
    clearTimeout(later);
    later = setTimeout(() => replaceState(address(), page.state), 250);
  }
  async function copyLink(): Promise<void> {
    await navigator.clipboard.writeText(location.href);
    toast.success('The link holds the whole question.');
  }
</script>

<svelte:head><title>Answers: {question.title} · Olive Clock</title></svelte:head>

<header class="flex flex-wrap items-end justify-between gap-3">
  <div>
    <h1 class="text-4xl font-extrabold tracking-tight">Answers</h1>
    <p class="mt-1 text-muted">Quick answers while you type.</p>
  </div>
  <button type="button" class="btn" onclick={copyLink}>Copy link to this question</button>
</header>

<div class="mt-6 grid gap-6 lg:grid-cols-[15rem_1fr]">
  <nav aria-label="Questions" class="min-w-0">
    <ul class="flex gap-1 overflow-x-auto pb-2 lg:flex-col lg:overflow-visible">
      {#each questions as q (q.id)}
        <li class="flex-none">
          <button
            type="button"
            class="min-h-11 w-full rounded-lg px-3 text-left whitespace-nowrap lg:whitespace-normal {q.id ===
            current.id
              ? 'bg-olive font-bold text-on-olive'
              : 'hover:bg-leaf-soft'}"
            aria-current={q.id === current.id ? 'true' : undefined}
            onclick={() => choose(q.id)}>{q.title}</button
          >
        </li>
      {/each}
    </ul>
  </nav>

  <section aria-labelledby="question" class="grid h-fit gap-6 card p-5 xl:grid-cols-[22rem_1fr]">
    <div>
      <h2 id="question" class="text-2xl font-bold">{question.title}</h2>
      <p class="mt-1 mb-4 text-muted">{question.about}</p>
      {#if data.names.length > 0}
        <label class="mb-4 block text-sm text-muted"
          >Start from a dish
          <input
            class="mt-1 field text-ink"
            list="dish-names"
            autocomplete="off"
            placeholder="none: type it below"
            value={data.dish?.name ?? ''}
            oninput={(e) => void chooseDish(e.currentTarget.value)}
          />
        </label>
        <datalist id="dish-names">
          {#each data.names as dish (dish.id)}<option value={dish.name}></option>{/each}
        </datalist>
        {#if starts.length > 1}
          <label class="mb-4 block text-sm text-muted"
            >Which of its cycles
            <select
              class="mt-1 field text-ink"
              value={current.values.stage ?? ''}
              onchange={(e) => startFrom(e.currentTarget.value)}
            >
              {#each starts as start (start.id)}<option value={start.id}>{start.text}</option
                >{/each}
            </select>
          </label>
        {/if}
      {/if}
      <QuestionForm {question} values={current.values} {problems} onchange={change} />
      {#if drawn}<PieceDrawing piece={drawn} by={data.kitchen} />{/if}
    </div>
    <div class="order-first min-w-0 xl:order-none" aria-live="polite">
      {#if shown && said}
        <p
          class="text-3xl leading-tight font-extrabold text-balance {said.isBad
            ? 'text-pimento'
            : 'text-leaf-ink'}"
          data-testid="answer"
        >
          {said.headline}
        </p>
        <dl class="mt-3 grid gap-x-6 gap-y-1 sm:grid-cols-[auto_1fr]">
          {#each said.facts as fact, i (i)}
            <dt class="text-muted">{fact.label}</dt>
            <dd class="font-semibold">{fact.value}</dd>
          {/each}
        </dl>
        {#if !data.dish && data.names.length > 0}<p class="mt-4 text-sm text-muted">
            Start from a dish, and this can be written into it.
          </p>{/if}
        <UseInDish groups={uses} from={starts.find((s) => s.id === current.values.stage) ?? null} />
        {#if shown.curve}<Chart curve={shown.curve} />{/if}
        <h3 class="mt-4 font-bold">Why</h3>
        <ul class="mt-1 list-disc pl-5 text-muted">
          {#each shown.because as reason, i (i)}<li>{reason}</li>{/each}
        </ul>
      {:else if shown}
        <p class="text-3xl leading-tight font-extrabold text-ember-ink" data-testid="answer">
          Not known
        </p>
        <p class="mt-1 mb-3 text-muted first-letter:uppercase">{shown.because[0]}.</p>
        <AskGroups foods={[current.values.food ?? '']} action="?/remember" />
      {:else}
        <p class="text-xl font-semibold text-pimento" role="status" data-testid="answer">
          {problems[0]?.message}; {problems[0]?.remedy}.
        </p>
      {/if}
      <p class="mt-4 text-sm text-muted">
        These are estimates: the thermometer, the cooker’s manual and local food-safety advice come
        first.
      </p>
    </div>
  </section>
</div>
