import { lazy } from 'react';
import { WhenWanted } from '../../ui/WhenWanted';
import { ReadCodesButton } from './ReadCodesButton';

const load = () => import('./ReadCodesDialog');
const ReadCodesDialog = lazy(async () => ({ default: (await load()).ReadCodesDialog }));

/** Reads an outing from codes of another screen. @param onText what they say */
export const ReadCodes = ({ onText }: { readonly onText: (text: string) => void }) => (
  <WhenWanted load={load} button={<ReadCodesButton />}>
    <ReadCodesDialog onText={onText} />
  </WhenWanted>
);
