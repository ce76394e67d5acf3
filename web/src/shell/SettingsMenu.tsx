import { lazy } from 'react';
import { WhenWanted } from '../ui/WhenWanted';
import { SettingsButton } from './SettingsButton';

const load = () => import('./SettingsPopover');
const SettingsPopover = lazy(async () => ({ default: (await load()).SettingsPopover }));

export const SettingsMenu = () => (
  <WhenWanted load={load} button={<SettingsButton />}>
    <SettingsPopover />
  </WhenWanted>
);
