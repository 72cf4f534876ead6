<script lang="ts">
  import { onMount } from 'svelte';
  import { SvelteMap, SvelteSet } from 'svelte/reactivity';
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import { startReader, type Reader } from '$lib/client/reader';
  import type { Dish } from '$core/dish';
  import {
    answerQuestion,
    editRead,
    type Imported,
    type PieceKind,
    type ReadEdit,
    type UnreadKind,
  } from '$core/recipe';
  import type { Outcome } from '$core/reason';
  import { MarkedText } from '$lib/ui/dish';
  import ReadAlong from '$lib/ui/dish/read-along.svelte';
  import ImportPreview from '$lib/ui/dish/import-preview.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();

  /** On the way to a first plan it goes back to its cards. */
  const isFirst = $derived(page.url.searchParams.get('then') === 'begin');
  const LARGEST_FILE = 5_000_000;
  let text = $state('');
  let fileProblem = $state<string | null>(null);
  /** Answers by question, as typed. */
  let answers = $state<Record<string, string>>({});
  /** Pieces that were not read, with what somebody said they are; in order, so that each can be taken back. */
  let pieces = $state<{ piece: string; as: UnreadKind }[]>([]);
  /** Corrections of what was read, in order. */
  let edits = $state.raw<readonly ReadEdit[]>([]);
  let isDropping = $state(false);

  /** What somebody has said that pieces of the text are, by where they begin. */
  const kinds = new SvelteMap<number, PieceKind>();
  /** The same, in order, so that each can be taken back. */
  let said = $state<{ start: number; before: PieceKind | undefined }[]>([]);
  /** Ingredients and stages that the text’s piece under the pointer became, or the other way round. */
  const pointed = new SvelteSet<string>();
  let reader: Reader | null = null;
  let imported = $state.raw<Outcome<Imported> | null>(null);
  /** The text that `imported` was read from. */
  let readText = $state('');
  const isReading = $derived(text.trim() !== '' && readText !== text);

  onMount(() => {
    reader = startReader();
    // What was typed before the page was ready.
    void readAnew();
    return () => reader?.close();
  });

  /** Reads the text beside the page; what is typed meanwhile is read next. */
  async function readAnew(): Promise<void> {
    const wanted = text;
    if (wanted.trim() === '') {
      imported = null;
      readText = wanted;
      return;
    }
    const options = {
      takenIds: new Set(data.takenIds),
      pick: Number(answers['which'] ?? 0),
      kinds: new Map(kinds),
    };
    const read = await reader?.read(wanted, options, $state.snapshot(pieces));
    if (!read) return;
    imported = read;
    readText = wanted;
  }

  /** Another text: what was said of the last one is of no account. */
  function startOver(): void {
    answers = {};
    pieces = [];
    edits = [];
    kinds.clear();
    said = [];
  }

  function point(ids: readonly string[]): void {
    pointed.clear();
    for (const id of ids) pointed.add(id);
  }

  function setPieces(next: typeof pieces): void {
    pieces = next;
    void readAnew();
  }

  function setKind(start: number, kind: PieceKind): void {
    said = [...said, { start, before: kinds.get(start) }];
    kinds.set(start, kind);
    void readAnew();
  }

  function backKind(): void {
    const last = said.at(-1);
    if (!last) return;
    said = said.slice(0, -1);
    if (last.before === undefined) kinds.delete(last.start);
    else kinds.set(last.start, last.before);
    void readAnew();
  }
  /** The dish with every answer that can be taken, and what is wrong with the others. */
  const answered = $derived.by(() => {
    if (!imported?.ok) return null;
    const problems: Record<string, string> = {};
    let dish: Dish = imported.value.dish;
    const isEmpty = {
      ingredients: dish.ingredients.length === 0,
      stages: dish.stages.length === 0,
    };
    const questions = imported.value.questions.filter(
      ({ id, about }) =>
        (id !== 'empty.ingredients' || isEmpty.ingredients) &&
        (id !== 'empty.stages' || isEmpty.stages) &&
        // What was corrected is answered.
        !(
          about.kind === 'minutes' && edits.some((e) => e.of === 'minutes' && e.id === about.stage)
        ),
    );
    for (const question of questions) {
      const next = answerQuestion(dish, question, answers[question.id] ?? question.taken);
      if (next.ok) dish = next.value;
      else problems[question.id] = next.problems[0]?.remedy ?? '';
    }
    for (const edit of edits) dish = editRead(dish, edit);
    return { dish, problems, questions };
  });

  async function read(file: File | undefined): Promise<void> {
    fileProblem = null;
    if (!file) return;
    if (file.size > LARGEST_FILE) {
      fileProblem = `${file.name} is larger than 5 MB; save only the page itself, or paste its text.`;
      return;
    }
    text = await file.text();
    startOver();
    void readAnew();
  }
