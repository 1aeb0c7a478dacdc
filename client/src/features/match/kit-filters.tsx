import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { Segments } from '../../ui/segments';
import { TextLine } from '../../ui/text-line';
import { Txt } from '../../ui/txt';
import { everyKit, type KitFilter } from './kit-filter';
import { words } from './words';

export interface KitFiltersProps {
  filter: KitFilter;
  /** How many of how many are shown. */
  shown: number;
  all: number;
  onChange: (filter: KitFilter) => void;
}

/** Which kits are shown, folded into one line until somebody asks for fewer. */
export function KitFilters({ filter, shown, all, onChange }: KitFiltersProps) {
  const [open, setOpen] = useState(false);
  const asked = filter !== everyKit;
  const set = (change: Partial<KitFilter>) => onChange({ ...filter, ...change });
  return (
    <View className="border-b border-rule px-4 pb-1">
      <View className="flex-row items-center justify-between">
        <Pressable
          role="button"
          aria-expanded={open}
          onPress={() => setOpen(!open)}
          className="min-h-[48px] justify-center"
          testID="kit-filter"
        >
          <Txt className="underline">{words.filter.shown(shown, all)}</Txt>
        </Pressable>
        {asked ? (
          <Pressable role="button" onPress={() => onChange(everyKit)} className="min-h-[48px] justify-center">
            <Txt className="underline">{words.filter.every}</Txt>
          </Pressable>
        ) : null}
      </View>
      {open ? (
        <View className="gap-3 pb-2">
          <Segments
            label={words.filter.end}
            options={Object.entries(words.filter.ends) as [KitFilter['end'], string][]}
            value={filter.end}
            onChange={(end) => set({ end })}
          />
          <Segments
            label={words.filter.may}
            options={Object.entries(words.filter.mays) as [KitFilter['may'], string][]}
            value={filter.may}
            onChange={(may) => set({ may })}
          />
          <Segments
            label={words.filter.brake}
            options={Object.entries(words.filter.brakes) as [KitFilter['brake'], string][]}
            value={filter.brake}
            onChange={(brake) => set({ brake })}
          />
          <View className="max-w-[240px]">
            <TextLine
              label={words.filter.most}
              value={filter.most}
              onChange={(most) => set({ most })}
              maxLength={10}
              testID="filter-most"
            />
          </View>
        </View>
      ) : null}
    </View>
  );
}
