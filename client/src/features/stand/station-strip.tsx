import { isEnded, stations, type StepState } from '@cricket/core/procedure';
import { View } from 'react-native';

/** How far the work is: one bar a station, filled as its steps are done. */
export function StationStrip({ steps, current }: { steps: readonly StepState[]; current: string | null }) {
  const used = stations.filter((station) => steps.some(({ step }) => step.station === station));
  return (
    <View className="h-3 flex-row items-center gap-1" aria-hidden>
      {used.map((station) => {
        const own = steps.filter(({ step }) => step.station === station);
        const done = own.filter(isEnded).length;
        const here = own.some(({ step }) => step.id === current);
        return (
          <View
            key={station}
            className={`h-2 flex-row bg-rule ${here ? 'h-3 border-2 border-ink' : ''}`}
            style={{ flex: own.length }}
          >
            <View className={here ? 'bg-lime' : 'bg-ink'} style={{ flex: done }} />
            <View style={{ flex: own.length - done }} />
          </View>
        );
      })}
    </View>
  );
}
