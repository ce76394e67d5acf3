/** Compiles core/kernel/assembly (AssemblyScript, SIMD) into core/kernel/kernel.generated.ts; done anew only where the source has changed. */
import { Buffer } from 'node:buffer';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const target = join(root, 'core/kernel/kernel.generated.ts');
const folder = join(root, 'core/kernel/assembly');
const names = readdirSync(folder)
  .filter((name) => name.endsWith('.ts'))
  .sort();
const sources = new Map(names.map((name) => [name, readFileSync(join(folder, name), 'utf8')]));
const hash = createHash('sha256')
  .update([...sources.values()].join(''))
  .digest('hex');
const head = `// Compiled from assembly/ by scripts/kernel.mjs; do not edit.\n// Source: ${hash}\n`;
if (!existsSync(target) || !readFileSync(target, 'utf8').startsWith(head)) {
  const { default: asc } = await import('assemblyscript/asc');
  let wasm = null;
  const { error, stderr } = await asc.main(
    [
      'index.ts',
      '--outFile',
      'kernel.wasm',
      ...'-O3 --runtime stub --noAssert --enable simd --enable nontrapping-f2i --initialMemory 1536 --maximumMemory 1536'.split(
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
