import { CanvasTexture, Sprite, SpriteMaterial, SRGBColorSpace, Vector3 } from 'three';
import type { ScenePalette } from './inks';

export interface SpotPin {
  readonly id: string;
  readonly number: number;
  readonly position: readonly [number, number, number];
  readonly normal: readonly [number, number, number];
}

/** Widths on the screen, pixels. */
export const PIN_PX = { other: 22, chosen: 29 } as const;
/** How large a pin is drawn so that it keeps its size on the screen. @param pixelAngle what a pixel spans at one metre */
export const pinScale = (chosen: boolean, pixelAngle: number): number =>
  (chosen ? PIN_PX.chosen : PIN_PX.other) * pixelAngle;

/** A spot's number before its surface, over everything; where both are is kept with it. */
export function pinSprite(pin: SpotPin, chosen: boolean, palette: ScenePalette): Sprite {
  const material = new SpriteMaterial({
    map: label(String(pin.number), chosen, palette),
    depthTest: false,
    sizeAttenuation: false,
  });
  const sprite = new Sprite(material);
  sprite.name = pin.id;
  const spot = new Vector3(...pin.position);
  const before = spot.clone().addScaledVector(new Vector3(...pin.normal), 0.045);
  sprite.userData = { chosen, spot, before };
  sprite.position.copy(before);
  sprite.renderOrder = chosen ? 3 : 2;
  return sprite;
}

function label(text: string, chosen: boolean, palette: ScenePalette): CanvasTexture {
  const size = 64;
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = size;
  const ink = canvas.getContext('2d')!;
  ink.fillStyle = chosen ? palette.hivis : palette.paper;
  ink.strokeStyle = palette.ink;
  ink.lineWidth = 5;
  ink.beginPath();
  ink.rect(6, 6, size - 12, size - 12);
  ink.fill();
  ink.stroke();
  ink.fillStyle = chosen ? '#1c1206' : palette.ink;
  ink.font = '600 36px "JetBrains Mono Variable", monospace';
  ink.textAlign = 'center';
  ink.textBaseline = 'middle';
  ink.fillText(text, size / 2, size / 2 + 3);
  const texture = new CanvasTexture(canvas);
  texture.colorSpace = SRGBColorSpace;
  return texture;
}
