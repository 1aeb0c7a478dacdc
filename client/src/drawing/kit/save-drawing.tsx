import { svgText, type Scene } from '@cricket/core/scene';
import { View } from 'react-native';

import { Button } from '../../ui/button';
import { saveFile } from '../../ui/save-file';
import { lightTones } from '../../ui/tones';
import { words } from '../../ui/words';

/** How wide a drawing is in its file, in px. */
export const fileWidth = 900;

/** Hands a drawing to the browser as a file that stands alone, light whatever the theme. */
export function saveDrawing(name: string, scene: Scene): void {
  const svg = svgText(scene, lightTones, 'Barlow Condensed');
  saveFile(`${name}.svg`, 'image/svg+xml', `<?xml version="1.0" encoding="UTF-8"?>\n${svg}\n`);
}

export interface SaveDrawingProps {
  /** Of the file. */
  name: string;
  /** Draws it so wide. */
  scene: (width: number) => Scene;
}

/** The drawing above as a file to keep. */
export function SaveDrawing({ name, scene }: SaveDrawingProps) {
  return (
    <View className="screen-only items-start px-4 py-2">
      <Button label={words.drawingFile} onPress={() => saveDrawing(name, scene(fileWidth))} />
    </View>
  );
}
