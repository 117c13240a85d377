import { formatMillimetres } from '../quantity/length.ts';
import { cableTexts } from '../quantity/made.ts';
import type { Explained } from '../quantity/explained.ts';

/** What of a step is read aloud. */
interface Spoken {
  readonly role: string;
  readonly title: string;
  readonly text: { readonly firstTime: string; readonly experienced: string };
  readonly caution: string | null;
  readonly figures: readonly { readonly label: string; readonly figure: Pick<Explained, 'kind' | 'value'> }[];
  readonly cuts: readonly {
    readonly label: string;
    readonly colour: string | null;
    readonly length: Pick<Explained, 'value'>;
  }[];
  readonly tools: readonly { readonly label: string; readonly setting: string }[];
  readonly threads: readonly { readonly label: string; readonly how: string }[];
  readonly requires: readonly { readonly label: string; readonly how: string }[];
  readonly hold: { readonly label: string } | null;
}

const spoken: readonly [RegExp, string][] = [
  [/mm²|\bmm2\b/g, 'square millimetres'],
  [/\bmm\b/g, 'millimetres'],
  [/\bN m\b/g, 'newton metres'],
  [/(\d) N\b/g, '$1 newtons'],
  [/(\d) m\b/g, '$1 metres'],
  [/°C/g, 'degrees'],
  [/(\d)°/g, '$1 degrees'],
  [/±/g, 'plus or minus'],
  [/\bAWG\b/g, 'gauge'],
  [/([a-z])\s*\/\s*([a-z])/gi, '$1 or $2'],
  // A sign behind a contact or a core is its polarity: swallowed, it would be the other core.
  [/(^|[\w\s(])\+(?=[\s):,.]|$)/g, '$1 plus'],
  [/(^|[\w\s(])[-−](?=[\s):,.]|$)/g, '$1 minus'],
  [/ {2,}/g, ' '],
];

/** Text as it is read aloud: units of measure in words. */
export function speakable(text: string): string {
  return spoken.reduce((words, [pattern, word]) => words.replace(pattern, word), text);
}

/** A length of cable is said as it can be cut. */
function spokenFigure(role: string, { label, figure }: Spoken['figures'][number]): string {
  if (figure.kind === 'length')
    return `${label}, ${role === 'cut' ? cableTexts(figure.value).metric : `${formatMillimetres(figure.value)} mm`}`;
  if (figure.kind === 'seconds') return `${label}, ${Math.round(figure.value)} seconds`;
  return `${label}, ${Number(figure.value.toPrecision(3))}`;
}

function spokenPiece({ label, colour, length }: Spoken['cuts'][number]): string {
  const words = `${label}, ${cableTexts(length.value).metric}`;
  return colour === null ? words : `${words}, ${colour}`;
}

/** A step as it is read aloud: what, how, the figures, the pieces to cut, the caution, and the parts it asks for. */
export function stepInSpeech(step: Spoken, depth: 'first time' | 'experienced'): string {
  const parts = [...step.threads, ...step.requires].map(({ label, how }) => `${label}, ${how}`);
  return [
    step.title,
    depth === 'first time' ? step.text.firstTime : step.text.experienced,
    ...step.figures.map((figure) => spokenFigure(step.role, figure)),
    ...step.cuts.map(spokenPiece),
    ...step.tools.map(({ label, setting }) => (setting === '' ? label : `${label}, ${setting}`)),
    ...parts,
    ...(step.caution ? [`Caution. ${step.caution}`] : []),
    ...(step.hold ? [`Hold point. ${step.hold.label}`] : []),
  ]
    .map((sentence) => speakable(sentence).replace(/\.?$/, '.'))
    .join(' ');
}
