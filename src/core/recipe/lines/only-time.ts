/** “15 minutes”, “40 min + cooling”: how long, and nothing else: no food, no method. */
export const ONLY_TIME =
  /^(?:about |approx\.? |ca\.? )?\d[\d.,/½¼ ]*(?:(?:-|–|to) ?\d+ ?)?(?:m|mins?|minutes?|h|hrs?|hours?)\b\.?(?: ?\d+ ?(?:m|mins?|minutes?)\b\.?)?(?:,? ?(?:plus|\+|and|&) (?:\p{L}+ )?(?:overnight|soaking|chilling|marinating|resting|cooling|rising|proving|freezing|setting|pressuri[sz]ing|coming (?:up )?to pressure|time to (?:come|get|build))[^.]{0,40})?$/iu;
