import type { ReactNode } from 'react';

/** One part of the account, under its heading. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="account-part" aria-label={title}>
      <h2>{title}</h2>
      <div>{children}</div>
    </section>
  );
}
