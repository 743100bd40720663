import * as React from 'react/jsx-dev-runtime';
import { saidProps } from './host';

export { Fragment } from 'react/jsx-dev-runtime';
export type { JSX } from './jsx-runtime';

/** The same while developing. */
export const jsxDEV: typeof React.jsxDEV = (type, props, ...rest) =>
  React.jsxDEV(type, saidProps(type, props as Record<string, unknown>), ...rest);
