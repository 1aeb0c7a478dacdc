import type { BikeCables } from '@cricket/core/cable-question';

/** Every cable and pose that names a place names it by its new name. */
export function renamed(cables: BikeCables, from: string, to: string): BikeCables {
  if (from === to) return cables;
  const { runs, poses } = cables;
  return {
    ...cables,
    ...(runs && { runs: runs.map((run) => ({ ...run, path: run.path.map((id) => (id === from ? to : id)) })) }),
    ...(poses && {
      poses: poses.map((pose) => ({
        ...pose,
        at: Object.fromEntries(Object.entries(pose.at).map(([id, at]) => [id === from ? to : id, at])),
      })),
    }),
  };
}
