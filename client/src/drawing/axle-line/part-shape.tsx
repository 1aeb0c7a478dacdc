import { G, Rect } from 'react-native-svg';

import type { AxlePart } from './axle-parts';
import type { Drawing } from './drawing-scale';

/** One part threaded on the axle: washer, dropout with its lip, arm, nut. */
export function Part({
  draw: { tones, x, y, scale, box, height },
  part,
  selected,
  onPick,
  lip,
}: {
  draw: Drawing;
  part: AxlePart;
  selected: boolean;
  onPick?: (part: AxlePart) => void;
  lip: { diameterMm: number; depthMm: number } | null;
}) {
  const left = x(part.fromMm);
  const width = Math.max(1.5, x(part.toMm) - left);
  const pick = onPick ? { onPress: () => onPick(part) } : undefined;
  if (part.kind === 'plate') {
    const outer = part.side === 'left' ? part.fromMm : part.toMm;
    const outwards = part.side === 'left' ? -1 : 1;
    return (
      <G {...pick}>
        <Rect
          x={left}
          y={0}
          width={width}
          height={Math.min(y(-part.radiusMm), height)}
          fill="url(#plate)"
          stroke={tones.ink}
          strokeWidth={1.5}
        />
        {lip
          ? ([1, -1] as const).map((way) => (
              <Rect
                key={way}
                x={Math.min(x(outer), x(outer + outwards * lip.depthMm))}
                y={way > 0 ? y(lip.diameterMm / 2 + 6) : y(-lip.diameterMm / 2)}
                width={Math.max(1.5, lip.depthMm * scale)}
                height={6 * scale}
                fill="url(#plate)"
                stroke={tones.ink}
                strokeWidth={1.2}
              />
            ))
          : null}
      </G>
    );
  }
  const fill = selected
    ? tones.lime
    : part.kind === 'nut'
      ? tones.metal
      : part.kind === 'tabbed' || part.kind === 'tab' || part.kind === 'lock-plate'
        ? tones.lime
        : tones.sheet;
  const top = part.kind === 'arm' ? Math.max(0, y(box.upMm * 0.72)) : y(part.radiusMm);
  const bottom = Math.min(y(-part.radiusMm), height);
  // The tab reaches into the slot, past the washer's own face.
  const tab = part.kind === 'tabbed' || part.kind === 'tab' ? 3 * scale : 0;
  // From inside the tab points outwards into the slot, from outside inwards.
  const tabOnLeft = (part.side === 'left') === (part.kind === 'tabbed');
  return (
    <G {...pick}>
      {tab > 0 ? (
        <Rect
          x={tabOnLeft ? left - tab : left + width}
          y={y(-5)}
          width={tab}
          height={3 * scale}
          fill={tones.lime}
          stroke={tones.ink}
          strokeWidth={1.2}
        />
      ) : null}
      <Rect
        x={left}
        y={top}
        width={width}
        height={bottom - top}
        fill={fill}
        stroke={tones.ink}
        strokeWidth={selected ? 2.5 : 1.4}
      />
      {/* A finger is wider than a washer. */}
      {onPick ? <Rect x={left - 6} y={y(18)} width={width + 12} height={36 * scale} fill={'transparent'} /> : null}
    </G>
  );
}
