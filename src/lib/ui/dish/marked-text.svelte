<script lang="ts">
  /** A recipe’s text as it was given, with what was not read marked in its place. */
  interface Props {
    text: string;
    unread: readonly string[];
  }
  let { text, unread }: Props = $props();

  /** Pieces in order: spaces in the text may be other than in what was taken from it. */
  const parts = $derived.by(() => {
    const found: { from: number; to: number }[] = [];
    for (const piece of unread) {
      const words = piece.split(/\s+/).map((w) => w.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
      const match = new RegExp(words.join('\\s+')).exec(text);
      if (match) found.push({ from: match.index, to: match.index + match[0].length });
    }
    found.sort((a, b) => a.from - b.from);
    const out: { text: string; isUnread: boolean }[] = [];
    let at = 0;
    for (const { from, to } of found) {
      if (from < at) continue;
      out.push({ text: text.slice(at, from), isUnread: false });
      out.push({ text: text.slice(from, to), isUnread: true });
      at = to;
    }
    return [...out, { text: text.slice(at), isUnread: false }];
  });
</script>

<p class="rounded-lg border border-line p-4 text-[15px] break-words whitespace-pre-line">
  {#each parts as part, i (i)}{#if part.isUnread}<mark
        class="rounded bg-ember-soft px-0.5 font-semibold text-ember-ink underline decoration-dotted underline-offset-4"
        >{part.text}<span class="sr-only"> (not read)</span></mark
      >{:else}{part.text}{/if}{/each}
</p>
