import { type ReactNode, useRef } from 'react';
import { useSize } from './useSize';

type Props = {
  /** What is to be seen, for those who cannot. */
  label: string;
  high: number;
  className?: string;
  children: (wide: number) => ReactNode;
};

/** A plot as wide as there is room for, drawn pixel for pixel, so that its words can be read on a phone as well. */
export function Plot({ label, high, className, children }: Props) {
  const room = useRef<HTMLDivElement>(null);
  const [wide] = useSize(room, [900, high]);
  return (
    <div ref={room} className={className}>
      <svg width={wide} height={high} role="img" aria-label={label} style={{ display: 'block' }}>
        {children(wide)}
      </svg>
    </div>
  );
}