</script>

<svelte:head><title>Add a recipe · Olive Clock</title></svelte:head>

<p class="text-sm">
  <a href={isFirst ? '/?begin' : '/dishes'} class="text-muted underline-offset-4 hover:underline"
    >{isFirst ? 'Your first plan' : 'Dishes'}</a
  >
</p>
<h1 class="text-4xl font-extrabold tracking-tight">Add a recipe</h1>
<p class="mt-1 max-w-[70ch] text-muted">
  Paste a recipe as it is, or open a saved page or file. You see at once what was understood; what
  the recipe doesn’t say is asked. Nothing is downloaded.
</p>

<div
  class="mt-6 grid gap-6 xl:grid-cols-[minmax(0,26rem)_minmax(0,1fr)] xl:grid-rows-[auto_minmax(0,1fr)]"
>
  <section aria-labelledby="source" class="grid h-fit gap-3">
    <h2 id="source" class="sr-only">The recipe</h2>
    <div>
      <label for="text" class="label">The recipe’s text</label>
      <textarea
        id="text"
        class="field resize-y py-3 {imported?.ok ? 'min-h-36' : 'min-h-80'} font-sans {isDropping
          ? 'border-olive bg-leaf-soft'
          : ''}"
        placeholder="Lentils with leeks&#10;Serves 4&#10;&#10;300 g green lentils&#10;2 leeks, sliced&#10;…&#10;&#10;Soften the leeks for 5 minutes. Add the rest, 10 minutes at high pressure, natural release."
        bind:value={text}
        oninput={() => {
          kinds.clear();
          said = [];
          edits = [];
          void readAnew();
        }}
        ondragover={(e) => {
          e.preventDefault();
          isDropping = true;
        }}
        ondragleave={() => (isDropping = false)}
        ondrop={(e) => {
          e.preventDefault();
          isDropping = false;
          void read(e.dataTransfer?.files[0]);
        }}></textarea>
    </div>
    <div class="flex flex-wrap items-center gap-3">
      <label class="btn cursor-pointer focus-within:outline-3 focus-within:outline-brine">
        Open a file
        <input
          type="file"
          class="sr-only"
          accept=".txt,.md,.html,.htm,.json,.jsonld,text/*,application/json"
          onchange={(e) => void read(e.currentTarget.files?.[0])}
        />
      </label>
      {#if text !== ''}
        <button
          type="button"
          class="btn btn-quiet"
          onclick={() => {
            text = '';
            startOver();
            void readAnew();
          }}>Clear</button
        >
      {/if}
    </div>
    {#if fileProblem}<p class="font-semibold text-pimento" role="alert">{fileProblem}</p>{/if}
  </section>

  <section
    aria-labelledby="read"
    aria-live="polite"
    class="min-w-0 xl:col-start-2 xl:row-span-2 xl:row-start-1"
  >
    <h2 id="read" class="sr-only">What was read</h2>
    {#if imported === null}
      <div class="card border-dashed p-6 text-muted">
        <p class="text-lg font-semibold text-ink">The dish appears here while you paste.</p>
        <p>
          Ingredients with their amounts, the stages with their minutes, and the sentence each came
          from.
        </p>
      </div>
    {:else if !imported.ok}
      <p class="card p-5 font-semibold text-pimento">
        {#each imported.problems.slice(0, 3) as problem, index (index)}
          <span class="block first-letter:uppercase">{problem.message}; {problem.remedy}.</span>
        {/each}
      </p>
    {:else if answered}
      {#if imported.value.language.code !== 'en'}
        <p class="mb-4 banner banner-look">
          This text is in {imported.value.language.name}. Only English is read so far: the list is
          kept as it is written, and the steps are below to be sorted.
        </p>
      {/if}
      <ImportPreview
        imported={{ ...imported.value, questions: answered.questions }}
        dish={answered.dish}
        problems={answered.problems}
        kitchen={data.kitchen}
        {answers}
        {pointed}
        onpoint={point}
        onanswer={(id, answer) => {
          answers = { ...answers, [id]: answer };
          if (id === 'which') void readAnew();
        }}
        ontake={(piece, as) => setPieces([...pieces, { piece, as }])}
        onedit={(edit) => (edits = [...edits, edit])}
        onback={pieces.length > 0 ? () => setPieces(pieces.slice(0, -1)) : null}
      />
      {#if edits.length > 0}<button
          type="button"
          class="mt-3 btn btn-quiet"
          onclick={() => (edits = edits.slice(0, -1))}>Undo the last correction</button
        >{/if}
      <form
        method="POST"
        action="?/keep{isFirst ? '&then=begin' : ''}"
        use:enhance
        class="mt-5 flex flex-wrap items-center gap-4"
      >
        <input type="hidden" name="dish" value={JSON.stringify(answered.dish)} />
        <button
          class="btn btn-strong"
          disabled={isReading || Object.keys(answered.problems).length > 0}>Keep this dish</button
        >
        {#if form?.problem}<p class="font-semibold text-pimento" role="alert">{form.problem}</p>
        {:else if Object.keys(answered.problems).length > 0}<p class="font-semibold text-ember-ink">
            Answer what the recipe doesn’t say first.
          </p>{:else if answered.dish.unread.length > 0}<p class="text-ember-ink">
            {answered.dish.unread.length === 1
              ? 'One piece is'
              : `${answered.dish.unread.length} pieces are`}
            not read yet: kept with the dish, to sort out later.
          </p>{:else}<p class="text-muted">Everything can be changed afterwards.</p>{/if}
      </form>
    {/if}
  </section>
  {#if imported?.ok && imported.value.pieces.length > 0}
    <section aria-labelledby="pieces" class="grid h-fit gap-3 xl:col-start-1 xl:row-start-2">
      <div class="flex flex-wrap items-baseline justify-between gap-2">
        <h2 id="pieces" class="font-bold">What each piece became</h2>
        {#if said.length > 0}<button type="button" class="btn btn-quiet" onclick={backKind}
            >Undo the last change</button
          >{/if}
      </div>
      <p class="-mt-2 text-[15px] text-muted">
        Choose what a piece is where it was taken for something else; the recipe is read anew with
        it.
      </p>
      <ReadAlong
        text={imported.value.dish.source ?? readText}
        pieces={imported.value.pieces}
        unread={answered?.dish.unread ?? []}
        {pointed}
        onpoint={point}
        onkind={setKind}
      />
    </section>
  {:else if answered && answered.dish.unread.length > 0}
    <details class="xl:col-start-1 xl:row-start-2">
      <summary class="min-h-11 cursor-pointer py-2 font-bold">Where it is not read</summary>
      <MarkedText text={answered.dish.source ?? text} unread={answered.dish.unread} />
    </details>
  {/if}
</div>
