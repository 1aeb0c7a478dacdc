/** The colours of a theme, by what they are for. */
export interface SceneTones {
  paper: string;
  sheet: string;
  ink: string;
  soft: string;
  metal: string;
  rule: string;
  lime: string;
  work: string;
  stop: string;
}

/** What a shape is filled or drawn with: a colour of the theme, `cut` metal, metal that would `clash`, or nothing. */
export type Paint = keyof SceneTones | 'cut' | 'clash' | 'none';

interface Inked {
  fill?: Paint;
  stroke?: keyof SceneTones;
  strokeWidth?: number;
  /** Lengths of line and gap, in px. */
  dash?: readonly number[];
  opacity?: number;
  /** Lines end in a half circle. */
  roundEnds?: true;
}

export interface RectShape extends Inked {
  shape: 'rect';
  x: number;
  y: number;
  width: number;
  height: number;
  /** Of its corners. */
  radius?: number;
}

export interface PathShape extends Inked {
  shape: 'path';
  d: string;
}

export interface TextShape {
  shape: 'text';
  /** Middle of the text, or the end that is named, and the line that it stands on. */
  x: number;
  y: number;
  text: string;
  size: number;
  fill: keyof SceneTones;
  from?: 'start' | 'end';
}

/** Shapes that belong together; what can be picked up names itself. */
export interface GroupShape {
  shape: 'group';
  /** What is picked up with it; null: nothing. */
  picks: string | null;
  shapes: readonly Shape[];
}

export type Shape = RectShape | PathShape | TextShape | GroupShape;

/** A drawing as plain data, in px of its own width and height: a page draws it, a sheet prints it, a file keeps it. */
export interface Scene {
  width: number;
  height: number;
  shapes: readonly Shape[];
}
