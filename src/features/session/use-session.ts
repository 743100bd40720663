'use client';

import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';
import { browserSession } from './browser-session';
import type { Said, SessionState, WriteOptions, Written } from './session';

const ON_SERVER: SessionState = { saving: 'saved', unsaved: new Set(), aside: [], frail: false, trouble: undefined };
const subscribe = (listener: () => void) => browserSession().session.subscribe(listener);

/** Whether everything said has been saved, and what the server would not take. */
export const useSessionState = (): SessionState =>
  useSyncExternalStore(
    subscribe,
    () => browserSession().session.state(),
    () => ON_SERVER,
  );

/** The one way in for everything that is written outside of a visit; what was asked of the server before is asked again. */
export function useWrite(): (said: Said, options?: WriteOptions) => Written {
  const client = useQueryClient();
  return useCallback(
    (said, options) => {
      const written = browserSession().session.write(said, options);
      void written.result.then(() => client.invalidateQueries());
      return written;
    },
    [client],
  );
}

/** Reads what others wrote; done when this page has it. */
export const readAgain = (): Promise<void> => browserSession().session.readAgain();
