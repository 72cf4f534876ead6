/** How a text says that the pressure is let out; a file of its own, for it is all that pages need of the reader. */

const has =
  (pattern: RegExp) =>
  (clause: string): boolean =>
    pattern.test(clause);

/** Natural release: the pot is left until it lets go. */
export const saysNatural = has(
  /\bnatural(?:ly)?\b|\bnat(?:ch|ty|'l|’l|\.)? (?:press(?:ure)? )?rel(?:ease)?\b|(?<=\d ?(?:m|mins?|minutes?)\.? )nat\b|\bnat(?=\.?$| (?:for )?\d)|\bN\.?P?\.?R\b|\bpressure (?:to )?(?:drop|fall|subside|come down|go down|dissipate)s?\b(?! quickly)|(?<!\b(?:quick|rapid|fast|manual|quickly) )\b(?:come|comes|fall|falls|drop|drops|go|goes|die|dies|release|releases|let go|lets go|subside|subsides)\b[^.]{0,24}\b(?:by itself|on its own|of its own accord|in its own time|slowly)\b|\bby itself\b|\bon its own\b|\bleave (?:it|the pot|the lid|the valve)\b[^.]{0,20}\b(?:closed|alone|until the pin)|\bslow release\b|\blos(?:e|es|ing) (?:its |the |all )?pressure\b|\blet it down\b|\b(?:wants?|needs?|takes?)\b[^.]{0,12}\bto come down\b|\b(?:let|left|leave|leaves|allow|wait)\b[^.]{0,24}\b(?:come|comes|go|drop|fall)s? down\b(?! quick)|\b(?:until|till|once|when|wait for|after) (?:all )?(?:the )?(?:pressure|steam)(?: has| is|(?:'|’)s)? (?:gone|dropped|down|fallen|off|come down|died)\b|\b(?:pin|float valve|button|indicator) (?:has |is |to |will have |should have )?(?:drop(?:s|ped)?|fall(?:s|en)?|down|sinks?|gone down|goes down)\b|\bin its own (?:sweet )?time\b/i,
);
/** Quick release: the valve is opened. */
export const saysQuick = has(
  /\bquick(?:ly)?[- ]?(?:pressure[- ]?)?(?:release|vent)|\brelease[sd]?\b[^.]{0,30}\b(?:quickly|fast|at once|immediately|right away|straight away|by hand|manually)|\bQP?R\b|(?<!\b(?:clos|shut|seal|leav|keep|with)[a-z]* (?:the |its |your )?)\bvent(?:ing|ed)?\b(?!\s*(?:is|closed|open|to seal))|\b(?:fast|rapid|manual|instant) (?:pressure )?release|\b(?:open|turn|flip|move|switch|flick|pop|crack|twist|knock|push|slide|set)\b[^.]{0,16}\b(?:valve|vent|knob|steam release)\b(?![^.]{0,16}\bseal)|\brelease (?:the |any |all )?(?:rest|remaining|residual|remainder|leftover)|\blet (?:the |out )?(?:rest of the |remaining )?steam out|\blet it (?:all )?(?:out|rip)\b|\b(?:let|letting)\b[^.]{0,24}\bsteam\b[^.]{0,12}\b(?:out|off|go)\b(?! for \d)|\b(?:rest|last) of the (?:steam|pressure) (?:out|off)\b|\b(?:remaining|residual) (?:steam|pressure) (?:out|off)\b|\blet off (?:the|what|any|all)\b|\blet (?:all )?the (?:rest|remainder|last)(?: of it)? (?:go|out|off)\b|\bdump (?:the|all|its) (?:pressure|steam)|\b(?:pressure|steam) (?:out|off) (?:at once|right away|straight)|\bquick\b(?=\s*\.?\s*(?:$|\bfor the rest))|\brelease (?:the |any |all )?(?:pressure|steam)$|\brelease (?:it )?(?:at once|immediately|straight|right away|quick|fast)|\breduce (?:the )?pressure\b[^.]{0,12}\b(?:quick|fast|at once|immediate)|\bpop the (?:valve|vent)|\bopen (?:it |the lid |up )?(?:at once|immediately|straight ?away|right away)|\brelease (?:the |all )?(?:pressure|steam) in (?:short |small )?bursts|\bquick (?:method|way)\b|\bcold[- ]water (?:quick[- ])?release|\bunder (?:the )?(?:cold|running)[\w ]* (?:tap|water)\b/i,
);
const namesEither = has(
  /\b(?:natural(?:ly)?|quick(?:ly)?|NP?R|QR)\b(?: (?:pressure )?release)?\s*(?:or|\/)\s*(?:a )?(?:natural|quick|NPR|QR)|\beither (?:way|release|natural|quick)|\b(?:any|whichever|whatever) release\b|\brelease (?:as|however|any way) you/i,
);
export function saysEither(clause: string): boolean {
  return (
    namesEither(clause) || (/\bor\b/i.test(clause) && saysNatural(clause) && saysQuick(clause))
  );
}
