/** Stages as a text tells them, written as a dish’s; what the text leaves open is asked. */
import { dayOnce } from './ahead';
import { MOST_CHECKS, partIn, placeOf, type Stage } from '../dish';
import { withBranches } from './branches';
import { findDurations } from './durations';
import { turnsIn } from './turns';
import { levelIn } from './phrases';
import { freshId, type ReadIngredient } from './ingredients';
import { shortened } from '../reason';
import { ownPart } from './own-part';
import { soakAsListed, soakedInList, soakText } from './soaking';
import { askWhereMainsGo, mentioned, ofThisPart, placeTheMeat, placeTheRest } from './place';
import type { FoundCycle, FoundStage, ImportQuestion } from './types';
import { holdOf, levelOf, releaseOf } from './write-cycle';

const LONGEST = 2880;
/** Minutes for work whose time is not told (common practice). */
const USUAL_MINUTES: Readonly<Record<FoundStage['kind'], number>> = {
  prep: 10,
  soak: 480,
  brown: 8,
  loosen: 2,
  pressure: 0,
  slow: 480,
  simmer: 5,
  thicken: 3,
  crisp: 8,
  oven: 20,
  burner: 8,
  rest: 10,
  finish: 3,
};
/** Work whose length is the food’s and not the cook’s: without a time in the text it is asked. */
const ASKED: ReadonlySet<FoundStage['kind']> = new Set([
  'slow',
  'soak',
  'simmer',
  'crisp',
  'oven',
  'burner',
]);

/** @param questions what is to be asked is added here */
export function writeStages(
  found: readonly FoundStage[],
  ingredients: readonly ReadIngredient[],
  questions: ImportQuestion[],
): Stage[] {
  const taken = new Set<string>();
  const used = new Set<string>();
  const ids = found.map((stage) => {
    const id = freshId(stage.kind, taken);
    taken.add(id);
    return id;
  });
  const wholeText = found.flatMap((s) => s.sentences).join(' ');
  const written = found.map((asTold, i): Stage => {
    const stage = withoutSlip(asTold, ids[i] ?? asTold.kind, questions);
    const told = dayOnce(stage.sentences.join(' '));
    const words = dayOnce(ownPart(found, i));
    const own = ofThisPart(ingredients, told, wholeText);
    const named = mentioned(words, own, used);
    // “Rinse the dal and soak overnight”: what is soaked is what was rinsed.
    const rinsed = stage.kind === 'soak' && named.length === 0 ? mentioned(told, own, used) : named;
    const uses = stage.kind === 'soak' && rinsed.length === 0 ? soakedInList(own) : rinsed;
    const text = stage.kind === 'soak' ? soakText(words, uses, ingredients) : words;
    for (const id of uses) used.add(id);
    const base = {
      id: ids[i] ?? stage.kind,
      text: text.slice(0, 400),
      sentence: told.slice(0, 2000),
      uses,
      ...partsOf(text, uses, ingredients),
      ...(stage.minutes === null && stage.kind !== 'pressure' ? { guessed: true } : {}),
      ...checksOf(stage),
    };
    return writeStage(soakAsListed(stage, uses, ingredients), base, ingredients, questions);
  });
  restBesideThePot(written);
  placeTheMeat(written, ingredients, used);
  placeTheRest(written, ingredients, used);
  askWhereMainsGo(written, ingredients, used, questions);
  const common = new Set(
    ingredients.flatMap(({ ingredient, food }) =>
      food?.id === 'water' || food?.group === 'fat' || food?.group === 'seasoning'
        ? [ingredient.id]
        : [],
    ),
  );
  const staples = new Set(
    ingredients.flatMap(({ ingredient, food }) =>
      food?.id === 'water' ||
      food?.group === 'fat' ||
      /^(?:salt|black-pepper)$/.test(food?.id ?? '')
        ? [ingredient.id]
        : [],
    ),
  );
  return withBranches(
    withoutOverfull(written),
    found,
    (text) => mentioned(text, ingredients),
    (id) => common.has(id),
    (id) => staples.has(id),
  );
}

