import { batteryBayExample, cableRunsExample, connectionsExample } from '../../calc/examples';
import { bayOfBike } from '../bay-question';
import type { BikeFacts } from '../bike-facts';
import type { BarPart } from '../handlebar';
import { wholeBike, type RoomStation } from '.';
import { say } from '../english.testing';

const { tubes, battery, rail, insert, pedal } = batteryBayExample;
const frame = { tubes, bosses: batteryBayExample.bosses, inWay: [], pedal };
const bay = { pack: { of: 'supplied' as const, battery, rail, insert } };
const verdictOf = (facts: BikeFacts, station: RoomStation) =>
  wholeBike(facts, []).stations.find((each) => each.station === station)!.verdict;
const jointOf = (facts: BikeFacts) => wholeBike(facts, []).joint;

describe('the whole bike', () => {
  it('says nothing of what is not written down, and never goes by that', () => {
    const { verdict, stations, joint } = wholeBike({}, []);
    expect(verdict).toBe('unknown');
    expect(stations.every((each) => each.verdict === null)).toBe(true);
    expect(joint).toEqual([]);
    expect(verdictOf({ frame, bay }, 'bay')).toBe('goes');
    expect(wholeBike({ frame, bay }, []).verdict).toBe('goes');
  });

  it('is as bad as its worst station', () => {
    const controller = {
      box: { lengthMm: 100, widthMm: 50, heightMm: 30 },
      lossW: 40,
      around: 'open' as const,
      plugs: [],
    };
    const both = wholeBike({ frame, bay, controller }, []);
    expect(both.verdict).toBe('stop');
    expect(both.stations.find(({ station }) => station === 'controller')!.open[0]).toMatchObject({ id: 'heat' });
  });

  it('names battery and shock where both want the same room, and a way out that is one', () => {
    const seat = (alongMm: number, offMm: number) => ({ tube: 'seat' as const, alongMm, offMm });
    const shock = {
      kind: 'long' as const,
      id: 'Shock',
      from: seat(10, 350),
      to: seat(150, 350),
      thickMm: 40,
      moved: { from: seat(60, 350), to: seat(130, 200) },
    };
    const [finding] = jointOf({ frame: { ...frame, inWay: [shock] }, bay });
    expect(finding).toMatchObject({ id: 'joint.battery-moving', verdict: 'stop' });
    expect(say(finding!.because)).toContain('Shock');
    // Whatever is offered holds.
    const [remedy] = finding!.remedies;
    if (remedy!.said === 'whole-bike.lay-it-on-tube') {
      expect(verdictOf({ frame: { ...frame, inWay: [shock] }, bay: { ...bay, at: { tube: 'seat' } } }, 'bay')).not.toBe(
        'stop',
      );
    } else {
      expect(remedy).toMatchObject({
        said: 'whole-bike.take-one-that-is-shorter',
        with: { lengthMm: expect.any(Number) },
      });
    }
  });

  it('names throttle and shifter where the bar holds only one of them', () => {
    const grip = (id: string, side: 'left' | 'right'): BarPart => ({ id, kind: 'grip', widthMm: 120, side });
    const parts: BarPart[] = [
      grip('left', 'left'),
      grip('right', 'right'),
      { id: 'Twist shifter', kind: 'shifter-twist', widthMm: 60, side: 'right', clampMm: 22.2, rear: true },
      { id: 'Twist throttle', kind: 'throttle-half', widthMm: 50, side: 'right', clampMm: 22.2 },
    ];
    const room = { straightMm: { left: 200, right: 200 }, centreMm: 90, gripDiameterMm: 22.2 };
    const [finding] = jointOf({ bar: { room, parts } });
    expect(finding).toMatchObject({ id: 'joint.throttle-bar', verdict: 'stop' });
    expect(say(finding!.because)).toContain('Twist throttle and Twist shifter');
    // An order of one's own is judged as it is.
    const bell: BarPart = { id: 'Bell', kind: 'bell', widthMm: 20, side: 'either', clampMm: 22.2 };
    const some = [...parts.slice(0, 2), bell];
    const order = { left: ['left', 'Bell'], right: ['right'], centre: [] };
    expect(verdictOf({ bar: { room, parts: some, order } }, 'bar')).toBe('goes');
    const wrong = { left: ['Bell', 'left'], right: ['right'], centre: [] };
    expect(verdictOf({ bar: { room, parts: some, order: wrong } }, 'bar')).toBe('stop');
    const apart = parts.map((part) => (part.kind === 'throttle-half' ? { ...part, side: 'left' as const } : part));
    expect(jointOf({ bar: { room, parts: apart } })).toEqual([]);
  });

  it('names a place of the cables that lies where the battery is put in', () => {
    const { head, forkTravelMm, discs, crank } = cableRunsExample;
    const lain = batteryCentre();
    const cables = (z: number) => ({
      steering: { head, forkTravelMm },
      turning: { discs, crank },
      anchors: [
        { id: 'Box', at: [lain[0], lain[1], z] as [number, number, number], on: 'frame' as const },
        { id: 'Seat', at: [-60, 400, 0] as [number, number, number], on: 'frame' as const },
      ],
      runs: [{ id: 'Lead', path: ['Box', 'Seat'], suppliedMm: 2000 }],
    });
    expect(jointOf({ frame, bay, cables: cables(0) })[0]).toMatchObject({
      id: 'joint.cable-battery.Box',
      verdict: 'stop',
    });
    expect(jointOf({ frame, bay, cables: cables(60) })).toEqual([]);
  });

  it('names levers that are to cut the motor, and the bar that does not know it', () => {
    const rim = { kind: 'rim' as const, leverPull: 'long' as const, caliperPull: 'long' as const };
    const own = { oneWithShifter: false, cutOff: false };
    const parts: BarPart[] = [{ id: 'Lever', kind: 'lever', widthMm: 20, side: 'left', clampMm: 22.2, cutOff: false }];
    const facts: BikeFacts = {
      brakes: { front: rim, rear: rim },
      levers: { front: { ...own, cutOff: true }, rear: own, inLine: 0, atLever: 0, swap: false },
      bar: { parts },
    };
    expect(jointOf(facts)[0]).toMatchObject({ id: 'joint.levers-bar', verdict: 'work' });
    expect(jointOf({ ...facts, bar: { parts: [{ ...parts[0]!, cutOff: true }] } })).toEqual([]);
  });

  it('lists what has to be got, and nothing that is there', () => {
    const { head, forkTravelMm, discs, crank, anchors } = cableRunsExample;
    const listed = Object.entries(anchors).map(([id, anchor]) => ({ id, ...anchor }));
    const cables = (suppliedMm: number) => ({
      steering: { head, forkTravelMm },
      turning: { discs, crank },
      anchors: listed,
      runs: [{ id: 'Throttle', path: ['throttle', 'stem', 'head tube'], suppliedMm, plug: 'three-pin' }],
    });
    const got = (facts: BikeFacts) => wholeBike(facts, []).toGet;
    expect(got({ cables: cables(5000) })).toEqual([]);
    const [cable] = got({ cables: cables(100) });
    expect(cable).toMatchObject({ station: 'cables' });
    const length = Number(/(\d+) mm or longer, plug three-pin/.exec(say(cable!.what))![1]);
    // What is named reaches.
    expect(got({ cables: cables(length) })).toEqual([]);
    const heavy = { ...bay, pack: { ...bay.pack, battery: { ...battery, massKg: 4 } } };
    expect(got({ frame, bay: heavy }).map(({ what }) => say(what))).toEqual(['Band round tube and battery']);
    const [, throttle] = connectionsExample.plugs;
    const other = { ...throttle!, family: 'flat three' };
    const plugs = [connectionsExample.plugs[0]!, other];
    expect(say(got({ wiring: { plugs } })[0]!.what)).toBe(
      'Adapter: round three, pins, 3 contacts; to flat three, sockets, 3 contacts',
    );
  });

  it('does not know a rack that nobody has measured, nor two packs for one', () => {
    expect(jointOf({ job: { battery: 'rack' } })[0]).toMatchObject({ id: 'joint.rack', verdict: 'unknown' });
    const measured = { ...bay.pack, of: 'reused' as const };
    const power = {
      pack: {
        of: 'supplied' as const,
        battery: {
          cells: 13,
          ah: 14,
          continuousA: 30,
          peakA: 50,
          chemistry: 'nmc' as const,
          cutoffVPerCell: 3,
          pack: 'cased' as const,
        },
      },
    };
    expect(jointOf({ bay: { pack: measured }, power })[0]).toMatchObject({ id: 'joint.packs', verdict: 'unknown' });
  });
});

function batteryCentre(): [number, number] {
  const { corners } = bayChosen();
  return [(corners[0]![0] + corners[2]![0]) / 2, (corners[0]![1] + corners[2]![1]) / 2];
}

function bayChosen() {
  const answer = bayOfBike({ frame, bay });
  if (answer.kind !== 'open' || !answer.result.chosen) throw new Error('no place');
  return answer.result.chosen;
}
