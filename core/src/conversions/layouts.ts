import type { BikeFacts } from '../bike-facts';
import { factsWithKit } from '../kit-on-bike';
import type { KitFacts } from '../kit';
import type { ControllerPlace, Layout, PackPlace } from './contract';

/** Every way to build a bike with one kit. */
export function layoutsOf({ job, throttle }: BikeFacts, kit: KitFacts): Layout[] {
  const { topology } = kit.controller;
  const batteries: PackPlace[] = topology === 'all-in-wheel' ? ['wheel'] : ['down', 'seat', 'rack', 'bag'];
  const controllers: ControllerPlace[] = topology === 'separate' ? ['frame', 'bag'] : ['built-in'];
  const isThrottle = kit.throttle !== 'none' && job?.throttle !== 'left-out' && throttle !== false;
  const sides: Layout['throttle'][] = isThrottle ? ['left', 'right'] : [null];
  return batteries.flatMap((battery) =>
    controllers.flatMap((controller) => sides.map((side) => ({ battery, controller, throttle: side }))),
  );
}

/** A bike as it would be with a kit, built one way. */
export function builtFacts(
  facts: BikeFacts,
  kit: KitFacts,
  { battery, controller, throttle }: Layout,
  isChosen: boolean,
): BikeFacts {
  const base = factsWithKit(facts, kit, isChosen);
  const tube = battery === 'down' || battery === 'seat' ? battery : null;
  // Where it lies by hand was said of one tube.
  const at = tube && (base.bay?.at?.tube === tube ? base.bay.at : { tube });
  const box = controllerIn(base, kit, controller);
  const rack = battery === 'rack' ? rackWith(base, kit) : null;
  return {
    ...withoutPlaces(base),
    job: {
      ...base.job,
      battery: battery === 'wheel' || battery === 'rack' || battery === 'bag' ? battery : 'triangle',
      ...(throttle ? { throttleSide: throttle } : kit.throttle !== 'none' && { throttle: 'left-out' as const }),
    },
    ...(base.bay && { bay: { ...base.bay, ...(at && { at }) } }),
    ...(box && { controller: box }),
    ...(rack && { rack }),
  };
}

function withoutPlaces(facts: BikeFacts): BikeFacts {
  const { controller: _, rack: __, ...rest } = facts;
  return rest;
}

/** A box that was looked at where it is; elsewhere nobody has measured the air round it yet. */
function controllerIn(
  { controller }: BikeFacts,
  { outfit }: KitFacts,
  place: ControllerPlace,
): BikeFacts['controller'] {
  if (place === 'built-in') return undefined;
  const around = place === 'frame' ? 'open' : 'padded';
  if (controller && (controller.around === 'open') === (place === 'frame')) return controller;
  const box = controller
    ? {
        box: controller.box,
        lossW: controller.lossW,
        ...(controller.watertight !== undefined && { watertight: controller.watertight }),
      }
    : outfit?.box;
  return box && { ...box, around, plugs: [] };
}

/** The rack with this kit's pack on it: on its straps, as nobody has said that its rail is made for a rack. */
function rackWith({ rack, bay }: BikeFacts, kit: KitFacts): BikeFacts['rack'] {
  if (!rack) return undefined;
  const pack = bay?.pack?.battery;
  const massKg = pack?.massKg ?? kit.battery?.massKg;
  if (!pack || massKg === undefined) return undefined;
  const isSame = rack.pack.lengthMm === pack.lengthMm && rack.pack.widthMm === pack.widthMm;
  return {
    ...rack,
    pack: { massKg, lengthMm: pack.lengthMm, widthMm: pack.widthMm, onRail: isSame && rack.pack.onRail },
  };
}