/** More minutes than any step has are a slip of the pen: the usual ones are taken, and it is asked. */
function withoutSlip(stage: FoundStage, id: string, questions: ImportQuestion[]): FoundStage {
  if (stage.minutes === null || stage.minutes <= LONGEST || stage.kind === 'pressure') return stage;
  const usual = USUAL_MINUTES[stage.kind];
  if (!ASKED.has(stage.kind))
    questions.push({
      id: `${id}.minutes`,
      about: { kind: 'minutes', stage: id },
      text: `How long for “${shortened(stage.sentences.join(' '))}”? ${stage.minutes} minutes are more than two days.`,
      taken: String(usual),
      range: [1, LONGEST],
      unit: 'min',
    });
  return { ...stage, minutes: null, to: null };
}

/** “With the lid shut” is the pot’s lid only where it was cooked in the pot. */
function restBesideThePot(stages: Stage[]): void {
  for (const [i, stage] of stages.entries()) {
    const heated = stages.slice(0, i).findLast((s) => placeOf(s) !== 'counter');
    if (stage.kind !== 'rest' || !stage.inCooker) continue;
    const isElsewhere = /\b(?:bowl|jug|board|plate|platter)\b/i.test(stage.sentence ?? stage.text);
    if (isElsewhere || !heated || placeOf(heated) !== 'cooker') delete stage.inCooker;
  }
}

/**
 * “Half of the fat” three times over is no division of it, and neither is a part whose rest goes nowhere: then each
 * stage takes what it takes, and nothing is left on the board.
 */
function withoutOverfull(stages: readonly Stage[]): Stage[] {
  const sums = new Map<string, number>();
  for (const { parts } of stages)
    for (const [id, part] of Object.entries(parts ?? {})) sums.set(id, (sums.get(id) ?? 0) + part);
  return stages.map((stage) => {
    if (!stage.parts) return stage;
    const { parts, ...plain } = stage;
    const isDivided = (id: string): boolean =>
      stages.some(
        (s) => s !== stage && s.uses.includes(id) && s.kind !== 'prep' && s.kind !== 'soak',
      );
    const kept = Object.entries(parts).filter(([id]) => (sums.get(id) ?? 0) <= 1 && isDivided(id));
    return kept.length > 0 ? { ...plain, parts: Object.fromEntries(kept) } : plain;
  });
}

/** Checks of the text, each with the whole minutes that it adds. */
function checksOf({ checks = [] }: FoundStage): Pick<Stage, 'checks'> {
  if (checks.length === 0) return {};
  return {
    checks: checks.slice(0, MOST_CHECKS).map(({ text, minutes }) => ({
      text: text.slice(0, 300),
      minutes: Math.min(LONGEST, Math.max(1, Math.round(minutes))),
    })),
  };
}

type StageBase = {
  id: string;
  text: string;
  sentence: string;
  uses: string[];
  after?: string[];
  guessed?: boolean;
  checks?: { text: string; minutes: number }[];
};

const CUTS =
  /\b(?:chop|dice|slice|cut|peel|trim|grate|mince|cube|shred|tear|halve|quarter|joint|core|stud|shape|roll|fill|stuff)/i;
const MIXES =
  /\b(?:whisk|mix|combine|beat|blend|stir|rub|salt|season|toss|coat|pat|grease|line|measure)\b/i;

const QUICK = /^(?:drain|rinse|wash|open|pat|wipe)\b[^.]*\.?$/i;

/** Mixing and rubbing take a few minutes, cutting more (common practice). */
const usualPrep = (text: string): number =>
  CUTS.test(text)
    ? USUAL_MINUTES.prep
    : MIXES.test(text)
      ? 4
      : QUICK.test(text)
        ? 2
        : USUAL_MINUTES.prep;

