import type { ReactNode } from 'react';
import { Text, type TextProps } from 'react-native';

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
  className?: string;
  children?: ReactNode;
}

/** Text in our faces. */
export function Txt({ size = 'body', tone = 'ink', bold, figure, heading, className = '', ...rest }: TxtProps) {
  const face = figure
    ? `font-figure tabular-nums ${bold ? 'font-semibold' : 'font-medium'}`
    : `font-text ${bold ? 'font-bold' : 'font-normal'}`;
  return (
    <Text
      {...(heading && { role: 'heading', 'aria-level': heading })}
      className={`${face} ${sizes[size]} ${tones[tone]} ${className}`}
      {...rest}
    />
  );
}
