import './sign-in.css';
import type { ReactNode } from 'react';
import { Wordmark } from '../../ui/bar/TopBar';
import { Approach } from './Approach';
import { Languages } from './Languages';

/** What all pages before signing in look like. */
export function Door({ title, children }: { title: string; children: ReactNode }) {
  return (
    <main className="sign-in">
      <section className="sign-in-form">
        <Wordmark />
        <h1>{title}</h1>
        {children}
        <Languages />
      </section>
      <Approach />
    </main>
  );
}
