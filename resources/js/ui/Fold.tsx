import { type ReactNode, useState } from 'react';

type Props = { title: ReactNode; open?: boolean; children: ReactNode };

/** A part that can be folded away; what is in it is made when it is first opened. */
export function Fold({ title, open = false, children }: Props) {
  const [opened, setOpened] = useState(open);
  return (
    <details open={open} onToggle={(event) => event.currentTarget.open && setOpened(true)}>
      <summary>{title}</summary>
      {(opened || open) && children}
    </details>
  );
}
