import type { Body } from '../../../api/client';

/** Changes some fields of the body being described. */
export type Change = (fields: Partial<Body>) => void;

/** Words with one more, or one less when it is empty. */
export function named(words: Body['words'], key: string, label: string): Body['words'] {
  const { [key]: before, ...others } = words;
  return label.trim() === '' ? others : { ...others, [key]: { where: before?.where ?? '', label } };
}
