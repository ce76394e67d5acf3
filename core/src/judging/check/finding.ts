import { rangeMargin, type Finding } from '../../words/check/result';

/** A finding with its distance from its limit; its mend in words. */
export const finding = ({
  mend = null,
  ...told
}: Omit<Finding, 'margin' | 'mend'> & { readonly mend?: string | null }): Finding => ({
  ...told,
  margin: rangeMargin(told.value, told.limit),
  mend: mend === null ? null : { text: mend },
});
