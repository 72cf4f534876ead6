/** What single clauses say: each phrase of the kitchen has a small pattern of its own. */
import type { FoundKind } from './types';

export { saysEither, saysNatural, saysQuick } from './release-words';

const has =
  (pattern: RegExp) =>
  (clause: string): boolean =>
    pattern.test(clause);

/** Waiting, which before a quick release makes it a timed natural one. */
export const saysWait = has(
  /\b(?:wait|waiting|rest|stand|sit|leave|leaving|let|after|another|pause|hold off|hold|give it|park)\b/i,
);
/** What is left of the pressure: a natural release came before. */
export const saysRest = has(/\b(?:rest|remaining|remainder|residual|left|leftover)\b/i);

/** Cooking under pressure, named as such. */
export const saysPressure = has(
  /\bpressure[- ]?cook(?!er|ing (?:pot|pan)\b)(?:ed|ing|s)?\b|\b(?:high|low|max|maximum|highest|full|normal|ordinary|medium|more|second) pressure\b|\bpress(?:ing)? pressure\b|\bpressure to (?:low|high|max|\d)|\bpressure (?:hi|lo|high|low|for|at|again|once more|on(?!ce)|level|button|mode|setting|program)\b|\b\d{1,2} ?(?:psi|(?:#|lbs?\.?|pounds?)(?: of)? pressure)(?!\p{L})|\b(?:under|at|up to|to|reach|reaches|reached|build|builds|into|on) (?:the )?(?!release|relieve|drop|let|vent|reduce)(?:\w+ )?pressure\b(?![- ]cooking)|\b(?:hi|high|lo|low|full) press\b|\bpressure[:,]|^pressure$|^pressure (?:it |them )?\d|\bmanual(?:ly)?\b(?! release)|\bunder the lid\b|\bmin(?:ute)?s? (?:of |at |on |under )?(?:full |high |low )?pressure\b|\b[HL]P\b|\b(?:soup|broth|meat|stew|beans?|chil[il]i?|rice|porridge|multigrain|grain|poultry|steam|cake|eggs?|bean\/chili|meat\/stew)\b[^.,;]{0,8}\b(?:setting|mode|program(?:me)?|button|function|preset|key)\b|\bPC(?:'?d)?\b(?=[^.]*\d)|^(?:then |now )?pressuri[sz]e\b(?! takes)|\b(?:select|choose|press|hit|use|set (?:it )?to) (?:the )?(?:(?:meat|bean|soup|rice|multigrain|poultry)\/\w+|soup|stew|poultry|multigrain|porridge)\b(?! (?:bowl|spoon|pot|plate|ladle))/iu,
);
/** A level and nothing else of pressure: “4 min at low”. */
export const saysLevel = has(
  /\b(?:on|at|to) (?:high|low|max|maximum|highest)\b(?! heat| speed)|^(?:cook )?(?:high|low|max|hi|lo)[ ,]+(?:for )?\d|^\d+(?: ?min(?:ute)?s?)? (?:on )?(?:high|low|max)\b(?! heat)|\d ?(?:min(?:ute)?s?\.?|m),? (?:high|low|max)\.?$/i,
);
/** Setting a time: with the lid on, that is a hold. */
export const saysSet = has(
  /\b(?:set|select|program|cook|time|timer|hold|keep|give|maintain|steam|choose|dial|run|go)\b/i,
);
export const saysLidOn = has(
  /\b(?:lock|locked|seal|sealed|sealing|close|closed|secure|fit|clamp|twist|shut|snap)\b[^.]{0,28}\b(?:lid|cooker|pot|valve|vent)?|^(?:the )?lid$|\blid (?:is )?on\b|\b(?:put|place|set) (?:on )?the lid\b|\blid(?: goes)? (?:on|back)/i,
);
export const saysLidOff = has(
  /\b(?:open|remove|lift|take off)\b[^.]{0,12}\blid\b|\blid off\b|\bopen (?:it|the pot|the cooker)(?: up)?\b(?! valve)|\buncover/i,
);
/** Turning the machine off or to warm: nothing that is done to the food. */
export const saysSwitch = has(
  /\b(?:turn (?:it |the \w+ )?off|switch(?:ed)? off|(?:no|off the|residual) heat|heat (?:is )?off|cancel|unplug|keep[- ]warm|carefully$)\b/i,
);
/** Beside the pot, on a stove. */
export const saysBurner = has(
  /\b(?:in|into) (?:hot )?dry pan\b|\bpan\b[^.]*\bover (?:an? )?(?:very )?(?:low|medium|gentle|high|moderate)(?:[- ](?:low|high))? (?:heat|flame)\b|\b(?:a|an|another|your|(?:very )?(?:big|large)) (?:(?:very|big|large|deep|wide|second|separate|huge) )*(?:pan|saucepan|stockpot) of (?:(?:boiling|salted|simmering|well|hot) )*water\b|\bin (?:\d|two|three|four|several) (?:big |large |small )*(?:sauce)?pans\b|\bon the (?:stove|hob|stovetop|gas|burner|range)\b|\bon (?:the )?induction\b|\brondeau\b|\bon (?:a |the )?(?:hot |dry )?tawa\b|\bon (?:a|the) (?:[\w-]+ ){0,3}(?:grill[- ]?pan|griddle|barbecue|bbq|plancha)\b|\bin(?:to)? (?:(?:a|another|the other|your) |the (?=small|little|tadka)|(?=small|little))(?:(?:small|little|large|big|hot|second|medium|shallow|dry|wide|non-?stick|tadka|separate|heavy|deep|clean) )*(?:skillet|frying[- ]pan|pan|saucepan|wok|kadh?ai|karahi|tawa|tava)\b(?!\s*(?:that|which) fits)|\bin(?:to)? (?:an?|another|the other) (?:[a-z-]+ ){1,2}(?:skillet|frying[- ]pan|saucepan|wok)\b/i,
);
/** What it is done in is another pot, pan or bowl than before. */
export const saysElsewhere = has(
  /\b(?:in|into|using|to|with) (?:a|an|another|the other|the second|your second|the small(?:er)?) (?:(?:second|separate|other|clean|small|large|big|smaller) )*(?:pot|cooker|pan|saucepan|skillet|bowl|jug|tray|dish|rice cooker)\b|\bsecond (?:pot|cooker)\b|\bother (?:pot|cooker)\b|\bin a (?:rice cooker|slow cooker|frying pan|skillet)\b|\bfor the (?:sauce|dressing|topping|salsa|garnish|gremolata)\b/i,
);
/** “For the mash: …”: a part of the dish that is told by itself. */
export const saysPart = has(
  /^(?:\d+[.)]\s*)?(?:for the [\p{L}-]+(?: [\p{L}-]+)?\s*[:,]|(?!(?:step|notes?|tips?|method|then|next|time|release|pressure|natural|quick|lid|pot|cooker|finish|serve|to serve|high|low|prep|cook|total)\b)[\p{L}-]+(?: [\p{L}-]+)?:\s)/iu,
);
const BY_ITSELF =
  /^(?:(?:meanwhile|then),? )?(?:for the \w+[,:]|(?:mix|whisk|beat|crush|pound|combine|make|blend)\b(?!\s*(?:[.,;]|$)|\s+(?:in|it|them|everything|all|well|with|until|till|to|together|smooth|lightly|gently|roughly|again|the (?:soup|sauce|lot|pot|beans|lentils|vegetables))\b))/i;
const TO_THE_REST =
  /\b(?:into|add|stir(?:red)? (?:it )?in|fold(?:ed)? in|pour(?:ed)? over|spoon(?:ed)? over|the pot|the pan|it all|slurry)\b/i;
/** Made of its own things, to be put to the rest later. */
export const saysByItself = (sentence: string): boolean =>
  BY_ITSELF.test(sentence) && !TO_THE_REST.test(sentence);
/** The same cooking goes on, but in another pot. */
export const saysOtherPot = has(
  /\b(?:another|second|other|separate|smaller) (?:(?:clean|small|large|big) )*(?:pot|cooker|pan|saucepan)\b/i,
);
export const saysSaute = has(/\bsaut[eé]/i);
export const saysSlow = has(/\bslow[- ]?cook(?:er|ing)?\b|\bcrock[- ]?pots?\b/i);
export const saysMeanwhile = has(
  /^(?:meanwhile|in the meantime|at the same time|while (?:the|it|that|this|they|everything)\b|during (?:the|this|that)|(?:cook|boil|make|prepare|fry|steam|roast|heat|put)\b[^.:;]{2,48}\b(?:meanwhile|in the meantime)\b)/i,
);
/** Tells of something that has happened, not something to do. */
export const saysWhen = has(/^(?:when|once|as soon as|after the|if)\b/i);
export const saysPreheat = has(
  /\b(?:pre-?heat|heat (?:the |an |your )?(?:oven|grill|broiler)|oven on)\b|^oven (?:goes )?to\b|^(?:set|turn|switch|get|crank|have|put)\b (?:on )?(?:the |your |an )?oven (?:going |hot )?(?:to|on|at|up)\b/i,
);

/** Level in a clause; null where it names none. */
export function levelIn(clause: string): 'low' | 'high' | 'max' | null {
  if (/\b(?:max|maximum|highest|extra[- ]high)\b/i.test(clause)) return 'max';
  if (/\bLP\b/.test(clause)) return 'low';
  // What a weight of the old kind holds is high (common practice).
  if (/\b15 ?(?:psi|(?:#|lbs?\.?|pounds?)(?: of)? pressure)(?!\p{L})/iu.test(clause)) return 'high';
  if (
    /\b(?:HP|HI)\b|\b[Hh]i(?= press)|(?:^|\bPC )[Hh]i(?=$| ?\d)|\d ?(?:m|mins?|minutes?)?,? (?:on )?hi\b/.test(
      clause,
    )
  )
    return 'high';
  if (
    /\bLO\b|\b[Ll]o(?= press)|(?:^|\bPC )[Ll]o(?=$| ?\d)|\d ?(?:m|mins?|minutes?)?,? (?:on )?lo\b/.test(
      clause,
    )
  )
    return 'low';
  if (/\blow\b(?![- ](?:sodium|salt|fat|heat|flame|gas|fire))/i.test(clause)) return 'low';
  return /\bhigh\b(?! heat| speed)/i.test(clause) ? 'high' : null;
}

/** In this order: what is said by the first that fits. */
const KINDS: readonly (readonly [FoundKind, RegExp])[] = [
  [
    'soak',
    /\b(?:soak(?!ing (?:water|liquid|liquor|stock|juice|milk|wine))|marinate|marinade for|brine)\w*\b|\b(?:soften|bloom|sponge)\b[^.]*\b(?:gelatine?|agar)\b|\b(?:soften|bloom)\b[^.]*\bin (?:cold|cool|iced) water\b/i,
  ],
  [
    'thicken',
    /(?<!\b(?:it|will|it(?:'|’)ll|sauce|should|that|to|as|and) )\bthicken(?!s\b|ed\b|er\b|ing up)|\bto thicken\b|\bslurry\b|\b(?:whisk|stir|mix|blend)\b[^.]{0,40}\b(?:cornstarch|cornflour|starch|roux)\b/i,
  ],
  [
    'crisp',
    /\b(?:broil(?!er)|air[- ]?fry|air[- ]?crisp|crisping lid|crisp(?:s|ing)? (?:up|it|them|the|under|for)|under (?:the |a )?(?:hot )?(?:grill|broiler|salamander)\b|grill (?:for|until|till|it|them|the|under|\d+|on the (?:[a-z]+ )?shelf|close to))|^crisp\b|\bcrisp(?:ing)? lid\b/i,
  ],
  [
    'oven',
    /\b(?:bake|baked|baking(?! (?:powder|soda|dish|tray|sheet|tin|pan|paper|parchment|beans|mat|foil|rack|spray))|(?:^|\b(?:and|then|to|or|meanwhile|meantime|same time|now|next),? )roast (?:for|until|at|it|them|the|your|\d+|[\w' -]{2,60}? at \d{3})|in (?:the|a|an) (?:hot )?oven|\boven at\b|into (?:the|a) (?:hot )?oven)\b/i,
  ],
  [
    'loosen',
    /\b(?:deglaz(?:e|ing)|scrap(?:e|ing)(?! (?:the |any |all )?(?:excess )?(?:fat|skin|scales|seeds|flesh|bones|pith|mould|meat)\b)(?! off (?!(?:the |any |all )?(?:bits|brown|bottom|base|stuck|fond))| (?:it |them |all |the \w+ )?(?:in|into|onto|out|down|over)\b)|loosen(?:ing)?\b(?=[^.]{0,40}\b(?:bits?|bottom|base|stuck|sticks|fond|brown\w*|pan|pot)\b))\b/i,
  ],
  [
    'burner',
    /\b(?:cook|boil)\b[^.]*\bin (?:an? |the |plenty of |lots of )?(?:(?:large|big|small|separate|deep|second|another) )*(?:(?:sauce)?pan|pot)? ?(?:of )?(?:\p{L}+ )?(?:boiling|salted) (?:salted |boiling )?water\b|\b(?:melt|warm|heat|brown)\b[^.;]{2,60}\bin (?:a|another|the other|your) (?:(?:small|little|dry|separate|second) )+(?:pan|saucepan)\b|\b(?:in|into|using|heat) (?:a|the|another|your) (?:small |large |dry |non-?stick |wide )?(?:skillet|frying pan|saucepan|wok|kadh?ai|karahi|tawa|tava)\b|\bon the (?:stove|hob|stovetop)\b|\bon (?:a|the) (?:[\w-]+ ){0,3}(?:grill[- ]?pan|griddle|barbecue|bbq|plancha)\b/iu,
  ],
  [
    'brown',
    /\b(?:brown(?:s|ed|ing)?(?! (?:sugar|rice|lentil|mustard|bread|onion|bits|stuff))|sear(?:ing)?|(?<!air[- ])fry(?:ing)?(?! pan)|soften(?:ed|s|ing)?|sweat(?:ing)?|toast(?:ing|ed(?= (?:in|for|until|till|\d)))?)\b/i,
  ],
  [
    'simmer',
    /\b(?:warm|heat)(?:ed|ing)? (?:it |them |all |everything |the \w+ )?through\b|\bsteam\b(?=.*\b(?:valve|vent) open)|\b(?:no|without) pressure\b|\b(?:simmer|simmering|reduce(?! (?:(?:the )?(?:heat|pressure)|(?:it )?to (?:low|medium|high|normal|less|half heat)\b(?! simmer)))|boil(?:s)?(?! water)|bubble|(?<=\d ?m(?:ins?|inutes?)?\.? (?:of )?(?:gentle |hard |steady )?)bubbling|boiling(?!,? (?:hot )?(?:salted )?(?:water|stock|broth|liquid))|cook down|boil down)\b/i,
  ],
  ['brown', /\b(?:caramel\w*|golden|fragrant|translucent|wilted|colou?r on all)\b/i],
  [
    'brown',
    /(?<!\b(?:on|to|using|use|the|low|high|medium|select|press|hit|choose|set|push|in|from|cancel|off|stop|end|exit|quit) )\bsaut[eé]|\bcook\b[^.]{0,40}\b(?:until|till) (?:just |nearly |almost )?(?:soft|tender|wilted|cooked|crisp|brown|limp|glossy)|\bcook\b[^.]{0,40}\bin (?:the |its |their |a little |some |hot )?(?:\w+ )?(?:drippings|fat|oil|butter|ghee|lard|dripping)\b|\bfor colou?r\b/i,
  ],
  [
    'rest',
    /^(?:day \d,? )?(?:dry-?)?cure\b(?! (?:mix|off))|^(?:in(?:to)? the )?(?:fridge|freezer)\b(?=[^.]*\d)|\b(?:days?|hours?|hrs?)\b[^.;,]{0,12}\bin (?:the |a )?(?:fridge|refrigerator|ice ?box|larder|cool (?:place|room|larder))\b|\b(?:keep(?:ing)? (?:it )?warm|out of the (?:fridge|refrigerator)|(?:leave|keep|put|place|store|set|move|transfer)\b[^.;]{0,24}\b(?:in|into|to) the (?:fridge|refrigerator)|(?:to|reach) room temperature|^(?:then )?overnight\b|\bovernight$|chill|refrigerate|cools?|prov(?:e|ing)|proof(?:ing)?|(?:let|leave|to)\b[^.;]{0,20}\brise|rise (?:for|until|in)|freeze\b[^.;]{0,24}\b(?:for|\d+|until)|delay(?:ed)? (?:start|timer|cook)|rests?(?! of\b)|(?:let|leave|to)\b[^.;]{0,24}\bsettle|stands?(?! (?:the|a|an|it on|them on|on)\b)|set aside for|sits?)\b/i,
  ],
];

/** Crisping on the pot's own heat is browning. */
const CRISPS_IN_POT =
  /\bsaut[eé]|\b(?:in|with) (?:the |a |its )?(?:\w+ )?(?:oil|butter|fat|ghee)\b/i;
const CRISPS_FROM_ABOVE = /\b(?:lid|air|grill|broil|oven|°|degrees|\d{3} ?[CF]\b)/i;
/** A hot oven, however it is put there; not the dish, the gloves, or where it comes out of. */
const IN_OVEN =
  /(?<!\b(?:out of|from) (?:the |a )?(?:hot )?)\boven\b(?! (?:dish|gloves?|mitts?|tray|rack|to\b|on\b)|-?(?:proof|safe))/i;
const HEAT_ALONE =
  /^(?:at |@ ?)?\d{3} ?(?:°|º|degrees?|C\b|F\b)(?![^.]*\b(?:thickest|middle|cent(?:er|re)|inside|internal|probe|thermometer|at the bone)\b)/i;
/** Minutes at a heat that only an oven has. */
const TIMED_HEAT =
  /\b(?:min(?:ute)?s?|hours?|hrs?)\b[^.;]{0,12}\bat (?:about )?(?:(?:1[4-9]\d|2\d\d) ?(?:°|º|C\b|degrees)|(?:[34]\d\d) ?(?:°|º)? ?F\b)/i;
const ROASTS = /^(?:then |meanwhile )?roast\b(?! (?:is|in the pot))/i;
const UNSEALED = /\b(?:valve|vent)(?: is| left)? open\b|\b(?:no|without) pressure\b/i;
export const saysUnsealed = has(UNSEALED);
const ABOVE_FOOD: ReadonlySet<FoundKind> = new Set(['oven', 'crisp', 'burner', 'simmer', 'brown']);
const FIRST_OF_DRY = /\bcover\b[^.]*\bwater\b[^.]*\b(?:leave|overnight|stand)\b/i;

/**
 * The kind of work or waiting that a clause names; null for putting, stirring, serving.
 *
 * @param sentence that the clause stands in
 */
export function kindOf(clause: string, sentence = clause): FoundKind | null {
  const kind = KINDS.find(([, pattern]) => pattern.test(clause))?.[0] ?? null;
  if (kind === null && IN_OVEN.test(clause) && !saysPreheat(clause)) return 'oven';
  if (
    kind === null &&
    HEAT_ALONE.test(clause) &&
    KINDS.every(([k, p]) => !ABOVE_FOOD.has(k) || !p.test(sentence))
  )
    return 'oven';
  // “Roast at 220 °C till deep brown”: how it looks then.
  if (
    (kind === null || kind === 'brown') &&
    ROASTS.test(clause) &&
    /\b\d{3} ?°?|\bgas mark\b|\boven\b|\b(?:rimmed|baking) (?:sheet|tray)\b|\broasting (?:tin|pan|tray)\b/i.test(
      sentence,
    )
  )
    return 'oven';
  // “Then it’s 20 minutes at 200C till it’s bubbling”.
  if (
    kind === null &&
    TIMED_HEAT.test(clause) &&
    !/\b(?:oil|fat|water bath|sous)\b/i.test(sentence)
  )
    return 'oven';
  if (kind === null && /^steam\b/i.test(clause) && UNSEALED.test(sentence)) return 'simmer';
  // “Torch or 230 C oven 8 min for colour”.
  if (
    kind === 'brown' &&
    /\b\d{3} ?°?[CF]?\b[^.]{0,8}\boven\b|\boven\b[^.]{0,8}\b\d{3}\b/i.test(clause)
  )
    return 'oven';
  if (kind === 'crisp' && CRISPS_IN_POT.test(sentence) && !CRISPS_FROM_ABOVE.test(sentence))
    return 'brown';
  if (
    (kind === null || kind === 'rest') &&
    FIRST_OF_DRY.test(sentence) &&
    /\b(?:leave|overnight|stand)\b/i.test(clause)
  )
    return 'soak';
  return kind;
}

export const isLoading = has(
  /\b(?:put|place|lay|set|layer|arrange|return|tip|nestle|throw|load|goes|go in|drop)\b/i,
);

export const isPreparing = has(
  /\b(?:chop|joint(?= the\b)|spatchcock|dice|slice|cut(?!(?: |-)sides? (?:up|down|facing))|peel|trim|rinse|wash|scrub|drain|grate|mince|cube|shred|rub|pat|score|tear|halve|quarter|crush|core|whisk|whip|beat|mix|combine|form|shape|roll|grease|line(?=\s+(?:the|an?|your|it|each|with|two|\d)\b)|toss|coat|pound|zest|squeeze|measure|crumble|pull apart|pick over|blitz|grind|pulse|press(?=\s(?:it |them |the \w+ |this )?(?:in|into|onto|over)\b))\b/i,
);
export const isFinishing = has(
  /\b(?:serve|garnish|sprinkle|scatter|taste|adjust|correct|salt(?= (?:it|them|the|now|to)\b)|fluff|mash|shred|puree|purée|blend|fold|top|drizzle|stir|season|dress|toss|spoon|ladle|divide|slice|carve|mount|crumble|mash|top with|remove|transfer|lift|squeeze|add|pour|mix|strain|drain|discard|skim|melt|beat|whisk|combine|peel|cut|unmould|fish (?:it |them |the [\w ]+?)?out|fish out|pull (?:it|them|out|the|\w+ to)|take (?:it|them|out|the)|turn out|enjoy|eat|check)\b/i,
);
