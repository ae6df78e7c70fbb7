/** A phrase the product does not say, and what it says instead. The table of words is in CONTRIBUTING.md. */
export interface OddPhrase {
  odd: RegExp;
  instead: string;
}

/** Words that are good English elsewhere stand here in their odd use only. */
export const ODD_PHRASES: readonly OddPhrase[] = [
  {
    odd: /\bBring (?:a|the|your|them|it|places)\b|\bbring (?:a|the) (?:walk list|list|sheet|file)\b/,
    instead: 'Import …',
  },
  {
    odd: /\bTake (?:as|it|them|a change|the sheet|a text file)\b|\bTake \{\{count\}\}/,
    instead: 'Export …, Import …, Update now',
  },
  { odd: /^(?:Start|Walk|Keep) it$/, instead: 'Create job, Add line, Save' },
  {
    odd: /\bPut (?:on|\{\{count\}\}|it on the order|on the order)\b|\b(?:Take|Taken|taken) (?:off|out)\b/,
    instead: 'Add to order, Remove',
  },
  { odd: /\bLet (?:it|the pick) go\b|\blet the pick go\b|\bpick let go\b/i, instead: 'Remove pick' },
  {
    odd: /\bWrite what you see\b|\bWhat is so\b|\bWrite it down\b|\bwritten down\b/i,
    instead: 'New entry, Kind, Save entry',
  },
  { odd: /\bheed\b/i, instead: 'Caution' },
  { odd: /\bspeaks (?:for|against)\b/i, instead: 'No objections, reasons for and against' },
  { odd: /\bsaid (?:in full|back|as|anew)\b/i, instead: 'Complete, Reads as' },
  { odd: /\b(?:Goes|Rides) along\b/i, instead: 'Parts to go with it, Parts and kits' },
  {
    odd: /^(?:Pieces|Come|In all|A year|A fixture)$|\bIn all \{\{/,
    instead: 'Qty, Received, Total, Per year, Per fixture',
  },
  { odd: /^It stays$|^It goes back$|\bTaken in\b|\bwent back\b/i, instead: 'Accept, Return, Received' },
  {
    odd: /\bPrice desk\b|\bAsk for prices\b|\bMake it hard\b/i,
    instead: 'Quote requests, Request quotes, Practice faults',
  },
  { odd: /\blist for the counter\b|\bscribbled\b/i, instead: 'Read a parts list, Paste the list here' },
  {
    odd: /\btak(?:es?|en) (?:a )?sides?\b|\bstandard side\b|\bside taken\b/i,
    instead: 'house-rule setting, option, default',
  },
  { odd: /\blets? (?:it )?through\b|\bpasses when shut\b/i, instead: 'leaks by' },
  { odd: /\bHands off\b/i, instead: 'Do not operate' },
  { odd: /\bgo(?:es)? (?:dry|out|cold)\b/i, instead: 'Out of service: …' },
  { odd: /\bstreet valve\b/i, instead: 'curb stop, main valve in the street' },
  { odd: /\bWater!/, instead: 'Emergency, Shut off now' },
  { odd: /\bthe water scales\b|\beats\b|\brub on\b/i, instead: 'hard water, water attacks brass, livestock' },
  { odd: /\b(?:ft|m|length\}\}) back\b/, instead: '62 ft of pipe upstream' },
  { odd: /\bTurned (?:once|twice|every)\b|\bthe turning\b/i, instead: 'Operated once a year' },
  { odd: /\brubber wedge\b|\brubber-wedge\b|\bpump stop\b(?!s)/i, instead: 'resilient wedge, check closure' },
  { odd: /\bSnapped shut\b|\bit hammers\b/i, instead: 'Closed fast, water hammer exceeds the limit' },
  { odd: /\bused to \$?\{/, instead: 'at 38 % of its rating' },
  { odd: /\bThe case\b|\bAs the duty has it\b|^yours$/, instead: 'Inputs, Reset to the duty, entered' },
  { odd: /\bYour sign-in\b|^Keys$|^Doors$/, instead: 'Sign in, Keyboard shortcuts, Password' },
  {
    odd: /\bno JSON\b|\bcan not\b|\bis no (?:tag|id|unit|pipe size|quantity|picture|JSON)\b/i,
    instead: 'not a JSON file, cannot be imported',
  },
  { odd: /\bcloses the ring\b|\ba ring\b(?! gasket)/i, instead: 'loop, closes the loop' },
  { odd: /^Ways?$|\bWays? of (?:equipping|joining)\b/, instead: 'Options, Connection methods' },
  { odd: /\bProve it\b|\bProve that\b|\bHow to prove\b/, instead: 'Test it' },
  { odd: /\bgive(?:s)? it up\b|\bmeanwhile\b|\bany more\b/i, instead: 'in the meantime, no longer' },
  { odd: /\bAs you walk it\b|\bsomebody's own\b|\bof one’s own\b|\bone’s own\b/i, instead: 'plain words' },
];

/** A pressure, a flow or a mass flow in SI in a sentence that a person reads. */
export const RAW_SI = /(?<! or )\b\d[\d.]* (?:Pa|m3\/s|m³\/s|kg\/h)\b/;

/** The wrong article: a before a vowel that is spoken as one, an before a consonant. */
export const WRONG_ARTICLE =
  /\b[Aa] (?:[aeio]|u(?!n[ia]|s[ei]|t)|EPDM|NBR|FKM|NPT)(?!ne\b|ne-)\w*|\b[Aa]n (?:[bcdfgjklmpqrstvwxyz]|union|unit|PTFE)\w*/;
