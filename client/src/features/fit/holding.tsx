import type { FitArea, FitFinding } from '@cricket/core/fit';
import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { Mark } from '../../ui/mark';
import { Txt } from '../../ui/txt';
import { FindingRow } from '../../job/findings/finding-row';
import { words } from './words';

/** What holds, folded into one line; by area when it is opened. */
export function Holding({ findings }: { findings: readonly FitFinding[] }) {
  const [open, setOpen] = useState(false);
  if (findings.length === 0) return null;
  const areas = [...new Set(findings.map(({ area }) => area))];
  const many = (area: FitArea) => findings.filter((item) => item.area === area).length;
  return (
    <View testID="holding">
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        className="min-h-[56px] flex-row items-center gap-3 border-b border-rule px-4 py-2"
      >
        <Mark verdict="goes" size={26} />
        <View className="min-w-0 flex-1">
          <Txt bold>{words.hold(findings.length)}</Txt>
          {open ? null : (
            <Txt size="label" tone="soft">
              {areas.map((area) => `${words.areas[area]} ${many(area)}`).join(' · ')}
            </Txt>
          )}
        </View>
        <Txt aria-hidden>{open ? '–' : '+'}</Txt>
      </Pressable>
      {open
        ? areas.map((area) => (
            <View key={area}>
              <Txt size="label" figure tone="soft" heading={3} className="px-4 pt-3">
                {words.areas[area]}
              </Txt>
              {findings
                .filter((item) => item.area === area)
                .map((finding) => (
                  <FindingRow key={finding.id} finding={finding} />
                ))}
            </View>
          ))
        : null}
    </View>
  );
}
