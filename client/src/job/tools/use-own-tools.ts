import type { ShopSettings } from '@cricket/contract/shapes';

import { useRefusal } from '../../data/use-refusal';
import { useShopSettings } from '../../data/use-workshop';
import { useWrites } from '../../data/use-writes';
import { words } from './words';

/** The tools that the shop has, and a way to record one more or one less. */
export function useOwnTools() {
  const { data: settings } = useShopSettings();
  const { putSettings } = useWrites();
  const refusal = useRefusal<ShopSettings>();
  return {
    settings,
    tools: settings?.tools ?? [],
    /** What the server said no to. */
    messages: refusal.conflict ? [words.conflict] : refusal.messages,
    record: async (tool: string, onHand: boolean) => {
      if (!settings) return;
      const others = settings.tools.filter((name) => name !== tool);
      await refusal.settle(await putSettings({ ...settings, tools: onHand ? [...others, tool] : others }));
    },
  };
}
