/** What is particular to a language, of `lang/<language>/language.json`. */
type Language = { name: string; within: string; quotes: string; units: string };

const all = import.meta.glob<Language>('/lang/*/language.json', { import: 'default', eager: true });

/** The language that has every message; what another lacks is said in it. */
export const FIRST = 'en';

/** The language that shows what is not in the catalogue. */
export const PSEUDO = 'en-XA';

/** What each language calls itself, by its code. */
export const languages: Record<string, string> = Object.fromEntries(
  Object.entries(all).map(([path, { name }]) => [path.split('/')[2] ?? FIRST, name]),
);

/** Read by the server as well, which answers in it. */
const COOKIE = 'language';
const YEAR_S = 31_536_000;

/** The language chosen on this device; null where it is left to the browser. */
export const chosenLanguage = (): string | null =>
  (typeof document === 'undefined'
    ? null
    : document.cookie.match(new RegExp(`(?:^|; )${COOKIE}=([\\w-]+)`))?.[1]) ?? null;

const served = (typeof document === 'undefined' ? '' : document.documentElement.lang) || FIRST;
const chosen = chosenLanguage();

/** The language of this page, for as long as it is open. A page that is kept for where there is no signal may be older than the choice. */
export const locale = chosen !== null && chosen in languages && served !== PSEUDO ? chosen : served;
if (typeof document !== 'undefined') document.documentElement.lang = locale;

const own = all[`/lang/${locale}/language.json`] ?? all[`/lang/${FIRST}/language.json`];

/** The units that people who speak it read speeds in. */
export const usualUnits = own?.units ?? 'metric';

/** Words as they stand inside a sentence; what is written in capitals stays so. */
export const inside = (words: string) =>
  own?.within !== 'small' || /^\p{Lu}\p{Lu}/u.test(words)
    ? words
    : words.charAt(0).toLowerCase() + words.slice(1);

const [opens, closes] = [...(own?.quotes ?? '“”')];

/** What somebody wrote, or a word of theirs, in the marks of the language. */
export const quoted = (words: string) => `${opens}${words}${closes}`;

/** Chooses a language for this device, or leaves it to the browser; the page is loaded anew in it, with what was open. */
export function chooseLanguage(language: string | null): void {
  // biome-ignore lint/suspicious/noDocumentCookie: the other way of writing one is not to be had in every browser
  document.cookie = language
    ? `${COOKIE}=${language}; path=/; max-age=${YEAR_S}; samesite=lax`
    : `${COOKIE}=; path=/; max-age=0; samesite=lax`;
  // Where nothing may be kept it would be the same page again.
  if (chosenLanguage() === language) location.reload();
}

const mark =
  new Intl.NumberFormat(locale).formatToParts(1.5).find((part) => part.type === 'decimal')?.value ?? '.';

/** Whether it is the comma that parts whole numbers from the rest. */
export const decimalComma = mark === ',';

/** Decimal points in what was written of numbers, as the language has them. */
export const figures = (written: string) =>
  mark === '.' ? written : written.replace(/(?<=\d)\.(?=\d)/g, mark);
