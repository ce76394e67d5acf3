import type { Material } from 'three';

export interface ScenePalette {
  readonly paper: string;
  readonly ink: string;
  readonly hivis: string;
  readonly plaster: string;
  readonly dark: string;
}

/** Materials by colour, shared: a new one would mean a new shader program each time the strut moves. */
export class Inks {
  private readonly materials = new Map<string, Material>();

  constructor(public palette: ScenePalette) {}

  material<Kind extends Material>(key: string, make: () => Kind): Kind {
    const known = this.materials.get(key) as Kind | undefined;
    if (known) return known;
    const made = make();
    this.materials.set(key, made);
    return made;
  }

  take(palette: ScenePalette): void {
    this.palette = palette;
    this.dispose();
  }

  dispose(): void {
    for (const material of this.materials.values()) material.dispose();
    this.materials.clear();
  }
}