function writeStage(
  stage: FoundStage,
  base: StageBase,
  ingredients: readonly ReadIngredient[],
  questions: ImportQuestion[],
): Stage {
  const usual = stage.kind === 'prep' ? usualPrep(base.text) : USUAL_MINUTES[stage.kind];
  const minutes = Math.min(LONGEST, Math.round(stage.minutes ?? usual));
  const isOvernight = stage.kind === 'soak' && OVERNIGHT.test(base.sentence);
  if (stage.minutes === null && ASKED.has(stage.kind) && !isOvernight)
    questions.push({
      id: `${base.id}.minutes`,
      about: { kind: 'minutes', stage: base.id },
      text: `How long for “${shortened(base.text)}”?`,
      taken: String(minutes),
      range: [1, LONGEST],
      unit: 'min',
    });
  switch (stage.kind) {
    case 'pressure': {
      const cycle = stage.cycle as FoundCycle;
      return {
        ...base,
        kind: 'pressure',
        level: levelOf(cycle, base, questions),
        holdMinutes: holdOf(cycle, base, ingredients, questions),
        ...(Number.isNaN(cycle.holdMinutes) ? { guessed: true } : {}),
        ...(cycle.perPound !== null && cycle.perPound > 0 && cycle.perPound <= 120
          ? {
              minutesPerLb: cycle.perPound,
              ...(cycle.extra !== undefined && cycle.extra > 0 && cycle.extra <= 120
                ? { minutesOnTop: cycle.extra }
                : {}),
            }
          : {}),
        release: releaseOf(cycle, base, questions),
        ...(cycle.release.kind === 'either' ? { orRelease: { kind: 'quick' as const } } : {}),
        tools: [],
      };
    }
    case 'oven':
    case 'crisp':
      if (stage.celsius === null && !UNDER_GRILL.test(base.sentence))
        questions.push({
          id: `${base.id}.heat`,
          about: { kind: 'heat', stage: base.id },
          text: `How hot for “${shortened(base.text)}”?`,
          taken: '200',
          range: [100, 300],
          unit: '°C',
        });
      return {
        ...base,
        ...turned(base.sentence, minutes),
        kind: stage.kind,
        minutes,
        celsius: Math.min(
          300,
          Math.max(100, stage.celsius ?? (UNDER_GRILL.test(base.sentence) ? GRILL_C : 200)),
        ),
      };
    case 'slow': {
      const setting = levelIn(base.sentence);
      if (setting === null)
        questions.push({
          id: `${base.id}.setting`,
          about: { kind: 'setting', stage: base.id },
          text: `On which setting is “${shortened(base.text)}”?`,
          taken: 'low',
          range: [0, 0],
          unit: '',
          choices: [
            ['low', 'low'],
            ['high', 'high'],
          ],
        });
      return { ...base, kind: 'slow', minutes, setting: setting === 'high' ? 'high' : 'low' };
    }
    case 'soak': {
      const most = findDurations(base.sentence).find((d) => Math.round(d.from) === minutes)?.to;
      return {
        ...base,
        kind: 'soak',
        minutes,
        // A marinade has its longest time; a soak may go on.
        ...(most != null && most > minutes && most <= 4320 && /marinat|brine/i.test(base.text)
          ? { maxMinutes: Math.round(most) }
          : {}),
      };
    }
    case 'simmer':
    case 'burner': {
      const turns = turned(base.sentence, minutes);
      const attended = !turns.turns && isAttended(base.sentence, minutes);
      const inRiceCooker = stage.kind === 'burner' && /\brice[- ]cooker\b/i.test(base.sentence);
      return {
        ...base,
        ...turns,
        kind: stage.kind,
        minutes,
        attended: attended && !inRiceCooker,
        ...(inRiceCooker ? { appliance: 'rice-cooker' as const } : {}),
      };
    }
    case 'rest':
      return restOf(stage, base, ingredients, minutes);
    case 'prep':
      return {
        ...base,
        kind: 'prep',
        minutes,
        ...(/\bice (?:bath|water)\b|\bslurry\b/i.test(base.text) ? { justInTime: true } : {}),
      };
    case 'finish':
      return { ...base, kind: 'finish', minutes, inCooker: false };
    default:
      return { ...base, kind: stage.kind, minutes };
  }
}

/** A grill is on or off: nobody sets degrees (common practice), °C. */
const GRILL_C = 250;
const UNDER_GRILL =
  /\bunder (?:the |a )?(?:hot |medium |preheated )*(?:grill|broiler|salamander)\b|\bbroil(?:er)?\b|\bgrill (?:for|until|till|it|them|the|to high|on high|\d)|\bgrill\b[^.]*\b(?:each side|per side|a side|until|till)\b/i;

function turned(text: string, minutes: number): Pick<Stage, 'turns'> {
  const turns = turnsIn(text, minutes);
  return turns.length > 0 ? { turns } : {};
}

