<script lang="ts">
  /** A recipe’s text as it was given: each piece with what it was taken for, to be set right where it stands. */
  import type { LinkedPiece, PieceKind } from '$core/recipe';

  interface Props {
    text: string;
    pieces: readonly LinkedPiece[];
    /** What is not understood still. */
    unread: readonly string[];
    /** Ids of ingredients and stages that are pointed at in the dish. */
    pointed: ReadonlySet<string>;
    /** What comes of a piece is pointed at here; empty where nothing is. */
    onpoint: (ids: readonly string[]) => void;
    onkind: (start: number, kind: PieceKind) => void;
  }
  let { text, pieces, unread, pointed, onpoint, onkind }: Props = $props();

  const KINDS: readonly (readonly [PieceKind, string])[] = [
    ['title', 'Title'],
    ['yield', 'For how many'],
    ['heading', 'Heading'],
    ['ingredient', 'Ingredient'],
    ['step', 'Step'],
    ['note', 'Note'],
    ['chatter', 'Left out'],
  ];
  const EDGE: Readonly<Record<PieceKind, string>> = {
    title: 'border-ink',
    yield: 'border-ink',
    heading: 'border-line-strong',
    ingredient: 'border-olive',
    step: 'border-brine',
    note: 'border-line-strong',
    chatter: 'border-line',
  };

  /** The piece in parts, those that were not understood marked. */
  function partsOf(piece: LinkedPiece): { words: string; isUnread: boolean }[] {
    const whole = text.slice(piece.start, piece.end).trim();
    const out: { words: string; isUnread: boolean }[] = [];
    let at = 0;
    for (const words of piece.unread.filter((w) => unread.includes(w))) {
      const found = whole.indexOf(words, at);
      if (found < 0) continue;
      out.push({ words: whole.slice(at, found), isUnread: false }, { words, isUnread: true });
      at = found + words.length;
    }
    return [...out, { words: whole.slice(at), isUnread: false }].filter((p) => p.words !== '');
  }
  const idsOf = (piece: LinkedPiece): readonly string[] => [...piece.ingredients, ...piece.stages];
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<ol
  class="max-h-[28rem] overflow-y-auto rounded-lg border border-line xl:max-h-none"
  tabindex="0"
  aria-label="The text, piece by piece"
>
  {#each pieces as piece (piece.start)}
    {@const ids = idsOf(piece)}
    <li
      class="flex items-start gap-2 border-l-4 py-0.5 pl-2.5 {EDGE[piece.as]} {ids.some((id) =>
        pointed.has(id),
      )
        ? 'bg-leaf-soft'
        : ''}"
      onpointerenter={() => onpoint(ids)}
      onpointerleave={() => onpoint([])}
      onfocusin={() => onpoint(ids)}
      onfocusout={() => onpoint([])}
    >
      <p
        class="min-w-0 flex-1 py-1 text-[15px] break-words {piece.as === 'chatter'
          ? 'text-muted line-through decoration-line-strong'
          : piece.as === 'title'
            ? 'font-bold'
            : ''}"
      >
        {#each partsOf(piece) as part, i (i)}{#if part.isUnread}<mark
              class="rounded bg-ember-soft px-0.5 font-semibold text-ember-ink underline decoration-dotted underline-offset-4"
              >{part.words}<span class="sr-only"> (not read)</span></mark
            >{:else}{part.words}{/if}{/each}
      </p>
      <select
        class="h-8 w-28 shrink-0 rounded border border-transparent bg-transparent text-sm text-muted hover:border-line-strong focus:border-line-strong"
        aria-label="What is “{text.slice(piece.start, piece.end).trim().slice(0, 40)}”?"
        value={piece.as}
        onchange={(e) => onkind(piece.start, e.currentTarget.value as PieceKind)}
      >
        {#each KINDS as [kind, label] (kind)}<option value={kind}>{label}</option>{/each}
      </select>
    </li>
  {/each}
</ol>
