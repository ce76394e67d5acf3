/** Compiles core/kernel/assembly (AssemblyScript, SIMD) into core/kernel/raster.generated.ts; done anew only where the source has changed. */
import { Buffer } from 'node:buffer';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const target = join(root, 'core/kernel/raster.generated.ts');
const source = readFileSync(join(root, 'core/kernel/assembly/raster.ts'), 'utf8');
const hash = createHash('sha256').update(source).digest('hex');
const head = `// Compiled from assembly/raster.ts by scripts/kernel.mjs; do not edit.\n// Source: ${hash}\n`;
if (!existsSync(target) || !readFileSync(target, 'utf8').startsWith(head)) {
  const { default: asc } = await import('assemblyscript/asc');
  let wasm = null;
  const { error, stderr } = await asc.main(
    [
      'raster.ts',
      '--outFile',
      'raster.wasm',
      ...'-O3 --runtime stub --noAssert --enable simd --enable nontrapping-f2i --initialMemory 1024 --maximumMemory 1024'.split(
        ' ',
      ),
    ],
    {
      readFile: (name) => (name === 'raster.ts' ? source : null),
      writeFile: (_, contents) => {
        wasm = contents;
      },
      listFiles: () => [],
    },
  );
  if (error || !wasm) throw new Error(`The kernel does not compile: ${error?.message}\n${String(stderr)}`);
  writeFileSync(target, `${head}export const RASTER_WASM =\n  '${Buffer.from(wasm).toString('base64')}';\n`);
}
