/** Finds every entry of the catalogue and writes core/catalog/index.generated.ts, so that a new entry is one new file or folder. */
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const KINDS = [
  { folder: 'carriers', list: 'CARRIERS', type: 'CarrierDefinition', from: '../src/words/carrier/machine' },
  { folder: 'cameras', list: 'CAMERAS', type: 'CameraDefinition', from: '../src/words/kit/camera' },
  { folder: 'hardware/bases', list: 'BASES', type: 'BaseDefinition', from: '../src/words/kit/base' },
  { folder: 'hardware/links', list: 'LINKS', type: 'LinkDefinition', from: '../src/words/kit/link' },
  { folder: 'hardware/heads', list: 'HEADS', type: 'HeadDefinition', from: '../src/words/kit/head' },
  { folder: 'hardware/filters', list: 'FILTERS', type: 'FilterDefinition', from: '../src/words/kit/filter' },
  { folder: 'hardware/tethers', list: 'TETHERS', type: 'TetherDefinition', from: '../src/words/kit/tether' },
  { folder: 'hardware/add-ons', list: 'ADD_ONS', type: 'AddOnDefinition', from: '../src/words/kit/addOn' },
  { folder: 'grounds', list: 'GROUND_WORLDS', type: 'GroundsOfWorld', from: '../src/words/ride/groundDefinition' },
  { folder: 'rules', list: 'RULES', type: 'RuleDefinition', from: '../src/words/rule/rule' },
  { folder: 'intents', list: 'INTENTS', type: 'IntentDefinition', from: '../src/words/shot/intent' },
];

const camel = (name) => name.replace(/-(.)/g, (_, c) => c.toUpperCase());

export function catalogSource(root) {
  const imports = [];
  const lists = [];
  for (const { folder, list, type, from } of KINDS) {
    const path = join(root, folder);
    const entries = existsSync(path)
      ? readdirSync(path, { withFileTypes: true })
          .filter(
            (e) => (e.isDirectory() && existsSync(join(path, e.name, 'index.ts'))) || /^[a-z0-9-]+\.ts$/.test(e.name),
          )
          .map((e) => e.name.replace(/\.ts$/, ''))
          .sort()
      : [];
    const names = entries.map((entry) => {
      const name = camel(`${folder.split('/').pop()}-${entry}`);
      imports.push(`import ${name} from './${folder}/${entry}';`);
      return name;
    });
    imports.push(`import type { ${type} } from '${from}';`);
    lists.push(`export const ${list}: readonly ${type}[] = [${names.join(', ')}];`);
  }
  return `// Written by scripts/generate-catalog.mjs; do not edit.\n${[...new Set(imports)].join('\n')}\n\n${lists.join('\n')}\n`;
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const root = join(dirname(fileURLToPath(import.meta.url)), '..', 'core', 'catalog');
  const target = join(root, 'index.generated.ts');
  const source = catalogSource(root);
  if (!existsSync(target) || readFileSync(target, 'utf8') !== source) writeFileSync(target, source);
}
