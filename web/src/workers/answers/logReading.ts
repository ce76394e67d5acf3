import Papa from 'papaparse';
import { LOG_LIMITS, LogReader, NumberRows, type LogColumns, type LogHead, type LogResult } from '@strut-spot/core';
import { encodingOf, inUtf8 } from './textEncoding';

/** Enough of a file to know its delimiter and its names. */
const HEAD_BYTES = 65_536;

/** Delimiter and names, by the first rows. */
async function headOf(file: File, encoding: string): Promise<{ delimiter: string; names: readonly string[] }> {
  const text = new TextDecoder(encoding).decode(await file.slice(0, HEAD_BYTES).arrayBuffer());
  const { data, meta } = Papa.parse<string[]>(text, { preview: 20, skipEmptyLines: true, comments: '#' });
  const isFigure = (cell: string) => cell.trim() !== '' && Number.isFinite(Number(cell.trim().replace(',', '.')));
  const names = data.find((row) => row.filter(isFigure).length < row.length / 2) ?? [];
  return { delimiter: meta.delimiter || ',', names };
}

export const logReading = {
  /** Reads a file row by row as it comes from the disk; progress from 0 to 1. */
  async read(
    file: File,
    columns: LogColumns | null,
    onProgress: (share: number) => void,
  ): Promise<{ result: LogResult; head: LogHead }> {
    const encoding = encodingOf(new Uint8Array(await file.slice(0, HEAD_BYTES).arrayBuffer()));
    const { delimiter, names } = await headOf(file, encoding);
    const reader = new LogReader(columns);
    reader.named(names);
    const rows = new NumberRows(delimiter, LOG_LIMITS.columns, (row) => reader.push(row));
    const stream = inUtf8(file.stream(), encoding).getReader();
    let [bytes, told] = [0, 0];
    for (;;) {
      const { done, value } = await stream.read();
      if (done) {
        rows.end();
        break;
      }
      if (!rows.push(value)) {
        await stream.cancel();
        break;
      }
      bytes += value.length;
      if (bytes - told > file.size / 100) {
        told = bytes;
        void onProgress(bytes / file.size);
      }
    }
    return { result: reader.result(), head: reader.headOf() };
  },
};
