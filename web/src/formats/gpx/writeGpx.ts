import type { KeptTrack, TrackPoint } from '@strut-spot/core';

const NAMESPACE = 'http://www.topografix.com/GPX/1/1';

/** A named place on a track. */
export interface Waypoint {
  readonly name: string;
  readonly note: string;
  readonly point: Pick<TrackPoint, 'latDeg' | 'lonDeg' | 'eleM'>;
}

/** A track with its places as GPX 1.1; elements in the order that its schema asks for. */
export function gpxOf(track: KeptTrack, waypoints: readonly Waypoint[]): string {
  const document_ = document.implementation.createDocument(NAMESPACE, 'gpx');
  const add = (parent: Element, name: string, text?: string): Element => {
    const element = document_.createElementNS(NAMESPACE, name);
    if (text !== undefined) element.textContent = text;
    parent.append(element);
    return element;
  };
  const place = (parent: Element, name: string, latDeg: number, lonDeg: number, eleM: number | null): Element => {
    const element = add(parent, name);
    element.setAttribute('lat', latDeg.toFixed(6));
    element.setAttribute('lon', lonDeg.toFixed(6));
    if (eleM !== null) add(element, 'ele', eleM.toFixed(1));
    return element;
  };
  const root = document_.documentElement;
  root.setAttribute('version', '1.1');
  root.setAttribute('creator', 'Strut Spot');
  for (const { name, note, point } of waypoints) {
    const element = place(root, 'wpt', point.latDeg, point.lonDeg, point.eleM);
    add(element, 'name', name);
    if (note) add(element, 'desc', note);
  }
  const line = add(root, 'trk');
  add(line, 'name', track.name);
  const segment = add(line, 'trkseg');
  for (const [latDeg, lonDeg, eleM, seconds] of track.nodes) {
    const element = place(segment, 'trkpt', latDeg, lonDeg, eleM);
    if (seconds !== null && track.startMs !== null)
      add(element, 'time', new Date(track.startMs + seconds * 1000).toISOString());
  }
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(document_)}\n`;
}
