import { useSyncExternalStore } from 'react';

const neverChanges = () => () => undefined;
const inBrowser = () => true;
const onServer = () => false;

/** Whether the page runs its own script already: before, taps and keys do nothing. */
export const useLive = (): boolean => useSyncExternalStore(neverChanges, inBrowser, onServer);
