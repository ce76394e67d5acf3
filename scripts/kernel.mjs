/**
 * Compiles core/kernel/assembly (AssemblyScript, SIMD) into core/kernel/kernel.generated.ts, with the colours of pictures, which the page has in TypeScript
 * too; done anew only where a source has changed.
 */
import { Buffer } from 'node:buffer';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const core = join(dirname(fileURLToPath(import.meta.url)), '../core');
const target = join(core, 'kernel/kernel.generated.ts');
const COLOURS = 'src/showing/picture/colours';
const names = ['kernel/assembly', 'kernel/assembly/painting', COLOURS].flatMap((folder) =>
  readdirSync(join(core, folder))
    .filter((name) => name.endsWith('.ts'))
    .sort()
    .map((name) => `${folder}/${name}`),
);
const sources = new Map(names.map((name) => [name, readFileSync(join(core, name), 'utf8')]));
const hash = createHash('sha256')
  .update([...sources.values()].join(''))
  .digest('hex');
const head = `// Compiled from assembly/ by scripts/kernel.mjs; do not edit.\n// Source: ${hash}\n`;
if (!existsSync(target) || !readFileSync(target, 'utf8').startsWith(head)) {
  // The one thing that is said differently here and there.
  sources.set(`${COLOURS}/hash.ts`, "export { hash2 } from '../../../../kernel/assembly/painting/hash';");
  const { default: asc } = await import('assemblyscript/asc');
  let wasm = null;
  const { error, stderr } = await asc.main(
    [
      'kernel/assembly/index.ts',
      '--outFile',
      'kernel.wasm',
      ...'-O3 --runtime stub --noAssert --enable simd --enable nontrapping-f2i --initialMemory 1792 --maximumMemory 1792'.split(
        ' ',
      ),
    ],
    {
      readFile: (name) => sources.get(name) ?? null,
      writeFile: (_, contents) => {
        wasm = contents;
      },
      listFiles: () => [],
    },
  );
  if (error || !wasm) throw new Error(`The kernel does not compile: ${error?.message}\n${String(stderr)}`);
  writeFileSync(target, `${head}export const KERNEL_WASM =\n  '${Buffer.from(wasm).toString('base64')}';\n`);
}
