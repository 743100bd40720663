'use client';

import { useCallback, useSyncExternalStore } from 'react';
import type { Write } from '@/core/operations/operations';
import { browserSession } from './browser-session';
import type { SessionState, WriteOptions, Written } from './session';

const ON_SERVER: SessionState = { saving: 'saved', unsaved: new Set(), aside: [], frail: false, trouble: undefined };
const subscribe = (listener: () => void) => browserSession().session.subscribe(listener);

/** Whether everything said has been saved, and what the server would not take. */
export const useSessionState = (): SessionState =>
  useSyncExternalStore(
    subscribe,
    () => browserSession().session.state(),
    () => ON_SERVER,
  );

/** The one way in for everything that is written. */
export const useWrite = (): ((write: Write, options?: WriteOptions) => Written) =>
  useCallback((write, options) => browserSession().session.write(write, options), []);

/** Reads what others wrote; done when this page has it. */
export const readAgain = (): Promise<void> => browserSession().session.readAgain();
