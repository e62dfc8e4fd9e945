import { expect, it } from 'vitest';
import { nameOfCopy } from './names';

it('counts copies, also of copies, and stays short enough', () => {
  expect(nameOfCopy('Long lens', [])).toBe('Long lens (copy)');
  expect(nameOfCopy('Long lens', ['Long lens', 'Long lens (copy)'])).toBe('Long lens (copy 2)');
  expect(nameOfCopy('Long lens (copy)', ['Long lens (copy)', 'Long lens (copy 2)'])).toBe(
    'Long lens (copy 3)',
  );
  const long = nameOfCopy('x'.repeat(120), ['y']);
  expect(long).toHaveLength(120);
  expect(nameOfCopy('x'.repeat(120), [long])).toMatch(/x \(copy 2\)$/);
});
