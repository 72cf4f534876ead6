/** Which language a text is in: enough to say so, for only English is read. */

/** The commonest small words of each; English has none of them but by chance. */
const WORDS: Readonly<Record<string, { name: string; words: readonly string[] }>> = {
  it: {
    name: 'Italian',
    words:
      'il lo gli di del della e con per una un minuti olio sale cuoci aggiungi poi nella fino'.split(
        ' ',
      ),
  },
  fr: {
    name: 'French',
    words:
      'le la les des du de et avec pour une un minutes huile sel ajoutez puis dans faites cuire'.split(
        ' ',
      ),
  },
  de: {
    name: 'German',
    words:
      'der die das den und mit für eine ein minuten salz öl geben dann bei kochen zugeben auf nicht'.split(
        ' ',
      ),
  },
  es: {
    name: 'Spanish',
    words:
      'el la los las de del y con para una un minutos aceite sal añadir luego cocer durante en'.split(
        ' ',
      ),
  },
  pt: {
    name: 'Portuguese',
    words: 'o a os as de do da e com para uma um minutos azeite sal junte depois em cozinhe'.split(
      ' ',
    ),
  },
  nl: {
    name: 'Dutch',
    words: 'de het een en met voor van minuten zout olie voeg toe dan laat koken op niet'.split(
      ' ',
    ),
  },
  sv: {
    name: 'Swedish',
    words: 'och med för en ett minuter salt olja tillsätt sedan koka låt i på till'.split(' '),
  },
  da: {
    name: 'Danish',
    words: 'og med til en et minutter salt olie tilsæt derefter kog lad i på for'.split(' '),
  },
  pl: {
    name: 'Polish',
    words: 'i z na do w minut sól oleju dodaj gotuj przez się oraz lub następnie'.split(' '),
  },
  tr: {
    name: 'Turkish',
    words: 've bir ile için dakika tuz yağ ekleyin sonra pişirin su kaşığı bardağı'.split(' '),
  },
};
const ENGLISH = new Set(
  'the and of to in with for on it then until add cook minutes cup salt is at a from into you your up off'.split(
    ' ',
  ),
);
const ALSO_ENGLISH = new Set('a i on for in salt minutes o as do'.split(' '));
/** With fewer words nothing can be said. */
const FEWEST = 12;
const SHARE = 0.12;

/**
 * The language of a text by its commonest words.
 *
 * @returns `en` where nothing speaks for another one, else its code and its English name
 */
export function languageOf(text: string): { code: string; name: string } {
  const english = { code: 'en', name: 'English' };
  const words = text.toLowerCase().match(/\p{L}+/gu) ?? [];
  if (words.length < FEWEST) return english;
  const share = (known: ReadonlySet<string>): number =>
    words.filter((w) => known.has(w)).length / words.length;
  const own = share(ENGLISH);
  const [best] = Object.entries(WORDS)
    .map(([code, { name, words: list }]) => ({
      code,
      name,
      share: share(new Set(list.filter((w) => !ALSO_ENGLISH.has(w)))),
    }))
    .sort((a, b) => b.share - a.share);
  return best && best.share >= SHARE && best.share > 1.5 * own
    ? { code: best.code, name: best.name }
    : english;
}