/** Stirred or turned all the while; what only boils is left alone but for the first minutes (common practice). */
const ATTENDED_MIN = 5;
const isAttended = (text: string, minutes: number): boolean =>
  minutes <= ATTENDED_MIN ||
  /\b(?:stir|fry|frying|toast|sear|brown|whisk|caramel|flip|turn|char|watch)/i.test(text);

const OVERNIGHT =
  /\b(?:overnight|last night|yesterday|(?:until|till|til) (?:the )?(?:next )?morning)\b|\bbefore (?:you go to |going to )?bed\b|\blast thing (?:at night|the)\b|\b(?:night|evening|day) before\b|\bday ahead\b/i;
const OVERNIGHT_MIN = 480;
const CHILL_MIN = 120;

const COLD =
  /^(?:in(?:to)? the )?freezer\b|\b(?:chill|refrigerat|walk-in|cold room|freez(?!er)|(?:in|into|to) the (?:fridge|freezer|refrigerator))|(?<!\b(?:out of|from) (?:the )?)\bfridge\b/i;
/** Nobody leaves food with meat, fish or egg in it out for so long, min. */
const LONG_MIN = 240;
/** Risen, strained or cultured in the warm, and meant so. */
const WARM_ON_PURPOSE =
  /\b(?:rise|prov(?:e|ing)|proof|ferment|cultur|incubat|yog|starter|room temperature|warm place|counter|drain|hang|dry)\w*/i;

/** Resting on the board, in the pot with the lid on, or cold in the fridge. */
function restOf(
  stage: FoundStage,
  base: StageBase,
  ingredients: readonly ReadIngredient[],
  minutes: number,
): Stage {
  const isFlesh = stage.words !== undefined && spoils(base.sentence, ingredients, minutes);
  const isLong = stage.minutes === null ? OVERNIGHT.test(base.text) : minutes >= LONG_MIN;
  const isToChill =
    !COLD.test(base.text) &&
    (isFlesh || (isLong && !WARM_ON_PURPOSE.test(base.sentence) && hasFlesh(ingredients)));
  const text = isToChill ? `${base.text.replace(/[.\s]+$/, '')}, in the fridge` : base.text;
  const chilled = COLD.test(text);
  const inCooker =
    !chilled &&
    /\b(?:cover|lid|close|shut)\b/i.test(text) &&
    !/\b(?:foil|towel|cloth|plate|board|tray)\b/i.test(text);
  const usual = OVERNIGHT.test(text) ? OVERNIGHT_MIN : chilled ? CHILL_MIN : minutes;
  return {
    ...base,
    text,
    kind: 'rest',
    minutes: stage.minutes === null ? usual : minutes,
    ...(chilled ? { chilled } : {}),
    ...(inCooker ? { inCooker } : {}),
  };
}

/** Raw flesh keeps for two hours at the most where it is warm. */
const WARM_MIN = 120;
const IN_THE_WARM = /\broom temperature\b|\bcounter\b|\bout of the (?:fridge|refrigerator)\b/i;

const FLESH: ReadonlySet<string> = new Set(['meat', 'poultry', 'fish', 'egg']);
const hasFlesh = (known: readonly ReadIngredient[]): boolean =>
  known.some(({ food }) => food !== null && FLESH.has(food.group));

/** @source USDA FSIS, “Danger Zone”: two hours at the most */
function spoils(sentence: string, known: readonly ReadIngredient[], minutes: number): boolean {
  if (minutes < WARM_MIN || IN_THE_WARM.test(sentence)) return false;
  const used = mentioned(sentence, known);
  return known.some(
    ({ ingredient, food }) =>
      used.includes(ingredient.id) && food !== null && FLESH.has(food.group),
  );
}

/** “Half of the garlic” goes in here, and the rest elsewhere. */
function partsOf(
  text: string,
  uses: readonly string[],
  ingredients: readonly ReadIngredient[],
): Pick<Stage, 'parts'> {
  const found = ingredients.flatMap(({ ingredient: { id, food } }): [string, number][] => {
    const part = uses.includes(id) ? partIn(text, food) : null;
    return part === null ? [] : [[id, part]];
  });
  return found.length > 0 ? { parts: Object.fromEntries(found) } : {};
}
