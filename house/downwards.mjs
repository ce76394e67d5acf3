import { existsSync, statSync } from 'node:fs';
import path from 'node:path';
import { APART, STOREYS } from './storeys.mjs';

const root = path.resolve(import.meta.dirname, '..');

/** The listed folder that a file stands in, and how high that is; null outside the house. */
function roomOf(file) {
  const [wing, ...inside] = path.relative(root, file).split(path.sep);
  const floors = STOREYS[wing];
  if (!floors) return null;
  for (let folder = inside.slice(0, -1); folder.length > 0; folder = folder.slice(0, -1)) {
    const height = floors.indexOf(folder.join('/'));
    // What stands in the entrance hall itself, not whatever was put behind it without a place.
    if (folder.length === 1 && folder[0] === 'src' && inside.length > 2) return null;
    if (height >= 0) return { wing, folder: folder.join('/'), height };
  }
  return null;
}

const exists = (file) => existsSync(file) && statSync(file).isFile();

function fileAt(from, specifier) {
  const bare = path.resolve(path.dirname(from), specifier);
  return [bare, ...['.ts', '.tsx', '.mjs', '/index.ts', '/index.tsx'].map((end) => bare + end)].find(exists) ?? null;
}

/** The inner folder of a place whose rooms are kept apart: "screens/bench" of "web/src/screens/bench/…". */
function apartIn(place, file) {
  const [first, ...rest] = path.relative(path.join(root, place), file).split(path.sep);
  return first === '..' || rest.length === 0 ? null : first;
}

/** Imports go down the house only, never up and never between rooms that are kept apart. */
export const downwards = {
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      up: 'Imports go down the house only: {{from}} may not use {{to}}, which stands above it (house/storeys.mjs).',
      apart: '{{from}} and {{to}} do not know each other: move what both need to a folder below them.',
      unlisted: '{{from}} has no place in the house: add it to house/storeys.mjs.',
    },
  },
  create(context) {
    const from = context.filename;
    const room = roomOf(from);
    const look = (node) => {
      if (!node.source || typeof node.source.value !== 'string' || !node.source.value.startsWith('.')) return;
      const target = fileAt(from, node.source.value);
      if (!target) return;
      const other = roomOf(target);
      if (room && other && room.wing === other.wing && other.height > room.height)
        context.report({ node, messageId: 'up', data: { from: room.folder, to: other.folder } });
      for (const place of APART) {
        const [own, its] = [apartIn(place, from), apartIn(place, target)];
        if (own && its && own !== its) context.report({ node, messageId: 'apart', data: { from: own, to: its } });
      }
    };
    return {
      Program(node) {
        if (!room) context.report({ node, messageId: 'unlisted', data: { from: path.relative(root, from) } });
      },
      ImportDeclaration: look,
      ExportNamedDeclaration: look,
      ExportAllDeclaration: look,
      ImportExpression: look,
    };
  },
};
