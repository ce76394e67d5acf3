const [ZERO, NINE, DOT, COMMA, MINUS, PLUS, E_LOW, E_HIGH] = [48, 57, 46, 44, 45, 43, 101, 69];
const [NEW_LINE, RETURN, SPACE, TAB, QUOTE, HASH] = [10, 13, 32, 9, 34, 35];
/** More digits than a double can tell apart. */
const MOST_DIGITS = 17;
/** Powers of ten that a figure's decimals are divided by. */
const TENS = Float64Array.from({ length: 23 }, (_, i) => 10 ** i);

/**
 * Rows of figures from the bytes of a delimited text, as they come in: made for logs of millions of rows, where no text is ever made of
 * them. Quotes, spaces and lines that begin with # are passed over; what is no figure becomes NaN; with another delimiter a comma
 * counts as the decimal point. Figures with up to 15 digits are exact to the last place.
 */
export class NumberRows {
  private readonly row: Float64Array;
  private cells = 0;
  /** Digits so far, decimals behind the point (−1: none yet), sign, exponent. */
  private mantissa = 0;
  private digits = 0;
  private decimals = -1;
  private negative = false;
  private exponent = 0;
  private exponentSign = 0;
  private shift = 0;
  private spoilt = false;
  private comment = false;
  private begun = false;

  /**
   * @param delimiter one character
   * @param columns most that are kept of a row; the rest is passed over
   * @param onRow gets the same array each time; false stops
   */
  constructor(
    delimiter: string,
    columns: number,
    private readonly onRow: (row: Float64Array) => boolean,
  ) {
    this.delimiter = delimiter.charCodeAt(0);
    this.row = new Float64Array(columns);
  }
  private readonly delimiter: number;

  /** @returns false once onRow has stopped it */
  push(bytes: Uint8Array): boolean {
    const { delimiter } = this;
    const length = bytes.length;
    let i = 0;
    while (i < length) {
      // The usual: a run of digits, kept in registers.
      let c = bytes[i]!;
      if (c >= ZERO && c <= NINE && this.exponentSign === 0 && !this.comment) {
        let { mantissa, digits } = this;
        const before = digits;
        while (c >= ZERO && c <= NINE && digits < MOST_DIGITS) {
          mantissa = mantissa * 10 + (c - ZERO);
          digits++;
          if (++i >= length) break;
          c = bytes[i]!;
        }
        this.mantissa = mantissa;
        this.digits = digits;
        if (this.decimals >= 0) this.decimals += digits - before;
        this.begun = true;
        // What no double can hold any more only moves the point.
        while (digits >= MOST_DIGITS && i < length && bytes[i]! >= ZERO && bytes[i]! <= NINE) {
          if (this.decimals < 0) this.shift++;
          i++;
        }
        continue;
      }
      i++;
      // Some write one, some the other, some both: the empty row between the two is none.
      if (c === NEW_LINE || c === RETURN) {
        if (!this.endRow()) return false;
      } else if (this.comment) continue;
      else if (c === delimiter) {
        this.endCell();
        this.begun = true;
      } else if (c >= ZERO && c <= NINE) this.exponent = this.exponent * 10 + (c - ZERO);
      else if (c === SPACE || c === QUOTE || c === TAB) continue;
      else {
        if (c === HASH && !this.begun) this.comment = true;
        this.begun = true;
        this.sign(c);
      }
    }
    return true;
  }

  private sign(c: number): void {
    const fresh = this.digits === 0 && this.decimals < 0;
    if (c === DOT || (c === COMMA && this.delimiter !== COMMA)) {
      if (this.decimals >= 0) this.spoilt = true;
      else this.decimals = 0;
    } else if (c === MINUS || c === PLUS) {
      if (this.exponentSign !== 0 && this.exponent === 0) this.exponentSign = c === MINUS ? -1 : 1;
      else if (fresh && !this.negative) this.negative = c === MINUS;
      else this.spoilt = true;
    } else if ((c === E_LOW || c === E_HIGH) && this.digits > 0 && this.exponentSign === 0) this.exponentSign = 1;
    else this.spoilt = true;
  }

  private endCell(): void {
    if (this.cells < this.row.length) this.row[this.cells++] = this.value();
    this.mantissa = this.digits = this.exponent = this.exponentSign = this.shift = 0;
    this.decimals = -1;
    this.negative = this.spoilt = false;
  }

  private value(): number {
    if (this.spoilt || this.digits === 0) return NaN;
    const decimals = Math.max(0, this.decimals);
    const power = this.shift + this.exponentSign * this.exponent - decimals;
    const size =
      power === 0
        ? this.mantissa
        : power < 0
          ? -power < TENS.length
            ? this.mantissa / TENS[-power]!
            : this.mantissa * 10 ** power
          : this.mantissa * 10 ** power;
    return this.negative ? -size : size;
  }

  private endRow(): boolean {
    const empty = !this.begun;
    const skipped = this.comment;
    this.endCell();
    const cells = this.cells;
    this.cells = 0;
    this.begun = this.comment = false;
    return empty || skipped ? true : this.onRow(this.row.subarray(0, cells));
  }

  /** Hands on a last row without an end of line. */
  end(): void {
    if (this.begun) this.endRow();
  }
}
