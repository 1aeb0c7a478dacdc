import { arranged } from '../arrangement';
import { builtBike } from '../arrangement/built-bike.testing';
import { say } from '../english.testing';
import { inventedKit } from '../fit/invented.testing';
import {
  pageLetters,
  svgText,
  type PathShape,
  type RectShape,
  type SceneTones,
  type Shape,
  type TextShape,
} from '../scene';
import { roomStations, type RoomStation } from '../whole-bike';
import { roomDrawing } from '.';

const facts = builtBike;
const kits = [inventedKit];
const look = { width: 515, say, letters: pageLetters };
const tones: SceneTones = {
  paper: 'white',
  sheet: 'white',
  ink: 'black',
  soft: 'grey',
  rule: 'silver',
  metal: 'silver',
  lime: 'lime',
  work: 'brown',
  stop: 'red',
};

const flat = (shapes: readonly Shape[]): (RectShape | PathShape | TextShape)[] =>
  shapes.flatMap((shape) => (shape.shape === 'group' ? flat(shape.shapes) : [shape]));
const drawn = (station: RoomStation, told = facts) => {
  const { input, result } = arranged(station, told, kits)!;
  return roomDrawing(station, input.facts, result.chosen as never, look);
};

describe('the drawing of a station', () => {
  it.each(['bar', 'cranks', 'bay', 'cables', 'wiring'] as const)('of %s lies on its sheet, and is SVG', (station) => {
    const { scene } = drawn(station)!;
    const shapes = flat(scene.shapes);
    expect(scene.width).toBeLessThanOrEqual(look.width);
    expect(shapes.length).toBeGreaterThan(8);
    for (const shape of shapes) {
      if (shape.shape === 'path') continue;
      expect(shape.x).toBeGreaterThanOrEqual(-1);
      expect(shape.x).toBeLessThanOrEqual(scene.width + 1);
      expect(shape.y).toBeGreaterThanOrEqual(-1);
      expect(shape.y).toBeLessThanOrEqual(scene.height + 1);
    }
    const svg = svgText(scene, tones, 'Sans');
    expect(svg).not.toMatch(/NaN|undefined|Infinity|null/);
    expect(svg.match(/<(rect|path|text) /g)!.length).toBeGreaterThanOrEqual(shapes.length);
  });

  it('is none where there is nothing to see that the lines do not say', () => {
    for (const station of roomStations) {
      const has = ['bar', 'cranks', 'bay', 'cables', 'wiring'].includes(station);
      expect(drawn(station) !== null).toBe(has);
    }
  });

  it('numbers what is on the bar as the list beside it does', () => {
    const { scene, numbered } = drawn('bar')!;
    const numbers = flat(scene.shapes).flatMap((shape) =>
      shape.shape === 'text' && shape.size === 13 ? [shape.text] : [],
    );
    expect(numbered).toEqual(facts.bar!.parts!.map(({ id }) => id));
    expect(numbers.map(Number).sort((a, b) => a - b)).toEqual(numbered.map((_, at) => at + 1));
  });

  it('has the battery where it was taken, whatever is told today', () => {
    const { input, result } = arranged('bay', facts, kits)!;
    const at = (fromMm: number) =>
      JSON.stringify(roomDrawing('bay', input.facts, { ...result.chosen, fromMm } as never, look));
    const { fromMm } = result.chosen as { fromMm: number };
    expect(at(fromMm)).toBe(JSON.stringify(drawn('bay')));
    expect(at(fromMm + 10)).not.toBe(at(fromMm));
  });

  it('is left out where what was taken names something that is not there', () => {
    const { input, result } = arranged('bar', facts, kits)!;
    const unknown = { ...(result.chosen as object), centre: ['a part that nobody knows'] };
    expect(roomDrawing('bar', input.facts, unknown as never, look)).toBeNull();
    const other = { joins: [{ a: 'x', b: 'y' }], unused: [] };
    expect(roomDrawing('wiring', arranged('wiring', facts, kits)!.input.facts, other, look)).toBeNull();
  });
});
