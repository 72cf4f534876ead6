/** What a clause says of the pot and what stands in it: looked at once, however many ways there are to read it. */

/** Liquid that food cooks in; a spoonful of oil or a splash to scrape with is none. */
const POURED =
  /(?:\b(?:add|pour|stir in|tip in|put in|plus|cover with|top with|in (?:goes|go)|everything else|the rest|remaining)\b|\d ?(?:ml|l|cups?|pints?|fl ?oz|litres?|liters?)\b|^).*\b(?:water|stock|broth|bouillon|milk|cider|beer|juice|passata|tomato(?:es)?|sauce|liquids?|everything else|the rest|remaining)\b|\b(?:everything else|all the (?:rest|remaining)|remaining ingredients|the rest)\b/i;

/** Butter melts in the pot that is hot, unless it is said to be elsewhere. */
const MELTS =
  /^(?:melt|heat)\b(?=.*\b(?:butter|ghee|oil|lard|fat|dripping)\b)(?!.*\b(?:bowl|microwave|pan|jug)\b)/i;

const HEATS = /\b(?:heat|melt|warm|bring|boil)\b/i;

const VESSEL =
  /\b(?:pan|tin|dish|bowl|jars?|(?:custard|pudding|mousse|espresso) cups?|ramekins?|mou?lds?|tins?|pans?|bowls?|dishes|pudding basin|basin|foil parcels?|cake ring|(?:silicone|egg[- ]bites?) (?:tray|mou?ld)|push-?pans?|(?:\d+ ?(?:inch|in|cm|["”])\s)?spring-?form|tray on the (?:trivet|rack))\b/i;
/** What food is filled into for good: it stays there until it is cooked. */
const FILLED =
  /\b(?:basin|ramekins?|(?:custard|pudding|mousse|espresso) cups?|(?:cake|loaf|pudding) (?:tin|pan|mou?ld)|spring-?form|push-?pan|mou?lds?|greased|buttered|lined)\b/i;
const ABOVE =
  /\b(?:trivet|rack|steamer|pot[- ]in[- ]pot|PIP|sling|above the water|over the water)\b/i;

/** What was done is not done yet, and goes on: “still hard”, “too thin”, “5 minutes more”. */
const GOES_ON =
  /\b(?:more|another|extra|further|longer|additional|again)\b|\btoo (?:thin|soupy|loose|wet|runny|watery|hard|firm|pale|pink)\b|\bstill\b|\bif (?:it|they|that) (?:do|does|is|are)(?:n['’]t| not)\b|\b(?:not|isn['’]t|aren['’]t) (?:yet |quite |fully )?(?:done|tender|soft|cooked|ready|crisp|brown|thick|hot)/i;
/** Told for another food, another pot or another cook: nothing to look at. */
const OTHER_CASE =
  /\bfrozen\b|\bif (?:you|using|making|doubl)|\binstead\b|\bno \w+\?|\bwithout an?\b|\bfor (?:larger|bigger|smaller|thicker)\b/i;

export interface PotWords {
  /** Liquid goes in that the rest cooks in. */
  pours: boolean;
  /** Fat melts in the pot, which is hot then. */
  melts: boolean;
  /** Something is heated, and nothing more is said of it. */
  heats: boolean;
  /** Its sentence speaks of a pan, tin or bowl. */
  inVessel: boolean;
  /** Its sentence speaks of a vessel that is filled to be cooked in. */
  fillsVessel: boolean;
  /** Its sentence speaks of a rack. */
  aboveWater: boolean;
  potInPot: boolean;
  /** It is for food that is not done yet, and not for another food or pot. */
  goesOn: boolean;
}

/** @param sentence that the clause stands in */
export const potWords = (text: string, sentence: string): PotWords => ({
  pours: POURED.test(text),
  melts: MELTS.test(text),
  heats: HEATS.test(text),
  inVessel: VESSEL.test(sentence),
  fillsVessel: FILLED.test(sentence) && VESSEL.test(sentence),
  aboveWater: ABOVE.test(sentence),
  potInPot: /\bpot[- ]in[- ]pot\b|\bPIP\b/i.test(sentence),
  goesOn: GOES_ON.test(sentence) && !OTHER_CASE.test(sentence),
});
