import { imperialWords } from '@strut-spot/core';
import { useSettings } from '../storage/settings';

const asItIs = (text: string): string => text;

/** Texts of the core, which are metric, as the settings want them. */
export function useInUnits(): (text: string) => string {
  return useSettings().units === 'metric' ? asItIs : imperialWords;
}
