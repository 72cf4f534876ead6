import { describe, expect, it } from 'vitest';
import { dishSchema, type Dish } from '../dish';
import { answerQuestion, importRecipe, retime } from './index';

function read(text: string) {
  const imported = importRecipe(text);
  if (!imported.ok) throw new Error(imported.problems[0]?.message);
  return imported.value;
}

describe('what was not said', () => {
  const text = `Shanks\n2 lamb shanks\n1 cup broth\nPressure cook on high until tender.`;

  it('is not asked where the text gives the minutes: how thick a piece is', () => {
    const told = read(text.replace('until tender', 'for 50 to 60 minutes'));
    expect(told.questions.map((q) => q.id).sort()).toEqual([
      'pressure.hold',
      'pressure.release',
      'serves',
    ]);
  });

  it('is asked, with a likely answer, and an answer goes into the dish', () => {
    const { dish, questions } = read(text);
    expect(questions.map((q) => q.id).sort()).toEqual([
      'lamb-shank.mm',
      'pressure.hold',
      'pressure.release',
      'serves',
    ]);
    const answers: Record<string, string> = {
      'lamb-shank.mm': '80',
      'pressure.hold': '55',
      'pressure.release': '15',
      serves: '2',
    };
    let answered: Dish = dish;
    for (const question of questions) {
      const next = answerQuestion(answered, question, answers[question.id] ?? '');
      if (!next.ok) throw new Error(next.problems[0]?.message);
      answered = next.value;
    }
    expect(dishSchema.safeParse(answered).success).toBe(true);
    expect(answered.servings).toBe(2);
    expect(answered.ingredients[0]?.pieceMm).toBe(80);
    expect(answered.stages[0]).toMatchObject({
      holdMinutes: 55,
      release: { kind: 'timed', minutes: 15 },
    });
  });

  it.each([
    ['serves', '0'],
    ['pressure.release', 'sometimes'],
    ['lamb-shank.mm', 'thick'],
  ])('%s refuses “%s” and says what it takes', (id, answer) => {
    const { dish, questions } = read(text);
    const question = questions.find((q) => q.id === id);
    if (!question) throw new Error(id);
    const refused = answerQuestion(dish, question, answer);
    expect(refused).toMatchObject({ ok: false, problems: [{ field: id }] });
  });
});

describe('where a main ingredient goes in', () => {
  const text = (step: string) =>
    read(
      `Pot\nServes 4\n800 g lamb shoulder\n2 leeks\n1 cup stock\nSoften the leeks for 5 minutes.\n${step}`,
    );
  const HOLD = 'Pressure cook on high for 20 minutes, natural release.';

  it('is asked where no sentence speaks of it, and the answer puts it there', () => {
    const { dish, questions } = text(`Pour in the stock. ${HOLD}`);
    const question = questions.find((q) => q.about.kind === 'place');
    expect(question?.text).toContain('lamb shoulder');
    if (!question) return;
    const [brown] = dish.stages;
    const answered = answerQuestion(dish, question, brown?.id ?? '');
    if (!answered.ok) throw new Error(answered.problems[0]?.message);
    const having = answered.value.stages.filter((s) => s.uses.includes('lamb-shoulder'));
    expect(having.map((s) => s.id)).toEqual([brown?.id]);
  });

  it.each([`Add the lamb. ${HOLD}`, `Add everything else. ${HOLD}`, `Put the meat in. ${HOLD}`])(
    'is not: %s',
    (step) => {
      expect(text(step).questions.map((q) => q.about.kind)).not.toContain('place');
    },
  );
});

describe('a text and its figure', () => {
  it('minutes of one side stay those of one side', () => {
    expect(retime('Brown the birds, 3 min a side.', null, 6)).toBe(
      'Brown the birds, 3 min a side.',
    );
    expect(retime('Brown the birds for 3 min.', null, 6)).toBe('Brown the birds for 6 minutes.');
    const release = 'High pressure until done. Natural release, 10 minutes.';
    expect(retime(release, null, 40)).toBe(release);
    expect(retime('Add garlic, 30 sec.', 0.5, 1)).toBe('Add garlic, 30 sec.');
    const sides = 'Brown the fish 4 min a side in 2 goes. Leeks in, 3 more.';
    expect(retime(sides, null, 19)).toBe(sides);
    // The figure is the sum of what is told.
    const parts = 'Fry the lardons around 5 minutes. Add the onion, 3 more.';
    expect(retime(parts, 8, 8)).toBe(parts);
    expect(retime('Fry for 5 minutes. Add 3 more onions.', 8, 8)).toBe(
      'Fry for 8 minutes. Add 3 more onions.',
    );
    expect(retime('High pressure 5 min. NPR 15 min (no QR).', 5, 3)).toBe(
      'High pressure 3 minutes. NPR 15 min (no QR).',
    );
    // A limit is no time that the work takes: what must be cold within two hours must be so in any pot.
    for (const text of ['Cold within two hours', 'No longer than 20 minutes out of the fridge'])
      expect(retime(text, 3, 6)).toBe(text);
  });
});
