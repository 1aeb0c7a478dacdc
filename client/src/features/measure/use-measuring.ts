import type { NewReading } from '@cricket/contract';
import type { Reading } from '@cricket/contract/shapes';
import { endFacts, measurePlan } from '@cricket/core/end-facts';
import { featureById, type End, type Feature } from '@cricket/core/features';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useCallback, useMemo } from 'react';

import { now } from '../../data/clock';
import { chosenWheelId } from '@cricket/core/choices';
import { axleAt } from '@cricket/core/model';
import { useBike, useWheels } from '../../data/use-bikes';
import { useWrites } from '../../data/use-writes';
import { useSettings } from '../../settings/settings';
import { chirp } from '../../job/reading/chirp';
import { nextOpen, planAfter, planFor } from './where-next';
import { useGoneTo } from '../../ui/use-gone-to';
import { bikePath, endPath, firstLookPath, measurePath } from '../../ui/pages';

/** What a reading holds besides where and when it was taken. */
export type ReadingValue = Pick<NewReading, 'valueMm' | 'word' | 'parts' | 'typed' | 'unit'>;

/** The measuring of one end: which feature is in hand, what is known, how to keep a reading and where to go then. */
export function useMeasuring() {
  const {
    bikeId,
    end: endInAddress,
    feature: inAddress,
    look,
  } = useLocalSearchParams<{ bikeId: string; end: string; feature?: string; look?: string }>();
  const { at: asked, go } = useGoneTo(inAddress);
  const first = look === 'first';
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const router = useRouter();
  const { keepReading, withdrawReading } = useWrites();
  const { sound } = useSettings();
  // No fit is worked out here: what to read next must be known before the next reading comes.
  const { record, isPending, refetch } = useBike(bikeId);
  const wheels = useWheels();
  const facts = useMemo(() => record && endFacts(end, record.readings), [record, end]);
  const wheelId = record && chosenWheelId(record.choices, end);
  const wheel = wheels.data?.find(({ id }) => id === wheelId) ?? null;
  const plan = useMemo(() => (facts ? planFor(measurePlan(facts), first) : []), [facts, first]);
  const feature =
    (asked ? featureById(asked) : undefined) ??
    plan.find(({ state: how, required }) => required && how !== 'settled')?.feature ??
    plan[0]?.feature ??
    null;

  const goTo = useCallback(
    (next: Feature | null) => {
      const path = first ? firstLookPath : measurePath;
      const after = first ? endPath(bikeId, end, 'match') : bikePath(bikeId);
      if (next) go(next.id, () => router.replace(path(bikeId, end, next.id)));
      else router.replace(after);
    },
    [router, bikeId, end, first, go],
  );

  /** Keeps a reading of the feature in hand; then goes on, or stays for one more. */
  const keep = useCallback(
    (value: ReadingValue, stay = false) => {
      if (!feature || !record) return;
      const body: NewReading = {
        place: axleAt(end),
        feature: feature.id,
        ...value,
        instrument: feature.kind === 'length' ? feature.instrument : 'eye',
        takenAt: now().toISOString(),
      };
      void keepReading(bikeId, body);
      if (sound) chirp();
      if (stay) return;
      const blank = { valueMm: null, word: null, parts: null };
      const known = [...record.readings, { ...blank, ...body, id: 'new', withdrawnAt: null } as Reading];
      const after = planFor(planAfter(end, known), first);
      const here = after.find((item) => item.feature.id === feature.id);
      // Readings that differ too much ask for one more before the next feature.
      if (here?.state === 'again') return;
      goTo(nextOpen(after, feature.id));
    },
    [feature, record, end, first, keepReading, bikeId, sound, goTo],
  );

  return {
    record,
    facts,
    wheel,
    isPending,
    refetch,
    bikeId,
    end,
    plan,
    feature,
    keep,
    goTo,
    withdraw: (readingId: string) => void withdrawReading(bikeId, readingId),
  };
}

export type Measuring = ReturnType<typeof useMeasuring>;
