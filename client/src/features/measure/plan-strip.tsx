import type { PlannedFeature } from '@cricket/core/end-facts';
import { View } from 'react-native';

/** How far the measuring is: one piece a feature. */
export function PlanStrip({ plan, current }: { plan: readonly PlannedFeature[]; current: string }) {
  return (
    <View className="screen-only h-2.5 flex-row gap-0.5 px-4" aria-hidden>
      {plan.map(({ feature, state }) => (
        <View
          key={feature.id}
          className={`h-1.5 flex-1 ${feature.id === current ? 'h-2.5 border-2 border-ink bg-lime' : state === 'settled' ? 'bg-ink' : state === 'again' ? 'bg-work' : 'bg-rule'}`}
        />
      ))}
    </View>
  );
}
