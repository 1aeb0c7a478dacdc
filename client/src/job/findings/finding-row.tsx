import { shownIn } from '@cricket/core/units';
import type { Finding } from '@cricket/core/verdict';
import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { Mark, verdictWords } from '../../ui/mark';
import { useShopUnits } from '../../ui/shop-units';
import { Txt } from '../../ui/txt';
import { findingTitle } from './finding-titles';
import { limitWords } from './limit-words';
import { WayLinks } from './way-links';
import type { WayOut } from './ways-out';
import { words } from './words';
import { say } from '../../ui/say';

/** One finding: mark, what, the number that decides; reason and way forward unfold in place. */
export function FindingRow({
  finding,
  openAtFirst,
  ways = [],
  children,
}: {
  finding: Finding;
  openAtFirst?: boolean;
  /** Where it is found out, or put right. */
  ways?: readonly WayOut[];
  /** Below reason and way forward, such as how to override it. */
  children?: ReactNode;
}) {
  const [open, setOpen] = useState(openAtFirst ?? false);
  const { verdict, measured, unit, because, remedies, overridden } = finding;
  const { units } = useShopUnits();
  return (
    <View className="border-b border-rule">
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        className="min-h-[56px] flex-row items-center gap-3 px-4 py-2"
      >
        <Mark verdict={verdict} size={26} />
        <View className="min-w-0 flex-1">
          <Txt bold>{findingTitle(finding.id)}</Txt>
          <Txt size="label" tone="soft">
            {[verdictWords[verdict], limitWords(finding)].filter(Boolean).join(' · ')}
          </Txt>
          {overridden ? (
            <Txt size="label" bold verbatim>
              {words.overriddenBy(overridden.person, overridden.because)}
            </Txt>
          ) : null}
        </View>
        <Txt size="title" figure bold>
          {measured === null || unit === '' ? '' : figure(shownIn(measured, unit, units))}
        </Txt>
      </Pressable>
      {open ? (
        <View className="gap-1 px-4 pb-3 pl-14">
          <Txt>{say(because)}</Txt>
          {remedies.map((remedy) => (
            <Txt key={say(remedy)} bold>
              {say(remedy)}
            </Txt>
          ))}
          <WayLinks ways={ways} />
          {children}
        </View>
      ) : null}
    </View>
  );
}
