import { inUnits, type Units } from '@cricket/core/units';
import { Children, type ReactNode } from 'react';
import { Text, type TextProps } from 'react-native';

import { useShopUnits } from './shop-units';

type Size = 'label' | 'body' | 'lead' | 'title' | 'stand' | 'reading';
type Tone = 'ink' | 'soft' | 'on-lime' | 'goes' | 'work' | 'stop' | 'unknown';

const sizes: Record<Size, string> = {
  label: 'text-label',
  body: 'text-body',
  lead: 'text-lead',
  title: 'text-title',
  stand: 'text-stand',
  reading: 'text-reading',
};

const tones: Record<Tone, string> = {
  ink: 'text-ink',
  soft: 'text-soft',
  'on-lime': 'text-on-lime',
  goes: 'text-goes',
  work: 'text-work',
  stop: 'text-stop',
  unknown: 'text-unknown',
};

export interface TxtProps extends Omit<TextProps, 'style'> {
  size?: Size;
  tone?: Tone;
  bold?: boolean;
  /** Condensed face with figures of equal width: numbers and labels. */
  figure?: boolean;
  /** Makes it a heading of this level. */
  heading?: 1 | 2 | 3;
  /** What a person wrote: shown as it was written, not in the shop's units. */
  verbatim?: boolean;
  /** Where its page begins: the cursor is put here when the page comes, though nobody comes here by Tab. */
  begins?: boolean;
  className?: string;
  children?: ReactNode;
}

/** Text in our faces; its figures are in the shop's units. */
export function Txt({
  size = 'body',
  tone = 'ink',
  bold,
  figure,
  heading,
  verbatim,
  begins,
  className = '',
  children,
  ...rest
}: TxtProps) {
  const { units } = useShopUnits();
  const face = figure
    ? `font-figure tabular-nums ${bold ? 'font-semibold' : 'font-medium'}`
    : `font-text ${bold ? 'font-bold' : 'font-normal'}`;
  return (
    <Text
      {...(heading && { role: 'heading', 'aria-level': heading })}
      {...(begins && { tabIndex: -1, dataSet: { begins: '' } })}
      className={`${begins ? 'outline-none ' : ''}${face} ${sizes[size]} ${tones[tone]} ${className}`}
      {...rest}
    >
      {verbatim ? children : turned(children, units)}
    </Text>
  );
}

/** Strings among the children, in the shop's units; elements see to themselves. */
function turned(children: ReactNode, units: Units): ReactNode {
  if (typeof children === 'string') return inUnits(children, units);
  return Array.isArray(children)
    ? Children.map(children as ReactNode[], (child) => (typeof child === 'string' ? inUnits(child, units) : child))
    : children;
}
