import type { JSX } from 'react';
import * as React from 'react/jsx-runtime';
import { saidProps } from './host';

/** Elements are made by React, with their words in those of the place: see docs/decisions/0022. */
export type { JSX };
export const Fragment = React.Fragment;

type Make = typeof React.jsx;
const told =
  (make: Make): Make =>
  (type, props, key) =>
    make(type, saidProps(type, props as Record<string, unknown>), key);

export const jsx = told(React.jsx);
export const jsxs = told(React.jsxs);
